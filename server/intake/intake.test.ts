import { undoAction } from '@/contract/history';
import { addArrival, dropArrival, joinArrival, listArrivals, saveIntake } from '@/contract/intake';
import { listPeople } from '@/contract/people';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());
const { add, sheet } = sphereOf(() => api);

const send = (answers: Record<string, string>) =>
  fetch(`${api.url}/form`, { method: 'POST', body: new URLSearchParams(answers) });
const total = async () => (await api.call(listPeople)).total;

const WORDS = {
  heading: 'Write to <Marisol>',
  words: 'How can I reach you?',
  thanks: 'Thank you, and see you soon.',
  consentWords: 'You may write to me.',
};

test('a closed form takes nothing', async () => {
  expect((await fetch(`${api.url}/form`)).status).toBe(404);
  expect((await send({ name: 'Ana', email: 'ana@example.com' })).status).toBe(404);
  expect(await total()).toBe(0);
});

describe('an open form', () => {
  beforeAll(() => api.call(saveIntake, { body: { open: true, ...WORDS } }));

  test('is a page without script that may stand on other pages, its words made harmless', async () => {
    const response = await fetch(`${api.url}/form`);
    const text = await response.text();
    expect(text).toContain('Write to &#60;Marisol&#62;');
    expect(text).not.toContain('<script');
    expect(response.headers.get('x-frame-options')).toBeNull();
  });

  const waiting = async () => (await api.call(listArrivals)).arrivals;

  test('what a stranger sends waits, and lands as New with source, message and consent when it is added', async () => {
    const before = await total();
    const response = await send({
      name: 'Ana Lind',
      email: 'ana@example.com',
      message: 'A loan for a boat?',
      consent: 'yes',
    });
    expect(await response.text()).toContain('see you soon');
    expect(await total()).toBe(before);
    const [arrival] = await waiting();
    expect(arrival).toMatchObject({ name: 'Ana Lind', on: '2026-11-23', consent: true, known: [] });
    const { id, actionId } = await api.call(addArrival, { params: { id: arrival!.id } });
    expect(await sheet(id)).toMatchObject({
      fields: {
        standing: 'New',
        source: 'Web form',
        consent: { email: { answer: 'yes', on: '2026-11-23', cameFrom: 'web form' } },
      },
      notes: [{ body: 'Web form: A loan for a boat?' }],
    });
    expect(await waiting()).toEqual([]);
    // A second window comes too late, and an undo puts it back on the list.
    expect(await api.refusal(addArrival, { params: { id: arrival!.id } })).toMatchObject({
      code: 'conflict',
    });
    await api.call(undoAction, { params: { id: actionId } });
    expect(await total()).toBe(before);
    expect(await waiting()).toHaveLength(1);
    await api.call(dropArrival, { params: { id: arrival!.id } });
    expect(await waiting()).toEqual([]);
  });

  test('a stranger who knows name and phone of a client changes nothing: not the address, not the consent', async () => {
    const id = await add({
      givenName: 'Gideon',
      familyName: 'Marsh',
      email: 'gideon@example.org',
      phone: '(201) 555-0123',
    });
    const before = await sheet(id);
    const stranger = { name: 'Gideon Marsh', phone: '(201) 555-0123', email: 'thief@example.net' };
    await send({ ...stranger, consent: 'yes' });
    expect(await sheet(id)).toEqual(before);
    const [arrival] = await waiting();
    expect(arrival!.known).toMatchObject([
      {
        personId: id,
        name: 'Gideon Marsh',
        emails: ['gideon@example.org'],
        phones: ['+12015550123'],
        consent: null,
      },
    ]);
    // What the owner takes over comes after what is there; what is not taken is not.
    await api.call(joinArrival, {
      params: { id: arrival!.id },
      body: { personId: id, take: ['email'] },
    });
    const after = await sheet(id);
    expect(after.fields.emails.map(({ value }) => value)).toEqual([
      'gideon@example.org',
      'thief@example.net',
    ]);
    expect(after.fields.consent).toEqual({});
  });

  test.each([
    [{ name: '', email: 'a@example.com' }, 'Please give your name.'],
    [{ name: 'Bo' }, 'Please give an e-mail address or a phone number.'],
    [{ name: 'Bo', email: 'bo@@' }, '“bo@@” is not an e-mail address.'],
    [{ name: 'Bo', phone: 'later' }, '“later” is not a phone number.'],
  ])('%j comes back with a sentence and what was typed', async (answers, sentence) => {
    const before = await total();
    const response = await send(answers as Record<string, string>);
    expect(response.status).toBe(422);
    const text = await response.text();
    expect(text).toContain(sentence);
    if (answers.name) expect(text).toContain('value="Bo"');
    expect(await total()).toBe(before);
  });

  test('who fills in the field that people do not see is thanked and not heard', async () => {
    const before = await total();
    const trap = { name: 'Machine', email: 'm@example.com', website: 'x' };
    expect((await send(trap)).status).toBe(200);
    expect(await total()).toBe(before);
  });

  test('too large and too much are refused', async () => {
    expect((await send({ name: 'Bo', message: 'x'.repeat(20_000) })).status).toBe(413);
    const answers = await Promise.all(Array.from({ length: 20 }, () => send({ name: '' })));
    expect(answers.some(({ status }) => status === 429)).toBe(true);
  });
});
