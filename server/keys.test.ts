import { mkdtemp, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { readKeys } from './keys';

let dir: string;
beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-keys-'));
});
afterAll(() => rm(dir, { recursive: true }));

test('the key is made once, for its user alone, also where there is no directory yet', async () => {
  const data = join(dir, 'new', 'own');
  const sealed = readKeys(data).seal('secret', 'one purpose');
  expect((await stat(join(data, 'key'))).mode & 0o777).toBe(0o600);
  expect((await stat(data)).mode & 0o777).toBe(0o700);
  expect(readKeys(data).unseal(sealed, 'one purpose')).toBe('secret');
});

test('what is sealed opens for its purpose, with its key and unaltered; nothing else does', () => {
  const keys = readKeys(join(dir, 'a'));
  const sealed = keys.seal('secret', 'service:1');
  expect(sealed).not.toContain('secret');
  expect(keys.seal('secret', 'service:1')).not.toBe(sealed);
  expect(keys.unseal(sealed, 'service:2')).toBeNull();
  expect(readKeys(join(dir, 'b')).unseal(sealed, 'service:1')).toBeNull();
  for (const altered of ['', 'AAAA', sealed.slice(4), `A${sealed.slice(1)}`])
    if (altered !== sealed) expect(keys.unseal(altered, 'service:1')).toBeNull();
});

test('a signature is of one text and one key', () => {
  const [keys, other] = [readKeys(join(dir, 'a')), readKeys(join(dir, 'b'))];
  expect(keys.isSigned('one', keys.sign('one'))).toBe(true);
  expect(keys.isSigned('two', keys.sign('one'))).toBe(false);
  expect(keys.isSigned('one', other.sign('one'))).toBe(false);
  expect(keys.isSigned('one', '')).toBe(false);
});

test('a key that can’t be read is told, with the remedy', async () => {
  const data = join(dir, 'damaged');
  readKeys(data);
  await writeFile(join(data, 'key'), 'short');
  expect(() => readKeys(data)).toThrow(
    /^Pen Pal can’t read its key .* Put back the file from a copy/,
  );
});
