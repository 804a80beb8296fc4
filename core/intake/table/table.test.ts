import { decode, MAX_ROWS, readTable, tableFaultSentence } from '..';

const bytes = (text: string) => new TextEncoder().encode(text);

function read(text: string | Uint8Array) {
  const result = readTable(decode(typeof text === 'string' ? bytes(text) : text)!);
  if (!result.ok) throw new Error(tableFaultSentence(result.fault));
  return result.table;
}

const faultOf = (text: string | Uint8Array) => {
  const result = readTable(decode(typeof text === 'string' ? bytes(text) : text)!);
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

  test('rows with more and with fewer cells than the header are read', () => {
    const table = read('Name,Phone\nAna,555-0101,what\nBo\nCy,555-0102');
    expect(table.faults).toEqual([]);
    expect(table.rows.map(({ cells }) => cells)).toEqual([
      ['Ana', '555-0101', 'what'],
      ['Bo'],
      ['Cy', '555-0102'],
    ]);
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

describe('files as spreadsheets and people leave them', () => {
  const cellsOf = (text: string) => read(text).rows.map(({ cells }) => cells);

  test.each([
    ['a line that names the separator', 'sep=;\nName;Phone\nAna;555-0101', [['Ana', '555-0101']]],
    ['a title above', 'My clients\n\nName,Phone\nAna,555-0101', [['Ana', '555-0101']]],
    ['blank lines', 'Name,Phone\n\n\nAna,555-0101\n\n', [['Ana', '555-0101']]],
    ['totals below', 'Name,Value\nAna,5\nTotal,5\n', [['Ana', '5']]],
    ['kept from being figures', `Name,Zip,Key\nAna,="00012",'00013`, [['Ana', '00012', '00013']]],
    [
      'signs without ink',
      'Name,City\n\u200BAna\u00A0Lind\u200E,Port\u00ADEllery',
      [['Ana Lind', 'PortEllery']],
    ],
    [
      'quotes amid a cell',
      'Name,Note\nAna "Annie" Lind,6" of rain',
      [['Ana "Annie" Lind', '6" of rain']],
    ],
  ])('%s', (_, text, cells) => {
    expect(cellsOf(text)).toEqual(cells);
  });

  test('what is left out is told with its row', () => {
    expect(read('My clients\nName,Phone\nAna,5\nTotal,5\n').faults).toEqual([
      { row: 1, why: 'A line above the headings, which is nobody.', leftOut: true },
      { row: 4, why: 'A line of totals, which is nobody.', leftOut: true },
    ]);
  });

  test.each([
    'Name,Note\nAna,fine\nBo,"never closed\nCy,fine\nDi,fine\n',
    // Closed far below by another one, so that rows in between would be a single cell.
    'Name,Note\nAna,fine\nBo,"never closed\nCy,fine\nDi,"fine"\n',
  ])('a quotation mark that is not closed swallows nobody: %j', (text) => {
    const table = read(text);
    expect(table.rows.map(({ cells }) => cells[0])).toEqual(['Ana', 'Bo', 'Cy', 'Di']);
    expect(table.rows[1]!.cells[1]).toBe('"never closed');
    expect(table.faults[0]).toMatchObject({ row: 3, leftOut: false });
  });

  test('a cell of several lines stays one', () => {
    expect(cellsOf('Name,Note\nAna,"one\ntwo\nthree, four"\nBo,x')).toEqual([
      ['Ana', 'one\ntwo\nthree, four'],
      ['Bo', 'x'],
    ]);
  });

  test('only names, without a header, are all people', () => {
    expect(cellsOf('Ana Lind\nBo Marsh\nCy Fox')).toEqual([['Ana Lind'], ['Bo Marsh'], ['Cy Fox']]);
    expect(cellsOf('Lind, Ana\nMarsh, Bo').length).toBe(2);
    expect(cellsOf('Everybody\nAna Lind\nBo Marsh').length).toBe(2);
  });

  test('a control character is taken out and told', () => {
    const table = read('Name,Note\nAna,a\u0001b\nBo,x\u0000y');
    expect(table.rows.map(({ cells }) => cells[1])).toEqual(['ab', 'xy']);
    expect(table.faults.map(({ row }) => row)).toEqual([2, 3]);
  });

  test('a thousand columns are too many', () => {
    expect(faultOf(`${'a,'.repeat(4_999)}Name\n1`)).toMatch(/^This file has 5,000 columns/);
  });
});

describe('files that can not be read say why', () => {
  test.each([
    ['', 'This file is empty.'],
    [' \r\n\r\n', 'This file is empty.'],
    ['Name,Phone\n', 'This file has a header but no rows below it.'],
  ])('%j', (text, sentence) => {
    expect(faultOf(text)).toBe(sentence);
  });

  test('bytes that are no text are none', () => {
    expect(decode(new Uint8Array([0x25, 0x50, 0, 0, 0, 1, 0, 2]))).toBeNull();
  });

  test('a hundred thousand rows are too many at once', () => {
    const text = `Name\n${'Ana Lind\n'.repeat(100_000)}`;
    expect(faultOf(text)).toBe(
      `This file has 100,000 rows; Pen Pal reads up to ${MAX_ROWS.toLocaleString('en-US')} at a time. Split it and import the parts.`,
    );
  });
});

test('a file of nothing but open quotation marks is refused in words', () => {
  expect(faultOf(`Name,Note\n${'Ana,"never\n'.repeat(200)}`)).toMatch(
    /^From row \d+ on, this file opens quotation marks/,
  );
});
