import { displayName, fold, formatPhone, NOBODY } from '.';

test.each([
  [{ givenName: 'Rosa', familyName: 'Lind' }, 'Rosa Lind'],
  [{ prefix: 'Dr.', givenName: 'Rosa', familyName: 'Lind' }, 'Rosa Lind'],
  [{ prefix: 'Mr.', familyName: 'Penhale' }, 'Mr. Penhale'],
  [{ givenName: 'Robert', goesBy: 'Bo', familyName: 'Marsh' }, 'Bo Marsh'],
  [
    { company: 'Tidewater Title', emails: [{ value: 'hello@example.com', label: '' }] },
    'Tidewater Title',
  ],
  [{ emails: [{ value: 'rosa@example.com', label: 'home' }] }, 'rosa@example.com'],
  [{ phones: [{ value: '555-0142', label: '' }] }, '555-0142'],
  [{}, 'Somebody without a name'],
])('%j is called %s', (parts, name) => {
  expect(displayName({ ...NOBODY, ...parts })).toBe(name);
});

test.each([
  ['Łucja Åberg', 'lucja aberg'],
  ['Ærø', 'aero'],
  ['Groß', 'gross'],
  ['José Œuvre', 'jose oeuvre'],
  ['Þórður', 'thordur'],
])('%s is searched as %s', (text, folded) => {
  expect(fold(text)).toBe(folded);
});

test('North American numbers are shown as people write them', () => {
  expect(formatPhone('+15415550142')).toBe('(541) 555-0142');
  expect(formatPhone('+441212345678')).toBe('+441212345678');
  expect(formatPhone('555-0142')).toBe('555-0142');
});
