import { need } from '.';

test('what is there is answered as it is, also what counts as nothing', () => {
  for (const value of [0, '', false, NaN, [], {}]) expect(need(value)).toBe(value);
});

test.each([undefined, null])('%s is refused where it is needed', (value) => {
  expect(() => need(value)).toThrow('has to be there');
});
