import { dateEvents } from './events';

const date = (occasion: string, name: string) => ({
  key: name,
  occasion,
  name,
  whose: '',
  month: 5,
  day: 4,
  year: 1988,
});

test('the year of a birthday is one of birth, that of another date when it began', () => {
  const ana = {
    id: 'ana',
    householdId: null,
    dates: [date('birthday', 'birthday'), date('own.moved in', 'moved in')],
  };
  const events = dateEvents([ana], new Map([['ana', 'Ana Lind']]), {
    thisYear: 2026,
    leapDay: 'feb28',
  });
  expect(events.map(({ description }) => description)).toEqual(['Born in 1988', 'Since 1988']);
});
