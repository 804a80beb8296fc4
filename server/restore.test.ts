import { spawnSync } from 'node:child_process';
import { mkdir, mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { call } from '@/contract/call';
import { addPerson, erasePerson, getPerson, listPeople } from '@/contract/people';
import { addNote } from '@/contract/story';
import { backUpNow, readUpkeep } from '@/contract/upkeep';
import { failToStart, startServer } from '@/testing/process';

jest.setTimeout(180_000);

let dir: string;
beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-restore-'));
});
afterAll(() => rm(dir, { recursive: true, force: true }));

const start = (data: string) => startServer(['--port', '0', '--data', data]);

/** Whether a text stands in any file below a directory, as it is written. */
async function standsIn(below: string, text: string): Promise<string[]> {
  const entries = await readdir(below, { recursive: true, withFileTypes: true });
  const found: string[] = [];
  for (const entry of entries.filter((one) => one.isFile())) {
    const path = join(entry.parentPath, entry.name);
    if ((await readFile(path)).includes(text)) found.push(path);
  }
  return found;
}

test('who is erased is nowhere in the files; restored from a backup they are erased again, the others are back', async () => {
  const data = join(dir, 'restored');
  const first = await start(data);
  const base = first.url;
  const add = (givenName: string) => call(addPerson, { body: { givenName } }, { base });
  const gone = await add('Zwentibold');
  const kept = await add('Hildegund');
  const body = { body: 'Drinks only Oxymelwasser' };
  await call(addNote, { params: { id: gone.id }, body }, { base });
  const { backup } = await call(backUpNow, {}, { base });
  expect(backup.checked).toMatchObject({ people: 2, fault: null });
  const { sentence } = await call(
    erasePerson,
    { params: { id: gone.id }, body: { name: 'Zwentibold' } },
    { base },
  );
  // Says what the backups still hold. One was made when it was asked for, others by themselves.
  expect(sentence).toMatch(/backups? holds? them still; the last of these is replaced on/);
  for (const text of ['Zwentibold', 'zwentibold', 'Oxymelwasser', 'oxymelwasser'])
    expect(await standsIn(join(data, 'pg'), text)).toEqual([]);
  expect(await standsIn(join(data, 'pg'), 'Hildegund')).not.toEqual([]);
  await add('Came after the backup');
  expect(
    (await failToStart(['restore', join(data, 'backups', backup.name), '--data', data])).output,
  ).toMatch(/already open in another Pen Pal/);
  await first.end('SIGTERM');

  const restored = await failToStart([
    'restore',
    join(data, 'backups', backup.name),
    '--data',
    data,
  ]);
  expect(restored).toMatchObject({
    code: 0,
    output: expect.stringContaining('Restored: 2 people.'),
  });
  const again = await start(data);
  const { rows } = await call(listPeople, { query: { sort: 'name' } }, { base: again.url });
  expect(rows.map(({ name }) => name)).toEqual(['Hildegund']);
  await expect(
    call(getPerson, { params: { id: gone.id } }, { base: again.url }),
  ).rejects.toMatchObject({ code: 'not_found' });
  expect((await call(getPerson, { params: { id: kept.id } }, { base: again.url })).name).toBe(
    'Hildegund',
  );
  await again.end('SIGTERM');
  expect(await standsIn(join(data, 'pg'), 'Zwentibold')).toEqual([]);
  // What was there before restoring is kept beside.
  expect((await readdir(data)).filter((name) => name.startsWith('pg-until-'))).toHaveLength(1);
});

test('a backup that does not open changes nothing, and is told', async () => {
  const data = join(dir, 'kept');
  const server = await start(data);
  await call(addPerson, { body: { givenName: 'Ana' } }, { base: server.url });
  await server.end('SIGTERM');
  const bad = join(dir, 'bad.tar.gz');
  await writeFile(bad, 'no archive at all');
  for (const [file, words] of [
    [bad, 'It does not open. Nothing was changed. Try an older backup.'],
    [join(dir, 'none.tar.gz'), `There is no backup at ${join(dir, 'none.tar.gz')}.`],
  ]) {
    const { code, output } = await failToStart(['restore', file!, '--data', data]);
    expect([code, output]).toEqual([1, expect.stringContaining(words!)]);
    expect(output).not.toMatch(/\bat .*:\d+:\d+/);
  }
  const again = await start(data);
  expect((await call(listPeople, {}, { base: again.url })).total).toBe(1);
  await again.end('SIGTERM');
});

describe('a start that can’t be says why, in a sentence', () => {
  test('what a killed first start left half unpacked is not taken for data', async () => {
    const data = join(dir, 'half');
    await mkdir(join(data, 'pg.unpacking', 'base'), { recursive: true });
    await writeFile(join(data, 'pg.unpacking', 'PG_VERSION'), '');
    const server = await start(data);
    expect((await call(readUpkeep, {}, { base: server.url })).backups).toBeDefined();
    await server.end('SIGTERM');
  });

  test('data that is not whole, with the way back', async () => {
    const data = join(dir, 'broken');
    await mkdir(join(data, 'pg'), { recursive: true });
    await writeFile(join(data, 'pg', 'PG_VERSION'), '18\n');
    const { code, output } = await failToStart(['--port', '0', '--data', data]);
    expect(code).toBe(1);
    expect(output).toMatch(/^Pen Pal can't open the data in .*: it is not whole\./m);
    expect(output).not.toMatch(/\bat .*:\d+:\d+/);
  });

  test('a full disk', async () => {
    const disk = join(dir, 'disk');
    await mkdir(disk);
    const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=8m', 'tmpfs', disk]);
    if (mounted.status !== 0)
      return console.warn('No right to mount a small disk: the full disk was not tried.');
    try {
      const { code, output } = await failToStart(['--port', '0', '--data', join(disk, 'data')]);
      expect([code, output]).toEqual([1, 'The disk is full. Make room and start again.']);
    } finally {
      spawnSync('umount', ['-l', disk]);
    }
  });

  test.each([
    [
      ['--host', '0.0.0.0'],
      /^Others could reach Pen Pal at 0\.0\.0\.0, so it wants a passphrase first\./,
    ],
    [['--origin', 'penpal.example.com'], /is not an address/],
    [['frobnicate'], /^Pen Pal doesn’t know “frobnicate”/],
    [['restore'], /^Name the backup/],
  ])('%j', async (args, words) => {
    const { code, output } = await failToStart([...args, '--port', '0', '--data', join(dir, 'no')]);
    expect([code, output]).toEqual([1, expect.stringMatching(words)]);
  });
});
