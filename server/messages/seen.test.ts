import { getMessage, listSent, listOutbox, listResults } from '@/contract/messages';
import { getPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { messagesSuite, YES } from '@/testing/messages';

const {
  add,
  api,
  base,
  begin,
  sendAutomatically,
  call,
  ctx,
  evening,
  fates,
  later,
  due,
  rosa,
  write,
} = messagesSuite();

const WORDS = 'See https://example.com/list?a=1&b=2 and https://example.org/';

/** A letter that has gone by itself, and what it asks for when it is read. */
async function letter(settings: object = { seesOpens: true, seesClicks: true }) {
  ctx().outsideUrl = base();
  const { arrived } = await begin();
  await call(saveSettings, { body: { ownerName: 'Marisol Quane', ...settings } });
  await sendAutomatically([await rosa()], WORDS);
  await evening();
  const html = String(arrived[0]!.mail.html).replaceAll('&#38;', '&');
  const [pixel] = /http[^"]+\.gif/.exec(html) ?? [];
  const links = [...html.matchAll(/href="(http[^"]+\/seen\/to\/[^"]+)"/g)].map(([, url]) => url!);
  return { mail: arrived[0]!.mail, pixel, links };
}
const follow = (url: string, init: RequestInit = {}) => fetch(url, { redirect: 'manual', ...init });

test('unless the owner wants to know, a letter tells nothing, and says nothing of it', async () => {
  const { mail, pixel, links } = await letter({});
  expect([pixel, links]).toEqual([undefined, []]);
  expect(mail.html).toContain('href="https://example.com/list?a=1&#38;b=2"');
  expect(mail.text).not.toMatch(/tells/);
});

test('opened and followed are noted, the privacy line says so, and links lead where they should', async () => {
  const { mail, pixel, links } = await letter();
  expect(mail.text).toContain(
    'This letter tells Marisol when it is opened, and when a link in it is followed.',
  );
  // The plain part leads straight to the pages.
  expect(mail.text).toContain(WORDS);
  later(1);
  const answer = await follow(pixel!);
  expect(answer.headers.get('content-type')).toBe('image/gif');
  expect(await fates()).toEqual(['opened']);
  expect((await follow(links[0]!)).headers.get('location')).toBe(
    'https://example.com/list?a=1&b=2',
  );
  expect((await follow(links[1]!)).headers.get('location')).toBe('https://example.org/');
  await follow(pixel!);
  const [{ id }] = (await call(listSent)).messages as [{ id: string }, ...unknown[]];
  const { outcome, events, personId } = await call(getMessage, { params: { id } });
  expect(outcome).toBe('clicked');
  expect(events.map(({ kind }) => kind)).toEqual(['opened', 'clicked', 'clicked']);
  const { talk } = await call(getPerson, { params: { id: personId } });
  expect(talk).toContainEqual({
    about: 'Opened lately',
    words: expect.stringMatching(/^“.+” and its link to example\.(com\/list|org) \(\w+\)$/),
  });
  expect((await call(listResults)).results).toMatchObject([
    { cadence: 'By itself', beat: 1, sent: 1, delivered: 1, opened: 1, clicked: 1, answered: 0 },
  ]);
});

test('machines that look mail over count for nothing, nor do altered addresses', async () => {
  const { pixel, links } = await letter();
  await follow(pixel!);
  await follow(links[0]!);
  later(1);
  await follow(links[0]!, { method: 'HEAD' });
  await follow(links[0]!, { headers: { 'sec-purpose': 'prefetch' } });
  const altered = links[0]!.replace(/\.0\.(?=[\w-]+$)/, '.1.');
  expect((await follow(altered)).status).toBe(404);
  expect((await follow(`${api().url}/seen/to/x`)).status).toBe(404);
  expect((await follow(`${api().url}/seen/${'a'.repeat(36)}.x.gif`)).status).toBe(200);
  expect(await fates()).toEqual(['']);
});

test('no longer wanted, nothing is noted of letters that are out', async () => {
  const { pixel } = await letter();
  await call(saveSettings, { body: { seesOpens: false } });
  later(1);
  await follow(pixel!);
  expect(await fates()).toEqual(['']);
});

test('what the owner writes by hand tells nothing', async () => {
  ctx().outsideUrl = base();
  const { arrived } = await begin();
  await call(saveSettings, { body: { seesOpens: true, seesClicks: true } });
  await write(await rosa(), { words: WORDS });
  expect(String(arrived[0]!.mail.html)).not.toContain('/seen/');
});

test('an e-mail goes to the first address and to those that are wanted too; one that nobody has is stopped', async () => {
  const { arrived } = await begin({
    door: (to) => (to === 'old@example.com' ? 'no_such_user' : 'open'),
  });
  const id = await add({
    givenName: 'Ana',
    emails: [
      { value: 'ana@example.com', label: 'home' },
      { value: 'ana@example.org', label: 'work' },
      { value: 'old@example.com', label: '', also: true },
      { value: 'ana@example.net', label: '', also: true },
    ],
    consent: YES,
  });
  await write(id, { words: 'Tea?' });
  expect(arrived.map(({ to }) => to)).toEqual([['ana@example.com', 'ana@example.net']]);
  await write(id, { words: 'And cake?' });
  expect(arrived).toHaveLength(2);
  expect(await fates()).toEqual(['', '']);
  const { fields } = await call(getPerson, { params: { id } });
  expect(fields.emails.filter(({ also }) => also)).toHaveLength(2);
});

test('what waits for days is told, unless the owner held it back', async () => {
  await begin();
  const id = await add({ givenName: 'Ana', consent: YES });
  await sendAutomatically([id], 'Tea?');
  expect(await call(listOutbox)).toMatchObject({ waitingTotal: 1, waitsLong: null });
  later(72);
  await due();
  expect((await call(listOutbox)).waitsLong).toEqual({ total: 1, since: '2026-11-23' });
});
