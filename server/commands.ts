import { createInterface } from 'node:readline';

import { mkdir } from 'node:fs/promises';

import { PASSPHRASE_LENGTH } from '@/contract/access';

import { PassphraseFile, weakness } from './guard';
import { StartFault } from './config';
import { makePrivate } from './db';

/** Lines of the terminal, or of what is piped in; what is typed in a terminal is not shown. */
async function askLines(questions: readonly string[]): Promise<string[]> {
  const { stdin, stdout } = process;
  const shown = createInterface({ input: stdin, output: stdout, terminal: stdin.isTTY });
  // Nothing that is typed is written back.
  if (stdin.isTTY)
    (shown as unknown as { _writeToOutput(text: string): void })._writeToOutput = () => {};
  const lines = shown[Symbol.asyncIterator]();
  const answers: string[] = [];
  for (const question of questions) {
    stdout.write(`${question}: `);
    answers.push(((await lines.next()).value as string | undefined) ?? '');
    stdout.write('\n');
  }
  shown.close();
  return answers;
}

/**
 * Sets the passphrase from the terminal: the way in, and the way back in, of who holds the machine. Pen
 * Pal may be running meanwhile; all devices are signed out.
 */
export async function setPassphraseHere(dataDir: string): Promise<void> {
  const [first = '', again = ''] = await askLines([
    `New passphrase (at least ${PASSPHRASE_LENGTH.least} characters)`,
    'Once more',
  ]);
  const { least, most } = PASSPHRASE_LENGTH;
  if (first !== again) throw new StartFault('These two are not the same. Nothing was changed.');
  if (first.length < least)
    throw new StartFault(`At least ${least} characters. Nothing was changed.`);
  if (first.length > most) throw new StartFault(`At most ${most} characters. Nothing was changed.`);
  const weak = await weakness(first);
  if (weak) throw new StartFault(`${weak} Nothing was changed.`);
  await mkdir(dataDir, { recursive: true });
  await makePrivate(dataDir);
  await new PassphraseFile(dataDir).set(first);
  console.log('The passphrase is set. Every device signs in with it from now on.');
}
