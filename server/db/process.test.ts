import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync } from 'node:fs';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { call } from '@/contract/call';
import { addPerson, listPeople } from '@/contract/people';
import { health } from '@/contract/settings';
import { checkForNobody, failToStart, startServer } from '@/testing/process';
import { mountSmallDisk } from '@/testing/small-disk';

jest.setTimeout(180_000);

let dir: string;
beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-process-'));
});
afterAll(() => rm(dir, { recursive: true, force: true }));

test('a full disk: nothing is half-written, it is said, and work goes on once there is room', async () => {
  const disk = mountSmallDisk(join(dir, 'disk'));
  if (!disk) return;
  try {
    const server = await startServer(['--port', '0', '--data', join(disk.dir, 'data')]);
    const base = server.url;
    const add = (givenName: string) =>
      call(addPerson, { body: { givenName, note: randomBytes(4000).toString('hex') } }, { base });
    await add('before');
    disk.fill();
    let refused = '';
    for (let i = 0; i < 200 && !refused; i++)
      await add('full').catch((error: Error) => (refused = error.message));
    expect(refused).toBe('The disk is full, so nothing was saved. Make room and try again.');
    const { total } = await call(listPeople, {}, { base });
    await disk.makeRoom();
    await add('after');
    expect((await call(listPeople, {}, { base })).total).toBe(total + 1);
    await server.end('SIGTERM');
  } finally {
    disk.remove();
  }
});

test('a check of a backup ends with whoever asked for it, and what it left is removed at the next start', async () => {
  const data = join(dir, 'checked');
  const left = join(data, 'backups', 'scratch-left');
  mkdirSync(left, { recursive: true });
  // Reading it never ends.
  const backup = join(data, 'endless.tar.gz');
  spawnSync('mkfifo', [backup]);
  expect(await checkForNobody(backup, left)).toBe(1);
  const server = await startServer(['--port', '0', '--data', data]);
  expect(existsSync(left)).toBe(false);
  await server.end('SIGTERM');
});

describe('starts that can not be', () => {
  test('a second process on the same data is refused with a sentence; the first goes on', async () => {
    const data = join(dir, 'held');
    const first = await startServer(['--port', '0', '--data', data]);
    const second = await failToStart(['--port', '0', '--data', data]);
    expect(second.code).toBe(1);
    expect(second.output).toMatch(
      new RegExp(`already open in another Pen Pal \\(process ${first.child.pid} on `),
    );
    expect(await call(health, {}, { base: first.url })).toMatchObject({
      database: { kind: 'pglite' },
    });
    await first.end('SIGTERM');
  });

  test('a port in use is named', async () => {
    const first = await startServer(['--port', '0', '--data', join(dir, 'a')]);
    const { port } = new URL(first.url);
    const second = await failToStart(['--port', port, '--data', join(dir, 'b')]);
    await first.end('SIGTERM');
    expect(second).toEqual({
      code: 1,
      output: `Port ${port} is in use. Choose another one with --port.`,
    });
  });

  test('a directory that can not be written says so', async () => {
    const file = join(dir, 'file');
    await writeFile(file, '');
    const { code, output } = await failToStart(['--port', '0', '--data', join(file, 'data')]);
    expect(code).toBe(1);
    expect(output).toMatch(/^Pen Pal can't write to .*file\/data\. Give it a directory of its own/);
  });

  test.each([
    [['--port', '99999'], '“99999” is not a port. Choose one from 1024 to 65535.'],
    [['--today', '2026-02-30'], '“2026-02-30” is not a day. Write it as 2026-11-23.'],
  ])('%j', async (args, sentence) => {
    expect(await failToStart([...args, '--data', join(dir, 'c')])).toEqual({
      code: 1,
      output: sentence,
    });
  });
});
