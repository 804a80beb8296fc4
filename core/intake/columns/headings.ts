import { need } from '@/core/need';
import { fold } from '@/core/people';

/** What a column is about, before it is clear which of several and whose. */
export type Subject =
  | 'name'
  | 'prefix'
  | 'givenName'
  | 'middleName'
  | 'familyName'
  | 'suffix'
  | 'goesBy'
  | 'company'
  | 'jobTitle'
  | 'titleOrPrefix'
  | 'email'
  | 'phone'
  | 'addressLine'
  | 'addressLine2'
  | 'city'
  | 'region'
  | 'postalCode'
  | 'country'
  | 'place'
  | 'lat'
  | 'lon'
  | 'link'
  | 'birthday'
  | 'wedding'
  | 'workDone'
  | 'interests'
  | 'roles'
  | 'standing'
  | 'source'
  | 'circle'
  | 'promise'
  | 'tags'
  | 'preferred'
  | 'language'
  | 'favourite'
  | 'notes'
  | 'lastTouch'
  | 'referredBy'
  | 'children'
  | 'pets';

/** Whose it is: the person's own, their partner's, a child's, or somebody's else (an agent, an assistant). */
export type Whose = 'own' | 'partner' | 'child' | 'other';

export interface HeadingRead {
  subject: Subject | null;
  whose: Whose;
  /** 'home', 'work', 'mobile', 'fax', 'mailing', 'property', 'other'; empty for none. */
  which: string;
  /** The number in it: "E-mail 3". */
  number: number | null;
  /** Whether it is about the label of the thing rather than the thing: "Phone type". */
  isLabel: boolean;
}

/**
 * Words of headings in English, German, French, Spanish, Italian, Portuguese and Dutch, folded; in each
 * line the phrases that mean the same. Common practice, no source.
 */
const SUBJECTS: Record<Subject, string> = {
  name: 'name|full name|contact|contact name|display name|person|client|customer|names|vollstandiger name|nom complet|nombre completo|nombre y apellidos|nome completo|naam|volledige naam|fn',
  prefix:
    'prefix|name prefix|honorific|anrede|civilite|tratamiento|titolo|tratamento|aanhef|courtesy title',
  givenName:
    'first|given|first name|given name|forename|christian name|vorname|rufname|prenom|nombre|primer nombre|nombre de pila|nome|nome proprio|primeiro nome|voornaam',
  middleName:
    'middle|middle name|middle initial|mi|second name|additional name|zweiter vorname|deuxieme prenom|segundo nombre|secondo nome|nome do meio|tweede naam|zweitname',
  familyName:
    'last|family|surname|last name|family name|nachname|familienname|zuname|nom|nom de famille|apellido|cognome|sobrenome|apelido|achternaam|familienaam',
  suffix: 'suffix|name suffix|generation',
  goesBy:
    'goes by|nickname|nick|known as|preferred name|called|spitzname|surnom|apodo|soprannome|apelido familiar|roepnaam|alias|aka',
  company:
    'company|organization|organisation|employer|firm|business|company name|organization name|business name|firma|unternehmen|arbeitgeber|firmenname|societe|entreprise|empresa|compania|azienda|ditta|bedrijf|bedrijfsnaam|employeur|account name',
  jobTitle:
    'work|job|job title|profession|occupation|position|role title|job role|beruf|stelle|fonction|metier|poste|puesto|cargo|profesion|ocupacion|professione|lavoro|profissao|beroep|functie|organization title|work title|company title',
  titleOrPrefix: 'title|titel|titre|titulo|salutation',
  email:
    'email|e mail|mail|email address|e mail address|mail address|email id|courriel|correo|correo electronico|adresse e mail|adresse mail|posta elettronica|indirizzo email|indirizzo e mail|endereco de email|e mailadres|emailadres|mailadresse|e mail adresse|email adresse|electronic mail',
  phone:
    'phone|telephone|tel|phone number|telephone number|number|contact number|telefon|telefonnummer|rufnummer|numero de telephone|telefono|numero de telefono|numero di telefono|telefone|numero de telefone|telefoon|telefoonnummer|ph|phone no|tel no|festnetz|fon',
  addressLine:
    'address|street|street address|address line|street and number|strasse|anschrift|adresse|rue|calle|direccion|domicilio|via|indirizzo|rua|endereco|morada|straat|adres|straatnaam|strasse und hausnummer|address street|street name|road|hausanschrift|street line',
  addressLine2:
    'apt|apartment|suite|unit|unit number|apt number|apt suite|address extra|adresszusatz|complement|complement d adresse|complemento|interno|toevoeging|extended address|po box|street line two',
  city: 'city|town|city town|town city|locality|ort|stadt|wohnort|ville|ciudad|poblacion|localidad|citta|comune|cidade|localidade|plaats|stad|woonplaats|suburb',
  region:
    'state|region|province|state province|state region|province state|bundesland|kanton|etat|provincia|estado|regione|provincie|st|prov',
  postalCode:
    'zip|zip code|postal code|postcode|post code|zipcode|zip postal code|zip postal|plz|postleitzahl|code postal|codigo postal|cap|cep|codice postale|codice avviamento postale|postalcode|cp|zip plus four',
  country: 'country|country region|land|pays|pais|paese|nation|country code|country name',
  place:
    'neighborhood|neighbourhood|area|district|subdivision|place|quarter|stadtteil|quartier|barrio|quartiere|bairro|wijk|buurt|farm area|territory',
  lat: 'latitude|lat|breitengrad|latitud|latitudine',
  lon: 'longitude|lon|lng|long|langengrad|longitud|longitudine',
  link: 'website|web|url|web page|webpage|homepage|site|web site|link|web address|social|web and social|profile|webseite|site web|sitio web|pagina web|sito web|facebook|linkedin|instagram|twitter',
  birthday:
    'birthday|birth|birth date|birthdate|date birth|dob|d o b|born|bday|b day|geburtstag|geburtsdatum|date naissance|naissance|anniversaire|fecha nacimiento|nacimiento|cumpleanos|data nascita|compleanno|nascita|data nascimento|nascimento|aniversario|geboortedatum|verjaardag|birth day',
  wedding:
    'wedding|wedding day|wedding date|anniversary|wedding anniversary|anniversary date|marriage date|married on|date married|hochzeit|hochzeitstag|mariage|date mariage|boda|fecha boda|aniversario bodas|aniversario boda|matrimonio|data matrimonio|anniversario|casamento|data casamento|huwelijk|trouwdatum|trouwdag',
  workDone:
    'closing date|close date|date closed|closed on|closed date|settlement date|completion date|date completed|completed on|sale date|sold date|date sold|purchase date|date purchased|funding date|funded date|date funded|work completed|closing|abschlussdatum|kaufdatum|date achat|date vente|fecha cierre|fecha compra|data acquisto|data compra|aankoopdatum',
  interests:
    'interest|hobby|hobbies|interessen|centres interet|aficiones|intereses|interessi|interesses|hobbys|likes',
  roles:
    'role|roles|type|contact type|relationship|kind|relation|rolle|rol|ruolo|papel|client type|person type|beziehung',
  standing:
    'standing|status|stage|contact status|client status|statut|estado civil comercial|stato',
  source:
    'came from|source|how we met|how met|met through|herkunft|quelle|origine|origen|fuente|fonte|provenienza|bron|where met|contact source',
  circle: 'circle|closeness|tier|rank|kreis|cercle|circulo|cerchio|kring',
  promise: 'promise|promise in days|promise days',
  tags: 'tag|label|group|group membership|keyword|category|segment|list|liste|etiqueta|etiquette|categorie|categoria|kategorie|gruppe|groupe|grupo|gruppo|groep|schlagwort|stichwort|mot cle|palabra clave|contact group|mailing list',
  preferred:
    'likes to be reached by|preferred contact method|preferred channel|contact method|contact preference|preferred method of contact|preferred method contact',
  language: 'language|preferred language|sprache|langue|idioma|lingua|taal|spoken language',
  favourite: 'kept at hand|favorite|favourite|starred|vip',
  notes:
    'note|comment|remark|memo|description|background|bemerkung|notiz|anmerkung|kommentar|remarque|commentaire|nota|comentario|observacion|osservazione|commento|observacao|opmerking|notitie|all notes|last note|free text',
  lastTouch:
    'last touch|last contact|last contacted|last spoke|last call|date of last contact|date last contact|last contact date|letzter kontakt|dernier contact|ultimo contacto|ultimo contatto|ultimo contato|laatste contact|last spoken',
  referredBy:
    'referred by|referrer|referral from|referred from|introduced by|recommended by|sent by|referral|empfohlen von|recommande par|recomendado por|referido por|segnalato da|indicado por|aanbevolen door|empfehlung|referral source',
  children:
    'child|children|kids|child name|children name|name of child|kinder|enfant|hijo|figlio|filho|kinderen',
  pets: 'pet|pet name|dog|cat|haustier|animal|mascota|huisdier',
};

const PARTNER =
  'spouse|partner|wife|husband|significant other|fiance|fiancee|co borrower|coborrower|co client|co buyer|spouse s|ehepartner|ehefrau|ehemann|gatte|gattin|conjoint|epoux|epouse|conyuge|esposo|esposa|pareja|coniuge|moglie|marito|conjuge|marido|mulher|echtgenoot|echtgenote|secondary contact';
const CHILD = 'child|kid|son|daughter|enfant|hijo|hija|figlio|figlia|filho|filha|kind';
const OTHERS =
  'assistant|agent|manager|emergency|lawyer|attorney|doctor|dentist|lender|realtor|broker|supervisor|boss|mother|father|parent|sibling|friend|landlord|tenant|contractor|accountant|escrow|officer|banker|seller|listing|inspector';

const WHICH: Record<string, string> = {
  home: 'home|house|private|personal|privat|domicile|domicilio|maison|casa|hogar|particular|residence|residential|thuis|prive|personale|pessoal|physical|current',
  work: 'work|office|business|company|job|professional|geschaftlich|dienstlich|arbeit|buro|travail|bureau|professionnel|trabajo|oficina|empresa|lavoro|ufficio|trabalho|escritorio|werk|kantoor|zakelijk|wrk|bus',
  mobile:
    'mobile|cell|cellular|handy|mobil|portable|movil|celular|cellulare|telemovel|mobiel|gsm|cell phone|mobile phone|mobiltelefon|handynummer|mobilnummer|mobilephone|cellphone|mobieltje|text|sms|iphone',
  fax: 'fax|telefax|fax number|faxnummer',
  mailing:
    'mailing|postal|postanschrift|correspondence|shipping|delivery|mail to|versand|correspondance|billing',
  property: 'property|rental|vacation|investment|listing|subject property',
  other:
    'other|alternate|alternative|alt|andere|autre|otro|otra|altro|altra|outro|outra|overig|sonstige|school',
};
const ORDINALS: Record<string, number> = {
  primary: 1,
  main: 1,
  preferred: 1,
  best: 1,
  default: 1,
  principal: 1,
  principale: 1,
  haupt: 1,
  secondary: 2,
  second: 2,
  additional: 2,
  third: 3,
  one: 1,
  two: 2,
  three: 3,
};
/** Words that say nothing of their own about what a column holds. */
const FILLERS = new Set(
  'the a an your my our their his her s of de du di da do del des d la le les el los las der die das von van und and et y e no nr num numero number nummer value field info information details detail date client customer contact person member lead prospect owner buyer borrower user people on at in for'.split(
    ' ',
  ),
);
const LABELS = new Set('label type kind typ tipo'.split(' '));

const PLURAL = /^(\p{L}{3,})s$/u;

/** The words of a heading: cut at case, digits and signs, folded. */
export function headingWords(heading: string): string[] {
  const cut = heading
    .replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2')
    .replace(/(\p{Lu})(\p{Lu}\p{Ll})/gu, '$1 $2')
    .replace(/(\p{L})(\d)/gu, '$1 $2')
    .replace(/(\d)(\p{L})/gu, '$1 $2');
  return fold(cut)
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
    .split(' ')
    .filter(Boolean);
}

/** A phrase in the form in which phrases are compared: without what says nothing, and in the singular. */
const plainForm = (words: readonly string[]): string =>
  words.map((word) => word.replace(PLURAL, '$1')).join(' ');

const SUBJECT_OF = new Map<string, Subject>();
for (const [subject, phrases] of Object.entries(SUBJECTS))
  for (const phrase of phrases.split('|')) {
    const form = plainForm(phrase.split(' '));
    if (!SUBJECT_OF.has(form)) SUBJECT_OF.set(form, subject as Subject);
  }

const phraseSet = (phrases: string) =>
  new Set(phrases.split('|').map((p) => plainForm(p.split(' '))));
const WHOSE: [Exclude<Whose, 'own'>, ReadonlySet<string>][] = [
  ['partner', phraseSet(PARTNER)],
  ['child', phraseSet(CHILD)],
  ['other', phraseSet(OTHERS)],
];
const WHICH_OF = new Map(
  Object.entries(WHICH).flatMap(([which, phrases]) =>
    [...phraseSet(phrases)].map((phrase) => [phrase, which] as const),
  ),
);

const NOTHING: HeadingRead = {
  subject: null,
  whose: 'own',
  which: '',
  number: null,
  isLabel: false,
};

/** The subject that all of these words name, their fillers left out or not. */
function subjectOf(words: readonly string[]): Subject | null {
  const whole = SUBJECT_OF.get(plainForm(words));
  if (whole || words.length === 0) return whole ?? null;
  const told = words.filter((word) => !FILLERS.has(word));
  return SUBJECT_OF.get(plainForm(told)) ?? null;
}

/** Takes the first phrase of one or two words away that `of` knows. */
function take<T>(
  words: readonly string[],
  of: (phrase: string) => T | undefined,
): { found: T; rest: string[] } | null {
  for (const length of [2, 1])
    for (let i = 0; i + length <= words.length; i++) {
      const found = of(plainForm(words.slice(i, i + length)));
      if (found !== undefined)
        return { found, rest: [...words.slice(0, i), ...words.slice(i + length)] };
    }
  return null;
}

/**
 * Reads a heading by its words: what it is about, whose that is, which of several. A heading counts as
 * understood only when every word of it is: the rest would be somebody's guess.
 * @example readHeading('Spouse Cell Number') // subject 'phone', whose 'partner', which 'mobile'
 */
export function readHeading(heading: string): HeadingRead {
  const all = headingWords(heading);
  const number = Number(all.find((word) => /^\d$/.test(word)) ?? NaN) || null;
  const words = all.filter((word) => !/^\d$/.test(word));
  const plain = subjectOf(words);
  if (plain && !(plain === 'tags' && number && words.length > 1))
    return { ...NOTHING, subject: plain, number };
  const isLabel = words.length > 1 && LABELS.has(need(words.at(-1)));
  let rest = isLabel ? words.slice(0, -1) : words;
  let whose: Whose = 'own';
  for (const [who, phrases] of WHOSE) {
    const taken = take(rest, (phrase) => (phrases.has(phrase) ? who : undefined));
    if (!taken) continue;
    whose = who;
    rest = taken.rest;
    break;
  }
  const read = { ...NOTHING, whose, number, isLabel };
  if (whose !== 'own' && rest.every((word) => FILLERS.has(word) || word === 'name'))
    return { ...read, subject: 'name' };
  return { ...read, ...readRest(rest, number) };
}

const ADDRESS = plainForm(['address']);
const OF_ADDRESS: ReadonlySet<Subject> = new Set<Subject>([
  'addressLine',
  'addressLine2',
  'city',
  'region',
  'postalCode',
  'country',
  'place',
]);

/** What is left when it is clear whose it is: the subject, and which of several. */
function readRest(words: readonly string[], number: number | null): Partial<HeadingRead> {
  let rest = [...words];
  let which = '';
  let order = number;
  for (let steps = 0; steps < 4; steps++) {
    const subject = subjectOf(rest);
    if (subject) return { subject, which, number: order };
    // "Home Address City": the address that the city is of.
    const part = take(rest, (word) => (word === ADDRESS ? word : undefined));
    if (part && OF_ADDRESS.has(subjectOf(part.rest) ?? 'name')) {
      rest = part.rest;
      continue;
    }
    const ordinal = take(rest, (word) => ORDINALS[word]);
    if (ordinal) {
      order ??= ordinal.found;
      rest = ordinal.rest;
      continue;
    }
    const taken = take(rest, (phrase) => WHICH_OF.get(phrase));
    if (!taken) break;
    // "Home Mailing City", "Home Cell": what says more stands last.
    which = taken.found === 'home' && which ? which : taken.found;
    rest = taken.rest;
  }
  if (rest.every((word) => FILLERS.has(word)) && which) {
    if (which === 'mobile' || which === 'fax') return { subject: 'phone', which, number: order };
    return { subject: null, which, number: order };
  }
  return { subject: null, which: '', number: order };
}
