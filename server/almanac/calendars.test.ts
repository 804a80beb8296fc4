import { request } from 'node:http';

import { Temporal } from 'temporal-polyfill';
import { RRuleTemporal } from 'rrule-temporal';
import { convertIcsCalendar } from 'ts-ics';

import { addFeed, listFeeds, removeFeed, renewFeed } from '@/contract/calendars';
import { addRule } from '@/contract/greetings';
import { undoAction } from '@/contract/history';
import { addPerson, editPerson, getPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { logPast, logTouch } from '@/contract/touches';
import { addDays } from '@/core/time';
import { runDue } from '@/server/tasks';
import { startTestApi, type TestApi } from '@/testing/api';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());

const add = async (givenName: string, more: object = {}) =>
  (await api.call(addPerson, { body: { givenName, phone: '555-0101', ...more } })).id;
const feed = (change: object = {}) =>
  api.call(addFeed, { body: { name: 'My dates', shows: ['dates' as const], ...change } });
const get = (path: string) => fetch(new URL(path, api.url));
/** What a calendar that has read before is answered; fetch would ask past every cache. */
const statusWith = (path: string, tag: string) =>
  new Promise((done) =>
    request(new URL(path, api.url), { headers: { 'if-none-match': tag } }, (response) => {
      response.resume();
      done(response.statusCode);
    }).end(),
  );
const change = async (id: string, fields: object) => {
  const { version } = await api.call(getPerson, { params: { id } });
  return api.call(editPerson, { params: { id }, body: { version, ...fields } });
};

/** The events of a text, by a reader that did not write it. */
const eventsOf = (text: string) =>
  (convertIcsCalendar(undefined, text).events ?? []).map((one) => ({
    uid: one.uid,
    summary: one.summary,
    start: one.start.date.toISOString().slice(0, 10),
    allDay: one.start.type === 'DATE',
    rule:
      /^RRULE:(.*)$/m
        .exec(text.slice(text.indexOf(one.uid)).split('END:VEVENT')[0]!)?.[1]
        ?.trim() ?? '',
    sequence: one.sequence ?? 0,
    alarms: (one.alarms ?? []).map(({ trigger }) => trigger.value),
  }));

// RFC 5545: lines of at most 75 octets, folded by a space, ended by CRLF; escapes of commas, semicolons, backslashes.
test('dates as an iCalendar text that an independent reader reads', async () => {
  await add('Rosa', {
    familyName: 'Lind; née Ågren, \\ von der Brücke-und-noch-viel-länger-als-eine-Zeile',
    birthday: '1980-05-04',
  });
  await add('Leap', { birthday: '1984-02-29' });
  await add('Day', { birthday: '07-09' });
  const { path } = await feed({ alarmMinutes: 900 });
  const response = await get(path);
  expect(response.headers.get('content-type')).toBe('text/calendar; charset=utf-8');
  const text = await response.text();
  expect(text.split('\r\n').every((line) => Buffer.byteLength(line) <= 75)).toBe(true);
  expect(text).not.toMatch(/[^\r]\n/);
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:/);
  // RFC 7986: the name, and how often to look again.
  expect(text).toContain('NAME;VALUE=TEXT:My dates');
  expect(text).toContain('REFRESH-INTERVAL;VALUE=DURATION:PT4H');
  const events = eventsOf(text);
  expect(
    events.map(({ summary, start, rule, allDay }) => ({ summary, start, rule, allDay })),
  ).toEqual([
    {
      summary:
        'Rosa Lind; née Ågren, \\ von der Brücke-und-noch-viel-länger-als-eine-Zeile: birthday (1980)',
      start: '1980-05-04',
      rule: 'FREQ=YEARLY;BYMONTH=5;BYMONTHDAY=4',
      allDay: true,
    },
    {
      summary: 'Leap: birthday (1984)',
      start: '1984-02-29',
      rule: 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=-1',
      allDay: true,
    },
    {
      summary: 'Day: birthday',
      start: '2025-07-09',
      rule: 'FREQ=YEARLY;BYMONTH=7;BYMONTHDAY=9',
      allDay: true,
    },
  ]);
  expect(events[0]!.alarms).toEqual([{ before: true, minutes: 900 }]);
});

// Outside check: a recurrence library expands the rule; the days are those of our own calendar.
test.each([
  ['feb28', ['2025-02-28', '2026-02-28', '2027-02-28', '2028-02-29']],
  ['mar1', ['2025-03-01', '2026-03-01', '2027-03-01', '2028-02-29']],
] as const)('a leap day comes back by the rule %s', async (leapDay, days) => {
  await api.call(saveSettings, { body: { leapDay } });
  await add('Leap', { birthday: '1984-02-29' });
  const [event] = eventsOf(await (await get((await feed()).path)).text());
  const rule = new RRuleTemporal({
    rruleString: `DTSTART:${event!.start.replaceAll('-', '')}T120000Z\nRRULE:${event!.rule}`,
    temporal: Temporal,
  } as never);
  const found = rule.between(
    new Date('2025-01-01T00:00:00Z'),
    new Date('2028-12-31T00:00:00Z'),
    true,
  );
  expect(found.map((at) => at.toPlainDate().toString())).toEqual(days);
});

test('unchanged bytes while nothing changed; a change keeps its UID and raises its SEQUENCE', async () => {
  const ana = await add('Ana', { birthday: '1980-05-04' });
  await add('Bo', { birthday: '06-04' });
  const { path } = await feed();
  const first = await get(path);
  const tag = first.headers.get('etag')!;
  const before = eventsOf(await first.text());
  expect(await statusWith(path, tag)).toBe(304);
  await runDue(api.ctx, { again: true });
  const told = await get(path);
  const toldTag = told.headers.get('etag')!;
  expect(await statusWith(path, toldTag)).toBe(304);
  await change(ana, { birthday: '1980-05-05' });
  const after = eventsOf(await (await get(path)).text());
  expect(after.map(({ uid }) => uid)).toEqual(before.map(({ uid }) => uid));
  expect(after.map(({ sequence, start }) => [sequence, start])).toEqual([
    [1, '1980-05-05'],
    [0, '2025-06-04'],
  ]);
  await runDue(api.ctx, { again: true });
  await change(ana, { birthday: '1980-05-06' });
  expect(eventsOf(await (await get(path)).text())[0]).toMatchObject({
    sequence: 2,
    start: '1980-05-06',
  });
});

test('numbers and stamps never go back, whether a change is undone or read between', async () => {
  const ana = await add('Ana', { birthday: '1980-05-04' });
  const { path } = await feed();
  const read = async () => {
    const text = await (await get(path)).text();
    return { ...eventsOf(text)[0]!, stamp: /^DTSTAMP:(.*)\r$/m.exec(text)![1]! };
  };
  const seen = [await read()];
  const { actionId } = await change(ana, { birthday: '1980-05-05' });
  seen.push(await read());
  await api.call(undoAction, { params: { id: actionId } });
  seen.push(await read());
  expect(seen.map(({ sequence, start }) => [sequence, start])).toEqual([
    [0, '1980-05-04'],
    [1, '1980-05-05'],
    [2, '1980-05-04'],
  ]);
  const stamps = seen.map(({ stamp }) => stamp);
  expect(stamps).toEqual(stamps.toSorted());
});

test('no line is longer than 75 octets, whatever script it is in (RFC 5545, 3.1)', async () => {
  for (const givenName of ['Ωρίων'.repeat(9), '花'.repeat(40), '👩‍👩‍👧'.repeat(12), 'a'.repeat(90)])
    await add(givenName, { birthday: '05-04' });
  const { path } = await feed();
  const text = await (await get(path)).text();
  const lines = text.split('\r\n').map((line) => Buffer.byteLength(line));
  expect(Math.max(...lines)).toBeLessThanOrEqual(75);
  expect(Math.max(...lines)).toBeGreaterThan(70);
  expect(
    eventsOf(text)
      .map(({ summary }) => summary)
      .join(),
  ).toContain('花'.repeat(40));
});

test('a planned touch says when they were last in touch, as the desk does', async () => {
  const circleId = '0190a000-0000-7000-8000-000000000001';
  const id = await add('Ana', { circleId });
  const on = addDays(api.clock.today(), -2);
  await api.call(logPast, {
    body: { touches: [{ personId: id, on, kind: 'call', outcome: 'reached', note: '' }] },
  });
  const { path } = await feed({ shows: ['touches'], circleId });
  const text = (await (await get(path)).text()).replaceAll('\r\n ', '');
  const said = [...text.matchAll(/^DESCRIPTION:(.*)\r$/gm)].map(([, words]) => words);
  expect(said[0]).toMatch(/You were last in touch 2 days ago/);
  expect(said[1]).toMatch(/^After .*\, the next is due by/);
  expect(said.join()).not.toContain('New here');
});

test('a planned touch keeps its UID when its day moves', async () => {
  const circleId = '0190a000-0000-7000-8000-000000000001';
  const id = await add('Ana', { circleId });
  const { path } = await feed({ shows: ['touches'], circleId });
  const read = async () => eventsOf(await (await get(path)).text());
  const before = await read();
  await api.call(logTouch, { body: { personId: id, kind: 'call', outcome: 'reached' } });
  const after = await read();
  const first = (events: typeof before) =>
    events.toSorted((a, b) => (a.start < b.start ? -1 : 1))[0]!;
  expect(first(after).uid).toBe(first(before).uid);
  expect(first(after).start > first(before).start).toBe(true);
  expect(first(after).sequence).toBe(1);
});

test('two feeds that show the same date otherwise do not disturb each other', async () => {
  const [inner, wider] = [
    '0190a000-0000-7000-8000-000000000001',
    '0190a000-0000-7000-8000-000000000003',
  ];
  const address = { line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' };
  const home = {
    familyName: 'Marsh',
    addresses: [address],
    dates: [{ name: 'Wedding', on: '2001-12-10' }],
  };
  await add('Dana', { ...home, circleId: inner });
  await add('Lee', { ...home, circleId: wider });
  const paths = [(await feed()).path, (await feed({ circleId: inner })).path];
  await runDue(api.ctx, { again: true });
  const texts = async () => Promise.all(paths.map(async (path) => (await get(path)).text()));
  const told = await texts();
  await runDue(api.ctx, { again: true });
  expect(await texts()).toEqual(told);
  expect(
    told.map((text) => eventsOf(text).map(({ summary, sequence }) => [summary, sequence])),
  ).toEqual([[['Dana Marsh & Lee Marsh: Wedding (2001)', 0]], [['Dana Marsh: Wedding (2001)', 0]]]);
});

test('planned touches on their days, of one circle, and one event for a home', async () => {
  const circleId = '0190a000-0000-7000-8000-000000000001';
  const address = { line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' };
  const wedding = {
    dates: [{ name: 'Wedding', on: '2001-12-10' }],
    familyName: 'Marsh',
    addresses: [address],
  };
  await add('Dana', { ...wedding, circleId });
  await add('Lee', { ...wedding, circleId });
  await add('Bo', { birthday: '12-03' });
  await api.call(addRule, { body: { occasion: 'wedding', kind: 'call' } });
  const { path } = await feed({ shows: ['dates', 'touches'], circleId });
  const events = eventsOf(await (await get(path)).text());
  expect(events.map(({ summary }) => summary)).toContain('Dana Marsh & Lee Marsh: Wedding (2001)');
  expect(events.filter(({ start }) => start === '2026-12-10')).toMatchObject([
    { summary: 'Call Dana Marsh', rule: '' },
  ]);
  expect(events.some(({ summary }) => summary.includes('Bo'))).toBe(false);
  expect((await api.call(listFeeds)).feeds).toMatchObject([
    { name: 'My dates', events: events.length },
  ]);
});

test('an address that is guessed, renewed or revoked answers nothing; undone, it answers again', async () => {
  await add('Ana', { birthday: '05-04' });
  expect((await get('/calendar/nobody-knows-this.ics')).status).toBe(404);
  const { path, id } = await feed();
  expect(path).toMatch(/^\/calendar\/[\w-]{32}\.ics$/);
  const renewed = await api.call(renewFeed, { params: { id } });
  expect((await get(path)).status).toBe(404);
  expect((await get(renewed.path)).status).toBe(200);
  const { actionId } = await api.call(removeFeed, { params: { id } });
  expect((await get(renewed.path)).status).toBe(404);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await get(renewed.path)).status).toBe(200);
  // The address itself is kept nowhere.
  const kept = await api.ctx.db.query('select token_digest from calendar_feed');
  expect(JSON.stringify(kept)).not.toContain(renewed.path.slice(10, 40));
});
