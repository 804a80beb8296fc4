import { MOST_FILES_BYTES } from '@/contract/files';
import { MOST_SIGNS, type TemplateKind, type Words } from '@/contract/templates';
import { faultSentence, MERGE_FIELDS, ownFieldName, templateFaults } from '@/core/templates';

import { figure } from '@/core/time';

import { invalid } from '../api';
import type { Context } from '../context';
import type { Sql } from '../db';
import { readFiles } from '../files';
import { readOwnFields } from '../lists';
import { FACTS } from '../people';
import { cleanRich, picturesIn, plainOf } from './rich';

/** What is wrong with words whoever reads them, in sentences. */
export async function faultsOfWords(ctx: Context, texts: readonly string[]): Promise<string[]> {
  const own = await readOwnFields(ctx.db);
  const known = new Set([
    ...MERGE_FIELDS.map(({ key }) => key),
    ...own.map(({ name }) => ownFieldName(name)),
    ...ctx.house.of(FACTS).map(({ key }) => key),
  ]);
  return texts.flatMap((text) =>
    templateFaults(text, (field) => known.has(field)).map(faultSentence),
  );
}

/** Rich words without what does not belong in them, the plain ones made of them; only e-mails have a subject or are rich. */
export function tidied<W extends Words>(kind: TemplateKind, words: W): W {
  if (kind !== 'email') return { ...words, subject: '', html: '' };
  const html = cleanRich(words.html);
  return { ...words, html, words: html ? plainOf(html) : words.words };
}

/** The same of words that are to be kept or sent; refused where nothing is in them, or far too much. */
export function tidiedOrRefused<W extends Words>(kind: TemplateKind, given: W): W {
  const words = tidied(kind, given);
  if (words.words.trim() === '' && picturesIn(words.html).length === 0)
    throw invalid('There is nothing in it yet.', 'words');
  if (words.words.length > MOST_SIGNS)
    throw invalid(`These words are longer than ${figure(MOST_SIGNS)} signs.`, 'words');
  return words;
}

/** Refuses files that are not there, or are too much together for mail servers to take. */
export async function assertFiles(sql: Sql, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  const found = await readFiles(sql, ids);
  if (found.length < ids.length)
    throw invalid('A file that goes with it is not there any more. Add it once more.', 'files');
  if (found.reduce((sum, { size }) => sum + size, 0) > MOST_FILES_BYTES)
    throw invalid(
      `The files are larger than ${MOST_FILES_BYTES / 1024 / 1024} MB together, which many mail servers refuse. Leave one out, or send a link to it.`,
      'files',
    );
}
