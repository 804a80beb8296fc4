// Everything here is invented for the harbour town of Port Ellery.

export const PLACES = [
  { name: 'Gullhaven', postalCode: '00011', streets: ['Lantern Row', 'Gannet Lane', 'Shingle Street'] },
  { name: 'Salt Quay', postalCode: '00012', streets: ['Brine Street', 'Capstan Row', 'Quayside Walk'] },
  { name: 'Lampwick Hill', postalCode: '00013', streets: ['Wick Street', 'Beacon Rise', 'Tallow Lane'] },
  { name: 'Old Ropewalk', postalCode: '00014', streets: ['Hawser Street', 'Twine Alley', 'Ropewalk'] },
  { name: 'Cooper’s Bank', postalCode: '00015', streets: ['Stave Street', 'Barrel Lane', 'Bank Terrace'] },
  { name: 'Heron Flats', postalCode: '00016', streets: ['Reed Road', 'Sluice Street', 'Marsh View'] },
  { name: 'Netloft', postalCode: '00017', streets: ['Cork Street', 'Mesh Lane', 'Loft Row'] },
  { name: 'Upper Ellery', postalCode: '00018', streets: ['Orchard Way', 'Chapel Rise', 'Quince Street'] },
] as const;

export const GIVEN = [
  'Teodora', 'Ruben', 'Amadou', 'Iris', 'Wen', 'Solveig', 'Paloma', 'Gideon', 'Halima', 'Ottilie', 'Bao',
  'Lina', 'Jonas', 'Marta', 'Dana', 'Lee', 'Priya', 'Callum', 'Nadia', 'Tomas', 'Freya', 'Idris', 'Keiko',
  'Mateo', 'Anneke', 'Yusuf', 'Clara', 'Emeka', 'Sunniva', 'Rafael', 'Leila', 'Oskar', 'Mirela', 'Hugo',
  'Ayla', 'Piotr', 'Zara', 'Bram', 'Noor', 'Felix', 'Ines', 'Kofi', 'Elsa', 'Dmitri', 'Rosa', 'Silas',
  'Thuy', 'Edgar', 'Maeve', 'Andres', 'Bridget', 'Omar', 'Greta', 'Vikram', 'Celine', 'Arlo', 'Farah',
  'Ronan', 'Pilar', 'Stellan',
] as const;

export const FAMILY = [
  'Vance', 'Castellanos', 'Kessler', 'Abara', 'Brandt', 'Reyes-Ito', 'Marsh', 'Osei', 'Farrow', 'Trinh',
  'Hollis', 'Lindqvist', 'Okafor', 'Pereira', 'Sandoval', 'Whitlock', 'Nakata', 'Dube', 'Ferrante', 'Holm',
  'Petrov', 'Quigley', 'Rahman', 'Sorensen', 'Tamura', 'Ude', 'Varga', 'Wexler', 'Yilmaz', 'Zeller',
  'Adeyemi', 'Bellamy', 'Cardoso', 'Delacroix', 'Eklund', 'Fontaine', 'Grady', 'Haddad', 'Ingram', 'Jansen',
  'Kowalski', 'Larkin', 'Mbeki', 'Norling', 'Oyelaran', 'Pruitt', 'Rook', 'Stroud', 'Thackeray', 'Ursin',
  'Voss', 'Winslow', 'Ybarra', 'Ashgrove', 'Birch', 'Coyle', 'Dragan', 'Esposito', 'Fairbank', 'Gunnarsson',
] as const;

export const FIRMS = [
  'Tidewater Title', 'Ellery & Stroud, Solicitors', 'Breakwater Homes', 'Quince Street Accounting',
  'Harbor Lights Realty', 'Old Mill Surveyors', 'Gannet Insurance', 'Copperline Builders',
] as const;

export const TAGS = ['garden', 'sailing', 'fixed-rate', 'first-home', 'remodel', 'school', 'dog', 'market', 'retired'] as const;

export const NOTES = [
  'Fixed rate ends in March; wants a second opinion before then.',
  'Kitchen half done, dust everywhere. Ask how it turned out.',
  'The youngest starts school in September.',
  'Thinking about a bigger garden; no hurry.',
  'Their mother may move in; asked what an extension would take.',
  'Back from three weeks of sailing. Full of stories.',
  'Sent a colleague our way after the summer fair.',
  'New puppy, no sleep. Call after five.',
  'Wants to know what the rates did when the news is in.',
  'Roof fixed at last; the builder was on time.',
  'Retiring in spring, and looking at something smaller.',
  'Asked for the name of a surveyor; passed on Old Mill.',
  'Prefers a text first, then a call.',
  'Their lease at the shop runs out next year.',
  'Said the neighbors are thinking of selling.',
  'Happy with the loan; would do it again.',
] as const;

export const FOLLOW_UPS = [
  'the rate review',
  'how the move went',
  'the name of the surveyor',
  'whether the offer was accepted',
  'the extension',
] as const;
