import { getMessage, listSent } from '@/contract/messages';
import { messagesSuite } from '@/testing/messages';

const { base, call, ctx, sheet, begin, rosa, sendAutomatically, evening } = messagesSuite();

/** The opt-out address of an e-mail that went by itself to Rosa. */
async function sent() {
  const { arrived } = await begin();
  ctx().outsideUrl = base();
  const id = await rosa();
  await sendAutomatically([id]);
  await evening();
  const raw = arrived[0]!.raw.toString().replace(/\r\n[ \t]+/g, '');
  return { id, raw, url: new RegExp(`<(${base()}/o/[^>]+)>`).exec(raw)![1]! };
}

// RFC 8058, section 3.1: the two headers, and a POST with that body, which needs no cookie and no page.
test('one press in a mail program is enough, and is told in the message and the record', async () => {
  const { id, raw, url } = await sent();
  expect(raw).toContain('List-Unsubscribe-Post: List-Unsubscribe=One-Click');
  expect(raw).toMatch(
    /List-Unsubscribe: *<http[^>]+>, *<mailto:marisol@example.com\?subject=unsubscribe/,
  );
  const pressed = await fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/x-www-form-urlencoded' },
    body: 'List-Unsubscribe=One-Click',
  });
  expect(pressed.status).toBe(200);
  expect((await sheet(id)).fields.consent.email).toEqual({
    answer: 'no',
    on: '2026-11-23',
    cameFrom: 'by the link in an e-mail',
  });
  const [message] = (await call(listSent)).messages;
  expect(message!.outcome).toBe('opted_out');
  // Pressed again, it changes nothing more.
  await fetch(url, { method: 'POST' });
  expect((await call(getMessage, { params: { id: message!.id } })).events).toHaveLength(1);
});

test('whoever only opens the link, as scanners do, changes nothing', async () => {
  const { id, url } = await sent();
  for (const method of ['GET', 'HEAD']) {
    const opened = await fetch(url, { method });
    expect(opened.status).toBe(200);
    if (method === 'GET')
      expect(await opened.text()).toContain('<button>No more e-mail, please</button>');
  }
  expect((await sheet(id)).fields.consent.email?.answer).toBe('yes');
});

test.each([
  [
    'a letter of it is changed',
    (url: string) => url.slice(0, -1) + (url.endsWith('A') ? 'B' : 'A'),
  ],
  ['it is cut short', (url: string) => url.slice(0, -8)],
  ['it is of another message', (url: string) => url.replace(/\/o\/[0-9a-f]{8}/, '/o/00000000')],
  ['it is nothing', (url: string) => url.replace(/\/o\/.*/, '/o/%00%ff')],
])('where %s, nothing happens', async (_, change) => {
  const { id, url } = await sent();
  const answer = await fetch(change(url), { method: 'POST' });
  expect([400, 404, 422]).toContain(answer.status);
  expect((await sheet(id)).fields.consent.email?.answer).toBe('yes');
});
