import { createCadence } from '@/contract/cadences';
import type { Endpoint } from '@/contract/endpoint';
import { enrol, previewEnrolment } from '@/contract/enrolments';
import { previewImport } from '@/contract/imports';
import { saveIntake } from '@/contract/intake';
import { previewMany } from '@/contract/many';
import { addPerson, countPeople, editPerson, listPeople, readLine } from '@/contract/people';
import { makeTrial, startTrial } from '@/contract/planner';
import { saveView } from '@/contract/views';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi({ demo: true });
});
afterAll(() => api.close());
const { add, sheet } = sphereOf(() => api);

const NOBODY = '0190a000-0000-7000-8000-00000000ffff';

const ask = async (method: string, path: string, body?: unknown) => {
  const response = await fetch(api.url + path, {
    method,
    ...(body === undefined
      ? {}
      : {
          headers: { 'content-type': 'application/json' },
          body: typeof body === 'string' ? body : JSON.stringify(body),
        }),
  });
  return { status: response.status, text: await response.text() };
};
/** Sends to an endpoint what its schema need not take: an object, or JSON as it is. */
const send = ({ method, path }: Endpoint, body: unknown) =>
  ask(method.toUpperCase(), `/api${path.replace(/:\w+/g, NOBODY)}`, body);

/** Refused in words, and without a place in the program. */
function expectRefused(answer: { status: number; text: string }, status: number) {
  expect(answer).toEqual({ status, text: expect.not.stringMatching(/\bat .*:\d+:\d+/) });
  expect((JSON.parse(answer.text) as { error: { message: string } }).error.message).toMatch(/\.$/);
}

describe('texts that can’t be kept', () => {
  test.each(['a\u0000b', '\ud800', 'x\udfff'])('%j is refused where it stands', async (text) => {
    const address = { line: text, city: '', region: '', postalCode: '', country: '', label: '' };
    for (const part of [
      { givenName: text },
      { note: text },
      { tags: [text] },
      { own: { [text]: 'x' } },
      { addresses: [address] },
    ])
      expectRefused(await send(addPerson, { givenName: 'Ana', ...part }), 422);
    expect((await api.call(listPeople)).total).toBe(0);
  });

  test('a search for one is refused', async () =>
    expectRefused(await ask('GET', '/api/people?text=%00'), 422));

  test('in a file it is told with its row, and left out of what comes in', async () => {
    const content = base64('First name,E-mail\na\u0000b,x@example.com');
    const { faults } = await api.call(previewImport, {
      body: { fileName: 'odd.csv', content, mapping: null },
    });
    expect(faults).toEqual([
      { row: 2, why: 'A character that is no text was taken out of “ab”.', leftOut: false },
    ]);
  });

  test('by the form', async () => {
    const words = { heading: '', words: '', thanks: '', consentWords: '' };
    await api.call(saveIntake, { body: { open: true, ...words } });
    const post = async (body: string) =>
      (
        await fetch(`${api.url}/form`, {
          method: 'POST',
          headers: { 'content-type': 'application/x-www-form-urlencoded' },
          body,
        })
      ).status;
    expect(await post('name=a%00b&email=x@example.com')).toBe(422);
    expect(await post(Array.from({ length: 60 }, (_, i) => `f${i}=1`).join('&'))).toBe(422);
    expect(await post('%E0%A4%A=%')).toBe(422);
  });
});

// Lower case differs between languages of programs: İ, the final Σ, ß (Unicode, SpecialCasing.txt).
test.each(['İstanbul', 'ΌΣΟΣ', 'STRASSE ß', 'Ǆ', 'ﬁne'])(
  'a tag and a role called %s is one and the same for all, and found',
  async (name) => {
    const one = await add({ givenName: 'One', tags: [name], roles: [name] });
    const two = await add({ givenName: 'Two', tags: [name], roles: [name] });
    for (const id of [one, two])
      expect(await sheet(id)).toMatchObject({ tags: [name], fields: { roles: [name] } });
    expect((await api.call(countPeople, { body: { filter: { tags: [name] } } })).total).toBe(2);
    for (const field of ['tag', 'role']) {
      const of = [{ field, test: 'anyOf' as const, values: [name] }];
      const filter = { rules: { match: 'all' as const, of } };
      expect(await api.call(countPeople, { body: { filter } })).toEqual({ total: 2, warnings: [] });
    }
  },
);

describe('ids, numbers and days that are none', () => {
  test.each([
    ['/api/photos/x', 404],
    ['/api/people/x/card.vcf', 404],
    ['/api/people/x', 422],
    ['/api/people/%E0%A4%A', 422],
    ['/api/people?offset=99999999999', 422],
    ['/api/people?limit=1e9', 422],
  ])('%s', async (path, status) => expectRefused(await ask('GET', path), status));

  test.each([
    ['a version beyond 32 bits', editPerson, { version: 2 ** 40 }, 422],
    ['the year 0', addPerson, { givenName: 'A', birthday: '0000-01-01' }, 422],
    ['JSON that breaks off', addPerson, '{"givenName": "A"', 422],
    ['a list', addPerson, '[]', 422],
    ['a word', addPerson, '"x"', 422],
    [
      'a cadence that is not there',
      makeTrial,
      { trial: { join: { cadenceId: NOBODY, who: { filter: {} }, perDay: null } } },
      404,
    ],
    ['one beat twice', createCadence, twice(), 422],
  ])('%s', async (_, endpoint, body, status) => expectRefused(await send(endpoint, body), status));

  test('a start in the year 9999 is planned, or refused, and the desk can be read', async () => {
    const personId = await add({ givenName: 'Far' });
    const draft = { name: 'Far', rounds: null, gapDays: 60, beats: [beat(0)] };
    const { id: cadenceId } = await api.call(createCadence, { body: draft });
    const who = { ids: [personId] };
    expectRefused(await send(enrol, { cadenceId, who, startOn: '0000-01-01' }), 422);
    expect((await send(enrol, { cadenceId, who, startOn: '9999-12-31' })).status).toBeLessThan(500);
    for (const path of [`/api/people/${personId}`, '/api/desk', '/api/ahead?weeks=52'])
      expect((await ask('GET', path)).status).toBe(200);
  });
});

function twice() {
  const one = beat(0);
  return { name: 'Twice', rounds: 1, gapDays: 0, beats: [one, one] };
}

test.each(['x'.repeat(1_000), 'x '.repeat(500), '"'.repeat(900), '555-'.repeat(200)])(
  'a typed line that is no person is answered',
  async (line) => expect((await send(readLine, { line })).status).toBe(200),
);

describe('filters that can’t be asked', () => {
  const one = (field: string, test = 'anyOf') =>
    JSON.stringify({ match: 'all', of: [{ field, test, values: ['x'] }] });
  const deep = (n: number) => '{"match":"all","of":['.repeat(n) + ']}'.repeat(n);
  const places: [string, (rules: string) => Promise<{ status: number; text: string }>][] = [
    ['counting', (rules) => send(countPeople, `{"filter":{"rules":${rules}}}`)],
    [
      'enrolling',
      async (rules) => {
        const draft = { name: 'Once', rounds: 1, gapDays: 0, beats: [beat(0)] };
        const { id } = await api.call(createCadence, { body: draft });
        const rest = '"startOn":"2026-12-01","samplePersonId":null';
        return send(
          previewEnrolment,
          `{"cadenceId":"${id}",${rest},"who":{"filter":{"rules":${rules}}}}`,
        );
      },
    ],
    [
      'trying it out',
      async (rules) => {
        const draft = { name: 'Once', rounds: 1, gapDays: 0, beats: [beat(0)] };
        const { id } = await api.call(createCadence, { body: draft });
        const join = `{"cadenceId":"${id}","perDay":null,"who":{"filter":{"rules":${rules}}}}`;
        return send(startTrial, `{"weeks":13,"trial":{"join":${join}}}`);
      },
    ],
    [
      'changing many',
      (rules) =>
        send(previewMany, `{"change":{"do":"archive"},"who":{"filter":{"rules":${rules}}}}`),
    ],
    [
      'a view',
      (rules) => send(saveView, `{"name":"x","sort":"slack","filter":{"rules":${rules}}}`),
    ],
    ['the list', (rules) => ask('GET', `/api/people?rules=${encodeURIComponent(rules)}`)],
  ];

  test.each(places)('%s: a field that is unknown, or inherited', async (_, asking) => {
    for (const field of ['nothing', 'constructor', '__proto__'])
      expectRefused(await asking(one(field)), 422);
    // Of a field that the owner has taken away since, a filter may still speak: it finds nobody by it.
    for (const field of ['own:constructor', 'fact:toString'])
      expect((await asking(one(field))).status).toBeLessThan(500);
    expectRefused(await asking(one('tag', 'toString')), 422);
  });

  test.each(places)('%s: nested too deep', async (_, asking) => {
    for (const n of [70, 100]) expectRefused(await asking(deep(n)), 422);
  });

  test('three thousand deep', async () =>
    expectRefused(await send(countPeople, `{"filter":{"rules":${deep(3_000)}}}`), 422));
});

test.each([',', '"', '\n'])('a file of seventeen megabytes of %j is told', async (sign) => {
  const content = base64(sign.repeat(17_000_000));
  expectRefused(await send(previewImport, { fileName: 'x.csv', content, mapping: null }), 422);
});
