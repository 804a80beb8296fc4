import { createCadence, getCadence, saveCadence } from '@/contract/cadences';
import { enrol, stopEnrolments } from '@/contract/enrolments';
import { listImports, runImport, undoImport } from '@/contract/imports';
import { changeEntry, mergeEntries, readLists } from '@/contract/lists';
import { changeMany } from '@/contract/many';
import { addPerson, editPerson, getPerson, listPeople } from '@/contract/people';
import { addJob, addNote, addTie, joinHousehold } from '@/contract/story';
import { undoAction } from '@/contract/history';
import { saveSettings } from '@/contract/settings';
import { mergePeople } from '@/contract/same';
import { getDesk, logPast, logTouch, putOff, skipItem } from '@/contract/touches';
import { addDays } from '@/core/time';
import { Random } from '@/demo/random';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';

const CIRCLES = [1, 2, 3, 4].map((n) => `0190a000-0000-7000-8000-00000000000${n}`);
const WATCHED = [
  'settings',
  'circle',
  'import_batch',
  'person',
  'tag',
  'person_tag',
  'note',
  'cadence',
  'beat',
  'cadence_version',
  'rota',
  'service',
  'enrolment',
  'touch',
  'follow_up',
  'item_mark',
  'household',
  'list_entry',
  'own_field',
  'tie',
  'photo',
  'job',
  'saved_view',
  'not_same',
  'dismissed',
  'last_touch',
];

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());

/** Everything that the owner has, as text. */
async function everything(): Promise<Record<string, string[]>> {
  const tables: Record<string, string[]> = {};
  for (const name of WATCHED) {
    const rows = await api.ctx.db.query<{ row: string }>(
      `select to_jsonb(t)::text as row from public."${name}" t order by 1`,
    );
    tables[name] = rows.map(({ row }) => row);
  }
  return tables;
}

/** The action, or null when it was refused, as some of chance must be. */
const orNull = (done: Promise<{ actionId: string }>): Promise<string | null> =>
  done.then(
    ({ actionId }) => actionId,
    () => null,
  );

type Step = (random: Random) => Promise<string | null>;

const somebody = async (random: Random) => {
  const { rows } = await api.call(listPeople, { query: { limit: 500 } });
  return rows.length > 0 ? random.pick(rows) : null;
};

const onDesk = async (random: Random) => {
  const { items } = await api.call(getDesk);
  return items.length > 0 ? random.pick(items) : null;
};

const STEPS: Record<string, Step> = {
  async add(random) {
    const body = {
      givenName: `Given${random.int(0, 999)}`,
      phone: '555-0101',
      circleId: random.pick(CIRCLES),
      tags: [random.pick(['garden', 'boat', 'market'])],
      note: 'met',
    };
    return (await api.call(addPerson, { body })).actionId;
  },
  async edit(random) {
    const person = await somebody(random);
    if (!person) return null;
    const { version } = await api.call(getPerson, { params: { id: person.id } });
    const body = {
      version,
      company: `Firm ${random.int(0, 99)}`,
      tags: [random.pick(['dog', 'boat'])],
    };
    return (await api.call(editPerson, { params: { id: person.id }, body })).actionId;
  },
  async note(random) {
    const person = await somebody(random);
    return (
      person &&
      (await api.call(addNote, { params: { id: person.id }, body: { body: 'so' } })).actionId
    );
  },
  async circle(random) {
    const who = { filter: { text: String(random.int(0, 9)) } };
    return (
      await api.call(changeMany, {
        body: { who, change: { do: 'circle', circleId: random.pick(CIRCLES) } },
      })
    ).actionId;
  },
  async tag(random) {
    return (
      await api.call(changeMany, {
        body: { who: { filter: {} }, change: { do: 'addTag', tag: `tag${random.int(0, 3)}` } },
      })
    ).actionId;
  },
  async import(random) {
    const text = `Name,Tags,Last contact,Notes\nImported ${random.int(0, 999)},fair,2026-10-01,hello\nAnother,,,`;
    const file = { fileName: 'x.csv', content: base64(text), mapping: null };
    return (await api.call(runImport, { body: { ...file, circleId: CIRCLES[0]!, tag: null } }))
      .actionId;
  },
  async takeBack(random) {
    const { batches } = await api.call(listImports);
    const open = batches.filter(({ undone }) => !undone);
    if (open.length === 0) return null;
    return (await api.call(undoImport, { params: { id: random.pick(open).id } })).actionId;
  },
  async tie(random) {
    const [one, other] = [await somebody(random), await somebody(random)];
    if (!one || !other) return null;
    const body = { kind: random.pick(['partner', 'child', 'friend'] as const), otherId: other.id };
    return orNull(api.call(addTie, { params: { id: one.id }, body }));
  },
  async home(random) {
    const [one, other] = [await somebody(random), await somebody(random)];
    if (!one || !other) return null;
    return orNull(api.call(joinHousehold, { params: { id: one.id }, body: { withId: other.id } }));
  },
  async merge(random) {
    const [one, other] = [await somebody(random), await somebody(random)];
    if (!one || !other) return null;
    const body = { keepId: one.id, goneId: other.id, take: ['givenName' as const] };
    return orNull(api.call(mergePeople, { body }));
  },
  async away(random) {
    const person = await somebody(random);
    if (!person) return null;
    const change = { do: random.pick(['archive', 'delete'] as const) };
    return (await api.call(changeMany, { body: { who: { ids: [person.id] }, change } })).actionId;
  },
  async work(random) {
    const person = await somebody(random);
    const body = { name: 'Loan', feeMinor: random.int(1, 99) };
    return person && (await api.call(addJob, { params: { id: person.id }, body })).actionId;
  },
  async word(random) {
    const { tag } = await api.call(readLists);
    if (tag.length < 2) return null;
    const [from, into] = random.shuffled(tag);
    const params = { list: 'tag' as const, id: from!.id };
    return (await api.call(mergeEntries, { params, body: { into: into!.id } })).actionId;
  },
  async cadence(random) {
    const body = {
      name: `C${random.int(0, 99)}`,
      rounds: null,
      gapDays: 30,
      beats: [beat(0), beat(10)],
    };
    const { id, actionId } = await api.call(createCadence, { body });
    cadences.push(id);
    return actionId;
  },
  async change(random) {
    if (cadences.length === 0) return null;
    const id = random.pick(cadences);
    const { people: _, id: __, ...saved } = await api.call(getCadence, { params: { id } });
    const beats = saved.beats.slice(0, 1).map((b) => ({ ...b, dayRule: 'previous' as const }));
    return (await api.call(saveCadence, { params: { id }, body: { ...saved, beats } })).actionId;
  },
  async enrol(random) {
    const person = await somebody(random);
    if (!person || cadences.length === 0) return null;
    const body = {
      cadenceId: random.pick(cadences),
      who: { ids: [person.id] },
      startOn: api.clock.today(),
      leaveOut: [],
    };
    return api.call(enrol, { body }).then(
      ({ actionId }) => actionId,
      () => null, // already on it
    );
  },
  async stop(random) {
    const person = await somebody(random);
    if (!person) return null;
    const { enrolments } = await api.call(getPerson, { params: { id: person.id } });
    const running = enrolments.find(({ state }) => state === 'running');
    if (!running) return null;
    return (await api.call(stopEnrolments, { body: { ids: [running.id], reason: '' } })).actionId;
  },
  async log(random) {
    const item = await onDesk(random);
    if (!item || item.kind !== 'call') return null;
    const outcome = random.pick(['reached', 'left_word', 'no_answer', 'not_now'] as const);
    const followUp = { on: addDays(api.clock.today(), 5), kind: 'call' as const, words: 'so' };
    const body = { personId: item.personId, kind: item.kind, outcome, itemKey: item.key };
    return (await api.call(logTouch, { body: random.chance(0.5) ? { ...body, followUp } : body }))
      .actionId;
  },
  async later(random) {
    const item = await onDesk(random);
    const until = addDays(api.clock.today(), random.int(1, 9));
    return item && (await api.call(putOff, { body: { itemKey: item.key, until } })).actionId;
  },
  async skip(random) {
    const item = await onDesk(random);
    if (!item || item.source === 'keep') return null;
    return (await api.call(skipItem, { body: { itemKey: item.key } })).actionId;
  },
  async past(random) {
    const person = await somebody(random);
    if (!person) return null;
    const on = addDays(api.clock.today(), -random.int(1, 200));
    const touches = [
      { personId: person.id, kind: 'call' as const, outcome: 'reached' as const, on, note: '' },
    ];
    return (await api.call(logPast, { body: { touches } })).actionId;
  },
  async promise(random) {
    const body = { promiseDays: random.int(10, 200) };
    return (
      await api.call(changeEntry, { params: { list: 'circle', id: random.pick(CIRCLES) }, body })
    ).actionId;
  },
  async days(random) {
    return (await api.call(saveSettings, { body: { capacity: random.int(1, 20) } })).actionId;
  },
};

let cadences: string[] = [];

test.each([1, 2, 3, 4])(
  'whatever was done, undone from the latest back, leaves everything as it was (seed %i)',
  async (seed) => {
    const random = new Random(seed);
    cadences = [];
    const before = await everything();
    const done: string[] = [];
    const kinds = Object.keys(STEPS);
    while (done.length < 40) {
      const actionId =
        await STEPS[random.pick(done.length < 8 ? ['add', 'cadence'] : kinds)]!(random);
      if (actionId) done.push(actionId);
    }
    const after = await everything();
    expect(after).not.toEqual(before);
    const undos: string[] = [];
    for (const id of done.toReversed())
      undos.push((await api.call(undoAction, { params: { id } })).actionId);
    expect(await everything()).toEqual(before);

    // And done again, from the first on, it is all there once more.
    for (const id of undos.toReversed()) await api.call(undoAction, { params: { id } });
    expect(await everything()).toEqual(after);
    for (const id of done.toReversed()) await api.call(undoAction, { params: { id } });
  },
  180_000,
);

describe('undoing that something was added', () => {
  const undo = (id: string) => api.call(undoAction, { params: { id } });
  const edit = async (id: string, change: object) => {
    const { version } = await api.call(getPerson, { params: { id } });
    return api.call(editPerson, { params: { id }, body: { version, ...change } });
  };

  test('is refused once it was edited, and possible again when the edit is undone', async () => {
    const added = await api.call(addPerson, { body: { givenName: 'Uma', phone: '555-0131' } });
    const edited = await edit(added.id, { company: 'Harbor Bakery' });
    const refusal = await api.refusal(undoAction, { params: { id: added.actionId } });
    expect(refusal.message).toMatch(/would lose the newer change/);
    expect((await api.call(getPerson, { params: { id: added.id } })).fields.company).toBe(
      'Harbor Bakery',
    );
    await undo(edited.actionId);
    await undo(added.actionId);
    expect((await api.refusal(getPerson, { params: { id: added.id } })).code).toBe('not_found');
  });

  test('an edit that was undone and done again counts', async () => {
    const added = await api.call(addPerson, { body: { givenName: 'Vic', phone: '555-0132' } });
    const edited = await edit(added.id, { company: 'Quay Nine' });
    const undone = await undo(edited.actionId);
    await undo(undone.actionId);
    expect((await api.refusal(undoAction, { params: { id: added.actionId } })).code).toBe(
      'conflict',
    );
  });

  test('holds for cadences as well', async () => {
    const draft = {
      name: 'Spring',
      rounds: 1,
      gapDays: 0,
      beats: [beat(0, 'call', 'Hello')],
    };
    const made = await api.call(createCadence, { body: draft });
    const { version } = await api.call(getCadence, { params: { id: made.id } });
    await api.call(saveCadence, {
      params: { id: made.id },
      body: { ...draft, name: 'Spring and summer', version },
    } as never);
    expect((await api.refusal(undoAction, { params: { id: made.actionId } })).code).toBe(
      'conflict',
    );
  });
});
