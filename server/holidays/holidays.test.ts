import { allForYear } from '@18f/us-federal-holidays';
import japan from '@holiday-jp/holiday_jp';
import { CzechHolidays as czechia } from 'czech-holidays';
import { getHolidays as germany } from 'feiertagejs';
import finland from 'finnish-holidays-js';
import { getHolidaysInYear as poland } from 'poland-public-holidays';
import { getHolidays as sweden } from 'swedish-holidays';

import { listCountries, listHolidays } from '@/contract/almanac';
import { createCadence } from '@/contract/cadences';
import { enrol, previewEnrolment } from '@/contract/enrolments';
import { addPerson, getPerson } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { getSettings, saveSettings } from '@/contract/settings';
import { plainDate, toDayNumber, toPlainDate, weekdayOf } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';

import { publicHolidays } from './holidays';

const TODAY = plainDate('2026-11-23');

describe('the days themselves', () => {
  // Outside check: @18f/us-federal-holidays, after 5 U.S.C. 6103, written by others than date-holidays.
  test('working days that are federal holidays of the United States, 2022 to 2040', () => {
    const ours = publicHolidays({ country: 'US', region: '' }, 2022, 2040)
      .filter(({ on }) => weekdayOf(on) <= 5)
      .map(({ on }) => toPlainDate(on) as string);
    const theirs = Array.from({ length: 20 }, (_, i) => allForYear(2022 + i))
      .flat()
      // A New Year's Day on a Saturday is kept in the year before.
      .map(({ dateString }) => dateString)
      .filter((on) => on >= '2022-01-01' && on <= '2040-12-31');
    expect(ours).toEqual([...new Set(theirs)].sort());
  });

  test('Labor Day is spelled as the country spells it', () => {
    const names = (country: string) =>
      publicHolidays({ country, region: '' }, 2026, 2026).map(({ name }) => name);
    expect(allForYear(2026).map(({ name }) => name)).toContain('Labor Day');
    expect(names('US')).toContain('Labor Day');
    expect(names('CA')).toContain('Labour Day');
  });

  test('movable feasts: Good Friday and Whit Monday of Bavaria', () => {
    // From the published table of Western Easter: 5 April 2026.
    const days = publicHolidays({ country: 'DE', region: 'BY' }, 2026, 2026);
    const on = (name: string) => toPlainDate(days.find((day) => day.name === name)!.on);
    expect([on('Good Friday'), on('Whit Monday')]).toEqual(['2026-04-03', '2026-05-25']);
  });

  test('a feast of several days takes all of them', () => {
    const eid = publicHolidays({ country: 'SA', region: '' }, 2026, 2026).filter(({ name }) =>
      name.includes('Eid al-Fitr'),
    );
    expect(eid.length).toBeGreaterThan(1);
    expect(eid.map(({ on }) => on - eid[0]!.on)).toEqual(eid.map((_, i) => i));
  });
});

describe('days off', () => {
  let api: TestApi;
  let ana: string;
  beforeEach(async () => {
    api = await startTestApi({ demo: true });
    ana = (await api.call(addPerson, { body: { givenName: 'Ana', phone: '555-0101' } })).id;
  });
  afterEach(() => api.close());

  // Thanksgiving, the fourth Thursday of November.
  const onThanksgiving = beat(3);
  const cadence = async () =>
    (
      await api.call(createCadence, {
        body: { name: 'Quarterly', rounds: null, gapDays: 60, beats: [onThanksgiving] },
      })
    ).id;

  test('the plan keeps public holidays free, and names the one that moved a touch', async () => {
    const { actionId } = await api.call(saveSettings, { body: { country: 'US' } });
    const body = { cadenceId: await cadence(), who: { ids: [ana] }, startOn: TODAY };
    const preview = await api.call(previewEnrolment, { body: { ...body, samplePersonId: null } });
    expect(preview.sample!.touches[0]).toMatchObject({ on: '2026-11-27' });
    await api.call(enrol, { body });
    const first = async () => (await api.call(getPerson, { params: { id: ana } })).planned[0];
    expect(await first()).toMatchObject({
      day: '2026-11-27',
      reason: 'Quarterly: call. Moved from Thursday, Thanksgiving Day.',
    });
    expect((await api.call(getSettings)).freeDays).toContain('2026-12-25');
    await api.call(undoAction, { params: { id: actionId } });
    expect(await first()).toMatchObject({ day: '2026-11-26', reason: 'Quarterly: call.' });
  });

  test('a holiday on which the owner works is none', async () => {
    await api.call(saveSettings, {
      body: { country: 'US', holidaysWorked: ['Thanksgiving Day'] },
    });
    await api.call(enrol, {
      body: { cadenceId: await cadence(), who: { ids: [ana] }, startOn: TODAY },
    });
    const { planned } = await api.call(getPerson, { params: { id: ana } });
    expect(planned[0]!.day).toBe('2026-11-26');
    const { holidays } = await api.call(listHolidays);
    expect(holidays.slice(0, 2)).toEqual([
      { on: '2026-11-26', name: 'Thanksgiving Day', worked: true },
      { on: '2026-12-25', name: 'Christmas Day', worked: false },
    ]);
    expect((await api.call(getSettings)).freeDays).not.toContain('2026-11-26');
  });

  test('countries and their parts are listed; one that is not known is refused', async () => {
    const { countries, regions } = await api.call(listCountries, { query: { country: 'US' } });
    expect(countries).toContainEqual({ code: 'US', name: 'United States' });
    // As ISO 3166 has them since 2018 and 2019 (from memory), and in English.
    for (const [code, name] of [
      ['SZ', 'Eswatini'],
      ['MK', 'North Macedonia'],
      ['IT', 'Italy'],
    ])
      expect(countries).toContainEqual({ code, name });
    expect(regions).toContainEqual({ code: 'HI', name: 'Hawaii' });
    expect(await api.refusal(saveSettings, { body: { country: 'QQ' } })).toMatchObject({
      message: 'No holidays are known for the country “QQ”.',
      field: 'country',
    });
    expect(
      await api.refusal(saveSettings, { body: { country: 'US', region: 'QQ' } }),
    ).toMatchObject({ field: 'region' });
    expect((await api.call(listHolidays)).holidays).toEqual([]);
  });

  test('another country forgets the part of the one before', async () => {
    await api.call(saveSettings, { body: { country: 'US', region: 'HI' } });
    await api.call(saveSettings, { body: { country: 'DE' } });
    expect((await api.call(getSettings)).settings).toMatchObject({ country: 'DE', region: '' });
  });
});

// Outside checks: the public holidays of six countries by libraries of others, each for its country alone.
describe('beside the libraries of single countries, 2022 to 2028', () => {
  const YEARS = [2022, 2023, 2024, 2025, 2026, 2027, 2028];
  const pad = (n: number) => String(n).padStart(2, '0');
  const isoOf = ({ year, month, day }: { year: number; month: number; day: number }) =>
    `${year}-${pad(month)}-${pad(day)}`;
  const ours = (country: string, region = '') =>
    publicHolidays({ country, region }, 2022, 2028).map(({ on }) => toPlainDate(on) as string);
  const sorted = (days: readonly string[]) => [...new Set(days)].sort();

  test('Germany, what is free everywhere', () => {
    const theirs = YEARS.flatMap((year) =>
      germany(year, 'BUND').map(({ dateString }) => dateString),
    );
    expect(ours('DE')).toEqual(sorted(theirs));
  });

  test('Japan', () => {
    const theirs = japan.between(new Date('2022-01-01'), new Date('2028-12-31'));
    expect(sorted(ours('JP')).filter((on) => on <= '2027')).toEqual(
      theirs.map(({ date }) => date.toISOString().slice(0, 10)).filter((on) => on <= '2027'),
    );
  });

  test('Sweden', () => {
    const theirs = YEARS.flatMap((year) =>
      sweden(year)
        .filter(({ isPublicHoliday }) => isPublicHoliday)
        .map(isoOf),
    );
    expect(ours('SE')).toEqual(sorted(theirs));
  });

  test('Finland, of which that one lists working days alone, and two eves that are none by law', () => {
    const theirs = YEARS.flatMap((year) => finland.year(year))
      .filter(({ description }) => !/Eve/.test(description))
      .map(isoOf);
    const weekdays = ours('FI').filter((on) => weekdayOf(toDayNumber(plainDate(on))) <= 5);
    expect(weekdays).toEqual(sorted(theirs));
  });

  test('Poland, where Christmas Eve is one since 2025, which that one does not know yet', () => {
    const theirs = YEARS.flatMap((year) => poland(year)).map(({ date }) =>
      new Date(date).toISOString().slice(0, 10),
    );
    const eves = YEARS.filter((year) => year >= 2025).map((year) => `${year}-12-24`);
    expect(ours('PL')).toEqual(sorted([...theirs, ...eves]));
  });

  test('Czechia', () => {
    const theirs = YEARS.flatMap((year) =>
      czechia(year).map(({ m, d }) => isoOf({ year, month: m, day: d })),
    );
    expect(ours('CZ')).toEqual(sorted(theirs));
  });
});
