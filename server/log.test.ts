import { DatabaseError } from 'pg';

import { faultForLog } from './log';

test('a fault in the log says where and of which kind, and nothing of what people wrote', () => {
  const error = Object.assign(new DatabaseError('Key (name)=(Rosa Lind) exists.', 10, 'error'), {
    code: '23505',
    detail: 'Key (name)=(Rosa Lind) already exists.',
    table: 'person_all',
    constraint: 'person_name',
    query: "insert into person values ('Rosa Lind')",
    params: ['Rosa Lind', 'rosa@example.com'],
  });
  const logged = faultForLog(error);
  expect(logged).toMatchObject({ code: '23505', table: 'person_all', constraint: 'person_name' });
  expect(logged.at[0]).toMatch(/^at /);
  expect(JSON.stringify(logged)).not.toMatch(/Rosa|rosa@/);
});

test.each([null, undefined, 'Rosa Lind', 7, {}])('%j has no place and no words', (error) => {
  expect(faultForLog(error).at).toEqual([]);
  expect(JSON.stringify(faultForLog(error))).not.toContain('Rosa');
});
