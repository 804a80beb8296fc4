/** Mirrors core/touches/promise.ts: warmthOf. A test holds the two together. */
export const warmthSql = (today: string): string => `case
  when s.due_on is null then null
  when (s.due_on - ${today}::date)::numeric / s.promise_days > 0.5 then 'fresh'
  when (s.due_on - ${today}::date)::numeric / s.promise_days > 0.2 then 'steady'
  when s.due_on >= ${today}::date then 'soon'
  when (s.due_on - ${today}::date)::numeric / s.promise_days >= -0.5 then 'slipping'
  else 'quiet' end`;
