/* eslint max-lines: off -- one row for each write of the API */
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';

import { endpoints } from '@/contract';
import * as access from '@/contract/access';
import * as ahead from '@/contract/planner';
import * as cadences from '@/contract/cadences';
import * as calendars from '@/contract/calendars';
import { newKey } from '@/contract/call';
import * as carriers from '@/contract/carriers';
import type { Endpoint } from '@/contract/endpoint';
import * as enrolments from '@/contract/enrolments';
import * as exported from '@/contract/exports';
import * as files from '@/contract/files';
import * as gaps from '@/contract/gaps';
import * as greetings from '@/contract/greetings';
import * as history from '@/contract/history';
import * as imports from '@/contract/imports';
import * as intake from '@/contract/intake';
import * as lists from '@/contract/lists';
import * as many from '@/contract/many';
import * as messages from '@/contract/messages';
import * as people from '@/contract/people';
import * as rota from '@/contract/rota';
import * as same from '@/contract/same';
import * as services from '@/contract/services';
import * as settings from '@/contract/settings';
import * as story from '@/contract/story';
import * as templates from '@/contract/templates';
import * as touches from '@/contract/touches';
import * as upkeep from '@/contract/upkeep';
import * as views from '@/contract/views';
import { createApp } from '@/server/http/app';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';
import { withMail, withTexts } from '@/testing/carriers';
import type { MailStandIn } from '@/standins';

import { suppressAddress } from './delivery';

// Each write of the API is sent, Pen Pal starts again, and it is sent once more under the same key: the
// response is the same to the letter, and nothing is written. (IETF HTTPAPI draft on the Idempotency-Key
// header; RFC 9110, section 9.2.2.)

let api: TestApi;
let mail: MailStandIn;
let texts: { close(): Promise<void> };
beforeAll(async () => {
  const start = Date.parse('2026-11-23T18:30:00Z');
  api = await startTestApi({ demo: true, now: () => start + Math.floor(performance.now()) });
  mail = await withMail(api);
  texts = await withTexts(api);
});
afterAll(async () => {
  await mail.close();
  await texts.close();
  await api.close();
});

interface Answer {
  status: number;
  body: Record<string, unknown>;
  replayed: boolean;
}

async function send(base: string, endpoint: Endpoint, input: Input, key: string): Promise<Answer> {
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(String(input.params?.[name])),
  );
  const response = await fetch(`${base}/api${path}`, {
    method: endpoint.method.toUpperCase(),
    headers: { 'content-type': 'application/json', 'idempotency-key': key },
    body: JSON.stringify(input.body ?? {}),
  });
  return {
    status: response.status,
    body: (await response.json()) as Record<string, unknown>,
    replayed: response.headers.get('idempotency-replayed') === 'true',
  };
}

/** Another process on the same data: it remembers nothing by itself. */
async function afterRestart<T>(work: (base: string) => Promise<T>): Promise<T> {
  const app = createApp(api.ctx, { webDir: null, log: api.ctx.log });
  const server = await new Promise<Server>((done) => {
    const listening = app.listen(0, '127.0.0.1', () => done(listening));
  });
  try {
    return await work(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  } finally {
    await new Promise((done) => {
      server.close(done);
      server.closeAllConnections();
    });
  }
}

interface Input {
  params?: Record<string, unknown>;
  body?: unknown;
}
type Row = [endpoint: Endpoint, input: () => Input | Promise<Input>, keep?: (id: string) => void];

const covered = new Set<Endpoint>();
const ids: Record<string, string> = {};
const keep = (name: string) => (id: string) => void (ids[name] = id);
const at = (name: string, body?: unknown): Input => ({ params: { id: ids[name] }, body });

const one = async (sql: string) =>
  String(Object.values((await api.ctx.db.query<Record<string, unknown>>(sql))[0] ?? {})[0]);
const versionOf = async (table: string, name: string) =>
  Number(await one(`select version from ${table} where id = '${ids[name]}'`));
const person = (givenName: string, more: object = {}): Input => ({
  body: { givenName, familyName: 'Lind', phone: '555-0101', source: 'a fair', ...more },
});
const draft = (name: string) => ({
  name,
  rounds: 1,
  gapDays: 0,
  beats: [beat(0, 'call', 'Hello')],
});
const rule = { occasion: 'birthday', kind: 'call', words: 'Happy birthday' };
const words = { kind: 'email', subject: 'Tea', words: 'Tea, {{ first_name }}?' };
const wordings = [{ id: '0190a000-0000-7000-8000-0000000000c1', subject: 'Tea', words: 'Tea?' }];
const rotaDraft = {
  namePart: 'family',
  particles: 'main',
  weeks: 13,
  lettersAWeek: 2,
  firstDay: '2026-11-23',
  cuts: {},
  who: {},
};
const everyone = { filter: {} };
const only = (name: string) => ({ ids: [ids[name]] });
const csv = (rows: string) => base64(`First name,E-mail\n${rows}`);
const planned = async (name: string) => {
  const { items } = await api.call(touches.getDesk);
  return items.find(({ personId }) => personId === ids[name])?.key;
};

const TWIN = { phone: '555-0177', email: 'kit@example.com', birthday: '1980-02-03' };
const MAIL = { host: '127.0.0.1', security: 'none', user: 'owner' };

/** These look, or work something out, and write nothing: sent again, they do so again. */
const WRITES_NOTHING = new Set<Endpoint>([
  access.signOut,
  history.cancelWork,
  greetings.tryRule,
  calendars.readCalendar,
  people.countPeople,
  people.findLookAlikes,
  people.readLine,
  many.previewMany,
  imports.previewImport,
  imports.changePreview,
  cadences.tryCadence,
  enrolments.previewEnrolment,
  rota.tryRota,
  ahead.startTrial,
  ahead.startProposals,
  carriers.checkDomain,
  carriers.tryCarrier,
  templates.checkWords,
  templates.readWords,
  messages.previewMany,
  messages.startMessage,
  messages.tryWords,
]);

const ROWS: Row[] = [
  [people.addPerson, () => person('Ana', { email: 'ana@example.com' }), keep('ana')],
  [people.addPerson, () => person('Bo', { email: 'bo@example.com' }), keep('bo')],
  [people.addPerson, () => person('Cy', { birthday: '1970-11-23' }), keep('cy')],
  [
    people.editPerson,
    async () => at('ana', { version: await versionOf('person', 'ana'), company: 'Quay Nine' }),
  ],
  [people.enrichPerson, () => at('ana', { jobTitle: 'Baker' })],
  [people.countPeople, () => ({ body: { filter: {} } })],
  [people.readLine, () => ({ body: { line: 'Dee Lind, 555-0104' } })],
  [people.findLookAlikes, () => ({ body: { draft: { givenName: 'Ana', familyName: 'Lind' } } })],
  [settings.saveSettings, () => ({ body: { ownerName: 'Marisol Quane', autoNeedsYes: false } })],
  [story.addNote, () => at('ana', { body: 'She likes tea.' }), keep('note')],
  [
    story.editNote,
    async () => {
      ids.note = await one('select id from note limit 1');
      return at('note', { pinned: true, version: await versionOf('note', 'note') });
    },
  ],
  [story.removeNote, () => at('note')],
  [story.keepDate, () => at('ana', { name: 'Moved in', on: '2020-05-04' })],
  [story.addTie, () => at('ana', { kind: 'partner', otherId: ids.bo, otherName: '' })],
  [
    story.removeTie,
    async () => {
      ids.tie = await one('select id from tie limit 1');
      return at('tie');
    },
  ],
  [story.leaveHousehold, () => at('ana')],
  [story.joinHousehold, () => at('ana', { withId: ids.bo })],
  [
    story.saveSalutations,
    async () => {
      ids.home = await one('select id from household limit 1');
      return at('home', { formal: 'The Lind household' });
    },
  ],
  [greetings.greetTogether, () => at('home', { together: true })],
  [story.addJob, () => at('ana', { name: 'Refinance' })],
  [
    story.editJob,
    async () => {
      ids.job = await one('select id from job limit 1');
      return at('job', { stage: 'open' });
    },
  ],
  [story.removeJob, () => at('job')],
  [story.savePhoto, () => at('ana', { content: null })],
  [lists.addEntry, () => ({ params: { list: 'role' }, body: { name: 'Neighbor' } })],
  [lists.addEntry, () => ({ params: { list: 'role' }, body: { name: 'Friend of old' } })],
  [
    lists.changeEntry,
    async () => {
      ids.role = await one(`select id from list_entry where name = 'Neighbor'`);
      ids.other = await one(`select id from list_entry where name = 'Friend of old'`);
      return { params: { list: 'role', id: ids.role }, body: { pinned: true } };
    },
  ],
  [
    lists.orderEntries,
    async () => ({
      params: { list: 'role' },
      body: {
        ids: (
          await api.ctx.db.query<{ id: string }>(`select id from list_entry where list = 'role'`)
        ).map(({ id }) => id),
      },
    }),
  ],
  [
    lists.mergeEntries,
    () => ({ params: { list: 'role', id: ids.other }, body: { into: ids.role } }),
  ],
  [lists.removeEntry, () => ({ params: { list: 'role', id: ids.role } })],
  [many.previewMany, () => ({ body: { who: everyone, change: { do: 'addTag', tag: 'garden' } } })],
  [many.changeMany, () => ({ body: { who: everyone, change: { do: 'addTag', tag: 'garden' } } })],
  [views.saveView, () => ({ body: { name: 'All', filter: {}, sort: 'name' } }), keep('view')],
  [
    views.changeView,
    async () => {
      ids.view = await one('select id from saved_view limit 1');
      return at('view', { pinned: true });
    },
  ],
  [views.orderViews, () => ({ body: { ids: [ids.view] } })],
  [cadences.createCadence, () => ({ body: draft('Yearly') }), keep('cadence')],
  [
    cadences.saveCadence,
    async () =>
      at('cadence', { ...draft('Each year'), version: await versionOf('cadence', 'cadence') }),
  ],
  [cadences.tryCadence, () => ({ body: { id: null, draft: draft('Tried'), who: null } })],
  [
    enrolments.previewEnrolment,
    () => ({
      body: {
        cadenceId: ids.cadence,
        who: only('ana'),
        startOn: '2026-11-23',
        samplePersonId: null,
      },
    }),
  ],
  [
    enrolments.enrol,
    () => ({
      body: {
        cadenceId: ids.cadence,
        who: { ids: [ids.ana, ids.bo, ids.cy] },
        startOn: '2026-11-23',
      },
    }),
  ],
  [touches.seeDesk, async () => ({ body: { keys: [await planned('ana')] } })],
  [touches.swapItem, async () => ({ body: { itemKey: await planned('ana'), kind: 'text' } })],
  [touches.putOff, async () => ({ body: { itemKey: await planned('ana'), until: '2026-11-26' } })],
  [touches.skipItem, async () => ({ body: { itemKey: await planned('bo') } })],
  [
    enrolments.pauseEnrolments,
    async () => {
      ids.enrolment = await one(`select id from enrolment where person_id = '${ids.cy}'`);
      return { body: { ids: [ids.enrolment] } };
    },
  ],
  [enrolments.resumeEnrolments, () => ({ body: { ids: [ids.enrolment], mode: 'carry_on' } })],
  [enrolments.stopEnrolments, () => ({ body: { ids: [ids.enrolment], reason: 'enough' } })],
  [enrolments.decideWorkCadence, () => ({ body: { kind: 'Refinance', cadenceId: ids.cadence } })],
  [
    touches.logTouch,
    () => ({
      body: {
        personId: ids.ana,
        kind: 'call',
        outcome: 'reached',
        note: 'A long talk',
        followUp: { on: '2026-11-30', kind: 'call', words: 'the roof' },
      },
    }),
  ],
  [
    touches.logPast,
    () => ({
      body: {
        touches: [
          { personId: ids.ana, kind: 'call', outcome: 'reached', on: '2026-11-01', note: '' },
        ],
      },
    }),
  ],
  [
    touches.settleMeant,
    async () => {
      const id = '0190a000-0000-7000-8000-0000000000a7';
      await api.ctx.db.query(
        `insert into follow_up (id, person_id, on_day, kind, words) values ($1::uuid, $2::uuid, '2026-10-01', 'call', 'tea')`,
        [id, ids.ana],
      );
      return { body: { ids: [id], fate: 'drop' } };
    },
  ],
  [cadences.switchCadence, () => at('cadence', { active: false })],
  [cadences.switchCadence, () => at('cadence', { active: true })],
  [cadences.feedCadence, () => at('cadence', { feed: { viewId: ids.view, perDay: 3 } })],
  [cadences.feedCadence, () => at('cadence', { feed: null })],
  [cadences.createCadence, () => ({ body: draft('Letters') }), keep('letters')],
  [rota.tryRota, () => at('letters', rotaDraft)],
  [rota.saveRota, () => at('letters', rotaDraft)],
  [rota.endRota, () => at('letters')],
  [cadences.createCadence, () => ({ body: draft('Not used') }), keep('unused')],
  [cadences.deleteCadence, () => at('unused')],
  [greetings.addRule, () => ({ body: rule }), keep('rule')],
  [greetings.tryRule, () => ({ body: rule })],
  [
    greetings.changeGreeting,
    async () => {
      const { items } = await api.call(touches.getDesk);
      const key = items.find(({ key: one }) => one.startsWith('greet:'))?.key;
      return { body: { key, words: 'Happy birthday, {{ first_name }}' } };
    },
  ],
  [greetings.hush, () => at('ana', { occasion: 'birthday', hushed: true })],
  [greetings.orderRules, () => ({ body: { ids: [ids.rule] } })],
  [
    greetings.saveRule,
    async () => at('rule', { ...rule, version: await versionOf('greeting_rule', 'rule') }),
  ],
  [greetings.removeRule, () => at('rule')],
  [calendars.addFeed, () => ({ body: { name: 'Dates', shows: ['dates'] } }), keep('feed')],
  [calendars.renewFeed, () => at('feed')],
  [calendars.removeFeed, () => at('feed')],
  [
    calendars.readCalendar,
    () => ({ body: { fileName: 'a.ics', content: base64('BEGIN:VCALENDAR\nEND:VCALENDAR') } }),
  ],
  [
    calendars.takeDates,
    () => ({ body: { dates: [{ personId: ids.ana, name: 'Wedding', on: '2010-06-05' }] } }),
  ],
  [
    templates.addTemplate,
    () => ({ body: { kind: 'email', name: 'Tea', wordings } }),
    keep('words'),
  ],
  [
    templates.saveTemplate,
    async () =>
      at('words', {
        kind: 'email',
        name: 'Tea time',
        wordings,
        version: await versionOf('template', 'words'),
      }),
  ],
  [templates.checkWords, () => ({ body: words })],
  [templates.readWords, () => ({ body: { ...words, personId: ids.ana } })],
  [templates.removeTemplate, () => at('words')],
  [files.keepFile, () => ({ body: { name: 'a.txt', content: base64('hello'), as: 'along' } })],
  [messages.startMessage, () => ({ body: { ...words, personId: ids.ana } })],
  [messages.tryWords, () => ({ body: { ...words, personId: ids.ana } })],
  [messages.writeMessage, () => ({ body: { ...words, personId: ids.ana } }), keep('message')],
  [messages.previewMany, () => ({ body: { ...words, who: everyone } })],
  [
    messages.writeMany,
    () => ({
      body: { ...words, who: everyone, once: '0190a000-0000-7000-8000-0000000000b1' },
    }),
  ],
  [
    messages.setBatchRate,
    async () => {
      ids.batch = await one('select id from batch limit 1');
      return at('batch', { perMinute: 5 });
    },
  ],
  [messages.moveBatch, () => at('batch', { move: 'hold' })],
  [messages.holdAll, () => ({ body: { hold: true } })],
  [
    messages.moveMessage,
    async () => {
      await api.ctx.db.query(
        `update delivery set state = 'held', remedy = 'release', sent_at = null, touch_id = null
         where id = (select id from delivery order by id desc limit 1)`,
      );
      ids.waiting = await one(`select id from delivery where state = 'held' order by id desc`);
      return at('waiting', { move: 'cancel' });
    },
  ],
  [
    messages.changeMessage,
    async () => {
      await api.ctx.db.query(
        `update delivery set state = 'held', remedy = 'release' where id = '${ids.waiting}'`,
      );
      return at('waiting', {
        subject: 'New',
        words: 'New words',
        version: await versionOf('delivery', 'waiting'),
      });
    },
  ],
  [
    messages.unsuppressAddress,
    async () => {
      await suppressAddress(api.ctx, {
        address: 'old@example.com',
        why: 'gone',
        personId: ids.ana!,
        channel: 'email',
      });
      return { body: { address: 'old@example.com' } };
    },
  ],
  [
    messages.placeIncoming,
    async () => {
      ids.incoming = '0190a000-0000-7000-8000-0000000000b2';
      await api.ctx.db.query(
        `insert into incoming (id, key, kind, from_address, words, at, subject, verdict)
         values ($1::uuid, 'k', 'email', 'dee@example.com', 'Hello', now(), '', 'answer')`,
        [ids.incoming],
      );
      return at('incoming', { as: 'person', personId: ids.bo });
    },
  ],
  [messages.pollNow, () => ({})],
  [
    carriers.saveMail,
    () => ({
      body: {
        setup: {
          ...MAIL,
          port: mail.smtpPort,
          fromAddress: 'marisol@example.com',
          fromName: 'Marisol Quane',
        },
      },
    }),
  ],
  [
    carriers.saveMailbox,
    () => ({ body: { setup: { ...MAIL, protocol: 'pop3', port: mail.pop3Port } } }),
  ],
  [
    carriers.saveTexts,
    () => ({ body: { setup: { url: 'http://127.0.0.1:9', from: '555-0199', ownNumber: true } } }),
  ],
  [carriers.checkDomain, () => ({ body: { given: {} } })],
  [carriers.tryCarrier, () => ({ params: { kind: 'mail' } })],
  [carriers.makeSigningKey, () => ({})],
  [services.createService, () => ({ body: { name: 'List', url: 'https://example.com/in' } })],
  [
    services.saveService,
    async () => {
      ids.service = await one('select id from service limit 1');
      return at('service', { name: 'Letters', url: 'https://example.com/in' });
    },
  ],
  [services.renewSecret, () => at('service')],
  [services.deleteService, () => at('service')],
  [exported.exportPeople, () => ({ body: { who: everyone, format: 'csv', columns: ['name'] } })],
  [
    imports.previewImport,
    () => ({ body: { fileName: 'a.csv', content: csv('Eve,eve@example.com'), mapping: null } }),
  ],
  [
    imports.changePreview,
    async () => {
      const preview = await api.call(imports.previewImport, {
        body: { fileName: 'b.csv', content: csv('Fay,fay@example.com'), mapping: null },
      });
      ids.preview = preview.id;
      return at('preview', { partners: 'person' });
    },
  ],
  [
    imports.runImport,
    () => ({
      body: {
        fileName: 'c.csv',
        content: csv('Gus,gus@example.com\nHal,hal@example.com'),
        mapping: null,
        circleId: null,
        tag: null,
      },
    }),
  ],
  [
    imports.undoImport,
    async () => {
      ids.import = await one('select id from import_batch order by id desc limit 1');
      return at('import');
    },
  ],
  [gaps.passOver, () => ({ params: { lack: 'address' }, body: { personId: ids.ana } })],
  [gaps.passTag, () => ({ body: { personId: ids.ana, tag: 'tea' } })],
  [gaps.takeTags, () => ({ body: { ideas: [{ personId: ids.ana, tag: 'boat' }] } })],
  [same.keepApart, () => ({ body: { a: ids.ana, b: ids.cy } })],
  [same.mergePeople, () => ({ body: { keepId: ids.ana, goneId: ids.bo, take: [] } })],
  [same.takeApart, () => ({ body: { goneId: ids.bo } })],
  [people.addPerson, () => person('Kit', TWIN)],
  [people.addPerson, () => person('Kit', TWIN)],
  [same.mergeSure, () => ({})],
  [
    people.addPerson,
    () => person('Dana & Lee', { familyName: 'Marsh', phone: '201-555-0123' }),
    keep('couple'),
  ],
  [people.addPerson, () => person('Dana', { familyName: 'Marsh', phone: '201-555-0123' })],
  [same.splitCouple, () => ({ body: { id: ids.couple } })],
  [
    intake.saveIntake,
    () => ({
      body: { open: true, heading: 'Hello', words: 'Write', thanks: 'Thanks', consentWords: 'Yes' },
    }),
  ],
  ...(['add', 'join', 'drop'] as const).map((how, n): Row => [
    { add: intake.addArrival, join: intake.joinArrival, drop: intake.dropArrival }[how],
    async () => {
      ids.arrival = `0190a000-0000-7000-8000-0000000000d${n}`;
      await arrive(ids.arrival, `Ivo${n}`);
      return at('arrival', how === 'join' ? { personId: ids.ana, take: ['message'] } : {});
    },
  ]),
  [ahead.startTrial, () => ({ body: { trial: { capacity: 20 } } })],
  [ahead.startProposals, () => ({ body: { trial: {} } })],
  [ahead.makeTrial, () => ({ body: { trial: { capacity: 20 } } })],
  [history.undoAction, async () => ({ params: { id: await one(LATEST) } })],
  [history.cancelWork, () => ({})],
  [views.removeView, () => at('view')],
  [carriers.removeCarrier, () => ({ params: { kind: 'mailbox' } })],
  [people.erasePerson, () => at('cy', { name: 'Cy Lind' })],
  [settings.moveClock, () => ({ body: { days: 1 } })],
  [access.signOut, () => ({})],
  [access.endOtherDevices, () => ({})],
];

const LATEST =
  'select id from action where undoes is null and not running order by seq desc limit 1';

const arrive = (id: string, name: string) =>
  api.ctx.db.query(
    `insert into arrival (id, on_day, name, email, phone, message, consent)
     values ($1::uuid, '2026-11-23', $2, '', '555-0109', 'Hello', false)`,
    [id, name],
  );

test.each(ROWS.map((row, n) => [`${n} ${row[0].method} ${row[0].path}`, row] as const))(
  '%s',
  async (_, [endpoint, input, kept]) => {
    covered.add(endpoint);
    const key = newKey();
    const given = await input();
    const first = await send(api.url, endpoint, given, key);
    expect([first.status, first.body]).toEqual([
      first.status < 400 ? first.status : 200,
      first.body,
    ]);
    const id = (first.body as { id?: string }).id;
    if (id) kept?.(id);
    const known = await api.ctx.db.query('select 1 from request where key = $1', [key]);
    expect(known.length > 0).toBe(!WRITES_NOTHING.has(endpoint));
    const before = await api.ctx.db.query('select count(*) from action');
    const again = await afterRestart((base) => send(base, endpoint, given, key));
    expect(await api.ctx.db.query('select count(*) from action')).toEqual(before);
    if (WRITES_NOTHING.has(endpoint)) return;
    if (endpoint.secret) expect([again.status, again.replayed]).toEqual([409, false]);
    else expect(again).toEqual({ ...first, replayed: true });
  },
);

/** Asked for with a passphrase, which this server has none of: their own tests send them twice. */
const ELSEWHERE = [access.signIn, access.setPassphrase, access.endDevice];
/** Their services and servers are not there; what they write first is what the others write. */
const OUTSIDE: Endpoint[] = [services.tryService, services.retryCall, upkeep.backUpNow];
/** What they are about is in memory only, and ends with the program. */
const IN_MEMORY: Endpoint[] = [ahead.cancelTrial, ahead.cancelProposals];
/** An action like the others, for a rota that has become uneven (rota.test.ts). */
const UNEVEN: Endpoint[] = [rota.regroupRota];

test('every write of the contract is in the table', () => {
  const left = endpoints.filter(
    (one) =>
      one.method !== 'get' &&
      ![...covered, ...ELSEWHERE, ...OUTSIDE, ...IN_MEMORY, ...UNEVEN].includes(one),
  );
  expect(left.map(({ method, path }) => `${method} ${path}`)).toEqual([]);
});
