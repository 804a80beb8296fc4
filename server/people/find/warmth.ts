/**
 * Mirrors core/touches/promise.ts: warmthOf, in whole numbers, which are several times quicker. A test
 * holds the two together.
 */
export const warmthSql = (today: string): string => `case
  when s.due_on is null then null
  when 2 * (s.due_on - ${today}::date) > s.promise_days then 'fresh'
  when 5 * (s.due_on - ${today}::date) > s.promise_days then 'steady'
  when s.due_on >= ${today}::date then 'soon'
  when 2 * (s.due_on - ${today}::date) >= -s.promise_days then 'slipping'
  else 'quiet' end`;
