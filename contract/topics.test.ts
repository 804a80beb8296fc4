import { endpoints } from '.';

test('everything that can be read says what it shows, so that nothing is read again for nothing', () => {
  const silent = endpoints.filter(({ method, shows }) => method === 'get' && !shows);
  expect(silent.map(({ path }) => path)).toEqual([]);
});
