import { tidyText } from './tidy-text';

test.each([
  ['Ana', 'Ana'],
  ['  Ana \n', 'Ana'],
  ['\u200BAna\u00A0Lind\u200E', 'Ana Lind'],
  ['Port\u00ADEllery', 'PortEllery'],
  ['\uFEFFJosé\u2009Núñez', 'José Núñez'],
  ['\u202A+1 503 555 0142\u202C', '+1 503 555 0142'],
  // Where letters run the other way or change their shapes, what stands within says how.
  ['\u200Fדן\u200E (Dan)\u200F', 'דן\u200E (Dan)'],
  ['👩\u200D👧', '👩\u200D👧'],
  ['\u200B\u00A0', ''],
])('%j is meant as %j', (given, meant) => {
  expect(tidyText(given)).toBe(meant);
  expect(tidyText(meant)).toBe(meant);
});
