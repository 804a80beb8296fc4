import { listSent, listOutbox, previewMany, writeMany } from '@/contract/messages';
import { messagesSuite, NO } from '@/testing/messages';

const { call, sheet, due, later, begin, rosa } = messagesSuite();

const draft = { kind: 'email' as const, subject: 'A word', words: 'Dear {{ first_name }}, tea?' };
const once = '0190a000-0000-7000-8000-0000000000aa';

test('who would get it is seen first, the odd ones before the others, and who is left out', async () => {
  const { arrived } = await begin();
  const ids = [
    await rosa(),
    await rosa({ givenName: 'Bo', familyName: '', email: 'bo@example.com' }),
    await rosa({ givenName: '', familyName: 'Bare', email: 'bare@example.com' }),
    await rosa({ givenName: 'No', consent: NO }),
  ];
  const who = { ids };
  const seen = await call(previewMany, { body: { who, ...draft } });
  expect(seen).toMatchObject({
    people: 4,
    canGet: 2,
    readers: [
      { name: 'Bo', odd: 'no family name' },
      { name: 'Rosa Lind', odd: null },
    ],
    leftOutCount: 2,
  });
  expect(seen.leftOut.map(({ why }) => why).sort()).toEqual([
    'There is no first name to fill in.',
    'They said no to e-mail.',
  ]);
  expect((await call(listOutbox)).goingTotal).toBe(0);

  const { people, leftOut } = await call(writeMany, { body: { who, ...draft, once } });
  expect([people, leftOut]).toEqual([2, 2]);
  // Pressed twice, or from a second window, it is written once.
  expect((await call(writeMany, { body: { who, ...draft, once } })).people).toBe(0);
  later(9);
  await due();
  expect(arrived.map(({ to }) => to)).toEqual(
    expect.arrayContaining([['rosa@example.com'], ['bo@example.com']]),
  );
  expect(arrived.length).toBe(2);
  // Nobody sees another's address; each can say that no more is wanted.
  for (const { raw, to } of arrived) {
    expect(raw.toString().match(/[\w.]+@example\.com/g)).not.toContain(
      to[0] === 'rosa@example.com' ? 'bo@example.com' : 'rosa@example.com',
    );
    expect(raw.toString()).toContain('List-Unsubscribe');
  }
  // It keeps nobody's promise.
  expect((await sheet(ids[0]!)).touches).toMatchObject([
    { kind: 'email', outcome: 'sent', hold: 0 },
  ]);
  expect((await call(listSent)).messages).toHaveLength(2);
});
