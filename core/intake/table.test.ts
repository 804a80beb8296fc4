import { MAX_ROWS, readTable, tableFaultSentence } from '.';

const bytes = (text: string) => new TextEncoder().encode(text);

function read(text: string | Uint8Array) {
  const result = readTable(typeof text === 'string' ? bytes(text) : text);
  if (!result.ok) throw new Error(tableFaultSentence(result.fault));
  return result.table;
}

const faultOf = (text: string | Uint8Array) => {
  const result = readTable(typeof text === 'string' ? bytes(text) : text);
  return result.ok ? null : tableFaultSentence(result.fault);
};

// RFC 4180, section 2, the examples of its rules.
describe('RFC 4180', () => {
  const header = 'field_name,field_name2,field_name3\r\n';
  test.each([
    [
      '1: each record on its own line',
      'aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n',
      [
        ['aaa', 'bbb', 'ccc'],
        ['zzz', 'yyy', 'xxx'],
      ],
    ],
    [
      '2: the last line may lack its break',
      'aaa,bbb,ccc\r\nzzz,yyy,xxx',
      [
        ['aaa', 'bbb', 'ccc'],
        ['zzz', 'yyy', 'xxx'],
      ],
    ],
    [
      '5: fields may be quoted or not',
      '"aaa","bbb","ccc"\r\nzzz,yyy,xxx',
      [
        ['aaa', 'bbb', 'ccc'],
        ['zzz', 'yyy', 'xxx'],
      ],
    ],
    [
      '6: quoted fields may hold line breaks',
      '"aaa","b\r\nbb","ccc"\r\nzzz,yyy,xxx',
      [
        ['aaa', 'b\r\nbb', 'ccc'],
        ['zzz', 'yyy', 'xxx'],
      ],
    ],
    ['7: a quote inside is doubled', '"aaa","b""bb","ccc"', [['aaa', 'b"bb', 'ccc']]],
  ])('%s', (_, text, rows) => {
    const table = read(header + text);
    expect(table.header).toEqual(['field_name', 'field_name2', 'field_name3']);
    expect(table.rows.map(({ cells }) => cells)).toEqual(rows);
  });
});

describe('files as they come', () => {
  test.each([
    [';', 'Name;Phone\nAna;555-0101'],
    ['\t', 'Name\tPhone\nAna\t555-0101'],
    ['|', 'Name|Phone\nAna|555-0101'],
  ])('a file with “%s” between its cells', (delimiter, text) => {
    const table = read(text);
    expect(table.delimiter).toBe(delimiter);
    expect(table.rows[0]!.cells).toEqual(['Ana', '555-0101']);
  });

  test('UTF-16 and Windows-1252 are told by their bytes', () => {
    const utf16 = new Uint8Array([
      0xff,
      0xfe,
      ...[...'Name\nŁucja'].flatMap((c) => [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8]),
    ]);
    expect(read(utf16)).toMatchObject({ encoding: 'UTF-16', rows: [{ cells: ['Łucja'] }] });
    const latin = new Uint8Array([...bytes('Name\nAndr'), 0xe9]);
    expect(read(latin)).toMatchObject({ encoding: 'Windows-1252', rows: [{ cells: ['André'] }] });
    expect(read('\uFEFFName\nAna').header).toEqual(['Name']);
  });

  test('a file without a header keeps its first row', () => {
    const table = read('Ana Lind,ana@example.com\nBo Marsh,bo@example.com');
    expect(table.header).toEqual(['Column 1', 'Column 2']);
    expect(table.rows).toHaveLength(2);
  });

  test('a row with more cells than the header is a fault; a shorter one is read', () => {
    const table = read('Name,Phone\nAna,555-0101,what\nBo\nCy,555-0102');
    expect(table.faults).toEqual([{ row: 2, why: 'It has 3 cells where the header has 2.' }]);
    expect(table.rows.map(({ cells }) => cells[0])).toEqual(['Bo', 'Cy']);
  });

  test('what a spreadsheet would run stays text, and its guard goes', () => {
    const table = read(`Name,Note,Phone\nAna,"=HYPERLINK(""http://example.com"")",'+15415550142`);
    expect(table.rows[0]!.cells).toEqual([
      'Ana',
      '=HYPERLINK("http://example.com")',
      '+15415550142',
    ]);
  });
});

describe('files that can not be read say why', () => {
  test.each([
    ['', 'This file is empty.'],
    [' \r\n\r\n', 'This file is empty.'],
    ['Name,Phone\n', 'This file has a header but no rows below it.'],
    [
      'Name,Note\nAna,fine\nBo,"never closed\nCy,fine\n',
      "A quotation mark in row 3 is opened and never closed, so the rest of the file can't be told apart. Close it and choose the file again.",
    ],
  ])('%j', (text, sentence) => {
    expect(faultOf(text)).toBe(sentence);
  });

  test('a spreadsheet file is no text', () => {
    expect(faultOf(new Uint8Array([0x50, 0x4b, 3, 4, 0, 0, 0]))).toMatch(
      /^This is not a text file/,
    );
  });

  test('a hundred thousand rows are too many at once', () => {
    const text = `Name\n${'Ana Lind\n'.repeat(100_000)}`;
    expect(faultOf(text)).toBe(
      `This file has 100,000 rows; Pen Pal reads up to ${MAX_ROWS.toLocaleString('en-US')} at a time. Split it and import the parts.`,
    );
  });
});
