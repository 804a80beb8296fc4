import { guessColumns, readHeading } from '..';

const short = (heading: string) => {
  const { subject, whose, which } = readHeading(heading);
  return [subject, whose === 'own' ? '' : whose, which].filter(Boolean).join(' ');
};

// Headings as people write them, in the languages that are read. Common practice, no source.
test.each([
  ['FirstName', 'givenName'],
  ['LAST_NAME', 'familyName'],
  ['Cell Number', 'phone mobile'],
  ['Home Zip', 'postalCode home'],
  ['Address 2', 'addressLine'],
  ['E-mail 3', 'email'],
  ['Spouse Name', 'name partner'],
  ["Spouse's Email", 'email partner'],
  ['Wedding Date', 'wedding'],
  ['Closing Date', 'workDone'],
  ['Category', 'tags'],
  ['Referred By', 'referredBy'],
  ['Date of Birth', 'birthday'],
  ['D.O.B.', 'birthday'],
  ['Home Address City', 'city home'],
  ['Business Street', 'addressLine work'],
  ['Child 1 Birthday', 'birthday child'],
  ['Company Phone', 'phone work'],
  ['Company Name', 'company'],
  ['Agent Name', 'name other'],
  ['Emergency Contact Phone', 'phone other'],
  ['zipCode', 'postalCode'],
  ['Vorname', 'givenName'],
  ['Straße', 'addressLine'],
  ['Geburtsdatum', 'birthday'],
  ['Handy', 'phone mobile'],
  ['Telefon privat', 'phone home'],
  ['PLZ', 'postalCode'],
  ['Prénom', 'givenName'],
  ['Code postal', 'postalCode'],
  ['Téléphone portable', 'phone mobile'],
  ['Date de naissance', 'birthday'],
  ['Apellidos', 'familyName'],
  ['Correo electrónico', 'email'],
  ['Fecha de nacimiento', 'birthday'],
  ['Cognome', 'familyName'],
  ['Città', 'city'],
  ['Sobrenome', 'familyName'],
  ['Data de nascimento', 'birthday'],
  ['Achternaam', 'familyName'],
  ['Woonplaats', 'city'],
  // What nobody can know by its words stays unknown.
  ['County', ''],
  ['Customer ID', ''],
  ['Loan Amount', ''],
  ['Date Added', ''],
  ['Gender', ''],
])('%s', (heading, read) => {
  expect(short(heading)).toBe(read);
});

const uses = (header: string[], ...rows: string[][]) =>
  guessColumns({ header, rows: rows.map((cells, i) => ({ row: i + 2, cells })) }).map(
    ({ use }) => use,
  );

describe('columns beside each other', () => {
  test('two lines of one address, and a second address where it has a city', () => {
    expect(uses(['Address 1', 'Address 2', 'City'])).toEqual([
      'addressLine',
      'addressLine2',
      'city',
    ]);
    expect(uses(['Address', 'City', 'Address 2', 'City 2', 'Zip 2'])).toEqual([
      'addressLine',
      'city',
      'addressLine@2',
      'city@2',
      'postalCode@2',
    ]);
  });

  test('a city belongs to the one street there is', () => {
    expect(uses(['Home Street', 'City', 'Zip'])).toEqual([
      'addressLine@home',
      'city@home',
      'postalCode@home',
    ]);
  });

  test('a title is work or a form of address, by its values', () => {
    expect(uses(['Title', 'Last name'], ['Mr', 'Lind'], ['Dr.', 'Marsh'])[0]).toBe('prefix');
    expect(uses(['Title', 'Last name'], ['Baker', 'Lind'], ['Nurse', 'Marsh'])[0]).toBe('jobTitle');
  });

  test('content never makes a phone of a day, an identifier or a postal code', () => {
    const rows = [
      ['Ana', '12-05-1980', '5550101', '00012-1234', '2125550142'],
      ['Bo', '03-04-1979', '5550102', '00013-0000', '2125550143'],
    ];
    expect(uses(['Name', 'X', 'Customer ID', 'Y', 'Z'], ...rows)).toEqual([
      'name',
      'aside',
      'aside',
      'aside',
      'aside',
    ]);
  });

  test('what nobody understands goes into the note under its heading, an empty column nowhere', () => {
    expect(uses(['Name', 'County', 'Blank'], ['Ana', 'Harbor', ''])).toEqual([
      'name',
      'aside',
      null,
    ]);
  });
});
