import { exportColumns } from '@/contract/exports';
import { runImport } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { getPerson, listPeople } from '@/contract/people';
import { addJob, addTie } from '@/contract/story';
import { logTouch } from '@/contract/touches';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { exportFile } from '@/testing/export';
import { sphereOf } from '@/testing/sphere';

let [from, to]: TestApi[] = [];
beforeEach(async () => {
  [from, to] = [await startTestApi(), await startTestApi()];
});
afterEach(() => Promise.all([from!.close(), to!.close()]));

/** People with a story each: what was tried, what came of it, ties, work, notes. */
async function live() {
  const { add, note } = sphereOf(() => from!);
  const inner = (await from!.call(readLists)).circle.find(({ name }) => name === 'Inner');
  const rosa = await add({
    givenName: 'Rosa',
    familyName: 'Lind',
    email: 'Rosa.L@example.com',
    phones: [{ value: '+15035550142', label: 'Boat' }],
    addresses: [{ line: '12 Lantern Row', city: 'Port Ellery', postalCode: '00012' }],
    birthday: '05-04',
    dates: [{ name: 'Wedding', on: '1998-06-05' }],
    roles: ['Surveyor'],
    consent: { post: { answer: 'no', on: '2026-01-02', cameFrom: 'at the fair; twice' } },
    tags: ['garden', 'a,b'],
    circleId: inner!.id,
  });
  const bo = await add({ givenName: 'Bo', familyName: 'Birch', company: 'Net & Loft' });
  await add({ givenName: 'Halima', familyName: 'Osei' });
  await note(rosa, 'Kitchen half done\n[2020-01-01] as she says');
  const log = (personId: string, kind: 'call' | 'visit', outcome: 'reached' | 'no_answer') =>
    from!.call(logTouch, { body: { personId, kind, outcome } });
  await log(rosa, 'visit', 'reached');
  await log(bo, 'call', 'no_answer');
  await from!.call(addTie, {
    params: { id: rosa },
    body: { kind: 'partner', otherId: bo, words: 'met at sea' },
  });
  await from!.call(addTie, { params: { id: bo }, body: { kind: 'pet', otherName: 'Rex' } });
  await from!.call(addJob, {
    params: { id: bo },
    body: { name: 'Refinance', stage: 'closed', valueMinor: 25_000_000, completedOn: '2026-05-04' },
  });
}

/** Everybody as their sheet says, without ids and what was counted for this sphere. */
async function told(api: TestApi) {
  const { rows } = await api.call(listPeople, { query: { sort: 'name' } });
  return Promise.all(
    rows.map(async ({ id }) => {
      const { name, fields, tags, circle, notes, touches, ties, jobs, standing } = await api.call(
        getPerson,
        { params: { id } },
      );
      return {
        name,
        fields,
        tags,
        circle: circle?.name,
        notes: notes.map(({ on, body }) => ({ on, body })),
        touches: touches.map(({ on, kind, outcome }) => ({ on, kind, outcome })),
        ties: ties.map(({ kind, name: other, words, birthday }) => ({
          kind,
          other,
          words,
          birthday,
        })),
        jobs: jobs.map(({ id: _, ...job }) => job),
        due: standing.due,
      };
    }),
  );
}

test.each(['csv', 'vcard'] as const)(
  'a sphere that goes out as %s comes into an empty Pen Pal as it was',
  async (format) => {
    await live();
    const { columns } = await from!.call(exportColumns);
    const { content } = await exportFile(from!.url, {
      who: { filter: {} },
      format,
      columns: columns.map(({ key }) => key),
    });
    await to!.call(runImport, {
      body: {
        fileName: `people.${format}`,
        content: base64(content),
        mapping: null,
        circleId: null,
        tag: null,
      },
    });
    expect(await told(to!)).toEqual(await told(from!));
  },
);
