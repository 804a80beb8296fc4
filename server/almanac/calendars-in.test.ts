import { addFeed, readCalendar, takeDates } from '@/contract/calendars';
import { undoAction } from '@/contract/history';
import { addPerson, getPerson } from '@/contract/people';
import { startTestApi, type TestApi } from '@/testing/api';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());

const add = async (givenName: string, more: object = {}) =>
  (await api.call(addPerson, { body: { givenName, phone: '555-0101', ...more } })).id;
const feed = () => api.call(addFeed, { body: { name: 'My dates', shows: ['dates' as const] } });
const get = (path: string) => fetch(new URL(path, api.url));

describe('dates in', () => {
  const file = (...events: string[]) =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', ...events, 'END:VCALENDAR'].join('\r\n');
  const event = (...lines: string[]) =>
    ['BEGIN:VEVENT', `UID:${lines[0]}`, ...lines, 'END:VEVENT'].join('\r\n');
  const read = (text: string) =>
    api.call(readCalendar, {
      body: { fileName: 'dates.ics', content: Buffer.from(text).toString('base64') },
    });

  test('are matched to people, previewed, and taken in as they are confirmed', async () => {
    const rosa = await add('Rosa', { familyName: 'Lind', birthday: '1980-05-04' });
    const ana = await add('Ana', { familyName: 'Birch' });
    await add('Ana', { familyName: 'Holm' });
    const dana = await add('Dana', { familyName: 'Marsh' });
    const lee = await add('Lee', { familyName: 'Marsh' });
    const found = await read(
      file(
        event('SUMMARY:Rosa Lind’s birthday', 'DTSTART;VALUE=DATE:19800504', 'RRULE:FREQ=YEARLY'),
        event('SUMMARY:Ana Birch’s Birthday', 'DTSTART;VALUE=DATE:19790612', 'RRULE:FREQ=YEARLY'),
        event(
          'SUMMARY:Wedding: Dana & Lee Ma',
          ' rsh',
          'DTSTART;VALUE=DATE:20011210',
          'RRULE:FREQ=YEARLY',
        ),
        event('SUMMARY:Ana’s birthday', 'DTSTART;VALUE=DATE:20260701', 'RRULE:FREQ=YEARLY'),
        event('SUMMARY:Zed Nobody’s birthday', 'DTSTART;VALUE=DATE:16040701', 'RRULE:FREQ=YEARLY'),
        event('SUMMARY:Dentist', 'DTSTART:20261201T100000Z'),
        event('SUMMARY:Backup', 'DTSTART:20261201T100000Z', 'RRULE:FREQ=SECONDLY'),
      ),
    );
    expect(
      found.dates.map(({ name, on, state, people, before }) => ({
        name,
        on,
        state,
        people: people.length,
        before,
      })),
    ).toEqual([
      { name: 'birthday', on: '1980-05-04', state: 'known', people: 1, before: '1980-05-04' },
      { name: 'birthday', on: '1979-06-12', state: 'new', people: 1, before: null },
      { name: 'wedding', on: '2001-12-10', state: 'new', people: 1, before: null },
      { name: 'wedding', on: '2001-12-10', state: 'new', people: 1, before: null },
      { name: 'birthday', on: '07-01', state: 'ask', people: 2, before: null },
      { name: 'birthday', on: '07-01', state: 'nobody', people: 0, before: null },
    ]);
    expect(found.otherEvents).toBe(2);
    const { actionId } = await api.call(takeDates, {
      body: {
        dates: [
          { personId: ana, name: 'birthday', on: '1979-06-12' },
          { personId: rosa, name: 'birthday', on: '1980-05-05' },
          { personId: dana, name: 'wedding', on: '2001-12-10' },
          { personId: lee, name: 'wedding', on: '2001-12-10' },
        ],
      },
    });
    const fields = async (id: string) => (await api.call(getPerson, { params: { id } })).fields;
    expect((await fields(ana)).birthday).toBe('1979-06-12');
    expect((await fields(rosa)).birthday).toBe('1980-05-05');
    expect((await fields(lee)).dates).toEqual([{ name: 'wedding', on: '2001-12-10' }]);
    await api.call(undoAction, { params: { id: actionId } });
    expect([(await fields(ana)).birthday, (await fields(rosa)).birthday]).toEqual([
      null,
      '1980-05-04',
    ]);
  });

  test('what we wrote ourselves is read back as known', async () => {
    await add('Rosa', {
      familyName: 'Lind',
      birthday: '1980-05-04',
      dates: [{ name: 'Moved in', on: '2011-03-01' }],
    });
    await add('Leap', { familyName: 'Day', birthday: '02-29' });
    const text = await (await get((await feed()).path)).text();
    const { dates } = await read(text);
    expect(dates.map(({ state, on }) => [state, on])).toEqual([
      ['known', '1980-05-04'],
      ['known', '2011-03-01'],
      ['known', '02-29'],
    ]);
  });

  // The examples of RFC 5545: 3.1 (folding), 3.3.11 (escapes), 3.3.5 (a time of a zone, and the same as an instant).
  test('lines that are folded, also within a letter, escapes and zones are read as the standard has them', async () => {
    const whose = async (...lines: string[]) => {
      const text = file(event(...lines, 'CATEGORIES:BIRTHDAY', 'RRULE:FREQ=YEARLY'));
      return (await read(text)).dates.map(({ summary, on }) => [summary, on]);
    };
    const day = 'DTSTART;VALUE=DATE:19980119';
    const folded = 'SUMMARY:This is a lo\r\n ng description\r\n  that exists on a long line.';
    expect(await whose(folded, day)).toEqual([
      ['This is a long description that exists on a long line.', '1998-01-19'],
    ]);
    const escaped =
      'SUMMARY:Project XYZ Final Review\\nConference Room - 3B\\nCome Prepared\\, all\\; \\\\';
    expect(await whose(escaped, day)).toEqual([
      ['Project XYZ Final Review\nConference Room - 3B\nCome Prepared, all; \\', '1998-01-19'],
    ]);
    expect(await whose('SUMMARY:Rosa', 'DTSTART;TZID=America/New_York:19980119T020000')).toEqual([
      ['Rosa', '1998-01-19'],
    ]);
    expect(await whose('SUMMARY:Rosa', 'DTSTART:19980119T070000Z')).toEqual([
      ['Rosa', '1998-01-18'],
    ]);
    expect(await whose('SUMMARY:Rosa', 'DTSTART:19980119T000000Z')).toEqual([
      ['Rosa', '1998-01-19'],
    ]);
    const [before, behind] = ['SUMMARY:Änne Gro', 'ß'].map((part) => Buffer.from(part));
    const cut = Buffer.concat([
      Buffer.from('BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n'),
      before!,
      behind!.subarray(0, 1),
      Buffer.from('\r\n '),
      behind!.subarray(1),
      Buffer.from(
        `\r\nCATEGORIES:BIRTHDAY\r\n${day}\r\nRRULE:FREQ=YEARLY\r\nEND:VEVENT\r\nEND:VCALENDAR`,
      ),
    ]);
    for (const content of [
      cut,
      Buffer.from(
        `\ufeff${cut.toString('latin1').replace('\xc3\r\n \x9f', 'ß').replace('\xc3\x84', 'Ä')}`,
        'utf16le',
      ),
    ])
      expect(
        (
          await api.call(readCalendar, {
            body: { fileName: 'x.ics', content: content.toString('base64') },
          })
        ).dates.map(({ summary }) => summary),
      ).toEqual(['Änne Groß']);
  });

  test('what is none, too large, broken or endless is told in a sentence', async () => {
    const refused = (text: string) =>
      api.refusal(readCalendar, {
        body: { fileName: 'x.ics', content: Buffer.from(text).toString('base64') },
      });
    for (const none of ['hello', 'x'])
      expect((await refused(none)).message).toBe(
        'This is no iCalendar file: it holds no calendar.',
      );
    expect((await refused(`BEGIN:VCALENDAR${' '.repeat(10 * 2 ** 20)}`)).message).toBe(
      'This file has 11 MB; Pen Pal reads calendars of up to 10 MB.',
    );
    const half = await read(
      `BEGIN:VCALENDAR\r\n${event('SUMMARY:Rosa’s birthday', 'DTSTART;VALUE=DATE:99999999', 'RRULE:FREQ=SOMETIMES')}\r\nBEGIN:VEVENT\r\nSUMMARY:cut`,
    );
    expect(half.dates).toEqual([]);
    expect(half.faults.length + half.otherEvents).toBe(1);
    // A file of beginnings alone is looked through once.
    const many = 'BEGIN:VEVENT\r\n'.repeat(200_000);
    expect((await read(`BEGIN:VCALENDAR\r\n${many}`)).dates).toEqual([]);
  });
});
