import { getSettings } from '@/contract/settings';
import { yearShape, type Beat, type YearShape } from '@/core/cadences';
import { plainDate, toDayNumber } from '@/core/time';
import * as sample from '@/testing/samples';
import { fakeServer, screen, show as showIn } from '@/testing/screen';

import { YearView } from './year-view';

const everyDay = { workingDays: [1, 2, 3, 4, 5, 6, 7] as const, daysOff: new Set<number>() };
const beat = (afterDays: number, kind: Beat['kind']): Beat => ({
  id: kind,
  timing: { on: 'after', days: afterDays },
  kind,
  wordings: [],
  way: 'hand',
  dayRule: 'exact',
});
const start = toDayNumber(plainDate('2026-11-23'));

const show = (shape: YearShape, writing = { locale: 'en-US', currency: 'USD' }) => {
  fakeServer().answer(getSettings, sample.settings(writing));
  return showIn(<YearView shape={shape} />);
};

test('the year is told in words beside its drawing', () => {
  const cadence = {
    beats: [beat(0, 'call'), beat(31, 'social'), beat(62, 'text')],
    rounds: null,
    gapDays: 31,
  };
  show(yearShape(cadence, start, everyDay));
  expect(screen.getByText('12 touches in three ways. Longest silence 31 days.')).toBeTruthy();
  expect(screen.getByText('call 4, text 4, social word 4')).toBeTruthy();
});

test('what it costs is in the owner’s currency, as they write it', async () => {
  const shape = yearShape({ beats: [beat(0, 'gift')], rounds: 1, gapDays: 0 }, start, everyDay);
  show({ ...shape, costMinor: 123450 }, { locale: 'de-DE', currency: 'EUR' });
  expect(await screen.findByText(/1\.234,50\s€/)).toBeTruthy();
});

test('two touches of a kind in a month are counted, not hidden', () => {
  const cadence = {
    beats: [beat(0, 'call'), { ...beat(5, 'call'), id: 'again' }],
    rounds: 1,
    gapDays: 0,
  };
  show(yearShape(cadence, start, everyDay));
  expect(screen.getByText('2 touches in one way. Longest silence 360 days.')).toBeTruthy();
  expect(screen.getByText('2', { selector: 'text' })).toBeTruthy();
});

test('no beats, no year', () => {
  show(yearShape({ beats: [], rounds: 1, gapDays: 0 }, start, everyDay));
  expect(screen.getByText('Nothing yet. Add a beat to see the year it makes.')).toBeTruthy();
});
