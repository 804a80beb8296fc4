import fc from 'fast-check';
import ICAL from 'ical.js';

import { NO_ADDRESS, NOBODY, tidyText, type OwnField, type PersonFields } from '@/core/people';
import { plainDate } from '@/core/time';

import { isVCard, readCardDate, readVCards, writeVCard, type CardPerson } from '..';

function readOne(text: string, own: OwnField[] = []) {
  const read = readVCards(text.replace(/\r?\n/g, '\r\n'), own);
  if (!read.ok) throw new Error(read.reason);
  return { person: read.people[0]!, ...read };
}

describe('published examples', () => {
  // RFC 6350, section 8, with its name, address and day.
  test('the example of RFC 6350', () => {
    const { person, faults } = readOne(`BEGIN:VCARD
VERSION:4.0
FN:Simon Perreault
N:Perreault;Simon;;;ing. jr,M.Sc.
BDAY:--0203
ANNIVERSARY:20090808T1430-0500
GENDER:M
LANG;PREF=1:fr
LANG;PREF=2:en
ORG;TYPE=work:Viagenie
ADR;TYPE=work:;Suite D2-630;2875 Laurier;
 Quebec;QC;G1V 2M2;Canada
TEL;VALUE=uri;TYPE="work,voice";PREF=1:tel:+1-418-656-9254;ext=102
TEL;VALUE=uri;TYPE="work,cell,voice,video,text":tel:+1-418-262-6501
EMAIL;TYPE=work:simon.perreault@viagenie.ca
GEO;TYPE=work:geo:46.772673,-71.282945
KEY;TYPE=work;VALUE=uri:
 http://www.viagenie.ca/simon.perreault/simon.asc
TZ:-0500
URL;TYPE=home:http://nomis80.org
END:VCARD
`);
    expect(person.fields).toMatchObject({
      givenName: 'Simon',
      familyName: 'Perreault',
      suffix: 'ing. jr M.Sc.',
      birthday: '02-03',
      dates: [{ name: 'Wedding', on: '2009-08-08' }],
      language: 'fr',
      company: 'Viagenie',
      emails: [{ value: 'simon.perreault@viagenie.ca', label: 'work' }],
      addresses: [
        {
          label: 'work',
          line: '2875 Laurier, Suite D2-630',
          city: 'Quebec',
          region: 'QC',
          postalCode: 'G1V 2M2',
          country: 'Canada',
          lat: 46.772673,
          lon: -71.282945,
        },
      ],
      links: [{ value: 'http://nomis80.org', label: 'home' }],
    });
    expect(person.fields.phones.map(({ value }) => value)).toEqual([
      '+1-418-656-9254 x102',
      '+14182626501',
    ]);
    // What has no place here is kept in a note and told.
    expect(faults.map(({ why }) => why).join()).toMatch(/GENDER: M.*TZ: -0500/);
  });

  // RFC 2426, section 7, "Authors' addresses" (vCard 3.0).
  test('the examples of RFC 2426', () => {
    const { people } = readOne(`BEGIN:vCard
VERSION:3.0
FN:Frank Dawson
ORG:Lotus Development Corporation
ADR;TYPE=WORK,POSTAL,PARCEL:;;6544 Battleford Drive
 ;Raleigh;NC;27613-3502;U.S.A.
TEL;TYPE=VOICE,MSG,WORK:+1-919-676-9515
TEL;TYPE=FAX,WORK:+1-919-676-9564
EMAIL;TYPE=INTERNET,PREF:Frank_Dawson@Lotus.com
EMAIL;TYPE=INTERNET:fdawson@earthlink.net
URL:http://home.earthlink.net/~fdawson
END:vCard
BEGIN:vCard
VERSION:3.0
FN:Tim Howes
ORG:Netscape Communications Corp.
ADR;TYPE=WORK:;;501 E. Middlefield Rd.;Mountain View;
 CA; 94043;U.S.A.
TEL;TYPE=VOICE,MSG,WORK:+1-415-937-3419
TEL;TYPE=FAX,WORK:+1-415-528-4164
EMAIL;TYPE=INTERNET:howes@netscape.com
END:vCard
`);
    expect(people).toHaveLength(2);
    expect(people[0]!.fields).toMatchObject({
      givenName: 'Frank',
      familyName: 'Dawson',
      company: 'Lotus Development Corporation',
      emails: [{ value: 'Frank_Dawson@lotus.com' }, { value: 'fdawson@earthlink.net' }],
      addresses: [{ label: 'work', line: '6544 Battleford Drive', postalCode: '27613-3502' }],
    });
    expect(people[1]!.fields.addresses[0]).toMatchObject({ city: 'Mountain View', region: 'CA' });
  });

  // RFC 6350, section 4.3.4 and RFC 2426 section 3.1.5.
  test.each([
    ['19850412', '1985-04-12'],
    ['1985-04-12', '1985-04-12'],
    ['--0412', '04-12'],
    ['--04-12', '04-12'],
    ['1996-10-22T14:00:00-05:00', '1996-10-22'],
    ['1953-10-15T23:10:00Z', '1953-10-15'],
    ['circa 1800', null],
    ['19850231', null],
  ])('the day %s', (text, day) => {
    expect(readCardDate(text)).toBe(day);
  });
});

describe('damaged cards', () => {
  test('a card without an end costs only its end, and never the next card', () => {
    const { people, faults } = readOne(
      'BEGIN:VCARD\nVERSION:4.0\nFN:Ana Lind\nBEGIN:VCARD\nFN:Bo Marsh\nEND:VCARD\n',
    );
    expect(people.map(({ fields }) => fields.givenName)).toEqual(['Ana', 'Bo']);
    expect(faults).toEqual([
      { row: 1, why: 'It has no end; it was read as far as it goes.', leftOut: false },
    ]);
  });

  test('a card without a name or a way to reach anybody stays out', () => {
    const { people, faults } = readOne('BEGIN:VCARD\nNOTE:hm\nEND:VCARD\n');
    expect(people).toEqual([]);
    expect(faults[0]).toMatchObject({ row: 1, leftOut: true });
  });

  test('addresses that only look like ones, impossible days and odd photos go into the note', () => {
    const { person } = readOne(
      'BEGIN:VCARD\nFN:Ana\nEMAIL:ana@@example\nBDAY:1980-02-31\nPHOTO:http://example.com/a.jpg\nEND:VCARD\n',
    );
    expect(person.fields).toMatchObject({ emails: [], birthday: null });
    expect(person.notes[0]!.body).toBe(
      'an e-mail address: ana@@example\na day in the calendar: 1980-02-31\na photo elsewhere: http://example.com/a.jpg',
    );
  });

  test('too many cards and none at all are said', () => {
    const many = 'BEGIN:VCARD\nFN:A\nEND:VCARD\n'.repeat(100_000);
    expect(readVCards(many)).toEqual({ ok: false, reason: 'too_many', cards: 100_000 });
    expect(readVCards('rubbish')).toMatchObject({ ok: false, reason: 'none' });
    expect(isVCard('Name,Email')).toBe(false);
  });

  test('rubbish of any kind never breaks the reader', () => {
    const line = fc.oneof(
      fc.constantFrom(
        'BEGIN:VCARD',
        'END:VCARD',
        'N:;;;;',
        'FN:x',
        ' folded',
        'TEL;TYPE="',
        'ADR:',
        'X-PENPAL:{',
      ),
      fc.string(),
    );
    fc.assert(
      fc.property(fc.array(line), (lines) => {
        expect(() => readVCards(lines.join('\r\n'))).not.toThrow();
      }),
    );
  });

  test('cards of older programs: quoted-printable, bare types, groups with labels', () => {
    const { person } = readOne(`BEGIN:VCARD
VERSION:2.1
N;ENCODING=QUOTED-PRINTABLE;CHARSET=UTF-8:=C3=85berg;=C5=81ucja
TEL;CELL:(201) 555-0123
item1.EMAIL:lucja@example.com
item1.X-ABLabel:_$!<Work>!$_
item2.X-ABDATE:2011-06-05
item2.X-ABLabel:Moved in
END:VCARD
`);
    expect(person.fields).toMatchObject({
      givenName: 'Łucja',
      familyName: 'Åberg',
      phones: [{ value: '+12015550123', label: 'cell' }],
      emails: [{ value: 'lucja@example.com', label: 'work' }],
      dates: [{ name: 'Moved in', on: '2011-06-05' }],
    });
  });
});

const OWN: OwnField[] = [
  { id: '0190a000-0000-7000-8000-0000000000f1', name: 'Loan', type: 'money', choices: [] },
  { id: '0190a000-0000-7000-8000-0000000000f2', name: 'Has a boat', type: 'flag', choices: [] },
];

const FULL: PersonFields = {
  ...NOBODY,
  prefix: 'Dr.',
  givenName: 'Rosa',
  middleName: 'Inés',
  familyName: 'Lind; Marsh',
  suffix: 'Jr.',
  goesBy: 'Ro',
  company: 'Net, Loft & Co',
  jobTitle: 'Boat builder',
  emails: [
    { value: 'rosa@example.com', label: 'home' },
    { value: 'r@example.org', label: '' },
  ],
  phones: [
    { value: '+15415550142', label: 'cell' },
    { value: '555-0117', label: '' },
  ],
  addresses: [
    {
      ...NO_ADDRESS,
      label: 'home',
      line: '12 Lantern Row; rear',
      city: 'Port Ellery',
      postalCode: '00012',
      place: 'Old Quay',
      lat: 38.01,
      lon: -150.2,
    },
    { ...NO_ADDRESS, line: '3 Kelp Lane', place: 'Kelp' },
  ],
  links: [{ value: 'https://example.com/rosa', label: '' }],
  birthday: '05-04',
  dates: [
    { name: 'Wedding', on: '1998-06-05' },
    { name: 'Moved in', on: '2011-06-05' },
  ],
  interests: ['sailing', 'garden, roses'],
  roles: ['Past client', 'Friend'],
  standing: 'Settled',
  source: 'Referral',
  preferred: 'call',
  language: 'es',
  favourite: true,
  wouldRefer: 'yes',
  wouldReferOn: '2026-05-04',
  own: { [OWN[0]!.id]: 125_000, [OWN[1]!.id]: true },
  consent: { call: { answer: 'yes', on: '2026-01-02', cameFrom: 'at the fair; twice' } },
};

const CARD: CardPerson = {
  id: '0190a000-0000-7000-8000-000000000001',
  fields: FULL,
  tags: ['garden', 'a,b'],
  circle: 'Inner',
  promiseDays: 30,
  notes: [{ on: '2026-02-03', body: 'Kitchen\nhalf done; call, later' }],
  touches: [{ on: plainDate('2026-11-01'), kind: 'call', outcome: 'no_answer' }],
  jobs: [{ name: 'Refinance', stage: 'closed', on: null, valueMinor: 100, feeMinor: null }],
  ownByName: { Loan: 125_000, 'Has a boat': true },
  photo: { mime: 'image/webp', base64: 'AAECAw==' },
  ties: [{ kind: 'partner', name: 'Tomas Lind', birthday: null, words: 'since school' }],
};

test('what goes out as a card comes back in without loss', () => {
  const { person, faults } = readOne(writeVCard(CARD), OWN);
  expect(faults).toEqual([]);
  expect(person.fields).toEqual(FULL);
  expect(person).toMatchObject({
    tags: CARD.tags,
    circle: 'Inner',
    promiseDays: 30,
    notes: CARD.notes,
    touches: CARD.touches,
    jobs: CARD.jobs,
    related: [{ kind: 'partner', name: 'Tomas Lind', words: 'since school' }],
  });
  expect([...person.photo!]).toEqual([0, 1, 2, 3]);
});

test('a general library reads the same from what is written', () => {
  const text = writeVCard(CARD);
  for (const line of text.split('\r\n'))
    expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  const card = ICAL.parse(text) as unknown as [string, [string, object, string, ...unknown[]][]];
  const values = (name: string) =>
    card[1].filter(([key]) => key === name).map(([, , , value]) => value);
  expect(values('version')).toEqual(['4.0']);
  expect(values('fn')).toEqual(['Ro Lind; Marsh Jr.']);
  expect(values('n')).toEqual([['Lind; Marsh', 'Rosa', 'Inés', 'Dr.', 'Jr.']]);
  expect(values('email')).toEqual(['rosa@example.com', 'r@example.org']);
  expect(values('bday')).toEqual(['--05-04']);
  expect(values('categories')).toEqual(['garden']);
  expect(values('note')).toEqual(['Kitchen\nhalf done; call, later']);
  expect((values('adr')[0] as string[])[2]).toBe('12 Lantern Row; rear');
});

test('what a general library writes is read', () => {
  const word = fc.string({ unit: 'grapheme-ascii', minLength: 1, maxLength: 60 }).map(tidyText);
  fc.assert(
    fc.property(fc.tuple(word, word, word, word), ([given, family, company, note]) => {
      fc.pre(!/&|\+|\band\b/i.test(given + family) && given + family !== '');
      const text = ICAL.stringify([
        'vcard',
        [
          ['version', {}, 'text', '4.0'],
          ['fn', {}, 'text', `${given} ${family}`],
          ['n', {}, 'text', [family, given, '', '', '']],
          ['org', {}, 'text', [company]],
          ['note', {}, 'text', note],
        ],
        [],
      ]);
      const { person } = readOne(text);
      expect(person.fields).toMatchObject({ givenName: given, familyName: family });
      expect(person.fields.company).toBe(company);
      expect(person.notes[0]?.body ?? '').toBe(note);
    }),
  );
});

test('a break in any value makes no line of its own', () => {
  const evil = 'x\r\nX-EVIL:1\nEND:VCARD\rBEGIN:VCARD';
  const contact = [{ value: evil, label: evil }];
  const fields = {
    ...NOBODY,
    givenName: evil,
    familyName: evil,
    company: evil,
    emails: contact,
    phones: contact,
    links: contact,
    language: evil,
    interests: [evil],
    dates: [{ name: evil, on: '2020-01-01' }],
    addresses: [{ ...NO_ADDRESS, line: evil, label: evil, city: evil }],
  };
  const text = writeVCard({
    id: '0190a000-0000-7000-8000-000000000001',
    fields,
    tags: [evil],
    notes: [{ on: '2026-11-23', body: evil }],
    touches: [],
    jobs: [{ name: evil, stage: evil, on: null, valueMinor: null, feeMinor: null }],
    ties: [{ kind: 'friend', name: evil, birthday: null, words: evil }],
    circle: evil,
    promiseDays: null,
    ownByName: {},
    photo: null,
  } as never);
  const starts = text.split(/\r\n|\r|\n/).map((line) => line.slice(0, 7));
  expect(starts.filter((start) => start === 'X-EVIL:')).toEqual([]);
  expect(starts.filter((start) => /^(BEGIN|END):/.test(start))).toHaveLength(2);
});
