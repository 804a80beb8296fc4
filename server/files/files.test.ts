import { KEPT_DAYS } from '@/server/act';
import { keepFile } from '@/contract/files';
import { addTemplate } from '@/contract/templates';
import { newId } from '@/server/db';
import { messagesSuite } from '@/testing/messages';

const { api, call, due, later, refusal } = messagesSuite();

const keep = (words: string, ids: string[] = []) =>
  call(addTemplate, {
    body: {
      kind: 'email',
      name: 'x',
      wordings: [{ id: newId(), subject: '', words: 'x', html: words }],
      files: ids,
    },
  });

const along = (name: string, bytes: number) => ({
  body: { name, content: Buffer.alloc(bytes, 7).toString('base64'), as: 'along' as const },
});
test('what is too large, empty, no picture, or can run is refused in a sentence', async () => {
  expect((await refusal(keepFile, along('film.mp4', 11 * 1024 * 1024))).message).toMatch(
    /larger than 10 MB/,
  );
  expect((await refusal(keepFile, along('a.pdf', 0))).message).toMatch(/nothing in this file/);
  expect((await refusal(keepFile, along('a.EXE', 10))).message).toMatch(/can run/);
  expect(
    (await refusal(keepFile, { body: { ...along('a.png', 9).body, as: 'picture' } })).message,
  ).toMatch(/not a picture/);
});

test('all that goes with one e-mail has a limit too', async () => {
  const ids = [];
  for (const name of ['a.pdf', 'b.pdf'])
    ids.push((await call(keepFile, along(name, 9 * 1024 * 1024))).file.id);
  const { message } = await refusal(addTemplate, {
    body: {
      kind: 'email',
      name: 'x',
      wordings: [{ id: newId(), subject: '', words: 'x', html: '' }],
      files: ids,
    },
  });
  expect(message).toMatch(/larger than 15 MB together/);
});

test('a file is served as what it is, and never as a page', async () => {
  const { file } = await call(keepFile, {
    body: {
      name: 'a.html',
      content: Buffer.from('<script>1</script>').toString('base64'),
      as: 'along',
    },
  });
  const answer = await fetch(`${api().url}/api/files/${file.id}`);
  expect(answer.headers.get('content-type')).toBe('application/octet-stream');
  expect(answer.headers.get('content-disposition')).toMatch(/^attachment/);
});

test('a body that is larger than any file may be is refused in words', async () => {
  const { message } = await refusal(keepFile, along('film.mp4', 30 * 1024 * 1024));
  expect(message).toMatch(/^This is more than Pen Pal takes at once/);
});

test('what nothing uses goes once nothing can be undone that did; what is used stays', async () => {
  const kept = async (name: string) => (await call(keepFile, along(name, 9))).file.id;
  const [lone, goesAlong, shown] = [await kept('a.pdf'), await kept('b.pdf'), await kept('c.png')];
  await keep(`<p><img src="/api/files/${shown}" alt=""></p>`, [goesAlong]);
  const there = async () => {
    const answers = await Promise.all(
      [lone, goesAlong, shown].map((id) => fetch(`${api().url}/api/files/${id}`)),
    );
    return answers.map(({ status }) => status);
  };
  later(24 * (KEPT_DAYS - 2));
  await due(true);
  expect(await there()).toEqual([200, 200, 200]);
  later(24 * 4);
  await due(true);
  expect(await there()).toEqual([404, 200, 200]);
});
