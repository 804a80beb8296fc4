import { saveIntake } from '@/contract/intake';
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

  test('who fills it in lands as New, with the source, the message and the consent', async () => {
    const response = await send({
      name: 'Ana Lind',
      email: 'ana@example.com',
      message: 'A loan for a boat?',
      consent: 'yes',
    });
    expect(await response.text()).toContain('see you soon');
    const { rows } = await api.call(listPeople, { query: { text: 'ana lind' } });
    expect(await sheet(rows[0]!.id)).toMatchObject({
      fields: {
        standing: 'New',
        source: 'Web form',
        consent: { email: { answer: 'yes', on: '2026-11-23', cameFrom: 'web form' } },
      },
      notes: [{ body: 'Web form: A loan for a boat?' }],
    });
  });

  test('who is surely here already gets what is new, and is not made twice', async () => {
    const id = await add({ givenName: 'Gideon', familyName: 'Marsh', email: 'gideon@example.org' });
    const before = await total();
    await send({ name: 'Gideon Marsh', email: 'gideon@example.org', phone: '(201) 555-0123' });
    expect(await total()).toBe(before);
    expect((await sheet(id)).fields.phones).toMatchObject([{ value: '+12015550123' }]);
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
