import { strFromU8, strToU8, zipSync } from 'fflate';
import fc from 'fast-check';
import Papa from 'papaparse';
import writeSheet from 'write-excel-file/node';
import { convertDateToSerialNumber } from 'write-excel-file/utility';

import { plainDate, serialDay } from '@/core/time';

import { decode } from './decode';
import { readImportFile } from '../read-file';
import { isSheet, readSheetTable } from './sheet';
import { readTable } from './table';

type Cell = string | number | boolean | Date | null;

/** A file as write-excel-file, a general spreadsheet library, writes it. */
const fileOf = async (rows: Cell[][]) =>
  new Uint8Array(await writeSheet(rows, { dateFormat: 'mm/dd/yyyy' }).toBuffer());

async function tableOf(rows: Cell[][]) {
  const read = await readSheetTable(await fileOf(rows));
  if (!read.ok) throw new Error(read.fault.reason);
  return read.table;
}
const faultOf = async (bytes: Uint8Array) => {
  const read = await readSheetTable(bytes);
  return read.ok ? null : read.fault.reason;
};
const day = (text: string) => new Date(`${text}T00:00:00Z`);

test('dates are days, numbers keep their figures, yes and no are words', async () => {
  const { header, rows } = await tableOf([
    ['Name', 'Birthday', 'Zip', 'Loan', 'Phone', 'Moved'],
    ['Ana Lind', day('1980-03-07'), '00012', 1250.5, 5035550142, true],
    ['Bo Marsh', day('2024-02-29'), 12, null, 12035550142, false],
  ]);
  expect(header).toEqual(['Name', 'Birthday', 'Zip', 'Loan', 'Phone', 'Moved']);
  expect(rows).toEqual([
    { row: 2, cells: ['Ana Lind', '1980-03-07', '00012', '1250.5', '5035550142', 'yes'] },
    { row: 3, cells: ['Bo Marsh', '2024-02-29', '12', '', '12035550142', 'no'] },
  ]);
});

test('a sheet is seen by its bytes whatever the file is called, and comes in as people', async () => {
  const bytes = await fileOf([
    ['My clients', null, null],
    ['First name', 'E-mail', 'Birthday'],
    ['Ana', 'ana@example.com', day('1980-03-07')],
    [null, null, null],
    ['Total', null, null],
  ]);
  expect(isSheet(bytes)).toBe(true);
  const asked = { pasted: false, mapping: null, own: [], today: plainDate('2026-11-23') };
  const read = await readImportFile({ ...asked, bytes });
  if (!read.ok) throw new Error(read.fault.sentence);
  expect(read.file.format).toBe('sheet');
  expect(read.file.people.map(({ fields }) => [fields.givenName, fields.birthday])).toEqual([
    ['Ana', '1980-03-07'],
  ]);
  expect(read.file.faults.map(({ row }) => row)).toEqual([1, 5]);
});

test('days are counted as a general library counts them, from the March of 1900 on', () => {
  fc.assert(
    fc.property(
      fc.date({ min: day('1900-03-01'), max: day('2099-12-31'), noInvalidDate: true }),
      (date) => {
        const text = date.toISOString().slice(0, 10);
        expect(serialDay(convertDateToSerialNumber(day(text)))).toBe(text);
      },
    ),
  );
});

// ECMA-376-1:2016, 18.17.4.1: 1 is 1 January 1900, and there is a 29 February 1900 that never was.
test.each([
  [1, '1900-01-01'],
  [59, '1900-02-28'],
  [60, null],
  [61, '1900-03-01'],
  [0, null],
])('day %d', (serial, on) => expect(serialDay(serial)).toBe(on));

test('what stands in a sheet is what stands in a CSV file of the same cells', async () => {
  // The library can't write the names of what every object has.
  const text = fc.string({ unit: 'grapheme', maxLength: 30 }).filter((word) => !(word in {}));
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(text, text, text), { minLength: 1, maxLength: 40 }),
      async (cells) => {
        const rows = [['Name', 'City', 'Note'], ...cells.map(([a, b, c]) => [`Ana ${a}`, b, c])];
        const csv = readTable(decode(new TextEncoder().encode(Papa.unparse(rows)))!);
        const sheet = await tableOf(rows.map((row) => row.map((cell) => cell || null)));
        if (!csv.ok) throw new Error(csv.fault.reason);
        expect(sheet.rows.map((row) => padded(row.cells))).toEqual(
          csv.table.rows.map((row) => padded(row.cells)),
        );
      },
    ),
    { numRuns: 30 },
  );
});
const padded = (cells: readonly string[]) => [0, 1, 2].map((i) => cells[i] ?? '');

describe('what is no list is refused in words', () => {
  test('more columns than any list has', async () =>
    expect(
      await faultOf(await fileOf([Array.from({ length: 5_000 }, (_, i) => `C${i}`), ['x']])),
    ).toBe('too_many_columns'));
  test('a small archive that would be huge', async () => {
    const bomb = zipSync({ 'xl/worksheets/sheet1.xml': new Uint8Array(1024) });
    // The length of the part, as the directory at the end says it (APPNOTE 4.3.12).
    const entry = bomb.findIndex((_, i) => strFromU8(bomb.subarray(i, i + 4)) === 'PK\u0001\u0002');
    new DataView(bomb.buffer, bomb.byteOffset).setUint32(entry + 24, 3e9, true);
    expect(await faultOf(bomb)).toBe('unpacks_too_large');
  });
  test('another archive', async () =>
    expect(await faultOf(zipSync({ 'word/document.xml': strToU8('<w/>') }))).toBe('not_text'));
  test('half of a file', async () => {
    const whole = await fileOf([['Name'], ['Ana']]);
    expect(await faultOf(whole.subarray(0, whole.length / 2))).toBe('not_text');
  });
});
