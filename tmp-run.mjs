import { createRequire as requireFrom } from 'node:module'; const require = requireFrom('/');

// core/people/names.ts
function displayName(parts) {
  const first = parts.goesBy || parts.givenName || parts.familyName && parts.prefix;
  const name = [first, parts.familyName, parts.suffix].filter(Boolean).join(" ");
  const reach = parts.emails[0]?.value || parts.phones[0]?.value;
  return name || parts.company || reach || "Somebody without a name";
}
function fold(text2) {
  if (/^[\x00-\x7f]*$/.test(text2)) return text2.toLowerCase();
  return text2.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase().replace(/ß/g, "ss").replace(/[æ]/g, "ae").replace(/[œ]/g, "oe").replace(/[øð]/g, (c) => c === "\xF8" ? "o" : "d").replace(/ł/g, "l").replace(/þ/g, "th");
}

// core/people/record.ts
var CHANNELS = ["call", "text", "email", "post"];
var WOULD_REFER = ["yes", "perhaps", "no"];
var OWN_TYPES = ["text", "number", "money", "date", "choice", "flag"];
var NO_ADDRESS = {
  label: "",
  line: "",
  city: "",
  region: "",
  postalCode: "",
  country: "",
  place: "",
  lat: null,
  lon: null
};
var NOBODY = {
  prefix: "",
  givenName: "",
  middleName: "",
  familyName: "",
  suffix: "",
  goesBy: "",
  company: "",
  jobTitle: "",
  emails: [],
  phones: [],
  addresses: [],
  links: [],
  birthday: null,
  dates: [],
  interests: [],
  roles: [],
  standing: "",
  source: "",
  preferred: "",
  language: "",
  favourite: false,
  wouldRefer: null,
  wouldReferOn: null,
  own: {},
  consent: {}
};
var isAddress = (a) => [a.line, a.city, a.region, a.postalCode, a.country, a.place].some(Boolean) || a.lat !== null;

// core/people/targets.ts
var COLUMNS = {
  name: { label: "Full name" },
  prefix: { label: "Title" },
  givenName: { label: "First name" },
  middleName: { label: "Middle name" },
  familyName: { label: "Last name" },
  suffix: { label: "Suffix" },
  goesBy: { label: "Goes by" },
  company: { label: "Company" },
  jobTitle: { label: "Work" },
  email: { label: "E-mail" },
  emailLabel: { label: "E-mail label" },
  moreEmails: { label: "More e-mails" },
  phone: { label: "Phone" },
  phoneLabel: { label: "Phone label" },
  morePhones: { label: "More phones" },
  addressLine: { label: "Street and number" },
  city: { label: "City" },
  region: { label: "State" },
  postalCode: { label: "Postal code" },
  country: { label: "Country" },
  place: { label: "Neighborhood" },
  addressLabel: { label: "Address label" },
  lat: { label: "Latitude" },
  lon: { label: "Longitude" },
  moreAddresses: { label: "More addresses" },
  link: { label: "Web and social" },
  birthday: { label: "Birthday" },
  wedding: { label: "Wedding day" },
  dates: { label: "Other dates" },
  interests: { label: "Interests" },
  roles: { label: "Roles" },
  standing: { label: "Standing" },
  source: { label: "Came from" },
  circle: { label: "Circle" },
  promise: { label: "Promise in days" },
  tags: { label: "Tags" },
  preferred: { label: "Likes to be reached by" },
  language: { label: "Language" },
  favourite: { label: "Kept at hand" },
  wouldRefer: { label: "Would refer me" },
  consent: { label: "Consent" },
  note: { label: "Last note" },
  notes: { label: "Notes" },
  lastTouch: { label: "Last touch" },
  touches: { label: "All touches" },
  ties: { label: "Ties" },
  work: { label: "Completed and running work" }
};
var COLUMN_KEYS = Object.keys(COLUMNS);
var INCOMING = {
  addressLine2: { label: "Second line of the address" },
  namedDate: { label: "A date, under the heading" },
  children: { label: "Children" },
  childBirthday: { label: "Child\u2019s birthday" },
  pets: { label: "Pets" },
  partnerName: { label: "Partner\u2019s name" },
  partnerGivenName: { label: "Partner\u2019s first name" },
  partnerFamilyName: { label: "Partner\u2019s last name" },
  partnerEmail: { label: "Partner\u2019s e-mail" },
  partnerPhone: { label: "Partner\u2019s phone" },
  partnerBirthday: { label: "Partner\u2019s birthday" },
  referredBy: { label: "Referred by" },
  workDone: { label: "Day of work done" },
  aside: { label: "A note, under the heading" },
  newField: { label: "A new field of your own" }
};
var INCOMING_KEYS = Object.keys(INCOMING);
function partsOfUse(use) {
  const at = use.indexOf("@");
  return at < 0 ? { to: use, which: "" } : { to: use.slice(0, at), which: use.slice(at + 1) };
}
var asUse = (to, which = "") => which ? `${to}@${which}` : to;

// core/people/ties.ts
var TIE_KINDS = [
  "partner",
  "child",
  "sibling",
  "friend",
  "colleague",
  "pet",
  "referred_by"
];
var TIE_WORDS = {
  partner: "Partner",
  child: "Child",
  parent: "Parent",
  sibling: "Sibling",
  friend: "Friend",
  colleague: "Colleague",
  pet: "Pet",
  referred_by: "Sent by",
  referred: "Sent"
};

// core/time/clock-doubt.ts
var HOUR_MS = 36e5;
var DAY_MS = 24 * HOUR_MS;
var AHEAD_MS = 10 * DAY_MS;

// core/time/day.ts
var PATTERN = /^(\d{4})-(\d{2})-(\d{2})$/;
function isLeapYear(year) {
  return year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
}
function daysInMonth(year, month) {
  if (month === 2) return isLeapYear(year) ? 29 : 28;
  return month === 4 || month === 6 || month === 9 || month === 11 ? 30 : 31;
}
function isPlainDate(text2) {
  const match = PATTERN.exec(text2);
  if (!match) return false;
  const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])];
  return year >= 1 && month >= 1 && month <= 12 && day >= 1 && day <= daysInMonth(year, month);
}
function plainDate(text2) {
  if (!isPlainDate(text2)) throw new RangeError(`"${text2}" is not a calendar day (YYYY-MM-DD)`);
  return text2;
}

// core/time/speak.ts
var figure = (n) => n.toLocaleString("en-US");
var plural = (n, one, many = `${one}s`) => `${figure(n)} ${n === 1 ? one : many}`;
function monthNames(language, length) {
  const names = new Intl.DateTimeFormat(language, { month: length, timeZone: "UTC" });
  return Array.from({ length: 12 }, (_, i) => names.format(Date.UTC(2001, i, 15)));
}

// core/time/read-date.ts
var pad = (n) => String(n).padStart(2, "0");
var UNKNOWN_YEARS = /* @__PURE__ */ new Set([0, 1, 1604]);
var LANGUAGES = ["en", "de", "fr", "es", "it", "pt", "nl"];
var foldWord = (text2) => text2.normalize("NFD").replace(/\p{M}|\./gu, "").toLowerCase();
var months = null;
function monthOf(word) {
  if (!months) {
    months = /* @__PURE__ */ new Map([["sept", 9]]);
    for (const language of LANGUAGES)
      for (const length of ["long", "short"])
        monthNames(language, length).forEach((name, i) => {
          if (!months.has(foldWord(name))) months.set(foldWord(name), i + 1);
        });
  }
  return months.get(foldWord(word));
}
function build(year, month, day) {
  const known = year === null || UNKNOWN_YEARS.has(year) ? null : year;
  const most2 = month >= 1 && month <= 12 ? daysInMonth(known ?? 2e3, month) : 0;
  if (day < 1 || day > most2) return null;
  const monthDay = `${pad(month)}-${pad(day)}`;
  return known === null ? monthDay : `${String(known).padStart(4, "0")}-${monthDay}`;
}
var YEARS_AHEAD = 20;
function yearOf(text2, reading) {
  if (!text2) return null;
  if (text2.length !== 2) return Number(text2);
  if (!reading.today) return "unread";
  const now = Number(reading.today.slice(0, 4));
  const most2 = reading.past ? now : now + YEARS_AHEAD;
  const year = Math.floor(most2 / 100) * 100 + Number(text2);
  return year > most2 ? year - 100 : year;
}
var SERIAL_FROM = 3654;
var SERIAL_TO = 73415;
function serialDay(serial) {
  if (!Number.isFinite(serial) || serial < 1) return null;
  const day = Math.floor(serial);
  if (day === 60) return null;
  const date = new Date(Date.UTC(1899, 11, day > 60 ? 30 : 31) + day * 864e5);
  return build(date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate());
}
var TIME = /(?:T|,?\s+)\d{1,2}:\d{2}(?::\d{2}(?:\.\d+)?)?(?:\s*[ap]\.?m\.?)?\s*(?:Z|[+-]\d{2}:?\d{2})?$/i;
var WEEKDAY = /^(?:\p{L}{2,10}\.?,\s+)(?=\d|\p{L})/u;
function readDate(text2, reading = {}) {
  const t = text2.trim().replace(TIME, "").replace(WEEKDAY, "").replace(/(\d)(st|nd|rd|th|er|º|°)(?!\p{L})/giu, "$1").replace(/\s+(?:de|of|del)\s+/gi, " ");
  if (reading.serial && /^\d{4,5}(\.\d+)?$/.test(t)) {
    const n = Number(t);
    return n >= SERIAL_FROM && n <= SERIAL_TO ? serialDay(n) : null;
  }
  return readFigures(t, reading) ?? readNamed(t, reading);
}
function readFigures(t, reading) {
  let m = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(t) ?? /^(\d{4})(\d{2})(\d{2})$/.exec(t);
  if (m) return build(Number(m[1]), Number(m[2]), Number(m[3]));
  m = /^--(\d{2})-?(\d{2})$/.exec(t);
  if (m) return build(null, Number(m[1]), Number(m[2]));
  m = /^(\d{1,2})\s?[-/.]\s?(\d{1,2})(?:\s?[-/.]\s?(\d{4}|\d{2}))?\.?$/.exec(t);
  if (!m) return null;
  const [a, b, year] = [Number(m[1]), Number(m[2]), yearOf(m[3], reading)];
  if (year === "unread") return null;
  const dayFirst = a > 12 || reading.order === "dmy" && b <= 12;
  return dayFirst ? build(year, b, a) : build(year, a, b);
}
function readNamed(t, reading) {
  const dayFirst = /^(\d{1,2})[.\s-]*(\p{L}[\p{L}\p{M}]*)\.?,?(?:[\s-]+['’]?(\d{4}|\d{2}))?$/u.exec(
    t
  );
  const [, monthFirst, day, late] = /^(\p{L}[\p{L}\p{M}]*)\.?[\s-]+(\d{1,2})(?:,?[\s-]+['’]?(\d{4}|\d{2}))?$/u.exec(t) ?? [];
  const yearFirst = /^(\d{4})[\s-]+(\p{L}[\p{L}\p{M}]*)\.?[\s-]+(\d{1,2})$/u.exec(t);
  if (dayFirst) return named(dayFirst[2], dayFirst[1], dayFirst[3], reading);
  if (yearFirst) return named(yearFirst[2], yearFirst[3], yearFirst[1], reading);
  return monthFirst ? named(monthFirst, day, late, reading) : null;
}
function named(word, day, yearText, reading) {
  const month = monthOf(word);
  const year = yearOf(yearText, reading);
  return month && year !== "unread" ? build(year, month, Number(day)) : null;
}
function readFullDate(text2, reading = {}) {
  const date = readDate(text2, reading);
  return date && isPlainDate(date) ? date : null;
}

// core/people/tag-ideas.ts
var LIKELY = Math.log(3);
var STOP = new Set(
  "a about after all also am an and any are as at be been but by can could did do does for from get go had has have he her here him his how i if in into is it its just like me met more my new no not now of off on once one or our out over said say she so some than that the their them then there they this to too up us very was we well were what when where which who will with would you your call called told asked wants talk talked today".split(
    " "
  )
);

// core/people/tidy-text.ts
var PLAIN = /^[\x20-\x7E\n\t]*$/;
var INKLESS = /[\u200B\u200E\u200F\u202A-\u202E\u2060-\u2064\u2066-\u2069\uFEFF\u00AD]/g;
var AROUND = new RegExp(`^(?:\\s|${INKLESS.source})+|(?:\\s|${INKLESS.source})+$`, "g");
var SPACES = /[\u00A0\u2000-\u200A\u202F\u205F\u3000]/g;
var LATIN = /^[\p{Script=Latin}\p{Script=Common}\p{Script=Inherited}]*$/u;
function tidyText(text2) {
  if (PLAIN.test(text2)) return text2.trim();
  const inner = LATIN.test(text2) ? text2.replace(INKLESS, "").replace(SPACES, " ") : text2;
  return inner.replace(AROUND, "");
}

// core/intake/cells.ts
function splitCell(text2, at = ";,|\n") {
  if (text2 === "") return [];
  const parts = [""];
  for (let i = 0; i < text2.length; i++) {
    const char = text2[i];
    if (char === "\\" && i + 1 < text2.length && "\\;,|".includes(text2[i + 1]))
      parts[parts.length - 1] += text2[++i];
    else if (at.includes(char)) parts.push("");
    else parts[parts.length - 1] += char;
  }
  return parts.map((part) => part.trim()).filter(Boolean);
}
function readReach(text2) {
  const found = /^(.*\S)\s+\((?!\d)((?:\\[\\()\d]|[^()])+)\)$/s.exec(text2.trim());
  return found ? { value: found[1], label: found[2].replace(/\\([\\()\d])/g, "$1") } : { value: text2.trim(), label: "" };
}
var ADDRESS_PARTS = [
  "label",
  "line",
  "city",
  "region",
  "postalCode",
  "country",
  "place"
];
function readAddresses(text2) {
  return splitRaw(text2, ";").map((entry) => {
    const parts = splitRaw(entry, "|").map((part) => part.replace(/\\([\\;|,])/g, "$1").trim());
    const at = parts.length === 1 ? ["", parts[0]] : parts;
    const [lat, lon] = [at[7], at[8]].map((part) => part ? Number(part) : null);
    return {
      ...Object.fromEntries(ADDRESS_PARTS.map((part, i) => [part, at[i] ?? ""])),
      lat: Number.isFinite(lat) ? lat : null,
      lon: Number.isFinite(lon) ? lon : null
    };
  });
}
function splitRaw(text2, sign) {
  const parts = [""];
  for (let i = 0; i < text2.length; i++) {
    if (text2[i] === "\\") parts[parts.length - 1] += text2[i] + (text2[++i] ?? "");
    else if (text2[i] === sign) parts.push("");
    else parts[parts.length - 1] += text2[i];
  }
  return parts.some((part) => part.trim()) ? parts : [];
}
function readDates(text2) {
  const dates = [];
  const unread = [];
  for (const part of splitCell(text2, ";\n")) {
    const found = /^(.+?):?\s+(\S+)$/.exec(part);
    const on = found && readDate(found[2]);
    if (found && on) dates.push({ name: found[1], on });
    else unread.push(part);
  }
  return { dates, unread };
}
function readConsent(text2) {
  const consent = {};
  const unread = [];
  for (const part of splitCell(text2, ";\n")) {
    const found = /^(\w+) (yes|no) (\d{4}-\d{2}-\d{2})(?: (.*))?$/.exec(part);
    const channel = found?.[1];
    if (found && CHANNELS.includes(channel) && readDate(found[3]))
      consent[channel] = {
        answer: found[2],
        on: found[3],
        cameFrom: found[4] ?? ""
      };
    else unread.push(part);
  }
  return { consent, unread };
}
var DATED = /^\[(\d{4}-\d{2}-\d{2})\] /;
function readNotes(text2) {
  const notes = [];
  for (const line of text2.split(/\r?\n/)) {
    const dated2 = DATED.exec(line);
    if (dated2 && readDate(dated2[1]))
      notes.push({ on: dated2[1], body: line.slice(dated2[0].length) });
    else if (notes.length > 0) notes[notes.length - 1].body += `
${line}`;
    else notes.push({ on: null, body: line });
  }
  return notes.map(({ on, body }) => ({
    on,
    body: body.replace(/^\\(?=\\*\[\d{4}-\d\d-\d\d\] )/gm, "").trim()
  })).filter(({ body }) => body !== "");
}

// core/intake/csv-write.ts
import Papa from "papaparse";

// core/intake/own.ts
var YES = /* @__PURE__ */ new Set(["yes", "y", "true", "1", "x", "on"]);
var NO = /* @__PURE__ */ new Set(["no", "n", "false", "0", "off"]);
function readNumber(text2) {
  const tidy = text2.replace(/[\s$€£]/g, "");
  const plain = /^-?\d+,\d{1,2}$/.test(tidy) ? tidy.replace(",", ".") : tidy.replace(/,(?=\d{3})/g, "");
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : null;
}
var OWN_WANTS = {
  text: "text",
  number: "a number",
  money: "an amount of money",
  date: "a day in the calendar",
  choice: "one of its choices",
  flag: "yes or no"
};
function readOwnValue(field, raw) {
  const text2 = String(raw).trim();
  switch (field.type) {
    case "text":
      return text2;
    case "number":
      return readNumber(text2);
    case "money": {
      if (typeof raw === "number") return Number.isInteger(raw) ? raw : null;
      const amount = readNumber(text2);
      return amount === null ? null : Math.round(amount * 100);
    }
    case "date":
      return readFullDate(text2);
    case "choice":
      return field.choices.find((choice) => fold(choice) === fold(text2)) ?? null;
    case "flag":
      if (typeof raw === "boolean") return raw;
      return YES.has(fold(text2)) ? true : NO.has(fold(text2)) ? false : null;
  }
}

// core/touches/kinds.ts
var TOUCH_KINDS = [
  "call",
  "text",
  "email",
  "card",
  "letter",
  "social",
  "visit",
  "gift",
  "other"
];
var OUTCOMES = ["reached", "left_word", "sent", "done", "no_answer", "not_now"];
var KIND_WORDS = {
  call: { noun: "call", verb: "Call", flow: "Calls" },
  text: { noun: "text", verb: "Text", flow: "Texts" },
  email: { noun: "e-mail", verb: "E-mail", flow: "E-mails" },
  card: { noun: "card", verb: "Write", flow: "Cards to write" },
  letter: { noun: "letter", verb: "Write", flow: "Letters to write" },
  social: { noun: "social word", verb: "Say hello", flow: "A word online" },
  visit: { noun: "visit", verb: "Drop by", flow: "Visits" },
  gift: { noun: "gift", verb: "Send", flow: "Gifts" },
  other: { noun: "task", verb: "Do", flow: "Tasks" }
};
var OUTCOME_WORDS = {
  reached: "Reached",
  left_word: "Left word",
  sent: "Sent",
  done: "Done",
  no_answer: "No answer",
  not_now: "Not now"
};

// core/intake/story-cells.ts
var kindNamed = (noun) => TOUCH_KINDS.find((kind) => KIND_WORDS[kind].noun === noun);
var outcomeNamed = (words2) => OUTCOMES.find((outcome) => fold(OUTCOME_WORDS[outcome]) === words2);
function readTouches(text2, readDay2, today) {
  const touches = [];
  const unread = [];
  for (const part of text2.split(";").map((piece) => piece.trim())) {
    if (part === "") continue;
    const told = /^(\d{4}-\d\d-\d\d) (.+), (.+)$/.exec(part);
    const kind = told ? kindNamed(told[2]) : "other";
    const outcome = told ? outcomeNamed(fold(told[3])) : "reached";
    const on = told && kind && outcome ? told[1] : readDay2(part);
    if (on && isPlainDate(on) && on <= today)
      touches.push({ on, kind: kind ?? "other", outcome: outcome ?? "reached" });
    else unread.push(part);
  }
  return { touches, unread };
}
function readJobCell(text2) {
  const jobs = [];
  const unread = [];
  for (const part of splitUnescaped(text2, ";")) {
    const [name = "", stage = "", on = "", value = "", fee = ""] = splitUnescaped(part, "|").map(
      (piece) => splitCell(piece, "").join("")
    );
    const amounts = [value, fee].map((amount) => amount === "" ? null : Number(amount));
    const fits = name !== "" && (on === "" || isPlainDate(on)) && amounts.every((n) => n === null || Number.isSafeInteger(n));
    if (fits)
      jobs.push({
        name,
        stage,
        on: on === "" ? null : on,
        valueMinor: amounts[0],
        feeMinor: amounts[1]
      });
    else unread.push(part);
  }
  return { jobs, unread };
}
var splitUnescaped = (text2, sign) => text2.split(new RegExp(`(?<!(?<!\\\\)(?:\\\\\\\\)*\\\\)\\${sign}`)).map((part) => part.trim()).filter((part, _, all) => part !== "" || all.length > 1);
var TIE = /^([^:]+): (.+?)(?: ((?:\d{4}-)?\d\d-\d\d))?(?: \((.*)\))?$/s;
function readTieCell(text2) {
  const ties2 = [];
  const unread = [];
  for (const part of splitCell(text2, ";")) {
    const [, label = "", name = "", birthday, words2 = ""] = TIE.exec(part) ?? [];
    const kind = Object.keys(TIE_WORDS).find(
      (seen) => fold(TIE_WORDS[seen]) === fold(label)
    );
    const mine = TIE_KINDS.includes(kind);
    if (kind === "parent" || kind === "referred") continue;
    if (mine)
      ties2.push({
        kind,
        name,
        words: words2,
        meant: true,
        ...birthday && readDate(birthday) ? { birthday } : {}
      });
    else unread.push(part);
  }
  return { ties: ties2, unread };
}

// core/intake/headings.ts
var SUBJECTS = {
  name: "name|full name|contact|contact name|display name|person|client|customer|names|vollstandiger name|nom complet|nombre completo|nombre y apellidos|nome completo|naam|volledige naam|fn",
  prefix: "prefix|name prefix|honorific|anrede|civilite|tratamiento|titolo|tratamento|aanhef|courtesy title",
  givenName: "first|given|first name|given name|forename|christian name|vorname|rufname|prenom|nombre|primer nombre|nombre de pila|nome|nome proprio|primeiro nome|voornaam",
  middleName: "middle|middle name|middle initial|mi|second name|additional name|zweiter vorname|deuxieme prenom|segundo nombre|secondo nome|nome do meio|tweede naam|zweitname",
  familyName: "last|family|surname|last name|family name|nachname|familienname|zuname|nom|nom de famille|apellido|cognome|sobrenome|apelido|achternaam|familienaam",
  suffix: "suffix|name suffix|generation",
  goesBy: "goes by|nickname|nick|known as|preferred name|called|spitzname|surnom|apodo|soprannome|apelido familiar|roepnaam|alias|aka",
  company: "company|organization|organisation|employer|firm|business|company name|organization name|business name|firma|unternehmen|arbeitgeber|firmenname|societe|entreprise|empresa|compania|azienda|ditta|bedrijf|bedrijfsnaam|employeur|account name",
  jobTitle: "work|job|job title|profession|occupation|position|role title|job role|beruf|stelle|fonction|metier|poste|puesto|cargo|profesion|ocupacion|professione|lavoro|profissao|beroep|functie|organization title|work title|company title",
  titleOrPrefix: "title|titel|titre|titulo|salutation",
  email: "email|e mail|mail|email address|e mail address|mail address|email id|courriel|correo|correo electronico|adresse e mail|adresse mail|posta elettronica|indirizzo email|indirizzo e mail|endereco de email|e mailadres|emailadres|mailadresse|e mail adresse|email adresse|electronic mail",
  phone: "phone|telephone|tel|phone number|telephone number|number|contact number|telefon|telefonnummer|rufnummer|numero de telephone|telefono|numero de telefono|numero di telefono|telefone|numero de telefone|telefoon|telefoonnummer|ph|phone no|tel no|festnetz|fon",
  addressLine: "address|street|street address|address line|street and number|strasse|anschrift|adresse|rue|calle|direccion|domicilio|via|indirizzo|rua|endereco|morada|straat|adres|straatnaam|strasse und hausnummer|address street|street name|road|hausanschrift|street line",
  addressLine2: "apt|apartment|suite|unit|unit number|apt number|apt suite|address extra|adresszusatz|complement|complement d adresse|complemento|interno|toevoeging|extended address|po box|street line two",
  city: "city|town|city town|town city|locality|ort|stadt|wohnort|ville|ciudad|poblacion|localidad|citta|comune|cidade|localidade|plaats|stad|woonplaats|suburb",
  region: "state|region|province|state province|state region|province state|bundesland|kanton|etat|provincia|estado|regione|provincie|st|prov",
  postalCode: "zip|zip code|postal code|postcode|post code|zipcode|zip postal code|zip postal|plz|postleitzahl|code postal|codigo postal|cap|cep|codice postale|codice avviamento postale|postalcode|cp|zip plus four",
  country: "country|country region|land|pays|pais|paese|nation|country code|country name",
  place: "neighborhood|neighbourhood|area|district|subdivision|place|quarter|stadtteil|quartier|barrio|quartiere|bairro|wijk|buurt|farm area|territory",
  lat: "latitude|lat|breitengrad|latitud|latitudine",
  lon: "longitude|lon|lng|long|langengrad|longitud|longitudine",
  link: "website|web|url|web page|webpage|homepage|site|web site|link|web address|social|web and social|profile|webseite|site web|sitio web|pagina web|sito web|facebook|linkedin|instagram|twitter",
  birthday: "birthday|birth|birth date|birthdate|date birth|dob|d o b|born|bday|b day|geburtstag|geburtsdatum|date naissance|naissance|anniversaire|fecha nacimiento|nacimiento|cumpleanos|data nascita|compleanno|nascita|data nascimento|nascimento|aniversario|geboortedatum|verjaardag|birth day",
  wedding: "wedding|wedding day|wedding date|anniversary|wedding anniversary|anniversary date|marriage date|married on|date married|hochzeit|hochzeitstag|mariage|date mariage|boda|fecha boda|aniversario bodas|aniversario boda|matrimonio|data matrimonio|anniversario|casamento|data casamento|huwelijk|trouwdatum|trouwdag",
  workDone: "closing date|close date|date closed|closed on|closed date|settlement date|completion date|date completed|completed on|sale date|sold date|date sold|purchase date|date purchased|funding date|funded date|date funded|work completed|closing|abschlussdatum|kaufdatum|date achat|date vente|fecha cierre|fecha compra|data acquisto|data compra|aankoopdatum",
  interests: "interest|hobby|hobbies|interessen|centres interet|aficiones|intereses|interessi|interesses|hobbys|likes",
  roles: "role|roles|type|contact type|relationship|kind|relation|rolle|rol|ruolo|papel|client type|person type|beziehung",
  standing: "standing|status|stage|contact status|client status|statut|estado civil comercial|stato",
  source: "came from|source|how we met|how met|met through|herkunft|quelle|origine|origen|fuente|fonte|provenienza|bron|where met|contact source",
  circle: "circle|closeness|tier|rank|kreis|cercle|circulo|cerchio|kring",
  promise: "promise|promise in days|promise days",
  tags: "tag|label|group|group membership|keyword|category|segment|list|liste|etiqueta|etiquette|categorie|categoria|kategorie|gruppe|groupe|grupo|gruppo|groep|schlagwort|stichwort|mot cle|palabra clave|contact group|mailing list",
  preferred: "likes to be reached by|preferred contact method|preferred channel|contact method|contact preference|preferred method of contact|preferred method contact",
  language: "language|preferred language|sprache|langue|idioma|lingua|taal|spoken language",
  favourite: "kept at hand|favorite|favourite|starred|vip",
  notes: "note|comment|remark|memo|description|background|bemerkung|notiz|anmerkung|kommentar|remarque|commentaire|nota|comentario|observacion|osservazione|commento|observacao|opmerking|notitie|all notes|last note|free text",
  lastTouch: "last touch|last contact|last contacted|last spoke|last call|date of last contact|date last contact|last contact date|letzter kontakt|dernier contact|ultimo contacto|ultimo contatto|ultimo contato|laatste contact|last spoken",
  referredBy: "referred by|referrer|referral from|referred from|introduced by|recommended by|sent by|referral|empfohlen von|recommande par|recomendado por|referido por|segnalato da|indicado por|aanbevolen door|empfehlung|referral source",
  children: "child|children|kids|child name|children name|name of child|kinder|enfant|hijo|figlio|filho|kinderen",
  pets: "pet|pet name|dog|cat|haustier|animal|mascota|huisdier"
};
var PARTNER = "spouse|partner|wife|husband|significant other|fiance|fiancee|co borrower|coborrower|co client|co buyer|spouse s|ehepartner|ehefrau|ehemann|gatte|gattin|conjoint|epoux|epouse|conyuge|esposo|esposa|pareja|coniuge|moglie|marito|conjuge|marido|mulher|echtgenoot|echtgenote|secondary contact";
var CHILD = "child|kid|son|daughter|enfant|hijo|hija|figlio|figlia|filho|filha|kind";
var OTHERS = "assistant|agent|manager|emergency|lawyer|attorney|doctor|dentist|lender|realtor|broker|supervisor|boss|mother|father|parent|sibling|friend|landlord|tenant|contractor|accountant|escrow|officer|banker|seller|listing|inspector";
var WHICH = {
  home: "home|house|private|personal|privat|domicile|domicilio|maison|casa|hogar|particular|residence|residential|thuis|prive|personale|pessoal|physical|current",
  work: "work|office|business|company|job|professional|geschaftlich|dienstlich|arbeit|buro|travail|bureau|professionnel|trabajo|oficina|empresa|lavoro|ufficio|trabalho|escritorio|werk|kantoor|zakelijk|wrk|bus",
  mobile: "mobile|cell|cellular|handy|mobil|portable|movil|celular|cellulare|telemovel|mobiel|gsm|cell phone|mobile phone|mobiltelefon|handynummer|mobilnummer|mobilephone|cellphone|mobieltje|text|sms|iphone",
  fax: "fax|telefax|fax number|faxnummer",
  mailing: "mailing|postal|postanschrift|correspondence|shipping|delivery|mail to|versand|correspondance|billing",
  property: "property|rental|vacation|investment|listing|subject property",
  other: "other|alternate|alternative|alt|andere|autre|otro|otra|altro|altra|outro|outra|overig|sonstige|school"
};
var ORDINALS = {
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
  three: 3
};
var FILLERS = new Set(
  "the a an your my our their his her s of de du di da do del des d la le les el los las der die das von van und and et y e no nr num numero number nummer value field info information details detail date client customer contact person member lead prospect owner buyer borrower user people on at in for".split(
    " "
  )
);
var LABELS = new Set("label type kind typ tipo".split(" "));
var PLURAL = /^(\p{L}{3,})s$/u;
function headingWords(heading) {
  const cut2 = heading.replace(/(\p{Ll})(\p{Lu})/gu, "$1 $2").replace(/(\p{Lu})(\p{Lu}\p{Ll})/gu, "$1 $2").replace(/(\p{L})(\d)/gu, "$1 $2").replace(/(\d)(\p{L})/gu, "$1 $2");
  return fold(cut2).replace(/[^\p{L}\p{N}]+/gu, " ").trim().split(" ").filter(Boolean);
}
var plainForm = (words2) => words2.map((word) => word.replace(PLURAL, "$1")).join(" ");
var SUBJECT_OF = /* @__PURE__ */ new Map();
for (const [subject3, phrases] of Object.entries(SUBJECTS))
  for (const phrase of phrases.split("|")) {
    const form = plainForm(phrase.split(" "));
    if (!SUBJECT_OF.has(form)) SUBJECT_OF.set(form, subject3);
  }
var phraseSet = (phrases) => new Set(phrases.split("|").map((p) => plainForm(p.split(" "))));
var WHOSE = [
  ["partner", phraseSet(PARTNER)],
  ["child", phraseSet(CHILD)],
  ["other", phraseSet(OTHERS)]
];
var WHICH_OF = new Map(
  Object.entries(WHICH).flatMap(
    ([which, phrases]) => [...phraseSet(phrases)].map((phrase) => [phrase, which])
  )
);
var NOTHING = {
  subject: null,
  whose: "own",
  which: "",
  number: null,
  isLabel: false
};
function subjectOf(words2) {
  const whole = SUBJECT_OF.get(plainForm(words2));
  if (whole || words2.length === 0) return whole ?? null;
  const told = words2.filter((word) => !FILLERS.has(word));
  return SUBJECT_OF.get(plainForm(told)) ?? null;
}
function take(words2, of) {
  for (const length of [2, 1])
    for (let i = 0; i + length <= words2.length; i++) {
      const found = of(plainForm(words2.slice(i, i + length)));
      if (found !== void 0)
        return { found, rest: [...words2.slice(0, i), ...words2.slice(i + length)] };
    }
  return null;
}
function readHeading(heading) {
  const all = headingWords(heading);
  const number = Number(all.find((word) => /^\d$/.test(word)) ?? NaN) || null;
  const words2 = all.filter((word) => !/^\d$/.test(word));
  const plain = subjectOf(words2);
  if (plain && !(plain === "tags" && number && words2.length > 1))
    return { ...NOTHING, subject: plain, number };
  const isLabel = words2.length > 1 && LABELS.has(words2.at(-1));
  let rest = isLabel ? words2.slice(0, -1) : words2;
  let whose = "own";
  for (const [who, phrases] of WHOSE) {
    const taken = take(rest, (phrase) => phrases.has(phrase) ? who : void 0);
    if (!taken) continue;
    whose = who;
    rest = taken.rest;
    break;
  }
  const read2 = { ...NOTHING, whose, number, isLabel };
  if (whose !== "own" && rest.every((word) => FILLERS.has(word) || word === "name"))
    return { ...read2, subject: "name" };
  return { ...read2, ...readRest(rest, number) };
}
var ADDRESS = plainForm(["address"]);
var OF_ADDRESS = /* @__PURE__ */ new Set([
  "addressLine",
  "addressLine2",
  "city",
  "region",
  "postalCode",
  "country",
  "place"
]);
function readRest(words2, number) {
  let rest = [...words2];
  let which = "";
  let order = number;
  for (let steps = 0; steps < 4; steps++) {
    const subject3 = subjectOf(rest);
    if (subject3) return { subject: subject3, which, number: order };
    const part = take(rest, (word) => word === ADDRESS ? word : void 0);
    if (part && OF_ADDRESS.has(subjectOf(part.rest) ?? "name")) {
      rest = part.rest;
      continue;
    }
    const ordinal2 = take(rest, (word) => ORDINALS[word]);
    if (ordinal2) {
      order ??= ordinal2.found;
      rest = ordinal2.rest;
      continue;
    }
    const taken = take(rest, (phrase) => WHICH_OF.get(phrase));
    if (!taken) break;
    which = taken.found === "home" && which ? which : taken.found;
    rest = taken.rest;
  }
  if (rest.every((word) => FILLERS.has(word)) && which) {
    if (which === "mobile" || which === "fax") return { subject: "phone", which, number: order };
    return { subject: null, which, number: order };
  }
  return { subject: null, which: "", number: order };
}

// core/intake/reach.ts
import { parsePhoneNumberFromString } from "libphonenumber-js";
import isEmailAddress from "validator/lib/isEmail.js";
var INVISIBLE = /[\u200B-\u200F\u202A-\u202E\u2060-\u2064\u2066-\u2069\uFEFF\u00AD]/g;
function readEmail(text2) {
  const trimmed = text2.replace(INVISIBLE, "").trim().replace(/^mailto:/i, "");
  if (!isEmailAddress(trimmed)) return null;
  const at = trimmed.lastIndexOf("@");
  return trimmed.slice(0, at) + trimmed.slice(at).toLowerCase();
}
function readPhone(text2, country = "US") {
  const tidy = text2.replace(INVISIBLE, "").replace(/[\u2010-\u2015\u2212]/g, "-").trim().replace(/^tel:/i, "").replace(/\s+/g, " ");
  if (!/^[+(]?\d[\d\s().\-/]*(?:\s*(?:x|ext\.?)\s*\d+)?$/i.test(tidy)) return null;
  const parsed = parsePhoneNumberFromString(tidy, country);
  if (parsed?.isValid() && !parsed.ext) return parsed.number;
  const digits2 = tidy.replace(/\D/g, "").length;
  return digits2 < 7 || digits2 > 20 ? null : tidy;
}
function readLink(text2) {
  const url = /^[a-z][a-z\d+.-]*:/i.test(text2) ? text2 : `https://${text2}`;
  if (/\s/.test(text2) || !URL.canParse(url)) return null;
  const { protocol, hostname } = new URL(url);
  return /^https?:$/.test(protocol) && hostname.includes(".") ? url : null;
}

// core/intake/columns.ts
var folded = (text2) => fold(text2).replace(/[^\p{L}\p{N}]+/gu, " ").trim();
var BY_LABEL = new Map([
  ...COLUMN_KEYS.map((key) => [folded(COLUMNS[key].label), key]),
  ...INCOMING_KEYS.map((key) => [folded(INCOMING[key].label), key])
]);
BY_LABEL.delete("title");
var SEVERAL = /* @__PURE__ */ new Set([
  "note",
  "notes",
  "tags",
  "roles",
  "interests",
  "email",
  "emailLabel",
  "phone",
  "phoneLabel",
  "moreEmails",
  "morePhones",
  "link",
  "dates",
  "namedDate",
  "children",
  "childBirthday",
  "pets",
  "workDone",
  "aside",
  "newField",
  "addressLine2",
  "partnerEmail",
  "partnerPhone"
]);
var ADDRESS_PARTS2 = /* @__PURE__ */ new Set([
  "addressLine",
  "addressLine2",
  "city",
  "region",
  "postalCode",
  "country",
  "place"
]);
var PARTNERS = {
  name: "partnerName",
  givenName: "partnerGivenName",
  familyName: "partnerFamilyName",
  email: "partnerEmail",
  phone: "partnerPhone",
  birthday: "partnerBirthday"
};
var CHILDS = {
  name: "children",
  givenName: "children",
  children: "children",
  birthday: "childBirthday"
};
function cellsOf(table, column, most2 = 200) {
  const cells = [];
  for (const row of table.rows) {
    const cell = row.cells[column];
    if (cell) cells.push(cell);
    if (cells.length === most2) break;
  }
  return cells;
}
var most = (cells, test) => cells.filter(test).length > cells.length / 2;
function guessColumns(table, own = []) {
  const taken = /* @__PURE__ */ new Set();
  const claim = (use) => {
    if (use === null || taken.has(use) && !SEVERAL.has(partsOfUse(use).to)) return null;
    taken.add(use);
    return use;
  };
  const ownByName = new Map(own.map(({ id, name }) => [folded(name), `own:${id}`]));
  const heads = table.header.map(readHeading);
  const hasJob = table.header.some(
    (heading, i) => BY_LABEL.get(folded(heading)) === "jobTitle" || heads[i].whose === "own" && heads[i].subject === "jobTitle"
  );
  const guesses = table.header.map((heading, i) => {
    const cells = cellsOf(table, i);
    const known = ownByName.get(folded(heading)) ?? BY_LABEL.get(folded(heading));
    const use = known ?? byHeading(heads[i], cells, heads, hasJob);
    const claimed = claim(use);
    return claimed ? { use: claimed, by: "heading" } : { use: null, by: "none" };
  });
  return gather(
    guesses.map((guess, i) => {
      if (guess.use) return guess;
      const cells = cellsOf(table, i);
      if (cells.length === 0) return guess;
      const use = claim(byContent(table.header[i], heads[i], cells, taken));
      return use ? { use, by: "content" } : { use: "aside", by: "none" };
    })
  );
}
function byHeading({ subject: subject3, whose, which, number, isLabel }, cells, all, hasJob) {
  if (!subject3) return null;
  if (isLabel) return subject3 === "email" || subject3 === "phone" ? `${subject3}Label` : null;
  if (whose === "other") return null;
  if (whose === "partner") return PARTNERS[subject3] ?? null;
  if (whose === "child") return CHILDS[subject3] ?? null;
  if (subject3 === "titleOrPrefix")
    return hasJob || most(cells, isFormOfAddress) ? "prefix" : "jobTitle";
  if (subject3 === "prefix") return most(cells, isFormOfAddress) ? "prefix" : null;
  if (subject3 === "email" || subject3 === "phone")
    return asUse(subject3, which === "mailing" ? "" : which);
  if (subject3 === "name" && all.some((h) => h.whose === "own" && h.subject === "familyName"))
    return all.some((h) => h.whose === "own" && h.subject === "givenName") ? "name" : "givenName";
  if (!ADDRESS_PARTS2.has(subject3)) return subject3;
  return addressUse(subject3, which, number, all);
}
function addressUse(subject3, which, number, all) {
  if (number === null || number === 1) return asUse(subject3, which);
  const second = all.some(
    (h) => h.number === number && h.which === which && ["city", "region", "postalCode"].includes(h.subject ?? "")
  );
  if (second) return asUse(subject3, [which, String(number)].filter(Boolean).join(" "));
  return asUse(subject3 === "addressLine" ? "addressLine2" : subject3, which);
}
var FORMS = /^(?:mr|mrs|ms|miss|mx|dr|prof|rev|sr|sra|srta|herr|frau|m|mme|mlle|sig|dott|hon|judge|sir)\.?(?:\s*(?:&|and|und)\s*(?:mr|mrs|ms|dr|frau)\.?)?$/i;
var isFormOfAddress = (cell) => FORMS.test(cell.trim());
var NO_REACH = new Set(
  "id no number code account key ref reference amount price loan value balance ssn tax license policy index rank order qty quantity score".split(
    " "
  )
);
function byContent(heading, { whose, which, subject: subject3 }, cells, taken) {
  if (whose !== "own" || subject3 !== null) return null;
  const words2 = headingWords(heading);
  if (words2.some((word) => NO_REACH.has(word))) return null;
  const named2 = [...taken].some((use) => /^(?:name|givenName|familyName)$/.test(use));
  const place = which === "mailing" ? "" : which;
  if (most(cells, (cell) => readEmail(cell) !== null)) return asUse("email", place);
  if (most(cells, isPhoneLike)) return asUse("phone", place);
  if (place && most(cells, (cell) => /\d/.test(cell) && /\p{L}/u.test(cell)))
    return asUse("addressLine", place);
  if (!named2 && most(cells, (cell) => /^\p{L}[\p{L}\p{M}.'’-]*(,? \p{L}[\p{L}\p{M}.'’()"&-]*)+$/u.test(cell)))
    return "name";
  return null;
}
var isPhoneLike = (cell) => /[()+\-. /]/.test(cell.trim()) && readPhone(cell) !== null && readDate(cell) === null && !/^\d{5}-\d{4}$/.test(cell);
function gather(guesses) {
  const parts = guesses.map(({ use }) => use ? partsOfUse(use) : null);
  const streets = parts.flatMap((p) => p?.to === "addressLine" ? [p.which] : []);
  if (streets.length === 0 || streets.includes("")) return guesses;
  const taken = new Set(guesses.map(({ use }) => use));
  let street = streets[0];
  return guesses.map((guess, i) => {
    const part = parts[i];
    if (part?.to === "addressLine") street = part.which;
    if (!part || !ADDRESS_PARTS2.has(part.to) || part.which !== "") return guess;
    const use = asUse(part.to, street);
    return taken.has(use) ? guess : { ...guess, use };
  });
}
var DAYS = /* @__PURE__ */ new Set([
  "birthday",
  "wedding",
  "lastTouch",
  "workDone",
  "namedDate",
  "partnerBirthday",
  "childBirthday"
]);
var isDayUse = (to, own = []) => DAYS.has(to) || own.some(({ id, type }) => type === "date" && to === `own:${id}`);
function readDayColumn(cells) {
  let [dayFirst, monthFirst, serials, all] = [0, 0, 0, 0];
  const either = [];
  for (const cell of cells) {
    if (cell === "") continue;
    all += 1;
    if (/^\d{4,5}(\.0+)?$/.test(cell)) serials += 1;
    const found = /^(\d{1,2})[-/. ](\d{1,2})[-/. ](?:\d{2}|\d{4})(?:\D|$)/.exec(cell);
    const [a, b] = [Number(found?.[1]), Number(found?.[2])];
    if (!found) continue;
    if (a > 12 && b <= 12) dayFirst += 1;
    else if (b > 12 && a <= 12) monthFirst += 1;
    else if (a !== b && either.length < 3) either.push(cell);
  }
  const decided = dayFirst > 0 !== monthFirst > 0;
  return {
    order: decided ? dayFirst > 0 ? "dmy" : "mdy" : null,
    examples: decided ? [] : either,
    serial: serials > all / 2
  };
}

// core/intake/decode.ts
var WINDOWS_1252 = "\u20AC\x81\u201A\u0192\u201E\u2026\u2020\u2021\u02C6\u2030\u0160\u2039\u0152\x8D\u017D\x8F\x90\u2018\u2019\u201C\u201D\u2022\u2013\u2014\u02DC\u2122\u0161\u203A\u0153\x9D\u017E\u0178";
var MAC_ROMAN = "\xC4\xC5\xC7\xC9\xD1\xD6\xDC\xE1\xE0\xE2\xE4\xE3\xE5\xE7\xE9\xE8\xEA\xEB\xED\xEC\xEE\xEF\xF1\xF3\xF2\xF4\xF6\xF5\xFA\xF9\xFB\xFC\u2020\xB0\xA2\xA3\xA7\u2022\xB6\xDF\xAE\xA9\u2122\xB4\xA8\u2260\xC6\xD8\u221E\xB1\u2264\u2265\xA5\xB5\u2202\u2211\u220F\u03C0\u222B\xAA\xBA\u03A9\xE6\xF8\xBF\xA1\xAC\u221A\u0192\u2248\u2206\xAB\xBB\u2026\xA0\xC0\xC3\xD5\u0152\u0153\u2013\u2014\u201C\u201D\u2018\u2019\xF7\u25CA\xFF\u0178\u2044\u20AC\u2039\u203A\uFB01\uFB02\u2021\xB7\u201A\u201E\u2030\xC2\xCA\xC1\xCB\xC8\xCD\xCE\xCF\xCC\xD3\xD4\uF8FF\xD2\xDA\xDB\xD9\u0131\u02C6\u02DC\xAF\u02D8\u02D9\u02DA\xB8\u02DD\u02DB\u02C7";
function byTable(bytes, table) {
  const units = new Uint16Array(bytes.length);
  bytes.forEach((byte, i) => {
    units[i] = byte >= 128 && byte - 128 < table.length ? table.charCodeAt(byte - 128) : byte;
  });
  return new TextDecoder("utf-16le").decode(units);
}
var fromWindows1252 = (bytes) => byTable(bytes, WINDOWS_1252);
var fromMacRoman = (bytes) => byTable(bytes, MAC_ROMAN);
function asUtf8(bytes) {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}
var LETTER = /\p{L}/u;
var LOWER = /\p{Ll}/u;
function likeliness(text2) {
  let score = 0;
  for (const { 0: char, index: at } of text2.matchAll(/[^\x00-\x7f]/gu)) {
    const [before, after] = [text2[at - 1] ?? " ", text2[at + char.length] ?? " "];
    const beside = Number(LETTER.test(before)) + Number(LETTER.test(after));
    if (LOWER.test(char)) score += beside > 0 ? 1 : -1;
    else if (LETTER.test(char)) score += LOWER.test(before) ? -2 : 1;
    else if ("\u2018\u2019".includes(char)) score += beside > 0 ? 1 : 0;
    else if ("\u201C\u201D\u2013\u2014\u2026\u20AC\u2022\xB0\xA3\xA7\xA9\xAE\u2122\xAB\xBB\xBF\xA1\xB4\xA0".includes(char)) score += beside === 2 ? -1 : 1;
    else score -= beside > 0 ? 2 : 1;
  }
  return score;
}
function utf16WithoutMark(bytes) {
  const zeros = [0, 0];
  const most2 = Math.min(bytes.length, 1e4);
  for (let i = 0; i < most2; i++) if (bytes[i] === 0) zeros[i % 2] += 1;
  const [even = 0, odd = 0] = zeros;
  if (odd > most2 * 0.3 && even < most2 * 0.02) return "utf-16le";
  return even > most2 * 0.3 && odd < most2 * 0.02 ? "utf-16be" : null;
}
function decode(bytes) {
  const [a, b] = bytes;
  const utf16 = a === 255 && b === 254 ? "utf-16le" : a === 254 && b === 255 ? "utf-16be" : utf16WithoutMark(bytes);
  if (utf16)
    return { text: new TextDecoder(utf16).decode(bytes), encoding: "UTF-16", otherwise: [] };
  let zeros = 0;
  for (const byte of bytes) if (byte === 0) zeros += 1;
  if (zeros > bytes.length * 0.01 && zeros > 1) return null;
  const text2 = asUtf8(bytes);
  if (text2 !== null) return { text: text2, encoding: "UTF-8", otherwise: [] };
  return lineByLine(bytes) ?? eightBits(bytes);
}
function eightBits(bytes) {
  const windows = fromWindows1252(bytes);
  const mac = fromMacRoman(bytes);
  return likeliness(mac) > likeliness(windows) ? { text: mac, encoding: "MacRoman", otherwise: [] } : { text: windows, encoding: "Windows-1252", otherwise: [] };
}
function lineByLine(bytes) {
  const lines = [];
  for (let from = 0; from <= bytes.length; ) {
    const end = bytes.indexOf(10, from);
    const line = bytes.subarray(from, end < 0 ? bytes.length : end);
    const ascii = line.every((byte) => byte < 128);
    const utf82 = ascii ? null : asUtf8(line);
    lines.push({
      text: utf82 ?? fromWindows1252(line),
      kind: ascii ? "ascii" : utf82 === null ? "other" : "utf8"
    });
    if (end < 0) break;
    from = end + 1;
  }
  const count = (kind) => lines.filter((line) => line.kind === kind).length;
  const [utf8, other] = [count("utf8"), count("other")];
  if (utf8 === 0) return null;
  const rarer = other <= utf8 ? "other" : "utf8";
  return {
    text: lines.map(({ text: text2 }) => text2).join("\n"),
    encoding: "UTF-8 and Windows-1252",
    otherwise: lines.flatMap(({ kind }, i) => kind === rarer ? [i + 1] : [])
  };
}

// core/intake/imported.ts
var importedOf = (row, fields) => ({
  row,
  fields,
  tags: [],
  circle: "",
  promiseDays: null,
  notes: [],
  touches: [],
  jobs: [],
  related: []
});
var isSomebody = (f) => [f.givenName, f.familyName, f.goesBy, f.company].some(Boolean) || f.emails.length > 0 || f.phones.length > 0;
var OLDEST = 120;
function birthdayFault(on, today) {
  if (!isPlainDate(on)) return null;
  if (on > today) return "a birthday that has been";
  return Number(today.slice(0, 4)) - Number(on.slice(0, 4)) > OLDEST ? "a birthday of anybody alive" : null;
}
function asSecond(name, person) {
  const { givenName, familyName, prefix = "", suffix = "", goesBy = "" } = name;
  const addresses2 = person.fields.addresses.slice(0, 1).map((address) => ({ ...address }));
  return {
    ...importedOf(person.row, {
      ...NOBODY,
      givenName,
      familyName,
      prefix,
      suffix,
      goesBy,
      addresses: addresses2
    }),
    circle: person.circle,
    tags: [...person.tags]
  };
}

// core/intake/row.ts
function read(row, target, reader, what) {
  const text2 = row.get(target);
  if (text2 === "") return null;
  const value = reader(text2);
  if (value === null) row.unread(text2, what);
  return value;
}
function readDay(row, target, past = false) {
  const [cell] = row.all(target);
  if (!cell) return null;
  const day = row.day(cell.text, cell.column, past);
  if (day === null) row.unread(cell.text, "a day in the calendar");
  return day;
}
var SAME_LABEL = { mailing: "", "home 2": "home", other: "other" };
var labelOf = (which) => SAME_LABEL[which] ?? which.replace(/ \d$/, "").replace(/^\d$/, "");

// core/intake/row-days.ts
function dayReaders(table, uses, own, usual) {
  const readers = /* @__PURE__ */ new Map();
  const found = dayColumns(table, uses, own);
  const elsewhere = [...found.values()].find(({ order }) => order)?.order ?? usual.order;
  for (const [column, { order, serial, asked }] of found)
    readers.set(column, { order: asked ?? order ?? elsewhere, serial, today: usual.today });
  return readers;
}
function dayColumns(table, uses, own = []) {
  const found = /* @__PURE__ */ new Map();
  uses.forEach((use, column) => {
    if (!use) return;
    const { to, which } = partsOfUse(use);
    if (!isDayUse(to, own)) return;
    const asked = which === "dmy" || which === "mdy" ? which : null;
    const cells = table.rows.map((row) => row.cells[column] ?? "");
    found.set(column, { ...readDayColumn(cells), asked });
  });
  return found;
}
function zipColumns(table, uses) {
  const columns = /* @__PURE__ */ new Set();
  uses.forEach((use, column) => {
    if (!use || partsOfUse(use).to !== "postalCode") return;
    const cells = table.rows.map((row) => row.cells[column] ?? "").filter(Boolean);
    const five = cells.filter((cell) => /^\d{5}(-\d{4})?$/.test(cell)).length;
    const short = cells.filter((cell) => /^\d{2,4}$/.test(cell)).length;
    const all = five + short === cells.length;
    if (all && (five > 0 || headingWords(table.header[column]).includes("zip")))
      columns.add(column);
  });
  return columns;
}

// core/intake/address.ts
var COUNTRY = "(?:,\\s*(?<country>\\p{L}[\\p{L} .]+))?$";
var FORMS2 = [
  `^(?<line>.+?),\\s*(?<city>[^,\\d]+?),?\\s+(?<region>[A-Z]{2})\\.?,?\\s+(?<postalCode>\\d{5}(?:-\\d{4})?)${COUNTRY}`,
  `^(?<line>.+?),\\s*(?<city>[^,\\d]+?),?\\s+(?<region>[A-Z]{2})\\.?,?\\s+(?<postalCode>[A-Z]\\d[A-Z] ?\\d[A-Z]\\d)${COUNTRY}`,
  `^(?<line>.+?),\\s*(?<city>[^,\\d]+?),?\\s+(?<postalCode>[A-Z]{1,2}\\d[A-Z\\d]? ?\\d[A-Z]{2})${COUNTRY}`,
  `^(?<line>.+?),\\s*(?:[A-Z]{1,2}-)?(?<postalCode>\\d{4,5})\\s+(?<city>\\p{L}[^,\\d]*?)${COUNTRY}`,
  `^(?<line>.*\\d.*?),\\s*(?<city>[^,\\d]+?),?\\s+(?<postalCode>\\d{5}(?:-\\d{4})?)${COUNTRY}`
].map((form) => new RegExp(form, "u"));
function readWholeAddress(text2) {
  const one = text2.replace(/\s*[\r\n]+\s*/g, ", ").replace(/\s+/g, " ").trim();
  for (const form of FORMS2) {
    const parts = form.exec(one)?.groups;
    if (parts)
      return {
        line: parts.line.trim(),
        city: parts.city.trim(),
        region: parts.region ?? "",
        postalCode: parts.postalCode,
        country: parts.country?.trim() ?? ""
      };
  }
  return null;
}

// core/intake/row-address.ts
var PARTS = ["city", "region", "postalCode", "country", "place"];
function readAllAddresses(row) {
  const byWhich = /* @__PURE__ */ new Map();
  const at = (which) => {
    const found = byWhich.get(which) ?? { ...NO_ADDRESS, label: labelOf(which) };
    byWhich.set(which, found);
    return found;
  };
  for (const { text: text2, which } of row.all("addressLine")) {
    const address = at(which);
    address.line = [address.line, text2].filter(Boolean).join(", ");
  }
  for (const { text: text2, which } of row.all("addressLine2")) {
    const address = at(which);
    address.line = [address.line, text2].filter(Boolean).join(", ");
  }
  for (const part of PARTS) for (const { text: text2, which } of row.all(part)) at(which)[part] = text2;
  const addresses2 = [...byWhich].sort(
    ([a], [b]) => Number(b === "mailing") - Number(a === "mailing")
  );
  const all = addresses2.map(([, address]) => wholeAddress(address)).filter(isAddress);
  const degrees = (target) => read(row, target, readNumber, "a number of degrees");
  const [lat, lon] = [degrees("lat"), degrees("lon")];
  const point = lat !== null && lon !== null && Math.abs(lat) <= 90 && Math.abs(lon) <= 180;
  const label = row.get("addressLabel");
  if (point && all.length === 0) all.push({ ...NO_ADDRESS });
  if (all[0] && point) Object.assign(all[0], { lat, lon });
  if (all[0] && label) all[0].label = label;
  return [...all, ...readAddresses(row.get("moreAddresses")).filter(isAddress)];
}
function wholeAddress(address) {
  if ([address.city, address.region, address.postalCode].some(Boolean)) return address;
  const read2 = readWholeAddress(address.line);
  return read2 ? { ...address, ...read2 } : address;
}

// core/intake/row-fields.ts
function readBirthday(row) {
  const on = readDay(row, "birthday", true);
  const fault = on && birthdayFault(on, row.today);
  if (fault) row.unread(row.get("birthday"), fault);
  return fault ? null : on;
}
function readReaches(row, [first, label, more], reader, what) {
  const list = [];
  const labels = row.all(label);
  const one = (text2) => {
    const reach = readReach(text2);
    return { text: text2, value: reader(reach.value), label: reach.label };
  };
  const add = ({ text: text2, value, label: own }, given) => {
    if (value === null) row.unread(text2, what);
    else if (!list.some((known) => known.value === value))
      list.push({ value, label: given || own });
  };
  row.all(first).forEach(({ text: text2, which }, n) => {
    const whole = one(text2);
    const several = whole.value === null ? splitCell(text2, ";,|\n/").map(one) : [whole];
    several.forEach((cell, i) => add(cell, i === 0 && labels[n]?.text || labelOf(which)));
  });
  for (const text2 of splitCell(row.get(more, "; "))) add(one(text2), "");
  return list;
}
function readFields(row, own) {
  const { get } = row;
  const dates = readDates(get("dates", "; "));
  for (const text2 of dates.unread) row.unread(text2, "a date with a name");
  const wedding = readDay(row, "wedding");
  const named2 = row.all("namedDate").flatMap(({ text: text2, heading, column }) => {
    const on = row.day(text2, column);
    if (on === null) row.unread(text2, "a day in the calendar");
    return on === null ? [] : [{ name: heading, on }];
  });
  const consent = readConsent(get("consent"));
  for (const text2 of consent.unread) row.unread(text2, "a consent");
  return {
    ...NOBODY,
    prefix: get("prefix"),
    middleName: get("middleName"),
    suffix: get("suffix"),
    goesBy: get("goesBy"),
    company: get("company"),
    jobTitle: get("jobTitle"),
    emails: readReaches(row, ["email", "emailLabel", "moreEmails"], readEmail, "an e-mail address"),
    phones: readReaches(row, ["phone", "phoneLabel", "morePhones"], readPhone, "a phone number"),
    addresses: readAllAddresses(row),
    links: readLinks(row),
    birthday: readBirthday(row),
    dates: [...wedding ? [{ name: "Wedding", on: wedding }] : [], ...dates.dates, ...named2],
    interests: splitCell(get("interests", "; ")),
    roles: splitCell(get("roles", "; ")),
    standing: get("standing"),
    source: get("source"),
    preferred: read(row, "preferred", readChannel, "a way to be reached") ?? "",
    language: get("language"),
    favourite: get("favourite") !== "" && readOwnValue({ type: "flag", choices: [] }, get("favourite")) === true,
    ...readWouldRefer(row),
    own: readOwn(row, own),
    consent: consent.consent
  };
}
function readLinks(row) {
  return splitCell(row.get("link", "; ")).flatMap((text2) => {
    const { value, label } = readReach(text2);
    const link2 = readLink(value);
    if (link2) return [{ value: link2, label }];
    row.unread(text2, "a web address");
    return [];
  });
}
var WAYS = {
  phone: "call",
  telephone: "call",
  sms: "text",
  mail: "post",
  letter: "post"
};
var readChannel = (text2) => {
  const word = fold(text2).replace("-", "");
  return CHANNELS.find((channel) => channel === word) ?? WAYS[word] ?? null;
};
function readWouldRefer(row) {
  const [answer = "", on] = row.get("wouldRefer").split(" ");
  const wouldRefer = WOULD_REFER.find((word) => word === fold(answer)) ?? null;
  if (answer && !wouldRefer) row.unread(row.get("wouldRefer"), "yes, perhaps or no");
  return { wouldRefer, wouldReferOn: wouldRefer && on ? readFullDate(on) : null };
}
function readOwn(row, own) {
  const values = {};
  for (const field of own) {
    const [cell] = row.all(`own:${field.id}`);
    if (!cell) continue;
    const text2 = field.type === "date" && row.day(cell.text, cell.column) || cell.text;
    const value = readOwnValue(field, text2);
    if (value === null)
      row.unread(cell.text, `${OWN_WANTS[field.type]}, which ${field.name} wants`);
    else values[field.id] = value;
  }
  return values;
}

// core/intake/row-jobs.ts
var workName = (heading) => {
  const words2 = headingWords(heading).filter((word) => !["date", "day", "on"].includes(word));
  const text2 = words2.join(" ") || "work";
  return text2.charAt(0).toUpperCase() + text2.slice(1);
};
var NO_JOB = { stage: "", valueMinor: null, feeMinor: null };
function readJobs(row) {
  const told = readJobCell(row.get("work", "; "));
  for (const part of told.unread) row.unread(part, "work");
  const days = row.all("workDone").flatMap(({ text: text2, heading, column }) => {
    const on = row.day(text2, column);
    if (on && isPlainDate(on)) return [{ ...NO_JOB, name: workName(heading), on }];
    row.unread(text2, "a day with its year");
    return [];
  });
  return [...told.jobs, ...days];
}

// core/intake/names.ts
var words = (text2) => new Set(text2.split(" "));
var TITLES = words(
  "mr mrs ms miss mx dr prof professor rev reverend fr sr sra srta se\xF1or se\xF1ora se\xF1orita herr frau fr\xE4ulein monsieur madame mademoiselle m mme mlle sig sigra signor signora dott dottssa ing dhr mevr mevrouw hon rabbi imam pastor dame lady lord"
);
var TITLES_TOO = words(
  "judge sir major captain capt general gen col colonel lt sgt father sister brother dean bishop senator governor president chief"
);
var SUFFIXES = words(
  "jr sr junior senior ii iii iv v 2nd 3rd phd md dds dvm esq esquire cpa jd rn mba pe do od crs gri ret"
);
var PARTICLES = words(
  "de del dela della delle dello di da dal dalla do dos das du des van von vom zu zum zur der den ter ten te la le lo los las el al bin binti ibn ben bat st saint san santa af av y e mac mc o"
);
var FIRM = /(?:^|[\s,.&])(?:llc|l\.l\.c\.|inc|incorporated|ltd|limited|gmbh|ag|kg|s\.?a\.?r?\.?l?|b\.?v|plc|corp|corporation|co|company|sons|daughters|brothers|bros|group|bank|trust|services|associates|partners|realty|properties|insurance|mortgage|lending|law|studio|studios|cafe|café|shop|store|school|church|club|hotel|foundation|institute|center|centre|association|society|university|college|hospital|clinic|agency|office|holdings|enterprises|construction|plumbing|roofing|electric|landscaping|restaurant|bakery|florist|nursery)\.?(?=$|[\s,.&])/i;
var isFirm = (text2) => FIRM.test(text2);
var bare = (word) => word.replace(/[.,]/g, "").toLowerCase();
function splitName(full) {
  const { text: text2, goesBy, also } = withoutAside(full.trim().replace(/\s+/g, " "));
  const parts = text2.split(",").map((part) => part.trim()).filter(Boolean);
  const suffixes = [];
  while (parts.length > 1 && parts.at(-1).split(" ").every((word) => SUFFIXES.has(bare(word))))
    suffixes.unshift(parts.pop());
  const [first = "", ...later] = parts;
  const before = parts.length > 1 ? first.split(" ") : [];
  const rest = (parts.length > 1 ? later.join(" ") : first).split(" ").filter(Boolean);
  const titles = takeTitles(rest, before.length > 0);
  while (before.length > 1 && TITLES.has(bare(before[0]))) titles.push(before.shift());
  for (const list of [rest, before]) {
    const ends = [];
    while (list.length > 1 && SUFFIXES.has(bare(list.at(-1)))) ends.unshift(list.pop());
    suffixes.unshift(...ends);
  }
  return {
    ...before.length > 0 ? { givenName: rest.join(" "), familyName: before.join(" ") } : inOrder(rest, titles.length > 0),
    ...titles.length > 0 ? { prefix: titles.join(" ") } : {},
    ...suffixes.length > 0 ? { suffix: suffixes.join(" ") } : {},
    ...goesBy ? { goesBy } : {},
    ...also ? { also } : {}
  };
}
function takeTitles(rest, familyKnown) {
  const titles = [];
  while (rest.length > 1) {
    const word = bare(rest[0]);
    const enough = rest.length > 2 || familyKnown && rest.length > 1;
    if (!TITLES.has(word) && !(TITLES_TOO.has(word) && enough)) break;
    titles.push(rest.shift());
  }
  return titles;
}
function inOrder(rest, titled) {
  const [only = ""] = rest;
  if (rest.length < 2)
    return titled ? { givenName: "", familyName: only } : { givenName: only, familyName: "" };
  const particle = rest.findIndex((word, i) => i > 0 && i < rest.length - 1 && isParticle(word));
  const from = particle > 0 ? particle : rest.length - 1;
  const split = {
    givenName: rest.slice(0, from).join(" "),
    familyName: rest.slice(from).join(" ")
  };
  const middle = rest.slice(1, -1).some((word) => !isParticle(word) && bare(word).length > 1);
  return rest.length > 2 && middle ? { ...split, unsure: true } : split;
}
var isParticle = (word) => word === word.toLowerCase() ? PARTICLES.has(bare(word)) : /^(?:De|Del|Della|Di|Da|Van|Von|Der|Den|La|Le|St\.?)$/.test(word);
function withoutAside(full) {
  let [goesBy, also] = ["", ""];
  const text2 = full.replace(
    /\s*(?:"([^"]+)"|“([^”]+)”|\(([^()]+)\)|(?<=\s)'([^']+)'(?=\s))\s*/g,
    (whole, a, b, c, d, at = 0) => {
      const found = (a ?? b ?? c ?? d ?? "").trim();
      const behindFamily = full.slice(at + whole.length).startsWith(",");
      if (behindFamily || goesBy) also ||= found;
      else goesBy = found;
      return behindFamily ? "" : " ";
    }
  );
  return { text: text2.replace(/\s+/g, " ").trim(), goesBy, also };
}
var AND = /\s+(?:&|\+|and|und|et)\s+/i;
function splitCouple(full) {
  const text2 = full.trim().replace(/\s+/g, " ");
  if (!AND.test(text2) || isFirm(text2) || /\d/.test(text2)) return null;
  const comma = /^([^,&]+),\s*(.+)$/.exec(text2);
  const halves = (comma ? comma[2] : text2).split(AND);
  if (halves.length !== 2 || halves.some((half2) => half2.trim() === "")) return null;
  const [left, right] = halves;
  const family = comma?.[1].trim() ?? "";
  const half = (words2) => titlesAlone(words2) ?? splitName(family ? `${family}, ${words2}` : words2);
  const [a, b] = [half(left), half(right)];
  a.familyName ||= family;
  b.familyName ||= family;
  if (a.prefix && !a.givenName && b.givenName && !b.prefix)
    [a.givenName, a.familyName] = [a.familyName, ""];
  if (a.familyName === "") a.familyName = b.familyName;
  else if (b.familyName === "" && b.givenName !== "") b.familyName = a.familyName;
  if (titlesAlone(left) && b.givenName) {
    a.givenName = b.givenName;
    b.givenName = "";
  }
  return a.familyName === "" && b.familyName === "" && !a.givenName ? null : [a, b];
}
function titlesAlone(text2) {
  const all = text2.trim().split(" ");
  return all.every((word) => TITLES.has(bare(word))) ? { givenName: "", familyName: "", prefix: text2.trim() } : null;
}

// core/intake/row-names.ts
function readNames(row) {
  const given = row.get("givenName", " ");
  const family = row.get("familyName", " ");
  const whole = row.get("name", " ");
  if ((given || family) && row.has("goesBy"))
    return { names: [{ givenName: given, familyName: family }], company: "" };
  if (given || family) {
    const couple2 = given && splitCouple(`${family ? `${family}, ` : ""}${given}`);
    if (couple2) return { names: couple2, company: "" };
    const split = given ? splitGiven(given) : { givenName: "" };
    const told = [given, family].filter(Boolean).join(" ");
    if (whole && fold(whole) !== fold(told) && !sameWords(
      whole,
      `${row.get("prefix")} ${told} ${row.get("middleName")} ${row.get("suffix")}`
    ))
      row.aside("Full name", whole);
    return { names: [{ ...split, familyName: family }], company: "" };
  }
  if (whole && isFirm(whole)) return { names: [], company: whole };
  const couple = splitCouple(whole);
  return { names: couple ?? (whole ? [splitName(whole)] : []), company: "" };
}
var sameWords = (a, b) => fold(a).replace(/[^\p{L}]+/gu, " ").trim().split(" ").every((word) => fold(b).includes(word));
function splitGiven(text2) {
  if (!/["“(]/.test(text2)) return { givenName: text2 };
  const { givenName, familyName, goesBy } = splitName(text2);
  return {
    givenName: [givenName, familyName].filter(Boolean).join(" "),
    ...goesBy ? { goesBy } : {}
  };
}

// core/intake/row-ties.ts
var namesIn = (text2) => text2.split(/\s*(?:[,;/\n]|\s&\s|\sand\s)\s*/i).map((name) => name.trim()).filter(Boolean);
function readTies(row, person, partners) {
  const birthdays = row.all("childBirthday");
  row.all("children").forEach(({ text: text2 }, n) => {
    const names = namesIn(text2);
    const cell = names.length === 1 ? birthdays[n] : void 0;
    const birthday = cell && row.day(cell.text, cell.column, true);
    for (const name of names)
      person.related.push({ kind: "child", name, ...birthday ? { birthday } : {} });
    if (cell && !birthday) row.unread(cell.text, "a day in the calendar");
  });
  if (row.all("children").length < birthdays.length)
    for (const { heading, text: text2 } of birthdays) row.aside(heading, text2);
  for (const { text: text2 } of row.all("pets"))
    for (const name of namesIn(text2)) person.related.push({ kind: "pet", name });
  const sender = row.get("referredBy");
  if (sender) person.related.push({ kind: "referred_by", name: sender });
  const told = readTieCell(row.get("ties", "; "));
  for (const part of told.unread) row.unread(part, "a tie");
  person.related.push(...told.ties);
  return readPartner(row, person, partners);
}
function tieByName(people) {
  const meant = people.flatMap(({ related }) => related.filter((tie) => tie.meant));
  if (meant.length === 0) return;
  const places = /* @__PURE__ */ new Map();
  people.forEach(({ fields }, place) => {
    const name = displayName(fields);
    places.set(name, [...places.get(name) ?? [], place]);
  });
  for (const tie of meant) {
    const [place, ...more] = places.get(tie.name) ?? [];
    if (place !== void 0 && more.length === 0) tie.place = place;
  }
}
function readPartner(row, person, partners) {
  const name = splitName(row.get("partnerName", " "));
  const givenName = row.get("partnerGivenName", " ") || name.givenName;
  const familyName = row.get("partnerFamilyName", " ") || name.familyName;
  const emails2 = row.all("partnerEmail");
  const phones2 = row.all("partnerPhone");
  const [birthCell] = row.all("partnerBirthday");
  const birthday = birthCell && row.day(birthCell.text, birthCell.column, true);
  if (birthCell && !birthday) row.unread(birthCell.text, "a day in the calendar");
  if (partners === "tie" || !(givenName || familyName)) {
    for (const { heading, text: text2 } of [...emails2, ...phones2]) row.aside(heading, text2);
    const words2 = [givenName, familyName].filter(Boolean).join(" ");
    if (words2)
      person.related.push({ kind: "partner", name: words2, ...birthday ? { birthday } : {} });
    else if (birthday) row.aside(birthCell.heading, birthCell.text);
    return [];
  }
  const other = asSecond(
    { ...name, givenName, familyName: familyName || person.fields.familyName },
    person
  );
  other.fields.birthday = birthday ?? null;
  for (const { text: text2 } of emails2) {
    const value = readEmail(text2);
    if (value) other.fields.emails.push({ value, label: "" });
    else row.unread(text2, "an e-mail address");
  }
  for (const { text: text2, which } of phones2) {
    const value = readPhone(text2);
    if (value) other.fields.phones.push({ value, label: which });
    else row.unread(text2, "a phone number");
  }
  return [other];
}

// core/intake/import.ts
function importRows(table, uses, { today, own = [], partners = "tie", order = "mdy" }) {
  const people = [];
  const faults = [];
  const days = dayReaders(table, uses, own, { order, today });
  const zips = zipColumns(table, uses);
  const columnsOf = /* @__PURE__ */ new Map();
  uses.forEach((use, column) => {
    if (!use) return;
    const { to, which } = partsOfUse(use);
    columnsOf.set(to, [
      ...columnsOf.get(to) ?? [],
      { column, which: isDayUse(to, own) ? "" : which }
    ]);
  });
  for (const { row, cells } of table.rows) {
    const unread = [];
    const cellAt = (column) => {
      const text2 = cells[column] ?? "";
      return zips.has(column) && /^\d{2,4}$/.test(text2) ? text2.padStart(5, "0") : text2;
    };
    const reader = {
      today,
      all: (target) => {
        const columns = columnsOf.get(target);
        if (!columns) return NO_CELLS;
        return columns.flatMap(({ column, which }) => {
          const text2 = cellAt(column);
          return text2 === "" ? [] : [{ text: text2, which, heading: table.header[column], column }];
        });
      },
      get: (target, glue = ", ") => {
        const cells2 = reader.all(target);
        return cells2.length === 0 ? "" : cells2.map(({ text: text2 }) => text2).join(glue);
      },
      has: (target) => columnsOf.has(target),
      unread: (text2, what) => {
        const column = cells.findIndex((cell) => cell.includes(text2));
        unread.push(`${table.header[column] || what}: ${text2}`);
        faults.push({
          row,
          why: `\u201C${text2.slice(0, 80)}\u201D is not ${what}; it is kept in the note.`,
          leftOut: false
        });
      },
      tell: (why) => faults.push({ row, why, leftOut: false }),
      aside: (heading, text2) => unread.push(`${heading}: ${text2}`),
      day: (text2, column, past) => readDate(text2, { ...days.get(column), past: past ?? false })
    };
    readRow(reader, { row, cells, own, partners, width: table.header.length, unread }, people);
    if (people.at(-1)?.row !== row)
      faults.push({ row, why: "It has neither a name nor a way to reach anybody.", leftOut: true });
  }
  tieByName(people);
  return { people, faults };
}
var NO_CELLS = [];
function readRow(row, at, people) {
  const fields = readFields(row, at.own);
  const { names, company } = readNames(row);
  fields.company ||= company;
  const [first, second] = names;
  nameAs(fields, first, row);
  const extra = at.cells.slice(at.width).filter(Boolean);
  if (extra.length > 0) {
    row.tell(`More cells than headings: \u201C${extra.join(", ").slice(0, 80)}\u201D goes into the note.`);
    row.aside("Beyond the last column", extra.join(", "));
  }
  for (const { heading, text: text2 } of row.all("aside")) row.aside(heading, text2);
  const person = {
    ...importedOf(at.row, fields),
    tags: splitCell(row.get("tags", "; ")).map((tag) => tag.replace(/^#/, "")),
    circle: row.get("circle"),
    promiseDays: read(row, "promise", readPromise, "a number of days"),
    touches: readAllTouches(row),
    jobs: readJobs(row),
    newOwn: row.all("newField").map(({ heading, text: text2 }) => ({ heading, text: text2 })),
    ...first?.unsure ? { nameGuessed: true } : {}
  };
  const more = readTies(row, person, at.partners);
  if (!isSomebody(fields)) return;
  person.notes = notesOf(row, at.unread);
  people.push(person);
  const others = second ? [asSecond(second, person), ...more] : more;
  for (const other of others) {
    person.related.push({ kind: "partner", name: "", place: people.length });
    people.push(other);
  }
  if (second)
    row.tell("Two people of one home: the e-mail, the phone and the rest go to the first.");
}
function nameAs(fields, name, row) {
  if (!name) return;
  fields.givenName = name.givenName;
  fields.familyName = name.familyName;
  fields.prefix ||= name.prefix ?? "";
  fields.suffix ||= name.suffix ?? "";
  fields.goesBy ||= name.goesBy ?? "";
  if (name.also) row.aside("Also in the name", name.also);
}
function readAllTouches(row) {
  const touches = [];
  for (const target of ["touches", "lastTouch"])
    for (const { text: text2, column } of row.all(target)) {
      const read2 = readTouches(text2, (day) => row.day(day, column, true), row.today);
      for (const part of read2.unread) row.unread(part, "a day that has been");
      for (const touch of read2.touches)
        if (!touches.some((known) => JSON.stringify(known) === JSON.stringify(touch)))
          touches.push(touch);
    }
  return touches;
}
function notesOf(row, unread) {
  const notes = readNotes(row.get("notes", "\n"));
  const last = row.get("note", "\n");
  const one = [notes.some(({ body: body2 }) => body2 === last) ? "" : last, ...unread];
  const body = one.filter(Boolean).join("\n");
  return body ? [{ on: null, body }, ...notes] : notes;
}
function readPromise(text2) {
  const days = readNumber(text2);
  return days !== null && Number.isInteger(days) && days >= 1 && days <= 3650 ? days : null;
}

// core/same/address.ts
var SHORT = `
aly alley allee ally|ave avenue av aven avenu avn avnue|bch beach|bnd bend|blf bluff|blvd boulevard boul boulv
br branch|brg bridge|brk brook|byp bypass|cyn canyon|cpe cape|cswy causeway|ctr center centre|cir circle circ
clf cliff|clb club|cmn common|cor corner|crse course|ct court|cv cove|crk creek|cres crescent|xing crossing
dl dale|dr drive driv drv|est estate|expy expressway|ext extension|fls falls|fry ferry|fld field|flds fields
frst forest|frk fork|ft fort|fwy freeway|gdn garden|gdns gardens|gtwy gateway|gln glen|grn green|grv grove
hbr harbor harbour|hvn haven|hts heights|hwy highway|hl hill|hls hills|holw hollow|inlt inlet|is island|jct junction
knl knoll|lk lake|lks lakes|lndg landing|ln lane|lgt light|ldg lodge|mnr manor|mdw meadow|mdws meadows|ml mill
msn mission|mt mount|mtn mountain|nck neck|orch orchard|pkwy parkway pky|pl place|pln plain|plz plaza|pt point
prt port|rnch ranch|rdg ridge|riv river|rd road|rte route|sq square|sta station|strm stream|st street str
smt summit|ter terrace terr|trce trace|trl trail|tunl tunnel|tpke turnpike|vly valley|via viaduct|vw view|vlg village
wl well|xrd crossroad
n north|s south|e east|w west|ne northeast|nw northwest|se southeast|sw southwest
apt apartment|bldg building|fl floor|rm room|ste suite|unit unit|lot lot|spc space|trlr trailer`;
var TO_SHORT = /* @__PURE__ */ new Map();
for (const group of SHORT.trim().split(/[|\n]/)) {
  const [short, ...long] = group.trim().split(" ");
  for (const word of [short, ...long]) TO_SHORT.set(word, short);
}
var NO_STREETS = new Set(
  "n s e w ne nw se sw apt bldg fl rm ste unit lot spc trlr sta".split(" ")
);
var STREETS = new Set(
  "row run walk path loop way pass pike mall alley quay wharf mews close".split(" ")
);
var STREET_WORDS = [
  ...STREETS,
  ...[...TO_SHORT].flatMap(([word, short]) => NO_STREETS.has(short) ? [] : [word])
];
var shortWord = (word) => TO_SHORT.get(word) ?? word;
var ordinal = (word) => word.replace(/^(\d+)(st|nd|rd|th)$/, "$1");
function shortLine(line) {
  const words2 = fold(line).replace(/#\s*/g, " apt ").replace(/[^\p{L}\p{N}\s-]/gu, "").replace(/-/g, " ").split(/\s+/).filter(Boolean).map((word) => ordinal(shortWord(word)));
  return words2.filter((word, i) => !(word === "apt" && /^(apt|unit|ste)$/.test(words2[i - 1] ?? ""))).join(" ");
}
function addressKey(address) {
  const line = shortLine(address.line);
  if (!/\d/.test(line)) return null;
  const where = address.postalCode.replace(/\W/g, "").slice(0, 5).toLowerCase();
  return `${line}|${where || fold(address.city)}`;
}
var homeKey = (address) => address && !/work|office/i.test(address.label) ? addressKey(address) ?? "" : "";

// core/same/doubts.ts
var shares = (a, b) => a.some((x) => b.includes(x));
var differ = (a, b) => a.length > 0 && b.length > 0 && !shares(a, b);
var sharesTheirOwn = (a, b, common) => a.emails.some((email) => b.emails.includes(email) && !common.has(email)) || shares(a.mobiles, b.phones) || shares(a.phones, b.mobiles) || a.birthday !== null && a.birthday.length > 5 && a.birthday === b.birthday;
var isTheSame = (a, b) => fingerprint(a) === fingerprint(b);
var fingerprint = (t) => JSON.stringify([
  [t.given, t.goesBy, t.middle, t.family, t.suffix, t.company, t.birthday],
  [t.emails, t.phones, t.homes].map((list) => list.toSorted())
]);
var hasGiven = ({ given, goesBy }) => given !== "" || goesBy !== "";
var isFirm2 = (t) => t.company !== "" && !hasGiven(t) && t.family === "";
function doubtsOf(a, b, names, common) {
  const doubts = [
    [a.couple !== b.couple, "one of them is a couple"],
    [isFirm2(a) !== isFirm2(b), "one of them is a company"],
    [!(isFirm2(a) && isFirm2(b)) && !(hasGiven(a) && hasGiven(b)), "no first name on one of them"],
    [names.given === "similar" && names.familyAlike && hasGiven(a) && hasGiven(b), "similar name"],
    [names.given === "other", "different first names"],
    [!names.familyAlike, "different last names"],
    [a.form !== "" && b.form !== "" && a.form !== b.form, "different forms of address"],
    [a.suffix !== b.suffix, "only one has a suffix"],
    [areOtherMiddles(a.middle, b.middle), "different middle names"],
    [
      a.birthday !== null && b.birthday !== null && isOtherDay(a.birthday, b.birthday),
      "different birthdays"
    ],
    [differ(a.emails, b.emails) && !sharesTheirOwn(a, b, common), "different e-mails"]
  ];
  return doubts.filter(([doubted]) => doubted).map(([, words2]) => words2);
}
function areOtherMiddles(a, b) {
  if (!a || !b || a === b) return false;
  return !((a.length === 1 || b.length === 1) && a[0] === b[0]);
}
var isOtherDay = (a, b) => a.length === b.length ? a !== b : a.slice(-5) !== b.slice(-5);

// core/same/nicknames.ts
var GROUPS = `
abigail abby gail
albert al bert bertie
alexander alex alec sandy sasha xander
alexandra alex sandra sandy lexi sasha
alfred al fred alf alfie
alice ali
amanda mandy
andrew andy drew
anthony tony
angela angie
arthur art artie
barbara barb barbie babs
beatrice bea trixie
benjamin ben benny benji
bernard bernie
bradley brad
calvin cal
cameron cam
carol carrie
caroline carrie carol lina
catherine cathy kate katie cat kit
katherine kathy kate katie kat kitty kit
charles charlie chuck chas chip
charlotte charlie lottie
christian chris
christina chris tina chrissy christy
christine chris tina chrissy christy
christopher chris kit topher
cynthia cindy
daniel dan danny
david dave davey
deborah deb debbie
dennis denny
dolores lola
donald don donnie
dorothy dot dottie dolly
douglas doug
edward ed eddie ted teddy ned
eleanor ellie nell nora
elizabeth liz lizzie beth betty betsy eliza libby lisa bess
emily em emmy
emma em
eugene gene
evelyn evie
florence flo flora
frances fran frannie
francis frank fran
francisco paco pancho frank
franklin frank
frederick fred freddie
gabriel gabe
gabrielle gabby
gerald gerry jerry
gregory greg
gwendolyn gwen
harold harry hal
harriet hattie
helen nell
henry hank harry hal
herbert herb bert
isabella bella izzy
jacob jake
jacqueline jackie
james jim jimmy jamie
janet jan
jason jay
jeffrey jeff
jennifer jen jenny
jeremy jerry
jessica jess jessie
joan joanie
john jack johnny
jonathan jon jonny
jose pepe
joseph joe joey
josephine jo josie
joshua josh
judith judy
julia julie
kenneth ken kenny
kimberly kim
lawrence larry
leonard leo len lenny
leslie les
lillian lily lil
louis lou
louise lou
lucille lucy
margaret maggie meg peggy marge margie greta rita
maria mia
martin marty
mary molly polly mamie
matthew matt
maximilian max
melissa missy mel
michael mike mickey mick
michelle shelly
mildred millie
mitchell mitch
nancy nan
natalie nat
natasha tasha
nathaniel nate nathan nat
nicholas nick nicky
nicole nicky
oliver ollie
olivia liv livvy
pamela pam
patricia pat patty tricia trish
patrick pat paddy
peter pete
philip phil
phillip phil
priscilla cilla
rachel rae
raymond ray
rebecca becky becca
richard rick dick rich richie ricky
robert bob bobby rob robbie bert
roberta bobbie
roger rog
ronald ron ronnie
rosemary rose rosie
russell russ
samantha sam
samuel sam sammy
sandra sandy
sarah sally sadie
stanley stan
stephanie steph
stephen steve
steven steve
stuart stu
susan sue susie
teresa terry tess
theresa terry tess
theodore ted teddy theo
thomas tom tommy
timothy tim timmy
tobias toby
valerie val
vanessa nessa
victor vic
victoria vicky tori
vincent vince vinny
virginia ginny
walter walt wally
wilhelmina mina willa
william bill billy will willie liam
winifred winnie
zachary zach zack
`;
var FORMAL = /* @__PURE__ */ new Map();
for (const line of GROUPS.trim().split("\n")) {
  const [formal, ...nicknames] = line.split(" ");
  for (const name of [formal, ...nicknames])
    FORMAL.set(name, [...FORMAL.get(name) ?? [], formal]);
}
var NAMES = new Set(
  `adrian adriana adrienne alan alana andre andrea anna antonia antonio bruno bruna carl carla carlo carlos
  carmen christian christiana clara claude claudia claudio clement clemens colin dana daniela danielle dario daria
  david davide dean deana denis denise dennis diana diane dominic dominica edwin elena elisa elise ella ellen emil
  emilia emilio emma eric erica erik erika ernest ernesta eugene eugenia eva fabian fabio fabiola felix felicia
  fernando fernanda filip filippa francis frances francisco francisca franz gabriel gabriela gabriele george georgia
  gerald geraldine glen glenn glenda gloria hanna hannah hans harriet harry helen helena henri henrietta hugo ida
  ignacio irma isabel isabella ivan ivana jan jana jane janet janice jean jeanne jerome jesse jessica joan joanna
  joao joel joelle johanna john jon jonas jorge jose josef josefa josephine juan juana jules julia julian juliana
  julie julio julius karen karin karl karla laura lauren laurence lea leah leo leon leona leonard leonora lewis lia
  liam lina linda louis louisa louise luca lucas lucia lucian luis luisa luke manuel manuela marc marcel marcella
  marcia marco marcus maria marian marianne marie mario marion mark marta martha martin martina mary matteo max maxine
  mia michaela michel michele michelle mila milan nadia nadine natalia natalie nicholas nicola nicole nina noah nora
  norman olga oliver olivia oscar paola paolo patricio paul paula paulina pauline pedro peter petra philip philippa
  pierre pietra pietro rafael rafaela ramon ramona raul rene renata renee roberta roberto roger roland rolanda romeo
  rosa rose ruth sara sarah sebastian sergio silvia silvio simon simone sofia sonia sophia sophie stefan stefanie
  stefano stella steven susanna tamara tanya tara theo thea tomas valentin valentina vera viktor viktoria werner wilma
  xavier yvan yvonne`.split(/\s+/)
);
var isKnownName = (given) => FORMAL.has(given) || NAMES.has(given);
var formalNames = (given) => FORMAL.get(given) ?? [given];
var areNicknames = (a, b) => formalNames(a).some((formal) => formalNames(b).includes(formal));
var areSurelyNicknames = (a, b) => areNicknames(a, b) && formalNames(a).length === 1 && formalNames(b).length === 1;

// core/same/jaro-winkler.ts
var MAX_PREFIX = 4;
var PREFIX_WEIGHT = 0.1;
function jaroWinkler(a, b) {
  if (a === b) return 1;
  const window = Math.max(0, Math.floor(Math.max(a.length, b.length) / 2) - 1);
  const taken = new Array(b.length).fill(false);
  const matchedA = [];
  for (let i = 0; i < a.length; i++)
    for (let j = Math.max(0, i - window); j < Math.min(b.length, i + window + 1); j++)
      if (!taken[j] && a[i] === b[j]) {
        taken[j] = true;
        matchedA.push(a[i]);
        break;
      }
  const matches = matchedA.length;
  if (matches === 0) return 0;
  let swapped = 0;
  let at = 0;
  for (let j = 0; j < b.length; j++) if (taken[j] && matchedA[at++] !== b[j]) swapped += 1;
  const jaro = (matches / a.length + matches / b.length + (matches - swapped / 2) / matches) / 3;
  let prefix = 0;
  while (prefix < MAX_PREFIX && a[prefix] !== void 0 && a[prefix] === b[prefix]) prefix += 1;
  return jaro + prefix * PREFIX_WEIGHT * (1 - jaro);
}

// core/same/spelling.ts
var LEAST = 4;
function areOneSlipApart(a, b) {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (short.length < LEAST || long.length - short.length > 1) return false;
  let at = 0;
  while (at < short.length && short[at] === long[at]) at += 1;
  if (long.length > short.length) return short.slice(at) === long.slice(at + 1);
  const swapped = short[at] === long[at + 1] && short[at + 1] === long[at];
  return short.slice(at + 1) === long.slice(at + 1) || swapped && short.slice(at + 2) === long.slice(at + 2);
}
var figures = (word) => word.replace(/\D/g, "");
var areNumbered = (a, b) => (/\d/.test(a) || /\d/.test(b)) && figures(a) !== figures(b);
var arePairOfNames = (a, b) => isKnownName(a) && isKnownName(b) && !areNicknames(a, b);

// core/same/traits.ts
import { doubleMetaphone } from "double-metaphone";
var letters = (text2) => fold(text2).replace(/[^\p{L}\p{N}\s-]/gu, "").replace(/[\s-]+/g, " ").trim();
var SUFFIXES2 = {
  jr: "jr",
  junior: "jr",
  sr: "sr",
  senior: "sr",
  ii: "2",
  iii: "3",
  iv: "4"
};
function splitSuffix(family, suffix) {
  if (suffix) return [family, SUFFIXES2[suffix] ?? suffix];
  const words2 = family.split(" ");
  const last = SUFFIXES2[words2.at(-1) ?? ""];
  return last && words2.length > 1 ? [words2.slice(0, -1).join(" "), last] : [family, ""];
}
var FORMS3 = {
  mr: "his",
  herr: "his",
  sr: "his",
  mrs: "her",
  ms: "her",
  miss: "her",
  frau: "her",
  sra: "her"
};
var COUPLE = /[&+]|\b(?:and|und|y|et|e)\b/i;
var OFFICE = /^(?:work|office|business|company|main)/i;
var MOBILE = /^(?:cell|mobile|handy|movil|portable)/i;
var digits = (value) => value.replace(/\D/g, "").replace(/^1(?=\d{10}$)/, "");
function traitsOf(p) {
  const [family, suffix] = splitSuffix(letters(p.familyName), letters(p.suffix));
  const [given = "", ...more] = letters(p.givenName).split(" ");
  return {
    form: FORMS3[letters(p.prefix)] ?? "",
    couple: COUPLE.test(p.givenName) || COUPLE.test(p.prefix),
    given,
    goesBy: letters(p.goesBy),
    middle: letters(p.middleName) || more.join(" "),
    family,
    suffix,
    company: letters(p.company),
    emails: p.emails.map(({ value }) => value.toLowerCase()),
    phones: p.phones.map(({ value }) => digits(value)),
    mobiles: p.phones.filter(({ label }) => MOBILE.test(label)).map(({ value }) => digits(value)),
    officePhones: p.phones.filter(({ label }) => OFFICE.test(label)).map(({ value }) => digits(value)),
    homes: p.addresses.map(homeKey).filter((key) => key !== ""),
    birthday: p.birthday
  };
}
var soundCache = /* @__PURE__ */ new Map();
var CACHE_MOST = 5e4;
function soundsOf(word) {
  let codes = soundCache.get(word);
  if (!codes) {
    codes = doubleMetaphone(word);
    if (soundCache.size > CACHE_MOST) soundCache.clear();
    soundCache.set(word, codes);
  }
  return codes;
}
var sound = (word) => soundsOf(word)[0] || word;
var firstLetter = (word) => [...word][0];
var behindFirst = (word) => [...word].slice(1, 5).join("");
function matchKeys(t) {
  const keys = /* @__PURE__ */ new Set();
  for (const email of t.emails) keys.add(`e:${email}`);
  for (const phone of t.phones) if (phone.length >= 7) keys.add(`p:${phone.slice(-7)}`);
  for (const home of t.homes) keys.add(`a:${home}`);
  const givens = new Set([t.given, t.goesBy].filter(Boolean).flatMap(formalNames));
  for (const given of givens) {
    if (!t.family) keys.add(`n:${sound(given)}`);
    else {
      keys.add(`n:${sound(t.family)} ${firstLetter(given)}`);
      keys.add(`n:${sound(given)} ${firstLetter(t.family)}`);
      keys.add(`n:${sound(given)} *${behindFirst(t.family)}`);
      keys.add(`n:${sound(t.family)} *${behindFirst(given)}`);
    }
  }
  if (givens.size === 0 && t.family) keys.add(`n:${sound(t.family)}`);
  if (givens.size === 0 && !t.family && t.company) keys.add(`c:${t.company}`);
  return [...keys];
}

// core/same/score.ts
var WEIGHT = {
  email: 10,
  otherEmail: -2,
  phone: 7,
  officePhone: 2,
  otherPhone: -1.5,
  home: 5,
  otherHome: -1,
  birthday: 8,
  birthdayWithoutYear: 6,
  birthdayNear: -1,
  otherBirthday: -9,
  family: 5,
  familySlip: 3.5,
  familyNear: 2.5,
  familySounds: 2.5,
  otherFamily: -4,
  given: 4,
  givenNear: 3,
  givenInitial: 1.5,
  otherGiven: -21,
  otherKnownGiven: -30,
  swapped: 7,
  middle: 1.5,
  otherMiddle: -4,
  otherSuffix: -16,
  oneSuffix: -3,
  company: 2,
  firmAndPerson: -20,
  sameCompanyAlone: 9
};
var SURE = 14;
var ASK = 7;
var JW_NEAR = 0.9;
var JW_OTHER = 0.8;
var sharesOne = (a, b) => a.some((x) => b.includes(x));
var samePhone = (a, b) => a === b || (a.length === 7 || b.length === 7) && a.slice(-7) === b.slice(-7);
function compare(a, b, common = /* @__PURE__ */ new Set()) {
  let score = 0;
  const evidence = [];
  const say = (weight, words2) => {
    score += weight;
    if (words2) evidence.push(words2);
  };
  const names = compareNames(a, b, say);
  const both = (key) => a[key].length > 0 && b[key].length > 0;
  if (sharesOne(a.emails, b.emails)) say(WEIGHT.email, "same e-mail");
  else if (both("emails")) say(WEIGHT.otherEmail);
  const phone = a.phones.find((x) => b.phones.some((y) => samePhone(x, y)));
  if (phone !== void 0) {
    const isOffice = a.officePhones.includes(phone) || b.officePhones.includes(phone);
    say(isOffice ? WEIGHT.officePhone : WEIGHT.phone, "same phone");
  }
  if (phone === void 0 && both("phones")) say(WEIGHT.otherPhone);
  if (sharesOne(a.homes, b.homes)) say(WEIGHT.home, "same address");
  else if (both("homes")) say(WEIGHT.otherHome, "different addresses");
  compareBirthdays(a.birthday, b.birthday, say);
  if (a.company && a.company === b.company) {
    const alone = !a.given && !a.family && !b.given && !b.family;
    say(alone ? WEIGHT.sameCompanyAlone : WEIGHT.company, "same company");
  }
  if (isFirm2(a) !== isFirm2(b)) say(WEIGHT.firmAndPerson);
  const justEmail = (isNameless(a) || isNameless(b)) && sharesOne(a.emails, b.emails);
  if (!justEmail && score < ASK) return { verdict: "different", score, evidence };
  const doubts = justEmail ? [] : doubtsOf(a, b, names, common);
  evidence.push(...doubts.filter((doubt) => !evidence.includes(doubt)));
  const isSure = score >= SURE && doubts.length === 0 && (sharesTheirOwn(a, b, common) || isTheSame(a, b));
  if (justEmail || isSure) return { verdict: "sure", score, evidence };
  return { verdict: "ask", score, evidence };
}
var isNameless = ({ given, goesBy, family, company }) => [given, goesBy, family, company].every((name) => name === "");
function compareNames(a, b, say) {
  compareSuffixes(a, b, say);
  if (isSwapped(a, b)) {
    say(WEIGHT.swapped, "first and last name swapped");
    const exact = a.given === b.family && a.family === b.given;
    return { given: exact ? "same" : "similar", familyAlike: true };
  }
  const family = compareFamily(a.family, b.family);
  const given = compareGiven(a, b);
  say(family.weight);
  say(given.weight);
  if (family.alike && given.alike && (a.family || a.given) && (b.family || b.given)) {
    const exact = family.weight === WEIGHT.family && given.exact;
    say(0, exact ? "same name" : given.nickname ? "nickname" : "similar name");
    const [x, y] = [a.middle, b.middle];
    if (x && y) {
      const same = x === y || (x.length === 1 || y.length === 1) && x[0] === y[0];
      say(same ? WEIGHT.middle : WEIGHT.otherMiddle, same ? void 0 : "different middle names");
    }
  } else if (!given.alike) say(0, "different first names");
  else if (!family.alike) say(0, "different last names");
  return {
    given: given.alike ? given.sameName ? "same" : "similar" : "other",
    familyAlike: family.alike
  };
}
function compareSuffixes(a, b, say) {
  if (a.suffix === b.suffix) return;
  if (a.suffix && b.suffix) say(WEIGHT.otherSuffix, "father and son by their suffix");
  else say(WEIGHT.oneSuffix, "only one has a suffix");
}
var isSwapped = (a, b) => a.given !== "" && a.family !== "" && a.given !== a.family && near(a.given, b.family) && near(a.family, b.given) && !near(a.given, b.given);
var near = (a, b) => a === b || a !== "" && b !== "" && (jaroWinkler(a, b) >= JW_NEAR || areOneSlipApart(a, b));
function compareFamily(a, b) {
  if (!a || !b) return { weight: 0, alike: true };
  if (a === b) return { weight: WEIGHT.family, alike: true };
  if (areNumbered(a, b)) return { weight: WEIGHT.otherFamily, alike: false };
  const similar = jaroWinkler(a, b);
  const part = a.split(" ").includes(b) || b.split(" ").includes(a);
  if (part || areOneSlipApart(a, b)) return { weight: WEIGHT.familySlip, alike: true };
  if (similar >= JW_NEAR) return { weight: WEIGHT.familyNear, alike: true };
  if (sharesOne(soundsOf(a), soundsOf(b)) && similar >= 0.7)
    return { weight: WEIGHT.familySounds, alike: true };
  return { weight: WEIGHT.otherFamily, alike: false };
}
function compareGiven(a, b) {
  const xs = [a.given, a.goesBy].filter(Boolean);
  const ys = [b.given, b.goesBy].filter(Boolean);
  const answer = (weight, kind) => ({
    weight,
    alike: kind !== "other",
    exact: kind === "exact",
    nickname: kind === "nickname" || kind === "short",
    sameName: kind === "exact" || kind === "nickname"
  });
  if (xs.length === 0 || ys.length === 0)
    return a.form && b.form && a.form !== b.form ? answer(WEIGHT.otherGiven, "other") : answer(0, "near");
  if (xs.some((x) => x.length > 1 && ys.includes(x))) return answer(WEIGHT.given, "exact");
  const some = (test) => xs.some((x) => ys.some((y) => test(x, y)));
  if (some((x, y) => (x.length === 1 || y.length === 1) && x[0] === y[0]))
    return answer(WEIGHT.givenInitial, "near");
  if (some(areNicknames))
    return answer(WEIGHT.given, some(areSurelyNicknames) ? "nickname" : "short");
  if (some(arePairOfNames) || some(areNumbered)) return answer(WEIGHT.otherKnownGiven, "other");
  if (some(near)) return answer(WEIGHT.givenNear, "near");
  if (some((x, y) => jaroWinkler(x, y) >= JW_OTHER && sharesOne(soundsOf(x), soundsOf(y))))
    return answer(WEIGHT.givenNear, "near");
  return answer(WEIGHT.otherGiven, "other");
}
function compareBirthdays(a, b, say) {
  if (!a || !b) return;
  if (a === b)
    return say(a.length > 5 ? WEIGHT.birthday : WEIGHT.birthdayWithoutYear, "same birthday");
  const yearless = a.length === 5 || b.length === 5;
  if (yearless && a.slice(-5) === b.slice(-5))
    return say(WEIGHT.birthdayWithoutYear, "same birthday");
  const [x, y] = yearless ? [a.slice(-5), b.slice(-5)] : [a, b];
  const digits2 = [...x].filter((char, i) => char !== y[i]).length;
  if (digits2 === 1) return say(WEIGHT.birthdayNear, "birthdays differ by one digit");
  say(WEIGHT.otherBirthday, "different birthdays");
}

// core/same/find.ts
var CROWD = 60;
var NEIGHBOURS = 12;
function findSame(people, incoming) {
  const byKey = /* @__PURE__ */ new Map();
  people.forEach(({ traits }, i) => {
    for (const key of matchKeys(traits)) {
      const under = byKey.get(key);
      if (under) under.push(i);
      else byKey.set(key, [i]);
    }
  });
  const common = commonEmails(people);
  const seen = /* @__PURE__ */ new Set();
  const pairs = [];
  const look = (a, b) => {
    const [one, other] = [people[a], people[b]];
    const news = Number(incoming?.has(one.id)) + Number(incoming?.has(other.id));
    if (incoming && news === 0) return;
    const both = Math.min(a, b) * people.length + Math.max(a, b);
    if (seen.has(both)) return;
    seen.add(both);
    const found = compare(one.traits, other.traits, common);
    if (found.verdict === "different") return;
    if (news === 2 && found.verdict === "sure" && !sharesTheirOwn(one.traits, other.traits, common))
      found.verdict = "ask";
    pairs.push({ a: people[Math.min(a, b)].id, b: people[Math.max(a, b)].id, ...found });
  };
  for (const under of byKey.values()) {
    const isCrowd = under.length > CROWD;
    const order = isCrowd ? sorted(people, under) : under;
    for (let x = 0; x < order.length; x++) {
      const end = isCrowd ? Math.min(order.length, x + 1 + NEIGHBOURS) : order.length;
      for (let y = x + 1; y < end; y++) look(order[x], order[y]);
    }
  }
  return pairs.sort(
    (p, q) => q.score - p.score || (p.a < q.a ? -1 : p.a > q.a ? 1 : p.b < q.b ? -1 : 1)
  );
}
function commonEmails(people) {
  const first = /* @__PURE__ */ new Map();
  const common = /* @__PURE__ */ new Set();
  for (const { traits } of people)
    for (const email of traits.given ? traits.emails : []) {
      const known = first.get(email) ?? traits.given;
      first.set(email, known);
      if (known !== traits.given && !areNicknames(known, traits.given)) common.add(email);
    }
  return common;
}
function sorted(people, places) {
  const orderOf = ({ family, given, middle, birthday, emails: emails2, phones: phones2, homes }) => [family, given, middle, birthday ?? "", phones2[0] ?? "", homes[0] ?? "", emails2[0] ?? ""].join(
    " "
  );
  const keys = new Map(places.map((place) => [place, orderOf(people[place].traits)]));
  return places.toSorted((x, y) => keys.get(x) < keys.get(y) ? -1 : 1);
}

// core/intake/find-parts.ts
var GAP = "\u241E";
function take2(found, pattern, read2) {
  found.rest = found.rest.replace(pattern, (...args) => {
    const groups = args.findIndex((arg) => typeof arg === "number");
    const match = args.slice(0, groups);
    const parts = read2(match);
    if (parts === null) return match[0];
    found.parts.push(...Array.isArray(parts) ? parts : [parts]);
    return GAP;
  });
}
var LABEL = "(?:\\b(cell|mobile|home|work|office|fax)\\s*(?:phone|tel|e-?mail|number)?\\s*[:.]?\\s*)?";
var LABELS2 = { cell: "mobile", office: "work" };
var labelOf2 = (word = "") => LABELS2[word.toLowerCase()] ?? word.toLowerCase();
var tags = (found) => take2(found, /(?<![\p{L}\p{N}/])#([\p{L}\p{N}_-]+)/gu, ([, value]) => ({
  is: "tag",
  value
}));
var emails = (found) => {
  take2(
    found,
    new RegExp(`${LABEL}<?\\s*([^\\s<>,;()"]+@[^\\s<>,;()"]+)\\s*>?`, "giu"),
    ([whole, label, text2]) => {
      const value = readEmail(text2.replace(/[.:]+$/, ""));
      return value ? { is: "email", value, label: labelOf2(label) } : { is: "unread", text: whole.trim() };
    }
  );
  take2(found, /\S+@\S*/gu, ([whole]) => ({ is: "unread", text: whole }));
};
var links = (found) => take2(found, /(?:https?:\/\/|www\.)[^\s,;<>]+/giu, ([text2]) => {
  const value = readLink(text2);
  return value ? { is: "link", value, label: "" } : null;
});
var DATE = /^(?:[\p{L}\d./’'-]+,?\s*){1,4}/u;
function leadingDate(words2, reading) {
  const tokens = words2.split(/(?<=\s)/);
  for (let n = tokens.length; n > 0; n--) {
    const on = readDate(tokens.slice(0, n).join("").trim().replace(/,$/, ""), reading);
    if (on) return { on, rest: tokens.slice(n).join("") };
  }
  return null;
}
function dated(is, keyword, reading) {
  const said = new RegExp(`\\b(?:${keyword})\\b(?:\\s+(?:is|on|day|date))*[:\\s]+`, "giu");
  const before = new RegExp(`((?:[\\p{L}\\d./-]+\\s+){1,3})(?:${keyword})\\b`, "giu");
  return (found) => {
    for (const match of [...found.rest.matchAll(said)].reverse()) {
      const from = match.index + match[0].length;
      const words2 = (DATE.exec(found.rest.slice(from))?.[0] ?? "").trimEnd();
      const read2 = leadingDate(words2, reading);
      const [nothing = ""] = words2.split(/[,;]/);
      if (read2) found.parts.push({ is, on: read2.on });
      else if (is === "birthday" && /\d/.test(nothing))
        found.parts.push({ is: "unread", text: `${match[0]}${nothing}`.trim() });
      else continue;
      const taken = read2 ? words2.length - read2.rest.length : nothing.length;
      found.rest = `${found.rest.slice(0, match.index)}${GAP}${found.rest.slice(from + taken)}`;
    }
    found.rest = found.rest.replace(before, (whole, words2) => {
      const tokens = words2.trimEnd().split(/(?<=\s)/);
      for (let n = 0; n < tokens.length; n++) {
        const on = readDate(tokens.slice(n).join("").trim(), reading);
        if (!on) continue;
        found.parts.push({ is, on });
        return `${tokens.slice(0, n).join("")}${GAP}`;
      }
      return whole;
    });
  };
}
var PERSON = "(\\p{Lu}[\\p{L}\\p{M}'\u2019.-]*(?:\\s+(?:(?:de|la|van|von|der|del|di|da)\\s+)*\\p{Lu}[\\p{L}\\p{M}'\u2019-]*)*)";
var ties = (found) => {
  take2(
    found,
    new RegExp(
      `\\b(?:sent|referred|introduced|recommended)\\s+by\\s+(?:${PERSON}|([^,;${GAP}\\n]+))`,
      "giu"
    ),
    ([, name, other]) => ({
      is: "referredBy",
      name: (name ?? other).trim()
    })
  );
  const people = `${PERSON}((?:\\s*(?:,|&|\\band\\b)\\s*\\p{Lu}[\\p{L}'\u2019-]*(?![\\p{L}\\s]*@))*)`;
  take2(
    found,
    new RegExp(
      `\\b(?:[Mm]arried to|[Ww]ife|[Hh]usband|[Pp]artner|[Ss]pouse)(?:\\s+is)?[:\\s]+${PERSON}`,
      "gu"
    ),
    ([, name]) => ({
      is: "partner",
      name
    })
  );
  take2(
    found,
    new RegExp(
      `\\b(?:[Cc]hildren|[Kk]ids|[Cc]hild|[Kk]id|[Ss]on|[Dd]aughter|[Ss]ons|[Dd]aughters)(?:\\s+(?:is|are))?[:\\s]+${people}`,
      "gu"
    ),
    ([, first, more]) => [first, ...(more ?? "").split(/\s*(?:,|&|\band\b)\s*/)].filter(Boolean).map((name) => ({ is: "child", name }))
  );
};
var phones = (found) => take2(
  found,
  new RegExp(
    `${LABEL}(?<![\\p{L}\\d])((?:\\+|\\()?\\d[\\d\\s().\\-/]{5,}\\d(?:\\s*(?:x|ext\\.?|extension)\\s*\\d+)?)`,
    "giu"
  ),
  ([, label, text2]) => {
    const tidy = text2.trim().replace(/extension/i, "x");
    const value = readDate(tidy) === null ? readPhone(tidy) : null;
    return value ? { is: "phone", value, label: labelOf2(label) } : null;
  }
);
var STREET = new RegExp(
  `\\d+[a-z]?(?:-\\d+)?\\s+((?:[\\p{L}\\d.'\u2019-]+\\s+){0,4}?)(?:${STREET_WORDS.join("|")})\\b(?:\\s+(?:${STREET_WORDS.join("|")})\\b)?\\.?(?:\\s+(?:n|s|e|w|ne|nw|se|sw)\\b)?(?:,?\\s*(?:#|apt|unit|suite|ste|apartment)\\.?\\s*[\\w-]+)?`,
  "giu"
);
var NO_STREET = /\b(?:at|the|in|of|and|a|an|to|on|for|with|from|times|years|days|weeks|kids|children|people|ago|near)\b/i;
var TOWN = /^,?\s*(\p{L}[\p{L} .'’-]*?),?\s+(?:([A-Z]{2})\.?,?\s+)?(\d{5}(?:-\d{4})?)\b|^,?\s*(\p{L}[\p{L} .'’-]*?),\s*([A-Z]{2})\b/u;
var addresses = (found) => {
  for (const match of [...found.rest.matchAll(STREET)].reverse()) {
    if (NO_STREET.test(match[1])) continue;
    const line = match[0].trim().replace(/,$/, "");
    const behind = found.rest.slice(match.index + match[0].length);
    const town = TOWN.exec(behind);
    const whole = town ? `${line}, ${town[0].replace(/^,?\s*/, "")}` : line;
    const read2 = readWholeAddress(whole);
    found.parts.push({
      is: "address",
      ...read2 ?? {
        line,
        city: town?.[4] ?? "",
        region: town?.[5] ?? "",
        postalCode: "",
        country: ""
      }
    });
    found.rest = `${found.rest.slice(0, match.index)}${GAP}${behind.slice(town?.[0].length ?? 0)}`;
  }
};
function findParts(text2, reading = {}) {
  const found = { rest: text2, parts: [] };
  const past = { ...reading, past: true };
  const takers = [
    tags,
    emails,
    links,
    dated("birthday", "birthday|born|b-?day|dob", past),
    dated(
      "wedding",
      "wedding anniversary|wedding day|wedding|married on|married|anniversary",
      past
    ),
    addresses,
    phones,
    ties
  ];
  for (const taker of takers) taker(found);
  return found;
}

// core/intake/pasted.ts
var MAX_PASTED = 2e4;
function entriesOf(line) {
  const parts = [{ text: "", comma: false }];
  let quoted = false;
  let depth = 0;
  for (const char of line) {
    if (char === '"') quoted = !quoted;
    if (!quoted && "<(".includes(char)) depth += 1;
    if (!quoted && ">)".includes(char)) depth = Math.max(0, depth - 1);
    if (!quoted && depth === 0 && ",;	".includes(char))
      parts.push({ text: "", comma: char !== ";" });
    else parts.at(-1).text += char;
  }
  return parts.map((part) => ({ ...part, text: part.text.trim() })).filter(({ text: text2 }) => text2 !== "");
}
var isName = (text2) => /^[\p{L}\p{M}.,'’"“”()& -]{2,80}$/u.test(text2) && text2.split(/\s+/).length <= 7;
var isWord = (text2) => /^\p{L}[\p{L}\p{M}.'’-]*$/u.test(text2);
var ENDLESS = 1e3;
function withoutEndless(text2) {
  if (text2.length < ENDLESS) return { short: text2, endless: [] };
  const words2 = text2.split(/\s+/);
  const endless = words2.filter((word) => word.length >= ENDLESS);
  if (endless.length === 0) return { short: text2, endless };
  return { short: words2.filter((word) => word.length < ENDLESS).join(" "), endless };
}
function readEntries(row, text2) {
  const { short, endless } = withoutEndless(text2);
  const { rest, parts } = findParts(short.replaceAll(GAP, " "));
  const emails2 = parts.flatMap(
    (part) => part.is === "email" ? [{ value: part.value, label: part.label }] : []
  );
  const phones2 = parts.flatMap(
    (part) => part.is === "phone" ? [{ value: part.value, label: part.label }] : []
  );
  const unread = parts.flatMap((part) => part.is === "unread" ? [part.text] : []);
  const words2 = rest.split(new RegExp(`[${GAP}\\s]*${GAP}[${GAP}\\s]*`)).map((word) => word.replace(/^["'\s<>:,-]+|["'\s<>:,-]+$/g, "")).filter(Boolean);
  const names = words2.filter(isName);
  const other = [...unread, ...words2.filter((word) => !isName(word)), ...endless].join(" ");
  const several = emails2.length > 1 && (names.length === 0 || names.length === emails2.length);
  if (several)
    return emails2.map((email, i) => ({
      row,
      name: names[i] ?? "",
      fields: { emails: [email], phones: i === 0 ? phones2 : [] },
      other: i === 0 ? other : ""
    }));
  return [{ row, name: names.join(" "), fields: { emails: emails2, phones: phones2 }, other }];
}
function readLine(row, line, familyFirst) {
  const entries = [];
  for (const { text: text2, comma } of entriesOf(line)) {
    const read2 = readEntries(row, text2);
    const [one] = read2;
    const before = entries.at(-1);
    const joins = comma && read2.length === 1 && before && before.name !== "" && before.other === "" && one;
    const none2 = before && before.fields.emails.length + before.fields.phones.length === 0;
    if (joins && one.name === "" && one.other === "" && fitsBeside(before, one)) {
      before.fields.emails.push(...one.fields.emails);
      before.fields.phones.push(...one.fields.phones);
    } else if (joins && none2 && isFamilyBefore(before, one, familyFirst))
      entries[entries.length - 1] = { ...one, name: `${before.name}, ${one.name}` };
    else entries.push(...read2);
  }
  return entries;
}
var fitsBeside = ({ fields }, more) => more.fields.emails.length > 0 && fields.emails.length === 0 || more.fields.phones.length > 0 && fields.phones.length === 0;
var isFamilyBefore = (before, one, familyFirst) => one.name !== "" && isWord(one.name.split(" ")[0]) && (familyFirst || one.fields.emails.length + one.fields.phones.length > 0 && isWord(before.name) && isWord(one.name));
function isFamilyFirst(lines) {
  const told = lines.filter((line) => line.trim() !== "");
  return told.length > 1 && told.every((line) => /^\s*\p{L}[\p{L}\p{M}'’ -]*,\s*\p{L}[\p{L}\p{M}.'’-]*\s*$/u.test(line));
}
var nobody = (text2) => `\u201C${text2.slice(0, 80)}\u201D is neither a name nor an e-mail address.`;
function readPasted(text2) {
  const people = [];
  const faults = [];
  const seen = /* @__PURE__ */ new Set();
  const lines = text2.split(/\r\n|\r|\n/);
  const familyFirst = isFamilyFirst(lines);
  const entries = lines.flatMap((line, i) => readLine(i + 1, line, familyFirst));
  for (const [n, { row, name, fields, other }] of entries.entries()) {
    const tell = (why, leftOut = true) => faults.push({ row, why, leftOut });
    const { emails: emails2, phones: phones2 } = fields;
    if (name === "" && emails2.length + phones2.length === 0) {
      tell(nobody(other));
      continue;
    }
    if (people.length >= MAX_PASTED) {
      tell(
        `Only ${figure(MAX_PASTED)} entries are read at a time; ${entries.length - n} are left out.`
      );
      break;
    }
    const key = emails2[0]?.value.toLowerCase();
    if (key && seen.has(key)) {
      tell(`${key} is there twice; it is taken once.`);
      continue;
    }
    if (key) seen.add(key);
    if (other) tell(`\u201C${other.slice(0, 80)}\u201D goes into the note.`, false);
    const couple = splitCouple(name);
    const { also, unsure, ...split } = couple?.[0] ?? splitName(name);
    const person = {
      ...importedOf(row, { ...NOBODY, ...split, emails: emails2, phones: phones2 }),
      notes: [other, also].filter(Boolean).map((body) => ({ on: null, body })),
      ...unsure ? { nameGuessed: true } : {}
    };
    people.push(person);
    if (!couple) continue;
    person.related.push({ kind: "partner", name: "", place: people.length });
    people.push(asSecond(couple[1], person));
  }
  return { people, faults };
}

// core/intake/sheet.ts
import { unzipSync } from "fflate";
import { readSheet } from "read-excel-file/universal";

// core/intake/table.ts
import Papa2 from "papaparse";
var MAX_ROWS = 5e4;
var MAX_COLUMNS = 500;
var MAX_SIGNS = 5e4;
var fail = (fault) => ({ ok: false, fault });
function tableFaultSentence(fault) {
  switch (fault.reason) {
    case "empty":
      return "This file is empty.";
    case "not_text":
      return "This file can\u2019t be read. Save it as CSV or as a spreadsheet (.xlsx) and choose that file.";
    case "too_many_rows":
      return `This file has ${figure(fault.rows)} rows; Pen Pal reads up to ${figure(MAX_ROWS)} at a time. Split it and import the parts.`;
    case "too_many_columns":
      return `This file has ${figure(fault.columns)} columns; Pen Pal reads up to ${figure(MAX_COLUMNS)}. Take away those that say nothing of people and choose it again.`;
    case "too_many_signs":
      return `Line ${figure(fault.row)} of this file has more than ${figure(MAX_SIGNS)} separators and quotation marks, so it is no list of people. Look at it in a spreadsheet and choose the file again.`;
    case "quotes_open":
      return `From row ${figure(fault.row)} on, this file opens quotation marks again and again that are never closed, so nobody can tell its rows. Save it once more from a spreadsheet and choose it again.`;
    case "only_header":
      return "This file has a header but no rows below it.";
    case "unpacks_too_large":
      return "This spreadsheet is far larger inside than any list of people. Save the list by itself and choose that file.";
  }
}
var SIGNS = [",", ";", "	", "|"];
function signOf(text2, from) {
  const counts = new Map(SIGNS.map((sign) => [sign, 0]));
  let quoted = false;
  for (let at = from; at < text2.length; at++) {
    const char = text2[at];
    if (char === '"') quoted = !quoted;
    else if (!quoted && (char === "\n" || char === "\r")) break;
    else if (!quoted && counts.has(char)) counts.set(char, counts.get(char) + 1);
  }
  const [best] = [...counts].sort(([, a], [, b]) => b - a);
  return best[1] > 0 ? best[0] : null;
}
var MOST_TITLES = 5;
function delimiterOf(text2) {
  const start = text2.length - text2.trimStart().length;
  const first = signOf(text2, start);
  if (first) return first;
  const lines = text2.slice(start, start + 2e4).split(/\r\n|\r|\n/);
  for (const line of lines.slice(1, MOST_TITLES + 1)) {
    const sign = signOf(line, 0);
    if (sign && line.split(sign).filter(isHeading).length > 1) return sign;
  }
  return null;
}
function overfullLine(text2) {
  const codes = new Set([...SIGNS, '"'].map((sign) => sign.charCodeAt(0)));
  let [line, count] = [1, 0];
  for (let at = 0; at < text2.length; at++) {
    const code = text2.charCodeAt(at);
    if (code === 10) [line, count] = [line + 1, 0];
    else if (codes.has(code) && ++count > MAX_SIGNS) return line;
  }
  return null;
}
var PLAIN_QUOTE = "\uE022";
var NO_SIGN = "";
function parse(text2, delimiter) {
  const parsed = { rows: [], starts: [], delimiter, open: false };
  let start = 0;
  Papa2.parse(text2, {
    delimiter,
    step: ({ data, errors, meta }) => {
      parsed.rows.push(data);
      parsed.starts.push(start);
      start = meta.cursor;
      parsed.open ||= errors.some(({ code }) => code === "MissingQuotes");
    }
  });
  return parsed;
}
var MAX_OPEN = 20;
var MAX_READ_AGAIN = 4e7;
function parseQuotes(given, sep) {
  const faults = [];
  let text2 = given;
  const delimiter = sep ?? delimiterOf(text2) ?? NO_SIGN;
  let parsed = parse(text2, delimiter);
  const most2 = Math.min(MAX_OPEN, Math.max(3, Math.floor(MAX_READ_AGAIN / text2.length)));
  for (; ; ) {
    const swallowing = parsed.rows.findIndex(
      (row, i) => i === parsed.rows.length - 1 && parsed.open ? true : swallows(row, parsed.delimiter, parsed.rows[0].length)
    );
    if (swallowing < 0) break;
    if (faults.length >= most2) return { openRow: faults[0].row };
    const from = parsed.starts[swallowing];
    const end = parsed.starts[swallowing + 1] ?? text2.length;
    const at = lastOpening(text2.slice(from, end));
    if (at < 0) break;
    const lines = text2.slice(from, end).trimEnd().split("\n").length - 1;
    const would = lines > 0 ? ` It would have swallowed ${plural(lines, "line")} below.` : "";
    faults.push({
      row: swallowing + 1,
      why: `A quotation mark is opened here and never closed; it is read as a plain sign.${would}`,
      leftOut: false
    });
    text2 = text2.slice(0, from + at) + PLAIN_QUOTE + text2.slice(from + at + 1);
    parsed = parse(text2, delimiter);
  }
  const rows = parsed.rows.map((row) => row.map((cell) => cell.replaceAll(PLAIN_QUOTE, '"')));
  return { ...parsed, delimiter: delimiter === NO_SIGN ? "" : delimiter, rows, faults };
}
function swallows(row, delimiter, columns) {
  if (columns < 2) return false;
  return row.some((cell) => {
    if (!cell.includes("\n")) return false;
    const inner = cell.split("\n").slice(1, -1);
    return inner.length > 0 && inner.every((line) => line.split(delimiter).length >= Math.max(2, columns - 1));
  });
}
function lastOpening(text2) {
  let [found, at] = [-1, -1];
  for (let i = 0; i < text2.length; i++)
    if (text2[i] === '"') at = at < 0 ? i : -1;
    else if (text2[i] === "\n" && at >= 0) found = at;
  return at >= 0 ? at : found;
}
var PLAIN2 = /^[\x20-\x7E]*$/;
var CONTROLS = /[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\uFFFD]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g;
var plainCell = (cell) => tidyText(cell).replace(/^="(.*)"$/s, "$1").replace(/^'(?='*[=+\-@\t\r])|^'(?='*\d+$)/, "").trim();
function shapeOf(cell) {
  if (cell === "") return "";
  if (readEmail(cell) !== null) return "email";
  if (readPhone(cell) !== null) return "phone";
  if (readDate(cell) !== null) return "date";
  if (/^[\d.,\s-]+$/.test(cell)) return "figure";
  return /\d/.test(cell) ? "mixed" : `words ${cell.split(/\s+/).length}`;
}
var isHeading = (cell) => {
  const { subject: subject3, which } = readHeading(cell);
  return subject3 !== null || which !== "";
};
function isHeadless([first = [], ...rest]) {
  if (first.some((cell) => ["email", "phone", "date"].includes(shapeOf(cell)))) return true;
  if (first.some((cell) => cell !== "" && isHeading(cell)) || rest.length === 0) return false;
  const some = rest.slice(0, 50);
  return first.every((cell, i) => {
    const shape = shapeOf(cell);
    return some.filter((cells) => shapeOf(cells[i] ?? "") === shape).length > some.length / 2;
  });
}
var TOTALS = /^(?:grand\s+)?(?:total|totals|sum|summe|count|subtotal|records|rows|anzahl|gesamt)\b[\s:]*[\d.,]*$/i;
var isTotal = (cells) => cells.some((cell) => TOTALS.test(cell)) && cells.every((cell) => cell === "" || TOTALS.test(cell) || /^[\d.,\s$€£%-]+$/.test(cell));
function titlesAbove(rows) {
  const filled = rows.slice(0, 30).map(({ cells }) => cells.filter(Boolean).length);
  if (Math.max(...filled) < 2) return 0;
  const at = filled.findIndex((n) => n > 1);
  return at <= MOST_TITLES ? at : 0;
}
function readTable({ text: whole, encoding, otherwise }) {
  const [, sep, text2 = ""] = /^\uFEFF?(?:sep=(.)\r?\n)?([\s\S]*)$/i.exec(whole) ?? [];
  if (text2.trim() === "") return fail({ reason: "empty" });
  const overfull = overfullLine(text2);
  if (overfull !== null) return fail({ reason: "too_many_signs", row: overfull });
  const parsed = parseQuotes(text2, sep);
  if ("openRow" in parsed) return fail({ reason: "quotes_open", row: parsed.openRow });
  const { rows, faults, delimiter } = parsed;
  return tableOf(rows, {
    encoding,
    delimiter,
    skipped: sep ? 1 : 0,
    faults: [
      ...faults,
      ...otherwise.map((row) => ({
        row,
        why: "It is written in another encoding than most of the file; look at its accents.",
        leftOut: false
      }))
    ]
  });
}
function tableOf(given, about) {
  const { encoding, delimiter, skipped } = about;
  const faults = about.faults.map((fault) => ({ ...fault, row: fault.row + skipped }));
  let all = given.map((cells, i) => ({
    row: i + 1 + skipped,
    cells: cells.map((cell) => readCell(cell, i + 1 + skipped, faults))
  })).filter(({ cells }) => cells.some((cell) => cell !== ""));
  if (all.length === 0) return fail({ reason: "empty" });
  const above = titlesAbove(all);
  for (const { row } of all.slice(0, above))
    faults.push({ row, why: "A line above the headings, which is nobody.", leftOut: true });
  all = all.slice(above);
  if (all.length - 1 > MAX_ROWS) return fail({ reason: "too_many_rows", rows: all.length - 1 });
  const headless = isHeadless(all.map(({ cells }) => cells));
  if (!headless && all.length === 1) return fail({ reason: "only_header" });
  const width = headless ? Math.max(...all.slice(0, 100).map(({ cells }) => cells.length)) : lastFilled(all[0].cells);
  if (width > MAX_COLUMNS) return fail({ reason: "too_many_columns", columns: width });
  const header = headless ? Array.from({ length: width }, (_, i) => `Column ${i + 1}`) : all[0].cells.slice(0, width);
  const rows = (headless ? all : all.slice(1)).filter(({ row, cells }) => {
    if (!isTotal(cells)) return true;
    faults.push({ row, why: "A line of totals, which is nobody.", leftOut: true });
    return false;
  });
  return { ok: true, table: { encoding, delimiter, header, rows, faults } };
}
var lastFilled = (cells) => cells.findLastIndex((cell) => cell !== "") + 1;
function readCell(raw, row, faults) {
  const cell = plainCell(raw);
  if (PLAIN2.test(cell)) return cell;
  const clean = cell.replace(CONTROLS, "");
  if (clean !== cell)
    faults.push({
      row,
      why: `A character that is no text was taken out of \u201C${clean.slice(0, 40)}\u201D.`,
      leftOut: false
    });
  return clean;
}

// core/intake/sheet.ts
var isSheet = (bytes) => bytes[0] === 80 && bytes[1] === 75 && bytes[2] === 3 && bytes[3] === 4;
var MAX_UNPACKED = 200 * 1024 * 1024;
function unpackedSize(bytes) {
  let size = 0;
  unzipSync(bytes, {
    filter: ({ originalSize }) => {
      size += originalSize;
      return false;
    }
  });
  return size;
}
var pad2 = (n) => String(n).padStart(2, "0");
function cellText(value) {
  if (value === null || value === void 0) return "";
  if (value instanceof Date)
    return `${String(value.getUTCFullYear()).padStart(4, "0")}-${pad2(value.getUTCMonth() + 1)}-${pad2(value.getUTCDate())}`;
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "number" && Number.isInteger(value)) return BigInt(value).toString();
  return String(value);
}
async function readSheetTable(bytes) {
  const unreadable2 = { reason: "not_text" };
  try {
    if (unpackedSize(bytes) > MAX_UNPACKED)
      return { ok: false, fault: { reason: "unpacks_too_large" } };
    const rows = await readSheet(new Uint8Array(bytes).buffer);
    return tableOf(
      rows.map((row) => row.map(cellText)),
      { encoding: "", delimiter: "", skipped: 0, faults: [] }
    );
  } catch {
    return { ok: false, fault: unreadable2 };
  }
}

// core/intake/vcard-lines.ts
var NO_LABEL = new Set(
  "pref internet voice text x400 dom intl postal parcel msg".split(" ")
);
var STANDARD = new Set(
  "home work cell fax pager video textphone bbs modem car isdn pcs".split(" ")
);
var isType = (word) => NO_LABEL.has(word.toLowerCase()) || STANDARD.has(word.toLowerCase());
function unfold(text2) {
  const lines = [];
  for (const line of text2.split(/\r\n|\r|\n/)) {
    const before = lines.at(-1);
    if (before?.endsWith("=") && /;ENCODING=QUOTED-PRINTABLE/i.test(before))
      lines[lines.length - 1] = before.slice(0, -1) + line;
    else if (/^[ \t]/.test(line) && before !== void 0)
      lines[lines.length - 1] = before + line.slice(1);
    else lines.push(line);
  }
  return lines;
}
function cut(text2, sign) {
  const parts = [""];
  let quoted = false;
  for (const char of text2) {
    if (char === '"') quoted = !quoted;
    if (char === sign && !quoted) parts.push("");
    else parts[parts.length - 1] += char;
  }
  return parts;
}
var uncaret = (text2) => text2.replace(/\^(['n^])/g, (_, sign) => ({ "'": '"', n: "\n", "^": "^" })[sign]);
function parseLine(text2) {
  const [head] = cut(text2, ":");
  if (head === void 0 || head.length === text2.length) return null;
  const [names = "", ...given] = cut(head, ";");
  const dot = names.lastIndexOf(".");
  const params = /* @__PURE__ */ new Map();
  for (const param of given) {
    const eq = param.indexOf("=");
    const name = (eq < 0 ? "TYPE" : param.slice(0, eq)).trim().toUpperCase();
    const values = cut(param.slice(eq + 1), ",").map((v) => uncaret(v.replace(/^"|"$/g, ""))).flatMap((v) => name === "TYPE" && v.split(",").every(isType) ? v.split(",") : [v]);
    params.set(name, [...params.get(name) ?? [], ...values]);
  }
  return {
    group: dot < 0 ? "" : names.slice(0, dot),
    name: names.slice(dot + 1).trim().toUpperCase(),
    params,
    value: decodeQuoted(text2.slice(head.length + 1), params)
  };
}
var isEncoded = ({ params }, as) => [...params.get("ENCODING") ?? [], ...params.get("TYPE") ?? []].some((word) => as.test(word));
function decodeQuoted(value, params) {
  if (!isEncoded({ params }, /^quoted-printable$/i)) return value;
  const bytes = [];
  const encoder = new TextEncoder();
  for (let i = 0; i < value.length; i++) {
    const hex = /^=([\da-f]{2})/i.exec(value.slice(i, i + 3));
    if (hex) {
      const byte = Number.parseInt(hex[1], 16);
      if (byte === 59 || byte === 44) bytes.push(92);
      bytes.push(byte);
      i += 2;
    } else bytes.push(...encoder.encode(value[i]));
  }
  return decodeAs(new Uint8Array(bytes), params.get("CHARSET")?.[0] ?? "");
}
function decodeAs(bytes, charset) {
  const name = charset.toLowerCase();
  if (/^(windows-1252|cp1252|iso-8859-1|latin1?)$/.test(name)) return fromWindows1252(bytes);
  if (/^(macintosh|macroman)$/.test(name)) return fromMacRoman(bytes);
  try {
    return new TextDecoder(name || "utf-8", { fatal: true }).decode(bytes);
  } catch {
    return decode(bytes)?.text ?? "";
  }
}
function readCards(text2) {
  const cards = [];
  let open = null;
  for (const raw of unfold(text2)) {
    const line = parseLine(raw);
    if (!line) continue;
    const isCard = line.value.trim().toUpperCase() === "VCARD";
    if (line.name === "BEGIN" && isCard) {
      open = { card: cards.length + 1, lines: [], complete: false };
      cards.push(open);
    } else if (line.name === "END" && isCard) {
      if (open) open.complete = true;
      open = null;
    } else open?.lines.push(line);
  }
  return cards;
}
function splitValue(value, sign) {
  const parts = [""];
  for (let i = 0; i < value.length; i++) {
    const char = value[i];
    if (char === "\\" && i + 1 < value.length) parts[parts.length - 1] += char + value[++i];
    else if (char === sign) parts.push("");
    else parts[parts.length - 1] += char;
  }
  return parts;
}
var unescapeText = (text2) => text2.replace(/\\([\\;,:nN])/g, (_, char) => /n/i.test(char) ? "\n" : char);

// core/intake/vcard-reading.ts
var texts = (line, sign) => splitValue(line.value, sign).map((part) => unescapeText(part).trim());
var text = (line) => unescapeText(line.value).trim();
function labelOf3(line, { lines }) {
  const named2 = line.group && lines.find((l) => l.group === line.group && l.name === "X-ABLABEL");
  const byGroup = named2 && text(named2).replace(/^_\$!<|>!\$_$/g, "");
  const types = byGroup ? [byGroup] : line.params.get("TYPE") ?? [];
  const label = types.find((type) => !NO_LABEL.has(type.toLowerCase())) ?? "";
  return STANDARD.has(label.toLowerCase()) ? label.toLowerCase() : label;
}
var aside = ({ unread }, line, value = text(line)) => {
  if (value) unread.push(`${line.name}: ${value}`);
};

// core/intake/vcard-names.ts
function readNames2(reading) {
  const { person, lines, unread } = reading;
  const { fields } = person;
  const n = lines.find(({ name }) => name === "N");
  const parts = n ? splitValue(n.value, ";").map(
    (part) => splitValue(part, ",").map((v) => unescapeText(v).trim()).filter(Boolean).join(" ")
  ) : [];
  const [family = "", given = "", middle = "", prefix = "", suffix = ""] = parts;
  Object.assign(fields, {
    familyName: family,
    givenName: given,
    middleName: middle,
    prefix,
    suffix
  });
  const fn = lines.find(({ name }) => name === "FN");
  if (family || given || !fn) return coupleIn(reading);
  const isOrg = lines.some((l) => l.name === "KIND" && /^org$/i.test(l.value));
  const whole = text(fn);
  if (isOrg) fields.company ||= whole;
  else if (whole !== fields.company && readEmail(whole) === null && readPhone(whole) === null) {
    const { also, unsure, ...name } = splitName(whole);
    Object.assign(fields, name);
    if (also) unread.push(`Also in the name: ${also}`);
    if (unsure) person.nameGuessed = true;
    return coupleIn(reading, whole);
  }
  return null;
}
function coupleIn({ person }, whole) {
  const { fields } = person;
  const couple = splitCouple(
    whole ?? [fields.familyName, fields.givenName].filter(Boolean).join(", ")
  );
  if (!couple) return null;
  const [first, second] = couple;
  Object.assign(fields, { givenName: first.givenName, familyName: first.familyName });
  fields.prefix = first.prefix ?? fields.prefix;
  return asSecond(second, person);
}

// core/intake/vcard-ours.ts
var MOST_DAYS = 3650;
function readOurs(json, { person, own, unread, today }) {
  let ours;
  try {
    ours = JSON.parse(json);
  } catch {
    return void unread.push(`Pen Pal's own part: ${json}`);
  }
  const { fields } = person;
  const words2 = (value) => Array.isArray(value) ? value.filter((v) => typeof v === "string") : [];
  const word = (key) => typeof ours[key] === "string" ? ours[key] : "";
  fields.roles = words2(ours.roles);
  fields.standing = word("standing");
  fields.source = word("source");
  fields.preferred = word("preferred");
  fields.favourite = ours.favourite === true;
  fields.wouldRefer = word("wouldRefer") || null;
  fields.wouldReferOn = word("wouldReferOn") || null;
  const consent = readConsent(word("consent"));
  fields.consent = consent.consent;
  for (const part of consent.unread) unread.push(`consent: ${part}`);
  words2(ours.places).forEach((place, i) => {
    if (fields.addresses[i]) fields.addresses[i].place = place;
    else if (place) fields.addresses.push({ ...NO_ADDRESS, place });
  });
  const touches = readTouches(word("touches"), readDate, today);
  const jobs = readJobCell(word("work"));
  const ties2 = readTieCell(word("ties"));
  unread.push(...touches.unread, ...jobs.unread, ...ties2.unread);
  person.touches = touches.touches;
  person.jobs = jobs.jobs;
  if (word("ties")) person.related = ties2.ties;
  person.circle = word("circle");
  const promise = ours.promise;
  const days = typeof promise === "number" && Number.isInteger(promise) ? promise : 0;
  person.promiseDays = days >= 1 && days <= MOST_DAYS ? days : null;
  if (Array.isArray(ours.notes))
    person.notes = ours.notes.flatMap(
      (note) => note && typeof note.body === "string" ? [{ on: note.on && isPlainDate(note.on) ? note.on : null, body: note.body }] : []
    );
  for (const [name, value] of Object.entries(ours.own ?? {})) {
    const field = own.find((f) => f.name === name);
    const good = field ? readOwnValue(field, value) : null;
    if (field && good !== null) fields.own[field.id] = good;
    else unread.push(`${name}: ${value}`);
  }
}

// core/intake/vcard-properties.ts
var MAX_PHOTO_BYTES = 12 * 1024 * 1024;
function addReach(list, value, line, reading, what) {
  if (value === null) reading.unread.push(`${what}: ${text(line)}`);
  else if (!list.some((known) => known.value === value))
    list.push({ value, label: labelOf3(line, reading) });
}
var readCardDate = (value) => readDate(value.trim().replace(/(\d)T\d.*$/, "$1"));
function dayOf(line) {
  const on = readCardDate(text(line));
  const omitted = [...line.params].find(([name]) => name.endsWith("OMIT-YEAR"))?.[1][0];
  return on && omitted && on.startsWith(`${omitted}-`) ? on.slice(5) : on;
}
function readAddress(line, reading) {
  const part = splitValue(line.value, ";").map(
    (p) => splitValue(p, ",").map((v) => unescapeText(v).trim()).filter(Boolean).join(", ")
  );
  const [
    box = "",
    extended = "",
    street = "",
    city = "",
    region = "",
    postalCode = "",
    country = ""
  ] = part;
  const [lat, lon] = readPoint(line.params.get("GEO")?.join(",") ?? "");
  return {
    ...NO_ADDRESS,
    label: labelOf3(line, reading),
    line: [street, extended, box].filter(Boolean).join(", "),
    city,
    region,
    postalCode,
    country,
    lat,
    lon
  };
}
function readPoint(value) {
  const found = /^(?:geo:)?(-?\d+(?:\.\d+)?)[,;](-?\d+(?:\.\d+)?)/.exec(value);
  const [lat, lon] = [Number(found?.[1]), Number(found?.[2])];
  return found && Math.abs(lat) <= 90 && Math.abs(lon) <= 180 ? [lat, lon] : [null, null];
}
function readLabel(line, reading) {
  const { fields } = reading.person;
  const label = labelOf3(line, reading);
  const here = reading.lines.some((l) => l.name === "ADR" && labelOf3(l, reading) === label);
  if (here || text(line) === "") return;
  const whole = readWholeAddress(text(line));
  const address = {
    ...NO_ADDRESS,
    label,
    ...whole ?? { line: text(line).replace(/\s*\n\s*/g, ", ") }
  };
  fields.addresses.push(address);
}
function readPhoto(line, { person, unread }) {
  const data = /^data:image\/[\w.+-]+;base64,(.*)$/is.exec(line.value)?.[1];
  const isBase64 = isEncoded(line, /^(b|base64)$/i);
  const base64 = (data ?? (isBase64 ? line.value : "")).replace(/\s/g, "");
  if (!base64) return void unread.push(`a photo elsewhere: ${line.value.slice(0, 300)}`);
  if (base64.length * 0.75 > MAX_PHOTO_BYTES)
    return void unread.push(`a photo: larger than ${MAX_PHOTO_BYTES / 1024 / 1024} MB`);
  try {
    person.photo = Uint8Array.from(atob(base64), (char) => char.charCodeAt(0));
  } catch {
    unread.push("a photo: its bytes are damaged");
  }
}
function dateInto(name) {
  return (line, reading) => {
    const { fields } = reading.person;
    const on = dayOf(line);
    if (!on) reading.unread.push(`a day in the calendar: ${text(line)}`);
    else if (name !== "")
      fields.dates.push({ name: /^(?:wedding|anniversary)/i.test(name) ? "Wedding" : name, on });
    else if (fields.birthday || birthdayFault(on, reading.today)) aside(reading, line);
    else fields.birthday = on;
  };
}
var link = (line, reading) => {
  const { links: links2 } = reading.person.fields;
  const value = readLink(text(line));
  if (value) addReach(links2, value, line, reading, "a web address");
  else aside(reading, line);
};
var once = (key, values) => (line, reading) => {
  const { fields } = reading.person;
  for (const value of values(line))
    if (fields[key] === "") fields[key] = value;
    else if (fields[key] !== value) aside(reading, line, value);
};
var READERS = {
  NICKNAME: once("goesBy", (line) => texts(line, ",").filter(Boolean)),
  ORG: once("company", (line) => [texts(line, ";").filter(Boolean).join(", ")].filter(Boolean)),
  TITLE: once("jobTitle", (line) => [text(line)].filter(Boolean)),
  ROLE: once("jobTitle", (line) => [text(line)].filter(Boolean)),
  EMAIL: (line, reading) => addReach(
    reading.person.fields.emails,
    readEmail(text(line)),
    line,
    reading,
    "an e-mail address"
  ),
  TEL: (line, reading) => addReach(
    reading.person.fields.phones,
    readPhone(text(line).replace(/;ext=/i, " x")),
    line,
    reading,
    "a phone number"
  ),
  ADR: (line, reading) => {
    const address = readAddress(line, reading);
    if (isAddress(address)) reading.person.fields.addresses.push(address);
  },
  GEO: (line, { person }) => {
    const [first] = person.fields.addresses;
    const [lat, lon] = readPoint(line.value.replace(";", ","));
    if (lat !== null && first && first.lat === null) Object.assign(first, { lat, lon });
    else if (lat !== null && !first) person.fields.addresses.push({ ...NO_ADDRESS, lat, lon });
  },
  URL: link,
  IMPP: link,
  SOCIALPROFILE: link,
  "X-SOCIALPROFILE": link,
  BDAY: dateInto(""),
  ANNIVERSARY: dateInto("Wedding"),
  "X-ANNIVERSARY": dateInto("Wedding"),
  "X-ABDATE": (line, reading) => {
    const label = labelOf3(line, reading) || "Date";
    dateInto(label.charAt(0).toUpperCase() + label.slice(1))(line, reading);
  },
  CATEGORIES: (line, { person }) => {
    person.tags.push(...texts(line, ",").filter(Boolean));
  },
  INTEREST: (line, { person }) => {
    person.fields.interests.push(text(line));
  },
  NOTE: (line, { person }) => {
    if (text(line)) person.notes.push({ on: null, body: text(line) });
  },
  LANG: once("language", (line) => [text(line)].filter(Boolean)),
  LABEL: readLabel,
  PHOTO: readPhoto,
  "X-PENPAL": (line, reading) => readOurs(text(line), reading)
};

// core/intake/vcard.ts
var MAX_CARDS = 5e4;
var isVCard = (text2) => /^\s*BEGIN\s*:\s*VCARD/im.test(text2.slice(0, 4e3));
var IGNORED = new Set(
  "VERSION REV UID PRODID CLIENTPIDMAP MAILER SORT-STRING CLASS PROFILE KIND X-ABLABEL X-ABADR FN N X-ABSHOWAS".split(
    " "
  )
);
var BYTES = new Set("KEY LOGO SOUND".split(" "));
function preference(line) {
  const rank = Number(line.params.get("PREF")?.[0]);
  if (rank >= 1) return rank;
  return line.params.get("TYPE")?.some((type) => type.toLowerCase() === "pref") ? 1 : 101;
}
var RELATED = {
  spouse: "partner",
  partner: "partner",
  sweetheart: "partner",
  wife: "partner",
  husband: "partner",
  child: "child",
  son: "child",
  daughter: "child",
  parent: "parent",
  mother: "parent",
  father: "parent",
  sibling: "sibling",
  brother: "sibling",
  sister: "sibling",
  friend: "friend",
  colleague: "colleague",
  "co-worker": "colleague"
};
function readCard(raw, about) {
  const person = importedOf(raw.card, structuredClone(NOBODY));
  const lines = raw.lines.toSorted((a, b) => preference(a) - preference(b));
  const reading = { person, unread: [], lines, own: about.own, today: about.today };
  for (const line of lines) {
    if (line.name === "RELATED" || line.name === "X-ABRELATEDNAMES" || line.name === "X-SPOUSE")
      readRelated(line, reading, about);
    else if (READERS[line.name]) READERS[line.name](line, reading);
    else if (BYTES.has(line.name)) reading.unread.push(`${line.name}, which is left out`);
    else if (!IGNORED.has(line.name)) aside(reading, line);
  }
  const second = readNames2(reading);
  const fn = lines.find(({ name }) => name === "FN");
  if (fn && !second && !isSaid(text(fn), person.fields)) aside(reading, fn);
  return { read: reading, second };
}
var isSaid = (whole, fields) => {
  const said = fold(
    [
      ...Object.values(fields).filter((value) => typeof value === "string"),
      ...fields.emails.map(({ value }) => value),
      ...fields.phones.map(({ value }) => value)
    ].join(" ")
  );
  return fold(whole).split(/[^\p{L}\p{N}@.+-]+/u).every((word) => said.includes(word.replace(/\.$/, "")));
};
function readRelated(line, reading, { cardOf }) {
  const value = text(line);
  const card = cardOf.get(value);
  const name = card?.name ?? (/^(urn:|[a-z]+:\/\/)/i.test(value) ? "" : value);
  const label = labelOf3(line, reading);
  const kind = line.name === "X-SPOUSE" ? "partner" : RELATED[label.toLowerCase()];
  const parent = kind === "parent";
  if (name && kind && (!parent || card))
    reading.person.related.push({
      kind: parent ? "child" : kind,
      name,
      ...card ? { place: card.card } : {},
      ...parent ? { reversed: true } : {}
    });
  else if (value) reading.unread.push(`${label || "related"}: ${name || value}`);
}
var isGroup = ({ lines }) => lines.some(
  ({ name, value }) => /^(X-ADDRESSBOOKSERVER-)?KIND$/.test(name) && /^group$/i.test(value.trim())
);
var nameOf = ({ lines }) => {
  const fn = lines.find(({ name }) => name === "FN");
  return fn ? text(fn) : "";
};
function readGroup(raw, about, byCard) {
  const name = nameOf(raw) || "Group";
  const members = raw.lines.filter((line) => /MEMBER$/.test(line.name)).flatMap((line) => byCard.get(about.cardOf.get(line.value.trim())?.card ?? 0) ?? []);
  for (const { tags: tags2 } of members) if (!tags2.includes(name)) tags2.push(name);
  return {
    row: raw.card,
    why: `\u201C${name.slice(0, 60)}\u201D is a group, not a person; ${members.length} of its people here are tagged so.`,
    leftOut: true
  };
}
function readVCards(file, own = [], today = "2999-12-31") {
  const cards = readCards(file);
  if (cards.length === 0) return { ok: false, reason: "none", cards: 0 };
  if (cards.length > MAX_CARDS) return { ok: false, reason: "too_many", cards: cards.length };
  const cardOf = new Map(
    cards.flatMap((raw) => {
      const uid = raw.lines.find(({ name }) => name === "UID");
      return uid ? [[uid.value.trim(), { card: raw.card, name: nameOf(raw) }]] : [];
    })
  );
  const about = { own, today, cardOf };
  const people = [];
  const faults = [];
  const byCard = /* @__PURE__ */ new Map();
  for (const raw of cards.filter((card) => !isGroup(card))) {
    const { read: read2, second } = readCard(raw, about);
    const { person, unread } = read2;
    const tell = (why, leftOut = false) => faults.push({ row: raw.card, why, leftOut });
    if (!isSomebody(person.fields)) {
      tell("It has neither a name nor a way to reach anybody.", true);
      continue;
    }
    if (!raw.complete) tell("It has no end; it was read as far as it goes.");
    for (const what of unread)
      tell(`Kept in the note, as it has no place of its own: \u201C${what.slice(0, 120)}\u201D.`);
    if (unread.length > 0) person.notes.push({ on: null, body: unread.join("\n") });
    people.push(person);
    byCard.set(raw.card, person);
    if (!second) continue;
    tell("Two people of one home: the e-mail, the phone and the rest go to the first.");
    person.related.push({ kind: "partner", name: "", place: people.length });
    people.push(second);
  }
  placeRelated(people, byCard);
  tieByName(people);
  for (const raw of cards.filter(isGroup)) faults.push(readGroup(raw, about, byCard));
  return { ok: true, people, faults };
}
function placeRelated(people, byCard) {
  const placeOf = new Map(people.map((person, place) => [person, place]));
  for (const person of byCard.values())
    for (const tie of person.related) {
      if (tie.place === void 0 || tie.name === "") continue;
      const other = byCard.get(tie.place);
      if (other && other !== person) tie.place = placeOf.get(other);
      else delete tie.place;
    }
}

// core/intake/read-file.ts
var fail2 = (reason, sentence, field = "content") => ({ ok: false, fault: { reason, sentence, field } });
async function readImportFile(file) {
  if (!file.pasted && isSheet(file.bytes)) {
    const read3 = await readSheetTable(file.bytes);
    return read3.ok ? readCells(file, read3.table, "sheet") : unreadable(read3.fault);
  }
  const decoded = decode(file.bytes);
  if (!decoded) return unreadable({ reason: "not_text" });
  if (file.pasted) return listed(decoded, "pasted", readPasted(decoded.text));
  if (isVCard(decoded.text)) return readCardFile(file, decoded);
  const read2 = readTable(decoded);
  return read2.ok ? readCells(file, read2.table, "csv") : unreadable(read2.fault);
}
var unreadable = (fault) => fail2(
  /^too_many_(rows|columns)$|large/.test(fault.reason) ? "too_large" : "invalid",
  tableFaultSentence(fault)
);
var listed = ({ encoding }, format, { people, faults }) => ({
  ok: true,
  file: { format, encoding, delimiter: "", columns: [], mapping: [], rows: [], people, faults }
});
function readCardFile({ own, today }, decoded) {
  const cards = readVCards(decoded.text, own, today);
  if (cards.ok) return listed(decoded, "vcard", cards);
  return cards.reason === "too_many" ? fail2(
    "too_large",
    `This file has ${figure(cards.cards)} cards; Pen Pal reads up to ${figure(MAX_CARDS)} at a time. Split it and import the parts.`
  ) : fail2("invalid", "There is no card in this file.");
}
function readCells(file, table, format) {
  const { own, mapping: given } = file;
  if (given && given.length !== table.header.length)
    return fail2(
      "invalid",
      "The columns of this file are not the ones that were mapped. Choose it again.",
      "mapping"
    );
  correct(table, file.edits ?? []);
  const guesses = guessColumns(table, own);
  const mapping = given ?? guesses.map(({ use }) => use);
  const { people, faults } = importRows(table, mapping, file);
  const days = dayColumns(table, mapping, own);
  return {
    ok: true,
    file: {
      format,
      encoding: table.encoding,
      delimiter: table.delimiter,
      columns: table.header.map((name, i) => ({
        name,
        samples: samplesOf(table, i),
        by: guesses[i].by,
        unclear: days.get(i)?.asked ? [] : days.get(i)?.examples ?? []
      })),
      mapping,
      rows: table.rows,
      people,
      faults: [...table.faults, ...faults].sort((a, b) => a.row - b.row)
    }
  };
}
var SAMPLES = 3;
var samplesOf = (table, column) => table.rows.slice(0, 200).map(({ cells }) => cells[column] ?? "").filter(Boolean).slice(0, SAMPLES);
function correct(table, edits) {
  if (edits.length === 0) return;
  const byRow = new Map(table.rows.map((row) => [row.row, row.cells]));
  for (const { row, column, value } of edits) {
    const cells = byRow.get(row);
    if (cells && column < table.header.length) {
      while (cells.length <= column) cells.push("");
      cells[column] = value;
    }
  }
}

// contract/record.ts
import { z as z2 } from "zod";

// contract/common.ts
import { z } from "zod";

// contract/topics.ts
var TOPICS = [
  "people",
  "notes",
  "touches",
  "plan",
  "cadences",
  "enrolments",
  "lists",
  "views",
  "settings",
  "services",
  "intake",
  "imports",
  "gaps",
  "access",
  "upkeep",
  "history"
];

// contract/common.ts
var Id = z.uuid();
var idOf = () => Id;
var PersonId = idOf();
var CircleId = idOf();
var CadenceId = idOf();
var EnrolmentId = idOf();
var BatchId = idOf();
var ServiceId = idOf();
var ActionId = idOf();
var TouchId = idOf();
var ViewId = idOf();
var PhotoId = idOf();
var Day = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, "Give the day as YYYY-MM-DD.").refine(isPlainDate, "There is no such day in the calendar.").meta({ format: "date", example: "2026-11-23" });
var Int4 = z.number().int().min(-2147483648).max(2147483647);
var IdParam = z.object({ id: Id });
var PersonParam = z.object({ id: PersonId });
var Done = z.object({
  actionId: ActionId,
  sentence: z.string(),
  /** What it touched: whoever shows these reads again. */
  topics: z.array(z.enum(TOPICS))
});

// contract/record.ts
var Text = (max) => z2.string().overwrite(tidyText).max(max, `At most ${max} characters.`);
var YearlyDay = z2.string().regex(/^(\d{4}-)?\d{2}-\d{2}$/, "Give the day as YYYY-MM-DD or MM-DD.");
var Reach = (max) => z2.object({ value: Text(max), label: Text(40).default("") });
var Degrees = (most2) => z2.number().min(-most2).max(most2).nullable().default(null);
var Address = z2.object({
  label: Text(40).default(""),
  line: Text(300).default(""),
  city: Text(120).default(""),
  region: Text(60).default(""),
  postalCode: Text(20).default(""),
  country: Text(60).default(""),
  place: Text(120).default(""),
  lat: Degrees(90),
  lon: Degrees(180)
});
var Consent = z2.object({
  answer: z2.enum(["yes", "no"]),
  on: Day,
  cameFrom: Text(200).default("")
});
var PersonFields = z2.object({
  prefix: Text(40),
  givenName: Text(120),
  middleName: Text(120),
  familyName: Text(120),
  suffix: Text(40),
  goesBy: Text(120),
  company: Text(200),
  jobTitle: Text(120),
  emails: z2.array(Reach(254)).max(20),
  phones: z2.array(Reach(60)).max(20),
  addresses: z2.array(Address).max(20),
  links: z2.array(Reach(500)).max(20),
  birthday: YearlyDay.nullable(),
  dates: z2.array(z2.object({ name: Text(80).min(1, "Name the date."), on: YearlyDay })).max(40),
  interests: z2.array(Text(80)).max(50),
  roles: z2.array(Text(60)).max(20),
  standing: Text(60),
  source: Text(200),
  preferred: z2.enum(["", ...CHANNELS]),
  language: Text(40),
  favourite: z2.boolean(),
  wouldRefer: z2.enum(WOULD_REFER).nullable(),
  wouldReferOn: Day.nullable(),
  own: z2.record(z2.string(), z2.union([z2.string().max(2e3), z2.number(), z2.boolean()])),
  consent: z2.partialRecord(z2.enum(CHANNELS), Consent)
});
var PersonDraft = PersonFields.partial().extend({
  /** One way to reach them is enough: put before `emails` and `phones`. */
  email: Text(254).optional(),
  phone: Text(60).optional(),
  circleId: CircleId.nullable().optional(),
  tags: z2.array(Text(60)).max(50).optional(),
  note: Text(1e4).optional(),
  /** Who sent them. */
  referredBy: PersonId.nullable().optional(),
  /** Whom they are tied to, by name: "sent by" ties to the one person of that name, where there is one. */
  ties: z2.array(z2.object({ kind: z2.enum(TIE_KINDS), name: Text(120).min(1) })).max(20).optional()
});
var OwnField = z2.object({
  id: Id,
  name: z2.string(),
  type: z2.enum(OWN_TYPES),
  choices: z2.array(z2.string()),
  pinned: z2.boolean(),
  retired: z2.boolean()
});

// server/imports/check.ts
var AT_ONCE = 500;
var NOTE_MOST = 1e4;
var Tag = Text(60).min(1);
async function checkPeople(people, faults) {
  for (let from = 0; from < people.length; from += AT_ONCE) {
    for (const person of people.slice(from, from + AT_ONCE)) checkPerson(person, faults);
    await new Promise((done) => setImmediate(done));
  }
}
function checkPerson(person, faults) {
  const kept = [];
  const keep = (what, value, why) => {
    faults.push({
      row: person.row,
      why: `${what} \u201C${value.slice(0, 60)}\u201D can\u2019t be kept there (${why.replace(/\.$/, "")}); it is kept in the note.`,
      leftOut: false
    });
    kept.push(`${what}: ${value}`);
  };
  for (let tries = 0; tries < 50; tries++) {
    const checked = PersonFields.safeParse(person.fields);
    if (checked.success) {
      person.fields = checked.data;
      break;
    }
    for (const { path, message } of checked.error.issues)
      takeOut(person.fields, path, message, keep);
  }
  person.tags = person.tags.filter((tag) => {
    const fits = Tag.safeParse(tag).success;
    if (!fits && tag) keep("Tag", tag, "At most 60 characters.");
    return fits;
  });
  if (kept.length > 0) person.notes.unshift({ on: null, body: kept.join("\n") });
  person.notes = person.notes.flatMap(
    ({ on, body }) => piecesOf(body).map((piece) => ({ on, body: piece }))
  );
}
var MOST = {
  emails: 20,
  phones: 20,
  addresses: 20,
  links: 20,
  dates: 40,
  interests: 50,
  roles: 20
};
var NAMES2 = {
  prefix: "Title",
  givenName: "First name",
  middleName: "Middle name",
  familyName: "Last name",
  goesBy: "Goes by",
  jobTitle: "Work",
  emails: "E-mail",
  phones: "Phone",
  addresses: "Address",
  postalCode: "Postal code",
  line: "Street",
  links: "Link",
  roles: "Role",
  interests: "Interest"
};
var nameOf2 = (part) => NAMES2[String(part)] ?? String(part).charAt(0).toUpperCase() + String(part).slice(1);
function takeOut(fields, path, why, keep) {
  const [key, at, part] = path;
  const value = fields[key];
  if (Array.isArray(value)) {
    const list = value;
    if (typeof at !== "number") {
      for (const extra of list.splice(MOST[String(key)] ?? 20))
        keep(nameOf2(key), wordsOf(extra), why);
      return;
    }
    const entry = list[at];
    if (entry === void 0 || entry === null) return;
    if (typeof entry === "object" && part && key === "addresses") {
      keep(nameOf2(part), wordsOf(entry[part]), why);
      entry[part] = part === "lat" || part === "lon" ? null : "";
    } else if (typeof entry === "object" && part === "label") {
      keep(`${nameOf2(key)} label`, wordsOf(entry.label), why);
      entry.label = "";
    } else {
      keep(nameOf2(key), wordsOf(entry), why);
      list.splice(at, 1, ...typeof entry === "string" ? [""] : []);
      fields[key] = list.filter((item) => item !== "");
    }
  } else if (value !== null && typeof value === "object" && at !== void 0) {
    keep(nameOf2(key), `${at}: ${wordsOf(value[at])}`, why);
    delete value[at];
  } else {
    if (value) keep(nameOf2(key), wordsOf(value), why);
    fields[key] = typeof value === "string" && !/^(birthday|wouldRefer|wouldReferOn)$/.test(String(key)) ? "" : null;
  }
}
function wordsOf(value) {
  if (value === null || value === void 0) return "";
  if (typeof value !== "object") return String(value);
  return Object.values(value).filter((part) => part !== "" && part !== null).join(" ");
}
function piecesOf(body) {
  const pieces = [];
  for (let from = 0; from < body.length; from += NOTE_MOST)
    pieces.push(body.slice(from, from + NOTE_MOST));
  return pieces;
}

// contract/imports.ts
import { z as z4 } from "zod";

// contract/endpoint.ts
import { z as z3 } from "zod";
var ERROR_CODES = [
  "invalid",
  "not_found",
  "conflict",
  "too_large",
  "forbidden",
  /** Nobody is signed in on this device; the passphrase is wanted. */
  "signed_out",
  /** Too many tries or requests from one place; later it works. */
  "too_soon",
  "unavailable",
  "internal"
];
var ApiError = z3.object({
  error: z3.object({
    code: z3.enum(ERROR_CODES),
    /** A sentence for people: what happened and what to do. */
    message: z3.string(),
    /** The field or person concerned, where there is one. */
    field: z3.string().optional(),
    /** Every field at fault, each with a sentence that can stand at it. */
    fields: z3.array(z3.object({ field: z3.string(), message: z3.string() })).optional()
  })
});
var none = z3.object({});
function endpoint(of) {
  return {
    ...of,
    params: of.params ?? none,
    query: of.query ?? none,
    body: of.body ?? none,
    errors: of.errors ?? []
  };
}

// contract/imports.ts
var subject = "people";
var Target = z4.union([
  z4.enum(COLUMN_KEYS),
  z4.templateLiteral(["own:", z4.uuid()])
]);
var USES = [...COLUMN_KEYS, ...INCOMING_KEYS, "own:[0-9a-fA-F-]{36}"].join("|");
var Use = z4.string().regex(new RegExp(`^(?:${USES})(?:@[^@]{1,40})?$`), "A column can\u2019t be used like this.").meta({ example: "phone@home" });
var Mapping = z4.array(Use.nullable()).max(500);
var Partners = z4.enum(["tie", "person"]).default("tie");
var ImportFile = z4.object({
  fileName: z4.string().max(255),
  /** The bytes of the file, base64. */
  content: z4.string(),
  /** Pasted names and addresses; without it, Pen Pal sees what kind of file it is. */
  pasted: z4.boolean().default(false),
  /** Null lets Pen Pal guess. */
  mapping: Mapping.nullable(),
  partners: Partners
});
var Fault = z4.object({ row: z4.number().int(), why: z4.string(), leftOut: z4.boolean() });
var ImportPreview = z4.object({
  /** By which the people in it can be looked through and put right, and imported. */
  id: Id,
  format: z4.enum(["csv", "sheet", "vcard", "pasted"]),
  encoding: z4.string(),
  delimiter: z4.string(),
  columns: z4.array(
    z4.object({
      name: z4.string(),
      samples: z4.array(z4.string()),
      /** What its use was guessed by; `none` where nobody understands it. */
      by: z4.enum(["heading", "content", "none"]),
      /** Days in it of which day and month can't be told apart: say which stands first. */
      unclear: z4.array(z4.string())
    })
  ),
  mapping: Mapping,
  partners: Partners,
  /** Names of which the split into first and last is a guess. */
  guessed: z4.number().int(),
  people: z4.number().int(),
  /** Who is here already, or stands in the file twice. */
  same: z4.object({
    sure: z4.number().int(),
    ask: z4.number().int(),
    sample: z4.array(
      z4.object({
        row: z4.number().int(),
        name: z4.string(),
        other: z4.string(),
        verdict: z4.enum(["sure", "ask"]),
        evidence: z4.array(z4.string())
      })
    )
  }),
  /** The first rows and values that can't be read, each with its row in the file and why. */
  faults: z4.array(Fault),
  faultCount: z4.number().int(),
  /** How many of the faults leave their whole row out. */
  leftOut: z4.number().int()
});
var previewImport = endpoint({
  method: "post",
  path: "/imports/preview",
  long: true,
  subject,
  summary: "Reads a spreadsheet, a CSV or vCard file or pasted names and shows what it would bring; writes nothing",
  body: ImportFile,
  response: ImportPreview,
  errors: ["invalid", "too_large"]
});
var changePreview = endpoint({
  method: "post",
  path: "/imports/previews/:id",
  long: true,
  subject,
  summary: "Reads a file that is being looked at anew: columns used otherwise, cells put right",
  params: IdParam,
  body: z4.object({
    mapping: Mapping.optional(),
    partners: z4.enum(["tie", "person"]).optional(),
    /** Cells of a table put right, besides those before; an empty value empties the cell. */
    edits: z4.array(
      z4.object({
        row: z4.number().int().min(1).max(1e6),
        column: z4.number().int().min(0).max(500),
        value: z4.string().max(1e4)
      })
    ).max(1e3).optional()
  }),
  response: ImportPreview,
  errors: ["invalid", "too_large", "not_found"]
});
var IncomingPerson = z4.object({
  row: z4.number().int(),
  name: z4.string(),
  /** Whether they are the other one of a row that tells of two: the rest of it goes to the first. */
  second: z4.boolean(),
  /** Whether the split of the name into first and last is a guess. */
  nameGuessed: z4.boolean(),
  facts: z4.array(
    z4.object({
      what: z4.string(),
      value: z4.string(),
      /** The headings of the columns that it came from. */
      from: z4.array(z4.string())
    })
  ),
  /** The cells of the row in a table, as they stand with the corrections. */
  cells: z4.array(z4.string()),
  faults: z4.array(z4.string()),
  /** Who they are or may be: somebody here, or somebody earlier in the file. */
  same: z4.object({
    other: z4.string(),
    otherId: PersonId.nullable(),
    verdict: z4.enum(["sure", "ask"]),
    evidence: z4.array(z4.string()),
    /** What their row says otherwise: it would go into a note. */
    differs: z4.array(z4.object({ what: z4.string(), here: z4.string(), there: z4.string() }))
  }).nullable()
});
var SHOWN = ["all", "faults", "guessed", "same"];
var previewPeople = endpoint({
  method: "get",
  path: "/imports/previews/:id/people",
  subject,
  shows: ["imports", "people", "lists"],
  summary: "The people whom a file would bring, a page at a time, those with faults first",
  params: IdParam,
  query: z4.object({
    show: z4.enum(SHOWN).default("all"),
    offset: z4.coerce.number().int().min(0).max(1e6).default(0),
    limit: z4.coerce.number().int().min(1).max(200).default(50)
  }),
  response: z4.object({ total: z4.number().int(), people: z4.array(IncomingPerson) }),
  errors: ["invalid", "not_found"]
});
var runImport = endpoint({
  method: "post",
  path: "/imports",
  long: true,
  subject,
  summary: "Imports a file or a pasted list as one batch",
  body: ImportFile.extend({
    content: z4.string().default(""),
    mapping: Mapping.nullable().default(null),
    /** A preview of the file, with what was put right in it, in place of its content. */
    previewId: Id.nullable().default(null),
    circleId: CircleId.nullable(),
    tag: z4.string().trim().max(60).nullable(),
    /** Who is surely here already: what is new about them is added to them, or they come in again. */
    same: z4.enum(["join", "add"]).default("join")
  }),
  response: Done.extend({
    batchId: BatchId,
    /** People who are new. */
    people: z4.number().int(),
    /** People who were here and got what is new about them. */
    joined: z4.number().int(),
    /** Details that were said otherwise of who was joined; they are kept in notes. */
    differing: z4.number().int(),
    leftOut: z4.number().int()
  }),
  errors: ["invalid", "too_large", "not_found"]
});
var ImportBatch = z4.object({
  id: Id,
  fileName: z4.string(),
  at: z4.string(),
  people: z4.number().int(),
  leftOut: z4.number().int(),
  undone: z4.boolean()
});
var listImports = endpoint({
  method: "get",
  path: "/imports",
  subject,
  shows: ["imports"],
  summary: "The import batches, the latest first",
  response: z4.object({ batches: z4.array(ImportBatch) })
});
var undoImport = endpoint({
  method: "post",
  path: "/imports/:id/undo",
  long: true,
  subject,
  summary: "Takes a batch back; people who have a history since are kept and counted",
  params: IdParam,
  response: Done.extend({ removed: z4.number().int(), kept: z4.number().int() }),
  errors: ["not_found", "conflict"]
});

// contract/settings.ts
import { z as z5 } from "zod";
var Circle = z5.object({
  id: Id,
  name: z5.string(),
  /** 0 is the closest. */
  position: z5.number().int(),
  promiseDays: z5.number().int().nullable(),
  people: z5.number().int()
});
var isLocale = (tag) => {
  try {
    return Intl.NumberFormat.supportedLocalesOf(tag).length > 0;
  } catch {
    return false;
  }
};
var isCurrency = (code) => /^[A-Z]{3}$/.test(code);
var Weekday = z5.union(
  [1, 2, 3, 4, 5, 6, 7].map((n) => z5.literal(n))
);
var KindChange = z5.object({
  minutes: z5.number().int().min(0).max(600).optional(),
  costMinor: z5.number().int().min(0).max(1e7).optional(),
  perDay: z5.number().int().min(0).max(500).nullable().optional(),
  holds: z5.partialRecord(z5.enum(OUTCOMES), z5.number().min(0).max(1)).optional()
});
var TimeOfDay = z5.string().trim().transform((text2) => text2.padStart(5, "0")).refine((text2) => /^([01]\d|2[0-3]):[0-5]\d$/.test(text2), "Write a time such as 21:00.");
var Settings = z5.object({
  ownerName: z5.string().trim().max(120),
  timeZone: z5.string(),
  /** Touches on a working day. */
  capacity: z5.number().int().min(0).max(500),
  workingDays: z5.array(Weekday),
  daysOff: z5.array(Day).max(1e3),
  minDistanceDays: z5.number().int().min(1).max(60),
  /** Days until somebody new counts as due. */
  graceDays: z5.number().int().min(0).max(365),
  /** Minutes on a working day; null for no limit. */
  minutesPerDay: z5.number().int().min(0).max(1440).nullable(),
  kinds: z5.partialRecord(z5.enum(TOUCH_KINDS), KindChange),
  /** Whether what goes by itself waits until somebody said yes to it; else it keeps to a no alone. */
  autoNeedsYes: z5.boolean(),
  /** Hours in which nobody is called, nor written to by itself, in the zone where they live. */
  quietFrom: TimeOfDay,
  quietUntil: TimeOfDay,
  /** How whoever sent somebody is thanked; null plans no thanks. */
  thanksKind: z5.enum(TOUCH_KINDS).nullable(),
  /** Where a 29 February falls in common years. */
  leapDay: z5.enum(["feb28", "mar1"]),
  /** Whose public holidays are days off; none when empty. */
  country: z5.string().max(2),
  region: z5.string().max(10),
  /** Names of public holidays that are worked all the same. */
  holidaysWorked: z5.array(z5.string().max(120)).max(200),
  /** ISO 4217: what amounts are in. */
  currency: z5.string().refine((code) => isCurrency(code), "This is not a currency. Try one like USD."),
  /** BCP 47: how numbers and amounts are written. */
  locale: z5.string().refine((tag) => isLocale(tag), "This is not a language tag. Try one like en-US.")
});
var subject2 = "settings";
var getSettings = endpoint({
  method: "get",
  path: "/settings",
  subject: subject2,
  shows: ["settings", "lists", "people"],
  summary: "The owner's days, capacity and circles",
  response: z5.object({
    settings: Settings,
    /** Days off and public holidays, from last year to five years ahead. */
    freeDays: z5.array(Day),
    circles: z5.array(Circle),
    demo: z5.boolean(),
    /** What looks wrong with the clock of the machine, in a sentence; null for nothing. */
    clock: z5.string().nullable(),
    today: Day
  })
});
var saveSettings = endpoint({
  method: "patch",
  path: "/settings",
  subject: subject2,
  summary: "Changes the owner's days or capacity",
  body: Settings.partial(),
  response: Done,
  errors: ["invalid"]
});
var health = endpoint({
  method: "get",
  path: "/health",
  subject: subject2,
  shows: ["settings"],
  summary: "Version, database and clock",
  response: z5.object({
    version: z5.string(),
    database: z5.object({ kind: z5.enum(["pglite", "postgres"]), schema: z5.number().int() }),
    clock: z5.object({ today: Day, now: z5.string(), timeZone: z5.string(), demo: z5.boolean() })
  })
});
var moveClock = endpoint({
  method: "post",
  path: "/clock/forward",
  subject: subject2,
  summary: "Moves the application's day forward (demo only)",
  body: z5.object({ days: z5.number().int().min(1).max(366) }),
  response: z5.object({ today: Day }),
  errors: ["forbidden"]
});

// bench/product.ts
var TODAY = "2026-11-23";
var GIVEN = ["Ana", "Bo", "Cyra", "Dana", "Emil", "Fay", "Goran", "Hana", "Ivo", "Juna"];
var ENDINGS = [
  "marsh",
  "wick",
  "holm",
  "berg",
  "field",
  "dahl",
  "quist",
  "moor",
  "strand",
  "beck"
];
var STARTS = ["Al", "Ber", "Cor", "Dun", "El", "Far", "Gil", "Hor", "In", "Kel", "Lin", "Mor"];
var familyOf = (i) => `${STARTS[i % 12]}${ENDINGS[Math.floor(i / 12) % 10]}${i % 977}`;
var HEADER = "First name,Last name,E-mail,Phone,Street and number,Circle,Tags,Note,Last touch,Birthday";
var CIRCLES = ["Inner", "Close", "Wider", "Outer"];
var dayBefore = (days) => new Date(Date.parse(TODAY) - days * 864e5).toISOString().slice(0, 10);
var HALF = (i) => i % 2 === 0 ? dayBefore(i % 200) : "";
var listOf = (people, lastTouch) => [
  HEADER,
  ...Array.from(
    { length: people },
    (_, i) => [
      GIVEN[i % 10],
      familyOf(i),
      `p${i}@example.com`,
      `555-01${String(i % 100).padStart(2, "0")}`,
      `${i} Lantern Row`,
      CIRCLES[i % 4],
      i % 3 === 0 ? "garden" : "boat",
      i % 4 === 0 ? `Kitchen half done and boat ${i}` : "",
      lastTouch(i),
      i % 5 === 0 ? `19${60 + i % 40}-0${1 + i % 9}-1${i % 9}` : ""
    ].join(",")
  )
].join("\n");
var fileOf = (people, lastTouch = HALF) => ({
  fileName: "list.csv",
  content: Buffer.from(listOf(people, lastTouch)).toString("base64"),
  mapping: null,
  circleId: null,
  tag: null,
  same: "add"
});

// tmp-run.ts
var cpu = () => {
  const c = process.cpuUsage();
  return (c.user + c.system) / 1e3;
};
async function main() {
  const body = fileOf(2e4);
  const bytes = Buffer.from(body.content, "base64");
  console.log(bytes.toString().slice(0, 400), bytes.length);
  for (let k = 0; k < 2; k++) {
    let t = cpu();
    const r = await readImportFile({ bytes, pasted: false, mapping: null, own: [], today: plainDate("2026-11-23") });
    console.log("read", cpu() - t);
    t = cpu();
    const s = structuredClone(r);
    console.log("clone all", cpu() - t);
    t = cpu();
    await checkPeople(r.file.people, []);
    console.log("check", cpu() - t);
    t = cpu();
    const known = r.file.people.map((p, i) => ({ id: "row " + i, traits: traitsOf(p.fields) }));
    console.log("traits", cpu() - t);
    t = cpu();
    const pairs = findSame(known, new Set(known.map((x) => x.id)));
    console.log("find", cpu() - t, pairs.length);
  }
}
void main();
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiY29yZS9wZW9wbGUvbmFtZXMudHMiLCAiY29yZS9wZW9wbGUvcmVjb3JkLnRzIiwgImNvcmUvcGVvcGxlL3RhcmdldHMudHMiLCAiY29yZS9wZW9wbGUvdGllcy50cyIsICJjb3JlL3RpbWUvY2xvY2stZG91YnQudHMiLCAiY29yZS90aW1lL2RheS50cyIsICJjb3JlL3RpbWUvc3BlYWsudHMiLCAiY29yZS90aW1lL3JlYWQtZGF0ZS50cyIsICJjb3JlL3Blb3BsZS90YWctaWRlYXMudHMiLCAiY29yZS9wZW9wbGUvdGlkeS10ZXh0LnRzIiwgImNvcmUvaW50YWtlL2NlbGxzLnRzIiwgImNvcmUvaW50YWtlL2Nzdi13cml0ZS50cyIsICJjb3JlL2ludGFrZS9vd24udHMiLCAiY29yZS90b3VjaGVzL2tpbmRzLnRzIiwgImNvcmUvaW50YWtlL3N0b3J5LWNlbGxzLnRzIiwgImNvcmUvaW50YWtlL2hlYWRpbmdzLnRzIiwgImNvcmUvaW50YWtlL3JlYWNoLnRzIiwgImNvcmUvaW50YWtlL2NvbHVtbnMudHMiLCAiY29yZS9pbnRha2UvZGVjb2RlLnRzIiwgImNvcmUvaW50YWtlL2ltcG9ydGVkLnRzIiwgImNvcmUvaW50YWtlL3Jvdy50cyIsICJjb3JlL2ludGFrZS9yb3ctZGF5cy50cyIsICJjb3JlL2ludGFrZS9hZGRyZXNzLnRzIiwgImNvcmUvaW50YWtlL3Jvdy1hZGRyZXNzLnRzIiwgImNvcmUvaW50YWtlL3Jvdy1maWVsZHMudHMiLCAiY29yZS9pbnRha2Uvcm93LWpvYnMudHMiLCAiY29yZS9pbnRha2UvbmFtZXMudHMiLCAiY29yZS9pbnRha2Uvcm93LW5hbWVzLnRzIiwgImNvcmUvaW50YWtlL3Jvdy10aWVzLnRzIiwgImNvcmUvaW50YWtlL2ltcG9ydC50cyIsICJjb3JlL3NhbWUvYWRkcmVzcy50cyIsICJjb3JlL3NhbWUvZG91YnRzLnRzIiwgImNvcmUvc2FtZS9uaWNrbmFtZXMudHMiLCAiY29yZS9zYW1lL2phcm8td2lua2xlci50cyIsICJjb3JlL3NhbWUvc3BlbGxpbmcudHMiLCAiY29yZS9zYW1lL3RyYWl0cy50cyIsICJjb3JlL3NhbWUvc2NvcmUudHMiLCAiY29yZS9zYW1lL2ZpbmQudHMiLCAiY29yZS9pbnRha2UvZmluZC1wYXJ0cy50cyIsICJjb3JlL2ludGFrZS9wYXN0ZWQudHMiLCAiY29yZS9pbnRha2Uvc2hlZXQudHMiLCAiY29yZS9pbnRha2UvdGFibGUudHMiLCAiY29yZS9pbnRha2UvdmNhcmQtbGluZXMudHMiLCAiY29yZS9pbnRha2UvdmNhcmQtcmVhZGluZy50cyIsICJjb3JlL2ludGFrZS92Y2FyZC1uYW1lcy50cyIsICJjb3JlL2ludGFrZS92Y2FyZC1vdXJzLnRzIiwgImNvcmUvaW50YWtlL3ZjYXJkLXByb3BlcnRpZXMudHMiLCAiY29yZS9pbnRha2UvdmNhcmQudHMiLCAiY29yZS9pbnRha2UvcmVhZC1maWxlLnRzIiwgImNvbnRyYWN0L3JlY29yZC50cyIsICJjb250cmFjdC9jb21tb24udHMiLCAiY29udHJhY3QvdG9waWNzLnRzIiwgInNlcnZlci9pbXBvcnRzL2NoZWNrLnRzIiwgImNvbnRyYWN0L2ltcG9ydHMudHMiLCAiY29udHJhY3QvZW5kcG9pbnQudHMiLCAiY29udHJhY3Qvc2V0dGluZ3MudHMiLCAiYmVuY2gvcHJvZHVjdC50cyIsICJ0bXAtcnVuLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyJpbXBvcnQgdHlwZSB7IEFkZHJlc3MsIFJlYWNoIH0gZnJvbSAnLi9yZWNvcmQnO1xuXG5leHBvcnQgaW50ZXJmYWNlIE5hbWVzIHtcbiAgZ2l2ZW5OYW1lOiBzdHJpbmc7XG4gIGZhbWlseU5hbWU6IHN0cmluZztcbn1cblxuZXhwb3J0IGludGVyZmFjZSBOYW1lUGFydHMgZXh0ZW5kcyBOYW1lcyB7XG4gIGdvZXNCeTogc3RyaW5nO1xuICBzdWZmaXg6IHN0cmluZztcbiAgcHJlZml4Pzogc3RyaW5nO1xuICBjb21wYW55OiBzdHJpbmc7XG4gIGVtYWlsczogcmVhZG9ubHkgUmVhY2hbXTtcbiAgcGhvbmVzOiByZWFkb25seSBSZWFjaFtdO1xufVxuXG4vKiogV2hhdCBhIHBlcnNvbiBpcyBjYWxsZWQgaW4gbGlzdHMsIFwiTXIuIFBlbmhhbGVcIiB3aGVyZSBubyBmaXJzdCBuYW1lIGlzIGtub3duOyBmYWxscyBiYWNrIHRvIGNvbXBhbnksIGUtbWFpbCBhbmQgcGhvbmUsIG5ldmVyIHRvIGFuIGVtcHR5IHRleHQuICovXG5leHBvcnQgZnVuY3Rpb24gZGlzcGxheU5hbWUocGFydHM6IE5hbWVQYXJ0cyk6IHN0cmluZyB7XG4gIGNvbnN0IGZpcnN0ID0gcGFydHMuZ29lc0J5IHx8IHBhcnRzLmdpdmVuTmFtZSB8fCAocGFydHMuZmFtaWx5TmFtZSAmJiBwYXJ0cy5wcmVmaXgpO1xuICBjb25zdCBuYW1lID0gW2ZpcnN0LCBwYXJ0cy5mYW1pbHlOYW1lLCBwYXJ0cy5zdWZmaXhdLmZpbHRlcihCb29sZWFuKS5qb2luKCcgJyk7XG4gIGNvbnN0IHJlYWNoID0gcGFydHMuZW1haWxzWzBdPy52YWx1ZSB8fCBwYXJ0cy5waG9uZXNbMF0/LnZhbHVlO1xuICByZXR1cm4gbmFtZSB8fCBwYXJ0cy5jb21wYW55IHx8IHJlYWNoIHx8ICdTb21lYm9keSB3aXRob3V0IGEgbmFtZSc7XG59XG5cbi8qKiBXaGF0IHBlb3BsZSBhcmUgb3JkZXJlZCBieTogdGhlIGZhbWlseSBuYW1lLCB0aGVuIHRoZSByZXN0IG9mIHRoZSBuYW1lLCBmb2xkZWQuICovXG5leHBvcnQgY29uc3Qgc29ydE5hbWUgPSAocGFydHM6IE5hbWVQYXJ0cyk6IHN0cmluZyA9PlxuICBmb2xkKFtwYXJ0cy5mYW1pbHlOYW1lLCBkaXNwbGF5TmFtZShwYXJ0cyldLmZpbHRlcihCb29sZWFuKS5qb2luKCcgJykpO1xuXG4vKiogTG93ZXIgY2FzZSB3aXRob3V0IGFjY2VudHMsIGZvciBzZWFyY2g6IFwiXHUwMEM2clx1MDBGOCBcdTAxNDFcdTAwRjNkXHUwMTdBXCIgXHUyMTkyIFwiYWVybyBsb2R6XCIuICovXG5leHBvcnQgZnVuY3Rpb24gZm9sZCh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcge1xuICAvLyBQbGFpbiBBU0NJSSwgYnkgZmFyIHRoZSBtb3N0IGZyZXF1ZW50LCBmb2xkcyBhdCBvbmNlLlxuICBpZiAoL15bXFx4MDAtXFx4N2ZdKiQvLnRlc3QodGV4dCkpIHJldHVybiB0ZXh0LnRvTG93ZXJDYXNlKCk7XG4gIHJldHVybiB0ZXh0XG4gICAgLm5vcm1hbGl6ZSgnTkZEJylcbiAgICAucmVwbGFjZSgvXFxwe019L2d1LCAnJylcbiAgICAudG9Mb3dlckNhc2UoKVxuICAgIC5yZXBsYWNlKC9cdTAwREYvZywgJ3NzJylcbiAgICAucmVwbGFjZSgvW1x1MDBFNl0vZywgJ2FlJylcbiAgICAucmVwbGFjZSgvW1x1MDE1M10vZywgJ29lJylcbiAgICAucmVwbGFjZSgvW1x1MDBGOFx1MDBGMF0vZywgKGMpID0+IChjID09PSAnXHUwMEY4JyA/ICdvJyA6ICdkJykpXG4gICAgLnJlcGxhY2UoL1x1MDE0Mi9nLCAnbCcpXG4gICAgLnJlcGxhY2UoL1x1MDBGRS9nLCAndGgnKTtcbn1cblxuLyoqIEEgTm9ydGggQW1lcmljYW4gbnVtYmVyIGFzIHBlb3BsZSB3cml0ZSBpdDsgb3RoZXJzIHN0YXkgYXMgdGhleSBhcmUga2VwdC4gKi9cbmV4cG9ydCBjb25zdCBmb3JtYXRQaG9uZSA9IChwaG9uZTogc3RyaW5nKTogc3RyaW5nID0+XG4gIHBob25lLnJlcGxhY2UoL15cXCsxKFxcZHszfSkoXFxkezN9KShcXGR7NH0pJC8sICcoJDEpICQyLSQzJyk7XG5cbmludGVyZmFjZSBTZWFyY2hlZCBleHRlbmRzIE5hbWVQYXJ0cyB7XG4gIHByZWZpeDogc3RyaW5nO1xuICBtaWRkbGVOYW1lOiBzdHJpbmc7XG4gIGpvYlRpdGxlOiBzdHJpbmc7XG4gIGFkZHJlc3NlczogcmVhZG9ubHkgQWRkcmVzc1tdO1xuICBsaW5rczogcmVhZG9ubHkgUmVhY2hbXTtcbiAgaW50ZXJlc3RzOiByZWFkb25seSBzdHJpbmdbXTtcbn1cblxuLyoqIFRoZSBmb2xkZWQgdGV4dCBvZiBhIHBlcnNvbiB0aGF0IHNlYXJjaCBsb29rcyBpbjsgcGhvbmVzIGFzIHdyaXR0ZW4gYW5kIGFzIGRpZ2l0cyBhbG9uZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzZWFyY2hUZXh0KHA6IFNlYXJjaGVkKTogc3RyaW5nIHtcbiAgY29uc3Qgd29yZHMgPSBbcC5wcmVmaXgsIHAuZ2l2ZW5OYW1lLCBwLm1pZGRsZU5hbWUsIHAuZ29lc0J5LCBwLmZhbWlseU5hbWUsIHAuc3VmZml4XTtcbiAgY29uc3QgcGxhY2VzID0gcC5hZGRyZXNzZXMuZmxhdE1hcCgoYSkgPT4gW2EubGluZSwgYS5jaXR5LCBhLnJlZ2lvbiwgYS5wb3N0YWxDb2RlLCBhLnBsYWNlXSk7XG4gIGNvbnN0IHJlYWNoID0gWy4uLnAuZW1haWxzLCAuLi5wLnBob25lcywgLi4ucC5saW5rc10ubWFwKCh7IHZhbHVlIH0pID0+IHZhbHVlKTtcbiAgY29uc3QgZGlnaXRzID0gcC5waG9uZXMubWFwKCh7IHZhbHVlIH0pID0+IHZhbHVlLnJlcGxhY2UoL1xcRC9nLCAnJykpO1xuICBjb25zdCBhbGwgPSBbLi4ud29yZHMsIHAuY29tcGFueSwgcC5qb2JUaXRsZSwgLi4ucmVhY2gsIC4uLmRpZ2l0cywgLi4ucGxhY2VzLCAuLi5wLmludGVyZXN0c107XG4gIHJldHVybiBmb2xkKGFsbC5maWx0ZXIoQm9vbGVhbikuam9pbignICcpKTtcbn1cbiIsICIvKiogT25lIG9mIHNldmVyYWw6IGFuIGUtbWFpbCBhZGRyZXNzLCBhIHBob25lIG51bWJlciwgYSBsaW5rLiBUaGUgZmlyc3Qgb2YgYSBsaXN0IGlzIHRoZSBvbmUgdXNlZC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgUmVhY2gge1xuICB2YWx1ZTogc3RyaW5nO1xuICAvKiogJ2hvbWUnLCAnd29yaycgb3IgYW55IHdvcmQgb2YgdGhlIG93bmVyJ3M7IGVtcHR5IGZvciBub25lLiAqL1xuICBsYWJlbDogc3RyaW5nO1xufVxuXG4vKiogQSBob21lLCBhbiBvZmZpY2Ugb3IgYSBwcm9wZXJ0eS4gVGhlIGZpcnN0IG9mIGEgbGlzdCBpcyB0aGUgbWFpbGluZyBhZGRyZXNzLiAqL1xuZXhwb3J0IGludGVyZmFjZSBBZGRyZXNzIHtcbiAgbGFiZWw6IHN0cmluZztcbiAgbGluZTogc3RyaW5nO1xuICBjaXR5OiBzdHJpbmc7XG4gIHJlZ2lvbjogc3RyaW5nO1xuICBwb3N0YWxDb2RlOiBzdHJpbmc7XG4gIGNvdW50cnk6IHN0cmluZztcbiAgLyoqIFRoZSBuZWlnaGJvdXJob29kLiAqL1xuICBwbGFjZTogc3RyaW5nO1xuICAvKiogRGVncmVlcywgd2hlcmUga25vd24uICovXG4gIGxhdDogbnVtYmVyIHwgbnVsbDtcbiAgbG9uOiBudW1iZXIgfCBudWxsO1xufVxuXG4vKiogQSB5ZWFybHkgZGF5IHdpdGggYSBuYW1lOiAnTU0tREQnLCBvciAnWVlZWS1NTS1ERCcgd2hlcmUgdGhlIHllYXIgaXMga25vd24uICovXG5leHBvcnQgaW50ZXJmYWNlIE5hbWVkRGF0ZSB7XG4gIG5hbWU6IHN0cmluZztcbiAgb246IHN0cmluZztcbn1cblxuZXhwb3J0IGNvbnN0IENIQU5ORUxTID0gWydjYWxsJywgJ3RleHQnLCAnZW1haWwnLCAncG9zdCddIGFzIGNvbnN0O1xuZXhwb3J0IHR5cGUgQ2hhbm5lbCA9ICh0eXBlb2YgQ0hBTk5FTFMpW251bWJlcl07XG5leHBvcnQgY29uc3QgQ0hBTk5FTF9XT1JEUzogUmVjb3JkPENoYW5uZWwsIHN0cmluZz4gPSB7XG4gIGNhbGw6ICdDYWxscycsXG4gIHRleHQ6ICdUZXh0cycsXG4gIGVtYWlsOiAnRS1tYWlsJyxcbiAgcG9zdDogJ1Bvc3QnLFxufTtcblxuLyoqIFdoYXQgc29tZWJvZHkgc2FpZCBhYm91dCBiZWluZyByZWFjaGVkIGJ5IGEgY2hhbm5lbDsgbm90IGFza2VkIGlzIG5vIGVudHJ5IGF0IGFsbC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgQ29uc2VudCB7XG4gIGFuc3dlcjogJ3llcycgfCAnbm8nO1xuICAvKiogVGhlIGRheSBvZiB0aGUgYW5zd2VyLCAnWVlZWS1NTS1ERCcuICovXG4gIG9uOiBzdHJpbmc7XG4gIC8qKiBXaGVyZSBpdCBjYW1lIGZyb206IFwiYXQgdGhlIGZhaXJcIiwgXCJ3ZWIgZm9ybVwiLiAqL1xuICBjYW1lRnJvbTogc3RyaW5nO1xufVxuZXhwb3J0IHR5cGUgQ29uc2VudHMgPSBQYXJ0aWFsPFJlY29yZDxDaGFubmVsLCBDb25zZW50Pj47XG5cbmV4cG9ydCBjb25zdCBXT1VMRF9SRUZFUiA9IFsneWVzJywgJ3BlcmhhcHMnLCAnbm8nXSBhcyBjb25zdDtcbmV4cG9ydCB0eXBlIFdvdWxkUmVmZXIgPSAodHlwZW9mIFdPVUxEX1JFRkVSKVtudW1iZXJdO1xuXG4vKiogVGV4dCwgbnVtYmVyLCBtb25leSBpbiBtaW5vciB1bml0cywgJ1lZWVktTU0tREQnLCBjaG9pY2UsIG9yIHllcy9uby4gKi9cbmV4cG9ydCBjb25zdCBPV05fVFlQRVMgPSBbJ3RleHQnLCAnbnVtYmVyJywgJ21vbmV5JywgJ2RhdGUnLCAnY2hvaWNlJywgJ2ZsYWcnXSBhcyBjb25zdDtcbmV4cG9ydCB0eXBlIE93blR5cGUgPSAodHlwZW9mIE9XTl9UWVBFUylbbnVtYmVyXTtcbmV4cG9ydCB0eXBlIE93blZhbHVlID0gc3RyaW5nIHwgbnVtYmVyIHwgYm9vbGVhbjtcblxuZXhwb3J0IGludGVyZmFjZSBPd25GaWVsZCB7XG4gIGlkOiBzdHJpbmc7XG4gIG5hbWU6IHN0cmluZztcbiAgdHlwZTogT3duVHlwZTtcbiAgY2hvaWNlczogc3RyaW5nW107XG59XG5cbi8qKiBFdmVyeXRoaW5nIHRoYXQgaXMgb24gcmVjb3JkIGFib3V0IGEgcGVyc29uIGFuZCBlZGl0ZWQgb24gdGhlaXIgc2hlZXQuICovXG5leHBvcnQgaW50ZXJmYWNlIFBlcnNvbkZpZWxkcyB7XG4gIHByZWZpeDogc3RyaW5nO1xuICBnaXZlbk5hbWU6IHN0cmluZztcbiAgbWlkZGxlTmFtZTogc3RyaW5nO1xuICBmYW1pbHlOYW1lOiBzdHJpbmc7XG4gIHN1ZmZpeDogc3RyaW5nO1xuICAvKiogVGhlIG5hbWUgdGhleSBnbyBieSwgd2hlcmUgaXQgaXMgbm90IHRoZSBnaXZlbiBuYW1lLiAqL1xuICBnb2VzQnk6IHN0cmluZztcbiAgY29tcGFueTogc3RyaW5nO1xuICBqb2JUaXRsZTogc3RyaW5nO1xuICBlbWFpbHM6IFJlYWNoW107XG4gIHBob25lczogUmVhY2hbXTtcbiAgYWRkcmVzc2VzOiBBZGRyZXNzW107XG4gIGxpbmtzOiBSZWFjaFtdO1xuICAvKiogJ01NLUREJyBvciAnWVlZWS1NTS1ERCcuICovXG4gIGJpcnRoZGF5OiBzdHJpbmcgfCBudWxsO1xuICBkYXRlczogTmFtZWREYXRlW107XG4gIGludGVyZXN0czogc3RyaW5nW107XG4gIHJvbGVzOiBzdHJpbmdbXTtcbiAgc3RhbmRpbmc6IHN0cmluZztcbiAgc291cmNlOiBzdHJpbmc7XG4gIC8qKiBBIGNoYW5uZWwsIG9yIGVtcHR5LiAqL1xuICBwcmVmZXJyZWQ6IENoYW5uZWwgfCAnJztcbiAgbGFuZ3VhZ2U6IHN0cmluZztcbiAgZmF2b3VyaXRlOiBib29sZWFuO1xuICB3b3VsZFJlZmVyOiBXb3VsZFJlZmVyIHwgbnVsbDtcbiAgLyoqIFRoZSBkYXkgb24gd2hpY2ggdGhlIGFuc3dlciB3YXMgZ2l2ZW4uICovXG4gIHdvdWxkUmVmZXJPbjogc3RyaW5nIHwgbnVsbDtcbiAgLyoqIEJ5IGlkIG9mIHRoZSBmaWVsZC4gKi9cbiAgb3duOiBSZWNvcmQ8c3RyaW5nLCBPd25WYWx1ZT47XG4gIGNvbnNlbnQ6IENvbnNlbnRzO1xufVxuXG5leHBvcnQgY29uc3QgTk9fQUREUkVTUzogQWRkcmVzcyA9IHtcbiAgbGFiZWw6ICcnLFxuICBsaW5lOiAnJyxcbiAgY2l0eTogJycsXG4gIHJlZ2lvbjogJycsXG4gIHBvc3RhbENvZGU6ICcnLFxuICBjb3VudHJ5OiAnJyxcbiAgcGxhY2U6ICcnLFxuICBsYXQ6IG51bGwsXG4gIGxvbjogbnVsbCxcbn07XG5cbmV4cG9ydCBjb25zdCBOT0JPRFk6IFBlcnNvbkZpZWxkcyA9IHtcbiAgcHJlZml4OiAnJyxcbiAgZ2l2ZW5OYW1lOiAnJyxcbiAgbWlkZGxlTmFtZTogJycsXG4gIGZhbWlseU5hbWU6ICcnLFxuICBzdWZmaXg6ICcnLFxuICBnb2VzQnk6ICcnLFxuICBjb21wYW55OiAnJyxcbiAgam9iVGl0bGU6ICcnLFxuICBlbWFpbHM6IFtdLFxuICBwaG9uZXM6IFtdLFxuICBhZGRyZXNzZXM6IFtdLFxuICBsaW5rczogW10sXG4gIGJpcnRoZGF5OiBudWxsLFxuICBkYXRlczogW10sXG4gIGludGVyZXN0czogW10sXG4gIHJvbGVzOiBbXSxcbiAgc3RhbmRpbmc6ICcnLFxuICBzb3VyY2U6ICcnLFxuICBwcmVmZXJyZWQ6ICcnLFxuICBsYW5ndWFnZTogJycsXG4gIGZhdm91cml0ZTogZmFsc2UsXG4gIHdvdWxkUmVmZXI6IG51bGwsXG4gIHdvdWxkUmVmZXJPbjogbnVsbCxcbiAgb3duOiB7fSxcbiAgY29uc2VudDoge30sXG59O1xuXG4vKiogQW4gYWRkcmVzcyBhcyBvbmUgbGluZSwgaXRzIGVtcHR5IHBhcnRzIGxlZnQgb3V0LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGFkZHJlc3NXb3JkcyhhOiBBZGRyZXNzKTogc3RyaW5nIHtcbiAgY29uc3QgZW5kID0gW2EucmVnaW9uLCBhLnBvc3RhbENvZGVdLmZpbHRlcihCb29sZWFuKS5qb2luKCcgJyk7XG4gIHJldHVybiBbYS5saW5lLCBhLmNpdHksIGVuZCwgYS5jb3VudHJ5XS5maWx0ZXIoQm9vbGVhbikuam9pbignLCAnKTtcbn1cblxuLyoqIFdoZXRoZXIgYW4gYWRkcmVzcyBzYXlzIGFueXRoaW5nIGF0IGFsbC4gKi9cbmV4cG9ydCBjb25zdCBpc0FkZHJlc3MgPSAoYTogQWRkcmVzcyk6IGJvb2xlYW4gPT5cbiAgW2EubGluZSwgYS5jaXR5LCBhLnJlZ2lvbiwgYS5wb3N0YWxDb2RlLCBhLmNvdW50cnksIGEucGxhY2VdLnNvbWUoQm9vbGVhbikgfHwgYS5sYXQgIT09IG51bGw7XG5cbi8qKlxuICogV2h5IG5vdGhpbmcgbWF5IGdvIG91dCB0byBzb21lYm9keSBieSBpdHNlbGY7IG51bGwgd2hlbiBpdCBtYXkuIEEgbm8gaXMgbmV2ZXIgb3ZlcnJpZGRlbjsgd2hldGhlclxuICogc29tZWJvZHkgd2hvIHdhcyBub3QgYXNrZWQgbWF5IGJlIHdyaXR0ZW4gdG8gaXMgdGhlIG93bmVyJ3MgY2hvaWNlLlxuICovXG5leHBvcnQgZnVuY3Rpb24gaGVsZEJhY2soXG4gIGNvbnNlbnQ6IENvbnNlbnRzLFxuICBjaGFubmVsOiBDaGFubmVsIHwgbnVsbCxcbiAgbmVlZHNZZXM6IGJvb2xlYW4sXG4pOiBzdHJpbmcgfCBudWxsIHtcbiAgaWYgKGNoYW5uZWwgPT09IG51bGwpIHJldHVybiBudWxsO1xuICBjb25zdCBhbnN3ZXIgPSBjb25zZW50W2NoYW5uZWxdPy5hbnN3ZXI7XG4gIGNvbnN0IHdoYXQgPSBDSEFOTkVMX1dPUkRTW2NoYW5uZWxdLnRvTG93ZXJDYXNlKCk7XG4gIGlmIChhbnN3ZXIgPT09ICdubycpIHJldHVybiBgVGhleSBzYWlkIG5vIHRvICR7d2hhdH0uYDtcbiAgcmV0dXJuIG5lZWRzWWVzICYmIGFuc3dlciAhPT0gJ3llcycgPyBgTm90IGFza2VkIGFib3V0ICR7d2hhdH0geWV0LmAgOiBudWxsO1xufVxuIiwgIi8qKiBUaGUgY29sdW1ucyBvZiBhIGZpbGUgb2YgcGVvcGxlLCBmb3IgaW1wb3J0IGFuZCBleHBvcnQgYWxpa2U6IHdoYXQgZ29lcyBvdXQgdW5kZXIgYSBuYW1lIGNvbWVzIGJhY2sgaW4gYnkgaXQuICovXG5leHBvcnQgY29uc3QgQ09MVU1OUyA9IHtcbiAgbmFtZTogeyBsYWJlbDogJ0Z1bGwgbmFtZScgfSxcbiAgcHJlZml4OiB7IGxhYmVsOiAnVGl0bGUnIH0sXG4gIGdpdmVuTmFtZTogeyBsYWJlbDogJ0ZpcnN0IG5hbWUnIH0sXG4gIG1pZGRsZU5hbWU6IHsgbGFiZWw6ICdNaWRkbGUgbmFtZScgfSxcbiAgZmFtaWx5TmFtZTogeyBsYWJlbDogJ0xhc3QgbmFtZScgfSxcbiAgc3VmZml4OiB7IGxhYmVsOiAnU3VmZml4JyB9LFxuICBnb2VzQnk6IHsgbGFiZWw6ICdHb2VzIGJ5JyB9LFxuICBjb21wYW55OiB7IGxhYmVsOiAnQ29tcGFueScgfSxcbiAgam9iVGl0bGU6IHsgbGFiZWw6ICdXb3JrJyB9LFxuICBlbWFpbDogeyBsYWJlbDogJ0UtbWFpbCcgfSxcbiAgZW1haWxMYWJlbDogeyBsYWJlbDogJ0UtbWFpbCBsYWJlbCcgfSxcbiAgbW9yZUVtYWlsczogeyBsYWJlbDogJ01vcmUgZS1tYWlscycgfSxcbiAgcGhvbmU6IHsgbGFiZWw6ICdQaG9uZScgfSxcbiAgcGhvbmVMYWJlbDogeyBsYWJlbDogJ1Bob25lIGxhYmVsJyB9LFxuICBtb3JlUGhvbmVzOiB7IGxhYmVsOiAnTW9yZSBwaG9uZXMnIH0sXG4gIGFkZHJlc3NMaW5lOiB7IGxhYmVsOiAnU3RyZWV0IGFuZCBudW1iZXInIH0sXG4gIGNpdHk6IHsgbGFiZWw6ICdDaXR5JyB9LFxuICByZWdpb246IHsgbGFiZWw6ICdTdGF0ZScgfSxcbiAgcG9zdGFsQ29kZTogeyBsYWJlbDogJ1Bvc3RhbCBjb2RlJyB9LFxuICBjb3VudHJ5OiB7IGxhYmVsOiAnQ291bnRyeScgfSxcbiAgcGxhY2U6IHsgbGFiZWw6ICdOZWlnaGJvcmhvb2QnIH0sXG4gIGFkZHJlc3NMYWJlbDogeyBsYWJlbDogJ0FkZHJlc3MgbGFiZWwnIH0sXG4gIGxhdDogeyBsYWJlbDogJ0xhdGl0dWRlJyB9LFxuICBsb246IHsgbGFiZWw6ICdMb25naXR1ZGUnIH0sXG4gIG1vcmVBZGRyZXNzZXM6IHsgbGFiZWw6ICdNb3JlIGFkZHJlc3NlcycgfSxcbiAgbGluazogeyBsYWJlbDogJ1dlYiBhbmQgc29jaWFsJyB9LFxuICBiaXJ0aGRheTogeyBsYWJlbDogJ0JpcnRoZGF5JyB9LFxuICB3ZWRkaW5nOiB7IGxhYmVsOiAnV2VkZGluZyBkYXknIH0sXG4gIGRhdGVzOiB7IGxhYmVsOiAnT3RoZXIgZGF0ZXMnIH0sXG4gIGludGVyZXN0czogeyBsYWJlbDogJ0ludGVyZXN0cycgfSxcbiAgcm9sZXM6IHsgbGFiZWw6ICdSb2xlcycgfSxcbiAgc3RhbmRpbmc6IHsgbGFiZWw6ICdTdGFuZGluZycgfSxcbiAgc291cmNlOiB7IGxhYmVsOiAnQ2FtZSBmcm9tJyB9LFxuICBjaXJjbGU6IHsgbGFiZWw6ICdDaXJjbGUnIH0sXG4gIHByb21pc2U6IHsgbGFiZWw6ICdQcm9taXNlIGluIGRheXMnIH0sXG4gIHRhZ3M6IHsgbGFiZWw6ICdUYWdzJyB9LFxuICBwcmVmZXJyZWQ6IHsgbGFiZWw6ICdMaWtlcyB0byBiZSByZWFjaGVkIGJ5JyB9LFxuICBsYW5ndWFnZTogeyBsYWJlbDogJ0xhbmd1YWdlJyB9LFxuICBmYXZvdXJpdGU6IHsgbGFiZWw6ICdLZXB0IGF0IGhhbmQnIH0sXG4gIHdvdWxkUmVmZXI6IHsgbGFiZWw6ICdXb3VsZCByZWZlciBtZScgfSxcbiAgY29uc2VudDogeyBsYWJlbDogJ0NvbnNlbnQnIH0sXG4gIG5vdGU6IHsgbGFiZWw6ICdMYXN0IG5vdGUnIH0sXG4gIG5vdGVzOiB7IGxhYmVsOiAnTm90ZXMnIH0sXG4gIGxhc3RUb3VjaDogeyBsYWJlbDogJ0xhc3QgdG91Y2gnIH0sXG4gIHRvdWNoZXM6IHsgbGFiZWw6ICdBbGwgdG91Y2hlcycgfSxcbiAgdGllczogeyBsYWJlbDogJ1RpZXMnIH0sXG4gIHdvcms6IHsgbGFiZWw6ICdDb21wbGV0ZWQgYW5kIHJ1bm5pbmcgd29yaycgfSxcbn0gYXMgY29uc3Qgc2F0aXNmaWVzIFJlY29yZDxzdHJpbmcsIHsgbGFiZWw6IHN0cmluZyB9PjtcblxuZXhwb3J0IHR5cGUgQ29sdW1uS2V5ID0ga2V5b2YgdHlwZW9mIENPTFVNTlM7XG5leHBvcnQgY29uc3QgQ09MVU1OX0tFWVMgPSBPYmplY3Qua2V5cyhDT0xVTU5TKSBhcyBDb2x1bW5LZXlbXTtcblxuLyoqIFdoYXQgb25seSBjb21lcyBpbjogaXQgYmVjb21lcyBhIHRpZSwgd29yayBkb25lLCBhIG5vdGUsIG9yIGEgZmllbGQgb2YgdGhlIG93bmVyJ3MuICovXG5leHBvcnQgY29uc3QgSU5DT01JTkcgPSB7XG4gIGFkZHJlc3NMaW5lMjogeyBsYWJlbDogJ1NlY29uZCBsaW5lIG9mIHRoZSBhZGRyZXNzJyB9LFxuICBuYW1lZERhdGU6IHsgbGFiZWw6ICdBIGRhdGUsIHVuZGVyIHRoZSBoZWFkaW5nJyB9LFxuICBjaGlsZHJlbjogeyBsYWJlbDogJ0NoaWxkcmVuJyB9LFxuICBjaGlsZEJpcnRoZGF5OiB7IGxhYmVsOiAnQ2hpbGRcdTIwMTlzIGJpcnRoZGF5JyB9LFxuICBwZXRzOiB7IGxhYmVsOiAnUGV0cycgfSxcbiAgcGFydG5lck5hbWU6IHsgbGFiZWw6ICdQYXJ0bmVyXHUyMDE5cyBuYW1lJyB9LFxuICBwYXJ0bmVyR2l2ZW5OYW1lOiB7IGxhYmVsOiAnUGFydG5lclx1MjAxOXMgZmlyc3QgbmFtZScgfSxcbiAgcGFydG5lckZhbWlseU5hbWU6IHsgbGFiZWw6ICdQYXJ0bmVyXHUyMDE5cyBsYXN0IG5hbWUnIH0sXG4gIHBhcnRuZXJFbWFpbDogeyBsYWJlbDogJ1BhcnRuZXJcdTIwMTlzIGUtbWFpbCcgfSxcbiAgcGFydG5lclBob25lOiB7IGxhYmVsOiAnUGFydG5lclx1MjAxOXMgcGhvbmUnIH0sXG4gIHBhcnRuZXJCaXJ0aGRheTogeyBsYWJlbDogJ1BhcnRuZXJcdTIwMTlzIGJpcnRoZGF5JyB9LFxuICByZWZlcnJlZEJ5OiB7IGxhYmVsOiAnUmVmZXJyZWQgYnknIH0sXG4gIHdvcmtEb25lOiB7IGxhYmVsOiAnRGF5IG9mIHdvcmsgZG9uZScgfSxcbiAgYXNpZGU6IHsgbGFiZWw6ICdBIG5vdGUsIHVuZGVyIHRoZSBoZWFkaW5nJyB9LFxuICBuZXdGaWVsZDogeyBsYWJlbDogJ0EgbmV3IGZpZWxkIG9mIHlvdXIgb3duJyB9LFxufSBhcyBjb25zdDtcblxuZXhwb3J0IHR5cGUgSW5jb21pbmdLZXkgPSBrZXlvZiB0eXBlb2YgSU5DT01JTkc7XG5leHBvcnQgY29uc3QgSU5DT01JTkdfS0VZUyA9IE9iamVjdC5rZXlzKElOQ09NSU5HKSBhcyBJbmNvbWluZ0tleVtdO1xuXG4vKiogV2hhdCBhIGNvbHVtbiBvZiBhIGZpbGUgY2FuIGZpbGw6IGEgcGFydCBvZiBhIHBlcnNvbiwgb3IgJ293bjonIHdpdGggdGhlIGlkIG9mIGFuIG93biBmaWVsZC4gKi9cbmV4cG9ydCB0eXBlIEltcG9ydFRhcmdldCA9IENvbHVtbktleSB8IEluY29taW5nS2V5IHwgYG93bjoke3N0cmluZ31gO1xuXG4vKiogSG93IG9uZSBjb2x1bW4gaXMgdXNlZDogd2hhdCBpdCBmaWxscyBhbmQsIGFmdGVyIGFuIEAsIHdoaWNoIG9mIHNldmVyYWwgKCdwaG9uZUBob21lJykgb3IgaW4gd2hpY2ggb3JkZXIgaXRzIGRheXMgYXJlIHdyaXR0ZW4gKCdiaXJ0aGRheUBkbXknKS4gKi9cbmV4cG9ydCB0eXBlIENvbHVtblVzZSA9IEltcG9ydFRhcmdldCB8IGAke0ltcG9ydFRhcmdldH1AJHtzdHJpbmd9YDtcblxuLyoqIFRoZSB0d28gcGFydHMgb2YgYSB1c2UuICovXG5leHBvcnQgZnVuY3Rpb24gcGFydHNPZlVzZSh1c2U6IENvbHVtblVzZSk6IHsgdG86IEltcG9ydFRhcmdldDsgd2hpY2g6IHN0cmluZyB9IHtcbiAgY29uc3QgYXQgPSB1c2UuaW5kZXhPZignQCcpO1xuICByZXR1cm4gYXQgPCAwXG4gICAgPyB7IHRvOiB1c2UgYXMgSW1wb3J0VGFyZ2V0LCB3aGljaDogJycgfVxuICAgIDogeyB0bzogdXNlLnNsaWNlKDAsIGF0KSBhcyBJbXBvcnRUYXJnZXQsIHdoaWNoOiB1c2Uuc2xpY2UoYXQgKyAxKSB9O1xufVxuXG5leHBvcnQgY29uc3QgYXNVc2UgPSAodG86IEltcG9ydFRhcmdldCwgd2hpY2ggPSAnJyk6IENvbHVtblVzZSA9PiAod2hpY2ggPyBgJHt0b31AJHt3aGljaH1gIDogdG8pO1xuXG4vKiogV2hhdCBhIHVzZSBpcyBjYWxsZWQ6IFwiUGhvbmUgKGhvbWUpXCIuICovXG5leHBvcnQgY29uc3Qgd29yZHNPZlVzZSA9ICh0bzogQ29sdW1uS2V5IHwgSW5jb21pbmdLZXksIHdoaWNoID0gJycpOiBzdHJpbmcgPT4ge1xuICBjb25zdCB7IGxhYmVsIH0gPSB0byBpbiBDT0xVTU5TID8gQ09MVU1OU1t0byBhcyBDb2x1bW5LZXldIDogSU5DT01JTkdbdG8gYXMgSW5jb21pbmdLZXldO1xuICByZXR1cm4gd2hpY2ggPyBgJHtsYWJlbH0gKCR7d2hpY2h9KWAgOiBsYWJlbDtcbn07XG4iLCAiLyoqIEhvdyBhIHRpZSBpcyBrZXB0OyAnY2hpbGQnIHJlYWRzIGZyb20gcGFyZW50IHRvIGNoaWxkLCAncmVmZXJyZWRfYnknIGZyb20gd2hvIGNhbWUgdG8gd2hvIHNlbnQuICovXG5leHBvcnQgY29uc3QgVElFX0tJTkRTID0gW1xuICAncGFydG5lcicsXG4gICdjaGlsZCcsXG4gICdzaWJsaW5nJyxcbiAgJ2ZyaWVuZCcsXG4gICdjb2xsZWFndWUnLFxuICAncGV0JyxcbiAgJ3JlZmVycmVkX2J5Jyxcbl0gYXMgY29uc3Q7XG5leHBvcnQgdHlwZSBUaWVLaW5kID0gKHR5cGVvZiBUSUVfS0lORFMpW251bWJlcl07XG4vKiogSG93IGl0IGlzIHNlZW46IGFsc28gZnJvbSB0aGUgb3RoZXIgc2lkZS4gKi9cbmV4cG9ydCB0eXBlIFRpZVNlZW4gPSBUaWVLaW5kIHwgJ3BhcmVudCcgfCAncmVmZXJyZWQnO1xuXG5leHBvcnQgY29uc3QgVElFX1dPUkRTOiBSZWNvcmQ8VGllU2Vlbiwgc3RyaW5nPiA9IHtcbiAgcGFydG5lcjogJ1BhcnRuZXInLFxuICBjaGlsZDogJ0NoaWxkJyxcbiAgcGFyZW50OiAnUGFyZW50JyxcbiAgc2libGluZzogJ1NpYmxpbmcnLFxuICBmcmllbmQ6ICdGcmllbmQnLFxuICBjb2xsZWFndWU6ICdDb2xsZWFndWUnLFxuICBwZXQ6ICdQZXQnLFxuICByZWZlcnJlZF9ieTogJ1NlbnQgYnknLFxuICByZWZlcnJlZDogJ1NlbnQnLFxufTtcblxuLyoqIEEgdGllIGFzIHRoZSBvbmUgb24gaXRzIG90aGVyIHNpZGUgc2VlcyBpdC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBvdGhlclNpZGUoa2luZDogVGllU2Vlbik6IFRpZVNlZW4ge1xuICBpZiAoa2luZCA9PT0gJ2NoaWxkJykgcmV0dXJuICdwYXJlbnQnO1xuICBpZiAoa2luZCA9PT0gJ3BhcmVudCcpIHJldHVybiAnY2hpbGQnO1xuICBpZiAoa2luZCA9PT0gJ3JlZmVycmVkX2J5JykgcmV0dXJuICdyZWZlcnJlZCc7XG4gIHJldHVybiBraW5kID09PSAncmVmZXJyZWQnID8gJ3JlZmVycmVkX2J5JyA6IGtpbmQ7XG59XG5cbi8qKiBUaWVzIGJldHdlZW4gcGVvcGxlIG9mIG9uZSBraW5kIHRoYXQgaGFzIGEgZGlyZWN0aW9uLCBmcm9tIGBmcm9tYCB0byBgdG9gLiAqL1xuZXhwb3J0IGludGVyZmFjZSBEaXJlY3RlZCB7XG4gIGZyb206IHN0cmluZztcbiAgdG86IHN0cmluZztcbn1cblxuLyoqIFdoZXRoZXIgYGZyb21gIFx1MjE5MiBgdG9gIHdvdWxkIGNsb3NlIGEgY2lyY2xlOiBzb21lYm9keSB0aGVpciBvd24gYW5jZXN0b3IsIG9yIHNlbnQgYnkgd2hvbSB0aGV5IHNlbnQuICovXG5leHBvcnQgZnVuY3Rpb24gY2xvc2VzQ2lyY2xlKHRpZXM6IHJlYWRvbmx5IERpcmVjdGVkW10sIGZyb206IHN0cmluZywgdG86IHN0cmluZyk6IGJvb2xlYW4ge1xuICBjb25zdCBuZXh0ID0gbmV3IE1hcDxzdHJpbmcsIHN0cmluZ1tdPigpO1xuICBmb3IgKGNvbnN0IHRpZSBvZiB0aWVzKSBuZXh0LnNldCh0aWUuZnJvbSwgWy4uLihuZXh0LmdldCh0aWUuZnJvbSkgPz8gW10pLCB0aWUudG9dKTtcbiAgY29uc3Qgb3BlbiA9IFt0b107XG4gIGNvbnN0IHNlZW4gPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgd2hpbGUgKG9wZW4ubGVuZ3RoID4gMCkge1xuICAgIGNvbnN0IGF0ID0gb3Blbi5wb3AoKSE7XG4gICAgaWYgKGF0ID09PSBmcm9tKSByZXR1cm4gdHJ1ZTtcbiAgICBpZiAoc2Vlbi5oYXMoYXQpKSBjb250aW51ZTtcbiAgICBzZWVuLmFkZChhdCk7XG4gICAgb3Blbi5wdXNoKC4uLihuZXh0LmdldChhdCkgPz8gW10pKTtcbiAgfVxuICByZXR1cm4gZmFsc2U7XG59XG4iLCAiY29uc3QgSE9VUl9NUyA9IDNfNjAwXzAwMDtcbmNvbnN0IERBWV9NUyA9IDI0ICogSE9VUl9NUztcblxuLyoqIFNvIGZhciBiZWhpbmQgd2hhdCB3YXMgc2VlbiBiZWZvcmUgYSBjbG9jayBtYXkgYmU6IGl0IHdhcyBzZXQgcmlnaHQgYSBsaXR0bGUuICovXG5jb25zdCBCQUNLX01TID0gSE9VUl9NUztcbi8qKiBTbyBmYXIgYWhlYWQgb2YgaXQ6IFBlbiBQYWwgZGlkIG5vdCBydW4gZm9yIGEgd2hpbGUsIG9yIHRoZSBjbG9jayBqdW1wZWQ7IHdoaWNoLCBub2JvZHkgY2FuIHRlbGwuICovXG5jb25zdCBBSEVBRF9NUyA9IDEwICogREFZX01TO1xuXG4vKiogV2hldGhlciBhIGNsb2NrIChtaWxsaXNlY29uZHMgc2luY2UgMTk3MCkgY2FuIGJlIHRydXN0ZWQsIGdpdmVuIHdoYXQgaXQgc2FpZCB3aGVuIGl0IHdhcyBsYXN0IGxvb2tlZCBhdC4gKi9cbmV4cG9ydCBjb25zdCBjbG9ja0RvdWJ0ID0gKHNlZW5NczogbnVtYmVyIHwgbnVsbCwgbm93TXM6IG51bWJlcik6ICdiYWNrJyB8ICdhaGVhZCcgfCBudWxsID0+IHtcbiAgaWYgKHNlZW5NcyA9PT0gbnVsbCkgcmV0dXJuIG51bGw7XG4gIGlmIChub3dNcyA8IHNlZW5NcyAtIEJBQ0tfTVMpIHJldHVybiAnYmFjayc7XG4gIHJldHVybiBub3dNcyA+IHNlZW5NcyArIEFIRUFEX01TID8gJ2FoZWFkJyA6IG51bGw7XG59O1xuXG4vKiogRm9yIHNvIGxvbmcgYWZ0ZXIgYSBkb3VidCBub3RoaW5nIGlzIGVyYXNlZCBvciBmb3Jnb3R0ZW4gZm9yIGhhdmluZyBiZWNvbWUgb2xkLiAqL1xuZXhwb3J0IGNvbnN0IEhFTERfQUZURVJfRE9VQlRfTVMgPSBEQVlfTVM7XG4iLCAiLyoqXG4gKiBDYWxlbmRhciBkYXlzLiBBIGBQbGFpbkRhdGVgIGlzIGEgZGF5IG9uIHRoZSB3YWxsIGNhbGVuZGFyIHdpdGggbm8gem9uZSAoJ1lZWVktTU0tREQnLCBwcm9sZXB0aWNcbiAqIEdyZWdvcmlhbikuIEluc2lkZSBjb21wdXRhdGlvbnMgYSBkYXkgaXMgYSBgRGF5TnVtYmVyYDogd2hvbGUgZGF5cyBzaW5jZSAxOTcwLTAxLTAxLCBzbyB0aGF0XG4gKiBkaXN0YW5jZXMgYXJlIHN1YnRyYWN0aW9ucyBhbmQgcGxhbnMgb3ZlciB5ZWFycyBzdGF5IGZhc3QuXG4gKi9cbmV4cG9ydCB0eXBlIFBsYWluRGF0ZSA9IHN0cmluZyAmIHsgcmVhZG9ubHkgX19icmFuZDogJ1BsYWluRGF0ZScgfTtcbmV4cG9ydCB0eXBlIERheU51bWJlciA9IG51bWJlcjtcblxuY29uc3QgUEFUVEVSTiA9IC9eKFxcZHs0fSktKFxcZHsyfSktKFxcZHsyfSkkLztcblxuZXhwb3J0IGludGVyZmFjZSBDYWxlbmRhclBhcnRzIHtcbiAgeWVhcjogbnVtYmVyO1xuICAvKiogMSB0byAxMiAqL1xuICBtb250aDogbnVtYmVyO1xuICAvKiogMSB0byAzMSAqL1xuICBkYXk6IG51bWJlcjtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGlzTGVhcFllYXIoeWVhcjogbnVtYmVyKTogYm9vbGVhbiB7XG4gIHJldHVybiB5ZWFyICUgNCA9PT0gMCAmJiAoeWVhciAlIDEwMCAhPT0gMCB8fCB5ZWFyICUgNDAwID09PSAwKTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGRheXNJbk1vbnRoKHllYXI6IG51bWJlciwgbW9udGg6IG51bWJlcik6IG51bWJlciB7XG4gIGlmIChtb250aCA9PT0gMikgcmV0dXJuIGlzTGVhcFllYXIoeWVhcikgPyAyOSA6IDI4O1xuICByZXR1cm4gbW9udGggPT09IDQgfHwgbW9udGggPT09IDYgfHwgbW9udGggPT09IDkgfHwgbW9udGggPT09IDExID8gMzAgOiAzMTtcbn1cblxuLyoqIFRydWUgZm9yICdZWVlZLU1NLUREJyBzdHJpbmdzIHRoYXQgbmFtZSBhIGRheSB0aGF0IGV4aXN0cy4gQGV4YW1wbGUgaXNQbGFpbkRhdGUoJzIwMjUtMDItMjknKSAvLyBmYWxzZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIGlzUGxhaW5EYXRlKHRleHQ6IHN0cmluZyk6IHRleHQgaXMgUGxhaW5EYXRlIHtcbiAgY29uc3QgbWF0Y2ggPSBQQVRURVJOLmV4ZWModGV4dCk7XG4gIGlmICghbWF0Y2gpIHJldHVybiBmYWxzZTtcbiAgY29uc3QgW3llYXIsIG1vbnRoLCBkYXldID0gW051bWJlcihtYXRjaFsxXSksIE51bWJlcihtYXRjaFsyXSksIE51bWJlcihtYXRjaFszXSldO1xuICByZXR1cm4geWVhciA+PSAxICYmIG1vbnRoID49IDEgJiYgbW9udGggPD0gMTIgJiYgZGF5ID49IDEgJiYgZGF5IDw9IGRheXNJbk1vbnRoKHllYXIsIG1vbnRoKTtcbn1cblxuLyoqIFRoZSBzYW1lIHRleHQgYXMgYSBgUGxhaW5EYXRlYDsgdGhyb3dzIGEgUmFuZ2VFcnJvciB0aGF0IG5hbWVzIHRoZSB0ZXh0IGlmIHRoZXJlIGlzIG5vIHN1Y2ggZGF5LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBsYWluRGF0ZSh0ZXh0OiBzdHJpbmcpOiBQbGFpbkRhdGUge1xuICBpZiAoIWlzUGxhaW5EYXRlKHRleHQpKSB0aHJvdyBuZXcgUmFuZ2VFcnJvcihgXCIke3RleHR9XCIgaXMgbm90IGEgY2FsZW5kYXIgZGF5IChZWVlZLU1NLUREKWApO1xuICByZXR1cm4gdGV4dDtcbn1cblxuLyoqIERheXMgc2luY2UgMTk3MC0wMS0wMSwgYnkgY291bnRpbmcgeWVhcnMgZnJvbSBNYXJjaCBzbyB0aGF0IHRoZSBsZWFwIGRheSBjb21lcyBsYXN0LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRheU51bWJlck9mKHsgeWVhciwgbW9udGgsIGRheSB9OiBDYWxlbmRhclBhcnRzKTogRGF5TnVtYmVyIHtcbiAgY29uc3QgeSA9IG1vbnRoIDw9IDIgPyB5ZWFyIC0gMSA6IHllYXI7XG4gIGNvbnN0IGVyYSA9IE1hdGguZmxvb3IoeSAvIDQwMCk7XG4gIGNvbnN0IHllYXJPZkVyYSA9IHkgLSBlcmEgKiA0MDA7XG4gIGNvbnN0IGRheU9mWWVhciA9IE1hdGguZmxvb3IoKDE1MyAqIChtb250aCArIChtb250aCA+IDIgPyAtMyA6IDkpKSArIDIpIC8gNSkgKyBkYXkgLSAxO1xuICBjb25zdCBkYXlPZkVyYSA9XG4gICAgeWVhck9mRXJhICogMzY1ICsgTWF0aC5mbG9vcih5ZWFyT2ZFcmEgLyA0KSAtIE1hdGguZmxvb3IoeWVhck9mRXJhIC8gMTAwKSArIGRheU9mWWVhcjtcbiAgcmV0dXJuIGVyYSAqIDE0Nl8wOTcgKyBkYXlPZkVyYSAtIDcxOV80Njg7XG59XG5cbi8qKiBUaGUgaW52ZXJzZSBvZiB7QGxpbmsgZGF5TnVtYmVyT2Z9LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBhcnRzT2YoZGF5OiBEYXlOdW1iZXIpOiBDYWxlbmRhclBhcnRzIHtcbiAgY29uc3QgeiA9IGRheSArIDcxOV80Njg7XG4gIGNvbnN0IGVyYSA9IE1hdGguZmxvb3IoeiAvIDE0Nl8wOTcpO1xuICBjb25zdCBkYXlPZkVyYSA9IHogLSBlcmEgKiAxNDZfMDk3O1xuICBjb25zdCB5ZWFyT2ZFcmEgPSBNYXRoLmZsb29yKFxuICAgIChkYXlPZkVyYSAtXG4gICAgICBNYXRoLmZsb29yKGRheU9mRXJhIC8gMV80NjApICtcbiAgICAgIE1hdGguZmxvb3IoZGF5T2ZFcmEgLyAzNl81MjQpIC1cbiAgICAgIE1hdGguZmxvb3IoZGF5T2ZFcmEgLyAxNDZfMDk2KSkgL1xuICAgICAgMzY1LFxuICApO1xuICBjb25zdCBkYXlPZlllYXIgPVxuICAgIGRheU9mRXJhIC0gKDM2NSAqIHllYXJPZkVyYSArIE1hdGguZmxvb3IoeWVhck9mRXJhIC8gNCkgLSBNYXRoLmZsb29yKHllYXJPZkVyYSAvIDEwMCkpO1xuICBjb25zdCBzaGlmdGVkID0gTWF0aC5mbG9vcigoNSAqIGRheU9mWWVhciArIDIpIC8gMTUzKTtcbiAgY29uc3QgbW9udGggPSBzaGlmdGVkIDwgMTAgPyBzaGlmdGVkICsgMyA6IHNoaWZ0ZWQgLSA5O1xuICByZXR1cm4ge1xuICAgIHllYXI6IHllYXJPZkVyYSArIGVyYSAqIDQwMCArIChtb250aCA8PSAyID8gMSA6IDApLFxuICAgIG1vbnRoLFxuICAgIGRheTogZGF5T2ZZZWFyIC0gTWF0aC5mbG9vcigoMTUzICogc2hpZnRlZCArIDIpIC8gNSkgKyAxLFxuICB9O1xufVxuXG5jb25zdCBwYWQgPSAobjogbnVtYmVyLCB3aWR0aDogbnVtYmVyKSA9PiBTdHJpbmcobikucGFkU3RhcnQod2lkdGgsICcwJyk7XG5cbmV4cG9ydCBmdW5jdGlvbiB0b0RheU51bWJlcihkYXRlOiBQbGFpbkRhdGUpOiBEYXlOdW1iZXIge1xuICByZXR1cm4gZGF5TnVtYmVyT2Yoe1xuICAgIHllYXI6IE51bWJlcihkYXRlLnNsaWNlKDAsIDQpKSxcbiAgICBtb250aDogTnVtYmVyKGRhdGUuc2xpY2UoNSwgNykpLFxuICAgIGRheTogTnVtYmVyKGRhdGUuc2xpY2UoOCwgMTApKSxcbiAgfSk7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiB0b1BsYWluRGF0ZShkYXk6IERheU51bWJlcik6IFBsYWluRGF0ZSB7XG4gIGNvbnN0IHsgeWVhciwgbW9udGgsIGRheTogZGF5T2ZNb250aCB9ID0gcGFydHNPZihkYXkpO1xuICByZXR1cm4gYCR7cGFkKHllYXIsIDQpfS0ke3BhZChtb250aCwgMil9LSR7cGFkKGRheU9mTW9udGgsIDIpfWAgYXMgUGxhaW5EYXRlO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gYWRkRGF5cyhkYXRlOiBQbGFpbkRhdGUsIGRheXM6IG51bWJlcik6IFBsYWluRGF0ZSB7XG4gIHJldHVybiB0b1BsYWluRGF0ZSh0b0RheU51bWJlcihkYXRlKSArIGRheXMpO1xufVxuXG4vKiogV2hvbGUgZGF5cyBmcm9tIGBmcm9tYCB0byBgdG9gOyBuZWdhdGl2ZSB3aGVuIGB0b2AgaXMgZWFybGllci4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkYXlzQmV0d2Vlbihmcm9tOiBQbGFpbkRhdGUsIHRvOiBQbGFpbkRhdGUpOiBudW1iZXIge1xuICByZXR1cm4gdG9EYXlOdW1iZXIodG8pIC0gdG9EYXlOdW1iZXIoZnJvbSk7XG59XG5cbi8qKlxuICogQWRkcyBjYWxlbmRhciBtb250aHM7IHRoZSBkYXkgc3RheXMgd2hlcmUgaXQgZXhpc3RzLCBlbHNlIGl0IGJlY29tZXMgdGhlIG1vbnRoJ3MgbGFzdCBkYXkuXG4gKiBTdGVwIGZyb20gdGhlIGFuY2hvciwgbmV2ZXIgZnJvbSBhbiBlYXJsaWVyIHJlc3VsdCwgYmVjYXVzZSBjbGFtcGluZyBmb3JnZXRzLlxuICogQGV4YW1wbGUgYWRkTW9udGhzKHBsYWluRGF0ZSgnMjAyNS0wMS0zMScpLCAxKSAvLyAnMjAyNS0wMi0yOCdcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGFkZE1vbnRocyhkYXRlOiBQbGFpbkRhdGUsIG1vbnRoczogbnVtYmVyKTogUGxhaW5EYXRlIHtcbiAgY29uc3QgeyB5ZWFyLCBtb250aCwgZGF5IH0gPSBwYXJ0c09mKHRvRGF5TnVtYmVyKGRhdGUpKTtcbiAgY29uc3QgaW5kZXggPSB5ZWFyICogMTIgKyAobW9udGggLSAxKSArIG1vbnRocztcbiAgY29uc3QgW25ld1llYXIsIG5ld01vbnRoXSA9IFtNYXRoLmZsb29yKGluZGV4IC8gMTIpLCAoKChpbmRleCAlIDEyKSArIDEyKSAlIDEyKSArIDFdO1xuICByZXR1cm4gdG9QbGFpbkRhdGUoXG4gICAgZGF5TnVtYmVyT2Yoe1xuICAgICAgeWVhcjogbmV3WWVhcixcbiAgICAgIG1vbnRoOiBuZXdNb250aCxcbiAgICAgIGRheTogTWF0aC5taW4oZGF5LCBkYXlzSW5Nb250aChuZXdZZWFyLCBuZXdNb250aCkpLFxuICAgIH0pLFxuICApO1xufVxuXG4vKiogV2hlcmUgYSAyOSBGZWJydWFyeSBmYWxscyBpbiBhIGNvbW1vbiB5ZWFyLiAqL1xuZXhwb3J0IHR5cGUgTGVhcERheVJ1bGUgPSAnZmViMjgnIHwgJ21hcjEnO1xuXG4vKipcbiAqIFRoZSBkYXkgb24gd2hpY2ggYSB5ZWFybHkgZGF0ZSBmYWxscyBpbiBgeWVhcmAuXG4gKiBAZXhhbXBsZSB5ZWFybHlPbih7IG1vbnRoOiAyLCBkYXk6IDI5IH0sIDIwMjUsICdmZWIyOCcpIC8vIDIwMjUtMDItMjhcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHllYXJseU9uKFxuICBkYXRlOiB7IG1vbnRoOiBudW1iZXI7IGRheTogbnVtYmVyIH0sXG4gIHllYXI6IG51bWJlcixcbiAgbGVhcERheTogTGVhcERheVJ1bGUgPSAnZmViMjgnLFxuKTogUGxhaW5EYXRlIHtcbiAgaWYgKGRhdGUubW9udGggPT09IDIgJiYgZGF0ZS5kYXkgPT09IDI5ICYmICFpc0xlYXBZZWFyKHllYXIpKSB7XG4gICAgcmV0dXJuIHBsYWluRGF0ZShsZWFwRGF5ID09PSAnZmViMjgnID8gYCR7cGFkKHllYXIsIDQpfS0wMi0yOGAgOiBgJHtwYWQoeWVhciwgNCl9LTAzLTAxYCk7XG4gIH1cbiAgcmV0dXJuIHRvUGxhaW5EYXRlKGRheU51bWJlck9mKHsgeWVhciwgLi4uZGF0ZSB9KSk7XG59XG5cbi8qKiBJU08gODYwMSB3ZWVrZGF5OiBNb25kYXkgMSBcdTIwMjYgU3VuZGF5IDcuICovXG5leHBvcnQgdHlwZSBJc29XZWVrZGF5ID0gMSB8IDIgfCAzIHwgNCB8IDUgfCA2IHwgNztcblxuZXhwb3J0IGZ1bmN0aW9uIHdlZWtkYXlPZihkYXk6IERheU51bWJlcik6IElzb1dlZWtkYXkge1xuICAvLyAxOTcwLTAxLTAxIHdhcyBhIFRodXJzZGF5ICg0KS5cbiAgcmV0dXJuICgoKCgoZGF5ICsgMykgJSA3KSArIDcpICUgNykgKyAxKSBhcyBJc29XZWVrZGF5O1xufVxuXG4vKiogVGhlIE1vbmRheSBvbiBvciBiZWZvcmUgYGRheWAuICovXG5leHBvcnQgZnVuY3Rpb24gd2Vla1N0YXJ0KGRheTogRGF5TnVtYmVyKTogRGF5TnVtYmVyIHtcbiAgcmV0dXJuIGRheSAtICh3ZWVrZGF5T2YoZGF5KSAtIDEpO1xufVxuIiwgImltcG9ydCB7IHBhcnRzT2YsIHRvRGF5TnVtYmVyLCB3ZWVrZGF5T2YsIHdlZWtTdGFydCwgdHlwZSBQbGFpbkRhdGUgfSBmcm9tICcuL2RheSc7XG5cbmNvbnN0IFdFRUtEQVlTID0gW1xuICAnTW9uZGF5JyxcbiAgJ1R1ZXNkYXknLFxuICAnV2VkbmVzZGF5JyxcbiAgJ1RodXJzZGF5JyxcbiAgJ0ZyaWRheScsXG4gICdTYXR1cmRheScsXG4gICdTdW5kYXknLFxuXSBhcyBjb25zdDtcbmNvbnN0IE1PTlRIUyA9IFtcbiAgJ0phbnVhcnknLFxuICAnRmVicnVhcnknLFxuICAnTWFyY2gnLFxuICAnQXByaWwnLFxuICAnTWF5JyxcbiAgJ0p1bmUnLFxuICAnSnVseScsXG4gICdBdWd1c3QnLFxuICAnU2VwdGVtYmVyJyxcbiAgJ09jdG9iZXInLFxuICAnTm92ZW1iZXInLFxuICAnRGVjZW1iZXInLFxuXSBhcyBjb25zdDtcblxuZXhwb3J0IGNvbnN0IHdlZWtkYXlOYW1lID0gKGRhdGU6IFBsYWluRGF0ZSk6IHN0cmluZyA9PiBXRUVLREFZU1t3ZWVrZGF5T2YodG9EYXlOdW1iZXIoZGF0ZSkpIC0gMV0hO1xuZXhwb3J0IGNvbnN0IG1vbnRoTmFtZSA9IChtb250aDogbnVtYmVyKTogc3RyaW5nID0+IE1PTlRIU1ttb250aCAtIDFdITtcblxuLyoqIFwiTm92ZW1iZXIgMjNcIiwgd2l0aCB0aGUgeWVhciB3aGVuIGl0IGlzIG5vdCB0aGUgeWVhciBvZiBgdG9kYXlgLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGxvbmdEYXRlKGRhdGU6IFBsYWluRGF0ZSwgdG9kYXk6IFBsYWluRGF0ZSk6IHN0cmluZyB7XG4gIGNvbnN0IHsgeWVhciwgbW9udGgsIGRheSB9ID0gcGFydHNPZih0b0RheU51bWJlcihkYXRlKSk7XG4gIGNvbnN0IHRleHQgPSBgJHttb250aE5hbWUobW9udGgpfSAke2RheX1gO1xuICByZXR1cm4geWVhciA9PT0gTnVtYmVyKHRvZGF5LnNsaWNlKDAsIDQpKSA/IHRleHQgOiBgJHt0ZXh0fSwgJHt5ZWFyfWA7XG59XG5cbi8qKiBcIk5vdiAyM1wiLCB3aXRoIHRoZSB5ZWFyIHdoZW4gaXQgaXMgbm90IHRoZSB5ZWFyIG9mIGB0b2RheWAuICovXG5leHBvcnQgZnVuY3Rpb24gc2hvcnREYXRlKGRhdGU6IFBsYWluRGF0ZSwgdG9kYXk6IFBsYWluRGF0ZSk6IHN0cmluZyB7XG4gIGNvbnN0IHsgeWVhciwgbW9udGgsIGRheSB9ID0gcGFydHNPZih0b0RheU51bWJlcihkYXRlKSk7XG4gIGNvbnN0IHRleHQgPSBgJHttb250aE5hbWUobW9udGgpLnNsaWNlKDAsIDMpfSAke2RheX1gO1xuICByZXR1cm4geWVhciA9PT0gTnVtYmVyKHRvZGF5LnNsaWNlKDAsIDQpKSA/IHRleHQgOiBgJHt0ZXh0fSwgJHt5ZWFyfWA7XG59XG5cbi8qKlxuICogQSBkYXkgYXMgcGVvcGxlIHNheSBpdDogdG9kYXksIHRvbW9ycm93LCB5ZXN0ZXJkYXksIHRoZSB3ZWVrZGF5IHdpdGhpbiBhIHdlZWsgZWl0aGVyIHdheVxuICogKFwiVGh1cnNkYXlcIjsgXCJ0aGlzIE1vbmRheVwiIHdoZXJlIGl0IHdhcyBpbiB0aGlzIHdlZWssIFwibGFzdCBUdWVzZGF5XCIgd2hlcmUgaXQgd2FzIG5vdCksIGVsc2UgdGhlIGRhdGUuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzcG9rZW5EYXRlKGRhdGU6IFBsYWluRGF0ZSwgdG9kYXk6IFBsYWluRGF0ZSk6IHN0cmluZyB7XG4gIGNvbnN0IGRpc3RhbmNlID0gdG9EYXlOdW1iZXIoZGF0ZSkgLSB0b0RheU51bWJlcih0b2RheSk7XG4gIGlmIChkaXN0YW5jZSA9PT0gMCkgcmV0dXJuICd0b2RheSc7XG4gIGlmIChkaXN0YW5jZSA9PT0gMSkgcmV0dXJuICd0b21vcnJvdyc7XG4gIGlmIChkaXN0YW5jZSA9PT0gLTEpIHJldHVybiAneWVzdGVyZGF5JztcbiAgaWYgKGRpc3RhbmNlID4gMSAmJiBkaXN0YW5jZSA8IDcpIHJldHVybiB3ZWVrZGF5TmFtZShkYXRlKTtcbiAgaWYgKGRpc3RhbmNlIDwgLTEgJiYgZGlzdGFuY2UgPiAtNykge1xuICAgIGNvbnN0IHNhbWVXZWVrID0gd2Vla1N0YXJ0KHRvRGF5TnVtYmVyKGRhdGUpKSA9PT0gd2Vla1N0YXJ0KHRvRGF5TnVtYmVyKHRvZGF5KSk7XG4gICAgcmV0dXJuIGAke3NhbWVXZWVrID8gJ3RoaXMnIDogJ2xhc3QnfSAke3dlZWtkYXlOYW1lKGRhdGUpfWA7XG4gIH1cbiAgcmV0dXJuIGxvbmdEYXRlKGRhdGUsIHRvZGF5KTtcbn1cblxuLyoqIEEgbnVtYmVyIGFzIGl0IHN0YW5kcyBpbiBhIHNlbnRlbmNlOiBcIjIwLDAwMFwiLiAqL1xuZXhwb3J0IGNvbnN0IGZpZ3VyZSA9IChuOiBudW1iZXIpOiBzdHJpbmcgPT4gbi50b0xvY2FsZVN0cmluZygnZW4tVVMnKTtcblxuZXhwb3J0IGNvbnN0IHBsdXJhbCA9IChuOiBudW1iZXIsIG9uZTogc3RyaW5nLCBtYW55ID0gYCR7b25lfXNgKTogc3RyaW5nID0+XG4gIGAke2ZpZ3VyZShuKX0gJHtuID09PSAxID8gb25lIDogbWFueX1gO1xuXG4vKiogXCI0MSBkYXlzIGFnb1wiLCBcInllc3RlcmRheVwiLCBcInRvZGF5XCIuICovXG5leHBvcnQgZnVuY3Rpb24gZGF5c0FnbyhkYXRlOiBQbGFpbkRhdGUsIHRvZGF5OiBQbGFpbkRhdGUpOiBzdHJpbmcge1xuICBjb25zdCBkYXlzID0gdG9EYXlOdW1iZXIodG9kYXkpIC0gdG9EYXlOdW1iZXIoZGF0ZSk7XG4gIGlmIChkYXlzID09PSAwKSByZXR1cm4gJ3RvZGF5JztcbiAgaWYgKGRheXMgPT09IDEpIHJldHVybiAneWVzdGVyZGF5JztcbiAgLy8gVGhlIGNsb2NrIHdhcyBzZXQgYmFjayBzaW5jZTogdGhlIGRheSBhcyBpdCBzdGFuZHMgaXMgdHJ1ZSwgYSBudW1iZXIgb2YgZGF5cyBpcyBub3QuXG4gIHJldHVybiBkYXlzIDwgMCA/IGBvbiAke2xvbmdEYXRlKGRhdGUsIHRvZGF5KX1gIDogYCR7cGx1cmFsKGRheXMsICdkYXknKX0gYWdvYDtcbn1cblxuY29uc3QgU01BTEwgPSBbXG4gICdubycsXG4gICdvbmUnLFxuICAndHdvJyxcbiAgJ3RocmVlJyxcbiAgJ2ZvdXInLFxuICAnZml2ZScsXG4gICdzaXgnLFxuICAnc2V2ZW4nLFxuICAnZWlnaHQnLFxuICAnbmluZScsXG4gICd0ZW4nLFxuICAnZWxldmVuJyxcbiAgJ3R3ZWx2ZScsXG5dIGFzIGNvbnN0O1xuXG4vKiogTnVtYmVycyB1cCB0byB0d2VsdmUgYXMgd29yZHMsIGxhcmdlciBvbmVzIGluIGZpZ3VyZXMuICovXG5leHBvcnQgY29uc3QgY291bnRJbldvcmRzID0gKG46IG51bWJlcik6IHN0cmluZyA9PiBTTUFMTFtuXSA/PyBmaWd1cmUobik7XG5cbmV4cG9ydCBjb25zdCBzZW50ZW5jZUNhc2UgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+IHRleHQuY2hhckF0KDApLnRvVXBwZXJDYXNlKCkgKyB0ZXh0LnNsaWNlKDEpO1xuXG4vKiogQSB5ZWFybHkgZGF5LCAnTU0tREQnIG9yICdZWVlZLU1NLUREJywgYXMgcGVvcGxlIHdyaXRlIGl0OiBcIk1heSA0LCAxOTgwXCIuICovXG5leHBvcnQgZnVuY3Rpb24geWVhcmx5V29yZHMob246IHN0cmluZyk6IHN0cmluZyB7XG4gIGNvbnN0IFttb250aCwgZGF5XSA9IG9uLnNsaWNlKC01KS5zcGxpdCgnLScpLm1hcChOdW1iZXIpO1xuICByZXR1cm4gYCR7bW9udGhOYW1lKG1vbnRoISl9ICR7ZGF5fSR7b24ubGVuZ3RoID4gNSA/IGAsICR7b24uc2xpY2UoMCwgNCl9YCA6ICcnfWA7XG59XG5cbi8qKiBBbiBpbnN0YW50IChJU08gdGV4dCkgaW4gd29yZHM6IFwiTm92IDIzLCAyMDI2LCAzOjQwIFBNXCI7IGluIHRoZSByZWFkZXIncyBvd24gem9uZSwgdW5sZXNzIGFub3RoZXIgaXMgbWVhbnQuICovXG5leHBvcnQgY29uc3QgaW5zdGFudFdvcmRzID0gKGlzbzogc3RyaW5nLCB0aW1lWm9uZT86IHN0cmluZyk6IHN0cmluZyA9PlxuICBuZXcgSW50bC5EYXRlVGltZUZvcm1hdCgnZW4tVVMnLCB7XG4gICAgZGF0ZVN0eWxlOiAnbWVkaXVtJyxcbiAgICB0aW1lU3R5bGU6ICdzaG9ydCcsXG4gICAgLi4uKHRpbWVab25lID8geyB0aW1lWm9uZSB9IDoge30pLFxuICB9KS5mb3JtYXQobmV3IERhdGUoaXNvKSk7XG5cbi8qKiBUaGUgbmFtZXMgb2YgdGhlIG1vbnRocyBpbiBhIGxhbmd1YWdlLCBieSBpdHMgdGFnLCBpbiBmdWxsIG9yIHNob3J0IChVbmljb2RlIENMRFIsIGJ5IHRoZSBydW50aW1lKS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBtb250aE5hbWVzKGxhbmd1YWdlOiBzdHJpbmcsIGxlbmd0aDogJ2xvbmcnIHwgJ3Nob3J0Jyk6IHN0cmluZ1tdIHtcbiAgY29uc3QgbmFtZXMgPSBuZXcgSW50bC5EYXRlVGltZUZvcm1hdChsYW5ndWFnZSwgeyBtb250aDogbGVuZ3RoLCB0aW1lWm9uZTogJ1VUQycgfSk7XG4gIHJldHVybiBBcnJheS5mcm9tKHsgbGVuZ3RoOiAxMiB9LCAoXywgaSkgPT4gbmFtZXMuZm9ybWF0KERhdGUuVVRDKDIwMDEsIGksIDE1KSkpO1xufVxuIiwgImltcG9ydCB7IGRheXNJbk1vbnRoLCBpc1BsYWluRGF0ZSwgdHlwZSBQbGFpbkRhdGUgfSBmcm9tICcuL2RheSc7XG5pbXBvcnQgeyBtb250aE5hbWVzIH0gZnJvbSAnLi9zcGVhayc7XG5cbi8qKiBJbiB3aGljaCBvcmRlciBkYXkgYW5kIG1vbnRoIG9mIGEgZGF0ZSBpbiBmaWd1cmVzIHN0YW5kOyB5ZWFycyBzdGFuZCBmaXJzdCB3aGVyZSB0aGV5IGhhdmUgZm91ciBkaWdpdHMuICovXG5leHBvcnQgdHlwZSBEYXRlT3JkZXIgPSAnbWR5JyB8ICdkbXknO1xuXG4vKiogVGhlIG9yZGVyIGluIHdoaWNoIGRhdGVzIGFyZSB3cml0dGVuIHdoZXJlIGEgbGFuZ3VhZ2UgdGFnIGlzIGF0IGhvbWU6IHRoZSBtb250aCBmaXJzdCBpbiB0aGUgVW5pdGVkIFN0YXRlcy4gKi9cbmV4cG9ydCBjb25zdCBvcmRlckluID0gKGxvY2FsZTogc3RyaW5nKTogRGF0ZU9yZGVyID0+ICgvXFxiVVMkL2kudGVzdChsb2NhbGUpID8gJ21keScgOiAnZG15Jyk7XG5cbmV4cG9ydCBpbnRlcmZhY2UgRGF0ZVJlYWRpbmcge1xuICBvcmRlcj86IERhdGVPcmRlcjtcbiAgLyoqIERlY2lkZXMgdGhlIGNlbnR1cnkgb2YgeWVhcnMgd2l0aCB0d28gZGlnaXRzLCB3aGljaCBzdGF5IHVucmVhZCB3aXRob3V0IGl0LiAqL1xuICB0b2RheT86IFBsYWluRGF0ZTtcbiAgLyoqIFdoZXRoZXIgb25seSBkYXlzIHRoYXQgaGF2ZSBiZWVuIGFyZSBtZWFudDogYmlydGhkYXlzLCBsYXN0IHRvdWNoZXMuICovXG4gIHBhc3Q/OiBib29sZWFuO1xuICAvKiogV2hldGhlciBhIGJhcmUgZmlndXJlIGlzIHRoZSBkYXkgb2YgYSBzcHJlYWRzaGVldCwgY291bnRlZCBmcm9tIDE5MDAuICovXG4gIHNlcmlhbD86IGJvb2xlYW47XG59XG5cbmNvbnN0IHBhZCA9IChuOiBudW1iZXIpID0+IFN0cmluZyhuKS5wYWRTdGFydCgyLCAnMCcpO1xuXG4vKiogWWVhcnMgdGhhdCBhZGRyZXNzIGJvb2tzIHdyaXRlIGZvciBvbmUgdGhhdCBpcyBub3Qga25vd24uICovXG5jb25zdCBVTktOT1dOX1lFQVJTOiBSZWFkb25seVNldDxudW1iZXI+ID0gbmV3IFNldChbMCwgMSwgMTYwNF0pO1xuXG4vKiogVGhlIGxhbmd1YWdlcyB3aG9zZSBtb250aCBuYW1lcyBhcmUgcmVhZC4gKi9cbmNvbnN0IExBTkdVQUdFUyA9IFsnZW4nLCAnZGUnLCAnZnInLCAnZXMnLCAnaXQnLCAncHQnLCAnbmwnXTtcblxuY29uc3QgZm9sZFdvcmQgPSAodGV4dDogc3RyaW5nKSA9PlxuICB0ZXh0XG4gICAgLm5vcm1hbGl6ZSgnTkZEJylcbiAgICAucmVwbGFjZSgvXFxwe019fFxcLi9ndSwgJycpXG4gICAgLnRvTG93ZXJDYXNlKCk7XG5cbmxldCBtb250aHM6IE1hcDxzdHJpbmcsIG51bWJlcj4gfCBudWxsID0gbnVsbDtcblxuLyoqIE5hbWVzIG9mIG1vbnRocyBhbmQgdGhlaXIgc2hvcnQgZm9ybXMsIGJ5IHRoZSBydW50aW1lJ3Mgb3duIGNhbGVuZGFyIGRhdGEgKFVuaWNvZGUgQ0xEUikuICovXG5mdW5jdGlvbiBtb250aE9mKHdvcmQ6IHN0cmluZyk6IG51bWJlciB8IHVuZGVmaW5lZCB7XG4gIGlmICghbW9udGhzKSB7XG4gICAgbW9udGhzID0gbmV3IE1hcChbWydzZXB0JywgOV1dKTtcbiAgICBmb3IgKGNvbnN0IGxhbmd1YWdlIG9mIExBTkdVQUdFUylcbiAgICAgIGZvciAoY29uc3QgbGVuZ3RoIG9mIFsnbG9uZycsICdzaG9ydCddIGFzIGNvbnN0KVxuICAgICAgICBtb250aE5hbWVzKGxhbmd1YWdlLCBsZW5ndGgpLmZvckVhY2goKG5hbWUsIGkpID0+IHtcbiAgICAgICAgICBpZiAoIW1vbnRocyEuaGFzKGZvbGRXb3JkKG5hbWUpKSkgbW9udGhzIS5zZXQoZm9sZFdvcmQobmFtZSksIGkgKyAxKTtcbiAgICAgICAgfSk7XG4gIH1cbiAgcmV0dXJuIG1vbnRocy5nZXQoZm9sZFdvcmQod29yZCkpO1xufVxuXG4vKiogJ01NLUREJyB3aXRoIGFuIG9wdGlvbmFsIHllYXIgYmVmb3JlIGl0OyBudWxsIHVubGVzcyB0aGUgZGF5IGV4aXN0cyAoMjkgRmVicnVhcnkgYWx3YXlzIG1heSkuICovXG5mdW5jdGlvbiBidWlsZCh5ZWFyOiBudW1iZXIgfCBudWxsLCBtb250aDogbnVtYmVyLCBkYXk6IG51bWJlcik6IHN0cmluZyB8IG51bGwge1xuICBjb25zdCBrbm93biA9IHllYXIgPT09IG51bGwgfHwgVU5LTk9XTl9ZRUFSUy5oYXMoeWVhcikgPyBudWxsIDogeWVhcjtcbiAgY29uc3QgbW9zdCA9IG1vbnRoID49IDEgJiYgbW9udGggPD0gMTIgPyBkYXlzSW5Nb250aChrbm93biA/PyAyMDAwLCBtb250aCkgOiAwO1xuICBpZiAoZGF5IDwgMSB8fCBkYXkgPiBtb3N0KSByZXR1cm4gbnVsbDtcbiAgY29uc3QgbW9udGhEYXkgPSBgJHtwYWQobW9udGgpfS0ke3BhZChkYXkpfWA7XG4gIHJldHVybiBrbm93biA9PT0gbnVsbCA/IG1vbnRoRGF5IDogYCR7U3RyaW5nKGtub3duKS5wYWRTdGFydCg0LCAnMCcpfS0ke21vbnRoRGF5fWA7XG59XG5cbi8qKiBIb3cgZmFyIGFoZWFkIGEgeWVhciBvZiB0d28gZGlnaXRzIG1heSBsaWUuICovXG5jb25zdCBZRUFSU19BSEVBRCA9IDIwO1xuXG5mdW5jdGlvbiB5ZWFyT2YodGV4dDogc3RyaW5nIHwgdW5kZWZpbmVkLCByZWFkaW5nOiBEYXRlUmVhZGluZyk6IG51bWJlciB8IG51bGwgfCAndW5yZWFkJyB7XG4gIGlmICghdGV4dCkgcmV0dXJuIG51bGw7XG4gIGlmICh0ZXh0Lmxlbmd0aCAhPT0gMikgcmV0dXJuIE51bWJlcih0ZXh0KTtcbiAgaWYgKCFyZWFkaW5nLnRvZGF5KSByZXR1cm4gJ3VucmVhZCc7XG4gIGNvbnN0IG5vdyA9IE51bWJlcihyZWFkaW5nLnRvZGF5LnNsaWNlKDAsIDQpKTtcbiAgY29uc3QgbW9zdCA9IHJlYWRpbmcucGFzdCA/IG5vdyA6IG5vdyArIFlFQVJTX0FIRUFEO1xuICBjb25zdCB5ZWFyID0gTWF0aC5mbG9vcihtb3N0IC8gMTAwKSAqIDEwMCArIE51bWJlcih0ZXh0KTtcbiAgcmV0dXJuIHllYXIgPiBtb3N0ID8geWVhciAtIDEwMCA6IHllYXI7XG59XG5cbi8qKiBEYXlzIG9mIGEgc3ByZWFkc2hlZXQgdGhhdCBjYW4gYmUgbWVhbnQ6IGZyb20gMTkxMCB0byAyMTAwLCBzbyB0aGF0IG5vIHNob3J0IGZpZ3VyZSBpcyB0YWtlbiBmb3Igb25lLiAqL1xuY29uc3QgU0VSSUFMX0ZST00gPSAzXzY1NDtcbmNvbnN0IFNFUklBTF9UTyA9IDczXzQxNTtcblxuLyoqXG4gKiBUaGUgZGF5IHRoYXQgYSBzcHJlYWRzaGVldCBjb3VudHMgYXMgc28gbWFueSwgMSBiZWluZyAxIEphbnVhcnkgMTkwMCAoRUNNQS0zNzYsIDE4LjE3LjQuMSkuIEl0IGNvdW50c1xuICogYSAyOSBGZWJydWFyeSAxOTAwIHRoYXQgbmV2ZXIgd2FzLCBzbyB0aGF0IGZyb20gTWFyY2ggMTkwMCBvbiBpdCBpcyBvbmUgYWhlYWQuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzZXJpYWxEYXkoc2VyaWFsOiBudW1iZXIpOiBzdHJpbmcgfCBudWxsIHtcbiAgaWYgKCFOdW1iZXIuaXNGaW5pdGUoc2VyaWFsKSB8fCBzZXJpYWwgPCAxKSByZXR1cm4gbnVsbDtcbiAgY29uc3QgZGF5ID0gTWF0aC5mbG9vcihzZXJpYWwpO1xuICBpZiAoZGF5ID09PSA2MCkgcmV0dXJuIG51bGw7XG4gIGNvbnN0IGRhdGUgPSBuZXcgRGF0ZShEYXRlLlVUQygxODk5LCAxMSwgZGF5ID4gNjAgPyAzMCA6IDMxKSArIGRheSAqIDg2XzQwMF8wMDApO1xuICByZXR1cm4gYnVpbGQoZGF0ZS5nZXRVVENGdWxsWWVhcigpLCBkYXRlLmdldFVUQ01vbnRoKCkgKyAxLCBkYXRlLmdldFVUQ0RhdGUoKSk7XG59XG5cbi8qKiBBIHRpbWUgb2YgZGF5IGJlaGluZCBhIGRhdGUsIHdoaWNoIHNheXMgbm90aGluZyBhYm91dCB0aGUgZGF5LiAqL1xuY29uc3QgVElNRSA9XG4gIC8oPzpUfCw/XFxzKylcXGR7MSwyfTpcXGR7Mn0oPzo6XFxkezJ9KD86XFwuXFxkKyk/KT8oPzpcXHMqW2FwXVxcLj9tXFwuPyk/XFxzKig/Olp8WystXVxcZHsyfTo/XFxkezJ9KT8kL2k7XG5jb25zdCBXRUVLREFZID0gL14oPzpcXHB7TH17MiwxMH1cXC4/LFxccyspKD89XFxkfFxccHtMfSkvdTtcblxuLyoqXG4gKiBSZWFkcyBhIGRhdGUgYXMgcGVvcGxlIHdyaXRlIGl0LCB3aXRoIG9yIHdpdGhvdXQgYSB5ZWFyOiAnMTk4MC0wNS0wNCcsICc1LzQvMTk4MCcgKGluIHRoZSBvcmRlciB0aGF0XG4gKiBpcyBhc2tlZCBmb3IsIHVubGVzcyBhIG51bWJlciBpcyBvdmVyIDEyKSwgJzctTWFyLTgwJywgJzQgTWF5JywgJ01heSA0LCAxOTgwJywgJzA1LTA0JywgJy0tMDUwNCcsXG4gKiAnMTk4MDA1MDQnLCBhbHNvIHdpdGggYSB0aW1lIGJlaGluZCBpdCwgYW5kIHdpdGggdGhlIG1vbnRocyBvZiBzZXZlbiBsYW5ndWFnZXMuIEEgeWVhciB0aGF0IGFkZHJlc3NcbiAqIGJvb2tzIHdyaXRlIGZvciBhbiB1bmtub3duIG9uZSBjb3VudHMgYXMgbm9uZS4gQW5zd2VycyAnWVlZWS1NTS1ERCcgb3IgJ01NLUREJzsgbnVsbCB3aGVuIHRoZXJlIGlzIG5vXG4gKiBzdWNoIGRheS5cbiAqIEBleGFtcGxlIHJlYWREYXRlKCczMS8wMicpIC8vIG51bGxcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWREYXRlKHRleHQ6IHN0cmluZywgcmVhZGluZzogRGF0ZVJlYWRpbmcgPSB7fSk6IHN0cmluZyB8IG51bGwge1xuICBjb25zdCB0ID0gdGV4dFxuICAgIC50cmltKClcbiAgICAucmVwbGFjZShUSU1FLCAnJylcbiAgICAucmVwbGFjZShXRUVLREFZLCAnJylcbiAgICAucmVwbGFjZSgvKFxcZCkoc3R8bmR8cmR8dGh8ZXJ8XHUwMEJBfFx1MDBCMCkoPyFcXHB7TH0pL2dpdSwgJyQxJylcbiAgICAucmVwbGFjZSgvXFxzKyg/OmRlfG9mfGRlbClcXHMrL2dpLCAnICcpO1xuICBpZiAocmVhZGluZy5zZXJpYWwgJiYgL15cXGR7NCw1fShcXC5cXGQrKT8kLy50ZXN0KHQpKSB7XG4gICAgY29uc3QgbiA9IE51bWJlcih0KTtcbiAgICByZXR1cm4gbiA+PSBTRVJJQUxfRlJPTSAmJiBuIDw9IFNFUklBTF9UTyA/IHNlcmlhbERheShuKSA6IG51bGw7XG4gIH1cbiAgcmV0dXJuIHJlYWRGaWd1cmVzKHQsIHJlYWRpbmcpID8/IHJlYWROYW1lZCh0LCByZWFkaW5nKTtcbn1cblxuZnVuY3Rpb24gcmVhZEZpZ3VyZXModDogc3RyaW5nLCByZWFkaW5nOiBEYXRlUmVhZGluZyk6IHN0cmluZyB8IG51bGwge1xuICBsZXQgbSA9IC9eKFxcZHs0fSlbLS8uXShcXGR7MSwyfSlbLS8uXShcXGR7MSwyfSkkLy5leGVjKHQpID8/IC9eKFxcZHs0fSkoXFxkezJ9KShcXGR7Mn0pJC8uZXhlYyh0KTtcbiAgaWYgKG0pIHJldHVybiBidWlsZChOdW1iZXIobVsxXSksIE51bWJlcihtWzJdKSwgTnVtYmVyKG1bM10pKTtcbiAgbSA9IC9eLS0oXFxkezJ9KS0/KFxcZHsyfSkkLy5leGVjKHQpO1xuICBpZiAobSkgcmV0dXJuIGJ1aWxkKG51bGwsIE51bWJlcihtWzFdKSwgTnVtYmVyKG1bMl0pKTtcbiAgbSA9IC9eKFxcZHsxLDJ9KVxccz9bLS8uXVxccz8oXFxkezEsMn0pKD86XFxzP1stLy5dXFxzPyhcXGR7NH18XFxkezJ9KSk/XFwuPyQvLmV4ZWModCk7XG4gIGlmICghbSkgcmV0dXJuIG51bGw7XG4gIGNvbnN0IFthLCBiLCB5ZWFyXSA9IFtOdW1iZXIobVsxXSksIE51bWJlcihtWzJdKSwgeWVhck9mKG1bM10sIHJlYWRpbmcpXTtcbiAgaWYgKHllYXIgPT09ICd1bnJlYWQnKSByZXR1cm4gbnVsbDtcbiAgY29uc3QgZGF5Rmlyc3QgPSBhID4gMTIgfHwgKHJlYWRpbmcub3JkZXIgPT09ICdkbXknICYmIGIgPD0gMTIpO1xuICByZXR1cm4gZGF5Rmlyc3QgPyBidWlsZCh5ZWFyLCBiLCBhKSA6IGJ1aWxkKHllYXIsIGEsIGIpO1xufVxuXG5mdW5jdGlvbiByZWFkTmFtZWQodDogc3RyaW5nLCByZWFkaW5nOiBEYXRlUmVhZGluZyk6IHN0cmluZyB8IG51bGwge1xuICBjb25zdCBkYXlGaXJzdCA9IC9eKFxcZHsxLDJ9KVsuXFxzLV0qKFxccHtMfVtcXHB7TH1cXHB7TX1dKilcXC4/LD8oPzpbXFxzLV0rWydcdTIwMTldPyhcXGR7NH18XFxkezJ9KSk/JC91LmV4ZWMoXG4gICAgdCxcbiAgKTtcbiAgY29uc3QgWywgbW9udGhGaXJzdCwgZGF5LCBsYXRlXSA9XG4gICAgL14oXFxwe0x9W1xccHtMfVxccHtNfV0qKVxcLj9bXFxzLV0rKFxcZHsxLDJ9KSg/Oiw/W1xccy1dK1snXHUyMDE5XT8oXFxkezR9fFxcZHsyfSkpPyQvdS5leGVjKHQpID8/IFtdO1xuICBjb25zdCB5ZWFyRmlyc3QgPSAvXihcXGR7NH0pW1xccy1dKyhcXHB7TH1bXFxwe0x9XFxwe019XSopXFwuP1tcXHMtXSsoXFxkezEsMn0pJC91LmV4ZWModCk7XG4gIGlmIChkYXlGaXJzdCkgcmV0dXJuIG5hbWVkKGRheUZpcnN0WzJdISwgZGF5Rmlyc3RbMV0hLCBkYXlGaXJzdFszXSwgcmVhZGluZyk7XG4gIGlmICh5ZWFyRmlyc3QpIHJldHVybiBuYW1lZCh5ZWFyRmlyc3RbMl0hLCB5ZWFyRmlyc3RbM10hLCB5ZWFyRmlyc3RbMV0sIHJlYWRpbmcpO1xuICByZXR1cm4gbW9udGhGaXJzdCA/IG5hbWVkKG1vbnRoRmlyc3QsIGRheSEsIGxhdGUsIHJlYWRpbmcpIDogbnVsbDtcbn1cblxuZnVuY3Rpb24gbmFtZWQod29yZDogc3RyaW5nLCBkYXk6IHN0cmluZywgeWVhclRleHQ6IHN0cmluZyB8IHVuZGVmaW5lZCwgcmVhZGluZzogRGF0ZVJlYWRpbmcpIHtcbiAgY29uc3QgbW9udGggPSBtb250aE9mKHdvcmQpO1xuICBjb25zdCB5ZWFyID0geWVhck9mKHllYXJUZXh0LCByZWFkaW5nKTtcbiAgcmV0dXJuIG1vbnRoICYmIHllYXIgIT09ICd1bnJlYWQnID8gYnVpbGQoeWVhciwgbW9udGgsIE51bWJlcihkYXkpKSA6IG51bGw7XG59XG5cbi8qKiBBIGZ1bGwgY2FsZW5kYXIgZGF5LCBvciBudWxsIHdoZW4gdGhlIHRleHQgaGFzIG5vIHllYXIgb3IgbmFtZXMgbm8gZGF5LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRGdWxsRGF0ZSh0ZXh0OiBzdHJpbmcsIHJlYWRpbmc6IERhdGVSZWFkaW5nID0ge30pOiBQbGFpbkRhdGUgfCBudWxsIHtcbiAgY29uc3QgZGF0ZSA9IHJlYWREYXRlKHRleHQsIHJlYWRpbmcpO1xuICByZXR1cm4gZGF0ZSAmJiBpc1BsYWluRGF0ZShkYXRlKSA/IGRhdGUgOiBudWxsO1xufVxuIiwgImltcG9ydCB7IGZvbGQgfSBmcm9tICcuL25hbWVzJztcblxuLyoqIFdoYXQgaXMgd3JpdHRlbiBhYm91dCBhIHBlcnNvbiwgYW5kIHRoZSB0YWdzIHRoZXkgaGF2ZS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgRGVzY3JpYmVkIHtcbiAgaWQ6IHN0cmluZztcbiAgdGV4dDogc3RyaW5nO1xuICB0YWdzOiByZWFkb25seSBzdHJpbmdbXTtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBUYWdJZGVhIHtcbiAgaWQ6IHN0cmluZztcbiAgdGFnOiBzdHJpbmc7XG4gIC8qKiBMb2ctb2RkczogaG93IG11Y2ggbGlrZWxpZXIgdGhlIHdvcmRzIGFyZSB3aXRoIHRoZSB0YWcgdGhhbiB3aXRob3V0LiAqL1xuICBzY29yZTogbnVtYmVyO1xuICAvKiogVGhlIHdvcmRzIHRoYXQgbGVkIHRvIGl0LCB0aGUgd2VpZ2h0aWVzdCBmaXJzdC4gKi9cbiAgd29yZHM6IHN0cmluZ1tdO1xufVxuXG4vKiogQSB0YWcgaXMgbGVhcm50IGZyb20gc28gbWFueSBwZW9wbGU7IGZld2VyIHNheSBtb3JlIGFib3V0IHRoZW0gdGhhbiBhYm91dCB0aGUgdGFnLiAqL1xuZXhwb3J0IGNvbnN0IExFQVJOVF9GUk9NID0gNDtcbi8qKiBBIHdvcmQgY291bnRzIHdoZW4gc28gbWFueSBwZW9wbGUgd2l0aCB0aGUgdGFnIGhhdmUgaXQgXHUyMDI2ICovXG5jb25zdCBXT1JEX0lOID0gMjtcbi8qKiBcdTIwMjYgYW5kIGNoYW5jZSB3b3VsZCBicmluZyB0aGVtIHRvZ2V0aGVyIGxlc3MgdGhhbiBvbmNlIGluIGEgdGhvdXNhbmQgdGltZXMgKEdcdTAwQjIsIG9uZSBkZWdyZWUgb2YgZnJlZWRvbSkuICovXG5jb25zdCBCWV9DSEFOQ0UgPSAxMC44Mztcbi8qKiBTdWdnZXN0ZWQgZnJvbSB0aGlzIGxvZy1vZGRzIG9uOiBsaWtlbGllciB0aGFuIHRocmVlIHRvIG9uZS4gKi9cbmNvbnN0IExJS0VMWSA9IE1hdGgubG9nKDMpO1xuY29uc3QgV09SRFNfU0hPV04gPSAzO1xuXG5jb25zdCBTVE9QID0gbmV3IFNldChcbiAgJ2EgYWJvdXQgYWZ0ZXIgYWxsIGFsc28gYW0gYW4gYW5kIGFueSBhcmUgYXMgYXQgYmUgYmVlbiBidXQgYnkgY2FuIGNvdWxkIGRpZCBkbyBkb2VzIGZvciBmcm9tIGdldCBnbyBoYWQgaGFzIGhhdmUgaGUgaGVyIGhlcmUgaGltIGhpcyBob3cgaSBpZiBpbiBpbnRvIGlzIGl0IGl0cyBqdXN0IGxpa2UgbWUgbWV0IG1vcmUgbXkgbmV3IG5vIG5vdCBub3cgb2Ygb2ZmIG9uIG9uY2Ugb25lIG9yIG91ciBvdXQgb3ZlciBzYWlkIHNheSBzaGUgc28gc29tZSB0aGFuIHRoYXQgdGhlIHRoZWlyIHRoZW0gdGhlbiB0aGVyZSB0aGV5IHRoaXMgdG8gdG9vIHVwIHVzIHZlcnkgd2FzIHdlIHdlbGwgd2VyZSB3aGF0IHdoZW4gd2hlcmUgd2hpY2ggd2hvIHdpbGwgd2l0aCB3b3VsZCB5b3UgeW91ciBjYWxsIGNhbGxlZCB0b2xkIGFza2VkIHdhbnRzIHRhbGsgdGFsa2VkIHRvZGF5Jy5zcGxpdChcbiAgICAnICcsXG4gICksXG4pO1xuXG4vKiogVGhlIHdvcmRzIG9mIGEgdGV4dCB0aGF0IGNhbiB0ZWxsIHNvbWV0aGluZywgd2l0aG91dCBwbHVyYWwgcywgZWFjaCBvbmNlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRlbGxpbmdXb3Jkcyh0ZXh0OiBzdHJpbmcpOiBTZXQ8c3RyaW5nPiB7XG4gIGNvbnN0IHdvcmRzID0gZm9sZCh0ZXh0KS5tYXRjaCgvXFxwe0x9ezMsfS9ndSkgPz8gW107XG4gIHJldHVybiBuZXcgU2V0KFxuICAgIHdvcmRzLmZpbHRlcigodykgPT4gIVNUT1AuaGFzKHcpKS5tYXAoKHcpID0+ICh3Lmxlbmd0aCA+IDQgPyB3LnJlcGxhY2UoL3MkLywgJycpIDogdykpLFxuICApO1xufVxuXG4vKipcbiAqIFRhZ3MgdGhhdCBmaXQgcGVvcGxlIHdobyBkb24ndCBoYXZlIHRoZW0sIGxlYXJudCBmcm9tIHRob3NlIHdobyBkbzogbmFpdmUgQmF5ZXMgb3ZlciB0aGUgd29yZHNcbiAqIHByZXNlbnQuIEZvciBlYWNoIHRhZyBhbmQgd29yZCB0aGUgd2VpZ2h0IGlzIHRoZSBsb2cgb2YgaG93IG11Y2ggbW9yZSBvZnRlbiBwZW9wbGUgd2l0aCB0aGUgdGFnXG4gKiBoYXZlIHRoZSB3b3JkIHRoYW4gdGhlIG90aGVycyAoTGFwbGFjZS1zbW9vdGhlZCk7IHRoZXkgYWRkIHVwIHRvIHRoZSBsb2ctb2RkcywgYmVnaW5uaW5nIHdpdGggaG93XG4gKiByYXJlIHRoZSB0YWcgaXMuIFdob2V2ZXIgaXMgbG9va2VkIGF0IGRvZXMgbm90IGNvdW50IGFtb25nIHRob3NlIG90aGVyczogaXQgaXMgdGhlIHF1ZXN0aW9uIHdoZXRoZXJcbiAqIHRoZXkgYmVsb25nIHRvIHRoZW0uIFNtYWxsIGVub3VnaCB0byBiZSBleHBsYWluZWQgYnkgdGhlIHdvcmRzIHRoZW1zZWx2ZXMuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiB0YWdJZGVhcyhwZW9wbGU6IHJlYWRvbmx5IERlc2NyaWJlZFtdKTogVGFnSWRlYVtdIHtcbiAgY29uc3Qgd29yZHMgPSBuZXcgTWFwKHBlb3BsZS5tYXAoKHApID0+IFtwLmlkLCB0ZWxsaW5nV29yZHMocC50ZXh0KV0pKTtcbiAgY29uc3QgYWxsID0gbmV3IE1hcDxzdHJpbmcsIG51bWJlcj4oKTtcbiAgZm9yIChjb25zdCBzZXQgb2Ygd29yZHMudmFsdWVzKCkpIGZvciAoY29uc3Qgd29yZCBvZiBzZXQpIGFsbC5zZXQod29yZCwgKGFsbC5nZXQod29yZCkgPz8gMCkgKyAxKTtcbiAgY29uc3QgYnlUYWcgPSBuZXcgTWFwPHN0cmluZywgRGVzY3JpYmVkW10+KCk7XG4gIGZvciAoY29uc3QgcGVyc29uIG9mIHBlb3BsZSlcbiAgICBmb3IgKGNvbnN0IHRhZyBvZiBwZXJzb24udGFncykgYnlUYWcuc2V0KHRhZywgWy4uLihieVRhZy5nZXQodGFnKSA/PyBbXSksIHBlcnNvbl0pO1xuICBjb25zdCBpZGVhczogVGFnSWRlYVtdID0gW107XG4gIGZvciAoY29uc3QgW3RhZywgdGFnZ2VkXSBvZiBieVRhZykge1xuICAgIGlmICh0YWdnZWQubGVuZ3RoIDwgTEVBUk5UX0ZST00gfHwgdGFnZ2VkLmxlbmd0aCA9PT0gcGVvcGxlLmxlbmd0aCkgY29udGludWU7XG4gICAgY29uc3Qgd2VpZ2h0cyA9IHdlaWdoKHRhZ2dlZCwgcGVvcGxlLmxlbmd0aCwgd29yZHMsIGFsbCk7XG4gICAgY29uc3QgcHJpb3IgPSBNYXRoLmxvZyh0YWdnZWQubGVuZ3RoIC8gKHBlb3BsZS5sZW5ndGggLSB0YWdnZWQubGVuZ3RoKSk7XG4gICAgY29uc3QgaGFzID0gbmV3IFNldCh0YWdnZWQubWFwKCh7IGlkIH0pID0+IGlkKSk7XG4gICAgZm9yIChjb25zdCB7IGlkIH0gb2YgcGVvcGxlKSB7XG4gICAgICBpZiAoaGFzLmhhcyhpZCkpIGNvbnRpbnVlO1xuICAgICAgY29uc3QgdGVsbGluZyA9IFsuLi53b3Jkcy5nZXQoaWQpIV1cbiAgICAgICAgLmZsYXRNYXAoKHdvcmQpID0+ICh3ZWlnaHRzLmhhcyh3b3JkKSA/IFt7IHdvcmQsIHdlaWdodDogd2VpZ2h0cy5nZXQod29yZCkhIH1dIDogW10pKVxuICAgICAgICAuc29ydCgoYSwgYikgPT4gYi53ZWlnaHQgLSBhLndlaWdodCB8fCAoYS53b3JkIDwgYi53b3JkID8gLTEgOiAxKSk7XG4gICAgICBjb25zdCBzY29yZSA9IHRlbGxpbmcucmVkdWNlKChzdW0sIHsgd2VpZ2h0IH0pID0+IHN1bSArIHdlaWdodCwgcHJpb3IpO1xuICAgICAgaWYgKHRlbGxpbmcubGVuZ3RoID09PSAwIHx8IHNjb3JlIDwgTElLRUxZKSBjb250aW51ZTtcbiAgICAgIGlkZWFzLnB1c2goeyBpZCwgdGFnLCBzY29yZSwgd29yZHM6IHRlbGxpbmcuc2xpY2UoMCwgV09SRFNfU0hPV04pLm1hcCgoeyB3b3JkIH0pID0+IHdvcmQpIH0pO1xuICAgIH1cbiAgfVxuICByZXR1cm4gaWRlYXMuc29ydCgoYSwgYikgPT4gYi5zY29yZSAtIGEuc2NvcmUgfHwgKGEuaWQgPCBiLmlkID8gLTEgOiAxKSk7XG59XG5cbmZ1bmN0aW9uIHdlaWdoKFxuICB0YWdnZWQ6IHJlYWRvbmx5IERlc2NyaWJlZFtdLFxuICB0b3RhbDogbnVtYmVyLFxuICB3b3JkczogUmVhZG9ubHlNYXA8c3RyaW5nLCBSZWFkb25seVNldDxzdHJpbmc+PixcbiAgYWxsOiBSZWFkb25seU1hcDxzdHJpbmcsIG51bWJlcj4sXG4pOiBNYXA8c3RyaW5nLCBudW1iZXI+IHtcbiAgY29uc3Qgd2l0aGluID0gbmV3IE1hcDxzdHJpbmcsIG51bWJlcj4oKTtcbiAgZm9yIChjb25zdCB7IGlkIH0gb2YgdGFnZ2VkKVxuICAgIGZvciAoY29uc3Qgd29yZCBvZiB3b3Jkcy5nZXQoaWQpISkgd2l0aGluLnNldCh3b3JkLCAod2l0aGluLmdldCh3b3JkKSA/PyAwKSArIDEpO1xuICBjb25zdCB3ZWlnaHRzID0gbmV3IE1hcDxzdHJpbmcsIG51bWJlcj4oKTtcbiAgZm9yIChjb25zdCBbd29yZCwgY291bnRdIG9mIHdpdGhpbikge1xuICAgIGlmIChjb3VudCA8IFdPUkRfSU4pIGNvbnRpbnVlO1xuICAgIGNvbnN0IG90aGVycyA9IGFsbC5nZXQod29yZCkhIC0gY291bnQ7XG4gICAgaWYgKHN1cnByaXNlKGNvdW50LCB0YWdnZWQubGVuZ3RoLCBvdGhlcnMsIHRvdGFsIC0gdGFnZ2VkLmxlbmd0aCkgPCBCWV9DSEFOQ0UpIGNvbnRpbnVlO1xuICAgIGNvbnN0IGluc2lkZSA9IChjb3VudCArIDEpIC8gKHRhZ2dlZC5sZW5ndGggKyAyKTtcbiAgICAvLyBXaXRob3V0IHRoZSBvbmUgdGhhdCBpcyBhc2tlZCBhYm91dCwgd2hvIGhhcyB0aGUgd29yZC5cbiAgICBjb25zdCBvdXRzaWRlID0gTWF0aC5tYXgoMSwgb3RoZXJzKSAvICh0b3RhbCAtIHRhZ2dlZC5sZW5ndGggKyAxKTtcbiAgICB3ZWlnaHRzLnNldCh3b3JkLCBNYXRoLmxvZyhpbnNpZGUgLyBvdXRzaWRlKSk7XG4gIH1cbiAgcmV0dXJuIHdlaWdodHM7XG59XG5cbi8qKlxuICogRHVubmluZydzIGxvZy1saWtlbGlob29kIHJhdGlvIEdcdTAwQjIgKDE5OTMpIGZvciBhIHdvcmQgdGhhdCBgYWAgb2YgYG5gIHBlb3BsZSB3aXRoIHRoZSB0YWcgaGF2ZSBhbmRcbiAqIGBiYCBvZiB0aGUgYG1gIG90aGVyczsgMCB3aGVuIGl0IGlzIG5vdCBtb3JlIGZyZXF1ZW50IHdpdGggdGhlIHRhZy5cbiAqIEBleGFtcGxlIHN1cnByaXNlKDYsIDYsIDAsIDIwKSAvLyAyOC4xXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzdXJwcmlzZShhOiBudW1iZXIsIG46IG51bWJlciwgYjogbnVtYmVyLCBtOiBudW1iZXIpOiBudW1iZXIge1xuICBpZiAoYSAqIG0gPD0gYiAqIG4pIHJldHVybiAwO1xuICBjb25zdCBzaGFyZSA9IChhICsgYikgLyAobiArIG0pO1xuICBjb25zdCB0ZXJtID0gKHNlZW46IG51bWJlciwgb2Y6IG51bWJlcikgPT5cbiAgICAoc2VlbiA+IDAgPyBzZWVuICogTWF0aC5sb2coc2VlbiAvIChvZiAqIHNoYXJlKSkgOiAwKSArXG4gICAgKG9mID4gc2VlbiA/IChvZiAtIHNlZW4pICogTWF0aC5sb2coKG9mIC0gc2VlbikgLyAob2YgKiAoMSAtIHNoYXJlKSkpIDogMCk7XG4gIHJldHVybiAyICogKHRlcm0oYSwgbikgKyB0ZXJtKGIsIG0pKTtcbn1cbiIsICIvKiogTm90aGluZyBidXQgcGxhaW4gc2lnbnMsIGFzIG1vc3QgdGV4dHMgYnkgZmFyLiAqL1xuY29uc3QgUExBSU4gPSAvXltcXHgyMC1cXHg3RVxcblxcdF0qJC87XG4vKiogU2lnbnMgd2l0aG91dCBpbmsgdGhhdCBjb3B5aW5nIGxlYXZlcyBiZWhpbmQ6IG1hcmtzIG9mIGRpcmVjdGlvbiwgYnJlYWtzIHRoYXQgYXJlIG5vdCBzZWVuLiAqL1xuY29uc3QgSU5LTEVTUyA9IC9bXFx1MjAwQlxcdTIwMEVcXHUyMDBGXFx1MjAyQS1cXHUyMDJFXFx1MjA2MC1cXHUyMDY0XFx1MjA2Ni1cXHUyMDY5XFx1RkVGRlxcdTAwQURdL2c7XG5jb25zdCBBUk9VTkQgPSBuZXcgUmVnRXhwKGBeKD86XFxcXHN8JHtJTktMRVNTLnNvdXJjZX0pK3woPzpcXFxcc3wke0lOS0xFU1Muc291cmNlfSkrJGAsICdnJyk7XG5jb25zdCBTUEFDRVMgPSAvW1xcdTAwQTBcXHUyMDAwLVxcdTIwMEFcXHUyMDJGXFx1MjA1RlxcdTMwMDBdL2c7XG4vKiogSW4gb3RoZXIgc2NyaXB0cyB0aGV5IHNheSBob3cgd29yZHMgYXJlIGRyYXduLCBhbmQgc3RheS4gKi9cbmNvbnN0IExBVElOID0gL15bXFxwe1NjcmlwdD1MYXRpbn1cXHB7U2NyaXB0PUNvbW1vbn1cXHB7U2NyaXB0PUluaGVyaXRlZH1dKiQvdTtcblxuLyoqXG4gKiBBIHRleHQgYXMgaXQgd2FzIG1lYW50OiBub3RoaW5nIHRoYXQgaGFzIG5vIGluayBhcm91bmQgaXQsIGFuZCBub3RoaW5nIG9mIHRoZSBraW5kIHdpdGhpbiB3aGVyZSBhbGwgb2ZcbiAqIGl0IGlzIGluIExhdGluIGxldHRlcnM7IHNwYWNlcyBvZiBvdGhlciB3aWR0aHMgYXJlIHNwYWNlcyB0aGVyZS5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRpZHlUZXh0KHRleHQ6IHN0cmluZyk6IHN0cmluZyB7XG4gIGlmIChQTEFJTi50ZXN0KHRleHQpKSByZXR1cm4gdGV4dC50cmltKCk7XG4gIGNvbnN0IGlubmVyID0gTEFUSU4udGVzdCh0ZXh0KSA/IHRleHQucmVwbGFjZShJTktMRVNTLCAnJykucmVwbGFjZShTUEFDRVMsICcgJykgOiB0ZXh0O1xuICByZXR1cm4gaW5uZXIucmVwbGFjZShBUk9VTkQsICcnKTtcbn1cbiIsICJpbXBvcnQge1xuICBDSEFOTkVMUyxcbiAgdHlwZSBBZGRyZXNzLFxuICB0eXBlIENoYW5uZWwsXG4gIHR5cGUgQ29uc2VudHMsXG4gIHR5cGUgTmFtZWREYXRlLFxuICB0eXBlIFJlYWNoLFxufSBmcm9tICdAL2NvcmUvcGVvcGxlJztcbmltcG9ydCB7IHJlYWREYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG4vKiogU2V2ZXJhbCB2YWx1ZXMgaW4gb25lIGNlbGwgYXJlIHBhcnRlZCBieSBzZW1pY29sb25zOyB0aGUgc2lnbnMgdGhhdCBwYXJ0IGFyZSBlc2NhcGVkIHdpdGggYSBiYWNrc2xhc2guICovXG5leHBvcnQgY29uc3Qgam9pbkNlbGwgPSAocGFydHM6IHJlYWRvbmx5IHN0cmluZ1tdLCBnbHVlID0gJzsgJyk6IHN0cmluZyA9PlxuICBwYXJ0cy5tYXAoKHBhcnQpID0+IHBhcnQucmVwbGFjZSgvW1xcXFw7LHxdL2csICdcXFxcJCYnKSkuam9pbihnbHVlKTtcblxuLyoqIFNwbGl0cyBhdCB0aGUgc2lnbnMgb2YgYGF0YCB0aGF0IGFyZSBub3QgZXNjYXBlZDsgZW1wdHkgcGFydHMgZmFsbCBhd2F5LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNwbGl0Q2VsbCh0ZXh0OiBzdHJpbmcsIGF0ID0gJzssfFxcbicpOiBzdHJpbmdbXSB7XG4gIGlmICh0ZXh0ID09PSAnJykgcmV0dXJuIFtdO1xuICBjb25zdCBwYXJ0cyA9IFsnJ107XG4gIGZvciAobGV0IGkgPSAwOyBpIDwgdGV4dC5sZW5ndGg7IGkrKykge1xuICAgIGNvbnN0IGNoYXIgPSB0ZXh0W2ldITtcbiAgICBpZiAoY2hhciA9PT0gJ1xcXFwnICYmIGkgKyAxIDwgdGV4dC5sZW5ndGggJiYgJ1xcXFw7LHwnLmluY2x1ZGVzKHRleHRbaSArIDFdISkpXG4gICAgICBwYXJ0c1twYXJ0cy5sZW5ndGggLSAxXSArPSB0ZXh0WysraV0hO1xuICAgIGVsc2UgaWYgKGF0LmluY2x1ZGVzKGNoYXIpKSBwYXJ0cy5wdXNoKCcnKTtcbiAgICBlbHNlIHBhcnRzW3BhcnRzLmxlbmd0aCAtIDFdICs9IGNoYXI7XG4gIH1cbiAgcmV0dXJuIHBhcnRzLm1hcCgocGFydCkgPT4gcGFydC50cmltKCkpLmZpbHRlcihCb29sZWFuKTtcbn1cblxuLyoqIFwicm9zYUBleGFtcGxlLmNvbSAod29yaylcIiBpcyBhIHZhbHVlIHdpdGggaXRzIGxhYmVsOyB3aGF0IHdvdWxkIGJlIHJlYWQgYXMgbm8gbGFiZWwgaXMgZXNjYXBlZCBpbiBpdC4gKi9cbmV4cG9ydCBjb25zdCB3cml0ZVJlYWNoID0gKHsgdmFsdWUsIGxhYmVsIH06IFJlYWNoKTogc3RyaW5nID0+XG4gIGxhYmVsID8gYCR7dmFsdWV9ICgke2xhYmVsLnJlcGxhY2UoL1tcXFxcKCldfF5cXGQvZywgJ1xcXFwkJicpfSlgIDogdmFsdWU7XG5cbmV4cG9ydCBmdW5jdGlvbiByZWFkUmVhY2godGV4dDogc3RyaW5nKTogUmVhY2gge1xuICAvLyBBIG51bWJlciBpbiBicmFja2V0cyBiZWxvbmdzIHRvIGEgcGhvbmUgbnVtYmVyLlxuICBjb25zdCBmb3VuZCA9IC9eKC4qXFxTKVxccytcXCgoPyFcXGQpKCg/OlxcXFxbXFxcXCgpXFxkXXxbXigpXSkrKVxcKSQvcy5leGVjKHRleHQudHJpbSgpKTtcbiAgcmV0dXJuIGZvdW5kXG4gICAgPyB7IHZhbHVlOiBmb3VuZFsxXSEsIGxhYmVsOiBmb3VuZFsyXSEucmVwbGFjZSgvXFxcXChbXFxcXCgpXFxkXSkvZywgJyQxJykgfVxuICAgIDogeyB2YWx1ZTogdGV4dC50cmltKCksIGxhYmVsOiAnJyB9O1xufVxuXG5jb25zdCBBRERSRVNTX1BBUlRTID0gW1xuICAnbGFiZWwnLFxuICAnbGluZScsXG4gICdjaXR5JyxcbiAgJ3JlZ2lvbicsXG4gICdwb3N0YWxDb2RlJyxcbiAgJ2NvdW50cnknLFxuICAncGxhY2UnLFxuXSBhcyBjb25zdDtcblxuLyoqIEFuIGFkZHJlc3MgaW4gb25lIGNlbGw6IGl0cyBwYXJ0cyBpbiBhIGZpeGVkIG9yZGVyIGJldHdlZW4gYmFycywgdGhlbiBpdHMgcG9pbnQgd2hlcmUga25vd24uICovXG5leHBvcnQgZnVuY3Rpb24gd3JpdGVBZGRyZXNzKGE6IEFkZHJlc3MpOiBzdHJpbmcge1xuICBjb25zdCBwb2ludCA9IGEubGF0ID09PSBudWxsIHx8IGEubG9uID09PSBudWxsID8gW10gOiBbU3RyaW5nKGEubGF0KSwgU3RyaW5nKGEubG9uKV07XG4gIHJldHVybiBbLi4uQUREUkVTU19QQVJUUy5tYXAoKHBhcnQpID0+IGFbcGFydF0pLCAuLi5wb2ludF1cbiAgICAubWFwKChwYXJ0KSA9PiBwYXJ0LnJlcGxhY2UoL1tcXFxcO3xdL2csICdcXFxcJCYnKSlcbiAgICAuam9pbignIHwgJyk7XG59XG5cbmV4cG9ydCBjb25zdCBqb2luQWRkcmVzc2VzID0gKGFkZHJlc3NlczogcmVhZG9ubHkgQWRkcmVzc1tdKTogc3RyaW5nID0+XG4gIGFkZHJlc3Nlcy5tYXAod3JpdGVBZGRyZXNzKS5qb2luKCc7ICcpO1xuXG5leHBvcnQgZnVuY3Rpb24gcmVhZEFkZHJlc3Nlcyh0ZXh0OiBzdHJpbmcpOiBBZGRyZXNzW10ge1xuICByZXR1cm4gc3BsaXRSYXcodGV4dCwgJzsnKS5tYXAoKGVudHJ5KSA9PiB7XG4gICAgY29uc3QgcGFydHMgPSBzcGxpdFJhdyhlbnRyeSwgJ3wnKS5tYXAoKHBhcnQpID0+IHBhcnQucmVwbGFjZSgvXFxcXChbXFxcXDt8LF0pL2csICckMScpLnRyaW0oKSk7XG4gICAgLy8gQSBwbGFpbiBhZGRyZXNzIHdpdGhvdXQgYmFycyBpcyBhIHN0cmVldCBsaW5lLlxuICAgIGNvbnN0IGF0ID0gcGFydHMubGVuZ3RoID09PSAxID8gWycnLCBwYXJ0c1swXSFdIDogcGFydHM7XG4gICAgY29uc3QgW2xhdCwgbG9uXSA9IFthdFs3XSwgYXRbOF1dLm1hcCgocGFydCkgPT4gKHBhcnQgPyBOdW1iZXIocGFydCkgOiBudWxsKSk7XG4gICAgcmV0dXJuIHtcbiAgICAgIC4uLihPYmplY3QuZnJvbUVudHJpZXMoQUREUkVTU19QQVJUUy5tYXAoKHBhcnQsIGkpID0+IFtwYXJ0LCBhdFtpXSA/PyAnJ10pKSBhcyBSZWNvcmQ8XG4gICAgICAgICh0eXBlb2YgQUREUkVTU19QQVJUUylbbnVtYmVyXSxcbiAgICAgICAgc3RyaW5nXG4gICAgICA+KSxcbiAgICAgIGxhdDogTnVtYmVyLmlzRmluaXRlKGxhdCkgPyBsYXQhIDogbnVsbCxcbiAgICAgIGxvbjogTnVtYmVyLmlzRmluaXRlKGxvbikgPyBsb24hIDogbnVsbCxcbiAgICB9O1xuICB9KTtcbn1cblxuLyoqIFNwbGl0cyBhdCBvbmUgc2lnbiB0aGF0IGlzIG5vdCBlc2NhcGVkLCBhbmQgbGVhdmVzIHRoZSBlc2NhcGVzIGFzIHRoZXkgYXJlLiAqL1xuZnVuY3Rpb24gc3BsaXRSYXcodGV4dDogc3RyaW5nLCBzaWduOiBzdHJpbmcpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHBhcnRzID0gWycnXTtcbiAgZm9yIChsZXQgaSA9IDA7IGkgPCB0ZXh0Lmxlbmd0aDsgaSsrKSB7XG4gICAgaWYgKHRleHRbaV0gPT09ICdcXFxcJykgcGFydHNbcGFydHMubGVuZ3RoIC0gMV0gKz0gdGV4dFtpXSEgKyAodGV4dFsrK2ldID8/ICcnKTtcbiAgICBlbHNlIGlmICh0ZXh0W2ldID09PSBzaWduKSBwYXJ0cy5wdXNoKCcnKTtcbiAgICBlbHNlIHBhcnRzW3BhcnRzLmxlbmd0aCAtIDFdICs9IHRleHRbaV0hO1xuICB9XG4gIHJldHVybiBwYXJ0cy5zb21lKChwYXJ0KSA9PiBwYXJ0LnRyaW0oKSkgPyBwYXJ0cyA6IFtdO1xufVxuXG5leHBvcnQgY29uc3Qgd3JpdGVEYXRlcyA9IChkYXRlczogcmVhZG9ubHkgTmFtZWREYXRlW10pOiBzdHJpbmcgPT5cbiAgam9pbkNlbGwoZGF0ZXMubWFwKCh7IG5hbWUsIG9uIH0pID0+IGAke25hbWV9ICR7b259YCkpO1xuXG4vKiogXCJNb3ZlZCBpbiAyMDE5LTA2LTAxOyBEb2cgMDUtMDRcIjsgd2hhdCBoYXMgbm8gZGF0ZSBhdCBpdHMgZW5kIGlzIGFuc3dlcmVkIGFzIHVucmVhZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkRGF0ZXModGV4dDogc3RyaW5nKTogeyBkYXRlczogTmFtZWREYXRlW107IHVucmVhZDogc3RyaW5nW10gfSB7XG4gIGNvbnN0IGRhdGVzOiBOYW1lZERhdGVbXSA9IFtdO1xuICBjb25zdCB1bnJlYWQ6IHN0cmluZ1tdID0gW107XG4gIGZvciAoY29uc3QgcGFydCBvZiBzcGxpdENlbGwodGV4dCwgJztcXG4nKSkge1xuICAgIGNvbnN0IGZvdW5kID0gL14oLis/KTo/XFxzKyhcXFMrKSQvLmV4ZWMocGFydCk7XG4gICAgY29uc3Qgb24gPSBmb3VuZCAmJiByZWFkRGF0ZShmb3VuZFsyXSEpO1xuICAgIGlmIChmb3VuZCAmJiBvbikgZGF0ZXMucHVzaCh7IG5hbWU6IGZvdW5kWzFdISwgb24gfSk7XG4gICAgZWxzZSB1bnJlYWQucHVzaChwYXJ0KTtcbiAgfVxuICByZXR1cm4geyBkYXRlcywgdW5yZWFkIH07XG59XG5cbmV4cG9ydCBjb25zdCB3cml0ZUNvbnNlbnQgPSAoY29uc2VudDogQ29uc2VudHMpOiBzdHJpbmcgPT5cbiAgam9pbkNlbGwoXG4gICAgQ0hBTk5FTFMuZmxhdE1hcCgoY2hhbm5lbCkgPT4ge1xuICAgICAgY29uc3QgYyA9IGNvbnNlbnRbY2hhbm5lbF07XG4gICAgICByZXR1cm4gYyA/IFtgJHtjaGFubmVsfSAke2MuYW5zd2VyfSAke2Mub259JHtjLmNhbWVGcm9tID8gYCAke2MuY2FtZUZyb219YCA6ICcnfWBdIDogW107XG4gICAgfSksXG4gICk7XG5cbi8qKiBcImNhbGwgeWVzIDIwMjYtMDUtMDQgYXQgdGhlIGZhaXI7IHBvc3Qgbm8gMjAyNi0wNS0wNFwiOyBhbnl0aGluZyBlbHNlIGlzIGFuc3dlcmVkIGFzIHVucmVhZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkQ29uc2VudCh0ZXh0OiBzdHJpbmcpOiB7IGNvbnNlbnQ6IENvbnNlbnRzOyB1bnJlYWQ6IHN0cmluZ1tdIH0ge1xuICBjb25zdCBjb25zZW50OiBDb25zZW50cyA9IHt9O1xuICBjb25zdCB1bnJlYWQ6IHN0cmluZ1tdID0gW107XG4gIGZvciAoY29uc3QgcGFydCBvZiBzcGxpdENlbGwodGV4dCwgJztcXG4nKSkge1xuICAgIGNvbnN0IGZvdW5kID0gL14oXFx3KykgKHllc3xubykgKFxcZHs0fS1cXGR7Mn0tXFxkezJ9KSg/OiAoLiopKT8kLy5leGVjKHBhcnQpO1xuICAgIGNvbnN0IGNoYW5uZWwgPSBmb3VuZD8uWzFdIGFzIENoYW5uZWwgfCB1bmRlZmluZWQ7XG4gICAgaWYgKGZvdW5kICYmIENIQU5ORUxTLmluY2x1ZGVzKGNoYW5uZWwhKSAmJiByZWFkRGF0ZShmb3VuZFszXSEpKVxuICAgICAgY29uc2VudFtjaGFubmVsIV0gPSB7XG4gICAgICAgIGFuc3dlcjogZm91bmRbMl0gYXMgJ3llcycgfCAnbm8nLFxuICAgICAgICBvbjogZm91bmRbM10hLFxuICAgICAgICBjYW1lRnJvbTogZm91bmRbNF0gPz8gJycsXG4gICAgICB9O1xuICAgIGVsc2UgdW5yZWFkLnB1c2gocGFydCk7XG4gIH1cbiAgcmV0dXJuIHsgY29uc2VudCwgdW5yZWFkIH07XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgRGF0ZWROb3RlIHtcbiAgb246IHN0cmluZztcbiAgYm9keTogc3RyaW5nO1xufVxuXG5jb25zdCBEQVRFRCA9IC9eXFxbKFxcZHs0fS1cXGR7Mn0tXFxkezJ9KVxcXSAvO1xuXG4vKiogU2V2ZXJhbCBub3RlcyBpbiBvbmUgY2VsbCwgZWFjaCBiZWhpbmQgaXRzIGRheSBpbiBicmFja2V0cy4gKi9cbmV4cG9ydCBjb25zdCB3cml0ZU5vdGVzID0gKG5vdGVzOiByZWFkb25seSBEYXRlZE5vdGVbXSk6IHN0cmluZyA9PlxuICBub3Rlc1xuICAgIC5tYXAoKHsgb24sIGJvZHkgfSkgPT4gYFske29ufV0gJHtib2R5LnJlcGxhY2UoL14oXFxcXCopKD89XFxbXFxkezR9LVxcZFxcZC1cXGRcXGRcXF0gKS9nbSwgJyQxXFxcXCcpfWApXG4gICAgLmpvaW4oJ1xcblxcbicpO1xuXG4vKiogTm90ZXMgd2l0aCB0aGVpciBkYXlzOyB0ZXh0IHdpdGhvdXQgYW55IGlzIG9uZSBub3RlIHdpdGhvdXQgYSBkYXkuICovXG5leHBvcnQgZnVuY3Rpb24gcmVhZE5vdGVzKHRleHQ6IHN0cmluZyk6IHsgb246IHN0cmluZyB8IG51bGw7IGJvZHk6IHN0cmluZyB9W10ge1xuICBjb25zdCBub3RlczogeyBvbjogc3RyaW5nIHwgbnVsbDsgYm9keTogc3RyaW5nIH1bXSA9IFtdO1xuICBmb3IgKGNvbnN0IGxpbmUgb2YgdGV4dC5zcGxpdCgvXFxyP1xcbi8pKSB7XG4gICAgY29uc3QgZGF0ZWQgPSBEQVRFRC5leGVjKGxpbmUpO1xuICAgIGlmIChkYXRlZCAmJiByZWFkRGF0ZShkYXRlZFsxXSEpKVxuICAgICAgbm90ZXMucHVzaCh7IG9uOiBkYXRlZFsxXSEsIGJvZHk6IGxpbmUuc2xpY2UoZGF0ZWRbMF0ubGVuZ3RoKSB9KTtcbiAgICBlbHNlIGlmIChub3Rlcy5sZW5ndGggPiAwKSBub3Rlc1tub3Rlcy5sZW5ndGggLSAxXSEuYm9keSArPSBgXFxuJHtsaW5lfWA7XG4gICAgZWxzZSBub3Rlcy5wdXNoKHsgb246IG51bGwsIGJvZHk6IGxpbmUgfSk7XG4gIH1cbiAgcmV0dXJuIG5vdGVzXG4gICAgLm1hcCgoeyBvbiwgYm9keSB9KSA9PiAoe1xuICAgICAgb24sXG4gICAgICBib2R5OiBib2R5LnJlcGxhY2UoL15cXFxcKD89XFxcXCpcXFtcXGR7NH0tXFxkXFxkLVxcZFxcZFxcXSApL2dtLCAnJykudHJpbSgpLFxuICAgIH0pKVxuICAgIC5maWx0ZXIoKHsgYm9keSB9KSA9PiBib2R5ICE9PSAnJyk7XG59XG4iLCAiaW1wb3J0IFBhcGEgZnJvbSAncGFwYXBhcnNlJztcblxuaW1wb3J0IHtcbiAgQ09MVU1OUyxcbiAgZGlzcGxheU5hbWUsXG4gIGZvcm1hdFBob25lLFxuICB0eXBlIENvbHVtbktleSxcbiAgdHlwZSBGYWN0SW5mbyxcbiAgdHlwZSBPd25GaWVsZCxcbiAgdHlwZSBQZXJzb25GaWVsZHMsXG59IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuXG5pbXBvcnQge1xuICBqb2luQWRkcmVzc2VzLFxuICBqb2luQ2VsbCxcbiAgd3JpdGVDb25zZW50LFxuICB3cml0ZURhdGVzLFxuICB3cml0ZU5vdGVzLFxuICB3cml0ZVJlYWNoLFxuICB0eXBlIERhdGVkTm90ZSxcbn0gZnJvbSAnLi9jZWxscyc7XG5pbXBvcnQgdHlwZSB7IEpvYlRvbGQsIFRpZVRvbGQsIFRvdWNoVG9sZCB9IGZyb20gJy4vaW1wb3J0ZWQnO1xuaW1wb3J0IHsgb3duVmFsdWVUZXh0IH0gZnJvbSAnLi9vd24nO1xuaW1wb3J0IHsgd3JpdGVKb2JzLCB3cml0ZVRpZXMsIHdyaXRlVG91Y2hlcyB9IGZyb20gJy4vc3RvcnktY2VsbHMnO1xuXG4vKiogV2hhdCBpcyBrbm93biBvZiBvbmUgcGVyc29uIHdoZW4gdGhleSBnbyBvdXQuICovXG5leHBvcnQgaW50ZXJmYWNlIEV4cG9ydGVkUGVyc29uIHtcbiAgZmllbGRzOiBQZXJzb25GaWVsZHM7XG4gIHRhZ3M6IHN0cmluZ1tdO1xuICBjaXJjbGU6IHN0cmluZztcbiAgcHJvbWlzZURheXM6IG51bWJlciB8IG51bGw7XG4gIC8qKiBUaGUgbGF0ZXN0IGZpcnN0LiAqL1xuICBub3RlczogRGF0ZWROb3RlW107XG4gIC8qKiBUaGUgbGF0ZXN0IGZpcnN0LiAqL1xuICB0b3VjaGVzOiByZWFkb25seSBUb3VjaFRvbGRbXTtcbiAgam9iczogcmVhZG9ubHkgSm9iVG9sZFtdO1xuICB0aWVzOiByZWFkb25seSBUaWVUb2xkW107XG4gIC8qKiBXaGF0IHN1YmplY3RzIGtub3cgb2YgdGhlbSBiZXNpZGVzLCBieSBrZXkuICovXG4gIGZhY3RzPzogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nIHwgbnVsbD4+O1xufVxuXG4vKiogQSBjb2x1bW4gb2YgYSBmaWxlIHRoYXQgZ29lcyBvdXQ6IG9uZSB0aGF0IGNvdWxkIGNvbWUgaW4gYXMgd2VsbCwgb3IgJ2ZhY3Q6JyBhbmQgaXRzIGtleS4gKi9cbmV4cG9ydCB0eXBlIEV4cG9ydENvbHVtbiA9IENvbHVtbktleSB8IGBvd246JHtzdHJpbmd9YCB8IGBmYWN0OiR7c3RyaW5nfWA7XG5cbmNvbnN0IENFTEw6IFJlY29yZDxDb2x1bW5LZXksIChwOiBFeHBvcnRlZFBlcnNvbikgPT4gc3RyaW5nPiA9IHtcbiAgbmFtZTogKHsgZmllbGRzIH0pID0+IGRpc3BsYXlOYW1lKGZpZWxkcyksXG4gIHByZWZpeDogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5wcmVmaXgsXG4gIGdpdmVuTmFtZTogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5naXZlbk5hbWUsXG4gIG1pZGRsZU5hbWU6ICh7IGZpZWxkcyB9KSA9PiBmaWVsZHMubWlkZGxlTmFtZSxcbiAgZmFtaWx5TmFtZTogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5mYW1pbHlOYW1lLFxuICBzdWZmaXg6ICh7IGZpZWxkcyB9KSA9PiBmaWVsZHMuc3VmZml4LFxuICBnb2VzQnk6ICh7IGZpZWxkcyB9KSA9PiBmaWVsZHMuZ29lc0J5LFxuICBjb21wYW55OiAoeyBmaWVsZHMgfSkgPT4gZmllbGRzLmNvbXBhbnksXG4gIGpvYlRpdGxlOiAoeyBmaWVsZHMgfSkgPT4gZmllbGRzLmpvYlRpdGxlLFxuICBlbWFpbDogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5lbWFpbHNbMF0/LnZhbHVlID8/ICcnLFxuICBlbWFpbExhYmVsOiAoeyBmaWVsZHMgfSkgPT4gZmllbGRzLmVtYWlsc1swXT8ubGFiZWwgPz8gJycsXG4gIG1vcmVFbWFpbHM6ICh7IGZpZWxkcyB9KSA9PiBqb2luQ2VsbChmaWVsZHMuZW1haWxzLnNsaWNlKDEpLm1hcCh3cml0ZVJlYWNoKSksXG4gIHBob25lOiAoeyBmaWVsZHMgfSkgPT4gZm9ybWF0UGhvbmUoZmllbGRzLnBob25lc1swXT8udmFsdWUgPz8gJycpLFxuICBwaG9uZUxhYmVsOiAoeyBmaWVsZHMgfSkgPT4gZmllbGRzLnBob25lc1swXT8ubGFiZWwgPz8gJycsXG4gIG1vcmVQaG9uZXM6ICh7IGZpZWxkcyB9KSA9PiBqb2luQ2VsbChmaWVsZHMucGhvbmVzLnNsaWNlKDEpLm1hcCh3cml0ZVJlYWNoKSksXG4gIGFkZHJlc3NMaW5lOiAoeyBmaWVsZHMgfSkgPT4gZmllbGRzLmFkZHJlc3Nlc1swXT8ubGluZSA/PyAnJyxcbiAgY2l0eTogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5hZGRyZXNzZXNbMF0/LmNpdHkgPz8gJycsXG4gIHJlZ2lvbjogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5hZGRyZXNzZXNbMF0/LnJlZ2lvbiA/PyAnJyxcbiAgcG9zdGFsQ29kZTogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5hZGRyZXNzZXNbMF0/LnBvc3RhbENvZGUgPz8gJycsXG4gIGNvdW50cnk6ICh7IGZpZWxkcyB9KSA9PiBmaWVsZHMuYWRkcmVzc2VzWzBdPy5jb3VudHJ5ID8/ICcnLFxuICBwbGFjZTogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5hZGRyZXNzZXNbMF0/LnBsYWNlID8/ICcnLFxuICBhZGRyZXNzTGFiZWw6ICh7IGZpZWxkcyB9KSA9PiBmaWVsZHMuYWRkcmVzc2VzWzBdPy5sYWJlbCA/PyAnJyxcbiAgbGF0OiAoeyBmaWVsZHMgfSkgPT4gU3RyaW5nKGZpZWxkcy5hZGRyZXNzZXNbMF0/LmxhdCA/PyAnJyksXG4gIGxvbjogKHsgZmllbGRzIH0pID0+IFN0cmluZyhmaWVsZHMuYWRkcmVzc2VzWzBdPy5sb24gPz8gJycpLFxuICBtb3JlQWRkcmVzc2VzOiAoeyBmaWVsZHMgfSkgPT4gam9pbkFkZHJlc3NlcyhmaWVsZHMuYWRkcmVzc2VzLnNsaWNlKDEpKSxcbiAgbGluazogKHsgZmllbGRzIH0pID0+IGpvaW5DZWxsKGZpZWxkcy5saW5rcy5tYXAod3JpdGVSZWFjaCkpLFxuICBiaXJ0aGRheTogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5iaXJ0aGRheSA/PyAnJyxcbiAgd2VkZGluZzogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5kYXRlcy5maW5kKGlzV2VkZGluZyk/Lm9uID8/ICcnLFxuICBkYXRlczogKHsgZmllbGRzIH0pID0+IHdyaXRlRGF0ZXMoZmllbGRzLmRhdGVzLmZpbHRlcigoZCkgPT4gZCAhPT0gZmllbGRzLmRhdGVzLmZpbmQoaXNXZWRkaW5nKSkpLFxuICBpbnRlcmVzdHM6ICh7IGZpZWxkcyB9KSA9PiBqb2luQ2VsbChmaWVsZHMuaW50ZXJlc3RzKSxcbiAgcm9sZXM6ICh7IGZpZWxkcyB9KSA9PiBqb2luQ2VsbChmaWVsZHMucm9sZXMpLFxuICBzdGFuZGluZzogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5zdGFuZGluZyxcbiAgc291cmNlOiAoeyBmaWVsZHMgfSkgPT4gZmllbGRzLnNvdXJjZSxcbiAgY2lyY2xlOiAoeyBjaXJjbGUgfSkgPT4gY2lyY2xlLFxuICBwcm9taXNlOiAoeyBwcm9taXNlRGF5cyB9KSA9PiBTdHJpbmcocHJvbWlzZURheXMgPz8gJycpLFxuICB0YWdzOiAoeyB0YWdzIH0pID0+IGpvaW5DZWxsKHRhZ3MpLFxuICBwcmVmZXJyZWQ6ICh7IGZpZWxkcyB9KSA9PiBmaWVsZHMucHJlZmVycmVkLFxuICBsYW5ndWFnZTogKHsgZmllbGRzIH0pID0+IGZpZWxkcy5sYW5ndWFnZSxcbiAgZmF2b3VyaXRlOiAoeyBmaWVsZHMgfSkgPT4gKGZpZWxkcy5mYXZvdXJpdGUgPyAneWVzJyA6ICcnKSxcbiAgd291bGRSZWZlcjogKHsgZmllbGRzIH0pID0+XG4gICAgW2ZpZWxkcy53b3VsZFJlZmVyLCBmaWVsZHMud291bGRSZWZlciAmJiBmaWVsZHMud291bGRSZWZlck9uXS5maWx0ZXIoQm9vbGVhbikuam9pbignICcpLFxuICBjb25zZW50OiAoeyBmaWVsZHMgfSkgPT4gd3JpdGVDb25zZW50KGZpZWxkcy5jb25zZW50KSxcbiAgbm90ZTogKHsgbm90ZXMgfSkgPT4gbm90ZXNbMF0/LmJvZHkgPz8gJycsXG4gIG5vdGVzOiAoeyBub3RlcyB9KSA9PiB3cml0ZU5vdGVzKG5vdGVzKSxcbiAgbGFzdFRvdWNoOiAoeyB0b3VjaGVzIH0pID0+IHdyaXRlVG91Y2hlcyh0b3VjaGVzLnNsaWNlKDAsIDEpKSxcbiAgdG91Y2hlczogKHsgdG91Y2hlcyB9KSA9PiB3cml0ZVRvdWNoZXModG91Y2hlcyksXG4gIHRpZXM6ICh7IHRpZXMgfSkgPT4gd3JpdGVUaWVzKHRpZXMpLFxuICB3b3JrOiAoeyBqb2JzIH0pID0+IHdyaXRlSm9icyhqb2JzKSxcbn07XG5cbmNvbnN0IGlzV2VkZGluZyA9ICh7IG5hbWUgfTogeyBuYW1lOiBzdHJpbmcgfSkgPT4gbmFtZSA9PT0gJ1dlZGRpbmcnO1xuXG4vKipcbiAqIEEgY2VsbCB0aGF0IGEgc3ByZWFkc2hlZXQgd291bGQgcnVuIGFzIGEgZm9ybXVsYSBnZXRzIGFuIGFwb3N0cm9waGUgYmVmb3JlIGl0LCB3aGljaCByZWFkaW5nXG4gKiB0YWtlcyBvZmYgYWdhaW4gKE9XQVNQIFwiQ1NWIGluamVjdGlvblwiKS5cbiAqL1xuZXhwb3J0IGNvbnN0IGd1YXJkID0gKGNlbGw6IHN0cmluZyk6IHN0cmluZyA9PlxuICAvXicqWz0rXFwtQFxcdFxccl18XicrXFxkKyQvLnRlc3QoY2VsbCkgPyBgJyR7Y2VsbH1gIDogY2VsbDtcblxuLyoqIFRoZSBoZWFkZXIgb2YgYSBjb2x1bW4sIGJ5IHdoaWNoIGltcG9ydCBrbm93cyBpdCBhZ2Fpbi4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjb2x1bW5MYWJlbChcbiAgY29sdW1uOiBFeHBvcnRDb2x1bW4sXG4gIG93bjogcmVhZG9ubHkgT3duRmllbGRbXSxcbiAgZmFjdHM6IHJlYWRvbmx5IFBpY2s8RmFjdEluZm8sICdrZXknIHwgJ2xhYmVsJz5bXSxcbik6IHN0cmluZyB7XG4gIGlmIChjb2x1bW4uc3RhcnRzV2l0aCgnb3duOicpKSByZXR1cm4gb3duLmZpbmQoKHsgaWQgfSkgPT4gY29sdW1uID09PSBgb3duOiR7aWR9YCk/Lm5hbWUgPz8gJyc7XG4gIGlmIChjb2x1bW4uc3RhcnRzV2l0aCgnZmFjdDonKSlcbiAgICByZXR1cm4gZmFjdHMuZmluZCgoeyBrZXkgfSkgPT4gY29sdW1uID09PSBgZmFjdDoke2tleX1gKT8ubGFiZWwgPz8gJyc7XG4gIHJldHVybiBDT0xVTU5TW2NvbHVtbiBhcyBDb2x1bW5LZXldLmxhYmVsO1xufVxuXG5mdW5jdGlvbiBjZWxsT2YocGVyc29uOiBFeHBvcnRlZFBlcnNvbiwgY29sdW1uOiBFeHBvcnRDb2x1bW4sIG93bjogcmVhZG9ubHkgT3duRmllbGRbXSk6IHN0cmluZyB7XG4gIGlmIChjb2x1bW4uc3RhcnRzV2l0aCgnZmFjdDonKSkgcmV0dXJuIHBlcnNvbi5mYWN0cz8uW2NvbHVtbi5zbGljZSg1KV0gPz8gJyc7XG4gIGlmICghY29sdW1uLnN0YXJ0c1dpdGgoJ293bjonKSkgcmV0dXJuIENFTExbY29sdW1uIGFzIENvbHVtbktleV0ocGVyc29uKTtcbiAgY29uc3QgZmllbGQgPSBvd24uZmluZCgoeyBpZCB9KSA9PiBjb2x1bW4gPT09IGBvd246JHtpZH1gKTtcbiAgY29uc3QgdmFsdWUgPSBmaWVsZCAmJiBwZXJzb24uZmllbGRzLm93bltmaWVsZC5pZF07XG4gIHJldHVybiBmaWVsZCAmJiB2YWx1ZSAhPT0gdW5kZWZpbmVkID8gb3duVmFsdWVUZXh0KGZpZWxkLCB2YWx1ZSkgOiAnJztcbn1cblxuLyoqIFRoZSBmaXJzdCBsaW5lIG9mIGEgQ1NWIGZpbGUgKFJGQyA0MTgwKSwgYWZ0ZXIgYSBieXRlLW9yZGVyIG1hcmssIGJ5IHdoaWNoIHNwcmVhZHNoZWV0cyBrbm93IFVURi04LiAqL1xuZXhwb3J0IGNvbnN0IGNzdkhlYWQgPSAoXG4gIGNvbHVtbnM6IHJlYWRvbmx5IEV4cG9ydENvbHVtbltdLFxuICBvd246IHJlYWRvbmx5IE93bkZpZWxkW10sXG4gIGZhY3RzOiByZWFkb25seSBQaWNrPEZhY3RJbmZvLCAna2V5JyB8ICdsYWJlbCc+W10gPSBbXSxcbik6IHN0cmluZyA9PiBgXFx1RkVGRiR7Y3N2TGluZXMoW2NvbHVtbnMubWFwKChjb2x1bW4pID0+IGd1YXJkKGNvbHVtbkxhYmVsKGNvbHVtbiwgb3duLCBmYWN0cykpKV0pfWA7XG5cbi8qKiBQZW9wbGUgYXMgbGluZXMgb2YgYSBDU1YgZmlsZS4gKi9cbmV4cG9ydCBjb25zdCBjc3ZSb3dzID0gKFxuICBwZW9wbGU6IHJlYWRvbmx5IEV4cG9ydGVkUGVyc29uW10sXG4gIGNvbHVtbnM6IHJlYWRvbmx5IEV4cG9ydENvbHVtbltdLFxuICBvd246IHJlYWRvbmx5IE93bkZpZWxkW10sXG4pOiBzdHJpbmcgPT5cbiAgY3N2TGluZXMocGVvcGxlLm1hcCgocGVyc29uKSA9PiBjb2x1bW5zLm1hcCgoY29sdW1uKSA9PiBndWFyZChjZWxsT2YocGVyc29uLCBjb2x1bW4sIG93bikpKSkpO1xuXG4vKiogTGluZXMgZW5kIHdpdGggQ1JMRiwgcXVvdGVzIGFyZSBkb3VibGVkIChSRkMgNDE4MCkuICovXG5jb25zdCBjc3ZMaW5lcyA9IChsaW5lczogcmVhZG9ubHkgc3RyaW5nW11bXSk6IHN0cmluZyA9PlxuICBsaW5lcy5sZW5ndGggPT09IDAgPyAnJyA6IGAke1BhcGEudW5wYXJzZShbLi4ubGluZXNdLCB7IG5ld2xpbmU6ICdcXHJcXG4nIH0pfVxcclxcbmA7XG4iLCAiaW1wb3J0IHsgZm9sZCwgdHlwZSBPd25GaWVsZCwgdHlwZSBPd25WYWx1ZSB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuaW1wb3J0IHsgcmVhZEZ1bGxEYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG5jb25zdCBZRVMgPSBuZXcgU2V0KFsneWVzJywgJ3knLCAndHJ1ZScsICcxJywgJ3gnLCAnb24nXSk7XG5jb25zdCBOTyA9IG5ldyBTZXQoWydubycsICduJywgJ2ZhbHNlJywgJzAnLCAnb2ZmJ10pO1xuXG4vKipcbiAqIFJlYWRzIGEgbnVtYmVyIGFzIHBlb3BsZSB3cml0ZSBpdCwgb3IgbnVsbDogXCIxLDI1MC41MFwiLCBcIiQgMSAyNTBcIiwgXCItM1wiLiBBIGNvbW1hIGlzIHRha2VuIGZvciB0aGVcbiAqIGRlY2ltYWwgc2lnbiBvbmx5IHdoZXJlIGl0IGNhbiBiZSBub3RoaW5nIGVsc2UgKFwiMTIsNVwiKS5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWROdW1iZXIodGV4dDogc3RyaW5nKTogbnVtYmVyIHwgbnVsbCB7XG4gIGNvbnN0IHRpZHkgPSB0ZXh0LnJlcGxhY2UoL1tcXHMkXHUyMEFDXHUwMEEzXS9nLCAnJyk7XG4gIGNvbnN0IHBsYWluID0gL14tP1xcZCssXFxkezEsMn0kLy50ZXN0KHRpZHkpXG4gICAgPyB0aWR5LnJlcGxhY2UoJywnLCAnLicpXG4gICAgOiB0aWR5LnJlcGxhY2UoLywoPz1cXGR7M30pL2csICcnKTtcbiAgcmV0dXJuIC9eLT9cXGQrKFxcLlxcZCspPyQvLnRlc3QocGxhaW4pID8gTnVtYmVyKHBsYWluKSA6IG51bGw7XG59XG5cbi8qKiBXaGF0IGFuIG93biBmaWVsZCBvZiBlYWNoIHR5cGUgd2FudHMsIGZvciBwZW9wbGUuICovXG5leHBvcnQgY29uc3QgT1dOX1dBTlRTOiBSZWNvcmQ8T3duRmllbGRbJ3R5cGUnXSwgc3RyaW5nPiA9IHtcbiAgdGV4dDogJ3RleHQnLFxuICBudW1iZXI6ICdhIG51bWJlcicsXG4gIG1vbmV5OiAnYW4gYW1vdW50IG9mIG1vbmV5JyxcbiAgZGF0ZTogJ2EgZGF5IGluIHRoZSBjYWxlbmRhcicsXG4gIGNob2ljZTogJ29uZSBvZiBpdHMgY2hvaWNlcycsXG4gIGZsYWc6ICd5ZXMgb3Igbm8nLFxufTtcblxuLyoqXG4gKiBSZWFkcyBhIHZhbHVlIG9mIGFuIG93biBmaWVsZCBmcm9tIHRleHQgKG9yIGZyb20gSlNPTiwgd2hlcmUgbnVtYmVycyBhbmQgeWVzL25vIGhhdmUgdHlwZXMgb2ZcbiAqIHRoZWlyIG93bik7IG51bGwgd2hlbiBpdCBpcyBub25lIG9mIHRoZSBmaWVsZCdzIHR5cGUuIE1vbmV5IGNvbWVzIG91dCBpbiBtaW5vciB1bml0cy5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRPd25WYWx1ZShcbiAgZmllbGQ6IFBpY2s8T3duRmllbGQsICd0eXBlJyB8ICdjaG9pY2VzJz4sXG4gIHJhdzogT3duVmFsdWUsXG4pOiBPd25WYWx1ZSB8IG51bGwge1xuICBjb25zdCB0ZXh0ID0gU3RyaW5nKHJhdykudHJpbSgpO1xuICBzd2l0Y2ggKGZpZWxkLnR5cGUpIHtcbiAgICBjYXNlICd0ZXh0JzpcbiAgICAgIHJldHVybiB0ZXh0O1xuICAgIGNhc2UgJ251bWJlcic6XG4gICAgICByZXR1cm4gcmVhZE51bWJlcih0ZXh0KTtcbiAgICBjYXNlICdtb25leSc6IHtcbiAgICAgIGlmICh0eXBlb2YgcmF3ID09PSAnbnVtYmVyJykgcmV0dXJuIE51bWJlci5pc0ludGVnZXIocmF3KSA/IHJhdyA6IG51bGw7XG4gICAgICBjb25zdCBhbW91bnQgPSByZWFkTnVtYmVyKHRleHQpO1xuICAgICAgcmV0dXJuIGFtb3VudCA9PT0gbnVsbCA/IG51bGwgOiBNYXRoLnJvdW5kKGFtb3VudCAqIDEwMCk7XG4gICAgfVxuICAgIGNhc2UgJ2RhdGUnOlxuICAgICAgcmV0dXJuIHJlYWRGdWxsRGF0ZSh0ZXh0KTtcbiAgICBjYXNlICdjaG9pY2UnOlxuICAgICAgcmV0dXJuIGZpZWxkLmNob2ljZXMuZmluZCgoY2hvaWNlKSA9PiBmb2xkKGNob2ljZSkgPT09IGZvbGQodGV4dCkpID8/IG51bGw7XG4gICAgY2FzZSAnZmxhZyc6XG4gICAgICBpZiAodHlwZW9mIHJhdyA9PT0gJ2Jvb2xlYW4nKSByZXR1cm4gcmF3O1xuICAgICAgcmV0dXJuIFlFUy5oYXMoZm9sZCh0ZXh0KSkgPyB0cnVlIDogTk8uaGFzKGZvbGQodGV4dCkpID8gZmFsc2UgOiBudWxsO1xuICB9XG59XG5cbi8qKiBBIHZhbHVlIGFzIHBlb3BsZSByZWFkIGl0IGFuZCBhcyBpdCBpcyB3cml0dGVuIHRvIGEgZmlsZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBvd25WYWx1ZVRleHQoZmllbGQ6IFBpY2s8T3duRmllbGQsICd0eXBlJz4sIHZhbHVlOiBPd25WYWx1ZSk6IHN0cmluZyB7XG4gIGlmIChmaWVsZC50eXBlID09PSAnZmxhZycpIHJldHVybiB2YWx1ZSA/ICd5ZXMnIDogJ25vJztcbiAgcmV0dXJuIGZpZWxkLnR5cGUgPT09ICdtb25leScgPyAoTnVtYmVyKHZhbHVlKSAvIDEwMCkudG9GaXhlZCgyKSA6IFN0cmluZyh2YWx1ZSk7XG59XG5cbi8qKiBXaGF0IHR5cGUgb2Ygb3duIGZpZWxkIHN1aXRzIHRoZSBjZWxscyBvZiBhIGNvbHVtbjogb25lIHRoYXQgYWxsIG9mIHRoZW0gY2FuIGJlIHJlYWQgYXMuICovXG5leHBvcnQgZnVuY3Rpb24gZmllbGRUeXBlT2YoY2VsbHM6IHJlYWRvbmx5IHN0cmluZ1tdKTogT3duRmllbGRbJ3R5cGUnXSB7XG4gIGNvbnN0IHRvbGQgPSBjZWxscy5maWx0ZXIoQm9vbGVhbik7XG4gIGNvbnN0IGZpdHMgPSAodHlwZTogT3duRmllbGRbJ3R5cGUnXSkgPT5cbiAgICB0b2xkLmV2ZXJ5KChjZWxsKSA9PiByZWFkT3duVmFsdWUoeyB0eXBlLCBjaG9pY2VzOiBbXSB9LCBjZWxsKSAhPT0gbnVsbCk7XG4gIC8vIEEgZmlndXJlIHdpdGggemVyb3MgYmVmb3JlIGl0IGlzIGEgbmFtZSBmb3Igc29tZXRoaW5nLCBub3QgYSBudW1iZXIuXG4gIGlmICh0b2xkLmxlbmd0aCA9PT0gMCB8fCB0b2xkLnNvbWUoKGNlbGwpID0+IC9eMFxcZC8udGVzdChjZWxsKSkpIHJldHVybiAndGV4dCc7XG4gIHJldHVybiAoWydudW1iZXInLCAnZGF0ZScsICdmbGFnJ10gYXMgY29uc3QpLmZpbmQoZml0cykgPz8gJ3RleHQnO1xufVxuIiwgIi8qKiBUaGUga2luZHMgb2YgdG91Y2gsIGluIHRoZSBvcmRlciBpbiB3aGljaCB0aGUgZGVzayBncm91cHMgdGhlbS4gKi9cbmV4cG9ydCBjb25zdCBUT1VDSF9LSU5EUyA9IFtcbiAgJ2NhbGwnLFxuICAndGV4dCcsXG4gICdlbWFpbCcsXG4gICdjYXJkJyxcbiAgJ2xldHRlcicsXG4gICdzb2NpYWwnLFxuICAndmlzaXQnLFxuICAnZ2lmdCcsXG4gICdvdGhlcicsXG5dIGFzIGNvbnN0O1xuZXhwb3J0IHR5cGUgVG91Y2hLaW5kID0gKHR5cGVvZiBUT1VDSF9LSU5EUylbbnVtYmVyXTtcblxuLyoqIEhvdyBhIG1hZGUgdG91Y2ggZW5kZWQuIFdoaWNoIG9uZXMgbWFrZSBzZW5zZSBkZXBlbmRzIG9uIHRoZSBraW5kOiBzZWUge0BsaW5rIG91dGNvbWVzT2Z9LiAqL1xuZXhwb3J0IGNvbnN0IE9VVENPTUVTID0gWydyZWFjaGVkJywgJ2xlZnRfd29yZCcsICdzZW50JywgJ2RvbmUnLCAnbm9fYW5zd2VyJywgJ25vdF9ub3cnXSBhcyBjb25zdDtcbmV4cG9ydCB0eXBlIE91dGNvbWUgPSAodHlwZW9mIE9VVENPTUVTKVtudW1iZXJdO1xuXG5leHBvcnQgY29uc3QgS0lORF9XT1JEUzogUmVjb3JkPFRvdWNoS2luZCwgeyBub3VuOiBzdHJpbmc7IHZlcmI6IHN0cmluZzsgZmxvdzogc3RyaW5nIH0+ID0ge1xuICBjYWxsOiB7IG5vdW46ICdjYWxsJywgdmVyYjogJ0NhbGwnLCBmbG93OiAnQ2FsbHMnIH0sXG4gIHRleHQ6IHsgbm91bjogJ3RleHQnLCB2ZXJiOiAnVGV4dCcsIGZsb3c6ICdUZXh0cycgfSxcbiAgZW1haWw6IHsgbm91bjogJ2UtbWFpbCcsIHZlcmI6ICdFLW1haWwnLCBmbG93OiAnRS1tYWlscycgfSxcbiAgY2FyZDogeyBub3VuOiAnY2FyZCcsIHZlcmI6ICdXcml0ZScsIGZsb3c6ICdDYXJkcyB0byB3cml0ZScgfSxcbiAgbGV0dGVyOiB7IG5vdW46ICdsZXR0ZXInLCB2ZXJiOiAnV3JpdGUnLCBmbG93OiAnTGV0dGVycyB0byB3cml0ZScgfSxcbiAgc29jaWFsOiB7IG5vdW46ICdzb2NpYWwgd29yZCcsIHZlcmI6ICdTYXkgaGVsbG8nLCBmbG93OiAnQSB3b3JkIG9ubGluZScgfSxcbiAgdmlzaXQ6IHsgbm91bjogJ3Zpc2l0JywgdmVyYjogJ0Ryb3AgYnknLCBmbG93OiAnVmlzaXRzJyB9LFxuICBnaWZ0OiB7IG5vdW46ICdnaWZ0JywgdmVyYjogJ1NlbmQnLCBmbG93OiAnR2lmdHMnIH0sXG4gIG90aGVyOiB7IG5vdW46ICd0YXNrJywgdmVyYjogJ0RvJywgZmxvdzogJ1Rhc2tzJyB9LFxufTtcblxuLyoqIEEga2luZCB3aXRoIGl0cyBhcnRpY2xlOiBcImEgY2FsbFwiLCBcImFuIGUtbWFpbFwiLiAqL1xuZXhwb3J0IGNvbnN0IGFLaW5kID0gKGtpbmQ6IFRvdWNoS2luZCk6IHN0cmluZyA9PiB7XG4gIGNvbnN0IHsgbm91biB9ID0gS0lORF9XT1JEU1traW5kXTtcbiAgcmV0dXJuIGAkey9eW2FlaW91XS8udGVzdChub3VuKSA/ICdhbicgOiAnYSd9ICR7bm91bn1gO1xufTtcblxuLyoqIE1pbnV0ZXMgdGhhdCBhIHRvdWNoIHRha2VzLCBmb3IgdGhlIGxlbmd0aCBvZiBhIGRheSAoY29tbW9uIHByYWN0aWNlLCBubyBzb3VyY2UpLiAqL1xuZXhwb3J0IGNvbnN0IE1JTlVURVM6IFJlY29yZDxUb3VjaEtpbmQsIG51bWJlcj4gPSB7XG4gIGNhbGw6IDEwLFxuICB0ZXh0OiAzLFxuICBlbWFpbDogNSxcbiAgY2FyZDogOCxcbiAgbGV0dGVyOiAxNSxcbiAgc29jaWFsOiAzLFxuICB2aXNpdDogMzAsXG4gIGdpZnQ6IDE1LFxuICBvdGhlcjogNSxcbn07XG5cbmV4cG9ydCBjb25zdCBPVVRDT01FX1dPUkRTOiBSZWNvcmQ8T3V0Y29tZSwgc3RyaW5nPiA9IHtcbiAgcmVhY2hlZDogJ1JlYWNoZWQnLFxuICBsZWZ0X3dvcmQ6ICdMZWZ0IHdvcmQnLFxuICBzZW50OiAnU2VudCcsXG4gIGRvbmU6ICdEb25lJyxcbiAgbm9fYW5zd2VyOiAnTm8gYW5zd2VyJyxcbiAgbm90X25vdzogJ05vdCBub3cnLFxufTtcblxuY29uc3QgQllfS0lORDogUmVjb3JkPFRvdWNoS2luZCwgcmVhZG9ubHkgT3V0Y29tZVtdPiA9IHtcbiAgY2FsbDogWydyZWFjaGVkJywgJ2xlZnRfd29yZCcsICdub19hbnN3ZXInLCAnbm90X25vdyddLFxuICB2aXNpdDogWydyZWFjaGVkJywgJ2xlZnRfd29yZCcsICdub19hbnN3ZXInLCAnbm90X25vdyddLFxuICB0ZXh0OiBbJ3NlbnQnLCAncmVhY2hlZCcsICdub3Rfbm93J10sXG4gIGVtYWlsOiBbJ3NlbnQnLCAncmVhY2hlZCcsICdub3Rfbm93J10sXG4gIGNhcmQ6IFsnc2VudCcsICdub3Rfbm93J10sXG4gIGxldHRlcjogWydzZW50JywgJ25vdF9ub3cnXSxcbiAgZ2lmdDogWydzZW50JywgJ25vdF9ub3cnXSxcbiAgc29jaWFsOiBbJ2RvbmUnLCAncmVhY2hlZCcsICdub3Rfbm93J10sXG4gIG90aGVyOiBbJ2RvbmUnLCAncmVhY2hlZCcsICdub3Rfbm93J10sXG59O1xuXG4vKiogVGhlIG91dGNvbWVzIHRoYXQgY2FuIGJlIGxvZ2dlZCBmb3IgYSBraW5kLCB0aGUgbGlrZWxpZXN0IGZpcnN0LiAqL1xuZXhwb3J0IGNvbnN0IG91dGNvbWVzT2YgPSAoa2luZDogVG91Y2hLaW5kKTogcmVhZG9ubHkgT3V0Y29tZVtdID0+IEJZX0tJTkRba2luZF07XG5cbi8qKiBXaGV0aGVyIHRoZSBvdXRjb21lIGNvbXBsZXRlcyB0aGUgcGxhbm5lZCB0b3VjaDsgb3RoZXJ3aXNlIGl0IGNvbWVzIGJhY2sgb24gYW5vdGhlciBkYXkuICovXG5leHBvcnQgY29uc3QgY29tcGxldGVzID0gKG91dGNvbWU6IE91dGNvbWUpOiBib29sZWFuID0+XG4gIG91dGNvbWUgIT09ICdub19hbnN3ZXInICYmIG91dGNvbWUgIT09ICdub3Rfbm93JztcblxuLyoqIFRoZSBjaGFubmVsIHdob3NlIGNvbnNlbnQgYSBraW5kIGlzIHVuZGVyOyBudWxsIGZvciBraW5kcyB0aGF0IG5lZWQgbm9uZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjaGFubmVsT2Yoa2luZDogVG91Y2hLaW5kKTogJ2NhbGwnIHwgJ3RleHQnIHwgJ2VtYWlsJyB8ICdwb3N0JyB8IG51bGwge1xuICBpZiAoa2luZCA9PT0gJ2NhcmQnIHx8IGtpbmQgPT09ICdsZXR0ZXInKSByZXR1cm4gJ3Bvc3QnO1xuICByZXR1cm4ga2luZCA9PT0gJ2NhbGwnIHx8IGtpbmQgPT09ICd0ZXh0JyB8fCBraW5kID09PSAnZW1haWwnID8ga2luZCA6IG51bGw7XG59XG5cbi8qKiBXaGF0IGEga2luZCBuZWVkcyBvbiByZWNvcmQgYmVmb3JlIGl0IGNhbiBiZSBkb25lOyBudWxsIHdoZW4gaXQgbmVlZHMgbm90aGluZy4gKi9cbmV4cG9ydCBmdW5jdGlvbiBuZWVkc09mKGtpbmQ6IFRvdWNoS2luZCk6ICdwaG9uZScgfCAnZW1haWwnIHwgJ2FkZHJlc3MnIHwgbnVsbCB7XG4gIGlmIChraW5kID09PSAnY2FsbCcgfHwga2luZCA9PT0gJ3RleHQnKSByZXR1cm4gJ3Bob25lJztcbiAgaWYgKGtpbmQgPT09ICdlbWFpbCcpIHJldHVybiAnZW1haWwnO1xuICBpZiAoa2luZCA9PT0gJ2NhcmQnIHx8IGtpbmQgPT09ICdsZXR0ZXInIHx8IGtpbmQgPT09ICd2aXNpdCcpIHJldHVybiAnYWRkcmVzcyc7XG4gIHJldHVybiBudWxsO1xufVxuIiwgImltcG9ydCB7IGZvbGQsIFRJRV9LSU5EUywgVElFX1dPUkRTLCB0eXBlIFRpZUtpbmQsIHR5cGUgVGllU2VlbiB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuaW1wb3J0IHsgaXNQbGFpbkRhdGUsIHJlYWREYXRlLCB0eXBlIFBsYWluRGF0ZSB9IGZyb20gJ0AvY29yZS90aW1lJztcbmltcG9ydCB7IEtJTkRfV09SRFMsIE9VVENPTUVfV09SRFMsIE9VVENPTUVTLCBUT1VDSF9LSU5EUyB9IGZyb20gJ0AvY29yZS90b3VjaGVzJztcblxuaW1wb3J0IHsgam9pbkNlbGwsIHNwbGl0Q2VsbCB9IGZyb20gJy4vY2VsbHMnO1xuaW1wb3J0IHR5cGUgeyBKb2JUb2xkLCBSZWxhdGVkLCBUaWVUb2xkLCBUb3VjaFRvbGQgfSBmcm9tICcuL2ltcG9ydGVkJztcblxuLyoqIFwiMjAyNi0xMS0wMSBjYWxsLCBubyBhbnN3ZXI7IDIwMjYtMTAtMDIgdmlzaXQsIHJlYWNoZWRcIiAqL1xuZXhwb3J0IGNvbnN0IHdyaXRlVG91Y2hlcyA9ICh0b3VjaGVzOiByZWFkb25seSBUb3VjaFRvbGRbXSk6IHN0cmluZyA9PlxuICB0b3VjaGVzXG4gICAgLm1hcChcbiAgICAgICh7IG9uLCBraW5kLCBvdXRjb21lIH0pID0+XG4gICAgICAgIGAke29ufSAke0tJTkRfV09SRFNba2luZF0ubm91bn0sICR7T1VUQ09NRV9XT1JEU1tvdXRjb21lXS50b0xvd2VyQ2FzZSgpfWAsXG4gICAgKVxuICAgIC5qb2luKCc7ICcpO1xuXG5jb25zdCBraW5kTmFtZWQgPSAobm91bjogc3RyaW5nKSA9PiBUT1VDSF9LSU5EUy5maW5kKChraW5kKSA9PiBLSU5EX1dPUkRTW2tpbmRdLm5vdW4gPT09IG5vdW4pO1xuY29uc3Qgb3V0Y29tZU5hbWVkID0gKHdvcmRzOiBzdHJpbmcpID0+XG4gIE9VVENPTUVTLmZpbmQoKG91dGNvbWUpID0+IGZvbGQoT1VUQ09NRV9XT1JEU1tvdXRjb21lXSkgPT09IHdvcmRzKTtcblxuLyoqIEEgYmFyZSBkYXkgaXMgYSB0YWxrIG9uIHRoYXQgZGF5OyBhbnl0aGluZyBlbHNlIGlzIGFuc3dlcmVkIGFzIHVucmVhZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkVG91Y2hlcyhcbiAgdGV4dDogc3RyaW5nLFxuICByZWFkRGF5OiAodGV4dDogc3RyaW5nKSA9PiBzdHJpbmcgfCBudWxsLFxuICB0b2RheTogUGxhaW5EYXRlLFxuKTogeyB0b3VjaGVzOiBUb3VjaFRvbGRbXTsgdW5yZWFkOiBzdHJpbmdbXSB9IHtcbiAgY29uc3QgdG91Y2hlczogVG91Y2hUb2xkW10gPSBbXTtcbiAgY29uc3QgdW5yZWFkOiBzdHJpbmdbXSA9IFtdO1xuICBmb3IgKGNvbnN0IHBhcnQgb2YgdGV4dC5zcGxpdCgnOycpLm1hcCgocGllY2UpID0+IHBpZWNlLnRyaW0oKSkpIHtcbiAgICBpZiAocGFydCA9PT0gJycpIGNvbnRpbnVlO1xuICAgIGNvbnN0IHRvbGQgPSAvXihcXGR7NH0tXFxkXFxkLVxcZFxcZCkgKC4rKSwgKC4rKSQvLmV4ZWMocGFydCk7XG4gICAgY29uc3Qga2luZCA9IHRvbGQgPyBraW5kTmFtZWQodG9sZFsyXSEpIDogJ290aGVyJztcbiAgICBjb25zdCBvdXRjb21lID0gdG9sZCA/IG91dGNvbWVOYW1lZChmb2xkKHRvbGRbM10hKSkgOiAncmVhY2hlZCc7XG4gICAgY29uc3Qgb24gPSB0b2xkICYmIGtpbmQgJiYgb3V0Y29tZSA/IHRvbGRbMV0hIDogcmVhZERheShwYXJ0KTtcbiAgICBpZiAob24gJiYgaXNQbGFpbkRhdGUob24pICYmIG9uIDw9IHRvZGF5KVxuICAgICAgdG91Y2hlcy5wdXNoKHsgb24sIGtpbmQ6IGtpbmQgPz8gJ290aGVyJywgb3V0Y29tZTogb3V0Y29tZSA/PyAncmVhY2hlZCcgfSk7XG4gICAgZWxzZSB1bnJlYWQucHVzaChwYXJ0KTtcbiAgfVxuICByZXR1cm4geyB0b3VjaGVzLCB1bnJlYWQgfTtcbn1cblxuLyoqIFwiUmVmaW5hbmNlIHwgY2xvc2VkIHwgMjAyNi0wNS0wNCB8IDI1MDAwMDAwIHwgMTI1MDAwXCI6IG5hbWUsIHN0YWdlLCBkYXksIHZhbHVlIGFuZCBmZWUuICovXG5leHBvcnQgY29uc3Qgd3JpdGVKb2JzID0gKGpvYnM6IHJlYWRvbmx5IEpvYlRvbGRbXSk6IHN0cmluZyA9PlxuICBqb2JzXG4gICAgLm1hcCgoeyBuYW1lLCBzdGFnZSwgb24sIHZhbHVlTWlub3IsIGZlZU1pbm9yIH0pID0+XG4gICAgICBbbmFtZSwgc3RhZ2UsIG9uID8/ICcnLCB2YWx1ZU1pbm9yID8/ICcnLCBmZWVNaW5vciA/PyAnJ11cbiAgICAgICAgLm1hcCgocGFydCkgPT4gam9pbkNlbGwoW1N0cmluZyhwYXJ0KV0pKVxuICAgICAgICAuam9pbignIHwgJylcbiAgICAgICAgLnJlcGxhY2UoLyg/OiBcXHwgKSskLywgJycpLFxuICAgIClcbiAgICAuam9pbignOyAnKTtcblxuZXhwb3J0IGZ1bmN0aW9uIHJlYWRKb2JDZWxsKHRleHQ6IHN0cmluZyk6IHsgam9iczogSm9iVG9sZFtdOyB1bnJlYWQ6IHN0cmluZ1tdIH0ge1xuICBjb25zdCBqb2JzOiBKb2JUb2xkW10gPSBbXTtcbiAgY29uc3QgdW5yZWFkOiBzdHJpbmdbXSA9IFtdO1xuICBmb3IgKGNvbnN0IHBhcnQgb2Ygc3BsaXRVbmVzY2FwZWQodGV4dCwgJzsnKSkge1xuICAgIGNvbnN0IFtuYW1lID0gJycsIHN0YWdlID0gJycsIG9uID0gJycsIHZhbHVlID0gJycsIGZlZSA9ICcnXSA9IHNwbGl0VW5lc2NhcGVkKHBhcnQsICd8JykubWFwKFxuICAgICAgKHBpZWNlKSA9PiBzcGxpdENlbGwocGllY2UsICcnKS5qb2luKCcnKSxcbiAgICApO1xuICAgIGNvbnN0IGFtb3VudHMgPSBbdmFsdWUsIGZlZV0ubWFwKChhbW91bnQpID0+IChhbW91bnQgPT09ICcnID8gbnVsbCA6IE51bWJlcihhbW91bnQpKSk7XG4gICAgY29uc3QgZml0cyA9XG4gICAgICBuYW1lICE9PSAnJyAmJlxuICAgICAgKG9uID09PSAnJyB8fCBpc1BsYWluRGF0ZShvbikpICYmXG4gICAgICBhbW91bnRzLmV2ZXJ5KChuKSA9PiBuID09PSBudWxsIHx8IE51bWJlci5pc1NhZmVJbnRlZ2VyKG4pKTtcbiAgICBpZiAoZml0cylcbiAgICAgIGpvYnMucHVzaCh7XG4gICAgICAgIG5hbWUsXG4gICAgICAgIHN0YWdlLFxuICAgICAgICBvbjogb24gPT09ICcnID8gbnVsbCA6IChvbiBhcyBQbGFpbkRhdGUpLFxuICAgICAgICB2YWx1ZU1pbm9yOiBhbW91bnRzWzBdISxcbiAgICAgICAgZmVlTWlub3I6IGFtb3VudHNbMV0hLFxuICAgICAgfSk7XG4gICAgZWxzZSB1bnJlYWQucHVzaChwYXJ0KTtcbiAgfVxuICByZXR1cm4geyBqb2JzLCB1bnJlYWQgfTtcbn1cblxuLyoqIFNwbGl0cyBhdCBhIHNpZ24gdGhhdCBpcyBub3QgZXNjYXBlZCwgYW5kIGxlYXZlcyB0aGUgZXNjYXBlcyBhcyB0aGV5IGFyZS4gKi9cbmNvbnN0IHNwbGl0VW5lc2NhcGVkID0gKHRleHQ6IHN0cmluZywgc2lnbjogc3RyaW5nKTogc3RyaW5nW10gPT5cbiAgdGV4dFxuICAgIC5zcGxpdChuZXcgUmVnRXhwKGAoPzwhKD88IVxcXFxcXFxcKSg/OlxcXFxcXFxcXFxcXFxcXFwpKlxcXFxcXFxcKVxcXFwke3NpZ259YCkpXG4gICAgLm1hcCgocGFydCkgPT4gcGFydC50cmltKCkpXG4gICAgLmZpbHRlcigocGFydCwgXywgYWxsKSA9PiBwYXJ0ICE9PSAnJyB8fCBhbGwubGVuZ3RoID4gMSk7XG5cbi8qKiBcIlBhcnRuZXI6IERhbmEgTGluZCAxOTgwLTA1LTA0IChtZXQgYXQgc2Nob29sKTsgU2VudCBieTogR2lkZW9uIE1hcnNoXCIgKi9cbmV4cG9ydCBjb25zdCB3cml0ZVRpZXMgPSAodGllczogcmVhZG9ubHkgVGllVG9sZFtdKTogc3RyaW5nID0+XG4gIGpvaW5DZWxsKFxuICAgIHRpZXMubWFwKCh7IGtpbmQsIG5hbWUsIGJpcnRoZGF5LCB3b3JkcyB9KSA9PlxuICAgICAgW2Ake1RJRV9XT1JEU1traW5kXX06ICR7bmFtZX1gLCBiaXJ0aGRheSwgd29yZHMgJiYgYCgke3dvcmRzfSlgXS5maWx0ZXIoQm9vbGVhbikuam9pbignICcpLFxuICAgICksXG4gICk7XG5cbmNvbnN0IFRJRSA9IC9eKFteOl0rKTogKC4rPykoPzogKCg/OlxcZHs0fS0pP1xcZFxcZC1cXGRcXGQpKT8oPzogXFwoKC4qKVxcKSk/JC9zO1xuXG5leHBvcnQgZnVuY3Rpb24gcmVhZFRpZUNlbGwodGV4dDogc3RyaW5nKTogeyB0aWVzOiBSZWxhdGVkW107IHVucmVhZDogc3RyaW5nW10gfSB7XG4gIGNvbnN0IHRpZXM6IFJlbGF0ZWRbXSA9IFtdO1xuICBjb25zdCB1bnJlYWQ6IHN0cmluZ1tdID0gW107XG4gIGZvciAoY29uc3QgcGFydCBvZiBzcGxpdENlbGwodGV4dCwgJzsnKSkge1xuICAgIGNvbnN0IFssIGxhYmVsID0gJycsIG5hbWUgPSAnJywgYmlydGhkYXksIHdvcmRzID0gJyddID0gVElFLmV4ZWMocGFydCkgPz8gW107XG4gICAgY29uc3Qga2luZCA9IChPYmplY3Qua2V5cyhUSUVfV09SRFMpIGFzIFRpZVNlZW5bXSkuZmluZChcbiAgICAgIChzZWVuKSA9PiBmb2xkKFRJRV9XT1JEU1tzZWVuXSkgPT09IGZvbGQobGFiZWwpLFxuICAgICk7XG4gICAgY29uc3QgbWluZSA9IFRJRV9LSU5EUy5pbmNsdWRlcyhraW5kIGFzIFRpZUtpbmQpO1xuICAgIC8vIFdoYXQgaXMgc2VlbiBmcm9tIHRoZSBvdGhlciBzaWRlIGlzIHRvbGQgdGhlcmUgYXMgd2VsbC5cbiAgICBpZiAoa2luZCA9PT0gJ3BhcmVudCcgfHwga2luZCA9PT0gJ3JlZmVycmVkJykgY29udGludWU7XG4gICAgaWYgKG1pbmUpXG4gICAgICB0aWVzLnB1c2goe1xuICAgICAgICBraW5kOiBraW5kIGFzIFRpZUtpbmQsXG4gICAgICAgIG5hbWUsXG4gICAgICAgIHdvcmRzLFxuICAgICAgICBtZWFudDogdHJ1ZSxcbiAgICAgICAgLi4uKGJpcnRoZGF5ICYmIHJlYWREYXRlKGJpcnRoZGF5KSA/IHsgYmlydGhkYXkgfSA6IHt9KSxcbiAgICAgIH0pO1xuICAgIGVsc2UgdW5yZWFkLnB1c2gocGFydCk7XG4gIH1cbiAgcmV0dXJuIHsgdGllcywgdW5yZWFkIH07XG59XG4iLCAiaW1wb3J0IHsgZm9sZCB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuXG4vKiogV2hhdCBhIGNvbHVtbiBpcyBhYm91dCwgYmVmb3JlIGl0IGlzIGNsZWFyIHdoaWNoIG9mIHNldmVyYWwgYW5kIHdob3NlLiAqL1xuZXhwb3J0IHR5cGUgU3ViamVjdCA9XG4gIHwgJ25hbWUnXG4gIHwgJ3ByZWZpeCdcbiAgfCAnZ2l2ZW5OYW1lJ1xuICB8ICdtaWRkbGVOYW1lJ1xuICB8ICdmYW1pbHlOYW1lJ1xuICB8ICdzdWZmaXgnXG4gIHwgJ2dvZXNCeSdcbiAgfCAnY29tcGFueSdcbiAgfCAnam9iVGl0bGUnXG4gIHwgJ3RpdGxlT3JQcmVmaXgnXG4gIHwgJ2VtYWlsJ1xuICB8ICdwaG9uZSdcbiAgfCAnYWRkcmVzc0xpbmUnXG4gIHwgJ2FkZHJlc3NMaW5lMidcbiAgfCAnY2l0eSdcbiAgfCAncmVnaW9uJ1xuICB8ICdwb3N0YWxDb2RlJ1xuICB8ICdjb3VudHJ5J1xuICB8ICdwbGFjZSdcbiAgfCAnbGF0J1xuICB8ICdsb24nXG4gIHwgJ2xpbmsnXG4gIHwgJ2JpcnRoZGF5J1xuICB8ICd3ZWRkaW5nJ1xuICB8ICd3b3JrRG9uZSdcbiAgfCAnaW50ZXJlc3RzJ1xuICB8ICdyb2xlcydcbiAgfCAnc3RhbmRpbmcnXG4gIHwgJ3NvdXJjZSdcbiAgfCAnY2lyY2xlJ1xuICB8ICdwcm9taXNlJ1xuICB8ICd0YWdzJ1xuICB8ICdwcmVmZXJyZWQnXG4gIHwgJ2xhbmd1YWdlJ1xuICB8ICdmYXZvdXJpdGUnXG4gIHwgJ25vdGVzJ1xuICB8ICdsYXN0VG91Y2gnXG4gIHwgJ3JlZmVycmVkQnknXG4gIHwgJ2NoaWxkcmVuJ1xuICB8ICdwZXRzJztcblxuLyoqIFdob3NlIGl0IGlzOiB0aGUgcGVyc29uJ3Mgb3duLCB0aGVpciBwYXJ0bmVyJ3MsIGEgY2hpbGQncywgb3Igc29tZWJvZHkncyBlbHNlIChhbiBhZ2VudCwgYW4gYXNzaXN0YW50KS4gKi9cbmV4cG9ydCB0eXBlIFdob3NlID0gJ293bicgfCAncGFydG5lcicgfCAnY2hpbGQnIHwgJ290aGVyJztcblxuZXhwb3J0IGludGVyZmFjZSBIZWFkaW5nUmVhZCB7XG4gIHN1YmplY3Q6IFN1YmplY3QgfCBudWxsO1xuICB3aG9zZTogV2hvc2U7XG4gIC8qKiAnaG9tZScsICd3b3JrJywgJ21vYmlsZScsICdmYXgnLCAnbWFpbGluZycsICdwcm9wZXJ0eScsICdvdGhlcic7IGVtcHR5IGZvciBub25lLiAqL1xuICB3aGljaDogc3RyaW5nO1xuICAvKiogVGhlIG51bWJlciBpbiBpdDogXCJFLW1haWwgM1wiLiAqL1xuICBudW1iZXI6IG51bWJlciB8IG51bGw7XG4gIC8qKiBXaGV0aGVyIGl0IGlzIGFib3V0IHRoZSBsYWJlbCBvZiB0aGUgdGhpbmcgcmF0aGVyIHRoYW4gdGhlIHRoaW5nOiBcIlBob25lIHR5cGVcIi4gKi9cbiAgaXNMYWJlbDogYm9vbGVhbjtcbn1cblxuLyoqXG4gKiBXb3JkcyBvZiBoZWFkaW5ncyBpbiBFbmdsaXNoLCBHZXJtYW4sIEZyZW5jaCwgU3BhbmlzaCwgSXRhbGlhbiwgUG9ydHVndWVzZSBhbmQgRHV0Y2gsIGZvbGRlZDsgaW4gZWFjaFxuICogbGluZSB0aGUgcGhyYXNlcyB0aGF0IG1lYW4gdGhlIHNhbWUuIENvbW1vbiBwcmFjdGljZSwgbm8gc291cmNlLlxuICovXG5jb25zdCBTVUJKRUNUUzogUmVjb3JkPFN1YmplY3QsIHN0cmluZz4gPSB7XG4gIG5hbWU6ICduYW1lfGZ1bGwgbmFtZXxjb250YWN0fGNvbnRhY3QgbmFtZXxkaXNwbGF5IG5hbWV8cGVyc29ufGNsaWVudHxjdXN0b21lcnxuYW1lc3x2b2xsc3RhbmRpZ2VyIG5hbWV8bm9tIGNvbXBsZXR8bm9tYnJlIGNvbXBsZXRvfG5vbWJyZSB5IGFwZWxsaWRvc3xub21lIGNvbXBsZXRvfG5hYW18dm9sbGVkaWdlIG5hYW18Zm4nLFxuICBwcmVmaXg6XG4gICAgJ3ByZWZpeHxuYW1lIHByZWZpeHxob25vcmlmaWN8YW5yZWRlfGNpdmlsaXRlfHRyYXRhbWllbnRvfHRpdG9sb3x0cmF0YW1lbnRvfGFhbmhlZnxjb3VydGVzeSB0aXRsZScsXG4gIGdpdmVuTmFtZTpcbiAgICAnZmlyc3R8Z2l2ZW58Zmlyc3QgbmFtZXxnaXZlbiBuYW1lfGZvcmVuYW1lfGNocmlzdGlhbiBuYW1lfHZvcm5hbWV8cnVmbmFtZXxwcmVub218bm9tYnJlfHByaW1lciBub21icmV8bm9tYnJlIGRlIHBpbGF8bm9tZXxub21lIHByb3ByaW98cHJpbWVpcm8gbm9tZXx2b29ybmFhbScsXG4gIG1pZGRsZU5hbWU6XG4gICAgJ21pZGRsZXxtaWRkbGUgbmFtZXxtaWRkbGUgaW5pdGlhbHxtaXxzZWNvbmQgbmFtZXxhZGRpdGlvbmFsIG5hbWV8endlaXRlciB2b3JuYW1lfGRldXhpZW1lIHByZW5vbXxzZWd1bmRvIG5vbWJyZXxzZWNvbmRvIG5vbWV8bm9tZSBkbyBtZWlvfHR3ZWVkZSBuYWFtfHp3ZWl0bmFtZScsXG4gIGZhbWlseU5hbWU6XG4gICAgJ2xhc3R8ZmFtaWx5fHN1cm5hbWV8bGFzdCBuYW1lfGZhbWlseSBuYW1lfG5hY2huYW1lfGZhbWlsaWVubmFtZXx6dW5hbWV8bm9tfG5vbSBkZSBmYW1pbGxlfGFwZWxsaWRvfGNvZ25vbWV8c29icmVub21lfGFwZWxpZG98YWNodGVybmFhbXxmYW1pbGllbmFhbScsXG4gIHN1ZmZpeDogJ3N1ZmZpeHxuYW1lIHN1ZmZpeHxnZW5lcmF0aW9uJyxcbiAgZ29lc0J5OlxuICAgICdnb2VzIGJ5fG5pY2tuYW1lfG5pY2t8a25vd24gYXN8cHJlZmVycmVkIG5hbWV8Y2FsbGVkfHNwaXR6bmFtZXxzdXJub218YXBvZG98c29wcmFubm9tZXxhcGVsaWRvIGZhbWlsaWFyfHJvZXBuYWFtfGFsaWFzfGFrYScsXG4gIGNvbXBhbnk6XG4gICAgJ2NvbXBhbnl8b3JnYW5pemF0aW9ufG9yZ2FuaXNhdGlvbnxlbXBsb3llcnxmaXJtfGJ1c2luZXNzfGNvbXBhbnkgbmFtZXxvcmdhbml6YXRpb24gbmFtZXxidXNpbmVzcyBuYW1lfGZpcm1hfHVudGVybmVobWVufGFyYmVpdGdlYmVyfGZpcm1lbm5hbWV8c29jaWV0ZXxlbnRyZXByaXNlfGVtcHJlc2F8Y29tcGFuaWF8YXppZW5kYXxkaXR0YXxiZWRyaWpmfGJlZHJpamZzbmFhbXxlbXBsb3lldXJ8YWNjb3VudCBuYW1lJyxcbiAgam9iVGl0bGU6XG4gICAgJ3dvcmt8am9ifGpvYiB0aXRsZXxwcm9mZXNzaW9ufG9jY3VwYXRpb258cG9zaXRpb258cm9sZSB0aXRsZXxqb2Igcm9sZXxiZXJ1ZnxzdGVsbGV8Zm9uY3Rpb258bWV0aWVyfHBvc3RlfHB1ZXN0b3xjYXJnb3xwcm9mZXNpb258b2N1cGFjaW9ufHByb2Zlc3Npb25lfGxhdm9yb3xwcm9maXNzYW98YmVyb2VwfGZ1bmN0aWV8b3JnYW5pemF0aW9uIHRpdGxlfHdvcmsgdGl0bGV8Y29tcGFueSB0aXRsZScsXG4gIHRpdGxlT3JQcmVmaXg6ICd0aXRsZXx0aXRlbHx0aXRyZXx0aXR1bG98c2FsdXRhdGlvbicsXG4gIGVtYWlsOlxuICAgICdlbWFpbHxlIG1haWx8bWFpbHxlbWFpbCBhZGRyZXNzfGUgbWFpbCBhZGRyZXNzfG1haWwgYWRkcmVzc3xlbWFpbCBpZHxjb3VycmllbHxjb3JyZW98Y29ycmVvIGVsZWN0cm9uaWNvfGFkcmVzc2UgZSBtYWlsfGFkcmVzc2UgbWFpbHxwb3N0YSBlbGV0dHJvbmljYXxpbmRpcml6em8gZW1haWx8aW5kaXJpenpvIGUgbWFpbHxlbmRlcmVjbyBkZSBlbWFpbHxlIG1haWxhZHJlc3xlbWFpbGFkcmVzfG1haWxhZHJlc3NlfGUgbWFpbCBhZHJlc3NlfGVtYWlsIGFkcmVzc2V8ZWxlY3Ryb25pYyBtYWlsJyxcbiAgcGhvbmU6XG4gICAgJ3Bob25lfHRlbGVwaG9uZXx0ZWx8cGhvbmUgbnVtYmVyfHRlbGVwaG9uZSBudW1iZXJ8bnVtYmVyfGNvbnRhY3QgbnVtYmVyfHRlbGVmb258dGVsZWZvbm51bW1lcnxydWZudW1tZXJ8bnVtZXJvIGRlIHRlbGVwaG9uZXx0ZWxlZm9ub3xudW1lcm8gZGUgdGVsZWZvbm98bnVtZXJvIGRpIHRlbGVmb25vfHRlbGVmb25lfG51bWVybyBkZSB0ZWxlZm9uZXx0ZWxlZm9vbnx0ZWxlZm9vbm51bW1lcnxwaHxwaG9uZSBub3x0ZWwgbm98ZmVzdG5ldHp8Zm9uJyxcbiAgYWRkcmVzc0xpbmU6XG4gICAgJ2FkZHJlc3N8c3RyZWV0fHN0cmVldCBhZGRyZXNzfGFkZHJlc3MgbGluZXxzdHJlZXQgYW5kIG51bWJlcnxzdHJhc3NlfGFuc2NocmlmdHxhZHJlc3NlfHJ1ZXxjYWxsZXxkaXJlY2Npb258ZG9taWNpbGlvfHZpYXxpbmRpcml6em98cnVhfGVuZGVyZWNvfG1vcmFkYXxzdHJhYXR8YWRyZXN8c3RyYWF0bmFhbXxzdHJhc3NlIHVuZCBoYXVzbnVtbWVyfGFkZHJlc3Mgc3RyZWV0fHN0cmVldCBuYW1lfHJvYWR8aGF1c2Fuc2NocmlmdHxzdHJlZXQgbGluZScsXG4gIGFkZHJlc3NMaW5lMjpcbiAgICAnYXB0fGFwYXJ0bWVudHxzdWl0ZXx1bml0fHVuaXQgbnVtYmVyfGFwdCBudW1iZXJ8YXB0IHN1aXRlfGFkZHJlc3MgZXh0cmF8YWRyZXNzenVzYXR6fGNvbXBsZW1lbnR8Y29tcGxlbWVudCBkIGFkcmVzc2V8Y29tcGxlbWVudG98aW50ZXJub3x0b2V2b2VnaW5nfGV4dGVuZGVkIGFkZHJlc3N8cG8gYm94fHN0cmVldCBsaW5lIHR3bycsXG4gIGNpdHk6ICdjaXR5fHRvd258Y2l0eSB0b3dufHRvd24gY2l0eXxsb2NhbGl0eXxvcnR8c3RhZHR8d29obm9ydHx2aWxsZXxjaXVkYWR8cG9ibGFjaW9ufGxvY2FsaWRhZHxjaXR0YXxjb211bmV8Y2lkYWRlfGxvY2FsaWRhZGV8cGxhYXRzfHN0YWR8d29vbnBsYWF0c3xzdWJ1cmInLFxuICByZWdpb246XG4gICAgJ3N0YXRlfHJlZ2lvbnxwcm92aW5jZXxzdGF0ZSBwcm92aW5jZXxzdGF0ZSByZWdpb258cHJvdmluY2Ugc3RhdGV8YnVuZGVzbGFuZHxrYW50b258ZXRhdHxwcm92aW5jaWF8ZXN0YWRvfHJlZ2lvbmV8cHJvdmluY2llfHN0fHByb3YnLFxuICBwb3N0YWxDb2RlOlxuICAgICd6aXB8emlwIGNvZGV8cG9zdGFsIGNvZGV8cG9zdGNvZGV8cG9zdCBjb2RlfHppcGNvZGV8emlwIHBvc3RhbCBjb2RlfHppcCBwb3N0YWx8cGx6fHBvc3RsZWl0emFobHxjb2RlIHBvc3RhbHxjb2RpZ28gcG9zdGFsfGNhcHxjZXB8Y29kaWNlIHBvc3RhbGV8Y29kaWNlIGF2dmlhbWVudG8gcG9zdGFsZXxwb3N0YWxjb2RlfGNwfHppcCBwbHVzIGZvdXInLFxuICBjb3VudHJ5OiAnY291bnRyeXxjb3VudHJ5IHJlZ2lvbnxsYW5kfHBheXN8cGFpc3xwYWVzZXxuYXRpb258Y291bnRyeSBjb2RlfGNvdW50cnkgbmFtZScsXG4gIHBsYWNlOlxuICAgICduZWlnaGJvcmhvb2R8bmVpZ2hib3VyaG9vZHxhcmVhfGRpc3RyaWN0fHN1YmRpdmlzaW9ufHBsYWNlfHF1YXJ0ZXJ8c3RhZHR0ZWlsfHF1YXJ0aWVyfGJhcnJpb3xxdWFydGllcmV8YmFpcnJvfHdpamt8YnV1cnR8ZmFybSBhcmVhfHRlcnJpdG9yeScsXG4gIGxhdDogJ2xhdGl0dWRlfGxhdHxicmVpdGVuZ3JhZHxsYXRpdHVkfGxhdGl0dWRpbmUnLFxuICBsb246ICdsb25naXR1ZGV8bG9ufGxuZ3xsb25nfGxhbmdlbmdyYWR8bG9uZ2l0dWR8bG9uZ2l0dWRpbmUnLFxuICBsaW5rOiAnd2Vic2l0ZXx3ZWJ8dXJsfHdlYiBwYWdlfHdlYnBhZ2V8aG9tZXBhZ2V8c2l0ZXx3ZWIgc2l0ZXxsaW5rfHdlYiBhZGRyZXNzfHNvY2lhbHx3ZWIgYW5kIHNvY2lhbHxwcm9maWxlfHdlYnNlaXRlfHNpdGUgd2VifHNpdGlvIHdlYnxwYWdpbmEgd2VifHNpdG8gd2VifGZhY2Vib29rfGxpbmtlZGlufGluc3RhZ3JhbXx0d2l0dGVyJyxcbiAgYmlydGhkYXk6XG4gICAgJ2JpcnRoZGF5fGJpcnRofGJpcnRoIGRhdGV8YmlydGhkYXRlfGRhdGUgYmlydGh8ZG9ifGQgbyBifGJvcm58YmRheXxiIGRheXxnZWJ1cnRzdGFnfGdlYnVydHNkYXR1bXxkYXRlIG5haXNzYW5jZXxuYWlzc2FuY2V8YW5uaXZlcnNhaXJlfGZlY2hhIG5hY2ltaWVudG98bmFjaW1pZW50b3xjdW1wbGVhbm9zfGRhdGEgbmFzY2l0YXxjb21wbGVhbm5vfG5hc2NpdGF8ZGF0YSBuYXNjaW1lbnRvfG5hc2NpbWVudG98YW5pdmVyc2FyaW98Z2Vib29ydGVkYXR1bXx2ZXJqYWFyZGFnfGJpcnRoIGRheScsXG4gIHdlZGRpbmc6XG4gICAgJ3dlZGRpbmd8d2VkZGluZyBkYXl8d2VkZGluZyBkYXRlfGFubml2ZXJzYXJ5fHdlZGRpbmcgYW5uaXZlcnNhcnl8YW5uaXZlcnNhcnkgZGF0ZXxtYXJyaWFnZSBkYXRlfG1hcnJpZWQgb258ZGF0ZSBtYXJyaWVkfGhvY2h6ZWl0fGhvY2h6ZWl0c3RhZ3xtYXJpYWdlfGRhdGUgbWFyaWFnZXxib2RhfGZlY2hhIGJvZGF8YW5pdmVyc2FyaW8gYm9kYXN8YW5pdmVyc2FyaW8gYm9kYXxtYXRyaW1vbmlvfGRhdGEgbWF0cmltb25pb3xhbm5pdmVyc2FyaW98Y2FzYW1lbnRvfGRhdGEgY2FzYW1lbnRvfGh1d2VsaWprfHRyb3V3ZGF0dW18dHJvdXdkYWcnLFxuICB3b3JrRG9uZTpcbiAgICAnY2xvc2luZyBkYXRlfGNsb3NlIGRhdGV8ZGF0ZSBjbG9zZWR8Y2xvc2VkIG9ufGNsb3NlZCBkYXRlfHNldHRsZW1lbnQgZGF0ZXxjb21wbGV0aW9uIGRhdGV8ZGF0ZSBjb21wbGV0ZWR8Y29tcGxldGVkIG9ufHNhbGUgZGF0ZXxzb2xkIGRhdGV8ZGF0ZSBzb2xkfHB1cmNoYXNlIGRhdGV8ZGF0ZSBwdXJjaGFzZWR8ZnVuZGluZyBkYXRlfGZ1bmRlZCBkYXRlfGRhdGUgZnVuZGVkfHdvcmsgY29tcGxldGVkfGNsb3Npbmd8YWJzY2hsdXNzZGF0dW18a2F1ZmRhdHVtfGRhdGUgYWNoYXR8ZGF0ZSB2ZW50ZXxmZWNoYSBjaWVycmV8ZmVjaGEgY29tcHJhfGRhdGEgYWNxdWlzdG98ZGF0YSBjb21wcmF8YWFua29vcGRhdHVtJyxcbiAgaW50ZXJlc3RzOlxuICAgICdpbnRlcmVzdHxob2JieXxob2JiaWVzfGludGVyZXNzZW58Y2VudHJlcyBpbnRlcmV0fGFmaWNpb25lc3xpbnRlcmVzZXN8aW50ZXJlc3NpfGludGVyZXNzZXN8aG9iYnlzfGxpa2VzJyxcbiAgcm9sZXM6XG4gICAgJ3JvbGV8cm9sZXN8dHlwZXxjb250YWN0IHR5cGV8cmVsYXRpb25zaGlwfGtpbmR8cmVsYXRpb258cm9sbGV8cm9sfHJ1b2xvfHBhcGVsfGNsaWVudCB0eXBlfHBlcnNvbiB0eXBlfGJlemllaHVuZycsXG4gIHN0YW5kaW5nOlxuICAgICdzdGFuZGluZ3xzdGF0dXN8c3RhZ2V8Y29udGFjdCBzdGF0dXN8Y2xpZW50IHN0YXR1c3xzdGF0dXR8ZXN0YWRvIGNpdmlsIGNvbWVyY2lhbHxzdGF0bycsXG4gIHNvdXJjZTpcbiAgICAnY2FtZSBmcm9tfHNvdXJjZXxob3cgd2UgbWV0fGhvdyBtZXR8bWV0IHRocm91Z2h8aGVya3VuZnR8cXVlbGxlfG9yaWdpbmV8b3JpZ2VufGZ1ZW50ZXxmb250ZXxwcm92ZW5pZW56YXxicm9ufHdoZXJlIG1ldHxjb250YWN0IHNvdXJjZScsXG4gIGNpcmNsZTogJ2NpcmNsZXxjbG9zZW5lc3N8dGllcnxyYW5rfGtyZWlzfGNlcmNsZXxjaXJjdWxvfGNlcmNoaW98a3JpbmcnLFxuICBwcm9taXNlOiAncHJvbWlzZXxwcm9taXNlIGluIGRheXN8cHJvbWlzZSBkYXlzJyxcbiAgdGFnczogJ3RhZ3xsYWJlbHxncm91cHxncm91cCBtZW1iZXJzaGlwfGtleXdvcmR8Y2F0ZWdvcnl8c2VnbWVudHxsaXN0fGxpc3RlfGV0aXF1ZXRhfGV0aXF1ZXR0ZXxjYXRlZ29yaWV8Y2F0ZWdvcmlhfGthdGVnb3JpZXxncnVwcGV8Z3JvdXBlfGdydXBvfGdydXBwb3xncm9lcHxzY2hsYWd3b3J0fHN0aWNod29ydHxtb3QgY2xlfHBhbGFicmEgY2xhdmV8Y29udGFjdCBncm91cHxtYWlsaW5nIGxpc3QnLFxuICBwcmVmZXJyZWQ6XG4gICAgJ2xpa2VzIHRvIGJlIHJlYWNoZWQgYnl8cHJlZmVycmVkIGNvbnRhY3QgbWV0aG9kfHByZWZlcnJlZCBjaGFubmVsfGNvbnRhY3QgbWV0aG9kfGNvbnRhY3QgcHJlZmVyZW5jZXxwcmVmZXJyZWQgbWV0aG9kIG9mIGNvbnRhY3R8cHJlZmVycmVkIG1ldGhvZCBjb250YWN0JyxcbiAgbGFuZ3VhZ2U6ICdsYW5ndWFnZXxwcmVmZXJyZWQgbGFuZ3VhZ2V8c3ByYWNoZXxsYW5ndWV8aWRpb21hfGxpbmd1YXx0YWFsfHNwb2tlbiBsYW5ndWFnZScsXG4gIGZhdm91cml0ZTogJ2tlcHQgYXQgaGFuZHxmYXZvcml0ZXxmYXZvdXJpdGV8c3RhcnJlZHx2aXAnLFxuICBub3RlczpcbiAgICAnbm90ZXxjb21tZW50fHJlbWFya3xtZW1vfGRlc2NyaXB0aW9ufGJhY2tncm91bmR8YmVtZXJrdW5nfG5vdGl6fGFubWVya3VuZ3xrb21tZW50YXJ8cmVtYXJxdWV8Y29tbWVudGFpcmV8bm90YXxjb21lbnRhcmlvfG9ic2VydmFjaW9ufG9zc2VydmF6aW9uZXxjb21tZW50b3xvYnNlcnZhY2FvfG9wbWVya2luZ3xub3RpdGllfGFsbCBub3Rlc3xsYXN0IG5vdGV8ZnJlZSB0ZXh0JyxcbiAgbGFzdFRvdWNoOlxuICAgICdsYXN0IHRvdWNofGxhc3QgY29udGFjdHxsYXN0IGNvbnRhY3RlZHxsYXN0IHNwb2tlfGxhc3QgY2FsbHxkYXRlIG9mIGxhc3QgY29udGFjdHxkYXRlIGxhc3QgY29udGFjdHxsYXN0IGNvbnRhY3QgZGF0ZXxsZXR6dGVyIGtvbnRha3R8ZGVybmllciBjb250YWN0fHVsdGltbyBjb250YWN0b3x1bHRpbW8gY29udGF0dG98dWx0aW1vIGNvbnRhdG98bGFhdHN0ZSBjb250YWN0fGxhc3Qgc3Bva2VuJyxcbiAgcmVmZXJyZWRCeTpcbiAgICAncmVmZXJyZWQgYnl8cmVmZXJyZXJ8cmVmZXJyYWwgZnJvbXxyZWZlcnJlZCBmcm9tfGludHJvZHVjZWQgYnl8cmVjb21tZW5kZWQgYnl8c2VudCBieXxyZWZlcnJhbHxlbXBmb2hsZW4gdm9ufHJlY29tbWFuZGUgcGFyfHJlY29tZW5kYWRvIHBvcnxyZWZlcmlkbyBwb3J8c2VnbmFsYXRvIGRhfGluZGljYWRvIHBvcnxhYW5iZXZvbGVuIGRvb3J8ZW1wZmVobHVuZ3xyZWZlcnJhbCBzb3VyY2UnLFxuICBjaGlsZHJlbjpcbiAgICAnY2hpbGR8Y2hpbGRyZW58a2lkc3xjaGlsZCBuYW1lfGNoaWxkcmVuIG5hbWV8bmFtZSBvZiBjaGlsZHxraW5kZXJ8ZW5mYW50fGhpam98ZmlnbGlvfGZpbGhvfGtpbmRlcmVuJyxcbiAgcGV0czogJ3BldHxwZXQgbmFtZXxkb2d8Y2F0fGhhdXN0aWVyfGFuaW1hbHxtYXNjb3RhfGh1aXNkaWVyJyxcbn07XG5cbmNvbnN0IFBBUlRORVIgPVxuICAnc3BvdXNlfHBhcnRuZXJ8d2lmZXxodXNiYW5kfHNpZ25pZmljYW50IG90aGVyfGZpYW5jZXxmaWFuY2VlfGNvIGJvcnJvd2VyfGNvYm9ycm93ZXJ8Y28gY2xpZW50fGNvIGJ1eWVyfHNwb3VzZSBzfGVoZXBhcnRuZXJ8ZWhlZnJhdXxlaGVtYW5ufGdhdHRlfGdhdHRpbnxjb25qb2ludHxlcG91eHxlcG91c2V8Y29ueXVnZXxlc3Bvc298ZXNwb3NhfHBhcmVqYXxjb25pdWdlfG1vZ2xpZXxtYXJpdG98Y29uanVnZXxtYXJpZG98bXVsaGVyfGVjaHRnZW5vb3R8ZWNodGdlbm90ZXxzZWNvbmRhcnkgY29udGFjdCc7XG5jb25zdCBDSElMRCA9ICdjaGlsZHxraWR8c29ufGRhdWdodGVyfGVuZmFudHxoaWpvfGhpamF8ZmlnbGlvfGZpZ2xpYXxmaWxob3xmaWxoYXxraW5kJztcbmNvbnN0IE9USEVSUyA9XG4gICdhc3Npc3RhbnR8YWdlbnR8bWFuYWdlcnxlbWVyZ2VuY3l8bGF3eWVyfGF0dG9ybmV5fGRvY3RvcnxkZW50aXN0fGxlbmRlcnxyZWFsdG9yfGJyb2tlcnxzdXBlcnZpc29yfGJvc3N8bW90aGVyfGZhdGhlcnxwYXJlbnR8c2libGluZ3xmcmllbmR8bGFuZGxvcmR8dGVuYW50fGNvbnRyYWN0b3J8YWNjb3VudGFudHxlc2Nyb3d8b2ZmaWNlcnxiYW5rZXJ8c2VsbGVyfGxpc3Rpbmd8aW5zcGVjdG9yJztcblxuY29uc3QgV0hJQ0g6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPSB7XG4gIGhvbWU6ICdob21lfGhvdXNlfHByaXZhdGV8cGVyc29uYWx8cHJpdmF0fGRvbWljaWxlfGRvbWljaWxpb3xtYWlzb258Y2FzYXxob2dhcnxwYXJ0aWN1bGFyfHJlc2lkZW5jZXxyZXNpZGVudGlhbHx0aHVpc3xwcml2ZXxwZXJzb25hbGV8cGVzc29hbHxwaHlzaWNhbHxjdXJyZW50JyxcbiAgd29yazogJ3dvcmt8b2ZmaWNlfGJ1c2luZXNzfGNvbXBhbnl8am9ifHByb2Zlc3Npb25hbHxnZXNjaGFmdGxpY2h8ZGllbnN0bGljaHxhcmJlaXR8YnVyb3x0cmF2YWlsfGJ1cmVhdXxwcm9mZXNzaW9ubmVsfHRyYWJham98b2ZpY2luYXxlbXByZXNhfGxhdm9yb3x1ZmZpY2lvfHRyYWJhbGhvfGVzY3JpdG9yaW98d2Vya3xrYW50b29yfHpha2VsaWprfHdya3xidXMnLFxuICBtb2JpbGU6XG4gICAgJ21vYmlsZXxjZWxsfGNlbGx1bGFyfGhhbmR5fG1vYmlsfHBvcnRhYmxlfG1vdmlsfGNlbHVsYXJ8Y2VsbHVsYXJlfHRlbGVtb3ZlbHxtb2JpZWx8Z3NtfGNlbGwgcGhvbmV8bW9iaWxlIHBob25lfG1vYmlsdGVsZWZvbnxoYW5keW51bW1lcnxtb2JpbG51bW1lcnxtb2JpbGVwaG9uZXxjZWxscGhvbmV8bW9iaWVsdGplfHRleHR8c21zfGlwaG9uZScsXG4gIGZheDogJ2ZheHx0ZWxlZmF4fGZheCBudW1iZXJ8ZmF4bnVtbWVyJyxcbiAgbWFpbGluZzpcbiAgICAnbWFpbGluZ3xwb3N0YWx8cG9zdGFuc2NocmlmdHxjb3JyZXNwb25kZW5jZXxzaGlwcGluZ3xkZWxpdmVyeXxtYWlsIHRvfHZlcnNhbmR8Y29ycmVzcG9uZGFuY2V8YmlsbGluZycsXG4gIHByb3BlcnR5OiAncHJvcGVydHl8cmVudGFsfHZhY2F0aW9ufGludmVzdG1lbnR8bGlzdGluZ3xzdWJqZWN0IHByb3BlcnR5JyxcbiAgb3RoZXI6XG4gICAgJ290aGVyfGFsdGVybmF0ZXxhbHRlcm5hdGl2ZXxhbHR8YW5kZXJlfGF1dHJlfG90cm98b3RyYXxhbHRyb3xhbHRyYXxvdXRyb3xvdXRyYXxvdmVyaWd8c29uc3RpZ2V8c2Nob29sJyxcbn07XG5jb25zdCBPUkRJTkFMUzogUmVjb3JkPHN0cmluZywgbnVtYmVyPiA9IHtcbiAgcHJpbWFyeTogMSxcbiAgbWFpbjogMSxcbiAgcHJlZmVycmVkOiAxLFxuICBiZXN0OiAxLFxuICBkZWZhdWx0OiAxLFxuICBwcmluY2lwYWw6IDEsXG4gIHByaW5jaXBhbGU6IDEsXG4gIGhhdXB0OiAxLFxuICBzZWNvbmRhcnk6IDIsXG4gIHNlY29uZDogMixcbiAgYWRkaXRpb25hbDogMixcbiAgdGhpcmQ6IDMsXG4gIG9uZTogMSxcbiAgdHdvOiAyLFxuICB0aHJlZTogMyxcbn07XG4vKiogV29yZHMgdGhhdCBzYXkgbm90aGluZyBvZiB0aGVpciBvd24gYWJvdXQgd2hhdCBhIGNvbHVtbiBob2xkcy4gKi9cbmNvbnN0IEZJTExFUlMgPSBuZXcgU2V0KFxuICAndGhlIGEgYW4geW91ciBteSBvdXIgdGhlaXIgaGlzIGhlciBzIG9mIGRlIGR1IGRpIGRhIGRvIGRlbCBkZXMgZCBsYSBsZSBsZXMgZWwgbG9zIGxhcyBkZXIgZGllIGRhcyB2b24gdmFuIHVuZCBhbmQgZXQgeSBlIG5vIG5yIG51bSBudW1lcm8gbnVtYmVyIG51bW1lciB2YWx1ZSBmaWVsZCBpbmZvIGluZm9ybWF0aW9uIGRldGFpbHMgZGV0YWlsIGRhdGUgY2xpZW50IGN1c3RvbWVyIGNvbnRhY3QgcGVyc29uIG1lbWJlciBsZWFkIHByb3NwZWN0IG93bmVyIGJ1eWVyIGJvcnJvd2VyIHVzZXIgcGVvcGxlIG9uIGF0IGluIGZvcicuc3BsaXQoXG4gICAgJyAnLFxuICApLFxuKTtcbmNvbnN0IExBQkVMUyA9IG5ldyBTZXQoJ2xhYmVsIHR5cGUga2luZCB0eXAgdGlwbycuc3BsaXQoJyAnKSk7XG5cbmNvbnN0IFBMVVJBTCA9IC9eKFxccHtMfXszLH0pcyQvdTtcblxuLyoqIFRoZSB3b3JkcyBvZiBhIGhlYWRpbmc6IGN1dCBhdCBjYXNlLCBkaWdpdHMgYW5kIHNpZ25zLCBmb2xkZWQuICovXG5leHBvcnQgZnVuY3Rpb24gaGVhZGluZ1dvcmRzKGhlYWRpbmc6IHN0cmluZyk6IHN0cmluZ1tdIHtcbiAgY29uc3QgY3V0ID0gaGVhZGluZ1xuICAgIC5yZXBsYWNlKC8oXFxwe0xsfSkoXFxwe0x1fSkvZ3UsICckMSAkMicpXG4gICAgLnJlcGxhY2UoLyhcXHB7THV9KShcXHB7THV9XFxwe0xsfSkvZ3UsICckMSAkMicpXG4gICAgLnJlcGxhY2UoLyhcXHB7TH0pKFxcZCkvZ3UsICckMSAkMicpXG4gICAgLnJlcGxhY2UoLyhcXGQpKFxccHtMfSkvZ3UsICckMSAkMicpO1xuICByZXR1cm4gZm9sZChjdXQpXG4gICAgLnJlcGxhY2UoL1teXFxwe0x9XFxwe059XSsvZ3UsICcgJylcbiAgICAudHJpbSgpXG4gICAgLnNwbGl0KCcgJylcbiAgICAuZmlsdGVyKEJvb2xlYW4pO1xufVxuXG4vKiogQSBwaHJhc2UgaW4gdGhlIGZvcm0gaW4gd2hpY2ggcGhyYXNlcyBhcmUgY29tcGFyZWQ6IHdpdGhvdXQgd2hhdCBzYXlzIG5vdGhpbmcsIGFuZCBpbiB0aGUgc2luZ3VsYXIuICovXG5jb25zdCBwbGFpbkZvcm0gPSAod29yZHM6IHJlYWRvbmx5IHN0cmluZ1tdKTogc3RyaW5nID0+XG4gIHdvcmRzLm1hcCgod29yZCkgPT4gd29yZC5yZXBsYWNlKFBMVVJBTCwgJyQxJykpLmpvaW4oJyAnKTtcblxuY29uc3QgU1VCSkVDVF9PRiA9IG5ldyBNYXA8c3RyaW5nLCBTdWJqZWN0PigpO1xuZm9yIChjb25zdCBbc3ViamVjdCwgcGhyYXNlc10gb2YgT2JqZWN0LmVudHJpZXMoU1VCSkVDVFMpKVxuICBmb3IgKGNvbnN0IHBocmFzZSBvZiBwaHJhc2VzLnNwbGl0KCd8JykpIHtcbiAgICBjb25zdCBmb3JtID0gcGxhaW5Gb3JtKHBocmFzZS5zcGxpdCgnICcpKTtcbiAgICBpZiAoIVNVQkpFQ1RfT0YuaGFzKGZvcm0pKSBTVUJKRUNUX09GLnNldChmb3JtLCBzdWJqZWN0IGFzIFN1YmplY3QpO1xuICB9XG5cbmNvbnN0IHBocmFzZVNldCA9IChwaHJhc2VzOiBzdHJpbmcpID0+XG4gIG5ldyBTZXQocGhyYXNlcy5zcGxpdCgnfCcpLm1hcCgocCkgPT4gcGxhaW5Gb3JtKHAuc3BsaXQoJyAnKSkpKTtcbmNvbnN0IFdIT1NFOiBbRXhjbHVkZTxXaG9zZSwgJ293bic+LCBSZWFkb25seVNldDxzdHJpbmc+XVtdID0gW1xuICBbJ3BhcnRuZXInLCBwaHJhc2VTZXQoUEFSVE5FUildLFxuICBbJ2NoaWxkJywgcGhyYXNlU2V0KENISUxEKV0sXG4gIFsnb3RoZXInLCBwaHJhc2VTZXQoT1RIRVJTKV0sXG5dO1xuY29uc3QgV0hJQ0hfT0YgPSBuZXcgTWFwKFxuICBPYmplY3QuZW50cmllcyhXSElDSCkuZmxhdE1hcCgoW3doaWNoLCBwaHJhc2VzXSkgPT5cbiAgICBbLi4ucGhyYXNlU2V0KHBocmFzZXMpXS5tYXAoKHBocmFzZSkgPT4gW3BocmFzZSwgd2hpY2hdIGFzIGNvbnN0KSxcbiAgKSxcbik7XG5cbmNvbnN0IE5PVEhJTkc6IEhlYWRpbmdSZWFkID0ge1xuICBzdWJqZWN0OiBudWxsLFxuICB3aG9zZTogJ293bicsXG4gIHdoaWNoOiAnJyxcbiAgbnVtYmVyOiBudWxsLFxuICBpc0xhYmVsOiBmYWxzZSxcbn07XG5cbi8qKiBUaGUgc3ViamVjdCB0aGF0IGFsbCBvZiB0aGVzZSB3b3JkcyBuYW1lLCB0aGVpciBmaWxsZXJzIGxlZnQgb3V0IG9yIG5vdC4gKi9cbmZ1bmN0aW9uIHN1YmplY3RPZih3b3JkczogcmVhZG9ubHkgc3RyaW5nW10pOiBTdWJqZWN0IHwgbnVsbCB7XG4gIGNvbnN0IHdob2xlID0gU1VCSkVDVF9PRi5nZXQocGxhaW5Gb3JtKHdvcmRzKSk7XG4gIGlmICh3aG9sZSB8fCB3b3Jkcy5sZW5ndGggPT09IDApIHJldHVybiB3aG9sZSA/PyBudWxsO1xuICBjb25zdCB0b2xkID0gd29yZHMuZmlsdGVyKCh3b3JkKSA9PiAhRklMTEVSUy5oYXMod29yZCkpO1xuICByZXR1cm4gU1VCSkVDVF9PRi5nZXQocGxhaW5Gb3JtKHRvbGQpKSA/PyBudWxsO1xufVxuXG4vKiogVGFrZXMgdGhlIGZpcnN0IHBocmFzZSBvZiBvbmUgb3IgdHdvIHdvcmRzIGF3YXkgdGhhdCBgb2ZgIGtub3dzLiAqL1xuZnVuY3Rpb24gdGFrZTxUPihcbiAgd29yZHM6IHJlYWRvbmx5IHN0cmluZ1tdLFxuICBvZjogKHBocmFzZTogc3RyaW5nKSA9PiBUIHwgdW5kZWZpbmVkLFxuKTogeyBmb3VuZDogVDsgcmVzdDogc3RyaW5nW10gfSB8IG51bGwge1xuICBmb3IgKGNvbnN0IGxlbmd0aCBvZiBbMiwgMV0pXG4gICAgZm9yIChsZXQgaSA9IDA7IGkgKyBsZW5ndGggPD0gd29yZHMubGVuZ3RoOyBpKyspIHtcbiAgICAgIGNvbnN0IGZvdW5kID0gb2YocGxhaW5Gb3JtKHdvcmRzLnNsaWNlKGksIGkgKyBsZW5ndGgpKSk7XG4gICAgICBpZiAoZm91bmQgIT09IHVuZGVmaW5lZClcbiAgICAgICAgcmV0dXJuIHsgZm91bmQsIHJlc3Q6IFsuLi53b3Jkcy5zbGljZSgwLCBpKSwgLi4ud29yZHMuc2xpY2UoaSArIGxlbmd0aCldIH07XG4gICAgfVxuICByZXR1cm4gbnVsbDtcbn1cblxuLyoqXG4gKiBSZWFkcyBhIGhlYWRpbmcgYnkgaXRzIHdvcmRzOiB3aGF0IGl0IGlzIGFib3V0LCB3aG9zZSB0aGF0IGlzLCB3aGljaCBvZiBzZXZlcmFsLiBBIGhlYWRpbmcgY291bnRzIGFzXG4gKiB1bmRlcnN0b29kIG9ubHkgd2hlbiBldmVyeSB3b3JkIG9mIGl0IGlzOiB0aGUgcmVzdCB3b3VsZCBiZSBzb21lYm9keSdzIGd1ZXNzLlxuICogQGV4YW1wbGUgcmVhZEhlYWRpbmcoJ1Nwb3VzZSBDZWxsIE51bWJlcicpIC8vIHN1YmplY3QgJ3Bob25lJywgd2hvc2UgJ3BhcnRuZXInLCB3aGljaCAnbW9iaWxlJ1xuICovXG5leHBvcnQgZnVuY3Rpb24gcmVhZEhlYWRpbmcoaGVhZGluZzogc3RyaW5nKTogSGVhZGluZ1JlYWQge1xuICBjb25zdCBhbGwgPSBoZWFkaW5nV29yZHMoaGVhZGluZyk7XG4gIGNvbnN0IG51bWJlciA9IE51bWJlcihhbGwuZmluZCgod29yZCkgPT4gL15cXGQkLy50ZXN0KHdvcmQpKSA/PyBOYU4pIHx8IG51bGw7XG4gIGNvbnN0IHdvcmRzID0gYWxsLmZpbHRlcigod29yZCkgPT4gIS9eXFxkJC8udGVzdCh3b3JkKSk7XG4gIGNvbnN0IHBsYWluID0gc3ViamVjdE9mKHdvcmRzKTtcbiAgaWYgKHBsYWluICYmICEocGxhaW4gPT09ICd0YWdzJyAmJiBudW1iZXIgJiYgd29yZHMubGVuZ3RoID4gMSkpXG4gICAgcmV0dXJuIHsgLi4uTk9USElORywgc3ViamVjdDogcGxhaW4sIG51bWJlciB9O1xuICBjb25zdCBpc0xhYmVsID0gd29yZHMubGVuZ3RoID4gMSAmJiBMQUJFTFMuaGFzKHdvcmRzLmF0KC0xKSEpO1xuICBsZXQgcmVzdCA9IGlzTGFiZWwgPyB3b3Jkcy5zbGljZSgwLCAtMSkgOiB3b3JkcztcbiAgbGV0IHdob3NlOiBXaG9zZSA9ICdvd24nO1xuICBmb3IgKGNvbnN0IFt3aG8sIHBocmFzZXNdIG9mIFdIT1NFKSB7XG4gICAgY29uc3QgdGFrZW4gPSB0YWtlKHJlc3QsIChwaHJhc2UpID0+IChwaHJhc2VzLmhhcyhwaHJhc2UpID8gd2hvIDogdW5kZWZpbmVkKSk7XG4gICAgaWYgKCF0YWtlbikgY29udGludWU7XG4gICAgd2hvc2UgPSB3aG87XG4gICAgcmVzdCA9IHRha2VuLnJlc3Q7XG4gICAgYnJlYWs7XG4gIH1cbiAgY29uc3QgcmVhZCA9IHsgLi4uTk9USElORywgd2hvc2UsIG51bWJlciwgaXNMYWJlbCB9O1xuICBpZiAod2hvc2UgIT09ICdvd24nICYmIHJlc3QuZXZlcnkoKHdvcmQpID0+IEZJTExFUlMuaGFzKHdvcmQpIHx8IHdvcmQgPT09ICduYW1lJykpXG4gICAgcmV0dXJuIHsgLi4ucmVhZCwgc3ViamVjdDogJ25hbWUnIH07XG4gIHJldHVybiB7IC4uLnJlYWQsIC4uLnJlYWRSZXN0KHJlc3QsIG51bWJlcikgfTtcbn1cblxuY29uc3QgQUREUkVTUyA9IHBsYWluRm9ybShbJ2FkZHJlc3MnXSk7XG5jb25zdCBPRl9BRERSRVNTOiBSZWFkb25seVNldDxTdWJqZWN0PiA9IG5ldyBTZXQ8U3ViamVjdD4oW1xuICAnYWRkcmVzc0xpbmUnLFxuICAnYWRkcmVzc0xpbmUyJyxcbiAgJ2NpdHknLFxuICAncmVnaW9uJyxcbiAgJ3Bvc3RhbENvZGUnLFxuICAnY291bnRyeScsXG4gICdwbGFjZScsXG5dKTtcblxuLyoqIFdoYXQgaXMgbGVmdCB3aGVuIGl0IGlzIGNsZWFyIHdob3NlIGl0IGlzOiB0aGUgc3ViamVjdCwgYW5kIHdoaWNoIG9mIHNldmVyYWwuICovXG5mdW5jdGlvbiByZWFkUmVzdCh3b3JkczogcmVhZG9ubHkgc3RyaW5nW10sIG51bWJlcjogbnVtYmVyIHwgbnVsbCk6IFBhcnRpYWw8SGVhZGluZ1JlYWQ+IHtcbiAgbGV0IHJlc3QgPSBbLi4ud29yZHNdO1xuICBsZXQgd2hpY2ggPSAnJztcbiAgbGV0IG9yZGVyID0gbnVtYmVyO1xuICBmb3IgKGxldCBzdGVwcyA9IDA7IHN0ZXBzIDwgNDsgc3RlcHMrKykge1xuICAgIGNvbnN0IHN1YmplY3QgPSBzdWJqZWN0T2YocmVzdCk7XG4gICAgaWYgKHN1YmplY3QpIHJldHVybiB7IHN1YmplY3QsIHdoaWNoLCBudW1iZXI6IG9yZGVyIH07XG4gICAgLy8gXCJIb21lIEFkZHJlc3MgQ2l0eVwiOiB0aGUgYWRkcmVzcyB0aGF0IHRoZSBjaXR5IGlzIG9mLlxuICAgIGNvbnN0IHBhcnQgPSB0YWtlKHJlc3QsICh3b3JkKSA9PiAod29yZCA9PT0gQUREUkVTUyA/IHdvcmQgOiB1bmRlZmluZWQpKTtcbiAgICBpZiAocGFydCAmJiBPRl9BRERSRVNTLmhhcyhzdWJqZWN0T2YocGFydC5yZXN0KSA/PyAnbmFtZScpKSB7XG4gICAgICByZXN0ID0gcGFydC5yZXN0O1xuICAgICAgY29udGludWU7XG4gICAgfVxuICAgIGNvbnN0IG9yZGluYWwgPSB0YWtlKHJlc3QsICh3b3JkKSA9PiBPUkRJTkFMU1t3b3JkXSk7XG4gICAgaWYgKG9yZGluYWwpIHtcbiAgICAgIG9yZGVyID8/PSBvcmRpbmFsLmZvdW5kO1xuICAgICAgcmVzdCA9IG9yZGluYWwucmVzdDtcbiAgICAgIGNvbnRpbnVlO1xuICAgIH1cbiAgICBjb25zdCB0YWtlbiA9IHRha2UocmVzdCwgKHBocmFzZSkgPT4gV0hJQ0hfT0YuZ2V0KHBocmFzZSkpO1xuICAgIGlmICghdGFrZW4pIGJyZWFrO1xuICAgIC8vIFwiSG9tZSBNYWlsaW5nIENpdHlcIiwgXCJIb21lIENlbGxcIjogd2hhdCBzYXlzIG1vcmUgc3RhbmRzIGxhc3QuXG4gICAgd2hpY2ggPSB0YWtlbi5mb3VuZCA9PT0gJ2hvbWUnICYmIHdoaWNoID8gd2hpY2ggOiB0YWtlbi5mb3VuZDtcbiAgICByZXN0ID0gdGFrZW4ucmVzdDtcbiAgfVxuICBpZiAocmVzdC5ldmVyeSgod29yZCkgPT4gRklMTEVSUy5oYXMod29yZCkpICYmIHdoaWNoKSB7XG4gICAgaWYgKHdoaWNoID09PSAnbW9iaWxlJyB8fCB3aGljaCA9PT0gJ2ZheCcpIHJldHVybiB7IHN1YmplY3Q6ICdwaG9uZScsIHdoaWNoLCBudW1iZXI6IG9yZGVyIH07XG4gICAgcmV0dXJuIHsgc3ViamVjdDogbnVsbCwgd2hpY2gsIG51bWJlcjogb3JkZXIgfTtcbiAgfVxuICByZXR1cm4geyBzdWJqZWN0OiBudWxsLCB3aGljaDogJycsIG51bWJlcjogb3JkZXIgfTtcbn1cbiIsICJpbXBvcnQgeyBwYXJzZVBob25lTnVtYmVyRnJvbVN0cmluZywgdHlwZSBDb3VudHJ5Q29kZSB9IGZyb20gJ2xpYnBob25lbnVtYmVyLWpzJztcbmltcG9ydCBpc0VtYWlsQWRkcmVzcyBmcm9tICd2YWxpZGF0b3IvbGliL2lzRW1haWwuanMnO1xuXG4vKiogU2lnbnMgd2l0aG91dCBpbmsgdGhhdCBjb3B5aW5nIGxlYXZlcyBpbiBhZGRyZXNzZXMgYW5kIG51bWJlcnMuICovXG5jb25zdCBJTlZJU0lCTEUgPSAvW1xcdTIwMEItXFx1MjAwRlxcdTIwMkEtXFx1MjAyRVxcdTIwNjAtXFx1MjA2NFxcdTIwNjYtXFx1MjA2OVxcdUZFRkZcXHUwMEFEXS9nO1xuXG4vKiogQW4gZS1tYWlsIGFkZHJlc3Mgd2l0aCBpdHMgZG9tYWluIGluIGxvd2VyIGNhc2UsIG9yIG51bGwgd2hlbiB0aGUgdGV4dCBpcyBub25lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRFbWFpbCh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgfCBudWxsIHtcbiAgY29uc3QgdHJpbW1lZCA9IHRleHRcbiAgICAucmVwbGFjZShJTlZJU0lCTEUsICcnKVxuICAgIC50cmltKClcbiAgICAucmVwbGFjZSgvXm1haWx0bzovaSwgJycpO1xuICBpZiAoIWlzRW1haWxBZGRyZXNzKHRyaW1tZWQpKSByZXR1cm4gbnVsbDtcbiAgY29uc3QgYXQgPSB0cmltbWVkLmxhc3RJbmRleE9mKCdAJyk7XG4gIHJldHVybiB0cmltbWVkLnNsaWNlKDAsIGF0KSArIHRyaW1tZWQuc2xpY2UoYXQpLnRvTG93ZXJDYXNlKCk7XG59XG5cbi8qKlxuICogQSBwaG9uZSBudW1iZXIgaW4gRS4xNjQgd2hlcmUgaXQgaXMgY29tcGxldGUgKFwiKzE1MDM1NTUwMTQyXCIpOyBhIHNob3J0IGxvY2FsIG51bWJlciBzdGF5cyBhc1xuICogdHlwZWQsIHRpZGllZDsgbnVsbCB3aGVuIHRoZSB0ZXh0IGlzIG5vIHBob25lIG51bWJlci5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRQaG9uZSh0ZXh0OiBzdHJpbmcsIGNvdW50cnk6IENvdW50cnlDb2RlID0gJ1VTJyk6IHN0cmluZyB8IG51bGwge1xuICBjb25zdCB0aWR5ID0gdGV4dFxuICAgIC5yZXBsYWNlKElOVklTSUJMRSwgJycpXG4gICAgLnJlcGxhY2UoL1tcXHUyMDEwLVxcdTIwMTVcXHUyMjEyXS9nLCAnLScpXG4gICAgLnRyaW0oKVxuICAgIC5yZXBsYWNlKC9edGVsOi9pLCAnJylcbiAgICAucmVwbGFjZSgvXFxzKy9nLCAnICcpO1xuICBpZiAoIS9eWysoXT9cXGRbXFxkXFxzKCkuXFwtL10qKD86XFxzKig/Onh8ZXh0XFwuPylcXHMqXFxkKyk/JC9pLnRlc3QodGlkeSkpIHJldHVybiBudWxsO1xuICBjb25zdCBwYXJzZWQgPSBwYXJzZVBob25lTnVtYmVyRnJvbVN0cmluZyh0aWR5LCBjb3VudHJ5KTtcbiAgaWYgKHBhcnNlZD8uaXNWYWxpZCgpICYmICFwYXJzZWQuZXh0KSByZXR1cm4gcGFyc2VkLm51bWJlcjtcbiAgY29uc3QgZGlnaXRzID0gdGlkeS5yZXBsYWNlKC9cXEQvZywgJycpLmxlbmd0aDtcbiAgcmV0dXJuIGRpZ2l0cyA8IDcgfHwgZGlnaXRzID4gMjAgPyBudWxsIDogdGlkeTtcbn1cblxuLyoqIEEgbGluayBhcyBpdCBjYW4gYmUgb3BlbmVkOyBhIGJhcmUgaGFuZGxlIG9yIGRvbWFpbiBnZXRzIGl0cyBodHRwcy4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkTGluayh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgfCBudWxsIHtcbiAgY29uc3QgdXJsID0gL15bYS16XVthLXpcXGQrLi1dKjovaS50ZXN0KHRleHQpID8gdGV4dCA6IGBodHRwczovLyR7dGV4dH1gO1xuICBpZiAoL1xccy8udGVzdCh0ZXh0KSB8fCAhVVJMLmNhblBhcnNlKHVybCkpIHJldHVybiBudWxsO1xuICBjb25zdCB7IHByb3RvY29sLCBob3N0bmFtZSB9ID0gbmV3IFVSTCh1cmwpO1xuICByZXR1cm4gL15odHRwcz86JC8udGVzdChwcm90b2NvbCkgJiYgaG9zdG5hbWUuaW5jbHVkZXMoJy4nKSA/IHVybCA6IG51bGw7XG59XG4iLCAiaW1wb3J0IHtcbiAgQ09MVU1OX0tFWVMsXG4gIENPTFVNTlMsXG4gIGZvbGQsXG4gIElOQ09NSU5HLFxuICBJTkNPTUlOR19LRVlTLFxuICBwYXJ0c09mVXNlLFxuICBhc1VzZSxcbiAgdHlwZSBDb2x1bW5Vc2UsXG4gIHR5cGUgSW1wb3J0VGFyZ2V0LFxuICB0eXBlIE93bkZpZWxkLFxufSBmcm9tICdAL2NvcmUvcGVvcGxlJztcbmltcG9ydCB7IHJlYWREYXRlLCB0eXBlIERhdGVPcmRlciB9IGZyb20gJ0AvY29yZS90aW1lJztcblxuaW1wb3J0IHsgaGVhZGluZ1dvcmRzLCByZWFkSGVhZGluZywgdHlwZSBIZWFkaW5nUmVhZCwgdHlwZSBTdWJqZWN0IH0gZnJvbSAnLi9oZWFkaW5ncyc7XG5pbXBvcnQgeyByZWFkRW1haWwsIHJlYWRQaG9uZSB9IGZyb20gJy4vcmVhY2gnO1xuaW1wb3J0IHR5cGUgeyBUYWJsZSB9IGZyb20gJy4vdGFibGUnO1xuXG4vKiogSG93IGEgY29sdW1uIGlzIHVzZWQsIGFuZCBob3cgc3VyZSB0aGF0IGlzLiAqL1xuZXhwb3J0IGludGVyZmFjZSBDb2x1bW5HdWVzcyB7XG4gIHVzZTogQ29sdW1uVXNlIHwgbnVsbDtcbiAgLyoqIGBoZWFkaW5nYDogaXRzIGhlYWRpbmcgc2F5cyBzby4gYGNvbnRlbnRgOiBvbmx5IHdoYXQgc3RhbmRzIGluIGl0IGRvZXMuIGBub25lYDogbm9ib2R5IHVuZGVyc3RhbmRzIGl0LiAqL1xuICBieTogJ2hlYWRpbmcnIHwgJ2NvbnRlbnQnIHwgJ25vbmUnO1xufVxuXG5jb25zdCBmb2xkZWQgPSAodGV4dDogc3RyaW5nKSA9PlxuICBmb2xkKHRleHQpXG4gICAgLnJlcGxhY2UoL1teXFxwe0x9XFxwe059XSsvZ3UsICcgJylcbiAgICAudHJpbSgpO1xuXG5jb25zdCBCWV9MQUJFTCA9IG5ldyBNYXA8c3RyaW5nLCBJbXBvcnRUYXJnZXQ+KFtcbiAgLi4uQ09MVU1OX0tFWVMubWFwKChrZXkpID0+IFtmb2xkZWQoQ09MVU1OU1trZXldLmxhYmVsKSwga2V5XSBhcyBjb25zdCksXG4gIC4uLklOQ09NSU5HX0tFWVMubWFwKChrZXkpID0+IFtmb2xkZWQoSU5DT01JTkdba2V5XS5sYWJlbCksIGtleV0gYXMgY29uc3QpLFxuXSk7XG4vLyBBIHRpdGxlIGlzIGEgZm9ybSBvZiBhZGRyZXNzIG9yIHdoYXQgc29tZWJvZHkgZG9lczogaXRzIHZhbHVlcyB0ZWxsLlxuQllfTEFCRUwuZGVsZXRlKCd0aXRsZScpO1xuXG4vKiogV2hhdCBzZXZlcmFsIGNvbHVtbnMgb2Ygb25lIGZpbGUgbWF5IGZpbGwuICovXG5jb25zdCBTRVZFUkFMOiBSZWFkb25seVNldDxJbXBvcnRUYXJnZXQ+ID0gbmV3IFNldDxJbXBvcnRUYXJnZXQ+KFtcbiAgJ25vdGUnLFxuICAnbm90ZXMnLFxuICAndGFncycsXG4gICdyb2xlcycsXG4gICdpbnRlcmVzdHMnLFxuICAnZW1haWwnLFxuICAnZW1haWxMYWJlbCcsXG4gICdwaG9uZScsXG4gICdwaG9uZUxhYmVsJyxcbiAgJ21vcmVFbWFpbHMnLFxuICAnbW9yZVBob25lcycsXG4gICdsaW5rJyxcbiAgJ2RhdGVzJyxcbiAgJ25hbWVkRGF0ZScsXG4gICdjaGlsZHJlbicsXG4gICdjaGlsZEJpcnRoZGF5JyxcbiAgJ3BldHMnLFxuICAnd29ya0RvbmUnLFxuICAnYXNpZGUnLFxuICAnbmV3RmllbGQnLFxuICAnYWRkcmVzc0xpbmUyJyxcbiAgJ3BhcnRuZXJFbWFpbCcsXG4gICdwYXJ0bmVyUGhvbmUnLFxuXSk7XG5cbmNvbnN0IEFERFJFU1NfUEFSVFM6IFJlYWRvbmx5U2V0PHN0cmluZz4gPSBuZXcgU2V0KFtcbiAgJ2FkZHJlc3NMaW5lJyxcbiAgJ2FkZHJlc3NMaW5lMicsXG4gICdjaXR5JyxcbiAgJ3JlZ2lvbicsXG4gICdwb3N0YWxDb2RlJyxcbiAgJ2NvdW50cnknLFxuICAncGxhY2UnLFxuXSk7XG5cbmNvbnN0IFBBUlRORVJTOiBQYXJ0aWFsPFJlY29yZDxTdWJqZWN0LCBJbXBvcnRUYXJnZXQ+PiA9IHtcbiAgbmFtZTogJ3BhcnRuZXJOYW1lJyxcbiAgZ2l2ZW5OYW1lOiAncGFydG5lckdpdmVuTmFtZScsXG4gIGZhbWlseU5hbWU6ICdwYXJ0bmVyRmFtaWx5TmFtZScsXG4gIGVtYWlsOiAncGFydG5lckVtYWlsJyxcbiAgcGhvbmU6ICdwYXJ0bmVyUGhvbmUnLFxuICBiaXJ0aGRheTogJ3BhcnRuZXJCaXJ0aGRheScsXG59O1xuY29uc3QgQ0hJTERTOiBQYXJ0aWFsPFJlY29yZDxTdWJqZWN0LCBJbXBvcnRUYXJnZXQ+PiA9IHtcbiAgbmFtZTogJ2NoaWxkcmVuJyxcbiAgZ2l2ZW5OYW1lOiAnY2hpbGRyZW4nLFxuICBjaGlsZHJlbjogJ2NoaWxkcmVuJyxcbiAgYmlydGhkYXk6ICdjaGlsZEJpcnRoZGF5Jyxcbn07XG5cbi8qKiBUaGUgZmlyc3QgY2VsbHMgb2YgYSBjb2x1bW4gdGhhdCBzYXkgc29tZXRoaW5nLiAqL1xuZnVuY3Rpb24gY2VsbHNPZih0YWJsZTogUGljazxUYWJsZSwgJ3Jvd3MnPiwgY29sdW1uOiBudW1iZXIsIG1vc3QgPSAyMDApOiBzdHJpbmdbXSB7XG4gIGNvbnN0IGNlbGxzOiBzdHJpbmdbXSA9IFtdO1xuICBmb3IgKGNvbnN0IHJvdyBvZiB0YWJsZS5yb3dzKSB7XG4gICAgY29uc3QgY2VsbCA9IHJvdy5jZWxsc1tjb2x1bW5dO1xuICAgIGlmIChjZWxsKSBjZWxscy5wdXNoKGNlbGwpO1xuICAgIGlmIChjZWxscy5sZW5ndGggPT09IG1vc3QpIGJyZWFrO1xuICB9XG4gIHJldHVybiBjZWxscztcbn1cblxuY29uc3QgbW9zdCA9IChjZWxsczogcmVhZG9ubHkgc3RyaW5nW10sIHRlc3Q6IChjZWxsOiBzdHJpbmcpID0+IGJvb2xlYW4pID0+XG4gIGNlbGxzLmZpbHRlcih0ZXN0KS5sZW5ndGggPiBjZWxscy5sZW5ndGggLyAyO1xuXG4vKipcbiAqIEd1ZXNzZXMgd2hhdCBlYWNoIGNvbHVtbiBob2xkczogYnkgaXRzIGhlYWRpbmcsIHdoaWNoIGlzIG5ldmVyIG92ZXJydWxlZCBieSB3aGF0IHN0YW5kcyBpbiBpdCwgZWxzZSBieVxuICogdGhhdC4gQSBjb2x1bW4gdGhhdCBub2JvZHkgdW5kZXJzdGFuZHMgZ29lcyBpbnRvIHRoZSBub3RlIHVuZGVyIGl0cyBoZWFkaW5nLlxuICovXG5leHBvcnQgZnVuY3Rpb24gZ3Vlc3NDb2x1bW5zKFxuICB0YWJsZTogUGljazxUYWJsZSwgJ2hlYWRlcicgfCAncm93cyc+LFxuICBvd246IHJlYWRvbmx5IE93bkZpZWxkW10gPSBbXSxcbik6IENvbHVtbkd1ZXNzW10ge1xuICBjb25zdCB0YWtlbiA9IG5ldyBTZXQ8c3RyaW5nPigpO1xuICBjb25zdCBjbGFpbSA9ICh1c2U6IENvbHVtblVzZSB8IG51bGwpOiBDb2x1bW5Vc2UgfCBudWxsID0+IHtcbiAgICBpZiAodXNlID09PSBudWxsIHx8ICh0YWtlbi5oYXModXNlKSAmJiAhU0VWRVJBTC5oYXMocGFydHNPZlVzZSh1c2UpLnRvKSkpIHJldHVybiBudWxsO1xuICAgIHRha2VuLmFkZCh1c2UpO1xuICAgIHJldHVybiB1c2U7XG4gIH07XG4gIGNvbnN0IG93bkJ5TmFtZSA9IG5ldyBNYXAob3duLm1hcCgoeyBpZCwgbmFtZSB9KSA9PiBbZm9sZGVkKG5hbWUpLCBgb3duOiR7aWR9YCBhcyBjb25zdF0pKTtcbiAgY29uc3QgaGVhZHMgPSB0YWJsZS5oZWFkZXIubWFwKHJlYWRIZWFkaW5nKTtcbiAgY29uc3QgaGFzSm9iID0gdGFibGUuaGVhZGVyLnNvbWUoXG4gICAgKGhlYWRpbmcsIGkpID0+XG4gICAgICBCWV9MQUJFTC5nZXQoZm9sZGVkKGhlYWRpbmcpKSA9PT0gJ2pvYlRpdGxlJyB8fFxuICAgICAgKGhlYWRzW2ldIS53aG9zZSA9PT0gJ293bicgJiYgaGVhZHNbaV0hLnN1YmplY3QgPT09ICdqb2JUaXRsZScpLFxuICApO1xuICBjb25zdCBndWVzc2VzID0gdGFibGUuaGVhZGVyLm1hcCgoaGVhZGluZywgaSk6IENvbHVtbkd1ZXNzID0+IHtcbiAgICBjb25zdCBjZWxscyA9IGNlbGxzT2YodGFibGUsIGkpO1xuICAgIGNvbnN0IGtub3duID0gb3duQnlOYW1lLmdldChmb2xkZWQoaGVhZGluZykpID8/IEJZX0xBQkVMLmdldChmb2xkZWQoaGVhZGluZykpO1xuICAgIGNvbnN0IHVzZSA9IGtub3duID8/IGJ5SGVhZGluZyhoZWFkc1tpXSEsIGNlbGxzLCBoZWFkcywgaGFzSm9iKTtcbiAgICBjb25zdCBjbGFpbWVkID0gY2xhaW0odXNlKTtcbiAgICByZXR1cm4gY2xhaW1lZCA/IHsgdXNlOiBjbGFpbWVkLCBieTogJ2hlYWRpbmcnIH0gOiB7IHVzZTogbnVsbCwgYnk6ICdub25lJyB9O1xuICB9KTtcbiAgcmV0dXJuIGdhdGhlcihcbiAgICBndWVzc2VzLm1hcCgoZ3Vlc3MsIGkpID0+IHtcbiAgICAgIGlmIChndWVzcy51c2UpIHJldHVybiBndWVzcztcbiAgICAgIGNvbnN0IGNlbGxzID0gY2VsbHNPZih0YWJsZSwgaSk7XG4gICAgICBpZiAoY2VsbHMubGVuZ3RoID09PSAwKSByZXR1cm4gZ3Vlc3M7XG4gICAgICBjb25zdCB1c2UgPSBjbGFpbShieUNvbnRlbnQodGFibGUuaGVhZGVyW2ldISwgaGVhZHNbaV0hLCBjZWxscywgdGFrZW4pKTtcbiAgICAgIHJldHVybiB1c2UgPyB7IHVzZSwgYnk6ICdjb250ZW50JyB9IDogeyB1c2U6ICdhc2lkZScsIGJ5OiAnbm9uZScgfTtcbiAgICB9KSxcbiAgKTtcbn1cblxuZnVuY3Rpb24gYnlIZWFkaW5nKFxuICB7IHN1YmplY3QsIHdob3NlLCB3aGljaCwgbnVtYmVyLCBpc0xhYmVsIH06IEhlYWRpbmdSZWFkLFxuICBjZWxsczogcmVhZG9ubHkgc3RyaW5nW10sXG4gIGFsbDogcmVhZG9ubHkgSGVhZGluZ1JlYWRbXSxcbiAgLyoqIFdoZXRoZXIgYW5vdGhlciBjb2x1bW4gc2F5cyB3aGF0IHNvbWVib2R5IGRvZXMuICovXG4gIGhhc0pvYjogYm9vbGVhbixcbik6IENvbHVtblVzZSB8IG51bGwge1xuICBpZiAoIXN1YmplY3QpIHJldHVybiBudWxsO1xuICBpZiAoaXNMYWJlbCkgcmV0dXJuIHN1YmplY3QgPT09ICdlbWFpbCcgfHwgc3ViamVjdCA9PT0gJ3Bob25lJyA/IGAke3N1YmplY3R9TGFiZWxgIDogbnVsbDtcbiAgaWYgKHdob3NlID09PSAnb3RoZXInKSByZXR1cm4gbnVsbDtcbiAgaWYgKHdob3NlID09PSAncGFydG5lcicpIHJldHVybiBQQVJUTkVSU1tzdWJqZWN0XSA/PyBudWxsO1xuICBpZiAod2hvc2UgPT09ICdjaGlsZCcpIHJldHVybiBDSElMRFNbc3ViamVjdF0gPz8gbnVsbDtcbiAgaWYgKHN1YmplY3QgPT09ICd0aXRsZU9yUHJlZml4JylcbiAgICByZXR1cm4gaGFzSm9iIHx8IG1vc3QoY2VsbHMsIGlzRm9ybU9mQWRkcmVzcykgPyAncHJlZml4JyA6ICdqb2JUaXRsZSc7XG4gIGlmIChzdWJqZWN0ID09PSAncHJlZml4JykgcmV0dXJuIG1vc3QoY2VsbHMsIGlzRm9ybU9mQWRkcmVzcykgPyAncHJlZml4JyA6IG51bGw7XG4gIGlmIChzdWJqZWN0ID09PSAnZW1haWwnIHx8IHN1YmplY3QgPT09ICdwaG9uZScpXG4gICAgcmV0dXJuIGFzVXNlKHN1YmplY3QsIHdoaWNoID09PSAnbWFpbGluZycgPyAnJyA6IHdoaWNoKTtcbiAgLy8gXCJOYW1lXCIgYmVzaWRlIFwiTGFzdCBuYW1lXCIgaXMgdGhlIGZpcnN0IG5hbWUuXG4gIGlmIChzdWJqZWN0ID09PSAnbmFtZScgJiYgYWxsLnNvbWUoKGgpID0+IGgud2hvc2UgPT09ICdvd24nICYmIGguc3ViamVjdCA9PT0gJ2ZhbWlseU5hbWUnKSlcbiAgICByZXR1cm4gYWxsLnNvbWUoKGgpID0+IGgud2hvc2UgPT09ICdvd24nICYmIGguc3ViamVjdCA9PT0gJ2dpdmVuTmFtZScpID8gJ25hbWUnIDogJ2dpdmVuTmFtZSc7XG4gIGlmICghQUREUkVTU19QQVJUUy5oYXMoc3ViamVjdCkpIHJldHVybiBzdWJqZWN0O1xuICByZXR1cm4gYWRkcmVzc1VzZShzdWJqZWN0IGFzICdjaXR5Jywgd2hpY2gsIG51bWJlciwgYWxsKTtcbn1cblxuLyoqIFwiQWRkcmVzcyAyXCIgaXMgdGhlIHNlY29uZCBsaW5lIG9mIGFuIGFkZHJlc3MsIHVubGVzcyB0aGVyZSBpcyBhIHNlY29uZCBjaXR5IGFzIHdlbGwuICovXG5mdW5jdGlvbiBhZGRyZXNzVXNlKFxuICBzdWJqZWN0OiAnYWRkcmVzc0xpbmUnIHwgJ2FkZHJlc3NMaW5lMicgfCAnY2l0eScsXG4gIHdoaWNoOiBzdHJpbmcsXG4gIG51bWJlcjogbnVtYmVyIHwgbnVsbCxcbiAgYWxsOiByZWFkb25seSBIZWFkaW5nUmVhZFtdLFxuKTogQ29sdW1uVXNlIHtcbiAgaWYgKG51bWJlciA9PT0gbnVsbCB8fCBudW1iZXIgPT09IDEpIHJldHVybiBhc1VzZShzdWJqZWN0LCB3aGljaCk7XG4gIGNvbnN0IHNlY29uZCA9IGFsbC5zb21lKFxuICAgIChoKSA9PlxuICAgICAgaC5udW1iZXIgPT09IG51bWJlciAmJlxuICAgICAgaC53aGljaCA9PT0gd2hpY2ggJiZcbiAgICAgIFsnY2l0eScsICdyZWdpb24nLCAncG9zdGFsQ29kZSddLmluY2x1ZGVzKGguc3ViamVjdCA/PyAnJyksXG4gICk7XG4gIGlmIChzZWNvbmQpIHJldHVybiBhc1VzZShzdWJqZWN0LCBbd2hpY2gsIFN0cmluZyhudW1iZXIpXS5maWx0ZXIoQm9vbGVhbikuam9pbignICcpKTtcbiAgcmV0dXJuIGFzVXNlKHN1YmplY3QgPT09ICdhZGRyZXNzTGluZScgPyAnYWRkcmVzc0xpbmUyJyA6IHN1YmplY3QsIHdoaWNoKTtcbn1cblxuY29uc3QgRk9STVMgPVxuICAvXig/Om1yfG1yc3xtc3xtaXNzfG14fGRyfHByb2Z8cmV2fHNyfHNyYXxzcnRhfGhlcnJ8ZnJhdXxtfG1tZXxtbGxlfHNpZ3xkb3R0fGhvbnxqdWRnZXxzaXIpXFwuPyg/OlxccyooPzomfGFuZHx1bmQpXFxzKig/Om1yfG1yc3xtc3xkcnxmcmF1KVxcLj8pPyQvaTtcbmNvbnN0IGlzRm9ybU9mQWRkcmVzcyA9IChjZWxsOiBzdHJpbmcpID0+IEZPUk1TLnRlc3QoY2VsbC50cmltKCkpO1xuXG4vKiogV29yZHMgb2YgYSBoZWFkaW5nIHRoYXQgdGVsbCBvZiBhbiBpZGVudGlmaWVyIG9yIGFuIGFtb3VudCwgd2hpY2ggbG9va3MgbGlrZSBhIG51bWJlciB0byBjYWxsLiAqL1xuY29uc3QgTk9fUkVBQ0ggPSBuZXcgU2V0KFxuICAnaWQgbm8gbnVtYmVyIGNvZGUgYWNjb3VudCBrZXkgcmVmIHJlZmVyZW5jZSBhbW91bnQgcHJpY2UgbG9hbiB2YWx1ZSBiYWxhbmNlIHNzbiB0YXggbGljZW5zZSBwb2xpY3kgaW5kZXggcmFuayBvcmRlciBxdHkgcXVhbnRpdHkgc2NvcmUnLnNwbGl0KFxuICAgICcgJyxcbiAgKSxcbik7XG5cbmZ1bmN0aW9uIGJ5Q29udGVudChcbiAgaGVhZGluZzogc3RyaW5nLFxuICB7IHdob3NlLCB3aGljaCwgc3ViamVjdCB9OiBIZWFkaW5nUmVhZCxcbiAgY2VsbHM6IHJlYWRvbmx5IHN0cmluZ1tdLFxuICB0YWtlbjogUmVhZG9ubHlTZXQ8c3RyaW5nPixcbik6IENvbHVtblVzZSB8IG51bGwge1xuICBpZiAod2hvc2UgIT09ICdvd24nIHx8IHN1YmplY3QgIT09IG51bGwpIHJldHVybiBudWxsO1xuICBjb25zdCB3b3JkcyA9IGhlYWRpbmdXb3JkcyhoZWFkaW5nKTtcbiAgaWYgKHdvcmRzLnNvbWUoKHdvcmQpID0+IE5PX1JFQUNILmhhcyh3b3JkKSkpIHJldHVybiBudWxsO1xuICBjb25zdCBuYW1lZCA9IFsuLi50YWtlbl0uc29tZSgodXNlKSA9PiAvXig/Om5hbWV8Z2l2ZW5OYW1lfGZhbWlseU5hbWUpJC8udGVzdCh1c2UpKTtcbiAgY29uc3QgcGxhY2UgPSB3aGljaCA9PT0gJ21haWxpbmcnID8gJycgOiB3aGljaDtcbiAgaWYgKG1vc3QoY2VsbHMsIChjZWxsKSA9PiByZWFkRW1haWwoY2VsbCkgIT09IG51bGwpKSByZXR1cm4gYXNVc2UoJ2VtYWlsJywgcGxhY2UpO1xuICBpZiAobW9zdChjZWxscywgaXNQaG9uZUxpa2UpKSByZXR1cm4gYXNVc2UoJ3Bob25lJywgcGxhY2UpO1xuICBpZiAocGxhY2UgJiYgbW9zdChjZWxscywgKGNlbGwpID0+IC9cXGQvLnRlc3QoY2VsbCkgJiYgL1xccHtMfS91LnRlc3QoY2VsbCkpKVxuICAgIHJldHVybiBhc1VzZSgnYWRkcmVzc0xpbmUnLCBwbGFjZSk7XG4gIGlmIChcbiAgICAhbmFtZWQgJiZcbiAgICBtb3N0KGNlbGxzLCAoY2VsbCkgPT4gL15cXHB7TH1bXFxwe0x9XFxwe019LidcdTIwMTktXSooLD8gXFxwe0x9W1xccHtMfVxccHtNfS4nXHUyMDE5KClcIiYtXSopKyQvdS50ZXN0KGNlbGwpKVxuICApXG4gICAgcmV0dXJuICduYW1lJztcbiAgcmV0dXJuIG51bGw7XG59XG5cbi8qKiBBIG51bWJlciB3aXRoIHNpZ25zIG9mIGEgcGhvbmUgbnVtYmVyIGluIGl0OiBuZWl0aGVyIGEgZGF5IG5vciBhbiBpZGVudGlmaWVyLiAqL1xuY29uc3QgaXNQaG9uZUxpa2UgPSAoY2VsbDogc3RyaW5nKSA9PlxuICAvWygpK1xcLS4gL10vLnRlc3QoY2VsbC50cmltKCkpICYmXG4gIHJlYWRQaG9uZShjZWxsKSAhPT0gbnVsbCAmJlxuICByZWFkRGF0ZShjZWxsKSA9PT0gbnVsbCAmJlxuICAhL15cXGR7NX0tXFxkezR9JC8udGVzdChjZWxsKTtcblxuLyoqXG4gKiBQdXRzIHRoZSBwYXJ0cyBvZiBvbmUgYWRkcmVzcyB0b2dldGhlcjogd2hlcmUgZXZlcnkgc3RyZWV0IHNheXMgd2hpY2ggaXQgaXMsIGEgY2l0eSB0aGF0IGRvZXMgbm90IGJlbG9uZ3NcbiAqIHRvIHRoZSBzdHJlZXQgYmVmb3JlIGl0LlxuICovXG5mdW5jdGlvbiBnYXRoZXIoZ3Vlc3NlczogQ29sdW1uR3Vlc3NbXSk6IENvbHVtbkd1ZXNzW10ge1xuICBjb25zdCBwYXJ0cyA9IGd1ZXNzZXMubWFwKCh7IHVzZSB9KSA9PiAodXNlID8gcGFydHNPZlVzZSh1c2UpIDogbnVsbCkpO1xuICBjb25zdCBzdHJlZXRzID0gcGFydHMuZmxhdE1hcCgocCkgPT4gKHA/LnRvID09PSAnYWRkcmVzc0xpbmUnID8gW3Aud2hpY2hdIDogW10pKTtcbiAgaWYgKHN0cmVldHMubGVuZ3RoID09PSAwIHx8IHN0cmVldHMuaW5jbHVkZXMoJycpKSByZXR1cm4gZ3Vlc3NlcztcbiAgY29uc3QgdGFrZW4gPSBuZXcgU2V0KGd1ZXNzZXMubWFwKCh7IHVzZSB9KSA9PiB1c2UpKTtcbiAgbGV0IHN0cmVldCA9IHN0cmVldHNbMF0hO1xuICByZXR1cm4gZ3Vlc3Nlcy5tYXAoKGd1ZXNzLCBpKSA9PiB7XG4gICAgY29uc3QgcGFydCA9IHBhcnRzW2ldO1xuICAgIGlmIChwYXJ0Py50byA9PT0gJ2FkZHJlc3NMaW5lJykgc3RyZWV0ID0gcGFydC53aGljaDtcbiAgICBpZiAoIXBhcnQgfHwgIUFERFJFU1NfUEFSVFMuaGFzKHBhcnQudG8pIHx8IHBhcnQud2hpY2ggIT09ICcnKSByZXR1cm4gZ3Vlc3M7XG4gICAgY29uc3QgdXNlID0gYXNVc2UocGFydC50bywgc3RyZWV0KTtcbiAgICByZXR1cm4gdGFrZW4uaGFzKHVzZSkgPyBndWVzcyA6IHsgLi4uZ3Vlc3MsIHVzZSB9O1xuICB9KTtcbn1cblxuLyoqIFdoYXQgYSBjb2x1bW4gb2YgZGF5cyBpcyBmaWxsZWQgaW50by4gKi9cbmNvbnN0IERBWVM6IFJlYWRvbmx5U2V0PEltcG9ydFRhcmdldD4gPSBuZXcgU2V0PEltcG9ydFRhcmdldD4oW1xuICAnYmlydGhkYXknLFxuICAnd2VkZGluZycsXG4gICdsYXN0VG91Y2gnLFxuICAnd29ya0RvbmUnLFxuICAnbmFtZWREYXRlJyxcbiAgJ3BhcnRuZXJCaXJ0aGRheScsXG4gICdjaGlsZEJpcnRoZGF5Jyxcbl0pO1xuXG5leHBvcnQgY29uc3QgaXNEYXlVc2UgPSAodG86IEltcG9ydFRhcmdldCwgb3duOiByZWFkb25seSBPd25GaWVsZFtdID0gW10pOiBib29sZWFuID0+XG4gIERBWVMuaGFzKHRvKSB8fCBvd24uc29tZSgoeyBpZCwgdHlwZSB9KSA9PiB0eXBlID09PSAnZGF0ZScgJiYgdG8gPT09IGBvd246JHtpZH1gKTtcblxuZXhwb3J0IGludGVyZmFjZSBEYXlDb2x1bW4ge1xuICBvcmRlcjogRGF0ZU9yZGVyIHwgbnVsbDtcbiAgLyoqIERheXMgdGhhdCB3b3VsZCBiZSBvdGhlcnMgaW4gdGhlIG90aGVyIG9yZGVyLCB3aGVuIG5vdGhpbmcgaW4gdGhlIGNvbHVtbiBkZWNpZGVzLiAqL1xuICBleGFtcGxlczogc3RyaW5nW107XG4gIC8qKiBXaGV0aGVyIGJhcmUgZmlndXJlcyBpbiBpdCBhcmUgdGhlIGRheXMgb2YgYSBzcHJlYWRzaGVldC4gKi9cbiAgc2VyaWFsOiBib29sZWFuO1xufVxuXG4vKiogSW4gd2hpY2ggb3JkZXIgYSBjb2x1bW4gd3JpdGVzIGl0cyBkYXlzOiBhcyB0aGUgY2VsbHMgc2F5IHRoYXQgaGF2ZSBhIG51bWJlciBvdmVyIDEyLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWREYXlDb2x1bW4oY2VsbHM6IEl0ZXJhYmxlPHN0cmluZz4pOiBEYXlDb2x1bW4ge1xuICBsZXQgW2RheUZpcnN0LCBtb250aEZpcnN0LCBzZXJpYWxzLCBhbGxdID0gWzAsIDAsIDAsIDBdO1xuICBjb25zdCBlaXRoZXI6IHN0cmluZ1tdID0gW107XG4gIGZvciAoY29uc3QgY2VsbCBvZiBjZWxscykge1xuICAgIGlmIChjZWxsID09PSAnJykgY29udGludWU7XG4gICAgYWxsICs9IDE7XG4gICAgaWYgKC9eXFxkezQsNX0oXFwuMCspPyQvLnRlc3QoY2VsbCkpIHNlcmlhbHMgKz0gMTtcbiAgICBjb25zdCBmb3VuZCA9IC9eKFxcZHsxLDJ9KVstLy4gXShcXGR7MSwyfSlbLS8uIF0oPzpcXGR7Mn18XFxkezR9KSg/OlxcRHwkKS8uZXhlYyhjZWxsKTtcbiAgICBjb25zdCBbYSwgYl0gPSBbTnVtYmVyKGZvdW5kPy5bMV0pLCBOdW1iZXIoZm91bmQ/LlsyXSldO1xuICAgIGlmICghZm91bmQpIGNvbnRpbnVlO1xuICAgIGlmIChhID4gMTIgJiYgYiA8PSAxMikgZGF5Rmlyc3QgKz0gMTtcbiAgICBlbHNlIGlmIChiID4gMTIgJiYgYSA8PSAxMikgbW9udGhGaXJzdCArPSAxO1xuICAgIGVsc2UgaWYgKGEgIT09IGIgJiYgZWl0aGVyLmxlbmd0aCA8IDMpIGVpdGhlci5wdXNoKGNlbGwpO1xuICB9XG4gIGNvbnN0IGRlY2lkZWQgPSBkYXlGaXJzdCA+IDAgIT09IG1vbnRoRmlyc3QgPiAwO1xuICByZXR1cm4ge1xuICAgIG9yZGVyOiBkZWNpZGVkID8gKGRheUZpcnN0ID4gMCA/ICdkbXknIDogJ21keScpIDogbnVsbCxcbiAgICBleGFtcGxlczogZGVjaWRlZCA/IFtdIDogZWl0aGVyLFxuICAgIHNlcmlhbDogc2VyaWFscyA+IGFsbCAvIDIsXG4gIH07XG59XG4iLCAiZXhwb3J0IHR5cGUgRW5jb2RpbmcgPSAnVVRGLTgnIHwgJ1VURi0xNicgfCAnV2luZG93cy0xMjUyJyB8ICdNYWNSb21hbicgfCAnVVRGLTggYW5kIFdpbmRvd3MtMTI1Mic7XG5cbi8qKlxuICogVGhlIGNoYXJhY3RlcnMgb2YgV2luZG93cy0xMjUyIGJldHdlZW4gMHg4MCBhbmQgMHg5RiAoV0hBVFdHIEVuY29kaW5nIFN0YW5kYXJkLCBpbmRleC13aW5kb3dzLTEyNTIpO1xuICogdGhlIGZpdmUgdGhhdCBpdCBsZWF2ZXMgb3BlbiBhcmUgdGhlIGNvbnRyb2xzIG9mIExhdGluLTEuIFJ1bnRpbWVzIGRpZmZlciBpbiByZWFkaW5nIHRoZXNlLCBzbyB0aGV5IGFyZSBvdXJzLlxuICovXG5jb25zdCBXSU5ET1dTXzEyNTIgPSAnXHUyMEFDXFx1MDA4MVx1MjAxQVx1MDE5Mlx1MjAxRVx1MjAyNlx1MjAyMFx1MjAyMVx1MDJDNlx1MjAzMFx1MDE2MFx1MjAzOVx1MDE1MlxcdTAwOERcdTAxN0RcXHUwMDhGXFx1MDA5MFx1MjAxOFx1MjAxOVx1MjAxQ1x1MjAxRFx1MjAyMlx1MjAxM1x1MjAxNFx1MDJEQ1x1MjEyMlx1MDE2MVx1MjAzQVx1MDE1M1xcdTAwOURcdTAxN0VcdTAxNzgnO1xuXG4vKiogTWFjUm9tYW4gZnJvbSAweDgwIG9uIChXSEFUV0cgRW5jb2RpbmcgU3RhbmRhcmQsIGluZGV4LW1hY2ludG9zaCkuICovXG5jb25zdCBNQUNfUk9NQU4gPVxuICAnXHUwMEM0XHUwMEM1XHUwMEM3XHUwMEM5XHUwMEQxXHUwMEQ2XHUwMERDXHUwMEUxXHUwMEUwXHUwMEUyXHUwMEU0XHUwMEUzXHUwMEU1XHUwMEU3XHUwMEU5XHUwMEU4XHUwMEVBXHUwMEVCXHUwMEVEXHUwMEVDXHUwMEVFXHUwMEVGXHUwMEYxXHUwMEYzXHUwMEYyXHUwMEY0XHUwMEY2XHUwMEY1XHUwMEZBXHUwMEY5XHUwMEZCXHUwMEZDXHUyMDIwXHUwMEIwXHUwMEEyXHUwMEEzXHUwMEE3XHUyMDIyXHUwMEI2XHUwMERGXHUwMEFFXHUwMEE5XHUyMTIyXHUwMEI0XHUwMEE4XHUyMjYwXHUwMEM2XHUwMEQ4XHUyMjFFXHUwMEIxXHUyMjY0XHUyMjY1XHUwMEE1XHUwMEI1XHUyMjAyXHUyMjExXHUyMjBGXHUwM0MwXHUyMjJCXHUwMEFBXHUwMEJBXHUwM0E5XHUwMEU2XHUwMEY4XHUwMEJGXHUwMEExXHUwMEFDXHUyMjFBXHUwMTkyXHUyMjQ4XHUyMjA2XHUwMEFCXHUwMEJCXHUyMDI2XFx1MDBBMFx1MDBDMFx1MDBDM1x1MDBENVx1MDE1Mlx1MDE1M1x1MjAxM1x1MjAxNFx1MjAxQ1x1MjAxRFx1MjAxOFx1MjAxOVx1MDBGN1x1MjVDQVx1MDBGRlx1MDE3OFx1MjA0NFx1MjBBQ1x1MjAzOVx1MjAzQVx1RkIwMVx1RkIwMlx1MjAyMVx1MDBCN1x1MjAxQVx1MjAxRVx1MjAzMFx1MDBDMlx1MDBDQVx1MDBDMVx1MDBDQlx1MDBDOFx1MDBDRFx1MDBDRVx1MDBDRlx1MDBDQ1x1MDBEM1x1MDBENFxcdUY4RkZcdTAwRDJcdTAwREFcdTAwREJcdTAwRDlcdTAxMzFcdTAyQzZcdTAyRENcdTAwQUZcdTAyRDhcdTAyRDlcdTAyREFcdTAwQjhcdTAyRERcdTAyREJcdTAyQzcnO1xuXG4vKiogQnl0ZXMgYXMgdGV4dCBieSBhIHRhYmxlIHRoYXQgc2F5cyB3aGF0IHN0YW5kcyBmcm9tIDB4ODAgb247IExhdGluLTEgYmV5b25kIGl0cyBlbmQuICovXG5mdW5jdGlvbiBieVRhYmxlKGJ5dGVzOiBVaW50OEFycmF5LCB0YWJsZTogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgdW5pdHMgPSBuZXcgVWludDE2QXJyYXkoYnl0ZXMubGVuZ3RoKTtcbiAgYnl0ZXMuZm9yRWFjaCgoYnl0ZSwgaSkgPT4ge1xuICAgIHVuaXRzW2ldID0gYnl0ZSA+PSAweDgwICYmIGJ5dGUgLSAweDgwIDwgdGFibGUubGVuZ3RoID8gdGFibGUuY2hhckNvZGVBdChieXRlIC0gMHg4MCkgOiBieXRlO1xuICB9KTtcbiAgcmV0dXJuIG5ldyBUZXh0RGVjb2RlcigndXRmLTE2bGUnKS5kZWNvZGUodW5pdHMpO1xufVxuXG5leHBvcnQgY29uc3QgZnJvbVdpbmRvd3MxMjUyID0gKGJ5dGVzOiBVaW50OEFycmF5KTogc3RyaW5nID0+IGJ5VGFibGUoYnl0ZXMsIFdJTkRPV1NfMTI1Mik7XG5leHBvcnQgY29uc3QgZnJvbU1hY1JvbWFuID0gKGJ5dGVzOiBVaW50OEFycmF5KTogc3RyaW5nID0+IGJ5VGFibGUoYnl0ZXMsIE1BQ19ST01BTik7XG5cbmZ1bmN0aW9uIGFzVXRmOChieXRlczogVWludDhBcnJheSk6IHN0cmluZyB8IG51bGwge1xuICB0cnkge1xuICAgIHJldHVybiBuZXcgVGV4dERlY29kZXIoJ3V0Zi04JywgeyBmYXRhbDogdHJ1ZSB9KS5kZWNvZGUoYnl0ZXMpO1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gbnVsbDtcbiAgfVxufVxuXG5jb25zdCBMRVRURVIgPSAvXFxwe0x9L3U7XG5jb25zdCBMT1dFUiA9IC9cXHB7TGx9L3U7XG5cbi8qKiBIb3cgbXVjaCBhIHRleHQgbG9va3MgbGlrZSBvbmUgdGhhdCBwZW9wbGUgd3JvdGU6IGxldHRlcnMgYW1vbmcgbGV0dGVycywgc2lnbnMgd2hlcmUgc2lnbnMgc3RhbmQuICovXG5mdW5jdGlvbiBsaWtlbGluZXNzKHRleHQ6IHN0cmluZyk6IG51bWJlciB7XG4gIGxldCBzY29yZSA9IDA7XG4gIGZvciAoY29uc3QgeyAwOiBjaGFyLCBpbmRleDogYXQgfSBvZiB0ZXh0Lm1hdGNoQWxsKC9bXlxceDAwLVxceDdmXS9ndSkpIHtcbiAgICBjb25zdCBbYmVmb3JlLCBhZnRlcl0gPSBbdGV4dFthdCAtIDFdID8/ICcgJywgdGV4dFthdCArIGNoYXIubGVuZ3RoXSA/PyAnICddO1xuICAgIGNvbnN0IGJlc2lkZSA9IE51bWJlcihMRVRURVIudGVzdChiZWZvcmUpKSArIE51bWJlcihMRVRURVIudGVzdChhZnRlcikpO1xuICAgIGlmIChMT1dFUi50ZXN0KGNoYXIpKSBzY29yZSArPSBiZXNpZGUgPiAwID8gMSA6IC0xO1xuICAgIGVsc2UgaWYgKExFVFRFUi50ZXN0KGNoYXIpKSBzY29yZSArPSBMT1dFUi50ZXN0KGJlZm9yZSkgPyAtMiA6IDE7XG4gICAgZWxzZSBpZiAoJ1x1MjAxOFx1MjAxOScuaW5jbHVkZXMoY2hhcikpIHNjb3JlICs9IGJlc2lkZSA+IDAgPyAxIDogMDtcbiAgICBlbHNlIGlmICgnXHUyMDFDXHUyMDFEXHUyMDEzXHUyMDE0XHUyMDI2XHUyMEFDXHUyMDIyXHUwMEIwXHUwMEEzXHUwMEE3XHUwMEE5XHUwMEFFXHUyMTIyXHUwMEFCXHUwMEJCXHUwMEJGXHUwMEExXHUwMEI0XFx1MDBhMCcuaW5jbHVkZXMoY2hhcikpIHNjb3JlICs9IGJlc2lkZSA9PT0gMiA/IC0xIDogMTtcbiAgICBlbHNlIHNjb3JlIC09IGJlc2lkZSA+IDAgPyAyIDogMTtcbiAgfVxuICByZXR1cm4gc2NvcmU7XG59XG5cbi8qKiBVVEYtMTYgd2l0aG91dCBhIG1hcmsgaGFzIGEgemVybyBiZXNpZGUgbmVhcmx5IGV2ZXJ5IGxldHRlciwgYWx3YXlzIG9uIHRoZSBzYW1lIHNpZGUuICovXG5mdW5jdGlvbiB1dGYxNldpdGhvdXRNYXJrKGJ5dGVzOiBVaW50OEFycmF5KTogJ3V0Zi0xNmxlJyB8ICd1dGYtMTZiZScgfCBudWxsIHtcbiAgY29uc3QgemVyb3MgPSBbMCwgMF07XG4gIGNvbnN0IG1vc3QgPSBNYXRoLm1pbihieXRlcy5sZW5ndGgsIDEwXzAwMCk7XG4gIGZvciAobGV0IGkgPSAwOyBpIDwgbW9zdDsgaSsrKSBpZiAoYnl0ZXNbaV0gPT09IDApIHplcm9zW2kgJSAyXSEgKz0gMTtcbiAgY29uc3QgW2V2ZW4gPSAwLCBvZGQgPSAwXSA9IHplcm9zO1xuICBpZiAob2RkID4gbW9zdCAqIDAuMyAmJiBldmVuIDwgbW9zdCAqIDAuMDIpIHJldHVybiAndXRmLTE2bGUnO1xuICByZXR1cm4gZXZlbiA+IG1vc3QgKiAwLjMgJiYgb2RkIDwgbW9zdCAqIDAuMDIgPyAndXRmLTE2YmUnIDogbnVsbDtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBEZWNvZGVkIHtcbiAgdGV4dDogc3RyaW5nO1xuICBlbmNvZGluZzogRW5jb2Rpbmc7XG4gIC8qKiBMaW5lcywgZnJvbSAxLCB0aGF0IGFyZSB3cml0dGVuIG90aGVyd2lzZSB0aGFuIHRoZSByZXN0LiAqL1xuICBvdGhlcndpc2U6IG51bWJlcltdO1xufVxuXG4vKipcbiAqIERlY29kZXMgYnl0ZXM6IGJ5IHRoZWlyIG1hcmssIGVsc2UgYXMgVVRGLTggaWYgdGhleSBhcmUsIGVsc2UgbGluZSBieSBsaW5lIHdoZXJlIGEgcGFydCBvZiB0aGVtIGlzLFxuICogZWxzZSBhcyBXaW5kb3dzLTEyNTIgb3IsIHdoZXJlIHRoYXQgcmVhZHMgcGxhaW5seSBiZXR0ZXIsIE1hY1JvbWFuLiBOdWxsIHdoZW4gdGhleSBhcmUgbm8gdGV4dCBhdCBhbGwuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkZWNvZGUoYnl0ZXM6IFVpbnQ4QXJyYXkpOiBEZWNvZGVkIHwgbnVsbCB7XG4gIGNvbnN0IFthLCBiXSA9IGJ5dGVzO1xuICBjb25zdCB1dGYxNiA9XG4gICAgYSA9PT0gMHhmZiAmJiBiID09PSAweGZlXG4gICAgICA/ICd1dGYtMTZsZSdcbiAgICAgIDogYSA9PT0gMHhmZSAmJiBiID09PSAweGZmXG4gICAgICAgID8gJ3V0Zi0xNmJlJ1xuICAgICAgICA6IHV0ZjE2V2l0aG91dE1hcmsoYnl0ZXMpO1xuICBpZiAodXRmMTYpXG4gICAgcmV0dXJuIHsgdGV4dDogbmV3IFRleHREZWNvZGVyKHV0ZjE2KS5kZWNvZGUoYnl0ZXMpLCBlbmNvZGluZzogJ1VURi0xNicsIG90aGVyd2lzZTogW10gfTtcbiAgbGV0IHplcm9zID0gMDtcbiAgZm9yIChjb25zdCBieXRlIG9mIGJ5dGVzKSBpZiAoYnl0ZSA9PT0gMCkgemVyb3MgKz0gMTtcbiAgaWYgKHplcm9zID4gYnl0ZXMubGVuZ3RoICogMC4wMSAmJiB6ZXJvcyA+IDEpIHJldHVybiBudWxsO1xuICBjb25zdCB0ZXh0ID0gYXNVdGY4KGJ5dGVzKTtcbiAgaWYgKHRleHQgIT09IG51bGwpIHJldHVybiB7IHRleHQsIGVuY29kaW5nOiAnVVRGLTgnLCBvdGhlcndpc2U6IFtdIH07XG4gIHJldHVybiBsaW5lQnlMaW5lKGJ5dGVzKSA/PyBlaWdodEJpdHMoYnl0ZXMpO1xufVxuXG5mdW5jdGlvbiBlaWdodEJpdHMoYnl0ZXM6IFVpbnQ4QXJyYXkpOiBEZWNvZGVkIHtcbiAgY29uc3Qgd2luZG93cyA9IGZyb21XaW5kb3dzMTI1MihieXRlcyk7XG4gIGNvbnN0IG1hYyA9IGZyb21NYWNSb21hbihieXRlcyk7XG4gIHJldHVybiBsaWtlbGluZXNzKG1hYykgPiBsaWtlbGluZXNzKHdpbmRvd3MpXG4gICAgPyB7IHRleHQ6IG1hYywgZW5jb2Rpbmc6ICdNYWNSb21hbicsIG90aGVyd2lzZTogW10gfVxuICAgIDogeyB0ZXh0OiB3aW5kb3dzLCBlbmNvZGluZzogJ1dpbmRvd3MtMTI1MicsIG90aGVyd2lzZTogW10gfTtcbn1cblxuLyoqIEEgZmlsZSBwdXQgdG9nZXRoZXIgZnJvbSB0d286IHNvbWUgbGluZXMgYXJlIFVURi04IGJleW9uZCBBU0NJSSwgb3RoZXJzIGFyZSBub3QuICovXG5mdW5jdGlvbiBsaW5lQnlMaW5lKGJ5dGVzOiBVaW50OEFycmF5KTogRGVjb2RlZCB8IG51bGwge1xuICBjb25zdCBsaW5lczogeyB0ZXh0OiBzdHJpbmc7IGtpbmQ6ICdhc2NpaScgfCAndXRmOCcgfCAnb3RoZXInIH1bXSA9IFtdO1xuICBmb3IgKGxldCBmcm9tID0gMDsgZnJvbSA8PSBieXRlcy5sZW5ndGg7KSB7XG4gICAgY29uc3QgZW5kID0gYnl0ZXMuaW5kZXhPZigxMCwgZnJvbSk7XG4gICAgY29uc3QgbGluZSA9IGJ5dGVzLnN1YmFycmF5KGZyb20sIGVuZCA8IDAgPyBieXRlcy5sZW5ndGggOiBlbmQpO1xuICAgIGNvbnN0IGFzY2lpID0gbGluZS5ldmVyeSgoYnl0ZSkgPT4gYnl0ZSA8IDB4ODApO1xuICAgIGNvbnN0IHV0ZjggPSBhc2NpaSA/IG51bGwgOiBhc1V0ZjgobGluZSk7XG4gICAgbGluZXMucHVzaCh7XG4gICAgICB0ZXh0OiB1dGY4ID8/IGZyb21XaW5kb3dzMTI1MihsaW5lKSxcbiAgICAgIGtpbmQ6IGFzY2lpID8gJ2FzY2lpJyA6IHV0ZjggPT09IG51bGwgPyAnb3RoZXInIDogJ3V0ZjgnLFxuICAgIH0pO1xuICAgIGlmIChlbmQgPCAwKSBicmVhaztcbiAgICBmcm9tID0gZW5kICsgMTtcbiAgfVxuICBjb25zdCBjb3VudCA9IChraW5kOiBzdHJpbmcpID0+IGxpbmVzLmZpbHRlcigobGluZSkgPT4gbGluZS5raW5kID09PSBraW5kKS5sZW5ndGg7XG4gIGNvbnN0IFt1dGY4LCBvdGhlcl0gPSBbY291bnQoJ3V0ZjgnKSwgY291bnQoJ290aGVyJyldO1xuICBpZiAodXRmOCA9PT0gMCkgcmV0dXJuIG51bGw7XG4gIGNvbnN0IHJhcmVyID0gb3RoZXIgPD0gdXRmOCA/ICdvdGhlcicgOiAndXRmOCc7XG4gIHJldHVybiB7XG4gICAgdGV4dDogbGluZXMubWFwKCh7IHRleHQgfSkgPT4gdGV4dCkuam9pbignXFxuJyksXG4gICAgZW5jb2Rpbmc6ICdVVEYtOCBhbmQgV2luZG93cy0xMjUyJyxcbiAgICBvdGhlcndpc2U6IGxpbmVzLmZsYXRNYXAoKHsga2luZCB9LCBpKSA9PiAoa2luZCA9PT0gcmFyZXIgPyBbaSArIDFdIDogW10pKSxcbiAgfTtcbn1cbiIsICJpbXBvcnQgeyBOT0JPRFksIHR5cGUgUGVyc29uRmllbGRzLCB0eXBlIFRpZUtpbmQsIHR5cGUgVGllU2VlbiB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuaW1wb3J0IHsgaXNQbGFpbkRhdGUsIHR5cGUgUGxhaW5EYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuaW1wb3J0IHR5cGUgeyBPdXRjb21lLCBUb3VjaEtpbmQgfSBmcm9tICdAL2NvcmUvdG91Y2hlcyc7XG5cbmltcG9ydCB0eXBlIHsgU3BsaXROYW1lIH0gZnJvbSAnLi9uYW1lcyc7XG5cbi8qKiBBIG1hZGUgdG91Y2gsIGFzIGEgZmlsZSB0ZWxscyBvZiBpdC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgVG91Y2hUb2xkIHtcbiAgb246IFBsYWluRGF0ZTtcbiAga2luZDogVG91Y2hLaW5kO1xuICBvdXRjb21lOiBPdXRjb21lO1xufVxuXG4vKiogV29yayBmb3Igc29tZWJvZHk7IGFtb3VudHMgaW4gbWlub3IgdW5pdHMgb2YgdGhlIG93bmVyJ3MgY3VycmVuY3kuICovXG5leHBvcnQgaW50ZXJmYWNlIEpvYlRvbGQge1xuICBuYW1lOiBzdHJpbmc7XG4gIHN0YWdlOiBzdHJpbmc7XG4gIG9uOiBQbGFpbkRhdGUgfCBudWxsO1xuICB2YWx1ZU1pbm9yOiBudW1iZXIgfCBudWxsO1xuICBmZWVNaW5vcjogbnVtYmVyIHwgbnVsbDtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBUaWVUb2xkIHtcbiAga2luZDogVGllU2VlbjtcbiAgbmFtZTogc3RyaW5nO1xuICBiaXJ0aGRheTogc3RyaW5nIHwgbnVsbDtcbiAgd29yZHM6IHN0cmluZztcbn1cblxuLyoqIFNvbWVib2R5IHdob20gYSBmaWxlIG5hbWVzIGJlc2lkZSBhIHBlcnNvbi4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgUmVsYXRlZCB7XG4gIGtpbmQ6IFRpZUtpbmQ7XG4gIG5hbWU6IHN0cmluZztcbiAgYmlydGhkYXk/OiBzdHJpbmc7XG4gIC8qKiBXaGF0IHRoZSBvd25lciB3cm90ZSBhYm91dCB0aGUgdGllLiAqL1xuICB3b3Jkcz86IHN0cmluZztcbiAgLyoqIFRoZWlyIHBsYWNlIGFtb25nIHRoZSBwZW9wbGUgb2YgdGhlIGZpbGUsIHdoZW4gdGhleSBjb21lIGluIHRoZW1zZWx2ZXMuICovXG4gIHBsYWNlPzogbnVtYmVyO1xuICAvKiogV2hldGhlciB0aGUgdGllIGlzIHRoZWlyczogXCJwYXJlbnRcIiBpcyBrZXB0IGFzIHRoZWlyIGNoaWxkLiAqL1xuICByZXZlcnNlZD86IGJvb2xlYW47XG4gIC8qKiBXaGV0aGVyIHdobyBhbG9uZSBoYXMgdGhhdCBuYW1lIGluIHRoZSBmaWxlIGlzIG1lYW50OiBQZW4gUGFsIHdyb3RlIGl0LiAqL1xuICBtZWFudD86IGJvb2xlYW47XG59XG5cbi8qKiBXaGF0IGEgZmlsZSBzYXlzIG9mIG9uZSBwZXJzb24uICovXG5leHBvcnQgaW50ZXJmYWNlIEltcG9ydGVkUGVyc29uIHtcbiAgcm93OiBudW1iZXI7XG4gIGZpZWxkczogUGVyc29uRmllbGRzO1xuICB0YWdzOiBzdHJpbmdbXTtcbiAgY2lyY2xlOiBzdHJpbmc7XG4gIHByb21pc2VEYXlzOiBudW1iZXIgfCBudWxsO1xuICBub3RlczogeyBvbjogc3RyaW5nIHwgbnVsbDsgYm9keTogc3RyaW5nIH1bXTtcbiAgdG91Y2hlczogVG91Y2hUb2xkW107XG4gIGpvYnM6IEpvYlRvbGRbXTtcbiAgcmVsYXRlZDogUmVsYXRlZFtdO1xuICAvKiogVmFsdWVzIGZvciBmaWVsZHMgb2YgdGhlIG93bmVyJ3MgdGhhdCBhcmUgdG8gYmUgbWFkZSwgYnkgdGhlIGhlYWRpbmcuICovXG4gIG5ld093bj86IHsgaGVhZGluZzogc3RyaW5nOyB0ZXh0OiBzdHJpbmcgfVtdO1xuICAvKiogV2hldGhlciB0aGUgc3BsaXQgb2YgdGhlIG5hbWUgaXMgYSBndWVzcy4gKi9cbiAgbmFtZUd1ZXNzZWQ/OiBib29sZWFuO1xuICAvKiogVGhlIGJ5dGVzIG9mIGEgcGhvdG8gYXMgdGhleSBzdG9vZCBpbiB0aGUgZmlsZS4gKi9cbiAgcGhvdG8/OiBVaW50OEFycmF5O1xufVxuXG5leHBvcnQgY29uc3QgaW1wb3J0ZWRPZiA9IChyb3c6IG51bWJlciwgZmllbGRzOiBQZXJzb25GaWVsZHMpOiBJbXBvcnRlZFBlcnNvbiA9PiAoe1xuICByb3csXG4gIGZpZWxkcyxcbiAgdGFnczogW10sXG4gIGNpcmNsZTogJycsXG4gIHByb21pc2VEYXlzOiBudWxsLFxuICBub3RlczogW10sXG4gIHRvdWNoZXM6IFtdLFxuICBqb2JzOiBbXSxcbiAgcmVsYXRlZDogW10sXG59KTtcblxuLyoqIFdoYXQgYSBmaWxlJ3MgcGFydG5lciBjb2x1bW5zIGJlY29tZTogYSB0aWUgd2l0aCB3aGF0IGlzIGtub3duIGluIHRoZSBub3RlLCBvciBhIHNlY29uZCBwZXJzb24uICovXG5leHBvcnQgdHlwZSBQYXJ0bmVycyA9ICd0aWUnIHwgJ3BlcnNvbic7XG5cbmV4cG9ydCBpbnRlcmZhY2UgUm93RmF1bHQge1xuICByb3c6IG51bWJlcjtcbiAgd2h5OiBzdHJpbmc7XG4gIC8qKiBXaGV0aGVyIHRoZSB3aG9sZSByb3cgc3RheXMgb3V0OyBvdGhlcndpc2Ugb25seSB0aGUgdmFsdWUgZG9lcywgYW5kIGl0IGlzIGtlcHQgaW4gdGhlIG5vdGUuICovXG4gIGxlZnRPdXQ6IGJvb2xlYW47XG59XG5cbi8qKiBXaGV0aGVyIHRoZXJlIGlzIGEgbmFtZSBvciBhIHdheSB0byByZWFjaCBzb21lYm9keS4gKi9cbmV4cG9ydCBjb25zdCBpc1NvbWVib2R5ID0gKGY6IFBlcnNvbkZpZWxkcyk6IGJvb2xlYW4gPT5cbiAgW2YuZ2l2ZW5OYW1lLCBmLmZhbWlseU5hbWUsIGYuZ29lc0J5LCBmLmNvbXBhbnldLnNvbWUoQm9vbGVhbikgfHxcbiAgZi5lbWFpbHMubGVuZ3RoID4gMCB8fFxuICBmLnBob25lcy5sZW5ndGggPiAwO1xuXG5jb25zdCBPTERFU1QgPSAxMjA7XG5cbi8qKiBBIGJpcnRoZGF5IGxpZXMgYmVoaW5kIHVzLCBhbmQgbm90IGZ1cnRoZXIgdGhhbiBhbnlib2R5IGhhcyBsaXZlZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBiaXJ0aGRheUZhdWx0KG9uOiBzdHJpbmcsIHRvZGF5OiBQbGFpbkRhdGUpOiBzdHJpbmcgfCBudWxsIHtcbiAgaWYgKCFpc1BsYWluRGF0ZShvbikpIHJldHVybiBudWxsO1xuICBpZiAob24gPiB0b2RheSkgcmV0dXJuICdhIGJpcnRoZGF5IHRoYXQgaGFzIGJlZW4nO1xuICByZXR1cm4gTnVtYmVyKHRvZGF5LnNsaWNlKDAsIDQpKSAtIE51bWJlcihvbi5zbGljZSgwLCA0KSkgPiBPTERFU1RcbiAgICA/ICdhIGJpcnRoZGF5IG9mIGFueWJvZHkgYWxpdmUnXG4gICAgOiBudWxsO1xufVxuXG4vKiogVGhlIG90aGVyIG9mIGEgY291cGxlOiB0aGUgc2FtZSBob21lLCBhbmQgYSBuYW1lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGFzU2Vjb25kKFxuICBuYW1lOiBQaWNrPFNwbGl0TmFtZSwgJ2dpdmVuTmFtZScgfCAnZmFtaWx5TmFtZSc+ICYgUGFydGlhbDxTcGxpdE5hbWU+LFxuICBwZXJzb246IEltcG9ydGVkUGVyc29uLFxuKTogSW1wb3J0ZWRQZXJzb24ge1xuICBjb25zdCB7IGdpdmVuTmFtZSwgZmFtaWx5TmFtZSwgcHJlZml4ID0gJycsIHN1ZmZpeCA9ICcnLCBnb2VzQnkgPSAnJyB9ID0gbmFtZTtcbiAgY29uc3QgYWRkcmVzc2VzID0gcGVyc29uLmZpZWxkcy5hZGRyZXNzZXMuc2xpY2UoMCwgMSkubWFwKChhZGRyZXNzKSA9PiAoeyAuLi5hZGRyZXNzIH0pKTtcbiAgcmV0dXJuIHtcbiAgICAuLi5pbXBvcnRlZE9mKHBlcnNvbi5yb3csIHtcbiAgICAgIC4uLk5PQk9EWSxcbiAgICAgIGdpdmVuTmFtZSxcbiAgICAgIGZhbWlseU5hbWUsXG4gICAgICBwcmVmaXgsXG4gICAgICBzdWZmaXgsXG4gICAgICBnb2VzQnksXG4gICAgICBhZGRyZXNzZXMsXG4gICAgfSksXG4gICAgY2lyY2xlOiBwZXJzb24uY2lyY2xlLFxuICAgIHRhZ3M6IFsuLi5wZXJzb24udGFnc10sXG4gIH07XG59XG4iLCAiaW1wb3J0IHR5cGUgeyBJbXBvcnRUYXJnZXQgfSBmcm9tICdAL2NvcmUvcGVvcGxlJztcbmltcG9ydCB0eXBlIHsgUGxhaW5EYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG4vKiogQ2VsbHMgb2Ygb25lIHJvdyBieSB3aGF0IHRoZXkgaG9sZCwgYW5kIHdoYXQgY291bGQgbm90IGJlIHJlYWQgb2YgdGhlbS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgUm93IHtcbiAgZ2V0KHRhcmdldDogSW1wb3J0VGFyZ2V0LCBnbHVlPzogc3RyaW5nKTogc3RyaW5nO1xuICAvKiogVGhlIGNlbGxzIG9mIGV2ZXJ5IGNvbHVtbiB0aGF0IGZpbGxzIGl0LCB3aXRoIHdoaWNoIG9mIHNldmVyYWwgZWFjaCBpcyBhbmQgaXRzIGhlYWRpbmcuICovXG4gIGFsbCh0YXJnZXQ6IEltcG9ydFRhcmdldCk6IHsgdGV4dDogc3RyaW5nOyB3aGljaDogc3RyaW5nOyBoZWFkaW5nOiBzdHJpbmc7IGNvbHVtbjogbnVtYmVyIH1bXTtcbiAgLyoqIFdoZXRoZXIgdGhlIGZpbGUgaGFzIGEgY29sdW1uIGZvciBpdCBhdCBhbGwuICovXG4gIGhhcyh0YXJnZXQ6IEltcG9ydFRhcmdldCk6IGJvb2xlYW47XG4gIC8qKiBOb3RlcyBhIHZhbHVlIHRoYXQgY2FuJ3QgYmUgcmVhZDsgaXQgZ29lcyBpbnRvIHRoZSBub3RlLCB3b3JkIGZvciB3b3JkLiAqL1xuICB1bnJlYWQodGV4dDogc3RyaW5nLCB3aGF0OiBzdHJpbmcpOiB2b2lkO1xuICAvKiogVGVsbHMgYSBndWVzcywgb3Igd2hhdCB3ZW50IGVsc2V3aGVyZS4gKi9cbiAgdGVsbCh3aHk6IHN0cmluZyk6IHZvaWQ7XG4gIC8qKiBQdXRzIGEgdmFsdWUgaW50byB0aGUgbm90ZSB1bmRlciBhIGhlYWRpbmcuICovXG4gIGFzaWRlKGhlYWRpbmc6IHN0cmluZywgdGV4dDogc3RyaW5nKTogdm9pZDtcbiAgZGF5KHRleHQ6IHN0cmluZywgY29sdW1uOiBudW1iZXIsIHBhc3Q/OiBib29sZWFuKTogc3RyaW5nIHwgbnVsbDtcbiAgdG9kYXk6IFBsYWluRGF0ZTtcbn1cblxuLyoqIFJlYWRzIGEgY2VsbCBpZiB0aGVyZSBpcyBzb21ldGhpbmcgaW4gaXQ7IHdoYXQgY2FuJ3QgYmUgcmVhZCBpcyBub3RlZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkPFQ+KFxuICByb3c6IFJvdyxcbiAgdGFyZ2V0OiBJbXBvcnRUYXJnZXQsXG4gIHJlYWRlcjogKHRleHQ6IHN0cmluZykgPT4gVCB8IG51bGwsXG4gIHdoYXQ6IHN0cmluZyxcbikge1xuICBjb25zdCB0ZXh0ID0gcm93LmdldCh0YXJnZXQpO1xuICBpZiAodGV4dCA9PT0gJycpIHJldHVybiBudWxsO1xuICBjb25zdCB2YWx1ZSA9IHJlYWRlcih0ZXh0KTtcbiAgaWYgKHZhbHVlID09PSBudWxsKSByb3cudW5yZWFkKHRleHQsIHdoYXQpO1xuICByZXR1cm4gdmFsdWU7XG59XG5cbi8qKiBBIGRheSBvZiBhIGNvbHVtbiB0aGF0IGhvbGRzIGRheXMsIHdpdGggb3Igd2l0aG91dCBhIHllYXIuICovXG5leHBvcnQgZnVuY3Rpb24gcmVhZERheShyb3c6IFJvdywgdGFyZ2V0OiBJbXBvcnRUYXJnZXQsIHBhc3QgPSBmYWxzZSk6IHN0cmluZyB8IG51bGwge1xuICBjb25zdCBbY2VsbF0gPSByb3cuYWxsKHRhcmdldCk7XG4gIGlmICghY2VsbCkgcmV0dXJuIG51bGw7XG4gIGNvbnN0IGRheSA9IHJvdy5kYXkoY2VsbC50ZXh0LCBjZWxsLmNvbHVtbiwgcGFzdCk7XG4gIGlmIChkYXkgPT09IG51bGwpIHJvdy51bnJlYWQoY2VsbC50ZXh0LCAnYSBkYXkgaW4gdGhlIGNhbGVuZGFyJyk7XG4gIHJldHVybiBkYXk7XG59XG5cbmNvbnN0IFNBTUVfTEFCRUw6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPSB7IG1haWxpbmc6ICcnLCAnaG9tZSAyJzogJ2hvbWUnLCBvdGhlcjogJ290aGVyJyB9O1xuLyoqIFdoYXQgb25lIG9mIHNldmVyYWwgaXMgbGFiZWxsZWQ6IGl0cyBraW5kLCB3aXRob3V0IHRoZSBudW1iZXIgdGhhdCB0b2xkIHR3byBhcGFydC4gKi9cbmV4cG9ydCBjb25zdCBsYWJlbE9mID0gKHdoaWNoOiBzdHJpbmcpID0+XG4gIFNBTUVfTEFCRUxbd2hpY2hdID8/IHdoaWNoLnJlcGxhY2UoLyBcXGQkLywgJycpLnJlcGxhY2UoL15cXGQkLywgJycpO1xuIiwgImltcG9ydCB7IHBhcnRzT2ZVc2UsIHR5cGUgQ29sdW1uVXNlLCB0eXBlIE93bkZpZWxkIH0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5pbXBvcnQgdHlwZSB7IERhdGVPcmRlciwgUGxhaW5EYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG5pbXBvcnQgeyBpc0RheVVzZSwgcmVhZERheUNvbHVtbiB9IGZyb20gJy4vY29sdW1ucyc7XG5pbXBvcnQgeyBoZWFkaW5nV29yZHMgfSBmcm9tICcuL2hlYWRpbmdzJztcbmltcG9ydCB0eXBlIHsgVGFibGUgfSBmcm9tICcuL3RhYmxlJztcblxuLyoqIEhvdyB0aGUgZGF5cyBvZiBlYWNoIGNvbHVtbiBhcmUgcmVhZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkYXlSZWFkZXJzKFxuICB0YWJsZTogUGljazxUYWJsZSwgJ3Jvd3MnIHwgJ2hlYWRlcic+LFxuICB1c2VzOiByZWFkb25seSAoQ29sdW1uVXNlIHwgbnVsbClbXSxcbiAgb3duOiByZWFkb25seSBPd25GaWVsZFtdLFxuICB1c3VhbDogeyBvcmRlcjogRGF0ZU9yZGVyOyB0b2RheTogUGxhaW5EYXRlIH0sXG4pIHtcbiAgY29uc3QgcmVhZGVycyA9IG5ldyBNYXA8bnVtYmVyLCB7IG9yZGVyOiBEYXRlT3JkZXI7IHNlcmlhbDogYm9vbGVhbjsgdG9kYXk6IFBsYWluRGF0ZSB9PigpO1xuICBjb25zdCBmb3VuZCA9IGRheUNvbHVtbnModGFibGUsIHVzZXMsIG93bik7XG4gIGNvbnN0IGVsc2V3aGVyZSA9IFsuLi5mb3VuZC52YWx1ZXMoKV0uZmluZCgoeyBvcmRlciB9KSA9PiBvcmRlcik/Lm9yZGVyID8/IHVzdWFsLm9yZGVyO1xuICBmb3IgKGNvbnN0IFtjb2x1bW4sIHsgb3JkZXIsIHNlcmlhbCwgYXNrZWQgfV0gb2YgZm91bmQpXG4gICAgcmVhZGVycy5zZXQoY29sdW1uLCB7IG9yZGVyOiBhc2tlZCA/PyBvcmRlciA/PyBlbHNld2hlcmUsIHNlcmlhbCwgdG9kYXk6IHVzdWFsLnRvZGF5IH0pO1xuICByZXR1cm4gcmVhZGVycztcbn1cblxuLyoqIFRoZSBjb2x1bW5zIG9mIGRheXMsIHdpdGggdGhlIG9yZGVyIHRoYXQgdGhlaXIgY2VsbHMgdGVsbCBhbmQgdGhlIG9uZSB0aGF0IHRoZSBvd25lciBzYWlkLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRheUNvbHVtbnMoXG4gIHRhYmxlOiBQaWNrPFRhYmxlLCAncm93cycgfCAnaGVhZGVyJz4sXG4gIHVzZXM6IHJlYWRvbmx5IChDb2x1bW5Vc2UgfCBudWxsKVtdLFxuICBvd246IHJlYWRvbmx5IE93bkZpZWxkW10gPSBbXSxcbikge1xuICBjb25zdCBmb3VuZCA9IG5ldyBNYXA8bnVtYmVyLCBSZXR1cm5UeXBlPHR5cGVvZiByZWFkRGF5Q29sdW1uPiAmIHsgYXNrZWQ6IERhdGVPcmRlciB8IG51bGwgfT4oKTtcbiAgdXNlcy5mb3JFYWNoKCh1c2UsIGNvbHVtbikgPT4ge1xuICAgIGlmICghdXNlKSByZXR1cm47XG4gICAgY29uc3QgeyB0bywgd2hpY2ggfSA9IHBhcnRzT2ZVc2UodXNlKTtcbiAgICBpZiAoIWlzRGF5VXNlKHRvLCBvd24pKSByZXR1cm47XG4gICAgY29uc3QgYXNrZWQgPSB3aGljaCA9PT0gJ2RteScgfHwgd2hpY2ggPT09ICdtZHknID8gd2hpY2ggOiBudWxsO1xuICAgIGNvbnN0IGNlbGxzID0gdGFibGUucm93cy5tYXAoKHJvdykgPT4gcm93LmNlbGxzW2NvbHVtbl0gPz8gJycpO1xuICAgIGZvdW5kLnNldChjb2x1bW4sIHsgLi4ucmVhZERheUNvbHVtbihjZWxscyksIGFza2VkIH0pO1xuICB9KTtcbiAgcmV0dXJuIGZvdW5kO1xufVxuXG4vKiogQ29sdW1ucyBvZiBaSVAgY29kZXMgZnJvbSB3aGljaCBhIHNwcmVhZHNoZWV0IGhhcyB0YWtlbiB0aGUgemVyb3MgaW4gZnJvbnQuICovXG5leHBvcnQgZnVuY3Rpb24gemlwQ29sdW1ucyhcbiAgdGFibGU6IFBpY2s8VGFibGUsICdyb3dzJyB8ICdoZWFkZXInPixcbiAgdXNlczogcmVhZG9ubHkgKENvbHVtblVzZSB8IG51bGwpW10sXG4pIHtcbiAgY29uc3QgY29sdW1ucyA9IG5ldyBTZXQ8bnVtYmVyPigpO1xuICB1c2VzLmZvckVhY2goKHVzZSwgY29sdW1uKSA9PiB7XG4gICAgaWYgKCF1c2UgfHwgcGFydHNPZlVzZSh1c2UpLnRvICE9PSAncG9zdGFsQ29kZScpIHJldHVybjtcbiAgICBjb25zdCBjZWxscyA9IHRhYmxlLnJvd3MubWFwKChyb3cpID0+IHJvdy5jZWxsc1tjb2x1bW5dID8/ICcnKS5maWx0ZXIoQm9vbGVhbik7XG4gICAgY29uc3QgZml2ZSA9IGNlbGxzLmZpbHRlcigoY2VsbCkgPT4gL15cXGR7NX0oLVxcZHs0fSk/JC8udGVzdChjZWxsKSkubGVuZ3RoO1xuICAgIGNvbnN0IHNob3J0ID0gY2VsbHMuZmlsdGVyKChjZWxsKSA9PiAvXlxcZHsyLDR9JC8udGVzdChjZWxsKSkubGVuZ3RoO1xuICAgIGNvbnN0IGFsbCA9IGZpdmUgKyBzaG9ydCA9PT0gY2VsbHMubGVuZ3RoO1xuICAgIGlmIChhbGwgJiYgKGZpdmUgPiAwIHx8IGhlYWRpbmdXb3Jkcyh0YWJsZS5oZWFkZXJbY29sdW1uXSEpLmluY2x1ZGVzKCd6aXAnKSkpXG4gICAgICBjb2x1bW5zLmFkZChjb2x1bW4pO1xuICB9KTtcbiAgcmV0dXJuIGNvbHVtbnM7XG59XG4iLCAiaW1wb3J0IHR5cGUgeyBBZGRyZXNzIH0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5cbnR5cGUgV2hvbGUgPSBQaWNrPEFkZHJlc3MsICdsaW5lJyB8ICdjaXR5JyB8ICdyZWdpb24nIHwgJ3Bvc3RhbENvZGUnIHwgJ2NvdW50cnknPjtcblxuY29uc3QgQ09VTlRSWSA9ICcoPzosXFxcXHMqKD88Y291bnRyeT5cXFxccHtMfVtcXFxccHtMfSAuXSspKT8kJztcblxuLyoqIEZvcm1zIG9mIGEgd2hvbGUgYWRkcmVzcyBpbiBvbmUgdGV4dDogVW5pdGVkIFN0YXRlcywgQ2FuYWRhLCBVbml0ZWQgS2luZ2RvbSwgYW5kIGNvZGUgYmVmb3JlIGNpdHkuICovXG5jb25zdCBGT1JNUyA9IFtcbiAgYF4oPzxsaW5lPi4rPyksXFxcXHMqKD88Y2l0eT5bXixcXFxcZF0rPyksP1xcXFxzKyg/PHJlZ2lvbj5bQS1aXXsyfSlcXFxcLj8sP1xcXFxzKyg/PHBvc3RhbENvZGU+XFxcXGR7NX0oPzotXFxcXGR7NH0pPykke0NPVU5UUll9YCxcbiAgYF4oPzxsaW5lPi4rPyksXFxcXHMqKD88Y2l0eT5bXixcXFxcZF0rPyksP1xcXFxzKyg/PHJlZ2lvbj5bQS1aXXsyfSlcXFxcLj8sP1xcXFxzKyg/PHBvc3RhbENvZGU+W0EtWl1cXFxcZFtBLVpdID9cXFxcZFtBLVpdXFxcXGQpJHtDT1VOVFJZfWAsXG4gIGBeKD88bGluZT4uKz8pLFxcXFxzKig/PGNpdHk+W14sXFxcXGRdKz8pLD9cXFxccysoPzxwb3N0YWxDb2RlPltBLVpdezEsMn1cXFxcZFtBLVpcXFxcZF0/ID9cXFxcZFtBLVpdezJ9KSR7Q09VTlRSWX1gLFxuICBgXig/PGxpbmU+Lis/KSxcXFxccyooPzpbQS1aXXsxLDJ9LSk/KD88cG9zdGFsQ29kZT5cXFxcZHs0LDV9KVxcXFxzKyg/PGNpdHk+XFxcXHB7TH1bXixcXFxcZF0qPykke0NPVU5UUll9YCxcbiAgYF4oPzxsaW5lPi4qXFxcXGQuKj8pLFxcXFxzKig/PGNpdHk+W14sXFxcXGRdKz8pLD9cXFxccysoPzxwb3N0YWxDb2RlPlxcXFxkezV9KD86LVxcXFxkezR9KT8pJHtDT1VOVFJZfWAsXG5dLm1hcCgoZm9ybSkgPT4gbmV3IFJlZ0V4cChmb3JtLCAndScpKTtcblxuLyoqXG4gKiBUYWtlcyBhbiBhZGRyZXNzIGluIG9uZSB0ZXh0IGFwYXJ0LCBieSBpdHMgcG9zdGFsIGNvZGU6IFwiMTIgTGFudGVybiBSb3csIFBvcnQgRWxsZXJ5LCBDQSAwMDAxMlwiLiBOdWxsXG4gKiB3aGVuIGl0IGRvZXMgbm90IGxvb2sgbGlrZSBvbmUgd2hvbGUgYWRkcmVzczsgdGhlbiBpdCBzdGF5cyBhcyBpdCBpcy5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRXaG9sZUFkZHJlc3ModGV4dDogc3RyaW5nKTogV2hvbGUgfCBudWxsIHtcbiAgY29uc3Qgb25lID0gdGV4dFxuICAgIC5yZXBsYWNlKC9cXHMqW1xcclxcbl0rXFxzKi9nLCAnLCAnKVxuICAgIC5yZXBsYWNlKC9cXHMrL2csICcgJylcbiAgICAudHJpbSgpO1xuICBmb3IgKGNvbnN0IGZvcm0gb2YgRk9STVMpIHtcbiAgICBjb25zdCBwYXJ0cyA9IGZvcm0uZXhlYyhvbmUpPy5ncm91cHM7XG4gICAgaWYgKHBhcnRzKVxuICAgICAgcmV0dXJuIHtcbiAgICAgICAgbGluZTogcGFydHMubGluZSEudHJpbSgpLFxuICAgICAgICBjaXR5OiBwYXJ0cy5jaXR5IS50cmltKCksXG4gICAgICAgIHJlZ2lvbjogcGFydHMucmVnaW9uID8/ICcnLFxuICAgICAgICBwb3N0YWxDb2RlOiBwYXJ0cy5wb3N0YWxDb2RlISxcbiAgICAgICAgY291bnRyeTogcGFydHMuY291bnRyeT8udHJpbSgpID8/ICcnLFxuICAgICAgfTtcbiAgfVxuICByZXR1cm4gbnVsbDtcbn1cbiIsICJpbXBvcnQgeyBpc0FkZHJlc3MsIE5PX0FERFJFU1MsIHR5cGUgQWRkcmVzcyB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuXG5pbXBvcnQgeyByZWFkV2hvbGVBZGRyZXNzIH0gZnJvbSAnLi9hZGRyZXNzJztcbmltcG9ydCB7IHJlYWRBZGRyZXNzZXMgfSBmcm9tICcuL2NlbGxzJztcbmltcG9ydCB7IHJlYWROdW1iZXIgfSBmcm9tICcuL293bic7XG5pbXBvcnQgeyBsYWJlbE9mLCByZWFkLCB0eXBlIFJvdyB9IGZyb20gJy4vcm93JztcblxuY29uc3QgUEFSVFMgPSBbJ2NpdHknLCAncmVnaW9uJywgJ3Bvc3RhbENvZGUnLCAnY291bnRyeScsICdwbGFjZSddIGFzIGNvbnN0O1xuXG4vKiogVGhlIGFkZHJlc3NlcyBvZiBhIHJvdzogb25lIGZvciBlYWNoIG9mIGhvbWUsIHdvcmsgXHUyMDI2OyB0aGUgbWFpbGluZyBhZGRyZXNzIHN0YW5kcyBmaXJzdC4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkQWxsQWRkcmVzc2VzKHJvdzogUm93KTogQWRkcmVzc1tdIHtcbiAgY29uc3QgYnlXaGljaCA9IG5ldyBNYXA8c3RyaW5nLCBBZGRyZXNzPigpO1xuICBjb25zdCBhdCA9ICh3aGljaDogc3RyaW5nKSA9PiB7XG4gICAgY29uc3QgZm91bmQgPSBieVdoaWNoLmdldCh3aGljaCkgPz8geyAuLi5OT19BRERSRVNTLCBsYWJlbDogbGFiZWxPZih3aGljaCkgfTtcbiAgICBieVdoaWNoLnNldCh3aGljaCwgZm91bmQpO1xuICAgIHJldHVybiBmb3VuZDtcbiAgfTtcbiAgZm9yIChjb25zdCB7IHRleHQsIHdoaWNoIH0gb2Ygcm93LmFsbCgnYWRkcmVzc0xpbmUnKSkge1xuICAgIGNvbnN0IGFkZHJlc3MgPSBhdCh3aGljaCk7XG4gICAgYWRkcmVzcy5saW5lID0gW2FkZHJlc3MubGluZSwgdGV4dF0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJywgJyk7XG4gIH1cbiAgZm9yIChjb25zdCB7IHRleHQsIHdoaWNoIH0gb2Ygcm93LmFsbCgnYWRkcmVzc0xpbmUyJykpIHtcbiAgICBjb25zdCBhZGRyZXNzID0gYXQod2hpY2gpO1xuICAgIGFkZHJlc3MubGluZSA9IFthZGRyZXNzLmxpbmUsIHRleHRdLmZpbHRlcihCb29sZWFuKS5qb2luKCcsICcpO1xuICB9XG4gIGZvciAoY29uc3QgcGFydCBvZiBQQVJUUykgZm9yIChjb25zdCB7IHRleHQsIHdoaWNoIH0gb2Ygcm93LmFsbChwYXJ0KSkgYXQod2hpY2gpW3BhcnRdID0gdGV4dDtcbiAgY29uc3QgYWRkcmVzc2VzID0gWy4uLmJ5V2hpY2hdLnNvcnQoXG4gICAgKFthXSwgW2JdKSA9PiBOdW1iZXIoYiA9PT0gJ21haWxpbmcnKSAtIE51bWJlcihhID09PSAnbWFpbGluZycpLFxuICApO1xuICBjb25zdCBhbGwgPSBhZGRyZXNzZXMubWFwKChbLCBhZGRyZXNzXSkgPT4gd2hvbGVBZGRyZXNzKGFkZHJlc3MpKS5maWx0ZXIoaXNBZGRyZXNzKTtcbiAgY29uc3QgZGVncmVlcyA9ICh0YXJnZXQ6ICdsYXQnIHwgJ2xvbicpID0+IHJlYWQocm93LCB0YXJnZXQsIHJlYWROdW1iZXIsICdhIG51bWJlciBvZiBkZWdyZWVzJyk7XG4gIGNvbnN0IFtsYXQsIGxvbl0gPSBbZGVncmVlcygnbGF0JyksIGRlZ3JlZXMoJ2xvbicpXTtcbiAgY29uc3QgcG9pbnQgPSBsYXQgIT09IG51bGwgJiYgbG9uICE9PSBudWxsICYmIE1hdGguYWJzKGxhdCkgPD0gOTAgJiYgTWF0aC5hYnMobG9uKSA8PSAxODA7XG4gIGNvbnN0IGxhYmVsID0gcm93LmdldCgnYWRkcmVzc0xhYmVsJyk7XG4gIGlmIChwb2ludCAmJiBhbGwubGVuZ3RoID09PSAwKSBhbGwucHVzaCh7IC4uLk5PX0FERFJFU1MgfSk7XG4gIGlmIChhbGxbMF0gJiYgcG9pbnQpIE9iamVjdC5hc3NpZ24oYWxsWzBdLCB7IGxhdCwgbG9uIH0pO1xuICBpZiAoYWxsWzBdICYmIGxhYmVsKSBhbGxbMF0ubGFiZWwgPSBsYWJlbDtcbiAgcmV0dXJuIFsuLi5hbGwsIC4uLnJlYWRBZGRyZXNzZXMocm93LmdldCgnbW9yZUFkZHJlc3NlcycpKS5maWx0ZXIoaXNBZGRyZXNzKV07XG59XG5cbi8qKiBBIHN0cmVldCBsaW5lIHRoYXQgaG9sZHMgdGhlIHdob2xlIGFkZHJlc3MgaXMgdGFrZW4gYXBhcnQgd2hlbiBub3RoaW5nIGVsc2Ugb2YgaXQgaXMgZ2l2ZW4uICovXG5mdW5jdGlvbiB3aG9sZUFkZHJlc3MoYWRkcmVzczogQWRkcmVzcyk6IEFkZHJlc3Mge1xuICBpZiAoW2FkZHJlc3MuY2l0eSwgYWRkcmVzcy5yZWdpb24sIGFkZHJlc3MucG9zdGFsQ29kZV0uc29tZShCb29sZWFuKSkgcmV0dXJuIGFkZHJlc3M7XG4gIGNvbnN0IHJlYWQgPSByZWFkV2hvbGVBZGRyZXNzKGFkZHJlc3MubGluZSk7XG4gIHJldHVybiByZWFkID8geyAuLi5hZGRyZXNzLCAuLi5yZWFkIH0gOiBhZGRyZXNzO1xufVxuIiwgImltcG9ydCB7XG4gIENIQU5ORUxTLFxuICBmb2xkLFxuICBOT0JPRFksXG4gIFdPVUxEX1JFRkVSLFxuICB0eXBlIENoYW5uZWwsXG4gIHR5cGUgSW1wb3J0VGFyZ2V0LFxuICB0eXBlIE93bkZpZWxkLFxuICB0eXBlIFBlcnNvbkZpZWxkcyxcbiAgdHlwZSBSZWFjaCxcbn0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5pbXBvcnQgeyByZWFkRnVsbERhdGUgfSBmcm9tICdAL2NvcmUvdGltZSc7XG5cbmltcG9ydCB7IHJlYWRDb25zZW50LCByZWFkRGF0ZXMsIHJlYWRSZWFjaCwgc3BsaXRDZWxsIH0gZnJvbSAnLi9jZWxscyc7XG5pbXBvcnQgeyBPV05fV0FOVFMsIHJlYWRPd25WYWx1ZSB9IGZyb20gJy4vb3duJztcbmltcG9ydCB7IHJlYWRFbWFpbCwgcmVhZExpbmssIHJlYWRQaG9uZSB9IGZyb20gJy4vcmVhY2gnO1xuaW1wb3J0IHsgcmVhZEFsbEFkZHJlc3NlcyB9IGZyb20gJy4vcm93LWFkZHJlc3MnO1xuaW1wb3J0IHsgYmlydGhkYXlGYXVsdCB9IGZyb20gJy4vaW1wb3J0ZWQnO1xuaW1wb3J0IHsgbGFiZWxPZiwgcmVhZCwgcmVhZERheSwgdHlwZSBSb3cgfSBmcm9tICcuL3Jvdyc7XG5cbmZ1bmN0aW9uIHJlYWRCaXJ0aGRheShyb3c6IFJvdyk6IHN0cmluZyB8IG51bGwge1xuICBjb25zdCBvbiA9IHJlYWREYXkocm93LCAnYmlydGhkYXknLCB0cnVlKTtcbiAgY29uc3QgZmF1bHQgPSBvbiAmJiBiaXJ0aGRheUZhdWx0KG9uLCByb3cudG9kYXkpO1xuICBpZiAoZmF1bHQpIHJvdy51bnJlYWQocm93LmdldCgnYmlydGhkYXknKSwgZmF1bHQpO1xuICByZXR1cm4gZmF1bHQgPyBudWxsIDogb247XG59XG5cbmZ1bmN0aW9uIHJlYWRSZWFjaGVzKFxuICByb3c6IFJvdyxcbiAgW2ZpcnN0LCBsYWJlbCwgbW9yZV06IFsnZW1haWwnIHwgJ3Bob25lJywgSW1wb3J0VGFyZ2V0LCBJbXBvcnRUYXJnZXRdLFxuICByZWFkZXI6ICh0ZXh0OiBzdHJpbmcpID0+IHN0cmluZyB8IG51bGwsXG4gIHdoYXQ6IHN0cmluZyxcbik6IFJlYWNoW10ge1xuICBjb25zdCBsaXN0OiBSZWFjaFtdID0gW107XG4gIGNvbnN0IGxhYmVscyA9IHJvdy5hbGwobGFiZWwpO1xuICBjb25zdCBvbmUgPSAodGV4dDogc3RyaW5nKSA9PiB7XG4gICAgY29uc3QgcmVhY2ggPSByZWFkUmVhY2godGV4dCk7XG4gICAgcmV0dXJuIHsgdGV4dCwgdmFsdWU6IHJlYWRlcihyZWFjaC52YWx1ZSksIGxhYmVsOiByZWFjaC5sYWJlbCB9O1xuICB9O1xuICBjb25zdCBhZGQgPSAoeyB0ZXh0LCB2YWx1ZSwgbGFiZWw6IG93biB9OiBSZXR1cm5UeXBlPHR5cGVvZiBvbmU+LCBnaXZlbjogc3RyaW5nKSA9PiB7XG4gICAgaWYgKHZhbHVlID09PSBudWxsKSByb3cudW5yZWFkKHRleHQsIHdoYXQpO1xuICAgIGVsc2UgaWYgKCFsaXN0LnNvbWUoKGtub3duKSA9PiBrbm93bi52YWx1ZSA9PT0gdmFsdWUpKVxuICAgICAgbGlzdC5wdXNoKHsgdmFsdWUsIGxhYmVsOiBnaXZlbiB8fCBvd24gfSk7XG4gIH07XG4gIHJvdy5hbGwoZmlyc3QpLmZvckVhY2goKHsgdGV4dCwgd2hpY2ggfSwgbikgPT4ge1xuICAgIC8vIEEgY2VsbCB0aGF0IHJlYWRzIGFzIG9uZSB2YWx1ZSBpcyBvbmU7IG90aGVyd2lzZSBpdCBtYXkgaG9sZCBzZXZlcmFsLlxuICAgIGNvbnN0IHdob2xlID0gb25lKHRleHQpO1xuICAgIGNvbnN0IHNldmVyYWwgPSB3aG9sZS52YWx1ZSA9PT0gbnVsbCA/IHNwbGl0Q2VsbCh0ZXh0LCAnOyx8XFxuLycpLm1hcChvbmUpIDogW3dob2xlXTtcbiAgICBzZXZlcmFsLmZvckVhY2goKGNlbGwsIGkpID0+IGFkZChjZWxsLCAoaSA9PT0gMCAmJiBsYWJlbHNbbl0/LnRleHQpIHx8IGxhYmVsT2Yod2hpY2gpKSk7XG4gIH0pO1xuICBmb3IgKGNvbnN0IHRleHQgb2Ygc3BsaXRDZWxsKHJvdy5nZXQobW9yZSwgJzsgJykpKSBhZGQob25lKHRleHQpLCAnJyk7XG4gIHJldHVybiBsaXN0O1xufVxuXG5leHBvcnQgZnVuY3Rpb24gcmVhZEZpZWxkcyhyb3c6IFJvdywgb3duOiByZWFkb25seSBPd25GaWVsZFtdKTogUGVyc29uRmllbGRzIHtcbiAgY29uc3QgeyBnZXQgfSA9IHJvdztcbiAgY29uc3QgZGF0ZXMgPSByZWFkRGF0ZXMoZ2V0KCdkYXRlcycsICc7ICcpKTtcbiAgZm9yIChjb25zdCB0ZXh0IG9mIGRhdGVzLnVucmVhZCkgcm93LnVucmVhZCh0ZXh0LCAnYSBkYXRlIHdpdGggYSBuYW1lJyk7XG4gIGNvbnN0IHdlZGRpbmcgPSByZWFkRGF5KHJvdywgJ3dlZGRpbmcnKTtcbiAgY29uc3QgbmFtZWQgPSByb3cuYWxsKCduYW1lZERhdGUnKS5mbGF0TWFwKCh7IHRleHQsIGhlYWRpbmcsIGNvbHVtbiB9KSA9PiB7XG4gICAgY29uc3Qgb24gPSByb3cuZGF5KHRleHQsIGNvbHVtbik7XG4gICAgaWYgKG9uID09PSBudWxsKSByb3cudW5yZWFkKHRleHQsICdhIGRheSBpbiB0aGUgY2FsZW5kYXInKTtcbiAgICByZXR1cm4gb24gPT09IG51bGwgPyBbXSA6IFt7IG5hbWU6IGhlYWRpbmcsIG9uIH1dO1xuICB9KTtcbiAgY29uc3QgY29uc2VudCA9IHJlYWRDb25zZW50KGdldCgnY29uc2VudCcpKTtcbiAgZm9yIChjb25zdCB0ZXh0IG9mIGNvbnNlbnQudW5yZWFkKSByb3cudW5yZWFkKHRleHQsICdhIGNvbnNlbnQnKTtcbiAgcmV0dXJuIHtcbiAgICAuLi5OT0JPRFksXG4gICAgcHJlZml4OiBnZXQoJ3ByZWZpeCcpLFxuICAgIG1pZGRsZU5hbWU6IGdldCgnbWlkZGxlTmFtZScpLFxuICAgIHN1ZmZpeDogZ2V0KCdzdWZmaXgnKSxcbiAgICBnb2VzQnk6IGdldCgnZ29lc0J5JyksXG4gICAgY29tcGFueTogZ2V0KCdjb21wYW55JyksXG4gICAgam9iVGl0bGU6IGdldCgnam9iVGl0bGUnKSxcbiAgICBlbWFpbHM6IHJlYWRSZWFjaGVzKHJvdywgWydlbWFpbCcsICdlbWFpbExhYmVsJywgJ21vcmVFbWFpbHMnXSwgcmVhZEVtYWlsLCAnYW4gZS1tYWlsIGFkZHJlc3MnKSxcbiAgICBwaG9uZXM6IHJlYWRSZWFjaGVzKHJvdywgWydwaG9uZScsICdwaG9uZUxhYmVsJywgJ21vcmVQaG9uZXMnXSwgcmVhZFBob25lLCAnYSBwaG9uZSBudW1iZXInKSxcbiAgICBhZGRyZXNzZXM6IHJlYWRBbGxBZGRyZXNzZXMocm93KSxcbiAgICBsaW5rczogcmVhZExpbmtzKHJvdyksXG4gICAgYmlydGhkYXk6IHJlYWRCaXJ0aGRheShyb3cpLFxuICAgIGRhdGVzOiBbLi4uKHdlZGRpbmcgPyBbeyBuYW1lOiAnV2VkZGluZycsIG9uOiB3ZWRkaW5nIH1dIDogW10pLCAuLi5kYXRlcy5kYXRlcywgLi4ubmFtZWRdLFxuICAgIGludGVyZXN0czogc3BsaXRDZWxsKGdldCgnaW50ZXJlc3RzJywgJzsgJykpLFxuICAgIHJvbGVzOiBzcGxpdENlbGwoZ2V0KCdyb2xlcycsICc7ICcpKSxcbiAgICBzdGFuZGluZzogZ2V0KCdzdGFuZGluZycpLFxuICAgIHNvdXJjZTogZ2V0KCdzb3VyY2UnKSxcbiAgICBwcmVmZXJyZWQ6IHJlYWQocm93LCAncHJlZmVycmVkJywgcmVhZENoYW5uZWwsICdhIHdheSB0byBiZSByZWFjaGVkJykgPz8gJycsXG4gICAgbGFuZ3VhZ2U6IGdldCgnbGFuZ3VhZ2UnKSxcbiAgICBmYXZvdXJpdGU6XG4gICAgICBnZXQoJ2Zhdm91cml0ZScpICE9PSAnJyAmJlxuICAgICAgcmVhZE93blZhbHVlKHsgdHlwZTogJ2ZsYWcnLCBjaG9pY2VzOiBbXSB9LCBnZXQoJ2Zhdm91cml0ZScpKSA9PT0gdHJ1ZSxcbiAgICAuLi5yZWFkV291bGRSZWZlcihyb3cpLFxuICAgIG93bjogcmVhZE93bihyb3csIG93biksXG4gICAgY29uc2VudDogY29uc2VudC5jb25zZW50LFxuICB9O1xufVxuXG5mdW5jdGlvbiByZWFkTGlua3Mocm93OiBSb3cpOiBSZWFjaFtdIHtcbiAgcmV0dXJuIHNwbGl0Q2VsbChyb3cuZ2V0KCdsaW5rJywgJzsgJykpLmZsYXRNYXAoKHRleHQpID0+IHtcbiAgICBjb25zdCB7IHZhbHVlLCBsYWJlbCB9ID0gcmVhZFJlYWNoKHRleHQpO1xuICAgIGNvbnN0IGxpbmsgPSByZWFkTGluayh2YWx1ZSk7XG4gICAgaWYgKGxpbmspIHJldHVybiBbeyB2YWx1ZTogbGluaywgbGFiZWwgfV07XG4gICAgcm93LnVucmVhZCh0ZXh0LCAnYSB3ZWIgYWRkcmVzcycpO1xuICAgIHJldHVybiBbXTtcbiAgfSk7XG59XG5cbmNvbnN0IFdBWVM6IFJlY29yZDxzdHJpbmcsIENoYW5uZWw+ID0ge1xuICBwaG9uZTogJ2NhbGwnLFxuICB0ZWxlcGhvbmU6ICdjYWxsJyxcbiAgc21zOiAndGV4dCcsXG4gIG1haWw6ICdwb3N0JyxcbiAgbGV0dGVyOiAncG9zdCcsXG59O1xuXG5jb25zdCByZWFkQ2hhbm5lbCA9ICh0ZXh0OiBzdHJpbmcpOiBDaGFubmVsIHwgbnVsbCA9PiB7XG4gIGNvbnN0IHdvcmQgPSBmb2xkKHRleHQpLnJlcGxhY2UoJy0nLCAnJyk7XG4gIHJldHVybiBDSEFOTkVMUy5maW5kKChjaGFubmVsKSA9PiBjaGFubmVsID09PSB3b3JkKSA/PyBXQVlTW3dvcmRdID8/IG51bGw7XG59O1xuXG4vKiogXCJ5ZXMgMjAyNi0wNS0wNFwiOiB0aGUgYW5zd2VyIHdpdGggaXRzIGRheS4gKi9cbmZ1bmN0aW9uIHJlYWRXb3VsZFJlZmVyKHJvdzogUm93KTogUGljazxQZXJzb25GaWVsZHMsICd3b3VsZFJlZmVyJyB8ICd3b3VsZFJlZmVyT24nPiB7XG4gIGNvbnN0IFthbnN3ZXIgPSAnJywgb25dID0gcm93LmdldCgnd291bGRSZWZlcicpLnNwbGl0KCcgJyk7XG4gIGNvbnN0IHdvdWxkUmVmZXIgPSBXT1VMRF9SRUZFUi5maW5kKCh3b3JkKSA9PiB3b3JkID09PSBmb2xkKGFuc3dlcikpID8/IG51bGw7XG4gIGlmIChhbnN3ZXIgJiYgIXdvdWxkUmVmZXIpIHJvdy51bnJlYWQocm93LmdldCgnd291bGRSZWZlcicpLCAneWVzLCBwZXJoYXBzIG9yIG5vJyk7XG4gIHJldHVybiB7IHdvdWxkUmVmZXIsIHdvdWxkUmVmZXJPbjogd291bGRSZWZlciAmJiBvbiA/IHJlYWRGdWxsRGF0ZShvbikgOiBudWxsIH07XG59XG5cbmZ1bmN0aW9uIHJlYWRPd24ocm93OiBSb3csIG93bjogcmVhZG9ubHkgT3duRmllbGRbXSk6IFBlcnNvbkZpZWxkc1snb3duJ10ge1xuICBjb25zdCB2YWx1ZXM6IFBlcnNvbkZpZWxkc1snb3duJ10gPSB7fTtcbiAgZm9yIChjb25zdCBmaWVsZCBvZiBvd24pIHtcbiAgICBjb25zdCBbY2VsbF0gPSByb3cuYWxsKGBvd246JHtmaWVsZC5pZH1gKTtcbiAgICBpZiAoIWNlbGwpIGNvbnRpbnVlO1xuICAgIGNvbnN0IHRleHQgPSAoZmllbGQudHlwZSA9PT0gJ2RhdGUnICYmIHJvdy5kYXkoY2VsbC50ZXh0LCBjZWxsLmNvbHVtbikpIHx8IGNlbGwudGV4dDtcbiAgICBjb25zdCB2YWx1ZSA9IHJlYWRPd25WYWx1ZShmaWVsZCwgdGV4dCk7XG4gICAgaWYgKHZhbHVlID09PSBudWxsKVxuICAgICAgcm93LnVucmVhZChjZWxsLnRleHQsIGAke09XTl9XQU5UU1tmaWVsZC50eXBlXX0sIHdoaWNoICR7ZmllbGQubmFtZX0gd2FudHNgKTtcbiAgICBlbHNlIHZhbHVlc1tmaWVsZC5pZF0gPSB2YWx1ZTtcbiAgfVxuICByZXR1cm4gdmFsdWVzO1xufVxuIiwgImltcG9ydCB7IGlzUGxhaW5EYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG5pbXBvcnQgeyBoZWFkaW5nV29yZHMgfSBmcm9tICcuL2hlYWRpbmdzJztcbmltcG9ydCB0eXBlIHsgSW1wb3J0ZWRQZXJzb24gfSBmcm9tICcuL2ltcG9ydGVkJztcbmltcG9ydCB0eXBlIHsgUm93IH0gZnJvbSAnLi9yb3cnO1xuaW1wb3J0IHsgcmVhZEpvYkNlbGwgfSBmcm9tICcuL3N0b3J5LWNlbGxzJztcblxuLyoqIFwiQ2xvc2luZyBEYXRlXCIgbmFtZXMgd29yayB0aGF0IGlzIGNhbGxlZCBcIkNsb3NpbmdcIi4gKi9cbmNvbnN0IHdvcmtOYW1lID0gKGhlYWRpbmc6IHN0cmluZyk6IHN0cmluZyA9PiB7XG4gIGNvbnN0IHdvcmRzID0gaGVhZGluZ1dvcmRzKGhlYWRpbmcpLmZpbHRlcigod29yZCkgPT4gIVsnZGF0ZScsICdkYXknLCAnb24nXS5pbmNsdWRlcyh3b3JkKSk7XG4gIGNvbnN0IHRleHQgPSB3b3Jkcy5qb2luKCcgJykgfHwgJ3dvcmsnO1xuICByZXR1cm4gdGV4dC5jaGFyQXQoMCkudG9VcHBlckNhc2UoKSArIHRleHQuc2xpY2UoMSk7XG59O1xuXG5jb25zdCBOT19KT0IgPSB7IHN0YWdlOiAnJywgdmFsdWVNaW5vcjogbnVsbCwgZmVlTWlub3I6IG51bGwgfTtcblxuLyoqIFdvcmsgb2YgYSByb3c6IHRvbGQgYXMgc3VjaCwgYW5kIGJ5IHRoZSBkYXlzIG9uIHdoaWNoIGl0IHdhcyBkb25lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRKb2JzKHJvdzogUm93KTogSW1wb3J0ZWRQZXJzb25bJ2pvYnMnXSB7XG4gIGNvbnN0IHRvbGQgPSByZWFkSm9iQ2VsbChyb3cuZ2V0KCd3b3JrJywgJzsgJykpO1xuICBmb3IgKGNvbnN0IHBhcnQgb2YgdG9sZC51bnJlYWQpIHJvdy51bnJlYWQocGFydCwgJ3dvcmsnKTtcbiAgY29uc3QgZGF5cyA9IHJvdy5hbGwoJ3dvcmtEb25lJykuZmxhdE1hcCgoeyB0ZXh0LCBoZWFkaW5nLCBjb2x1bW4gfSkgPT4ge1xuICAgIGNvbnN0IG9uID0gcm93LmRheSh0ZXh0LCBjb2x1bW4pO1xuICAgIGlmIChvbiAmJiBpc1BsYWluRGF0ZShvbikpIHJldHVybiBbeyAuLi5OT19KT0IsIG5hbWU6IHdvcmtOYW1lKGhlYWRpbmcpLCBvbiB9XTtcbiAgICByb3cudW5yZWFkKHRleHQsICdhIGRheSB3aXRoIGl0cyB5ZWFyJyk7XG4gICAgcmV0dXJuIFtdO1xuICB9KTtcbiAgcmV0dXJuIFsuLi50b2xkLmpvYnMsIC4uLmRheXNdO1xufVxuIiwgIi8qKiBBIG5hbWUgdGFrZW4gYXBhcnQuIFdoYXQgaXQgZG9lcyBub3QgaGF2ZSBpcyBsZWZ0IG91dCwgYnV0IGZvciBnaXZlbiBhbmQgZmFtaWx5IG5hbWUuICovXG5leHBvcnQgaW50ZXJmYWNlIFNwbGl0TmFtZSB7XG4gIGdpdmVuTmFtZTogc3RyaW5nO1xuICBmYW1pbHlOYW1lOiBzdHJpbmc7XG4gIHByZWZpeD86IHN0cmluZztcbiAgc3VmZml4Pzogc3RyaW5nO1xuICBnb2VzQnk/OiBzdHJpbmc7XG4gIC8qKiBXaGF0IHN0b29kIGluIGJyYWNrZXRzIGJlaGluZCB0aGUgZmFtaWx5IG5hbWUsIHdoaWNoIG1heSBiZSBvbmUgdGhhdCB3YXMgYm9ybmUgYmVmb3JlLiAqL1xuICBhbHNvPzogc3RyaW5nO1xuICAvKiogV2hldGhlciBhbm90aGVyIHJlYWRlciBtaWdodCBoYXZlIHNwbGl0IGl0IG90aGVyd2lzZS4gKi9cbiAgdW5zdXJlPzogdHJ1ZTtcbn1cblxuY29uc3Qgd29yZHMgPSAodGV4dDogc3RyaW5nKSA9PiBuZXcgU2V0KHRleHQuc3BsaXQoJyAnKSk7XG5cbi8qKiBGb3JtcyBvZiBhZGRyZXNzLiBDb21tb24gcHJhY3RpY2UsIG5vIHNvdXJjZS4gKi9cbmNvbnN0IFRJVExFUyA9IHdvcmRzKFxuICAnbXIgbXJzIG1zIG1pc3MgbXggZHIgcHJvZiBwcm9mZXNzb3IgcmV2IHJldmVyZW5kIGZyIHNyIHNyYSBzcnRhIHNlXHUwMEYxb3Igc2VcdTAwRjFvcmEgc2VcdTAwRjFvcml0YSBoZXJyIGZyYXUgZnJcdTAwRTR1bGVpbiBtb25zaWV1ciBtYWRhbWUgbWFkZW1vaXNlbGxlIG0gbW1lIG1sbGUgc2lnIHNpZ3JhIHNpZ25vciBzaWdub3JhIGRvdHQgZG90dHNzYSBpbmcgZGhyIG1ldnIgbWV2cm91dyBob24gcmFiYmkgaW1hbSBwYXN0b3IgZGFtZSBsYWR5IGxvcmQnLFxuKTtcbi8qKiBGb3JtcyBvZiBhZGRyZXNzIHRoYXQgYXJlIGdpdmVuIG5hbWVzIGFzIHdlbGw6IG9ubHkgd2l0aCBhIHdob2xlIG5hbWUgYmVoaW5kIHRoZW0uICovXG5jb25zdCBUSVRMRVNfVE9PID0gd29yZHMoXG4gICdqdWRnZSBzaXIgbWFqb3IgY2FwdGFpbiBjYXB0IGdlbmVyYWwgZ2VuIGNvbCBjb2xvbmVsIGx0IHNndCBmYXRoZXIgc2lzdGVyIGJyb3RoZXIgZGVhbiBiaXNob3Agc2VuYXRvciBnb3Zlcm5vciBwcmVzaWRlbnQgY2hpZWYnLFxuKTtcbmNvbnN0IFNVRkZJWEVTID0gd29yZHMoXG4gICdqciBzciBqdW5pb3Igc2VuaW9yIGlpIGlpaSBpdiB2IDJuZCAzcmQgcGhkIG1kIGRkcyBkdm0gZXNxIGVzcXVpcmUgY3BhIGpkIHJuIG1iYSBwZSBkbyBvZCBjcnMgZ3JpIHJldCcsXG4pO1xuLyoqIFdoYXQgYSBmYW1pbHkgbmFtZSBtYXkgYmVnaW4gd2l0aCwgd2hlbiBpdCBpcyBub3QgdGhlIGZpcnN0IHdvcmQuICovXG5jb25zdCBQQVJUSUNMRVMgPSB3b3JkcyhcbiAgJ2RlIGRlbCBkZWxhIGRlbGxhIGRlbGxlIGRlbGxvIGRpIGRhIGRhbCBkYWxsYSBkbyBkb3MgZGFzIGR1IGRlcyB2YW4gdm9uIHZvbSB6dSB6dW0genVyIGRlciBkZW4gdGVyIHRlbiB0ZSBsYSBsZSBsbyBsb3MgbGFzIGVsIGFsIGJpbiBiaW50aSBpYm4gYmVuIGJhdCBzdCBzYWludCBzYW4gc2FudGEgYWYgYXYgeSBlIG1hYyBtYyBvJyxcbik7XG5cbmNvbnN0IEZJUk0gPVxuICAvKD86XnxbXFxzLC4mXSkoPzpsbGN8bFxcLmxcXC5jXFwufGluY3xpbmNvcnBvcmF0ZWR8bHRkfGxpbWl0ZWR8Z21iaHxhZ3xrZ3xzXFwuP2FcXC4/cj9cXC4/bD98YlxcLj92fHBsY3xjb3JwfGNvcnBvcmF0aW9ufGNvfGNvbXBhbnl8c29uc3xkYXVnaHRlcnN8YnJvdGhlcnN8YnJvc3xncm91cHxiYW5rfHRydXN0fHNlcnZpY2VzfGFzc29jaWF0ZXN8cGFydG5lcnN8cmVhbHR5fHByb3BlcnRpZXN8aW5zdXJhbmNlfG1vcnRnYWdlfGxlbmRpbmd8bGF3fHN0dWRpb3xzdHVkaW9zfGNhZmV8Y2FmXHUwMEU5fHNob3B8c3RvcmV8c2Nob29sfGNodXJjaHxjbHVifGhvdGVsfGZvdW5kYXRpb258aW5zdGl0dXRlfGNlbnRlcnxjZW50cmV8YXNzb2NpYXRpb258c29jaWV0eXx1bml2ZXJzaXR5fGNvbGxlZ2V8aG9zcGl0YWx8Y2xpbmljfGFnZW5jeXxvZmZpY2V8aG9sZGluZ3N8ZW50ZXJwcmlzZXN8Y29uc3RydWN0aW9ufHBsdW1iaW5nfHJvb2Zpbmd8ZWxlY3RyaWN8bGFuZHNjYXBpbmd8cmVzdGF1cmFudHxiYWtlcnl8ZmxvcmlzdHxudXJzZXJ5KVxcLj8oPz0kfFtcXHMsLiZdKS9pO1xuXG4vKiogV2hldGhlciBhIG5hbWUgaXMgcGxhaW5seSB0aGF0IG9mIGEgZmlybS4gKi9cbmV4cG9ydCBjb25zdCBpc0Zpcm0gPSAodGV4dDogc3RyaW5nKTogYm9vbGVhbiA9PiBGSVJNLnRlc3QodGV4dCk7XG5cbmNvbnN0IGJhcmUgPSAod29yZDogc3RyaW5nKSA9PiB3b3JkLnJlcGxhY2UoL1suLF0vZywgJycpLnRvTG93ZXJDYXNlKCk7XG5cbi8qKlxuICogVGFrZXMgYSBmdWxsIG5hbWUgYXBhcnQgYnkgcGxhaW4gcnVsZXM6IGEgY29tbWEgcHV0cyB0aGUgZmFtaWx5IG5hbWUgZmlyc3Q7IHRpdGxlcyBhbmQgc3VmZml4ZXMgYXJlXG4gKiBrZXB0IGFzIHN1Y2g7IGEgbmFtZSBpbiBxdW90ZXMgb3IgYnJhY2tldHMgaXMgdGhlIG9uZSB0aGV5IGdvIGJ5OyBhIHBhcnRpY2xlIGJlZ2lucyB0aGUgZmFtaWx5IG5hbWVcbiAqIHVubGVzcyBpdCBpcyB0aGUgZmlyc3Qgd29yZCAoXCJWYW4gTW9ycmlzb25cIikuIEEgc2luZ2xlIHdvcmQgaXMgYSBnaXZlbiBuYW1lLlxuICogQGV4YW1wbGUgc3BsaXROYW1lKCdMaW5kLCBSb3NhJykgLy8geyBnaXZlbk5hbWU6ICdSb3NhJywgZmFtaWx5TmFtZTogJ0xpbmQnIH1cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNwbGl0TmFtZShmdWxsOiBzdHJpbmcpOiBTcGxpdE5hbWUge1xuICBjb25zdCB7IHRleHQsIGdvZXNCeSwgYWxzbyB9ID0gd2l0aG91dEFzaWRlKGZ1bGwudHJpbSgpLnJlcGxhY2UoL1xccysvZywgJyAnKSk7XG4gIGNvbnN0IHBhcnRzID0gdGV4dFxuICAgIC5zcGxpdCgnLCcpXG4gICAgLm1hcCgocGFydCkgPT4gcGFydC50cmltKCkpXG4gICAgLmZpbHRlcihCb29sZWFuKTtcbiAgY29uc3Qgc3VmZml4ZXM6IHN0cmluZ1tdID0gW107XG4gIHdoaWxlIChcbiAgICBwYXJ0cy5sZW5ndGggPiAxICYmXG4gICAgcGFydHNcbiAgICAgIC5hdCgtMSkhXG4gICAgICAuc3BsaXQoJyAnKVxuICAgICAgLmV2ZXJ5KCh3b3JkKSA9PiBTVUZGSVhFUy5oYXMoYmFyZSh3b3JkKSkpXG4gIClcbiAgICBzdWZmaXhlcy51bnNoaWZ0KHBhcnRzLnBvcCgpISk7XG4gIGNvbnN0IFtmaXJzdCA9ICcnLCAuLi5sYXRlcl0gPSBwYXJ0cztcbiAgY29uc3QgYmVmb3JlID0gcGFydHMubGVuZ3RoID4gMSA/IGZpcnN0LnNwbGl0KCcgJykgOiBbXTtcbiAgY29uc3QgcmVzdCA9IChwYXJ0cy5sZW5ndGggPiAxID8gbGF0ZXIuam9pbignICcpIDogZmlyc3QpLnNwbGl0KCcgJykuZmlsdGVyKEJvb2xlYW4pO1xuICBjb25zdCB0aXRsZXMgPSB0YWtlVGl0bGVzKHJlc3QsIGJlZm9yZS5sZW5ndGggPiAwKTtcbiAgd2hpbGUgKGJlZm9yZS5sZW5ndGggPiAxICYmIFRJVExFUy5oYXMoYmFyZShiZWZvcmVbMF0hKSkpIHRpdGxlcy5wdXNoKGJlZm9yZS5zaGlmdCgpISk7XG4gIGZvciAoY29uc3QgbGlzdCBvZiBbcmVzdCwgYmVmb3JlXSkge1xuICAgIGNvbnN0IGVuZHM6IHN0cmluZ1tdID0gW107XG4gICAgd2hpbGUgKGxpc3QubGVuZ3RoID4gMSAmJiBTVUZGSVhFUy5oYXMoYmFyZShsaXN0LmF0KC0xKSEpKSkgZW5kcy51bnNoaWZ0KGxpc3QucG9wKCkhKTtcbiAgICBzdWZmaXhlcy51bnNoaWZ0KC4uLmVuZHMpO1xuICB9XG4gIHJldHVybiB7XG4gICAgLi4uKGJlZm9yZS5sZW5ndGggPiAwXG4gICAgICA/IHsgZ2l2ZW5OYW1lOiByZXN0LmpvaW4oJyAnKSwgZmFtaWx5TmFtZTogYmVmb3JlLmpvaW4oJyAnKSB9XG4gICAgICA6IGluT3JkZXIocmVzdCwgdGl0bGVzLmxlbmd0aCA+IDApKSxcbiAgICAuLi4odGl0bGVzLmxlbmd0aCA+IDAgPyB7IHByZWZpeDogdGl0bGVzLmpvaW4oJyAnKSB9IDoge30pLFxuICAgIC4uLihzdWZmaXhlcy5sZW5ndGggPiAwID8geyBzdWZmaXg6IHN1ZmZpeGVzLmpvaW4oJyAnKSB9IDoge30pLFxuICAgIC4uLihnb2VzQnkgPyB7IGdvZXNCeSB9IDoge30pLFxuICAgIC4uLihhbHNvID8geyBhbHNvIH0gOiB7fSksXG4gIH07XG59XG5cbi8qKiBUaXRsZXMgYXQgdGhlIGJlZ2lubmluZzsgb25lIHRoYXQgaXMgYSBnaXZlbiBuYW1lIHRvbyB3YW50cyB0d28gd29yZHMgYmVoaW5kIGl0LiAqL1xuZnVuY3Rpb24gdGFrZVRpdGxlcyhyZXN0OiBzdHJpbmdbXSwgZmFtaWx5S25vd246IGJvb2xlYW4pOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHRpdGxlczogc3RyaW5nW10gPSBbXTtcbiAgd2hpbGUgKHJlc3QubGVuZ3RoID4gMSkge1xuICAgIGNvbnN0IHdvcmQgPSBiYXJlKHJlc3RbMF0hKTtcbiAgICBjb25zdCBlbm91Z2ggPSByZXN0Lmxlbmd0aCA+IDIgfHwgKGZhbWlseUtub3duICYmIHJlc3QubGVuZ3RoID4gMSk7XG4gICAgaWYgKCFUSVRMRVMuaGFzKHdvcmQpICYmICEoVElUTEVTX1RPTy5oYXMod29yZCkgJiYgZW5vdWdoKSkgYnJlYWs7XG4gICAgdGl0bGVzLnB1c2gocmVzdC5zaGlmdCgpISk7XG4gIH1cbiAgcmV0dXJuIHRpdGxlcztcbn1cblxuLyoqIEdpdmVuIG5hbWUgYW5kIGZhbWlseSBuYW1lIG9mIHdvcmRzIHRoYXQgc3RhbmQgaW4gdGhpcyBvcmRlci4gKi9cbmZ1bmN0aW9uIGluT3JkZXIocmVzdDogcmVhZG9ubHkgc3RyaW5nW10sIHRpdGxlZDogYm9vbGVhbik6IFNwbGl0TmFtZSB7XG4gIGNvbnN0IFtvbmx5ID0gJyddID0gcmVzdDtcbiAgaWYgKHJlc3QubGVuZ3RoIDwgMilcbiAgICByZXR1cm4gdGl0bGVkID8geyBnaXZlbk5hbWU6ICcnLCBmYW1pbHlOYW1lOiBvbmx5IH0gOiB7IGdpdmVuTmFtZTogb25seSwgZmFtaWx5TmFtZTogJycgfTtcbiAgY29uc3QgcGFydGljbGUgPSByZXN0LmZpbmRJbmRleCgod29yZCwgaSkgPT4gaSA+IDAgJiYgaSA8IHJlc3QubGVuZ3RoIC0gMSAmJiBpc1BhcnRpY2xlKHdvcmQpKTtcbiAgY29uc3QgZnJvbSA9IHBhcnRpY2xlID4gMCA/IHBhcnRpY2xlIDogcmVzdC5sZW5ndGggLSAxO1xuICBjb25zdCBzcGxpdDogU3BsaXROYW1lID0ge1xuICAgIGdpdmVuTmFtZTogcmVzdC5zbGljZSgwLCBmcm9tKS5qb2luKCcgJyksXG4gICAgZmFtaWx5TmFtZTogcmVzdC5zbGljZShmcm9tKS5qb2luKCcgJyksXG4gIH07XG4gIC8vIFwiR2FicmllbCBHYXJjXHUwMEVEYSBNXHUwMEUxcnF1ZXpcIiwgXCJBbmEgTWFyaWEgTGluZFwiOiB3aGljaCB3b3JkIGlzIHdob3NlIGNhbid0IGJlIHRvbGQuXG4gIGNvbnN0IG1pZGRsZSA9IHJlc3Quc2xpY2UoMSwgLTEpLnNvbWUoKHdvcmQpID0+ICFpc1BhcnRpY2xlKHdvcmQpICYmIGJhcmUod29yZCkubGVuZ3RoID4gMSk7XG4gIHJldHVybiByZXN0Lmxlbmd0aCA+IDIgJiYgbWlkZGxlID8geyAuLi5zcGxpdCwgdW5zdXJlOiB0cnVlIH0gOiBzcGxpdDtcbn1cblxuY29uc3QgaXNQYXJ0aWNsZSA9ICh3b3JkOiBzdHJpbmcpID0+XG4gIHdvcmQgPT09IHdvcmQudG9Mb3dlckNhc2UoKVxuICAgID8gUEFSVElDTEVTLmhhcyhiYXJlKHdvcmQpKVxuICAgIDogL14oPzpEZXxEZWx8RGVsbGF8RGl8RGF8VmFufFZvbnxEZXJ8RGVufExhfExlfFN0XFwuPykkLy50ZXN0KHdvcmQpO1xuXG4vKiogVGFrZXMgb3V0IGEgbmFtZSBpbiBxdW90ZXMgb3IgYnJhY2tldHM6IG9uZSB0aGF0IHRoZXkgZ28gYnksIG9yIG9uZSBiZWhpbmQgdGhlIGZhbWlseSBuYW1lLiAqL1xuZnVuY3Rpb24gd2l0aG91dEFzaWRlKGZ1bGw6IHN0cmluZyk6IHsgdGV4dDogc3RyaW5nOyBnb2VzQnk6IHN0cmluZzsgYWxzbzogc3RyaW5nIH0ge1xuICBsZXQgW2dvZXNCeSwgYWxzb10gPSBbJycsICcnXTtcbiAgY29uc3QgdGV4dCA9IGZ1bGwucmVwbGFjZShcbiAgICAvXFxzKig/OlwiKFteXCJdKylcInxcdTIwMUMoW15cdTIwMURdKylcdTIwMUR8XFwoKFteKCldKylcXCl8KD88PVxccyknKFteJ10rKScoPz1cXHMpKVxccyovZyxcbiAgICAod2hvbGUsIGE/OiBzdHJpbmcsIGI/OiBzdHJpbmcsIGM/OiBzdHJpbmcsIGQ/OiBzdHJpbmcsIGF0ID0gMCkgPT4ge1xuICAgICAgY29uc3QgZm91bmQgPSAoYSA/PyBiID8/IGMgPz8gZCA/PyAnJykudHJpbSgpO1xuICAgICAgY29uc3QgYmVoaW5kRmFtaWx5ID0gZnVsbC5zbGljZSgoYXQgYXMgbnVtYmVyKSArIHdob2xlLmxlbmd0aCkuc3RhcnRzV2l0aCgnLCcpO1xuICAgICAgaWYgKGJlaGluZEZhbWlseSB8fCBnb2VzQnkpIGFsc28gfHw9IGZvdW5kO1xuICAgICAgZWxzZSBnb2VzQnkgPSBmb3VuZDtcbiAgICAgIHJldHVybiBiZWhpbmRGYW1pbHkgPyAnJyA6ICcgJztcbiAgICB9LFxuICApO1xuICByZXR1cm4geyB0ZXh0OiB0ZXh0LnJlcGxhY2UoL1xccysvZywgJyAnKS50cmltKCksIGdvZXNCeSwgYWxzbyB9O1xufVxuXG5jb25zdCBBTkQgPSAvXFxzKyg/OiZ8XFwrfGFuZHx1bmR8ZXQpXFxzKy9pO1xuXG4vKipcbiAqIFRoZSB0d28gcGVvcGxlIHdob20gb25lIG5hbWUgbmFtZXMsIG9yIG51bGw6IFwiRGFuYSAmIExlZSBNYXJzaFwiLCBcIk1yLiBhbmQgTXJzLiBTbWl0aFwiLFxuICogXCJNYXJzaCwgRGFuYSAmIExlZVwiLCBcIkFuYSBMaW5kICYgQm8gTWFyc2hcIi4gQSBmaXJtIHdpdGggc3VjaCBhIG5hbWUgaXMgbm9uZS5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNwbGl0Q291cGxlKGZ1bGw6IHN0cmluZyk6IFtTcGxpdE5hbWUsIFNwbGl0TmFtZV0gfCBudWxsIHtcbiAgY29uc3QgdGV4dCA9IGZ1bGwudHJpbSgpLnJlcGxhY2UoL1xccysvZywgJyAnKTtcbiAgaWYgKCFBTkQudGVzdCh0ZXh0KSB8fCBpc0Zpcm0odGV4dCkgfHwgL1xcZC8udGVzdCh0ZXh0KSkgcmV0dXJuIG51bGw7XG4gIGNvbnN0IGNvbW1hID0gL14oW14sJl0rKSxcXHMqKC4rKSQvLmV4ZWModGV4dCk7XG4gIGNvbnN0IGhhbHZlcyA9IChjb21tYSA/IGNvbW1hWzJdISA6IHRleHQpLnNwbGl0KEFORCk7XG4gIGlmIChoYWx2ZXMubGVuZ3RoICE9PSAyIHx8IGhhbHZlcy5zb21lKChoYWxmKSA9PiBoYWxmLnRyaW0oKSA9PT0gJycpKSByZXR1cm4gbnVsbDtcbiAgY29uc3QgW2xlZnQsIHJpZ2h0XSA9IGhhbHZlcyBhcyBbc3RyaW5nLCBzdHJpbmddO1xuICBjb25zdCBmYW1pbHkgPSBjb21tYT8uWzFdIS50cmltKCkgPz8gJyc7XG4gIGNvbnN0IGhhbGYgPSAod29yZHM6IHN0cmluZykgPT5cbiAgICB0aXRsZXNBbG9uZSh3b3JkcykgPz8gc3BsaXROYW1lKGZhbWlseSA/IGAke2ZhbWlseX0sICR7d29yZHN9YCA6IHdvcmRzKTtcbiAgY29uc3QgW2EsIGJdID0gW2hhbGYobGVmdCksIGhhbGYocmlnaHQpXTtcbiAgYS5mYW1pbHlOYW1lIHx8PSBmYW1pbHk7XG4gIGIuZmFtaWx5TmFtZSB8fD0gZmFtaWx5O1xuICAvLyBcIkRyLiBBbmEgJiBCbyBMaW5kXCI6IHRoZSBvbmUgd29yZCBiZWhpbmQgYSB0aXRsZSBpcyBhIGdpdmVuIG5hbWUgaGVyZS5cbiAgaWYgKGEucHJlZml4ICYmICFhLmdpdmVuTmFtZSAmJiBiLmdpdmVuTmFtZSAmJiAhYi5wcmVmaXgpXG4gICAgW2EuZ2l2ZW5OYW1lLCBhLmZhbWlseU5hbWVdID0gW2EuZmFtaWx5TmFtZSwgJyddO1xuICAvLyBPbmUgZmFtaWx5IG5hbWUgYmVoaW5kIGJvdGg6IFwiRGFuYSAmIExlZSBNYXJzaFwiLCBcIk1yLiAmIE1ycy4gSm9obiBTbWl0aFwiLlxuICBpZiAoYS5mYW1pbHlOYW1lID09PSAnJykgYS5mYW1pbHlOYW1lID0gYi5mYW1pbHlOYW1lO1xuICBlbHNlIGlmIChiLmZhbWlseU5hbWUgPT09ICcnICYmIGIuZ2l2ZW5OYW1lICE9PSAnJykgYi5mYW1pbHlOYW1lID0gYS5mYW1pbHlOYW1lO1xuICBpZiAodGl0bGVzQWxvbmUobGVmdCkgJiYgYi5naXZlbk5hbWUpIHtcbiAgICAvLyBUaGUgZ2l2ZW4gbmFtZSBiZWxvbmdzIHRvIHRoZSBmaXJzdCBvZiB0aGUgdHdvIHRpdGxlcy5cbiAgICBhLmdpdmVuTmFtZSA9IGIuZ2l2ZW5OYW1lO1xuICAgIGIuZ2l2ZW5OYW1lID0gJyc7XG4gIH1cbiAgcmV0dXJuIGEuZmFtaWx5TmFtZSA9PT0gJycgJiYgYi5mYW1pbHlOYW1lID09PSAnJyAmJiAhYS5naXZlbk5hbWUgPyBudWxsIDogW2EsIGJdO1xufVxuXG4vKiogXCJNci5cIiBhbmQgbm90aGluZyBlbHNlLiAqL1xuZnVuY3Rpb24gdGl0bGVzQWxvbmUodGV4dDogc3RyaW5nKTogU3BsaXROYW1lIHwgbnVsbCB7XG4gIGNvbnN0IGFsbCA9IHRleHQudHJpbSgpLnNwbGl0KCcgJyk7XG4gIHJldHVybiBhbGwuZXZlcnkoKHdvcmQpID0+IFRJVExFUy5oYXMoYmFyZSh3b3JkKSkpXG4gICAgPyB7IGdpdmVuTmFtZTogJycsIGZhbWlseU5hbWU6ICcnLCBwcmVmaXg6IHRleHQudHJpbSgpIH1cbiAgICA6IG51bGw7XG59XG4iLCAiaW1wb3J0IHsgZm9sZCB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuXG5pbXBvcnQgeyBpc0Zpcm0sIHNwbGl0Q291cGxlLCBzcGxpdE5hbWUsIHR5cGUgU3BsaXROYW1lIH0gZnJvbSAnLi9uYW1lcyc7XG5pbXBvcnQgdHlwZSB7IFJvdyB9IGZyb20gJy4vcm93JztcblxuLyoqIFNwbGl0cyB3aGF0IHN0YW5kcyBpbiB0aGUgY29sdW1ucyBvZiB0aGUgbmFtZTsgYSBjb3VwbGUgY29tZXMgYXMgdHdvLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWROYW1lcyhyb3c6IFJvdyk6IHsgbmFtZXM6IFNwbGl0TmFtZVtdOyBjb21wYW55OiBzdHJpbmcgfSB7XG4gIGNvbnN0IGdpdmVuID0gcm93LmdldCgnZ2l2ZW5OYW1lJywgJyAnKTtcbiAgY29uc3QgZmFtaWx5ID0gcm93LmdldCgnZmFtaWx5TmFtZScsICcgJyk7XG4gIGNvbnN0IHdob2xlID0gcm93LmdldCgnbmFtZScsICcgJyk7XG4gIC8vIEEgZmlsZSB0aGF0IGhhcyBhIGNvbHVtbiBmb3IgdGhlIG5hbWUgdGhleSBnbyBieSB0ZWxscyB0aGUgcGFydHMgb2YgYSBuYW1lIGFwYXJ0IGl0c2VsZi5cbiAgaWYgKChnaXZlbiB8fCBmYW1pbHkpICYmIHJvdy5oYXMoJ2dvZXNCeScpKVxuICAgIHJldHVybiB7IG5hbWVzOiBbeyBnaXZlbk5hbWU6IGdpdmVuLCBmYW1pbHlOYW1lOiBmYW1pbHkgfV0sIGNvbXBhbnk6ICcnIH07XG4gIGlmIChnaXZlbiB8fCBmYW1pbHkpIHtcbiAgICBjb25zdCBjb3VwbGUgPSBnaXZlbiAmJiBzcGxpdENvdXBsZShgJHtmYW1pbHkgPyBgJHtmYW1pbHl9LCBgIDogJyd9JHtnaXZlbn1gKTtcbiAgICBpZiAoY291cGxlKSByZXR1cm4geyBuYW1lczogY291cGxlLCBjb21wYW55OiAnJyB9O1xuICAgIGNvbnN0IHNwbGl0ID0gZ2l2ZW4gPyBzcGxpdEdpdmVuKGdpdmVuKSA6IHsgZ2l2ZW5OYW1lOiAnJyB9O1xuICAgIGNvbnN0IHRvbGQgPSBbZ2l2ZW4sIGZhbWlseV0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJyAnKTtcbiAgICBpZiAoXG4gICAgICB3aG9sZSAmJlxuICAgICAgZm9sZCh3aG9sZSkgIT09IGZvbGQodG9sZCkgJiZcbiAgICAgICFzYW1lV29yZHMoXG4gICAgICAgIHdob2xlLFxuICAgICAgICBgJHtyb3cuZ2V0KCdwcmVmaXgnKX0gJHt0b2xkfSAke3Jvdy5nZXQoJ21pZGRsZU5hbWUnKX0gJHtyb3cuZ2V0KCdzdWZmaXgnKX1gLFxuICAgICAgKVxuICAgIClcbiAgICAgIHJvdy5hc2lkZSgnRnVsbCBuYW1lJywgd2hvbGUpO1xuICAgIHJldHVybiB7IG5hbWVzOiBbeyAuLi5zcGxpdCwgZmFtaWx5TmFtZTogZmFtaWx5IH1dLCBjb21wYW55OiAnJyB9O1xuICB9XG4gIGlmICh3aG9sZSAmJiBpc0Zpcm0od2hvbGUpKSByZXR1cm4geyBuYW1lczogW10sIGNvbXBhbnk6IHdob2xlIH07XG4gIGNvbnN0IGNvdXBsZSA9IHNwbGl0Q291cGxlKHdob2xlKTtcbiAgcmV0dXJuIHsgbmFtZXM6IGNvdXBsZSA/PyAod2hvbGUgPyBbc3BsaXROYW1lKHdob2xlKV0gOiBbXSksIGNvbXBhbnk6ICcnIH07XG59XG5cbmNvbnN0IHNhbWVXb3JkcyA9IChhOiBzdHJpbmcsIGI6IHN0cmluZykgPT5cbiAgZm9sZChhKVxuICAgIC5yZXBsYWNlKC9bXlxccHtMfV0rL2d1LCAnICcpXG4gICAgLnRyaW0oKVxuICAgIC5zcGxpdCgnICcpXG4gICAgLmV2ZXJ5KCh3b3JkKSA9PiBmb2xkKGIpLmluY2x1ZGVzKHdvcmQpKTtcblxuLyoqIEEgZ2l2ZW4gbmFtZSBtYXkgaGF2ZSB0aGUgb25lIHRoZXkgZ28gYnkgYmVzaWRlIGl0OiAnUm9iZXJ0IFwiQm9iXCInLiAqL1xuZnVuY3Rpb24gc3BsaXRHaXZlbih0ZXh0OiBzdHJpbmcpOiB7IGdpdmVuTmFtZTogc3RyaW5nOyBnb2VzQnk/OiBzdHJpbmcgfSB7XG4gIGlmICghL1tcIlx1MjAxQyhdLy50ZXN0KHRleHQpKSByZXR1cm4geyBnaXZlbk5hbWU6IHRleHQgfTtcbiAgY29uc3QgeyBnaXZlbk5hbWUsIGZhbWlseU5hbWUsIGdvZXNCeSB9ID0gc3BsaXROYW1lKHRleHQpO1xuICByZXR1cm4ge1xuICAgIGdpdmVuTmFtZTogW2dpdmVuTmFtZSwgZmFtaWx5TmFtZV0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJyAnKSxcbiAgICAuLi4oZ29lc0J5ID8geyBnb2VzQnkgfSA6IHt9KSxcbiAgfTtcbn1cbiIsICJpbXBvcnQgeyBkaXNwbGF5TmFtZSB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuXG5pbXBvcnQgeyBhc1NlY29uZCwgdHlwZSBJbXBvcnRlZFBlcnNvbiwgdHlwZSBQYXJ0bmVycyB9IGZyb20gJy4vaW1wb3J0ZWQnO1xuaW1wb3J0IHsgc3BsaXROYW1lIH0gZnJvbSAnLi9uYW1lcyc7XG5pbXBvcnQgeyByZWFkRW1haWwsIHJlYWRQaG9uZSB9IGZyb20gJy4vcmVhY2gnO1xuaW1wb3J0IHR5cGUgeyBSb3cgfSBmcm9tICcuL3Jvdyc7XG5pbXBvcnQgeyByZWFkVGllQ2VsbCB9IGZyb20gJy4vc3RvcnktY2VsbHMnO1xuXG4vKiogU2V2ZXJhbCBuYW1lcyBpbiBvbmUgY2VsbC4gKi9cbmNvbnN0IG5hbWVzSW4gPSAodGV4dDogc3RyaW5nKTogc3RyaW5nW10gPT5cbiAgdGV4dFxuICAgIC5zcGxpdCgvXFxzKig/OlssOy9cXG5dfFxccyZcXHN8XFxzYW5kXFxzKVxccyovaSlcbiAgICAubWFwKChuYW1lKSA9PiBuYW1lLnRyaW0oKSlcbiAgICAuZmlsdGVyKEJvb2xlYW4pO1xuXG4vKipcbiAqIFJlYWRzIHBhcnRuZXIsIGNoaWxkcmVuLCBwZXRzIGFuZCB3aG8gc2VudCBzb21lYm9keSBhcyB0aWVzIG9mIHRoZSBwZXJzb24uIEEgcGFydG5lciB3aG8gaXMgdG8gY29tZSBpblxuICogYXMgc29tZWJvZHkgb2YgdGhlaXIgb3duIGlzIGFuc3dlcmVkLlxuICovXG5leHBvcnQgZnVuY3Rpb24gcmVhZFRpZXMocm93OiBSb3csIHBlcnNvbjogSW1wb3J0ZWRQZXJzb24sIHBhcnRuZXJzOiBQYXJ0bmVycyk6IEltcG9ydGVkUGVyc29uW10ge1xuICBjb25zdCBiaXJ0aGRheXMgPSByb3cuYWxsKCdjaGlsZEJpcnRoZGF5Jyk7XG4gIHJvdy5hbGwoJ2NoaWxkcmVuJykuZm9yRWFjaCgoeyB0ZXh0IH0sIG4pID0+IHtcbiAgICBjb25zdCBuYW1lcyA9IG5hbWVzSW4odGV4dCk7XG4gICAgY29uc3QgY2VsbCA9IG5hbWVzLmxlbmd0aCA9PT0gMSA/IGJpcnRoZGF5c1tuXSA6IHVuZGVmaW5lZDtcbiAgICBjb25zdCBiaXJ0aGRheSA9IGNlbGwgJiYgcm93LmRheShjZWxsLnRleHQsIGNlbGwuY29sdW1uLCB0cnVlKTtcbiAgICBmb3IgKGNvbnN0IG5hbWUgb2YgbmFtZXMpXG4gICAgICBwZXJzb24ucmVsYXRlZC5wdXNoKHsga2luZDogJ2NoaWxkJywgbmFtZSwgLi4uKGJpcnRoZGF5ID8geyBiaXJ0aGRheSB9IDoge30pIH0pO1xuICAgIGlmIChjZWxsICYmICFiaXJ0aGRheSkgcm93LnVucmVhZChjZWxsLnRleHQsICdhIGRheSBpbiB0aGUgY2FsZW5kYXInKTtcbiAgfSk7XG4gIGlmIChyb3cuYWxsKCdjaGlsZHJlbicpLmxlbmd0aCA8IGJpcnRoZGF5cy5sZW5ndGgpXG4gICAgZm9yIChjb25zdCB7IGhlYWRpbmcsIHRleHQgfSBvZiBiaXJ0aGRheXMpIHJvdy5hc2lkZShoZWFkaW5nLCB0ZXh0KTtcbiAgZm9yIChjb25zdCB7IHRleHQgfSBvZiByb3cuYWxsKCdwZXRzJykpXG4gICAgZm9yIChjb25zdCBuYW1lIG9mIG5hbWVzSW4odGV4dCkpIHBlcnNvbi5yZWxhdGVkLnB1c2goeyBraW5kOiAncGV0JywgbmFtZSB9KTtcbiAgY29uc3Qgc2VuZGVyID0gcm93LmdldCgncmVmZXJyZWRCeScpO1xuICBpZiAoc2VuZGVyKSBwZXJzb24ucmVsYXRlZC5wdXNoKHsga2luZDogJ3JlZmVycmVkX2J5JywgbmFtZTogc2VuZGVyIH0pO1xuICBjb25zdCB0b2xkID0gcmVhZFRpZUNlbGwocm93LmdldCgndGllcycsICc7ICcpKTtcbiAgZm9yIChjb25zdCBwYXJ0IG9mIHRvbGQudW5yZWFkKSByb3cudW5yZWFkKHBhcnQsICdhIHRpZScpO1xuICBwZXJzb24ucmVsYXRlZC5wdXNoKC4uLnRvbGQudGllcyk7XG4gIHJldHVybiByZWFkUGFydG5lcihyb3csIHBlcnNvbiwgcGFydG5lcnMpO1xufVxuXG4vKiogVGllcyB0aGF0IFBlbiBQYWwgd3JvdGUgYnkgbmFtZSBhcmUgdG8gd2hvIGFsb25lIGhhcyB0aGF0IG5hbWUgaW4gdGhlIGZpbGUuICovXG5leHBvcnQgZnVuY3Rpb24gdGllQnlOYW1lKHBlb3BsZTogcmVhZG9ubHkgSW1wb3J0ZWRQZXJzb25bXSk6IHZvaWQge1xuICBjb25zdCBtZWFudCA9IHBlb3BsZS5mbGF0TWFwKCh7IHJlbGF0ZWQgfSkgPT4gcmVsYXRlZC5maWx0ZXIoKHRpZSkgPT4gdGllLm1lYW50KSk7XG4gIGlmIChtZWFudC5sZW5ndGggPT09IDApIHJldHVybjtcbiAgY29uc3QgcGxhY2VzID0gbmV3IE1hcDxzdHJpbmcsIG51bWJlcltdPigpO1xuICBwZW9wbGUuZm9yRWFjaCgoeyBmaWVsZHMgfSwgcGxhY2UpID0+IHtcbiAgICBjb25zdCBuYW1lID0gZGlzcGxheU5hbWUoZmllbGRzKTtcbiAgICBwbGFjZXMuc2V0KG5hbWUsIFsuLi4ocGxhY2VzLmdldChuYW1lKSA/PyBbXSksIHBsYWNlXSk7XG4gIH0pO1xuICBmb3IgKGNvbnN0IHRpZSBvZiBtZWFudCkge1xuICAgIGNvbnN0IFtwbGFjZSwgLi4ubW9yZV0gPSBwbGFjZXMuZ2V0KHRpZS5uYW1lKSA/PyBbXTtcbiAgICBpZiAocGxhY2UgIT09IHVuZGVmaW5lZCAmJiBtb3JlLmxlbmd0aCA9PT0gMCkgdGllLnBsYWNlID0gcGxhY2U7XG4gIH1cbn1cblxuZnVuY3Rpb24gcmVhZFBhcnRuZXIocm93OiBSb3csIHBlcnNvbjogSW1wb3J0ZWRQZXJzb24sIHBhcnRuZXJzOiBQYXJ0bmVycyk6IEltcG9ydGVkUGVyc29uW10ge1xuICBjb25zdCBuYW1lID0gc3BsaXROYW1lKHJvdy5nZXQoJ3BhcnRuZXJOYW1lJywgJyAnKSk7XG4gIGNvbnN0IGdpdmVuTmFtZSA9IHJvdy5nZXQoJ3BhcnRuZXJHaXZlbk5hbWUnLCAnICcpIHx8IG5hbWUuZ2l2ZW5OYW1lO1xuICBjb25zdCBmYW1pbHlOYW1lID0gcm93LmdldCgncGFydG5lckZhbWlseU5hbWUnLCAnICcpIHx8IG5hbWUuZmFtaWx5TmFtZTtcbiAgY29uc3QgZW1haWxzID0gcm93LmFsbCgncGFydG5lckVtYWlsJyk7XG4gIGNvbnN0IHBob25lcyA9IHJvdy5hbGwoJ3BhcnRuZXJQaG9uZScpO1xuICBjb25zdCBbYmlydGhDZWxsXSA9IHJvdy5hbGwoJ3BhcnRuZXJCaXJ0aGRheScpO1xuICBjb25zdCBiaXJ0aGRheSA9IGJpcnRoQ2VsbCAmJiByb3cuZGF5KGJpcnRoQ2VsbC50ZXh0LCBiaXJ0aENlbGwuY29sdW1uLCB0cnVlKTtcbiAgaWYgKGJpcnRoQ2VsbCAmJiAhYmlydGhkYXkpIHJvdy51bnJlYWQoYmlydGhDZWxsLnRleHQsICdhIGRheSBpbiB0aGUgY2FsZW5kYXInKTtcbiAgaWYgKHBhcnRuZXJzID09PSAndGllJyB8fCAhKGdpdmVuTmFtZSB8fCBmYW1pbHlOYW1lKSkge1xuICAgIGZvciAoY29uc3QgeyBoZWFkaW5nLCB0ZXh0IH0gb2YgWy4uLmVtYWlscywgLi4ucGhvbmVzXSkgcm93LmFzaWRlKGhlYWRpbmcsIHRleHQpO1xuICAgIGNvbnN0IHdvcmRzID0gW2dpdmVuTmFtZSwgZmFtaWx5TmFtZV0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJyAnKTtcbiAgICBpZiAod29yZHMpXG4gICAgICBwZXJzb24ucmVsYXRlZC5wdXNoKHsga2luZDogJ3BhcnRuZXInLCBuYW1lOiB3b3JkcywgLi4uKGJpcnRoZGF5ID8geyBiaXJ0aGRheSB9IDoge30pIH0pO1xuICAgIGVsc2UgaWYgKGJpcnRoZGF5KSByb3cuYXNpZGUoYmlydGhDZWxsIS5oZWFkaW5nLCBiaXJ0aENlbGwhLnRleHQpO1xuICAgIHJldHVybiBbXTtcbiAgfVxuICBjb25zdCBvdGhlciA9IGFzU2Vjb25kKFxuICAgIHsgLi4ubmFtZSwgZ2l2ZW5OYW1lLCBmYW1pbHlOYW1lOiBmYW1pbHlOYW1lIHx8IHBlcnNvbi5maWVsZHMuZmFtaWx5TmFtZSB9LFxuICAgIHBlcnNvbixcbiAgKTtcbiAgb3RoZXIuZmllbGRzLmJpcnRoZGF5ID0gYmlydGhkYXkgPz8gbnVsbDtcbiAgZm9yIChjb25zdCB7IHRleHQgfSBvZiBlbWFpbHMpIHtcbiAgICBjb25zdCB2YWx1ZSA9IHJlYWRFbWFpbCh0ZXh0KTtcbiAgICBpZiAodmFsdWUpIG90aGVyLmZpZWxkcy5lbWFpbHMucHVzaCh7IHZhbHVlLCBsYWJlbDogJycgfSk7XG4gICAgZWxzZSByb3cudW5yZWFkKHRleHQsICdhbiBlLW1haWwgYWRkcmVzcycpO1xuICB9XG4gIGZvciAoY29uc3QgeyB0ZXh0LCB3aGljaCB9IG9mIHBob25lcykge1xuICAgIGNvbnN0IHZhbHVlID0gcmVhZFBob25lKHRleHQpO1xuICAgIGlmICh2YWx1ZSkgb3RoZXIuZmllbGRzLnBob25lcy5wdXNoKHsgdmFsdWUsIGxhYmVsOiB3aGljaCB9KTtcbiAgICBlbHNlIHJvdy51bnJlYWQodGV4dCwgJ2EgcGhvbmUgbnVtYmVyJyk7XG4gIH1cbiAgcmV0dXJuIFtvdGhlcl07XG59XG4iLCAiaW1wb3J0IHtcbiAgcGFydHNPZlVzZSxcbiAgdHlwZSBDb2x1bW5Vc2UsXG4gIHR5cGUgSW1wb3J0VGFyZ2V0LFxuICB0eXBlIE93bkZpZWxkLFxuICB0eXBlIFBlcnNvbkZpZWxkcyxcbn0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5pbXBvcnQgeyByZWFkRGF0ZSwgdHlwZSBEYXRlT3JkZXIsIHR5cGUgUGxhaW5EYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG5pbXBvcnQgeyByZWFkTm90ZXMsIHNwbGl0Q2VsbCB9IGZyb20gJy4vY2VsbHMnO1xuaW1wb3J0IHsgaXNEYXlVc2UgfSBmcm9tICcuL2NvbHVtbnMnO1xuaW1wb3J0IHtcbiAgYXNTZWNvbmQsXG4gIGltcG9ydGVkT2YsXG4gIGlzU29tZWJvZHksXG4gIHR5cGUgSW1wb3J0ZWRQZXJzb24sXG4gIHR5cGUgUGFydG5lcnMsXG4gIHR5cGUgUm93RmF1bHQsXG4gIHR5cGUgVG91Y2hUb2xkLFxufSBmcm9tICcuL2ltcG9ydGVkJztcbmltcG9ydCB0eXBlIHsgU3BsaXROYW1lIH0gZnJvbSAnLi9uYW1lcyc7XG5pbXBvcnQgeyByZWFkTnVtYmVyIH0gZnJvbSAnLi9vd24nO1xuaW1wb3J0IHsgcmVhZCwgdHlwZSBSb3cgfSBmcm9tICcuL3Jvdyc7XG5pbXBvcnQgeyBkYXlSZWFkZXJzLCB6aXBDb2x1bW5zIH0gZnJvbSAnLi9yb3ctZGF5cyc7XG5pbXBvcnQgeyByZWFkRmllbGRzIH0gZnJvbSAnLi9yb3ctZmllbGRzJztcbmltcG9ydCB7IHJlYWRKb2JzIH0gZnJvbSAnLi9yb3ctam9icyc7XG5pbXBvcnQgeyByZWFkTmFtZXMgfSBmcm9tICcuL3Jvdy1uYW1lcyc7XG5pbXBvcnQgeyByZWFkVGllcywgdGllQnlOYW1lIH0gZnJvbSAnLi9yb3ctdGllcyc7XG5pbXBvcnQgeyByZWFkVG91Y2hlcyB9IGZyb20gJy4vc3RvcnktY2VsbHMnO1xuaW1wb3J0IHR5cGUgeyBUYWJsZSB9IGZyb20gJy4vdGFibGUnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFJvd3NBc2tlZCB7XG4gIHRvZGF5OiBQbGFpbkRhdGU7XG4gIG93bj86IHJlYWRvbmx5IE93bkZpZWxkW107XG4gIHBhcnRuZXJzPzogUGFydG5lcnM7XG4gIC8qKiBUaGUgb3duZXIncyBvcmRlciBvZiBkYXkgYW5kIG1vbnRoLCB3aGVyZSBhIGZpbGUgZG9lcyBub3QgdGVsbC4gKi9cbiAgb3JkZXI/OiBEYXRlT3JkZXI7XG59XG5cbi8qKlxuICogVHVybnMgbWFwcGVkIHJvd3MgaW50byBwZW9wbGUuIEEgcm93IG5lZWRzIGEgbmFtZSBvciBhIHdheSB0byByZWFjaCBzb21lYm9keTsgb25lIHRoYXQgbmFtZXMgYSBjb3VwbGVcbiAqIGJyaW5ncyB0d28uIEEgdmFsdWUgdGhhdCBjYW4ndCBiZSByZWFkIChhbiBlLW1haWwgdGhhdCBpcyBub25lLCBhIGJpcnRoZGF5IHRoYXQgZG9lc24ndCBleGlzdCkgaXMga2VwdFxuICogaW4gdGhlIG5vdGUsIHdvcmQgZm9yIHdvcmQsIGFuZCByZXBvcnRlZC5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGltcG9ydFJvd3MoXG4gIHRhYmxlOiBQaWNrPFRhYmxlLCAncm93cycgfCAnaGVhZGVyJz4sXG4gIHVzZXM6IHJlYWRvbmx5IChDb2x1bW5Vc2UgfCBudWxsKVtdLFxuICB7IHRvZGF5LCBvd24gPSBbXSwgcGFydG5lcnMgPSAndGllJywgb3JkZXIgPSAnbWR5JyB9OiBSb3dzQXNrZWQsXG4pOiB7IHBlb3BsZTogSW1wb3J0ZWRQZXJzb25bXTsgZmF1bHRzOiBSb3dGYXVsdFtdIH0ge1xuICBjb25zdCBwZW9wbGU6IEltcG9ydGVkUGVyc29uW10gPSBbXTtcbiAgY29uc3QgZmF1bHRzOiBSb3dGYXVsdFtdID0gW107XG4gIGNvbnN0IGRheXMgPSBkYXlSZWFkZXJzKHRhYmxlLCB1c2VzLCBvd24sIHsgb3JkZXIsIHRvZGF5IH0pO1xuICBjb25zdCB6aXBzID0gemlwQ29sdW1ucyh0YWJsZSwgdXNlcyk7XG4gIGNvbnN0IGNvbHVtbnNPZiA9IG5ldyBNYXA8SW1wb3J0VGFyZ2V0LCB7IGNvbHVtbjogbnVtYmVyOyB3aGljaDogc3RyaW5nIH1bXT4oKTtcbiAgdXNlcy5mb3JFYWNoKCh1c2UsIGNvbHVtbikgPT4ge1xuICAgIGlmICghdXNlKSByZXR1cm47XG4gICAgY29uc3QgeyB0bywgd2hpY2ggfSA9IHBhcnRzT2ZVc2UodXNlKTtcbiAgICBjb2x1bW5zT2Yuc2V0KHRvLCBbXG4gICAgICAuLi4oY29sdW1uc09mLmdldCh0bykgPz8gW10pLFxuICAgICAgeyBjb2x1bW4sIHdoaWNoOiBpc0RheVVzZSh0bywgb3duKSA/ICcnIDogd2hpY2ggfSxcbiAgICBdKTtcbiAgfSk7XG4gIGZvciAoY29uc3QgeyByb3csIGNlbGxzIH0gb2YgdGFibGUucm93cykge1xuICAgIGNvbnN0IHVucmVhZDogc3RyaW5nW10gPSBbXTtcbiAgICBjb25zdCBjZWxsQXQgPSAoY29sdW1uOiBudW1iZXIpID0+IHtcbiAgICAgIGNvbnN0IHRleHQgPSBjZWxsc1tjb2x1bW5dID8/ICcnO1xuICAgICAgcmV0dXJuIHppcHMuaGFzKGNvbHVtbikgJiYgL15cXGR7Miw0fSQvLnRlc3QodGV4dCkgPyB0ZXh0LnBhZFN0YXJ0KDUsICcwJykgOiB0ZXh0O1xuICAgIH07XG4gICAgY29uc3QgcmVhZGVyOiBSb3cgPSB7XG4gICAgICB0b2RheSxcbiAgICAgIGFsbDogKHRhcmdldCkgPT4ge1xuICAgICAgICBjb25zdCBjb2x1bW5zID0gY29sdW1uc09mLmdldCh0YXJnZXQpO1xuICAgICAgICAvLyBPZiBtb3N0IHRoYXQgY291bGQgYmUga25vd24gb2Ygc29tZWJvZHkgYSBmaWxlIGhhcyBubyBjb2x1bW46IHRob3VzYW5kcyBvZiByb3dzIGFzayBmb3IgaXQuXG4gICAgICAgIGlmICghY29sdW1ucykgcmV0dXJuIE5PX0NFTExTO1xuICAgICAgICByZXR1cm4gY29sdW1ucy5mbGF0TWFwKCh7IGNvbHVtbiwgd2hpY2ggfSkgPT4ge1xuICAgICAgICAgIGNvbnN0IHRleHQgPSBjZWxsQXQoY29sdW1uKTtcbiAgICAgICAgICByZXR1cm4gdGV4dCA9PT0gJycgPyBbXSA6IFt7IHRleHQsIHdoaWNoLCBoZWFkaW5nOiB0YWJsZS5oZWFkZXJbY29sdW1uXSEsIGNvbHVtbiB9XTtcbiAgICAgICAgfSk7XG4gICAgICB9LFxuICAgICAgZ2V0OiAodGFyZ2V0LCBnbHVlID0gJywgJykgPT4ge1xuICAgICAgICBjb25zdCBjZWxscyA9IHJlYWRlci5hbGwodGFyZ2V0KTtcbiAgICAgICAgcmV0dXJuIGNlbGxzLmxlbmd0aCA9PT0gMCA/ICcnIDogY2VsbHMubWFwKCh7IHRleHQgfSkgPT4gdGV4dCkuam9pbihnbHVlKTtcbiAgICAgIH0sXG4gICAgICBoYXM6ICh0YXJnZXQpID0+IGNvbHVtbnNPZi5oYXModGFyZ2V0KSxcbiAgICAgIHVucmVhZDogKHRleHQsIHdoYXQpID0+IHtcbiAgICAgICAgY29uc3QgY29sdW1uID0gY2VsbHMuZmluZEluZGV4KChjZWxsKSA9PiBjZWxsLmluY2x1ZGVzKHRleHQpKTtcbiAgICAgICAgdW5yZWFkLnB1c2goYCR7dGFibGUuaGVhZGVyW2NvbHVtbl0gfHwgd2hhdH06ICR7dGV4dH1gKTtcbiAgICAgICAgZmF1bHRzLnB1c2goe1xuICAgICAgICAgIHJvdyxcbiAgICAgICAgICB3aHk6IGBcdTIwMUMke3RleHQuc2xpY2UoMCwgODApfVx1MjAxRCBpcyBub3QgJHt3aGF0fTsgaXQgaXMga2VwdCBpbiB0aGUgbm90ZS5gLFxuICAgICAgICAgIGxlZnRPdXQ6IGZhbHNlLFxuICAgICAgICB9KTtcbiAgICAgIH0sXG4gICAgICB0ZWxsOiAod2h5KSA9PiBmYXVsdHMucHVzaCh7IHJvdywgd2h5LCBsZWZ0T3V0OiBmYWxzZSB9KSxcbiAgICAgIGFzaWRlOiAoaGVhZGluZywgdGV4dCkgPT4gdW5yZWFkLnB1c2goYCR7aGVhZGluZ306ICR7dGV4dH1gKSxcbiAgICAgIGRheTogKHRleHQsIGNvbHVtbiwgcGFzdCkgPT4gcmVhZERhdGUodGV4dCwgeyAuLi5kYXlzLmdldChjb2x1bW4pISwgcGFzdDogcGFzdCA/PyBmYWxzZSB9KSxcbiAgICB9O1xuICAgIHJlYWRSb3cocmVhZGVyLCB7IHJvdywgY2VsbHMsIG93biwgcGFydG5lcnMsIHdpZHRoOiB0YWJsZS5oZWFkZXIubGVuZ3RoLCB1bnJlYWQgfSwgcGVvcGxlKTtcbiAgICBpZiAocGVvcGxlLmF0KC0xKT8ucm93ICE9PSByb3cpXG4gICAgICBmYXVsdHMucHVzaCh7IHJvdywgd2h5OiAnSXQgaGFzIG5laXRoZXIgYSBuYW1lIG5vciBhIHdheSB0byByZWFjaCBhbnlib2R5LicsIGxlZnRPdXQ6IHRydWUgfSk7XG4gIH1cbiAgdGllQnlOYW1lKHBlb3BsZSk7XG4gIHJldHVybiB7IHBlb3BsZSwgZmF1bHRzIH07XG59XG5cbmNvbnN0IE5PX0NFTExTOiBSZXR1cm5UeXBlPFJvd1snYWxsJ10+ID0gW107XG5cbmludGVyZmFjZSBSb3dDb250ZXh0IHtcbiAgcm93OiBudW1iZXI7XG4gIGNlbGxzOiByZWFkb25seSBzdHJpbmdbXTtcbiAgb3duOiByZWFkb25seSBPd25GaWVsZFtdO1xuICBwYXJ0bmVyczogUGFydG5lcnM7XG4gIHdpZHRoOiBudW1iZXI7XG4gIC8qKiBMaW5lcyBmb3IgdGhlIG5vdGUsIHRvIHdoaWNoIHJlYWRpbmcgYWRkcy4gKi9cbiAgdW5yZWFkOiBzdHJpbmdbXTtcbn1cblxuZnVuY3Rpb24gcmVhZFJvdyhyb3c6IFJvdywgYXQ6IFJvd0NvbnRleHQsIHBlb3BsZTogSW1wb3J0ZWRQZXJzb25bXSk6IHZvaWQge1xuICBjb25zdCBmaWVsZHMgPSByZWFkRmllbGRzKHJvdywgYXQub3duKTtcbiAgY29uc3QgeyBuYW1lcywgY29tcGFueSB9ID0gcmVhZE5hbWVzKHJvdyk7XG4gIGZpZWxkcy5jb21wYW55IHx8PSBjb21wYW55O1xuICBjb25zdCBbZmlyc3QsIHNlY29uZF0gPSBuYW1lcztcbiAgbmFtZUFzKGZpZWxkcywgZmlyc3QsIHJvdyk7XG4gIGNvbnN0IGV4dHJhID0gYXQuY2VsbHMuc2xpY2UoYXQud2lkdGgpLmZpbHRlcihCb29sZWFuKTtcbiAgaWYgKGV4dHJhLmxlbmd0aCA+IDApIHtcbiAgICByb3cudGVsbChgTW9yZSBjZWxscyB0aGFuIGhlYWRpbmdzOiBcdTIwMUMke2V4dHJhLmpvaW4oJywgJykuc2xpY2UoMCwgODApfVx1MjAxRCBnb2VzIGludG8gdGhlIG5vdGUuYCk7XG4gICAgcm93LmFzaWRlKCdCZXlvbmQgdGhlIGxhc3QgY29sdW1uJywgZXh0cmEuam9pbignLCAnKSk7XG4gIH1cbiAgZm9yIChjb25zdCB7IGhlYWRpbmcsIHRleHQgfSBvZiByb3cuYWxsKCdhc2lkZScpKSByb3cuYXNpZGUoaGVhZGluZywgdGV4dCk7XG4gIGNvbnN0IHBlcnNvbjogSW1wb3J0ZWRQZXJzb24gPSB7XG4gICAgLi4uaW1wb3J0ZWRPZihhdC5yb3csIGZpZWxkcyksXG4gICAgdGFnczogc3BsaXRDZWxsKHJvdy5nZXQoJ3RhZ3MnLCAnOyAnKSkubWFwKCh0YWcpID0+IHRhZy5yZXBsYWNlKC9eIy8sICcnKSksXG4gICAgY2lyY2xlOiByb3cuZ2V0KCdjaXJjbGUnKSxcbiAgICBwcm9taXNlRGF5czogcmVhZChyb3csICdwcm9taXNlJywgcmVhZFByb21pc2UsICdhIG51bWJlciBvZiBkYXlzJyksXG4gICAgdG91Y2hlczogcmVhZEFsbFRvdWNoZXMocm93KSxcbiAgICBqb2JzOiByZWFkSm9icyhyb3cpLFxuICAgIG5ld093bjogcm93LmFsbCgnbmV3RmllbGQnKS5tYXAoKHsgaGVhZGluZywgdGV4dCB9KSA9PiAoeyBoZWFkaW5nLCB0ZXh0IH0pKSxcbiAgICAuLi4oZmlyc3Q/LnVuc3VyZSA/IHsgbmFtZUd1ZXNzZWQ6IHRydWUgfSA6IHt9KSxcbiAgfTtcbiAgY29uc3QgbW9yZSA9IHJlYWRUaWVzKHJvdywgcGVyc29uLCBhdC5wYXJ0bmVycyk7XG4gIGlmICghaXNTb21lYm9keShmaWVsZHMpKSByZXR1cm47XG4gIHBlcnNvbi5ub3RlcyA9IG5vdGVzT2Yocm93LCBhdC51bnJlYWQpO1xuICBwZW9wbGUucHVzaChwZXJzb24pO1xuICBjb25zdCBvdGhlcnMgPSBzZWNvbmQgPyBbYXNTZWNvbmQoc2Vjb25kLCBwZXJzb24pLCAuLi5tb3JlXSA6IG1vcmU7XG4gIGZvciAoY29uc3Qgb3RoZXIgb2Ygb3RoZXJzKSB7XG4gICAgcGVyc29uLnJlbGF0ZWQucHVzaCh7IGtpbmQ6ICdwYXJ0bmVyJywgbmFtZTogJycsIHBsYWNlOiBwZW9wbGUubGVuZ3RoIH0pO1xuICAgIHBlb3BsZS5wdXNoKG90aGVyKTtcbiAgfVxuICBpZiAoc2Vjb25kKVxuICAgIHJvdy50ZWxsKCdUd28gcGVvcGxlIG9mIG9uZSBob21lOiB0aGUgZS1tYWlsLCB0aGUgcGhvbmUgYW5kIHRoZSByZXN0IGdvIHRvIHRoZSBmaXJzdC4nKTtcbn1cblxuLyoqIFB1dHMgYSBzcGxpdCBuYW1lIGludG8gdGhlIGZpZWxkczsgd2hhdCBjb2x1bW5zIG9mIHRoZWlyIG93biBzYXkgc3RhbmRzLiAqL1xuZnVuY3Rpb24gbmFtZUFzKGZpZWxkczogUGVyc29uRmllbGRzLCBuYW1lOiBTcGxpdE5hbWUgfCB1bmRlZmluZWQsIHJvdzogUm93KTogdm9pZCB7XG4gIGlmICghbmFtZSkgcmV0dXJuO1xuICBmaWVsZHMuZ2l2ZW5OYW1lID0gbmFtZS5naXZlbk5hbWU7XG4gIGZpZWxkcy5mYW1pbHlOYW1lID0gbmFtZS5mYW1pbHlOYW1lO1xuICBmaWVsZHMucHJlZml4IHx8PSBuYW1lLnByZWZpeCA/PyAnJztcbiAgZmllbGRzLnN1ZmZpeCB8fD0gbmFtZS5zdWZmaXggPz8gJyc7XG4gIGZpZWxkcy5nb2VzQnkgfHw9IG5hbWUuZ29lc0J5ID8/ICcnO1xuICBpZiAobmFtZS5hbHNvKSByb3cuYXNpZGUoJ0Fsc28gaW4gdGhlIG5hbWUnLCBuYW1lLmFsc28pO1xufVxuXG4vKiogQWxsIHRvdWNoZXMgc3RhbmQgYmVmb3JlIHRoZSBsYXN0IG9uZSwgd2hpY2ggaXMgYW1vbmcgdGhlbS4gKi9cbmZ1bmN0aW9uIHJlYWRBbGxUb3VjaGVzKHJvdzogUm93KTogVG91Y2hUb2xkW10ge1xuICBjb25zdCB0b3VjaGVzOiBUb3VjaFRvbGRbXSA9IFtdO1xuICBmb3IgKGNvbnN0IHRhcmdldCBvZiBbJ3RvdWNoZXMnLCAnbGFzdFRvdWNoJ10gYXMgY29uc3QpXG4gICAgZm9yIChjb25zdCB7IHRleHQsIGNvbHVtbiB9IG9mIHJvdy5hbGwodGFyZ2V0KSkge1xuICAgICAgY29uc3QgcmVhZCA9IHJlYWRUb3VjaGVzKHRleHQsIChkYXkpID0+IHJvdy5kYXkoZGF5LCBjb2x1bW4sIHRydWUpLCByb3cudG9kYXkpO1xuICAgICAgZm9yIChjb25zdCBwYXJ0IG9mIHJlYWQudW5yZWFkKSByb3cudW5yZWFkKHBhcnQsICdhIGRheSB0aGF0IGhhcyBiZWVuJyk7XG4gICAgICBmb3IgKGNvbnN0IHRvdWNoIG9mIHJlYWQudG91Y2hlcylcbiAgICAgICAgaWYgKCF0b3VjaGVzLnNvbWUoKGtub3duKSA9PiBKU09OLnN0cmluZ2lmeShrbm93bikgPT09IEpTT04uc3RyaW5naWZ5KHRvdWNoKSkpXG4gICAgICAgICAgdG91Y2hlcy5wdXNoKHRvdWNoKTtcbiAgICB9XG4gIHJldHVybiB0b3VjaGVzO1xufVxuXG4vKiogVGhlIGxhc3Qgbm90ZSBzdGFuZHMgYW1vbmcgYWxsIG5vdGVzIGFnYWluLCBzbyBpdCBpcyBub3Qgd3JpdHRlbiB0d2ljZS4gKi9cbmZ1bmN0aW9uIG5vdGVzT2Yocm93OiBSb3csIHVucmVhZDogcmVhZG9ubHkgc3RyaW5nW10pOiBJbXBvcnRlZFBlcnNvblsnbm90ZXMnXSB7XG4gIGNvbnN0IG5vdGVzID0gcmVhZE5vdGVzKHJvdy5nZXQoJ25vdGVzJywgJ1xcbicpKTtcbiAgY29uc3QgbGFzdCA9IHJvdy5nZXQoJ25vdGUnLCAnXFxuJyk7XG4gIGNvbnN0IG9uZSA9IFtub3Rlcy5zb21lKCh7IGJvZHkgfSkgPT4gYm9keSA9PT0gbGFzdCkgPyAnJyA6IGxhc3QsIC4uLnVucmVhZF07XG4gIGNvbnN0IGJvZHkgPSBvbmUuZmlsdGVyKEJvb2xlYW4pLmpvaW4oJ1xcbicpO1xuICByZXR1cm4gYm9keSA/IFt7IG9uOiBudWxsLCBib2R5IH0sIC4uLm5vdGVzXSA6IG5vdGVzO1xufVxuXG5mdW5jdGlvbiByZWFkUHJvbWlzZSh0ZXh0OiBzdHJpbmcpOiBudW1iZXIgfCBudWxsIHtcbiAgY29uc3QgZGF5cyA9IHJlYWROdW1iZXIodGV4dCk7XG4gIHJldHVybiBkYXlzICE9PSBudWxsICYmIE51bWJlci5pc0ludGVnZXIoZGF5cykgJiYgZGF5cyA+PSAxICYmIGRheXMgPD0gMzY1MCA/IGRheXMgOiBudWxsO1xufVxuIiwgImltcG9ydCB7IGZvbGQsIHR5cGUgQWRkcmVzcyB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuXG4vKipcbiAqIFdvcmRzIG9mIGEgc3RyZWV0IGFkZHJlc3MgaW4gdGhlaXIgcG9zdGFsIHNob3J0IGZvcm06IHN1ZmZpeGVzIG9mIFVTUFMgUHVibGljYXRpb24gMjgsXG4gKiBhcHBlbmRpeCBDMSwgd2l0aCB0aGVpciBjb21tb24gdmFyaWFudHMsIGRpcmVjdGlvbnMgYW5kIHVuaXQgZGVzaWduYXRvcnMgKEMyKS4gV3JpdHRlbiBmcm9tXG4gKiBtZW1vcnk7IGEgdGVzdCBjb21wYXJlcyB0aGVtIHdpdGggYSBnZW5lcmFsIGxpYnJhcnkncyByZWFkaW5nLlxuICovXG5jb25zdCBTSE9SVCA9IGBcbmFseSBhbGxleSBhbGxlZSBhbGx5fGF2ZSBhdmVudWUgYXYgYXZlbiBhdmVudSBhdm4gYXZudWV8YmNoIGJlYWNofGJuZCBiZW5kfGJsZiBibHVmZnxibHZkIGJvdWxldmFyZCBib3VsIGJvdWx2XG5iciBicmFuY2h8YnJnIGJyaWRnZXxicmsgYnJvb2t8YnlwIGJ5cGFzc3xjeW4gY2FueW9ufGNwZSBjYXBlfGNzd3kgY2F1c2V3YXl8Y3RyIGNlbnRlciBjZW50cmV8Y2lyIGNpcmNsZSBjaXJjXG5jbGYgY2xpZmZ8Y2xiIGNsdWJ8Y21uIGNvbW1vbnxjb3IgY29ybmVyfGNyc2UgY291cnNlfGN0IGNvdXJ0fGN2IGNvdmV8Y3JrIGNyZWVrfGNyZXMgY3Jlc2NlbnR8eGluZyBjcm9zc2luZ1xuZGwgZGFsZXxkciBkcml2ZSBkcml2IGRydnxlc3QgZXN0YXRlfGV4cHkgZXhwcmVzc3dheXxleHQgZXh0ZW5zaW9ufGZscyBmYWxsc3xmcnkgZmVycnl8ZmxkIGZpZWxkfGZsZHMgZmllbGRzXG5mcnN0IGZvcmVzdHxmcmsgZm9ya3xmdCBmb3J0fGZ3eSBmcmVld2F5fGdkbiBnYXJkZW58Z2RucyBnYXJkZW5zfGd0d3kgZ2F0ZXdheXxnbG4gZ2xlbnxncm4gZ3JlZW58Z3J2IGdyb3ZlXG5oYnIgaGFyYm9yIGhhcmJvdXJ8aHZuIGhhdmVufGh0cyBoZWlnaHRzfGh3eSBoaWdod2F5fGhsIGhpbGx8aGxzIGhpbGxzfGhvbHcgaG9sbG93fGlubHQgaW5sZXR8aXMgaXNsYW5kfGpjdCBqdW5jdGlvblxua25sIGtub2xsfGxrIGxha2V8bGtzIGxha2VzfGxuZGcgbGFuZGluZ3xsbiBsYW5lfGxndCBsaWdodHxsZGcgbG9kZ2V8bW5yIG1hbm9yfG1kdyBtZWFkb3d8bWR3cyBtZWFkb3dzfG1sIG1pbGxcbm1zbiBtaXNzaW9ufG10IG1vdW50fG10biBtb3VudGFpbnxuY2sgbmVja3xvcmNoIG9yY2hhcmR8cGt3eSBwYXJrd2F5IHBreXxwbCBwbGFjZXxwbG4gcGxhaW58cGx6IHBsYXphfHB0IHBvaW50XG5wcnQgcG9ydHxybmNoIHJhbmNofHJkZyByaWRnZXxyaXYgcml2ZXJ8cmQgcm9hZHxydGUgcm91dGV8c3Egc3F1YXJlfHN0YSBzdGF0aW9ufHN0cm0gc3RyZWFtfHN0IHN0cmVldCBzdHJcbnNtdCBzdW1taXR8dGVyIHRlcnJhY2UgdGVycnx0cmNlIHRyYWNlfHRybCB0cmFpbHx0dW5sIHR1bm5lbHx0cGtlIHR1cm5waWtlfHZseSB2YWxsZXl8dmlhIHZpYWR1Y3R8dncgdmlld3x2bGcgdmlsbGFnZVxud2wgd2VsbHx4cmQgY3Jvc3Nyb2FkXG5uIG5vcnRofHMgc291dGh8ZSBlYXN0fHcgd2VzdHxuZSBub3J0aGVhc3R8bncgbm9ydGh3ZXN0fHNlIHNvdXRoZWFzdHxzdyBzb3V0aHdlc3RcbmFwdCBhcGFydG1lbnR8YmxkZyBidWlsZGluZ3xmbCBmbG9vcnxybSByb29tfHN0ZSBzdWl0ZXx1bml0IHVuaXR8bG90IGxvdHxzcGMgc3BhY2V8dHJsciB0cmFpbGVyYDtcblxuY29uc3QgVE9fU0hPUlQgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuZm9yIChjb25zdCBncm91cCBvZiBTSE9SVC50cmltKCkuc3BsaXQoL1t8XFxuXS8pKSB7XG4gIGNvbnN0IFtzaG9ydCwgLi4ubG9uZ10gPSBncm91cC50cmltKCkuc3BsaXQoJyAnKSBhcyBbc3RyaW5nLCAuLi5zdHJpbmdbXV07XG4gIGZvciAoY29uc3Qgd29yZCBvZiBbc2hvcnQsIC4uLmxvbmddKSBUT19TSE9SVC5zZXQod29yZCwgc2hvcnQpO1xufVxuXG4vKiogU2hvcnQgZm9ybXMgdGhhdCBhcmUgZGlyZWN0aW9ucyBhbmQgcGFydHMgb2YgYSBidWlsZGluZy4gKi9cbmNvbnN0IE5PX1NUUkVFVFMgPSBuZXcgU2V0KFxuICAnbiBzIGUgdyBuZSBudyBzZSBzdyBhcHQgYmxkZyBmbCBybSBzdGUgdW5pdCBsb3Qgc3BjIHRybHIgc3RhJy5zcGxpdCgnICcpLFxuKTtcbi8qKiBTdHJlZXQgc3VmZml4ZXMgdGhhdCBoYXZlIG5vIHNob3J0ZXIgZm9ybS4gKi9cbmNvbnN0IFNUUkVFVFMgPSBuZXcgU2V0KFxuICAncm93IHJ1biB3YWxrIHBhdGggbG9vcCB3YXkgcGFzcyBwaWtlIG1hbGwgYWxsZXkgcXVheSB3aGFyZiBtZXdzIGNsb3NlJy5zcGxpdCgnICcpLFxuKTtcblxuLyoqIFdvcmRzIHRoYXQgdGhlIG5hbWUgb2YgYSBzdHJlZXQgZW5kcyB3aXRoLCBsb25nIGFuZCBzaG9ydCwgZm9sZGVkOiBcImxhbmVcIiwgXCJsblwiLCBcInJvd1wiLiAqL1xuZXhwb3J0IGNvbnN0IFNUUkVFVF9XT1JEUzogcmVhZG9ubHkgc3RyaW5nW10gPSBbXG4gIC4uLlNUUkVFVFMsXG4gIC4uLlsuLi5UT19TSE9SVF0uZmxhdE1hcCgoW3dvcmQsIHNob3J0XSkgPT4gKE5PX1NUUkVFVFMuaGFzKHNob3J0KSA/IFtdIDogW3dvcmRdKSksXG5dO1xuXG4vKiogT25lIHdvcmQgb2YgYSBzdHJlZXQgbGluZSBpbiBpdHMgcG9zdGFsIHNob3J0IGZvcm06IFwiU3RyZWV0XCIgXHUyMTkyIFwic3RcIi4gKi9cbmV4cG9ydCBjb25zdCBzaG9ydFdvcmQgPSAod29yZDogc3RyaW5nKTogc3RyaW5nID0+IFRPX1NIT1JULmdldCh3b3JkKSA/PyB3b3JkO1xuXG5jb25zdCBvcmRpbmFsID0gKHdvcmQ6IHN0cmluZyk6IHN0cmluZyA9PiB3b3JkLnJlcGxhY2UoL14oXFxkKykoc3R8bmR8cmR8dGgpJC8sICckMScpO1xuXG4vKiogQSBzdHJlZXQgbGluZSBpbiBwb3N0YWwgc2hvcnQgZm9ybTogXCIxMiBOb3J0aCBMYW50ZXJuIFN0cmVldCwgQXBhcnRtZW50ICM0XCIgXHUyMTkyIFwiMTIgbiBsYW50ZXJuIHN0IGFwdCA0XCIuICovXG5leHBvcnQgZnVuY3Rpb24gc2hvcnRMaW5lKGxpbmU6IHN0cmluZyk6IHN0cmluZyB7XG4gIGNvbnN0IHdvcmRzID0gZm9sZChsaW5lKVxuICAgIC5yZXBsYWNlKC8jXFxzKi9nLCAnIGFwdCAnKVxuICAgIC5yZXBsYWNlKC9bXlxccHtMfVxccHtOfVxccy1dL2d1LCAnJylcbiAgICAucmVwbGFjZSgvLS9nLCAnICcpXG4gICAgLnNwbGl0KC9cXHMrLylcbiAgICAuZmlsdGVyKEJvb2xlYW4pXG4gICAgLm1hcCgod29yZCkgPT4gb3JkaW5hbChzaG9ydFdvcmQod29yZCkpKTtcbiAgLy8gXCJBcHQgIzRcIiBzYXlzIGl0IHR3aWNlLlxuICByZXR1cm4gd29yZHNcbiAgICAuZmlsdGVyKCh3b3JkLCBpKSA9PiAhKHdvcmQgPT09ICdhcHQnICYmIC9eKGFwdHx1bml0fHN0ZSkkLy50ZXN0KHdvcmRzW2kgLSAxXSA/PyAnJykpKVxuICAgIC5qb2luKCcgJyk7XG59XG5cbi8qKlxuICogV2hhdCB0ZWxscyBvbmUgaG9tZSBmcm9tIGFub3RoZXI6IHRoZSBzdHJlZXQgbGluZSBpbiBzaG9ydCBmb3JtIHdpdGggcG9zdGFsIGNvZGUgb3IgY2l0eTsgbnVsbFxuICogd2hlbiBpdCBuYW1lcyBubyBob3VzZSAoXCJMYW50ZXJuIFJvd1wiKSwgYmVjYXVzZSBhIHN0cmVldCBpcyBub3QgYSBob21lLlxuICovXG5leHBvcnQgZnVuY3Rpb24gYWRkcmVzc0tleShhZGRyZXNzOiBQaWNrPEFkZHJlc3MsICdsaW5lJyB8ICdjaXR5JyB8ICdwb3N0YWxDb2RlJz4pOiBzdHJpbmcgfCBudWxsIHtcbiAgY29uc3QgbGluZSA9IHNob3J0TGluZShhZGRyZXNzLmxpbmUpO1xuICBpZiAoIS9cXGQvLnRlc3QobGluZSkpIHJldHVybiBudWxsO1xuICBjb25zdCB3aGVyZSA9IGFkZHJlc3MucG9zdGFsQ29kZS5yZXBsYWNlKC9cXFcvZywgJycpLnNsaWNlKDAsIDUpLnRvTG93ZXJDYXNlKCk7XG4gIHJldHVybiBgJHtsaW5lfXwke3doZXJlIHx8IGZvbGQoYWRkcmVzcy5jaXR5KX1gO1xufVxuXG4vKiogVGhlIGtleSBvZiB0aGUgaG9tZSBhdCBhbiBhZGRyZXNzOyBlbXB0eSB3aGVyZSB0aGVyZSBpcyBub25lLCBvciBpdCBpcyBhbiBvZmZpY2UsIHdoaWNoIG5vYm9keSBzaGFyZXMuICovXG5leHBvcnQgY29uc3QgaG9tZUtleSA9IChhZGRyZXNzOiBBZGRyZXNzIHwgdW5kZWZpbmVkKTogc3RyaW5nID0+XG4gIGFkZHJlc3MgJiYgIS93b3JrfG9mZmljZS9pLnRlc3QoYWRkcmVzcy5sYWJlbCkgPyAoYWRkcmVzc0tleShhZGRyZXNzKSA/PyAnJykgOiAnJztcbiIsICJpbXBvcnQgdHlwZSB7IFRyYWl0cyB9IGZyb20gJy4vdHJhaXRzJztcblxuY29uc3Qgc2hhcmVzID0gKGE6IHJlYWRvbmx5IHN0cmluZ1tdLCBiOiByZWFkb25seSBzdHJpbmdbXSkgPT4gYS5zb21lKCh4KSA9PiBiLmluY2x1ZGVzKHgpKTtcbmNvbnN0IGRpZmZlciA9IChhOiByZWFkb25seSBzdHJpbmdbXSwgYjogcmVhZG9ubHkgc3RyaW5nW10pID0+XG4gIGEubGVuZ3RoID4gMCAmJiBiLmxlbmd0aCA+IDAgJiYgIXNoYXJlcyhhLCBiKTtcblxuLyoqIFdoYXQgdGhlIG5hbWVzIG9mIHR3byByZWNvcmRzIHNheSBvZiB0aGVtLiAqL1xuZXhwb3J0IGludGVyZmFjZSBOYW1lc0NvbXBhcmVkIHtcbiAgLyoqIFNpbWlsYXIgaXMgbm90IHRoZSBzYW1lOiBhbiBpbml0aWFsLCBhIHNsaXAgb2YgYSBmaW5nZXIsIGFub3RoZXIgbmFtZSBvZiB0aGUgc2FtZSBzb3VuZC4gKi9cbiAgZ2l2ZW46ICdzYW1lJyB8ICdzaW1pbGFyJyB8ICdvdGhlcic7XG4gIGZhbWlseUFsaWtlOiBib29sZWFuO1xufVxuXG4vKiogV2hhdCBpcyBub2JvZHkncyBvd246IGUtbWFpbCBhZGRyZXNzZXMgdGhhdCBzZXZlcmFsIHVzZS4gKi9cbmV4cG9ydCB0eXBlIENvbW1vbiA9IFJlYWRvbmx5U2V0PHN0cmluZz47XG5cbi8qKlxuICogV2hldGhlciBzb21ldGhpbmcgYWdyZWVzIHRoYXQgaXMgb25lIHBlcnNvbidzIG93bjogYW4gZS1tYWlsIHRoYXQgbm9ib2R5IGVsc2UgdXNlcywgYSBkYXkgb2YgYmlydGggd2l0aFxuICogaXRzIHllYXIsIGEgcGhvbmUgdGhhdCBzb21lYm9keSBjYXJyaWVzLiBBIGhvbWUgYW5kIGl0cyBwaG9uZSBiZWxvbmcgdG8gYWxsIHdobyBsaXZlIHRoZXJlLlxuICovXG5leHBvcnQgY29uc3Qgc2hhcmVzVGhlaXJPd24gPSAoYTogVHJhaXRzLCBiOiBUcmFpdHMsIGNvbW1vbjogQ29tbW9uKTogYm9vbGVhbiA9PlxuICBhLmVtYWlscy5zb21lKChlbWFpbCkgPT4gYi5lbWFpbHMuaW5jbHVkZXMoZW1haWwpICYmICFjb21tb24uaGFzKGVtYWlsKSkgfHxcbiAgc2hhcmVzKGEubW9iaWxlcywgYi5waG9uZXMpIHx8XG4gIHNoYXJlcyhhLnBob25lcywgYi5tb2JpbGVzKSB8fFxuICAoYS5iaXJ0aGRheSAhPT0gbnVsbCAmJiBhLmJpcnRoZGF5Lmxlbmd0aCA+IDUgJiYgYS5iaXJ0aGRheSA9PT0gYi5iaXJ0aGRheSk7XG5cbi8qKiBXaGV0aGVyIHR3byByZWNvcmRzIHNheSB0aGUgc2FtZSwgd29yZCBmb3Igd29yZDogYSBsaXN0IHRoYXQgY29tZXMgaW4gb25jZSBtb3JlLiAqL1xuZXhwb3J0IGNvbnN0IGlzVGhlU2FtZSA9IChhOiBUcmFpdHMsIGI6IFRyYWl0cyk6IGJvb2xlYW4gPT4gZmluZ2VycHJpbnQoYSkgPT09IGZpbmdlcnByaW50KGIpO1xuXG5jb25zdCBmaW5nZXJwcmludCA9ICh0OiBUcmFpdHMpID0+XG4gIEpTT04uc3RyaW5naWZ5KFtcbiAgICBbdC5naXZlbiwgdC5nb2VzQnksIHQubWlkZGxlLCB0LmZhbWlseSwgdC5zdWZmaXgsIHQuY29tcGFueSwgdC5iaXJ0aGRheV0sXG4gICAgW3QuZW1haWxzLCB0LnBob25lcywgdC5ob21lc10ubWFwKChsaXN0KSA9PiBsaXN0LnRvU29ydGVkKCkpLFxuICBdKTtcblxuY29uc3QgaGFzR2l2ZW4gPSAoeyBnaXZlbiwgZ29lc0J5IH06IFRyYWl0cykgPT4gZ2l2ZW4gIT09ICcnIHx8IGdvZXNCeSAhPT0gJyc7XG5leHBvcnQgY29uc3QgaXNGaXJtID0gKHQ6IFRyYWl0cykgPT4gdC5jb21wYW55ICE9PSAnJyAmJiAhaGFzR2l2ZW4odCkgJiYgdC5mYW1pbHkgPT09ICcnO1xuXG4vKipcbiAqIFdoeSB0d28gcmVjb3JkcyBtYXkgYmUgdHdvIHBlb3BsZSwgaG93ZXZlciBtdWNoIGVsc2UgYWdyZWVzLCBpbiB3b3Jkczsgbm9uZSB3aGVuIG5vYm9keSB3b3VsZCBkb3VidFxuICogdGhhdCB0aGV5IGFyZSBvbmUuIEhvbWVzIHNoYXJlIGFkZHJlc3NlcywgbnVtYmVycyBhbmQgZS1tYWlscywgZmFtaWxpZXMgc2hhcmUgbmFtZXM6IG9ubHkgd2hvIGhhcyB0aGVcbiAqIHNhbWUgbmFtZSwgYW5kIG5vdGhpbmcgdGhhdCBzcGVha3MgYWdhaW5zdCBpdCwgaXMgc3VyZWx5IHRoZSBzYW1lIChjb21tb24gcHJhY3RpY2UsIG5vIHNvdXJjZSkuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkb3VidHNPZihhOiBUcmFpdHMsIGI6IFRyYWl0cywgbmFtZXM6IE5hbWVzQ29tcGFyZWQsIGNvbW1vbjogQ29tbW9uKTogc3RyaW5nW10ge1xuICBjb25zdCBkb3VidHM6IFtib29sZWFuLCBzdHJpbmddW10gPSBbXG4gICAgW2EuY291cGxlICE9PSBiLmNvdXBsZSwgJ29uZSBvZiB0aGVtIGlzIGEgY291cGxlJ10sXG4gICAgW2lzRmlybShhKSAhPT0gaXNGaXJtKGIpLCAnb25lIG9mIHRoZW0gaXMgYSBjb21wYW55J10sXG4gICAgWyEoaXNGaXJtKGEpICYmIGlzRmlybShiKSkgJiYgIShoYXNHaXZlbihhKSAmJiBoYXNHaXZlbihiKSksICdubyBmaXJzdCBuYW1lIG9uIG9uZSBvZiB0aGVtJ10sXG4gICAgW25hbWVzLmdpdmVuID09PSAnc2ltaWxhcicgJiYgbmFtZXMuZmFtaWx5QWxpa2UgJiYgaGFzR2l2ZW4oYSkgJiYgaGFzR2l2ZW4oYiksICdzaW1pbGFyIG5hbWUnXSxcbiAgICBbbmFtZXMuZ2l2ZW4gPT09ICdvdGhlcicsICdkaWZmZXJlbnQgZmlyc3QgbmFtZXMnXSxcbiAgICBbIW5hbWVzLmZhbWlseUFsaWtlLCAnZGlmZmVyZW50IGxhc3QgbmFtZXMnXSxcbiAgICBbYS5mb3JtICE9PSAnJyAmJiBiLmZvcm0gIT09ICcnICYmIGEuZm9ybSAhPT0gYi5mb3JtLCAnZGlmZmVyZW50IGZvcm1zIG9mIGFkZHJlc3MnXSxcbiAgICBbYS5zdWZmaXggIT09IGIuc3VmZml4LCAnb25seSBvbmUgaGFzIGEgc3VmZml4J10sXG4gICAgW2FyZU90aGVyTWlkZGxlcyhhLm1pZGRsZSwgYi5taWRkbGUpLCAnZGlmZmVyZW50IG1pZGRsZSBuYW1lcyddLFxuICAgIFtcbiAgICAgIGEuYmlydGhkYXkgIT09IG51bGwgJiYgYi5iaXJ0aGRheSAhPT0gbnVsbCAmJiBpc090aGVyRGF5KGEuYmlydGhkYXksIGIuYmlydGhkYXkpLFxuICAgICAgJ2RpZmZlcmVudCBiaXJ0aGRheXMnLFxuICAgIF0sXG4gICAgW2RpZmZlcihhLmVtYWlscywgYi5lbWFpbHMpICYmICFzaGFyZXNUaGVpck93bihhLCBiLCBjb21tb24pLCAnZGlmZmVyZW50IGUtbWFpbHMnXSxcbiAgXTtcbiAgcmV0dXJuIGRvdWJ0cy5maWx0ZXIoKFtkb3VidGVkXSkgPT4gZG91YnRlZCkubWFwKChbLCB3b3Jkc10pID0+IHdvcmRzKTtcbn1cblxuZnVuY3Rpb24gYXJlT3RoZXJNaWRkbGVzKGE6IHN0cmluZywgYjogc3RyaW5nKTogYm9vbGVhbiB7XG4gIGlmICghYSB8fCAhYiB8fCBhID09PSBiKSByZXR1cm4gZmFsc2U7XG4gIHJldHVybiAhKChhLmxlbmd0aCA9PT0gMSB8fCBiLmxlbmd0aCA9PT0gMSkgJiYgYVswXSA9PT0gYlswXSk7XG59XG5cbi8qKiBUd28gZGF5cywgdW5sZXNzIG9uZSBvZiB0aGVtIG9ubHkgbGFja3MgaXRzIHllYXIuICovXG5jb25zdCBpc090aGVyRGF5ID0gKGE6IHN0cmluZywgYjogc3RyaW5nKTogYm9vbGVhbiA9PlxuICBhLmxlbmd0aCA9PT0gYi5sZW5ndGggPyBhICE9PSBiIDogYS5zbGljZSgtNSkgIT09IGIuc2xpY2UoLTUpO1xuIiwgIi8qKlxuICogR2l2ZW4gbmFtZXMgYW5kIHdoYXQgcGVvcGxlIG1ha2Ugb2YgdGhlbSwgb25lIGdyb3VwIGEgbGluZSwgdGhlIGZvcm1hbCBuYW1lIGZpcnN0IChjb21tb25cbiAqIHByYWN0aWNlLCBubyBzb3VyY2U7IHdyaXR0ZW4gZnJvbSBtZW1vcnkpLiBBIG5pY2tuYW1lIG1heSBzdGFuZCBpbiBzZXZlcmFsIGdyb3Vwcy5cbiAqL1xuY29uc3QgR1JPVVBTID0gYFxuYWJpZ2FpbCBhYmJ5IGdhaWxcbmFsYmVydCBhbCBiZXJ0IGJlcnRpZVxuYWxleGFuZGVyIGFsZXggYWxlYyBzYW5keSBzYXNoYSB4YW5kZXJcbmFsZXhhbmRyYSBhbGV4IHNhbmRyYSBzYW5keSBsZXhpIHNhc2hhXG5hbGZyZWQgYWwgZnJlZCBhbGYgYWxmaWVcbmFsaWNlIGFsaVxuYW1hbmRhIG1hbmR5XG5hbmRyZXcgYW5keSBkcmV3XG5hbnRob255IHRvbnlcbmFuZ2VsYSBhbmdpZVxuYXJ0aHVyIGFydCBhcnRpZVxuYmFyYmFyYSBiYXJiIGJhcmJpZSBiYWJzXG5iZWF0cmljZSBiZWEgdHJpeGllXG5iZW5qYW1pbiBiZW4gYmVubnkgYmVuamlcbmJlcm5hcmQgYmVybmllXG5icmFkbGV5IGJyYWRcbmNhbHZpbiBjYWxcbmNhbWVyb24gY2FtXG5jYXJvbCBjYXJyaWVcbmNhcm9saW5lIGNhcnJpZSBjYXJvbCBsaW5hXG5jYXRoZXJpbmUgY2F0aHkga2F0ZSBrYXRpZSBjYXQga2l0XG5rYXRoZXJpbmUga2F0aHkga2F0ZSBrYXRpZSBrYXQga2l0dHkga2l0XG5jaGFybGVzIGNoYXJsaWUgY2h1Y2sgY2hhcyBjaGlwXG5jaGFybG90dGUgY2hhcmxpZSBsb3R0aWVcbmNocmlzdGlhbiBjaHJpc1xuY2hyaXN0aW5hIGNocmlzIHRpbmEgY2hyaXNzeSBjaHJpc3R5XG5jaHJpc3RpbmUgY2hyaXMgdGluYSBjaHJpc3N5IGNocmlzdHlcbmNocmlzdG9waGVyIGNocmlzIGtpdCB0b3BoZXJcbmN5bnRoaWEgY2luZHlcbmRhbmllbCBkYW4gZGFubnlcbmRhdmlkIGRhdmUgZGF2ZXlcbmRlYm9yYWggZGViIGRlYmJpZVxuZGVubmlzIGRlbm55XG5kb2xvcmVzIGxvbGFcbmRvbmFsZCBkb24gZG9ubmllXG5kb3JvdGh5IGRvdCBkb3R0aWUgZG9sbHlcbmRvdWdsYXMgZG91Z1xuZWR3YXJkIGVkIGVkZGllIHRlZCB0ZWRkeSBuZWRcbmVsZWFub3IgZWxsaWUgbmVsbCBub3JhXG5lbGl6YWJldGggbGl6IGxpenppZSBiZXRoIGJldHR5IGJldHN5IGVsaXphIGxpYmJ5IGxpc2EgYmVzc1xuZW1pbHkgZW0gZW1teVxuZW1tYSBlbVxuZXVnZW5lIGdlbmVcbmV2ZWx5biBldmllXG5mbG9yZW5jZSBmbG8gZmxvcmFcbmZyYW5jZXMgZnJhbiBmcmFubmllXG5mcmFuY2lzIGZyYW5rIGZyYW5cbmZyYW5jaXNjbyBwYWNvIHBhbmNobyBmcmFua1xuZnJhbmtsaW4gZnJhbmtcbmZyZWRlcmljayBmcmVkIGZyZWRkaWVcbmdhYnJpZWwgZ2FiZVxuZ2FicmllbGxlIGdhYmJ5XG5nZXJhbGQgZ2VycnkgamVycnlcbmdyZWdvcnkgZ3JlZ1xuZ3dlbmRvbHluIGd3ZW5cbmhhcm9sZCBoYXJyeSBoYWxcbmhhcnJpZXQgaGF0dGllXG5oZWxlbiBuZWxsXG5oZW5yeSBoYW5rIGhhcnJ5IGhhbFxuaGVyYmVydCBoZXJiIGJlcnRcbmlzYWJlbGxhIGJlbGxhIGl6enlcbmphY29iIGpha2VcbmphY3F1ZWxpbmUgamFja2llXG5qYW1lcyBqaW0gamltbXkgamFtaWVcbmphbmV0IGphblxuamFzb24gamF5XG5qZWZmcmV5IGplZmZcbmplbm5pZmVyIGplbiBqZW5ueVxuamVyZW15IGplcnJ5XG5qZXNzaWNhIGplc3MgamVzc2llXG5qb2FuIGpvYW5pZVxuam9obiBqYWNrIGpvaG5ueVxuam9uYXRoYW4gam9uIGpvbm55XG5qb3NlIHBlcGVcbmpvc2VwaCBqb2Ugam9leVxuam9zZXBoaW5lIGpvIGpvc2llXG5qb3NodWEgam9zaFxuanVkaXRoIGp1ZHlcbmp1bGlhIGp1bGllXG5rZW5uZXRoIGtlbiBrZW5ueVxua2ltYmVybHkga2ltXG5sYXdyZW5jZSBsYXJyeVxubGVvbmFyZCBsZW8gbGVuIGxlbm55XG5sZXNsaWUgbGVzXG5saWxsaWFuIGxpbHkgbGlsXG5sb3VpcyBsb3VcbmxvdWlzZSBsb3Vcbmx1Y2lsbGUgbHVjeVxubWFyZ2FyZXQgbWFnZ2llIG1lZyBwZWdneSBtYXJnZSBtYXJnaWUgZ3JldGEgcml0YVxubWFyaWEgbWlhXG5tYXJ0aW4gbWFydHlcbm1hcnkgbW9sbHkgcG9sbHkgbWFtaWVcbm1hdHRoZXcgbWF0dFxubWF4aW1pbGlhbiBtYXhcbm1lbGlzc2EgbWlzc3kgbWVsXG5taWNoYWVsIG1pa2UgbWlja2V5IG1pY2tcbm1pY2hlbGxlIHNoZWxseVxubWlsZHJlZCBtaWxsaWVcbm1pdGNoZWxsIG1pdGNoXG5uYW5jeSBuYW5cbm5hdGFsaWUgbmF0XG5uYXRhc2hhIHRhc2hhXG5uYXRoYW5pZWwgbmF0ZSBuYXRoYW4gbmF0XG5uaWNob2xhcyBuaWNrIG5pY2t5XG5uaWNvbGUgbmlja3lcbm9saXZlciBvbGxpZVxub2xpdmlhIGxpdiBsaXZ2eVxucGFtZWxhIHBhbVxucGF0cmljaWEgcGF0IHBhdHR5IHRyaWNpYSB0cmlzaFxucGF0cmljayBwYXQgcGFkZHlcbnBldGVyIHBldGVcbnBoaWxpcCBwaGlsXG5waGlsbGlwIHBoaWxcbnByaXNjaWxsYSBjaWxsYVxucmFjaGVsIHJhZVxucmF5bW9uZCByYXlcbnJlYmVjY2EgYmVja3kgYmVjY2FcbnJpY2hhcmQgcmljayBkaWNrIHJpY2ggcmljaGllIHJpY2t5XG5yb2JlcnQgYm9iIGJvYmJ5IHJvYiByb2JiaWUgYmVydFxucm9iZXJ0YSBib2JiaWVcbnJvZ2VyIHJvZ1xucm9uYWxkIHJvbiByb25uaWVcbnJvc2VtYXJ5IHJvc2Ugcm9zaWVcbnJ1c3NlbGwgcnVzc1xuc2FtYW50aGEgc2FtXG5zYW11ZWwgc2FtIHNhbW15XG5zYW5kcmEgc2FuZHlcbnNhcmFoIHNhbGx5IHNhZGllXG5zdGFubGV5IHN0YW5cbnN0ZXBoYW5pZSBzdGVwaFxuc3RlcGhlbiBzdGV2ZVxuc3RldmVuIHN0ZXZlXG5zdHVhcnQgc3R1XG5zdXNhbiBzdWUgc3VzaWVcbnRlcmVzYSB0ZXJyeSB0ZXNzXG50aGVyZXNhIHRlcnJ5IHRlc3NcbnRoZW9kb3JlIHRlZCB0ZWRkeSB0aGVvXG50aG9tYXMgdG9tIHRvbW15XG50aW1vdGh5IHRpbSB0aW1teVxudG9iaWFzIHRvYnlcbnZhbGVyaWUgdmFsXG52YW5lc3NhIG5lc3NhXG52aWN0b3IgdmljXG52aWN0b3JpYSB2aWNreSB0b3JpXG52aW5jZW50IHZpbmNlIHZpbm55XG52aXJnaW5pYSBnaW5ueVxud2FsdGVyIHdhbHQgd2FsbHlcbndpbGhlbG1pbmEgbWluYSB3aWxsYVxud2lsbGlhbSBiaWxsIGJpbGx5IHdpbGwgd2lsbGllIGxpYW1cbndpbmlmcmVkIHdpbm5pZVxuemFjaGFyeSB6YWNoIHphY2tcbmA7XG5cbmNvbnN0IEZPUk1BTCA9IG5ldyBNYXA8c3RyaW5nLCBzdHJpbmdbXT4oKTtcbmZvciAoY29uc3QgbGluZSBvZiBHUk9VUFMudHJpbSgpLnNwbGl0KCdcXG4nKSkge1xuICBjb25zdCBbZm9ybWFsLCAuLi5uaWNrbmFtZXNdID0gbGluZS5zcGxpdCgnICcpIGFzIFtzdHJpbmcsIC4uLnN0cmluZ1tdXTtcbiAgZm9yIChjb25zdCBuYW1lIG9mIFtmb3JtYWwsIC4uLm5pY2tuYW1lc10pXG4gICAgRk9STUFMLnNldChuYW1lLCBbLi4uKEZPUk1BTC5nZXQobmFtZSkgPz8gW10pLCBmb3JtYWxdKTtcbn1cblxuLyoqIEdpdmVuIG5hbWVzIHRoYXQgYXJlIGVhc2lseSB0YWtlbiBmb3IgYW5vdGhlciAoY29tbW9uIHByYWN0aWNlLCBubyBzb3VyY2U7IHdyaXR0ZW4gZnJvbSBtZW1vcnkpLiAqL1xuY29uc3QgTkFNRVMgPSBuZXcgU2V0KFxuICBgYWRyaWFuIGFkcmlhbmEgYWRyaWVubmUgYWxhbiBhbGFuYSBhbmRyZSBhbmRyZWEgYW5uYSBhbnRvbmlhIGFudG9uaW8gYnJ1bm8gYnJ1bmEgY2FybCBjYXJsYSBjYXJsbyBjYXJsb3NcbiAgY2FybWVuIGNocmlzdGlhbiBjaHJpc3RpYW5hIGNsYXJhIGNsYXVkZSBjbGF1ZGlhIGNsYXVkaW8gY2xlbWVudCBjbGVtZW5zIGNvbGluIGRhbmEgZGFuaWVsYSBkYW5pZWxsZSBkYXJpbyBkYXJpYVxuICBkYXZpZCBkYXZpZGUgZGVhbiBkZWFuYSBkZW5pcyBkZW5pc2UgZGVubmlzIGRpYW5hIGRpYW5lIGRvbWluaWMgZG9taW5pY2EgZWR3aW4gZWxlbmEgZWxpc2EgZWxpc2UgZWxsYSBlbGxlbiBlbWlsXG4gIGVtaWxpYSBlbWlsaW8gZW1tYSBlcmljIGVyaWNhIGVyaWsgZXJpa2EgZXJuZXN0IGVybmVzdGEgZXVnZW5lIGV1Z2VuaWEgZXZhIGZhYmlhbiBmYWJpbyBmYWJpb2xhIGZlbGl4IGZlbGljaWFcbiAgZmVybmFuZG8gZmVybmFuZGEgZmlsaXAgZmlsaXBwYSBmcmFuY2lzIGZyYW5jZXMgZnJhbmNpc2NvIGZyYW5jaXNjYSBmcmFueiBnYWJyaWVsIGdhYnJpZWxhIGdhYnJpZWxlIGdlb3JnZSBnZW9yZ2lhXG4gIGdlcmFsZCBnZXJhbGRpbmUgZ2xlbiBnbGVubiBnbGVuZGEgZ2xvcmlhIGhhbm5hIGhhbm5haCBoYW5zIGhhcnJpZXQgaGFycnkgaGVsZW4gaGVsZW5hIGhlbnJpIGhlbnJpZXR0YSBodWdvIGlkYVxuICBpZ25hY2lvIGlybWEgaXNhYmVsIGlzYWJlbGxhIGl2YW4gaXZhbmEgamFuIGphbmEgamFuZSBqYW5ldCBqYW5pY2UgamVhbiBqZWFubmUgamVyb21lIGplc3NlIGplc3NpY2Egam9hbiBqb2FubmFcbiAgam9hbyBqb2VsIGpvZWxsZSBqb2hhbm5hIGpvaG4gam9uIGpvbmFzIGpvcmdlIGpvc2Ugam9zZWYgam9zZWZhIGpvc2VwaGluZSBqdWFuIGp1YW5hIGp1bGVzIGp1bGlhIGp1bGlhbiBqdWxpYW5hXG4gIGp1bGllIGp1bGlvIGp1bGl1cyBrYXJlbiBrYXJpbiBrYXJsIGthcmxhIGxhdXJhIGxhdXJlbiBsYXVyZW5jZSBsZWEgbGVhaCBsZW8gbGVvbiBsZW9uYSBsZW9uYXJkIGxlb25vcmEgbGV3aXMgbGlhXG4gIGxpYW0gbGluYSBsaW5kYSBsb3VpcyBsb3Vpc2EgbG91aXNlIGx1Y2EgbHVjYXMgbHVjaWEgbHVjaWFuIGx1aXMgbHVpc2EgbHVrZSBtYW51ZWwgbWFudWVsYSBtYXJjIG1hcmNlbCBtYXJjZWxsYVxuICBtYXJjaWEgbWFyY28gbWFyY3VzIG1hcmlhIG1hcmlhbiBtYXJpYW5uZSBtYXJpZSBtYXJpbyBtYXJpb24gbWFyayBtYXJ0YSBtYXJ0aGEgbWFydGluIG1hcnRpbmEgbWFyeSBtYXR0ZW8gbWF4IG1heGluZVxuICBtaWEgbWljaGFlbGEgbWljaGVsIG1pY2hlbGUgbWljaGVsbGUgbWlsYSBtaWxhbiBuYWRpYSBuYWRpbmUgbmF0YWxpYSBuYXRhbGllIG5pY2hvbGFzIG5pY29sYSBuaWNvbGUgbmluYSBub2FoIG5vcmFcbiAgbm9ybWFuIG9sZ2Egb2xpdmVyIG9saXZpYSBvc2NhciBwYW9sYSBwYW9sbyBwYXRyaWNpbyBwYXVsIHBhdWxhIHBhdWxpbmEgcGF1bGluZSBwZWRybyBwZXRlciBwZXRyYSBwaGlsaXAgcGhpbGlwcGFcbiAgcGllcnJlIHBpZXRyYSBwaWV0cm8gcmFmYWVsIHJhZmFlbGEgcmFtb24gcmFtb25hIHJhdWwgcmVuZSByZW5hdGEgcmVuZWUgcm9iZXJ0YSByb2JlcnRvIHJvZ2VyIHJvbGFuZCByb2xhbmRhIHJvbWVvXG4gIHJvc2Egcm9zZSBydXRoIHNhcmEgc2FyYWggc2ViYXN0aWFuIHNlcmdpbyBzaWx2aWEgc2lsdmlvIHNpbW9uIHNpbW9uZSBzb2ZpYSBzb25pYSBzb3BoaWEgc29waGllIHN0ZWZhbiBzdGVmYW5pZVxuICBzdGVmYW5vIHN0ZWxsYSBzdGV2ZW4gc3VzYW5uYSB0YW1hcmEgdGFueWEgdGFyYSB0aGVvIHRoZWEgdG9tYXMgdmFsZW50aW4gdmFsZW50aW5hIHZlcmEgdmlrdG9yIHZpa3RvcmlhIHdlcm5lciB3aWxtYVxuICB4YXZpZXIgeXZhbiB5dm9ubmVgLnNwbGl0KC9cXHMrLyksXG4pO1xuXG4vKiogV2hldGhlciBhIGZvbGRlZCBnaXZlbiBuYW1lIGlzIG9uZSB0aGF0IHdlIGtub3cuICovXG5leHBvcnQgY29uc3QgaXNLbm93bk5hbWUgPSAoZ2l2ZW46IHN0cmluZyk6IGJvb2xlYW4gPT4gRk9STUFMLmhhcyhnaXZlbikgfHwgTkFNRVMuaGFzKGdpdmVuKTtcblxuLyoqIFRoZSBmb3JtYWwgbmFtZXMgdGhhdCBhIGZvbGRlZCBnaXZlbiBuYW1lIG1heSBzdGFuZCBmb3I7IGl0c2VsZiB3aGVuIGl0IGlzIGluIG5vIGdyb3VwLiAqL1xuZXhwb3J0IGNvbnN0IGZvcm1hbE5hbWVzID0gKGdpdmVuOiBzdHJpbmcpOiByZWFkb25seSBzdHJpbmdbXSA9PiBGT1JNQUwuZ2V0KGdpdmVuKSA/PyBbZ2l2ZW5dO1xuXG4vKiogV2hldGhlciB0d28gZm9sZGVkIGdpdmVuIG5hbWVzIGNhbiBiZWxvbmcgdG8gb25lIHBlcnNvbiBieSBuaWNrbmFtZTogXCJib2JcIiBhbmQgXCJyb2JlcnRcIi4gKi9cbmV4cG9ydCBjb25zdCBhcmVOaWNrbmFtZXMgPSAoYTogc3RyaW5nLCBiOiBzdHJpbmcpOiBib29sZWFuID0+XG4gIGZvcm1hbE5hbWVzKGEpLnNvbWUoKGZvcm1hbCkgPT4gZm9ybWFsTmFtZXMoYikuaW5jbHVkZXMoZm9ybWFsKSk7XG5cbi8qKiBXaGV0aGVyIG9uZSBjYW4ndCBiZSBzaG9ydCBmb3IgYW55Ym9keSBlbHNlJ3MgbmFtZTogXCJwYXRcIiBtYXkgYmUgUGF0cmljayBvciBQYXRyaWNpYS4gKi9cbmV4cG9ydCBjb25zdCBhcmVTdXJlbHlOaWNrbmFtZXMgPSAoYTogc3RyaW5nLCBiOiBzdHJpbmcpOiBib29sZWFuID0+XG4gIGFyZU5pY2tuYW1lcyhhLCBiKSAmJiBmb3JtYWxOYW1lcyhhKS5sZW5ndGggPT09IDEgJiYgZm9ybWFsTmFtZXMoYikubGVuZ3RoID09PSAxO1xuIiwgImNvbnN0IE1BWF9QUkVGSVggPSA0O1xuY29uc3QgUFJFRklYX1dFSUdIVCA9IDAuMTtcblxuLyoqXG4gKiBIb3cgYWxpa2UgdHdvIHN0cmluZ3MgYXJlLCAwIHRvIDEgKEphcm8gMTk4OSwgd2l0aCBXaW5rbGVyJ3MgMTk5MCB3ZWlnaHQgb24gYSBjb21tb24gYmVnaW5uaW5nIG9mXG4gKiB1cCB0byBmb3VyIGxldHRlcnMpLiBPdXIgb3duLCBiZWNhdXNlIHRoZSBsaWJyYXJpZXMgYXQgaGFuZCBkaWZmZXIgZnJvbSB0aGUgcHVibGlzaGVkIHRhYmxlLlxuICogQGV4YW1wbGUgamFyb1dpbmtsZXIoJ21hcnRoYScsICdtYXJodGEnKSAvLyAwLjk2MVxuICovXG5leHBvcnQgZnVuY3Rpb24gamFyb1dpbmtsZXIoYTogc3RyaW5nLCBiOiBzdHJpbmcpOiBudW1iZXIge1xuICBpZiAoYSA9PT0gYikgcmV0dXJuIDE7XG4gIGNvbnN0IHdpbmRvdyA9IE1hdGgubWF4KDAsIE1hdGguZmxvb3IoTWF0aC5tYXgoYS5sZW5ndGgsIGIubGVuZ3RoKSAvIDIpIC0gMSk7XG4gIGNvbnN0IHRha2VuID0gbmV3IEFycmF5PGJvb2xlYW4+KGIubGVuZ3RoKS5maWxsKGZhbHNlKTtcbiAgY29uc3QgbWF0Y2hlZEE6IHN0cmluZ1tdID0gW107XG4gIGZvciAobGV0IGkgPSAwOyBpIDwgYS5sZW5ndGg7IGkrKylcbiAgICBmb3IgKGxldCBqID0gTWF0aC5tYXgoMCwgaSAtIHdpbmRvdyk7IGogPCBNYXRoLm1pbihiLmxlbmd0aCwgaSArIHdpbmRvdyArIDEpOyBqKyspXG4gICAgICBpZiAoIXRha2VuW2pdICYmIGFbaV0gPT09IGJbal0pIHtcbiAgICAgICAgdGFrZW5bal0gPSB0cnVlO1xuICAgICAgICBtYXRjaGVkQS5wdXNoKGFbaV0hKTtcbiAgICAgICAgYnJlYWs7XG4gICAgICB9XG4gIGNvbnN0IG1hdGNoZXMgPSBtYXRjaGVkQS5sZW5ndGg7XG4gIGlmIChtYXRjaGVzID09PSAwKSByZXR1cm4gMDtcbiAgbGV0IHN3YXBwZWQgPSAwO1xuICBsZXQgYXQgPSAwO1xuICBmb3IgKGxldCBqID0gMDsgaiA8IGIubGVuZ3RoOyBqKyspIGlmICh0YWtlbltqXSAmJiBtYXRjaGVkQVthdCsrXSAhPT0gYltqXSkgc3dhcHBlZCArPSAxO1xuICBjb25zdCBqYXJvID0gKG1hdGNoZXMgLyBhLmxlbmd0aCArIG1hdGNoZXMgLyBiLmxlbmd0aCArIChtYXRjaGVzIC0gc3dhcHBlZCAvIDIpIC8gbWF0Y2hlcykgLyAzO1xuICBsZXQgcHJlZml4ID0gMDtcbiAgd2hpbGUgKHByZWZpeCA8IE1BWF9QUkVGSVggJiYgYVtwcmVmaXhdICE9PSB1bmRlZmluZWQgJiYgYVtwcmVmaXhdID09PSBiW3ByZWZpeF0pIHByZWZpeCArPSAxO1xuICByZXR1cm4gamFybyArIHByZWZpeCAqIFBSRUZJWF9XRUlHSFQgKiAoMSAtIGphcm8pO1xufVxuIiwgImltcG9ydCB7IGFyZU5pY2tuYW1lcywgaXNLbm93bk5hbWUgfSBmcm9tICcuL25pY2tuYW1lcyc7XG5cbmNvbnN0IExFQVNUID0gNDtcblxuLyoqXG4gKiBXaGV0aGVyIHR3byB3b3JkcyBhcmUgb25lIHNsaXAgb2YgYSBmaW5nZXIgYXBhcnQ6IGEgbGV0dGVyIHdyb25nLCBsZWZ0IG91dCwgcHV0IGluLCBvciB0d28gY2hhbmdlZFxuICogcGxhY2VzIChEYW1lcmF1IDE5NjQpLiBPZiBzaG9ydCB3b3JkcyB0b28gbWFueSBhcmUsIHNvIHRoZXkgbmV2ZXIgY291bnQuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBhcmVPbmVTbGlwQXBhcnQoYTogc3RyaW5nLCBiOiBzdHJpbmcpOiBib29sZWFuIHtcbiAgY29uc3QgW3Nob3J0LCBsb25nXSA9IGEubGVuZ3RoIDw9IGIubGVuZ3RoID8gW2EsIGJdIDogW2IsIGFdO1xuICBpZiAoc2hvcnQubGVuZ3RoIDwgTEVBU1QgfHwgbG9uZy5sZW5ndGggLSBzaG9ydC5sZW5ndGggPiAxKSByZXR1cm4gZmFsc2U7XG4gIGxldCBhdCA9IDA7XG4gIHdoaWxlIChhdCA8IHNob3J0Lmxlbmd0aCAmJiBzaG9ydFthdF0gPT09IGxvbmdbYXRdKSBhdCArPSAxO1xuICBpZiAobG9uZy5sZW5ndGggPiBzaG9ydC5sZW5ndGgpIHJldHVybiBzaG9ydC5zbGljZShhdCkgPT09IGxvbmcuc2xpY2UoYXQgKyAxKTtcbiAgY29uc3Qgc3dhcHBlZCA9IHNob3J0W2F0XSA9PT0gbG9uZ1thdCArIDFdICYmIHNob3J0W2F0ICsgMV0gPT09IGxvbmdbYXRdO1xuICByZXR1cm4gKFxuICAgIHNob3J0LnNsaWNlKGF0ICsgMSkgPT09IGxvbmcuc2xpY2UoYXQgKyAxKSB8fFxuICAgIChzd2FwcGVkICYmIHNob3J0LnNsaWNlKGF0ICsgMikgPT09IGxvbmcuc2xpY2UoYXQgKyAyKSlcbiAgKTtcbn1cblxuY29uc3QgZmlndXJlcyA9ICh3b3JkOiBzdHJpbmcpID0+IHdvcmQucmVwbGFjZSgvXFxEL2csICcnKTtcblxuLyoqIFdoZXRoZXIgdHdvIHdvcmRzIGFyZSB0b2xkIGFwYXJ0IGJ5IGEgbnVtYmVyIGluIHRoZW0sIGFzIHRob3NlIHRoYXQgd2VyZSBtYWRlIHVwIGFyZS4gKi9cbmV4cG9ydCBjb25zdCBhcmVOdW1iZXJlZCA9IChhOiBzdHJpbmcsIGI6IHN0cmluZyk6IGJvb2xlYW4gPT5cbiAgKC9cXGQvLnRlc3QoYSkgfHwgL1xcZC8udGVzdChiKSkgJiYgZmlndXJlcyhhKSAhPT0gZmlndXJlcyhiKTtcblxuLyoqIFdoZXRoZXIgdHdvIGdpdmVuIG5hbWVzLCBob3dldmVyIGFsaWtlLCBhcmUga25vd24gYXMgdHdvIG5hbWVzOiBcImpvaG5cIiBhbmQgXCJqb2FuXCIuICovXG5leHBvcnQgY29uc3QgYXJlUGFpck9mTmFtZXMgPSAoYTogc3RyaW5nLCBiOiBzdHJpbmcpOiBib29sZWFuID0+XG4gIGlzS25vd25OYW1lKGEpICYmIGlzS25vd25OYW1lKGIpICYmICFhcmVOaWNrbmFtZXMoYSwgYik7XG4iLCAiaW1wb3J0IHsgZG91YmxlTWV0YXBob25lIH0gZnJvbSAnZG91YmxlLW1ldGFwaG9uZSc7XG5cbmltcG9ydCB7IGZvbGQsIHR5cGUgUGVyc29uRmllbGRzIH0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5cbmltcG9ydCB7IGhvbWVLZXkgfSBmcm9tICcuL2FkZHJlc3MnO1xuaW1wb3J0IHsgZm9ybWFsTmFtZXMgfSBmcm9tICcuL25pY2tuYW1lcyc7XG5cbi8qKiBXaGF0IHNhbWUtcGVyc29uIGRldGVjdGlvbiBjb21wYXJlcywgZm9sZGVkIGFuZCBpbiBvbmUgZm9ybS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgVHJhaXRzIHtcbiAgLyoqIFdoZXRoZXIgdGhlIGZvcm0gb2YgYWRkcmVzcyBpcyBhIG1hbidzIG9yIGEgd29tYW4nczsgZW1wdHkgd2hlcmUgaXQgdGVsbHMgbmVpdGhlci4gKi9cbiAgZm9ybTogJ2hpcycgfCAnaGVyJyB8ICcnO1xuICAvKiogV2hldGhlciB0aGUgcmVjb3JkIGlzIG9mIHR3byBwZW9wbGU6IFwiRGFuYSAmIExlZVwiLiAqL1xuICBjb3VwbGU6IGJvb2xlYW47XG4gIGdpdmVuOiBzdHJpbmc7XG4gIGdvZXNCeTogc3RyaW5nO1xuICBtaWRkbGU6IHN0cmluZztcbiAgZmFtaWx5OiBzdHJpbmc7XG4gIHN1ZmZpeDogc3RyaW5nO1xuICBjb21wYW55OiBzdHJpbmc7XG4gIGVtYWlsczogc3RyaW5nW107XG4gIC8qKiBEaWdpdHMgYWxvbmUsIHdpdGhvdXQgdGhlIGNvdW50cnkncyAxIG9mIE5vcnRoIEFtZXJpY2EuICovXG4gIHBob25lczogc3RyaW5nW107XG4gIC8qKiBUaG9zZSBvZiB0aGUgcGhvbmVzIHRoYXQgYXJlIHNhaWQgdG8gYmUgY2FycmllZCBieSBvbmUgcGVyc29uLiAqL1xuICBtb2JpbGVzOiBzdHJpbmdbXTtcbiAgLyoqIFRob3NlIHRoYXQgcmluZyBhdCB3b3JrLCB3aGVyZSBvdGhlcnMgYXJlIHJlYWNoZWQgYnkgdGhlbSBhcyB3ZWxsLiAqL1xuICBvZmZpY2VQaG9uZXM6IHN0cmluZ1tdO1xuICBob21lczogc3RyaW5nW107XG4gIGJpcnRoZGF5OiBzdHJpbmcgfCBudWxsO1xufVxuXG5leHBvcnQgdHlwZSBUcmFpdEZpZWxkcyA9IFBpY2s8XG4gIFBlcnNvbkZpZWxkcyxcbiAgfCAncHJlZml4J1xuICB8ICdnaXZlbk5hbWUnXG4gIHwgJ21pZGRsZU5hbWUnXG4gIHwgJ2ZhbWlseU5hbWUnXG4gIHwgJ3N1ZmZpeCdcbiAgfCAnZ29lc0J5J1xuICB8ICdjb21wYW55J1xuICB8ICdlbWFpbHMnXG4gIHwgJ3Bob25lcydcbiAgfCAnYWRkcmVzc2VzJ1xuICB8ICdiaXJ0aGRheSdcbj47XG5cbmNvbnN0IGxldHRlcnMgPSAodGV4dDogc3RyaW5nKSA9PlxuICBmb2xkKHRleHQpXG4gICAgLnJlcGxhY2UoL1teXFxwe0x9XFxwe059XFxzLV0vZ3UsICcnKVxuICAgIC5yZXBsYWNlKC9bXFxzLV0rL2csICcgJylcbiAgICAudHJpbSgpO1xuXG5jb25zdCBTVUZGSVhFUzogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9IHtcbiAganI6ICdqcicsXG4gIGp1bmlvcjogJ2pyJyxcbiAgc3I6ICdzcicsXG4gIHNlbmlvcjogJ3NyJyxcbiAgaWk6ICcyJyxcbiAgaWlpOiAnMycsXG4gIGl2OiAnNCcsXG59O1xuXG4vKiogXCJNYXJzaCBKci5cIiBrZXB0IGluIG9uZSBmaWVsZCBzdGlsbCBoYXMgaXRzIHN1ZmZpeCB0b2xkIGFwYXJ0LiAqL1xuZnVuY3Rpb24gc3BsaXRTdWZmaXgoZmFtaWx5OiBzdHJpbmcsIHN1ZmZpeDogc3RyaW5nKTogW3N0cmluZywgc3RyaW5nXSB7XG4gIGlmIChzdWZmaXgpIHJldHVybiBbZmFtaWx5LCBTVUZGSVhFU1tzdWZmaXhdID8/IHN1ZmZpeF07XG4gIGNvbnN0IHdvcmRzID0gZmFtaWx5LnNwbGl0KCcgJyk7XG4gIGNvbnN0IGxhc3QgPSBTVUZGSVhFU1t3b3Jkcy5hdCgtMSkgPz8gJyddO1xuICByZXR1cm4gbGFzdCAmJiB3b3Jkcy5sZW5ndGggPiAxID8gW3dvcmRzLnNsaWNlKDAsIC0xKS5qb2luKCcgJyksIGxhc3RdIDogW2ZhbWlseSwgJyddO1xufVxuXG5jb25zdCBGT1JNUzogUmVjb3JkPHN0cmluZywgVHJhaXRzWydmb3JtJ10+ID0ge1xuICBtcjogJ2hpcycsXG4gIGhlcnI6ICdoaXMnLFxuICBzcjogJ2hpcycsXG4gIG1yczogJ2hlcicsXG4gIG1zOiAnaGVyJyxcbiAgbWlzczogJ2hlcicsXG4gIGZyYXU6ICdoZXInLFxuICBzcmE6ICdoZXInLFxufTtcbmNvbnN0IENPVVBMRSA9IC9bJitdfFxcYig/OmFuZHx1bmR8eXxldHxlKVxcYi9pO1xuY29uc3QgT0ZGSUNFID0gL14oPzp3b3JrfG9mZmljZXxidXNpbmVzc3xjb21wYW55fG1haW4pL2k7XG5jb25zdCBNT0JJTEUgPSAvXig/OmNlbGx8bW9iaWxlfGhhbmR5fG1vdmlsfHBvcnRhYmxlKS9pO1xuXG5jb25zdCBkaWdpdHMgPSAodmFsdWU6IHN0cmluZykgPT4gdmFsdWUucmVwbGFjZSgvXFxEL2csICcnKS5yZXBsYWNlKC9eMSg/PVxcZHsxMH0kKS8sICcnKTtcblxuZXhwb3J0IGZ1bmN0aW9uIHRyYWl0c09mKHA6IFRyYWl0RmllbGRzKTogVHJhaXRzIHtcbiAgY29uc3QgW2ZhbWlseSwgc3VmZml4XSA9IHNwbGl0U3VmZml4KGxldHRlcnMocC5mYW1pbHlOYW1lKSwgbGV0dGVycyhwLnN1ZmZpeCkpO1xuICBjb25zdCBbZ2l2ZW4gPSAnJywgLi4ubW9yZV0gPSBsZXR0ZXJzKHAuZ2l2ZW5OYW1lKS5zcGxpdCgnICcpO1xuICByZXR1cm4ge1xuICAgIGZvcm06IEZPUk1TW2xldHRlcnMocC5wcmVmaXgpXSA/PyAnJyxcbiAgICBjb3VwbGU6IENPVVBMRS50ZXN0KHAuZ2l2ZW5OYW1lKSB8fCBDT1VQTEUudGVzdChwLnByZWZpeCksXG4gICAgZ2l2ZW4sXG4gICAgZ29lc0J5OiBsZXR0ZXJzKHAuZ29lc0J5KSxcbiAgICBtaWRkbGU6IGxldHRlcnMocC5taWRkbGVOYW1lKSB8fCBtb3JlLmpvaW4oJyAnKSxcbiAgICBmYW1pbHksXG4gICAgc3VmZml4LFxuICAgIGNvbXBhbnk6IGxldHRlcnMocC5jb21wYW55KSxcbiAgICBlbWFpbHM6IHAuZW1haWxzLm1hcCgoeyB2YWx1ZSB9KSA9PiB2YWx1ZS50b0xvd2VyQ2FzZSgpKSxcbiAgICBwaG9uZXM6IHAucGhvbmVzLm1hcCgoeyB2YWx1ZSB9KSA9PiBkaWdpdHModmFsdWUpKSxcbiAgICBtb2JpbGVzOiBwLnBob25lcy5maWx0ZXIoKHsgbGFiZWwgfSkgPT4gTU9CSUxFLnRlc3QobGFiZWwpKS5tYXAoKHsgdmFsdWUgfSkgPT4gZGlnaXRzKHZhbHVlKSksXG4gICAgb2ZmaWNlUGhvbmVzOiBwLnBob25lc1xuICAgICAgLmZpbHRlcigoeyBsYWJlbCB9KSA9PiBPRkZJQ0UudGVzdChsYWJlbCkpXG4gICAgICAubWFwKCh7IHZhbHVlIH0pID0+IGRpZ2l0cyh2YWx1ZSkpLFxuICAgIGhvbWVzOiBwLmFkZHJlc3Nlcy5tYXAoaG9tZUtleSkuZmlsdGVyKChrZXkpID0+IGtleSAhPT0gJycpLFxuICAgIGJpcnRoZGF5OiBwLmJpcnRoZGF5LFxuICB9O1xufVxuXG5jb25zdCBzb3VuZENhY2hlID0gbmV3IE1hcDxzdHJpbmcsIHJlYWRvbmx5IFtzdHJpbmcsIHN0cmluZ10+KCk7XG5jb25zdCBDQUNIRV9NT1NUID0gNTBfMDAwO1xuXG4vKiogVGhlIGNvZGVzIG9mIGhvdyBhIGZvbGRlZCB3b3JkIHNvdW5kcyAoZG91YmxlIG1ldGFwaG9uZSksIGZpcnN0IGFuZCBzZWNvbmQgcmVhZGluZy4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzb3VuZHNPZih3b3JkOiBzdHJpbmcpOiByZWFkb25seSBbc3RyaW5nLCBzdHJpbmddIHtcbiAgbGV0IGNvZGVzID0gc291bmRDYWNoZS5nZXQod29yZCk7XG4gIGlmICghY29kZXMpIHtcbiAgICBjb2RlcyA9IGRvdWJsZU1ldGFwaG9uZSh3b3JkKTtcbiAgICBpZiAoc291bmRDYWNoZS5zaXplID4gQ0FDSEVfTU9TVCkgc291bmRDYWNoZS5jbGVhcigpO1xuICAgIHNvdW5kQ2FjaGUuc2V0KHdvcmQsIGNvZGVzKTtcbiAgfVxuICByZXR1cm4gY29kZXM7XG59XG5cbmNvbnN0IHNvdW5kID0gKHdvcmQ6IHN0cmluZyk6IHN0cmluZyA9PiBzb3VuZHNPZih3b3JkKVswXSB8fCB3b3JkO1xuXG4vKiogVGhlIGZpcnN0IGxldHRlciwgd2hvbGU6IHJhcmVyIHNjcmlwdHMgYW5kIGNoYXJhY3RlcnMgdGFrZSB0d28gdW5pdHMgb2YgYSBzdHJpbmcuICovXG5jb25zdCBmaXJzdExldHRlciA9ICh3b3JkOiBzdHJpbmcpOiBzdHJpbmcgPT4gWy4uLndvcmRdWzBdITtcblxuLyoqIEhvdyBhIHdvcmQgZ29lcyBvbiBiZWhpbmQgaXRzIGZpcnN0IGxldHRlcjsgdGhlIGxldHRlcnMgb2YgYSBzaG9ydCBvbmUuICovXG5jb25zdCBiZWhpbmRGaXJzdCA9ICh3b3JkOiBzdHJpbmcpOiBzdHJpbmcgPT4gWy4uLndvcmRdLnNsaWNlKDEsIDUpLmpvaW4oJycpO1xuXG4vKipcbiAqIFRoZSBrZXlzIHVuZGVyIHdoaWNoIHNvbWVib2R5IGlzIGxvb2tlZCB1cDogcGVvcGxlIHdobyBzaGFyZSBub25lIGFyZSBuZXZlciBjb21wYXJlZC4gRS1tYWlsLFxuICogdGhlIGxhc3Qgc2V2ZW4gZGlnaXRzIG9mIGEgcGhvbmUsIHRoZSBob21lLCBhbmQgaG93IG9uZSBuYW1lIHNvdW5kcyB3aXRoIHRoZSBmaXJzdCBsZXR0ZXIgb2ZcbiAqIHRoZSBvdGhlciwgYm90aCB3YXlzIHJvdW5kLCBzbyB0aGF0IHN3YXBwZWQgbmFtZXMgYW5kIGEgdHlwaW5nIGZhdWx0IGluIGVpdGhlciBhcmUgZm91bmQ7IGFuZFxuICogd2l0aCBob3cgdGhlIG90aGVyIGdvZXMgb24gYmVoaW5kIGl0cyBmaXJzdCBsZXR0ZXIsIHdoaWNoIG1heSBiZSB0aGUgd3Jvbmcgb25lLlxuICovXG5leHBvcnQgZnVuY3Rpb24gbWF0Y2hLZXlzKHQ6IFRyYWl0cyk6IHN0cmluZ1tdIHtcbiAgY29uc3Qga2V5cyA9IG5ldyBTZXQ8c3RyaW5nPigpO1xuICBmb3IgKGNvbnN0IGVtYWlsIG9mIHQuZW1haWxzKSBrZXlzLmFkZChgZToke2VtYWlsfWApO1xuICBmb3IgKGNvbnN0IHBob25lIG9mIHQucGhvbmVzKSBpZiAocGhvbmUubGVuZ3RoID49IDcpIGtleXMuYWRkKGBwOiR7cGhvbmUuc2xpY2UoLTcpfWApO1xuICBmb3IgKGNvbnN0IGhvbWUgb2YgdC5ob21lcykga2V5cy5hZGQoYGE6JHtob21lfWApO1xuICBjb25zdCBnaXZlbnMgPSBuZXcgU2V0KFt0LmdpdmVuLCB0LmdvZXNCeV0uZmlsdGVyKEJvb2xlYW4pLmZsYXRNYXAoZm9ybWFsTmFtZXMpKTtcbiAgZm9yIChjb25zdCBnaXZlbiBvZiBnaXZlbnMpIHtcbiAgICBpZiAoIXQuZmFtaWx5KSBrZXlzLmFkZChgbjoke3NvdW5kKGdpdmVuKX1gKTtcbiAgICBlbHNlIHtcbiAgICAgIGtleXMuYWRkKGBuOiR7c291bmQodC5mYW1pbHkpfSAke2ZpcnN0TGV0dGVyKGdpdmVuKX1gKTtcbiAgICAgIGtleXMuYWRkKGBuOiR7c291bmQoZ2l2ZW4pfSAke2ZpcnN0TGV0dGVyKHQuZmFtaWx5KX1gKTtcbiAgICAgIGtleXMuYWRkKGBuOiR7c291bmQoZ2l2ZW4pfSAqJHtiZWhpbmRGaXJzdCh0LmZhbWlseSl9YCk7XG4gICAgICBrZXlzLmFkZChgbjoke3NvdW5kKHQuZmFtaWx5KX0gKiR7YmVoaW5kRmlyc3QoZ2l2ZW4pfWApO1xuICAgIH1cbiAgfVxuICBpZiAoZ2l2ZW5zLnNpemUgPT09IDAgJiYgdC5mYW1pbHkpIGtleXMuYWRkKGBuOiR7c291bmQodC5mYW1pbHkpfWApO1xuICBpZiAoZ2l2ZW5zLnNpemUgPT09IDAgJiYgIXQuZmFtaWx5ICYmIHQuY29tcGFueSkga2V5cy5hZGQoYGM6JHt0LmNvbXBhbnl9YCk7XG4gIHJldHVybiBbLi4ua2V5c107XG59XG5cbi8qKiBIb3cgdGhlIHdvcmRzIG9mIGEgbmFtZSBzb3VuZCwgZm9yIGEgc2VhcmNoIHRoYXQgZm9yZ2l2ZXMgc3BlbGxpbmcuICovXG5leHBvcnQgZnVuY3Rpb24gbmFtZVNvdW5kcyh0OiBUcmFpdHMpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHdvcmRzID0gW3QuZ2l2ZW4sIHQuZ29lc0J5LCB0Lm1pZGRsZSwgdC5mYW1pbHksIHQuY29tcGFueV0uam9pbignICcpLnNwbGl0KCcgJyk7XG4gIHJldHVybiBbLi4ubmV3IFNldCh3b3Jkcy5maWx0ZXIoKHdvcmQpID0+IHdvcmQubGVuZ3RoID4gMikuZmxhdE1hcCgod29yZCkgPT4gc291bmRzT2Yod29yZCkpKV07XG59XG4iLCAiaW1wb3J0IHtcbiAgZG91YnRzT2YsXG4gIGlzRmlybSxcbiAgaXNUaGVTYW1lLFxuICBzaGFyZXNUaGVpck93bixcbiAgdHlwZSBDb21tb24sXG4gIHR5cGUgTmFtZXNDb21wYXJlZCxcbn0gZnJvbSAnLi9kb3VidHMnO1xuaW1wb3J0IHsgamFyb1dpbmtsZXIgfSBmcm9tICcuL2phcm8td2lua2xlcic7XG5pbXBvcnQgeyBhcmVOaWNrbmFtZXMsIGFyZVN1cmVseU5pY2tuYW1lcyB9IGZyb20gJy4vbmlja25hbWVzJztcbmltcG9ydCB7IGFyZU51bWJlcmVkLCBhcmVPbmVTbGlwQXBhcnQsIGFyZVBhaXJPZk5hbWVzIH0gZnJvbSAnLi9zcGVsbGluZyc7XG5pbXBvcnQgeyBzb3VuZHNPZiwgdHlwZSBUcmFpdHMgfSBmcm9tICcuL3RyYWl0cyc7XG5cbi8qKlxuICogV2VpZ2h0cyBvZiBhZ3JlZW1lbnQgYW5kIGRpc2FncmVlbWVudCwgaW4gYml0cyAoRmVsbGVnaSAmIFN1bnRlciAxOTY5OiBsb2cyIG9mIGhvdyBtdWNoIGxpa2VsaWVyXG4gKiBpdCBpcyBiZXR3ZWVuIHR3byByZWNvcmRzIG9mIG9uZSBwZXJzb24gdGhhbiBiZXR3ZWVuIHR3byBwZW9wbGUpLiBTZXQgYnkgaGFuZCBhbmQgaGVsZCBieSB0aGVcbiAqIG1lYXN1cmVkIHByZWNpc2lvbiBhbmQgcmVjYWxsIGluIHRoZSBiZW5jaC5cbiAqL1xuY29uc3QgV0VJR0hUID0ge1xuICBlbWFpbDogMTAsXG4gIG90aGVyRW1haWw6IC0yLFxuICBwaG9uZTogNyxcbiAgb2ZmaWNlUGhvbmU6IDIsXG4gIG90aGVyUGhvbmU6IC0xLjUsXG4gIGhvbWU6IDUsXG4gIG90aGVySG9tZTogLTEsXG4gIGJpcnRoZGF5OiA4LFxuICBiaXJ0aGRheVdpdGhvdXRZZWFyOiA2LFxuICBiaXJ0aGRheU5lYXI6IC0xLFxuICBvdGhlckJpcnRoZGF5OiAtOSxcbiAgZmFtaWx5OiA1LFxuICBmYW1pbHlTbGlwOiAzLjUsXG4gIGZhbWlseU5lYXI6IDIuNSxcbiAgZmFtaWx5U291bmRzOiAyLjUsXG4gIG90aGVyRmFtaWx5OiAtNCxcbiAgZ2l2ZW46IDQsXG4gIGdpdmVuTmVhcjogMyxcbiAgZ2l2ZW5Jbml0aWFsOiAxLjUsXG4gIG90aGVyR2l2ZW46IC0yMSxcbiAgb3RoZXJLbm93bkdpdmVuOiAtMzAsXG4gIHN3YXBwZWQ6IDcsXG4gIG1pZGRsZTogMS41LFxuICBvdGhlck1pZGRsZTogLTQsXG4gIG90aGVyU3VmZml4OiAtMTYsXG4gIG9uZVN1ZmZpeDogLTMsXG4gIGNvbXBhbnk6IDIsXG4gIGZpcm1BbmRQZXJzb246IC0yMCxcbiAgc2FtZUNvbXBhbnlBbG9uZTogOSxcbn07XG5cbi8qKiBGcm9tIGhlcmUgb24gaXQgaXMgc3VyZWx5IG9uZSBwZXJzb247IGZyb20gdGhlIHNlY29uZCBvbiBpdCBpcyB3b3J0aCBhc2tpbmcuICovXG5leHBvcnQgY29uc3QgU1VSRSA9IDE0O1xuZXhwb3J0IGNvbnN0IEFTSyA9IDc7XG5cbmV4cG9ydCB0eXBlIFZlcmRpY3QgPSAnc3VyZScgfCAnYXNrJyB8ICdkaWZmZXJlbnQnO1xuXG5leHBvcnQgaW50ZXJmYWNlIENvbXBhcmlzb24ge1xuICB2ZXJkaWN0OiBWZXJkaWN0O1xuICBzY29yZTogbnVtYmVyO1xuICAvKiogV2hhdCBzcGVha3MgZm9yIGl0IGFuZCBhZ2FpbnN0IGl0LCBmb3IgcGVvcGxlOiBcInNhbWUgZS1tYWlsXCIsIFwic2ltaWxhciBuYW1lXCIuICovXG4gIGV2aWRlbmNlOiBzdHJpbmdbXTtcbn1cblxuY29uc3QgSldfTkVBUiA9IDAuOTtcbmNvbnN0IEpXX09USEVSID0gMC44O1xuY29uc3Qgc2hhcmVzT25lID0gKGE6IHJlYWRvbmx5IHN0cmluZ1tdLCBiOiByZWFkb25seSBzdHJpbmdbXSkgPT4gYS5zb21lKCh4KSA9PiBiLmluY2x1ZGVzKHgpKTtcblxuLyoqIE51bWJlcnMgd2l0aG91dCBhbiBhcmVhIGNvZGUgYWdyZWUgd2hlbiB0aGVpciBsYXN0IHNldmVuIGRpZ2l0cyBkby4gKi9cbmNvbnN0IHNhbWVQaG9uZSA9IChhOiBzdHJpbmcsIGI6IHN0cmluZykgPT5cbiAgYSA9PT0gYiB8fCAoKGEubGVuZ3RoID09PSA3IHx8IGIubGVuZ3RoID09PSA3KSAmJiBhLnNsaWNlKC03KSA9PT0gYi5zbGljZSgtNykpO1xuXG4vKiogQ29tcGFyZXMgdHdvIHBlb3BsZTsgc3ltbWV0cmljLiBXaGF0IGlzIHN1cmUgaXMgd2hhdCBub2JvZHkgd291bGQgZG91YnQ6IHNlZSB7QGxpbmsgZG91YnRzT2Z9LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBhcmUoYTogVHJhaXRzLCBiOiBUcmFpdHMsIGNvbW1vbjogQ29tbW9uID0gbmV3IFNldCgpKTogQ29tcGFyaXNvbiB7XG4gIGxldCBzY29yZSA9IDA7XG4gIGNvbnN0IGV2aWRlbmNlOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBzYXkgPSAod2VpZ2h0OiBudW1iZXIsIHdvcmRzPzogc3RyaW5nKSA9PiB7XG4gICAgc2NvcmUgKz0gd2VpZ2h0O1xuICAgIGlmICh3b3JkcykgZXZpZGVuY2UucHVzaCh3b3Jkcyk7XG4gIH07XG4gIGNvbnN0IG5hbWVzID0gY29tcGFyZU5hbWVzKGEsIGIsIHNheSk7XG4gIGNvbnN0IGJvdGggPSAoa2V5OiAnZW1haWxzJyB8ICdwaG9uZXMnIHwgJ2hvbWVzJykgPT4gYVtrZXldLmxlbmd0aCA+IDAgJiYgYltrZXldLmxlbmd0aCA+IDA7XG4gIGlmIChzaGFyZXNPbmUoYS5lbWFpbHMsIGIuZW1haWxzKSkgc2F5KFdFSUdIVC5lbWFpbCwgJ3NhbWUgZS1tYWlsJyk7XG4gIGVsc2UgaWYgKGJvdGgoJ2VtYWlscycpKSBzYXkoV0VJR0hULm90aGVyRW1haWwpO1xuICBjb25zdCBwaG9uZSA9IGEucGhvbmVzLmZpbmQoKHgpID0+IGIucGhvbmVzLnNvbWUoKHkpID0+IHNhbWVQaG9uZSh4LCB5KSkpO1xuICBpZiAocGhvbmUgIT09IHVuZGVmaW5lZCkge1xuICAgIGNvbnN0IGlzT2ZmaWNlID0gYS5vZmZpY2VQaG9uZXMuaW5jbHVkZXMocGhvbmUpIHx8IGIub2ZmaWNlUGhvbmVzLmluY2x1ZGVzKHBob25lKTtcbiAgICBzYXkoaXNPZmZpY2UgPyBXRUlHSFQub2ZmaWNlUGhvbmUgOiBXRUlHSFQucGhvbmUsICdzYW1lIHBob25lJyk7XG4gIH1cbiAgaWYgKHBob25lID09PSB1bmRlZmluZWQgJiYgYm90aCgncGhvbmVzJykpIHNheShXRUlHSFQub3RoZXJQaG9uZSk7XG4gIGlmIChzaGFyZXNPbmUoYS5ob21lcywgYi5ob21lcykpIHNheShXRUlHSFQuaG9tZSwgJ3NhbWUgYWRkcmVzcycpO1xuICBlbHNlIGlmIChib3RoKCdob21lcycpKSBzYXkoV0VJR0hULm90aGVySG9tZSwgJ2RpZmZlcmVudCBhZGRyZXNzZXMnKTtcbiAgY29tcGFyZUJpcnRoZGF5cyhhLmJpcnRoZGF5LCBiLmJpcnRoZGF5LCBzYXkpO1xuICBpZiAoYS5jb21wYW55ICYmIGEuY29tcGFueSA9PT0gYi5jb21wYW55KSB7XG4gICAgY29uc3QgYWxvbmUgPSAhYS5naXZlbiAmJiAhYS5mYW1pbHkgJiYgIWIuZ2l2ZW4gJiYgIWIuZmFtaWx5O1xuICAgIHNheShhbG9uZSA/IFdFSUdIVC5zYW1lQ29tcGFueUFsb25lIDogV0VJR0hULmNvbXBhbnksICdzYW1lIGNvbXBhbnknKTtcbiAgfVxuICBpZiAoaXNGaXJtKGEpICE9PSBpc0Zpcm0oYikpIHNheShXRUlHSFQuZmlybUFuZFBlcnNvbik7XG4gIC8vIEFuIGFkZHJlc3MgYWxvbmUgdGhhdCBpcyBoZXJlIGFscmVhZHkgaXMgc29tZWJvZHkgd2hvIGlzIGhlcmUgYWxyZWFkeS5cbiAgY29uc3QganVzdEVtYWlsID0gKGlzTmFtZWxlc3MoYSkgfHwgaXNOYW1lbGVzcyhiKSkgJiYgc2hhcmVzT25lKGEuZW1haWxzLCBiLmVtYWlscyk7XG4gIGlmICghanVzdEVtYWlsICYmIHNjb3JlIDwgQVNLKSByZXR1cm4geyB2ZXJkaWN0OiAnZGlmZmVyZW50Jywgc2NvcmUsIGV2aWRlbmNlIH07XG4gIGNvbnN0IGRvdWJ0cyA9IGp1c3RFbWFpbCA/IFtdIDogZG91YnRzT2YoYSwgYiwgbmFtZXMsIGNvbW1vbik7XG4gIGV2aWRlbmNlLnB1c2goLi4uZG91YnRzLmZpbHRlcigoZG91YnQpID0+ICFldmlkZW5jZS5pbmNsdWRlcyhkb3VidCkpKTtcbiAgY29uc3QgaXNTdXJlID1cbiAgICBzY29yZSA+PSBTVVJFICYmIGRvdWJ0cy5sZW5ndGggPT09IDAgJiYgKHNoYXJlc1RoZWlyT3duKGEsIGIsIGNvbW1vbikgfHwgaXNUaGVTYW1lKGEsIGIpKTtcbiAgaWYgKGp1c3RFbWFpbCB8fCBpc1N1cmUpIHJldHVybiB7IHZlcmRpY3Q6ICdzdXJlJywgc2NvcmUsIGV2aWRlbmNlIH07XG4gIHJldHVybiB7IHZlcmRpY3Q6ICdhc2snLCBzY29yZSwgZXZpZGVuY2UgfTtcbn1cblxuY29uc3QgaXNOYW1lbGVzcyA9ICh7IGdpdmVuLCBnb2VzQnksIGZhbWlseSwgY29tcGFueSB9OiBUcmFpdHMpOiBib29sZWFuID0+XG4gIFtnaXZlbiwgZ29lc0J5LCBmYW1pbHksIGNvbXBhbnldLmV2ZXJ5KChuYW1lKSA9PiBuYW1lID09PSAnJyk7XG5cbnR5cGUgU2F5ID0gKHdlaWdodDogbnVtYmVyLCB3b3Jkcz86IHN0cmluZykgPT4gdm9pZDtcblxuZnVuY3Rpb24gY29tcGFyZU5hbWVzKGE6IFRyYWl0cywgYjogVHJhaXRzLCBzYXk6IFNheSk6IE5hbWVzQ29tcGFyZWQge1xuICBjb21wYXJlU3VmZml4ZXMoYSwgYiwgc2F5KTtcbiAgaWYgKGlzU3dhcHBlZChhLCBiKSkge1xuICAgIHNheShXRUlHSFQuc3dhcHBlZCwgJ2ZpcnN0IGFuZCBsYXN0IG5hbWUgc3dhcHBlZCcpO1xuICAgIGNvbnN0IGV4YWN0ID0gYS5naXZlbiA9PT0gYi5mYW1pbHkgJiYgYS5mYW1pbHkgPT09IGIuZ2l2ZW47XG4gICAgcmV0dXJuIHsgZ2l2ZW46IGV4YWN0ID8gJ3NhbWUnIDogJ3NpbWlsYXInLCBmYW1pbHlBbGlrZTogdHJ1ZSB9O1xuICB9XG4gIGNvbnN0IGZhbWlseSA9IGNvbXBhcmVGYW1pbHkoYS5mYW1pbHksIGIuZmFtaWx5KTtcbiAgY29uc3QgZ2l2ZW4gPSBjb21wYXJlR2l2ZW4oYSwgYik7XG4gIHNheShmYW1pbHkud2VpZ2h0KTtcbiAgc2F5KGdpdmVuLndlaWdodCk7XG4gIGlmIChmYW1pbHkuYWxpa2UgJiYgZ2l2ZW4uYWxpa2UgJiYgKGEuZmFtaWx5IHx8IGEuZ2l2ZW4pICYmIChiLmZhbWlseSB8fCBiLmdpdmVuKSkge1xuICAgIGNvbnN0IGV4YWN0ID0gZmFtaWx5LndlaWdodCA9PT0gV0VJR0hULmZhbWlseSAmJiBnaXZlbi5leGFjdDtcbiAgICBzYXkoMCwgZXhhY3QgPyAnc2FtZSBuYW1lJyA6IGdpdmVuLm5pY2tuYW1lID8gJ25pY2tuYW1lJyA6ICdzaW1pbGFyIG5hbWUnKTtcbiAgICBjb25zdCBbeCwgeV0gPSBbYS5taWRkbGUsIGIubWlkZGxlXTtcbiAgICBpZiAoeCAmJiB5KSB7XG4gICAgICBjb25zdCBzYW1lID0geCA9PT0geSB8fCAoKHgubGVuZ3RoID09PSAxIHx8IHkubGVuZ3RoID09PSAxKSAmJiB4WzBdID09PSB5WzBdKTtcbiAgICAgIHNheShzYW1lID8gV0VJR0hULm1pZGRsZSA6IFdFSUdIVC5vdGhlck1pZGRsZSwgc2FtZSA/IHVuZGVmaW5lZCA6ICdkaWZmZXJlbnQgbWlkZGxlIG5hbWVzJyk7XG4gICAgfVxuICB9IGVsc2UgaWYgKCFnaXZlbi5hbGlrZSkgc2F5KDAsICdkaWZmZXJlbnQgZmlyc3QgbmFtZXMnKTtcbiAgZWxzZSBpZiAoIWZhbWlseS5hbGlrZSkgc2F5KDAsICdkaWZmZXJlbnQgbGFzdCBuYW1lcycpO1xuICByZXR1cm4ge1xuICAgIGdpdmVuOiBnaXZlbi5hbGlrZSA/IChnaXZlbi5zYW1lTmFtZSA/ICdzYW1lJyA6ICdzaW1pbGFyJykgOiAnb3RoZXInLFxuICAgIGZhbWlseUFsaWtlOiBmYW1pbHkuYWxpa2UsXG4gIH07XG59XG5cbmZ1bmN0aW9uIGNvbXBhcmVTdWZmaXhlcyhhOiBUcmFpdHMsIGI6IFRyYWl0cywgc2F5OiBTYXkpOiB2b2lkIHtcbiAgaWYgKGEuc3VmZml4ID09PSBiLnN1ZmZpeCkgcmV0dXJuO1xuICBpZiAoYS5zdWZmaXggJiYgYi5zdWZmaXgpIHNheShXRUlHSFQub3RoZXJTdWZmaXgsICdmYXRoZXIgYW5kIHNvbiBieSB0aGVpciBzdWZmaXgnKTtcbiAgZWxzZSBzYXkoV0VJR0hULm9uZVN1ZmZpeCwgJ29ubHkgb25lIGhhcyBhIHN1ZmZpeCcpO1xufVxuXG4vKiogV2hldGhlciBmaXJzdCBhbmQgbGFzdCBuYW1lIHN0YW5kIHRoZSBvdGhlciB3YXkgcm91bmQ7IG5lYXIgaXMgZW5vdWdoIHRvIGFzaywgbm90IHRvIGJlIHN1cmUuICovXG5jb25zdCBpc1N3YXBwZWQgPSAoYTogVHJhaXRzLCBiOiBUcmFpdHMpOiBib29sZWFuID0+XG4gIGEuZ2l2ZW4gIT09ICcnICYmXG4gIGEuZmFtaWx5ICE9PSAnJyAmJlxuICBhLmdpdmVuICE9PSBhLmZhbWlseSAmJlxuICBuZWFyKGEuZ2l2ZW4sIGIuZmFtaWx5KSAmJlxuICBuZWFyKGEuZmFtaWx5LCBiLmdpdmVuKSAmJlxuICAhbmVhcihhLmdpdmVuLCBiLmdpdmVuKTtcblxuY29uc3QgbmVhciA9IChhOiBzdHJpbmcsIGI6IHN0cmluZykgPT5cbiAgYSA9PT0gYiB8fCAoYSAhPT0gJycgJiYgYiAhPT0gJycgJiYgKGphcm9XaW5rbGVyKGEsIGIpID49IEpXX05FQVIgfHwgYXJlT25lU2xpcEFwYXJ0KGEsIGIpKSk7XG5cbmZ1bmN0aW9uIGNvbXBhcmVGYW1pbHkoYTogc3RyaW5nLCBiOiBzdHJpbmcpOiB7IHdlaWdodDogbnVtYmVyOyBhbGlrZTogYm9vbGVhbiB9IHtcbiAgaWYgKCFhIHx8ICFiKSByZXR1cm4geyB3ZWlnaHQ6IDAsIGFsaWtlOiB0cnVlIH07XG4gIGlmIChhID09PSBiKSByZXR1cm4geyB3ZWlnaHQ6IFdFSUdIVC5mYW1pbHksIGFsaWtlOiB0cnVlIH07XG4gIGlmIChhcmVOdW1iZXJlZChhLCBiKSkgcmV0dXJuIHsgd2VpZ2h0OiBXRUlHSFQub3RoZXJGYW1pbHksIGFsaWtlOiBmYWxzZSB9O1xuICBjb25zdCBzaW1pbGFyID0gamFyb1dpbmtsZXIoYSwgYik7XG4gIC8vIE9uZSBwYXJ0IG9mIGEgZG91YmxlIG5hbWU6IFwiTWFyc2hcIiBhbmQgXCJNYXJzaCBMaW5kXCIuXG4gIGNvbnN0IHBhcnQgPSBhLnNwbGl0KCcgJykuaW5jbHVkZXMoYikgfHwgYi5zcGxpdCgnICcpLmluY2x1ZGVzKGEpO1xuICBpZiAocGFydCB8fCBhcmVPbmVTbGlwQXBhcnQoYSwgYikpIHJldHVybiB7IHdlaWdodDogV0VJR0hULmZhbWlseVNsaXAsIGFsaWtlOiB0cnVlIH07XG4gIGlmIChzaW1pbGFyID49IEpXX05FQVIpIHJldHVybiB7IHdlaWdodDogV0VJR0hULmZhbWlseU5lYXIsIGFsaWtlOiB0cnVlIH07XG4gIGlmIChzaGFyZXNPbmUoc291bmRzT2YoYSksIHNvdW5kc09mKGIpKSAmJiBzaW1pbGFyID49IDAuNylcbiAgICByZXR1cm4geyB3ZWlnaHQ6IFdFSUdIVC5mYW1pbHlTb3VuZHMsIGFsaWtlOiB0cnVlIH07XG4gIHJldHVybiB7IHdlaWdodDogV0VJR0hULm90aGVyRmFtaWx5LCBhbGlrZTogZmFsc2UgfTtcbn1cblxuaW50ZXJmYWNlIEdpdmVuIHtcbiAgd2VpZ2h0OiBudW1iZXI7XG4gIGFsaWtlOiBib29sZWFuO1xuICBleGFjdDogYm9vbGVhbjtcbiAgbmlja25hbWU6IGJvb2xlYW47XG4gIC8qKiBXaGV0aGVyIGl0IGlzIG9uZSBuYW1lLCB3cml0dGVuIGFsaWtlIG9yIGFzIHdoYXQgcGVvcGxlIG1ha2Ugb2YgaXQuICovXG4gIHNhbWVOYW1lOiBib29sZWFuO1xufVxuXG5mdW5jdGlvbiBjb21wYXJlR2l2ZW4oYTogVHJhaXRzLCBiOiBUcmFpdHMpOiBHaXZlbiB7XG4gIGNvbnN0IHhzID0gW2EuZ2l2ZW4sIGEuZ29lc0J5XS5maWx0ZXIoQm9vbGVhbik7XG4gIGNvbnN0IHlzID0gW2IuZ2l2ZW4sIGIuZ29lc0J5XS5maWx0ZXIoQm9vbGVhbik7XG4gIGNvbnN0IGFuc3dlciA9IChcbiAgICB3ZWlnaHQ6IG51bWJlcixcbiAgICBraW5kOiAnZXhhY3QnIHwgJ25pY2tuYW1lJyB8ICdzaG9ydCcgfCAnbmVhcicgfCAnb3RoZXInLFxuICApOiBHaXZlbiA9PiAoe1xuICAgIHdlaWdodCxcbiAgICBhbGlrZToga2luZCAhPT0gJ290aGVyJyxcbiAgICBleGFjdDoga2luZCA9PT0gJ2V4YWN0JyxcbiAgICBuaWNrbmFtZToga2luZCA9PT0gJ25pY2tuYW1lJyB8fCBraW5kID09PSAnc2hvcnQnLFxuICAgIHNhbWVOYW1lOiBraW5kID09PSAnZXhhY3QnIHx8IGtpbmQgPT09ICduaWNrbmFtZScsXG4gIH0pO1xuICBpZiAoeHMubGVuZ3RoID09PSAwIHx8IHlzLmxlbmd0aCA9PT0gMClcbiAgICByZXR1cm4gYS5mb3JtICYmIGIuZm9ybSAmJiBhLmZvcm0gIT09IGIuZm9ybVxuICAgICAgPyBhbnN3ZXIoV0VJR0hULm90aGVyR2l2ZW4sICdvdGhlcicpXG4gICAgICA6IGFuc3dlcigwLCAnbmVhcicpO1xuICBpZiAoeHMuc29tZSgoeCkgPT4geC5sZW5ndGggPiAxICYmIHlzLmluY2x1ZGVzKHgpKSkgcmV0dXJuIGFuc3dlcihXRUlHSFQuZ2l2ZW4sICdleGFjdCcpO1xuICBjb25zdCBzb21lID0gKHRlc3Q6ICh4OiBzdHJpbmcsIHk6IHN0cmluZykgPT4gYm9vbGVhbikgPT5cbiAgICB4cy5zb21lKCh4KSA9PiB5cy5zb21lKCh5KSA9PiB0ZXN0KHgsIHkpKSk7XG4gIGlmIChzb21lKCh4LCB5KSA9PiAoeC5sZW5ndGggPT09IDEgfHwgeS5sZW5ndGggPT09IDEpICYmIHhbMF0gPT09IHlbMF0pKVxuICAgIHJldHVybiBhbnN3ZXIoV0VJR0hULmdpdmVuSW5pdGlhbCwgJ25lYXInKTtcbiAgaWYgKHNvbWUoYXJlTmlja25hbWVzKSlcbiAgICByZXR1cm4gYW5zd2VyKFdFSUdIVC5naXZlbiwgc29tZShhcmVTdXJlbHlOaWNrbmFtZXMpID8gJ25pY2tuYW1lJyA6ICdzaG9ydCcpO1xuICBpZiAoc29tZShhcmVQYWlyT2ZOYW1lcykgfHwgc29tZShhcmVOdW1iZXJlZCkpIHJldHVybiBhbnN3ZXIoV0VJR0hULm90aGVyS25vd25HaXZlbiwgJ290aGVyJyk7XG4gIGlmIChzb21lKG5lYXIpKSByZXR1cm4gYW5zd2VyKFdFSUdIVC5naXZlbk5lYXIsICduZWFyJyk7XG4gIGlmIChzb21lKCh4LCB5KSA9PiBqYXJvV2lua2xlcih4LCB5KSA+PSBKV19PVEhFUiAmJiBzaGFyZXNPbmUoc291bmRzT2YoeCksIHNvdW5kc09mKHkpKSkpXG4gICAgcmV0dXJuIGFuc3dlcihXRUlHSFQuZ2l2ZW5OZWFyLCAnbmVhcicpO1xuICByZXR1cm4gYW5zd2VyKFdFSUdIVC5vdGhlckdpdmVuLCAnb3RoZXInKTtcbn1cblxuZnVuY3Rpb24gY29tcGFyZUJpcnRoZGF5cyhhOiBzdHJpbmcgfCBudWxsLCBiOiBzdHJpbmcgfCBudWxsLCBzYXk6IFNheSk6IHZvaWQge1xuICBpZiAoIWEgfHwgIWIpIHJldHVybjtcbiAgaWYgKGEgPT09IGIpXG4gICAgcmV0dXJuIHNheShhLmxlbmd0aCA+IDUgPyBXRUlHSFQuYmlydGhkYXkgOiBXRUlHSFQuYmlydGhkYXlXaXRob3V0WWVhciwgJ3NhbWUgYmlydGhkYXknKTtcbiAgY29uc3QgeWVhcmxlc3MgPSBhLmxlbmd0aCA9PT0gNSB8fCBiLmxlbmd0aCA9PT0gNTtcbiAgaWYgKHllYXJsZXNzICYmIGEuc2xpY2UoLTUpID09PSBiLnNsaWNlKC01KSlcbiAgICByZXR1cm4gc2F5KFdFSUdIVC5iaXJ0aGRheVdpdGhvdXRZZWFyLCAnc2FtZSBiaXJ0aGRheScpO1xuICBjb25zdCBbeCwgeV0gPSB5ZWFybGVzcyA/IFthLnNsaWNlKC01KSwgYi5zbGljZSgtNSldIDogW2EsIGJdO1xuICBjb25zdCBkaWdpdHMgPSBbLi4ueF0uZmlsdGVyKChjaGFyLCBpKSA9PiBjaGFyICE9PSB5W2ldKS5sZW5ndGg7XG4gIGlmIChkaWdpdHMgPT09IDEpIHJldHVybiBzYXkoV0VJR0hULmJpcnRoZGF5TmVhciwgJ2JpcnRoZGF5cyBkaWZmZXIgYnkgb25lIGRpZ2l0Jyk7XG4gIHNheShXRUlHSFQub3RoZXJCaXJ0aGRheSwgJ2RpZmZlcmVudCBiaXJ0aGRheXMnKTtcbn1cbiIsICJpbXBvcnQgeyBzaGFyZXNUaGVpck93biwgdHlwZSBDb21tb24gfSBmcm9tICcuL2RvdWJ0cyc7XG5pbXBvcnQgeyBhcmVOaWNrbmFtZXMgfSBmcm9tICcuL25pY2tuYW1lcyc7XG5pbXBvcnQgeyBjb21wYXJlLCB0eXBlIENvbXBhcmlzb24gfSBmcm9tICcuL3Njb3JlJztcbmltcG9ydCB7IG1hdGNoS2V5cywgdHlwZSBUcmFpdHMgfSBmcm9tICcuL3RyYWl0cyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgS25vd24ge1xuICBpZDogc3RyaW5nO1xuICB0cmFpdHM6IFRyYWl0cztcbn1cblxuZXhwb3J0IGludGVyZmFjZSBQYWlyIGV4dGVuZHMgQ29tcGFyaXNvbiB7XG4gIC8qKiBUaGUgaWRzIG9mIHRoZSB0d287IGBhYCBpcyB0aGUgb25lIHRoYXQgc3Rvb2QgZmlyc3QuICovXG4gIGE6IHN0cmluZztcbiAgYjogc3RyaW5nO1xufVxuXG4vKipcbiAqIFVuZGVyIGEga2V5IHRoYXQgbW9yZSBwZW9wbGUgc2hhcmUgdGhhbiB0aGlzIChhIHN3aXRjaGJvYXJkLCBhIHZlcnkgY29tbW9uIG5hbWUpIG5vYm9keSBpcyBjb21wYXJlZFxuICogd2l0aCBldmVyeWJvZHk6IG9ubHkgd2l0aCB0aG9zZSBuZXh0IHRvIHRoZW0gaW4gdGhlIG9yZGVyIG9mIGFsbCB0aGF0IGlzIGtub3duIG9mIHRoZW0sIHRoZVxuICogc29ydGVkLW5laWdoYm91cmhvb2QgbWV0aG9kIG9mIEhlcm5cdTAwRTFuZGV6IGFuZCBTdG9sZm8gMTk5NS4gU28gdGhlIHdvcmsgc3RheXMgbmVhci1saW5lYXIuXG4gKi9cbmNvbnN0IENST1dEID0gNjA7XG5jb25zdCBORUlHSEJPVVJTID0gMTI7XG5cbi8qKlxuICogUGFpcnMgdGhhdCBhcmUgc3VyZWx5IG9yIHBlcmhhcHMgb25lIHBlcnNvbi4gV2l0aCBgaW5jb21pbmdgLCBvbmx5IHBhaXJzIG9mIHdoaWNoIGF0IGxlYXN0IG9uZVxuICogaXMgaW5jb21pbmc7IGVhY2ggcGFpciBvbmNlLCB0aGUgbGlrZWxpZXN0IGZpcnN0LiBOb2JvZHkgaXMgY29tcGFyZWQgd2l0aCBldmVyeWJvZHk6IG9ubHkgd2l0aFxuICogdGhvc2UgdW5kZXIgYSBjb21tb24ga2V5LiBUd28gd2hvIGNvbWUgaW4gdG9nZXRoZXIgYXJlIHN1cmVseSBvbmUgb25seSBieSBzb21ldGhpbmcgb2YgdGhlaXIgb3duOlxuICogYSBsaXN0IHNlbGRvbSBuYW1lcyBzb21lYm9keSB0d2ljZSwgYW5kIG9mdGVuIHR3byBvZiBvbmUgaG9tZS5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGZpbmRTYW1lKHBlb3BsZTogcmVhZG9ubHkgS25vd25bXSwgaW5jb21pbmc/OiBSZWFkb25seVNldDxzdHJpbmc+KTogUGFpcltdIHtcbiAgY29uc3QgYnlLZXkgPSBuZXcgTWFwPHN0cmluZywgbnVtYmVyW10+KCk7XG4gIHBlb3BsZS5mb3JFYWNoKCh7IHRyYWl0cyB9LCBpKSA9PiB7XG4gICAgZm9yIChjb25zdCBrZXkgb2YgbWF0Y2hLZXlzKHRyYWl0cykpIHtcbiAgICAgIGNvbnN0IHVuZGVyID0gYnlLZXkuZ2V0KGtleSk7XG4gICAgICBpZiAodW5kZXIpIHVuZGVyLnB1c2goaSk7XG4gICAgICBlbHNlIGJ5S2V5LnNldChrZXksIFtpXSk7XG4gICAgfVxuICB9KTtcbiAgY29uc3QgY29tbW9uID0gY29tbW9uRW1haWxzKHBlb3BsZSk7XG4gIGNvbnN0IHNlZW4gPSBuZXcgU2V0PG51bWJlcj4oKTtcbiAgY29uc3QgcGFpcnM6IFBhaXJbXSA9IFtdO1xuICBjb25zdCBsb29rID0gKGE6IG51bWJlciwgYjogbnVtYmVyKSA9PiB7XG4gICAgY29uc3QgW29uZSwgb3RoZXJdID0gW3Blb3BsZVthXSEsIHBlb3BsZVtiXSFdO1xuICAgIGNvbnN0IG5ld3MgPSBOdW1iZXIoaW5jb21pbmc/LmhhcyhvbmUuaWQpKSArIE51bWJlcihpbmNvbWluZz8uaGFzKG90aGVyLmlkKSk7XG4gICAgaWYgKGluY29taW5nICYmIG5ld3MgPT09IDApIHJldHVybjtcbiAgICBjb25zdCBib3RoID0gTWF0aC5taW4oYSwgYikgKiBwZW9wbGUubGVuZ3RoICsgTWF0aC5tYXgoYSwgYik7XG4gICAgaWYgKHNlZW4uaGFzKGJvdGgpKSByZXR1cm47XG4gICAgc2Vlbi5hZGQoYm90aCk7XG4gICAgY29uc3QgZm91bmQgPSBjb21wYXJlKG9uZS50cmFpdHMsIG90aGVyLnRyYWl0cywgY29tbW9uKTtcbiAgICBpZiAoZm91bmQudmVyZGljdCA9PT0gJ2RpZmZlcmVudCcpIHJldHVybjtcbiAgICBpZiAobmV3cyA9PT0gMiAmJiBmb3VuZC52ZXJkaWN0ID09PSAnc3VyZScgJiYgIXNoYXJlc1RoZWlyT3duKG9uZS50cmFpdHMsIG90aGVyLnRyYWl0cywgY29tbW9uKSlcbiAgICAgIGZvdW5kLnZlcmRpY3QgPSAnYXNrJztcbiAgICBwYWlycy5wdXNoKHsgYTogcGVvcGxlW01hdGgubWluKGEsIGIpXSEuaWQsIGI6IHBlb3BsZVtNYXRoLm1heChhLCBiKV0hLmlkLCAuLi5mb3VuZCB9KTtcbiAgfTtcbiAgZm9yIChjb25zdCB1bmRlciBvZiBieUtleS52YWx1ZXMoKSkge1xuICAgIGNvbnN0IGlzQ3Jvd2QgPSB1bmRlci5sZW5ndGggPiBDUk9XRDtcbiAgICBjb25zdCBvcmRlciA9IGlzQ3Jvd2QgPyBzb3J0ZWQocGVvcGxlLCB1bmRlcikgOiB1bmRlcjtcbiAgICBmb3IgKGxldCB4ID0gMDsgeCA8IG9yZGVyLmxlbmd0aDsgeCsrKSB7XG4gICAgICBjb25zdCBlbmQgPSBpc0Nyb3dkID8gTWF0aC5taW4ob3JkZXIubGVuZ3RoLCB4ICsgMSArIE5FSUdIQk9VUlMpIDogb3JkZXIubGVuZ3RoO1xuICAgICAgZm9yIChsZXQgeSA9IHggKyAxOyB5IDwgZW5kOyB5KyspIGxvb2sob3JkZXJbeF0hLCBvcmRlclt5XSEpO1xuICAgIH1cbiAgfVxuICByZXR1cm4gcGFpcnMuc29ydChcbiAgICAocCwgcSkgPT4gcS5zY29yZSAtIHAuc2NvcmUgfHwgKHAuYSA8IHEuYSA/IC0xIDogcC5hID4gcS5hID8gMSA6IHAuYiA8IHEuYiA/IC0xIDogMSksXG4gICk7XG59XG5cbi8qKiBFLW1haWwgYWRkcmVzc2VzIHVuZGVyIHdoaWNoIGRpZmZlcmVudCBmaXJzdCBuYW1lcyBzdGFuZDogdGhleSBhcmUgYSBob21lJ3MuICovXG5mdW5jdGlvbiBjb21tb25FbWFpbHMocGVvcGxlOiByZWFkb25seSBLbm93bltdKTogQ29tbW9uIHtcbiAgY29uc3QgZmlyc3QgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBjb25zdCBjb21tb24gPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgZm9yIChjb25zdCB7IHRyYWl0cyB9IG9mIHBlb3BsZSlcbiAgICBmb3IgKGNvbnN0IGVtYWlsIG9mIHRyYWl0cy5naXZlbiA/IHRyYWl0cy5lbWFpbHMgOiBbXSkge1xuICAgICAgY29uc3Qga25vd24gPSBmaXJzdC5nZXQoZW1haWwpID8/IHRyYWl0cy5naXZlbjtcbiAgICAgIGZpcnN0LnNldChlbWFpbCwga25vd24pO1xuICAgICAgaWYgKGtub3duICE9PSB0cmFpdHMuZ2l2ZW4gJiYgIWFyZU5pY2tuYW1lcyhrbm93biwgdHJhaXRzLmdpdmVuKSkgY29tbW9uLmFkZChlbWFpbCk7XG4gICAgfVxuICByZXR1cm4gY29tbW9uO1xufVxuXG4vKiogUGxhY2VzIG9mIHBlb3BsZSBpbiBhbiBvcmRlciBpbiB3aGljaCB0aG9zZSB3aG8gbWF5IGJlIG9uZSBzdGFuZCBuZWFyIGVhY2ggb3RoZXIuICovXG5mdW5jdGlvbiBzb3J0ZWQocGVvcGxlOiByZWFkb25seSBLbm93bltdLCBwbGFjZXM6IHJlYWRvbmx5IG51bWJlcltdKTogbnVtYmVyW10ge1xuICBjb25zdCBvcmRlck9mID0gKHsgZmFtaWx5LCBnaXZlbiwgbWlkZGxlLCBiaXJ0aGRheSwgZW1haWxzLCBwaG9uZXMsIGhvbWVzIH06IFRyYWl0cykgPT5cbiAgICBbZmFtaWx5LCBnaXZlbiwgbWlkZGxlLCBiaXJ0aGRheSA/PyAnJywgcGhvbmVzWzBdID8/ICcnLCBob21lc1swXSA/PyAnJywgZW1haWxzWzBdID8/ICcnXS5qb2luKFxuICAgICAgJyAnLFxuICAgICk7XG4gIGNvbnN0IGtleXMgPSBuZXcgTWFwKHBsYWNlcy5tYXAoKHBsYWNlKSA9PiBbcGxhY2UsIG9yZGVyT2YocGVvcGxlW3BsYWNlXSEudHJhaXRzKV0pKTtcbiAgcmV0dXJuIHBsYWNlcy50b1NvcnRlZCgoeCwgeSkgPT4gKGtleXMuZ2V0KHgpISA8IGtleXMuZ2V0KHkpISA/IC0xIDogMSkpO1xufVxuIiwgImltcG9ydCB7IHJlYWREYXRlLCB0eXBlIERhdGVSZWFkaW5nIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuaW1wb3J0IHsgU1RSRUVUX1dPUkRTIH0gZnJvbSAnQC9jb3JlL3NhbWUnO1xuXG5pbXBvcnQgeyByZWFkV2hvbGVBZGRyZXNzIH0gZnJvbSAnLi9hZGRyZXNzJztcbmltcG9ydCB7IHJlYWRFbWFpbCwgcmVhZExpbmssIHJlYWRQaG9uZSB9IGZyb20gJy4vcmVhY2gnO1xuXG4vKiogV2hhdCB3YXMgZm91bmQgaW4gYSB0ZXh0LCBhbmQgZm9yIHdoYXQgaXQgd2FzIHRha2VuLiAqL1xuZXhwb3J0IHR5cGUgUGFydCA9XG4gIHwgeyBpczogJ2VtYWlsJyB8ICdwaG9uZScgfCAnbGluayc7IHZhbHVlOiBzdHJpbmc7IGxhYmVsOiBzdHJpbmcgfVxuICB8IHsgaXM6ICd0YWcnOyB2YWx1ZTogc3RyaW5nIH1cbiAgfCB7IGlzOiAnYmlydGhkYXknIHwgJ3dlZGRpbmcnOyBvbjogc3RyaW5nIH1cbiAgfCB7XG4gICAgICBpczogJ2FkZHJlc3MnO1xuICAgICAgbGluZTogc3RyaW5nO1xuICAgICAgY2l0eTogc3RyaW5nO1xuICAgICAgcmVnaW9uOiBzdHJpbmc7XG4gICAgICBwb3N0YWxDb2RlOiBzdHJpbmc7XG4gICAgICBjb3VudHJ5OiBzdHJpbmc7XG4gICAgfVxuICB8IHsgaXM6ICdyZWZlcnJlZEJ5JyB8ICdwYXJ0bmVyJyB8ICdjaGlsZCc7IG5hbWU6IHN0cmluZyB9XG4gIHwgeyBpczogJ3VucmVhZCc7IHRleHQ6IHN0cmluZyB9O1xuXG4vKiogU3RhbmRzIHdoZXJlIGEgcGFydCB3YXMgdGFrZW4gb3V0OiB3aGF0IGlzIGJlZm9yZSBhbmQgYmVoaW5kIGl0IGRvZXMgbm90IGJlbG9uZyB0b2dldGhlci4gKi9cbmV4cG9ydCBjb25zdCBHQVAgPSAnXFx1MjQxRSc7XG5cbi8qKiBBIHRleHQgd2l0aCBpdHMgcGFydHMgdGFrZW4gb3V0LCBlYWNoIGxlYXZpbmcgYSB7QGxpbmsgR0FQfS4gKi9cbmludGVyZmFjZSBGb3VuZCB7XG4gIHJlc3Q6IHN0cmluZztcbiAgcGFydHM6IFBhcnRbXTtcbn1cblxudHlwZSBUYWtlciA9IChmb3VuZDogRm91bmQpID0+IHZvaWQ7XG5cbi8qKiBUYWtlcyBvdXQgd2hhdCBgcGF0dGVybmAgZmluZHMgd2hlcmUgYHJlYWRgIG1ha2VzIHNvbWV0aGluZyBvZiBpdC4gKi9cbmZ1bmN0aW9uIHRha2UoXG4gIGZvdW5kOiBGb3VuZCxcbiAgcGF0dGVybjogUmVnRXhwLFxuICByZWFkOiAobWF0Y2g6IFJlZ0V4cEV4ZWNBcnJheSkgPT4gUGFydCB8IFBhcnRbXSB8IG51bGwsXG4pIHtcbiAgZm91bmQucmVzdCA9IGZvdW5kLnJlc3QucmVwbGFjZShwYXR0ZXJuLCAoLi4uYXJnczogdW5rbm93bltdKSA9PiB7XG4gICAgY29uc3QgZ3JvdXBzID0gYXJncy5maW5kSW5kZXgoKGFyZykgPT4gdHlwZW9mIGFyZyA9PT0gJ251bWJlcicpO1xuICAgIGNvbnN0IG1hdGNoID0gYXJncy5zbGljZSgwLCBncm91cHMpIGFzIHVua25vd24gYXMgUmVnRXhwRXhlY0FycmF5O1xuICAgIGNvbnN0IHBhcnRzID0gcmVhZChtYXRjaCk7XG4gICAgaWYgKHBhcnRzID09PSBudWxsKSByZXR1cm4gbWF0Y2hbMF0hO1xuICAgIGZvdW5kLnBhcnRzLnB1c2goLi4uKEFycmF5LmlzQXJyYXkocGFydHMpID8gcGFydHMgOiBbcGFydHNdKSk7XG4gICAgcmV0dXJuIEdBUDtcbiAgfSk7XG59XG5cbmNvbnN0IExBQkVMID1cbiAgJyg/OlxcXFxiKGNlbGx8bW9iaWxlfGhvbWV8d29ya3xvZmZpY2V8ZmF4KVxcXFxzKig/OnBob25lfHRlbHxlLT9tYWlsfG51bWJlcik/XFxcXHMqWzouXT9cXFxccyopPyc7XG5jb25zdCBMQUJFTFM6IFJlY29yZDxzdHJpbmcsIHN0cmluZz4gPSB7IGNlbGw6ICdtb2JpbGUnLCBvZmZpY2U6ICd3b3JrJyB9O1xuY29uc3QgbGFiZWxPZiA9ICh3b3JkID0gJycpID0+IExBQkVMU1t3b3JkLnRvTG93ZXJDYXNlKCldID8/IHdvcmQudG9Mb3dlckNhc2UoKTtcblxuY29uc3QgdGFnczogVGFrZXIgPSAoZm91bmQpID0+XG4gIHRha2UoZm91bmQsIC8oPzwhW1xccHtMfVxccHtOfS9dKSMoW1xccHtMfVxccHtOfV8tXSspL2d1LCAoWywgdmFsdWVdKSA9PiAoe1xuICAgIGlzOiAndGFnJyxcbiAgICB2YWx1ZTogdmFsdWUhLFxuICB9KSk7XG5cbmNvbnN0IGVtYWlsczogVGFrZXIgPSAoZm91bmQpID0+IHtcbiAgdGFrZShcbiAgICBmb3VuZCxcbiAgICBuZXcgUmVnRXhwKGAke0xBQkVMfTw/XFxcXHMqKFteXFxcXHM8Piw7KClcIl0rQFteXFxcXHM8Piw7KClcIl0rKVxcXFxzKj4/YCwgJ2dpdScpLFxuICAgIChbd2hvbGUsIGxhYmVsLCB0ZXh0XSkgPT4ge1xuICAgICAgY29uc3QgdmFsdWUgPSByZWFkRW1haWwodGV4dCEucmVwbGFjZSgvWy46XSskLywgJycpKTtcbiAgICAgIHJldHVybiB2YWx1ZVxuICAgICAgICA/IHsgaXM6ICdlbWFpbCcsIHZhbHVlLCBsYWJlbDogbGFiZWxPZihsYWJlbCkgfVxuICAgICAgICA6IHsgaXM6ICd1bnJlYWQnLCB0ZXh0OiB3aG9sZS50cmltKCkgfTtcbiAgICB9LFxuICApO1xuICB0YWtlKGZvdW5kLCAvXFxTK0BcXFMqL2d1LCAoW3dob2xlXSkgPT4gKHsgaXM6ICd1bnJlYWQnLCB0ZXh0OiB3aG9sZSB9KSk7XG59O1xuXG5jb25zdCBsaW5rczogVGFrZXIgPSAoZm91bmQpID0+XG4gIHRha2UoZm91bmQsIC8oPzpodHRwcz86XFwvXFwvfHd3d1xcLilbXlxccyw7PD5dKy9naXUsIChbdGV4dF0pID0+IHtcbiAgICBjb25zdCB2YWx1ZSA9IHJlYWRMaW5rKHRleHQpO1xuICAgIHJldHVybiB2YWx1ZSA/IHsgaXM6ICdsaW5rJywgdmFsdWUsIGxhYmVsOiAnJyB9IDogbnVsbDtcbiAgfSk7XG5cbi8qKiBVcCB0byBzbyBtYW55IHdvcmRzIGJlaGluZCBcImJpcnRoZGF5XCIgbWF5IG1ha2UgaXRzIGRhdGUuICovXG5jb25zdCBEQVRFID0gL14oPzpbXFxwe0x9XFxkLi9cdTIwMTknLV0rLD9cXHMqKXsxLDR9L3U7XG5cbi8qKiBUaGUgbG9uZ2VzdCBiZWdpbm5pbmcgb2YgdGhlIHdvcmRzIHRoYXQgaXMgYSBkYXRlLCBhbmQgd2hhdCBpcyBsZWZ0IG9mIHRoZW0uICovXG5mdW5jdGlvbiBsZWFkaW5nRGF0ZSh3b3Jkczogc3RyaW5nLCByZWFkaW5nOiBEYXRlUmVhZGluZyk6IHsgb246IHN0cmluZzsgcmVzdDogc3RyaW5nIH0gfCBudWxsIHtcbiAgY29uc3QgdG9rZW5zID0gd29yZHMuc3BsaXQoLyg/PD1cXHMpLyk7XG4gIGZvciAobGV0IG4gPSB0b2tlbnMubGVuZ3RoOyBuID4gMDsgbi0tKSB7XG4gICAgY29uc3Qgb24gPSByZWFkRGF0ZSh0b2tlbnMuc2xpY2UoMCwgbikuam9pbignJykudHJpbSgpLnJlcGxhY2UoLywkLywgJycpLCByZWFkaW5nKTtcbiAgICBpZiAob24pIHJldHVybiB7IG9uLCByZXN0OiB0b2tlbnMuc2xpY2Uobikuam9pbignJykgfTtcbiAgfVxuICByZXR1cm4gbnVsbDtcbn1cblxuZnVuY3Rpb24gZGF0ZWQoaXM6ICdiaXJ0aGRheScgfCAnd2VkZGluZycsIGtleXdvcmQ6IHN0cmluZywgcmVhZGluZzogRGF0ZVJlYWRpbmcpOiBUYWtlciB7XG4gIGNvbnN0IHNhaWQgPSBuZXcgUmVnRXhwKGBcXFxcYig/OiR7a2V5d29yZH0pXFxcXGIoPzpcXFxccysoPzppc3xvbnxkYXl8ZGF0ZSkpKls6XFxcXHNdK2AsICdnaXUnKTtcbiAgLy8gXCI0IE1heSBiaXJ0aGRheVwiXG4gIGNvbnN0IGJlZm9yZSA9IG5ldyBSZWdFeHAoYCgoPzpbXFxcXHB7TH1cXFxcZC4vLV0rXFxcXHMrKXsxLDN9KSg/OiR7a2V5d29yZH0pXFxcXGJgLCAnZ2l1Jyk7XG4gIHJldHVybiAoZm91bmQpID0+IHtcbiAgICBmb3IgKGNvbnN0IG1hdGNoIG9mIFsuLi5mb3VuZC5yZXN0Lm1hdGNoQWxsKHNhaWQpXS5yZXZlcnNlKCkpIHtcbiAgICAgIGNvbnN0IGZyb20gPSBtYXRjaC5pbmRleCArIG1hdGNoWzBdLmxlbmd0aDtcbiAgICAgIGNvbnN0IHdvcmRzID0gKERBVEUuZXhlYyhmb3VuZC5yZXN0LnNsaWNlKGZyb20pKT8uWzBdID8/ICcnKS50cmltRW5kKCk7XG4gICAgICBjb25zdCByZWFkID0gbGVhZGluZ0RhdGUod29yZHMsIHJlYWRpbmcpO1xuICAgICAgY29uc3QgW25vdGhpbmcgPSAnJ10gPSB3b3Jkcy5zcGxpdCgvWyw7XS8pO1xuICAgICAgaWYgKHJlYWQpIGZvdW5kLnBhcnRzLnB1c2goeyBpcywgb246IHJlYWQub24gfSk7XG4gICAgICBlbHNlIGlmIChpcyA9PT0gJ2JpcnRoZGF5JyAmJiAvXFxkLy50ZXN0KG5vdGhpbmcpKVxuICAgICAgICBmb3VuZC5wYXJ0cy5wdXNoKHsgaXM6ICd1bnJlYWQnLCB0ZXh0OiBgJHttYXRjaFswXX0ke25vdGhpbmd9YC50cmltKCkgfSk7XG4gICAgICBlbHNlIGNvbnRpbnVlO1xuICAgICAgY29uc3QgdGFrZW4gPSByZWFkID8gd29yZHMubGVuZ3RoIC0gcmVhZC5yZXN0Lmxlbmd0aCA6IG5vdGhpbmcubGVuZ3RoO1xuICAgICAgZm91bmQucmVzdCA9IGAke2ZvdW5kLnJlc3Quc2xpY2UoMCwgbWF0Y2guaW5kZXgpfSR7R0FQfSR7Zm91bmQucmVzdC5zbGljZShmcm9tICsgdGFrZW4pfWA7XG4gICAgfVxuICAgIGZvdW5kLnJlc3QgPSBmb3VuZC5yZXN0LnJlcGxhY2UoYmVmb3JlLCAod2hvbGU6IHN0cmluZywgd29yZHM6IHN0cmluZykgPT4ge1xuICAgICAgY29uc3QgdG9rZW5zID0gd29yZHMudHJpbUVuZCgpLnNwbGl0KC8oPzw9XFxzKS8pO1xuICAgICAgZm9yIChsZXQgbiA9IDA7IG4gPCB0b2tlbnMubGVuZ3RoOyBuKyspIHtcbiAgICAgICAgY29uc3Qgb24gPSByZWFkRGF0ZSh0b2tlbnMuc2xpY2Uobikuam9pbignJykudHJpbSgpLCByZWFkaW5nKTtcbiAgICAgICAgaWYgKCFvbikgY29udGludWU7XG4gICAgICAgIGZvdW5kLnBhcnRzLnB1c2goeyBpcywgb24gfSk7XG4gICAgICAgIHJldHVybiBgJHt0b2tlbnMuc2xpY2UoMCwgbikuam9pbignJyl9JHtHQVB9YDtcbiAgICAgIH1cbiAgICAgIHJldHVybiB3aG9sZTtcbiAgICB9KTtcbiAgfTtcbn1cblxuY29uc3QgUEVSU09OID1cbiAgXCIoXFxcXHB7THV9W1xcXFxwe0x9XFxcXHB7TX0nXHUyMDE5Li1dKig/OlxcXFxzKyg/Oig/OmRlfGxhfHZhbnx2b258ZGVyfGRlbHxkaXxkYSlcXFxccyspKlxcXFxwe0x1fVtcXFxccHtMfVxcXFxwe019J1x1MjAxOS1dKikqKVwiO1xuXG5jb25zdCB0aWVzOiBUYWtlciA9IChmb3VuZCkgPT4ge1xuICB0YWtlKFxuICAgIGZvdW5kLFxuICAgIG5ldyBSZWdFeHAoXG4gICAgICBgXFxcXGIoPzpzZW50fHJlZmVycmVkfGludHJvZHVjZWR8cmVjb21tZW5kZWQpXFxcXHMrYnlcXFxccysoPzoke1BFUlNPTn18KFteLDske0dBUH1cXFxcbl0rKSlgLFxuICAgICAgJ2dpdScsXG4gICAgKSxcbiAgICAoWywgbmFtZSwgb3RoZXJdKSA9PiAoe1xuICAgICAgaXM6ICdyZWZlcnJlZEJ5JyxcbiAgICAgIG5hbWU6IChuYW1lID8/IG90aGVyKSEudHJpbSgpLFxuICAgIH0pLFxuICApO1xuICBjb25zdCBwZW9wbGUgPSBgJHtQRVJTT059KCg/OlxcXFxzKig/Oix8JnxcXFxcYmFuZFxcXFxiKVxcXFxzKlxcXFxwe0x1fVtcXFxccHtMfSdcdTIwMTktXSooPyFbXFxcXHB7TH1cXFxcc10qQCkpKilgO1xuICB0YWtlKFxuICAgIGZvdW5kLFxuICAgIG5ldyBSZWdFeHAoXG4gICAgICBgXFxcXGIoPzpbTW1dYXJyaWVkIHRvfFtXd11pZmV8W0hoXXVzYmFuZHxbUHBdYXJ0bmVyfFtTc11wb3VzZSkoPzpcXFxccytpcyk/WzpcXFxcc10rJHtQRVJTT059YCxcbiAgICAgICdndScsXG4gICAgKSxcbiAgICAoWywgbmFtZV0pID0+ICh7XG4gICAgICBpczogJ3BhcnRuZXInLFxuICAgICAgbmFtZTogbmFtZSEsXG4gICAgfSksXG4gICk7XG4gIHRha2UoXG4gICAgZm91bmQsXG4gICAgbmV3IFJlZ0V4cChcbiAgICAgIGBcXFxcYig/OltDY11oaWxkcmVufFtLa11pZHN8W0NjXWhpbGR8W0trXWlkfFtTc11vbnxbRGRdYXVnaHRlcnxbU3Ndb25zfFtEZF1hdWdodGVycykoPzpcXFxccysoPzppc3xhcmUpKT9bOlxcXFxzXSske3Blb3BsZX1gLFxuICAgICAgJ2d1JyxcbiAgICApLFxuICAgIChbLCBmaXJzdCwgbW9yZV0pID0+XG4gICAgICBbZmlyc3QhLCAuLi4obW9yZSA/PyAnJykuc3BsaXQoL1xccyooPzosfCZ8XFxiYW5kXFxiKVxccyovKV1cbiAgICAgICAgLmZpbHRlcihCb29sZWFuKVxuICAgICAgICAubWFwKChuYW1lKSA9PiAoeyBpczogJ2NoaWxkJywgbmFtZSB9KSksXG4gICk7XG59O1xuXG5jb25zdCBwaG9uZXM6IFRha2VyID0gKGZvdW5kKSA9PlxuICB0YWtlKFxuICAgIGZvdW5kLFxuICAgIG5ldyBSZWdFeHAoXG4gICAgICBgJHtMQUJFTH0oPzwhW1xcXFxwe0x9XFxcXGRdKSgoPzpcXFxcK3xcXFxcKCk/XFxcXGRbXFxcXGRcXFxccygpLlxcXFwtL117NSx9XFxcXGQoPzpcXFxccyooPzp4fGV4dFxcXFwuP3xleHRlbnNpb24pXFxcXHMqXFxcXGQrKT8pYCxcbiAgICAgICdnaXUnLFxuICAgICksXG4gICAgKFssIGxhYmVsLCB0ZXh0XSkgPT4ge1xuICAgICAgY29uc3QgdGlkeSA9IHRleHQhLnRyaW0oKS5yZXBsYWNlKC9leHRlbnNpb24vaSwgJ3gnKTtcbiAgICAgIGNvbnN0IHZhbHVlID0gcmVhZERhdGUodGlkeSkgPT09IG51bGwgPyByZWFkUGhvbmUodGlkeSkgOiBudWxsO1xuICAgICAgcmV0dXJuIHZhbHVlID8geyBpczogJ3Bob25lJywgdmFsdWUsIGxhYmVsOiBsYWJlbE9mKGxhYmVsKSB9IDogbnVsbDtcbiAgICB9LFxuICApO1xuXG5jb25zdCBTVFJFRVQgPSBuZXcgUmVnRXhwKFxuICBgXFxcXGQrW2Etel0/KD86LVxcXFxkKyk/XFxcXHMrKCg/OltcXFxccHtMfVxcXFxkLidcdTIwMTktXStcXFxccyspezAsNH0/KSg/OiR7U1RSRUVUX1dPUkRTLmpvaW4oJ3wnKX0pXFxcXGIoPzpcXFxccysoPzoke1NUUkVFVF9XT1JEUy5qb2luKCd8Jyl9KVxcXFxiKT9cXFxcLj8oPzpcXFxccysoPzpufHN8ZXx3fG5lfG53fHNlfHN3KVxcXFxiKT8oPzosP1xcXFxzKig/OiN8YXB0fHVuaXR8c3VpdGV8c3RlfGFwYXJ0bWVudClcXFxcLj9cXFxccypbXFxcXHctXSspP2AsXG4gICdnaXUnLFxuKTtcbi8qKiBXb3JkcyB0aGF0IG5vIHN0cmVldCBpcyBjYWxsZWQgYnk6IFwiMyB0aW1lcyBhdCB0aGUgbGFrZVwiIGlzIG5vbmUuICovXG5jb25zdCBOT19TVFJFRVQgPVxuICAvXFxiKD86YXR8dGhlfGlufG9mfGFuZHxhfGFufHRvfG9ufGZvcnx3aXRofGZyb218dGltZXN8eWVhcnN8ZGF5c3x3ZWVrc3xraWRzfGNoaWxkcmVufHBlb3BsZXxhZ298bmVhcilcXGIvaTtcbmNvbnN0IFRPV04gPVxuICAvXiw/XFxzKihcXHB7TH1bXFxwe0x9IC4nXHUyMDE5LV0qPyksP1xccysoPzooW0EtWl17Mn0pXFwuPyw/XFxzKyk/KFxcZHs1fSg/Oi1cXGR7NH0pPylcXGJ8Xiw/XFxzKihcXHB7TH1bXFxwe0x9IC4nXHUyMDE5LV0qPyksXFxzKihbQS1aXXsyfSlcXGIvdTtcblxuLyoqIEEgc3RyZWV0IHdpdGggaXRzIG51bWJlciwgYW5kIHRoZSB0b3duIGJlaGluZCBpdCB3aXRoIGl0cyBzdGF0ZSBvciBwb3N0YWwgY29kZS4gKi9cbmNvbnN0IGFkZHJlc3NlczogVGFrZXIgPSAoZm91bmQpID0+IHtcbiAgZm9yIChjb25zdCBtYXRjaCBvZiBbLi4uZm91bmQucmVzdC5tYXRjaEFsbChTVFJFRVQpXS5yZXZlcnNlKCkpIHtcbiAgICBpZiAoTk9fU1RSRUVULnRlc3QobWF0Y2hbMV0hKSkgY29udGludWU7XG4gICAgY29uc3QgbGluZSA9IG1hdGNoWzBdLnRyaW0oKS5yZXBsYWNlKC8sJC8sICcnKTtcbiAgICBjb25zdCBiZWhpbmQgPSBmb3VuZC5yZXN0LnNsaWNlKG1hdGNoLmluZGV4ICsgbWF0Y2hbMF0ubGVuZ3RoKTtcbiAgICBjb25zdCB0b3duID0gVE9XTi5leGVjKGJlaGluZCk7XG4gICAgY29uc3Qgd2hvbGUgPSB0b3duID8gYCR7bGluZX0sICR7dG93blswXS5yZXBsYWNlKC9eLD9cXHMqLywgJycpfWAgOiBsaW5lO1xuICAgIGNvbnN0IHJlYWQgPSByZWFkV2hvbGVBZGRyZXNzKHdob2xlKTtcbiAgICBmb3VuZC5wYXJ0cy5wdXNoKHtcbiAgICAgIGlzOiAnYWRkcmVzcycsXG4gICAgICAuLi4ocmVhZCA/PyB7XG4gICAgICAgIGxpbmUsXG4gICAgICAgIGNpdHk6IHRvd24/Lls0XSA/PyAnJyxcbiAgICAgICAgcmVnaW9uOiB0b3duPy5bNV0gPz8gJycsXG4gICAgICAgIHBvc3RhbENvZGU6ICcnLFxuICAgICAgICBjb3VudHJ5OiAnJyxcbiAgICAgIH0pLFxuICAgIH0pO1xuICAgIGZvdW5kLnJlc3QgPSBgJHtmb3VuZC5yZXN0LnNsaWNlKDAsIG1hdGNoLmluZGV4KX0ke0dBUH0ke2JlaGluZC5zbGljZSh0b3duPy5bMF0ubGVuZ3RoID8/IDApfWA7XG4gIH1cbn07XG5cbi8qKlxuICogRmluZHMgd2hhdCBjYW4gYmUgdG9sZCBhbnl3aGVyZSBpbiBhIHRleHQsIHdpdGggb3Igd2l0aG91dCBjb21tYXM6IGUtbWFpbHMsIHBob25lcywgbGlua3MsICN0YWdzLCBkYXlzLFxuICogc3RyZWV0cywgd2hvIHNlbnQgc29tZWJvZHksIHBhcnRuZXJzIGFuZCBjaGlsZHJlbi4gQW5zd2VycyB0aGVtLCBhbmQgdGhlIHJlc3Qgb2YgdGhlIHRleHQgd2l0aCBhXG4gKiB7QGxpbmsgR0FQfSBmb3IgZWFjaC5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGZpbmRQYXJ0cyh0ZXh0OiBzdHJpbmcsIHJlYWRpbmc6IERhdGVSZWFkaW5nID0ge30pOiBGb3VuZCB7XG4gIGNvbnN0IGZvdW5kOiBGb3VuZCA9IHsgcmVzdDogdGV4dCwgcGFydHM6IFtdIH07XG4gIGNvbnN0IHBhc3QgPSB7IC4uLnJlYWRpbmcsIHBhc3Q6IHRydWUgfTtcbiAgY29uc3QgdGFrZXJzID0gW1xuICAgIHRhZ3MsXG4gICAgZW1haWxzLFxuICAgIGxpbmtzLFxuICAgIGRhdGVkKCdiaXJ0aGRheScsICdiaXJ0aGRheXxib3JufGItP2RheXxkb2InLCBwYXN0KSxcbiAgICBkYXRlZChcbiAgICAgICd3ZWRkaW5nJyxcbiAgICAgICd3ZWRkaW5nIGFubml2ZXJzYXJ5fHdlZGRpbmcgZGF5fHdlZGRpbmd8bWFycmllZCBvbnxtYXJyaWVkfGFubml2ZXJzYXJ5JyxcbiAgICAgIHBhc3QsXG4gICAgKSxcbiAgICBhZGRyZXNzZXMsXG4gICAgcGhvbmVzLFxuICAgIHRpZXMsXG4gIF07XG4gIGZvciAoY29uc3QgdGFrZXIgb2YgdGFrZXJzKSB0YWtlcihmb3VuZCk7XG4gIHJldHVybiBmb3VuZDtcbn1cbiIsICJpbXBvcnQgeyBOT0JPRFksIHR5cGUgUGVyc29uRmllbGRzIH0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5pbXBvcnQgeyBmaWd1cmUgfSBmcm9tICdAL2NvcmUvdGltZSc7XG5cbmltcG9ydCB7IGZpbmRQYXJ0cywgR0FQIH0gZnJvbSAnLi9maW5kLXBhcnRzJztcbmltcG9ydCB7IGFzU2Vjb25kLCBpbXBvcnRlZE9mLCB0eXBlIEltcG9ydGVkUGVyc29uLCB0eXBlIFJvd0ZhdWx0IH0gZnJvbSAnLi9pbXBvcnRlZCc7XG5pbXBvcnQgeyBzcGxpdENvdXBsZSwgc3BsaXROYW1lIH0gZnJvbSAnLi9uYW1lcyc7XG5cbmV4cG9ydCBjb25zdCBNQVhfUEFTVEVEID0gMjBfMDAwO1xuXG4vKiogQ3V0cyBhdCBsaW5lIGVuZHMsIHNlbWljb2xvbnMsIHRhYnMgYW5kIGNvbW1hcyBvdXRzaWRlIG9mIHF1b3RlcywgYnJhY2tldHMgYW5kIGFuZ2xlIGJyYWNrZXRzLiAqL1xuZnVuY3Rpb24gZW50cmllc09mKGxpbmU6IHN0cmluZyk6IHsgdGV4dDogc3RyaW5nOyBjb21tYTogYm9vbGVhbiB9W10ge1xuICBjb25zdCBwYXJ0cyA9IFt7IHRleHQ6ICcnLCBjb21tYTogZmFsc2UgfV07XG4gIGxldCBxdW90ZWQgPSBmYWxzZTtcbiAgbGV0IGRlcHRoID0gMDtcbiAgZm9yIChjb25zdCBjaGFyIG9mIGxpbmUpIHtcbiAgICBpZiAoY2hhciA9PT0gJ1wiJykgcXVvdGVkID0gIXF1b3RlZDtcbiAgICBpZiAoIXF1b3RlZCAmJiAnPCgnLmluY2x1ZGVzKGNoYXIpKSBkZXB0aCArPSAxO1xuICAgIGlmICghcXVvdGVkICYmICc+KScuaW5jbHVkZXMoY2hhcikpIGRlcHRoID0gTWF0aC5tYXgoMCwgZGVwdGggLSAxKTtcbiAgICBpZiAoIXF1b3RlZCAmJiBkZXB0aCA9PT0gMCAmJiAnLDtcXHQnLmluY2x1ZGVzKGNoYXIpKVxuICAgICAgcGFydHMucHVzaCh7IHRleHQ6ICcnLCBjb21tYTogY2hhciAhPT0gJzsnIH0pO1xuICAgIGVsc2UgcGFydHMuYXQoLTEpIS50ZXh0ICs9IGNoYXI7XG4gIH1cbiAgcmV0dXJuIHBhcnRzXG4gICAgLm1hcCgocGFydCkgPT4gKHsgLi4ucGFydCwgdGV4dDogcGFydC50ZXh0LnRyaW0oKSB9KSlcbiAgICAuZmlsdGVyKCh7IHRleHQgfSkgPT4gdGV4dCAhPT0gJycpO1xufVxuXG5jb25zdCBpc05hbWUgPSAodGV4dDogc3RyaW5nKSA9PlxuICAvXltcXHB7TH1cXHB7TX0uLCdcdTIwMTlcIlx1MjAxQ1x1MjAxRCgpJiAtXXsyLDgwfSQvdS50ZXN0KHRleHQpICYmIHRleHQuc3BsaXQoL1xccysvKS5sZW5ndGggPD0gNztcbmNvbnN0IGlzV29yZCA9ICh0ZXh0OiBzdHJpbmcpID0+IC9eXFxwe0x9W1xccHtMfVxccHtNfS4nXHUyMDE5LV0qJC91LnRlc3QodGV4dCk7XG5cbi8qKiBPbmUgZW50cnk6IGEgbmFtZSBhbmQgd2hhdCB3YXMgZm91bmQgYmVzaWRlIGl0LiAqL1xuaW50ZXJmYWNlIEVudHJ5IHtcbiAgcm93OiBudW1iZXI7XG4gIG5hbWU6IHN0cmluZztcbiAgZmllbGRzOiBQaWNrPFBlcnNvbkZpZWxkcywgJ2VtYWlscycgfCAncGhvbmVzJz47XG4gIC8qKiBXaGF0IGlzIG5laXRoZXIuICovXG4gIG90aGVyOiBzdHJpbmc7XG59XG5cbi8qKiBMb25nZXIgdGhhbiBhbnkgbmFtZSBvciBhZGRyZXNzOyBsb29raW5nIGludG8gaXQgd291bGQgdGFrZSBmb3IgZXZlci4gKi9cbmNvbnN0IEVORExFU1MgPSAxXzAwMDtcblxuLyoqIEEgdGV4dCB3aXRob3V0IHdvcmRzIHRoYXQgaGF2ZSBubyBlbmQsIGFuZCB0aG9zZS4gKi9cbmZ1bmN0aW9uIHdpdGhvdXRFbmRsZXNzKHRleHQ6IHN0cmluZyk6IHsgc2hvcnQ6IHN0cmluZzsgZW5kbGVzczogc3RyaW5nW10gfSB7XG4gIGlmICh0ZXh0Lmxlbmd0aCA8IEVORExFU1MpIHJldHVybiB7IHNob3J0OiB0ZXh0LCBlbmRsZXNzOiBbXSB9O1xuICBjb25zdCB3b3JkcyA9IHRleHQuc3BsaXQoL1xccysvKTtcbiAgY29uc3QgZW5kbGVzcyA9IHdvcmRzLmZpbHRlcigod29yZCkgPT4gd29yZC5sZW5ndGggPj0gRU5ETEVTUyk7XG4gIGlmIChlbmRsZXNzLmxlbmd0aCA9PT0gMCkgcmV0dXJuIHsgc2hvcnQ6IHRleHQsIGVuZGxlc3MgfTtcbiAgcmV0dXJuIHsgc2hvcnQ6IHdvcmRzLmZpbHRlcigod29yZCkgPT4gd29yZC5sZW5ndGggPCBFTkRMRVNTKS5qb2luKCcgJyksIGVuZGxlc3MgfTtcbn1cblxuLyoqIFJlYWRzIHRoZSBlbnRyaWVzIG9mIG9uZSBwaWVjZSBvZiB0ZXh0OyBzZXZlcmFsIGFkZHJlc3NlcyBwYXJ0ZWQgYnkgc3BhY2VzIG9ubHkgYXJlIHNldmVyYWwuICovXG5mdW5jdGlvbiByZWFkRW50cmllcyhyb3c6IG51bWJlciwgdGV4dDogc3RyaW5nKTogRW50cnlbXSB7XG4gIGNvbnN0IHsgc2hvcnQsIGVuZGxlc3MgfSA9IHdpdGhvdXRFbmRsZXNzKHRleHQpO1xuICBjb25zdCB7IHJlc3QsIHBhcnRzIH0gPSBmaW5kUGFydHMoc2hvcnQucmVwbGFjZUFsbChHQVAsICcgJykpO1xuICBjb25zdCBlbWFpbHMgPSBwYXJ0cy5mbGF0TWFwKChwYXJ0KSA9PlxuICAgIHBhcnQuaXMgPT09ICdlbWFpbCcgPyBbeyB2YWx1ZTogcGFydC52YWx1ZSwgbGFiZWw6IHBhcnQubGFiZWwgfV0gOiBbXSxcbiAgKTtcbiAgY29uc3QgcGhvbmVzID0gcGFydHMuZmxhdE1hcCgocGFydCkgPT5cbiAgICBwYXJ0LmlzID09PSAncGhvbmUnID8gW3sgdmFsdWU6IHBhcnQudmFsdWUsIGxhYmVsOiBwYXJ0LmxhYmVsIH1dIDogW10sXG4gICk7XG4gIGNvbnN0IHVucmVhZCA9IHBhcnRzLmZsYXRNYXAoKHBhcnQpID0+IChwYXJ0LmlzID09PSAndW5yZWFkJyA/IFtwYXJ0LnRleHRdIDogW10pKTtcbiAgY29uc3Qgd29yZHMgPSByZXN0XG4gICAgLnNwbGl0KG5ldyBSZWdFeHAoYFske0dBUH1cXFxcc10qJHtHQVB9WyR7R0FQfVxcXFxzXSpgKSlcbiAgICAubWFwKCh3b3JkKSA9PiB3b3JkLnJlcGxhY2UoL15bXCInXFxzPD46LC1dK3xbXCInXFxzPD46LC1dKyQvZywgJycpKVxuICAgIC5maWx0ZXIoQm9vbGVhbik7XG4gIGNvbnN0IG5hbWVzID0gd29yZHMuZmlsdGVyKGlzTmFtZSk7XG4gIGNvbnN0IG90aGVyID0gWy4uLnVucmVhZCwgLi4ud29yZHMuZmlsdGVyKCh3b3JkKSA9PiAhaXNOYW1lKHdvcmQpKSwgLi4uZW5kbGVzc10uam9pbignICcpO1xuICAvLyBcIkFuYSBMaW5kIGFuYUBcdTIwMjYgQm8gTWFyc2ggYm9AXHUyMDI2XCI6IGFzIG1hbnkgbmFtZXMgYXMgYWRkcmVzc2VzLlxuICBjb25zdCBzZXZlcmFsID0gZW1haWxzLmxlbmd0aCA+IDEgJiYgKG5hbWVzLmxlbmd0aCA9PT0gMCB8fCBuYW1lcy5sZW5ndGggPT09IGVtYWlscy5sZW5ndGgpO1xuICBpZiAoc2V2ZXJhbClcbiAgICByZXR1cm4gZW1haWxzLm1hcCgoZW1haWwsIGkpID0+ICh7XG4gICAgICByb3csXG4gICAgICBuYW1lOiBuYW1lc1tpXSA/PyAnJyxcbiAgICAgIGZpZWxkczogeyBlbWFpbHM6IFtlbWFpbF0sIHBob25lczogaSA9PT0gMCA/IHBob25lcyA6IFtdIH0sXG4gICAgICBvdGhlcjogaSA9PT0gMCA/IG90aGVyIDogJycsXG4gICAgfSkpO1xuICByZXR1cm4gW3sgcm93LCBuYW1lOiBuYW1lcy5qb2luKCcgJyksIGZpZWxkczogeyBlbWFpbHMsIHBob25lcyB9LCBvdGhlciB9XTtcbn1cblxuLyoqXG4gKiBUaGUgZW50cmllcyBvZiBvbmUgbGluZS4gQmVoaW5kIGEgY29tbWEgc3RhbmRzIHNvbWVib2R5IGVsc2UsIHVubGVzcyBpdCBpcyB3aGF0IGJlbG9uZ3MgdG8gdGhlIG5hbWVcbiAqIGJlZm9yZTogXCJMaW5kLCBSb3NhIDxyb3NhQGV4YW1wbGUuY29tPlwiLCBcIlJvc2EgTGluZCwgcm9zYUBleGFtcGxlLmNvbSwgNTU1LTAxNDJcIi5cbiAqL1xuZnVuY3Rpb24gcmVhZExpbmUocm93OiBudW1iZXIsIGxpbmU6IHN0cmluZywgZmFtaWx5Rmlyc3Q6IGJvb2xlYW4pOiBFbnRyeVtdIHtcbiAgY29uc3QgZW50cmllczogRW50cnlbXSA9IFtdO1xuICBmb3IgKGNvbnN0IHsgdGV4dCwgY29tbWEgfSBvZiBlbnRyaWVzT2YobGluZSkpIHtcbiAgICBjb25zdCByZWFkID0gcmVhZEVudHJpZXMocm93LCB0ZXh0KTtcbiAgICBjb25zdCBbb25lXSA9IHJlYWQ7XG4gICAgY29uc3QgYmVmb3JlID0gZW50cmllcy5hdCgtMSk7XG4gICAgY29uc3Qgam9pbnMgPVxuICAgICAgY29tbWEgJiYgcmVhZC5sZW5ndGggPT09IDEgJiYgYmVmb3JlICYmIGJlZm9yZS5uYW1lICE9PSAnJyAmJiBiZWZvcmUub3RoZXIgPT09ICcnICYmIG9uZTtcbiAgICBjb25zdCBub25lID0gYmVmb3JlICYmIGJlZm9yZS5maWVsZHMuZW1haWxzLmxlbmd0aCArIGJlZm9yZS5maWVsZHMucGhvbmVzLmxlbmd0aCA9PT0gMDtcbiAgICBpZiAoam9pbnMgJiYgb25lLm5hbWUgPT09ICcnICYmIG9uZS5vdGhlciA9PT0gJycgJiYgZml0c0Jlc2lkZShiZWZvcmUsIG9uZSkpIHtcbiAgICAgIGJlZm9yZS5maWVsZHMuZW1haWxzLnB1c2goLi4ub25lLmZpZWxkcy5lbWFpbHMpO1xuICAgICAgYmVmb3JlLmZpZWxkcy5waG9uZXMucHVzaCguLi5vbmUuZmllbGRzLnBob25lcyk7XG4gICAgfSBlbHNlIGlmIChqb2lucyAmJiBub25lICYmIGlzRmFtaWx5QmVmb3JlKGJlZm9yZSwgb25lLCBmYW1pbHlGaXJzdCkpXG4gICAgICBlbnRyaWVzW2VudHJpZXMubGVuZ3RoIC0gMV0gPSB7IC4uLm9uZSwgbmFtZTogYCR7YmVmb3JlLm5hbWV9LCAke29uZS5uYW1lfWAgfTtcbiAgICBlbHNlIGVudHJpZXMucHVzaCguLi5yZWFkKTtcbiAgfVxuICByZXR1cm4gZW50cmllcztcbn1cblxuLyoqIEFuIGFkZHJlc3MgYmVsb25ncyB0byB0aGUgbmFtZSBiZWZvcmUgaXQgd2hlcmUgdGhhdCBoYXMgbm9uZSBvZiBpdHMga2luZC4gKi9cbmNvbnN0IGZpdHNCZXNpZGUgPSAoeyBmaWVsZHMgfTogRW50cnksIG1vcmU6IEVudHJ5KTogYm9vbGVhbiA9PlxuICAobW9yZS5maWVsZHMuZW1haWxzLmxlbmd0aCA+IDAgJiYgZmllbGRzLmVtYWlscy5sZW5ndGggPT09IDApIHx8XG4gIChtb3JlLmZpZWxkcy5waG9uZXMubGVuZ3RoID4gMCAmJiBmaWVsZHMucGhvbmVzLmxlbmd0aCA9PT0gMCk7XG5cbi8qKiBcIkxpbmQsIFJvc2FcIiBiZWZvcmUgYW4gYWRkcmVzcywgb3IgaW4gYSBsaXN0IG9mIG5vdGhpbmcgZWxzZS4gKi9cbmNvbnN0IGlzRmFtaWx5QmVmb3JlID0gKGJlZm9yZTogRW50cnksIG9uZTogRW50cnksIGZhbWlseUZpcnN0OiBib29sZWFuKTogYm9vbGVhbiA9PlxuICBvbmUubmFtZSAhPT0gJycgJiZcbiAgaXNXb3JkKG9uZS5uYW1lLnNwbGl0KCcgJylbMF0hKSAmJlxuICAoZmFtaWx5Rmlyc3QgfHxcbiAgICAob25lLmZpZWxkcy5lbWFpbHMubGVuZ3RoICsgb25lLmZpZWxkcy5waG9uZXMubGVuZ3RoID4gMCAmJlxuICAgICAgaXNXb3JkKGJlZm9yZS5uYW1lKSAmJlxuICAgICAgaXNXb3JkKG9uZS5uYW1lKSkpO1xuXG4vKiogV2hldGhlciBldmVyeSBsaW5lIGlzIHR3byB3b3JkcyB3aXRoIGEgY29tbWEgYmV0d2VlbjogYSBsaXN0IHdpdGggdGhlIGZhbWlseSBuYW1lIGZpcnN0LiAqL1xuZnVuY3Rpb24gaXNGYW1pbHlGaXJzdChsaW5lczogcmVhZG9ubHkgc3RyaW5nW10pOiBib29sZWFuIHtcbiAgY29uc3QgdG9sZCA9IGxpbmVzLmZpbHRlcigobGluZSkgPT4gbGluZS50cmltKCkgIT09ICcnKTtcbiAgcmV0dXJuIChcbiAgICB0b2xkLmxlbmd0aCA+IDEgJiZcbiAgICB0b2xkLmV2ZXJ5KChsaW5lKSA9PiAvXlxccypcXHB7TH1bXFxwe0x9XFxwe019J1x1MjAxOSAtXSosXFxzKlxccHtMfVtcXHB7TH1cXHB7TX0uJ1x1MjAxOS1dKlxccyokL3UudGVzdChsaW5lKSlcbiAgKTtcbn1cblxuY29uc3Qgbm9ib2R5ID0gKHRleHQ6IHN0cmluZykgPT4gYFx1MjAxQyR7dGV4dC5zbGljZSgwLCA4MCl9XHUyMDFEIGlzIG5laXRoZXIgYSBuYW1lIG5vciBhbiBlLW1haWwgYWRkcmVzcy5gO1xuXG4vKipcbiAqIFJlYWRzIHBhc3RlZCBuYW1lcyBhbmQgYWRkcmVzc2VzLCBwYXJ0ZWQgYnkgY29tbWFzLCBzZW1pY29sb25zLCB0YWJzLCBsaW5lcyBvciBvbmx5IHNwYWNlcy4gV2hhdCBpc1xuICogbmVpdGhlciBpcyByZXBvcnRlZCBhbmQgbGVmdCBvdXQsIGJ5IGl0c2VsZi4gVGhlIHNhbWUgYWRkcmVzcyB0d2ljZSBjb3VudHMgb25jZS5cbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRQYXN0ZWQodGV4dDogc3RyaW5nKTogeyBwZW9wbGU6IEltcG9ydGVkUGVyc29uW107IGZhdWx0czogUm93RmF1bHRbXSB9IHtcbiAgY29uc3QgcGVvcGxlOiBJbXBvcnRlZFBlcnNvbltdID0gW107XG4gIGNvbnN0IGZhdWx0czogUm93RmF1bHRbXSA9IFtdO1xuICBjb25zdCBzZWVuID0gbmV3IFNldDxzdHJpbmc+KCk7XG4gIGNvbnN0IGxpbmVzID0gdGV4dC5zcGxpdCgvXFxyXFxufFxccnxcXG4vKTtcbiAgY29uc3QgZmFtaWx5Rmlyc3QgPSBpc0ZhbWlseUZpcnN0KGxpbmVzKTtcbiAgY29uc3QgZW50cmllcyA9IGxpbmVzLmZsYXRNYXAoKGxpbmUsIGkpID0+IHJlYWRMaW5lKGkgKyAxLCBsaW5lLCBmYW1pbHlGaXJzdCkpO1xuICBmb3IgKGNvbnN0IFtuLCB7IHJvdywgbmFtZSwgZmllbGRzLCBvdGhlciB9XSBvZiBlbnRyaWVzLmVudHJpZXMoKSkge1xuICAgIGNvbnN0IHRlbGwgPSAod2h5OiBzdHJpbmcsIGxlZnRPdXQgPSB0cnVlKSA9PiBmYXVsdHMucHVzaCh7IHJvdywgd2h5LCBsZWZ0T3V0IH0pO1xuICAgIGNvbnN0IHsgZW1haWxzLCBwaG9uZXMgfSA9IGZpZWxkcztcbiAgICBpZiAobmFtZSA9PT0gJycgJiYgZW1haWxzLmxlbmd0aCArIHBob25lcy5sZW5ndGggPT09IDApIHtcbiAgICAgIHRlbGwobm9ib2R5KG90aGVyKSk7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgaWYgKHBlb3BsZS5sZW5ndGggPj0gTUFYX1BBU1RFRCkge1xuICAgICAgdGVsbChcbiAgICAgICAgYE9ubHkgJHtmaWd1cmUoTUFYX1BBU1RFRCl9IGVudHJpZXMgYXJlIHJlYWQgYXQgYSB0aW1lOyAke2VudHJpZXMubGVuZ3RoIC0gbn0gYXJlIGxlZnQgb3V0LmAsXG4gICAgICApO1xuICAgICAgYnJlYWs7XG4gICAgfVxuICAgIGNvbnN0IGtleSA9IGVtYWlsc1swXT8udmFsdWUudG9Mb3dlckNhc2UoKTtcbiAgICBpZiAoa2V5ICYmIHNlZW4uaGFzKGtleSkpIHtcbiAgICAgIHRlbGwoYCR7a2V5fSBpcyB0aGVyZSB0d2ljZTsgaXQgaXMgdGFrZW4gb25jZS5gKTtcbiAgICAgIGNvbnRpbnVlO1xuICAgIH1cbiAgICBpZiAoa2V5KSBzZWVuLmFkZChrZXkpO1xuICAgIGlmIChvdGhlcikgdGVsbChgXHUyMDFDJHtvdGhlci5zbGljZSgwLCA4MCl9XHUyMDFEIGdvZXMgaW50byB0aGUgbm90ZS5gLCBmYWxzZSk7XG4gICAgY29uc3QgY291cGxlID0gc3BsaXRDb3VwbGUobmFtZSk7XG4gICAgY29uc3QgeyBhbHNvLCB1bnN1cmUsIC4uLnNwbGl0IH0gPSBjb3VwbGU/LlswXSA/PyBzcGxpdE5hbWUobmFtZSk7XG4gICAgY29uc3QgcGVyc29uOiBJbXBvcnRlZFBlcnNvbiA9IHtcbiAgICAgIC4uLmltcG9ydGVkT2Yocm93LCB7IC4uLk5PQk9EWSwgLi4uc3BsaXQsIGVtYWlscywgcGhvbmVzIH0pLFxuICAgICAgbm90ZXM6IFtvdGhlciwgYWxzb10uZmlsdGVyKEJvb2xlYW4pLm1hcCgoYm9keSkgPT4gKHsgb246IG51bGwsIGJvZHk6IGJvZHkhIH0pKSxcbiAgICAgIC4uLih1bnN1cmUgPyB7IG5hbWVHdWVzc2VkOiB0cnVlIH0gOiB7fSksXG4gICAgfTtcbiAgICBwZW9wbGUucHVzaChwZXJzb24pO1xuICAgIGlmICghY291cGxlKSBjb250aW51ZTtcbiAgICBwZXJzb24ucmVsYXRlZC5wdXNoKHsga2luZDogJ3BhcnRuZXInLCBuYW1lOiAnJywgcGxhY2U6IHBlb3BsZS5sZW5ndGggfSk7XG4gICAgcGVvcGxlLnB1c2goYXNTZWNvbmQoY291cGxlWzFdLCBwZXJzb24pKTtcbiAgfVxuICByZXR1cm4geyBwZW9wbGUsIGZhdWx0cyB9O1xufVxuIiwgImltcG9ydCB7IHVuemlwU3luYyB9IGZyb20gJ2ZmbGF0ZSc7XG5pbXBvcnQgeyByZWFkU2hlZXQgfSBmcm9tICdyZWFkLWV4Y2VsLWZpbGUvdW5pdmVyc2FsJztcblxuaW1wb3J0IHsgdGFibGVPZiwgdHlwZSBUYWJsZUZhdWx0LCB0eXBlIFRhYmxlUmVhZCB9IGZyb20gJy4vdGFibGUnO1xuXG4vKiogQSBzcHJlYWRzaGVldCBpbiB0aGUgb3BlbiBmb3JtYXQgKEVDTUEtMzc2KSBpcyBhIHppcCBhcmNoaXZlLiAqL1xuZXhwb3J0IGNvbnN0IGlzU2hlZXQgPSAoYnl0ZXM6IFVpbnQ4QXJyYXkpOiBib29sZWFuID0+XG4gIGJ5dGVzWzBdID09PSAweDUwICYmIGJ5dGVzWzFdID09PSAweDRiICYmIGJ5dGVzWzJdID09PSAzICYmIGJ5dGVzWzNdID09PSA0O1xuXG4vKiogV2hhdCBpcyBwYWNrZWQgbWF5IGJlIHRoaXMgbGFyZ2UgdW5wYWNrZWQ7IGEgc21hbGwgZmlsZSB0aGF0IGhvbGRzIG1vcmUgd2FzIG1hZGUgdG8gZG8gaGFybS4gKi9cbmNvbnN0IE1BWF9VTlBBQ0tFRCA9IDIwMCAqIDEwMjQgKiAxMDI0O1xuXG4vKiogSG93IGxhcmdlIHRoZSBwYXJ0cyBvZiBhbiBhcmNoaXZlIHNheSB0aGF0IHRoZXkgYXJlLCB3aXRob3V0IHVucGFja2luZyBhbnkuICovXG5mdW5jdGlvbiB1bnBhY2tlZFNpemUoYnl0ZXM6IFVpbnQ4QXJyYXkpOiBudW1iZXIge1xuICBsZXQgc2l6ZSA9IDA7XG4gIHVuemlwU3luYyhieXRlcywge1xuICAgIGZpbHRlcjogKHsgb3JpZ2luYWxTaXplIH0pID0+IHtcbiAgICAgIHNpemUgKz0gb3JpZ2luYWxTaXplO1xuICAgICAgcmV0dXJuIGZhbHNlO1xuICAgIH0sXG4gIH0pO1xuICByZXR1cm4gc2l6ZTtcbn1cblxuY29uc3QgcGFkID0gKG46IG51bWJlcikgPT4gU3RyaW5nKG4pLnBhZFN0YXJ0KDIsICcwJyk7XG5cbi8qKiBBIGNlbGwgYXMgdGV4dDogYSBkYXRlIGFzIGl0cyBkYXksIHllcyBhbmQgbm8gaW4gd29yZHMsIGEgbnVtYmVyIHdpdGhvdXQgdGhlIHNpZ25zIG9mIGFuIGV4cG9uZW50LiAqL1xuZnVuY3Rpb24gY2VsbFRleHQodmFsdWU6IHVua25vd24pOiBzdHJpbmcge1xuICBpZiAodmFsdWUgPT09IG51bGwgfHwgdmFsdWUgPT09IHVuZGVmaW5lZCkgcmV0dXJuICcnO1xuICBpZiAodmFsdWUgaW5zdGFuY2VvZiBEYXRlKVxuICAgIHJldHVybiBgJHtTdHJpbmcodmFsdWUuZ2V0VVRDRnVsbFllYXIoKSkucGFkU3RhcnQoNCwgJzAnKX0tJHtwYWQodmFsdWUuZ2V0VVRDTW9udGgoKSArIDEpfS0ke3BhZCh2YWx1ZS5nZXRVVENEYXRlKCkpfWA7XG4gIGlmICh0eXBlb2YgdmFsdWUgPT09ICdib29sZWFuJykgcmV0dXJuIHZhbHVlID8gJ3llcycgOiAnbm8nO1xuICBpZiAodHlwZW9mIHZhbHVlID09PSAnbnVtYmVyJyAmJiBOdW1iZXIuaXNJbnRlZ2VyKHZhbHVlKSkgcmV0dXJuIEJpZ0ludCh2YWx1ZSkudG9TdHJpbmcoKTtcbiAgcmV0dXJuIFN0cmluZyh2YWx1ZSBhcyBzdHJpbmcgfCBudW1iZXIpO1xufVxuXG4vKiogUmVhZHMgdGhlIGZpcnN0IHNoZWV0IG9mIGEgc3ByZWFkc2hlZXQgKC54bHN4KSBhcyBjZWxscy4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiByZWFkU2hlZXRUYWJsZShieXRlczogVWludDhBcnJheSk6IFByb21pc2U8VGFibGVSZWFkPiB7XG4gIGNvbnN0IHVucmVhZGFibGU6IFRhYmxlRmF1bHQgPSB7IHJlYXNvbjogJ25vdF90ZXh0JyB9O1xuICB0cnkge1xuICAgIGlmICh1bnBhY2tlZFNpemUoYnl0ZXMpID4gTUFYX1VOUEFDS0VEKVxuICAgICAgcmV0dXJuIHsgb2s6IGZhbHNlLCBmYXVsdDogeyByZWFzb246ICd1bnBhY2tzX3Rvb19sYXJnZScgfSB9O1xuICAgIGNvbnN0IHJvd3MgPSBhd2FpdCByZWFkU2hlZXQobmV3IFVpbnQ4QXJyYXkoYnl0ZXMpLmJ1ZmZlcik7XG4gICAgcmV0dXJuIHRhYmxlT2YoXG4gICAgICByb3dzLm1hcCgocm93KSA9PiByb3cubWFwKGNlbGxUZXh0KSksXG4gICAgICB7IGVuY29kaW5nOiAnJywgZGVsaW1pdGVyOiAnJywgc2tpcHBlZDogMCwgZmF1bHRzOiBbXSB9LFxuICAgICk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiB7IG9rOiBmYWxzZSwgZmF1bHQ6IHVucmVhZGFibGUgfTtcbiAgfVxufVxuIiwgImltcG9ydCBQYXBhIGZyb20gJ3BhcGFwYXJzZSc7XG5cbmltcG9ydCB7IHRpZHlUZXh0IH0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5pbXBvcnQgeyBmaWd1cmUsIHBsdXJhbCwgcmVhZERhdGUgfSBmcm9tICdAL2NvcmUvdGltZSc7XG5cbmltcG9ydCB0eXBlIHsgRGVjb2RlZCwgRW5jb2RpbmcgfSBmcm9tICcuL2RlY29kZSc7XG5pbXBvcnQgeyByZWFkSGVhZGluZyB9IGZyb20gJy4vaGVhZGluZ3MnO1xuaW1wb3J0IHsgcmVhZEVtYWlsLCByZWFkUGhvbmUgfSBmcm9tICcuL3JlYWNoJztcblxuLyoqIEEgZGVsaW1pdGVkIHRleHQgZmlsZSBvciBhIHNoZWV0IGFzIGNlbGxzLCB3aXRoIHdoZXJlIGVhY2ggcm93IHN0b29kIGluIGl0LiAqL1xuZXhwb3J0IGludGVyZmFjZSBUYWJsZSB7XG4gIGVuY29kaW5nOiBFbmNvZGluZyB8ICcnO1xuICBkZWxpbWl0ZXI6IHN0cmluZztcbiAgaGVhZGVyOiBzdHJpbmdbXTtcbiAgcm93czogeyByb3c6IG51bWJlcjsgY2VsbHM6IHN0cmluZ1tdIH1bXTtcbiAgLyoqIFdoYXQgb2YgdGhlIHJvd3MgaXMgbm90IGFzIGl0IHNob3VsZCBiZSwgY291bnRlZCBmcm9tIDEgd2l0aCB0aGUgaGVhZGVyLiAqL1xuICBmYXVsdHM6IHsgcm93OiBudW1iZXI7IHdoeTogc3RyaW5nOyBsZWZ0T3V0OiBib29sZWFuIH1bXTtcbn1cblxuZXhwb3J0IGNvbnN0IE1BWF9ST1dTID0gNTBfMDAwO1xuZXhwb3J0IGNvbnN0IE1BWF9DT0xVTU5TID0gNTAwO1xuLyoqIFNlcGFyYXRvcnMgYW5kIHF1b3RlcyBpbiBvbmUgbGluZTogbW9yZSB0aGFuIGFueSBsaXN0IG9mIHBlb3BsZSBoYXM7IGEgZmlsZSBvZiBub3RoaW5nIGVsc2UgaGFzIG1pbGxpb25zLiAqL1xuZXhwb3J0IGNvbnN0IE1BWF9TSUdOUyA9IDUwXzAwMDtcblxuZXhwb3J0IHR5cGUgVGFibGVGYXVsdCA9XG4gIHwgeyByZWFzb246ICdlbXB0eScgfVxuICB8IHsgcmVhc29uOiAnbm90X3RleHQnIH1cbiAgfCB7IHJlYXNvbjogJ3Rvb19tYW55X3Jvd3MnOyByb3dzOiBudW1iZXIgfVxuICB8IHsgcmVhc29uOiAndG9vX21hbnlfY29sdW1ucyc7IGNvbHVtbnM6IG51bWJlciB9XG4gIHwgeyByZWFzb246ICd0b29fbWFueV9zaWducyc7IHJvdzogbnVtYmVyIH1cbiAgfCB7IHJlYXNvbjogJ3F1b3Rlc19vcGVuJzsgcm93OiBudW1iZXIgfVxuICB8IHsgcmVhc29uOiAnb25seV9oZWFkZXInIH1cbiAgfCB7IHJlYXNvbjogJ3VucGFja3NfdG9vX2xhcmdlJyB9O1xuXG5leHBvcnQgdHlwZSBUYWJsZVJlYWQgPSB7IG9rOiB0cnVlOyB0YWJsZTogVGFibGUgfSB8IHsgb2s6IGZhbHNlOyBmYXVsdDogVGFibGVGYXVsdCB9O1xuY29uc3QgZmFpbCA9IChmYXVsdDogVGFibGVGYXVsdCk6IFRhYmxlUmVhZCA9PiAoeyBvazogZmFsc2UsIGZhdWx0IH0pO1xuXG5leHBvcnQgZnVuY3Rpb24gdGFibGVGYXVsdFNlbnRlbmNlKGZhdWx0OiBUYWJsZUZhdWx0KTogc3RyaW5nIHtcbiAgc3dpdGNoIChmYXVsdC5yZWFzb24pIHtcbiAgICBjYXNlICdlbXB0eSc6XG4gICAgICByZXR1cm4gJ1RoaXMgZmlsZSBpcyBlbXB0eS4nO1xuICAgIGNhc2UgJ25vdF90ZXh0JzpcbiAgICAgIHJldHVybiAnVGhpcyBmaWxlIGNhblx1MjAxOXQgYmUgcmVhZC4gU2F2ZSBpdCBhcyBDU1Ygb3IgYXMgYSBzcHJlYWRzaGVldCAoLnhsc3gpIGFuZCBjaG9vc2UgdGhhdCBmaWxlLic7XG4gICAgY2FzZSAndG9vX21hbnlfcm93cyc6XG4gICAgICByZXR1cm4gYFRoaXMgZmlsZSBoYXMgJHtmaWd1cmUoZmF1bHQucm93cyl9IHJvd3M7IFBlbiBQYWwgcmVhZHMgdXAgdG8gJHtmaWd1cmUoTUFYX1JPV1MpfSBhdCBhIHRpbWUuIFNwbGl0IGl0IGFuZCBpbXBvcnQgdGhlIHBhcnRzLmA7XG4gICAgY2FzZSAndG9vX21hbnlfY29sdW1ucyc6XG4gICAgICByZXR1cm4gYFRoaXMgZmlsZSBoYXMgJHtmaWd1cmUoZmF1bHQuY29sdW1ucyl9IGNvbHVtbnM7IFBlbiBQYWwgcmVhZHMgdXAgdG8gJHtmaWd1cmUoTUFYX0NPTFVNTlMpfS4gVGFrZSBhd2F5IHRob3NlIHRoYXQgc2F5IG5vdGhpbmcgb2YgcGVvcGxlIGFuZCBjaG9vc2UgaXQgYWdhaW4uYDtcbiAgICBjYXNlICd0b29fbWFueV9zaWducyc6XG4gICAgICByZXR1cm4gYExpbmUgJHtmaWd1cmUoZmF1bHQucm93KX0gb2YgdGhpcyBmaWxlIGhhcyBtb3JlIHRoYW4gJHtmaWd1cmUoTUFYX1NJR05TKX0gc2VwYXJhdG9ycyBhbmQgcXVvdGF0aW9uIG1hcmtzLCBzbyBpdCBpcyBubyBsaXN0IG9mIHBlb3BsZS4gTG9vayBhdCBpdCBpbiBhIHNwcmVhZHNoZWV0IGFuZCBjaG9vc2UgdGhlIGZpbGUgYWdhaW4uYDtcbiAgICBjYXNlICdxdW90ZXNfb3Blbic6XG4gICAgICByZXR1cm4gYEZyb20gcm93ICR7ZmlndXJlKGZhdWx0LnJvdyl9IG9uLCB0aGlzIGZpbGUgb3BlbnMgcXVvdGF0aW9uIG1hcmtzIGFnYWluIGFuZCBhZ2FpbiB0aGF0IGFyZSBuZXZlciBjbG9zZWQsIHNvIG5vYm9keSBjYW4gdGVsbCBpdHMgcm93cy4gU2F2ZSBpdCBvbmNlIG1vcmUgZnJvbSBhIHNwcmVhZHNoZWV0IGFuZCBjaG9vc2UgaXQgYWdhaW4uYDtcbiAgICBjYXNlICdvbmx5X2hlYWRlcic6XG4gICAgICByZXR1cm4gJ1RoaXMgZmlsZSBoYXMgYSBoZWFkZXIgYnV0IG5vIHJvd3MgYmVsb3cgaXQuJztcbiAgICBjYXNlICd1bnBhY2tzX3Rvb19sYXJnZSc6XG4gICAgICByZXR1cm4gJ1RoaXMgc3ByZWFkc2hlZXQgaXMgZmFyIGxhcmdlciBpbnNpZGUgdGhhbiBhbnkgbGlzdCBvZiBwZW9wbGUuIFNhdmUgdGhlIGxpc3QgYnkgaXRzZWxmIGFuZCBjaG9vc2UgdGhhdCBmaWxlLic7XG4gIH1cbn1cblxuY29uc3QgU0lHTlMgPSBbJywnLCAnOycsICdcXHQnLCAnfCddIGFzIGNvbnN0O1xuXG4vKiogVGhlIHNpZ24gdGhhdCBwYXJ0cyBhIGxpbmUgbW9zdCBvZnRlbiwgb3V0c2lkZSBvZiBxdW90ZXM7IG51bGwgd2hlbiBub25lIGRvZXMuICovXG5mdW5jdGlvbiBzaWduT2YodGV4dDogc3RyaW5nLCBmcm9tOiBudW1iZXIpOiBzdHJpbmcgfCBudWxsIHtcbiAgY29uc3QgY291bnRzID0gbmV3IE1hcDxzdHJpbmcsIG51bWJlcj4oU0lHTlMubWFwKChzaWduKSA9PiBbc2lnbiwgMF0pKTtcbiAgbGV0IHF1b3RlZCA9IGZhbHNlO1xuICBmb3IgKGxldCBhdCA9IGZyb207IGF0IDwgdGV4dC5sZW5ndGg7IGF0KyspIHtcbiAgICBjb25zdCBjaGFyID0gdGV4dFthdF0hO1xuICAgIGlmIChjaGFyID09PSAnXCInKSBxdW90ZWQgPSAhcXVvdGVkO1xuICAgIGVsc2UgaWYgKCFxdW90ZWQgJiYgKGNoYXIgPT09ICdcXG4nIHx8IGNoYXIgPT09ICdcXHInKSkgYnJlYWs7XG4gICAgZWxzZSBpZiAoIXF1b3RlZCAmJiBjb3VudHMuaGFzKGNoYXIpKSBjb3VudHMuc2V0KGNoYXIsIGNvdW50cy5nZXQoY2hhcikhICsgMSk7XG4gIH1cbiAgY29uc3QgW2Jlc3RdID0gWy4uLmNvdW50c10uc29ydCgoWywgYV0sIFssIGJdKSA9PiBiIC0gYSk7XG4gIHJldHVybiBiZXN0IVsxXSA+IDAgPyBiZXN0IVswXSA6IG51bGw7XG59XG5cbi8qKiBMaW5lcyBhYm92ZSB0aGUgaGVhZGluZ3MsIGF0IG1vc3QuICovXG5jb25zdCBNT1NUX1RJVExFUyA9IDU7XG5cbi8qKiBUaGUgc2lnbiB0aGF0IHBhcnRzIHRoZSBmaXJzdCBsaW5lLCBvciB0aGUgbGluZSBvZiBoZWFkaW5ncyBiZWxvdyBhIHRpdGxlOyBudWxsIHdoZW4gbm9uZSBkb2VzLiAqL1xuZnVuY3Rpb24gZGVsaW1pdGVyT2YodGV4dDogc3RyaW5nKTogc3RyaW5nIHwgbnVsbCB7XG4gIGNvbnN0IHN0YXJ0ID0gdGV4dC5sZW5ndGggLSB0ZXh0LnRyaW1TdGFydCgpLmxlbmd0aDtcbiAgY29uc3QgZmlyc3QgPSBzaWduT2YodGV4dCwgc3RhcnQpO1xuICBpZiAoZmlyc3QpIHJldHVybiBmaXJzdDtcbiAgY29uc3QgbGluZXMgPSB0ZXh0LnNsaWNlKHN0YXJ0LCBzdGFydCArIDIwXzAwMCkuc3BsaXQoL1xcclxcbnxcXHJ8XFxuLyk7XG4gIGZvciAoY29uc3QgbGluZSBvZiBsaW5lcy5zbGljZSgxLCBNT1NUX1RJVExFUyArIDEpKSB7XG4gICAgY29uc3Qgc2lnbiA9IHNpZ25PZihsaW5lLCAwKTtcbiAgICBpZiAoc2lnbiAmJiBsaW5lLnNwbGl0KHNpZ24pLmZpbHRlcihpc0hlYWRpbmcpLmxlbmd0aCA+IDEpIHJldHVybiBzaWduO1xuICB9XG4gIHJldHVybiBudWxsO1xufVxuXG4vKiogVGhlIGZpcnN0IGxpbmUgd2l0aCBtb3JlIG9mIHRoZW0gdGhhbiBhcmUgcmVhZCwgZnJvbSAxOyBudWxsIGZvciBub25lLiAqL1xuZnVuY3Rpb24gb3ZlcmZ1bGxMaW5lKHRleHQ6IHN0cmluZyk6IG51bWJlciB8IG51bGwge1xuICBjb25zdCBjb2RlcyA9IG5ldyBTZXQoWy4uLlNJR05TLCAnXCInXS5tYXAoKHNpZ24pID0+IHNpZ24uY2hhckNvZGVBdCgwKSkpO1xuICBsZXQgW2xpbmUsIGNvdW50XSA9IFsxLCAwXTtcbiAgZm9yIChsZXQgYXQgPSAwOyBhdCA8IHRleHQubGVuZ3RoOyBhdCsrKSB7XG4gICAgY29uc3QgY29kZSA9IHRleHQuY2hhckNvZGVBdChhdCk7XG4gICAgaWYgKGNvZGUgPT09IDEwKSBbbGluZSwgY291bnRdID0gW2xpbmUgKyAxLCAwXTtcbiAgICBlbHNlIGlmIChjb2Rlcy5oYXMoY29kZSkgJiYgKytjb3VudCA+IE1BWF9TSUdOUykgcmV0dXJuIGxpbmU7XG4gIH1cbiAgcmV0dXJuIG51bGw7XG59XG5cbi8qKiBTdGFuZHMgZm9yIGEgcXVvdGF0aW9uIG1hcmsgdGhhdCBpcyByZWFkIGFzIGEgcGxhaW4gc2lnbjogbm9ib2R5IHdyaXRlcyB0aGlzIG9uZS4gKi9cbmNvbnN0IFBMQUlOX1FVT1RFID0gJ1xcdUUwMjInO1xuXG5pbnRlcmZhY2UgUGFyc2VkIHtcbiAgcm93czogc3RyaW5nW11bXTtcbiAgLyoqIFdoZXJlIGluIHRoZSB0ZXh0IGVhY2ggcm93IGJlZ2lucy4gKi9cbiAgc3RhcnRzOiBudW1iZXJbXTtcbiAgZGVsaW1pdGVyOiBzdHJpbmc7XG4gIG9wZW46IGJvb2xlYW47XG59XG5cbi8qKiBQYXJ0cyBub3RoaW5nOiBhIGZpbGUgb2Ygb25lIGNvbHVtbiBoYXMgbm8gc2lnbiBiZXR3ZWVuIGl0cyBjZWxscy4gKi9cbmNvbnN0IE5PX1NJR04gPSAnXFx4MUYnO1xuXG5mdW5jdGlvbiBwYXJzZSh0ZXh0OiBzdHJpbmcsIGRlbGltaXRlcjogc3RyaW5nKTogUGFyc2VkIHtcbiAgY29uc3QgcGFyc2VkOiBQYXJzZWQgPSB7IHJvd3M6IFtdLCBzdGFydHM6IFtdLCBkZWxpbWl0ZXIsIG9wZW46IGZhbHNlIH07XG4gIGxldCBzdGFydCA9IDA7XG4gIFBhcGEucGFyc2U8c3RyaW5nW10+KHRleHQsIHtcbiAgICBkZWxpbWl0ZXIsXG4gICAgc3RlcDogKHsgZGF0YSwgZXJyb3JzLCBtZXRhIH0pID0+IHtcbiAgICAgIHBhcnNlZC5yb3dzLnB1c2goZGF0YSk7XG4gICAgICBwYXJzZWQuc3RhcnRzLnB1c2goc3RhcnQpO1xuICAgICAgc3RhcnQgPSBtZXRhLmN1cnNvcjtcbiAgICAgIHBhcnNlZC5vcGVuIHx8PSBlcnJvcnMuc29tZSgoeyBjb2RlIH0pID0+IGNvZGUgPT09ICdNaXNzaW5nUXVvdGVzJyk7XG4gICAgfSxcbiAgfSk7XG4gIHJldHVybiBwYXJzZWQ7XG59XG5cbi8qKiBTbyBtYW55IHF1b3RhdGlvbiBtYXJrcyBhdCBtb3N0IGFyZSBsb29rZWQgaW50bywgYW5kIGZld2VyIGluIGEgbGFyZ2UgZmlsZTogb25lIHdpdGggbW9yZSBvZiB0aGVtIG9wZW4gaXMgbm8gbGlzdC4gKi9cbmNvbnN0IE1BWF9PUEVOID0gMjA7XG5jb25zdCBNQVhfUkVBRF9BR0FJTiA9IDQwXzAwMF8wMDA7XG5cbi8qKlxuICogUGFyc2VzIENTViAoUkZDIDQxODApLiBBIHF1b3RhdGlvbiBtYXJrIHRoYXQgaXMgbmV2ZXIgY2xvc2VkLCBvciBvbmx5IHNvbWV3aGVyZSBmYXIgYmVsb3csIHdvdWxkXG4gKiBzd2FsbG93IHRoZSByb3dzIGluIGJldHdlZW46IGl0IGlzIHJlYWQgYXMgYSBwbGFpbiBzaWduLCBhbmQgdG9sZC5cbiAqL1xuZnVuY3Rpb24gcGFyc2VRdW90ZXMoXG4gIGdpdmVuOiBzdHJpbmcsXG4gIHNlcD86IHN0cmluZyxcbik6IChQYXJzZWQgJiB7IGZhdWx0czogVGFibGVbJ2ZhdWx0cyddIH0pIHwgeyBvcGVuUm93OiBudW1iZXIgfSB7XG4gIGNvbnN0IGZhdWx0czogVGFibGVbJ2ZhdWx0cyddID0gW107XG4gIGxldCB0ZXh0ID0gZ2l2ZW47XG4gIGNvbnN0IGRlbGltaXRlciA9IHNlcCA/PyBkZWxpbWl0ZXJPZih0ZXh0KSA/PyBOT19TSUdOO1xuICBsZXQgcGFyc2VkID0gcGFyc2UodGV4dCwgZGVsaW1pdGVyKTtcbiAgY29uc3QgbW9zdCA9IE1hdGgubWluKE1BWF9PUEVOLCBNYXRoLm1heCgzLCBNYXRoLmZsb29yKE1BWF9SRUFEX0FHQUlOIC8gdGV4dC5sZW5ndGgpKSk7XG4gIGZvciAoOzspIHtcbiAgICBjb25zdCBzd2FsbG93aW5nID0gcGFyc2VkLnJvd3MuZmluZEluZGV4KChyb3csIGkpID0+XG4gICAgICBpID09PSBwYXJzZWQucm93cy5sZW5ndGggLSAxICYmIHBhcnNlZC5vcGVuXG4gICAgICAgID8gdHJ1ZVxuICAgICAgICA6IHN3YWxsb3dzKHJvdywgcGFyc2VkLmRlbGltaXRlciwgcGFyc2VkLnJvd3NbMF0hLmxlbmd0aCksXG4gICAgKTtcbiAgICBpZiAoc3dhbGxvd2luZyA8IDApIGJyZWFrO1xuICAgIGlmIChmYXVsdHMubGVuZ3RoID49IG1vc3QpIHJldHVybiB7IG9wZW5Sb3c6IGZhdWx0c1swXSEucm93IH07XG4gICAgY29uc3QgZnJvbSA9IHBhcnNlZC5zdGFydHNbc3dhbGxvd2luZ10hO1xuICAgIGNvbnN0IGVuZCA9IHBhcnNlZC5zdGFydHNbc3dhbGxvd2luZyArIDFdID8/IHRleHQubGVuZ3RoO1xuICAgIGNvbnN0IGF0ID0gbGFzdE9wZW5pbmcodGV4dC5zbGljZShmcm9tLCBlbmQpKTtcbiAgICBpZiAoYXQgPCAwKSBicmVhaztcbiAgICBjb25zdCBsaW5lcyA9IHRleHQuc2xpY2UoZnJvbSwgZW5kKS50cmltRW5kKCkuc3BsaXQoJ1xcbicpLmxlbmd0aCAtIDE7XG4gICAgY29uc3Qgd291bGQgPSBsaW5lcyA+IDAgPyBgIEl0IHdvdWxkIGhhdmUgc3dhbGxvd2VkICR7cGx1cmFsKGxpbmVzLCAnbGluZScpfSBiZWxvdy5gIDogJyc7XG4gICAgZmF1bHRzLnB1c2goe1xuICAgICAgcm93OiBzd2FsbG93aW5nICsgMSxcbiAgICAgIHdoeTogYEEgcXVvdGF0aW9uIG1hcmsgaXMgb3BlbmVkIGhlcmUgYW5kIG5ldmVyIGNsb3NlZDsgaXQgaXMgcmVhZCBhcyBhIHBsYWluIHNpZ24uJHt3b3VsZH1gLFxuICAgICAgbGVmdE91dDogZmFsc2UsXG4gICAgfSk7XG4gICAgdGV4dCA9IHRleHQuc2xpY2UoMCwgZnJvbSArIGF0KSArIFBMQUlOX1FVT1RFICsgdGV4dC5zbGljZShmcm9tICsgYXQgKyAxKTtcbiAgICBwYXJzZWQgPSBwYXJzZSh0ZXh0LCBkZWxpbWl0ZXIpO1xuICB9XG4gIGNvbnN0IHJvd3MgPSBwYXJzZWQucm93cy5tYXAoKHJvdykgPT4gcm93Lm1hcCgoY2VsbCkgPT4gY2VsbC5yZXBsYWNlQWxsKFBMQUlOX1FVT1RFLCAnXCInKSkpO1xuICByZXR1cm4geyAuLi5wYXJzZWQsIGRlbGltaXRlcjogZGVsaW1pdGVyID09PSBOT19TSUdOID8gJycgOiBkZWxpbWl0ZXIsIHJvd3MsIGZhdWx0cyB9O1xufVxuXG4vKiogV2hldGhlciBhIGNlbGwgaG9sZHMgbGluZXMgdGhhdCBsb29rIGxpa2Ugcm93cyBvZiB0aGVpciBvd24uICovXG5mdW5jdGlvbiBzd2FsbG93cyhyb3c6IHJlYWRvbmx5IHN0cmluZ1tdLCBkZWxpbWl0ZXI6IHN0cmluZywgY29sdW1uczogbnVtYmVyKTogYm9vbGVhbiB7XG4gIGlmIChjb2x1bW5zIDwgMikgcmV0dXJuIGZhbHNlO1xuICByZXR1cm4gcm93LnNvbWUoKGNlbGwpID0+IHtcbiAgICBpZiAoIWNlbGwuaW5jbHVkZXMoJ1xcbicpKSByZXR1cm4gZmFsc2U7XG4gICAgY29uc3QgaW5uZXIgPSBjZWxsLnNwbGl0KCdcXG4nKS5zbGljZSgxLCAtMSk7XG4gICAgcmV0dXJuIChcbiAgICAgIGlubmVyLmxlbmd0aCA+IDAgJiZcbiAgICAgIGlubmVyLmV2ZXJ5KChsaW5lKSA9PiBsaW5lLnNwbGl0KGRlbGltaXRlcikubGVuZ3RoID49IE1hdGgubWF4KDIsIGNvbHVtbnMgLSAxKSlcbiAgICApO1xuICB9KTtcbn1cblxuLyoqIFdoZXJlIHRoZSBsYXN0IHF1b3RhdGlvbiBtYXJrIHN0YW5kcyB0aGF0IG9wZW5zIGEgY2VsbCB3aGljaCBnb2VzIG9uIG92ZXIgbGluZXM7IC0xIGZvciBub25lLiAqL1xuZnVuY3Rpb24gbGFzdE9wZW5pbmcodGV4dDogc3RyaW5nKTogbnVtYmVyIHtcbiAgbGV0IFtmb3VuZCwgYXRdID0gWy0xLCAtMV07XG4gIGZvciAobGV0IGkgPSAwOyBpIDwgdGV4dC5sZW5ndGg7IGkrKylcbiAgICBpZiAodGV4dFtpXSA9PT0gJ1wiJykgYXQgPSBhdCA8IDAgPyBpIDogLTE7XG4gICAgZWxzZSBpZiAodGV4dFtpXSA9PT0gJ1xcbicgJiYgYXQgPj0gMCkgZm91bmQgPSBhdDtcbiAgcmV0dXJuIGF0ID49IDAgPyBhdCA6IGZvdW5kO1xufVxuXG4vKiogTm90aGluZyBvZiB0aGVzZSBpcyBpbiBpdCwgYXMgaW4gbW9zdCBjZWxscyBieSBmYXIuICovXG5jb25zdCBQTEFJTiA9IC9eW1xceDIwLVxceDdFXSokLztcbi8qKiBDaGFyYWN0ZXJzIHRoYXQgYXJlIG5vIHRleHQ6IE5VTCBhbmQgdGhlIG90aGVyIGNvbnRyb2xzLCBhbmQgaGFsdmVzIG9mIGNoYXJhY3RlcnMuICovXG5jb25zdCBDT05UUk9MUyA9XG4gIC9bXFx4MDAtXFx4MDhcXHgwQlxceDBDXFx4MEUtXFx4MUZcXHg3RlxcdUZGRkRdfFtcXHVEODAwLVxcdURCRkZdKD8hW1xcdURDMDAtXFx1REZGRl0pfCg/PCFbXFx1RDgwMC1cXHVEQkZGXSlbXFx1REMwMC1cXHVERkZGXS9nO1xuXG4vKipcbiAqIEEgY2VsbCBhcyBpdCB3YXMgbWVhbnQ6IHdpdGhvdXQgc2lnbnMgdGhhdCBoYXZlIG5vIGluaywgd2l0aG91dCA9XCJcdTIwMjZcIiB0aGF0IGtlZXBzIGEgc3ByZWFkc2hlZXQgZnJvbVxuICogcmVhZGluZyBpdCBhcyBhIG51bWJlciwgYW5kIHdpdGhvdXQgdGhlIGFwb3N0cm9waGUgYmVmb3JlID0gKyAtIEAgb3IgYSBmaWd1cmUgdGhhdCBkb2VzIHRoZSBzYW1lLlxuICovXG5leHBvcnQgY29uc3QgcGxhaW5DZWxsID0gKGNlbGw6IHN0cmluZyk6IHN0cmluZyA9PlxuICB0aWR5VGV4dChjZWxsKVxuICAgIC5yZXBsYWNlKC9ePVwiKC4qKVwiJC9zLCAnJDEnKVxuICAgIC5yZXBsYWNlKC9eJyg/PScqWz0rXFwtQFxcdFxccl0pfF4nKD89JypcXGQrJCkvLCAnJylcbiAgICAudHJpbSgpO1xuXG4vKiogV2hhdCBhIGNlbGwgbG9va3MgbGlrZSwgaW4gb25lIHdvcmQsIGJ5IHdoaWNoIGEgaGVhZGVyIGlzIHRvbGQgZnJvbSBkYXRhLiAqL1xuZnVuY3Rpb24gc2hhcGVPZihjZWxsOiBzdHJpbmcpOiBzdHJpbmcge1xuICBpZiAoY2VsbCA9PT0gJycpIHJldHVybiAnJztcbiAgaWYgKHJlYWRFbWFpbChjZWxsKSAhPT0gbnVsbCkgcmV0dXJuICdlbWFpbCc7XG4gIGlmIChyZWFkUGhvbmUoY2VsbCkgIT09IG51bGwpIHJldHVybiAncGhvbmUnO1xuICBpZiAocmVhZERhdGUoY2VsbCkgIT09IG51bGwpIHJldHVybiAnZGF0ZSc7XG4gIGlmICgvXltcXGQuLFxccy1dKyQvLnRlc3QoY2VsbCkpIHJldHVybiAnZmlndXJlJztcbiAgcmV0dXJuIC9cXGQvLnRlc3QoY2VsbCkgPyAnbWl4ZWQnIDogYHdvcmRzICR7Y2VsbC5zcGxpdCgvXFxzKy8pLmxlbmd0aH1gO1xufVxuXG5jb25zdCBpc0hlYWRpbmcgPSAoY2VsbDogc3RyaW5nKTogYm9vbGVhbiA9PiB7XG4gIGNvbnN0IHsgc3ViamVjdCwgd2hpY2ggfSA9IHJlYWRIZWFkaW5nKGNlbGwpO1xuICByZXR1cm4gc3ViamVjdCAhPT0gbnVsbCB8fCB3aGljaCAhPT0gJyc7XG59O1xuXG4vKiogV2hldGhlciB0aGUgZmlyc3Qgcm93IGlzIHNvbWVib2R5IGFscmVhZHk6IG5vIGhlYWRpbmcgaXMgdW5kZXJzdG9vZCBpbiBpdCwgYW5kIGl0IGxvb2tzIGxpa2UgdGhlIG90aGVycy4gKi9cbmZ1bmN0aW9uIGlzSGVhZGxlc3MoW2ZpcnN0ID0gW10sIC4uLnJlc3RdOiByZWFkb25seSBzdHJpbmdbXVtdKTogYm9vbGVhbiB7XG4gIGlmIChmaXJzdC5zb21lKChjZWxsKSA9PiBbJ2VtYWlsJywgJ3Bob25lJywgJ2RhdGUnXS5pbmNsdWRlcyhzaGFwZU9mKGNlbGwpKSkpIHJldHVybiB0cnVlO1xuICBpZiAoZmlyc3Quc29tZSgoY2VsbCkgPT4gY2VsbCAhPT0gJycgJiYgaXNIZWFkaW5nKGNlbGwpKSB8fCByZXN0Lmxlbmd0aCA9PT0gMCkgcmV0dXJuIGZhbHNlO1xuICBjb25zdCBzb21lID0gcmVzdC5zbGljZSgwLCA1MCk7XG4gIHJldHVybiBmaXJzdC5ldmVyeSgoY2VsbCwgaSkgPT4ge1xuICAgIGNvbnN0IHNoYXBlID0gc2hhcGVPZihjZWxsKTtcbiAgICByZXR1cm4gc29tZS5maWx0ZXIoKGNlbGxzKSA9PiBzaGFwZU9mKGNlbGxzW2ldID8/ICcnKSA9PT0gc2hhcGUpLmxlbmd0aCA+IHNvbWUubGVuZ3RoIC8gMjtcbiAgfSk7XG59XG5cbmNvbnN0IFRPVEFMUyA9XG4gIC9eKD86Z3JhbmRcXHMrKT8oPzp0b3RhbHx0b3RhbHN8c3VtfHN1bW1lfGNvdW50fHN1YnRvdGFsfHJlY29yZHN8cm93c3xhbnphaGx8Z2VzYW10KVxcYltcXHM6XSpbXFxkLixdKiQvaTtcblxuLyoqIEEgbGluZSBvZiB0b3RhbHM6IGl0IHNheXMgc28sIGFuZCBub3RoaW5nIGVsc2UgaW4gaXQgaXMgYW55Ym9keSdzLiAqL1xuY29uc3QgaXNUb3RhbCA9IChjZWxsczogcmVhZG9ubHkgc3RyaW5nW10pOiBib29sZWFuID0+XG4gIGNlbGxzLnNvbWUoKGNlbGwpID0+IFRPVEFMUy50ZXN0KGNlbGwpKSAmJlxuICBjZWxscy5ldmVyeSgoY2VsbCkgPT4gY2VsbCA9PT0gJycgfHwgVE9UQUxTLnRlc3QoY2VsbCkgfHwgL15bXFxkLixcXHMkXHUyMEFDXHUwMEEzJS1dKyQvLnRlc3QoY2VsbCkpO1xuXG4vKiogTGluZXMgYWJvdmUgdGhlIGhlYWRlcjogd2l0aCBvbmUgY2VsbCBvbmx5LCB3aGVyZSB0aGUgbGluZXMgYmVsb3cgaGF2ZSBzZXZlcmFsLiAqL1xuZnVuY3Rpb24gdGl0bGVzQWJvdmUocm93czogcmVhZG9ubHkgeyBjZWxsczogc3RyaW5nW10gfVtdKTogbnVtYmVyIHtcbiAgY29uc3QgZmlsbGVkID0gcm93cy5zbGljZSgwLCAzMCkubWFwKCh7IGNlbGxzIH0pID0+IGNlbGxzLmZpbHRlcihCb29sZWFuKS5sZW5ndGgpO1xuICBpZiAoTWF0aC5tYXgoLi4uZmlsbGVkKSA8IDIpIHJldHVybiAwO1xuICBjb25zdCBhdCA9IGZpbGxlZC5maW5kSW5kZXgoKG4pID0+IG4gPiAxKTtcbiAgcmV0dXJuIGF0IDw9IE1PU1RfVElUTEVTID8gYXQgOiAwO1xufVxuXG4vKiogUmVhZHMgZGVjb2RlZCBDU1YsIGFsc28gd2l0aCBzZW1pY29sb25zLCB0YWJzIG9yIGJhcnMgYmV0d2VlbiBpdHMgY2VsbHMuICovXG5leHBvcnQgZnVuY3Rpb24gcmVhZFRhYmxlKHsgdGV4dDogd2hvbGUsIGVuY29kaW5nLCBvdGhlcndpc2UgfTogRGVjb2RlZCk6IFRhYmxlUmVhZCB7XG4gIGNvbnN0IFssIHNlcCwgdGV4dCA9ICcnXSA9IC9eXFx1RkVGRj8oPzpzZXA9KC4pXFxyP1xcbik/KFtcXHNcXFNdKikkL2kuZXhlYyh3aG9sZSkgPz8gW107XG4gIGlmICh0ZXh0LnRyaW0oKSA9PT0gJycpIHJldHVybiBmYWlsKHsgcmVhc29uOiAnZW1wdHknIH0pO1xuICBjb25zdCBvdmVyZnVsbCA9IG92ZXJmdWxsTGluZSh0ZXh0KTtcbiAgaWYgKG92ZXJmdWxsICE9PSBudWxsKSByZXR1cm4gZmFpbCh7IHJlYXNvbjogJ3Rvb19tYW55X3NpZ25zJywgcm93OiBvdmVyZnVsbCB9KTtcbiAgY29uc3QgcGFyc2VkID0gcGFyc2VRdW90ZXModGV4dCwgc2VwKTtcbiAgaWYgKCdvcGVuUm93JyBpbiBwYXJzZWQpIHJldHVybiBmYWlsKHsgcmVhc29uOiAncXVvdGVzX29wZW4nLCByb3c6IHBhcnNlZC5vcGVuUm93IH0pO1xuICBjb25zdCB7IHJvd3MsIGZhdWx0cywgZGVsaW1pdGVyIH0gPSBwYXJzZWQ7XG4gIHJldHVybiB0YWJsZU9mKHJvd3MsIHtcbiAgICBlbmNvZGluZyxcbiAgICBkZWxpbWl0ZXIsXG4gICAgc2tpcHBlZDogc2VwID8gMSA6IDAsXG4gICAgZmF1bHRzOiBbXG4gICAgICAuLi5mYXVsdHMsXG4gICAgICAuLi5vdGhlcndpc2UubWFwKChyb3cpID0+ICh7XG4gICAgICAgIHJvdyxcbiAgICAgICAgd2h5OiAnSXQgaXMgd3JpdHRlbiBpbiBhbm90aGVyIGVuY29kaW5nIHRoYW4gbW9zdCBvZiB0aGUgZmlsZTsgbG9vayBhdCBpdHMgYWNjZW50cy4nLFxuICAgICAgICBsZWZ0T3V0OiBmYWxzZSxcbiAgICAgIH0pKSxcbiAgICBdLFxuICB9KTtcbn1cblxuaW50ZXJmYWNlIEFib3V0IHtcbiAgZW5jb2Rpbmc6IFRhYmxlWydlbmNvZGluZyddO1xuICBkZWxpbWl0ZXI6IHN0cmluZztcbiAgLyoqIExpbmVzIGJlZm9yZSB0aGUgZmlyc3Qgb2YgdGhlc2Ugcm93cy4gKi9cbiAgc2tpcHBlZDogbnVtYmVyO1xuICBmYXVsdHM6IFRhYmxlWydmYXVsdHMnXTtcbn1cblxuLyoqIEZpbmRzIGhlYWRlciBhbmQgcm93cyBhbW9uZyBjZWxsczogdGl0bGVzIGFib3ZlIGFyZSBza2lwcGVkLCB0b3RhbHMgYmVsb3cgbGVmdCBvdXQsIGFuZCB0b2xkLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRhYmxlT2YoZ2l2ZW46IHJlYWRvbmx5IHN0cmluZ1tdW10sIGFib3V0OiBBYm91dCk6IFRhYmxlUmVhZCB7XG4gIGNvbnN0IHsgZW5jb2RpbmcsIGRlbGltaXRlciwgc2tpcHBlZCB9ID0gYWJvdXQ7XG4gIGNvbnN0IGZhdWx0cyA9IGFib3V0LmZhdWx0cy5tYXAoKGZhdWx0KSA9PiAoeyAuLi5mYXVsdCwgcm93OiBmYXVsdC5yb3cgKyBza2lwcGVkIH0pKTtcbiAgbGV0IGFsbCA9IGdpdmVuXG4gICAgLm1hcCgoY2VsbHMsIGkpID0+ICh7XG4gICAgICByb3c6IGkgKyAxICsgc2tpcHBlZCxcbiAgICAgIGNlbGxzOiBjZWxscy5tYXAoKGNlbGwpID0+IHJlYWRDZWxsKGNlbGwsIGkgKyAxICsgc2tpcHBlZCwgZmF1bHRzKSksXG4gICAgfSkpXG4gICAgLmZpbHRlcigoeyBjZWxscyB9KSA9PiBjZWxscy5zb21lKChjZWxsKSA9PiBjZWxsICE9PSAnJykpO1xuICBpZiAoYWxsLmxlbmd0aCA9PT0gMCkgcmV0dXJuIGZhaWwoeyByZWFzb246ICdlbXB0eScgfSk7XG4gIGNvbnN0IGFib3ZlID0gdGl0bGVzQWJvdmUoYWxsKTtcbiAgZm9yIChjb25zdCB7IHJvdyB9IG9mIGFsbC5zbGljZSgwLCBhYm92ZSkpXG4gICAgZmF1bHRzLnB1c2goeyByb3csIHdoeTogJ0EgbGluZSBhYm92ZSB0aGUgaGVhZGluZ3MsIHdoaWNoIGlzIG5vYm9keS4nLCBsZWZ0T3V0OiB0cnVlIH0pO1xuICBhbGwgPSBhbGwuc2xpY2UoYWJvdmUpO1xuICBpZiAoYWxsLmxlbmd0aCAtIDEgPiBNQVhfUk9XUykgcmV0dXJuIGZhaWwoeyByZWFzb246ICd0b29fbWFueV9yb3dzJywgcm93czogYWxsLmxlbmd0aCAtIDEgfSk7XG4gIGNvbnN0IGhlYWRsZXNzID0gaXNIZWFkbGVzcyhhbGwubWFwKCh7IGNlbGxzIH0pID0+IGNlbGxzKSk7XG4gIGlmICghaGVhZGxlc3MgJiYgYWxsLmxlbmd0aCA9PT0gMSkgcmV0dXJuIGZhaWwoeyByZWFzb246ICdvbmx5X2hlYWRlcicgfSk7XG4gIGNvbnN0IHdpZHRoID0gaGVhZGxlc3NcbiAgICA/IE1hdGgubWF4KC4uLmFsbC5zbGljZSgwLCAxMDApLm1hcCgoeyBjZWxscyB9KSA9PiBjZWxscy5sZW5ndGgpKVxuICAgIDogbGFzdEZpbGxlZChhbGxbMF0hLmNlbGxzKTtcbiAgaWYgKHdpZHRoID4gTUFYX0NPTFVNTlMpIHJldHVybiBmYWlsKHsgcmVhc29uOiAndG9vX21hbnlfY29sdW1ucycsIGNvbHVtbnM6IHdpZHRoIH0pO1xuICBjb25zdCBoZWFkZXIgPSBoZWFkbGVzc1xuICAgID8gQXJyYXkuZnJvbSh7IGxlbmd0aDogd2lkdGggfSwgKF8sIGkpID0+IGBDb2x1bW4gJHtpICsgMX1gKVxuICAgIDogYWxsWzBdIS5jZWxscy5zbGljZSgwLCB3aWR0aCk7XG4gIGNvbnN0IHJvd3MgPSAoaGVhZGxlc3MgPyBhbGwgOiBhbGwuc2xpY2UoMSkpLmZpbHRlcigoeyByb3csIGNlbGxzIH0pID0+IHtcbiAgICBpZiAoIWlzVG90YWwoY2VsbHMpKSByZXR1cm4gdHJ1ZTtcbiAgICBmYXVsdHMucHVzaCh7IHJvdywgd2h5OiAnQSBsaW5lIG9mIHRvdGFscywgd2hpY2ggaXMgbm9ib2R5LicsIGxlZnRPdXQ6IHRydWUgfSk7XG4gICAgcmV0dXJuIGZhbHNlO1xuICB9KTtcbiAgcmV0dXJuIHsgb2s6IHRydWUsIHRhYmxlOiB7IGVuY29kaW5nLCBkZWxpbWl0ZXIsIGhlYWRlciwgcm93cywgZmF1bHRzIH0gfTtcbn1cblxuY29uc3QgbGFzdEZpbGxlZCA9IChjZWxsczogcmVhZG9ubHkgc3RyaW5nW10pOiBudW1iZXIgPT5cbiAgY2VsbHMuZmluZExhc3RJbmRleCgoY2VsbCkgPT4gY2VsbCAhPT0gJycpICsgMTtcblxuZnVuY3Rpb24gcmVhZENlbGwocmF3OiBzdHJpbmcsIHJvdzogbnVtYmVyLCBmYXVsdHM6IFRhYmxlWydmYXVsdHMnXSk6IHN0cmluZyB7XG4gIGNvbnN0IGNlbGwgPSBwbGFpbkNlbGwocmF3KTtcbiAgaWYgKFBMQUlOLnRlc3QoY2VsbCkpIHJldHVybiBjZWxsO1xuICBjb25zdCBjbGVhbiA9IGNlbGwucmVwbGFjZShDT05UUk9MUywgJycpO1xuICBpZiAoY2xlYW4gIT09IGNlbGwpXG4gICAgZmF1bHRzLnB1c2goe1xuICAgICAgcm93LFxuICAgICAgd2h5OiBgQSBjaGFyYWN0ZXIgdGhhdCBpcyBubyB0ZXh0IHdhcyB0YWtlbiBvdXQgb2YgXHUyMDFDJHtjbGVhbi5zbGljZSgwLCA0MCl9XHUyMDFELmAsXG4gICAgICBsZWZ0T3V0OiBmYWxzZSxcbiAgICB9KTtcbiAgcmV0dXJuIGNsZWFuO1xufVxuIiwgImltcG9ydCB7IGRlY29kZSwgZnJvbU1hY1JvbWFuLCBmcm9tV2luZG93czEyNTIgfSBmcm9tICcuL2RlY29kZSc7XG5cbi8qKiBUeXBlcyB0aGF0IHNheSBob3cgc29tZXRoaW5nIGlzIHNlbnQsIG9yIHRoYXQgaXQgaXMgcHJlZmVycmVkLiAqL1xuZXhwb3J0IGNvbnN0IE5PX0xBQkVMID0gbmV3IFNldChcbiAgJ3ByZWYgaW50ZXJuZXQgdm9pY2UgdGV4dCB4NDAwIGRvbSBpbnRsIHBvc3RhbCBwYXJjZWwgbXNnJy5zcGxpdCgnICcpLFxuKTtcbi8qKiBUeXBlcyBvZiB0aGUgc3RhbmRhcmRzIChSRkMgMjQyNiAzLjIgYW5kIDMuMywgUkZDIDYzNTAgNS42IGFuZCA2LjQpLCB3aG9zZSBjYXNlIG1lYW5zIG5vdGhpbmcuICovXG5leHBvcnQgY29uc3QgU1RBTkRBUkQgPSBuZXcgU2V0KFxuICAnaG9tZSB3b3JrIGNlbGwgZmF4IHBhZ2VyIHZpZGVvIHRleHRwaG9uZSBiYnMgbW9kZW0gY2FyIGlzZG4gcGNzJy5zcGxpdCgnICcpLFxuKTtcblxuY29uc3QgaXNUeXBlID0gKHdvcmQ6IHN0cmluZykgPT5cbiAgTk9fTEFCRUwuaGFzKHdvcmQudG9Mb3dlckNhc2UoKSkgfHwgU1RBTkRBUkQuaGFzKHdvcmQudG9Mb3dlckNhc2UoKSk7XG5cbi8qKiBPbmUgY29udGVudCBsaW5lIG9mIGEgdkNhcmQgKFJGQyA2MzUwLCAzLjMpOiBbZ3JvdXAuXU5BTUU7UEFSQU09dmFsdWU6dmFsdWUuICovXG5leHBvcnQgaW50ZXJmYWNlIENhcmRMaW5lIHtcbiAgZ3JvdXA6IHN0cmluZztcbiAgbmFtZTogc3RyaW5nO1xuICAvKiogVXBwZXItY2FzZSBuYW1lczsgYSBUWVBFIHdpdGhvdXQgaXRzIG5hbWUgKHZDYXJkIDIuMSkgY291bnRzIGFzIFRZUEUuICovXG4gIHBhcmFtczogUmVhZG9ubHlNYXA8c3RyaW5nLCBzdHJpbmdbXT47XG4gIHZhbHVlOiBzdHJpbmc7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgUmF3Q2FyZCB7XG4gIC8qKiBDb3VudGVkIGZyb20gMSBpbiB0aGUgZmlsZS4gKi9cbiAgY2FyZDogbnVtYmVyO1xuICBsaW5lczogQ2FyZExpbmVbXTtcbiAgLyoqIFdoZXRoZXIgaXQgZW5kZWQgd2l0aCBFTkQ6VkNBUkQuICovXG4gIGNvbXBsZXRlOiBib29sZWFuO1xufVxuXG4vKiogTGluZXMgdGhhdCBiZWdpbiB3aXRoIGEgc3BhY2Ugb3IgYSB0YWIgZ28gb24gZnJvbSB0aGUgbGluZSBiZWZvcmUgKFJGQyA2MzUwLCAzLjIpLiAqL1xuZnVuY3Rpb24gdW5mb2xkKHRleHQ6IHN0cmluZyk6IHN0cmluZ1tdIHtcbiAgY29uc3QgbGluZXM6IHN0cmluZ1tdID0gW107XG4gIGZvciAoY29uc3QgbGluZSBvZiB0ZXh0LnNwbGl0KC9cXHJcXG58XFxyfFxcbi8pKSB7XG4gICAgY29uc3QgYmVmb3JlID0gbGluZXMuYXQoLTEpO1xuICAgIC8vIFF1b3RlZC1wcmludGFibGUgdGV4dCBvZiB2Q2FyZCAyLjEgYnJlYWtzIGFmdGVyIGFuIGVxdWFscyBzaWduIGluc3RlYWQuXG4gICAgaWYgKGJlZm9yZT8uZW5kc1dpdGgoJz0nKSAmJiAvO0VOQ09ESU5HPVFVT1RFRC1QUklOVEFCTEUvaS50ZXN0KGJlZm9yZSkpXG4gICAgICBsaW5lc1tsaW5lcy5sZW5ndGggLSAxXSA9IGJlZm9yZS5zbGljZSgwLCAtMSkgKyBsaW5lO1xuICAgIGVsc2UgaWYgKC9eWyBcXHRdLy50ZXN0KGxpbmUpICYmIGJlZm9yZSAhPT0gdW5kZWZpbmVkKVxuICAgICAgbGluZXNbbGluZXMubGVuZ3RoIC0gMV0gPSBiZWZvcmUgKyBsaW5lLnNsaWNlKDEpO1xuICAgIGVsc2UgbGluZXMucHVzaChsaW5lKTtcbiAgfVxuICByZXR1cm4gbGluZXM7XG59XG5cbi8qKiBDdXRzIGF0IGBzaWduYCBvdXRzaWRlIG9mIGRvdWJsZSBxdW90ZXMuICovXG5mdW5jdGlvbiBjdXQodGV4dDogc3RyaW5nLCBzaWduOiBzdHJpbmcpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHBhcnRzID0gWycnXTtcbiAgbGV0IHF1b3RlZCA9IGZhbHNlO1xuICBmb3IgKGNvbnN0IGNoYXIgb2YgdGV4dCkge1xuICAgIGlmIChjaGFyID09PSAnXCInKSBxdW90ZWQgPSAhcXVvdGVkO1xuICAgIGlmIChjaGFyID09PSBzaWduICYmICFxdW90ZWQpIHBhcnRzLnB1c2goJycpO1xuICAgIGVsc2UgcGFydHNbcGFydHMubGVuZ3RoIC0gMV0gKz0gY2hhcjtcbiAgfVxuICByZXR1cm4gcGFydHM7XG59XG5cbi8qKiBQYXJhbWV0ZXIgdmFsdWVzIG1heSBoaWRlIHF1b3RlcyBhbmQgbGluZSBlbmRzIGJlaGluZCBhIGNhcmV0IChSRkMgNjg2OCkuICovXG5jb25zdCB1bmNhcmV0ID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PlxuICB0ZXh0LnJlcGxhY2UoL1xcXihbJ25eXSkvZywgKF8sIHNpZ246IHN0cmluZykgPT4gKHsgXCInXCI6ICdcIicsIG46ICdcXG4nLCAnXic6ICdeJyB9KVtzaWduXSEpO1xuXG5mdW5jdGlvbiBwYXJzZUxpbmUodGV4dDogc3RyaW5nKTogQ2FyZExpbmUgfCBudWxsIHtcbiAgY29uc3QgW2hlYWRdID0gY3V0KHRleHQsICc6Jyk7XG4gIGlmIChoZWFkID09PSB1bmRlZmluZWQgfHwgaGVhZC5sZW5ndGggPT09IHRleHQubGVuZ3RoKSByZXR1cm4gbnVsbDtcbiAgY29uc3QgW25hbWVzID0gJycsIC4uLmdpdmVuXSA9IGN1dChoZWFkLCAnOycpO1xuICBjb25zdCBkb3QgPSBuYW1lcy5sYXN0SW5kZXhPZignLicpO1xuICBjb25zdCBwYXJhbXMgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nW10+KCk7XG4gIGZvciAoY29uc3QgcGFyYW0gb2YgZ2l2ZW4pIHtcbiAgICBjb25zdCBlcSA9IHBhcmFtLmluZGV4T2YoJz0nKTtcbiAgICBjb25zdCBuYW1lID0gKGVxIDwgMCA/ICdUWVBFJyA6IHBhcmFtLnNsaWNlKDAsIGVxKSkudHJpbSgpLnRvVXBwZXJDYXNlKCk7XG4gICAgY29uc3QgdmFsdWVzID0gY3V0KHBhcmFtLnNsaWNlKGVxICsgMSksICcsJylcbiAgICAgIC5tYXAoKHYpID0+IHVuY2FyZXQodi5yZXBsYWNlKC9eXCJ8XCIkL2csICcnKSkpXG4gICAgICAvLyBUWVBFPVwidm9pY2UsaG9tZVwiIGlzIGEgbGlzdCBhcyB3ZWxsIChSRkMgNjM1MCwgNS42KTsgYSBsYWJlbCBvZiBvbmUncyBvd24gbWF5IGhvbGQgYSBjb21tYS5cbiAgICAgIC5mbGF0TWFwKCh2KSA9PiAobmFtZSA9PT0gJ1RZUEUnICYmIHYuc3BsaXQoJywnKS5ldmVyeShpc1R5cGUpID8gdi5zcGxpdCgnLCcpIDogW3ZdKSk7XG4gICAgcGFyYW1zLnNldChuYW1lLCBbLi4uKHBhcmFtcy5nZXQobmFtZSkgPz8gW10pLCAuLi52YWx1ZXNdKTtcbiAgfVxuICByZXR1cm4ge1xuICAgIGdyb3VwOiBkb3QgPCAwID8gJycgOiBuYW1lcy5zbGljZSgwLCBkb3QpLFxuICAgIG5hbWU6IG5hbWVzXG4gICAgICAuc2xpY2UoZG90ICsgMSlcbiAgICAgIC50cmltKClcbiAgICAgIC50b1VwcGVyQ2FzZSgpLFxuICAgIHBhcmFtcyxcbiAgICB2YWx1ZTogZGVjb2RlUXVvdGVkKHRleHQuc2xpY2UoaGVhZC5sZW5ndGggKyAxKSwgcGFyYW1zKSxcbiAgfTtcbn1cblxuLyoqIFdoZXRoZXIgYSBsaW5lIHNheXMgdGhhdCBpdHMgdmFsdWUgaXMgZW5jb2RlZCBzbzsgdmVyc2lvbiAyLjEgbWF5IGxlYXZlIHRoZSBwYXJhbWV0ZXIncyBuYW1lIG91dC4gKi9cbmV4cG9ydCBjb25zdCBpc0VuY29kZWQgPSAoeyBwYXJhbXMgfTogUGljazxDYXJkTGluZSwgJ3BhcmFtcyc+LCBhczogUmVnRXhwKTogYm9vbGVhbiA9PlxuICBbLi4uKHBhcmFtcy5nZXQoJ0VOQ09ESU5HJykgPz8gW10pLCAuLi4ocGFyYW1zLmdldCgnVFlQRScpID8/IFtdKV0uc29tZSgod29yZCkgPT4gYXMudGVzdCh3b3JkKSk7XG5cbi8qKlxuICogVW5kb2VzIHF1b3RlZC1wcmludGFibGUgKFJGQyAyMDQ1LCA2LjcpLCBpbiB0aGUgY2hhcmFjdGVyIHNldCB0aGF0IHRoZSBsaW5lIG5hbWVzLiBBIHNpZ24gdGhhdCB3YXNcbiAqIGVuY29kZWQgcGFydHMgbm90aGluZzogaXQgY29tZXMgb3V0IGVzY2FwZWQuXG4gKi9cbmZ1bmN0aW9uIGRlY29kZVF1b3RlZCh2YWx1ZTogc3RyaW5nLCBwYXJhbXM6IENhcmRMaW5lWydwYXJhbXMnXSk6IHN0cmluZyB7XG4gIGlmICghaXNFbmNvZGVkKHsgcGFyYW1zIH0sIC9ecXVvdGVkLXByaW50YWJsZSQvaSkpIHJldHVybiB2YWx1ZTtcbiAgY29uc3QgYnl0ZXM6IG51bWJlcltdID0gW107XG4gIGNvbnN0IGVuY29kZXIgPSBuZXcgVGV4dEVuY29kZXIoKTtcbiAgZm9yIChsZXQgaSA9IDA7IGkgPCB2YWx1ZS5sZW5ndGg7IGkrKykge1xuICAgIGNvbnN0IGhleCA9IC9ePShbXFxkYS1mXXsyfSkvaS5leGVjKHZhbHVlLnNsaWNlKGksIGkgKyAzKSk7XG4gICAgaWYgKGhleCkge1xuICAgICAgY29uc3QgYnl0ZSA9IE51bWJlci5wYXJzZUludChoZXhbMV0hLCAxNik7XG4gICAgICBpZiAoYnl0ZSA9PT0gMHgzYiB8fCBieXRlID09PSAweDJjKSBieXRlcy5wdXNoKDB4NWMpO1xuICAgICAgYnl0ZXMucHVzaChieXRlKTtcbiAgICAgIGkgKz0gMjtcbiAgICB9IGVsc2UgYnl0ZXMucHVzaCguLi5lbmNvZGVyLmVuY29kZSh2YWx1ZVtpXSEpKTtcbiAgfVxuICByZXR1cm4gZGVjb2RlQXMobmV3IFVpbnQ4QXJyYXkoYnl0ZXMpLCBwYXJhbXMuZ2V0KCdDSEFSU0VUJyk/LlswXSA/PyAnJyk7XG59XG5cbmZ1bmN0aW9uIGRlY29kZUFzKGJ5dGVzOiBVaW50OEFycmF5LCBjaGFyc2V0OiBzdHJpbmcpOiBzdHJpbmcge1xuICBjb25zdCBuYW1lID0gY2hhcnNldC50b0xvd2VyQ2FzZSgpO1xuICBpZiAoL14od2luZG93cy0xMjUyfGNwMTI1Mnxpc28tODg1OS0xfGxhdGluMT8pJC8udGVzdChuYW1lKSkgcmV0dXJuIGZyb21XaW5kb3dzMTI1MihieXRlcyk7XG4gIGlmICgvXihtYWNpbnRvc2h8bWFjcm9tYW4pJC8udGVzdChuYW1lKSkgcmV0dXJuIGZyb21NYWNSb21hbihieXRlcyk7XG4gIHRyeSB7XG4gICAgcmV0dXJuIG5ldyBUZXh0RGVjb2RlcihuYW1lIHx8ICd1dGYtOCcsIHsgZmF0YWw6IHRydWUgfSkuZGVjb2RlKGJ5dGVzKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIGRlY29kZShieXRlcyk/LnRleHQgPz8gJyc7XG4gIH1cbn1cblxuLyoqIFRoZSBjYXJkcyBvZiBhIHRleHQuIEEgY2FyZCB0aGF0IGJlZ2lucyBiZWZvcmUgdGhlIGxhc3Qgb25lIGVuZGVkIGNsb3NlcyB0aGF0IG9uZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkQ2FyZHModGV4dDogc3RyaW5nKTogUmF3Q2FyZFtdIHtcbiAgY29uc3QgY2FyZHM6IFJhd0NhcmRbXSA9IFtdO1xuICBsZXQgb3BlbjogUmF3Q2FyZCB8IG51bGwgPSBudWxsO1xuICBmb3IgKGNvbnN0IHJhdyBvZiB1bmZvbGQodGV4dCkpIHtcbiAgICBjb25zdCBsaW5lID0gcGFyc2VMaW5lKHJhdyk7XG4gICAgaWYgKCFsaW5lKSBjb250aW51ZTtcbiAgICBjb25zdCBpc0NhcmQgPSBsaW5lLnZhbHVlLnRyaW0oKS50b1VwcGVyQ2FzZSgpID09PSAnVkNBUkQnO1xuICAgIGlmIChsaW5lLm5hbWUgPT09ICdCRUdJTicgJiYgaXNDYXJkKSB7XG4gICAgICBvcGVuID0geyBjYXJkOiBjYXJkcy5sZW5ndGggKyAxLCBsaW5lczogW10sIGNvbXBsZXRlOiBmYWxzZSB9O1xuICAgICAgY2FyZHMucHVzaChvcGVuKTtcbiAgICB9IGVsc2UgaWYgKGxpbmUubmFtZSA9PT0gJ0VORCcgJiYgaXNDYXJkKSB7XG4gICAgICBpZiAob3Blbikgb3Blbi5jb21wbGV0ZSA9IHRydWU7XG4gICAgICBvcGVuID0gbnVsbDtcbiAgICB9IGVsc2Ugb3Blbj8ubGluZXMucHVzaChsaW5lKTtcbiAgfVxuICByZXR1cm4gY2FyZHM7XG59XG5cbi8qKiBDdXRzIGEgc3RydWN0dXJlZCBvciBsaXN0ZWQgdmFsdWUgYXQgYHNpZ25gIHdoZXJlIGl0IGlzIG5vdCBlc2NhcGVkLCBhbmQgdW5kb2VzIHRoZSBlc2NhcGVzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNwbGl0VmFsdWUodmFsdWU6IHN0cmluZywgc2lnbjogJzsnIHwgJywnKTogc3RyaW5nW10ge1xuICBjb25zdCBwYXJ0cyA9IFsnJ107XG4gIGZvciAobGV0IGkgPSAwOyBpIDwgdmFsdWUubGVuZ3RoOyBpKyspIHtcbiAgICBjb25zdCBjaGFyID0gdmFsdWVbaV0hO1xuICAgIGlmIChjaGFyID09PSAnXFxcXCcgJiYgaSArIDEgPCB2YWx1ZS5sZW5ndGgpIHBhcnRzW3BhcnRzLmxlbmd0aCAtIDFdICs9IGNoYXIgKyB2YWx1ZVsrK2ldITtcbiAgICBlbHNlIGlmIChjaGFyID09PSBzaWduKSBwYXJ0cy5wdXNoKCcnKTtcbiAgICBlbHNlIHBhcnRzW3BhcnRzLmxlbmd0aCAtIDFdICs9IGNoYXI7XG4gIH1cbiAgcmV0dXJuIHBhcnRzO1xufVxuXG4vKiogVGV4dCB3aXRoIGl0cyBlc2NhcGVzIHVuZG9uZSAoUkZDIDYzNTAsIDMuNCkuICovXG5leHBvcnQgY29uc3QgdW5lc2NhcGVUZXh0ID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PlxuICB0ZXh0LnJlcGxhY2UoL1xcXFwoW1xcXFw7LDpuTl0pL2csIChfLCBjaGFyOiBzdHJpbmcpID0+ICgvbi9pLnRlc3QoY2hhcikgPyAnXFxuJyA6IGNoYXIpKTtcblxuLyoqIFRleHQgd2l0aCBpdHMgc2lnbnMgZXNjYXBlZDsgc2VtaWNvbG9ucyBvbmx5IHdpdGhpbiBzdHJ1Y3R1cmVkIHZhbHVlcywgYXMgcmVhZGVycyBleHBlY3QuICovXG5leHBvcnQgY29uc3QgZXNjYXBlVGV4dCA9ICh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgPT5cbiAgdGV4dC5yZXBsYWNlKC9bXFxcXCxdL2csICdcXFxcJCYnKS5yZXBsYWNlKC9cXHJcXG58XFxyfFxcbi9nLCAnXFxcXG4nKTtcbmV4cG9ydCBjb25zdCBlc2NhcGVQYXJ0ID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PiBlc2NhcGVUZXh0KHRleHQpLnJlcGxhY2UoLzsvZywgJ1xcXFw7Jyk7XG5cbi8qKlxuICogRm9sZHMgYSBsaW5lIHNvIHRoYXQgbm9uZSBpcyBsb25nZXIgdGhhbiA3NSBvY3RldHMsIG5ldmVyIHdpdGhpbiBhIGNoYXJhY3RlciAoUkZDIDYzNTAsIDMuMikuIEEgYnJlYWtcbiAqIHRoYXQgbm9ib2R5IGVzY2FwZWQgYmVmb3JlIHdvdWxkIGJlZ2luIGEgbGluZSBvZiBpdHMgb3duOiBpdCBpcyBhIHNwYWNlIGhlcmUuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBmb2xkTGluZSh1bmZvbGRlZDogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgbGluZSA9IHVuZm9sZGVkLnJlcGxhY2UoL1tcXHJcXG5dKy9nLCAnICcpO1xuICBjb25zdCBvdXQ6IHN0cmluZ1tdID0gW107XG4gIGxldCBjdXJyZW50ID0gJyc7XG4gIGxldCBvY3RldHMgPSAwO1xuICBmb3IgKGNvbnN0IGNoYXIgb2YgbGluZSkge1xuICAgIGNvbnN0IHNpemUgPSBvY3RldHNPZihjaGFyLmNvZGVQb2ludEF0KDApISk7XG4gICAgaWYgKG9jdGV0cyArIHNpemUgPiA3NSkge1xuICAgICAgb3V0LnB1c2goY3VycmVudCk7XG4gICAgICBjdXJyZW50ID0gJyAnO1xuICAgICAgb2N0ZXRzID0gMTtcbiAgICB9XG4gICAgY3VycmVudCArPSBjaGFyO1xuICAgIG9jdGV0cyArPSBzaXplO1xuICB9XG4gIHJldHVybiBbLi4ub3V0LCBjdXJyZW50XS5qb2luKCdcXHJcXG4nKTtcbn1cblxuLyoqIE9jdGV0cyBvZiBhIGNoYXJhY3RlciBpbiBVVEYtOCAoUkZDIDM2MjksIDMpLiAqL1xuY29uc3Qgb2N0ZXRzT2YgPSAoY29kZVBvaW50OiBudW1iZXIpOiBudW1iZXIgPT5cbiAgY29kZVBvaW50IDwgMHg4MCA/IDEgOiBjb2RlUG9pbnQgPCAweDgwMCA/IDIgOiBjb2RlUG9pbnQgPCAweDEwMDAwID8gMyA6IDQ7XG4iLCAiaW1wb3J0IHR5cGUgeyBPd25GaWVsZCB9IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuaW1wb3J0IHR5cGUgeyBQbGFpbkRhdGUgfSBmcm9tICdAL2NvcmUvdGltZSc7XG5cbmltcG9ydCB0eXBlIHsgSW1wb3J0ZWRQZXJzb24gfSBmcm9tICcuL2ltcG9ydGVkJztcbmltcG9ydCB7IE5PX0xBQkVMLCBzcGxpdFZhbHVlLCBTVEFOREFSRCwgdW5lc2NhcGVUZXh0LCB0eXBlIENhcmRMaW5lIH0gZnJvbSAnLi92Y2FyZC1saW5lcyc7XG5cbi8qKiBBIGNhcmQgdGhhdCBpcyBiZWluZyByZWFkLiAqL1xuZXhwb3J0IGludGVyZmFjZSBSZWFkaW5nIHtcbiAgcGVyc29uOiBJbXBvcnRlZFBlcnNvbjtcbiAgdG9kYXk6IFBsYWluRGF0ZTtcbiAgdW5yZWFkOiBzdHJpbmdbXTtcbiAgbGluZXM6IHJlYWRvbmx5IENhcmRMaW5lW107XG4gIG93bjogcmVhZG9ubHkgT3duRmllbGRbXTtcbn1cblxuZXhwb3J0IHR5cGUgUmVhZGVyID0gKGxpbmU6IENhcmRMaW5lLCByZWFkaW5nOiBSZWFkaW5nKSA9PiB2b2lkO1xuXG5leHBvcnQgY29uc3QgdGV4dHMgPSAobGluZTogQ2FyZExpbmUsIHNpZ246ICc7JyB8ICcsJykgPT5cbiAgc3BsaXRWYWx1ZShsaW5lLnZhbHVlLCBzaWduKS5tYXAoKHBhcnQpID0+IHVuZXNjYXBlVGV4dChwYXJ0KS50cmltKCkpO1xuZXhwb3J0IGNvbnN0IHRleHQgPSAobGluZTogQ2FyZExpbmUpID0+IHVuZXNjYXBlVGV4dChsaW5lLnZhbHVlKS50cmltKCk7XG5cbi8qKiAnaG9tZScsICd3b3JrJywgJ2NlbGwnIFx1MjAyNiB3aXRob3V0IHdoYXQgc2F5cyBob3cgaXQgaXMgc2VudCBvciB0aGF0IGl0IGlzIHByZWZlcnJlZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBsYWJlbE9mKGxpbmU6IENhcmRMaW5lLCB7IGxpbmVzIH06IFJlYWRpbmcpOiBzdHJpbmcge1xuICBjb25zdCBuYW1lZCA9IGxpbmUuZ3JvdXAgJiYgbGluZXMuZmluZCgobCkgPT4gbC5ncm91cCA9PT0gbGluZS5ncm91cCAmJiBsLm5hbWUgPT09ICdYLUFCTEFCRUwnKTtcbiAgY29uc3QgYnlHcm91cCA9IG5hbWVkICYmIHRleHQobmFtZWQpLnJlcGxhY2UoL15fXFwkITx8PiFcXCRfJC9nLCAnJyk7XG4gIGNvbnN0IHR5cGVzID0gYnlHcm91cCA/IFtieUdyb3VwXSA6IChsaW5lLnBhcmFtcy5nZXQoJ1RZUEUnKSA/PyBbXSk7XG4gIGNvbnN0IGxhYmVsID0gdHlwZXMuZmluZCgodHlwZSkgPT4gIU5PX0xBQkVMLmhhcyh0eXBlLnRvTG93ZXJDYXNlKCkpKSA/PyAnJztcbiAgcmV0dXJuIFNUQU5EQVJELmhhcyhsYWJlbC50b0xvd2VyQ2FzZSgpKSA/IGxhYmVsLnRvTG93ZXJDYXNlKCkgOiBsYWJlbDtcbn1cblxuLyoqIEtlZXBzIHdoYXQgaGFzIG5vIHBsYWNlIGJlc2lkZSB3aGF0IGlzIHRoZXJlLCB1bmRlciBpdHMgbmFtZS4gKi9cbmV4cG9ydCBjb25zdCBhc2lkZSA9ICh7IHVucmVhZCB9OiBSZWFkaW5nLCBsaW5lOiBDYXJkTGluZSwgdmFsdWUgPSB0ZXh0KGxpbmUpKSA9PiB7XG4gIGlmICh2YWx1ZSkgdW5yZWFkLnB1c2goYCR7bGluZS5uYW1lfTogJHt2YWx1ZX1gKTtcbn07XG4iLCAiaW1wb3J0IHsgYXNTZWNvbmQsIHR5cGUgSW1wb3J0ZWRQZXJzb24gfSBmcm9tICcuL2ltcG9ydGVkJztcbmltcG9ydCB7IHNwbGl0Q291cGxlLCBzcGxpdE5hbWUgfSBmcm9tICcuL25hbWVzJztcbmltcG9ydCB7IHJlYWRFbWFpbCwgcmVhZFBob25lIH0gZnJvbSAnLi9yZWFjaCc7XG5pbXBvcnQgeyBzcGxpdFZhbHVlLCB1bmVzY2FwZVRleHQgfSBmcm9tICcuL3ZjYXJkLWxpbmVzJztcbmltcG9ydCB7IHRleHQsIHR5cGUgUmVhZGluZyB9IGZyb20gJy4vdmNhcmQtcmVhZGluZyc7XG5cbi8qKiBQdXRzIHRoZSBuYW1lIG9mIGEgY2FyZCBpbnRvIHRoZSBmaWVsZHM7IGFuc3dlcnMgdGhlIG90aGVyIG9uZSB3aGVuIGl0IG5hbWVzIGEgY291cGxlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWROYW1lcyhyZWFkaW5nOiBSZWFkaW5nKTogSW1wb3J0ZWRQZXJzb24gfCBudWxsIHtcbiAgY29uc3QgeyBwZXJzb24sIGxpbmVzLCB1bnJlYWQgfSA9IHJlYWRpbmc7XG4gIGNvbnN0IHsgZmllbGRzIH0gPSBwZXJzb247XG4gIGNvbnN0IG4gPSBsaW5lcy5maW5kKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gJ04nKTtcbiAgY29uc3QgcGFydHMgPSBuXG4gICAgPyBzcGxpdFZhbHVlKG4udmFsdWUsICc7JykubWFwKChwYXJ0KSA9PlxuICAgICAgICBzcGxpdFZhbHVlKHBhcnQsICcsJylcbiAgICAgICAgICAubWFwKCh2KSA9PiB1bmVzY2FwZVRleHQodikudHJpbSgpKVxuICAgICAgICAgIC5maWx0ZXIoQm9vbGVhbilcbiAgICAgICAgICAuam9pbignICcpLFxuICAgICAgKVxuICAgIDogW107XG4gIGNvbnN0IFtmYW1pbHkgPSAnJywgZ2l2ZW4gPSAnJywgbWlkZGxlID0gJycsIHByZWZpeCA9ICcnLCBzdWZmaXggPSAnJ10gPSBwYXJ0cztcbiAgT2JqZWN0LmFzc2lnbihmaWVsZHMsIHtcbiAgICBmYW1pbHlOYW1lOiBmYW1pbHksXG4gICAgZ2l2ZW5OYW1lOiBnaXZlbixcbiAgICBtaWRkbGVOYW1lOiBtaWRkbGUsXG4gICAgcHJlZml4LFxuICAgIHN1ZmZpeCxcbiAgfSk7XG4gIGNvbnN0IGZuID0gbGluZXMuZmluZCgoeyBuYW1lIH0pID0+IG5hbWUgPT09ICdGTicpO1xuICBpZiAoZmFtaWx5IHx8IGdpdmVuIHx8ICFmbikgcmV0dXJuIGNvdXBsZUluKHJlYWRpbmcpO1xuICBjb25zdCBpc09yZyA9IGxpbmVzLnNvbWUoKGwpID0+IGwubmFtZSA9PT0gJ0tJTkQnICYmIC9eb3JnJC9pLnRlc3QobC52YWx1ZSkpO1xuICBjb25zdCB3aG9sZSA9IHRleHQoZm4pO1xuICBpZiAoaXNPcmcpIGZpZWxkcy5jb21wYW55IHx8PSB3aG9sZTtcbiAgLy8gVGhlIGZ1bGwgbmFtZSBvZiBhIGNhcmQgd2l0aG91dCBhIG5hbWUgaXMgb2Z0ZW4gaXRzIGNvbXBhbnkgb3IgaXRzIGUtbWFpbCBhZGRyZXNzLlxuICBlbHNlIGlmICh3aG9sZSAhPT0gZmllbGRzLmNvbXBhbnkgJiYgcmVhZEVtYWlsKHdob2xlKSA9PT0gbnVsbCAmJiByZWFkUGhvbmUod2hvbGUpID09PSBudWxsKSB7XG4gICAgY29uc3QgeyBhbHNvLCB1bnN1cmUsIC4uLm5hbWUgfSA9IHNwbGl0TmFtZSh3aG9sZSk7XG4gICAgT2JqZWN0LmFzc2lnbihmaWVsZHMsIG5hbWUpO1xuICAgIGlmIChhbHNvKSB1bnJlYWQucHVzaChgQWxzbyBpbiB0aGUgbmFtZTogJHthbHNvfWApO1xuICAgIGlmICh1bnN1cmUpIHBlcnNvbi5uYW1lR3Vlc3NlZCA9IHRydWU7XG4gICAgcmV0dXJuIGNvdXBsZUluKHJlYWRpbmcsIHdob2xlKTtcbiAgfVxuICByZXR1cm4gbnVsbDtcbn1cblxuLyoqIEEgY2FyZCBvZiBhIGNvdXBsZSBicmluZ3MgdHdvIHBlb3BsZS4gKi9cbmZ1bmN0aW9uIGNvdXBsZUluKHsgcGVyc29uIH06IFJlYWRpbmcsIHdob2xlPzogc3RyaW5nKTogSW1wb3J0ZWRQZXJzb24gfCBudWxsIHtcbiAgY29uc3QgeyBmaWVsZHMgfSA9IHBlcnNvbjtcbiAgY29uc3QgY291cGxlID0gc3BsaXRDb3VwbGUoXG4gICAgd2hvbGUgPz8gW2ZpZWxkcy5mYW1pbHlOYW1lLCBmaWVsZHMuZ2l2ZW5OYW1lXS5maWx0ZXIoQm9vbGVhbikuam9pbignLCAnKSxcbiAgKTtcbiAgaWYgKCFjb3VwbGUpIHJldHVybiBudWxsO1xuICBjb25zdCBbZmlyc3QsIHNlY29uZF0gPSBjb3VwbGU7XG4gIE9iamVjdC5hc3NpZ24oZmllbGRzLCB7IGdpdmVuTmFtZTogZmlyc3QuZ2l2ZW5OYW1lLCBmYW1pbHlOYW1lOiBmaXJzdC5mYW1pbHlOYW1lIH0pO1xuICBmaWVsZHMucHJlZml4ID0gZmlyc3QucHJlZml4ID8/IGZpZWxkcy5wcmVmaXg7XG4gIHJldHVybiBhc1NlY29uZChzZWNvbmQsIHBlcnNvbik7XG59XG4iLCAiaW1wb3J0IHsgTk9fQUREUkVTUywgdHlwZSBQZXJzb25GaWVsZHMgfSBmcm9tICdAL2NvcmUvcGVvcGxlJztcbmltcG9ydCB7IGlzUGxhaW5EYXRlLCByZWFkRGF0ZSB9IGZyb20gJ0AvY29yZS90aW1lJztcblxuaW1wb3J0IHsgcmVhZENvbnNlbnQgfSBmcm9tICcuL2NlbGxzJztcbmltcG9ydCB7IHJlYWRPd25WYWx1ZSB9IGZyb20gJy4vb3duJztcbmltcG9ydCB7IHJlYWRKb2JDZWxsLCByZWFkVGllQ2VsbCwgcmVhZFRvdWNoZXMgfSBmcm9tICcuL3N0b3J5LWNlbGxzJztcbmltcG9ydCB0eXBlIHsgUmVhZGluZyB9IGZyb20gJy4vdmNhcmQtcmVhZGluZyc7XG5cbmNvbnN0IE1PU1RfREFZUyA9IDNfNjUwO1xuXG4vKiogV2hhdCBoYXMgbm8gcHJvcGVydHkgb2YgaXRzIG93biBzdGFuZHMgaW4gb25lIG9mIG91cnMsIGFzIEpTT04uICovXG5leHBvcnQgZnVuY3Rpb24gcmVhZE91cnMoanNvbjogc3RyaW5nLCB7IHBlcnNvbiwgb3duLCB1bnJlYWQsIHRvZGF5IH06IFJlYWRpbmcpOiB2b2lkIHtcbiAgbGV0IG91cnM6IFJlY29yZDxzdHJpbmcsIHVua25vd24+O1xuICB0cnkge1xuICAgIG91cnMgPSBKU09OLnBhcnNlKGpzb24pIGFzIFJlY29yZDxzdHJpbmcsIHVua25vd24+O1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gdm9pZCB1bnJlYWQucHVzaChgUGVuIFBhbCdzIG93biBwYXJ0OiAke2pzb259YCk7XG4gIH1cbiAgY29uc3QgeyBmaWVsZHMgfSA9IHBlcnNvbjtcbiAgY29uc3Qgd29yZHMgPSAodmFsdWU6IHVua25vd24pOiBzdHJpbmdbXSA9PlxuICAgIEFycmF5LmlzQXJyYXkodmFsdWUpID8gdmFsdWUuZmlsdGVyKCh2KSA9PiB0eXBlb2YgdiA9PT0gJ3N0cmluZycpIDogW107XG4gIGNvbnN0IHdvcmQgPSAoa2V5OiBzdHJpbmcpID0+ICh0eXBlb2Ygb3Vyc1trZXldID09PSAnc3RyaW5nJyA/IChvdXJzW2tleV0gYXMgc3RyaW5nKSA6ICcnKTtcbiAgZmllbGRzLnJvbGVzID0gd29yZHMob3Vycy5yb2xlcyk7XG4gIGZpZWxkcy5zdGFuZGluZyA9IHdvcmQoJ3N0YW5kaW5nJyk7XG4gIGZpZWxkcy5zb3VyY2UgPSB3b3JkKCdzb3VyY2UnKTtcbiAgZmllbGRzLnByZWZlcnJlZCA9IHdvcmQoJ3ByZWZlcnJlZCcpIGFzIFBlcnNvbkZpZWxkc1sncHJlZmVycmVkJ107XG4gIGZpZWxkcy5mYXZvdXJpdGUgPSBvdXJzLmZhdm91cml0ZSA9PT0gdHJ1ZTtcbiAgZmllbGRzLndvdWxkUmVmZXIgPSAod29yZCgnd291bGRSZWZlcicpIHx8IG51bGwpIGFzIFBlcnNvbkZpZWxkc1snd291bGRSZWZlciddO1xuICBmaWVsZHMud291bGRSZWZlck9uID0gd29yZCgnd291bGRSZWZlck9uJykgfHwgbnVsbDtcbiAgY29uc3QgY29uc2VudCA9IHJlYWRDb25zZW50KHdvcmQoJ2NvbnNlbnQnKSk7XG4gIGZpZWxkcy5jb25zZW50ID0gY29uc2VudC5jb25zZW50O1xuICBmb3IgKGNvbnN0IHBhcnQgb2YgY29uc2VudC51bnJlYWQpIHVucmVhZC5wdXNoKGBjb25zZW50OiAke3BhcnR9YCk7XG4gIHdvcmRzKG91cnMucGxhY2VzKS5mb3JFYWNoKChwbGFjZSwgaSkgPT4ge1xuICAgIGlmIChmaWVsZHMuYWRkcmVzc2VzW2ldKSBmaWVsZHMuYWRkcmVzc2VzW2ldLnBsYWNlID0gcGxhY2U7XG4gICAgZWxzZSBpZiAocGxhY2UpIGZpZWxkcy5hZGRyZXNzZXMucHVzaCh7IC4uLk5PX0FERFJFU1MsIHBsYWNlIH0pO1xuICB9KTtcbiAgY29uc3QgdG91Y2hlcyA9IHJlYWRUb3VjaGVzKHdvcmQoJ3RvdWNoZXMnKSwgcmVhZERhdGUsIHRvZGF5KTtcbiAgY29uc3Qgam9icyA9IHJlYWRKb2JDZWxsKHdvcmQoJ3dvcmsnKSk7XG4gIGNvbnN0IHRpZXMgPSByZWFkVGllQ2VsbCh3b3JkKCd0aWVzJykpO1xuICB1bnJlYWQucHVzaCguLi50b3VjaGVzLnVucmVhZCwgLi4uam9icy51bnJlYWQsIC4uLnRpZXMudW5yZWFkKTtcbiAgcGVyc29uLnRvdWNoZXMgPSB0b3VjaGVzLnRvdWNoZXM7XG4gIHBlcnNvbi5qb2JzID0gam9icy5qb2JzO1xuICAvLyBUaGV5IGFyZSB0b2xkIG9uY2UgbW9yZSBhcyB3aGF0IG90aGVyIHByb2dyYW1zIHJlYWQuXG4gIGlmICh3b3JkKCd0aWVzJykpIHBlcnNvbi5yZWxhdGVkID0gdGllcy50aWVzO1xuICBwZXJzb24uY2lyY2xlID0gd29yZCgnY2lyY2xlJyk7XG4gIGNvbnN0IHByb21pc2UgPSBvdXJzLnByb21pc2U7XG4gIGNvbnN0IGRheXMgPSB0eXBlb2YgcHJvbWlzZSA9PT0gJ251bWJlcicgJiYgTnVtYmVyLmlzSW50ZWdlcihwcm9taXNlKSA/IHByb21pc2UgOiAwO1xuICBwZXJzb24ucHJvbWlzZURheXMgPSBkYXlzID49IDEgJiYgZGF5cyA8PSBNT1NUX0RBWVMgPyBkYXlzIDogbnVsbDtcbiAgaWYgKEFycmF5LmlzQXJyYXkob3Vycy5ub3RlcykpXG4gICAgcGVyc29uLm5vdGVzID0gKG91cnMubm90ZXMgYXMgUGFydGlhbDx7IG9uOiBzdHJpbmc7IGJvZHk6IHN0cmluZyB9PltdKS5mbGF0TWFwKChub3RlKSA9PlxuICAgICAgbm90ZSAmJiB0eXBlb2Ygbm90ZS5ib2R5ID09PSAnc3RyaW5nJ1xuICAgICAgICA/IFt7IG9uOiBub3RlLm9uICYmIGlzUGxhaW5EYXRlKG5vdGUub24pID8gbm90ZS5vbiA6IG51bGwsIGJvZHk6IG5vdGUuYm9keSB9XVxuICAgICAgICA6IFtdLFxuICAgICk7XG4gIGZvciAoY29uc3QgW25hbWUsIHZhbHVlXSBvZiBPYmplY3QuZW50cmllcygob3Vycy5vd24gPz8ge30pIGFzIFBlcnNvbkZpZWxkc1snb3duJ10pKSB7XG4gICAgY29uc3QgZmllbGQgPSBvd24uZmluZCgoZikgPT4gZi5uYW1lID09PSBuYW1lKTtcbiAgICBjb25zdCBnb29kID0gZmllbGQgPyByZWFkT3duVmFsdWUoZmllbGQsIHZhbHVlKSA6IG51bGw7XG4gICAgaWYgKGZpZWxkICYmIGdvb2QgIT09IG51bGwpIGZpZWxkcy5vd25bZmllbGQuaWRdID0gZ29vZDtcbiAgICBlbHNlIHVucmVhZC5wdXNoKGAke25hbWV9OiAke3ZhbHVlfWApO1xuICB9XG59XG4iLCAiaW1wb3J0IHsgaXNBZGRyZXNzLCBOT19BRERSRVNTLCB0eXBlIEFkZHJlc3MsIHR5cGUgUmVhY2ggfSBmcm9tICdAL2NvcmUvcGVvcGxlJztcbmltcG9ydCB7IHJlYWREYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG5pbXBvcnQgeyByZWFkV2hvbGVBZGRyZXNzIH0gZnJvbSAnLi9hZGRyZXNzJztcbmltcG9ydCB7IGJpcnRoZGF5RmF1bHQgfSBmcm9tICcuL2ltcG9ydGVkJztcbmltcG9ydCB7IHJlYWRFbWFpbCwgcmVhZExpbmssIHJlYWRQaG9uZSB9IGZyb20gJy4vcmVhY2gnO1xuaW1wb3J0IHsgaXNFbmNvZGVkLCBzcGxpdFZhbHVlLCB1bmVzY2FwZVRleHQsIHR5cGUgQ2FyZExpbmUgfSBmcm9tICcuL3ZjYXJkLWxpbmVzJztcbmltcG9ydCB7IHJlYWRPdXJzIH0gZnJvbSAnLi92Y2FyZC1vdXJzJztcbmltcG9ydCB7IGFzaWRlLCBsYWJlbE9mLCB0ZXh0LCB0ZXh0cywgdHlwZSBSZWFkZXIsIHR5cGUgUmVhZGluZyB9IGZyb20gJy4vdmNhcmQtcmVhZGluZyc7XG5cbi8qKiBBIHBob3RvIGluIGEgY2FyZCBtYXkgYmUgdGhpcyBsYXJnZTsgbGFyZ2VyIG9uZXMgYXJlIGxlZnQgb3V0IGFuZCB0b2xkLiAqL1xuZXhwb3J0IGNvbnN0IE1BWF9QSE9UT19CWVRFUyA9IDEyICogMTAyNCAqIDEwMjQ7XG5cbmZ1bmN0aW9uIGFkZFJlYWNoKFxuICBsaXN0OiBSZWFjaFtdLFxuICB2YWx1ZTogc3RyaW5nIHwgbnVsbCxcbiAgbGluZTogQ2FyZExpbmUsXG4gIHJlYWRpbmc6IFJlYWRpbmcsXG4gIHdoYXQ6IHN0cmluZyxcbikge1xuICBpZiAodmFsdWUgPT09IG51bGwpIHJlYWRpbmcudW5yZWFkLnB1c2goYCR7d2hhdH06ICR7dGV4dChsaW5lKX1gKTtcbiAgZWxzZSBpZiAoIWxpc3Quc29tZSgoa25vd24pID0+IGtub3duLnZhbHVlID09PSB2YWx1ZSkpXG4gICAgbGlzdC5wdXNoKHsgdmFsdWUsIGxhYmVsOiBsYWJlbE9mKGxpbmUsIHJlYWRpbmcpIH0pO1xufVxuXG4vKiogJy0tMDQxNScsICcxOTk2MDQxNScsICcxOTk2LTA0LTE1VDEwOjIyOjAwWic6IHRoZSBkYXkgb2YgYSBkYXRlIChSRkMgNjM1MCwgNC4zKS4gKi9cbmV4cG9ydCBjb25zdCByZWFkQ2FyZERhdGUgPSAodmFsdWU6IHN0cmluZyk6IHN0cmluZyB8IG51bGwgPT5cbiAgcmVhZERhdGUodmFsdWUudHJpbSgpLnJlcGxhY2UoLyhcXGQpVFxcZC4qJC8sICckMScpKTtcblxuLyoqIEEgbGluZSBtYXkgc2F5IHdoaWNoIHllYXIgaXQgd3JvdGUgZm9yIHdhbnQgb2Ygb25lOiBYLVx1MjAyNi1PTUlULVlFQVI9MTYwNC4gKi9cbmZ1bmN0aW9uIGRheU9mKGxpbmU6IENhcmRMaW5lKTogc3RyaW5nIHwgbnVsbCB7XG4gIGNvbnN0IG9uID0gcmVhZENhcmREYXRlKHRleHQobGluZSkpO1xuICBjb25zdCBvbWl0dGVkID0gWy4uLmxpbmUucGFyYW1zXS5maW5kKChbbmFtZV0pID0+IG5hbWUuZW5kc1dpdGgoJ09NSVQtWUVBUicpKT8uWzFdWzBdO1xuICByZXR1cm4gb24gJiYgb21pdHRlZCAmJiBvbi5zdGFydHNXaXRoKGAke29taXR0ZWR9LWApID8gb24uc2xpY2UoNSkgOiBvbjtcbn1cblxuZnVuY3Rpb24gcmVhZEFkZHJlc3MobGluZTogQ2FyZExpbmUsIHJlYWRpbmc6IFJlYWRpbmcpOiBBZGRyZXNzIHtcbiAgY29uc3QgcGFydCA9IHNwbGl0VmFsdWUobGluZS52YWx1ZSwgJzsnKS5tYXAoKHApID0+XG4gICAgc3BsaXRWYWx1ZShwLCAnLCcpXG4gICAgICAubWFwKCh2KSA9PiB1bmVzY2FwZVRleHQodikudHJpbSgpKVxuICAgICAgLmZpbHRlcihCb29sZWFuKVxuICAgICAgLmpvaW4oJywgJyksXG4gICk7XG4gIGNvbnN0IFtcbiAgICBib3ggPSAnJyxcbiAgICBleHRlbmRlZCA9ICcnLFxuICAgIHN0cmVldCA9ICcnLFxuICAgIGNpdHkgPSAnJyxcbiAgICByZWdpb24gPSAnJyxcbiAgICBwb3N0YWxDb2RlID0gJycsXG4gICAgY291bnRyeSA9ICcnLFxuICBdID0gcGFydDtcbiAgY29uc3QgW2xhdCwgbG9uXSA9IHJlYWRQb2ludChsaW5lLnBhcmFtcy5nZXQoJ0dFTycpPy5qb2luKCcsJykgPz8gJycpO1xuICByZXR1cm4ge1xuICAgIC4uLk5PX0FERFJFU1MsXG4gICAgbGFiZWw6IGxhYmVsT2YobGluZSwgcmVhZGluZyksXG4gICAgbGluZTogW3N0cmVldCwgZXh0ZW5kZWQsIGJveF0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJywgJyksXG4gICAgY2l0eSxcbiAgICByZWdpb24sXG4gICAgcG9zdGFsQ29kZSxcbiAgICBjb3VudHJ5LFxuICAgIGxhdCxcbiAgICBsb24sXG4gIH07XG59XG5cbmZ1bmN0aW9uIHJlYWRQb2ludCh2YWx1ZTogc3RyaW5nKTogW251bWJlciwgbnVtYmVyXSB8IFtudWxsLCBudWxsXSB7XG4gIGNvbnN0IGZvdW5kID0gL14oPzpnZW86KT8oLT9cXGQrKD86XFwuXFxkKyk/KVssO10oLT9cXGQrKD86XFwuXFxkKyk/KS8uZXhlYyh2YWx1ZSk7XG4gIGNvbnN0IFtsYXQsIGxvbl0gPSBbTnVtYmVyKGZvdW5kPy5bMV0pLCBOdW1iZXIoZm91bmQ/LlsyXSldO1xuICByZXR1cm4gZm91bmQgJiYgTWF0aC5hYnMobGF0KSA8PSA5MCAmJiBNYXRoLmFicyhsb24pIDw9IDE4MCA/IFtsYXQsIGxvbl0gOiBbbnVsbCwgbnVsbF07XG59XG5cbi8qKiBBIHBvc3RhbCBsYWJlbCB3aXRob3V0IGFuIGFkZHJlc3Mgb2YgaXRzIGtpbmQgaXMgdGhlIGFkZHJlc3MuICovXG5mdW5jdGlvbiByZWFkTGFiZWwobGluZTogQ2FyZExpbmUsIHJlYWRpbmc6IFJlYWRpbmcpOiB2b2lkIHtcbiAgY29uc3QgeyBmaWVsZHMgfSA9IHJlYWRpbmcucGVyc29uO1xuICBjb25zdCBsYWJlbCA9IGxhYmVsT2YobGluZSwgcmVhZGluZyk7XG4gIGNvbnN0IGhlcmUgPSByZWFkaW5nLmxpbmVzLnNvbWUoKGwpID0+IGwubmFtZSA9PT0gJ0FEUicgJiYgbGFiZWxPZihsLCByZWFkaW5nKSA9PT0gbGFiZWwpO1xuICBpZiAoaGVyZSB8fCB0ZXh0KGxpbmUpID09PSAnJykgcmV0dXJuO1xuICBjb25zdCB3aG9sZSA9IHJlYWRXaG9sZUFkZHJlc3ModGV4dChsaW5lKSk7XG4gIGNvbnN0IGFkZHJlc3MgPSB7XG4gICAgLi4uTk9fQUREUkVTUyxcbiAgICBsYWJlbCxcbiAgICAuLi4od2hvbGUgPz8geyBsaW5lOiB0ZXh0KGxpbmUpLnJlcGxhY2UoL1xccypcXG5cXHMqL2csICcsICcpIH0pLFxuICB9O1xuICBmaWVsZHMuYWRkcmVzc2VzLnB1c2goYWRkcmVzcyk7XG59XG5cbmZ1bmN0aW9uIHJlYWRQaG90byhsaW5lOiBDYXJkTGluZSwgeyBwZXJzb24sIHVucmVhZCB9OiBSZWFkaW5nKTogdm9pZCB7XG4gIGNvbnN0IGRhdGEgPSAvXmRhdGE6aW1hZ2VcXC9bXFx3ListXSs7YmFzZTY0LCguKikkL2lzLmV4ZWMobGluZS52YWx1ZSk/LlsxXTtcbiAgY29uc3QgaXNCYXNlNjQgPSBpc0VuY29kZWQobGluZSwgL14oYnxiYXNlNjQpJC9pKTtcbiAgY29uc3QgYmFzZTY0ID0gKGRhdGEgPz8gKGlzQmFzZTY0ID8gbGluZS52YWx1ZSA6ICcnKSkucmVwbGFjZSgvXFxzL2csICcnKTtcbiAgaWYgKCFiYXNlNjQpIHJldHVybiB2b2lkIHVucmVhZC5wdXNoKGBhIHBob3RvIGVsc2V3aGVyZTogJHtsaW5lLnZhbHVlLnNsaWNlKDAsIDMwMCl9YCk7XG4gIGlmIChiYXNlNjQubGVuZ3RoICogMC43NSA+IE1BWF9QSE9UT19CWVRFUylcbiAgICByZXR1cm4gdm9pZCB1bnJlYWQucHVzaChgYSBwaG90bzogbGFyZ2VyIHRoYW4gJHtNQVhfUEhPVE9fQllURVMgLyAxMDI0IC8gMTAyNH0gTUJgKTtcbiAgdHJ5IHtcbiAgICBwZXJzb24ucGhvdG8gPSBVaW50OEFycmF5LmZyb20oYXRvYihiYXNlNjQpLCAoY2hhcikgPT4gY2hhci5jaGFyQ29kZUF0KDApKTtcbiAgfSBjYXRjaCB7XG4gICAgdW5yZWFkLnB1c2goJ2EgcGhvdG86IGl0cyBieXRlcyBhcmUgZGFtYWdlZCcpO1xuICB9XG59XG5cbi8qKiBBIGRhdGUgdW5kZXIgaXRzIG5hbWU7IGEgd2VkZGluZyBpcyBvbmUgd2hhdGV2ZXIgaXQgaXMgY2FsbGVkLiAqL1xuZnVuY3Rpb24gZGF0ZUludG8obmFtZTogc3RyaW5nKTogUmVhZGVyIHtcbiAgcmV0dXJuIChsaW5lLCByZWFkaW5nKSA9PiB7XG4gICAgY29uc3QgeyBmaWVsZHMgfSA9IHJlYWRpbmcucGVyc29uO1xuICAgIGNvbnN0IG9uID0gZGF5T2YobGluZSk7XG4gICAgaWYgKCFvbikgcmVhZGluZy51bnJlYWQucHVzaChgYSBkYXkgaW4gdGhlIGNhbGVuZGFyOiAke3RleHQobGluZSl9YCk7XG4gICAgZWxzZSBpZiAobmFtZSAhPT0gJycpXG4gICAgICBmaWVsZHMuZGF0ZXMucHVzaCh7IG5hbWU6IC9eKD86d2VkZGluZ3xhbm5pdmVyc2FyeSkvaS50ZXN0KG5hbWUpID8gJ1dlZGRpbmcnIDogbmFtZSwgb24gfSk7XG4gICAgZWxzZSBpZiAoZmllbGRzLmJpcnRoZGF5IHx8IGJpcnRoZGF5RmF1bHQob24sIHJlYWRpbmcudG9kYXkpKSBhc2lkZShyZWFkaW5nLCBsaW5lKTtcbiAgICBlbHNlIGZpZWxkcy5iaXJ0aGRheSA9IG9uO1xuICB9O1xufVxuXG5jb25zdCBsaW5rOiBSZWFkZXIgPSAobGluZSwgcmVhZGluZykgPT4ge1xuICBjb25zdCB7IGxpbmtzIH0gPSByZWFkaW5nLnBlcnNvbi5maWVsZHM7XG4gIGNvbnN0IHZhbHVlID0gcmVhZExpbmsodGV4dChsaW5lKSk7XG4gIGlmICh2YWx1ZSkgYWRkUmVhY2gobGlua3MsIHZhbHVlLCBsaW5lLCByZWFkaW5nLCAnYSB3ZWIgYWRkcmVzcycpO1xuICBlbHNlIGFzaWRlKHJlYWRpbmcsIGxpbmUpO1xufTtcblxuLyoqIE9uZSB2YWx1ZSBpcyBrZXB0IGluIGl0cyBwbGFjZSwgdGhvc2UgdGhhdCBkaWZmZXIgaW4gdGhlIG5vdGUuICovXG5jb25zdCBvbmNlID1cbiAgKFxuICAgIGtleTogJ2dvZXNCeScgfCAnY29tcGFueScgfCAnam9iVGl0bGUnIHwgJ2xhbmd1YWdlJyxcbiAgICB2YWx1ZXM6IChsaW5lOiBDYXJkTGluZSkgPT4gc3RyaW5nW10sXG4gICk6IFJlYWRlciA9PlxuICAobGluZSwgcmVhZGluZykgPT4ge1xuICAgIGNvbnN0IHsgZmllbGRzIH0gPSByZWFkaW5nLnBlcnNvbjtcbiAgICBmb3IgKGNvbnN0IHZhbHVlIG9mIHZhbHVlcyhsaW5lKSlcbiAgICAgIGlmIChmaWVsZHNba2V5XSA9PT0gJycpIGZpZWxkc1trZXldID0gdmFsdWU7XG4gICAgICBlbHNlIGlmIChmaWVsZHNba2V5XSAhPT0gdmFsdWUpIGFzaWRlKHJlYWRpbmcsIGxpbmUsIHZhbHVlKTtcbiAgfTtcblxuLyoqIFdoYXQgaXMgZG9uZSB3aXRoIGVhY2ggcHJvcGVydHkuICovXG5leHBvcnQgY29uc3QgUkVBREVSUzogUmVjb3JkPHN0cmluZywgUmVhZGVyPiA9IHtcbiAgTklDS05BTUU6IG9uY2UoJ2dvZXNCeScsIChsaW5lKSA9PiB0ZXh0cyhsaW5lLCAnLCcpLmZpbHRlcihCb29sZWFuKSksXG4gIE9SRzogb25jZSgnY29tcGFueScsIChsaW5lKSA9PiBbdGV4dHMobGluZSwgJzsnKS5maWx0ZXIoQm9vbGVhbikuam9pbignLCAnKV0uZmlsdGVyKEJvb2xlYW4pKSxcbiAgVElUTEU6IG9uY2UoJ2pvYlRpdGxlJywgKGxpbmUpID0+IFt0ZXh0KGxpbmUpXS5maWx0ZXIoQm9vbGVhbikpLFxuICBST0xFOiBvbmNlKCdqb2JUaXRsZScsIChsaW5lKSA9PiBbdGV4dChsaW5lKV0uZmlsdGVyKEJvb2xlYW4pKSxcbiAgRU1BSUw6IChsaW5lLCByZWFkaW5nKSA9PlxuICAgIGFkZFJlYWNoKFxuICAgICAgcmVhZGluZy5wZXJzb24uZmllbGRzLmVtYWlscyxcbiAgICAgIHJlYWRFbWFpbCh0ZXh0KGxpbmUpKSxcbiAgICAgIGxpbmUsXG4gICAgICByZWFkaW5nLFxuICAgICAgJ2FuIGUtbWFpbCBhZGRyZXNzJyxcbiAgICApLFxuICBURUw6IChsaW5lLCByZWFkaW5nKSA9PlxuICAgIGFkZFJlYWNoKFxuICAgICAgcmVhZGluZy5wZXJzb24uZmllbGRzLnBob25lcyxcbiAgICAgIHJlYWRQaG9uZSh0ZXh0KGxpbmUpLnJlcGxhY2UoLztleHQ9L2ksICcgeCcpKSxcbiAgICAgIGxpbmUsXG4gICAgICByZWFkaW5nLFxuICAgICAgJ2EgcGhvbmUgbnVtYmVyJyxcbiAgICApLFxuICBBRFI6IChsaW5lLCByZWFkaW5nKSA9PiB7XG4gICAgY29uc3QgYWRkcmVzcyA9IHJlYWRBZGRyZXNzKGxpbmUsIHJlYWRpbmcpO1xuICAgIGlmIChpc0FkZHJlc3MoYWRkcmVzcykpIHJlYWRpbmcucGVyc29uLmZpZWxkcy5hZGRyZXNzZXMucHVzaChhZGRyZXNzKTtcbiAgfSxcbiAgR0VPOiAobGluZSwgeyBwZXJzb24gfSkgPT4ge1xuICAgIGNvbnN0IFtmaXJzdF0gPSBwZXJzb24uZmllbGRzLmFkZHJlc3NlcztcbiAgICBjb25zdCBbbGF0LCBsb25dID0gcmVhZFBvaW50KGxpbmUudmFsdWUucmVwbGFjZSgnOycsICcsJykpO1xuICAgIGlmIChsYXQgIT09IG51bGwgJiYgZmlyc3QgJiYgZmlyc3QubGF0ID09PSBudWxsKSBPYmplY3QuYXNzaWduKGZpcnN0LCB7IGxhdCwgbG9uIH0pO1xuICAgIGVsc2UgaWYgKGxhdCAhPT0gbnVsbCAmJiAhZmlyc3QpIHBlcnNvbi5maWVsZHMuYWRkcmVzc2VzLnB1c2goeyAuLi5OT19BRERSRVNTLCBsYXQsIGxvbiB9KTtcbiAgfSxcbiAgVVJMOiBsaW5rLFxuICBJTVBQOiBsaW5rLFxuICBTT0NJQUxQUk9GSUxFOiBsaW5rLFxuICAnWC1TT0NJQUxQUk9GSUxFJzogbGluayxcbiAgQkRBWTogZGF0ZUludG8oJycpLFxuICBBTk5JVkVSU0FSWTogZGF0ZUludG8oJ1dlZGRpbmcnKSxcbiAgJ1gtQU5OSVZFUlNBUlknOiBkYXRlSW50bygnV2VkZGluZycpLFxuICAnWC1BQkRBVEUnOiAobGluZSwgcmVhZGluZykgPT4ge1xuICAgIGNvbnN0IGxhYmVsID0gbGFiZWxPZihsaW5lLCByZWFkaW5nKSB8fCAnRGF0ZSc7XG4gICAgZGF0ZUludG8obGFiZWwuY2hhckF0KDApLnRvVXBwZXJDYXNlKCkgKyBsYWJlbC5zbGljZSgxKSkobGluZSwgcmVhZGluZyk7XG4gIH0sXG4gIENBVEVHT1JJRVM6IChsaW5lLCB7IHBlcnNvbiB9KSA9PiB7XG4gICAgcGVyc29uLnRhZ3MucHVzaCguLi50ZXh0cyhsaW5lLCAnLCcpLmZpbHRlcihCb29sZWFuKSk7XG4gIH0sXG4gIElOVEVSRVNUOiAobGluZSwgeyBwZXJzb24gfSkgPT4ge1xuICAgIHBlcnNvbi5maWVsZHMuaW50ZXJlc3RzLnB1c2godGV4dChsaW5lKSk7XG4gIH0sXG4gIE5PVEU6IChsaW5lLCB7IHBlcnNvbiB9KSA9PiB7XG4gICAgaWYgKHRleHQobGluZSkpIHBlcnNvbi5ub3Rlcy5wdXNoKHsgb246IG51bGwsIGJvZHk6IHRleHQobGluZSkgfSk7XG4gIH0sXG4gIExBTkc6IG9uY2UoJ2xhbmd1YWdlJywgKGxpbmUpID0+IFt0ZXh0KGxpbmUpXS5maWx0ZXIoQm9vbGVhbikpLFxuICBMQUJFTDogcmVhZExhYmVsLFxuICBQSE9UTzogcmVhZFBob3RvLFxuICAnWC1QRU5QQUwnOiAobGluZSwgcmVhZGluZykgPT4gcmVhZE91cnModGV4dChsaW5lKSwgcmVhZGluZyksXG59O1xuIiwgImltcG9ydCB7IGZvbGQsIE5PQk9EWSwgdHlwZSBPd25GaWVsZCwgdHlwZSBQZXJzb25GaWVsZHMgfSBmcm9tICdAL2NvcmUvcGVvcGxlJztcbmltcG9ydCB0eXBlIHsgUGxhaW5EYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG5pbXBvcnQge1xuICBpbXBvcnRlZE9mLFxuICBpc1NvbWVib2R5LFxuICB0eXBlIEltcG9ydGVkUGVyc29uLFxuICB0eXBlIFJlbGF0ZWQsXG4gIHR5cGUgUm93RmF1bHQsXG59IGZyb20gJy4vaW1wb3J0ZWQnO1xuaW1wb3J0IHsgcmVhZENhcmRzLCB0eXBlIENhcmRMaW5lLCB0eXBlIFJhd0NhcmQgfSBmcm9tICcuL3ZjYXJkLWxpbmVzJztcbmltcG9ydCB7IHRpZUJ5TmFtZSB9IGZyb20gJy4vcm93LXRpZXMnO1xuaW1wb3J0IHsgcmVhZE5hbWVzIH0gZnJvbSAnLi92Y2FyZC1uYW1lcyc7XG5pbXBvcnQgeyBSRUFERVJTIH0gZnJvbSAnLi92Y2FyZC1wcm9wZXJ0aWVzJztcbmltcG9ydCB7IGFzaWRlLCBsYWJlbE9mLCB0ZXh0LCB0eXBlIFJlYWRpbmcgfSBmcm9tICcuL3ZjYXJkLXJlYWRpbmcnO1xuXG5leHBvcnQgY29uc3QgTUFYX0NBUkRTID0gNTBfMDAwO1xuZXhwb3J0IGNvbnN0IGlzVkNhcmQgPSAodGV4dDogc3RyaW5nKTogYm9vbGVhbiA9PlxuICAvXlxccypCRUdJTlxccyo6XFxzKlZDQVJEL2ltLnRlc3QodGV4dC5zbGljZSgwLCA0MDAwKSk7XG5cbmNvbnN0IElHTk9SRUQgPSBuZXcgU2V0KFxuICAnVkVSU0lPTiBSRVYgVUlEIFBST0RJRCBDTElFTlRQSURNQVAgTUFJTEVSIFNPUlQtU1RSSU5HIENMQVNTIFBST0ZJTEUgS0lORCBYLUFCTEFCRUwgWC1BQkFEUiBGTiBOIFgtQUJTSE9XQVMnLnNwbGl0KFxuICAgICcgJyxcbiAgKSxcbik7XG5cbi8qKiBCeXRlcyB0aGF0IGFyZSBub2JvZHkncyB3b3JkczogdG9sZCBhcyBsZWZ0IG91dC4gKi9cbmNvbnN0IEJZVEVTID0gbmV3IFNldCgnS0VZIExPR08gU09VTkQnLnNwbGl0KCcgJykpO1xuXG4vKiogUHJlZmVycmVkIG9uZXMgZmlyc3Q6IFBSRUY9MSAoNC4wKSBvciBUWVBFPXByZWYgKDMuMCkuICovXG5mdW5jdGlvbiBwcmVmZXJlbmNlKGxpbmU6IENhcmRMaW5lKTogbnVtYmVyIHtcbiAgY29uc3QgcmFuayA9IE51bWJlcihsaW5lLnBhcmFtcy5nZXQoJ1BSRUYnKT8uWzBdKTtcbiAgaWYgKHJhbmsgPj0gMSkgcmV0dXJuIHJhbms7XG4gIHJldHVybiBsaW5lLnBhcmFtcy5nZXQoJ1RZUEUnKT8uc29tZSgodHlwZSkgPT4gdHlwZS50b0xvd2VyQ2FzZSgpID09PSAncHJlZicpID8gMSA6IDEwMTtcbn1cblxuY29uc3QgUkVMQVRFRDogUmVjb3JkPHN0cmluZywgUmVsYXRlZFsna2luZCddIHwgJ3BhcmVudCc+ID0ge1xuICBzcG91c2U6ICdwYXJ0bmVyJyxcbiAgcGFydG5lcjogJ3BhcnRuZXInLFxuICBzd2VldGhlYXJ0OiAncGFydG5lcicsXG4gIHdpZmU6ICdwYXJ0bmVyJyxcbiAgaHVzYmFuZDogJ3BhcnRuZXInLFxuICBjaGlsZDogJ2NoaWxkJyxcbiAgc29uOiAnY2hpbGQnLFxuICBkYXVnaHRlcjogJ2NoaWxkJyxcbiAgcGFyZW50OiAncGFyZW50JyxcbiAgbW90aGVyOiAncGFyZW50JyxcbiAgZmF0aGVyOiAncGFyZW50JyxcbiAgc2libGluZzogJ3NpYmxpbmcnLFxuICBicm90aGVyOiAnc2libGluZycsXG4gIHNpc3RlcjogJ3NpYmxpbmcnLFxuICBmcmllbmQ6ICdmcmllbmQnLFxuICBjb2xsZWFndWU6ICdjb2xsZWFndWUnLFxuICAnY28td29ya2VyJzogJ2NvbGxlYWd1ZScsXG59O1xuXG4vKiogUmVhZHMgb25lIGNhcmQ7IGV2ZXJ5dGhpbmcgdGhhdCBjYW4ndCBiZSBwbGFjZWQgaXMga2VwdCBpbiBhIG5vdGUsIHdvcmQgZm9yIHdvcmQuICovXG5mdW5jdGlvbiByZWFkQ2FyZChyYXc6IFJhd0NhcmQsIGFib3V0OiBBYm91dCk6IHsgcmVhZDogUmVhZGluZzsgc2Vjb25kOiBJbXBvcnRlZFBlcnNvbiB8IG51bGwgfSB7XG4gIGNvbnN0IHBlcnNvbiA9IGltcG9ydGVkT2YocmF3LmNhcmQsIHN0cnVjdHVyZWRDbG9uZShOT0JPRFkpKTtcbiAgY29uc3QgbGluZXMgPSByYXcubGluZXMudG9Tb3J0ZWQoKGEsIGIpID0+IHByZWZlcmVuY2UoYSkgLSBwcmVmZXJlbmNlKGIpKTtcbiAgY29uc3QgcmVhZGluZzogUmVhZGluZyA9IHsgcGVyc29uLCB1bnJlYWQ6IFtdLCBsaW5lcywgb3duOiBhYm91dC5vd24sIHRvZGF5OiBhYm91dC50b2RheSB9O1xuICBmb3IgKGNvbnN0IGxpbmUgb2YgbGluZXMpIHtcbiAgICBpZiAobGluZS5uYW1lID09PSAnUkVMQVRFRCcgfHwgbGluZS5uYW1lID09PSAnWC1BQlJFTEFURUROQU1FUycgfHwgbGluZS5uYW1lID09PSAnWC1TUE9VU0UnKVxuICAgICAgcmVhZFJlbGF0ZWQobGluZSwgcmVhZGluZywgYWJvdXQpO1xuICAgIGVsc2UgaWYgKFJFQURFUlNbbGluZS5uYW1lXSkgUkVBREVSU1tsaW5lLm5hbWVdIShsaW5lLCByZWFkaW5nKTtcbiAgICBlbHNlIGlmIChCWVRFUy5oYXMobGluZS5uYW1lKSkgcmVhZGluZy51bnJlYWQucHVzaChgJHtsaW5lLm5hbWV9LCB3aGljaCBpcyBsZWZ0IG91dGApO1xuICAgIGVsc2UgaWYgKCFJR05PUkVELmhhcyhsaW5lLm5hbWUpKSBhc2lkZShyZWFkaW5nLCBsaW5lKTtcbiAgfVxuICBjb25zdCBzZWNvbmQgPSByZWFkTmFtZXMocmVhZGluZyk7XG4gIGNvbnN0IGZuID0gbGluZXMuZmluZCgoeyBuYW1lIH0pID0+IG5hbWUgPT09ICdGTicpO1xuICBpZiAoZm4gJiYgIXNlY29uZCAmJiAhaXNTYWlkKHRleHQoZm4pLCBwZXJzb24uZmllbGRzKSkgYXNpZGUocmVhZGluZywgZm4pO1xuICByZXR1cm4geyByZWFkOiByZWFkaW5nLCBzZWNvbmQgfTtcbn1cblxuLyoqIFdoZXRoZXIgYSBmdWxsIG5hbWUgc2F5cyBub3RoaW5nIHRoYXQgdGhlIHBhcnRzIGRvbid0LiAqL1xuY29uc3QgaXNTYWlkID0gKHdob2xlOiBzdHJpbmcsIGZpZWxkczogUGVyc29uRmllbGRzKTogYm9vbGVhbiA9PiB7XG4gIGNvbnN0IHNhaWQgPSBmb2xkKFxuICAgIFtcbiAgICAgIC4uLk9iamVjdC52YWx1ZXMoZmllbGRzKS5maWx0ZXIoKHZhbHVlKSA9PiB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnKSxcbiAgICAgIC4uLmZpZWxkcy5lbWFpbHMubWFwKCh7IHZhbHVlIH0pID0+IHZhbHVlKSxcbiAgICAgIC4uLmZpZWxkcy5waG9uZXMubWFwKCh7IHZhbHVlIH0pID0+IHZhbHVlKSxcbiAgICBdLmpvaW4oJyAnKSxcbiAgKTtcbiAgcmV0dXJuIGZvbGQod2hvbGUpXG4gICAgLnNwbGl0KC9bXlxccHtMfVxccHtOfUAuKy1dKy91KVxuICAgIC5ldmVyeSgod29yZCkgPT4gc2FpZC5pbmNsdWRlcyh3b3JkLnJlcGxhY2UoL1xcLiQvLCAnJykpKTtcbn07XG5cbmludGVyZmFjZSBBYm91dCB7XG4gIG93bjogcmVhZG9ubHkgT3duRmllbGRbXTtcbiAgdG9kYXk6IFBsYWluRGF0ZTtcbiAgLyoqIEJ5IFVJRDogdGhlIG51bWJlciBvZiB0aGUgY2FyZCwgYW5kIHRoZSBuYW1lIG9uIGl0LiAqL1xuICBjYXJkT2Y6IFJlYWRvbmx5TWFwPHN0cmluZywgeyBjYXJkOiBudW1iZXI7IG5hbWU6IHN0cmluZyB9Pjtcbn1cblxuZnVuY3Rpb24gcmVhZFJlbGF0ZWQobGluZTogQ2FyZExpbmUsIHJlYWRpbmc6IFJlYWRpbmcsIHsgY2FyZE9mIH06IEFib3V0KTogdm9pZCB7XG4gIGNvbnN0IHZhbHVlID0gdGV4dChsaW5lKTtcbiAgY29uc3QgY2FyZCA9IGNhcmRPZi5nZXQodmFsdWUpO1xuICBjb25zdCBuYW1lID0gY2FyZD8ubmFtZSA/PyAoL14odXJuOnxbYS16XSs6XFwvXFwvKS9pLnRlc3QodmFsdWUpID8gJycgOiB2YWx1ZSk7XG4gIGNvbnN0IGxhYmVsID0gbGFiZWxPZihsaW5lLCByZWFkaW5nKTtcbiAgY29uc3Qga2luZCA9IGxpbmUubmFtZSA9PT0gJ1gtU1BPVVNFJyA/ICdwYXJ0bmVyJyA6IFJFTEFURURbbGFiZWwudG9Mb3dlckNhc2UoKV07XG4gIC8vIEEgcGFyZW50IGlzIGtlcHQgYXMgdGhlaXIgY2hpbGQsIHdobyBtdXN0IHRoZW4gY29tZSBpbiBhcyBzb21lYm9keS5cbiAgY29uc3QgcGFyZW50ID0ga2luZCA9PT0gJ3BhcmVudCc7XG4gIGlmIChuYW1lICYmIGtpbmQgJiYgKCFwYXJlbnQgfHwgY2FyZCkpXG4gICAgcmVhZGluZy5wZXJzb24ucmVsYXRlZC5wdXNoKHtcbiAgICAgIGtpbmQ6IHBhcmVudCA/ICdjaGlsZCcgOiBraW5kLFxuICAgICAgbmFtZSxcbiAgICAgIC4uLihjYXJkID8geyBwbGFjZTogY2FyZC5jYXJkIH0gOiB7fSksXG4gICAgICAuLi4ocGFyZW50ID8geyByZXZlcnNlZDogdHJ1ZSB9IDoge30pLFxuICAgIH0pO1xuICBlbHNlIGlmICh2YWx1ZSkgcmVhZGluZy51bnJlYWQucHVzaChgJHtsYWJlbCB8fCAncmVsYXRlZCd9OiAke25hbWUgfHwgdmFsdWV9YCk7XG59XG5cbmV4cG9ydCB0eXBlIENhcmRzUmVhZCA9XG4gIHwgeyBvazogdHJ1ZTsgcGVvcGxlOiBJbXBvcnRlZFBlcnNvbltdOyBmYXVsdHM6IFJvd0ZhdWx0W10gfVxuICB8IHsgb2s6IGZhbHNlOyByZWFzb246ICdub25lJyB8ICd0b29fbWFueSc7IGNhcmRzOiBudW1iZXIgfTtcblxuY29uc3QgaXNHcm91cCA9ICh7IGxpbmVzIH06IFJhd0NhcmQpOiBib29sZWFuID0+XG4gIGxpbmVzLnNvbWUoXG4gICAgKHsgbmFtZSwgdmFsdWUgfSkgPT5cbiAgICAgIC9eKFgtQUREUkVTU0JPT0tTRVJWRVItKT9LSU5EJC8udGVzdChuYW1lKSAmJiAvXmdyb3VwJC9pLnRlc3QodmFsdWUudHJpbSgpKSxcbiAgKTtcblxuY29uc3QgbmFtZU9mID0gKHsgbGluZXMgfTogUmF3Q2FyZCk6IHN0cmluZyA9PiB7XG4gIGNvbnN0IGZuID0gbGluZXMuZmluZCgoeyBuYW1lIH0pID0+IG5hbWUgPT09ICdGTicpO1xuICByZXR1cm4gZm4gPyB0ZXh0KGZuKSA6ICcnO1xufTtcblxuLyoqIEEgZ3JvdXAgb2YgcGVvcGxlIGlzIG5vYm9keTogdGhvc2Ugb2YgaXRzIG1lbWJlcnMgd2hvIGFyZSBpbiB0aGUgZmlsZSBnZXQgaXRzIG5hbWUgYXMgYSB0YWcuICovXG5mdW5jdGlvbiByZWFkR3JvdXAoXG4gIHJhdzogUmF3Q2FyZCxcbiAgYWJvdXQ6IEFib3V0LFxuICBieUNhcmQ6IFJlYWRvbmx5TWFwPG51bWJlciwgSW1wb3J0ZWRQZXJzb24+LFxuKTogUm93RmF1bHQge1xuICBjb25zdCBuYW1lID0gbmFtZU9mKHJhdykgfHwgJ0dyb3VwJztcbiAgY29uc3QgbWVtYmVycyA9IHJhdy5saW5lc1xuICAgIC5maWx0ZXIoKGxpbmUpID0+IC9NRU1CRVIkLy50ZXN0KGxpbmUubmFtZSkpXG4gICAgLmZsYXRNYXAoKGxpbmUpID0+IGJ5Q2FyZC5nZXQoYWJvdXQuY2FyZE9mLmdldChsaW5lLnZhbHVlLnRyaW0oKSk/LmNhcmQgPz8gMCkgPz8gW10pO1xuICBmb3IgKGNvbnN0IHsgdGFncyB9IG9mIG1lbWJlcnMpIGlmICghdGFncy5pbmNsdWRlcyhuYW1lKSkgdGFncy5wdXNoKG5hbWUpO1xuICByZXR1cm4ge1xuICAgIHJvdzogcmF3LmNhcmQsXG4gICAgd2h5OiBgXHUyMDFDJHtuYW1lLnNsaWNlKDAsIDYwKX1cdTIwMUQgaXMgYSBncm91cCwgbm90IGEgcGVyc29uOyAke21lbWJlcnMubGVuZ3RofSBvZiBpdHMgcGVvcGxlIGhlcmUgYXJlIHRhZ2dlZCBzby5gLFxuICAgIGxlZnRPdXQ6IHRydWUsXG4gIH07XG59XG5cbi8qKlxuICogUmVhZHMgdkNhcmRzIG9mIHZlcnNpb25zIDIuMSwgMy4wIGFuZCA0LjAgKFJGQyAyNDI2LCBSRkMgNjM1MCksIGFsc28gc2V2ZXJhbCBpbiBvbmUgZmlsZS4gQSBkYW1hZ2VkXG4gKiBjYXJkIG5ldmVyIGNvc3RzIGFub3RoZXIgb25lOyB3aGF0IGNhbid0IGJlIHJlYWQgaXMga2VwdCBpbiB0aGUgbm90ZSBhbmQgcmVwb3J0ZWQuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkVkNhcmRzKFxuICBmaWxlOiBzdHJpbmcsXG4gIG93bjogcmVhZG9ubHkgT3duRmllbGRbXSA9IFtdLFxuICB0b2RheSA9ICcyOTk5LTEyLTMxJyBhcyBQbGFpbkRhdGUsXG4pOiBDYXJkc1JlYWQge1xuICBjb25zdCBjYXJkcyA9IHJlYWRDYXJkcyhmaWxlKTtcbiAgaWYgKGNhcmRzLmxlbmd0aCA9PT0gMCkgcmV0dXJuIHsgb2s6IGZhbHNlLCByZWFzb246ICdub25lJywgY2FyZHM6IDAgfTtcbiAgaWYgKGNhcmRzLmxlbmd0aCA+IE1BWF9DQVJEUykgcmV0dXJuIHsgb2s6IGZhbHNlLCByZWFzb246ICd0b29fbWFueScsIGNhcmRzOiBjYXJkcy5sZW5ndGggfTtcbiAgY29uc3QgY2FyZE9mID0gbmV3IE1hcChcbiAgICBjYXJkcy5mbGF0TWFwKChyYXcpID0+IHtcbiAgICAgIGNvbnN0IHVpZCA9IHJhdy5saW5lcy5maW5kKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gJ1VJRCcpO1xuICAgICAgcmV0dXJuIHVpZCA/IFtbdWlkLnZhbHVlLnRyaW0oKSwgeyBjYXJkOiByYXcuY2FyZCwgbmFtZTogbmFtZU9mKHJhdykgfV0gYXMgY29uc3RdIDogW107XG4gICAgfSksXG4gICk7XG4gIGNvbnN0IGFib3V0OiBBYm91dCA9IHsgb3duLCB0b2RheSwgY2FyZE9mIH07XG4gIGNvbnN0IHBlb3BsZTogSW1wb3J0ZWRQZXJzb25bXSA9IFtdO1xuICBjb25zdCBmYXVsdHM6IFJvd0ZhdWx0W10gPSBbXTtcbiAgY29uc3QgYnlDYXJkID0gbmV3IE1hcDxudW1iZXIsIEltcG9ydGVkUGVyc29uPigpO1xuICBmb3IgKGNvbnN0IHJhdyBvZiBjYXJkcy5maWx0ZXIoKGNhcmQpID0+ICFpc0dyb3VwKGNhcmQpKSkge1xuICAgIGNvbnN0IHsgcmVhZCwgc2Vjb25kIH0gPSByZWFkQ2FyZChyYXcsIGFib3V0KTtcbiAgICBjb25zdCB7IHBlcnNvbiwgdW5yZWFkIH0gPSByZWFkO1xuICAgIGNvbnN0IHRlbGwgPSAod2h5OiBzdHJpbmcsIGxlZnRPdXQgPSBmYWxzZSkgPT4gZmF1bHRzLnB1c2goeyByb3c6IHJhdy5jYXJkLCB3aHksIGxlZnRPdXQgfSk7XG4gICAgaWYgKCFpc1NvbWVib2R5KHBlcnNvbi5maWVsZHMpKSB7XG4gICAgICB0ZWxsKCdJdCBoYXMgbmVpdGhlciBhIG5hbWUgbm9yIGEgd2F5IHRvIHJlYWNoIGFueWJvZHkuJywgdHJ1ZSk7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgaWYgKCFyYXcuY29tcGxldGUpIHRlbGwoJ0l0IGhhcyBubyBlbmQ7IGl0IHdhcyByZWFkIGFzIGZhciBhcyBpdCBnb2VzLicpO1xuICAgIGZvciAoY29uc3Qgd2hhdCBvZiB1bnJlYWQpXG4gICAgICB0ZWxsKGBLZXB0IGluIHRoZSBub3RlLCBhcyBpdCBoYXMgbm8gcGxhY2Ugb2YgaXRzIG93bjogXHUyMDFDJHt3aGF0LnNsaWNlKDAsIDEyMCl9XHUyMDFELmApO1xuICAgIGlmICh1bnJlYWQubGVuZ3RoID4gMCkgcGVyc29uLm5vdGVzLnB1c2goeyBvbjogbnVsbCwgYm9keTogdW5yZWFkLmpvaW4oJ1xcbicpIH0pO1xuICAgIHBlb3BsZS5wdXNoKHBlcnNvbik7XG4gICAgYnlDYXJkLnNldChyYXcuY2FyZCwgcGVyc29uKTtcbiAgICBpZiAoIXNlY29uZCkgY29udGludWU7XG4gICAgdGVsbCgnVHdvIHBlb3BsZSBvZiBvbmUgaG9tZTogdGhlIGUtbWFpbCwgdGhlIHBob25lIGFuZCB0aGUgcmVzdCBnbyB0byB0aGUgZmlyc3QuJyk7XG4gICAgcGVyc29uLnJlbGF0ZWQucHVzaCh7IGtpbmQ6ICdwYXJ0bmVyJywgbmFtZTogJycsIHBsYWNlOiBwZW9wbGUubGVuZ3RoIH0pO1xuICAgIHBlb3BsZS5wdXNoKHNlY29uZCk7XG4gIH1cbiAgcGxhY2VSZWxhdGVkKHBlb3BsZSwgYnlDYXJkKTtcbiAgdGllQnlOYW1lKHBlb3BsZSk7XG4gIGZvciAoY29uc3QgcmF3IG9mIGNhcmRzLmZpbHRlcihpc0dyb3VwKSkgZmF1bHRzLnB1c2gocmVhZEdyb3VwKHJhdywgYWJvdXQsIGJ5Q2FyZCkpO1xuICByZXR1cm4geyBvazogdHJ1ZSwgcGVvcGxlLCBmYXVsdHMgfTtcbn1cblxuLyoqIFRpZXMgdG8gY2FyZHMgYmVjb21lIHRpZXMgdG8gdGhlIHBlb3BsZSB3aG8gY2FtZSBvZiB0aGVtOyBvbmUgdGllIGZvciB0d28gY2FyZHMgdGhhdCBuYW1lIGVhY2ggb3RoZXIuICovXG5mdW5jdGlvbiBwbGFjZVJlbGF0ZWQocGVvcGxlOiBJbXBvcnRlZFBlcnNvbltdLCBieUNhcmQ6IFJlYWRvbmx5TWFwPG51bWJlciwgSW1wb3J0ZWRQZXJzb24+KTogdm9pZCB7XG4gIGNvbnN0IHBsYWNlT2YgPSBuZXcgTWFwKHBlb3BsZS5tYXAoKHBlcnNvbiwgcGxhY2UpID0+IFtwZXJzb24sIHBsYWNlXSkpO1xuICBmb3IgKGNvbnN0IHBlcnNvbiBvZiBieUNhcmQudmFsdWVzKCkpXG4gICAgZm9yIChjb25zdCB0aWUgb2YgcGVyc29uLnJlbGF0ZWQpIHtcbiAgICAgIGlmICh0aWUucGxhY2UgPT09IHVuZGVmaW5lZCB8fCB0aWUubmFtZSA9PT0gJycpIGNvbnRpbnVlO1xuICAgICAgY29uc3Qgb3RoZXIgPSBieUNhcmQuZ2V0KHRpZS5wbGFjZSk7XG4gICAgICBpZiAob3RoZXIgJiYgb3RoZXIgIT09IHBlcnNvbikgdGllLnBsYWNlID0gcGxhY2VPZi5nZXQob3RoZXIpITtcbiAgICAgIGVsc2UgZGVsZXRlIHRpZS5wbGFjZTtcbiAgICB9XG59XG4iLCAiaW1wb3J0IHR5cGUgeyBDb2x1bW5Vc2UsIE93bkZpZWxkIH0gZnJvbSAnQC9jb3JlL3Blb3BsZSc7XG5pbXBvcnQgeyBmaWd1cmUsIHR5cGUgRGF0ZU9yZGVyLCB0eXBlIFBsYWluRGF0ZSB9IGZyb20gJ0AvY29yZS90aW1lJztcblxuaW1wb3J0IHsgZ3Vlc3NDb2x1bW5zLCB0eXBlIENvbHVtbkd1ZXNzIH0gZnJvbSAnLi9jb2x1bW5zJztcbmltcG9ydCB7IGRlY29kZSwgdHlwZSBEZWNvZGVkIH0gZnJvbSAnLi9kZWNvZGUnO1xuaW1wb3J0IHsgaW1wb3J0Um93cyB9IGZyb20gJy4vaW1wb3J0JztcbmltcG9ydCB0eXBlIHsgSW1wb3J0ZWRQZXJzb24sIFBhcnRuZXJzLCBSb3dGYXVsdCB9IGZyb20gJy4vaW1wb3J0ZWQnO1xuaW1wb3J0IHsgcmVhZFBhc3RlZCB9IGZyb20gJy4vcGFzdGVkJztcbmltcG9ydCB7IGRheUNvbHVtbnMgfSBmcm9tICcuL3Jvdy1kYXlzJztcbmltcG9ydCB7IGlzU2hlZXQsIHJlYWRTaGVldFRhYmxlIH0gZnJvbSAnLi9zaGVldCc7XG5pbXBvcnQgeyByZWFkVGFibGUsIHRhYmxlRmF1bHRTZW50ZW5jZSwgdHlwZSBUYWJsZSwgdHlwZSBUYWJsZUZhdWx0IH0gZnJvbSAnLi90YWJsZSc7XG5pbXBvcnQgeyBpc1ZDYXJkLCBNQVhfQ0FSRFMsIHJlYWRWQ2FyZHMgfSBmcm9tICcuL3ZjYXJkJztcblxuLyoqIEEgY2VsbCB0aGF0IHRoZSBvd25lciBwdXQgcmlnaHQgYmVmb3JlIGFueXRoaW5nIHdhcyB3cml0dGVuLiAqL1xuZXhwb3J0IGludGVyZmFjZSBDZWxsRWRpdCB7XG4gIHJvdzogbnVtYmVyO1xuICBjb2x1bW46IG51bWJlcjtcbiAgdmFsdWU6IHN0cmluZztcbn1cblxuZXhwb3J0IGludGVyZmFjZSBGaWxlVG9SZWFkIHtcbiAgYnl0ZXM6IFVpbnQ4QXJyYXk7XG4gIC8qKiBQYXN0ZWQgbmFtZXMgYW5kIGFkZHJlc3Nlczsgd2l0aG91dCBpdCwgaXQgaXMgc2VlbiB3aGF0IGtpbmQgb2YgZmlsZSBpdCBpcy4gKi9cbiAgcGFzdGVkOiBib29sZWFuO1xuICAvKiogSG93IGVhY2ggY29sdW1uIGlzIHVzZWQ7IG51bGwgdG8gZ3Vlc3MuICovXG4gIG1hcHBpbmc6IChDb2x1bW5Vc2UgfCBudWxsKVtdIHwgbnVsbDtcbiAgZWRpdHM/OiByZWFkb25seSBDZWxsRWRpdFtdO1xuICBwYXJ0bmVycz86IFBhcnRuZXJzO1xuICBvd246IHJlYWRvbmx5IE93bkZpZWxkW107XG4gIHRvZGF5OiBQbGFpbkRhdGU7XG4gIC8qKiBUaGUgb3duZXIncyBvcmRlciBvZiBkYXkgYW5kIG1vbnRoLCB3aGVyZSBhIGZpbGUgZG9lcyBub3QgdGVsbC4gKi9cbiAgb3JkZXI/OiBEYXRlT3JkZXI7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgUmVhZENvbHVtbiB7XG4gIG5hbWU6IHN0cmluZztcbiAgc2FtcGxlczogc3RyaW5nW107XG4gIGJ5OiBDb2x1bW5HdWVzc1snYnknXTtcbiAgLyoqIERheXMgd2hvc2UgZGF5IGFuZCBtb250aCBjYW4ndCBiZSB0b2xkIGFwYXJ0IGJ5IHdoYXQgc3RhbmRzIGluIHRoZSBjb2x1bW47IGVtcHR5IHdoZXJlIHRoZXkgY2FuLiAqL1xuICB1bmNsZWFyOiBzdHJpbmdbXTtcbn1cblxuLyoqIEEgZmlsZSBhcyBwZW9wbGUsIHdpdGggd2hhdCBzdG9vZCBpbiBpdC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgUmVhZEZpbGUge1xuICBmb3JtYXQ6ICdjc3YnIHwgJ3NoZWV0JyB8ICd2Y2FyZCcgfCAncGFzdGVkJztcbiAgZW5jb2Rpbmc6IHN0cmluZztcbiAgZGVsaW1pdGVyOiBzdHJpbmc7XG4gIGNvbHVtbnM6IFJlYWRDb2x1bW5bXTtcbiAgbWFwcGluZzogKENvbHVtblVzZSB8IG51bGwpW107XG4gIC8qKiBUaGUgY2VsbHMgYXMgdGhleSBzdGFuZCBpbiB0aGUgZmlsZSwgd2l0aCB0aGUgb3duZXIncyBjb3JyZWN0aW9ucy4gKi9cbiAgcm93czogeyByb3c6IG51bWJlcjsgY2VsbHM6IHN0cmluZ1tdIH1bXTtcbiAgcGVvcGxlOiBJbXBvcnRlZFBlcnNvbltdO1xuICBmYXVsdHM6IFJvd0ZhdWx0W107XG59XG5cbi8qKiBXaHkgYSBmaWxlIGNhbid0IGJlIHJlYWQgYXQgYWxsLCBpbiBhIHNlbnRlbmNlLCBhbmQgd2hhdCBpdCBjb25jZXJucy4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgRmlsZUZhdWx0IHtcbiAgcmVhc29uOiAnaW52YWxpZCcgfCAndG9vX2xhcmdlJztcbiAgc2VudGVuY2U6IHN0cmluZztcbiAgZmllbGQ6ICdjb250ZW50JyB8ICdtYXBwaW5nJztcbn1cblxudHlwZSBSZXN1bHQgPSB7IG9rOiB0cnVlOyBmaWxlOiBSZWFkRmlsZSB9IHwgeyBvazogZmFsc2U7IGZhdWx0OiBGaWxlRmF1bHQgfTtcblxuY29uc3QgZmFpbCA9IChcbiAgcmVhc29uOiBGaWxlRmF1bHRbJ3JlYXNvbiddLFxuICBzZW50ZW5jZTogc3RyaW5nLFxuICBmaWVsZDogRmlsZUZhdWx0WydmaWVsZCddID0gJ2NvbnRlbnQnLFxuKSA9PiAoeyBvazogZmFsc2UsIGZhdWx0OiB7IHJlYXNvbiwgc2VudGVuY2UsIGZpZWxkIH0gfSkgYXMgY29uc3Q7XG5cbi8qKiBSZWFkcyBhIHNwcmVhZHNoZWV0LCBhIENTViBvciB2Q2FyZCBmaWxlIG9yIGEgcGFzdGVkIGxpc3QgYXMgcGVvcGxlLiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHJlYWRJbXBvcnRGaWxlKGZpbGU6IEZpbGVUb1JlYWQpOiBQcm9taXNlPFJlc3VsdD4ge1xuICBpZiAoIWZpbGUucGFzdGVkICYmIGlzU2hlZXQoZmlsZS5ieXRlcykpIHtcbiAgICBjb25zdCByZWFkID0gYXdhaXQgcmVhZFNoZWV0VGFibGUoZmlsZS5ieXRlcyk7XG4gICAgcmV0dXJuIHJlYWQub2sgPyByZWFkQ2VsbHMoZmlsZSwgcmVhZC50YWJsZSwgJ3NoZWV0JykgOiB1bnJlYWRhYmxlKHJlYWQuZmF1bHQpO1xuICB9XG4gIGNvbnN0IGRlY29kZWQgPSBkZWNvZGUoZmlsZS5ieXRlcyk7XG4gIGlmICghZGVjb2RlZCkgcmV0dXJuIHVucmVhZGFibGUoeyByZWFzb246ICdub3RfdGV4dCcgfSk7XG4gIGlmIChmaWxlLnBhc3RlZCkgcmV0dXJuIGxpc3RlZChkZWNvZGVkLCAncGFzdGVkJywgcmVhZFBhc3RlZChkZWNvZGVkLnRleHQpKTtcbiAgaWYgKGlzVkNhcmQoZGVjb2RlZC50ZXh0KSkgcmV0dXJuIHJlYWRDYXJkRmlsZShmaWxlLCBkZWNvZGVkKTtcbiAgY29uc3QgcmVhZCA9IHJlYWRUYWJsZShkZWNvZGVkKTtcbiAgcmV0dXJuIHJlYWQub2sgPyByZWFkQ2VsbHMoZmlsZSwgcmVhZC50YWJsZSwgJ2NzdicpIDogdW5yZWFkYWJsZShyZWFkLmZhdWx0KTtcbn1cblxuY29uc3QgdW5yZWFkYWJsZSA9IChmYXVsdDogVGFibGVGYXVsdCk6IFJlc3VsdCA9PlxuICBmYWlsKFxuICAgIC9edG9vX21hbnlfKHJvd3N8Y29sdW1ucykkfGxhcmdlLy50ZXN0KGZhdWx0LnJlYXNvbikgPyAndG9vX2xhcmdlJyA6ICdpbnZhbGlkJyxcbiAgICB0YWJsZUZhdWx0U2VudGVuY2UoZmF1bHQpLFxuICApO1xuXG5jb25zdCBsaXN0ZWQgPSAoXG4gIHsgZW5jb2RpbmcgfTogRGVjb2RlZCxcbiAgZm9ybWF0OiBSZWFkRmlsZVsnZm9ybWF0J10sXG4gIHsgcGVvcGxlLCBmYXVsdHMgfTogUGljazxSZWFkRmlsZSwgJ3Blb3BsZScgfCAnZmF1bHRzJz4sXG4pOiBSZXN1bHQgPT4gKHtcbiAgb2s6IHRydWUsXG4gIGZpbGU6IHsgZm9ybWF0LCBlbmNvZGluZywgZGVsaW1pdGVyOiAnJywgY29sdW1uczogW10sIG1hcHBpbmc6IFtdLCByb3dzOiBbXSwgcGVvcGxlLCBmYXVsdHMgfSxcbn0pO1xuXG5mdW5jdGlvbiByZWFkQ2FyZEZpbGUoeyBvd24sIHRvZGF5IH06IEZpbGVUb1JlYWQsIGRlY29kZWQ6IERlY29kZWQpOiBSZXN1bHQge1xuICBjb25zdCBjYXJkcyA9IHJlYWRWQ2FyZHMoZGVjb2RlZC50ZXh0LCBvd24sIHRvZGF5KTtcbiAgaWYgKGNhcmRzLm9rKSByZXR1cm4gbGlzdGVkKGRlY29kZWQsICd2Y2FyZCcsIGNhcmRzKTtcbiAgcmV0dXJuIGNhcmRzLnJlYXNvbiA9PT0gJ3Rvb19tYW55J1xuICAgID8gZmFpbChcbiAgICAgICAgJ3Rvb19sYXJnZScsXG4gICAgICAgIGBUaGlzIGZpbGUgaGFzICR7ZmlndXJlKGNhcmRzLmNhcmRzKX0gY2FyZHM7IFBlbiBQYWwgcmVhZHMgdXAgdG8gJHtmaWd1cmUoTUFYX0NBUkRTKX0gYXQgYSB0aW1lLiBTcGxpdCBpdCBhbmQgaW1wb3J0IHRoZSBwYXJ0cy5gLFxuICAgICAgKVxuICAgIDogZmFpbCgnaW52YWxpZCcsICdUaGVyZSBpcyBubyBjYXJkIGluIHRoaXMgZmlsZS4nKTtcbn1cblxuZnVuY3Rpb24gcmVhZENlbGxzKGZpbGU6IEZpbGVUb1JlYWQsIHRhYmxlOiBUYWJsZSwgZm9ybWF0OiAnY3N2JyB8ICdzaGVldCcpOiBSZXN1bHQge1xuICBjb25zdCB7IG93biwgbWFwcGluZzogZ2l2ZW4gfSA9IGZpbGU7XG4gIGlmIChnaXZlbiAmJiBnaXZlbi5sZW5ndGggIT09IHRhYmxlLmhlYWRlci5sZW5ndGgpXG4gICAgcmV0dXJuIGZhaWwoXG4gICAgICAnaW52YWxpZCcsXG4gICAgICAnVGhlIGNvbHVtbnMgb2YgdGhpcyBmaWxlIGFyZSBub3QgdGhlIG9uZXMgdGhhdCB3ZXJlIG1hcHBlZC4gQ2hvb3NlIGl0IGFnYWluLicsXG4gICAgICAnbWFwcGluZycsXG4gICAgKTtcbiAgY29ycmVjdCh0YWJsZSwgZmlsZS5lZGl0cyA/PyBbXSk7XG4gIGNvbnN0IGd1ZXNzZXMgPSBndWVzc0NvbHVtbnModGFibGUsIG93bik7XG4gIGNvbnN0IG1hcHBpbmcgPSBnaXZlbiA/PyBndWVzc2VzLm1hcCgoeyB1c2UgfSkgPT4gdXNlKTtcbiAgY29uc3QgeyBwZW9wbGUsIGZhdWx0cyB9ID0gaW1wb3J0Um93cyh0YWJsZSwgbWFwcGluZywgZmlsZSk7XG4gIGNvbnN0IGRheXMgPSBkYXlDb2x1bW5zKHRhYmxlLCBtYXBwaW5nLCBvd24pO1xuICByZXR1cm4ge1xuICAgIG9rOiB0cnVlLFxuICAgIGZpbGU6IHtcbiAgICAgIGZvcm1hdCxcbiAgICAgIGVuY29kaW5nOiB0YWJsZS5lbmNvZGluZyxcbiAgICAgIGRlbGltaXRlcjogdGFibGUuZGVsaW1pdGVyLFxuICAgICAgY29sdW1uczogdGFibGUuaGVhZGVyLm1hcCgobmFtZSwgaSkgPT4gKHtcbiAgICAgICAgbmFtZSxcbiAgICAgICAgc2FtcGxlczogc2FtcGxlc09mKHRhYmxlLCBpKSxcbiAgICAgICAgYnk6IGd1ZXNzZXNbaV0hLmJ5LFxuICAgICAgICB1bmNsZWFyOiBkYXlzLmdldChpKT8uYXNrZWQgPyBbXSA6IChkYXlzLmdldChpKT8uZXhhbXBsZXMgPz8gW10pLFxuICAgICAgfSkpLFxuICAgICAgbWFwcGluZyxcbiAgICAgIHJvd3M6IHRhYmxlLnJvd3MsXG4gICAgICBwZW9wbGUsXG4gICAgICBmYXVsdHM6IFsuLi50YWJsZS5mYXVsdHMsIC4uLmZhdWx0c10uc29ydCgoYSwgYikgPT4gYS5yb3cgLSBiLnJvdyksXG4gICAgfSxcbiAgfTtcbn1cblxuY29uc3QgU0FNUExFUyA9IDM7XG5cbi8qKiBUaGUgZmlyc3QgdmFsdWVzIG9mIGEgY29sdW1uIHRoYXQgc2F5IHNvbWV0aGluZy4gKi9cbmNvbnN0IHNhbXBsZXNPZiA9ICh0YWJsZTogVGFibGUsIGNvbHVtbjogbnVtYmVyKTogc3RyaW5nW10gPT5cbiAgdGFibGUucm93c1xuICAgIC5zbGljZSgwLCAyMDApXG4gICAgLm1hcCgoeyBjZWxscyB9KSA9PiBjZWxsc1tjb2x1bW5dID8/ICcnKVxuICAgIC5maWx0ZXIoQm9vbGVhbilcbiAgICAuc2xpY2UoMCwgU0FNUExFUyk7XG5cbmZ1bmN0aW9uIGNvcnJlY3QodGFibGU6IFRhYmxlLCBlZGl0czogcmVhZG9ubHkgQ2VsbEVkaXRbXSk6IHZvaWQge1xuICBpZiAoZWRpdHMubGVuZ3RoID09PSAwKSByZXR1cm47XG4gIGNvbnN0IGJ5Um93ID0gbmV3IE1hcCh0YWJsZS5yb3dzLm1hcCgocm93KSA9PiBbcm93LnJvdywgcm93LmNlbGxzXSkpO1xuICBmb3IgKGNvbnN0IHsgcm93LCBjb2x1bW4sIHZhbHVlIH0gb2YgZWRpdHMpIHtcbiAgICBjb25zdCBjZWxscyA9IGJ5Um93LmdldChyb3cpO1xuICAgIGlmIChjZWxscyAmJiBjb2x1bW4gPCB0YWJsZS5oZWFkZXIubGVuZ3RoKSB7XG4gICAgICB3aGlsZSAoY2VsbHMubGVuZ3RoIDw9IGNvbHVtbikgY2VsbHMucHVzaCgnJyk7XG4gICAgICBjZWxsc1tjb2x1bW5dID0gdmFsdWU7XG4gICAgfVxuICB9XG59XG4iLCAiaW1wb3J0IHsgeiB9IGZyb20gJ3pvZCc7XG5cbmltcG9ydCB7XG4gIENIQU5ORUxTLFxuICBPV05fVFlQRVMsXG4gIFRJRV9LSU5EUyxcbiAgdGlkeVRleHQsXG4gIFdPVUxEX1JFRkVSLFxuICB0eXBlIFBlcnNvbkZpZWxkcyBhcyBGaWVsZHMsXG59IGZyb20gJ0AvY29yZS9wZW9wbGUnO1xuXG5pbXBvcnQgeyBDaXJjbGVJZCwgRGF5LCBJZCwgUGVyc29uSWQgfSBmcm9tICcuL2NvbW1vbic7XG5cbmV4cG9ydCBjb25zdCBUZXh0ID0gKG1heDogbnVtYmVyKSA9PlxuICB6LnN0cmluZygpLm92ZXJ3cml0ZSh0aWR5VGV4dCkubWF4KG1heCwgYEF0IG1vc3QgJHttYXh9IGNoYXJhY3RlcnMuYCk7XG5cbmNvbnN0IFllYXJseURheSA9IHpcbiAgLnN0cmluZygpXG4gIC5yZWdleCgvXihcXGR7NH0tKT9cXGR7Mn0tXFxkezJ9JC8sICdHaXZlIHRoZSBkYXkgYXMgWVlZWS1NTS1ERCBvciBNTS1ERC4nKTtcblxuY29uc3QgUmVhY2ggPSAobWF4OiBudW1iZXIpID0+IHoub2JqZWN0KHsgdmFsdWU6IFRleHQobWF4KSwgbGFiZWw6IFRleHQoNDApLmRlZmF1bHQoJycpIH0pO1xuXG5jb25zdCBEZWdyZWVzID0gKG1vc3Q6IG51bWJlcikgPT4gei5udW1iZXIoKS5taW4oLW1vc3QpLm1heChtb3N0KS5udWxsYWJsZSgpLmRlZmF1bHQobnVsbCk7XG5cbmV4cG9ydCBjb25zdCBBZGRyZXNzID0gei5vYmplY3Qoe1xuICBsYWJlbDogVGV4dCg0MCkuZGVmYXVsdCgnJyksXG4gIGxpbmU6IFRleHQoMzAwKS5kZWZhdWx0KCcnKSxcbiAgY2l0eTogVGV4dCgxMjApLmRlZmF1bHQoJycpLFxuICByZWdpb246IFRleHQoNjApLmRlZmF1bHQoJycpLFxuICBwb3N0YWxDb2RlOiBUZXh0KDIwKS5kZWZhdWx0KCcnKSxcbiAgY291bnRyeTogVGV4dCg2MCkuZGVmYXVsdCgnJyksXG4gIHBsYWNlOiBUZXh0KDEyMCkuZGVmYXVsdCgnJyksXG4gIGxhdDogRGVncmVlcyg5MCksXG4gIGxvbjogRGVncmVlcygxODApLFxufSk7XG5cbmNvbnN0IENvbnNlbnQgPSB6Lm9iamVjdCh7XG4gIGFuc3dlcjogei5lbnVtKFsneWVzJywgJ25vJ10pLFxuICBvbjogRGF5LFxuICBjYW1lRnJvbTogVGV4dCgyMDApLmRlZmF1bHQoJycpLFxufSk7XG5cbi8qKiBFdmVyeXRoaW5nIHRoYXQgaXMgb24gcmVjb3JkIGFib3V0IGEgcGVyc29uOyBzZWUgY29yZS9wZW9wbGUvcmVjb3JkLnRzLiAqL1xuZXhwb3J0IGNvbnN0IFBlcnNvbkZpZWxkcyA9IHoub2JqZWN0KHtcbiAgcHJlZml4OiBUZXh0KDQwKSxcbiAgZ2l2ZW5OYW1lOiBUZXh0KDEyMCksXG4gIG1pZGRsZU5hbWU6IFRleHQoMTIwKSxcbiAgZmFtaWx5TmFtZTogVGV4dCgxMjApLFxuICBzdWZmaXg6IFRleHQoNDApLFxuICBnb2VzQnk6IFRleHQoMTIwKSxcbiAgY29tcGFueTogVGV4dCgyMDApLFxuICBqb2JUaXRsZTogVGV4dCgxMjApLFxuICBlbWFpbHM6IHouYXJyYXkoUmVhY2goMjU0KSkubWF4KDIwKSxcbiAgcGhvbmVzOiB6LmFycmF5KFJlYWNoKDYwKSkubWF4KDIwKSxcbiAgYWRkcmVzc2VzOiB6LmFycmF5KEFkZHJlc3MpLm1heCgyMCksXG4gIGxpbmtzOiB6LmFycmF5KFJlYWNoKDUwMCkpLm1heCgyMCksXG4gIGJpcnRoZGF5OiBZZWFybHlEYXkubnVsbGFibGUoKSxcbiAgZGF0ZXM6IHouYXJyYXkoei5vYmplY3QoeyBuYW1lOiBUZXh0KDgwKS5taW4oMSwgJ05hbWUgdGhlIGRhdGUuJyksIG9uOiBZZWFybHlEYXkgfSkpLm1heCg0MCksXG4gIGludGVyZXN0czogei5hcnJheShUZXh0KDgwKSkubWF4KDUwKSxcbiAgcm9sZXM6IHouYXJyYXkoVGV4dCg2MCkpLm1heCgyMCksXG4gIHN0YW5kaW5nOiBUZXh0KDYwKSxcbiAgc291cmNlOiBUZXh0KDIwMCksXG4gIHByZWZlcnJlZDogei5lbnVtKFsnJywgLi4uQ0hBTk5FTFNdKSxcbiAgbGFuZ3VhZ2U6IFRleHQoNDApLFxuICBmYXZvdXJpdGU6IHouYm9vbGVhbigpLFxuICB3b3VsZFJlZmVyOiB6LmVudW0oV09VTERfUkVGRVIpLm51bGxhYmxlKCksXG4gIHdvdWxkUmVmZXJPbjogRGF5Lm51bGxhYmxlKCksXG4gIG93bjogei5yZWNvcmQoei5zdHJpbmcoKSwgei51bmlvbihbei5zdHJpbmcoKS5tYXgoMjAwMCksIHoubnVtYmVyKCksIHouYm9vbGVhbigpXSkpLFxuICBjb25zZW50OiB6LnBhcnRpYWxSZWNvcmQoei5lbnVtKENIQU5ORUxTKSwgQ29uc2VudCksXG59KSBzYXRpc2ZpZXMgei5ab2RUeXBlPEZpZWxkcywgdW5rbm93bj47XG5leHBvcnQgdHlwZSBQZXJzb25GaWVsZHMgPSB6Lm91dHB1dDx0eXBlb2YgUGVyc29uRmllbGRzPjtcblxuLyoqIFRoZSBwYXJ0cyBvZiBhIHBlcnNvbiB0aGF0IGNhbiBiZSBnaXZlbiB3aGVuIGFkZGluZyBvbmU7IGFsbCBtYXkgYmUgbGVmdCBvdXQuICovXG5leHBvcnQgY29uc3QgUGVyc29uRHJhZnQgPSBQZXJzb25GaWVsZHMucGFydGlhbCgpLmV4dGVuZCh7XG4gIC8qKiBPbmUgd2F5IHRvIHJlYWNoIHRoZW0gaXMgZW5vdWdoOiBwdXQgYmVmb3JlIGBlbWFpbHNgIGFuZCBgcGhvbmVzYC4gKi9cbiAgZW1haWw6IFRleHQoMjU0KS5vcHRpb25hbCgpLFxuICBwaG9uZTogVGV4dCg2MCkub3B0aW9uYWwoKSxcbiAgY2lyY2xlSWQ6IENpcmNsZUlkLm51bGxhYmxlKCkub3B0aW9uYWwoKSxcbiAgdGFnczogei5hcnJheShUZXh0KDYwKSkubWF4KDUwKS5vcHRpb25hbCgpLFxuICBub3RlOiBUZXh0KDEwXzAwMCkub3B0aW9uYWwoKSxcbiAgLyoqIFdobyBzZW50IHRoZW0uICovXG4gIHJlZmVycmVkQnk6IFBlcnNvbklkLm51bGxhYmxlKCkub3B0aW9uYWwoKSxcbiAgLyoqIFdob20gdGhleSBhcmUgdGllZCB0bywgYnkgbmFtZTogXCJzZW50IGJ5XCIgdGllcyB0byB0aGUgb25lIHBlcnNvbiBvZiB0aGF0IG5hbWUsIHdoZXJlIHRoZXJlIGlzIG9uZS4gKi9cbiAgdGllczogelxuICAgIC5hcnJheSh6Lm9iamVjdCh7IGtpbmQ6IHouZW51bShUSUVfS0lORFMpLCBuYW1lOiBUZXh0KDEyMCkubWluKDEpIH0pKVxuICAgIC5tYXgoMjApXG4gICAgLm9wdGlvbmFsKCksXG59KTtcbmV4cG9ydCB0eXBlIFBlcnNvbkRyYWZ0ID0gei5pbnB1dDx0eXBlb2YgUGVyc29uRHJhZnQ+O1xuXG5leHBvcnQgY29uc3QgT3duRmllbGQgPSB6Lm9iamVjdCh7XG4gIGlkOiBJZCxcbiAgbmFtZTogei5zdHJpbmcoKSxcbiAgdHlwZTogei5lbnVtKE9XTl9UWVBFUyksXG4gIGNob2ljZXM6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gIHBpbm5lZDogei5ib29sZWFuKCksXG4gIHJldGlyZWQ6IHouYm9vbGVhbigpLFxufSk7XG5leHBvcnQgdHlwZSBPd25GaWVsZCA9IHouaW5mZXI8dHlwZW9mIE93bkZpZWxkPjtcbiIsICJpbXBvcnQgeyB6IH0gZnJvbSAnem9kJztcblxuaW1wb3J0IHsgaXNQbGFpbkRhdGUsIHR5cGUgUGxhaW5EYXRlIH0gZnJvbSAnQC9jb3JlL3RpbWUnO1xuXG5pbXBvcnQgeyBUT1BJQ1MgfSBmcm9tICcuL3RvcGljcyc7XG5cbmV4cG9ydCBjb25zdCBJZCA9IHoudXVpZCgpO1xuXG5kZWNsYXJlIGNvbnN0IEtJTkQ6IHVuaXF1ZSBzeW1ib2w7XG4vKiogQW4gaWQgb2Ygb25lIGtpbmQgb2YgdGhpbmc6IHdoZXJlIGl0IGlzIHdhbnRlZCwgb25lIG9mIGFub3RoZXIga2luZCBkb2VzIG5vdCBmaXQuICovXG5leHBvcnQgdHlwZSBJZE9mPEtpbmQgZXh0ZW5kcyBzdHJpbmc+ID0gc3RyaW5nICYgeyByZWFkb25seSBbS0lORF0/OiBLaW5kIH07XG5jb25zdCBpZE9mID0gPEtpbmQgZXh0ZW5kcyBzdHJpbmc+KCkgPT4gSWQgYXMgdW5rbm93biBhcyB6LlpvZFR5cGU8SWRPZjxLaW5kPiwgSWRPZjxLaW5kPj47XG5cbmV4cG9ydCBjb25zdCBQZXJzb25JZCA9IGlkT2Y8J3BlcnNvbic+KCk7XG5leHBvcnQgdHlwZSBQZXJzb25JZCA9IHouaW5mZXI8dHlwZW9mIFBlcnNvbklkPjtcbmV4cG9ydCBjb25zdCBDaXJjbGVJZCA9IGlkT2Y8J2NpcmNsZSc+KCk7XG5leHBvcnQgdHlwZSBDaXJjbGVJZCA9IHouaW5mZXI8dHlwZW9mIENpcmNsZUlkPjtcbmV4cG9ydCBjb25zdCBDYWRlbmNlSWQgPSBpZE9mPCdjYWRlbmNlJz4oKTtcbmV4cG9ydCBjb25zdCBFbnJvbG1lbnRJZCA9IGlkT2Y8J2Vucm9sbWVudCc+KCk7XG5leHBvcnQgY29uc3QgQmF0Y2hJZCA9IGlkT2Y8J2ltcG9ydCBiYXRjaCc+KCk7XG5leHBvcnQgY29uc3QgU2VydmljZUlkID0gaWRPZjwnc2VydmljZSc+KCk7XG5leHBvcnQgY29uc3QgQWN0aW9uSWQgPSBpZE9mPCdhY3Rpb24nPigpO1xuZXhwb3J0IGNvbnN0IFRvdWNoSWQgPSBpZE9mPCd0b3VjaCc+KCk7XG5leHBvcnQgY29uc3QgVmlld0lkID0gaWRPZjwndmlldyc+KCk7XG5leHBvcnQgY29uc3QgUGhvdG9JZCA9IGlkT2Y8J3Bob3RvJz4oKTtcblxuLyoqIEEgY2FsZW5kYXIgZGF5LCAnWVlZWS1NTS1ERCcuICovXG5leHBvcnQgY29uc3QgRGF5ID0gelxuICAuc3RyaW5nKClcbiAgLnJlZ2V4KC9eXFxkezR9LVxcZHsyfS1cXGR7Mn0kLywgJ0dpdmUgdGhlIGRheSBhcyBZWVlZLU1NLURELicpXG4gIC5yZWZpbmUoaXNQbGFpbkRhdGUsICdUaGVyZSBpcyBubyBzdWNoIGRheSBpbiB0aGUgY2FsZW5kYXIuJylcbiAgLm1ldGEoeyBmb3JtYXQ6ICdkYXRlJywgZXhhbXBsZTogJzIwMjYtMTEtMjMnIH0pIGFzIHVua25vd24gYXMgei5ab2RUeXBlPFBsYWluRGF0ZSwgc3RyaW5nPjtcblxuLyoqIEEgbnVtYmVyIHRoYXQgdGhlIGRhdGFiYXNlIGtlZXBzIGFzIG9uZSBvZiAzMiBiaXRzLiAqL1xuZXhwb3J0IGNvbnN0IEludDQgPSB6Lm51bWJlcigpLmludCgpLm1pbigtMl8xNDdfNDgzXzY0OCkubWF4KDJfMTQ3XzQ4M182NDcpO1xuXG5leHBvcnQgY29uc3QgSWRQYXJhbSA9IHoub2JqZWN0KHsgaWQ6IElkIH0pO1xuZXhwb3J0IGNvbnN0IFBlcnNvblBhcmFtID0gei5vYmplY3QoeyBpZDogUGVyc29uSWQgfSk7XG5cbi8qKiBXaGF0IGV2ZXJ5IHdyaXRlIGFuc3dlcnMgd2l0aDogdGhlIGFjdGlvbiB0aGF0IGNhbiBiZSB1bmRvbmUsIGFuZCB3aGF0IGl0IGRpZCBpbiBvbmUgc2VudGVuY2UuICovXG5leHBvcnQgY29uc3QgRG9uZSA9IHoub2JqZWN0KHtcbiAgYWN0aW9uSWQ6IEFjdGlvbklkLFxuICBzZW50ZW5jZTogei5zdHJpbmcoKSxcbiAgLyoqIFdoYXQgaXQgdG91Y2hlZDogd2hvZXZlciBzaG93cyB0aGVzZSByZWFkcyBhZ2Fpbi4gKi9cbiAgdG9waWNzOiB6LmFycmF5KHouZW51bShUT1BJQ1MpKSxcbn0pO1xuZXhwb3J0IHR5cGUgRG9uZSA9IHouaW5mZXI8dHlwZW9mIERvbmU+O1xuXG4vKiogQSBjb21tYS1zZXBhcmF0ZWQgbGlzdCBpbiBhIHF1ZXJ5IHN0cmluZy4gKi9cbmV4cG9ydCBjb25zdCBsaXN0T2YgPSA8VCBleHRlbmRzIHouWm9kVHlwZTx1bmtub3duLCBzdHJpbmc+PihpdGVtOiBUKSA9PlxuICB6XG4gICAgLnN0cmluZygpXG4gICAgLnRyYW5zZm9ybSgodGV4dCkgPT4gdGV4dC5zcGxpdCgnLCcpLmZpbHRlcihCb29sZWFuKSlcbiAgICAucGlwZSh6LmFycmF5KGl0ZW0pKTtcbiIsICIvKipcbiAqIFdoYXQgYW4gYW5zd2VyIG9mIHRoZSBBUEkgaXMgYWJvdXQuIEEgd3JpdGUgc2F5cyB3aGljaCBvZiB0aGVzZSBpdCB0b3VjaGVkLCBhIHJlYWRpbmcgZW5kcG9pbnRcbiAqIHdoaWNoIG9mIHRoZXNlIGl0IHNob3dzOyBhIHNjcmVlbiByZWFkcyBhZ2FpbiB3aGF0IGJvdGggbmFtZS5cbiAqL1xuZXhwb3J0IGNvbnN0IFRPUElDUyA9IFtcbiAgJ3Blb3BsZScsXG4gICdub3RlcycsXG4gICd0b3VjaGVzJyxcbiAgJ3BsYW4nLFxuICAnY2FkZW5jZXMnLFxuICAnZW5yb2xtZW50cycsXG4gICdsaXN0cycsXG4gICd2aWV3cycsXG4gICdzZXR0aW5ncycsXG4gICdzZXJ2aWNlcycsXG4gICdpbnRha2UnLFxuICAnaW1wb3J0cycsXG4gICdnYXBzJyxcbiAgJ2FjY2VzcycsXG4gICd1cGtlZXAnLFxuICAnaGlzdG9yeScsXG5dIGFzIGNvbnN0O1xuZXhwb3J0IHR5cGUgVG9waWMgPSAodHlwZW9mIFRPUElDUylbbnVtYmVyXTtcbiIsICJpbXBvcnQgeyBQZXJzb25GaWVsZHMsIFRleHQgfSBmcm9tICdAL2NvbnRyYWN0L3JlY29yZCc7XG5pbXBvcnQgdHlwZSB7IEltcG9ydGVkUGVyc29uLCBSb3dGYXVsdCB9IGZyb20gJ0AvY29yZS9pbnRha2UnO1xuXG4vKiogU28gbWFueSBhcmUgY2hlY2tlZCBiZWZvcmUgb3RoZXJzIGdldCB0aGVpciB0dXJuLiAqL1xuY29uc3QgQVRfT05DRSA9IDUwMDtcbi8qKiBBIG5vdGUgb2YgYSBmaWxlIG1heSBiZSBsb25nZXIgdGhhbiBvbmUgaXMgd3JpdHRlbjsgaXQgY29tZXMgaW4gYXMgc2V2ZXJhbC4gKi9cbmNvbnN0IE5PVEVfTU9TVCA9IDEwXzAwMDtcblxuY29uc3QgVGFnID0gVGV4dCg2MCkubWluKDEpO1xuXG4vKipcbiAqIEhvbGRzIHdoYXQgY29tZXMgaW4gZnJvbSBhIGZpbGUgYWdhaW5zdCB0aGUgc2NoZW1hcyBvZiB0aGUgZm9ybXMuIFdoYXQgZG9lcyBub3QgZml0IGlzIHRha2VuIG91dCwgdG9sZFxuICogd2l0aCBpdHMgcm93LCBhbmQga2VwdCBpbiB0aGUgbm90ZSB3b3JkIGZvciB3b3JkLlxuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gY2hlY2tQZW9wbGUocGVvcGxlOiBJbXBvcnRlZFBlcnNvbltdLCBmYXVsdHM6IFJvd0ZhdWx0W10pOiBQcm9taXNlPHZvaWQ+IHtcbiAgZm9yIChsZXQgZnJvbSA9IDA7IGZyb20gPCBwZW9wbGUubGVuZ3RoOyBmcm9tICs9IEFUX09OQ0UpIHtcbiAgICBmb3IgKGNvbnN0IHBlcnNvbiBvZiBwZW9wbGUuc2xpY2UoZnJvbSwgZnJvbSArIEFUX09OQ0UpKSBjaGVja1BlcnNvbihwZXJzb24sIGZhdWx0cyk7XG4gICAgYXdhaXQgbmV3IFByb21pc2UoKGRvbmUpID0+IHNldEltbWVkaWF0ZShkb25lKSk7XG4gIH1cbn1cblxuZnVuY3Rpb24gY2hlY2tQZXJzb24ocGVyc29uOiBJbXBvcnRlZFBlcnNvbiwgZmF1bHRzOiBSb3dGYXVsdFtdKTogdm9pZCB7XG4gIGNvbnN0IGtlcHQ6IHN0cmluZ1tdID0gW107XG4gIGNvbnN0IGtlZXAgPSAod2hhdDogc3RyaW5nLCB2YWx1ZTogc3RyaW5nLCB3aHk6IHN0cmluZykgPT4ge1xuICAgIGZhdWx0cy5wdXNoKHtcbiAgICAgIHJvdzogcGVyc29uLnJvdyxcbiAgICAgIHdoeTogYCR7d2hhdH0gXHUyMDFDJHt2YWx1ZS5zbGljZSgwLCA2MCl9XHUyMDFEIGNhblx1MjAxOXQgYmUga2VwdCB0aGVyZSAoJHt3aHkucmVwbGFjZSgvXFwuJC8sICcnKX0pOyBpdCBpcyBrZXB0IGluIHRoZSBub3RlLmAsXG4gICAgICBsZWZ0T3V0OiBmYWxzZSxcbiAgICB9KTtcbiAgICBrZXB0LnB1c2goYCR7d2hhdH06ICR7dmFsdWV9YCk7XG4gIH07XG4gIC8vIFRha2luZyBvbmUgdGhpbmcgb3V0IGNhbiBzaG93IHRoZSBuZXh0OyBub2JvZHkgaGFzIG1vcmUgb2YgdGhlbSB0aGFuIHRoaXMuXG4gIGZvciAobGV0IHRyaWVzID0gMDsgdHJpZXMgPCA1MDsgdHJpZXMrKykge1xuICAgIGNvbnN0IGNoZWNrZWQgPSBQZXJzb25GaWVsZHMuc2FmZVBhcnNlKHBlcnNvbi5maWVsZHMpO1xuICAgIGlmIChjaGVja2VkLnN1Y2Nlc3MpIHtcbiAgICAgIHBlcnNvbi5maWVsZHMgPSBjaGVja2VkLmRhdGE7XG4gICAgICBicmVhaztcbiAgICB9XG4gICAgZm9yIChjb25zdCB7IHBhdGgsIG1lc3NhZ2UgfSBvZiBjaGVja2VkLmVycm9yLmlzc3VlcylcbiAgICAgIHRha2VPdXQocGVyc29uLmZpZWxkcyBhcyB1bmtub3duIGFzIEhvbGRlciwgcGF0aCBhcyAoc3RyaW5nIHwgbnVtYmVyKVtdLCBtZXNzYWdlLCBrZWVwKTtcbiAgfVxuICBwZXJzb24udGFncyA9IHBlcnNvbi50YWdzLmZpbHRlcigodGFnKSA9PiB7XG4gICAgY29uc3QgZml0cyA9IFRhZy5zYWZlUGFyc2UodGFnKS5zdWNjZXNzO1xuICAgIGlmICghZml0cyAmJiB0YWcpIGtlZXAoJ1RhZycsIHRhZywgJ0F0IG1vc3QgNjAgY2hhcmFjdGVycy4nKTtcbiAgICByZXR1cm4gZml0cztcbiAgfSk7XG4gIGlmIChrZXB0Lmxlbmd0aCA+IDApIHBlcnNvbi5ub3Rlcy51bnNoaWZ0KHsgb246IG51bGwsIGJvZHk6IGtlcHQuam9pbignXFxuJykgfSk7XG4gIHBlcnNvbi5ub3RlcyA9IHBlcnNvbi5ub3Rlcy5mbGF0TWFwKCh7IG9uLCBib2R5IH0pID0+XG4gICAgcGllY2VzT2YoYm9keSkubWFwKChwaWVjZSkgPT4gKHsgb24sIGJvZHk6IHBpZWNlIH0pKSxcbiAgKTtcbn1cblxudHlwZSBIb2xkZXIgPSBSZWNvcmQ8c3RyaW5nIHwgbnVtYmVyLCB1bmtub3duPjtcbmNvbnN0IE1PU1Q6IFJlY29yZDxzdHJpbmcsIG51bWJlcj4gPSB7XG4gIGVtYWlsczogMjAsXG4gIHBob25lczogMjAsXG4gIGFkZHJlc3NlczogMjAsXG4gIGxpbmtzOiAyMCxcbiAgZGF0ZXM6IDQwLFxuICBpbnRlcmVzdHM6IDUwLFxuICByb2xlczogMjAsXG59O1xuXG4vKiogV2hhdCBhIHBhcnQgb2YgYSBwZXJzb24gaXMgY2FsbGVkIHdoZW4gaXQgaXMgdG9sZC4gKi9cbmNvbnN0IE5BTUVTOiBSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+ID0ge1xuICBwcmVmaXg6ICdUaXRsZScsXG4gIGdpdmVuTmFtZTogJ0ZpcnN0IG5hbWUnLFxuICBtaWRkbGVOYW1lOiAnTWlkZGxlIG5hbWUnLFxuICBmYW1pbHlOYW1lOiAnTGFzdCBuYW1lJyxcbiAgZ29lc0J5OiAnR29lcyBieScsXG4gIGpvYlRpdGxlOiAnV29yaycsXG4gIGVtYWlsczogJ0UtbWFpbCcsXG4gIHBob25lczogJ1Bob25lJyxcbiAgYWRkcmVzc2VzOiAnQWRkcmVzcycsXG4gIHBvc3RhbENvZGU6ICdQb3N0YWwgY29kZScsXG4gIGxpbmU6ICdTdHJlZXQnLFxuICBsaW5rczogJ0xpbmsnLFxuICByb2xlczogJ1JvbGUnLFxuICBpbnRlcmVzdHM6ICdJbnRlcmVzdCcsXG59O1xuY29uc3QgbmFtZU9mID0gKHBhcnQ6IHN0cmluZyB8IG51bWJlciB8IHVuZGVmaW5lZCk6IHN0cmluZyA9PlxuICBOQU1FU1tTdHJpbmcocGFydCldID8/IFN0cmluZyhwYXJ0KS5jaGFyQXQoMCkudG9VcHBlckNhc2UoKSArIFN0cmluZyhwYXJ0KS5zbGljZSgxKTtcblxuLyoqIFRha2VzIG91dCB3aGF0IGEgcGF0aCBsZWFkcyB0bzogYSB0ZXh0IGlzIGVtcHRpZWQsIGFuIGVudHJ5IG9mIGEgbGlzdCBnb2VzLiAqL1xuZnVuY3Rpb24gdGFrZU91dChcbiAgZmllbGRzOiBIb2xkZXIsXG4gIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10sXG4gIHdoeTogc3RyaW5nLFxuICBrZWVwOiAod2hhdDogc3RyaW5nLCB2YWx1ZTogc3RyaW5nLCB3aHk6IHN0cmluZykgPT4gdm9pZCxcbik6IHZvaWQge1xuICBjb25zdCBba2V5LCBhdCwgcGFydF0gPSBwYXRoO1xuICBjb25zdCB2YWx1ZSA9IGZpZWxkc1trZXkhXTtcbiAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB7XG4gICAgY29uc3QgbGlzdCA9IHZhbHVlIGFzIHVua25vd25bXTtcbiAgICBpZiAodHlwZW9mIGF0ICE9PSAnbnVtYmVyJykge1xuICAgICAgZm9yIChjb25zdCBleHRyYSBvZiBsaXN0LnNwbGljZShNT1NUW1N0cmluZyhrZXkpXSA/PyAyMCkpXG4gICAgICAgIGtlZXAobmFtZU9mKGtleSksIHdvcmRzT2YoZXh0cmEpLCB3aHkpO1xuICAgICAgcmV0dXJuO1xuICAgIH1cbiAgICBjb25zdCBlbnRyeSA9IGxpc3RbYXRdO1xuICAgIGlmIChlbnRyeSA9PT0gdW5kZWZpbmVkIHx8IGVudHJ5ID09PSBudWxsKSByZXR1cm47XG4gICAgaWYgKHR5cGVvZiBlbnRyeSA9PT0gJ29iamVjdCcgJiYgcGFydCAmJiBrZXkgPT09ICdhZGRyZXNzZXMnKSB7XG4gICAgICBrZWVwKG5hbWVPZihwYXJ0KSwgd29yZHNPZigoZW50cnkgYXMgSG9sZGVyKVtwYXJ0XSksIHdoeSk7XG4gICAgICAoZW50cnkgYXMgSG9sZGVyKVtwYXJ0XSA9IHBhcnQgPT09ICdsYXQnIHx8IHBhcnQgPT09ICdsb24nID8gbnVsbCA6ICcnO1xuICAgIH0gZWxzZSBpZiAodHlwZW9mIGVudHJ5ID09PSAnb2JqZWN0JyAmJiBwYXJ0ID09PSAnbGFiZWwnKSB7XG4gICAgICBrZWVwKGAke25hbWVPZihrZXkpfSBsYWJlbGAsIHdvcmRzT2YoKGVudHJ5IGFzIEhvbGRlcikubGFiZWwpLCB3aHkpO1xuICAgICAgKGVudHJ5IGFzIEhvbGRlcikubGFiZWwgPSAnJztcbiAgICB9IGVsc2Uge1xuICAgICAga2VlcChuYW1lT2Yoa2V5KSwgd29yZHNPZihlbnRyeSksIHdoeSk7XG4gICAgICBsaXN0LnNwbGljZShhdCwgMSwgLi4uKHR5cGVvZiBlbnRyeSA9PT0gJ3N0cmluZycgPyBbJyddIDogW10pKTtcbiAgICAgIGZpZWxkc1trZXkhXSA9IGxpc3QuZmlsdGVyKChpdGVtKSA9PiBpdGVtICE9PSAnJyk7XG4gICAgfVxuICB9IGVsc2UgaWYgKHZhbHVlICE9PSBudWxsICYmIHR5cGVvZiB2YWx1ZSA9PT0gJ29iamVjdCcgJiYgYXQgIT09IHVuZGVmaW5lZCkge1xuICAgIGtlZXAobmFtZU9mKGtleSksIGAke2F0fTogJHt3b3Jkc09mKCh2YWx1ZSBhcyBIb2xkZXIpW2F0XSl9YCwgd2h5KTtcbiAgICBkZWxldGUgKHZhbHVlIGFzIEhvbGRlcilbYXRdO1xuICB9IGVsc2Uge1xuICAgIGlmICh2YWx1ZSkga2VlcChuYW1lT2Yoa2V5KSwgd29yZHNPZih2YWx1ZSksIHdoeSk7XG4gICAgZmllbGRzW2tleSFdID1cbiAgICAgIHR5cGVvZiB2YWx1ZSA9PT0gJ3N0cmluZycgJiYgIS9eKGJpcnRoZGF5fHdvdWxkUmVmZXJ8d291bGRSZWZlck9uKSQvLnRlc3QoU3RyaW5nKGtleSkpXG4gICAgICAgID8gJydcbiAgICAgICAgOiBudWxsO1xuICB9XG59XG5cbmZ1bmN0aW9uIHdvcmRzT2YodmFsdWU6IHVua25vd24pOiBzdHJpbmcge1xuICBpZiAodmFsdWUgPT09IG51bGwgfHwgdmFsdWUgPT09IHVuZGVmaW5lZCkgcmV0dXJuICcnO1xuICBpZiAodHlwZW9mIHZhbHVlICE9PSAnb2JqZWN0JykgcmV0dXJuIFN0cmluZyh2YWx1ZSBhcyBzdHJpbmcgfCBudW1iZXIgfCBib29sZWFuKTtcbiAgcmV0dXJuIE9iamVjdC52YWx1ZXModmFsdWUpXG4gICAgLmZpbHRlcigocGFydCkgPT4gcGFydCAhPT0gJycgJiYgcGFydCAhPT0gbnVsbClcbiAgICAuam9pbignICcpO1xufVxuXG5mdW5jdGlvbiBwaWVjZXNPZihib2R5OiBzdHJpbmcpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHBpZWNlczogc3RyaW5nW10gPSBbXTtcbiAgZm9yIChsZXQgZnJvbSA9IDA7IGZyb20gPCBib2R5Lmxlbmd0aDsgZnJvbSArPSBOT1RFX01PU1QpXG4gICAgcGllY2VzLnB1c2goYm9keS5zbGljZShmcm9tLCBmcm9tICsgTk9URV9NT1NUKSk7XG4gIHJldHVybiBwaWVjZXM7XG59XG4iLCAiaW1wb3J0IHsgeiB9IGZyb20gJ3pvZCc7XG5cbmltcG9ydCB7IENPTFVNTl9LRVlTLCBJTkNPTUlOR19LRVlTLCB0eXBlIENvbHVtbktleSwgdHlwZSBDb2x1bW5Vc2UgfSBmcm9tICdAL2NvcmUvcGVvcGxlJztcblxuaW1wb3J0IHsgQmF0Y2hJZCwgQ2lyY2xlSWQsIERvbmUsIElkLCBJZFBhcmFtLCBQZXJzb25JZCB9IGZyb20gJy4vY29tbW9uJztcbmltcG9ydCB7IGVuZHBvaW50IH0gZnJvbSAnLi9lbmRwb2ludCc7XG5cbmNvbnN0IHN1YmplY3QgPSAncGVvcGxlJztcblxuLyoqIEEgcGFydCBvZiBhIHBlcnNvbiB0aGF0IGNhbiBnbyBvdXQgYW5kIGNvbWUgaW46IG9uZSBvZiBvdXJzLCBvciAnb3duOicgd2l0aCB0aGUgaWQgb2YgYW4gb3duIGZpZWxkLiAqL1xuZXhwb3J0IGNvbnN0IFRhcmdldCA9IHoudW5pb24oW1xuICB6LmVudW0oQ09MVU1OX0tFWVMpLFxuICB6LnRlbXBsYXRlTGl0ZXJhbChbJ293bjonLCB6LnV1aWQoKV0pLFxuXSkgYXMgdW5rbm93biBhcyB6LlpvZFR5cGU8Q29sdW1uS2V5IHwgYG93bjoke3N0cmluZ31gLCBDb2x1bW5LZXkgfCBgb3duOiR7c3RyaW5nfWA+O1xuXG5jb25zdCBVU0VTID0gWy4uLkNPTFVNTl9LRVlTLCAuLi5JTkNPTUlOR19LRVlTLCAnb3duOlswLTlhLWZBLUYtXXszNn0nXS5qb2luKCd8Jyk7XG5cbi8qKlxuICogSG93IGEgY29sdW1uIG9mIGEgZmlsZSBpcyB1c2VkOiB3aGF0IGl0IGZpbGxzIGFuZCwgYWZ0ZXIgYW4gQCwgd2hpY2ggb2Ygc2V2ZXJhbCBpdCBpcyAoJ3Bob25lQGhvbWUnLFxuICogJ2NpdHlAd29yaycpIG9yIGluIHdoaWNoIG9yZGVyIGl0cyBkYXlzIGFyZSB3cml0dGVuICgnYmlydGhkYXlAZG15JykuXG4gKi9cbmV4cG9ydCBjb25zdCBVc2UgPSB6XG4gIC5zdHJpbmcoKVxuICAucmVnZXgobmV3IFJlZ0V4cChgXig/OiR7VVNFU30pKD86QFteQF17MSw0MH0pPyRgKSwgJ0EgY29sdW1uIGNhblx1MjAxOXQgYmUgdXNlZCBsaWtlIHRoaXMuJylcbiAgLm1ldGEoeyBleGFtcGxlOiAncGhvbmVAaG9tZScgfSkgYXMgdW5rbm93biBhcyB6LlpvZFR5cGU8Q29sdW1uVXNlLCBDb2x1bW5Vc2U+O1xuXG4vKiogRm9yIGVhY2ggY29sdW1uIG9mIHRoZSBmaWxlIGl0cyB1c2U7IG51bGwgbGVhdmVzIGl0IG91dC4gKi9cbmV4cG9ydCBjb25zdCBNYXBwaW5nID0gei5hcnJheShVc2UubnVsbGFibGUoKSkubWF4KDUwMCk7XG5leHBvcnQgdHlwZSBNYXBwaW5nID0gei5pbmZlcjx0eXBlb2YgTWFwcGluZz47XG5cbi8qKiBXaGF0IHRoZSBjb2x1bW5zIG9mIGEgcGFydG5lciBiZWNvbWU6IGEgdGllIGJ5IG5hbWUsIG9yIGEgc2Vjb25kIHBlcnNvbiBvZiB0aGUgc2FtZSBob21lLiAqL1xuY29uc3QgUGFydG5lcnMgPSB6LmVudW0oWyd0aWUnLCAncGVyc29uJ10pLmRlZmF1bHQoJ3RpZScpO1xuXG4vKiogQSBmaWxlIG1heSBoYXZlIHNvIG1hbnkgbWVnYWJ5dGVzLCBvZiAyXjIwIGJ5dGVzLiAqL1xuZXhwb3J0IGNvbnN0IE1BWF9GSUxFX01CID0gMjQ7XG5cbmV4cG9ydCBjb25zdCB0b29MYXJnZVNlbnRlbmNlID0gKGJ5dGVzOiBudW1iZXIpOiBzdHJpbmcgPT5cbiAgYFRoaXMgZmlsZSBoYXMgJHtNYXRoLmNlaWwoYnl0ZXMgLyAyICoqIDIwKX0gTUI7IFBlbiBQYWwgcmVhZHMgdXAgdG8gJHtNQVhfRklMRV9NQn0gTUIgYXQgYSB0aW1lLiBTcGxpdCBpdCBhbmQgaW1wb3J0IHRoZSBwYXJ0cy5gO1xuXG5jb25zdCBJbXBvcnRGaWxlID0gei5vYmplY3Qoe1xuICBmaWxlTmFtZTogei5zdHJpbmcoKS5tYXgoMjU1KSxcbiAgLyoqIFRoZSBieXRlcyBvZiB0aGUgZmlsZSwgYmFzZTY0LiAqL1xuICBjb250ZW50OiB6LnN0cmluZygpLFxuICAvKiogUGFzdGVkIG5hbWVzIGFuZCBhZGRyZXNzZXM7IHdpdGhvdXQgaXQsIFBlbiBQYWwgc2VlcyB3aGF0IGtpbmQgb2YgZmlsZSBpdCBpcy4gKi9cbiAgcGFzdGVkOiB6LmJvb2xlYW4oKS5kZWZhdWx0KGZhbHNlKSxcbiAgLyoqIE51bGwgbGV0cyBQZW4gUGFsIGd1ZXNzLiAqL1xuICBtYXBwaW5nOiBNYXBwaW5nLm51bGxhYmxlKCksXG4gIHBhcnRuZXJzOiBQYXJ0bmVycyxcbn0pO1xuXG5jb25zdCBGYXVsdCA9IHoub2JqZWN0KHsgcm93OiB6Lm51bWJlcigpLmludCgpLCB3aHk6IHouc3RyaW5nKCksIGxlZnRPdXQ6IHouYm9vbGVhbigpIH0pO1xuXG5leHBvcnQgY29uc3QgSW1wb3J0UHJldmlldyA9IHoub2JqZWN0KHtcbiAgLyoqIEJ5IHdoaWNoIHRoZSBwZW9wbGUgaW4gaXQgY2FuIGJlIGxvb2tlZCB0aHJvdWdoIGFuZCBwdXQgcmlnaHQsIGFuZCBpbXBvcnRlZC4gKi9cbiAgaWQ6IElkLFxuICBmb3JtYXQ6IHouZW51bShbJ2NzdicsICdzaGVldCcsICd2Y2FyZCcsICdwYXN0ZWQnXSksXG4gIGVuY29kaW5nOiB6LnN0cmluZygpLFxuICBkZWxpbWl0ZXI6IHouc3RyaW5nKCksXG4gIGNvbHVtbnM6IHouYXJyYXkoXG4gICAgei5vYmplY3Qoe1xuICAgICAgbmFtZTogei5zdHJpbmcoKSxcbiAgICAgIHNhbXBsZXM6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgICAvKiogV2hhdCBpdHMgdXNlIHdhcyBndWVzc2VkIGJ5OyBgbm9uZWAgd2hlcmUgbm9ib2R5IHVuZGVyc3RhbmRzIGl0LiAqL1xuICAgICAgYnk6IHouZW51bShbJ2hlYWRpbmcnLCAnY29udGVudCcsICdub25lJ10pLFxuICAgICAgLyoqIERheXMgaW4gaXQgb2Ygd2hpY2ggZGF5IGFuZCBtb250aCBjYW4ndCBiZSB0b2xkIGFwYXJ0OiBzYXkgd2hpY2ggc3RhbmRzIGZpcnN0LiAqL1xuICAgICAgdW5jbGVhcjogei5hcnJheSh6LnN0cmluZygpKSxcbiAgICB9KSxcbiAgKSxcbiAgbWFwcGluZzogTWFwcGluZyxcbiAgcGFydG5lcnM6IFBhcnRuZXJzLFxuICAvKiogTmFtZXMgb2Ygd2hpY2ggdGhlIHNwbGl0IGludG8gZmlyc3QgYW5kIGxhc3QgaXMgYSBndWVzcy4gKi9cbiAgZ3Vlc3NlZDogei5udW1iZXIoKS5pbnQoKSxcbiAgcGVvcGxlOiB6Lm51bWJlcigpLmludCgpLFxuICAvKiogV2hvIGlzIGhlcmUgYWxyZWFkeSwgb3Igc3RhbmRzIGluIHRoZSBmaWxlIHR3aWNlLiAqL1xuICBzYW1lOiB6Lm9iamVjdCh7XG4gICAgc3VyZTogei5udW1iZXIoKS5pbnQoKSxcbiAgICBhc2s6IHoubnVtYmVyKCkuaW50KCksXG4gICAgc2FtcGxlOiB6LmFycmF5KFxuICAgICAgei5vYmplY3Qoe1xuICAgICAgICByb3c6IHoubnVtYmVyKCkuaW50KCksXG4gICAgICAgIG5hbWU6IHouc3RyaW5nKCksXG4gICAgICAgIG90aGVyOiB6LnN0cmluZygpLFxuICAgICAgICB2ZXJkaWN0OiB6LmVudW0oWydzdXJlJywgJ2FzayddKSxcbiAgICAgICAgZXZpZGVuY2U6IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgICB9KSxcbiAgICApLFxuICB9KSxcbiAgLyoqIFRoZSBmaXJzdCByb3dzIGFuZCB2YWx1ZXMgdGhhdCBjYW4ndCBiZSByZWFkLCBlYWNoIHdpdGggaXRzIHJvdyBpbiB0aGUgZmlsZSBhbmQgd2h5LiAqL1xuICBmYXVsdHM6IHouYXJyYXkoRmF1bHQpLFxuICBmYXVsdENvdW50OiB6Lm51bWJlcigpLmludCgpLFxuICAvKiogSG93IG1hbnkgb2YgdGhlIGZhdWx0cyBsZWF2ZSB0aGVpciB3aG9sZSByb3cgb3V0LiAqL1xuICBsZWZ0T3V0OiB6Lm51bWJlcigpLmludCgpLFxufSk7XG5leHBvcnQgdHlwZSBJbXBvcnRQcmV2aWV3ID0gei5pbmZlcjx0eXBlb2YgSW1wb3J0UHJldmlldz47XG5cbmV4cG9ydCBjb25zdCBwcmV2aWV3SW1wb3J0ID0gZW5kcG9pbnQoe1xuICBtZXRob2Q6ICdwb3N0JyxcbiAgcGF0aDogJy9pbXBvcnRzL3ByZXZpZXcnLFxuICBsb25nOiB0cnVlLFxuICBzdWJqZWN0LFxuICBzdW1tYXJ5OlxuICAgICdSZWFkcyBhIHNwcmVhZHNoZWV0LCBhIENTViBvciB2Q2FyZCBmaWxlIG9yIHBhc3RlZCBuYW1lcyBhbmQgc2hvd3Mgd2hhdCBpdCB3b3VsZCBicmluZzsgd3JpdGVzIG5vdGhpbmcnLFxuICBib2R5OiBJbXBvcnRGaWxlLFxuICByZXNwb25zZTogSW1wb3J0UHJldmlldyxcbiAgZXJyb3JzOiBbJ2ludmFsaWQnLCAndG9vX2xhcmdlJ10sXG59KTtcblxuZXhwb3J0IGNvbnN0IGNoYW5nZVByZXZpZXcgPSBlbmRwb2ludCh7XG4gIG1ldGhvZDogJ3Bvc3QnLFxuICBwYXRoOiAnL2ltcG9ydHMvcHJldmlld3MvOmlkJyxcbiAgbG9uZzogdHJ1ZSxcbiAgc3ViamVjdCxcbiAgc3VtbWFyeTogJ1JlYWRzIGEgZmlsZSB0aGF0IGlzIGJlaW5nIGxvb2tlZCBhdCBhbmV3OiBjb2x1bW5zIHVzZWQgb3RoZXJ3aXNlLCBjZWxscyBwdXQgcmlnaHQnLFxuICBwYXJhbXM6IElkUGFyYW0sXG4gIGJvZHk6IHoub2JqZWN0KHtcbiAgICBtYXBwaW5nOiBNYXBwaW5nLm9wdGlvbmFsKCksXG4gICAgcGFydG5lcnM6IHouZW51bShbJ3RpZScsICdwZXJzb24nXSkub3B0aW9uYWwoKSxcbiAgICAvKiogQ2VsbHMgb2YgYSB0YWJsZSBwdXQgcmlnaHQsIGJlc2lkZXMgdGhvc2UgYmVmb3JlOyBhbiBlbXB0eSB2YWx1ZSBlbXB0aWVzIHRoZSBjZWxsLiAqL1xuICAgIGVkaXRzOiB6XG4gICAgICAuYXJyYXkoXG4gICAgICAgIHoub2JqZWN0KHtcbiAgICAgICAgICByb3c6IHoubnVtYmVyKCkuaW50KCkubWluKDEpLm1heCgxXzAwMF8wMDApLFxuICAgICAgICAgIGNvbHVtbjogei5udW1iZXIoKS5pbnQoKS5taW4oMCkubWF4KDUwMCksXG4gICAgICAgICAgdmFsdWU6IHouc3RyaW5nKCkubWF4KDEwXzAwMCksXG4gICAgICAgIH0pLFxuICAgICAgKVxuICAgICAgLm1heCgxMDAwKVxuICAgICAgLm9wdGlvbmFsKCksXG4gIH0pLFxuICByZXNwb25zZTogSW1wb3J0UHJldmlldyxcbiAgZXJyb3JzOiBbJ2ludmFsaWQnLCAndG9vX2xhcmdlJywgJ25vdF9mb3VuZCddLFxufSk7XG5cbi8qKiBTb21lYm9keSB3aG8gd291bGQgY29tZSBpbiwgd2l0aCBhbGwgdGhhdCB3YXMgdGFrZW4gZnJvbSB0aGVpciByb3cuICovXG5leHBvcnQgY29uc3QgSW5jb21pbmdQZXJzb24gPSB6Lm9iamVjdCh7XG4gIHJvdzogei5udW1iZXIoKS5pbnQoKSxcbiAgbmFtZTogei5zdHJpbmcoKSxcbiAgLyoqIFdoZXRoZXIgdGhleSBhcmUgdGhlIG90aGVyIG9uZSBvZiBhIHJvdyB0aGF0IHRlbGxzIG9mIHR3bzogdGhlIHJlc3Qgb2YgaXQgZ29lcyB0byB0aGUgZmlyc3QuICovXG4gIHNlY29uZDogei5ib29sZWFuKCksXG4gIC8qKiBXaGV0aGVyIHRoZSBzcGxpdCBvZiB0aGUgbmFtZSBpbnRvIGZpcnN0IGFuZCBsYXN0IGlzIGEgZ3Vlc3MuICovXG4gIG5hbWVHdWVzc2VkOiB6LmJvb2xlYW4oKSxcbiAgZmFjdHM6IHouYXJyYXkoXG4gICAgei5vYmplY3Qoe1xuICAgICAgd2hhdDogei5zdHJpbmcoKSxcbiAgICAgIHZhbHVlOiB6LnN0cmluZygpLFxuICAgICAgLyoqIFRoZSBoZWFkaW5ncyBvZiB0aGUgY29sdW1ucyB0aGF0IGl0IGNhbWUgZnJvbS4gKi9cbiAgICAgIGZyb206IHouYXJyYXkoei5zdHJpbmcoKSksXG4gICAgfSksXG4gICksXG4gIC8qKiBUaGUgY2VsbHMgb2YgdGhlIHJvdyBpbiBhIHRhYmxlLCBhcyB0aGV5IHN0YW5kIHdpdGggdGhlIGNvcnJlY3Rpb25zLiAqL1xuICBjZWxsczogei5hcnJheSh6LnN0cmluZygpKSxcbiAgZmF1bHRzOiB6LmFycmF5KHouc3RyaW5nKCkpLFxuICAvKiogV2hvIHRoZXkgYXJlIG9yIG1heSBiZTogc29tZWJvZHkgaGVyZSwgb3Igc29tZWJvZHkgZWFybGllciBpbiB0aGUgZmlsZS4gKi9cbiAgc2FtZTogelxuICAgIC5vYmplY3Qoe1xuICAgICAgb3RoZXI6IHouc3RyaW5nKCksXG4gICAgICBvdGhlcklkOiBQZXJzb25JZC5udWxsYWJsZSgpLFxuICAgICAgdmVyZGljdDogei5lbnVtKFsnc3VyZScsICdhc2snXSksXG4gICAgICBldmlkZW5jZTogei5hcnJheSh6LnN0cmluZygpKSxcbiAgICAgIC8qKiBXaGF0IHRoZWlyIHJvdyBzYXlzIG90aGVyd2lzZTogaXQgd291bGQgZ28gaW50byBhIG5vdGUuICovXG4gICAgICBkaWZmZXJzOiB6LmFycmF5KHoub2JqZWN0KHsgd2hhdDogei5zdHJpbmcoKSwgaGVyZTogei5zdHJpbmcoKSwgdGhlcmU6IHouc3RyaW5nKCkgfSkpLFxuICAgIH0pXG4gICAgLm51bGxhYmxlKCksXG59KTtcbmV4cG9ydCB0eXBlIEluY29taW5nUGVyc29uID0gei5pbmZlcjx0eXBlb2YgSW5jb21pbmdQZXJzb24+O1xuXG5leHBvcnQgY29uc3QgU0hPV04gPSBbJ2FsbCcsICdmYXVsdHMnLCAnZ3Vlc3NlZCcsICdzYW1lJ10gYXMgY29uc3Q7XG5cbmV4cG9ydCBjb25zdCBwcmV2aWV3UGVvcGxlID0gZW5kcG9pbnQoe1xuICBtZXRob2Q6ICdnZXQnLFxuICBwYXRoOiAnL2ltcG9ydHMvcHJldmlld3MvOmlkL3Blb3BsZScsXG4gIHN1YmplY3QsXG4gIHNob3dzOiBbJ2ltcG9ydHMnLCAncGVvcGxlJywgJ2xpc3RzJ10sXG4gIHN1bW1hcnk6ICdUaGUgcGVvcGxlIHdob20gYSBmaWxlIHdvdWxkIGJyaW5nLCBhIHBhZ2UgYXQgYSB0aW1lLCB0aG9zZSB3aXRoIGZhdWx0cyBmaXJzdCcsXG4gIHBhcmFtczogSWRQYXJhbSxcbiAgcXVlcnk6IHoub2JqZWN0KHtcbiAgICBzaG93OiB6LmVudW0oU0hPV04pLmRlZmF1bHQoJ2FsbCcpLFxuICAgIG9mZnNldDogei5jb2VyY2UubnVtYmVyKCkuaW50KCkubWluKDApLm1heCgxXzAwMF8wMDApLmRlZmF1bHQoMCksXG4gICAgbGltaXQ6IHouY29lcmNlLm51bWJlcigpLmludCgpLm1pbigxKS5tYXgoMjAwKS5kZWZhdWx0KDUwKSxcbiAgfSksXG4gIHJlc3BvbnNlOiB6Lm9iamVjdCh7IHRvdGFsOiB6Lm51bWJlcigpLmludCgpLCBwZW9wbGU6IHouYXJyYXkoSW5jb21pbmdQZXJzb24pIH0pLFxuICBlcnJvcnM6IFsnaW52YWxpZCcsICdub3RfZm91bmQnXSxcbn0pO1xuXG5leHBvcnQgY29uc3QgcnVuSW1wb3J0ID0gZW5kcG9pbnQoe1xuICBtZXRob2Q6ICdwb3N0JyxcbiAgcGF0aDogJy9pbXBvcnRzJyxcbiAgbG9uZzogdHJ1ZSxcbiAgc3ViamVjdCxcbiAgc3VtbWFyeTogJ0ltcG9ydHMgYSBmaWxlIG9yIGEgcGFzdGVkIGxpc3QgYXMgb25lIGJhdGNoJyxcbiAgYm9keTogSW1wb3J0RmlsZS5leHRlbmQoe1xuICAgIGNvbnRlbnQ6IHouc3RyaW5nKCkuZGVmYXVsdCgnJyksXG4gICAgbWFwcGluZzogTWFwcGluZy5udWxsYWJsZSgpLmRlZmF1bHQobnVsbCksXG4gICAgLyoqIEEgcHJldmlldyBvZiB0aGUgZmlsZSwgd2l0aCB3aGF0IHdhcyBwdXQgcmlnaHQgaW4gaXQsIGluIHBsYWNlIG9mIGl0cyBjb250ZW50LiAqL1xuICAgIHByZXZpZXdJZDogSWQubnVsbGFibGUoKS5kZWZhdWx0KG51bGwpLFxuICAgIGNpcmNsZUlkOiBDaXJjbGVJZC5udWxsYWJsZSgpLFxuICAgIHRhZzogei5zdHJpbmcoKS50cmltKCkubWF4KDYwKS5udWxsYWJsZSgpLFxuICAgIC8qKiBXaG8gaXMgc3VyZWx5IGhlcmUgYWxyZWFkeTogd2hhdCBpcyBuZXcgYWJvdXQgdGhlbSBpcyBhZGRlZCB0byB0aGVtLCBvciB0aGV5IGNvbWUgaW4gYWdhaW4uICovXG4gICAgc2FtZTogei5lbnVtKFsnam9pbicsICdhZGQnXSkuZGVmYXVsdCgnam9pbicpLFxuICB9KSxcbiAgcmVzcG9uc2U6IERvbmUuZXh0ZW5kKHtcbiAgICBiYXRjaElkOiBCYXRjaElkLFxuICAgIC8qKiBQZW9wbGUgd2hvIGFyZSBuZXcuICovXG4gICAgcGVvcGxlOiB6Lm51bWJlcigpLmludCgpLFxuICAgIC8qKiBQZW9wbGUgd2hvIHdlcmUgaGVyZSBhbmQgZ290IHdoYXQgaXMgbmV3IGFib3V0IHRoZW0uICovXG4gICAgam9pbmVkOiB6Lm51bWJlcigpLmludCgpLFxuICAgIC8qKiBEZXRhaWxzIHRoYXQgd2VyZSBzYWlkIG90aGVyd2lzZSBvZiB3aG8gd2FzIGpvaW5lZDsgdGhleSBhcmUga2VwdCBpbiBub3Rlcy4gKi9cbiAgICBkaWZmZXJpbmc6IHoubnVtYmVyKCkuaW50KCksXG4gICAgbGVmdE91dDogei5udW1iZXIoKS5pbnQoKSxcbiAgfSksXG4gIGVycm9yczogWydpbnZhbGlkJywgJ3Rvb19sYXJnZScsICdub3RfZm91bmQnXSxcbn0pO1xuXG5leHBvcnQgY29uc3QgSW1wb3J0QmF0Y2ggPSB6Lm9iamVjdCh7XG4gIGlkOiBJZCxcbiAgZmlsZU5hbWU6IHouc3RyaW5nKCksXG4gIGF0OiB6LnN0cmluZygpLFxuICBwZW9wbGU6IHoubnVtYmVyKCkuaW50KCksXG4gIGxlZnRPdXQ6IHoubnVtYmVyKCkuaW50KCksXG4gIHVuZG9uZTogei5ib29sZWFuKCksXG59KTtcbmV4cG9ydCB0eXBlIEltcG9ydEJhdGNoID0gei5pbmZlcjx0eXBlb2YgSW1wb3J0QmF0Y2g+O1xuXG5leHBvcnQgY29uc3QgbGlzdEltcG9ydHMgPSBlbmRwb2ludCh7XG4gIG1ldGhvZDogJ2dldCcsXG4gIHBhdGg6ICcvaW1wb3J0cycsXG4gIHN1YmplY3QsXG4gIHNob3dzOiBbJ2ltcG9ydHMnXSxcbiAgc3VtbWFyeTogJ1RoZSBpbXBvcnQgYmF0Y2hlcywgdGhlIGxhdGVzdCBmaXJzdCcsXG4gIHJlc3BvbnNlOiB6Lm9iamVjdCh7IGJhdGNoZXM6IHouYXJyYXkoSW1wb3J0QmF0Y2gpIH0pLFxufSk7XG5cbmV4cG9ydCBjb25zdCB1bmRvSW1wb3J0ID0gZW5kcG9pbnQoe1xuICBtZXRob2Q6ICdwb3N0JyxcbiAgcGF0aDogJy9pbXBvcnRzLzppZC91bmRvJyxcbiAgbG9uZzogdHJ1ZSxcbiAgc3ViamVjdCxcbiAgc3VtbWFyeTogJ1Rha2VzIGEgYmF0Y2ggYmFjazsgcGVvcGxlIHdobyBoYXZlIGEgaGlzdG9yeSBzaW5jZSBhcmUga2VwdCBhbmQgY291bnRlZCcsXG4gIHBhcmFtczogSWRQYXJhbSxcbiAgcmVzcG9uc2U6IERvbmUuZXh0ZW5kKHsgcmVtb3ZlZDogei5udW1iZXIoKS5pbnQoKSwga2VwdDogei5udW1iZXIoKS5pbnQoKSB9KSxcbiAgZXJyb3JzOiBbJ25vdF9mb3VuZCcsICdjb25mbGljdCddLFxufSk7XG4iLCAiaW1wb3J0IHsgeiB9IGZyb20gJ3pvZCc7XG5cbmltcG9ydCB0eXBlIHsgVG9waWMgfSBmcm9tICcuL3RvcGljcyc7XG5cbi8qKiBUaGUgZmFpbHVyZXMgdGhhdCBhbiBlbmRwb2ludCBtYXkgbmFtZS4gQ2xpZW50cyBicmFuY2ggb24gdGhlc2U7IHBlb3BsZSByZWFkIHRoZSBzZW50ZW5jZS4gKi9cbmV4cG9ydCBjb25zdCBFUlJPUl9DT0RFUyA9IFtcbiAgJ2ludmFsaWQnLFxuICAnbm90X2ZvdW5kJyxcbiAgJ2NvbmZsaWN0JyxcbiAgJ3Rvb19sYXJnZScsXG4gICdmb3JiaWRkZW4nLFxuICAvKiogTm9ib2R5IGlzIHNpZ25lZCBpbiBvbiB0aGlzIGRldmljZTsgdGhlIHBhc3NwaHJhc2UgaXMgd2FudGVkLiAqL1xuICAnc2lnbmVkX291dCcsXG4gIC8qKiBUb28gbWFueSB0cmllcyBvciByZXF1ZXN0cyBmcm9tIG9uZSBwbGFjZTsgbGF0ZXIgaXQgd29ya3MuICovXG4gICd0b29fc29vbicsXG4gICd1bmF2YWlsYWJsZScsXG4gICdpbnRlcm5hbCcsXG5dIGFzIGNvbnN0O1xuZXhwb3J0IHR5cGUgRXJyb3JDb2RlID0gKHR5cGVvZiBFUlJPUl9DT0RFUylbbnVtYmVyXTtcblxuZXhwb3J0IGNvbnN0IEFwaUVycm9yID0gei5vYmplY3Qoe1xuICBlcnJvcjogei5vYmplY3Qoe1xuICAgIGNvZGU6IHouZW51bShFUlJPUl9DT0RFUyksXG4gICAgLyoqIEEgc2VudGVuY2UgZm9yIHBlb3BsZTogd2hhdCBoYXBwZW5lZCBhbmQgd2hhdCB0byBkby4gKi9cbiAgICBtZXNzYWdlOiB6LnN0cmluZygpLFxuICAgIC8qKiBUaGUgZmllbGQgb3IgcGVyc29uIGNvbmNlcm5lZCwgd2hlcmUgdGhlcmUgaXMgb25lLiAqL1xuICAgIGZpZWxkOiB6LnN0cmluZygpLm9wdGlvbmFsKCksXG4gICAgLyoqIEV2ZXJ5IGZpZWxkIGF0IGZhdWx0LCBlYWNoIHdpdGggYSBzZW50ZW5jZSB0aGF0IGNhbiBzdGFuZCBhdCBpdC4gKi9cbiAgICBmaWVsZHM6IHouYXJyYXkoei5vYmplY3QoeyBmaWVsZDogei5zdHJpbmcoKSwgbWVzc2FnZTogei5zdHJpbmcoKSB9KSkub3B0aW9uYWwoKSxcbiAgfSksXG59KTtcbmV4cG9ydCB0eXBlIEFwaUVycm9yID0gei5pbmZlcjx0eXBlb2YgQXBpRXJyb3I+O1xuXG5leHBvcnQgaW50ZXJmYWNlIEVuZHBvaW50PFxuICBQYXJhbXMgZXh0ZW5kcyB6LlpvZFR5cGUgPSB6LlpvZFR5cGUsXG4gIFF1ZXJ5IGV4dGVuZHMgei5ab2RUeXBlID0gei5ab2RUeXBlLFxuICBCb2R5IGV4dGVuZHMgei5ab2RUeXBlID0gei5ab2RUeXBlLFxuICBSZXNwb25zZSBleHRlbmRzIHouWm9kVHlwZSA9IHouWm9kVHlwZSxcbj4ge1xuICBtZXRob2Q6ICdnZXQnIHwgJ3Bvc3QnIHwgJ3BhdGNoJyB8ICdwdXQnIHwgJ2RlbGV0ZSc7XG4gIC8qKiBFeHByZXNzIHBhdGggYmVsb3cgL2FwaSwgc3VjaCBhcyAnL3Blb3BsZS86aWQnLiAqL1xuICBwYXRoOiBzdHJpbmc7XG4gIHN1YmplY3Q6IHN0cmluZztcbiAgc3VtbWFyeTogc3RyaW5nO1xuICBwYXJhbXM6IFBhcmFtcztcbiAgcXVlcnk6IFF1ZXJ5O1xuICBib2R5OiBCb2R5O1xuICByZXNwb25zZTogUmVzcG9uc2U7XG4gIGVycm9yczogcmVhZG9ubHkgRXJyb3JDb2RlW107XG4gIC8qKiBXaGF0IGl0cyBhbnN3ZXIgaXMgYWJvdXQsIGZvciB3aGF0IHJlYWRzOyB3aXRob3V0IGl0LCBpdCBtYXkgY2hhbmdlIHdpdGggYW55IHdyaXRlLiAqL1xuICBzaG93cz86IHJlYWRvbmx5IFRvcGljW107XG4gIC8qKiBBbnN3ZXJlZCB3aXRob3V0IGEgc2Vzc2lvbiB0b28sIHdoZXJlIHRoZSBwYXNzcGhyYXNlIGlzIHdhbnRlZC4gKi9cbiAgb3Blbj86IGJvb2xlYW47XG4gIC8qKiBXb3JrcyB0aHJvdWdoIHRob3VzYW5kcyBvZiByb3dzOiBpdCBtYXkgdGFrZSBtaW51dGVzLCBhbmQgc2F5cyBtZWFud2hpbGUgaG93IGZhciBpdCBpcy4gKi9cbiAgbG9uZz86IGJvb2xlYW47XG59XG5cbmNvbnN0IG5vbmUgPSB6Lm9iamVjdCh7fSk7XG50eXBlIE5vbmUgPSB0eXBlb2Ygbm9uZTtcblxuLyoqIERlY2xhcmVzIGFuIGVuZHBvaW50OyBwYXJ0cyB0aGF0IGl0IGRvZXMgbm90IHRha2UgYXJlIHRoZSBlbXB0eSBvYmplY3QuICovXG5leHBvcnQgZnVuY3Rpb24gZW5kcG9pbnQ8XG4gIFJlc3BvbnNlIGV4dGVuZHMgei5ab2RUeXBlLFxuICBQYXJhbXMgZXh0ZW5kcyB6LlpvZFR5cGUgPSBOb25lLFxuICBRdWVyeSBleHRlbmRzIHouWm9kVHlwZSA9IE5vbmUsXG4gIEJvZHkgZXh0ZW5kcyB6LlpvZFR5cGUgPSBOb25lLFxuPihvZjoge1xuICBtZXRob2Q6IEVuZHBvaW50WydtZXRob2QnXTtcbiAgcGF0aDogc3RyaW5nO1xuICBzdWJqZWN0OiBzdHJpbmc7XG4gIHN1bW1hcnk6IHN0cmluZztcbiAgcGFyYW1zPzogUGFyYW1zO1xuICBxdWVyeT86IFF1ZXJ5O1xuICBib2R5PzogQm9keTtcbiAgcmVzcG9uc2U6IFJlc3BvbnNlO1xuICBlcnJvcnM/OiByZWFkb25seSBFcnJvckNvZGVbXTtcbiAgc2hvd3M/OiByZWFkb25seSBUb3BpY1tdO1xuICBvcGVuPzogYm9vbGVhbjtcbiAgbG9uZz86IGJvb2xlYW47XG59KTogRW5kcG9pbnQ8UGFyYW1zLCBRdWVyeSwgQm9keSwgUmVzcG9uc2U+IHtcbiAgcmV0dXJuIHtcbiAgICAuLi5vZixcbiAgICBwYXJhbXM6IG9mLnBhcmFtcyA/PyAobm9uZSBhcyB1bmtub3duIGFzIFBhcmFtcyksXG4gICAgcXVlcnk6IG9mLnF1ZXJ5ID8/IChub25lIGFzIHVua25vd24gYXMgUXVlcnkpLFxuICAgIGJvZHk6IG9mLmJvZHkgPz8gKG5vbmUgYXMgdW5rbm93biBhcyBCb2R5KSxcbiAgICBlcnJvcnM6IG9mLmVycm9ycyA/PyBbXSxcbiAgfTtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBDYWxsSW5wdXQ8RSBleHRlbmRzIEVuZHBvaW50PiB7XG4gIHBhcmFtcz86IHouaW5wdXQ8RVsncGFyYW1zJ10+O1xuICBxdWVyeT86IHouaW5wdXQ8RVsncXVlcnknXT47XG4gIGJvZHk/OiB6LmlucHV0PEVbJ2JvZHknXT47XG59XG5leHBvcnQgdHlwZSBDYWxsT3V0cHV0PEUgZXh0ZW5kcyBFbmRwb2ludD4gPSB6Lm91dHB1dDxFWydyZXNwb25zZSddPjtcbiIsICJpbXBvcnQgeyB6IH0gZnJvbSAnem9kJztcblxuaW1wb3J0IHsgT1VUQ09NRVMsIFRPVUNIX0tJTkRTIH0gZnJvbSAnQC9jb3JlL3RvdWNoZXMnO1xuXG5pbXBvcnQgeyBEYXksIERvbmUsIElkIH0gZnJvbSAnLi9jb21tb24nO1xuaW1wb3J0IHsgZW5kcG9pbnQgfSBmcm9tICcuL2VuZHBvaW50JztcblxuZXhwb3J0IGNvbnN0IENpcmNsZSA9IHoub2JqZWN0KHtcbiAgaWQ6IElkLFxuICBuYW1lOiB6LnN0cmluZygpLFxuICAvKiogMCBpcyB0aGUgY2xvc2VzdC4gKi9cbiAgcG9zaXRpb246IHoubnVtYmVyKCkuaW50KCksXG4gIHByb21pc2VEYXlzOiB6Lm51bWJlcigpLmludCgpLm51bGxhYmxlKCksXG4gIHBlb3BsZTogei5udW1iZXIoKS5pbnQoKSxcbn0pO1xuZXhwb3J0IHR5cGUgQ2lyY2xlID0gei5pbmZlcjx0eXBlb2YgQ2lyY2xlPjtcblxuY29uc3QgaXNMb2NhbGUgPSAodGFnOiBzdHJpbmcpOiBib29sZWFuID0+IHtcbiAgdHJ5IHtcbiAgICByZXR1cm4gSW50bC5OdW1iZXJGb3JtYXQuc3VwcG9ydGVkTG9jYWxlc09mKHRhZykubGVuZ3RoID4gMDtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIGZhbHNlO1xuICB9XG59O1xuY29uc3QgaXNDdXJyZW5jeSA9IChjb2RlOiBzdHJpbmcpOiBib29sZWFuID0+IC9eW0EtWl17M30kLy50ZXN0KGNvZGUpO1xuXG5jb25zdCBXZWVrZGF5ID0gei51bmlvbihcbiAgWzEsIDIsIDMsIDQsIDUsIDYsIDddLm1hcCgobikgPT4gei5saXRlcmFsKG4gYXMgMSB8IDIgfCAzIHwgNCB8IDUgfCA2IHwgNykpLFxuKTtcblxuLyoqIFdoYXQgYSBraW5kIG9mIHRvdWNoIHRha2VzLCBjb3N0cyBhbmQga2VlcHMsIHdoZXJlIHRoZSBvd25lciBjaGFuZ2VkIGl0LiAqL1xuZXhwb3J0IGNvbnN0IEtpbmRDaGFuZ2UgPSB6Lm9iamVjdCh7XG4gIG1pbnV0ZXM6IHoubnVtYmVyKCkuaW50KCkubWluKDApLm1heCg2MDApLm9wdGlvbmFsKCksXG4gIGNvc3RNaW5vcjogei5udW1iZXIoKS5pbnQoKS5taW4oMCkubWF4KDEwXzAwMF8wMDApLm9wdGlvbmFsKCksXG4gIHBlckRheTogei5udW1iZXIoKS5pbnQoKS5taW4oMCkubWF4KDUwMCkubnVsbGFibGUoKS5vcHRpb25hbCgpLFxuICBob2xkczogei5wYXJ0aWFsUmVjb3JkKHouZW51bShPVVRDT01FUyksIHoubnVtYmVyKCkubWluKDApLm1heCgxKSkub3B0aW9uYWwoKSxcbn0pO1xuXG4vKiogJ0hIOk1NJzsgYSB0aW1lIHdpdGhvdXQgaXRzIGxlYWRpbmcgbm91Z2h0IGlzIGdpdmVuIG9uZS4gKi9cbmNvbnN0IFRpbWVPZkRheSA9IHpcbiAgLnN0cmluZygpXG4gIC50cmltKClcbiAgLnRyYW5zZm9ybSgodGV4dCkgPT4gdGV4dC5wYWRTdGFydCg1LCAnMCcpKVxuICAucmVmaW5lKCh0ZXh0KSA9PiAvXihbMDFdXFxkfDJbMC0zXSk6WzAtNV1cXGQkLy50ZXN0KHRleHQpLCAnV3JpdGUgYSB0aW1lIHN1Y2ggYXMgMjE6MDAuJyk7XG5cbmV4cG9ydCBjb25zdCBTZXR0aW5ncyA9IHoub2JqZWN0KHtcbiAgb3duZXJOYW1lOiB6LnN0cmluZygpLnRyaW0oKS5tYXgoMTIwKSxcbiAgdGltZVpvbmU6IHouc3RyaW5nKCksXG4gIC8qKiBUb3VjaGVzIG9uIGEgd29ya2luZyBkYXkuICovXG4gIGNhcGFjaXR5OiB6Lm51bWJlcigpLmludCgpLm1pbigwKS5tYXgoNTAwKSxcbiAgd29ya2luZ0RheXM6IHouYXJyYXkoV2Vla2RheSksXG4gIGRheXNPZmY6IHouYXJyYXkoRGF5KS5tYXgoMTAwMCksXG4gIG1pbkRpc3RhbmNlRGF5czogei5udW1iZXIoKS5pbnQoKS5taW4oMSkubWF4KDYwKSxcbiAgLyoqIERheXMgdW50aWwgc29tZWJvZHkgbmV3IGNvdW50cyBhcyBkdWUuICovXG4gIGdyYWNlRGF5czogei5udW1iZXIoKS5pbnQoKS5taW4oMCkubWF4KDM2NSksXG4gIC8qKiBNaW51dGVzIG9uIGEgd29ya2luZyBkYXk7IG51bGwgZm9yIG5vIGxpbWl0LiAqL1xuICBtaW51dGVzUGVyRGF5OiB6Lm51bWJlcigpLmludCgpLm1pbigwKS5tYXgoMTQ0MCkubnVsbGFibGUoKSxcbiAga2luZHM6IHoucGFydGlhbFJlY29yZCh6LmVudW0oVE9VQ0hfS0lORFMpLCBLaW5kQ2hhbmdlKSxcbiAgLyoqIFdoZXRoZXIgd2hhdCBnb2VzIGJ5IGl0c2VsZiB3YWl0cyB1bnRpbCBzb21lYm9keSBzYWlkIHllcyB0byBpdDsgZWxzZSBpdCBrZWVwcyB0byBhIG5vIGFsb25lLiAqL1xuICBhdXRvTmVlZHNZZXM6IHouYm9vbGVhbigpLFxuICAvKiogSG91cnMgaW4gd2hpY2ggbm9ib2R5IGlzIGNhbGxlZCwgbm9yIHdyaXR0ZW4gdG8gYnkgaXRzZWxmLCBpbiB0aGUgem9uZSB3aGVyZSB0aGV5IGxpdmUuICovXG4gIHF1aWV0RnJvbTogVGltZU9mRGF5LFxuICBxdWlldFVudGlsOiBUaW1lT2ZEYXksXG4gIC8qKiBIb3cgd2hvZXZlciBzZW50IHNvbWVib2R5IGlzIHRoYW5rZWQ7IG51bGwgcGxhbnMgbm8gdGhhbmtzLiAqL1xuICB0aGFua3NLaW5kOiB6LmVudW0oVE9VQ0hfS0lORFMpLm51bGxhYmxlKCksXG4gIC8qKiBXaGVyZSBhIDI5IEZlYnJ1YXJ5IGZhbGxzIGluIGNvbW1vbiB5ZWFycy4gKi9cbiAgbGVhcERheTogei5lbnVtKFsnZmViMjgnLCAnbWFyMSddKSxcbiAgLyoqIFdob3NlIHB1YmxpYyBob2xpZGF5cyBhcmUgZGF5cyBvZmY7IG5vbmUgd2hlbiBlbXB0eS4gKi9cbiAgY291bnRyeTogei5zdHJpbmcoKS5tYXgoMiksXG4gIHJlZ2lvbjogei5zdHJpbmcoKS5tYXgoMTApLFxuICAvKiogTmFtZXMgb2YgcHVibGljIGhvbGlkYXlzIHRoYXQgYXJlIHdvcmtlZCBhbGwgdGhlIHNhbWUuICovXG4gIGhvbGlkYXlzV29ya2VkOiB6LmFycmF5KHouc3RyaW5nKCkubWF4KDEyMCkpLm1heCgyMDApLFxuICAvKiogSVNPIDQyMTc6IHdoYXQgYW1vdW50cyBhcmUgaW4uICovXG4gIGN1cnJlbmN5OiB6XG4gICAgLnN0cmluZygpXG4gICAgLnJlZmluZSgoY29kZSkgPT4gaXNDdXJyZW5jeShjb2RlKSwgJ1RoaXMgaXMgbm90IGEgY3VycmVuY3kuIFRyeSBvbmUgbGlrZSBVU0QuJyksXG4gIC8qKiBCQ1AgNDc6IGhvdyBudW1iZXJzIGFuZCBhbW91bnRzIGFyZSB3cml0dGVuLiAqL1xuICBsb2NhbGU6IHpcbiAgICAuc3RyaW5nKClcbiAgICAucmVmaW5lKCh0YWcpID0+IGlzTG9jYWxlKHRhZyksICdUaGlzIGlzIG5vdCBhIGxhbmd1YWdlIHRhZy4gVHJ5IG9uZSBsaWtlIGVuLVVTLicpLFxufSk7XG5leHBvcnQgdHlwZSBTZXR0aW5ncyA9IHouaW5mZXI8dHlwZW9mIFNldHRpbmdzPjtcblxuY29uc3Qgc3ViamVjdCA9ICdzZXR0aW5ncyc7XG5cbmV4cG9ydCBjb25zdCBnZXRTZXR0aW5ncyA9IGVuZHBvaW50KHtcbiAgbWV0aG9kOiAnZ2V0JyxcbiAgcGF0aDogJy9zZXR0aW5ncycsXG4gIHN1YmplY3QsXG4gIHNob3dzOiBbJ3NldHRpbmdzJywgJ2xpc3RzJywgJ3Blb3BsZSddLFxuICBzdW1tYXJ5OiBcIlRoZSBvd25lcidzIGRheXMsIGNhcGFjaXR5IGFuZCBjaXJjbGVzXCIsXG4gIHJlc3BvbnNlOiB6Lm9iamVjdCh7XG4gICAgc2V0dGluZ3M6IFNldHRpbmdzLFxuICAgIC8qKiBEYXlzIG9mZiBhbmQgcHVibGljIGhvbGlkYXlzLCBmcm9tIGxhc3QgeWVhciB0byBmaXZlIHllYXJzIGFoZWFkLiAqL1xuICAgIGZyZWVEYXlzOiB6LmFycmF5KERheSksXG4gICAgY2lyY2xlczogei5hcnJheShDaXJjbGUpLFxuICAgIGRlbW86IHouYm9vbGVhbigpLFxuICAgIC8qKiBXaGF0IGxvb2tzIHdyb25nIHdpdGggdGhlIGNsb2NrIG9mIHRoZSBtYWNoaW5lLCBpbiBhIHNlbnRlbmNlOyBudWxsIGZvciBub3RoaW5nLiAqL1xuICAgIGNsb2NrOiB6LnN0cmluZygpLm51bGxhYmxlKCksXG4gICAgdG9kYXk6IERheSxcbiAgfSksXG59KTtcblxuZXhwb3J0IGNvbnN0IHNhdmVTZXR0aW5ncyA9IGVuZHBvaW50KHtcbiAgbWV0aG9kOiAncGF0Y2gnLFxuICBwYXRoOiAnL3NldHRpbmdzJyxcbiAgc3ViamVjdCxcbiAgc3VtbWFyeTogXCJDaGFuZ2VzIHRoZSBvd25lcidzIGRheXMgb3IgY2FwYWNpdHlcIixcbiAgYm9keTogU2V0dGluZ3MucGFydGlhbCgpLFxuICByZXNwb25zZTogRG9uZSxcbiAgZXJyb3JzOiBbJ2ludmFsaWQnXSxcbn0pO1xuXG5leHBvcnQgY29uc3QgaGVhbHRoID0gZW5kcG9pbnQoe1xuICBtZXRob2Q6ICdnZXQnLFxuICBwYXRoOiAnL2hlYWx0aCcsXG4gIHN1YmplY3QsXG4gIHNob3dzOiBbJ3NldHRpbmdzJ10sXG4gIHN1bW1hcnk6ICdWZXJzaW9uLCBkYXRhYmFzZSBhbmQgY2xvY2snLFxuICByZXNwb25zZTogei5vYmplY3Qoe1xuICAgIHZlcnNpb246IHouc3RyaW5nKCksXG4gICAgZGF0YWJhc2U6IHoub2JqZWN0KHsga2luZDogei5lbnVtKFsncGdsaXRlJywgJ3Bvc3RncmVzJ10pLCBzY2hlbWE6IHoubnVtYmVyKCkuaW50KCkgfSksXG4gICAgY2xvY2s6IHoub2JqZWN0KHsgdG9kYXk6IERheSwgbm93OiB6LnN0cmluZygpLCB0aW1lWm9uZTogei5zdHJpbmcoKSwgZGVtbzogei5ib29sZWFuKCkgfSksXG4gIH0pLFxufSk7XG5cbmV4cG9ydCBjb25zdCBtb3ZlQ2xvY2sgPSBlbmRwb2ludCh7XG4gIG1ldGhvZDogJ3Bvc3QnLFxuICBwYXRoOiAnL2Nsb2NrL2ZvcndhcmQnLFxuICBzdWJqZWN0LFxuICBzdW1tYXJ5OiBcIk1vdmVzIHRoZSBhcHBsaWNhdGlvbidzIGRheSBmb3J3YXJkIChkZW1vIG9ubHkpXCIsXG4gIGJvZHk6IHoub2JqZWN0KHsgZGF5czogei5udW1iZXIoKS5pbnQoKS5taW4oMSkubWF4KDM2NikgfSksXG4gIHJlc3BvbnNlOiB6Lm9iamVjdCh7IHRvZGF5OiBEYXkgfSksXG4gIGVycm9yczogWydmb3JiaWRkZW4nXSxcbn0pO1xuIiwgImltcG9ydCB7IHNwYXduIH0gZnJvbSAnbm9kZTpjaGlsZF9wcm9jZXNzJztcbmltcG9ydCB7IG1rZHRlbXAsIHJlYWRGaWxlLCBybSB9IGZyb20gJ25vZGU6ZnMvcHJvbWlzZXMnO1xuaW1wb3J0IHsgdG1wZGlyIH0gZnJvbSAnbm9kZTpvcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcblxuaW1wb3J0IHsgY2FsbCB9IGZyb20gJ0AvY29udHJhY3QvY2FsbCc7XG5pbXBvcnQgeyBydW5JbXBvcnQgfSBmcm9tICdAL2NvbnRyYWN0L2ltcG9ydHMnO1xuaW1wb3J0IHsgaGVhbHRoIH0gZnJvbSAnQC9jb250cmFjdC9zZXR0aW5ncyc7XG5cbi8vIFRoZSBwcm9kdWN0IGFzIGEgdXNlciBoYXMgaXQ6IHN0YXJ0ZWQgYnkgaXRzIG93biBjb21tYW5kLCBmaWxsZWQgdGhyb3VnaCBpdHMgQVBJLCBuZXZlciBoZWxwZWQgYnlcbi8vIGhhbmQuIE9ubHkgYWZ0ZXIgaXQgd2FzIGVuZGVkIGFyZSBpdHMgZmlsZXMgb3BlbmVkIGhlcmUsIGZvciB0aGUgcGxhaW4gd2F5IHRvIHRoZSBzYW1lIHJvd3MuXG5cbmV4cG9ydCBjb25zdCBUT0RBWSA9ICcyMDI2LTExLTIzJztcbmNvbnN0IEdJVkVOID0gWydBbmEnLCAnQm8nLCAnQ3lyYScsICdEYW5hJywgJ0VtaWwnLCAnRmF5JywgJ0dvcmFuJywgJ0hhbmEnLCAnSXZvJywgJ0p1bmEnXTtcbmNvbnN0IEVORElOR1MgPSBbXG4gICdtYXJzaCcsXG4gICd3aWNrJyxcbiAgJ2hvbG0nLFxuICAnYmVyZycsXG4gICdmaWVsZCcsXG4gICdkYWhsJyxcbiAgJ3F1aXN0JyxcbiAgJ21vb3InLFxuICAnc3RyYW5kJyxcbiAgJ2JlY2snLFxuXTtcbmNvbnN0IFNUQVJUUyA9IFsnQWwnLCAnQmVyJywgJ0NvcicsICdEdW4nLCAnRWwnLCAnRmFyJywgJ0dpbCcsICdIb3InLCAnSW4nLCAnS2VsJywgJ0xpbicsICdNb3InXTtcbmV4cG9ydCBjb25zdCBmYW1pbHlPZiA9IChpOiBudW1iZXIpID0+XG4gIGAke1NUQVJUU1tpICUgMTJdfSR7RU5ESU5HU1tNYXRoLmZsb29yKGkgLyAxMikgJSAxMF19JHtpICUgOTc3fWA7XG5cbmNvbnN0IEhFQURFUiA9XG4gICdGaXJzdCBuYW1lLExhc3QgbmFtZSxFLW1haWwsUGhvbmUsU3RyZWV0IGFuZCBudW1iZXIsQ2lyY2xlLFRhZ3MsTm90ZSxMYXN0IHRvdWNoLEJpcnRoZGF5JztcbmNvbnN0IENJUkNMRVMgPSBbJ0lubmVyJywgJ0Nsb3NlJywgJ1dpZGVyJywgJ091dGVyJ107XG5leHBvcnQgY29uc3QgZGF5QmVmb3JlID0gKGRheXM6IG51bWJlcikgPT5cbiAgbmV3IERhdGUoRGF0ZS5wYXJzZShUT0RBWSkgLSBkYXlzICogODZfNDAwXzAwMCkudG9JU09TdHJpbmcoKS5zbGljZSgwLCAxMCk7XG5cbi8qKiBPZiBldmVyeSBzZWNvbmQgb25lLiAqL1xuY29uc3QgSEFMRiA9IChpOiBudW1iZXIpID0+IChpICUgMiA9PT0gMCA/IGRheUJlZm9yZShpICUgMjAwKSA6ICcnKTtcblxuLyoqIEEgbGlzdCBhcyBwZW9wbGUgYnJpbmcgaXQ6IG5hbWVzLCB3YXlzIHRvIHJlYWNoIHRoZW0sIGNpcmNsZXMsIHRhZ3MsIG5vdGVzLCBsYXN0IHRvdWNoZXMuICovXG5jb25zdCBsaXN0T2YgPSAocGVvcGxlOiBudW1iZXIsIGxhc3RUb3VjaDogKGk6IG51bWJlcikgPT4gc3RyaW5nKTogc3RyaW5nID0+XG4gIFtcbiAgICBIRUFERVIsXG4gICAgLi4uQXJyYXkuZnJvbSh7IGxlbmd0aDogcGVvcGxlIH0sIChfLCBpKSA9PlxuICAgICAgW1xuICAgICAgICBHSVZFTltpICUgMTBdLFxuICAgICAgICBmYW1pbHlPZihpKSxcbiAgICAgICAgYHAke2l9QGV4YW1wbGUuY29tYCxcbiAgICAgICAgYDU1NS0wMSR7U3RyaW5nKGkgJSAxMDApLnBhZFN0YXJ0KDIsICcwJyl9YCxcbiAgICAgICAgYCR7aX0gTGFudGVybiBSb3dgLFxuICAgICAgICBDSVJDTEVTW2kgJSA0XSxcbiAgICAgICAgaSAlIDMgPT09IDAgPyAnZ2FyZGVuJyA6ICdib2F0JyxcbiAgICAgICAgaSAlIDQgPT09IDAgPyBgS2l0Y2hlbiBoYWxmIGRvbmUgYW5kIGJvYXQgJHtpfWAgOiAnJyxcbiAgICAgICAgbGFzdFRvdWNoKGkpLFxuICAgICAgICBpICUgNSA9PT0gMCA/IGAxOSR7NjAgKyAoaSAlIDQwKX0tMCR7MSArIChpICUgOSl9LTEke2kgJSA5fWAgOiAnJyxcbiAgICAgIF0uam9pbignLCcpLFxuICAgICksXG4gIF0uam9pbignXFxuJyk7XG5cbmludGVyZmFjZSBQcm9kdWN0IHtcbiAgYmFzZTogc3RyaW5nO1xuICAvKiogVGhlIG1vc3QgbWVtb3J5IHRoYXQgaXQgaGFzIHRha2VuIHNvIGZhci4gKi9cbiAgbW9zdE1lbW9yeU1iKCk6IFByb21pc2U8bnVtYmVyPjtcbiAgZW5kKCk6IFByb21pc2U8dm9pZD47XG59XG5cbi8qKiBTdGFydHMgaXQgYXMgYG5wbSBzdGFydGAgZG9lcy4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBzdGFydFByb2R1Y3QoZGF0YURpcjogc3RyaW5nKTogUHJvbWlzZTxQcm9kdWN0PiB7XG4gIGNvbnN0IGFyZ3MgPSBbJ3NjcmlwdHMvc3RhcnQubWpzJywgJy0tZGF0YScsIGRhdGFEaXIsICctLXBvcnQnLCAnMCcsICctLXRvZGF5JywgVE9EQVldO1xuICBjb25zdCBjaGlsZCA9IHNwYXduKHByb2Nlc3MuZXhlY1BhdGgsIGFyZ3MsIHsgc3RkaW86IFsnaWdub3JlJywgJ3BpcGUnLCAnaW5oZXJpdCddIH0pO1xuICBjb25zdCBnb25lID0gbmV3IFByb21pc2UoKGRvbmUpID0+IGNoaWxkLm9uY2UoJ2V4aXQnLCBkb25lKSk7XG4gIGNvbnN0IGJhc2UgPSBhd2FpdCBuZXcgUHJvbWlzZTxzdHJpbmc+KChkb25lLCBmYWlsKSA9PiB7XG4gICAgbGV0IHNhaWQgPSAnJztcbiAgICBjaGlsZC5zdGRvdXQub24oJ2RhdGEnLCAocGFydDogQnVmZmVyKSA9PiB7XG4gICAgICBzYWlkICs9IHBhcnQudG9TdHJpbmcoKTtcbiAgICAgIGNvbnN0IG1hdGNoID0gL3JlYWR5IGF0IChcXFMrKS8uZXhlYyhzYWlkKTtcbiAgICAgIGlmIChtYXRjaCkgZG9uZShtYXRjaFsxXSEpO1xuICAgIH0pO1xuICAgIHZvaWQgZ29uZS50aGVuKCgpID0+IGZhaWwobmV3IEVycm9yKGBJdCBlbmRlZDogJHtzYWlkfWApKSk7XG4gIH0pO1xuICByZXR1cm4ge1xuICAgIGJhc2UsXG4gICAgbW9zdE1lbW9yeU1iOiAoKSA9PiBtb3N0TWVtb3J5TWIoY2hpbGQucGlkISksXG4gICAgZW5kOiBhc3luYyAoKSA9PiB7XG4gICAgICBjaGlsZC5raWxsKCdTSUdURVJNJyk7XG4gICAgICBhd2FpdCBnb25lO1xuICAgIH0sXG4gIH07XG59XG5cbi8qKiBUaGUgcGVhayBvZiB0aGUgcmVzaWRlbnQgbWVtb3J5IG9mIHRoZSBwcm9jZXNzIHRoYXQgdGhlIGNvbW1hbmQgc3RhcnRlZCAoTGludXg6IHByb2MoNSksIFZtSFdNKS4gKi9cbmFzeW5jIGZ1bmN0aW9uIG1vc3RNZW1vcnlNYihwaWQ6IG51bWJlcik6IFByb21pc2U8bnVtYmVyPiB7XG4gIGNvbnN0IG93biA9IChhd2FpdCByZWFkRmlsZShgL3Byb2MvJHtwaWR9L3Rhc2svJHtwaWR9L2NoaWxkcmVuYCwgJ3V0ZjgnKSkudHJpbSgpLnNwbGl0KCcgJylbMF07XG4gIGNvbnN0IHN0YXR1cyA9IGF3YWl0IHJlYWRGaWxlKGAvcHJvYy8ke293bn0vc3RhdHVzYCwgJ3V0ZjgnKTtcbiAgcmV0dXJuIE51bWJlcigvVm1IV006XFxzKyhcXGQrKSBrQi8uZXhlYyhzdGF0dXMpIVsxXSkgLyAxXzAyNDtcbn1cblxuZXhwb3J0IGNvbnN0IGZpbGVPZiA9IChwZW9wbGU6IG51bWJlciwgbGFzdFRvdWNoID0gSEFMRikgPT4gKHtcbiAgZmlsZU5hbWU6ICdsaXN0LmNzdicsXG4gIGNvbnRlbnQ6IEJ1ZmZlci5mcm9tKGxpc3RPZihwZW9wbGUsIGxhc3RUb3VjaCkpLnRvU3RyaW5nKCdiYXNlNjQnKSxcbiAgbWFwcGluZzogbnVsbCxcbiAgY2lyY2xlSWQ6IG51bGwsXG4gIHRhZzogbnVsbCxcbiAgc2FtZTogJ2FkZCcgYXMgY29uc3QsXG59KTtcblxuZXhwb3J0IGNvbnN0IGJyaW5nID0gKGJhc2U6IHN0cmluZywgcGVvcGxlOiBudW1iZXIpID0+XG4gIGNhbGwocnVuSW1wb3J0LCB7IGJvZHk6IGZpbGVPZihwZW9wbGUpIH0sIHsgYmFzZSB9KTtcblxuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHRpbWVkKHdvcms6ICgpID0+IFByb21pc2U8dW5rbm93bj4pOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCBzdGFydGVkID0gcGVyZm9ybWFuY2Uubm93KCk7XG4gIGF3YWl0IHdvcmsoKTtcbiAgcmV0dXJuIHBlcmZvcm1hbmNlLm5vdygpIC0gc3RhcnRlZDtcbn1cblxuLyoqIFVudGlsIHdoYXQgaXQgZG9lcyBhdCBpdHMgc3RhcnQgaXMgZG9uZTogdGhlIGZpcnN0IHRhc2tzLCBhbmQgd2hhdCBpcyBjb21waWxlZCB3aGVuIGl0IGlzIGZpcnN0IHVzZWQuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gc2V0dGxlZChiYXNlOiBzdHJpbmcpOiBQcm9taXNlPHZvaWQ+IHtcbiAgZm9yIChsZXQgcXVpZXQgPSAwOyBxdWlldCA8IDIwOykge1xuICAgIGF3YWl0IG5ldyBQcm9taXNlKChkb25lKSA9PiBzZXRUaW1lb3V0KGRvbmUsIDUwKSk7XG4gICAgcXVpZXQgPSAoYXdhaXQgdGltZWQoKCkgPT4gY2FsbChoZWFsdGgsIHt9LCB7IGJhc2UgfSkpKSA8IDMwID8gcXVpZXQgKyAxIDogMDtcbiAgfVxufVxuXG4vKiogU29tZXdoZXJlIHRoYXQgaXMgZ29uZSBhZnRlcndhcmRzLiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIGluRGlyZWN0b3J5KHdvcms6IChkaXI6IHN0cmluZykgPT4gUHJvbWlzZTx2b2lkPik6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCBkaXIgPSBhd2FpdCBta2R0ZW1wKGpvaW4odG1wZGlyKCksICdwZW5wYWwtYmVuY2gtJykpO1xuICB0cnkge1xuICAgIGF3YWl0IHdvcmsoZGlyKTtcbiAgfSBmaW5hbGx5IHtcbiAgICBhd2FpdCBybShkaXIsIHsgcmVjdXJzaXZlOiB0cnVlLCBmb3JjZTogdHJ1ZSB9KTtcbiAgfVxufVxuIiwgImltcG9ydCB7IHJlYWRJbXBvcnRGaWxlIH0gZnJvbSAnQC9jb3JlL2ludGFrZSc7XG5pbXBvcnQgeyBmaW5kU2FtZSwgdHJhaXRzT2YgfSBmcm9tICdAL2NvcmUvc2FtZSc7XG5pbXBvcnQgeyBjaGVja1Blb3BsZSB9IGZyb20gJ0Avc2VydmVyL2ltcG9ydHMvY2hlY2snO1xuaW1wb3J0IHsgZmlsZU9mIH0gZnJvbSAnQC9iZW5jaC9wcm9kdWN0JztcbmltcG9ydCB7IHBsYWluRGF0ZSB9IGZyb20gJ0AvY29yZS90aW1lJztcbmltcG9ydCB7IHNlcmlhbGl6ZSwgZGVzZXJpYWxpemUgfSBmcm9tICdub2RlOnY4JztcbmNvbnN0IGNwdSA9ICgpID0+IHsgY29uc3QgYyA9IHByb2Nlc3MuY3B1VXNhZ2UoKTsgcmV0dXJuIChjLnVzZXIgKyBjLnN5c3RlbSkgLyAxMDAwOyB9O1xuYXN5bmMgZnVuY3Rpb24gbWFpbigpIHtcbiAgY29uc3QgYm9keSA9IGZpbGVPZigyMF8wMDApO1xuICBjb25zdCBieXRlcyA9IEJ1ZmZlci5mcm9tKGJvZHkuY29udGVudCwgJ2Jhc2U2NCcpO1xuICBjb25zb2xlLmxvZyhieXRlcy50b1N0cmluZygpLnNsaWNlKDAsIDQwMCksIGJ5dGVzLmxlbmd0aCk7XG4gIGZvciAobGV0IGsgPSAwOyBrIDwgMjsgaysrKSB7XG4gICAgbGV0IHQgPSBjcHUoKTtcbiAgICBjb25zdCByOiBhbnkgPSBhd2FpdCByZWFkSW1wb3J0RmlsZSh7IGJ5dGVzLCBwYXN0ZWQ6IGZhbHNlLCBtYXBwaW5nOiBudWxsLCBvd246IFtdLCB0b2RheTogcGxhaW5EYXRlKCcyMDI2LTExLTIzJykgfSk7XG4gICAgY29uc29sZS5sb2coJ3JlYWQnLCBjcHUoKSAtIHQpOyB0ID0gY3B1KCk7XG4gICAgY29uc3QgcyA9IHN0cnVjdHVyZWRDbG9uZShyKTsgY29uc29sZS5sb2coJ2Nsb25lIGFsbCcsIGNwdSgpIC0gdCk7IHQgPSBjcHUoKTtcbiAgICBhd2FpdCBjaGVja1Blb3BsZShyLmZpbGUucGVvcGxlLCBbXSk7IGNvbnNvbGUubG9nKCdjaGVjaycsIGNwdSgpIC0gdCk7IHQgPSBjcHUoKTtcbiAgICBjb25zdCBrbm93biA9IHIuZmlsZS5wZW9wbGUubWFwKChwOiBhbnksIGk6IG51bWJlcikgPT4gKHsgaWQ6ICdyb3cgJyArIGksIHRyYWl0czogdHJhaXRzT2YocC5maWVsZHMpIH0pKTtcbiAgICBjb25zb2xlLmxvZygndHJhaXRzJywgY3B1KCkgLSB0KTsgdCA9IGNwdSgpO1xuICAgIGNvbnN0IHBhaXJzID0gZmluZFNhbWUoa25vd24sIG5ldyBTZXQoa25vd24ubWFwKCh4OiBhbnkpID0+IHguaWQpKSk7XG4gICAgY29uc29sZS5sb2coJ2ZpbmQnLCBjcHUoKSAtIHQsIHBhaXJzLmxlbmd0aCk7XG4gIH1cbn1cbnZvaWQgbWFpbigpO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7O0FBaUJPLFNBQVMsWUFBWSxPQUEwQjtBQUNwRCxRQUFNLFFBQVEsTUFBTSxVQUFVLE1BQU0sYUFBYyxNQUFNLGNBQWMsTUFBTTtBQUM1RSxRQUFNLE9BQU8sQ0FBQyxPQUFPLE1BQU0sWUFBWSxNQUFNLE1BQU0sRUFBRSxPQUFPLE9BQU8sRUFBRSxLQUFLLEdBQUc7QUFDN0UsUUFBTSxRQUFRLE1BQU0sT0FBTyxDQUFDLEdBQUcsU0FBUyxNQUFNLE9BQU8sQ0FBQyxHQUFHO0FBQ3pELFNBQU8sUUFBUSxNQUFNLFdBQVcsU0FBUztBQUMzQztBQU9PLFNBQVMsS0FBS0EsT0FBc0I7QUFFekMsTUFBSSxpQkFBaUIsS0FBS0EsS0FBSSxFQUFHLFFBQU9BLE1BQUssWUFBWTtBQUN6RCxTQUFPQSxNQUNKLFVBQVUsS0FBSyxFQUNmLFFBQVEsV0FBVyxFQUFFLEVBQ3JCLFlBQVksRUFDWixRQUFRLE1BQU0sSUFBSSxFQUNsQixRQUFRLFFBQVEsSUFBSSxFQUNwQixRQUFRLFFBQVEsSUFBSSxFQUNwQixRQUFRLFNBQVMsQ0FBQyxNQUFPLE1BQU0sU0FBTSxNQUFNLEdBQUksRUFDL0MsUUFBUSxNQUFNLEdBQUcsRUFDakIsUUFBUSxNQUFNLElBQUk7QUFDdkI7OztBQ2RPLElBQU0sV0FBVyxDQUFDLFFBQVEsUUFBUSxTQUFTLE1BQU07QUFtQmpELElBQU0sY0FBYyxDQUFDLE9BQU8sV0FBVyxJQUFJO0FBSTNDLElBQU0sWUFBWSxDQUFDLFFBQVEsVUFBVSxTQUFTLFFBQVEsVUFBVSxNQUFNO0FBNkN0RSxJQUFNLGFBQXNCO0FBQUEsRUFDakMsT0FBTztBQUFBLEVBQ1AsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sUUFBUTtBQUFBLEVBQ1IsWUFBWTtBQUFBLEVBQ1osU0FBUztBQUFBLEVBQ1QsT0FBTztBQUFBLEVBQ1AsS0FBSztBQUFBLEVBQ0wsS0FBSztBQUNQO0FBRU8sSUFBTSxTQUF1QjtBQUFBLEVBQ2xDLFFBQVE7QUFBQSxFQUNSLFdBQVc7QUFBQSxFQUNYLFlBQVk7QUFBQSxFQUNaLFlBQVk7QUFBQSxFQUNaLFFBQVE7QUFBQSxFQUNSLFFBQVE7QUFBQSxFQUNSLFNBQVM7QUFBQSxFQUNULFVBQVU7QUFBQSxFQUNWLFFBQVEsQ0FBQztBQUFBLEVBQ1QsUUFBUSxDQUFDO0FBQUEsRUFDVCxXQUFXLENBQUM7QUFBQSxFQUNaLE9BQU8sQ0FBQztBQUFBLEVBQ1IsVUFBVTtBQUFBLEVBQ1YsT0FBTyxDQUFDO0FBQUEsRUFDUixXQUFXLENBQUM7QUFBQSxFQUNaLE9BQU8sQ0FBQztBQUFBLEVBQ1IsVUFBVTtBQUFBLEVBQ1YsUUFBUTtBQUFBLEVBQ1IsV0FBVztBQUFBLEVBQ1gsVUFBVTtBQUFBLEVBQ1YsV0FBVztBQUFBLEVBQ1gsWUFBWTtBQUFBLEVBQ1osY0FBYztBQUFBLEVBQ2QsS0FBSyxDQUFDO0FBQUEsRUFDTixTQUFTLENBQUM7QUFDWjtBQVNPLElBQU0sWUFBWSxDQUFDLE1BQ3hCLENBQUMsRUFBRSxNQUFNLEVBQUUsTUFBTSxFQUFFLFFBQVEsRUFBRSxZQUFZLEVBQUUsU0FBUyxFQUFFLEtBQUssRUFBRSxLQUFLLE9BQU8sS0FBSyxFQUFFLFFBQVE7OztBQy9JbkYsSUFBTSxVQUFVO0FBQUEsRUFDckIsTUFBTSxFQUFFLE9BQU8sWUFBWTtBQUFBLEVBQzNCLFFBQVEsRUFBRSxPQUFPLFFBQVE7QUFBQSxFQUN6QixXQUFXLEVBQUUsT0FBTyxhQUFhO0FBQUEsRUFDakMsWUFBWSxFQUFFLE9BQU8sY0FBYztBQUFBLEVBQ25DLFlBQVksRUFBRSxPQUFPLFlBQVk7QUFBQSxFQUNqQyxRQUFRLEVBQUUsT0FBTyxTQUFTO0FBQUEsRUFDMUIsUUFBUSxFQUFFLE9BQU8sVUFBVTtBQUFBLEVBQzNCLFNBQVMsRUFBRSxPQUFPLFVBQVU7QUFBQSxFQUM1QixVQUFVLEVBQUUsT0FBTyxPQUFPO0FBQUEsRUFDMUIsT0FBTyxFQUFFLE9BQU8sU0FBUztBQUFBLEVBQ3pCLFlBQVksRUFBRSxPQUFPLGVBQWU7QUFBQSxFQUNwQyxZQUFZLEVBQUUsT0FBTyxlQUFlO0FBQUEsRUFDcEMsT0FBTyxFQUFFLE9BQU8sUUFBUTtBQUFBLEVBQ3hCLFlBQVksRUFBRSxPQUFPLGNBQWM7QUFBQSxFQUNuQyxZQUFZLEVBQUUsT0FBTyxjQUFjO0FBQUEsRUFDbkMsYUFBYSxFQUFFLE9BQU8sb0JBQW9CO0FBQUEsRUFDMUMsTUFBTSxFQUFFLE9BQU8sT0FBTztBQUFBLEVBQ3RCLFFBQVEsRUFBRSxPQUFPLFFBQVE7QUFBQSxFQUN6QixZQUFZLEVBQUUsT0FBTyxjQUFjO0FBQUEsRUFDbkMsU0FBUyxFQUFFLE9BQU8sVUFBVTtBQUFBLEVBQzVCLE9BQU8sRUFBRSxPQUFPLGVBQWU7QUFBQSxFQUMvQixjQUFjLEVBQUUsT0FBTyxnQkFBZ0I7QUFBQSxFQUN2QyxLQUFLLEVBQUUsT0FBTyxXQUFXO0FBQUEsRUFDekIsS0FBSyxFQUFFLE9BQU8sWUFBWTtBQUFBLEVBQzFCLGVBQWUsRUFBRSxPQUFPLGlCQUFpQjtBQUFBLEVBQ3pDLE1BQU0sRUFBRSxPQUFPLGlCQUFpQjtBQUFBLEVBQ2hDLFVBQVUsRUFBRSxPQUFPLFdBQVc7QUFBQSxFQUM5QixTQUFTLEVBQUUsT0FBTyxjQUFjO0FBQUEsRUFDaEMsT0FBTyxFQUFFLE9BQU8sY0FBYztBQUFBLEVBQzlCLFdBQVcsRUFBRSxPQUFPLFlBQVk7QUFBQSxFQUNoQyxPQUFPLEVBQUUsT0FBTyxRQUFRO0FBQUEsRUFDeEIsVUFBVSxFQUFFLE9BQU8sV0FBVztBQUFBLEVBQzlCLFFBQVEsRUFBRSxPQUFPLFlBQVk7QUFBQSxFQUM3QixRQUFRLEVBQUUsT0FBTyxTQUFTO0FBQUEsRUFDMUIsU0FBUyxFQUFFLE9BQU8sa0JBQWtCO0FBQUEsRUFDcEMsTUFBTSxFQUFFLE9BQU8sT0FBTztBQUFBLEVBQ3RCLFdBQVcsRUFBRSxPQUFPLHlCQUF5QjtBQUFBLEVBQzdDLFVBQVUsRUFBRSxPQUFPLFdBQVc7QUFBQSxFQUM5QixXQUFXLEVBQUUsT0FBTyxlQUFlO0FBQUEsRUFDbkMsWUFBWSxFQUFFLE9BQU8saUJBQWlCO0FBQUEsRUFDdEMsU0FBUyxFQUFFLE9BQU8sVUFBVTtBQUFBLEVBQzVCLE1BQU0sRUFBRSxPQUFPLFlBQVk7QUFBQSxFQUMzQixPQUFPLEVBQUUsT0FBTyxRQUFRO0FBQUEsRUFDeEIsV0FBVyxFQUFFLE9BQU8sYUFBYTtBQUFBLEVBQ2pDLFNBQVMsRUFBRSxPQUFPLGNBQWM7QUFBQSxFQUNoQyxNQUFNLEVBQUUsT0FBTyxPQUFPO0FBQUEsRUFDdEIsTUFBTSxFQUFFLE9BQU8sNkJBQTZCO0FBQzlDO0FBR08sSUFBTSxjQUFjLE9BQU8sS0FBSyxPQUFPO0FBR3ZDLElBQU0sV0FBVztBQUFBLEVBQ3RCLGNBQWMsRUFBRSxPQUFPLDZCQUE2QjtBQUFBLEVBQ3BELFdBQVcsRUFBRSxPQUFPLDRCQUE0QjtBQUFBLEVBQ2hELFVBQVUsRUFBRSxPQUFPLFdBQVc7QUFBQSxFQUM5QixlQUFlLEVBQUUsT0FBTyx3QkFBbUI7QUFBQSxFQUMzQyxNQUFNLEVBQUUsT0FBTyxPQUFPO0FBQUEsRUFDdEIsYUFBYSxFQUFFLE9BQU8sc0JBQWlCO0FBQUEsRUFDdkMsa0JBQWtCLEVBQUUsT0FBTyw0QkFBdUI7QUFBQSxFQUNsRCxtQkFBbUIsRUFBRSxPQUFPLDJCQUFzQjtBQUFBLEVBQ2xELGNBQWMsRUFBRSxPQUFPLHdCQUFtQjtBQUFBLEVBQzFDLGNBQWMsRUFBRSxPQUFPLHVCQUFrQjtBQUFBLEVBQ3pDLGlCQUFpQixFQUFFLE9BQU8sMEJBQXFCO0FBQUEsRUFDL0MsWUFBWSxFQUFFLE9BQU8sY0FBYztBQUFBLEVBQ25DLFVBQVUsRUFBRSxPQUFPLG1CQUFtQjtBQUFBLEVBQ3RDLE9BQU8sRUFBRSxPQUFPLDRCQUE0QjtBQUFBLEVBQzVDLFVBQVUsRUFBRSxPQUFPLDBCQUEwQjtBQUMvQztBQUdPLElBQU0sZ0JBQWdCLE9BQU8sS0FBSyxRQUFRO0FBUzFDLFNBQVMsV0FBVyxLQUFxRDtBQUM5RSxRQUFNLEtBQUssSUFBSSxRQUFRLEdBQUc7QUFDMUIsU0FBTyxLQUFLLElBQ1IsRUFBRSxJQUFJLEtBQXFCLE9BQU8sR0FBRyxJQUNyQyxFQUFFLElBQUksSUFBSSxNQUFNLEdBQUcsRUFBRSxHQUFtQixPQUFPLElBQUksTUFBTSxLQUFLLENBQUMsRUFBRTtBQUN2RTtBQUVPLElBQU0sUUFBUSxDQUFDLElBQWtCLFFBQVEsT0FBbUIsUUFBUSxHQUFHLEVBQUUsSUFBSSxLQUFLLEtBQUs7OztBQ3pGdkYsSUFBTSxZQUFZO0FBQUEsRUFDdkI7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjtBQUtPLElBQU0sWUFBcUM7QUFBQSxFQUNoRCxTQUFTO0FBQUEsRUFDVCxPQUFPO0FBQUEsRUFDUCxRQUFRO0FBQUEsRUFDUixTQUFTO0FBQUEsRUFDVCxRQUFRO0FBQUEsRUFDUixXQUFXO0FBQUEsRUFDWCxLQUFLO0FBQUEsRUFDTCxhQUFhO0FBQUEsRUFDYixVQUFVO0FBQ1o7OztBQ3hCQSxJQUFNLFVBQVU7QUFDaEIsSUFBTSxTQUFTLEtBQUs7QUFLcEIsSUFBTSxXQUFXLEtBQUs7OztBQ0V0QixJQUFNLFVBQVU7QUFVVCxTQUFTLFdBQVcsTUFBdUI7QUFDaEQsU0FBTyxPQUFPLE1BQU0sTUFBTSxPQUFPLFFBQVEsS0FBSyxPQUFPLFFBQVE7QUFDL0Q7QUFFTyxTQUFTLFlBQVksTUFBYyxPQUF1QjtBQUMvRCxNQUFJLFVBQVUsRUFBRyxRQUFPLFdBQVcsSUFBSSxJQUFJLEtBQUs7QUFDaEQsU0FBTyxVQUFVLEtBQUssVUFBVSxLQUFLLFVBQVUsS0FBSyxVQUFVLEtBQUssS0FBSztBQUMxRTtBQUdPLFNBQVMsWUFBWUMsT0FBaUM7QUFDM0QsUUFBTSxRQUFRLFFBQVEsS0FBS0EsS0FBSTtBQUMvQixNQUFJLENBQUMsTUFBTyxRQUFPO0FBQ25CLFFBQU0sQ0FBQyxNQUFNLE9BQU8sR0FBRyxJQUFJLENBQUMsT0FBTyxNQUFNLENBQUMsQ0FBQyxHQUFHLE9BQU8sTUFBTSxDQUFDLENBQUMsR0FBRyxPQUFPLE1BQU0sQ0FBQyxDQUFDLENBQUM7QUFDaEYsU0FBTyxRQUFRLEtBQUssU0FBUyxLQUFLLFNBQVMsTUFBTSxPQUFPLEtBQUssT0FBTyxZQUFZLE1BQU0sS0FBSztBQUM3RjtBQUdPLFNBQVMsVUFBVUEsT0FBeUI7QUFDakQsTUFBSSxDQUFDLFlBQVlBLEtBQUksRUFBRyxPQUFNLElBQUksV0FBVyxJQUFJQSxLQUFJLHNDQUFzQztBQUMzRixTQUFPQTtBQUNUOzs7QUNzQk8sSUFBTSxTQUFTLENBQUMsTUFBc0IsRUFBRSxlQUFlLE9BQU87QUFFOUQsSUFBTSxTQUFTLENBQUMsR0FBVyxLQUFhLE9BQU8sR0FBRyxHQUFHLFFBQzFELEdBQUcsT0FBTyxDQUFDLENBQUMsSUFBSSxNQUFNLElBQUksTUFBTSxJQUFJO0FBK0MvQixTQUFTLFdBQVcsVUFBa0IsUUFBb0M7QUFDL0UsUUFBTSxRQUFRLElBQUksS0FBSyxlQUFlLFVBQVUsRUFBRSxPQUFPLFFBQVEsVUFBVSxNQUFNLENBQUM7QUFDbEYsU0FBTyxNQUFNLEtBQUssRUFBRSxRQUFRLEdBQUcsR0FBRyxDQUFDLEdBQUcsTUFBTSxNQUFNLE9BQU8sS0FBSyxJQUFJLE1BQU0sR0FBRyxFQUFFLENBQUMsQ0FBQztBQUNqRjs7O0FDL0ZBLElBQU0sTUFBTSxDQUFDLE1BQWMsT0FBTyxDQUFDLEVBQUUsU0FBUyxHQUFHLEdBQUc7QUFHcEQsSUFBTSxnQkFBcUMsb0JBQUksSUFBSSxDQUFDLEdBQUcsR0FBRyxJQUFJLENBQUM7QUFHL0QsSUFBTSxZQUFZLENBQUMsTUFBTSxNQUFNLE1BQU0sTUFBTSxNQUFNLE1BQU0sSUFBSTtBQUUzRCxJQUFNLFdBQVcsQ0FBQ0MsVUFDaEJBLE1BQ0csVUFBVSxLQUFLLEVBQ2YsUUFBUSxjQUFjLEVBQUUsRUFDeEIsWUFBWTtBQUVqQixJQUFJLFNBQXFDO0FBR3pDLFNBQVMsUUFBUSxNQUFrQztBQUNqRCxNQUFJLENBQUMsUUFBUTtBQUNYLGFBQVMsb0JBQUksSUFBSSxDQUFDLENBQUMsUUFBUSxDQUFDLENBQUMsQ0FBQztBQUM5QixlQUFXLFlBQVk7QUFDckIsaUJBQVcsVUFBVSxDQUFDLFFBQVEsT0FBTztBQUNuQyxtQkFBVyxVQUFVLE1BQU0sRUFBRSxRQUFRLENBQUMsTUFBTSxNQUFNO0FBQ2hELGNBQUksQ0FBQyxPQUFRLElBQUksU0FBUyxJQUFJLENBQUMsRUFBRyxRQUFRLElBQUksU0FBUyxJQUFJLEdBQUcsSUFBSSxDQUFDO0FBQUEsUUFDckUsQ0FBQztBQUFBLEVBQ1A7QUFDQSxTQUFPLE9BQU8sSUFBSSxTQUFTLElBQUksQ0FBQztBQUNsQztBQUdBLFNBQVMsTUFBTSxNQUFxQixPQUFlLEtBQTRCO0FBQzdFLFFBQU0sUUFBUSxTQUFTLFFBQVEsY0FBYyxJQUFJLElBQUksSUFBSSxPQUFPO0FBQ2hFLFFBQU1DLFFBQU8sU0FBUyxLQUFLLFNBQVMsS0FBSyxZQUFZLFNBQVMsS0FBTSxLQUFLLElBQUk7QUFDN0UsTUFBSSxNQUFNLEtBQUssTUFBTUEsTUFBTSxRQUFPO0FBQ2xDLFFBQU0sV0FBVyxHQUFHLElBQUksS0FBSyxDQUFDLElBQUksSUFBSSxHQUFHLENBQUM7QUFDMUMsU0FBTyxVQUFVLE9BQU8sV0FBVyxHQUFHLE9BQU8sS0FBSyxFQUFFLFNBQVMsR0FBRyxHQUFHLENBQUMsSUFBSSxRQUFRO0FBQ2xGO0FBR0EsSUFBTSxjQUFjO0FBRXBCLFNBQVMsT0FBT0QsT0FBMEIsU0FBZ0Q7QUFDeEYsTUFBSSxDQUFDQSxNQUFNLFFBQU87QUFDbEIsTUFBSUEsTUFBSyxXQUFXLEVBQUcsUUFBTyxPQUFPQSxLQUFJO0FBQ3pDLE1BQUksQ0FBQyxRQUFRLE1BQU8sUUFBTztBQUMzQixRQUFNLE1BQU0sT0FBTyxRQUFRLE1BQU0sTUFBTSxHQUFHLENBQUMsQ0FBQztBQUM1QyxRQUFNQyxRQUFPLFFBQVEsT0FBTyxNQUFNLE1BQU07QUFDeEMsUUFBTSxPQUFPLEtBQUssTUFBTUEsUUFBTyxHQUFHLElBQUksTUFBTSxPQUFPRCxLQUFJO0FBQ3ZELFNBQU8sT0FBT0MsUUFBTyxPQUFPLE1BQU07QUFDcEM7QUFHQSxJQUFNLGNBQWM7QUFDcEIsSUFBTSxZQUFZO0FBTVgsU0FBUyxVQUFVLFFBQStCO0FBQ3ZELE1BQUksQ0FBQyxPQUFPLFNBQVMsTUFBTSxLQUFLLFNBQVMsRUFBRyxRQUFPO0FBQ25ELFFBQU0sTUFBTSxLQUFLLE1BQU0sTUFBTTtBQUM3QixNQUFJLFFBQVEsR0FBSSxRQUFPO0FBQ3ZCLFFBQU0sT0FBTyxJQUFJLEtBQUssS0FBSyxJQUFJLE1BQU0sSUFBSSxNQUFNLEtBQUssS0FBSyxFQUFFLElBQUksTUFBTSxLQUFVO0FBQy9FLFNBQU8sTUFBTSxLQUFLLGVBQWUsR0FBRyxLQUFLLFlBQVksSUFBSSxHQUFHLEtBQUssV0FBVyxDQUFDO0FBQy9FO0FBR0EsSUFBTSxPQUNKO0FBQ0YsSUFBTSxVQUFVO0FBVVQsU0FBUyxTQUFTRCxPQUFjLFVBQXVCLENBQUMsR0FBa0I7QUFDL0UsUUFBTSxJQUFJQSxNQUNQLEtBQUssRUFDTCxRQUFRLE1BQU0sRUFBRSxFQUNoQixRQUFRLFNBQVMsRUFBRSxFQUNuQixRQUFRLHdDQUF3QyxJQUFJLEVBQ3BELFFBQVEseUJBQXlCLEdBQUc7QUFDdkMsTUFBSSxRQUFRLFVBQVUsb0JBQW9CLEtBQUssQ0FBQyxHQUFHO0FBQ2pELFVBQU0sSUFBSSxPQUFPLENBQUM7QUFDbEIsV0FBTyxLQUFLLGVBQWUsS0FBSyxZQUFZLFVBQVUsQ0FBQyxJQUFJO0FBQUEsRUFDN0Q7QUFDQSxTQUFPLFlBQVksR0FBRyxPQUFPLEtBQUssVUFBVSxHQUFHLE9BQU87QUFDeEQ7QUFFQSxTQUFTLFlBQVksR0FBVyxTQUFxQztBQUNuRSxNQUFJLElBQUksd0NBQXdDLEtBQUssQ0FBQyxLQUFLLDBCQUEwQixLQUFLLENBQUM7QUFDM0YsTUFBSSxFQUFHLFFBQU8sTUFBTSxPQUFPLEVBQUUsQ0FBQyxDQUFDLEdBQUcsT0FBTyxFQUFFLENBQUMsQ0FBQyxHQUFHLE9BQU8sRUFBRSxDQUFDLENBQUMsQ0FBQztBQUM1RCxNQUFJLHVCQUF1QixLQUFLLENBQUM7QUFDakMsTUFBSSxFQUFHLFFBQU8sTUFBTSxNQUFNLE9BQU8sRUFBRSxDQUFDLENBQUMsR0FBRyxPQUFPLEVBQUUsQ0FBQyxDQUFDLENBQUM7QUFDcEQsTUFBSSxrRUFBa0UsS0FBSyxDQUFDO0FBQzVFLE1BQUksQ0FBQyxFQUFHLFFBQU87QUFDZixRQUFNLENBQUMsR0FBRyxHQUFHLElBQUksSUFBSSxDQUFDLE9BQU8sRUFBRSxDQUFDLENBQUMsR0FBRyxPQUFPLEVBQUUsQ0FBQyxDQUFDLEdBQUcsT0FBTyxFQUFFLENBQUMsR0FBRyxPQUFPLENBQUM7QUFDdkUsTUFBSSxTQUFTLFNBQVUsUUFBTztBQUM5QixRQUFNLFdBQVcsSUFBSSxNQUFPLFFBQVEsVUFBVSxTQUFTLEtBQUs7QUFDNUQsU0FBTyxXQUFXLE1BQU0sTUFBTSxHQUFHLENBQUMsSUFBSSxNQUFNLE1BQU0sR0FBRyxDQUFDO0FBQ3hEO0FBRUEsU0FBUyxVQUFVLEdBQVcsU0FBcUM7QUFDakUsUUFBTSxXQUFXLDRFQUE0RTtBQUFBLElBQzNGO0FBQUEsRUFDRjtBQUNBLFFBQU0sQ0FBQyxFQUFFLFlBQVksS0FBSyxJQUFJLElBQzVCLDJFQUEyRSxLQUFLLENBQUMsS0FBSyxDQUFDO0FBQ3pGLFFBQU0sWUFBWSx5REFBeUQsS0FBSyxDQUFDO0FBQ2pGLE1BQUksU0FBVSxRQUFPLE1BQU0sU0FBUyxDQUFDLEdBQUksU0FBUyxDQUFDLEdBQUksU0FBUyxDQUFDLEdBQUcsT0FBTztBQUMzRSxNQUFJLFVBQVcsUUFBTyxNQUFNLFVBQVUsQ0FBQyxHQUFJLFVBQVUsQ0FBQyxHQUFJLFVBQVUsQ0FBQyxHQUFHLE9BQU87QUFDL0UsU0FBTyxhQUFhLE1BQU0sWUFBWSxLQUFNLE1BQU0sT0FBTyxJQUFJO0FBQy9EO0FBRUEsU0FBUyxNQUFNLE1BQWMsS0FBYSxVQUE4QixTQUFzQjtBQUM1RixRQUFNLFFBQVEsUUFBUSxJQUFJO0FBQzFCLFFBQU0sT0FBTyxPQUFPLFVBQVUsT0FBTztBQUNyQyxTQUFPLFNBQVMsU0FBUyxXQUFXLE1BQU0sTUFBTSxPQUFPLE9BQU8sR0FBRyxDQUFDLElBQUk7QUFDeEU7QUFHTyxTQUFTLGFBQWFBLE9BQWMsVUFBdUIsQ0FBQyxHQUFxQjtBQUN0RixRQUFNLE9BQU8sU0FBU0EsT0FBTSxPQUFPO0FBQ25DLFNBQU8sUUFBUSxZQUFZLElBQUksSUFBSSxPQUFPO0FBQzVDOzs7QUMzSEEsSUFBTSxTQUFTLEtBQUssSUFBSSxDQUFDO0FBR3pCLElBQU0sT0FBTyxJQUFJO0FBQUEsRUFDZixxYkFBcWI7QUFBQSxJQUNuYjtBQUFBLEVBQ0Y7QUFDRjs7O0FDL0JBLElBQU0sUUFBUTtBQUVkLElBQU0sVUFBVTtBQUNoQixJQUFNLFNBQVMsSUFBSSxPQUFPLFdBQVcsUUFBUSxNQUFNLGFBQWEsUUFBUSxNQUFNLE9BQU8sR0FBRztBQUN4RixJQUFNLFNBQVM7QUFFZixJQUFNLFFBQVE7QUFNUCxTQUFTLFNBQVNFLE9BQXNCO0FBQzdDLE1BQUksTUFBTSxLQUFLQSxLQUFJLEVBQUcsUUFBT0EsTUFBSyxLQUFLO0FBQ3ZDLFFBQU0sUUFBUSxNQUFNLEtBQUtBLEtBQUksSUFBSUEsTUFBSyxRQUFRLFNBQVMsRUFBRSxFQUFFLFFBQVEsUUFBUSxHQUFHLElBQUlBO0FBQ2xGLFNBQU8sTUFBTSxRQUFRLFFBQVEsRUFBRTtBQUNqQzs7O0FDRk8sU0FBUyxVQUFVQyxPQUFjLEtBQUssU0FBbUI7QUFDOUQsTUFBSUEsVUFBUyxHQUFJLFFBQU8sQ0FBQztBQUN6QixRQUFNLFFBQVEsQ0FBQyxFQUFFO0FBQ2pCLFdBQVMsSUFBSSxHQUFHLElBQUlBLE1BQUssUUFBUSxLQUFLO0FBQ3BDLFVBQU0sT0FBT0EsTUFBSyxDQUFDO0FBQ25CLFFBQUksU0FBUyxRQUFRLElBQUksSUFBSUEsTUFBSyxVQUFVLFFBQVEsU0FBU0EsTUFBSyxJQUFJLENBQUMsQ0FBRTtBQUN2RSxZQUFNLE1BQU0sU0FBUyxDQUFDLEtBQUtBLE1BQUssRUFBRSxDQUFDO0FBQUEsYUFDNUIsR0FBRyxTQUFTLElBQUksRUFBRyxPQUFNLEtBQUssRUFBRTtBQUFBLFFBQ3BDLE9BQU0sTUFBTSxTQUFTLENBQUMsS0FBSztBQUFBLEVBQ2xDO0FBQ0EsU0FBTyxNQUFNLElBQUksQ0FBQyxTQUFTLEtBQUssS0FBSyxDQUFDLEVBQUUsT0FBTyxPQUFPO0FBQ3hEO0FBTU8sU0FBUyxVQUFVQyxPQUFxQjtBQUU3QyxRQUFNLFFBQVEsZ0RBQWdELEtBQUtBLE1BQUssS0FBSyxDQUFDO0FBQzlFLFNBQU8sUUFDSCxFQUFFLE9BQU8sTUFBTSxDQUFDLEdBQUksT0FBTyxNQUFNLENBQUMsRUFBRyxRQUFRLGlCQUFpQixJQUFJLEVBQUUsSUFDcEUsRUFBRSxPQUFPQSxNQUFLLEtBQUssR0FBRyxPQUFPLEdBQUc7QUFDdEM7QUFFQSxJQUFNLGdCQUFnQjtBQUFBLEVBQ3BCO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0Y7QUFhTyxTQUFTLGNBQWNDLE9BQXlCO0FBQ3JELFNBQU8sU0FBU0EsT0FBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLFVBQVU7QUFDeEMsVUFBTSxRQUFRLFNBQVMsT0FBTyxHQUFHLEVBQUUsSUFBSSxDQUFDLFNBQVMsS0FBSyxRQUFRLGdCQUFnQixJQUFJLEVBQUUsS0FBSyxDQUFDO0FBRTFGLFVBQU0sS0FBSyxNQUFNLFdBQVcsSUFBSSxDQUFDLElBQUksTUFBTSxDQUFDLENBQUUsSUFBSTtBQUNsRCxVQUFNLENBQUMsS0FBSyxHQUFHLElBQUksQ0FBQyxHQUFHLENBQUMsR0FBRyxHQUFHLENBQUMsQ0FBQyxFQUFFLElBQUksQ0FBQyxTQUFVLE9BQU8sT0FBTyxJQUFJLElBQUksSUFBSztBQUM1RSxXQUFPO0FBQUEsTUFDTCxHQUFJLE9BQU8sWUFBWSxjQUFjLElBQUksQ0FBQyxNQUFNLE1BQU0sQ0FBQyxNQUFNLEdBQUcsQ0FBQyxLQUFLLEVBQUUsQ0FBQyxDQUFDO0FBQUEsTUFJMUUsS0FBSyxPQUFPLFNBQVMsR0FBRyxJQUFJLE1BQU87QUFBQSxNQUNuQyxLQUFLLE9BQU8sU0FBUyxHQUFHLElBQUksTUFBTztBQUFBLElBQ3JDO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFHQSxTQUFTLFNBQVNBLE9BQWMsTUFBd0I7QUFDdEQsUUFBTSxRQUFRLENBQUMsRUFBRTtBQUNqQixXQUFTLElBQUksR0FBRyxJQUFJQSxNQUFLLFFBQVEsS0FBSztBQUNwQyxRQUFJQSxNQUFLLENBQUMsTUFBTSxLQUFNLE9BQU0sTUFBTSxTQUFTLENBQUMsS0FBS0EsTUFBSyxDQUFDLEtBQU1BLE1BQUssRUFBRSxDQUFDLEtBQUs7QUFBQSxhQUNqRUEsTUFBSyxDQUFDLE1BQU0sS0FBTSxPQUFNLEtBQUssRUFBRTtBQUFBLFFBQ25DLE9BQU0sTUFBTSxTQUFTLENBQUMsS0FBS0EsTUFBSyxDQUFDO0FBQUEsRUFDeEM7QUFDQSxTQUFPLE1BQU0sS0FBSyxDQUFDLFNBQVMsS0FBSyxLQUFLLENBQUMsSUFBSSxRQUFRLENBQUM7QUFDdEQ7QUFNTyxTQUFTLFVBQVVDLE9BQXdEO0FBQ2hGLFFBQU0sUUFBcUIsQ0FBQztBQUM1QixRQUFNLFNBQW1CLENBQUM7QUFDMUIsYUFBVyxRQUFRLFVBQVVBLE9BQU0sS0FBSyxHQUFHO0FBQ3pDLFVBQU0sUUFBUSxvQkFBb0IsS0FBSyxJQUFJO0FBQzNDLFVBQU0sS0FBSyxTQUFTLFNBQVMsTUFBTSxDQUFDLENBQUU7QUFDdEMsUUFBSSxTQUFTLEdBQUksT0FBTSxLQUFLLEVBQUUsTUFBTSxNQUFNLENBQUMsR0FBSSxHQUFHLENBQUM7QUFBQSxRQUM5QyxRQUFPLEtBQUssSUFBSTtBQUFBLEVBQ3ZCO0FBQ0EsU0FBTyxFQUFFLE9BQU8sT0FBTztBQUN6QjtBQVdPLFNBQVMsWUFBWUMsT0FBdUQ7QUFDakYsUUFBTSxVQUFvQixDQUFDO0FBQzNCLFFBQU0sU0FBbUIsQ0FBQztBQUMxQixhQUFXLFFBQVEsVUFBVUEsT0FBTSxLQUFLLEdBQUc7QUFDekMsVUFBTSxRQUFRLGlEQUFpRCxLQUFLLElBQUk7QUFDeEUsVUFBTSxVQUFVLFFBQVEsQ0FBQztBQUN6QixRQUFJLFNBQVMsU0FBUyxTQUFTLE9BQVEsS0FBSyxTQUFTLE1BQU0sQ0FBQyxDQUFFO0FBQzVELGNBQVEsT0FBUSxJQUFJO0FBQUEsUUFDbEIsUUFBUSxNQUFNLENBQUM7QUFBQSxRQUNmLElBQUksTUFBTSxDQUFDO0FBQUEsUUFDWCxVQUFVLE1BQU0sQ0FBQyxLQUFLO0FBQUEsTUFDeEI7QUFBQSxRQUNHLFFBQU8sS0FBSyxJQUFJO0FBQUEsRUFDdkI7QUFDQSxTQUFPLEVBQUUsU0FBUyxPQUFPO0FBQzNCO0FBT0EsSUFBTSxRQUFRO0FBU1AsU0FBUyxVQUFVQyxPQUFxRDtBQUM3RSxRQUFNLFFBQStDLENBQUM7QUFDdEQsYUFBVyxRQUFRQSxNQUFLLE1BQU0sT0FBTyxHQUFHO0FBQ3RDLFVBQU1DLFNBQVEsTUFBTSxLQUFLLElBQUk7QUFDN0IsUUFBSUEsVUFBUyxTQUFTQSxPQUFNLENBQUMsQ0FBRTtBQUM3QixZQUFNLEtBQUssRUFBRSxJQUFJQSxPQUFNLENBQUMsR0FBSSxNQUFNLEtBQUssTUFBTUEsT0FBTSxDQUFDLEVBQUUsTUFBTSxFQUFFLENBQUM7QUFBQSxhQUN4RCxNQUFNLFNBQVMsRUFBRyxPQUFNLE1BQU0sU0FBUyxDQUFDLEVBQUcsUUFBUTtBQUFBLEVBQUssSUFBSTtBQUFBLFFBQ2hFLE9BQU0sS0FBSyxFQUFFLElBQUksTUFBTSxNQUFNLEtBQUssQ0FBQztBQUFBLEVBQzFDO0FBQ0EsU0FBTyxNQUNKLElBQUksQ0FBQyxFQUFFLElBQUksS0FBSyxPQUFPO0FBQUEsSUFDdEI7QUFBQSxJQUNBLE1BQU0sS0FBSyxRQUFRLG9DQUFvQyxFQUFFLEVBQUUsS0FBSztBQUFBLEVBQ2xFLEVBQUUsRUFDRCxPQUFPLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxFQUFFO0FBQ3JDOzs7QUNoS0EsT0FBTyxVQUFVOzs7QUNHakIsSUFBTSxNQUFNLG9CQUFJLElBQUksQ0FBQyxPQUFPLEtBQUssUUFBUSxLQUFLLEtBQUssSUFBSSxDQUFDO0FBQ3hELElBQU0sS0FBSyxvQkFBSSxJQUFJLENBQUMsTUFBTSxLQUFLLFNBQVMsS0FBSyxLQUFLLENBQUM7QUFNNUMsU0FBUyxXQUFXQyxPQUE2QjtBQUN0RCxRQUFNLE9BQU9BLE1BQUssUUFBUSxZQUFZLEVBQUU7QUFDeEMsUUFBTSxRQUFRLGtCQUFrQixLQUFLLElBQUksSUFDckMsS0FBSyxRQUFRLEtBQUssR0FBRyxJQUNyQixLQUFLLFFBQVEsZUFBZSxFQUFFO0FBQ2xDLFNBQU8sa0JBQWtCLEtBQUssS0FBSyxJQUFJLE9BQU8sS0FBSyxJQUFJO0FBQ3pEO0FBR08sSUFBTSxZQUE4QztBQUFBLEVBQ3pELE1BQU07QUFBQSxFQUNOLFFBQVE7QUFBQSxFQUNSLE9BQU87QUFBQSxFQUNQLE1BQU07QUFBQSxFQUNOLFFBQVE7QUFBQSxFQUNSLE1BQU07QUFDUjtBQU1PLFNBQVMsYUFDZCxPQUNBLEtBQ2lCO0FBQ2pCLFFBQU1BLFFBQU8sT0FBTyxHQUFHLEVBQUUsS0FBSztBQUM5QixVQUFRLE1BQU0sTUFBTTtBQUFBLElBQ2xCLEtBQUs7QUFDSCxhQUFPQTtBQUFBLElBQ1QsS0FBSztBQUNILGFBQU8sV0FBV0EsS0FBSTtBQUFBLElBQ3hCLEtBQUssU0FBUztBQUNaLFVBQUksT0FBTyxRQUFRLFNBQVUsUUFBTyxPQUFPLFVBQVUsR0FBRyxJQUFJLE1BQU07QUFDbEUsWUFBTSxTQUFTLFdBQVdBLEtBQUk7QUFDOUIsYUFBTyxXQUFXLE9BQU8sT0FBTyxLQUFLLE1BQU0sU0FBUyxHQUFHO0FBQUEsSUFDekQ7QUFBQSxJQUNBLEtBQUs7QUFDSCxhQUFPLGFBQWFBLEtBQUk7QUFBQSxJQUMxQixLQUFLO0FBQ0gsYUFBTyxNQUFNLFFBQVEsS0FBSyxDQUFDLFdBQVcsS0FBSyxNQUFNLE1BQU0sS0FBS0EsS0FBSSxDQUFDLEtBQUs7QUFBQSxJQUN4RSxLQUFLO0FBQ0gsVUFBSSxPQUFPLFFBQVEsVUFBVyxRQUFPO0FBQ3JDLGFBQU8sSUFBSSxJQUFJLEtBQUtBLEtBQUksQ0FBQyxJQUFJLE9BQU8sR0FBRyxJQUFJLEtBQUtBLEtBQUksQ0FBQyxJQUFJLFFBQVE7QUFBQSxFQUNyRTtBQUNGOzs7QUN0RE8sSUFBTSxjQUFjO0FBQUEsRUFDekI7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUNGO0FBSU8sSUFBTSxXQUFXLENBQUMsV0FBVyxhQUFhLFFBQVEsUUFBUSxhQUFhLFNBQVM7QUFHaEYsSUFBTSxhQUE4RTtBQUFBLEVBQ3pGLE1BQU0sRUFBRSxNQUFNLFFBQVEsTUFBTSxRQUFRLE1BQU0sUUFBUTtBQUFBLEVBQ2xELE1BQU0sRUFBRSxNQUFNLFFBQVEsTUFBTSxRQUFRLE1BQU0sUUFBUTtBQUFBLEVBQ2xELE9BQU8sRUFBRSxNQUFNLFVBQVUsTUFBTSxVQUFVLE1BQU0sVUFBVTtBQUFBLEVBQ3pELE1BQU0sRUFBRSxNQUFNLFFBQVEsTUFBTSxTQUFTLE1BQU0saUJBQWlCO0FBQUEsRUFDNUQsUUFBUSxFQUFFLE1BQU0sVUFBVSxNQUFNLFNBQVMsTUFBTSxtQkFBbUI7QUFBQSxFQUNsRSxRQUFRLEVBQUUsTUFBTSxlQUFlLE1BQU0sYUFBYSxNQUFNLGdCQUFnQjtBQUFBLEVBQ3hFLE9BQU8sRUFBRSxNQUFNLFNBQVMsTUFBTSxXQUFXLE1BQU0sU0FBUztBQUFBLEVBQ3hELE1BQU0sRUFBRSxNQUFNLFFBQVEsTUFBTSxRQUFRLE1BQU0sUUFBUTtBQUFBLEVBQ2xELE9BQU8sRUFBRSxNQUFNLFFBQVEsTUFBTSxNQUFNLE1BQU0sUUFBUTtBQUNuRDtBQXFCTyxJQUFNLGdCQUF5QztBQUFBLEVBQ3BELFNBQVM7QUFBQSxFQUNULFdBQVc7QUFBQSxFQUNYLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLFdBQVc7QUFBQSxFQUNYLFNBQVM7QUFDWDs7O0FDeENBLElBQU0sWUFBWSxDQUFDLFNBQWlCLFlBQVksS0FBSyxDQUFDLFNBQVMsV0FBVyxJQUFJLEVBQUUsU0FBUyxJQUFJO0FBQzdGLElBQU0sZUFBZSxDQUFDQyxXQUNwQixTQUFTLEtBQUssQ0FBQyxZQUFZLEtBQUssY0FBYyxPQUFPLENBQUMsTUFBTUEsTUFBSztBQUc1RCxTQUFTLFlBQ2RDLE9BQ0FDLFVBQ0EsT0FDNEM7QUFDNUMsUUFBTSxVQUF1QixDQUFDO0FBQzlCLFFBQU0sU0FBbUIsQ0FBQztBQUMxQixhQUFXLFFBQVFELE1BQUssTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLFVBQVUsTUFBTSxLQUFLLENBQUMsR0FBRztBQUMvRCxRQUFJLFNBQVMsR0FBSTtBQUNqQixVQUFNLE9BQU8saUNBQWlDLEtBQUssSUFBSTtBQUN2RCxVQUFNLE9BQU8sT0FBTyxVQUFVLEtBQUssQ0FBQyxDQUFFLElBQUk7QUFDMUMsVUFBTSxVQUFVLE9BQU8sYUFBYSxLQUFLLEtBQUssQ0FBQyxDQUFFLENBQUMsSUFBSTtBQUN0RCxVQUFNLEtBQUssUUFBUSxRQUFRLFVBQVUsS0FBSyxDQUFDLElBQUtDLFNBQVEsSUFBSTtBQUM1RCxRQUFJLE1BQU0sWUFBWSxFQUFFLEtBQUssTUFBTTtBQUNqQyxjQUFRLEtBQUssRUFBRSxJQUFJLE1BQU0sUUFBUSxTQUFTLFNBQVMsV0FBVyxVQUFVLENBQUM7QUFBQSxRQUN0RSxRQUFPLEtBQUssSUFBSTtBQUFBLEVBQ3ZCO0FBQ0EsU0FBTyxFQUFFLFNBQVMsT0FBTztBQUMzQjtBQWFPLFNBQVMsWUFBWUMsT0FBcUQ7QUFDL0UsUUFBTSxPQUFrQixDQUFDO0FBQ3pCLFFBQU0sU0FBbUIsQ0FBQztBQUMxQixhQUFXLFFBQVEsZUFBZUEsT0FBTSxHQUFHLEdBQUc7QUFDNUMsVUFBTSxDQUFDLE9BQU8sSUFBSSxRQUFRLElBQUksS0FBSyxJQUFJLFFBQVEsSUFBSSxNQUFNLEVBQUUsSUFBSSxlQUFlLE1BQU0sR0FBRyxFQUFFO0FBQUEsTUFDdkYsQ0FBQyxVQUFVLFVBQVUsT0FBTyxFQUFFLEVBQUUsS0FBSyxFQUFFO0FBQUEsSUFDekM7QUFDQSxVQUFNLFVBQVUsQ0FBQyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUMsV0FBWSxXQUFXLEtBQUssT0FBTyxPQUFPLE1BQU0sQ0FBRTtBQUNwRixVQUFNLE9BQ0osU0FBUyxPQUNSLE9BQU8sTUFBTSxZQUFZLEVBQUUsTUFDNUIsUUFBUSxNQUFNLENBQUMsTUFBTSxNQUFNLFFBQVEsT0FBTyxjQUFjLENBQUMsQ0FBQztBQUM1RCxRQUFJO0FBQ0YsV0FBSyxLQUFLO0FBQUEsUUFDUjtBQUFBLFFBQ0E7QUFBQSxRQUNBLElBQUksT0FBTyxLQUFLLE9BQVE7QUFBQSxRQUN4QixZQUFZLFFBQVEsQ0FBQztBQUFBLFFBQ3JCLFVBQVUsUUFBUSxDQUFDO0FBQUEsTUFDckIsQ0FBQztBQUFBLFFBQ0UsUUFBTyxLQUFLLElBQUk7QUFBQSxFQUN2QjtBQUNBLFNBQU8sRUFBRSxNQUFNLE9BQU87QUFDeEI7QUFHQSxJQUFNLGlCQUFpQixDQUFDQSxPQUFjLFNBQ3BDQSxNQUNHLE1BQU0sSUFBSSxPQUFPLG9DQUFvQyxJQUFJLEVBQUUsQ0FBQyxFQUM1RCxJQUFJLENBQUMsU0FBUyxLQUFLLEtBQUssQ0FBQyxFQUN6QixPQUFPLENBQUMsTUFBTSxHQUFHLFFBQVEsU0FBUyxNQUFNLElBQUksU0FBUyxDQUFDO0FBVTNELElBQU0sTUFBTTtBQUVMLFNBQVMsWUFBWUMsT0FBcUQ7QUFDL0UsUUFBTUMsUUFBa0IsQ0FBQztBQUN6QixRQUFNLFNBQW1CLENBQUM7QUFDMUIsYUFBVyxRQUFRLFVBQVVELE9BQU0sR0FBRyxHQUFHO0FBQ3ZDLFVBQU0sQ0FBQyxFQUFFLFFBQVEsSUFBSSxPQUFPLElBQUksVUFBVUUsU0FBUSxFQUFFLElBQUksSUFBSSxLQUFLLElBQUksS0FBSyxDQUFDO0FBQzNFLFVBQU0sT0FBUSxPQUFPLEtBQUssU0FBUyxFQUFnQjtBQUFBLE1BQ2pELENBQUMsU0FBUyxLQUFLLFVBQVUsSUFBSSxDQUFDLE1BQU0sS0FBSyxLQUFLO0FBQUEsSUFDaEQ7QUFDQSxVQUFNLE9BQU8sVUFBVSxTQUFTLElBQWU7QUFFL0MsUUFBSSxTQUFTLFlBQVksU0FBUyxXQUFZO0FBQzlDLFFBQUk7QUFDRixNQUFBRCxNQUFLLEtBQUs7QUFBQSxRQUNSO0FBQUEsUUFDQTtBQUFBLFFBQ0EsT0FBQUM7QUFBQSxRQUNBLE9BQU87QUFBQSxRQUNQLEdBQUksWUFBWSxTQUFTLFFBQVEsSUFBSSxFQUFFLFNBQVMsSUFBSSxDQUFDO0FBQUEsTUFDdkQsQ0FBQztBQUFBLFFBQ0UsUUFBTyxLQUFLLElBQUk7QUFBQSxFQUN2QjtBQUNBLFNBQU8sRUFBRSxNQUFBRCxPQUFNLE9BQU87QUFDeEI7OztBQ3JEQSxJQUFNLFdBQW9DO0FBQUEsRUFDeEMsTUFBTTtBQUFBLEVBQ04sUUFDRTtBQUFBLEVBQ0YsV0FDRTtBQUFBLEVBQ0YsWUFDRTtBQUFBLEVBQ0YsWUFDRTtBQUFBLEVBQ0YsUUFBUTtBQUFBLEVBQ1IsUUFDRTtBQUFBLEVBQ0YsU0FDRTtBQUFBLEVBQ0YsVUFDRTtBQUFBLEVBQ0YsZUFBZTtBQUFBLEVBQ2YsT0FDRTtBQUFBLEVBQ0YsT0FDRTtBQUFBLEVBQ0YsYUFDRTtBQUFBLEVBQ0YsY0FDRTtBQUFBLEVBQ0YsTUFBTTtBQUFBLEVBQ04sUUFDRTtBQUFBLEVBQ0YsWUFDRTtBQUFBLEVBQ0YsU0FBUztBQUFBLEVBQ1QsT0FDRTtBQUFBLEVBQ0YsS0FBSztBQUFBLEVBQ0wsS0FBSztBQUFBLEVBQ0wsTUFBTTtBQUFBLEVBQ04sVUFDRTtBQUFBLEVBQ0YsU0FDRTtBQUFBLEVBQ0YsVUFDRTtBQUFBLEVBQ0YsV0FDRTtBQUFBLEVBQ0YsT0FDRTtBQUFBLEVBQ0YsVUFDRTtBQUFBLEVBQ0YsUUFDRTtBQUFBLEVBQ0YsUUFBUTtBQUFBLEVBQ1IsU0FBUztBQUFBLEVBQ1QsTUFBTTtBQUFBLEVBQ04sV0FDRTtBQUFBLEVBQ0YsVUFBVTtBQUFBLEVBQ1YsV0FBVztBQUFBLEVBQ1gsT0FDRTtBQUFBLEVBQ0YsV0FDRTtBQUFBLEVBQ0YsWUFDRTtBQUFBLEVBQ0YsVUFDRTtBQUFBLEVBQ0YsTUFBTTtBQUNSO0FBRUEsSUFBTSxVQUNKO0FBQ0YsSUFBTSxRQUFRO0FBQ2QsSUFBTSxTQUNKO0FBRUYsSUFBTSxRQUFnQztBQUFBLEVBQ3BDLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLFFBQ0U7QUFBQSxFQUNGLEtBQUs7QUFBQSxFQUNMLFNBQ0U7QUFBQSxFQUNGLFVBQVU7QUFBQSxFQUNWLE9BQ0U7QUFDSjtBQUNBLElBQU0sV0FBbUM7QUFBQSxFQUN2QyxTQUFTO0FBQUEsRUFDVCxNQUFNO0FBQUEsRUFDTixXQUFXO0FBQUEsRUFDWCxNQUFNO0FBQUEsRUFDTixTQUFTO0FBQUEsRUFDVCxXQUFXO0FBQUEsRUFDWCxZQUFZO0FBQUEsRUFDWixPQUFPO0FBQUEsRUFDUCxXQUFXO0FBQUEsRUFDWCxRQUFRO0FBQUEsRUFDUixZQUFZO0FBQUEsRUFDWixPQUFPO0FBQUEsRUFDUCxLQUFLO0FBQUEsRUFDTCxLQUFLO0FBQUEsRUFDTCxPQUFPO0FBQ1Q7QUFFQSxJQUFNLFVBQVUsSUFBSTtBQUFBLEVBQ2xCLDZTQUE2UztBQUFBLElBQzNTO0FBQUEsRUFDRjtBQUNGO0FBQ0EsSUFBTSxTQUFTLElBQUksSUFBSSwyQkFBMkIsTUFBTSxHQUFHLENBQUM7QUFFNUQsSUFBTSxTQUFTO0FBR1IsU0FBUyxhQUFhLFNBQTJCO0FBQ3RELFFBQU1FLE9BQU0sUUFDVCxRQUFRLHNCQUFzQixPQUFPLEVBQ3JDLFFBQVEsNEJBQTRCLE9BQU8sRUFDM0MsUUFBUSxpQkFBaUIsT0FBTyxFQUNoQyxRQUFRLGlCQUFpQixPQUFPO0FBQ25DLFNBQU8sS0FBS0EsSUFBRyxFQUNaLFFBQVEsb0JBQW9CLEdBQUcsRUFDL0IsS0FBSyxFQUNMLE1BQU0sR0FBRyxFQUNULE9BQU8sT0FBTztBQUNuQjtBQUdBLElBQU0sWUFBWSxDQUFDQyxXQUNqQkEsT0FBTSxJQUFJLENBQUMsU0FBUyxLQUFLLFFBQVEsUUFBUSxJQUFJLENBQUMsRUFBRSxLQUFLLEdBQUc7QUFFMUQsSUFBTSxhQUFhLG9CQUFJLElBQXFCO0FBQzVDLFdBQVcsQ0FBQ0MsVUFBUyxPQUFPLEtBQUssT0FBTyxRQUFRLFFBQVE7QUFDdEQsYUFBVyxVQUFVLFFBQVEsTUFBTSxHQUFHLEdBQUc7QUFDdkMsVUFBTSxPQUFPLFVBQVUsT0FBTyxNQUFNLEdBQUcsQ0FBQztBQUN4QyxRQUFJLENBQUMsV0FBVyxJQUFJLElBQUksRUFBRyxZQUFXLElBQUksTUFBTUEsUUFBa0I7QUFBQSxFQUNwRTtBQUVGLElBQU0sWUFBWSxDQUFDLFlBQ2pCLElBQUksSUFBSSxRQUFRLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxNQUFNLFVBQVUsRUFBRSxNQUFNLEdBQUcsQ0FBQyxDQUFDLENBQUM7QUFDaEUsSUFBTSxRQUF3RDtBQUFBLEVBQzVELENBQUMsV0FBVyxVQUFVLE9BQU8sQ0FBQztBQUFBLEVBQzlCLENBQUMsU0FBUyxVQUFVLEtBQUssQ0FBQztBQUFBLEVBQzFCLENBQUMsU0FBUyxVQUFVLE1BQU0sQ0FBQztBQUM3QjtBQUNBLElBQU0sV0FBVyxJQUFJO0FBQUEsRUFDbkIsT0FBTyxRQUFRLEtBQUssRUFBRTtBQUFBLElBQVEsQ0FBQyxDQUFDLE9BQU8sT0FBTyxNQUM1QyxDQUFDLEdBQUcsVUFBVSxPQUFPLENBQUMsRUFBRSxJQUFJLENBQUMsV0FBVyxDQUFDLFFBQVEsS0FBSyxDQUFVO0FBQUEsRUFDbEU7QUFDRjtBQUVBLElBQU0sVUFBdUI7QUFBQSxFQUMzQixTQUFTO0FBQUEsRUFDVCxPQUFPO0FBQUEsRUFDUCxPQUFPO0FBQUEsRUFDUCxRQUFRO0FBQUEsRUFDUixTQUFTO0FBQ1g7QUFHQSxTQUFTLFVBQVVELFFBQTBDO0FBQzNELFFBQU0sUUFBUSxXQUFXLElBQUksVUFBVUEsTUFBSyxDQUFDO0FBQzdDLE1BQUksU0FBU0EsT0FBTSxXQUFXLEVBQUcsUUFBTyxTQUFTO0FBQ2pELFFBQU0sT0FBT0EsT0FBTSxPQUFPLENBQUMsU0FBUyxDQUFDLFFBQVEsSUFBSSxJQUFJLENBQUM7QUFDdEQsU0FBTyxXQUFXLElBQUksVUFBVSxJQUFJLENBQUMsS0FBSztBQUM1QztBQUdBLFNBQVMsS0FDUEEsUUFDQSxJQUNxQztBQUNyQyxhQUFXLFVBQVUsQ0FBQyxHQUFHLENBQUM7QUFDeEIsYUFBUyxJQUFJLEdBQUcsSUFBSSxVQUFVQSxPQUFNLFFBQVEsS0FBSztBQUMvQyxZQUFNLFFBQVEsR0FBRyxVQUFVQSxPQUFNLE1BQU0sR0FBRyxJQUFJLE1BQU0sQ0FBQyxDQUFDO0FBQ3RELFVBQUksVUFBVTtBQUNaLGVBQU8sRUFBRSxPQUFPLE1BQU0sQ0FBQyxHQUFHQSxPQUFNLE1BQU0sR0FBRyxDQUFDLEdBQUcsR0FBR0EsT0FBTSxNQUFNLElBQUksTUFBTSxDQUFDLEVBQUU7QUFBQSxJQUM3RTtBQUNGLFNBQU87QUFDVDtBQU9PLFNBQVMsWUFBWSxTQUE4QjtBQUN4RCxRQUFNLE1BQU0sYUFBYSxPQUFPO0FBQ2hDLFFBQU0sU0FBUyxPQUFPLElBQUksS0FBSyxDQUFDLFNBQVMsT0FBTyxLQUFLLElBQUksQ0FBQyxLQUFLLEdBQUcsS0FBSztBQUN2RSxRQUFNQSxTQUFRLElBQUksT0FBTyxDQUFDLFNBQVMsQ0FBQyxPQUFPLEtBQUssSUFBSSxDQUFDO0FBQ3JELFFBQU0sUUFBUSxVQUFVQSxNQUFLO0FBQzdCLE1BQUksU0FBUyxFQUFFLFVBQVUsVUFBVSxVQUFVQSxPQUFNLFNBQVM7QUFDMUQsV0FBTyxFQUFFLEdBQUcsU0FBUyxTQUFTLE9BQU8sT0FBTztBQUM5QyxRQUFNLFVBQVVBLE9BQU0sU0FBUyxLQUFLLE9BQU8sSUFBSUEsT0FBTSxHQUFHLEVBQUUsQ0FBRTtBQUM1RCxNQUFJLE9BQU8sVUFBVUEsT0FBTSxNQUFNLEdBQUcsRUFBRSxJQUFJQTtBQUMxQyxNQUFJLFFBQWU7QUFDbkIsYUFBVyxDQUFDLEtBQUssT0FBTyxLQUFLLE9BQU87QUFDbEMsVUFBTSxRQUFRLEtBQUssTUFBTSxDQUFDLFdBQVksUUFBUSxJQUFJLE1BQU0sSUFBSSxNQUFNLE1BQVU7QUFDNUUsUUFBSSxDQUFDLE1BQU87QUFDWixZQUFRO0FBQ1IsV0FBTyxNQUFNO0FBQ2I7QUFBQSxFQUNGO0FBQ0EsUUFBTUUsUUFBTyxFQUFFLEdBQUcsU0FBUyxPQUFPLFFBQVEsUUFBUTtBQUNsRCxNQUFJLFVBQVUsU0FBUyxLQUFLLE1BQU0sQ0FBQyxTQUFTLFFBQVEsSUFBSSxJQUFJLEtBQUssU0FBUyxNQUFNO0FBQzlFLFdBQU8sRUFBRSxHQUFHQSxPQUFNLFNBQVMsT0FBTztBQUNwQyxTQUFPLEVBQUUsR0FBR0EsT0FBTSxHQUFHLFNBQVMsTUFBTSxNQUFNLEVBQUU7QUFDOUM7QUFFQSxJQUFNLFVBQVUsVUFBVSxDQUFDLFNBQVMsQ0FBQztBQUNyQyxJQUFNLGFBQW1DLG9CQUFJLElBQWE7QUFBQSxFQUN4RDtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUNGLENBQUM7QUFHRCxTQUFTLFNBQVNGLFFBQTBCLFFBQTZDO0FBQ3ZGLE1BQUksT0FBTyxDQUFDLEdBQUdBLE1BQUs7QUFDcEIsTUFBSSxRQUFRO0FBQ1osTUFBSSxRQUFRO0FBQ1osV0FBUyxRQUFRLEdBQUcsUUFBUSxHQUFHLFNBQVM7QUFDdEMsVUFBTUMsV0FBVSxVQUFVLElBQUk7QUFDOUIsUUFBSUEsU0FBUyxRQUFPLEVBQUUsU0FBQUEsVUFBUyxPQUFPLFFBQVEsTUFBTTtBQUVwRCxVQUFNLE9BQU8sS0FBSyxNQUFNLENBQUMsU0FBVSxTQUFTLFVBQVUsT0FBTyxNQUFVO0FBQ3ZFLFFBQUksUUFBUSxXQUFXLElBQUksVUFBVSxLQUFLLElBQUksS0FBSyxNQUFNLEdBQUc7QUFDMUQsYUFBTyxLQUFLO0FBQ1o7QUFBQSxJQUNGO0FBQ0EsVUFBTUUsV0FBVSxLQUFLLE1BQU0sQ0FBQyxTQUFTLFNBQVMsSUFBSSxDQUFDO0FBQ25ELFFBQUlBLFVBQVM7QUFDWCxnQkFBVUEsU0FBUTtBQUNsQixhQUFPQSxTQUFRO0FBQ2Y7QUFBQSxJQUNGO0FBQ0EsVUFBTSxRQUFRLEtBQUssTUFBTSxDQUFDLFdBQVcsU0FBUyxJQUFJLE1BQU0sQ0FBQztBQUN6RCxRQUFJLENBQUMsTUFBTztBQUVaLFlBQVEsTUFBTSxVQUFVLFVBQVUsUUFBUSxRQUFRLE1BQU07QUFDeEQsV0FBTyxNQUFNO0FBQUEsRUFDZjtBQUNBLE1BQUksS0FBSyxNQUFNLENBQUMsU0FBUyxRQUFRLElBQUksSUFBSSxDQUFDLEtBQUssT0FBTztBQUNwRCxRQUFJLFVBQVUsWUFBWSxVQUFVLE1BQU8sUUFBTyxFQUFFLFNBQVMsU0FBUyxPQUFPLFFBQVEsTUFBTTtBQUMzRixXQUFPLEVBQUUsU0FBUyxNQUFNLE9BQU8sUUFBUSxNQUFNO0FBQUEsRUFDL0M7QUFDQSxTQUFPLEVBQUUsU0FBUyxNQUFNLE9BQU8sSUFBSSxRQUFRLE1BQU07QUFDbkQ7OztBQzNUQSxTQUFTLGtDQUFvRDtBQUM3RCxPQUFPLG9CQUFvQjtBQUczQixJQUFNLFlBQVk7QUFHWCxTQUFTLFVBQVVDLE9BQTZCO0FBQ3JELFFBQU0sVUFBVUEsTUFDYixRQUFRLFdBQVcsRUFBRSxFQUNyQixLQUFLLEVBQ0wsUUFBUSxhQUFhLEVBQUU7QUFDMUIsTUFBSSxDQUFDLGVBQWUsT0FBTyxFQUFHLFFBQU87QUFDckMsUUFBTSxLQUFLLFFBQVEsWUFBWSxHQUFHO0FBQ2xDLFNBQU8sUUFBUSxNQUFNLEdBQUcsRUFBRSxJQUFJLFFBQVEsTUFBTSxFQUFFLEVBQUUsWUFBWTtBQUM5RDtBQU1PLFNBQVMsVUFBVUEsT0FBYyxVQUF1QixNQUFxQjtBQUNsRixRQUFNLE9BQU9BLE1BQ1YsUUFBUSxXQUFXLEVBQUUsRUFDckIsUUFBUSwwQkFBMEIsR0FBRyxFQUNyQyxLQUFLLEVBQ0wsUUFBUSxVQUFVLEVBQUUsRUFDcEIsUUFBUSxRQUFRLEdBQUc7QUFDdEIsTUFBSSxDQUFDLG9EQUFvRCxLQUFLLElBQUksRUFBRyxRQUFPO0FBQzVFLFFBQU0sU0FBUywyQkFBMkIsTUFBTSxPQUFPO0FBQ3ZELE1BQUksUUFBUSxRQUFRLEtBQUssQ0FBQyxPQUFPLElBQUssUUFBTyxPQUFPO0FBQ3BELFFBQU1DLFVBQVMsS0FBSyxRQUFRLE9BQU8sRUFBRSxFQUFFO0FBQ3ZDLFNBQU9BLFVBQVMsS0FBS0EsVUFBUyxLQUFLLE9BQU87QUFDNUM7QUFHTyxTQUFTLFNBQVNELE9BQTZCO0FBQ3BELFFBQU0sTUFBTSxzQkFBc0IsS0FBS0EsS0FBSSxJQUFJQSxRQUFPLFdBQVdBLEtBQUk7QUFDckUsTUFBSSxLQUFLLEtBQUtBLEtBQUksS0FBSyxDQUFDLElBQUksU0FBUyxHQUFHLEVBQUcsUUFBTztBQUNsRCxRQUFNLEVBQUUsVUFBVSxTQUFTLElBQUksSUFBSSxJQUFJLEdBQUc7QUFDMUMsU0FBTyxZQUFZLEtBQUssUUFBUSxLQUFLLFNBQVMsU0FBUyxHQUFHLElBQUksTUFBTTtBQUN0RTs7O0FDaEJBLElBQU0sU0FBUyxDQUFDRSxVQUNkLEtBQUtBLEtBQUksRUFDTixRQUFRLG9CQUFvQixHQUFHLEVBQy9CLEtBQUs7QUFFVixJQUFNLFdBQVcsSUFBSSxJQUEwQjtBQUFBLEVBQzdDLEdBQUcsWUFBWSxJQUFJLENBQUMsUUFBUSxDQUFDLE9BQU8sUUFBUSxHQUFHLEVBQUUsS0FBSyxHQUFHLEdBQUcsQ0FBVTtBQUFBLEVBQ3RFLEdBQUcsY0FBYyxJQUFJLENBQUMsUUFBUSxDQUFDLE9BQU8sU0FBUyxHQUFHLEVBQUUsS0FBSyxHQUFHLEdBQUcsQ0FBVTtBQUMzRSxDQUFDO0FBRUQsU0FBUyxPQUFPLE9BQU87QUFHdkIsSUFBTSxVQUFxQyxvQkFBSSxJQUFrQjtBQUFBLEVBQy9EO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUNGLENBQUM7QUFFRCxJQUFNQyxpQkFBcUMsb0JBQUksSUFBSTtBQUFBLEVBQ2pEO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0YsQ0FBQztBQUVELElBQU0sV0FBbUQ7QUFBQSxFQUN2RCxNQUFNO0FBQUEsRUFDTixXQUFXO0FBQUEsRUFDWCxZQUFZO0FBQUEsRUFDWixPQUFPO0FBQUEsRUFDUCxPQUFPO0FBQUEsRUFDUCxVQUFVO0FBQ1o7QUFDQSxJQUFNLFNBQWlEO0FBQUEsRUFDckQsTUFBTTtBQUFBLEVBQ04sV0FBVztBQUFBLEVBQ1gsVUFBVTtBQUFBLEVBQ1YsVUFBVTtBQUNaO0FBR0EsU0FBUyxRQUFRLE9BQTRCLFFBQWdCQyxRQUFPLEtBQWU7QUFDakYsUUFBTSxRQUFrQixDQUFDO0FBQ3pCLGFBQVcsT0FBTyxNQUFNLE1BQU07QUFDNUIsVUFBTSxPQUFPLElBQUksTUFBTSxNQUFNO0FBQzdCLFFBQUksS0FBTSxPQUFNLEtBQUssSUFBSTtBQUN6QixRQUFJLE1BQU0sV0FBV0EsTUFBTTtBQUFBLEVBQzdCO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxPQUFPLENBQUMsT0FBMEIsU0FDdEMsTUFBTSxPQUFPLElBQUksRUFBRSxTQUFTLE1BQU0sU0FBUztBQU10QyxTQUFTLGFBQ2QsT0FDQSxNQUEyQixDQUFDLEdBQ2I7QUFDZixRQUFNLFFBQVEsb0JBQUksSUFBWTtBQUM5QixRQUFNLFFBQVEsQ0FBQyxRQUE0QztBQUN6RCxRQUFJLFFBQVEsUUFBUyxNQUFNLElBQUksR0FBRyxLQUFLLENBQUMsUUFBUSxJQUFJLFdBQVcsR0FBRyxFQUFFLEVBQUUsRUFBSSxRQUFPO0FBQ2pGLFVBQU0sSUFBSSxHQUFHO0FBQ2IsV0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFlBQVksSUFBSSxJQUFJLElBQUksSUFBSSxDQUFDLEVBQUUsSUFBSSxLQUFLLE1BQU0sQ0FBQyxPQUFPLElBQUksR0FBRyxPQUFPLEVBQUUsRUFBVyxDQUFDLENBQUM7QUFDekYsUUFBTSxRQUFRLE1BQU0sT0FBTyxJQUFJLFdBQVc7QUFDMUMsUUFBTSxTQUFTLE1BQU0sT0FBTztBQUFBLElBQzFCLENBQUMsU0FBUyxNQUNSLFNBQVMsSUFBSSxPQUFPLE9BQU8sQ0FBQyxNQUFNLGNBQ2pDLE1BQU0sQ0FBQyxFQUFHLFVBQVUsU0FBUyxNQUFNLENBQUMsRUFBRyxZQUFZO0FBQUEsRUFDeEQ7QUFDQSxRQUFNLFVBQVUsTUFBTSxPQUFPLElBQUksQ0FBQyxTQUFTLE1BQW1CO0FBQzVELFVBQU0sUUFBUSxRQUFRLE9BQU8sQ0FBQztBQUM5QixVQUFNLFFBQVEsVUFBVSxJQUFJLE9BQU8sT0FBTyxDQUFDLEtBQUssU0FBUyxJQUFJLE9BQU8sT0FBTyxDQUFDO0FBQzVFLFVBQU0sTUFBTSxTQUFTLFVBQVUsTUFBTSxDQUFDLEdBQUksT0FBTyxPQUFPLE1BQU07QUFDOUQsVUFBTSxVQUFVLE1BQU0sR0FBRztBQUN6QixXQUFPLFVBQVUsRUFBRSxLQUFLLFNBQVMsSUFBSSxVQUFVLElBQUksRUFBRSxLQUFLLE1BQU0sSUFBSSxPQUFPO0FBQUEsRUFDN0UsQ0FBQztBQUNELFNBQU87QUFBQSxJQUNMLFFBQVEsSUFBSSxDQUFDLE9BQU8sTUFBTTtBQUN4QixVQUFJLE1BQU0sSUFBSyxRQUFPO0FBQ3RCLFlBQU0sUUFBUSxRQUFRLE9BQU8sQ0FBQztBQUM5QixVQUFJLE1BQU0sV0FBVyxFQUFHLFFBQU87QUFDL0IsWUFBTSxNQUFNLE1BQU0sVUFBVSxNQUFNLE9BQU8sQ0FBQyxHQUFJLE1BQU0sQ0FBQyxHQUFJLE9BQU8sS0FBSyxDQUFDO0FBQ3RFLGFBQU8sTUFBTSxFQUFFLEtBQUssSUFBSSxVQUFVLElBQUksRUFBRSxLQUFLLFNBQVMsSUFBSSxPQUFPO0FBQUEsSUFDbkUsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUVBLFNBQVMsVUFDUCxFQUFFLFNBQUFDLFVBQVMsT0FBTyxPQUFPLFFBQVEsUUFBUSxHQUN6QyxPQUNBLEtBRUEsUUFDa0I7QUFDbEIsTUFBSSxDQUFDQSxTQUFTLFFBQU87QUFDckIsTUFBSSxRQUFTLFFBQU9BLGFBQVksV0FBV0EsYUFBWSxVQUFVLEdBQUdBLFFBQU8sVUFBVTtBQUNyRixNQUFJLFVBQVUsUUFBUyxRQUFPO0FBQzlCLE1BQUksVUFBVSxVQUFXLFFBQU8sU0FBU0EsUUFBTyxLQUFLO0FBQ3JELE1BQUksVUFBVSxRQUFTLFFBQU8sT0FBT0EsUUFBTyxLQUFLO0FBQ2pELE1BQUlBLGFBQVk7QUFDZCxXQUFPLFVBQVUsS0FBSyxPQUFPLGVBQWUsSUFBSSxXQUFXO0FBQzdELE1BQUlBLGFBQVksU0FBVSxRQUFPLEtBQUssT0FBTyxlQUFlLElBQUksV0FBVztBQUMzRSxNQUFJQSxhQUFZLFdBQVdBLGFBQVk7QUFDckMsV0FBTyxNQUFNQSxVQUFTLFVBQVUsWUFBWSxLQUFLLEtBQUs7QUFFeEQsTUFBSUEsYUFBWSxVQUFVLElBQUksS0FBSyxDQUFDLE1BQU0sRUFBRSxVQUFVLFNBQVMsRUFBRSxZQUFZLFlBQVk7QUFDdkYsV0FBTyxJQUFJLEtBQUssQ0FBQyxNQUFNLEVBQUUsVUFBVSxTQUFTLEVBQUUsWUFBWSxXQUFXLElBQUksU0FBUztBQUNwRixNQUFJLENBQUNGLGVBQWMsSUFBSUUsUUFBTyxFQUFHLFFBQU9BO0FBQ3hDLFNBQU8sV0FBV0EsVUFBbUIsT0FBTyxRQUFRLEdBQUc7QUFDekQ7QUFHQSxTQUFTLFdBQ1BBLFVBQ0EsT0FDQSxRQUNBLEtBQ1c7QUFDWCxNQUFJLFdBQVcsUUFBUSxXQUFXLEVBQUcsUUFBTyxNQUFNQSxVQUFTLEtBQUs7QUFDaEUsUUFBTSxTQUFTLElBQUk7QUFBQSxJQUNqQixDQUFDLE1BQ0MsRUFBRSxXQUFXLFVBQ2IsRUFBRSxVQUFVLFNBQ1osQ0FBQyxRQUFRLFVBQVUsWUFBWSxFQUFFLFNBQVMsRUFBRSxXQUFXLEVBQUU7QUFBQSxFQUM3RDtBQUNBLE1BQUksT0FBUSxRQUFPLE1BQU1BLFVBQVMsQ0FBQyxPQUFPLE9BQU8sTUFBTSxDQUFDLEVBQUUsT0FBTyxPQUFPLEVBQUUsS0FBSyxHQUFHLENBQUM7QUFDbkYsU0FBTyxNQUFNQSxhQUFZLGdCQUFnQixpQkFBaUJBLFVBQVMsS0FBSztBQUMxRTtBQUVBLElBQU0sUUFDSjtBQUNGLElBQU0sa0JBQWtCLENBQUMsU0FBaUIsTUFBTSxLQUFLLEtBQUssS0FBSyxDQUFDO0FBR2hFLElBQU0sV0FBVyxJQUFJO0FBQUEsRUFDbkIseUlBQXlJO0FBQUEsSUFDdkk7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxTQUFTLFVBQ1AsU0FDQSxFQUFFLE9BQU8sT0FBTyxTQUFBQSxTQUFRLEdBQ3hCLE9BQ0EsT0FDa0I7QUFDbEIsTUFBSSxVQUFVLFNBQVNBLGFBQVksS0FBTSxRQUFPO0FBQ2hELFFBQU1DLFNBQVEsYUFBYSxPQUFPO0FBQ2xDLE1BQUlBLE9BQU0sS0FBSyxDQUFDLFNBQVMsU0FBUyxJQUFJLElBQUksQ0FBQyxFQUFHLFFBQU87QUFDckQsUUFBTUMsU0FBUSxDQUFDLEdBQUcsS0FBSyxFQUFFLEtBQUssQ0FBQyxRQUFRLGtDQUFrQyxLQUFLLEdBQUcsQ0FBQztBQUNsRixRQUFNLFFBQVEsVUFBVSxZQUFZLEtBQUs7QUFDekMsTUFBSSxLQUFLLE9BQU8sQ0FBQyxTQUFTLFVBQVUsSUFBSSxNQUFNLElBQUksRUFBRyxRQUFPLE1BQU0sU0FBUyxLQUFLO0FBQ2hGLE1BQUksS0FBSyxPQUFPLFdBQVcsRUFBRyxRQUFPLE1BQU0sU0FBUyxLQUFLO0FBQ3pELE1BQUksU0FBUyxLQUFLLE9BQU8sQ0FBQyxTQUFTLEtBQUssS0FBSyxJQUFJLEtBQUssU0FBUyxLQUFLLElBQUksQ0FBQztBQUN2RSxXQUFPLE1BQU0sZUFBZSxLQUFLO0FBQ25DLE1BQ0UsQ0FBQ0EsVUFDRCxLQUFLLE9BQU8sQ0FBQyxTQUFTLDREQUE0RCxLQUFLLElBQUksQ0FBQztBQUU1RixXQUFPO0FBQ1QsU0FBTztBQUNUO0FBR0EsSUFBTSxjQUFjLENBQUMsU0FDbkIsYUFBYSxLQUFLLEtBQUssS0FBSyxDQUFDLEtBQzdCLFVBQVUsSUFBSSxNQUFNLFFBQ3BCLFNBQVMsSUFBSSxNQUFNLFFBQ25CLENBQUMsZ0JBQWdCLEtBQUssSUFBSTtBQU01QixTQUFTLE9BQU8sU0FBdUM7QUFDckQsUUFBTSxRQUFRLFFBQVEsSUFBSSxDQUFDLEVBQUUsSUFBSSxNQUFPLE1BQU0sV0FBVyxHQUFHLElBQUksSUFBSztBQUNyRSxRQUFNLFVBQVUsTUFBTSxRQUFRLENBQUMsTUFBTyxHQUFHLE9BQU8sZ0JBQWdCLENBQUMsRUFBRSxLQUFLLElBQUksQ0FBQyxDQUFFO0FBQy9FLE1BQUksUUFBUSxXQUFXLEtBQUssUUFBUSxTQUFTLEVBQUUsRUFBRyxRQUFPO0FBQ3pELFFBQU0sUUFBUSxJQUFJLElBQUksUUFBUSxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sR0FBRyxDQUFDO0FBQ25ELE1BQUksU0FBUyxRQUFRLENBQUM7QUFDdEIsU0FBTyxRQUFRLElBQUksQ0FBQyxPQUFPLE1BQU07QUFDL0IsVUFBTSxPQUFPLE1BQU0sQ0FBQztBQUNwQixRQUFJLE1BQU0sT0FBTyxjQUFlLFVBQVMsS0FBSztBQUM5QyxRQUFJLENBQUMsUUFBUSxDQUFDSixlQUFjLElBQUksS0FBSyxFQUFFLEtBQUssS0FBSyxVQUFVLEdBQUksUUFBTztBQUN0RSxVQUFNLE1BQU0sTUFBTSxLQUFLLElBQUksTUFBTTtBQUNqQyxXQUFPLE1BQU0sSUFBSSxHQUFHLElBQUksUUFBUSxFQUFFLEdBQUcsT0FBTyxJQUFJO0FBQUEsRUFDbEQsQ0FBQztBQUNIO0FBR0EsSUFBTSxPQUFrQyxvQkFBSSxJQUFrQjtBQUFBLEVBQzVEO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0YsQ0FBQztBQUVNLElBQU0sV0FBVyxDQUFDLElBQWtCLE1BQTJCLENBQUMsTUFDckUsS0FBSyxJQUFJLEVBQUUsS0FBSyxJQUFJLEtBQUssQ0FBQyxFQUFFLElBQUksS0FBSyxNQUFNLFNBQVMsVUFBVSxPQUFPLE9BQU8sRUFBRSxFQUFFO0FBVzNFLFNBQVMsY0FBYyxPQUFvQztBQUNoRSxNQUFJLENBQUMsVUFBVSxZQUFZLFNBQVMsR0FBRyxJQUFJLENBQUMsR0FBRyxHQUFHLEdBQUcsQ0FBQztBQUN0RCxRQUFNLFNBQW1CLENBQUM7QUFDMUIsYUFBVyxRQUFRLE9BQU87QUFDeEIsUUFBSSxTQUFTLEdBQUk7QUFDakIsV0FBTztBQUNQLFFBQUksbUJBQW1CLEtBQUssSUFBSSxFQUFHLFlBQVc7QUFDOUMsVUFBTSxRQUFRLHlEQUF5RCxLQUFLLElBQUk7QUFDaEYsVUFBTSxDQUFDLEdBQUcsQ0FBQyxJQUFJLENBQUMsT0FBTyxRQUFRLENBQUMsQ0FBQyxHQUFHLE9BQU8sUUFBUSxDQUFDLENBQUMsQ0FBQztBQUN0RCxRQUFJLENBQUMsTUFBTztBQUNaLFFBQUksSUFBSSxNQUFNLEtBQUssR0FBSSxhQUFZO0FBQUEsYUFDMUIsSUFBSSxNQUFNLEtBQUssR0FBSSxlQUFjO0FBQUEsYUFDakMsTUFBTSxLQUFLLE9BQU8sU0FBUyxFQUFHLFFBQU8sS0FBSyxJQUFJO0FBQUEsRUFDekQ7QUFDQSxRQUFNLFVBQVUsV0FBVyxNQUFNLGFBQWE7QUFDOUMsU0FBTztBQUFBLElBQ0wsT0FBTyxVQUFXLFdBQVcsSUFBSSxRQUFRLFFBQVM7QUFBQSxJQUNsRCxVQUFVLFVBQVUsQ0FBQyxJQUFJO0FBQUEsSUFDekIsUUFBUSxVQUFVLE1BQU07QUFBQSxFQUMxQjtBQUNGOzs7QUN6UkEsSUFBTSxlQUFlO0FBR3JCLElBQU0sWUFDSjtBQUdGLFNBQVMsUUFBUSxPQUFtQixPQUF1QjtBQUN6RCxRQUFNLFFBQVEsSUFBSSxZQUFZLE1BQU0sTUFBTTtBQUMxQyxRQUFNLFFBQVEsQ0FBQyxNQUFNLE1BQU07QUFDekIsVUFBTSxDQUFDLElBQUksUUFBUSxPQUFRLE9BQU8sTUFBTyxNQUFNLFNBQVMsTUFBTSxXQUFXLE9BQU8sR0FBSSxJQUFJO0FBQUEsRUFDMUYsQ0FBQztBQUNELFNBQU8sSUFBSSxZQUFZLFVBQVUsRUFBRSxPQUFPLEtBQUs7QUFDakQ7QUFFTyxJQUFNLGtCQUFrQixDQUFDLFVBQThCLFFBQVEsT0FBTyxZQUFZO0FBQ2xGLElBQU0sZUFBZSxDQUFDLFVBQThCLFFBQVEsT0FBTyxTQUFTO0FBRW5GLFNBQVMsT0FBTyxPQUFrQztBQUNoRCxNQUFJO0FBQ0YsV0FBTyxJQUFJLFlBQVksU0FBUyxFQUFFLE9BQU8sS0FBSyxDQUFDLEVBQUUsT0FBTyxLQUFLO0FBQUEsRUFDL0QsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFFQSxJQUFNLFNBQVM7QUFDZixJQUFNLFFBQVE7QUFHZCxTQUFTLFdBQVdLLE9BQXNCO0FBQ3hDLE1BQUksUUFBUTtBQUNaLGFBQVcsRUFBRSxHQUFHLE1BQU0sT0FBTyxHQUFHLEtBQUtBLE1BQUssU0FBUyxnQkFBZ0IsR0FBRztBQUNwRSxVQUFNLENBQUMsUUFBUSxLQUFLLElBQUksQ0FBQ0EsTUFBSyxLQUFLLENBQUMsS0FBSyxLQUFLQSxNQUFLLEtBQUssS0FBSyxNQUFNLEtBQUssR0FBRztBQUMzRSxVQUFNLFNBQVMsT0FBTyxPQUFPLEtBQUssTUFBTSxDQUFDLElBQUksT0FBTyxPQUFPLEtBQUssS0FBSyxDQUFDO0FBQ3RFLFFBQUksTUFBTSxLQUFLLElBQUksRUFBRyxVQUFTLFNBQVMsSUFBSSxJQUFJO0FBQUEsYUFDdkMsT0FBTyxLQUFLLElBQUksRUFBRyxVQUFTLE1BQU0sS0FBSyxNQUFNLElBQUksS0FBSztBQUFBLGFBQ3RELGVBQUssU0FBUyxJQUFJLEVBQUcsVUFBUyxTQUFTLElBQUksSUFBSTtBQUFBLGFBQy9DLCtGQUEyQixTQUFTLElBQUksRUFBRyxVQUFTLFdBQVcsSUFBSSxLQUFLO0FBQUEsUUFDNUUsVUFBUyxTQUFTLElBQUksSUFBSTtBQUFBLEVBQ2pDO0FBQ0EsU0FBTztBQUNUO0FBR0EsU0FBUyxpQkFBaUIsT0FBbUQ7QUFDM0UsUUFBTSxRQUFRLENBQUMsR0FBRyxDQUFDO0FBQ25CLFFBQU1DLFFBQU8sS0FBSyxJQUFJLE1BQU0sUUFBUSxHQUFNO0FBQzFDLFdBQVMsSUFBSSxHQUFHLElBQUlBLE9BQU0sSUFBSyxLQUFJLE1BQU0sQ0FBQyxNQUFNLEVBQUcsT0FBTSxJQUFJLENBQUMsS0FBTTtBQUNwRSxRQUFNLENBQUMsT0FBTyxHQUFHLE1BQU0sQ0FBQyxJQUFJO0FBQzVCLE1BQUksTUFBTUEsUUFBTyxPQUFPLE9BQU9BLFFBQU8sS0FBTSxRQUFPO0FBQ25ELFNBQU8sT0FBT0EsUUFBTyxPQUFPLE1BQU1BLFFBQU8sT0FBTyxhQUFhO0FBQy9EO0FBYU8sU0FBUyxPQUFPLE9BQW1DO0FBQ3hELFFBQU0sQ0FBQyxHQUFHLENBQUMsSUFBSTtBQUNmLFFBQU0sUUFDSixNQUFNLE9BQVEsTUFBTSxNQUNoQixhQUNBLE1BQU0sT0FBUSxNQUFNLE1BQ2xCLGFBQ0EsaUJBQWlCLEtBQUs7QUFDOUIsTUFBSTtBQUNGLFdBQU8sRUFBRSxNQUFNLElBQUksWUFBWSxLQUFLLEVBQUUsT0FBTyxLQUFLLEdBQUcsVUFBVSxVQUFVLFdBQVcsQ0FBQyxFQUFFO0FBQ3pGLE1BQUksUUFBUTtBQUNaLGFBQVcsUUFBUSxNQUFPLEtBQUksU0FBUyxFQUFHLFVBQVM7QUFDbkQsTUFBSSxRQUFRLE1BQU0sU0FBUyxRQUFRLFFBQVEsRUFBRyxRQUFPO0FBQ3JELFFBQU1ELFFBQU8sT0FBTyxLQUFLO0FBQ3pCLE1BQUlBLFVBQVMsS0FBTSxRQUFPLEVBQUUsTUFBQUEsT0FBTSxVQUFVLFNBQVMsV0FBVyxDQUFDLEVBQUU7QUFDbkUsU0FBTyxXQUFXLEtBQUssS0FBSyxVQUFVLEtBQUs7QUFDN0M7QUFFQSxTQUFTLFVBQVUsT0FBNEI7QUFDN0MsUUFBTSxVQUFVLGdCQUFnQixLQUFLO0FBQ3JDLFFBQU0sTUFBTSxhQUFhLEtBQUs7QUFDOUIsU0FBTyxXQUFXLEdBQUcsSUFBSSxXQUFXLE9BQU8sSUFDdkMsRUFBRSxNQUFNLEtBQUssVUFBVSxZQUFZLFdBQVcsQ0FBQyxFQUFFLElBQ2pELEVBQUUsTUFBTSxTQUFTLFVBQVUsZ0JBQWdCLFdBQVcsQ0FBQyxFQUFFO0FBQy9EO0FBR0EsU0FBUyxXQUFXLE9BQW1DO0FBQ3JELFFBQU0sUUFBOEQsQ0FBQztBQUNyRSxXQUFTLE9BQU8sR0FBRyxRQUFRLE1BQU0sVUFBUztBQUN4QyxVQUFNLE1BQU0sTUFBTSxRQUFRLElBQUksSUFBSTtBQUNsQyxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sTUFBTSxJQUFJLE1BQU0sU0FBUyxHQUFHO0FBQzlELFVBQU0sUUFBUSxLQUFLLE1BQU0sQ0FBQyxTQUFTLE9BQU8sR0FBSTtBQUM5QyxVQUFNRSxRQUFPLFFBQVEsT0FBTyxPQUFPLElBQUk7QUFDdkMsVUFBTSxLQUFLO0FBQUEsTUFDVCxNQUFNQSxTQUFRLGdCQUFnQixJQUFJO0FBQUEsTUFDbEMsTUFBTSxRQUFRLFVBQVVBLFVBQVMsT0FBTyxVQUFVO0FBQUEsSUFDcEQsQ0FBQztBQUNELFFBQUksTUFBTSxFQUFHO0FBQ2IsV0FBTyxNQUFNO0FBQUEsRUFDZjtBQUNBLFFBQU0sUUFBUSxDQUFDLFNBQWlCLE1BQU0sT0FBTyxDQUFDLFNBQVMsS0FBSyxTQUFTLElBQUksRUFBRTtBQUMzRSxRQUFNLENBQUMsTUFBTSxLQUFLLElBQUksQ0FBQyxNQUFNLE1BQU0sR0FBRyxNQUFNLE9BQU8sQ0FBQztBQUNwRCxNQUFJLFNBQVMsRUFBRyxRQUFPO0FBQ3ZCLFFBQU0sUUFBUSxTQUFTLE9BQU8sVUFBVTtBQUN4QyxTQUFPO0FBQUEsSUFDTCxNQUFNLE1BQU0sSUFBSSxDQUFDLEVBQUUsTUFBQUYsTUFBSyxNQUFNQSxLQUFJLEVBQUUsS0FBSyxJQUFJO0FBQUEsSUFDN0MsVUFBVTtBQUFBLElBQ1YsV0FBVyxNQUFNLFFBQVEsQ0FBQyxFQUFFLEtBQUssR0FBRyxNQUFPLFNBQVMsUUFBUSxDQUFDLElBQUksQ0FBQyxJQUFJLENBQUMsQ0FBRTtBQUFBLEVBQzNFO0FBQ0Y7OztBQzFETyxJQUFNLGFBQWEsQ0FBQyxLQUFhLFlBQTBDO0FBQUEsRUFDaEY7QUFBQSxFQUNBO0FBQUEsRUFDQSxNQUFNLENBQUM7QUFBQSxFQUNQLFFBQVE7QUFBQSxFQUNSLGFBQWE7QUFBQSxFQUNiLE9BQU8sQ0FBQztBQUFBLEVBQ1IsU0FBUyxDQUFDO0FBQUEsRUFDVixNQUFNLENBQUM7QUFBQSxFQUNQLFNBQVMsQ0FBQztBQUNaO0FBYU8sSUFBTSxhQUFhLENBQUMsTUFDekIsQ0FBQyxFQUFFLFdBQVcsRUFBRSxZQUFZLEVBQUUsUUFBUSxFQUFFLE9BQU8sRUFBRSxLQUFLLE9BQU8sS0FDN0QsRUFBRSxPQUFPLFNBQVMsS0FDbEIsRUFBRSxPQUFPLFNBQVM7QUFFcEIsSUFBTSxTQUFTO0FBR1IsU0FBUyxjQUFjLElBQVksT0FBaUM7QUFDekUsTUFBSSxDQUFDLFlBQVksRUFBRSxFQUFHLFFBQU87QUFDN0IsTUFBSSxLQUFLLE1BQU8sUUFBTztBQUN2QixTQUFPLE9BQU8sTUFBTSxNQUFNLEdBQUcsQ0FBQyxDQUFDLElBQUksT0FBTyxHQUFHLE1BQU0sR0FBRyxDQUFDLENBQUMsSUFBSSxTQUN4RCxnQ0FDQTtBQUNOO0FBR08sU0FBUyxTQUNkLE1BQ0EsUUFDZ0I7QUFDaEIsUUFBTSxFQUFFLFdBQVcsWUFBWSxTQUFTLElBQUksU0FBUyxJQUFJLFNBQVMsR0FBRyxJQUFJO0FBQ3pFLFFBQU1HLGFBQVksT0FBTyxPQUFPLFVBQVUsTUFBTSxHQUFHLENBQUMsRUFBRSxJQUFJLENBQUMsYUFBYSxFQUFFLEdBQUcsUUFBUSxFQUFFO0FBQ3ZGLFNBQU87QUFBQSxJQUNMLEdBQUcsV0FBVyxPQUFPLEtBQUs7QUFBQSxNQUN4QixHQUFHO0FBQUEsTUFDSDtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBLFdBQUFBO0FBQUEsSUFDRixDQUFDO0FBQUEsSUFDRCxRQUFRLE9BQU87QUFBQSxJQUNmLE1BQU0sQ0FBQyxHQUFHLE9BQU8sSUFBSTtBQUFBLEVBQ3ZCO0FBQ0Y7OztBQ3JHTyxTQUFTLEtBQ2QsS0FDQSxRQUNBLFFBQ0EsTUFDQTtBQUNBLFFBQU1DLFFBQU8sSUFBSSxJQUFJLE1BQU07QUFDM0IsTUFBSUEsVUFBUyxHQUFJLFFBQU87QUFDeEIsUUFBTSxRQUFRLE9BQU9BLEtBQUk7QUFDekIsTUFBSSxVQUFVLEtBQU0sS0FBSSxPQUFPQSxPQUFNLElBQUk7QUFDekMsU0FBTztBQUNUO0FBR08sU0FBUyxRQUFRLEtBQVUsUUFBc0IsT0FBTyxPQUFzQjtBQUNuRixRQUFNLENBQUMsSUFBSSxJQUFJLElBQUksSUFBSSxNQUFNO0FBQzdCLE1BQUksQ0FBQyxLQUFNLFFBQU87QUFDbEIsUUFBTSxNQUFNLElBQUksSUFBSSxLQUFLLE1BQU0sS0FBSyxRQUFRLElBQUk7QUFDaEQsTUFBSSxRQUFRLEtBQU0sS0FBSSxPQUFPLEtBQUssTUFBTSx1QkFBdUI7QUFDL0QsU0FBTztBQUNUO0FBRUEsSUFBTSxhQUFxQyxFQUFFLFNBQVMsSUFBSSxVQUFVLFFBQVEsT0FBTyxRQUFRO0FBRXBGLElBQU0sVUFBVSxDQUFDLFVBQ3RCLFdBQVcsS0FBSyxLQUFLLE1BQU0sUUFBUSxRQUFRLEVBQUUsRUFBRSxRQUFRLFFBQVEsRUFBRTs7O0FDdEM1RCxTQUFTLFdBQ2QsT0FDQSxNQUNBLEtBQ0EsT0FDQTtBQUNBLFFBQU0sVUFBVSxvQkFBSSxJQUFxRTtBQUN6RixRQUFNLFFBQVEsV0FBVyxPQUFPLE1BQU0sR0FBRztBQUN6QyxRQUFNLFlBQVksQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDLEVBQUUsS0FBSyxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUssR0FBRyxTQUFTLE1BQU07QUFDakYsYUFBVyxDQUFDLFFBQVEsRUFBRSxPQUFPLFFBQVEsTUFBTSxDQUFDLEtBQUs7QUFDL0MsWUFBUSxJQUFJLFFBQVEsRUFBRSxPQUFPLFNBQVMsU0FBUyxXQUFXLFFBQVEsT0FBTyxNQUFNLE1BQU0sQ0FBQztBQUN4RixTQUFPO0FBQ1Q7QUFHTyxTQUFTLFdBQ2QsT0FDQSxNQUNBLE1BQTJCLENBQUMsR0FDNUI7QUFDQSxRQUFNLFFBQVEsb0JBQUksSUFBNEU7QUFDOUYsT0FBSyxRQUFRLENBQUMsS0FBSyxXQUFXO0FBQzVCLFFBQUksQ0FBQyxJQUFLO0FBQ1YsVUFBTSxFQUFFLElBQUksTUFBTSxJQUFJLFdBQVcsR0FBRztBQUNwQyxRQUFJLENBQUMsU0FBUyxJQUFJLEdBQUcsRUFBRztBQUN4QixVQUFNLFFBQVEsVUFBVSxTQUFTLFVBQVUsUUFBUSxRQUFRO0FBQzNELFVBQU0sUUFBUSxNQUFNLEtBQUssSUFBSSxDQUFDLFFBQVEsSUFBSSxNQUFNLE1BQU0sS0FBSyxFQUFFO0FBQzdELFVBQU0sSUFBSSxRQUFRLEVBQUUsR0FBRyxjQUFjLEtBQUssR0FBRyxNQUFNLENBQUM7QUFBQSxFQUN0RCxDQUFDO0FBQ0QsU0FBTztBQUNUO0FBR08sU0FBUyxXQUNkLE9BQ0EsTUFDQTtBQUNBLFFBQU0sVUFBVSxvQkFBSSxJQUFZO0FBQ2hDLE9BQUssUUFBUSxDQUFDLEtBQUssV0FBVztBQUM1QixRQUFJLENBQUMsT0FBTyxXQUFXLEdBQUcsRUFBRSxPQUFPLGFBQWM7QUFDakQsVUFBTSxRQUFRLE1BQU0sS0FBSyxJQUFJLENBQUMsUUFBUSxJQUFJLE1BQU0sTUFBTSxLQUFLLEVBQUUsRUFBRSxPQUFPLE9BQU87QUFDN0UsVUFBTSxPQUFPLE1BQU0sT0FBTyxDQUFDLFNBQVMsbUJBQW1CLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFDbkUsVUFBTSxRQUFRLE1BQU0sT0FBTyxDQUFDLFNBQVMsWUFBWSxLQUFLLElBQUksQ0FBQyxFQUFFO0FBQzdELFVBQU0sTUFBTSxPQUFPLFVBQVUsTUFBTTtBQUNuQyxRQUFJLFFBQVEsT0FBTyxLQUFLLGFBQWEsTUFBTSxPQUFPLE1BQU0sQ0FBRSxFQUFFLFNBQVMsS0FBSztBQUN4RSxjQUFRLElBQUksTUFBTTtBQUFBLEVBQ3RCLENBQUM7QUFDRCxTQUFPO0FBQ1Q7OztBQ3BEQSxJQUFNLFVBQVU7QUFHaEIsSUFBTUMsU0FBUTtBQUFBLEVBQ1osMkdBQTJHLE9BQU87QUFBQSxFQUNsSCxtSEFBbUgsT0FBTztBQUFBLEVBQzFILCtGQUErRixPQUFPO0FBQUEsRUFDdEcsd0ZBQXdGLE9BQU87QUFBQSxFQUMvRixtRkFBbUYsT0FBTztBQUM1RixFQUFFLElBQUksQ0FBQyxTQUFTLElBQUksT0FBTyxNQUFNLEdBQUcsQ0FBQztBQU05QixTQUFTLGlCQUFpQkMsT0FBNEI7QUFDM0QsUUFBTSxNQUFNQSxNQUNULFFBQVEsa0JBQWtCLElBQUksRUFDOUIsUUFBUSxRQUFRLEdBQUcsRUFDbkIsS0FBSztBQUNSLGFBQVcsUUFBUUQsUUFBTztBQUN4QixVQUFNLFFBQVEsS0FBSyxLQUFLLEdBQUcsR0FBRztBQUM5QixRQUFJO0FBQ0YsYUFBTztBQUFBLFFBQ0wsTUFBTSxNQUFNLEtBQU0sS0FBSztBQUFBLFFBQ3ZCLE1BQU0sTUFBTSxLQUFNLEtBQUs7QUFBQSxRQUN2QixRQUFRLE1BQU0sVUFBVTtBQUFBLFFBQ3hCLFlBQVksTUFBTTtBQUFBLFFBQ2xCLFNBQVMsTUFBTSxTQUFTLEtBQUssS0FBSztBQUFBLE1BQ3BDO0FBQUEsRUFDSjtBQUNBLFNBQU87QUFDVDs7O0FDN0JBLElBQU0sUUFBUSxDQUFDLFFBQVEsVUFBVSxjQUFjLFdBQVcsT0FBTztBQUcxRCxTQUFTLGlCQUFpQixLQUFxQjtBQUNwRCxRQUFNLFVBQVUsb0JBQUksSUFBcUI7QUFDekMsUUFBTSxLQUFLLENBQUMsVUFBa0I7QUFDNUIsVUFBTSxRQUFRLFFBQVEsSUFBSSxLQUFLLEtBQUssRUFBRSxHQUFHLFlBQVksT0FBTyxRQUFRLEtBQUssRUFBRTtBQUMzRSxZQUFRLElBQUksT0FBTyxLQUFLO0FBQ3hCLFdBQU87QUFBQSxFQUNUO0FBQ0EsYUFBVyxFQUFFLE1BQUFFLE9BQU0sTUFBTSxLQUFLLElBQUksSUFBSSxhQUFhLEdBQUc7QUFDcEQsVUFBTSxVQUFVLEdBQUcsS0FBSztBQUN4QixZQUFRLE9BQU8sQ0FBQyxRQUFRLE1BQU1BLEtBQUksRUFBRSxPQUFPLE9BQU8sRUFBRSxLQUFLLElBQUk7QUFBQSxFQUMvRDtBQUNBLGFBQVcsRUFBRSxNQUFBQSxPQUFNLE1BQU0sS0FBSyxJQUFJLElBQUksY0FBYyxHQUFHO0FBQ3JELFVBQU0sVUFBVSxHQUFHLEtBQUs7QUFDeEIsWUFBUSxPQUFPLENBQUMsUUFBUSxNQUFNQSxLQUFJLEVBQUUsT0FBTyxPQUFPLEVBQUUsS0FBSyxJQUFJO0FBQUEsRUFDL0Q7QUFDQSxhQUFXLFFBQVEsTUFBTyxZQUFXLEVBQUUsTUFBQUEsT0FBTSxNQUFNLEtBQUssSUFBSSxJQUFJLElBQUksRUFBRyxJQUFHLEtBQUssRUFBRSxJQUFJLElBQUlBO0FBQ3pGLFFBQU1DLGFBQVksQ0FBQyxHQUFHLE9BQU8sRUFBRTtBQUFBLElBQzdCLENBQUMsQ0FBQyxDQUFDLEdBQUcsQ0FBQyxDQUFDLE1BQU0sT0FBTyxNQUFNLFNBQVMsSUFBSSxPQUFPLE1BQU0sU0FBUztBQUFBLEVBQ2hFO0FBQ0EsUUFBTSxNQUFNQSxXQUFVLElBQUksQ0FBQyxDQUFDLEVBQUUsT0FBTyxNQUFNLGFBQWEsT0FBTyxDQUFDLEVBQUUsT0FBTyxTQUFTO0FBQ2xGLFFBQU0sVUFBVSxDQUFDLFdBQTBCLEtBQUssS0FBSyxRQUFRLFlBQVkscUJBQXFCO0FBQzlGLFFBQU0sQ0FBQyxLQUFLLEdBQUcsSUFBSSxDQUFDLFFBQVEsS0FBSyxHQUFHLFFBQVEsS0FBSyxDQUFDO0FBQ2xELFFBQU0sUUFBUSxRQUFRLFFBQVEsUUFBUSxRQUFRLEtBQUssSUFBSSxHQUFHLEtBQUssTUFBTSxLQUFLLElBQUksR0FBRyxLQUFLO0FBQ3RGLFFBQU0sUUFBUSxJQUFJLElBQUksY0FBYztBQUNwQyxNQUFJLFNBQVMsSUFBSSxXQUFXLEVBQUcsS0FBSSxLQUFLLEVBQUUsR0FBRyxXQUFXLENBQUM7QUFDekQsTUFBSSxJQUFJLENBQUMsS0FBSyxNQUFPLFFBQU8sT0FBTyxJQUFJLENBQUMsR0FBRyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ3ZELE1BQUksSUFBSSxDQUFDLEtBQUssTUFBTyxLQUFJLENBQUMsRUFBRSxRQUFRO0FBQ3BDLFNBQU8sQ0FBQyxHQUFHLEtBQUssR0FBRyxjQUFjLElBQUksSUFBSSxlQUFlLENBQUMsRUFBRSxPQUFPLFNBQVMsQ0FBQztBQUM5RTtBQUdBLFNBQVMsYUFBYSxTQUEyQjtBQUMvQyxNQUFJLENBQUMsUUFBUSxNQUFNLFFBQVEsUUFBUSxRQUFRLFVBQVUsRUFBRSxLQUFLLE9BQU8sRUFBRyxRQUFPO0FBQzdFLFFBQU1DLFFBQU8saUJBQWlCLFFBQVEsSUFBSTtBQUMxQyxTQUFPQSxRQUFPLEVBQUUsR0FBRyxTQUFTLEdBQUdBLE1BQUssSUFBSTtBQUMxQzs7O0FDekJBLFNBQVMsYUFBYSxLQUF5QjtBQUM3QyxRQUFNLEtBQUssUUFBUSxLQUFLLFlBQVksSUFBSTtBQUN4QyxRQUFNLFFBQVEsTUFBTSxjQUFjLElBQUksSUFBSSxLQUFLO0FBQy9DLE1BQUksTUFBTyxLQUFJLE9BQU8sSUFBSSxJQUFJLFVBQVUsR0FBRyxLQUFLO0FBQ2hELFNBQU8sUUFBUSxPQUFPO0FBQ3hCO0FBRUEsU0FBUyxZQUNQLEtBQ0EsQ0FBQyxPQUFPLE9BQU8sSUFBSSxHQUNuQixRQUNBLE1BQ1M7QUFDVCxRQUFNLE9BQWdCLENBQUM7QUFDdkIsUUFBTSxTQUFTLElBQUksSUFBSSxLQUFLO0FBQzVCLFFBQU0sTUFBTSxDQUFDQyxVQUFpQjtBQUM1QixVQUFNLFFBQVEsVUFBVUEsS0FBSTtBQUM1QixXQUFPLEVBQUUsTUFBQUEsT0FBTSxPQUFPLE9BQU8sTUFBTSxLQUFLLEdBQUcsT0FBTyxNQUFNLE1BQU07QUFBQSxFQUNoRTtBQUNBLFFBQU0sTUFBTSxDQUFDLEVBQUUsTUFBQUEsT0FBTSxPQUFPLE9BQU8sSUFBSSxHQUEyQixVQUFrQjtBQUNsRixRQUFJLFVBQVUsS0FBTSxLQUFJLE9BQU9BLE9BQU0sSUFBSTtBQUFBLGFBQ2hDLENBQUMsS0FBSyxLQUFLLENBQUMsVUFBVSxNQUFNLFVBQVUsS0FBSztBQUNsRCxXQUFLLEtBQUssRUFBRSxPQUFPLE9BQU8sU0FBUyxJQUFJLENBQUM7QUFBQSxFQUM1QztBQUNBLE1BQUksSUFBSSxLQUFLLEVBQUUsUUFBUSxDQUFDLEVBQUUsTUFBQUEsT0FBTSxNQUFNLEdBQUcsTUFBTTtBQUU3QyxVQUFNLFFBQVEsSUFBSUEsS0FBSTtBQUN0QixVQUFNLFVBQVUsTUFBTSxVQUFVLE9BQU8sVUFBVUEsT0FBTSxRQUFRLEVBQUUsSUFBSSxHQUFHLElBQUksQ0FBQyxLQUFLO0FBQ2xGLFlBQVEsUUFBUSxDQUFDLE1BQU0sTUFBTSxJQUFJLE1BQU8sTUFBTSxLQUFLLE9BQU8sQ0FBQyxHQUFHLFFBQVMsUUFBUSxLQUFLLENBQUMsQ0FBQztBQUFBLEVBQ3hGLENBQUM7QUFDRCxhQUFXQSxTQUFRLFVBQVUsSUFBSSxJQUFJLE1BQU0sSUFBSSxDQUFDLEVBQUcsS0FBSSxJQUFJQSxLQUFJLEdBQUcsRUFBRTtBQUNwRSxTQUFPO0FBQ1Q7QUFFTyxTQUFTLFdBQVcsS0FBVSxLQUF3QztBQUMzRSxRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sUUFBUSxVQUFVLElBQUksU0FBUyxJQUFJLENBQUM7QUFDMUMsYUFBV0EsU0FBUSxNQUFNLE9BQVEsS0FBSSxPQUFPQSxPQUFNLG9CQUFvQjtBQUN0RSxRQUFNLFVBQVUsUUFBUSxLQUFLLFNBQVM7QUFDdEMsUUFBTUMsU0FBUSxJQUFJLElBQUksV0FBVyxFQUFFLFFBQVEsQ0FBQyxFQUFFLE1BQUFELE9BQU0sU0FBUyxPQUFPLE1BQU07QUFDeEUsVUFBTSxLQUFLLElBQUksSUFBSUEsT0FBTSxNQUFNO0FBQy9CLFFBQUksT0FBTyxLQUFNLEtBQUksT0FBT0EsT0FBTSx1QkFBdUI7QUFDekQsV0FBTyxPQUFPLE9BQU8sQ0FBQyxJQUFJLENBQUMsRUFBRSxNQUFNLFNBQVMsR0FBRyxDQUFDO0FBQUEsRUFDbEQsQ0FBQztBQUNELFFBQU0sVUFBVSxZQUFZLElBQUksU0FBUyxDQUFDO0FBQzFDLGFBQVdBLFNBQVEsUUFBUSxPQUFRLEtBQUksT0FBT0EsT0FBTSxXQUFXO0FBQy9ELFNBQU87QUFBQSxJQUNMLEdBQUc7QUFBQSxJQUNILFFBQVEsSUFBSSxRQUFRO0FBQUEsSUFDcEIsWUFBWSxJQUFJLFlBQVk7QUFBQSxJQUM1QixRQUFRLElBQUksUUFBUTtBQUFBLElBQ3BCLFFBQVEsSUFBSSxRQUFRO0FBQUEsSUFDcEIsU0FBUyxJQUFJLFNBQVM7QUFBQSxJQUN0QixVQUFVLElBQUksVUFBVTtBQUFBLElBQ3hCLFFBQVEsWUFBWSxLQUFLLENBQUMsU0FBUyxjQUFjLFlBQVksR0FBRyxXQUFXLG1CQUFtQjtBQUFBLElBQzlGLFFBQVEsWUFBWSxLQUFLLENBQUMsU0FBUyxjQUFjLFlBQVksR0FBRyxXQUFXLGdCQUFnQjtBQUFBLElBQzNGLFdBQVcsaUJBQWlCLEdBQUc7QUFBQSxJQUMvQixPQUFPLFVBQVUsR0FBRztBQUFBLElBQ3BCLFVBQVUsYUFBYSxHQUFHO0FBQUEsSUFDMUIsT0FBTyxDQUFDLEdBQUksVUFBVSxDQUFDLEVBQUUsTUFBTSxXQUFXLElBQUksUUFBUSxDQUFDLElBQUksQ0FBQyxHQUFJLEdBQUcsTUFBTSxPQUFPLEdBQUdDLE1BQUs7QUFBQSxJQUN4RixXQUFXLFVBQVUsSUFBSSxhQUFhLElBQUksQ0FBQztBQUFBLElBQzNDLE9BQU8sVUFBVSxJQUFJLFNBQVMsSUFBSSxDQUFDO0FBQUEsSUFDbkMsVUFBVSxJQUFJLFVBQVU7QUFBQSxJQUN4QixRQUFRLElBQUksUUFBUTtBQUFBLElBQ3BCLFdBQVcsS0FBSyxLQUFLLGFBQWEsYUFBYSxxQkFBcUIsS0FBSztBQUFBLElBQ3pFLFVBQVUsSUFBSSxVQUFVO0FBQUEsSUFDeEIsV0FDRSxJQUFJLFdBQVcsTUFBTSxNQUNyQixhQUFhLEVBQUUsTUFBTSxRQUFRLFNBQVMsQ0FBQyxFQUFFLEdBQUcsSUFBSSxXQUFXLENBQUMsTUFBTTtBQUFBLElBQ3BFLEdBQUcsZUFBZSxHQUFHO0FBQUEsSUFDckIsS0FBSyxRQUFRLEtBQUssR0FBRztBQUFBLElBQ3JCLFNBQVMsUUFBUTtBQUFBLEVBQ25CO0FBQ0Y7QUFFQSxTQUFTLFVBQVUsS0FBbUI7QUFDcEMsU0FBTyxVQUFVLElBQUksSUFBSSxRQUFRLElBQUksQ0FBQyxFQUFFLFFBQVEsQ0FBQ0QsVUFBUztBQUN4RCxVQUFNLEVBQUUsT0FBTyxNQUFNLElBQUksVUFBVUEsS0FBSTtBQUN2QyxVQUFNRSxRQUFPLFNBQVMsS0FBSztBQUMzQixRQUFJQSxNQUFNLFFBQU8sQ0FBQyxFQUFFLE9BQU9BLE9BQU0sTUFBTSxDQUFDO0FBQ3hDLFFBQUksT0FBT0YsT0FBTSxlQUFlO0FBQ2hDLFdBQU8sQ0FBQztBQUFBLEVBQ1YsQ0FBQztBQUNIO0FBRUEsSUFBTSxPQUFnQztBQUFBLEVBQ3BDLE9BQU87QUFBQSxFQUNQLFdBQVc7QUFBQSxFQUNYLEtBQUs7QUFBQSxFQUNMLE1BQU07QUFBQSxFQUNOLFFBQVE7QUFDVjtBQUVBLElBQU0sY0FBYyxDQUFDQSxVQUFpQztBQUNwRCxRQUFNLE9BQU8sS0FBS0EsS0FBSSxFQUFFLFFBQVEsS0FBSyxFQUFFO0FBQ3ZDLFNBQU8sU0FBUyxLQUFLLENBQUMsWUFBWSxZQUFZLElBQUksS0FBSyxLQUFLLElBQUksS0FBSztBQUN2RTtBQUdBLFNBQVMsZUFBZSxLQUE2RDtBQUNuRixRQUFNLENBQUMsU0FBUyxJQUFJLEVBQUUsSUFBSSxJQUFJLElBQUksWUFBWSxFQUFFLE1BQU0sR0FBRztBQUN6RCxRQUFNLGFBQWEsWUFBWSxLQUFLLENBQUMsU0FBUyxTQUFTLEtBQUssTUFBTSxDQUFDLEtBQUs7QUFDeEUsTUFBSSxVQUFVLENBQUMsV0FBWSxLQUFJLE9BQU8sSUFBSSxJQUFJLFlBQVksR0FBRyxvQkFBb0I7QUFDakYsU0FBTyxFQUFFLFlBQVksY0FBYyxjQUFjLEtBQUssYUFBYSxFQUFFLElBQUksS0FBSztBQUNoRjtBQUVBLFNBQVMsUUFBUSxLQUFVLEtBQStDO0FBQ3hFLFFBQU0sU0FBOEIsQ0FBQztBQUNyQyxhQUFXLFNBQVMsS0FBSztBQUN2QixVQUFNLENBQUMsSUFBSSxJQUFJLElBQUksSUFBSSxPQUFPLE1BQU0sRUFBRSxFQUFFO0FBQ3hDLFFBQUksQ0FBQyxLQUFNO0FBQ1gsVUFBTUEsUUFBUSxNQUFNLFNBQVMsVUFBVSxJQUFJLElBQUksS0FBSyxNQUFNLEtBQUssTUFBTSxLQUFNLEtBQUs7QUFDaEYsVUFBTSxRQUFRLGFBQWEsT0FBT0EsS0FBSTtBQUN0QyxRQUFJLFVBQVU7QUFDWixVQUFJLE9BQU8sS0FBSyxNQUFNLEdBQUcsVUFBVSxNQUFNLElBQUksQ0FBQyxXQUFXLE1BQU0sSUFBSSxRQUFRO0FBQUEsUUFDeEUsUUFBTyxNQUFNLEVBQUUsSUFBSTtBQUFBLEVBQzFCO0FBQ0EsU0FBTztBQUNUOzs7QUNsSUEsSUFBTSxXQUFXLENBQUMsWUFBNEI7QUFDNUMsUUFBTUcsU0FBUSxhQUFhLE9BQU8sRUFBRSxPQUFPLENBQUMsU0FBUyxDQUFDLENBQUMsUUFBUSxPQUFPLElBQUksRUFBRSxTQUFTLElBQUksQ0FBQztBQUMxRixRQUFNQyxRQUFPRCxPQUFNLEtBQUssR0FBRyxLQUFLO0FBQ2hDLFNBQU9DLE1BQUssT0FBTyxDQUFDLEVBQUUsWUFBWSxJQUFJQSxNQUFLLE1BQU0sQ0FBQztBQUNwRDtBQUVBLElBQU0sU0FBUyxFQUFFLE9BQU8sSUFBSSxZQUFZLE1BQU0sVUFBVSxLQUFLO0FBR3RELFNBQVMsU0FBUyxLQUFrQztBQUN6RCxRQUFNLE9BQU8sWUFBWSxJQUFJLElBQUksUUFBUSxJQUFJLENBQUM7QUFDOUMsYUFBVyxRQUFRLEtBQUssT0FBUSxLQUFJLE9BQU8sTUFBTSxNQUFNO0FBQ3ZELFFBQU0sT0FBTyxJQUFJLElBQUksVUFBVSxFQUFFLFFBQVEsQ0FBQyxFQUFFLE1BQUFBLE9BQU0sU0FBUyxPQUFPLE1BQU07QUFDdEUsVUFBTSxLQUFLLElBQUksSUFBSUEsT0FBTSxNQUFNO0FBQy9CLFFBQUksTUFBTSxZQUFZLEVBQUUsRUFBRyxRQUFPLENBQUMsRUFBRSxHQUFHLFFBQVEsTUFBTSxTQUFTLE9BQU8sR0FBRyxHQUFHLENBQUM7QUFDN0UsUUFBSSxPQUFPQSxPQUFNLHFCQUFxQjtBQUN0QyxXQUFPLENBQUM7QUFBQSxFQUNWLENBQUM7QUFDRCxTQUFPLENBQUMsR0FBRyxLQUFLLE1BQU0sR0FBRyxJQUFJO0FBQy9COzs7QUNkQSxJQUFNLFFBQVEsQ0FBQ0MsVUFBaUIsSUFBSSxJQUFJQSxNQUFLLE1BQU0sR0FBRyxDQUFDO0FBR3ZELElBQU0sU0FBUztBQUFBLEVBQ2I7QUFDRjtBQUVBLElBQU0sYUFBYTtBQUFBLEVBQ2pCO0FBQ0Y7QUFDQSxJQUFNLFdBQVc7QUFBQSxFQUNmO0FBQ0Y7QUFFQSxJQUFNLFlBQVk7QUFBQSxFQUNoQjtBQUNGO0FBRUEsSUFBTSxPQUNKO0FBR0ssSUFBTSxTQUFTLENBQUNBLFVBQTBCLEtBQUssS0FBS0EsS0FBSTtBQUUvRCxJQUFNLE9BQU8sQ0FBQyxTQUFpQixLQUFLLFFBQVEsU0FBUyxFQUFFLEVBQUUsWUFBWTtBQVE5RCxTQUFTLFVBQVUsTUFBeUI7QUFDakQsUUFBTSxFQUFFLE1BQUFBLE9BQU0sUUFBUSxLQUFLLElBQUksYUFBYSxLQUFLLEtBQUssRUFBRSxRQUFRLFFBQVEsR0FBRyxDQUFDO0FBQzVFLFFBQU0sUUFBUUEsTUFDWCxNQUFNLEdBQUcsRUFDVCxJQUFJLENBQUMsU0FBUyxLQUFLLEtBQUssQ0FBQyxFQUN6QixPQUFPLE9BQU87QUFDakIsUUFBTSxXQUFxQixDQUFDO0FBQzVCLFNBQ0UsTUFBTSxTQUFTLEtBQ2YsTUFDRyxHQUFHLEVBQUUsRUFDTCxNQUFNLEdBQUcsRUFDVCxNQUFNLENBQUMsU0FBUyxTQUFTLElBQUksS0FBSyxJQUFJLENBQUMsQ0FBQztBQUUzQyxhQUFTLFFBQVEsTUFBTSxJQUFJLENBQUU7QUFDL0IsUUFBTSxDQUFDLFFBQVEsSUFBSSxHQUFHLEtBQUssSUFBSTtBQUMvQixRQUFNLFNBQVMsTUFBTSxTQUFTLElBQUksTUFBTSxNQUFNLEdBQUcsSUFBSSxDQUFDO0FBQ3RELFFBQU0sUUFBUSxNQUFNLFNBQVMsSUFBSSxNQUFNLEtBQUssR0FBRyxJQUFJLE9BQU8sTUFBTSxHQUFHLEVBQUUsT0FBTyxPQUFPO0FBQ25GLFFBQU0sU0FBUyxXQUFXLE1BQU0sT0FBTyxTQUFTLENBQUM7QUFDakQsU0FBTyxPQUFPLFNBQVMsS0FBSyxPQUFPLElBQUksS0FBSyxPQUFPLENBQUMsQ0FBRSxDQUFDLEVBQUcsUUFBTyxLQUFLLE9BQU8sTUFBTSxDQUFFO0FBQ3JGLGFBQVcsUUFBUSxDQUFDLE1BQU0sTUFBTSxHQUFHO0FBQ2pDLFVBQU0sT0FBaUIsQ0FBQztBQUN4QixXQUFPLEtBQUssU0FBUyxLQUFLLFNBQVMsSUFBSSxLQUFLLEtBQUssR0FBRyxFQUFFLENBQUUsQ0FBQyxFQUFHLE1BQUssUUFBUSxLQUFLLElBQUksQ0FBRTtBQUNwRixhQUFTLFFBQVEsR0FBRyxJQUFJO0FBQUEsRUFDMUI7QUFDQSxTQUFPO0FBQUEsSUFDTCxHQUFJLE9BQU8sU0FBUyxJQUNoQixFQUFFLFdBQVcsS0FBSyxLQUFLLEdBQUcsR0FBRyxZQUFZLE9BQU8sS0FBSyxHQUFHLEVBQUUsSUFDMUQsUUFBUSxNQUFNLE9BQU8sU0FBUyxDQUFDO0FBQUEsSUFDbkMsR0FBSSxPQUFPLFNBQVMsSUFBSSxFQUFFLFFBQVEsT0FBTyxLQUFLLEdBQUcsRUFBRSxJQUFJLENBQUM7QUFBQSxJQUN4RCxHQUFJLFNBQVMsU0FBUyxJQUFJLEVBQUUsUUFBUSxTQUFTLEtBQUssR0FBRyxFQUFFLElBQUksQ0FBQztBQUFBLElBQzVELEdBQUksU0FBUyxFQUFFLE9BQU8sSUFBSSxDQUFDO0FBQUEsSUFDM0IsR0FBSSxPQUFPLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxFQUN6QjtBQUNGO0FBR0EsU0FBUyxXQUFXLE1BQWdCLGFBQWdDO0FBQ2xFLFFBQU0sU0FBbUIsQ0FBQztBQUMxQixTQUFPLEtBQUssU0FBUyxHQUFHO0FBQ3RCLFVBQU0sT0FBTyxLQUFLLEtBQUssQ0FBQyxDQUFFO0FBQzFCLFVBQU0sU0FBUyxLQUFLLFNBQVMsS0FBTSxlQUFlLEtBQUssU0FBUztBQUNoRSxRQUFJLENBQUMsT0FBTyxJQUFJLElBQUksS0FBSyxFQUFFLFdBQVcsSUFBSSxJQUFJLEtBQUssUUFBUztBQUM1RCxXQUFPLEtBQUssS0FBSyxNQUFNLENBQUU7QUFBQSxFQUMzQjtBQUNBLFNBQU87QUFDVDtBQUdBLFNBQVMsUUFBUSxNQUF5QixRQUE0QjtBQUNwRSxRQUFNLENBQUMsT0FBTyxFQUFFLElBQUk7QUFDcEIsTUFBSSxLQUFLLFNBQVM7QUFDaEIsV0FBTyxTQUFTLEVBQUUsV0FBVyxJQUFJLFlBQVksS0FBSyxJQUFJLEVBQUUsV0FBVyxNQUFNLFlBQVksR0FBRztBQUMxRixRQUFNLFdBQVcsS0FBSyxVQUFVLENBQUMsTUFBTSxNQUFNLElBQUksS0FBSyxJQUFJLEtBQUssU0FBUyxLQUFLLFdBQVcsSUFBSSxDQUFDO0FBQzdGLFFBQU0sT0FBTyxXQUFXLElBQUksV0FBVyxLQUFLLFNBQVM7QUFDckQsUUFBTSxRQUFtQjtBQUFBLElBQ3ZCLFdBQVcsS0FBSyxNQUFNLEdBQUcsSUFBSSxFQUFFLEtBQUssR0FBRztBQUFBLElBQ3ZDLFlBQVksS0FBSyxNQUFNLElBQUksRUFBRSxLQUFLLEdBQUc7QUFBQSxFQUN2QztBQUVBLFFBQU0sU0FBUyxLQUFLLE1BQU0sR0FBRyxFQUFFLEVBQUUsS0FBSyxDQUFDLFNBQVMsQ0FBQyxXQUFXLElBQUksS0FBSyxLQUFLLElBQUksRUFBRSxTQUFTLENBQUM7QUFDMUYsU0FBTyxLQUFLLFNBQVMsS0FBSyxTQUFTLEVBQUUsR0FBRyxPQUFPLFFBQVEsS0FBSyxJQUFJO0FBQ2xFO0FBRUEsSUFBTSxhQUFhLENBQUMsU0FDbEIsU0FBUyxLQUFLLFlBQVksSUFDdEIsVUFBVSxJQUFJLEtBQUssSUFBSSxDQUFDLElBQ3hCLHVEQUF1RCxLQUFLLElBQUk7QUFHdEUsU0FBUyxhQUFhLE1BQThEO0FBQ2xGLE1BQUksQ0FBQyxRQUFRLElBQUksSUFBSSxDQUFDLElBQUksRUFBRTtBQUM1QixRQUFNQSxRQUFPLEtBQUs7QUFBQSxJQUNoQjtBQUFBLElBQ0EsQ0FBQyxPQUFPLEdBQVksR0FBWSxHQUFZLEdBQVksS0FBSyxNQUFNO0FBQ2pFLFlBQU0sU0FBUyxLQUFLLEtBQUssS0FBSyxLQUFLLElBQUksS0FBSztBQUM1QyxZQUFNLGVBQWUsS0FBSyxNQUFPLEtBQWdCLE1BQU0sTUFBTSxFQUFFLFdBQVcsR0FBRztBQUM3RSxVQUFJLGdCQUFnQixPQUFRLFVBQVM7QUFBQSxVQUNoQyxVQUFTO0FBQ2QsYUFBTyxlQUFlLEtBQUs7QUFBQSxJQUM3QjtBQUFBLEVBQ0Y7QUFDQSxTQUFPLEVBQUUsTUFBTUEsTUFBSyxRQUFRLFFBQVEsR0FBRyxFQUFFLEtBQUssR0FBRyxRQUFRLEtBQUs7QUFDaEU7QUFFQSxJQUFNLE1BQU07QUFNTCxTQUFTLFlBQVksTUFBNkM7QUFDdkUsUUFBTUEsUUFBTyxLQUFLLEtBQUssRUFBRSxRQUFRLFFBQVEsR0FBRztBQUM1QyxNQUFJLENBQUMsSUFBSSxLQUFLQSxLQUFJLEtBQUssT0FBT0EsS0FBSSxLQUFLLEtBQUssS0FBS0EsS0FBSSxFQUFHLFFBQU87QUFDL0QsUUFBTSxRQUFRLHFCQUFxQixLQUFLQSxLQUFJO0FBQzVDLFFBQU0sVUFBVSxRQUFRLE1BQU0sQ0FBQyxJQUFLQSxPQUFNLE1BQU0sR0FBRztBQUNuRCxNQUFJLE9BQU8sV0FBVyxLQUFLLE9BQU8sS0FBSyxDQUFDQyxVQUFTQSxNQUFLLEtBQUssTUFBTSxFQUFFLEVBQUcsUUFBTztBQUM3RSxRQUFNLENBQUMsTUFBTSxLQUFLLElBQUk7QUFDdEIsUUFBTSxTQUFTLFFBQVEsQ0FBQyxFQUFHLEtBQUssS0FBSztBQUNyQyxRQUFNLE9BQU8sQ0FBQ0MsV0FDWixZQUFZQSxNQUFLLEtBQUssVUFBVSxTQUFTLEdBQUcsTUFBTSxLQUFLQSxNQUFLLEtBQUtBLE1BQUs7QUFDeEUsUUFBTSxDQUFDLEdBQUcsQ0FBQyxJQUFJLENBQUMsS0FBSyxJQUFJLEdBQUcsS0FBSyxLQUFLLENBQUM7QUFDdkMsSUFBRSxlQUFlO0FBQ2pCLElBQUUsZUFBZTtBQUVqQixNQUFJLEVBQUUsVUFBVSxDQUFDLEVBQUUsYUFBYSxFQUFFLGFBQWEsQ0FBQyxFQUFFO0FBQ2hELEtBQUMsRUFBRSxXQUFXLEVBQUUsVUFBVSxJQUFJLENBQUMsRUFBRSxZQUFZLEVBQUU7QUFFakQsTUFBSSxFQUFFLGVBQWUsR0FBSSxHQUFFLGFBQWEsRUFBRTtBQUFBLFdBQ2pDLEVBQUUsZUFBZSxNQUFNLEVBQUUsY0FBYyxHQUFJLEdBQUUsYUFBYSxFQUFFO0FBQ3JFLE1BQUksWUFBWSxJQUFJLEtBQUssRUFBRSxXQUFXO0FBRXBDLE1BQUUsWUFBWSxFQUFFO0FBQ2hCLE1BQUUsWUFBWTtBQUFBLEVBQ2hCO0FBQ0EsU0FBTyxFQUFFLGVBQWUsTUFBTSxFQUFFLGVBQWUsTUFBTSxDQUFDLEVBQUUsWUFBWSxPQUFPLENBQUMsR0FBRyxDQUFDO0FBQ2xGO0FBR0EsU0FBUyxZQUFZRixPQUFnQztBQUNuRCxRQUFNLE1BQU1BLE1BQUssS0FBSyxFQUFFLE1BQU0sR0FBRztBQUNqQyxTQUFPLElBQUksTUFBTSxDQUFDLFNBQVMsT0FBTyxJQUFJLEtBQUssSUFBSSxDQUFDLENBQUMsSUFDN0MsRUFBRSxXQUFXLElBQUksWUFBWSxJQUFJLFFBQVFBLE1BQUssS0FBSyxFQUFFLElBQ3JEO0FBQ047OztBQ25LTyxTQUFTLFVBQVUsS0FBbUQ7QUFDM0UsUUFBTSxRQUFRLElBQUksSUFBSSxhQUFhLEdBQUc7QUFDdEMsUUFBTSxTQUFTLElBQUksSUFBSSxjQUFjLEdBQUc7QUFDeEMsUUFBTSxRQUFRLElBQUksSUFBSSxRQUFRLEdBQUc7QUFFakMsT0FBSyxTQUFTLFdBQVcsSUFBSSxJQUFJLFFBQVE7QUFDdkMsV0FBTyxFQUFFLE9BQU8sQ0FBQyxFQUFFLFdBQVcsT0FBTyxZQUFZLE9BQU8sQ0FBQyxHQUFHLFNBQVMsR0FBRztBQUMxRSxNQUFJLFNBQVMsUUFBUTtBQUNuQixVQUFNRyxVQUFTLFNBQVMsWUFBWSxHQUFHLFNBQVMsR0FBRyxNQUFNLE9BQU8sRUFBRSxHQUFHLEtBQUssRUFBRTtBQUM1RSxRQUFJQSxRQUFRLFFBQU8sRUFBRSxPQUFPQSxTQUFRLFNBQVMsR0FBRztBQUNoRCxVQUFNLFFBQVEsUUFBUSxXQUFXLEtBQUssSUFBSSxFQUFFLFdBQVcsR0FBRztBQUMxRCxVQUFNLE9BQU8sQ0FBQyxPQUFPLE1BQU0sRUFBRSxPQUFPLE9BQU8sRUFBRSxLQUFLLEdBQUc7QUFDckQsUUFDRSxTQUNBLEtBQUssS0FBSyxNQUFNLEtBQUssSUFBSSxLQUN6QixDQUFDO0FBQUEsTUFDQztBQUFBLE1BQ0EsR0FBRyxJQUFJLElBQUksUUFBUSxDQUFDLElBQUksSUFBSSxJQUFJLElBQUksSUFBSSxZQUFZLENBQUMsSUFBSSxJQUFJLElBQUksUUFBUSxDQUFDO0FBQUEsSUFDNUU7QUFFQSxVQUFJLE1BQU0sYUFBYSxLQUFLO0FBQzlCLFdBQU8sRUFBRSxPQUFPLENBQUMsRUFBRSxHQUFHLE9BQU8sWUFBWSxPQUFPLENBQUMsR0FBRyxTQUFTLEdBQUc7QUFBQSxFQUNsRTtBQUNBLE1BQUksU0FBUyxPQUFPLEtBQUssRUFBRyxRQUFPLEVBQUUsT0FBTyxDQUFDLEdBQUcsU0FBUyxNQUFNO0FBQy9ELFFBQU0sU0FBUyxZQUFZLEtBQUs7QUFDaEMsU0FBTyxFQUFFLE9BQU8sV0FBVyxRQUFRLENBQUMsVUFBVSxLQUFLLENBQUMsSUFBSSxDQUFDLElBQUksU0FBUyxHQUFHO0FBQzNFO0FBRUEsSUFBTSxZQUFZLENBQUMsR0FBVyxNQUM1QixLQUFLLENBQUMsRUFDSCxRQUFRLGVBQWUsR0FBRyxFQUMxQixLQUFLLEVBQ0wsTUFBTSxHQUFHLEVBQ1QsTUFBTSxDQUFDLFNBQVMsS0FBSyxDQUFDLEVBQUUsU0FBUyxJQUFJLENBQUM7QUFHM0MsU0FBUyxXQUFXQyxPQUFzRDtBQUN4RSxNQUFJLENBQUMsUUFBUSxLQUFLQSxLQUFJLEVBQUcsUUFBTyxFQUFFLFdBQVdBLE1BQUs7QUFDbEQsUUFBTSxFQUFFLFdBQVcsWUFBWSxPQUFPLElBQUksVUFBVUEsS0FBSTtBQUN4RCxTQUFPO0FBQUEsSUFDTCxXQUFXLENBQUMsV0FBVyxVQUFVLEVBQUUsT0FBTyxPQUFPLEVBQUUsS0FBSyxHQUFHO0FBQUEsSUFDM0QsR0FBSSxTQUFTLEVBQUUsT0FBTyxJQUFJLENBQUM7QUFBQSxFQUM3QjtBQUNGOzs7QUN4Q0EsSUFBTSxVQUFVLENBQUNDLFVBQ2ZBLE1BQ0csTUFBTSxrQ0FBa0MsRUFDeEMsSUFBSSxDQUFDLFNBQVMsS0FBSyxLQUFLLENBQUMsRUFDekIsT0FBTyxPQUFPO0FBTVosU0FBUyxTQUFTLEtBQVUsUUFBd0IsVUFBc0M7QUFDL0YsUUFBTSxZQUFZLElBQUksSUFBSSxlQUFlO0FBQ3pDLE1BQUksSUFBSSxVQUFVLEVBQUUsUUFBUSxDQUFDLEVBQUUsTUFBQUEsTUFBSyxHQUFHLE1BQU07QUFDM0MsVUFBTSxRQUFRLFFBQVFBLEtBQUk7QUFDMUIsVUFBTSxPQUFPLE1BQU0sV0FBVyxJQUFJLFVBQVUsQ0FBQyxJQUFJO0FBQ2pELFVBQU0sV0FBVyxRQUFRLElBQUksSUFBSSxLQUFLLE1BQU0sS0FBSyxRQUFRLElBQUk7QUFDN0QsZUFBVyxRQUFRO0FBQ2pCLGFBQU8sUUFBUSxLQUFLLEVBQUUsTUFBTSxTQUFTLE1BQU0sR0FBSSxXQUFXLEVBQUUsU0FBUyxJQUFJLENBQUMsRUFBRyxDQUFDO0FBQ2hGLFFBQUksUUFBUSxDQUFDLFNBQVUsS0FBSSxPQUFPLEtBQUssTUFBTSx1QkFBdUI7QUFBQSxFQUN0RSxDQUFDO0FBQ0QsTUFBSSxJQUFJLElBQUksVUFBVSxFQUFFLFNBQVMsVUFBVTtBQUN6QyxlQUFXLEVBQUUsU0FBUyxNQUFBQSxNQUFLLEtBQUssVUFBVyxLQUFJLE1BQU0sU0FBU0EsS0FBSTtBQUNwRSxhQUFXLEVBQUUsTUFBQUEsTUFBSyxLQUFLLElBQUksSUFBSSxNQUFNO0FBQ25DLGVBQVcsUUFBUSxRQUFRQSxLQUFJLEVBQUcsUUFBTyxRQUFRLEtBQUssRUFBRSxNQUFNLE9BQU8sS0FBSyxDQUFDO0FBQzdFLFFBQU0sU0FBUyxJQUFJLElBQUksWUFBWTtBQUNuQyxNQUFJLE9BQVEsUUFBTyxRQUFRLEtBQUssRUFBRSxNQUFNLGVBQWUsTUFBTSxPQUFPLENBQUM7QUFDckUsUUFBTSxPQUFPLFlBQVksSUFBSSxJQUFJLFFBQVEsSUFBSSxDQUFDO0FBQzlDLGFBQVcsUUFBUSxLQUFLLE9BQVEsS0FBSSxPQUFPLE1BQU0sT0FBTztBQUN4RCxTQUFPLFFBQVEsS0FBSyxHQUFHLEtBQUssSUFBSTtBQUNoQyxTQUFPLFlBQVksS0FBSyxRQUFRLFFBQVE7QUFDMUM7QUFHTyxTQUFTLFVBQVUsUUFBeUM7QUFDakUsUUFBTSxRQUFRLE9BQU8sUUFBUSxDQUFDLEVBQUUsUUFBUSxNQUFNLFFBQVEsT0FBTyxDQUFDLFFBQVEsSUFBSSxLQUFLLENBQUM7QUFDaEYsTUFBSSxNQUFNLFdBQVcsRUFBRztBQUN4QixRQUFNLFNBQVMsb0JBQUksSUFBc0I7QUFDekMsU0FBTyxRQUFRLENBQUMsRUFBRSxPQUFPLEdBQUcsVUFBVTtBQUNwQyxVQUFNLE9BQU8sWUFBWSxNQUFNO0FBQy9CLFdBQU8sSUFBSSxNQUFNLENBQUMsR0FBSSxPQUFPLElBQUksSUFBSSxLQUFLLENBQUMsR0FBSSxLQUFLLENBQUM7QUFBQSxFQUN2RCxDQUFDO0FBQ0QsYUFBVyxPQUFPLE9BQU87QUFDdkIsVUFBTSxDQUFDLE9BQU8sR0FBRyxJQUFJLElBQUksT0FBTyxJQUFJLElBQUksSUFBSSxLQUFLLENBQUM7QUFDbEQsUUFBSSxVQUFVLFVBQWEsS0FBSyxXQUFXLEVBQUcsS0FBSSxRQUFRO0FBQUEsRUFDNUQ7QUFDRjtBQUVBLFNBQVMsWUFBWSxLQUFVLFFBQXdCLFVBQXNDO0FBQzNGLFFBQU0sT0FBTyxVQUFVLElBQUksSUFBSSxlQUFlLEdBQUcsQ0FBQztBQUNsRCxRQUFNLFlBQVksSUFBSSxJQUFJLG9CQUFvQixHQUFHLEtBQUssS0FBSztBQUMzRCxRQUFNLGFBQWEsSUFBSSxJQUFJLHFCQUFxQixHQUFHLEtBQUssS0FBSztBQUM3RCxRQUFNQyxVQUFTLElBQUksSUFBSSxjQUFjO0FBQ3JDLFFBQU1DLFVBQVMsSUFBSSxJQUFJLGNBQWM7QUFDckMsUUFBTSxDQUFDLFNBQVMsSUFBSSxJQUFJLElBQUksaUJBQWlCO0FBQzdDLFFBQU0sV0FBVyxhQUFhLElBQUksSUFBSSxVQUFVLE1BQU0sVUFBVSxRQUFRLElBQUk7QUFDNUUsTUFBSSxhQUFhLENBQUMsU0FBVSxLQUFJLE9BQU8sVUFBVSxNQUFNLHVCQUF1QjtBQUM5RSxNQUFJLGFBQWEsU0FBUyxFQUFFLGFBQWEsYUFBYTtBQUNwRCxlQUFXLEVBQUUsU0FBUyxNQUFBRixNQUFLLEtBQUssQ0FBQyxHQUFHQyxTQUFRLEdBQUdDLE9BQU0sRUFBRyxLQUFJLE1BQU0sU0FBU0YsS0FBSTtBQUMvRSxVQUFNRyxTQUFRLENBQUMsV0FBVyxVQUFVLEVBQUUsT0FBTyxPQUFPLEVBQUUsS0FBSyxHQUFHO0FBQzlELFFBQUlBO0FBQ0YsYUFBTyxRQUFRLEtBQUssRUFBRSxNQUFNLFdBQVcsTUFBTUEsUUFBTyxHQUFJLFdBQVcsRUFBRSxTQUFTLElBQUksQ0FBQyxFQUFHLENBQUM7QUFBQSxhQUNoRixTQUFVLEtBQUksTUFBTSxVQUFXLFNBQVMsVUFBVyxJQUFJO0FBQ2hFLFdBQU8sQ0FBQztBQUFBLEVBQ1Y7QUFDQSxRQUFNLFFBQVE7QUFBQSxJQUNaLEVBQUUsR0FBRyxNQUFNLFdBQVcsWUFBWSxjQUFjLE9BQU8sT0FBTyxXQUFXO0FBQUEsSUFDekU7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFdBQVcsWUFBWTtBQUNwQyxhQUFXLEVBQUUsTUFBQUgsTUFBSyxLQUFLQyxTQUFRO0FBQzdCLFVBQU0sUUFBUSxVQUFVRCxLQUFJO0FBQzVCLFFBQUksTUFBTyxPQUFNLE9BQU8sT0FBTyxLQUFLLEVBQUUsT0FBTyxPQUFPLEdBQUcsQ0FBQztBQUFBLFFBQ25ELEtBQUksT0FBT0EsT0FBTSxtQkFBbUI7QUFBQSxFQUMzQztBQUNBLGFBQVcsRUFBRSxNQUFBQSxPQUFNLE1BQU0sS0FBS0UsU0FBUTtBQUNwQyxVQUFNLFFBQVEsVUFBVUYsS0FBSTtBQUM1QixRQUFJLE1BQU8sT0FBTSxPQUFPLE9BQU8sS0FBSyxFQUFFLE9BQU8sT0FBTyxNQUFNLENBQUM7QUFBQSxRQUN0RCxLQUFJLE9BQU9BLE9BQU0sZ0JBQWdCO0FBQUEsRUFDeEM7QUFDQSxTQUFPLENBQUMsS0FBSztBQUNmOzs7QUM3Q08sU0FBUyxXQUNkLE9BQ0EsTUFDQSxFQUFFLE9BQU8sTUFBTSxDQUFDLEdBQUcsV0FBVyxPQUFPLFFBQVEsTUFBTSxHQUNEO0FBQ2xELFFBQU0sU0FBMkIsQ0FBQztBQUNsQyxRQUFNLFNBQXFCLENBQUM7QUFDNUIsUUFBTSxPQUFPLFdBQVcsT0FBTyxNQUFNLEtBQUssRUFBRSxPQUFPLE1BQU0sQ0FBQztBQUMxRCxRQUFNLE9BQU8sV0FBVyxPQUFPLElBQUk7QUFDbkMsUUFBTSxZQUFZLG9CQUFJLElBQXVEO0FBQzdFLE9BQUssUUFBUSxDQUFDLEtBQUssV0FBVztBQUM1QixRQUFJLENBQUMsSUFBSztBQUNWLFVBQU0sRUFBRSxJQUFJLE1BQU0sSUFBSSxXQUFXLEdBQUc7QUFDcEMsY0FBVSxJQUFJLElBQUk7QUFBQSxNQUNoQixHQUFJLFVBQVUsSUFBSSxFQUFFLEtBQUssQ0FBQztBQUFBLE1BQzFCLEVBQUUsUUFBUSxPQUFPLFNBQVMsSUFBSSxHQUFHLElBQUksS0FBSyxNQUFNO0FBQUEsSUFDbEQsQ0FBQztBQUFBLEVBQ0gsQ0FBQztBQUNELGFBQVcsRUFBRSxLQUFLLE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDdkMsVUFBTSxTQUFtQixDQUFDO0FBQzFCLFVBQU0sU0FBUyxDQUFDLFdBQW1CO0FBQ2pDLFlBQU1JLFFBQU8sTUFBTSxNQUFNLEtBQUs7QUFDOUIsYUFBTyxLQUFLLElBQUksTUFBTSxLQUFLLFlBQVksS0FBS0EsS0FBSSxJQUFJQSxNQUFLLFNBQVMsR0FBRyxHQUFHLElBQUlBO0FBQUEsSUFDOUU7QUFDQSxVQUFNLFNBQWM7QUFBQSxNQUNsQjtBQUFBLE1BQ0EsS0FBSyxDQUFDLFdBQVc7QUFDZixjQUFNLFVBQVUsVUFBVSxJQUFJLE1BQU07QUFFcEMsWUFBSSxDQUFDLFFBQVMsUUFBTztBQUNyQixlQUFPLFFBQVEsUUFBUSxDQUFDLEVBQUUsUUFBUSxNQUFNLE1BQU07QUFDNUMsZ0JBQU1BLFFBQU8sT0FBTyxNQUFNO0FBQzFCLGlCQUFPQSxVQUFTLEtBQUssQ0FBQyxJQUFJLENBQUMsRUFBRSxNQUFBQSxPQUFNLE9BQU8sU0FBUyxNQUFNLE9BQU8sTUFBTSxHQUFJLE9BQU8sQ0FBQztBQUFBLFFBQ3BGLENBQUM7QUFBQSxNQUNIO0FBQUEsTUFDQSxLQUFLLENBQUMsUUFBUSxPQUFPLFNBQVM7QUFDNUIsY0FBTUMsU0FBUSxPQUFPLElBQUksTUFBTTtBQUMvQixlQUFPQSxPQUFNLFdBQVcsSUFBSSxLQUFLQSxPQUFNLElBQUksQ0FBQyxFQUFFLE1BQUFELE1BQUssTUFBTUEsS0FBSSxFQUFFLEtBQUssSUFBSTtBQUFBLE1BQzFFO0FBQUEsTUFDQSxLQUFLLENBQUMsV0FBVyxVQUFVLElBQUksTUFBTTtBQUFBLE1BQ3JDLFFBQVEsQ0FBQ0EsT0FBTSxTQUFTO0FBQ3RCLGNBQU0sU0FBUyxNQUFNLFVBQVUsQ0FBQyxTQUFTLEtBQUssU0FBU0EsS0FBSSxDQUFDO0FBQzVELGVBQU8sS0FBSyxHQUFHLE1BQU0sT0FBTyxNQUFNLEtBQUssSUFBSSxLQUFLQSxLQUFJLEVBQUU7QUFDdEQsZUFBTyxLQUFLO0FBQUEsVUFDVjtBQUFBLFVBQ0EsS0FBSyxTQUFJQSxNQUFLLE1BQU0sR0FBRyxFQUFFLENBQUMsaUJBQVksSUFBSTtBQUFBLFVBQzFDLFNBQVM7QUFBQSxRQUNYLENBQUM7QUFBQSxNQUNIO0FBQUEsTUFDQSxNQUFNLENBQUMsUUFBUSxPQUFPLEtBQUssRUFBRSxLQUFLLEtBQUssU0FBUyxNQUFNLENBQUM7QUFBQSxNQUN2RCxPQUFPLENBQUMsU0FBU0EsVUFBUyxPQUFPLEtBQUssR0FBRyxPQUFPLEtBQUtBLEtBQUksRUFBRTtBQUFBLE1BQzNELEtBQUssQ0FBQ0EsT0FBTSxRQUFRLFNBQVMsU0FBU0EsT0FBTSxFQUFFLEdBQUcsS0FBSyxJQUFJLE1BQU0sR0FBSSxNQUFNLFFBQVEsTUFBTSxDQUFDO0FBQUEsSUFDM0Y7QUFDQSxZQUFRLFFBQVEsRUFBRSxLQUFLLE9BQU8sS0FBSyxVQUFVLE9BQU8sTUFBTSxPQUFPLFFBQVEsT0FBTyxHQUFHLE1BQU07QUFDekYsUUFBSSxPQUFPLEdBQUcsRUFBRSxHQUFHLFFBQVE7QUFDekIsYUFBTyxLQUFLLEVBQUUsS0FBSyxLQUFLLHFEQUFxRCxTQUFTLEtBQUssQ0FBQztBQUFBLEVBQ2hHO0FBQ0EsWUFBVSxNQUFNO0FBQ2hCLFNBQU8sRUFBRSxRQUFRLE9BQU87QUFDMUI7QUFFQSxJQUFNLFdBQW1DLENBQUM7QUFZMUMsU0FBUyxRQUFRLEtBQVUsSUFBZ0IsUUFBZ0M7QUFDekUsUUFBTSxTQUFTLFdBQVcsS0FBSyxHQUFHLEdBQUc7QUFDckMsUUFBTSxFQUFFLE9BQU8sUUFBUSxJQUFJLFVBQVUsR0FBRztBQUN4QyxTQUFPLFlBQVk7QUFDbkIsUUFBTSxDQUFDLE9BQU8sTUFBTSxJQUFJO0FBQ3hCLFNBQU8sUUFBUSxPQUFPLEdBQUc7QUFDekIsUUFBTSxRQUFRLEdBQUcsTUFBTSxNQUFNLEdBQUcsS0FBSyxFQUFFLE9BQU8sT0FBTztBQUNyRCxNQUFJLE1BQU0sU0FBUyxHQUFHO0FBQ3BCLFFBQUksS0FBSyxtQ0FBOEIsTUFBTSxLQUFLLElBQUksRUFBRSxNQUFNLEdBQUcsRUFBRSxDQUFDLDRCQUF1QjtBQUMzRixRQUFJLE1BQU0sMEJBQTBCLE1BQU0sS0FBSyxJQUFJLENBQUM7QUFBQSxFQUN0RDtBQUNBLGFBQVcsRUFBRSxTQUFTLE1BQUFBLE1BQUssS0FBSyxJQUFJLElBQUksT0FBTyxFQUFHLEtBQUksTUFBTSxTQUFTQSxLQUFJO0FBQ3pFLFFBQU0sU0FBeUI7QUFBQSxJQUM3QixHQUFHLFdBQVcsR0FBRyxLQUFLLE1BQU07QUFBQSxJQUM1QixNQUFNLFVBQVUsSUFBSSxJQUFJLFFBQVEsSUFBSSxDQUFDLEVBQUUsSUFBSSxDQUFDLFFBQVEsSUFBSSxRQUFRLE1BQU0sRUFBRSxDQUFDO0FBQUEsSUFDekUsUUFBUSxJQUFJLElBQUksUUFBUTtBQUFBLElBQ3hCLGFBQWEsS0FBSyxLQUFLLFdBQVcsYUFBYSxrQkFBa0I7QUFBQSxJQUNqRSxTQUFTLGVBQWUsR0FBRztBQUFBLElBQzNCLE1BQU0sU0FBUyxHQUFHO0FBQUEsSUFDbEIsUUFBUSxJQUFJLElBQUksVUFBVSxFQUFFLElBQUksQ0FBQyxFQUFFLFNBQVMsTUFBQUEsTUFBSyxPQUFPLEVBQUUsU0FBUyxNQUFBQSxNQUFLLEVBQUU7QUFBQSxJQUMxRSxHQUFJLE9BQU8sU0FBUyxFQUFFLGFBQWEsS0FBSyxJQUFJLENBQUM7QUFBQSxFQUMvQztBQUNBLFFBQU0sT0FBTyxTQUFTLEtBQUssUUFBUSxHQUFHLFFBQVE7QUFDOUMsTUFBSSxDQUFDLFdBQVcsTUFBTSxFQUFHO0FBQ3pCLFNBQU8sUUFBUSxRQUFRLEtBQUssR0FBRyxNQUFNO0FBQ3JDLFNBQU8sS0FBSyxNQUFNO0FBQ2xCLFFBQU0sU0FBUyxTQUFTLENBQUMsU0FBUyxRQUFRLE1BQU0sR0FBRyxHQUFHLElBQUksSUFBSTtBQUM5RCxhQUFXLFNBQVMsUUFBUTtBQUMxQixXQUFPLFFBQVEsS0FBSyxFQUFFLE1BQU0sV0FBVyxNQUFNLElBQUksT0FBTyxPQUFPLE9BQU8sQ0FBQztBQUN2RSxXQUFPLEtBQUssS0FBSztBQUFBLEVBQ25CO0FBQ0EsTUFBSTtBQUNGLFFBQUksS0FBSyw2RUFBNkU7QUFDMUY7QUFHQSxTQUFTLE9BQU8sUUFBc0IsTUFBNkIsS0FBZ0I7QUFDakYsTUFBSSxDQUFDLEtBQU07QUFDWCxTQUFPLFlBQVksS0FBSztBQUN4QixTQUFPLGFBQWEsS0FBSztBQUN6QixTQUFPLFdBQVcsS0FBSyxVQUFVO0FBQ2pDLFNBQU8sV0FBVyxLQUFLLFVBQVU7QUFDakMsU0FBTyxXQUFXLEtBQUssVUFBVTtBQUNqQyxNQUFJLEtBQUssS0FBTSxLQUFJLE1BQU0sb0JBQW9CLEtBQUssSUFBSTtBQUN4RDtBQUdBLFNBQVMsZUFBZSxLQUF1QjtBQUM3QyxRQUFNLFVBQXVCLENBQUM7QUFDOUIsYUFBVyxVQUFVLENBQUMsV0FBVyxXQUFXO0FBQzFDLGVBQVcsRUFBRSxNQUFBQSxPQUFNLE9BQU8sS0FBSyxJQUFJLElBQUksTUFBTSxHQUFHO0FBQzlDLFlBQU1FLFFBQU8sWUFBWUYsT0FBTSxDQUFDLFFBQVEsSUFBSSxJQUFJLEtBQUssUUFBUSxJQUFJLEdBQUcsSUFBSSxLQUFLO0FBQzdFLGlCQUFXLFFBQVFFLE1BQUssT0FBUSxLQUFJLE9BQU8sTUFBTSxxQkFBcUI7QUFDdEUsaUJBQVcsU0FBU0EsTUFBSztBQUN2QixZQUFJLENBQUMsUUFBUSxLQUFLLENBQUMsVUFBVSxLQUFLLFVBQVUsS0FBSyxNQUFNLEtBQUssVUFBVSxLQUFLLENBQUM7QUFDMUUsa0JBQVEsS0FBSyxLQUFLO0FBQUEsSUFDeEI7QUFDRixTQUFPO0FBQ1Q7QUFHQSxTQUFTLFFBQVEsS0FBVSxRQUFvRDtBQUM3RSxRQUFNLFFBQVEsVUFBVSxJQUFJLElBQUksU0FBUyxJQUFJLENBQUM7QUFDOUMsUUFBTSxPQUFPLElBQUksSUFBSSxRQUFRLElBQUk7QUFDakMsUUFBTSxNQUFNLENBQUMsTUFBTSxLQUFLLENBQUMsRUFBRSxNQUFBQyxNQUFLLE1BQU1BLFVBQVMsSUFBSSxJQUFJLEtBQUssTUFBTSxHQUFHLE1BQU07QUFDM0UsUUFBTSxPQUFPLElBQUksT0FBTyxPQUFPLEVBQUUsS0FBSyxJQUFJO0FBQzFDLFNBQU8sT0FBTyxDQUFDLEVBQUUsSUFBSSxNQUFNLEtBQUssR0FBRyxHQUFHLEtBQUssSUFBSTtBQUNqRDtBQUVBLFNBQVMsWUFBWUgsT0FBNkI7QUFDaEQsUUFBTSxPQUFPLFdBQVdBLEtBQUk7QUFDNUIsU0FBTyxTQUFTLFFBQVEsT0FBTyxVQUFVLElBQUksS0FBSyxRQUFRLEtBQUssUUFBUSxPQUFPLE9BQU87QUFDdkY7OztBQ3RMQSxJQUFNLFFBQVE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQWVkLElBQU0sV0FBVyxvQkFBSSxJQUFvQjtBQUN6QyxXQUFXLFNBQVMsTUFBTSxLQUFLLEVBQUUsTUFBTSxPQUFPLEdBQUc7QUFDL0MsUUFBTSxDQUFDLE9BQU8sR0FBRyxJQUFJLElBQUksTUFBTSxLQUFLLEVBQUUsTUFBTSxHQUFHO0FBQy9DLGFBQVcsUUFBUSxDQUFDLE9BQU8sR0FBRyxJQUFJLEVBQUcsVUFBUyxJQUFJLE1BQU0sS0FBSztBQUMvRDtBQUdBLElBQU0sYUFBYSxJQUFJO0FBQUEsRUFDckIsK0RBQStELE1BQU0sR0FBRztBQUMxRTtBQUVBLElBQU0sVUFBVSxJQUFJO0FBQUEsRUFDbEIsd0VBQXdFLE1BQU0sR0FBRztBQUNuRjtBQUdPLElBQU0sZUFBa0M7QUFBQSxFQUM3QyxHQUFHO0FBQUEsRUFDSCxHQUFHLENBQUMsR0FBRyxRQUFRLEVBQUUsUUFBUSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU8sV0FBVyxJQUFJLEtBQUssSUFBSSxDQUFDLElBQUksQ0FBQyxJQUFJLENBQUU7QUFDbkY7QUFHTyxJQUFNLFlBQVksQ0FBQyxTQUF5QixTQUFTLElBQUksSUFBSSxLQUFLO0FBRXpFLElBQU0sVUFBVSxDQUFDLFNBQXlCLEtBQUssUUFBUSx3QkFBd0IsSUFBSTtBQUc1RSxTQUFTLFVBQVUsTUFBc0I7QUFDOUMsUUFBTUksU0FBUSxLQUFLLElBQUksRUFDcEIsUUFBUSxTQUFTLE9BQU8sRUFDeEIsUUFBUSxzQkFBc0IsRUFBRSxFQUNoQyxRQUFRLE1BQU0sR0FBRyxFQUNqQixNQUFNLEtBQUssRUFDWCxPQUFPLE9BQU8sRUFDZCxJQUFJLENBQUMsU0FBUyxRQUFRLFVBQVUsSUFBSSxDQUFDLENBQUM7QUFFekMsU0FBT0EsT0FDSixPQUFPLENBQUMsTUFBTSxNQUFNLEVBQUUsU0FBUyxTQUFTLG1CQUFtQixLQUFLQSxPQUFNLElBQUksQ0FBQyxLQUFLLEVBQUUsRUFBRSxFQUNwRixLQUFLLEdBQUc7QUFDYjtBQU1PLFNBQVMsV0FBVyxTQUF1RTtBQUNoRyxRQUFNLE9BQU8sVUFBVSxRQUFRLElBQUk7QUFDbkMsTUFBSSxDQUFDLEtBQUssS0FBSyxJQUFJLEVBQUcsUUFBTztBQUM3QixRQUFNLFFBQVEsUUFBUSxXQUFXLFFBQVEsT0FBTyxFQUFFLEVBQUUsTUFBTSxHQUFHLENBQUMsRUFBRSxZQUFZO0FBQzVFLFNBQU8sR0FBRyxJQUFJLElBQUksU0FBUyxLQUFLLFFBQVEsSUFBSSxDQUFDO0FBQy9DO0FBR08sSUFBTSxVQUFVLENBQUMsWUFDdEIsV0FBVyxDQUFDLGVBQWUsS0FBSyxRQUFRLEtBQUssSUFBSyxXQUFXLE9BQU8sS0FBSyxLQUFNOzs7QUMxRWpGLElBQU0sU0FBUyxDQUFDLEdBQXNCLE1BQXlCLEVBQUUsS0FBSyxDQUFDLE1BQU0sRUFBRSxTQUFTLENBQUMsQ0FBQztBQUMxRixJQUFNLFNBQVMsQ0FBQyxHQUFzQixNQUNwQyxFQUFFLFNBQVMsS0FBSyxFQUFFLFNBQVMsS0FBSyxDQUFDLE9BQU8sR0FBRyxDQUFDO0FBZ0J2QyxJQUFNLGlCQUFpQixDQUFDLEdBQVcsR0FBVyxXQUNuRCxFQUFFLE9BQU8sS0FBSyxDQUFDLFVBQVUsRUFBRSxPQUFPLFNBQVMsS0FBSyxLQUFLLENBQUMsT0FBTyxJQUFJLEtBQUssQ0FBQyxLQUN2RSxPQUFPLEVBQUUsU0FBUyxFQUFFLE1BQU0sS0FDMUIsT0FBTyxFQUFFLFFBQVEsRUFBRSxPQUFPLEtBQ3pCLEVBQUUsYUFBYSxRQUFRLEVBQUUsU0FBUyxTQUFTLEtBQUssRUFBRSxhQUFhLEVBQUU7QUFHN0QsSUFBTSxZQUFZLENBQUMsR0FBVyxNQUF1QixZQUFZLENBQUMsTUFBTSxZQUFZLENBQUM7QUFFNUYsSUFBTSxjQUFjLENBQUMsTUFDbkIsS0FBSyxVQUFVO0FBQUEsRUFDYixDQUFDLEVBQUUsT0FBTyxFQUFFLFFBQVEsRUFBRSxRQUFRLEVBQUUsUUFBUSxFQUFFLFFBQVEsRUFBRSxTQUFTLEVBQUUsUUFBUTtBQUFBLEVBQ3ZFLENBQUMsRUFBRSxRQUFRLEVBQUUsUUFBUSxFQUFFLEtBQUssRUFBRSxJQUFJLENBQUMsU0FBUyxLQUFLLFNBQVMsQ0FBQztBQUM3RCxDQUFDO0FBRUgsSUFBTSxXQUFXLENBQUMsRUFBRSxPQUFPLE9BQU8sTUFBYyxVQUFVLE1BQU0sV0FBVztBQUNwRSxJQUFNQyxVQUFTLENBQUMsTUFBYyxFQUFFLFlBQVksTUFBTSxDQUFDLFNBQVMsQ0FBQyxLQUFLLEVBQUUsV0FBVztBQU8vRSxTQUFTLFNBQVMsR0FBVyxHQUFXLE9BQXNCLFFBQTBCO0FBQzdGLFFBQU0sU0FBOEI7QUFBQSxJQUNsQyxDQUFDLEVBQUUsV0FBVyxFQUFFLFFBQVEseUJBQXlCO0FBQUEsSUFDakQsQ0FBQ0EsUUFBTyxDQUFDLE1BQU1BLFFBQU8sQ0FBQyxHQUFHLDBCQUEwQjtBQUFBLElBQ3BELENBQUMsRUFBRUEsUUFBTyxDQUFDLEtBQUtBLFFBQU8sQ0FBQyxNQUFNLEVBQUUsU0FBUyxDQUFDLEtBQUssU0FBUyxDQUFDLElBQUksOEJBQThCO0FBQUEsSUFDM0YsQ0FBQyxNQUFNLFVBQVUsYUFBYSxNQUFNLGVBQWUsU0FBUyxDQUFDLEtBQUssU0FBUyxDQUFDLEdBQUcsY0FBYztBQUFBLElBQzdGLENBQUMsTUFBTSxVQUFVLFNBQVMsdUJBQXVCO0FBQUEsSUFDakQsQ0FBQyxDQUFDLE1BQU0sYUFBYSxzQkFBc0I7QUFBQSxJQUMzQyxDQUFDLEVBQUUsU0FBUyxNQUFNLEVBQUUsU0FBUyxNQUFNLEVBQUUsU0FBUyxFQUFFLE1BQU0sNEJBQTRCO0FBQUEsSUFDbEYsQ0FBQyxFQUFFLFdBQVcsRUFBRSxRQUFRLHVCQUF1QjtBQUFBLElBQy9DLENBQUMsZ0JBQWdCLEVBQUUsUUFBUSxFQUFFLE1BQU0sR0FBRyx3QkFBd0I7QUFBQSxJQUM5RDtBQUFBLE1BQ0UsRUFBRSxhQUFhLFFBQVEsRUFBRSxhQUFhLFFBQVEsV0FBVyxFQUFFLFVBQVUsRUFBRSxRQUFRO0FBQUEsTUFDL0U7QUFBQSxJQUNGO0FBQUEsSUFDQSxDQUFDLE9BQU8sRUFBRSxRQUFRLEVBQUUsTUFBTSxLQUFLLENBQUMsZUFBZSxHQUFHLEdBQUcsTUFBTSxHQUFHLG1CQUFtQjtBQUFBLEVBQ25GO0FBQ0EsU0FBTyxPQUFPLE9BQU8sQ0FBQyxDQUFDLE9BQU8sTUFBTSxPQUFPLEVBQUUsSUFBSSxDQUFDLENBQUMsRUFBRUMsTUFBSyxNQUFNQSxNQUFLO0FBQ3ZFO0FBRUEsU0FBUyxnQkFBZ0IsR0FBVyxHQUFvQjtBQUN0RCxNQUFJLENBQUMsS0FBSyxDQUFDLEtBQUssTUFBTSxFQUFHLFFBQU87QUFDaEMsU0FBTyxHQUFHLEVBQUUsV0FBVyxLQUFLLEVBQUUsV0FBVyxNQUFNLEVBQUUsQ0FBQyxNQUFNLEVBQUUsQ0FBQztBQUM3RDtBQUdBLElBQU0sYUFBYSxDQUFDLEdBQVcsTUFDN0IsRUFBRSxXQUFXLEVBQUUsU0FBUyxNQUFNLElBQUksRUFBRSxNQUFNLEVBQUUsTUFBTSxFQUFFLE1BQU0sRUFBRTs7O0FDbEU5RCxJQUFNLFNBQVM7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBMEpmLElBQU0sU0FBUyxvQkFBSSxJQUFzQjtBQUN6QyxXQUFXLFFBQVEsT0FBTyxLQUFLLEVBQUUsTUFBTSxJQUFJLEdBQUc7QUFDNUMsUUFBTSxDQUFDLFFBQVEsR0FBRyxTQUFTLElBQUksS0FBSyxNQUFNLEdBQUc7QUFDN0MsYUFBVyxRQUFRLENBQUMsUUFBUSxHQUFHLFNBQVM7QUFDdEMsV0FBTyxJQUFJLE1BQU0sQ0FBQyxHQUFJLE9BQU8sSUFBSSxJQUFJLEtBQUssQ0FBQyxHQUFJLE1BQU0sQ0FBQztBQUMxRDtBQUdBLElBQU0sUUFBUSxJQUFJO0FBQUEsRUFDaEI7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQSxzQkFnQm9CLE1BQU0sS0FBSztBQUNqQztBQUdPLElBQU0sY0FBYyxDQUFDLFVBQTJCLE9BQU8sSUFBSSxLQUFLLEtBQUssTUFBTSxJQUFJLEtBQUs7QUFHcEYsSUFBTSxjQUFjLENBQUMsVUFBcUMsT0FBTyxJQUFJLEtBQUssS0FBSyxDQUFDLEtBQUs7QUFHckYsSUFBTSxlQUFlLENBQUMsR0FBVyxNQUN0QyxZQUFZLENBQUMsRUFBRSxLQUFLLENBQUMsV0FBVyxZQUFZLENBQUMsRUFBRSxTQUFTLE1BQU0sQ0FBQztBQUcxRCxJQUFNLHFCQUFxQixDQUFDLEdBQVcsTUFDNUMsYUFBYSxHQUFHLENBQUMsS0FBSyxZQUFZLENBQUMsRUFBRSxXQUFXLEtBQUssWUFBWSxDQUFDLEVBQUUsV0FBVzs7O0FDdE1qRixJQUFNLGFBQWE7QUFDbkIsSUFBTSxnQkFBZ0I7QUFPZixTQUFTLFlBQVksR0FBVyxHQUFtQjtBQUN4RCxNQUFJLE1BQU0sRUFBRyxRQUFPO0FBQ3BCLFFBQU0sU0FBUyxLQUFLLElBQUksR0FBRyxLQUFLLE1BQU0sS0FBSyxJQUFJLEVBQUUsUUFBUSxFQUFFLE1BQU0sSUFBSSxDQUFDLElBQUksQ0FBQztBQUMzRSxRQUFNLFFBQVEsSUFBSSxNQUFlLEVBQUUsTUFBTSxFQUFFLEtBQUssS0FBSztBQUNyRCxRQUFNLFdBQXFCLENBQUM7QUFDNUIsV0FBUyxJQUFJLEdBQUcsSUFBSSxFQUFFLFFBQVE7QUFDNUIsYUFBUyxJQUFJLEtBQUssSUFBSSxHQUFHLElBQUksTUFBTSxHQUFHLElBQUksS0FBSyxJQUFJLEVBQUUsUUFBUSxJQUFJLFNBQVMsQ0FBQyxHQUFHO0FBQzVFLFVBQUksQ0FBQyxNQUFNLENBQUMsS0FBSyxFQUFFLENBQUMsTUFBTSxFQUFFLENBQUMsR0FBRztBQUM5QixjQUFNLENBQUMsSUFBSTtBQUNYLGlCQUFTLEtBQUssRUFBRSxDQUFDLENBQUU7QUFDbkI7QUFBQSxNQUNGO0FBQ0osUUFBTSxVQUFVLFNBQVM7QUFDekIsTUFBSSxZQUFZLEVBQUcsUUFBTztBQUMxQixNQUFJLFVBQVU7QUFDZCxNQUFJLEtBQUs7QUFDVCxXQUFTLElBQUksR0FBRyxJQUFJLEVBQUUsUUFBUSxJQUFLLEtBQUksTUFBTSxDQUFDLEtBQUssU0FBUyxJQUFJLE1BQU0sRUFBRSxDQUFDLEVBQUcsWUFBVztBQUN2RixRQUFNLFFBQVEsVUFBVSxFQUFFLFNBQVMsVUFBVSxFQUFFLFVBQVUsVUFBVSxVQUFVLEtBQUssV0FBVztBQUM3RixNQUFJLFNBQVM7QUFDYixTQUFPLFNBQVMsY0FBYyxFQUFFLE1BQU0sTUFBTSxVQUFhLEVBQUUsTUFBTSxNQUFNLEVBQUUsTUFBTSxFQUFHLFdBQVU7QUFDNUYsU0FBTyxPQUFPLFNBQVMsaUJBQWlCLElBQUk7QUFDOUM7OztBQzNCQSxJQUFNLFFBQVE7QUFNUCxTQUFTLGdCQUFnQixHQUFXLEdBQW9CO0FBQzdELFFBQU0sQ0FBQyxPQUFPLElBQUksSUFBSSxFQUFFLFVBQVUsRUFBRSxTQUFTLENBQUMsR0FBRyxDQUFDLElBQUksQ0FBQyxHQUFHLENBQUM7QUFDM0QsTUFBSSxNQUFNLFNBQVMsU0FBUyxLQUFLLFNBQVMsTUFBTSxTQUFTLEVBQUcsUUFBTztBQUNuRSxNQUFJLEtBQUs7QUFDVCxTQUFPLEtBQUssTUFBTSxVQUFVLE1BQU0sRUFBRSxNQUFNLEtBQUssRUFBRSxFQUFHLE9BQU07QUFDMUQsTUFBSSxLQUFLLFNBQVMsTUFBTSxPQUFRLFFBQU8sTUFBTSxNQUFNLEVBQUUsTUFBTSxLQUFLLE1BQU0sS0FBSyxDQUFDO0FBQzVFLFFBQU0sVUFBVSxNQUFNLEVBQUUsTUFBTSxLQUFLLEtBQUssQ0FBQyxLQUFLLE1BQU0sS0FBSyxDQUFDLE1BQU0sS0FBSyxFQUFFO0FBQ3ZFLFNBQ0UsTUFBTSxNQUFNLEtBQUssQ0FBQyxNQUFNLEtBQUssTUFBTSxLQUFLLENBQUMsS0FDeEMsV0FBVyxNQUFNLE1BQU0sS0FBSyxDQUFDLE1BQU0sS0FBSyxNQUFNLEtBQUssQ0FBQztBQUV6RDtBQUVBLElBQU0sVUFBVSxDQUFDLFNBQWlCLEtBQUssUUFBUSxPQUFPLEVBQUU7QUFHakQsSUFBTSxjQUFjLENBQUMsR0FBVyxPQUNwQyxLQUFLLEtBQUssQ0FBQyxLQUFLLEtBQUssS0FBSyxDQUFDLE1BQU0sUUFBUSxDQUFDLE1BQU0sUUFBUSxDQUFDO0FBR3JELElBQU0saUJBQWlCLENBQUMsR0FBVyxNQUN4QyxZQUFZLENBQUMsS0FBSyxZQUFZLENBQUMsS0FBSyxDQUFDLGFBQWEsR0FBRyxDQUFDOzs7QUM3QnhELFNBQVMsdUJBQXVCO0FBNkNoQyxJQUFNLFVBQVUsQ0FBQ0MsVUFDZixLQUFLQSxLQUFJLEVBQ04sUUFBUSxzQkFBc0IsRUFBRSxFQUNoQyxRQUFRLFdBQVcsR0FBRyxFQUN0QixLQUFLO0FBRVYsSUFBTUMsWUFBbUM7QUFBQSxFQUN2QyxJQUFJO0FBQUEsRUFDSixRQUFRO0FBQUEsRUFDUixJQUFJO0FBQUEsRUFDSixRQUFRO0FBQUEsRUFDUixJQUFJO0FBQUEsRUFDSixLQUFLO0FBQUEsRUFDTCxJQUFJO0FBQ047QUFHQSxTQUFTLFlBQVksUUFBZ0IsUUFBa0M7QUFDckUsTUFBSSxPQUFRLFFBQU8sQ0FBQyxRQUFRQSxVQUFTLE1BQU0sS0FBSyxNQUFNO0FBQ3RELFFBQU1DLFNBQVEsT0FBTyxNQUFNLEdBQUc7QUFDOUIsUUFBTSxPQUFPRCxVQUFTQyxPQUFNLEdBQUcsRUFBRSxLQUFLLEVBQUU7QUFDeEMsU0FBTyxRQUFRQSxPQUFNLFNBQVMsSUFBSSxDQUFDQSxPQUFNLE1BQU0sR0FBRyxFQUFFLEVBQUUsS0FBSyxHQUFHLEdBQUcsSUFBSSxJQUFJLENBQUMsUUFBUSxFQUFFO0FBQ3RGO0FBRUEsSUFBTUMsU0FBd0M7QUFBQSxFQUM1QyxJQUFJO0FBQUEsRUFDSixNQUFNO0FBQUEsRUFDTixJQUFJO0FBQUEsRUFDSixLQUFLO0FBQUEsRUFDTCxJQUFJO0FBQUEsRUFDSixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTixLQUFLO0FBQ1A7QUFDQSxJQUFNLFNBQVM7QUFDZixJQUFNLFNBQVM7QUFDZixJQUFNLFNBQVM7QUFFZixJQUFNLFNBQVMsQ0FBQyxVQUFrQixNQUFNLFFBQVEsT0FBTyxFQUFFLEVBQUUsUUFBUSxpQkFBaUIsRUFBRTtBQUUvRSxTQUFTLFNBQVMsR0FBd0I7QUFDL0MsUUFBTSxDQUFDLFFBQVEsTUFBTSxJQUFJLFlBQVksUUFBUSxFQUFFLFVBQVUsR0FBRyxRQUFRLEVBQUUsTUFBTSxDQUFDO0FBQzdFLFFBQU0sQ0FBQyxRQUFRLElBQUksR0FBRyxJQUFJLElBQUksUUFBUSxFQUFFLFNBQVMsRUFBRSxNQUFNLEdBQUc7QUFDNUQsU0FBTztBQUFBLElBQ0wsTUFBTUEsT0FBTSxRQUFRLEVBQUUsTUFBTSxDQUFDLEtBQUs7QUFBQSxJQUNsQyxRQUFRLE9BQU8sS0FBSyxFQUFFLFNBQVMsS0FBSyxPQUFPLEtBQUssRUFBRSxNQUFNO0FBQUEsSUFDeEQ7QUFBQSxJQUNBLFFBQVEsUUFBUSxFQUFFLE1BQU07QUFBQSxJQUN4QixRQUFRLFFBQVEsRUFBRSxVQUFVLEtBQUssS0FBSyxLQUFLLEdBQUc7QUFBQSxJQUM5QztBQUFBLElBQ0E7QUFBQSxJQUNBLFNBQVMsUUFBUSxFQUFFLE9BQU87QUFBQSxJQUMxQixRQUFRLEVBQUUsT0FBTyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sTUFBTSxZQUFZLENBQUM7QUFBQSxJQUN2RCxRQUFRLEVBQUUsT0FBTyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sT0FBTyxLQUFLLENBQUM7QUFBQSxJQUNqRCxTQUFTLEVBQUUsT0FBTyxPQUFPLENBQUMsRUFBRSxNQUFNLE1BQU0sT0FBTyxLQUFLLEtBQUssQ0FBQyxFQUFFLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxPQUFPLEtBQUssQ0FBQztBQUFBLElBQzVGLGNBQWMsRUFBRSxPQUNiLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxPQUFPLEtBQUssS0FBSyxDQUFDLEVBQ3hDLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxPQUFPLEtBQUssQ0FBQztBQUFBLElBQ25DLE9BQU8sRUFBRSxVQUFVLElBQUksT0FBTyxFQUFFLE9BQU8sQ0FBQyxRQUFRLFFBQVEsRUFBRTtBQUFBLElBQzFELFVBQVUsRUFBRTtBQUFBLEVBQ2Q7QUFDRjtBQUVBLElBQU0sYUFBYSxvQkFBSSxJQUF1QztBQUM5RCxJQUFNLGFBQWE7QUFHWixTQUFTLFNBQVMsTUFBeUM7QUFDaEUsTUFBSSxRQUFRLFdBQVcsSUFBSSxJQUFJO0FBQy9CLE1BQUksQ0FBQyxPQUFPO0FBQ1YsWUFBUSxnQkFBZ0IsSUFBSTtBQUM1QixRQUFJLFdBQVcsT0FBTyxXQUFZLFlBQVcsTUFBTTtBQUNuRCxlQUFXLElBQUksTUFBTSxLQUFLO0FBQUEsRUFDNUI7QUFDQSxTQUFPO0FBQ1Q7QUFFQSxJQUFNLFFBQVEsQ0FBQyxTQUF5QixTQUFTLElBQUksRUFBRSxDQUFDLEtBQUs7QUFHN0QsSUFBTSxjQUFjLENBQUMsU0FBeUIsQ0FBQyxHQUFHLElBQUksRUFBRSxDQUFDO0FBR3pELElBQU0sY0FBYyxDQUFDLFNBQXlCLENBQUMsR0FBRyxJQUFJLEVBQUUsTUFBTSxHQUFHLENBQUMsRUFBRSxLQUFLLEVBQUU7QUFRcEUsU0FBUyxVQUFVLEdBQXFCO0FBQzdDLFFBQU0sT0FBTyxvQkFBSSxJQUFZO0FBQzdCLGFBQVcsU0FBUyxFQUFFLE9BQVEsTUFBSyxJQUFJLEtBQUssS0FBSyxFQUFFO0FBQ25ELGFBQVcsU0FBUyxFQUFFLE9BQVEsS0FBSSxNQUFNLFVBQVUsRUFBRyxNQUFLLElBQUksS0FBSyxNQUFNLE1BQU0sRUFBRSxDQUFDLEVBQUU7QUFDcEYsYUFBVyxRQUFRLEVBQUUsTUFBTyxNQUFLLElBQUksS0FBSyxJQUFJLEVBQUU7QUFDaEQsUUFBTSxTQUFTLElBQUksSUFBSSxDQUFDLEVBQUUsT0FBTyxFQUFFLE1BQU0sRUFBRSxPQUFPLE9BQU8sRUFBRSxRQUFRLFdBQVcsQ0FBQztBQUMvRSxhQUFXLFNBQVMsUUFBUTtBQUMxQixRQUFJLENBQUMsRUFBRSxPQUFRLE1BQUssSUFBSSxLQUFLLE1BQU0sS0FBSyxDQUFDLEVBQUU7QUFBQSxTQUN0QztBQUNILFdBQUssSUFBSSxLQUFLLE1BQU0sRUFBRSxNQUFNLENBQUMsSUFBSSxZQUFZLEtBQUssQ0FBQyxFQUFFO0FBQ3JELFdBQUssSUFBSSxLQUFLLE1BQU0sS0FBSyxDQUFDLElBQUksWUFBWSxFQUFFLE1BQU0sQ0FBQyxFQUFFO0FBQ3JELFdBQUssSUFBSSxLQUFLLE1BQU0sS0FBSyxDQUFDLEtBQUssWUFBWSxFQUFFLE1BQU0sQ0FBQyxFQUFFO0FBQ3RELFdBQUssSUFBSSxLQUFLLE1BQU0sRUFBRSxNQUFNLENBQUMsS0FBSyxZQUFZLEtBQUssQ0FBQyxFQUFFO0FBQUEsSUFDeEQ7QUFBQSxFQUNGO0FBQ0EsTUFBSSxPQUFPLFNBQVMsS0FBSyxFQUFFLE9BQVEsTUFBSyxJQUFJLEtBQUssTUFBTSxFQUFFLE1BQU0sQ0FBQyxFQUFFO0FBQ2xFLE1BQUksT0FBTyxTQUFTLEtBQUssQ0FBQyxFQUFFLFVBQVUsRUFBRSxRQUFTLE1BQUssSUFBSSxLQUFLLEVBQUUsT0FBTyxFQUFFO0FBQzFFLFNBQU8sQ0FBQyxHQUFHLElBQUk7QUFDakI7OztBQ3hJQSxJQUFNLFNBQVM7QUFBQSxFQUNiLE9BQU87QUFBQSxFQUNQLFlBQVk7QUFBQSxFQUNaLE9BQU87QUFBQSxFQUNQLGFBQWE7QUFBQSxFQUNiLFlBQVk7QUFBQSxFQUNaLE1BQU07QUFBQSxFQUNOLFdBQVc7QUFBQSxFQUNYLFVBQVU7QUFBQSxFQUNWLHFCQUFxQjtBQUFBLEVBQ3JCLGNBQWM7QUFBQSxFQUNkLGVBQWU7QUFBQSxFQUNmLFFBQVE7QUFBQSxFQUNSLFlBQVk7QUFBQSxFQUNaLFlBQVk7QUFBQSxFQUNaLGNBQWM7QUFBQSxFQUNkLGFBQWE7QUFBQSxFQUNiLE9BQU87QUFBQSxFQUNQLFdBQVc7QUFBQSxFQUNYLGNBQWM7QUFBQSxFQUNkLFlBQVk7QUFBQSxFQUNaLGlCQUFpQjtBQUFBLEVBQ2pCLFNBQVM7QUFBQSxFQUNULFFBQVE7QUFBQSxFQUNSLGFBQWE7QUFBQSxFQUNiLGFBQWE7QUFBQSxFQUNiLFdBQVc7QUFBQSxFQUNYLFNBQVM7QUFBQSxFQUNULGVBQWU7QUFBQSxFQUNmLGtCQUFrQjtBQUNwQjtBQUdPLElBQU0sT0FBTztBQUNiLElBQU0sTUFBTTtBQVduQixJQUFNLFVBQVU7QUFDaEIsSUFBTSxXQUFXO0FBQ2pCLElBQU0sWUFBWSxDQUFDLEdBQXNCLE1BQXlCLEVBQUUsS0FBSyxDQUFDLE1BQU0sRUFBRSxTQUFTLENBQUMsQ0FBQztBQUc3RixJQUFNLFlBQVksQ0FBQyxHQUFXLE1BQzVCLE1BQU0sTUFBTyxFQUFFLFdBQVcsS0FBSyxFQUFFLFdBQVcsTUFBTSxFQUFFLE1BQU0sRUFBRSxNQUFNLEVBQUUsTUFBTSxFQUFFO0FBR3ZFLFNBQVMsUUFBUSxHQUFXLEdBQVcsU0FBaUIsb0JBQUksSUFBSSxHQUFlO0FBQ3BGLE1BQUksUUFBUTtBQUNaLFFBQU0sV0FBcUIsQ0FBQztBQUM1QixRQUFNLE1BQU0sQ0FBQyxRQUFnQkMsV0FBbUI7QUFDOUMsYUFBUztBQUNULFFBQUlBLE9BQU8sVUFBUyxLQUFLQSxNQUFLO0FBQUEsRUFDaEM7QUFDQSxRQUFNLFFBQVEsYUFBYSxHQUFHLEdBQUcsR0FBRztBQUNwQyxRQUFNLE9BQU8sQ0FBQyxRQUF1QyxFQUFFLEdBQUcsRUFBRSxTQUFTLEtBQUssRUFBRSxHQUFHLEVBQUUsU0FBUztBQUMxRixNQUFJLFVBQVUsRUFBRSxRQUFRLEVBQUUsTUFBTSxFQUFHLEtBQUksT0FBTyxPQUFPLGFBQWE7QUFBQSxXQUN6RCxLQUFLLFFBQVEsRUFBRyxLQUFJLE9BQU8sVUFBVTtBQUM5QyxRQUFNLFFBQVEsRUFBRSxPQUFPLEtBQUssQ0FBQyxNQUFNLEVBQUUsT0FBTyxLQUFLLENBQUMsTUFBTSxVQUFVLEdBQUcsQ0FBQyxDQUFDLENBQUM7QUFDeEUsTUFBSSxVQUFVLFFBQVc7QUFDdkIsVUFBTSxXQUFXLEVBQUUsYUFBYSxTQUFTLEtBQUssS0FBSyxFQUFFLGFBQWEsU0FBUyxLQUFLO0FBQ2hGLFFBQUksV0FBVyxPQUFPLGNBQWMsT0FBTyxPQUFPLFlBQVk7QUFBQSxFQUNoRTtBQUNBLE1BQUksVUFBVSxVQUFhLEtBQUssUUFBUSxFQUFHLEtBQUksT0FBTyxVQUFVO0FBQ2hFLE1BQUksVUFBVSxFQUFFLE9BQU8sRUFBRSxLQUFLLEVBQUcsS0FBSSxPQUFPLE1BQU0sY0FBYztBQUFBLFdBQ3ZELEtBQUssT0FBTyxFQUFHLEtBQUksT0FBTyxXQUFXLHFCQUFxQjtBQUNuRSxtQkFBaUIsRUFBRSxVQUFVLEVBQUUsVUFBVSxHQUFHO0FBQzVDLE1BQUksRUFBRSxXQUFXLEVBQUUsWUFBWSxFQUFFLFNBQVM7QUFDeEMsVUFBTSxRQUFRLENBQUMsRUFBRSxTQUFTLENBQUMsRUFBRSxVQUFVLENBQUMsRUFBRSxTQUFTLENBQUMsRUFBRTtBQUN0RCxRQUFJLFFBQVEsT0FBTyxtQkFBbUIsT0FBTyxTQUFTLGNBQWM7QUFBQSxFQUN0RTtBQUNBLE1BQUlDLFFBQU8sQ0FBQyxNQUFNQSxRQUFPLENBQUMsRUFBRyxLQUFJLE9BQU8sYUFBYTtBQUVyRCxRQUFNLGFBQWEsV0FBVyxDQUFDLEtBQUssV0FBVyxDQUFDLE1BQU0sVUFBVSxFQUFFLFFBQVEsRUFBRSxNQUFNO0FBQ2xGLE1BQUksQ0FBQyxhQUFhLFFBQVEsSUFBSyxRQUFPLEVBQUUsU0FBUyxhQUFhLE9BQU8sU0FBUztBQUM5RSxRQUFNLFNBQVMsWUFBWSxDQUFDLElBQUksU0FBUyxHQUFHLEdBQUcsT0FBTyxNQUFNO0FBQzVELFdBQVMsS0FBSyxHQUFHLE9BQU8sT0FBTyxDQUFDLFVBQVUsQ0FBQyxTQUFTLFNBQVMsS0FBSyxDQUFDLENBQUM7QUFDcEUsUUFBTSxTQUNKLFNBQVMsUUFBUSxPQUFPLFdBQVcsTUFBTSxlQUFlLEdBQUcsR0FBRyxNQUFNLEtBQUssVUFBVSxHQUFHLENBQUM7QUFDekYsTUFBSSxhQUFhLE9BQVEsUUFBTyxFQUFFLFNBQVMsUUFBUSxPQUFPLFNBQVM7QUFDbkUsU0FBTyxFQUFFLFNBQVMsT0FBTyxPQUFPLFNBQVM7QUFDM0M7QUFFQSxJQUFNLGFBQWEsQ0FBQyxFQUFFLE9BQU8sUUFBUSxRQUFRLFFBQVEsTUFDbkQsQ0FBQyxPQUFPLFFBQVEsUUFBUSxPQUFPLEVBQUUsTUFBTSxDQUFDLFNBQVMsU0FBUyxFQUFFO0FBSTlELFNBQVMsYUFBYSxHQUFXLEdBQVcsS0FBeUI7QUFDbkUsa0JBQWdCLEdBQUcsR0FBRyxHQUFHO0FBQ3pCLE1BQUksVUFBVSxHQUFHLENBQUMsR0FBRztBQUNuQixRQUFJLE9BQU8sU0FBUyw2QkFBNkI7QUFDakQsVUFBTSxRQUFRLEVBQUUsVUFBVSxFQUFFLFVBQVUsRUFBRSxXQUFXLEVBQUU7QUFDckQsV0FBTyxFQUFFLE9BQU8sUUFBUSxTQUFTLFdBQVcsYUFBYSxLQUFLO0FBQUEsRUFDaEU7QUFDQSxRQUFNLFNBQVMsY0FBYyxFQUFFLFFBQVEsRUFBRSxNQUFNO0FBQy9DLFFBQU0sUUFBUSxhQUFhLEdBQUcsQ0FBQztBQUMvQixNQUFJLE9BQU8sTUFBTTtBQUNqQixNQUFJLE1BQU0sTUFBTTtBQUNoQixNQUFJLE9BQU8sU0FBUyxNQUFNLFVBQVUsRUFBRSxVQUFVLEVBQUUsV0FBVyxFQUFFLFVBQVUsRUFBRSxRQUFRO0FBQ2pGLFVBQU0sUUFBUSxPQUFPLFdBQVcsT0FBTyxVQUFVLE1BQU07QUFDdkQsUUFBSSxHQUFHLFFBQVEsY0FBYyxNQUFNLFdBQVcsYUFBYSxjQUFjO0FBQ3pFLFVBQU0sQ0FBQyxHQUFHLENBQUMsSUFBSSxDQUFDLEVBQUUsUUFBUSxFQUFFLE1BQU07QUFDbEMsUUFBSSxLQUFLLEdBQUc7QUFDVixZQUFNLE9BQU8sTUFBTSxNQUFPLEVBQUUsV0FBVyxLQUFLLEVBQUUsV0FBVyxNQUFNLEVBQUUsQ0FBQyxNQUFNLEVBQUUsQ0FBQztBQUMzRSxVQUFJLE9BQU8sT0FBTyxTQUFTLE9BQU8sYUFBYSxPQUFPLFNBQVksd0JBQXdCO0FBQUEsSUFDNUY7QUFBQSxFQUNGLFdBQVcsQ0FBQyxNQUFNLE1BQU8sS0FBSSxHQUFHLHVCQUF1QjtBQUFBLFdBQzlDLENBQUMsT0FBTyxNQUFPLEtBQUksR0FBRyxzQkFBc0I7QUFDckQsU0FBTztBQUFBLElBQ0wsT0FBTyxNQUFNLFFBQVMsTUFBTSxXQUFXLFNBQVMsWUFBYTtBQUFBLElBQzdELGFBQWEsT0FBTztBQUFBLEVBQ3RCO0FBQ0Y7QUFFQSxTQUFTLGdCQUFnQixHQUFXLEdBQVcsS0FBZ0I7QUFDN0QsTUFBSSxFQUFFLFdBQVcsRUFBRSxPQUFRO0FBQzNCLE1BQUksRUFBRSxVQUFVLEVBQUUsT0FBUSxLQUFJLE9BQU8sYUFBYSxnQ0FBZ0M7QUFBQSxNQUM3RSxLQUFJLE9BQU8sV0FBVyx1QkFBdUI7QUFDcEQ7QUFHQSxJQUFNLFlBQVksQ0FBQyxHQUFXLE1BQzVCLEVBQUUsVUFBVSxNQUNaLEVBQUUsV0FBVyxNQUNiLEVBQUUsVUFBVSxFQUFFLFVBQ2QsS0FBSyxFQUFFLE9BQU8sRUFBRSxNQUFNLEtBQ3RCLEtBQUssRUFBRSxRQUFRLEVBQUUsS0FBSyxLQUN0QixDQUFDLEtBQUssRUFBRSxPQUFPLEVBQUUsS0FBSztBQUV4QixJQUFNLE9BQU8sQ0FBQyxHQUFXLE1BQ3ZCLE1BQU0sS0FBTSxNQUFNLE1BQU0sTUFBTSxPQUFPLFlBQVksR0FBRyxDQUFDLEtBQUssV0FBVyxnQkFBZ0IsR0FBRyxDQUFDO0FBRTNGLFNBQVMsY0FBYyxHQUFXLEdBQStDO0FBQy9FLE1BQUksQ0FBQyxLQUFLLENBQUMsRUFBRyxRQUFPLEVBQUUsUUFBUSxHQUFHLE9BQU8sS0FBSztBQUM5QyxNQUFJLE1BQU0sRUFBRyxRQUFPLEVBQUUsUUFBUSxPQUFPLFFBQVEsT0FBTyxLQUFLO0FBQ3pELE1BQUksWUFBWSxHQUFHLENBQUMsRUFBRyxRQUFPLEVBQUUsUUFBUSxPQUFPLGFBQWEsT0FBTyxNQUFNO0FBQ3pFLFFBQU0sVUFBVSxZQUFZLEdBQUcsQ0FBQztBQUVoQyxRQUFNLE9BQU8sRUFBRSxNQUFNLEdBQUcsRUFBRSxTQUFTLENBQUMsS0FBSyxFQUFFLE1BQU0sR0FBRyxFQUFFLFNBQVMsQ0FBQztBQUNoRSxNQUFJLFFBQVEsZ0JBQWdCLEdBQUcsQ0FBQyxFQUFHLFFBQU8sRUFBRSxRQUFRLE9BQU8sWUFBWSxPQUFPLEtBQUs7QUFDbkYsTUFBSSxXQUFXLFFBQVMsUUFBTyxFQUFFLFFBQVEsT0FBTyxZQUFZLE9BQU8sS0FBSztBQUN4RSxNQUFJLFVBQVUsU0FBUyxDQUFDLEdBQUcsU0FBUyxDQUFDLENBQUMsS0FBSyxXQUFXO0FBQ3BELFdBQU8sRUFBRSxRQUFRLE9BQU8sY0FBYyxPQUFPLEtBQUs7QUFDcEQsU0FBTyxFQUFFLFFBQVEsT0FBTyxhQUFhLE9BQU8sTUFBTTtBQUNwRDtBQVdBLFNBQVMsYUFBYSxHQUFXLEdBQWtCO0FBQ2pELFFBQU0sS0FBSyxDQUFDLEVBQUUsT0FBTyxFQUFFLE1BQU0sRUFBRSxPQUFPLE9BQU87QUFDN0MsUUFBTSxLQUFLLENBQUMsRUFBRSxPQUFPLEVBQUUsTUFBTSxFQUFFLE9BQU8sT0FBTztBQUM3QyxRQUFNLFNBQVMsQ0FDYixRQUNBLFVBQ1c7QUFBQSxJQUNYO0FBQUEsSUFDQSxPQUFPLFNBQVM7QUFBQSxJQUNoQixPQUFPLFNBQVM7QUFBQSxJQUNoQixVQUFVLFNBQVMsY0FBYyxTQUFTO0FBQUEsSUFDMUMsVUFBVSxTQUFTLFdBQVcsU0FBUztBQUFBLEVBQ3pDO0FBQ0EsTUFBSSxHQUFHLFdBQVcsS0FBSyxHQUFHLFdBQVc7QUFDbkMsV0FBTyxFQUFFLFFBQVEsRUFBRSxRQUFRLEVBQUUsU0FBUyxFQUFFLE9BQ3BDLE9BQU8sT0FBTyxZQUFZLE9BQU8sSUFDakMsT0FBTyxHQUFHLE1BQU07QUFDdEIsTUFBSSxHQUFHLEtBQUssQ0FBQyxNQUFNLEVBQUUsU0FBUyxLQUFLLEdBQUcsU0FBUyxDQUFDLENBQUMsRUFBRyxRQUFPLE9BQU8sT0FBTyxPQUFPLE9BQU87QUFDdkYsUUFBTSxPQUFPLENBQUMsU0FDWixHQUFHLEtBQUssQ0FBQyxNQUFNLEdBQUcsS0FBSyxDQUFDLE1BQU0sS0FBSyxHQUFHLENBQUMsQ0FBQyxDQUFDO0FBQzNDLE1BQUksS0FBSyxDQUFDLEdBQUcsT0FBTyxFQUFFLFdBQVcsS0FBSyxFQUFFLFdBQVcsTUFBTSxFQUFFLENBQUMsTUFBTSxFQUFFLENBQUMsQ0FBQztBQUNwRSxXQUFPLE9BQU8sT0FBTyxjQUFjLE1BQU07QUFDM0MsTUFBSSxLQUFLLFlBQVk7QUFDbkIsV0FBTyxPQUFPLE9BQU8sT0FBTyxLQUFLLGtCQUFrQixJQUFJLGFBQWEsT0FBTztBQUM3RSxNQUFJLEtBQUssY0FBYyxLQUFLLEtBQUssV0FBVyxFQUFHLFFBQU8sT0FBTyxPQUFPLGlCQUFpQixPQUFPO0FBQzVGLE1BQUksS0FBSyxJQUFJLEVBQUcsUUFBTyxPQUFPLE9BQU8sV0FBVyxNQUFNO0FBQ3RELE1BQUksS0FBSyxDQUFDLEdBQUcsTUFBTSxZQUFZLEdBQUcsQ0FBQyxLQUFLLFlBQVksVUFBVSxTQUFTLENBQUMsR0FBRyxTQUFTLENBQUMsQ0FBQyxDQUFDO0FBQ3JGLFdBQU8sT0FBTyxPQUFPLFdBQVcsTUFBTTtBQUN4QyxTQUFPLE9BQU8sT0FBTyxZQUFZLE9BQU87QUFDMUM7QUFFQSxTQUFTLGlCQUFpQixHQUFrQixHQUFrQixLQUFnQjtBQUM1RSxNQUFJLENBQUMsS0FBSyxDQUFDLEVBQUc7QUFDZCxNQUFJLE1BQU07QUFDUixXQUFPLElBQUksRUFBRSxTQUFTLElBQUksT0FBTyxXQUFXLE9BQU8scUJBQXFCLGVBQWU7QUFDekYsUUFBTSxXQUFXLEVBQUUsV0FBVyxLQUFLLEVBQUUsV0FBVztBQUNoRCxNQUFJLFlBQVksRUFBRSxNQUFNLEVBQUUsTUFBTSxFQUFFLE1BQU0sRUFBRTtBQUN4QyxXQUFPLElBQUksT0FBTyxxQkFBcUIsZUFBZTtBQUN4RCxRQUFNLENBQUMsR0FBRyxDQUFDLElBQUksV0FBVyxDQUFDLEVBQUUsTUFBTSxFQUFFLEdBQUcsRUFBRSxNQUFNLEVBQUUsQ0FBQyxJQUFJLENBQUMsR0FBRyxDQUFDO0FBQzVELFFBQU1DLFVBQVMsQ0FBQyxHQUFHLENBQUMsRUFBRSxPQUFPLENBQUMsTUFBTSxNQUFNLFNBQVMsRUFBRSxDQUFDLENBQUMsRUFBRTtBQUN6RCxNQUFJQSxZQUFXLEVBQUcsUUFBTyxJQUFJLE9BQU8sY0FBYywrQkFBK0I7QUFDakYsTUFBSSxPQUFPLGVBQWUscUJBQXFCO0FBQ2pEOzs7QUMxTUEsSUFBTSxRQUFRO0FBQ2QsSUFBTSxhQUFhO0FBUVosU0FBUyxTQUFTLFFBQTBCLFVBQXdDO0FBQ3pGLFFBQU0sUUFBUSxvQkFBSSxJQUFzQjtBQUN4QyxTQUFPLFFBQVEsQ0FBQyxFQUFFLE9BQU8sR0FBRyxNQUFNO0FBQ2hDLGVBQVcsT0FBTyxVQUFVLE1BQU0sR0FBRztBQUNuQyxZQUFNLFFBQVEsTUFBTSxJQUFJLEdBQUc7QUFDM0IsVUFBSSxNQUFPLE9BQU0sS0FBSyxDQUFDO0FBQUEsVUFDbEIsT0FBTSxJQUFJLEtBQUssQ0FBQyxDQUFDLENBQUM7QUFBQSxJQUN6QjtBQUFBLEVBQ0YsQ0FBQztBQUNELFFBQU0sU0FBUyxhQUFhLE1BQU07QUFDbEMsUUFBTSxPQUFPLG9CQUFJLElBQVk7QUFDN0IsUUFBTSxRQUFnQixDQUFDO0FBQ3ZCLFFBQU0sT0FBTyxDQUFDLEdBQVcsTUFBYztBQUNyQyxVQUFNLENBQUMsS0FBSyxLQUFLLElBQUksQ0FBQyxPQUFPLENBQUMsR0FBSSxPQUFPLENBQUMsQ0FBRTtBQUM1QyxVQUFNLE9BQU8sT0FBTyxVQUFVLElBQUksSUFBSSxFQUFFLENBQUMsSUFBSSxPQUFPLFVBQVUsSUFBSSxNQUFNLEVBQUUsQ0FBQztBQUMzRSxRQUFJLFlBQVksU0FBUyxFQUFHO0FBQzVCLFVBQU0sT0FBTyxLQUFLLElBQUksR0FBRyxDQUFDLElBQUksT0FBTyxTQUFTLEtBQUssSUFBSSxHQUFHLENBQUM7QUFDM0QsUUFBSSxLQUFLLElBQUksSUFBSSxFQUFHO0FBQ3BCLFNBQUssSUFBSSxJQUFJO0FBQ2IsVUFBTSxRQUFRLFFBQVEsSUFBSSxRQUFRLE1BQU0sUUFBUSxNQUFNO0FBQ3RELFFBQUksTUFBTSxZQUFZLFlBQWE7QUFDbkMsUUFBSSxTQUFTLEtBQUssTUFBTSxZQUFZLFVBQVUsQ0FBQyxlQUFlLElBQUksUUFBUSxNQUFNLFFBQVEsTUFBTTtBQUM1RixZQUFNLFVBQVU7QUFDbEIsVUFBTSxLQUFLLEVBQUUsR0FBRyxPQUFPLEtBQUssSUFBSSxHQUFHLENBQUMsQ0FBQyxFQUFHLElBQUksR0FBRyxPQUFPLEtBQUssSUFBSSxHQUFHLENBQUMsQ0FBQyxFQUFHLElBQUksR0FBRyxNQUFNLENBQUM7QUFBQSxFQUN2RjtBQUNBLGFBQVcsU0FBUyxNQUFNLE9BQU8sR0FBRztBQUNsQyxVQUFNLFVBQVUsTUFBTSxTQUFTO0FBQy9CLFVBQU0sUUFBUSxVQUFVLE9BQU8sUUFBUSxLQUFLLElBQUk7QUFDaEQsYUFBUyxJQUFJLEdBQUcsSUFBSSxNQUFNLFFBQVEsS0FBSztBQUNyQyxZQUFNLE1BQU0sVUFBVSxLQUFLLElBQUksTUFBTSxRQUFRLElBQUksSUFBSSxVQUFVLElBQUksTUFBTTtBQUN6RSxlQUFTLElBQUksSUFBSSxHQUFHLElBQUksS0FBSyxJQUFLLE1BQUssTUFBTSxDQUFDLEdBQUksTUFBTSxDQUFDLENBQUU7QUFBQSxJQUM3RDtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU07QUFBQSxJQUNYLENBQUMsR0FBRyxNQUFNLEVBQUUsUUFBUSxFQUFFLFVBQVUsRUFBRSxJQUFJLEVBQUUsSUFBSSxLQUFLLEVBQUUsSUFBSSxFQUFFLElBQUksSUFBSSxFQUFFLElBQUksRUFBRSxJQUFJLEtBQUs7QUFBQSxFQUNwRjtBQUNGO0FBR0EsU0FBUyxhQUFhLFFBQWtDO0FBQ3RELFFBQU0sUUFBUSxvQkFBSSxJQUFvQjtBQUN0QyxRQUFNLFNBQVMsb0JBQUksSUFBWTtBQUMvQixhQUFXLEVBQUUsT0FBTyxLQUFLO0FBQ3ZCLGVBQVcsU0FBUyxPQUFPLFFBQVEsT0FBTyxTQUFTLENBQUMsR0FBRztBQUNyRCxZQUFNLFFBQVEsTUFBTSxJQUFJLEtBQUssS0FBSyxPQUFPO0FBQ3pDLFlBQU0sSUFBSSxPQUFPLEtBQUs7QUFDdEIsVUFBSSxVQUFVLE9BQU8sU0FBUyxDQUFDLGFBQWEsT0FBTyxPQUFPLEtBQUssRUFBRyxRQUFPLElBQUksS0FBSztBQUFBLElBQ3BGO0FBQ0YsU0FBTztBQUNUO0FBR0EsU0FBUyxPQUFPLFFBQTBCLFFBQXFDO0FBQzdFLFFBQU0sVUFBVSxDQUFDLEVBQUUsUUFBUSxPQUFPLFFBQVEsVUFBVSxRQUFBQyxTQUFRLFFBQUFDLFNBQVEsTUFBTSxNQUN4RSxDQUFDLFFBQVEsT0FBTyxRQUFRLFlBQVksSUFBSUEsUUFBTyxDQUFDLEtBQUssSUFBSSxNQUFNLENBQUMsS0FBSyxJQUFJRCxRQUFPLENBQUMsS0FBSyxFQUFFLEVBQUU7QUFBQSxJQUN4RjtBQUFBLEVBQ0Y7QUFDRixRQUFNLE9BQU8sSUFBSSxJQUFJLE9BQU8sSUFBSSxDQUFDLFVBQVUsQ0FBQyxPQUFPLFFBQVEsT0FBTyxLQUFLLEVBQUcsTUFBTSxDQUFDLENBQUMsQ0FBQztBQUNuRixTQUFPLE9BQU8sU0FBUyxDQUFDLEdBQUcsTUFBTyxLQUFLLElBQUksQ0FBQyxJQUFLLEtBQUssSUFBSSxDQUFDLElBQUssS0FBSyxDQUFFO0FBQ3pFOzs7QUNsRU8sSUFBTSxNQUFNO0FBV25CLFNBQVNFLE1BQ1AsT0FDQSxTQUNBQyxPQUNBO0FBQ0EsUUFBTSxPQUFPLE1BQU0sS0FBSyxRQUFRLFNBQVMsSUFBSSxTQUFvQjtBQUMvRCxVQUFNLFNBQVMsS0FBSyxVQUFVLENBQUMsUUFBUSxPQUFPLFFBQVEsUUFBUTtBQUM5RCxVQUFNLFFBQVEsS0FBSyxNQUFNLEdBQUcsTUFBTTtBQUNsQyxVQUFNLFFBQVFBLE1BQUssS0FBSztBQUN4QixRQUFJLFVBQVUsS0FBTSxRQUFPLE1BQU0sQ0FBQztBQUNsQyxVQUFNLE1BQU0sS0FBSyxHQUFJLE1BQU0sUUFBUSxLQUFLLElBQUksUUFBUSxDQUFDLEtBQUssQ0FBRTtBQUM1RCxXQUFPO0FBQUEsRUFDVCxDQUFDO0FBQ0g7QUFFQSxJQUFNLFFBQ0o7QUFDRixJQUFNQyxVQUFpQyxFQUFFLE1BQU0sVUFBVSxRQUFRLE9BQU87QUFDeEUsSUFBTUMsV0FBVSxDQUFDLE9BQU8sT0FBT0QsUUFBTyxLQUFLLFlBQVksQ0FBQyxLQUFLLEtBQUssWUFBWTtBQUU5RSxJQUFNLE9BQWMsQ0FBQyxVQUNuQkYsTUFBSyxPQUFPLDBDQUEwQyxDQUFDLENBQUMsRUFBRSxLQUFLLE9BQU87QUFBQSxFQUNwRSxJQUFJO0FBQUEsRUFDSjtBQUNGLEVBQUU7QUFFSixJQUFNLFNBQWdCLENBQUMsVUFBVTtBQUMvQixFQUFBQTtBQUFBLElBQ0U7QUFBQSxJQUNBLElBQUksT0FBTyxHQUFHLEtBQUssK0NBQStDLEtBQUs7QUFBQSxJQUN2RSxDQUFDLENBQUMsT0FBTyxPQUFPSSxLQUFJLE1BQU07QUFDeEIsWUFBTSxRQUFRLFVBQVVBLE1BQU0sUUFBUSxVQUFVLEVBQUUsQ0FBQztBQUNuRCxhQUFPLFFBQ0gsRUFBRSxJQUFJLFNBQVMsT0FBTyxPQUFPRCxTQUFRLEtBQUssRUFBRSxJQUM1QyxFQUFFLElBQUksVUFBVSxNQUFNLE1BQU0sS0FBSyxFQUFFO0FBQUEsSUFDekM7QUFBQSxFQUNGO0FBQ0EsRUFBQUgsTUFBSyxPQUFPLGFBQWEsQ0FBQyxDQUFDLEtBQUssT0FBTyxFQUFFLElBQUksVUFBVSxNQUFNLE1BQU0sRUFBRTtBQUN2RTtBQUVBLElBQU0sUUFBZSxDQUFDLFVBQ3BCQSxNQUFLLE9BQU8sc0NBQXNDLENBQUMsQ0FBQ0ksS0FBSSxNQUFNO0FBQzVELFFBQU0sUUFBUSxTQUFTQSxLQUFJO0FBQzNCLFNBQU8sUUFBUSxFQUFFLElBQUksUUFBUSxPQUFPLE9BQU8sR0FBRyxJQUFJO0FBQ3BELENBQUM7QUFHSCxJQUFNLE9BQU87QUFHYixTQUFTLFlBQVlDLFFBQWUsU0FBMkQ7QUFDN0YsUUFBTSxTQUFTQSxPQUFNLE1BQU0sU0FBUztBQUNwQyxXQUFTLElBQUksT0FBTyxRQUFRLElBQUksR0FBRyxLQUFLO0FBQ3RDLFVBQU0sS0FBSyxTQUFTLE9BQU8sTUFBTSxHQUFHLENBQUMsRUFBRSxLQUFLLEVBQUUsRUFBRSxLQUFLLEVBQUUsUUFBUSxNQUFNLEVBQUUsR0FBRyxPQUFPO0FBQ2pGLFFBQUksR0FBSSxRQUFPLEVBQUUsSUFBSSxNQUFNLE9BQU8sTUFBTSxDQUFDLEVBQUUsS0FBSyxFQUFFLEVBQUU7QUFBQSxFQUN0RDtBQUNBLFNBQU87QUFDVDtBQUVBLFNBQVMsTUFBTSxJQUE0QixTQUFpQixTQUE2QjtBQUN2RixRQUFNLE9BQU8sSUFBSSxPQUFPLFNBQVMsT0FBTywwQ0FBMEMsS0FBSztBQUV2RixRQUFNLFNBQVMsSUFBSSxPQUFPLG9DQUFvQyxPQUFPLFFBQVEsS0FBSztBQUNsRixTQUFPLENBQUMsVUFBVTtBQUNoQixlQUFXLFNBQVMsQ0FBQyxHQUFHLE1BQU0sS0FBSyxTQUFTLElBQUksQ0FBQyxFQUFFLFFBQVEsR0FBRztBQUM1RCxZQUFNLE9BQU8sTUFBTSxRQUFRLE1BQU0sQ0FBQyxFQUFFO0FBQ3BDLFlBQU1BLFVBQVMsS0FBSyxLQUFLLE1BQU0sS0FBSyxNQUFNLElBQUksQ0FBQyxJQUFJLENBQUMsS0FBSyxJQUFJLFFBQVE7QUFDckUsWUFBTUosUUFBTyxZQUFZSSxRQUFPLE9BQU87QUFDdkMsWUFBTSxDQUFDLFVBQVUsRUFBRSxJQUFJQSxPQUFNLE1BQU0sTUFBTTtBQUN6QyxVQUFJSixNQUFNLE9BQU0sTUFBTSxLQUFLLEVBQUUsSUFBSSxJQUFJQSxNQUFLLEdBQUcsQ0FBQztBQUFBLGVBQ3JDLE9BQU8sY0FBYyxLQUFLLEtBQUssT0FBTztBQUM3QyxjQUFNLE1BQU0sS0FBSyxFQUFFLElBQUksVUFBVSxNQUFNLEdBQUcsTUFBTSxDQUFDLENBQUMsR0FBRyxPQUFPLEdBQUcsS0FBSyxFQUFFLENBQUM7QUFBQSxVQUNwRTtBQUNMLFlBQU0sUUFBUUEsUUFBT0ksT0FBTSxTQUFTSixNQUFLLEtBQUssU0FBUyxRQUFRO0FBQy9ELFlBQU0sT0FBTyxHQUFHLE1BQU0sS0FBSyxNQUFNLEdBQUcsTUFBTSxLQUFLLENBQUMsR0FBRyxHQUFHLEdBQUcsTUFBTSxLQUFLLE1BQU0sT0FBTyxLQUFLLENBQUM7QUFBQSxJQUN6RjtBQUNBLFVBQU0sT0FBTyxNQUFNLEtBQUssUUFBUSxRQUFRLENBQUMsT0FBZUksV0FBa0I7QUFDeEUsWUFBTSxTQUFTQSxPQUFNLFFBQVEsRUFBRSxNQUFNLFNBQVM7QUFDOUMsZUFBUyxJQUFJLEdBQUcsSUFBSSxPQUFPLFFBQVEsS0FBSztBQUN0QyxjQUFNLEtBQUssU0FBUyxPQUFPLE1BQU0sQ0FBQyxFQUFFLEtBQUssRUFBRSxFQUFFLEtBQUssR0FBRyxPQUFPO0FBQzVELFlBQUksQ0FBQyxHQUFJO0FBQ1QsY0FBTSxNQUFNLEtBQUssRUFBRSxJQUFJLEdBQUcsQ0FBQztBQUMzQixlQUFPLEdBQUcsT0FBTyxNQUFNLEdBQUcsQ0FBQyxFQUFFLEtBQUssRUFBRSxDQUFDLEdBQUcsR0FBRztBQUFBLE1BQzdDO0FBQ0EsYUFBTztBQUFBLElBQ1QsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUVBLElBQU0sU0FDSjtBQUVGLElBQU0sT0FBYyxDQUFDLFVBQVU7QUFDN0IsRUFBQUw7QUFBQSxJQUNFO0FBQUEsSUFDQSxJQUFJO0FBQUEsTUFDRiwyREFBMkQsTUFBTSxTQUFTLEdBQUc7QUFBQSxNQUM3RTtBQUFBLElBQ0Y7QUFBQSxJQUNBLENBQUMsQ0FBQyxFQUFFLE1BQU0sS0FBSyxPQUFPO0FBQUEsTUFDcEIsSUFBSTtBQUFBLE1BQ0osT0FBTyxRQUFRLE9BQVEsS0FBSztBQUFBLElBQzlCO0FBQUEsRUFDRjtBQUNBLFFBQU0sU0FBUyxHQUFHLE1BQU07QUFDeEIsRUFBQUE7QUFBQSxJQUNFO0FBQUEsSUFDQSxJQUFJO0FBQUEsTUFDRixpRkFBaUYsTUFBTTtBQUFBLE1BQ3ZGO0FBQUEsSUFDRjtBQUFBLElBQ0EsQ0FBQyxDQUFDLEVBQUUsSUFBSSxPQUFPO0FBQUEsTUFDYixJQUFJO0FBQUEsTUFDSjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsRUFBQUE7QUFBQSxJQUNFO0FBQUEsSUFDQSxJQUFJO0FBQUEsTUFDRiwrR0FBK0csTUFBTTtBQUFBLE1BQ3JIO0FBQUEsSUFDRjtBQUFBLElBQ0EsQ0FBQyxDQUFDLEVBQUUsT0FBTyxJQUFJLE1BQ2IsQ0FBQyxPQUFRLElBQUksUUFBUSxJQUFJLE1BQU0sdUJBQXVCLENBQUMsRUFDcEQsT0FBTyxPQUFPLEVBQ2QsSUFBSSxDQUFDLFVBQVUsRUFBRSxJQUFJLFNBQVMsS0FBSyxFQUFFO0FBQUEsRUFDNUM7QUFDRjtBQUVBLElBQU0sU0FBZ0IsQ0FBQyxVQUNyQkE7QUFBQSxFQUNFO0FBQUEsRUFDQSxJQUFJO0FBQUEsSUFDRixHQUFHLEtBQUs7QUFBQSxJQUNSO0FBQUEsRUFDRjtBQUFBLEVBQ0EsQ0FBQyxDQUFDLEVBQUUsT0FBT0ksS0FBSSxNQUFNO0FBQ25CLFVBQU0sT0FBT0EsTUFBTSxLQUFLLEVBQUUsUUFBUSxjQUFjLEdBQUc7QUFDbkQsVUFBTSxRQUFRLFNBQVMsSUFBSSxNQUFNLE9BQU8sVUFBVSxJQUFJLElBQUk7QUFDMUQsV0FBTyxRQUFRLEVBQUUsSUFBSSxTQUFTLE9BQU8sT0FBT0QsU0FBUSxLQUFLLEVBQUUsSUFBSTtBQUFBLEVBQ2pFO0FBQ0Y7QUFFRixJQUFNLFNBQVMsSUFBSTtBQUFBLEVBQ2pCLG1FQUE4RCxhQUFhLEtBQUssR0FBRyxDQUFDLGlCQUFpQixhQUFhLEtBQUssR0FBRyxDQUFDO0FBQUEsRUFDM0g7QUFDRjtBQUVBLElBQU0sWUFDSjtBQUNGLElBQU0sT0FDSjtBQUdGLElBQU0sWUFBbUIsQ0FBQyxVQUFVO0FBQ2xDLGFBQVcsU0FBUyxDQUFDLEdBQUcsTUFBTSxLQUFLLFNBQVMsTUFBTSxDQUFDLEVBQUUsUUFBUSxHQUFHO0FBQzlELFFBQUksVUFBVSxLQUFLLE1BQU0sQ0FBQyxDQUFFLEVBQUc7QUFDL0IsVUFBTSxPQUFPLE1BQU0sQ0FBQyxFQUFFLEtBQUssRUFBRSxRQUFRLE1BQU0sRUFBRTtBQUM3QyxVQUFNLFNBQVMsTUFBTSxLQUFLLE1BQU0sTUFBTSxRQUFRLE1BQU0sQ0FBQyxFQUFFLE1BQU07QUFDN0QsVUFBTSxPQUFPLEtBQUssS0FBSyxNQUFNO0FBQzdCLFVBQU0sUUFBUSxPQUFPLEdBQUcsSUFBSSxLQUFLLEtBQUssQ0FBQyxFQUFFLFFBQVEsVUFBVSxFQUFFLENBQUMsS0FBSztBQUNuRSxVQUFNRixRQUFPLGlCQUFpQixLQUFLO0FBQ25DLFVBQU0sTUFBTSxLQUFLO0FBQUEsTUFDZixJQUFJO0FBQUEsTUFDSixHQUFJQSxTQUFRO0FBQUEsUUFDVjtBQUFBLFFBQ0EsTUFBTSxPQUFPLENBQUMsS0FBSztBQUFBLFFBQ25CLFFBQVEsT0FBTyxDQUFDLEtBQUs7QUFBQSxRQUNyQixZQUFZO0FBQUEsUUFDWixTQUFTO0FBQUEsTUFDWDtBQUFBLElBQ0YsQ0FBQztBQUNELFVBQU0sT0FBTyxHQUFHLE1BQU0sS0FBSyxNQUFNLEdBQUcsTUFBTSxLQUFLLENBQUMsR0FBRyxHQUFHLEdBQUcsT0FBTyxNQUFNLE9BQU8sQ0FBQyxFQUFFLFVBQVUsQ0FBQyxDQUFDO0FBQUEsRUFDOUY7QUFDRjtBQU9PLFNBQVMsVUFBVUcsT0FBYyxVQUF1QixDQUFDLEdBQVU7QUFDeEUsUUFBTSxRQUFlLEVBQUUsTUFBTUEsT0FBTSxPQUFPLENBQUMsRUFBRTtBQUM3QyxRQUFNLE9BQU8sRUFBRSxHQUFHLFNBQVMsTUFBTSxLQUFLO0FBQ3RDLFFBQU0sU0FBUztBQUFBLElBQ2I7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsTUFBTSxZQUFZLDRCQUE0QixJQUFJO0FBQUEsSUFDbEQ7QUFBQSxNQUNFO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLGFBQVcsU0FBUyxPQUFRLE9BQU0sS0FBSztBQUN2QyxTQUFPO0FBQ1Q7OztBQ25PTyxJQUFNLGFBQWE7QUFHMUIsU0FBUyxVQUFVLE1BQWtEO0FBQ25FLFFBQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxJQUFJLE9BQU8sTUFBTSxDQUFDO0FBQ3pDLE1BQUksU0FBUztBQUNiLE1BQUksUUFBUTtBQUNaLGFBQVcsUUFBUSxNQUFNO0FBQ3ZCLFFBQUksU0FBUyxJQUFLLFVBQVMsQ0FBQztBQUM1QixRQUFJLENBQUMsVUFBVSxLQUFLLFNBQVMsSUFBSSxFQUFHLFVBQVM7QUFDN0MsUUFBSSxDQUFDLFVBQVUsS0FBSyxTQUFTLElBQUksRUFBRyxTQUFRLEtBQUssSUFBSSxHQUFHLFFBQVEsQ0FBQztBQUNqRSxRQUFJLENBQUMsVUFBVSxVQUFVLEtBQUssTUFBTyxTQUFTLElBQUk7QUFDaEQsWUFBTSxLQUFLLEVBQUUsTUFBTSxJQUFJLE9BQU8sU0FBUyxJQUFJLENBQUM7QUFBQSxRQUN6QyxPQUFNLEdBQUcsRUFBRSxFQUFHLFFBQVE7QUFBQSxFQUM3QjtBQUNBLFNBQU8sTUFDSixJQUFJLENBQUMsVUFBVSxFQUFFLEdBQUcsTUFBTSxNQUFNLEtBQUssS0FBSyxLQUFLLEVBQUUsRUFBRSxFQUNuRCxPQUFPLENBQUMsRUFBRSxNQUFBRSxNQUFLLE1BQU1BLFVBQVMsRUFBRTtBQUNyQztBQUVBLElBQU0sU0FBUyxDQUFDQSxVQUNkLG9DQUFvQyxLQUFLQSxLQUFJLEtBQUtBLE1BQUssTUFBTSxLQUFLLEVBQUUsVUFBVTtBQUNoRixJQUFNLFNBQVMsQ0FBQ0EsVUFBaUIsNEJBQTRCLEtBQUtBLEtBQUk7QUFZdEUsSUFBTSxVQUFVO0FBR2hCLFNBQVMsZUFBZUEsT0FBb0Q7QUFDMUUsTUFBSUEsTUFBSyxTQUFTLFFBQVMsUUFBTyxFQUFFLE9BQU9BLE9BQU0sU0FBUyxDQUFDLEVBQUU7QUFDN0QsUUFBTUMsU0FBUUQsTUFBSyxNQUFNLEtBQUs7QUFDOUIsUUFBTSxVQUFVQyxPQUFNLE9BQU8sQ0FBQyxTQUFTLEtBQUssVUFBVSxPQUFPO0FBQzdELE1BQUksUUFBUSxXQUFXLEVBQUcsUUFBTyxFQUFFLE9BQU9ELE9BQU0sUUFBUTtBQUN4RCxTQUFPLEVBQUUsT0FBT0MsT0FBTSxPQUFPLENBQUMsU0FBUyxLQUFLLFNBQVMsT0FBTyxFQUFFLEtBQUssR0FBRyxHQUFHLFFBQVE7QUFDbkY7QUFHQSxTQUFTLFlBQVksS0FBYUQsT0FBdUI7QUFDdkQsUUFBTSxFQUFFLE9BQU8sUUFBUSxJQUFJLGVBQWVBLEtBQUk7QUFDOUMsUUFBTSxFQUFFLE1BQU0sTUFBTSxJQUFJLFVBQVUsTUFBTSxXQUFXLEtBQUssR0FBRyxDQUFDO0FBQzVELFFBQU1FLFVBQVMsTUFBTTtBQUFBLElBQVEsQ0FBQyxTQUM1QixLQUFLLE9BQU8sVUFBVSxDQUFDLEVBQUUsT0FBTyxLQUFLLE9BQU8sT0FBTyxLQUFLLE1BQU0sQ0FBQyxJQUFJLENBQUM7QUFBQSxFQUN0RTtBQUNBLFFBQU1DLFVBQVMsTUFBTTtBQUFBLElBQVEsQ0FBQyxTQUM1QixLQUFLLE9BQU8sVUFBVSxDQUFDLEVBQUUsT0FBTyxLQUFLLE9BQU8sT0FBTyxLQUFLLE1BQU0sQ0FBQyxJQUFJLENBQUM7QUFBQSxFQUN0RTtBQUNBLFFBQU0sU0FBUyxNQUFNLFFBQVEsQ0FBQyxTQUFVLEtBQUssT0FBTyxXQUFXLENBQUMsS0FBSyxJQUFJLElBQUksQ0FBQyxDQUFFO0FBQ2hGLFFBQU1GLFNBQVEsS0FDWCxNQUFNLElBQUksT0FBTyxJQUFJLEdBQUcsUUFBUSxHQUFHLElBQUksR0FBRyxPQUFPLENBQUMsRUFDbEQsSUFBSSxDQUFDLFNBQVMsS0FBSyxRQUFRLGdDQUFnQyxFQUFFLENBQUMsRUFDOUQsT0FBTyxPQUFPO0FBQ2pCLFFBQU0sUUFBUUEsT0FBTSxPQUFPLE1BQU07QUFDakMsUUFBTSxRQUFRLENBQUMsR0FBRyxRQUFRLEdBQUdBLE9BQU0sT0FBTyxDQUFDLFNBQVMsQ0FBQyxPQUFPLElBQUksQ0FBQyxHQUFHLEdBQUcsT0FBTyxFQUFFLEtBQUssR0FBRztBQUV4RixRQUFNLFVBQVVDLFFBQU8sU0FBUyxNQUFNLE1BQU0sV0FBVyxLQUFLLE1BQU0sV0FBV0EsUUFBTztBQUNwRixNQUFJO0FBQ0YsV0FBT0EsUUFBTyxJQUFJLENBQUMsT0FBTyxPQUFPO0FBQUEsTUFDL0I7QUFBQSxNQUNBLE1BQU0sTUFBTSxDQUFDLEtBQUs7QUFBQSxNQUNsQixRQUFRLEVBQUUsUUFBUSxDQUFDLEtBQUssR0FBRyxRQUFRLE1BQU0sSUFBSUMsVUFBUyxDQUFDLEVBQUU7QUFBQSxNQUN6RCxPQUFPLE1BQU0sSUFBSSxRQUFRO0FBQUEsSUFDM0IsRUFBRTtBQUNKLFNBQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxNQUFNLEtBQUssR0FBRyxHQUFHLFFBQVEsRUFBRSxRQUFBRCxTQUFRLFFBQUFDLFFBQU8sR0FBRyxNQUFNLENBQUM7QUFDM0U7QUFNQSxTQUFTLFNBQVMsS0FBYSxNQUFjLGFBQStCO0FBQzFFLFFBQU0sVUFBbUIsQ0FBQztBQUMxQixhQUFXLEVBQUUsTUFBQUgsT0FBTSxNQUFNLEtBQUssVUFBVSxJQUFJLEdBQUc7QUFDN0MsVUFBTUksUUFBTyxZQUFZLEtBQUtKLEtBQUk7QUFDbEMsVUFBTSxDQUFDLEdBQUcsSUFBSUk7QUFDZCxVQUFNLFNBQVMsUUFBUSxHQUFHLEVBQUU7QUFDNUIsVUFBTSxRQUNKLFNBQVNBLE1BQUssV0FBVyxLQUFLLFVBQVUsT0FBTyxTQUFTLE1BQU0sT0FBTyxVQUFVLE1BQU07QUFDdkYsVUFBTUMsUUFBTyxVQUFVLE9BQU8sT0FBTyxPQUFPLFNBQVMsT0FBTyxPQUFPLE9BQU8sV0FBVztBQUNyRixRQUFJLFNBQVMsSUFBSSxTQUFTLE1BQU0sSUFBSSxVQUFVLE1BQU0sV0FBVyxRQUFRLEdBQUcsR0FBRztBQUMzRSxhQUFPLE9BQU8sT0FBTyxLQUFLLEdBQUcsSUFBSSxPQUFPLE1BQU07QUFDOUMsYUFBTyxPQUFPLE9BQU8sS0FBSyxHQUFHLElBQUksT0FBTyxNQUFNO0FBQUEsSUFDaEQsV0FBVyxTQUFTQSxTQUFRLGVBQWUsUUFBUSxLQUFLLFdBQVc7QUFDakUsY0FBUSxRQUFRLFNBQVMsQ0FBQyxJQUFJLEVBQUUsR0FBRyxLQUFLLE1BQU0sR0FBRyxPQUFPLElBQUksS0FBSyxJQUFJLElBQUksR0FBRztBQUFBLFFBQ3pFLFNBQVEsS0FBSyxHQUFHRCxLQUFJO0FBQUEsRUFDM0I7QUFDQSxTQUFPO0FBQ1Q7QUFHQSxJQUFNLGFBQWEsQ0FBQyxFQUFFLE9BQU8sR0FBVSxTQUNwQyxLQUFLLE9BQU8sT0FBTyxTQUFTLEtBQUssT0FBTyxPQUFPLFdBQVcsS0FDMUQsS0FBSyxPQUFPLE9BQU8sU0FBUyxLQUFLLE9BQU8sT0FBTyxXQUFXO0FBRzdELElBQU0saUJBQWlCLENBQUMsUUFBZSxLQUFZLGdCQUNqRCxJQUFJLFNBQVMsTUFDYixPQUFPLElBQUksS0FBSyxNQUFNLEdBQUcsRUFBRSxDQUFDLENBQUUsTUFDN0IsZUFDRSxJQUFJLE9BQU8sT0FBTyxTQUFTLElBQUksT0FBTyxPQUFPLFNBQVMsS0FDckQsT0FBTyxPQUFPLElBQUksS0FDbEIsT0FBTyxJQUFJLElBQUk7QUFHckIsU0FBUyxjQUFjLE9BQW1DO0FBQ3hELFFBQU0sT0FBTyxNQUFNLE9BQU8sQ0FBQyxTQUFTLEtBQUssS0FBSyxNQUFNLEVBQUU7QUFDdEQsU0FDRSxLQUFLLFNBQVMsS0FDZCxLQUFLLE1BQU0sQ0FBQyxTQUFTLDREQUE0RCxLQUFLLElBQUksQ0FBQztBQUUvRjtBQUVBLElBQU0sU0FBUyxDQUFDSixVQUFpQixTQUFJQSxNQUFLLE1BQU0sR0FBRyxFQUFFLENBQUM7QUFNL0MsU0FBUyxXQUFXQSxPQUFnRTtBQUN6RixRQUFNLFNBQTJCLENBQUM7QUFDbEMsUUFBTSxTQUFxQixDQUFDO0FBQzVCLFFBQU0sT0FBTyxvQkFBSSxJQUFZO0FBQzdCLFFBQU0sUUFBUUEsTUFBSyxNQUFNLFlBQVk7QUFDckMsUUFBTSxjQUFjLGNBQWMsS0FBSztBQUN2QyxRQUFNLFVBQVUsTUFBTSxRQUFRLENBQUMsTUFBTSxNQUFNLFNBQVMsSUFBSSxHQUFHLE1BQU0sV0FBVyxDQUFDO0FBQzdFLGFBQVcsQ0FBQyxHQUFHLEVBQUUsS0FBSyxNQUFNLFFBQVEsTUFBTSxDQUFDLEtBQUssUUFBUSxRQUFRLEdBQUc7QUFDakUsVUFBTSxPQUFPLENBQUMsS0FBYSxVQUFVLFNBQVMsT0FBTyxLQUFLLEVBQUUsS0FBSyxLQUFLLFFBQVEsQ0FBQztBQUMvRSxVQUFNLEVBQUUsUUFBQUUsU0FBUSxRQUFBQyxRQUFPLElBQUk7QUFDM0IsUUFBSSxTQUFTLE1BQU1ELFFBQU8sU0FBU0MsUUFBTyxXQUFXLEdBQUc7QUFDdEQsV0FBSyxPQUFPLEtBQUssQ0FBQztBQUNsQjtBQUFBLElBQ0Y7QUFDQSxRQUFJLE9BQU8sVUFBVSxZQUFZO0FBQy9CO0FBQUEsUUFDRSxRQUFRLE9BQU8sVUFBVSxDQUFDLGdDQUFnQyxRQUFRLFNBQVMsQ0FBQztBQUFBLE1BQzlFO0FBQ0E7QUFBQSxJQUNGO0FBQ0EsVUFBTSxNQUFNRCxRQUFPLENBQUMsR0FBRyxNQUFNLFlBQVk7QUFDekMsUUFBSSxPQUFPLEtBQUssSUFBSSxHQUFHLEdBQUc7QUFDeEIsV0FBSyxHQUFHLEdBQUcsb0NBQW9DO0FBQy9DO0FBQUEsSUFDRjtBQUNBLFFBQUksSUFBSyxNQUFLLElBQUksR0FBRztBQUNyQixRQUFJLE1BQU8sTUFBSyxTQUFJLE1BQU0sTUFBTSxHQUFHLEVBQUUsQ0FBQyw4QkFBeUIsS0FBSztBQUNwRSxVQUFNLFNBQVMsWUFBWSxJQUFJO0FBQy9CLFVBQU0sRUFBRSxNQUFNLFFBQVEsR0FBRyxNQUFNLElBQUksU0FBUyxDQUFDLEtBQUssVUFBVSxJQUFJO0FBQ2hFLFVBQU0sU0FBeUI7QUFBQSxNQUM3QixHQUFHLFdBQVcsS0FBSyxFQUFFLEdBQUcsUUFBUSxHQUFHLE9BQU8sUUFBQUEsU0FBUSxRQUFBQyxRQUFPLENBQUM7QUFBQSxNQUMxRCxPQUFPLENBQUMsT0FBTyxJQUFJLEVBQUUsT0FBTyxPQUFPLEVBQUUsSUFBSSxDQUFDLFVBQVUsRUFBRSxJQUFJLE1BQU0sS0FBWSxFQUFFO0FBQUEsTUFDOUUsR0FBSSxTQUFTLEVBQUUsYUFBYSxLQUFLLElBQUksQ0FBQztBQUFBLElBQ3hDO0FBQ0EsV0FBTyxLQUFLLE1BQU07QUFDbEIsUUFBSSxDQUFDLE9BQVE7QUFDYixXQUFPLFFBQVEsS0FBSyxFQUFFLE1BQU0sV0FBVyxNQUFNLElBQUksT0FBTyxPQUFPLE9BQU8sQ0FBQztBQUN2RSxXQUFPLEtBQUssU0FBUyxPQUFPLENBQUMsR0FBRyxNQUFNLENBQUM7QUFBQSxFQUN6QztBQUNBLFNBQU8sRUFBRSxRQUFRLE9BQU87QUFDMUI7OztBQzdLQSxTQUFTLGlCQUFpQjtBQUMxQixTQUFTLGlCQUFpQjs7O0FDRDFCLE9BQU9HLFdBQVU7QUFtQlYsSUFBTSxXQUFXO0FBQ2pCLElBQU0sY0FBYztBQUVwQixJQUFNLFlBQVk7QUFhekIsSUFBTSxPQUFPLENBQUMsV0FBa0MsRUFBRSxJQUFJLE9BQU8sTUFBTTtBQUU1RCxTQUFTLG1CQUFtQixPQUEyQjtBQUM1RCxVQUFRLE1BQU0sUUFBUTtBQUFBLElBQ3BCLEtBQUs7QUFDSCxhQUFPO0FBQUEsSUFDVCxLQUFLO0FBQ0gsYUFBTztBQUFBLElBQ1QsS0FBSztBQUNILGFBQU8saUJBQWlCLE9BQU8sTUFBTSxJQUFJLENBQUMsOEJBQThCLE9BQU8sUUFBUSxDQUFDO0FBQUEsSUFDMUYsS0FBSztBQUNILGFBQU8saUJBQWlCLE9BQU8sTUFBTSxPQUFPLENBQUMsaUNBQWlDLE9BQU8sV0FBVyxDQUFDO0FBQUEsSUFDbkcsS0FBSztBQUNILGFBQU8sUUFBUSxPQUFPLE1BQU0sR0FBRyxDQUFDLCtCQUErQixPQUFPLFNBQVMsQ0FBQztBQUFBLElBQ2xGLEtBQUs7QUFDSCxhQUFPLFlBQVksT0FBTyxNQUFNLEdBQUcsQ0FBQztBQUFBLElBQ3RDLEtBQUs7QUFDSCxhQUFPO0FBQUEsSUFDVCxLQUFLO0FBQ0gsYUFBTztBQUFBLEVBQ1g7QUFDRjtBQUVBLElBQU0sUUFBUSxDQUFDLEtBQUssS0FBSyxLQUFNLEdBQUc7QUFHbEMsU0FBUyxPQUFPQyxPQUFjLE1BQTZCO0FBQ3pELFFBQU0sU0FBUyxJQUFJLElBQW9CLE1BQU0sSUFBSSxDQUFDLFNBQVMsQ0FBQyxNQUFNLENBQUMsQ0FBQyxDQUFDO0FBQ3JFLE1BQUksU0FBUztBQUNiLFdBQVMsS0FBSyxNQUFNLEtBQUtBLE1BQUssUUFBUSxNQUFNO0FBQzFDLFVBQU0sT0FBT0EsTUFBSyxFQUFFO0FBQ3BCLFFBQUksU0FBUyxJQUFLLFVBQVMsQ0FBQztBQUFBLGFBQ25CLENBQUMsV0FBVyxTQUFTLFFBQVEsU0FBUyxNQUFPO0FBQUEsYUFDN0MsQ0FBQyxVQUFVLE9BQU8sSUFBSSxJQUFJLEVBQUcsUUFBTyxJQUFJLE1BQU0sT0FBTyxJQUFJLElBQUksSUFBSyxDQUFDO0FBQUEsRUFDOUU7QUFDQSxRQUFNLENBQUMsSUFBSSxJQUFJLENBQUMsR0FBRyxNQUFNLEVBQUUsS0FBSyxDQUFDLENBQUMsRUFBRSxDQUFDLEdBQUcsQ0FBQyxFQUFFLENBQUMsTUFBTSxJQUFJLENBQUM7QUFDdkQsU0FBTyxLQUFNLENBQUMsSUFBSSxJQUFJLEtBQU0sQ0FBQyxJQUFJO0FBQ25DO0FBR0EsSUFBTSxjQUFjO0FBR3BCLFNBQVMsWUFBWUEsT0FBNkI7QUFDaEQsUUFBTSxRQUFRQSxNQUFLLFNBQVNBLE1BQUssVUFBVSxFQUFFO0FBQzdDLFFBQU0sUUFBUSxPQUFPQSxPQUFNLEtBQUs7QUFDaEMsTUFBSSxNQUFPLFFBQU87QUFDbEIsUUFBTSxRQUFRQSxNQUFLLE1BQU0sT0FBTyxRQUFRLEdBQU0sRUFBRSxNQUFNLFlBQVk7QUFDbEUsYUFBVyxRQUFRLE1BQU0sTUFBTSxHQUFHLGNBQWMsQ0FBQyxHQUFHO0FBQ2xELFVBQU0sT0FBTyxPQUFPLE1BQU0sQ0FBQztBQUMzQixRQUFJLFFBQVEsS0FBSyxNQUFNLElBQUksRUFBRSxPQUFPLFNBQVMsRUFBRSxTQUFTLEVBQUcsUUFBTztBQUFBLEVBQ3BFO0FBQ0EsU0FBTztBQUNUO0FBR0EsU0FBUyxhQUFhQSxPQUE2QjtBQUNqRCxRQUFNLFFBQVEsSUFBSSxJQUFJLENBQUMsR0FBRyxPQUFPLEdBQUcsRUFBRSxJQUFJLENBQUMsU0FBUyxLQUFLLFdBQVcsQ0FBQyxDQUFDLENBQUM7QUFDdkUsTUFBSSxDQUFDLE1BQU0sS0FBSyxJQUFJLENBQUMsR0FBRyxDQUFDO0FBQ3pCLFdBQVMsS0FBSyxHQUFHLEtBQUtBLE1BQUssUUFBUSxNQUFNO0FBQ3ZDLFVBQU0sT0FBT0EsTUFBSyxXQUFXLEVBQUU7QUFDL0IsUUFBSSxTQUFTLEdBQUksRUFBQyxNQUFNLEtBQUssSUFBSSxDQUFDLE9BQU8sR0FBRyxDQUFDO0FBQUEsYUFDcEMsTUFBTSxJQUFJLElBQUksS0FBSyxFQUFFLFFBQVEsVUFBVyxRQUFPO0FBQUEsRUFDMUQ7QUFDQSxTQUFPO0FBQ1Q7QUFHQSxJQUFNLGNBQWM7QUFXcEIsSUFBTSxVQUFVO0FBRWhCLFNBQVMsTUFBTUEsT0FBYyxXQUEyQjtBQUN0RCxRQUFNLFNBQWlCLEVBQUUsTUFBTSxDQUFDLEdBQUcsUUFBUSxDQUFDLEdBQUcsV0FBVyxNQUFNLE1BQU07QUFDdEUsTUFBSSxRQUFRO0FBQ1osRUFBQUMsTUFBSyxNQUFnQkQsT0FBTTtBQUFBLElBQ3pCO0FBQUEsSUFDQSxNQUFNLENBQUMsRUFBRSxNQUFNLFFBQVEsS0FBSyxNQUFNO0FBQ2hDLGFBQU8sS0FBSyxLQUFLLElBQUk7QUFDckIsYUFBTyxPQUFPLEtBQUssS0FBSztBQUN4QixjQUFRLEtBQUs7QUFDYixhQUFPLFNBQVMsT0FBTyxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxlQUFlO0FBQUEsSUFDcEU7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPO0FBQ1Q7QUFHQSxJQUFNLFdBQVc7QUFDakIsSUFBTSxpQkFBaUI7QUFNdkIsU0FBUyxZQUNQLE9BQ0EsS0FDOEQ7QUFDOUQsUUFBTSxTQUEwQixDQUFDO0FBQ2pDLE1BQUlBLFFBQU87QUFDWCxRQUFNLFlBQVksT0FBTyxZQUFZQSxLQUFJLEtBQUs7QUFDOUMsTUFBSSxTQUFTLE1BQU1BLE9BQU0sU0FBUztBQUNsQyxRQUFNRSxRQUFPLEtBQUssSUFBSSxVQUFVLEtBQUssSUFBSSxHQUFHLEtBQUssTUFBTSxpQkFBaUJGLE1BQUssTUFBTSxDQUFDLENBQUM7QUFDckYsYUFBUztBQUNQLFVBQU0sYUFBYSxPQUFPLEtBQUs7QUFBQSxNQUFVLENBQUMsS0FBSyxNQUM3QyxNQUFNLE9BQU8sS0FBSyxTQUFTLEtBQUssT0FBTyxPQUNuQyxPQUNBLFNBQVMsS0FBSyxPQUFPLFdBQVcsT0FBTyxLQUFLLENBQUMsRUFBRyxNQUFNO0FBQUEsSUFDNUQ7QUFDQSxRQUFJLGFBQWEsRUFBRztBQUNwQixRQUFJLE9BQU8sVUFBVUUsTUFBTSxRQUFPLEVBQUUsU0FBUyxPQUFPLENBQUMsRUFBRyxJQUFJO0FBQzVELFVBQU0sT0FBTyxPQUFPLE9BQU8sVUFBVTtBQUNyQyxVQUFNLE1BQU0sT0FBTyxPQUFPLGFBQWEsQ0FBQyxLQUFLRixNQUFLO0FBQ2xELFVBQU0sS0FBSyxZQUFZQSxNQUFLLE1BQU0sTUFBTSxHQUFHLENBQUM7QUFDNUMsUUFBSSxLQUFLLEVBQUc7QUFDWixVQUFNLFFBQVFBLE1BQUssTUFBTSxNQUFNLEdBQUcsRUFBRSxRQUFRLEVBQUUsTUFBTSxJQUFJLEVBQUUsU0FBUztBQUNuRSxVQUFNLFFBQVEsUUFBUSxJQUFJLDRCQUE0QixPQUFPLE9BQU8sTUFBTSxDQUFDLFlBQVk7QUFDdkYsV0FBTyxLQUFLO0FBQUEsTUFDVixLQUFLLGFBQWE7QUFBQSxNQUNsQixLQUFLLGdGQUFnRixLQUFLO0FBQUEsTUFDMUYsU0FBUztBQUFBLElBQ1gsQ0FBQztBQUNELElBQUFBLFFBQU9BLE1BQUssTUFBTSxHQUFHLE9BQU8sRUFBRSxJQUFJLGNBQWNBLE1BQUssTUFBTSxPQUFPLEtBQUssQ0FBQztBQUN4RSxhQUFTLE1BQU1BLE9BQU0sU0FBUztBQUFBLEVBQ2hDO0FBQ0EsUUFBTSxPQUFPLE9BQU8sS0FBSyxJQUFJLENBQUMsUUFBUSxJQUFJLElBQUksQ0FBQyxTQUFTLEtBQUssV0FBVyxhQUFhLEdBQUcsQ0FBQyxDQUFDO0FBQzFGLFNBQU8sRUFBRSxHQUFHLFFBQVEsV0FBVyxjQUFjLFVBQVUsS0FBSyxXQUFXLE1BQU0sT0FBTztBQUN0RjtBQUdBLFNBQVMsU0FBUyxLQUF3QixXQUFtQixTQUEwQjtBQUNyRixNQUFJLFVBQVUsRUFBRyxRQUFPO0FBQ3hCLFNBQU8sSUFBSSxLQUFLLENBQUMsU0FBUztBQUN4QixRQUFJLENBQUMsS0FBSyxTQUFTLElBQUksRUFBRyxRQUFPO0FBQ2pDLFVBQU0sUUFBUSxLQUFLLE1BQU0sSUFBSSxFQUFFLE1BQU0sR0FBRyxFQUFFO0FBQzFDLFdBQ0UsTUFBTSxTQUFTLEtBQ2YsTUFBTSxNQUFNLENBQUMsU0FBUyxLQUFLLE1BQU0sU0FBUyxFQUFFLFVBQVUsS0FBSyxJQUFJLEdBQUcsVUFBVSxDQUFDLENBQUM7QUFBQSxFQUVsRixDQUFDO0FBQ0g7QUFHQSxTQUFTLFlBQVlBLE9BQXNCO0FBQ3pDLE1BQUksQ0FBQyxPQUFPLEVBQUUsSUFBSSxDQUFDLElBQUksRUFBRTtBQUN6QixXQUFTLElBQUksR0FBRyxJQUFJQSxNQUFLLFFBQVE7QUFDL0IsUUFBSUEsTUFBSyxDQUFDLE1BQU0sSUFBSyxNQUFLLEtBQUssSUFBSSxJQUFJO0FBQUEsYUFDOUJBLE1BQUssQ0FBQyxNQUFNLFFBQVEsTUFBTSxFQUFHLFNBQVE7QUFDaEQsU0FBTyxNQUFNLElBQUksS0FBSztBQUN4QjtBQUdBLElBQU1HLFNBQVE7QUFFZCxJQUFNLFdBQ0o7QUFNSyxJQUFNLFlBQVksQ0FBQyxTQUN4QixTQUFTLElBQUksRUFDVixRQUFRLGNBQWMsSUFBSSxFQUMxQixRQUFRLG9DQUFvQyxFQUFFLEVBQzlDLEtBQUs7QUFHVixTQUFTLFFBQVEsTUFBc0I7QUFDckMsTUFBSSxTQUFTLEdBQUksUUFBTztBQUN4QixNQUFJLFVBQVUsSUFBSSxNQUFNLEtBQU0sUUFBTztBQUNyQyxNQUFJLFVBQVUsSUFBSSxNQUFNLEtBQU0sUUFBTztBQUNyQyxNQUFJLFNBQVMsSUFBSSxNQUFNLEtBQU0sUUFBTztBQUNwQyxNQUFJLGVBQWUsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUN0QyxTQUFPLEtBQUssS0FBSyxJQUFJLElBQUksVUFBVSxTQUFTLEtBQUssTUFBTSxLQUFLLEVBQUUsTUFBTTtBQUN0RTtBQUVBLElBQU0sWUFBWSxDQUFDLFNBQTBCO0FBQzNDLFFBQU0sRUFBRSxTQUFBQyxVQUFTLE1BQU0sSUFBSSxZQUFZLElBQUk7QUFDM0MsU0FBT0EsYUFBWSxRQUFRLFVBQVU7QUFDdkM7QUFHQSxTQUFTLFdBQVcsQ0FBQyxRQUFRLENBQUMsR0FBRyxHQUFHLElBQUksR0FBaUM7QUFDdkUsTUFBSSxNQUFNLEtBQUssQ0FBQyxTQUFTLENBQUMsU0FBUyxTQUFTLE1BQU0sRUFBRSxTQUFTLFFBQVEsSUFBSSxDQUFDLENBQUMsRUFBRyxRQUFPO0FBQ3JGLE1BQUksTUFBTSxLQUFLLENBQUMsU0FBUyxTQUFTLE1BQU0sVUFBVSxJQUFJLENBQUMsS0FBSyxLQUFLLFdBQVcsRUFBRyxRQUFPO0FBQ3RGLFFBQU0sT0FBTyxLQUFLLE1BQU0sR0FBRyxFQUFFO0FBQzdCLFNBQU8sTUFBTSxNQUFNLENBQUMsTUFBTSxNQUFNO0FBQzlCLFVBQU0sUUFBUSxRQUFRLElBQUk7QUFDMUIsV0FBTyxLQUFLLE9BQU8sQ0FBQyxVQUFVLFFBQVEsTUFBTSxDQUFDLEtBQUssRUFBRSxNQUFNLEtBQUssRUFBRSxTQUFTLEtBQUssU0FBUztBQUFBLEVBQzFGLENBQUM7QUFDSDtBQUVBLElBQU0sU0FDSjtBQUdGLElBQU0sVUFBVSxDQUFDLFVBQ2YsTUFBTSxLQUFLLENBQUMsU0FBUyxPQUFPLEtBQUssSUFBSSxDQUFDLEtBQ3RDLE1BQU0sTUFBTSxDQUFDLFNBQVMsU0FBUyxNQUFNLE9BQU8sS0FBSyxJQUFJLEtBQUssbUJBQW1CLEtBQUssSUFBSSxDQUFDO0FBR3pGLFNBQVMsWUFBWSxNQUE4QztBQUNqRSxRQUFNLFNBQVMsS0FBSyxNQUFNLEdBQUcsRUFBRSxFQUFFLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFNLE9BQU8sT0FBTyxFQUFFLE1BQU07QUFDaEYsTUFBSSxLQUFLLElBQUksR0FBRyxNQUFNLElBQUksRUFBRyxRQUFPO0FBQ3BDLFFBQU0sS0FBSyxPQUFPLFVBQVUsQ0FBQyxNQUFNLElBQUksQ0FBQztBQUN4QyxTQUFPLE1BQU0sY0FBYyxLQUFLO0FBQ2xDO0FBR08sU0FBUyxVQUFVLEVBQUUsTUFBTSxPQUFPLFVBQVUsVUFBVSxHQUF1QjtBQUNsRixRQUFNLENBQUMsRUFBRSxLQUFLSixRQUFPLEVBQUUsSUFBSSx1Q0FBdUMsS0FBSyxLQUFLLEtBQUssQ0FBQztBQUNsRixNQUFJQSxNQUFLLEtBQUssTUFBTSxHQUFJLFFBQU8sS0FBSyxFQUFFLFFBQVEsUUFBUSxDQUFDO0FBQ3ZELFFBQU0sV0FBVyxhQUFhQSxLQUFJO0FBQ2xDLE1BQUksYUFBYSxLQUFNLFFBQU8sS0FBSyxFQUFFLFFBQVEsa0JBQWtCLEtBQUssU0FBUyxDQUFDO0FBQzlFLFFBQU0sU0FBUyxZQUFZQSxPQUFNLEdBQUc7QUFDcEMsTUFBSSxhQUFhLE9BQVEsUUFBTyxLQUFLLEVBQUUsUUFBUSxlQUFlLEtBQUssT0FBTyxRQUFRLENBQUM7QUFDbkYsUUFBTSxFQUFFLE1BQU0sUUFBUSxVQUFVLElBQUk7QUFDcEMsU0FBTyxRQUFRLE1BQU07QUFBQSxJQUNuQjtBQUFBLElBQ0E7QUFBQSxJQUNBLFNBQVMsTUFBTSxJQUFJO0FBQUEsSUFDbkIsUUFBUTtBQUFBLE1BQ04sR0FBRztBQUFBLE1BQ0gsR0FBRyxVQUFVLElBQUksQ0FBQyxTQUFTO0FBQUEsUUFDekI7QUFBQSxRQUNBLEtBQUs7QUFBQSxRQUNMLFNBQVM7QUFBQSxNQUNYLEVBQUU7QUFBQSxJQUNKO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFXTyxTQUFTLFFBQVEsT0FBNEIsT0FBeUI7QUFDM0UsUUFBTSxFQUFFLFVBQVUsV0FBVyxRQUFRLElBQUk7QUFDekMsUUFBTSxTQUFTLE1BQU0sT0FBTyxJQUFJLENBQUMsV0FBVyxFQUFFLEdBQUcsT0FBTyxLQUFLLE1BQU0sTUFBTSxRQUFRLEVBQUU7QUFDbkYsTUFBSSxNQUFNLE1BQ1AsSUFBSSxDQUFDLE9BQU8sT0FBTztBQUFBLElBQ2xCLEtBQUssSUFBSSxJQUFJO0FBQUEsSUFDYixPQUFPLE1BQU0sSUFBSSxDQUFDLFNBQVMsU0FBUyxNQUFNLElBQUksSUFBSSxTQUFTLE1BQU0sQ0FBQztBQUFBLEVBQ3BFLEVBQUUsRUFDRCxPQUFPLENBQUMsRUFBRSxNQUFNLE1BQU0sTUFBTSxLQUFLLENBQUMsU0FBUyxTQUFTLEVBQUUsQ0FBQztBQUMxRCxNQUFJLElBQUksV0FBVyxFQUFHLFFBQU8sS0FBSyxFQUFFLFFBQVEsUUFBUSxDQUFDO0FBQ3JELFFBQU0sUUFBUSxZQUFZLEdBQUc7QUFDN0IsYUFBVyxFQUFFLElBQUksS0FBSyxJQUFJLE1BQU0sR0FBRyxLQUFLO0FBQ3RDLFdBQU8sS0FBSyxFQUFFLEtBQUssS0FBSywrQ0FBK0MsU0FBUyxLQUFLLENBQUM7QUFDeEYsUUFBTSxJQUFJLE1BQU0sS0FBSztBQUNyQixNQUFJLElBQUksU0FBUyxJQUFJLFNBQVUsUUFBTyxLQUFLLEVBQUUsUUFBUSxpQkFBaUIsTUFBTSxJQUFJLFNBQVMsRUFBRSxDQUFDO0FBQzVGLFFBQU0sV0FBVyxXQUFXLElBQUksSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUssQ0FBQztBQUN6RCxNQUFJLENBQUMsWUFBWSxJQUFJLFdBQVcsRUFBRyxRQUFPLEtBQUssRUFBRSxRQUFRLGNBQWMsQ0FBQztBQUN4RSxRQUFNLFFBQVEsV0FDVixLQUFLLElBQUksR0FBRyxJQUFJLE1BQU0sR0FBRyxHQUFHLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sTUFBTSxDQUFDLElBQzlELFdBQVcsSUFBSSxDQUFDLEVBQUcsS0FBSztBQUM1QixNQUFJLFFBQVEsWUFBYSxRQUFPLEtBQUssRUFBRSxRQUFRLG9CQUFvQixTQUFTLE1BQU0sQ0FBQztBQUNuRixRQUFNLFNBQVMsV0FDWCxNQUFNLEtBQUssRUFBRSxRQUFRLE1BQU0sR0FBRyxDQUFDLEdBQUcsTUFBTSxVQUFVLElBQUksQ0FBQyxFQUFFLElBQ3pELElBQUksQ0FBQyxFQUFHLE1BQU0sTUFBTSxHQUFHLEtBQUs7QUFDaEMsUUFBTSxRQUFRLFdBQVcsTUFBTSxJQUFJLE1BQU0sQ0FBQyxHQUFHLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxNQUFNO0FBQ3RFLFFBQUksQ0FBQyxRQUFRLEtBQUssRUFBRyxRQUFPO0FBQzVCLFdBQU8sS0FBSyxFQUFFLEtBQUssS0FBSyxzQ0FBc0MsU0FBUyxLQUFLLENBQUM7QUFDN0UsV0FBTztBQUFBLEVBQ1QsQ0FBQztBQUNELFNBQU8sRUFBRSxJQUFJLE1BQU0sT0FBTyxFQUFFLFVBQVUsV0FBVyxRQUFRLE1BQU0sT0FBTyxFQUFFO0FBQzFFO0FBRUEsSUFBTSxhQUFhLENBQUMsVUFDbEIsTUFBTSxjQUFjLENBQUMsU0FBUyxTQUFTLEVBQUUsSUFBSTtBQUUvQyxTQUFTLFNBQVMsS0FBYSxLQUFhLFFBQWlDO0FBQzNFLFFBQU0sT0FBTyxVQUFVLEdBQUc7QUFDMUIsTUFBSUcsT0FBTSxLQUFLLElBQUksRUFBRyxRQUFPO0FBQzdCLFFBQU0sUUFBUSxLQUFLLFFBQVEsVUFBVSxFQUFFO0FBQ3ZDLE1BQUksVUFBVTtBQUNaLFdBQU8sS0FBSztBQUFBLE1BQ1Y7QUFBQSxNQUNBLEtBQUssc0RBQWlELE1BQU0sTUFBTSxHQUFHLEVBQUUsQ0FBQztBQUFBLE1BQ3hFLFNBQVM7QUFBQSxJQUNYLENBQUM7QUFDSCxTQUFPO0FBQ1Q7OztBRHZVTyxJQUFNLFVBQVUsQ0FBQyxVQUN0QixNQUFNLENBQUMsTUFBTSxNQUFRLE1BQU0sQ0FBQyxNQUFNLE1BQVEsTUFBTSxDQUFDLE1BQU0sS0FBSyxNQUFNLENBQUMsTUFBTTtBQUczRSxJQUFNLGVBQWUsTUFBTSxPQUFPO0FBR2xDLFNBQVMsYUFBYSxPQUEyQjtBQUMvQyxNQUFJLE9BQU87QUFDWCxZQUFVLE9BQU87QUFBQSxJQUNmLFFBQVEsQ0FBQyxFQUFFLGFBQWEsTUFBTTtBQUM1QixjQUFRO0FBQ1IsYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPO0FBQ1Q7QUFFQSxJQUFNRSxPQUFNLENBQUMsTUFBYyxPQUFPLENBQUMsRUFBRSxTQUFTLEdBQUcsR0FBRztBQUdwRCxTQUFTLFNBQVMsT0FBd0I7QUFDeEMsTUFBSSxVQUFVLFFBQVEsVUFBVSxPQUFXLFFBQU87QUFDbEQsTUFBSSxpQkFBaUI7QUFDbkIsV0FBTyxHQUFHLE9BQU8sTUFBTSxlQUFlLENBQUMsRUFBRSxTQUFTLEdBQUcsR0FBRyxDQUFDLElBQUlBLEtBQUksTUFBTSxZQUFZLElBQUksQ0FBQyxDQUFDLElBQUlBLEtBQUksTUFBTSxXQUFXLENBQUMsQ0FBQztBQUN0SCxNQUFJLE9BQU8sVUFBVSxVQUFXLFFBQU8sUUFBUSxRQUFRO0FBQ3ZELE1BQUksT0FBTyxVQUFVLFlBQVksT0FBTyxVQUFVLEtBQUssRUFBRyxRQUFPLE9BQU8sS0FBSyxFQUFFLFNBQVM7QUFDeEYsU0FBTyxPQUFPLEtBQXdCO0FBQ3hDO0FBR0EsZUFBc0IsZUFBZSxPQUF1QztBQUMxRSxRQUFNQyxjQUF5QixFQUFFLFFBQVEsV0FBVztBQUNwRCxNQUFJO0FBQ0YsUUFBSSxhQUFhLEtBQUssSUFBSTtBQUN4QixhQUFPLEVBQUUsSUFBSSxPQUFPLE9BQU8sRUFBRSxRQUFRLG9CQUFvQixFQUFFO0FBQzdELFVBQU0sT0FBTyxNQUFNLFVBQVUsSUFBSSxXQUFXLEtBQUssRUFBRSxNQUFNO0FBQ3pELFdBQU87QUFBQSxNQUNMLEtBQUssSUFBSSxDQUFDLFFBQVEsSUFBSSxJQUFJLFFBQVEsQ0FBQztBQUFBLE1BQ25DLEVBQUUsVUFBVSxJQUFJLFdBQVcsSUFBSSxTQUFTLEdBQUcsUUFBUSxDQUFDLEVBQUU7QUFBQSxJQUN4RDtBQUFBLEVBQ0YsUUFBUTtBQUNOLFdBQU8sRUFBRSxJQUFJLE9BQU8sT0FBT0EsWUFBVztBQUFBLEVBQ3hDO0FBQ0Y7OztBRS9DTyxJQUFNLFdBQVcsSUFBSTtBQUFBLEVBQzFCLDJEQUEyRCxNQUFNLEdBQUc7QUFDdEU7QUFFTyxJQUFNLFdBQVcsSUFBSTtBQUFBLEVBQzFCLGtFQUFrRSxNQUFNLEdBQUc7QUFDN0U7QUFFQSxJQUFNLFNBQVMsQ0FBQyxTQUNkLFNBQVMsSUFBSSxLQUFLLFlBQVksQ0FBQyxLQUFLLFNBQVMsSUFBSSxLQUFLLFlBQVksQ0FBQztBQW9CckUsU0FBUyxPQUFPQyxPQUF3QjtBQUN0QyxRQUFNLFFBQWtCLENBQUM7QUFDekIsYUFBVyxRQUFRQSxNQUFLLE1BQU0sWUFBWSxHQUFHO0FBQzNDLFVBQU0sU0FBUyxNQUFNLEdBQUcsRUFBRTtBQUUxQixRQUFJLFFBQVEsU0FBUyxHQUFHLEtBQUssOEJBQThCLEtBQUssTUFBTTtBQUNwRSxZQUFNLE1BQU0sU0FBUyxDQUFDLElBQUksT0FBTyxNQUFNLEdBQUcsRUFBRSxJQUFJO0FBQUEsYUFDekMsU0FBUyxLQUFLLElBQUksS0FBSyxXQUFXO0FBQ3pDLFlBQU0sTUFBTSxTQUFTLENBQUMsSUFBSSxTQUFTLEtBQUssTUFBTSxDQUFDO0FBQUEsUUFDNUMsT0FBTSxLQUFLLElBQUk7QUFBQSxFQUN0QjtBQUNBLFNBQU87QUFDVDtBQUdBLFNBQVMsSUFBSUEsT0FBYyxNQUF3QjtBQUNqRCxRQUFNLFFBQVEsQ0FBQyxFQUFFO0FBQ2pCLE1BQUksU0FBUztBQUNiLGFBQVcsUUFBUUEsT0FBTTtBQUN2QixRQUFJLFNBQVMsSUFBSyxVQUFTLENBQUM7QUFDNUIsUUFBSSxTQUFTLFFBQVEsQ0FBQyxPQUFRLE9BQU0sS0FBSyxFQUFFO0FBQUEsUUFDdEMsT0FBTSxNQUFNLFNBQVMsQ0FBQyxLQUFLO0FBQUEsRUFDbEM7QUFDQSxTQUFPO0FBQ1Q7QUFHQSxJQUFNLFVBQVUsQ0FBQ0EsVUFDZkEsTUFBSyxRQUFRLGNBQWMsQ0FBQyxHQUFHLFVBQWtCLEVBQUUsS0FBSyxLQUFLLEdBQUcsTUFBTSxLQUFLLElBQUksR0FBRyxJQUFJLENBQUU7QUFFMUYsU0FBUyxVQUFVQSxPQUErQjtBQUNoRCxRQUFNLENBQUMsSUFBSSxJQUFJLElBQUlBLE9BQU0sR0FBRztBQUM1QixNQUFJLFNBQVMsVUFBYSxLQUFLLFdBQVdBLE1BQUssT0FBUSxRQUFPO0FBQzlELFFBQU0sQ0FBQyxRQUFRLElBQUksR0FBRyxLQUFLLElBQUksSUFBSSxNQUFNLEdBQUc7QUFDNUMsUUFBTSxNQUFNLE1BQU0sWUFBWSxHQUFHO0FBQ2pDLFFBQU0sU0FBUyxvQkFBSSxJQUFzQjtBQUN6QyxhQUFXLFNBQVMsT0FBTztBQUN6QixVQUFNLEtBQUssTUFBTSxRQUFRLEdBQUc7QUFDNUIsVUFBTSxRQUFRLEtBQUssSUFBSSxTQUFTLE1BQU0sTUFBTSxHQUFHLEVBQUUsR0FBRyxLQUFLLEVBQUUsWUFBWTtBQUN2RSxVQUFNLFNBQVMsSUFBSSxNQUFNLE1BQU0sS0FBSyxDQUFDLEdBQUcsR0FBRyxFQUN4QyxJQUFJLENBQUMsTUFBTSxRQUFRLEVBQUUsUUFBUSxVQUFVLEVBQUUsQ0FBQyxDQUFDLEVBRTNDLFFBQVEsQ0FBQyxNQUFPLFNBQVMsVUFBVSxFQUFFLE1BQU0sR0FBRyxFQUFFLE1BQU0sTUFBTSxJQUFJLEVBQUUsTUFBTSxHQUFHLElBQUksQ0FBQyxDQUFDLENBQUU7QUFDdEYsV0FBTyxJQUFJLE1BQU0sQ0FBQyxHQUFJLE9BQU8sSUFBSSxJQUFJLEtBQUssQ0FBQyxHQUFJLEdBQUcsTUFBTSxDQUFDO0FBQUEsRUFDM0Q7QUFDQSxTQUFPO0FBQUEsSUFDTCxPQUFPLE1BQU0sSUFBSSxLQUFLLE1BQU0sTUFBTSxHQUFHLEdBQUc7QUFBQSxJQUN4QyxNQUFNLE1BQ0gsTUFBTSxNQUFNLENBQUMsRUFDYixLQUFLLEVBQ0wsWUFBWTtBQUFBLElBQ2Y7QUFBQSxJQUNBLE9BQU8sYUFBYUEsTUFBSyxNQUFNLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTTtBQUFBLEVBQ3pEO0FBQ0Y7QUFHTyxJQUFNLFlBQVksQ0FBQyxFQUFFLE9BQU8sR0FBNkIsT0FDOUQsQ0FBQyxHQUFJLE9BQU8sSUFBSSxVQUFVLEtBQUssQ0FBQyxHQUFJLEdBQUksT0FBTyxJQUFJLE1BQU0sS0FBSyxDQUFDLENBQUUsRUFBRSxLQUFLLENBQUMsU0FBUyxHQUFHLEtBQUssSUFBSSxDQUFDO0FBTWpHLFNBQVMsYUFBYSxPQUFlLFFBQW9DO0FBQ3ZFLE1BQUksQ0FBQyxVQUFVLEVBQUUsT0FBTyxHQUFHLHFCQUFxQixFQUFHLFFBQU87QUFDMUQsUUFBTSxRQUFrQixDQUFDO0FBQ3pCLFFBQU0sVUFBVSxJQUFJLFlBQVk7QUFDaEMsV0FBUyxJQUFJLEdBQUcsSUFBSSxNQUFNLFFBQVEsS0FBSztBQUNyQyxVQUFNLE1BQU0sa0JBQWtCLEtBQUssTUFBTSxNQUFNLEdBQUcsSUFBSSxDQUFDLENBQUM7QUFDeEQsUUFBSSxLQUFLO0FBQ1AsWUFBTSxPQUFPLE9BQU8sU0FBUyxJQUFJLENBQUMsR0FBSSxFQUFFO0FBQ3hDLFVBQUksU0FBUyxNQUFRLFNBQVMsR0FBTSxPQUFNLEtBQUssRUFBSTtBQUNuRCxZQUFNLEtBQUssSUFBSTtBQUNmLFdBQUs7QUFBQSxJQUNQLE1BQU8sT0FBTSxLQUFLLEdBQUcsUUFBUSxPQUFPLE1BQU0sQ0FBQyxDQUFFLENBQUM7QUFBQSxFQUNoRDtBQUNBLFNBQU8sU0FBUyxJQUFJLFdBQVcsS0FBSyxHQUFHLE9BQU8sSUFBSSxTQUFTLElBQUksQ0FBQyxLQUFLLEVBQUU7QUFDekU7QUFFQSxTQUFTLFNBQVMsT0FBbUIsU0FBeUI7QUFDNUQsUUFBTSxPQUFPLFFBQVEsWUFBWTtBQUNqQyxNQUFJLDZDQUE2QyxLQUFLLElBQUksRUFBRyxRQUFPLGdCQUFnQixLQUFLO0FBQ3pGLE1BQUkseUJBQXlCLEtBQUssSUFBSSxFQUFHLFFBQU8sYUFBYSxLQUFLO0FBQ2xFLE1BQUk7QUFDRixXQUFPLElBQUksWUFBWSxRQUFRLFNBQVMsRUFBRSxPQUFPLEtBQUssQ0FBQyxFQUFFLE9BQU8sS0FBSztBQUFBLEVBQ3ZFLFFBQVE7QUFDTixXQUFPLE9BQU8sS0FBSyxHQUFHLFFBQVE7QUFBQSxFQUNoQztBQUNGO0FBR08sU0FBUyxVQUFVQSxPQUF5QjtBQUNqRCxRQUFNLFFBQW1CLENBQUM7QUFDMUIsTUFBSSxPQUF1QjtBQUMzQixhQUFXLE9BQU8sT0FBT0EsS0FBSSxHQUFHO0FBQzlCLFVBQU0sT0FBTyxVQUFVLEdBQUc7QUFDMUIsUUFBSSxDQUFDLEtBQU07QUFDWCxVQUFNLFNBQVMsS0FBSyxNQUFNLEtBQUssRUFBRSxZQUFZLE1BQU07QUFDbkQsUUFBSSxLQUFLLFNBQVMsV0FBVyxRQUFRO0FBQ25DLGFBQU8sRUFBRSxNQUFNLE1BQU0sU0FBUyxHQUFHLE9BQU8sQ0FBQyxHQUFHLFVBQVUsTUFBTTtBQUM1RCxZQUFNLEtBQUssSUFBSTtBQUFBLElBQ2pCLFdBQVcsS0FBSyxTQUFTLFNBQVMsUUFBUTtBQUN4QyxVQUFJLEtBQU0sTUFBSyxXQUFXO0FBQzFCLGFBQU87QUFBQSxJQUNULE1BQU8sT0FBTSxNQUFNLEtBQUssSUFBSTtBQUFBLEVBQzlCO0FBQ0EsU0FBTztBQUNUO0FBR08sU0FBUyxXQUFXLE9BQWUsTUFBMkI7QUFDbkUsUUFBTSxRQUFRLENBQUMsRUFBRTtBQUNqQixXQUFTLElBQUksR0FBRyxJQUFJLE1BQU0sUUFBUSxLQUFLO0FBQ3JDLFVBQU0sT0FBTyxNQUFNLENBQUM7QUFDcEIsUUFBSSxTQUFTLFFBQVEsSUFBSSxJQUFJLE1BQU0sT0FBUSxPQUFNLE1BQU0sU0FBUyxDQUFDLEtBQUssT0FBTyxNQUFNLEVBQUUsQ0FBQztBQUFBLGFBQzdFLFNBQVMsS0FBTSxPQUFNLEtBQUssRUFBRTtBQUFBLFFBQ2hDLE9BQU0sTUFBTSxTQUFTLENBQUMsS0FBSztBQUFBLEVBQ2xDO0FBQ0EsU0FBTztBQUNUO0FBR08sSUFBTSxlQUFlLENBQUNBLFVBQzNCQSxNQUFLLFFBQVEsa0JBQWtCLENBQUMsR0FBRyxTQUFrQixLQUFLLEtBQUssSUFBSSxJQUFJLE9BQU8sSUFBSzs7O0FDM0k5RSxJQUFNLFFBQVEsQ0FBQyxNQUFnQixTQUNwQyxXQUFXLEtBQUssT0FBTyxJQUFJLEVBQUUsSUFBSSxDQUFDLFNBQVMsYUFBYSxJQUFJLEVBQUUsS0FBSyxDQUFDO0FBQy9ELElBQU0sT0FBTyxDQUFDLFNBQW1CLGFBQWEsS0FBSyxLQUFLLEVBQUUsS0FBSztBQUcvRCxTQUFTQyxTQUFRLE1BQWdCLEVBQUUsTUFBTSxHQUFvQjtBQUNsRSxRQUFNQyxTQUFRLEtBQUssU0FBUyxNQUFNLEtBQUssQ0FBQyxNQUFNLEVBQUUsVUFBVSxLQUFLLFNBQVMsRUFBRSxTQUFTLFdBQVc7QUFDOUYsUUFBTSxVQUFVQSxVQUFTLEtBQUtBLE1BQUssRUFBRSxRQUFRLGtCQUFrQixFQUFFO0FBQ2pFLFFBQU0sUUFBUSxVQUFVLENBQUMsT0FBTyxJQUFLLEtBQUssT0FBTyxJQUFJLE1BQU0sS0FBSyxDQUFDO0FBQ2pFLFFBQU0sUUFBUSxNQUFNLEtBQUssQ0FBQyxTQUFTLENBQUMsU0FBUyxJQUFJLEtBQUssWUFBWSxDQUFDLENBQUMsS0FBSztBQUN6RSxTQUFPLFNBQVMsSUFBSSxNQUFNLFlBQVksQ0FBQyxJQUFJLE1BQU0sWUFBWSxJQUFJO0FBQ25FO0FBR08sSUFBTSxRQUFRLENBQUMsRUFBRSxPQUFPLEdBQVksTUFBZ0IsUUFBUSxLQUFLLElBQUksTUFBTTtBQUNoRixNQUFJLE1BQU8sUUFBTyxLQUFLLEdBQUcsS0FBSyxJQUFJLEtBQUssS0FBSyxFQUFFO0FBQ2pEOzs7QUMxQk8sU0FBU0MsV0FBVSxTQUF5QztBQUNqRSxRQUFNLEVBQUUsUUFBUSxPQUFPLE9BQU8sSUFBSTtBQUNsQyxRQUFNLEVBQUUsT0FBTyxJQUFJO0FBQ25CLFFBQU0sSUFBSSxNQUFNLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLEdBQUc7QUFDL0MsUUFBTSxRQUFRLElBQ1YsV0FBVyxFQUFFLE9BQU8sR0FBRyxFQUFFO0FBQUEsSUFBSSxDQUFDLFNBQzVCLFdBQVcsTUFBTSxHQUFHLEVBQ2pCLElBQUksQ0FBQyxNQUFNLGFBQWEsQ0FBQyxFQUFFLEtBQUssQ0FBQyxFQUNqQyxPQUFPLE9BQU8sRUFDZCxLQUFLLEdBQUc7QUFBQSxFQUNiLElBQ0EsQ0FBQztBQUNMLFFBQU0sQ0FBQyxTQUFTLElBQUksUUFBUSxJQUFJLFNBQVMsSUFBSSxTQUFTLElBQUksU0FBUyxFQUFFLElBQUk7QUFDekUsU0FBTyxPQUFPLFFBQVE7QUFBQSxJQUNwQixZQUFZO0FBQUEsSUFDWixXQUFXO0FBQUEsSUFDWCxZQUFZO0FBQUEsSUFDWjtBQUFBLElBQ0E7QUFBQSxFQUNGLENBQUM7QUFDRCxRQUFNLEtBQUssTUFBTSxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxJQUFJO0FBQ2pELE1BQUksVUFBVSxTQUFTLENBQUMsR0FBSSxRQUFPLFNBQVMsT0FBTztBQUNuRCxRQUFNLFFBQVEsTUFBTSxLQUFLLENBQUMsTUFBTSxFQUFFLFNBQVMsVUFBVSxTQUFTLEtBQUssRUFBRSxLQUFLLENBQUM7QUFDM0UsUUFBTSxRQUFRLEtBQUssRUFBRTtBQUNyQixNQUFJLE1BQU8sUUFBTyxZQUFZO0FBQUEsV0FFckIsVUFBVSxPQUFPLFdBQVcsVUFBVSxLQUFLLE1BQU0sUUFBUSxVQUFVLEtBQUssTUFBTSxNQUFNO0FBQzNGLFVBQU0sRUFBRSxNQUFNLFFBQVEsR0FBRyxLQUFLLElBQUksVUFBVSxLQUFLO0FBQ2pELFdBQU8sT0FBTyxRQUFRLElBQUk7QUFDMUIsUUFBSSxLQUFNLFFBQU8sS0FBSyxxQkFBcUIsSUFBSSxFQUFFO0FBQ2pELFFBQUksT0FBUSxRQUFPLGNBQWM7QUFDakMsV0FBTyxTQUFTLFNBQVMsS0FBSztBQUFBLEVBQ2hDO0FBQ0EsU0FBTztBQUNUO0FBR0EsU0FBUyxTQUFTLEVBQUUsT0FBTyxHQUFZLE9BQXVDO0FBQzVFLFFBQU0sRUFBRSxPQUFPLElBQUk7QUFDbkIsUUFBTSxTQUFTO0FBQUEsSUFDYixTQUFTLENBQUMsT0FBTyxZQUFZLE9BQU8sU0FBUyxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssSUFBSTtBQUFBLEVBQzFFO0FBQ0EsTUFBSSxDQUFDLE9BQVEsUUFBTztBQUNwQixRQUFNLENBQUMsT0FBTyxNQUFNLElBQUk7QUFDeEIsU0FBTyxPQUFPLFFBQVEsRUFBRSxXQUFXLE1BQU0sV0FBVyxZQUFZLE1BQU0sV0FBVyxDQUFDO0FBQ2xGLFNBQU8sU0FBUyxNQUFNLFVBQVUsT0FBTztBQUN2QyxTQUFPLFNBQVMsUUFBUSxNQUFNO0FBQ2hDOzs7QUM5Q0EsSUFBTSxZQUFZO0FBR1gsU0FBUyxTQUFTLE1BQWMsRUFBRSxRQUFRLEtBQUssUUFBUSxNQUFNLEdBQWtCO0FBQ3BGLE1BQUk7QUFDSixNQUFJO0FBQ0YsV0FBTyxLQUFLLE1BQU0sSUFBSTtBQUFBLEVBQ3hCLFFBQVE7QUFDTixXQUFPLEtBQUssT0FBTyxLQUFLLHVCQUF1QixJQUFJLEVBQUU7QUFBQSxFQUN2RDtBQUNBLFFBQU0sRUFBRSxPQUFPLElBQUk7QUFDbkIsUUFBTUMsU0FBUSxDQUFDLFVBQ2IsTUFBTSxRQUFRLEtBQUssSUFBSSxNQUFNLE9BQU8sQ0FBQyxNQUFNLE9BQU8sTUFBTSxRQUFRLElBQUksQ0FBQztBQUN2RSxRQUFNLE9BQU8sQ0FBQyxRQUFpQixPQUFPLEtBQUssR0FBRyxNQUFNLFdBQVksS0FBSyxHQUFHLElBQWU7QUFDdkYsU0FBTyxRQUFRQSxPQUFNLEtBQUssS0FBSztBQUMvQixTQUFPLFdBQVcsS0FBSyxVQUFVO0FBQ2pDLFNBQU8sU0FBUyxLQUFLLFFBQVE7QUFDN0IsU0FBTyxZQUFZLEtBQUssV0FBVztBQUNuQyxTQUFPLFlBQVksS0FBSyxjQUFjO0FBQ3RDLFNBQU8sYUFBYyxLQUFLLFlBQVksS0FBSztBQUMzQyxTQUFPLGVBQWUsS0FBSyxjQUFjLEtBQUs7QUFDOUMsUUFBTSxVQUFVLFlBQVksS0FBSyxTQUFTLENBQUM7QUFDM0MsU0FBTyxVQUFVLFFBQVE7QUFDekIsYUFBVyxRQUFRLFFBQVEsT0FBUSxRQUFPLEtBQUssWUFBWSxJQUFJLEVBQUU7QUFDakUsRUFBQUEsT0FBTSxLQUFLLE1BQU0sRUFBRSxRQUFRLENBQUMsT0FBTyxNQUFNO0FBQ3ZDLFFBQUksT0FBTyxVQUFVLENBQUMsRUFBRyxRQUFPLFVBQVUsQ0FBQyxFQUFFLFFBQVE7QUFBQSxhQUM1QyxNQUFPLFFBQU8sVUFBVSxLQUFLLEVBQUUsR0FBRyxZQUFZLE1BQU0sQ0FBQztBQUFBLEVBQ2hFLENBQUM7QUFDRCxRQUFNLFVBQVUsWUFBWSxLQUFLLFNBQVMsR0FBRyxVQUFVLEtBQUs7QUFDNUQsUUFBTSxPQUFPLFlBQVksS0FBSyxNQUFNLENBQUM7QUFDckMsUUFBTUMsUUFBTyxZQUFZLEtBQUssTUFBTSxDQUFDO0FBQ3JDLFNBQU8sS0FBSyxHQUFHLFFBQVEsUUFBUSxHQUFHLEtBQUssUUFBUSxHQUFHQSxNQUFLLE1BQU07QUFDN0QsU0FBTyxVQUFVLFFBQVE7QUFDekIsU0FBTyxPQUFPLEtBQUs7QUFFbkIsTUFBSSxLQUFLLE1BQU0sRUFBRyxRQUFPLFVBQVVBLE1BQUs7QUFDeEMsU0FBTyxTQUFTLEtBQUssUUFBUTtBQUM3QixRQUFNLFVBQVUsS0FBSztBQUNyQixRQUFNLE9BQU8sT0FBTyxZQUFZLFlBQVksT0FBTyxVQUFVLE9BQU8sSUFBSSxVQUFVO0FBQ2xGLFNBQU8sY0FBYyxRQUFRLEtBQUssUUFBUSxZQUFZLE9BQU87QUFDN0QsTUFBSSxNQUFNLFFBQVEsS0FBSyxLQUFLO0FBQzFCLFdBQU8sUUFBUyxLQUFLLE1BQWtEO0FBQUEsTUFBUSxDQUFDLFNBQzlFLFFBQVEsT0FBTyxLQUFLLFNBQVMsV0FDekIsQ0FBQyxFQUFFLElBQUksS0FBSyxNQUFNLFlBQVksS0FBSyxFQUFFLElBQUksS0FBSyxLQUFLLE1BQU0sTUFBTSxLQUFLLEtBQUssQ0FBQyxJQUMxRSxDQUFDO0FBQUEsSUFDUDtBQUNGLGFBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxPQUFPLFFBQVMsS0FBSyxPQUFPLENBQUMsQ0FBeUIsR0FBRztBQUNuRixVQUFNLFFBQVEsSUFBSSxLQUFLLENBQUMsTUFBTSxFQUFFLFNBQVMsSUFBSTtBQUM3QyxVQUFNLE9BQU8sUUFBUSxhQUFhLE9BQU8sS0FBSyxJQUFJO0FBQ2xELFFBQUksU0FBUyxTQUFTLEtBQU0sUUFBTyxJQUFJLE1BQU0sRUFBRSxJQUFJO0FBQUEsUUFDOUMsUUFBTyxLQUFLLEdBQUcsSUFBSSxLQUFLLEtBQUssRUFBRTtBQUFBLEVBQ3RDO0FBQ0Y7OztBQ2pETyxJQUFNLGtCQUFrQixLQUFLLE9BQU87QUFFM0MsU0FBUyxTQUNQLE1BQ0EsT0FDQSxNQUNBLFNBQ0EsTUFDQTtBQUNBLE1BQUksVUFBVSxLQUFNLFNBQVEsT0FBTyxLQUFLLEdBQUcsSUFBSSxLQUFLLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFBQSxXQUN2RCxDQUFDLEtBQUssS0FBSyxDQUFDLFVBQVUsTUFBTSxVQUFVLEtBQUs7QUFDbEQsU0FBSyxLQUFLLEVBQUUsT0FBTyxPQUFPQyxTQUFRLE1BQU0sT0FBTyxFQUFFLENBQUM7QUFDdEQ7QUFHTyxJQUFNLGVBQWUsQ0FBQyxVQUMzQixTQUFTLE1BQU0sS0FBSyxFQUFFLFFBQVEsY0FBYyxJQUFJLENBQUM7QUFHbkQsU0FBUyxNQUFNLE1BQStCO0FBQzVDLFFBQU0sS0FBSyxhQUFhLEtBQUssSUFBSSxDQUFDO0FBQ2xDLFFBQU0sVUFBVSxDQUFDLEdBQUcsS0FBSyxNQUFNLEVBQUUsS0FBSyxDQUFDLENBQUMsSUFBSSxNQUFNLEtBQUssU0FBUyxXQUFXLENBQUMsSUFBSSxDQUFDLEVBQUUsQ0FBQztBQUNwRixTQUFPLE1BQU0sV0FBVyxHQUFHLFdBQVcsR0FBRyxPQUFPLEdBQUcsSUFBSSxHQUFHLE1BQU0sQ0FBQyxJQUFJO0FBQ3ZFO0FBRUEsU0FBUyxZQUFZLE1BQWdCLFNBQTJCO0FBQzlELFFBQU0sT0FBTyxXQUFXLEtBQUssT0FBTyxHQUFHLEVBQUU7QUFBQSxJQUFJLENBQUMsTUFDNUMsV0FBVyxHQUFHLEdBQUcsRUFDZCxJQUFJLENBQUMsTUFBTSxhQUFhLENBQUMsRUFBRSxLQUFLLENBQUMsRUFDakMsT0FBTyxPQUFPLEVBQ2QsS0FBSyxJQUFJO0FBQUEsRUFDZDtBQUNBLFFBQU07QUFBQSxJQUNKLE1BQU07QUFBQSxJQUNOLFdBQVc7QUFBQSxJQUNYLFNBQVM7QUFBQSxJQUNULE9BQU87QUFBQSxJQUNQLFNBQVM7QUFBQSxJQUNULGFBQWE7QUFBQSxJQUNiLFVBQVU7QUFBQSxFQUNaLElBQUk7QUFDSixRQUFNLENBQUMsS0FBSyxHQUFHLElBQUksVUFBVSxLQUFLLE9BQU8sSUFBSSxLQUFLLEdBQUcsS0FBSyxHQUFHLEtBQUssRUFBRTtBQUNwRSxTQUFPO0FBQUEsSUFDTCxHQUFHO0FBQUEsSUFDSCxPQUFPQSxTQUFRLE1BQU0sT0FBTztBQUFBLElBQzVCLE1BQU0sQ0FBQyxRQUFRLFVBQVUsR0FBRyxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssSUFBSTtBQUFBLElBQ3ZEO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxTQUFTLFVBQVUsT0FBZ0Q7QUFDakUsUUFBTSxRQUFRLG1EQUFtRCxLQUFLLEtBQUs7QUFDM0UsUUFBTSxDQUFDLEtBQUssR0FBRyxJQUFJLENBQUMsT0FBTyxRQUFRLENBQUMsQ0FBQyxHQUFHLE9BQU8sUUFBUSxDQUFDLENBQUMsQ0FBQztBQUMxRCxTQUFPLFNBQVMsS0FBSyxJQUFJLEdBQUcsS0FBSyxNQUFNLEtBQUssSUFBSSxHQUFHLEtBQUssTUFBTSxDQUFDLEtBQUssR0FBRyxJQUFJLENBQUMsTUFBTSxJQUFJO0FBQ3hGO0FBR0EsU0FBUyxVQUFVLE1BQWdCLFNBQXdCO0FBQ3pELFFBQU0sRUFBRSxPQUFPLElBQUksUUFBUTtBQUMzQixRQUFNLFFBQVFBLFNBQVEsTUFBTSxPQUFPO0FBQ25DLFFBQU0sT0FBTyxRQUFRLE1BQU0sS0FBSyxDQUFDLE1BQU0sRUFBRSxTQUFTLFNBQVNBLFNBQVEsR0FBRyxPQUFPLE1BQU0sS0FBSztBQUN4RixNQUFJLFFBQVEsS0FBSyxJQUFJLE1BQU0sR0FBSTtBQUMvQixRQUFNLFFBQVEsaUJBQWlCLEtBQUssSUFBSSxDQUFDO0FBQ3pDLFFBQU0sVUFBVTtBQUFBLElBQ2QsR0FBRztBQUFBLElBQ0g7QUFBQSxJQUNBLEdBQUksU0FBUyxFQUFFLE1BQU0sS0FBSyxJQUFJLEVBQUUsUUFBUSxhQUFhLElBQUksRUFBRTtBQUFBLEVBQzdEO0FBQ0EsU0FBTyxVQUFVLEtBQUssT0FBTztBQUMvQjtBQUVBLFNBQVMsVUFBVSxNQUFnQixFQUFFLFFBQVEsT0FBTyxHQUFrQjtBQUNwRSxRQUFNLE9BQU8sdUNBQXVDLEtBQUssS0FBSyxLQUFLLElBQUksQ0FBQztBQUN4RSxRQUFNLFdBQVcsVUFBVSxNQUFNLGVBQWU7QUFDaEQsUUFBTSxVQUFVLFNBQVMsV0FBVyxLQUFLLFFBQVEsS0FBSyxRQUFRLE9BQU8sRUFBRTtBQUN2RSxNQUFJLENBQUMsT0FBUSxRQUFPLEtBQUssT0FBTyxLQUFLLHNCQUFzQixLQUFLLE1BQU0sTUFBTSxHQUFHLEdBQUcsQ0FBQyxFQUFFO0FBQ3JGLE1BQUksT0FBTyxTQUFTLE9BQU87QUFDekIsV0FBTyxLQUFLLE9BQU8sS0FBSyx3QkFBd0Isa0JBQWtCLE9BQU8sSUFBSSxLQUFLO0FBQ3BGLE1BQUk7QUFDRixXQUFPLFFBQVEsV0FBVyxLQUFLLEtBQUssTUFBTSxHQUFHLENBQUMsU0FBUyxLQUFLLFdBQVcsQ0FBQyxDQUFDO0FBQUEsRUFDM0UsUUFBUTtBQUNOLFdBQU8sS0FBSyxnQ0FBZ0M7QUFBQSxFQUM5QztBQUNGO0FBR0EsU0FBUyxTQUFTLE1BQXNCO0FBQ3RDLFNBQU8sQ0FBQyxNQUFNLFlBQVk7QUFDeEIsVUFBTSxFQUFFLE9BQU8sSUFBSSxRQUFRO0FBQzNCLFVBQU0sS0FBSyxNQUFNLElBQUk7QUFDckIsUUFBSSxDQUFDLEdBQUksU0FBUSxPQUFPLEtBQUssMEJBQTBCLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFBQSxhQUMxRCxTQUFTO0FBQ2hCLGFBQU8sTUFBTSxLQUFLLEVBQUUsTUFBTSw0QkFBNEIsS0FBSyxJQUFJLElBQUksWUFBWSxNQUFNLEdBQUcsQ0FBQztBQUFBLGFBQ2xGLE9BQU8sWUFBWSxjQUFjLElBQUksUUFBUSxLQUFLLEVBQUcsT0FBTSxTQUFTLElBQUk7QUFBQSxRQUM1RSxRQUFPLFdBQVc7QUFBQSxFQUN6QjtBQUNGO0FBRUEsSUFBTSxPQUFlLENBQUMsTUFBTSxZQUFZO0FBQ3RDLFFBQU0sRUFBRSxPQUFBQyxPQUFNLElBQUksUUFBUSxPQUFPO0FBQ2pDLFFBQU0sUUFBUSxTQUFTLEtBQUssSUFBSSxDQUFDO0FBQ2pDLE1BQUksTUFBTyxVQUFTQSxRQUFPLE9BQU8sTUFBTSxTQUFTLGVBQWU7QUFBQSxNQUMzRCxPQUFNLFNBQVMsSUFBSTtBQUMxQjtBQUdBLElBQU0sT0FDSixDQUNFLEtBQ0EsV0FFRixDQUFDLE1BQU0sWUFBWTtBQUNqQixRQUFNLEVBQUUsT0FBTyxJQUFJLFFBQVE7QUFDM0IsYUFBVyxTQUFTLE9BQU8sSUFBSTtBQUM3QixRQUFJLE9BQU8sR0FBRyxNQUFNLEdBQUksUUFBTyxHQUFHLElBQUk7QUFBQSxhQUM3QixPQUFPLEdBQUcsTUFBTSxNQUFPLE9BQU0sU0FBUyxNQUFNLEtBQUs7QUFDOUQ7QUFHSyxJQUFNLFVBQWtDO0FBQUEsRUFDN0MsVUFBVSxLQUFLLFVBQVUsQ0FBQyxTQUFTLE1BQU0sTUFBTSxHQUFHLEVBQUUsT0FBTyxPQUFPLENBQUM7QUFBQSxFQUNuRSxLQUFLLEtBQUssV0FBVyxDQUFDLFNBQVMsQ0FBQyxNQUFNLE1BQU0sR0FBRyxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssSUFBSSxDQUFDLEVBQUUsT0FBTyxPQUFPLENBQUM7QUFBQSxFQUM1RixPQUFPLEtBQUssWUFBWSxDQUFDLFNBQVMsQ0FBQyxLQUFLLElBQUksQ0FBQyxFQUFFLE9BQU8sT0FBTyxDQUFDO0FBQUEsRUFDOUQsTUFBTSxLQUFLLFlBQVksQ0FBQyxTQUFTLENBQUMsS0FBSyxJQUFJLENBQUMsRUFBRSxPQUFPLE9BQU8sQ0FBQztBQUFBLEVBQzdELE9BQU8sQ0FBQyxNQUFNLFlBQ1o7QUFBQSxJQUNFLFFBQVEsT0FBTyxPQUFPO0FBQUEsSUFDdEIsVUFBVSxLQUFLLElBQUksQ0FBQztBQUFBLElBQ3BCO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDRixLQUFLLENBQUMsTUFBTSxZQUNWO0FBQUEsSUFDRSxRQUFRLE9BQU8sT0FBTztBQUFBLElBQ3RCLFVBQVUsS0FBSyxJQUFJLEVBQUUsUUFBUSxVQUFVLElBQUksQ0FBQztBQUFBLElBQzVDO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQUEsRUFDRixLQUFLLENBQUMsTUFBTSxZQUFZO0FBQ3RCLFVBQU0sVUFBVSxZQUFZLE1BQU0sT0FBTztBQUN6QyxRQUFJLFVBQVUsT0FBTyxFQUFHLFNBQVEsT0FBTyxPQUFPLFVBQVUsS0FBSyxPQUFPO0FBQUEsRUFDdEU7QUFBQSxFQUNBLEtBQUssQ0FBQyxNQUFNLEVBQUUsT0FBTyxNQUFNO0FBQ3pCLFVBQU0sQ0FBQyxLQUFLLElBQUksT0FBTyxPQUFPO0FBQzlCLFVBQU0sQ0FBQyxLQUFLLEdBQUcsSUFBSSxVQUFVLEtBQUssTUFBTSxRQUFRLEtBQUssR0FBRyxDQUFDO0FBQ3pELFFBQUksUUFBUSxRQUFRLFNBQVMsTUFBTSxRQUFRLEtBQU0sUUFBTyxPQUFPLE9BQU8sRUFBRSxLQUFLLElBQUksQ0FBQztBQUFBLGFBQ3pFLFFBQVEsUUFBUSxDQUFDLE1BQU8sUUFBTyxPQUFPLFVBQVUsS0FBSyxFQUFFLEdBQUcsWUFBWSxLQUFLLElBQUksQ0FBQztBQUFBLEVBQzNGO0FBQUEsRUFDQSxLQUFLO0FBQUEsRUFDTCxNQUFNO0FBQUEsRUFDTixlQUFlO0FBQUEsRUFDZixtQkFBbUI7QUFBQSxFQUNuQixNQUFNLFNBQVMsRUFBRTtBQUFBLEVBQ2pCLGFBQWEsU0FBUyxTQUFTO0FBQUEsRUFDL0IsaUJBQWlCLFNBQVMsU0FBUztBQUFBLEVBQ25DLFlBQVksQ0FBQyxNQUFNLFlBQVk7QUFDN0IsVUFBTSxRQUFRRCxTQUFRLE1BQU0sT0FBTyxLQUFLO0FBQ3hDLGFBQVMsTUFBTSxPQUFPLENBQUMsRUFBRSxZQUFZLElBQUksTUFBTSxNQUFNLENBQUMsQ0FBQyxFQUFFLE1BQU0sT0FBTztBQUFBLEVBQ3hFO0FBQUEsRUFDQSxZQUFZLENBQUMsTUFBTSxFQUFFLE9BQU8sTUFBTTtBQUNoQyxXQUFPLEtBQUssS0FBSyxHQUFHLE1BQU0sTUFBTSxHQUFHLEVBQUUsT0FBTyxPQUFPLENBQUM7QUFBQSxFQUN0RDtBQUFBLEVBQ0EsVUFBVSxDQUFDLE1BQU0sRUFBRSxPQUFPLE1BQU07QUFDOUIsV0FBTyxPQUFPLFVBQVUsS0FBSyxLQUFLLElBQUksQ0FBQztBQUFBLEVBQ3pDO0FBQUEsRUFDQSxNQUFNLENBQUMsTUFBTSxFQUFFLE9BQU8sTUFBTTtBQUMxQixRQUFJLEtBQUssSUFBSSxFQUFHLFFBQU8sTUFBTSxLQUFLLEVBQUUsSUFBSSxNQUFNLE1BQU0sS0FBSyxJQUFJLEVBQUUsQ0FBQztBQUFBLEVBQ2xFO0FBQUEsRUFDQSxNQUFNLEtBQUssWUFBWSxDQUFDLFNBQVMsQ0FBQyxLQUFLLElBQUksQ0FBQyxFQUFFLE9BQU8sT0FBTyxDQUFDO0FBQUEsRUFDN0QsT0FBTztBQUFBLEVBQ1AsT0FBTztBQUFBLEVBQ1AsWUFBWSxDQUFDLE1BQU0sWUFBWSxTQUFTLEtBQUssSUFBSSxHQUFHLE9BQU87QUFDN0Q7OztBQzlLTyxJQUFNLFlBQVk7QUFDbEIsSUFBTSxVQUFVLENBQUNFLFVBQ3RCLDBCQUEwQixLQUFLQSxNQUFLLE1BQU0sR0FBRyxHQUFJLENBQUM7QUFFcEQsSUFBTSxVQUFVLElBQUk7QUFBQSxFQUNsQiw4R0FBOEc7QUFBQSxJQUM1RztBQUFBLEVBQ0Y7QUFDRjtBQUdBLElBQU0sUUFBUSxJQUFJLElBQUksaUJBQWlCLE1BQU0sR0FBRyxDQUFDO0FBR2pELFNBQVMsV0FBVyxNQUF3QjtBQUMxQyxRQUFNLE9BQU8sT0FBTyxLQUFLLE9BQU8sSUFBSSxNQUFNLElBQUksQ0FBQyxDQUFDO0FBQ2hELE1BQUksUUFBUSxFQUFHLFFBQU87QUFDdEIsU0FBTyxLQUFLLE9BQU8sSUFBSSxNQUFNLEdBQUcsS0FBSyxDQUFDLFNBQVMsS0FBSyxZQUFZLE1BQU0sTUFBTSxJQUFJLElBQUk7QUFDdEY7QUFFQSxJQUFNLFVBQXNEO0FBQUEsRUFDMUQsUUFBUTtBQUFBLEVBQ1IsU0FBUztBQUFBLEVBQ1QsWUFBWTtBQUFBLEVBQ1osTUFBTTtBQUFBLEVBQ04sU0FBUztBQUFBLEVBQ1QsT0FBTztBQUFBLEVBQ1AsS0FBSztBQUFBLEVBQ0wsVUFBVTtBQUFBLEVBQ1YsUUFBUTtBQUFBLEVBQ1IsUUFBUTtBQUFBLEVBQ1IsUUFBUTtBQUFBLEVBQ1IsU0FBUztBQUFBLEVBQ1QsU0FBUztBQUFBLEVBQ1QsUUFBUTtBQUFBLEVBQ1IsUUFBUTtBQUFBLEVBQ1IsV0FBVztBQUFBLEVBQ1gsYUFBYTtBQUNmO0FBR0EsU0FBUyxTQUFTLEtBQWMsT0FBZ0U7QUFDOUYsUUFBTSxTQUFTLFdBQVcsSUFBSSxNQUFNLGdCQUFnQixNQUFNLENBQUM7QUFDM0QsUUFBTSxRQUFRLElBQUksTUFBTSxTQUFTLENBQUMsR0FBRyxNQUFNLFdBQVcsQ0FBQyxJQUFJLFdBQVcsQ0FBQyxDQUFDO0FBQ3hFLFFBQU0sVUFBbUIsRUFBRSxRQUFRLFFBQVEsQ0FBQyxHQUFHLE9BQU8sS0FBSyxNQUFNLEtBQUssT0FBTyxNQUFNLE1BQU07QUFDekYsYUFBVyxRQUFRLE9BQU87QUFDeEIsUUFBSSxLQUFLLFNBQVMsYUFBYSxLQUFLLFNBQVMsc0JBQXNCLEtBQUssU0FBUztBQUMvRSxrQkFBWSxNQUFNLFNBQVMsS0FBSztBQUFBLGFBQ3pCLFFBQVEsS0FBSyxJQUFJLEVBQUcsU0FBUSxLQUFLLElBQUksRUFBRyxNQUFNLE9BQU87QUFBQSxhQUNyRCxNQUFNLElBQUksS0FBSyxJQUFJLEVBQUcsU0FBUSxPQUFPLEtBQUssR0FBRyxLQUFLLElBQUkscUJBQXFCO0FBQUEsYUFDM0UsQ0FBQyxRQUFRLElBQUksS0FBSyxJQUFJLEVBQUcsT0FBTSxTQUFTLElBQUk7QUFBQSxFQUN2RDtBQUNBLFFBQU0sU0FBU0MsV0FBVSxPQUFPO0FBQ2hDLFFBQU0sS0FBSyxNQUFNLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLElBQUk7QUFDakQsTUFBSSxNQUFNLENBQUMsVUFBVSxDQUFDLE9BQU8sS0FBSyxFQUFFLEdBQUcsT0FBTyxNQUFNLEVBQUcsT0FBTSxTQUFTLEVBQUU7QUFDeEUsU0FBTyxFQUFFLE1BQU0sU0FBUyxPQUFPO0FBQ2pDO0FBR0EsSUFBTSxTQUFTLENBQUMsT0FBZSxXQUFrQztBQUMvRCxRQUFNLE9BQU87QUFBQSxJQUNYO0FBQUEsTUFDRSxHQUFHLE9BQU8sT0FBTyxNQUFNLEVBQUUsT0FBTyxDQUFDLFVBQVUsT0FBTyxVQUFVLFFBQVE7QUFBQSxNQUNwRSxHQUFHLE9BQU8sT0FBTyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSztBQUFBLE1BQ3pDLEdBQUcsT0FBTyxPQUFPLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxLQUFLO0FBQUEsSUFDM0MsRUFBRSxLQUFLLEdBQUc7QUFBQSxFQUNaO0FBQ0EsU0FBTyxLQUFLLEtBQUssRUFDZCxNQUFNLHFCQUFxQixFQUMzQixNQUFNLENBQUMsU0FBUyxLQUFLLFNBQVMsS0FBSyxRQUFRLE9BQU8sRUFBRSxDQUFDLENBQUM7QUFDM0Q7QUFTQSxTQUFTLFlBQVksTUFBZ0IsU0FBa0IsRUFBRSxPQUFPLEdBQWdCO0FBQzlFLFFBQU0sUUFBUSxLQUFLLElBQUk7QUFDdkIsUUFBTSxPQUFPLE9BQU8sSUFBSSxLQUFLO0FBQzdCLFFBQU0sT0FBTyxNQUFNLFNBQVMsdUJBQXVCLEtBQUssS0FBSyxJQUFJLEtBQUs7QUFDdEUsUUFBTSxRQUFRQyxTQUFRLE1BQU0sT0FBTztBQUNuQyxRQUFNLE9BQU8sS0FBSyxTQUFTLGFBQWEsWUFBWSxRQUFRLE1BQU0sWUFBWSxDQUFDO0FBRS9FLFFBQU0sU0FBUyxTQUFTO0FBQ3hCLE1BQUksUUFBUSxTQUFTLENBQUMsVUFBVTtBQUM5QixZQUFRLE9BQU8sUUFBUSxLQUFLO0FBQUEsTUFDMUIsTUFBTSxTQUFTLFVBQVU7QUFBQSxNQUN6QjtBQUFBLE1BQ0EsR0FBSSxPQUFPLEVBQUUsT0FBTyxLQUFLLEtBQUssSUFBSSxDQUFDO0FBQUEsTUFDbkMsR0FBSSxTQUFTLEVBQUUsVUFBVSxLQUFLLElBQUksQ0FBQztBQUFBLElBQ3JDLENBQUM7QUFBQSxXQUNNLE1BQU8sU0FBUSxPQUFPLEtBQUssR0FBRyxTQUFTLFNBQVMsS0FBSyxRQUFRLEtBQUssRUFBRTtBQUMvRTtBQU1BLElBQU0sVUFBVSxDQUFDLEVBQUUsTUFBTSxNQUN2QixNQUFNO0FBQUEsRUFDSixDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQ2IsZ0NBQWdDLEtBQUssSUFBSSxLQUFLLFdBQVcsS0FBSyxNQUFNLEtBQUssQ0FBQztBQUM5RTtBQUVGLElBQU0sU0FBUyxDQUFDLEVBQUUsTUFBTSxNQUF1QjtBQUM3QyxRQUFNLEtBQUssTUFBTSxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxJQUFJO0FBQ2pELFNBQU8sS0FBSyxLQUFLLEVBQUUsSUFBSTtBQUN6QjtBQUdBLFNBQVMsVUFDUCxLQUNBLE9BQ0EsUUFDVTtBQUNWLFFBQU0sT0FBTyxPQUFPLEdBQUcsS0FBSztBQUM1QixRQUFNLFVBQVUsSUFBSSxNQUNqQixPQUFPLENBQUMsU0FBUyxVQUFVLEtBQUssS0FBSyxJQUFJLENBQUMsRUFDMUMsUUFBUSxDQUFDLFNBQVMsT0FBTyxJQUFJLE1BQU0sT0FBTyxJQUFJLEtBQUssTUFBTSxLQUFLLENBQUMsR0FBRyxRQUFRLENBQUMsS0FBSyxDQUFDLENBQUM7QUFDckYsYUFBVyxFQUFFLE1BQUFDLE1BQUssS0FBSyxRQUFTLEtBQUksQ0FBQ0EsTUFBSyxTQUFTLElBQUksRUFBRyxDQUFBQSxNQUFLLEtBQUssSUFBSTtBQUN4RSxTQUFPO0FBQUEsSUFDTCxLQUFLLElBQUk7QUFBQSxJQUNULEtBQUssU0FBSSxLQUFLLE1BQU0sR0FBRyxFQUFFLENBQUMsb0NBQStCLFFBQVEsTUFBTTtBQUFBLElBQ3ZFLFNBQVM7QUFBQSxFQUNYO0FBQ0Y7QUFNTyxTQUFTLFdBQ2QsTUFDQSxNQUEyQixDQUFDLEdBQzVCLFFBQVEsY0FDRztBQUNYLFFBQU0sUUFBUSxVQUFVLElBQUk7QUFDNUIsTUFBSSxNQUFNLFdBQVcsRUFBRyxRQUFPLEVBQUUsSUFBSSxPQUFPLFFBQVEsUUFBUSxPQUFPLEVBQUU7QUFDckUsTUFBSSxNQUFNLFNBQVMsVUFBVyxRQUFPLEVBQUUsSUFBSSxPQUFPLFFBQVEsWUFBWSxPQUFPLE1BQU0sT0FBTztBQUMxRixRQUFNLFNBQVMsSUFBSTtBQUFBLElBQ2pCLE1BQU0sUUFBUSxDQUFDLFFBQVE7QUFDckIsWUFBTSxNQUFNLElBQUksTUFBTSxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxLQUFLO0FBQ3ZELGFBQU8sTUFBTSxDQUFDLENBQUMsSUFBSSxNQUFNLEtBQUssR0FBRyxFQUFFLE1BQU0sSUFBSSxNQUFNLE1BQU0sT0FBTyxHQUFHLEVBQUUsQ0FBQyxDQUFVLElBQUksQ0FBQztBQUFBLElBQ3ZGLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxRQUFlLEVBQUUsS0FBSyxPQUFPLE9BQU87QUFDMUMsUUFBTSxTQUEyQixDQUFDO0FBQ2xDLFFBQU0sU0FBcUIsQ0FBQztBQUM1QixRQUFNLFNBQVMsb0JBQUksSUFBNEI7QUFDL0MsYUFBVyxPQUFPLE1BQU0sT0FBTyxDQUFDLFNBQVMsQ0FBQyxRQUFRLElBQUksQ0FBQyxHQUFHO0FBQ3hELFVBQU0sRUFBRSxNQUFBQyxPQUFNLE9BQU8sSUFBSSxTQUFTLEtBQUssS0FBSztBQUM1QyxVQUFNLEVBQUUsUUFBUSxPQUFPLElBQUlBO0FBQzNCLFVBQU0sT0FBTyxDQUFDLEtBQWEsVUFBVSxVQUFVLE9BQU8sS0FBSyxFQUFFLEtBQUssSUFBSSxNQUFNLEtBQUssUUFBUSxDQUFDO0FBQzFGLFFBQUksQ0FBQyxXQUFXLE9BQU8sTUFBTSxHQUFHO0FBQzlCLFdBQUsscURBQXFELElBQUk7QUFDOUQ7QUFBQSxJQUNGO0FBQ0EsUUFBSSxDQUFDLElBQUksU0FBVSxNQUFLLCtDQUErQztBQUN2RSxlQUFXLFFBQVE7QUFDakIsV0FBSywwREFBcUQsS0FBSyxNQUFNLEdBQUcsR0FBRyxDQUFDLFNBQUk7QUFDbEYsUUFBSSxPQUFPLFNBQVMsRUFBRyxRQUFPLE1BQU0sS0FBSyxFQUFFLElBQUksTUFBTSxNQUFNLE9BQU8sS0FBSyxJQUFJLEVBQUUsQ0FBQztBQUM5RSxXQUFPLEtBQUssTUFBTTtBQUNsQixXQUFPLElBQUksSUFBSSxNQUFNLE1BQU07QUFDM0IsUUFBSSxDQUFDLE9BQVE7QUFDYixTQUFLLDZFQUE2RTtBQUNsRixXQUFPLFFBQVEsS0FBSyxFQUFFLE1BQU0sV0FBVyxNQUFNLElBQUksT0FBTyxPQUFPLE9BQU8sQ0FBQztBQUN2RSxXQUFPLEtBQUssTUFBTTtBQUFBLEVBQ3BCO0FBQ0EsZUFBYSxRQUFRLE1BQU07QUFDM0IsWUFBVSxNQUFNO0FBQ2hCLGFBQVcsT0FBTyxNQUFNLE9BQU8sT0FBTyxFQUFHLFFBQU8sS0FBSyxVQUFVLEtBQUssT0FBTyxNQUFNLENBQUM7QUFDbEYsU0FBTyxFQUFFLElBQUksTUFBTSxRQUFRLE9BQU87QUFDcEM7QUFHQSxTQUFTLGFBQWEsUUFBMEIsUUFBbUQ7QUFDakcsUUFBTSxVQUFVLElBQUksSUFBSSxPQUFPLElBQUksQ0FBQyxRQUFRLFVBQVUsQ0FBQyxRQUFRLEtBQUssQ0FBQyxDQUFDO0FBQ3RFLGFBQVcsVUFBVSxPQUFPLE9BQU87QUFDakMsZUFBVyxPQUFPLE9BQU8sU0FBUztBQUNoQyxVQUFJLElBQUksVUFBVSxVQUFhLElBQUksU0FBUyxHQUFJO0FBQ2hELFlBQU0sUUFBUSxPQUFPLElBQUksSUFBSSxLQUFLO0FBQ2xDLFVBQUksU0FBUyxVQUFVLE9BQVEsS0FBSSxRQUFRLFFBQVEsSUFBSSxLQUFLO0FBQUEsVUFDdkQsUUFBTyxJQUFJO0FBQUEsSUFDbEI7QUFDSjs7O0FDM0lBLElBQU1DLFFBQU8sQ0FDWCxRQUNBLFVBQ0EsUUFBNEIsZUFDeEIsRUFBRSxJQUFJLE9BQU8sT0FBTyxFQUFFLFFBQVEsVUFBVSxNQUFNLEVBQUU7QUFHdEQsZUFBc0IsZUFBZSxNQUFtQztBQUN0RSxNQUFJLENBQUMsS0FBSyxVQUFVLFFBQVEsS0FBSyxLQUFLLEdBQUc7QUFDdkMsVUFBTUMsUUFBTyxNQUFNLGVBQWUsS0FBSyxLQUFLO0FBQzVDLFdBQU9BLE1BQUssS0FBSyxVQUFVLE1BQU1BLE1BQUssT0FBTyxPQUFPLElBQUksV0FBV0EsTUFBSyxLQUFLO0FBQUEsRUFDL0U7QUFDQSxRQUFNLFVBQVUsT0FBTyxLQUFLLEtBQUs7QUFDakMsTUFBSSxDQUFDLFFBQVMsUUFBTyxXQUFXLEVBQUUsUUFBUSxXQUFXLENBQUM7QUFDdEQsTUFBSSxLQUFLLE9BQVEsUUFBTyxPQUFPLFNBQVMsVUFBVSxXQUFXLFFBQVEsSUFBSSxDQUFDO0FBQzFFLE1BQUksUUFBUSxRQUFRLElBQUksRUFBRyxRQUFPLGFBQWEsTUFBTSxPQUFPO0FBQzVELFFBQU1BLFFBQU8sVUFBVSxPQUFPO0FBQzlCLFNBQU9BLE1BQUssS0FBSyxVQUFVLE1BQU1BLE1BQUssT0FBTyxLQUFLLElBQUksV0FBV0EsTUFBSyxLQUFLO0FBQzdFO0FBRUEsSUFBTSxhQUFhLENBQUMsVUFDbEJEO0FBQUEsRUFDRSxrQ0FBa0MsS0FBSyxNQUFNLE1BQU0sSUFBSSxjQUFjO0FBQUEsRUFDckUsbUJBQW1CLEtBQUs7QUFDMUI7QUFFRixJQUFNLFNBQVMsQ0FDYixFQUFFLFNBQVMsR0FDWCxRQUNBLEVBQUUsUUFBUSxPQUFPLE9BQ0w7QUFBQSxFQUNaLElBQUk7QUFBQSxFQUNKLE1BQU0sRUFBRSxRQUFRLFVBQVUsV0FBVyxJQUFJLFNBQVMsQ0FBQyxHQUFHLFNBQVMsQ0FBQyxHQUFHLE1BQU0sQ0FBQyxHQUFHLFFBQVEsT0FBTztBQUM5RjtBQUVBLFNBQVMsYUFBYSxFQUFFLEtBQUssTUFBTSxHQUFlLFNBQTBCO0FBQzFFLFFBQU0sUUFBUSxXQUFXLFFBQVEsTUFBTSxLQUFLLEtBQUs7QUFDakQsTUFBSSxNQUFNLEdBQUksUUFBTyxPQUFPLFNBQVMsU0FBUyxLQUFLO0FBQ25ELFNBQU8sTUFBTSxXQUFXLGFBQ3BCQTtBQUFBLElBQ0U7QUFBQSxJQUNBLGlCQUFpQixPQUFPLE1BQU0sS0FBSyxDQUFDLCtCQUErQixPQUFPLFNBQVMsQ0FBQztBQUFBLEVBQ3RGLElBQ0FBLE1BQUssV0FBVyxnQ0FBZ0M7QUFDdEQ7QUFFQSxTQUFTLFVBQVUsTUFBa0IsT0FBYyxRQUFpQztBQUNsRixRQUFNLEVBQUUsS0FBSyxTQUFTLE1BQU0sSUFBSTtBQUNoQyxNQUFJLFNBQVMsTUFBTSxXQUFXLE1BQU0sT0FBTztBQUN6QyxXQUFPQTtBQUFBLE1BQ0w7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFDRixVQUFRLE9BQU8sS0FBSyxTQUFTLENBQUMsQ0FBQztBQUMvQixRQUFNLFVBQVUsYUFBYSxPQUFPLEdBQUc7QUFDdkMsUUFBTSxVQUFVLFNBQVMsUUFBUSxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sR0FBRztBQUNyRCxRQUFNLEVBQUUsUUFBUSxPQUFPLElBQUksV0FBVyxPQUFPLFNBQVMsSUFBSTtBQUMxRCxRQUFNLE9BQU8sV0FBVyxPQUFPLFNBQVMsR0FBRztBQUMzQyxTQUFPO0FBQUEsSUFDTCxJQUFJO0FBQUEsSUFDSixNQUFNO0FBQUEsTUFDSjtBQUFBLE1BQ0EsVUFBVSxNQUFNO0FBQUEsTUFDaEIsV0FBVyxNQUFNO0FBQUEsTUFDakIsU0FBUyxNQUFNLE9BQU8sSUFBSSxDQUFDLE1BQU0sT0FBTztBQUFBLFFBQ3RDO0FBQUEsUUFDQSxTQUFTLFVBQVUsT0FBTyxDQUFDO0FBQUEsUUFDM0IsSUFBSSxRQUFRLENBQUMsRUFBRztBQUFBLFFBQ2hCLFNBQVMsS0FBSyxJQUFJLENBQUMsR0FBRyxRQUFRLENBQUMsSUFBSyxLQUFLLElBQUksQ0FBQyxHQUFHLFlBQVksQ0FBQztBQUFBLE1BQ2hFLEVBQUU7QUFBQSxNQUNGO0FBQUEsTUFDQSxNQUFNLE1BQU07QUFBQSxNQUNaO0FBQUEsTUFDQSxRQUFRLENBQUMsR0FBRyxNQUFNLFFBQVEsR0FBRyxNQUFNLEVBQUUsS0FBSyxDQUFDLEdBQUcsTUFBTSxFQUFFLE1BQU0sRUFBRSxHQUFHO0FBQUEsSUFDbkU7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxJQUFNLFVBQVU7QUFHaEIsSUFBTSxZQUFZLENBQUMsT0FBYyxXQUMvQixNQUFNLEtBQ0gsTUFBTSxHQUFHLEdBQUcsRUFDWixJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sTUFBTSxNQUFNLEtBQUssRUFBRSxFQUN0QyxPQUFPLE9BQU8sRUFDZCxNQUFNLEdBQUcsT0FBTztBQUVyQixTQUFTLFFBQVEsT0FBYyxPQUFrQztBQUMvRCxNQUFJLE1BQU0sV0FBVyxFQUFHO0FBQ3hCLFFBQU0sUUFBUSxJQUFJLElBQUksTUFBTSxLQUFLLElBQUksQ0FBQyxRQUFRLENBQUMsSUFBSSxLQUFLLElBQUksS0FBSyxDQUFDLENBQUM7QUFDbkUsYUFBVyxFQUFFLEtBQUssUUFBUSxNQUFNLEtBQUssT0FBTztBQUMxQyxVQUFNLFFBQVEsTUFBTSxJQUFJLEdBQUc7QUFDM0IsUUFBSSxTQUFTLFNBQVMsTUFBTSxPQUFPLFFBQVE7QUFDekMsYUFBTyxNQUFNLFVBQVUsT0FBUSxPQUFNLEtBQUssRUFBRTtBQUM1QyxZQUFNLE1BQU0sSUFBSTtBQUFBLElBQ2xCO0FBQUEsRUFDRjtBQUNGOzs7QUNuS0EsU0FBUyxLQUFBRSxVQUFTOzs7QUNBbEIsU0FBUyxTQUFTOzs7QUNJWCxJQUFNLFNBQVM7QUFBQSxFQUNwQjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUNGOzs7QURmTyxJQUFNLEtBQUssRUFBRSxLQUFLO0FBS3pCLElBQU0sT0FBTyxNQUEyQjtBQUVqQyxJQUFNLFdBQVcsS0FBZTtBQUVoQyxJQUFNLFdBQVcsS0FBZTtBQUVoQyxJQUFNLFlBQVksS0FBZ0I7QUFDbEMsSUFBTSxjQUFjLEtBQWtCO0FBQ3RDLElBQU0sVUFBVSxLQUFxQjtBQUNyQyxJQUFNLFlBQVksS0FBZ0I7QUFDbEMsSUFBTSxXQUFXLEtBQWU7QUFDaEMsSUFBTSxVQUFVLEtBQWM7QUFDOUIsSUFBTSxTQUFTLEtBQWE7QUFDNUIsSUFBTSxVQUFVLEtBQWM7QUFHOUIsSUFBTSxNQUFNLEVBQ2hCLE9BQU8sRUFDUCxNQUFNLHVCQUF1Qiw2QkFBNkIsRUFDMUQsT0FBTyxhQUFhLHVDQUF1QyxFQUMzRCxLQUFLLEVBQUUsUUFBUSxRQUFRLFNBQVMsYUFBYSxDQUFDO0FBRzFDLElBQU0sT0FBTyxFQUFFLE9BQU8sRUFBRSxJQUFJLEVBQUUsSUFBSSxXQUFjLEVBQUUsSUFBSSxVQUFhO0FBRW5FLElBQU0sVUFBVSxFQUFFLE9BQU8sRUFBRSxJQUFJLEdBQUcsQ0FBQztBQUNuQyxJQUFNLGNBQWMsRUFBRSxPQUFPLEVBQUUsSUFBSSxTQUFTLENBQUM7QUFHN0MsSUFBTSxPQUFPLEVBQUUsT0FBTztBQUFBLEVBQzNCLFVBQVU7QUFBQSxFQUNWLFVBQVUsRUFBRSxPQUFPO0FBQUE7QUFBQSxFQUVuQixRQUFRLEVBQUUsTUFBTSxFQUFFLEtBQUssTUFBTSxDQUFDO0FBQ2hDLENBQUM7OztBRGhDTSxJQUFNLE9BQU8sQ0FBQyxRQUNuQkMsR0FBRSxPQUFPLEVBQUUsVUFBVSxRQUFRLEVBQUUsSUFBSSxLQUFLLFdBQVcsR0FBRyxjQUFjO0FBRXRFLElBQU0sWUFBWUEsR0FDZixPQUFPLEVBQ1AsTUFBTSwwQkFBMEIsc0NBQXNDO0FBRXpFLElBQU0sUUFBUSxDQUFDLFFBQWdCQSxHQUFFLE9BQU8sRUFBRSxPQUFPLEtBQUssR0FBRyxHQUFHLE9BQU8sS0FBSyxFQUFFLEVBQUUsUUFBUSxFQUFFLEVBQUUsQ0FBQztBQUV6RixJQUFNLFVBQVUsQ0FBQ0MsVUFBaUJELEdBQUUsT0FBTyxFQUFFLElBQUksQ0FBQ0MsS0FBSSxFQUFFLElBQUlBLEtBQUksRUFBRSxTQUFTLEVBQUUsUUFBUSxJQUFJO0FBRWxGLElBQU0sVUFBVUQsR0FBRSxPQUFPO0FBQUEsRUFDOUIsT0FBTyxLQUFLLEVBQUUsRUFBRSxRQUFRLEVBQUU7QUFBQSxFQUMxQixNQUFNLEtBQUssR0FBRyxFQUFFLFFBQVEsRUFBRTtBQUFBLEVBQzFCLE1BQU0sS0FBSyxHQUFHLEVBQUUsUUFBUSxFQUFFO0FBQUEsRUFDMUIsUUFBUSxLQUFLLEVBQUUsRUFBRSxRQUFRLEVBQUU7QUFBQSxFQUMzQixZQUFZLEtBQUssRUFBRSxFQUFFLFFBQVEsRUFBRTtBQUFBLEVBQy9CLFNBQVMsS0FBSyxFQUFFLEVBQUUsUUFBUSxFQUFFO0FBQUEsRUFDNUIsT0FBTyxLQUFLLEdBQUcsRUFBRSxRQUFRLEVBQUU7QUFBQSxFQUMzQixLQUFLLFFBQVEsRUFBRTtBQUFBLEVBQ2YsS0FBSyxRQUFRLEdBQUc7QUFDbEIsQ0FBQztBQUVELElBQU0sVUFBVUEsR0FBRSxPQUFPO0FBQUEsRUFDdkIsUUFBUUEsR0FBRSxLQUFLLENBQUMsT0FBTyxJQUFJLENBQUM7QUFBQSxFQUM1QixJQUFJO0FBQUEsRUFDSixVQUFVLEtBQUssR0FBRyxFQUFFLFFBQVEsRUFBRTtBQUNoQyxDQUFDO0FBR00sSUFBTSxlQUFlQSxHQUFFLE9BQU87QUFBQSxFQUNuQyxRQUFRLEtBQUssRUFBRTtBQUFBLEVBQ2YsV0FBVyxLQUFLLEdBQUc7QUFBQSxFQUNuQixZQUFZLEtBQUssR0FBRztBQUFBLEVBQ3BCLFlBQVksS0FBSyxHQUFHO0FBQUEsRUFDcEIsUUFBUSxLQUFLLEVBQUU7QUFBQSxFQUNmLFFBQVEsS0FBSyxHQUFHO0FBQUEsRUFDaEIsU0FBUyxLQUFLLEdBQUc7QUFBQSxFQUNqQixVQUFVLEtBQUssR0FBRztBQUFBLEVBQ2xCLFFBQVFBLEdBQUUsTUFBTSxNQUFNLEdBQUcsQ0FBQyxFQUFFLElBQUksRUFBRTtBQUFBLEVBQ2xDLFFBQVFBLEdBQUUsTUFBTSxNQUFNLEVBQUUsQ0FBQyxFQUFFLElBQUksRUFBRTtBQUFBLEVBQ2pDLFdBQVdBLEdBQUUsTUFBTSxPQUFPLEVBQUUsSUFBSSxFQUFFO0FBQUEsRUFDbEMsT0FBT0EsR0FBRSxNQUFNLE1BQU0sR0FBRyxDQUFDLEVBQUUsSUFBSSxFQUFFO0FBQUEsRUFDakMsVUFBVSxVQUFVLFNBQVM7QUFBQSxFQUM3QixPQUFPQSxHQUFFLE1BQU1BLEdBQUUsT0FBTyxFQUFFLE1BQU0sS0FBSyxFQUFFLEVBQUUsSUFBSSxHQUFHLGdCQUFnQixHQUFHLElBQUksVUFBVSxDQUFDLENBQUMsRUFBRSxJQUFJLEVBQUU7QUFBQSxFQUMzRixXQUFXQSxHQUFFLE1BQU0sS0FBSyxFQUFFLENBQUMsRUFBRSxJQUFJLEVBQUU7QUFBQSxFQUNuQyxPQUFPQSxHQUFFLE1BQU0sS0FBSyxFQUFFLENBQUMsRUFBRSxJQUFJLEVBQUU7QUFBQSxFQUMvQixVQUFVLEtBQUssRUFBRTtBQUFBLEVBQ2pCLFFBQVEsS0FBSyxHQUFHO0FBQUEsRUFDaEIsV0FBV0EsR0FBRSxLQUFLLENBQUMsSUFBSSxHQUFHLFFBQVEsQ0FBQztBQUFBLEVBQ25DLFVBQVUsS0FBSyxFQUFFO0FBQUEsRUFDakIsV0FBV0EsR0FBRSxRQUFRO0FBQUEsRUFDckIsWUFBWUEsR0FBRSxLQUFLLFdBQVcsRUFBRSxTQUFTO0FBQUEsRUFDekMsY0FBYyxJQUFJLFNBQVM7QUFBQSxFQUMzQixLQUFLQSxHQUFFLE9BQU9BLEdBQUUsT0FBTyxHQUFHQSxHQUFFLE1BQU0sQ0FBQ0EsR0FBRSxPQUFPLEVBQUUsSUFBSSxHQUFJLEdBQUdBLEdBQUUsT0FBTyxHQUFHQSxHQUFFLFFBQVEsQ0FBQyxDQUFDLENBQUM7QUFBQSxFQUNsRixTQUFTQSxHQUFFLGNBQWNBLEdBQUUsS0FBSyxRQUFRLEdBQUcsT0FBTztBQUNwRCxDQUFDO0FBSU0sSUFBTSxjQUFjLGFBQWEsUUFBUSxFQUFFLE9BQU87QUFBQTtBQUFBLEVBRXZELE9BQU8sS0FBSyxHQUFHLEVBQUUsU0FBUztBQUFBLEVBQzFCLE9BQU8sS0FBSyxFQUFFLEVBQUUsU0FBUztBQUFBLEVBQ3pCLFVBQVUsU0FBUyxTQUFTLEVBQUUsU0FBUztBQUFBLEVBQ3ZDLE1BQU1BLEdBQUUsTUFBTSxLQUFLLEVBQUUsQ0FBQyxFQUFFLElBQUksRUFBRSxFQUFFLFNBQVM7QUFBQSxFQUN6QyxNQUFNLEtBQUssR0FBTSxFQUFFLFNBQVM7QUFBQTtBQUFBLEVBRTVCLFlBQVksU0FBUyxTQUFTLEVBQUUsU0FBUztBQUFBO0FBQUEsRUFFekMsTUFBTUEsR0FDSCxNQUFNQSxHQUFFLE9BQU8sRUFBRSxNQUFNQSxHQUFFLEtBQUssU0FBUyxHQUFHLE1BQU0sS0FBSyxHQUFHLEVBQUUsSUFBSSxDQUFDLEVBQUUsQ0FBQyxDQUFDLEVBQ25FLElBQUksRUFBRSxFQUNOLFNBQVM7QUFDZCxDQUFDO0FBR00sSUFBTSxXQUFXQSxHQUFFLE9BQU87QUFBQSxFQUMvQixJQUFJO0FBQUEsRUFDSixNQUFNQSxHQUFFLE9BQU87QUFBQSxFQUNmLE1BQU1BLEdBQUUsS0FBSyxTQUFTO0FBQUEsRUFDdEIsU0FBU0EsR0FBRSxNQUFNQSxHQUFFLE9BQU8sQ0FBQztBQUFBLEVBQzNCLFFBQVFBLEdBQUUsUUFBUTtBQUFBLEVBQ2xCLFNBQVNBLEdBQUUsUUFBUTtBQUNyQixDQUFDOzs7QUc3RkQsSUFBTSxVQUFVO0FBRWhCLElBQU0sWUFBWTtBQUVsQixJQUFNLE1BQU0sS0FBSyxFQUFFLEVBQUUsSUFBSSxDQUFDO0FBTTFCLGVBQXNCLFlBQVksUUFBMEIsUUFBbUM7QUFDN0YsV0FBUyxPQUFPLEdBQUcsT0FBTyxPQUFPLFFBQVEsUUFBUSxTQUFTO0FBQ3hELGVBQVcsVUFBVSxPQUFPLE1BQU0sTUFBTSxPQUFPLE9BQU8sRUFBRyxhQUFZLFFBQVEsTUFBTTtBQUNuRixVQUFNLElBQUksUUFBUSxDQUFDLFNBQVMsYUFBYSxJQUFJLENBQUM7QUFBQSxFQUNoRDtBQUNGO0FBRUEsU0FBUyxZQUFZLFFBQXdCLFFBQTBCO0FBQ3JFLFFBQU0sT0FBaUIsQ0FBQztBQUN4QixRQUFNLE9BQU8sQ0FBQyxNQUFjLE9BQWUsUUFBZ0I7QUFDekQsV0FBTyxLQUFLO0FBQUEsTUFDVixLQUFLLE9BQU87QUFBQSxNQUNaLEtBQUssR0FBRyxJQUFJLFVBQUssTUFBTSxNQUFNLEdBQUcsRUFBRSxDQUFDLG9DQUEwQixJQUFJLFFBQVEsT0FBTyxFQUFFLENBQUM7QUFBQSxNQUNuRixTQUFTO0FBQUEsSUFDWCxDQUFDO0FBQ0QsU0FBSyxLQUFLLEdBQUcsSUFBSSxLQUFLLEtBQUssRUFBRTtBQUFBLEVBQy9CO0FBRUEsV0FBUyxRQUFRLEdBQUcsUUFBUSxJQUFJLFNBQVM7QUFDdkMsVUFBTSxVQUFVLGFBQWEsVUFBVSxPQUFPLE1BQU07QUFDcEQsUUFBSSxRQUFRLFNBQVM7QUFDbkIsYUFBTyxTQUFTLFFBQVE7QUFDeEI7QUFBQSxJQUNGO0FBQ0EsZUFBVyxFQUFFLE1BQU0sUUFBUSxLQUFLLFFBQVEsTUFBTTtBQUM1QyxjQUFRLE9BQU8sUUFBNkIsTUFBNkIsU0FBUyxJQUFJO0FBQUEsRUFDMUY7QUFDQSxTQUFPLE9BQU8sT0FBTyxLQUFLLE9BQU8sQ0FBQyxRQUFRO0FBQ3hDLFVBQU0sT0FBTyxJQUFJLFVBQVUsR0FBRyxFQUFFO0FBQ2hDLFFBQUksQ0FBQyxRQUFRLElBQUssTUFBSyxPQUFPLEtBQUssd0JBQXdCO0FBQzNELFdBQU87QUFBQSxFQUNULENBQUM7QUFDRCxNQUFJLEtBQUssU0FBUyxFQUFHLFFBQU8sTUFBTSxRQUFRLEVBQUUsSUFBSSxNQUFNLE1BQU0sS0FBSyxLQUFLLElBQUksRUFBRSxDQUFDO0FBQzdFLFNBQU8sUUFBUSxPQUFPLE1BQU07QUFBQSxJQUFRLENBQUMsRUFBRSxJQUFJLEtBQUssTUFDOUMsU0FBUyxJQUFJLEVBQUUsSUFBSSxDQUFDLFdBQVcsRUFBRSxJQUFJLE1BQU0sTUFBTSxFQUFFO0FBQUEsRUFDckQ7QUFDRjtBQUdBLElBQU0sT0FBK0I7QUFBQSxFQUNuQyxRQUFRO0FBQUEsRUFDUixRQUFRO0FBQUEsRUFDUixXQUFXO0FBQUEsRUFDWCxPQUFPO0FBQUEsRUFDUCxPQUFPO0FBQUEsRUFDUCxXQUFXO0FBQUEsRUFDWCxPQUFPO0FBQ1Q7QUFHQSxJQUFNRSxTQUFnQztBQUFBLEVBQ3BDLFFBQVE7QUFBQSxFQUNSLFdBQVc7QUFBQSxFQUNYLFlBQVk7QUFBQSxFQUNaLFlBQVk7QUFBQSxFQUNaLFFBQVE7QUFBQSxFQUNSLFVBQVU7QUFBQSxFQUNWLFFBQVE7QUFBQSxFQUNSLFFBQVE7QUFBQSxFQUNSLFdBQVc7QUFBQSxFQUNYLFlBQVk7QUFBQSxFQUNaLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLE9BQU87QUFBQSxFQUNQLFdBQVc7QUFDYjtBQUNBLElBQU1DLFVBQVMsQ0FBQyxTQUNkRCxPQUFNLE9BQU8sSUFBSSxDQUFDLEtBQUssT0FBTyxJQUFJLEVBQUUsT0FBTyxDQUFDLEVBQUUsWUFBWSxJQUFJLE9BQU8sSUFBSSxFQUFFLE1BQU0sQ0FBQztBQUdwRixTQUFTLFFBQ1AsUUFDQSxNQUNBLEtBQ0EsTUFDTTtBQUNOLFFBQU0sQ0FBQyxLQUFLLElBQUksSUFBSSxJQUFJO0FBQ3hCLFFBQU0sUUFBUSxPQUFPLEdBQUk7QUFDekIsTUFBSSxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBQ3hCLFVBQU0sT0FBTztBQUNiLFFBQUksT0FBTyxPQUFPLFVBQVU7QUFDMUIsaUJBQVcsU0FBUyxLQUFLLE9BQU8sS0FBSyxPQUFPLEdBQUcsQ0FBQyxLQUFLLEVBQUU7QUFDckQsYUFBS0MsUUFBTyxHQUFHLEdBQUcsUUFBUSxLQUFLLEdBQUcsR0FBRztBQUN2QztBQUFBLElBQ0Y7QUFDQSxVQUFNLFFBQVEsS0FBSyxFQUFFO0FBQ3JCLFFBQUksVUFBVSxVQUFhLFVBQVUsS0FBTTtBQUMzQyxRQUFJLE9BQU8sVUFBVSxZQUFZLFFBQVEsUUFBUSxhQUFhO0FBQzVELFdBQUtBLFFBQU8sSUFBSSxHQUFHLFFBQVMsTUFBaUIsSUFBSSxDQUFDLEdBQUcsR0FBRztBQUN4RCxNQUFDLE1BQWlCLElBQUksSUFBSSxTQUFTLFNBQVMsU0FBUyxRQUFRLE9BQU87QUFBQSxJQUN0RSxXQUFXLE9BQU8sVUFBVSxZQUFZLFNBQVMsU0FBUztBQUN4RCxXQUFLLEdBQUdBLFFBQU8sR0FBRyxDQUFDLFVBQVUsUUFBUyxNQUFpQixLQUFLLEdBQUcsR0FBRztBQUNsRSxNQUFDLE1BQWlCLFFBQVE7QUFBQSxJQUM1QixPQUFPO0FBQ0wsV0FBS0EsUUFBTyxHQUFHLEdBQUcsUUFBUSxLQUFLLEdBQUcsR0FBRztBQUNyQyxXQUFLLE9BQU8sSUFBSSxHQUFHLEdBQUksT0FBTyxVQUFVLFdBQVcsQ0FBQyxFQUFFLElBQUksQ0FBQyxDQUFFO0FBQzdELGFBQU8sR0FBSSxJQUFJLEtBQUssT0FBTyxDQUFDLFNBQVMsU0FBUyxFQUFFO0FBQUEsSUFDbEQ7QUFBQSxFQUNGLFdBQVcsVUFBVSxRQUFRLE9BQU8sVUFBVSxZQUFZLE9BQU8sUUFBVztBQUMxRSxTQUFLQSxRQUFPLEdBQUcsR0FBRyxHQUFHLEVBQUUsS0FBSyxRQUFTLE1BQWlCLEVBQUUsQ0FBQyxDQUFDLElBQUksR0FBRztBQUNqRSxXQUFRLE1BQWlCLEVBQUU7QUFBQSxFQUM3QixPQUFPO0FBQ0wsUUFBSSxNQUFPLE1BQUtBLFFBQU8sR0FBRyxHQUFHLFFBQVEsS0FBSyxHQUFHLEdBQUc7QUFDaEQsV0FBTyxHQUFJLElBQ1QsT0FBTyxVQUFVLFlBQVksQ0FBQyx1Q0FBdUMsS0FBSyxPQUFPLEdBQUcsQ0FBQyxJQUNqRixLQUNBO0FBQUEsRUFDUjtBQUNGO0FBRUEsU0FBUyxRQUFRLE9BQXdCO0FBQ3ZDLE1BQUksVUFBVSxRQUFRLFVBQVUsT0FBVyxRQUFPO0FBQ2xELE1BQUksT0FBTyxVQUFVLFNBQVUsUUFBTyxPQUFPLEtBQWtDO0FBQy9FLFNBQU8sT0FBTyxPQUFPLEtBQUssRUFDdkIsT0FBTyxDQUFDLFNBQVMsU0FBUyxNQUFNLFNBQVMsSUFBSSxFQUM3QyxLQUFLLEdBQUc7QUFDYjtBQUVBLFNBQVMsU0FBUyxNQUF3QjtBQUN4QyxRQUFNLFNBQW1CLENBQUM7QUFDMUIsV0FBUyxPQUFPLEdBQUcsT0FBTyxLQUFLLFFBQVEsUUFBUTtBQUM3QyxXQUFPLEtBQUssS0FBSyxNQUFNLE1BQU0sT0FBTyxTQUFTLENBQUM7QUFDaEQsU0FBTztBQUNUOzs7QUN6SUEsU0FBUyxLQUFBQyxVQUFTOzs7QUNBbEIsU0FBUyxLQUFBQyxVQUFTO0FBS1gsSUFBTSxjQUFjO0FBQUEsRUFDekI7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUE7QUFBQSxFQUVBO0FBQUE7QUFBQSxFQUVBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjtBQUdPLElBQU0sV0FBV0EsR0FBRSxPQUFPO0FBQUEsRUFDL0IsT0FBT0EsR0FBRSxPQUFPO0FBQUEsSUFDZCxNQUFNQSxHQUFFLEtBQUssV0FBVztBQUFBO0FBQUEsSUFFeEIsU0FBU0EsR0FBRSxPQUFPO0FBQUE7QUFBQSxJQUVsQixPQUFPQSxHQUFFLE9BQU8sRUFBRSxTQUFTO0FBQUE7QUFBQSxJQUUzQixRQUFRQSxHQUFFLE1BQU1BLEdBQUUsT0FBTyxFQUFFLE9BQU9BLEdBQUUsT0FBTyxHQUFHLFNBQVNBLEdBQUUsT0FBTyxFQUFFLENBQUMsQ0FBQyxFQUFFLFNBQVM7QUFBQSxFQUNqRixDQUFDO0FBQ0gsQ0FBQztBQTJCRCxJQUFNLE9BQU9BLEdBQUUsT0FBTyxDQUFDLENBQUM7QUFJakIsU0FBUyxTQUtkLElBYTBDO0FBQzFDLFNBQU87QUFBQSxJQUNMLEdBQUc7QUFBQSxJQUNILFFBQVEsR0FBRyxVQUFXO0FBQUEsSUFDdEIsT0FBTyxHQUFHLFNBQVU7QUFBQSxJQUNwQixNQUFNLEdBQUcsUUFBUztBQUFBLElBQ2xCLFFBQVEsR0FBRyxVQUFVLENBQUM7QUFBQSxFQUN4QjtBQUNGOzs7QURoRkEsSUFBTSxVQUFVO0FBR1QsSUFBTSxTQUFTQyxHQUFFLE1BQU07QUFBQSxFQUM1QkEsR0FBRSxLQUFLLFdBQVc7QUFBQSxFQUNsQkEsR0FBRSxnQkFBZ0IsQ0FBQyxRQUFRQSxHQUFFLEtBQUssQ0FBQyxDQUFDO0FBQ3RDLENBQUM7QUFFRCxJQUFNLE9BQU8sQ0FBQyxHQUFHLGFBQWEsR0FBRyxlQUFlLHNCQUFzQixFQUFFLEtBQUssR0FBRztBQU16RSxJQUFNLE1BQU1BLEdBQ2hCLE9BQU8sRUFDUCxNQUFNLElBQUksT0FBTyxPQUFPLElBQUksb0JBQW9CLEdBQUcsd0NBQW1DLEVBQ3RGLEtBQUssRUFBRSxTQUFTLGFBQWEsQ0FBQztBQUcxQixJQUFNLFVBQVVBLEdBQUUsTUFBTSxJQUFJLFNBQVMsQ0FBQyxFQUFFLElBQUksR0FBRztBQUl0RCxJQUFNLFdBQVdBLEdBQUUsS0FBSyxDQUFDLE9BQU8sUUFBUSxDQUFDLEVBQUUsUUFBUSxLQUFLO0FBUXhELElBQU0sYUFBYUMsR0FBRSxPQUFPO0FBQUEsRUFDMUIsVUFBVUEsR0FBRSxPQUFPLEVBQUUsSUFBSSxHQUFHO0FBQUE7QUFBQSxFQUU1QixTQUFTQSxHQUFFLE9BQU87QUFBQTtBQUFBLEVBRWxCLFFBQVFBLEdBQUUsUUFBUSxFQUFFLFFBQVEsS0FBSztBQUFBO0FBQUEsRUFFakMsU0FBUyxRQUFRLFNBQVM7QUFBQSxFQUMxQixVQUFVO0FBQ1osQ0FBQztBQUVELElBQU0sUUFBUUEsR0FBRSxPQUFPLEVBQUUsS0FBS0EsR0FBRSxPQUFPLEVBQUUsSUFBSSxHQUFHLEtBQUtBLEdBQUUsT0FBTyxHQUFHLFNBQVNBLEdBQUUsUUFBUSxFQUFFLENBQUM7QUFFaEYsSUFBTSxnQkFBZ0JBLEdBQUUsT0FBTztBQUFBO0FBQUEsRUFFcEMsSUFBSTtBQUFBLEVBQ0osUUFBUUEsR0FBRSxLQUFLLENBQUMsT0FBTyxTQUFTLFNBQVMsUUFBUSxDQUFDO0FBQUEsRUFDbEQsVUFBVUEsR0FBRSxPQUFPO0FBQUEsRUFDbkIsV0FBV0EsR0FBRSxPQUFPO0FBQUEsRUFDcEIsU0FBU0EsR0FBRTtBQUFBLElBQ1RBLEdBQUUsT0FBTztBQUFBLE1BQ1AsTUFBTUEsR0FBRSxPQUFPO0FBQUEsTUFDZixTQUFTQSxHQUFFLE1BQU1BLEdBQUUsT0FBTyxDQUFDO0FBQUE7QUFBQSxNQUUzQixJQUFJQSxHQUFFLEtBQUssQ0FBQyxXQUFXLFdBQVcsTUFBTSxDQUFDO0FBQUE7QUFBQSxNQUV6QyxTQUFTQSxHQUFFLE1BQU1BLEdBQUUsT0FBTyxDQUFDO0FBQUEsSUFDN0IsQ0FBQztBQUFBLEVBQ0g7QUFBQSxFQUNBLFNBQVM7QUFBQSxFQUNULFVBQVU7QUFBQTtBQUFBLEVBRVYsU0FBU0EsR0FBRSxPQUFPLEVBQUUsSUFBSTtBQUFBLEVBQ3hCLFFBQVFBLEdBQUUsT0FBTyxFQUFFLElBQUk7QUFBQTtBQUFBLEVBRXZCLE1BQU1BLEdBQUUsT0FBTztBQUFBLElBQ2IsTUFBTUEsR0FBRSxPQUFPLEVBQUUsSUFBSTtBQUFBLElBQ3JCLEtBQUtBLEdBQUUsT0FBTyxFQUFFLElBQUk7QUFBQSxJQUNwQixRQUFRQSxHQUFFO0FBQUEsTUFDUkEsR0FBRSxPQUFPO0FBQUEsUUFDUCxLQUFLQSxHQUFFLE9BQU8sRUFBRSxJQUFJO0FBQUEsUUFDcEIsTUFBTUEsR0FBRSxPQUFPO0FBQUEsUUFDZixPQUFPQSxHQUFFLE9BQU87QUFBQSxRQUNoQixTQUFTQSxHQUFFLEtBQUssQ0FBQyxRQUFRLEtBQUssQ0FBQztBQUFBLFFBQy9CLFVBQVVBLEdBQUUsTUFBTUEsR0FBRSxPQUFPLENBQUM7QUFBQSxNQUM5QixDQUFDO0FBQUEsSUFDSDtBQUFBLEVBQ0YsQ0FBQztBQUFBO0FBQUEsRUFFRCxRQUFRQSxHQUFFLE1BQU0sS0FBSztBQUFBLEVBQ3JCLFlBQVlBLEdBQUUsT0FBTyxFQUFFLElBQUk7QUFBQTtBQUFBLEVBRTNCLFNBQVNBLEdBQUUsT0FBTyxFQUFFLElBQUk7QUFDMUIsQ0FBQztBQUdNLElBQU0sZ0JBQWdCLFNBQVM7QUFBQSxFQUNwQyxRQUFRO0FBQUEsRUFDUixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTjtBQUFBLEVBQ0EsU0FDRTtBQUFBLEVBQ0YsTUFBTTtBQUFBLEVBQ04sVUFBVTtBQUFBLEVBQ1YsUUFBUSxDQUFDLFdBQVcsV0FBVztBQUNqQyxDQUFDO0FBRU0sSUFBTSxnQkFBZ0IsU0FBUztBQUFBLEVBQ3BDLFFBQVE7QUFBQSxFQUNSLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOO0FBQUEsRUFDQSxTQUFTO0FBQUEsRUFDVCxRQUFRO0FBQUEsRUFDUixNQUFNQSxHQUFFLE9BQU87QUFBQSxJQUNiLFNBQVMsUUFBUSxTQUFTO0FBQUEsSUFDMUIsVUFBVUEsR0FBRSxLQUFLLENBQUMsT0FBTyxRQUFRLENBQUMsRUFBRSxTQUFTO0FBQUE7QUFBQSxJQUU3QyxPQUFPQSxHQUNKO0FBQUEsTUFDQ0EsR0FBRSxPQUFPO0FBQUEsUUFDUCxLQUFLQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEVBQUUsSUFBSSxDQUFDLEVBQUUsSUFBSSxHQUFTO0FBQUEsUUFDMUMsUUFBUUEsR0FBRSxPQUFPLEVBQUUsSUFBSSxFQUFFLElBQUksQ0FBQyxFQUFFLElBQUksR0FBRztBQUFBLFFBQ3ZDLE9BQU9BLEdBQUUsT0FBTyxFQUFFLElBQUksR0FBTTtBQUFBLE1BQzlCLENBQUM7QUFBQSxJQUNILEVBQ0MsSUFBSSxHQUFJLEVBQ1IsU0FBUztBQUFBLEVBQ2QsQ0FBQztBQUFBLEVBQ0QsVUFBVTtBQUFBLEVBQ1YsUUFBUSxDQUFDLFdBQVcsYUFBYSxXQUFXO0FBQzlDLENBQUM7QUFHTSxJQUFNLGlCQUFpQkEsR0FBRSxPQUFPO0FBQUEsRUFDckMsS0FBS0EsR0FBRSxPQUFPLEVBQUUsSUFBSTtBQUFBLEVBQ3BCLE1BQU1BLEdBQUUsT0FBTztBQUFBO0FBQUEsRUFFZixRQUFRQSxHQUFFLFFBQVE7QUFBQTtBQUFBLEVBRWxCLGFBQWFBLEdBQUUsUUFBUTtBQUFBLEVBQ3ZCLE9BQU9BLEdBQUU7QUFBQSxJQUNQQSxHQUFFLE9BQU87QUFBQSxNQUNQLE1BQU1BLEdBQUUsT0FBTztBQUFBLE1BQ2YsT0FBT0EsR0FBRSxPQUFPO0FBQUE7QUFBQSxNQUVoQixNQUFNQSxHQUFFLE1BQU1BLEdBQUUsT0FBTyxDQUFDO0FBQUEsSUFDMUIsQ0FBQztBQUFBLEVBQ0g7QUFBQTtBQUFBLEVBRUEsT0FBT0EsR0FBRSxNQUFNQSxHQUFFLE9BQU8sQ0FBQztBQUFBLEVBQ3pCLFFBQVFBLEdBQUUsTUFBTUEsR0FBRSxPQUFPLENBQUM7QUFBQTtBQUFBLEVBRTFCLE1BQU1BLEdBQ0gsT0FBTztBQUFBLElBQ04sT0FBT0EsR0FBRSxPQUFPO0FBQUEsSUFDaEIsU0FBUyxTQUFTLFNBQVM7QUFBQSxJQUMzQixTQUFTQSxHQUFFLEtBQUssQ0FBQyxRQUFRLEtBQUssQ0FBQztBQUFBLElBQy9CLFVBQVVBLEdBQUUsTUFBTUEsR0FBRSxPQUFPLENBQUM7QUFBQTtBQUFBLElBRTVCLFNBQVNBLEdBQUUsTUFBTUEsR0FBRSxPQUFPLEVBQUUsTUFBTUEsR0FBRSxPQUFPLEdBQUcsTUFBTUEsR0FBRSxPQUFPLEdBQUcsT0FBT0EsR0FBRSxPQUFPLEVBQUUsQ0FBQyxDQUFDO0FBQUEsRUFDdEYsQ0FBQyxFQUNBLFNBQVM7QUFDZCxDQUFDO0FBR00sSUFBTSxRQUFRLENBQUMsT0FBTyxVQUFVLFdBQVcsTUFBTTtBQUVqRCxJQUFNLGdCQUFnQixTQUFTO0FBQUEsRUFDcEMsUUFBUTtBQUFBLEVBQ1IsTUFBTTtBQUFBLEVBQ047QUFBQSxFQUNBLE9BQU8sQ0FBQyxXQUFXLFVBQVUsT0FBTztBQUFBLEVBQ3BDLFNBQVM7QUFBQSxFQUNULFFBQVE7QUFBQSxFQUNSLE9BQU9BLEdBQUUsT0FBTztBQUFBLElBQ2QsTUFBTUEsR0FBRSxLQUFLLEtBQUssRUFBRSxRQUFRLEtBQUs7QUFBQSxJQUNqQyxRQUFRQSxHQUFFLE9BQU8sT0FBTyxFQUFFLElBQUksRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLEdBQVMsRUFBRSxRQUFRLENBQUM7QUFBQSxJQUMvRCxPQUFPQSxHQUFFLE9BQU8sT0FBTyxFQUFFLElBQUksRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLEdBQUcsRUFBRSxRQUFRLEVBQUU7QUFBQSxFQUMzRCxDQUFDO0FBQUEsRUFDRCxVQUFVQSxHQUFFLE9BQU8sRUFBRSxPQUFPQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEdBQUcsUUFBUUEsR0FBRSxNQUFNLGNBQWMsRUFBRSxDQUFDO0FBQUEsRUFDL0UsUUFBUSxDQUFDLFdBQVcsV0FBVztBQUNqQyxDQUFDO0FBRU0sSUFBTSxZQUFZLFNBQVM7QUFBQSxFQUNoQyxRQUFRO0FBQUEsRUFDUixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTjtBQUFBLEVBQ0EsU0FBUztBQUFBLEVBQ1QsTUFBTSxXQUFXLE9BQU87QUFBQSxJQUN0QixTQUFTQSxHQUFFLE9BQU8sRUFBRSxRQUFRLEVBQUU7QUFBQSxJQUM5QixTQUFTLFFBQVEsU0FBUyxFQUFFLFFBQVEsSUFBSTtBQUFBO0FBQUEsSUFFeEMsV0FBVyxHQUFHLFNBQVMsRUFBRSxRQUFRLElBQUk7QUFBQSxJQUNyQyxVQUFVLFNBQVMsU0FBUztBQUFBLElBQzVCLEtBQUtBLEdBQUUsT0FBTyxFQUFFLEtBQUssRUFBRSxJQUFJLEVBQUUsRUFBRSxTQUFTO0FBQUE7QUFBQSxJQUV4QyxNQUFNQSxHQUFFLEtBQUssQ0FBQyxRQUFRLEtBQUssQ0FBQyxFQUFFLFFBQVEsTUFBTTtBQUFBLEVBQzlDLENBQUM7QUFBQSxFQUNELFVBQVUsS0FBSyxPQUFPO0FBQUEsSUFDcEIsU0FBUztBQUFBO0FBQUEsSUFFVCxRQUFRQSxHQUFFLE9BQU8sRUFBRSxJQUFJO0FBQUE7QUFBQSxJQUV2QixRQUFRQSxHQUFFLE9BQU8sRUFBRSxJQUFJO0FBQUE7QUFBQSxJQUV2QixXQUFXQSxHQUFFLE9BQU8sRUFBRSxJQUFJO0FBQUEsSUFDMUIsU0FBU0EsR0FBRSxPQUFPLEVBQUUsSUFBSTtBQUFBLEVBQzFCLENBQUM7QUFBQSxFQUNELFFBQVEsQ0FBQyxXQUFXLGFBQWEsV0FBVztBQUM5QyxDQUFDO0FBRU0sSUFBTSxjQUFjQSxHQUFFLE9BQU87QUFBQSxFQUNsQyxJQUFJO0FBQUEsRUFDSixVQUFVQSxHQUFFLE9BQU87QUFBQSxFQUNuQixJQUFJQSxHQUFFLE9BQU87QUFBQSxFQUNiLFFBQVFBLEdBQUUsT0FBTyxFQUFFLElBQUk7QUFBQSxFQUN2QixTQUFTQSxHQUFFLE9BQU8sRUFBRSxJQUFJO0FBQUEsRUFDeEIsUUFBUUEsR0FBRSxRQUFRO0FBQ3BCLENBQUM7QUFHTSxJQUFNLGNBQWMsU0FBUztBQUFBLEVBQ2xDLFFBQVE7QUFBQSxFQUNSLE1BQU07QUFBQSxFQUNOO0FBQUEsRUFDQSxPQUFPLENBQUMsU0FBUztBQUFBLEVBQ2pCLFNBQVM7QUFBQSxFQUNULFVBQVVBLEdBQUUsT0FBTyxFQUFFLFNBQVNBLEdBQUUsTUFBTSxXQUFXLEVBQUUsQ0FBQztBQUN0RCxDQUFDO0FBRU0sSUFBTSxhQUFhLFNBQVM7QUFBQSxFQUNqQyxRQUFRO0FBQUEsRUFDUixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTjtBQUFBLEVBQ0EsU0FBUztBQUFBLEVBQ1QsUUFBUTtBQUFBLEVBQ1IsVUFBVSxLQUFLLE9BQU8sRUFBRSxTQUFTQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEdBQUcsTUFBTUEsR0FBRSxPQUFPLEVBQUUsSUFBSSxFQUFFLENBQUM7QUFBQSxFQUMzRSxRQUFRLENBQUMsYUFBYSxVQUFVO0FBQ2xDLENBQUM7OztBRWpQRCxTQUFTLEtBQUFDLFVBQVM7QUFPWCxJQUFNLFNBQVNDLEdBQUUsT0FBTztBQUFBLEVBQzdCLElBQUk7QUFBQSxFQUNKLE1BQU1BLEdBQUUsT0FBTztBQUFBO0FBQUEsRUFFZixVQUFVQSxHQUFFLE9BQU8sRUFBRSxJQUFJO0FBQUEsRUFDekIsYUFBYUEsR0FBRSxPQUFPLEVBQUUsSUFBSSxFQUFFLFNBQVM7QUFBQSxFQUN2QyxRQUFRQSxHQUFFLE9BQU8sRUFBRSxJQUFJO0FBQ3pCLENBQUM7QUFHRCxJQUFNLFdBQVcsQ0FBQyxRQUF5QjtBQUN6QyxNQUFJO0FBQ0YsV0FBTyxLQUFLLGFBQWEsbUJBQW1CLEdBQUcsRUFBRSxTQUFTO0FBQUEsRUFDNUQsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFDQSxJQUFNLGFBQWEsQ0FBQyxTQUEwQixhQUFhLEtBQUssSUFBSTtBQUVwRSxJQUFNLFVBQVVBLEdBQUU7QUFBQSxFQUNoQixDQUFDLEdBQUcsR0FBRyxHQUFHLEdBQUcsR0FBRyxHQUFHLENBQUMsRUFBRSxJQUFJLENBQUMsTUFBTUEsR0FBRSxRQUFRLENBQThCLENBQUM7QUFDNUU7QUFHTyxJQUFNLGFBQWFBLEdBQUUsT0FBTztBQUFBLEVBQ2pDLFNBQVNBLEdBQUUsT0FBTyxFQUFFLElBQUksRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLEdBQUcsRUFBRSxTQUFTO0FBQUEsRUFDbkQsV0FBV0EsR0FBRSxPQUFPLEVBQUUsSUFBSSxFQUFFLElBQUksQ0FBQyxFQUFFLElBQUksR0FBVSxFQUFFLFNBQVM7QUFBQSxFQUM1RCxRQUFRQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEVBQUUsSUFBSSxDQUFDLEVBQUUsSUFBSSxHQUFHLEVBQUUsU0FBUyxFQUFFLFNBQVM7QUFBQSxFQUM3RCxPQUFPQSxHQUFFLGNBQWNBLEdBQUUsS0FBSyxRQUFRLEdBQUdBLEdBQUUsT0FBTyxFQUFFLElBQUksQ0FBQyxFQUFFLElBQUksQ0FBQyxDQUFDLEVBQUUsU0FBUztBQUM5RSxDQUFDO0FBR0QsSUFBTSxZQUFZQSxHQUNmLE9BQU8sRUFDUCxLQUFLLEVBQ0wsVUFBVSxDQUFDQyxVQUFTQSxNQUFLLFNBQVMsR0FBRyxHQUFHLENBQUMsRUFDekMsT0FBTyxDQUFDQSxVQUFTLDRCQUE0QixLQUFLQSxLQUFJLEdBQUcsNkJBQTZCO0FBRWxGLElBQU0sV0FBV0QsR0FBRSxPQUFPO0FBQUEsRUFDL0IsV0FBV0EsR0FBRSxPQUFPLEVBQUUsS0FBSyxFQUFFLElBQUksR0FBRztBQUFBLEVBQ3BDLFVBQVVBLEdBQUUsT0FBTztBQUFBO0FBQUEsRUFFbkIsVUFBVUEsR0FBRSxPQUFPLEVBQUUsSUFBSSxFQUFFLElBQUksQ0FBQyxFQUFFLElBQUksR0FBRztBQUFBLEVBQ3pDLGFBQWFBLEdBQUUsTUFBTSxPQUFPO0FBQUEsRUFDNUIsU0FBU0EsR0FBRSxNQUFNLEdBQUcsRUFBRSxJQUFJLEdBQUk7QUFBQSxFQUM5QixpQkFBaUJBLEdBQUUsT0FBTyxFQUFFLElBQUksRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLEVBQUU7QUFBQTtBQUFBLEVBRS9DLFdBQVdBLEdBQUUsT0FBTyxFQUFFLElBQUksRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLEdBQUc7QUFBQTtBQUFBLEVBRTFDLGVBQWVBLEdBQUUsT0FBTyxFQUFFLElBQUksRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLElBQUksRUFBRSxTQUFTO0FBQUEsRUFDMUQsT0FBT0EsR0FBRSxjQUFjQSxHQUFFLEtBQUssV0FBVyxHQUFHLFVBQVU7QUFBQTtBQUFBLEVBRXRELGNBQWNBLEdBQUUsUUFBUTtBQUFBO0FBQUEsRUFFeEIsV0FBVztBQUFBLEVBQ1gsWUFBWTtBQUFBO0FBQUEsRUFFWixZQUFZQSxHQUFFLEtBQUssV0FBVyxFQUFFLFNBQVM7QUFBQTtBQUFBLEVBRXpDLFNBQVNBLEdBQUUsS0FBSyxDQUFDLFNBQVMsTUFBTSxDQUFDO0FBQUE7QUFBQSxFQUVqQyxTQUFTQSxHQUFFLE9BQU8sRUFBRSxJQUFJLENBQUM7QUFBQSxFQUN6QixRQUFRQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEVBQUU7QUFBQTtBQUFBLEVBRXpCLGdCQUFnQkEsR0FBRSxNQUFNQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEdBQUcsQ0FBQyxFQUFFLElBQUksR0FBRztBQUFBO0FBQUEsRUFFcEQsVUFBVUEsR0FDUCxPQUFPLEVBQ1AsT0FBTyxDQUFDLFNBQVMsV0FBVyxJQUFJLEdBQUcsMkNBQTJDO0FBQUE7QUFBQSxFQUVqRixRQUFRQSxHQUNMLE9BQU8sRUFDUCxPQUFPLENBQUMsUUFBUSxTQUFTLEdBQUcsR0FBRyxpREFBaUQ7QUFDckYsQ0FBQztBQUdELElBQU1FLFdBQVU7QUFFVCxJQUFNLGNBQWMsU0FBUztBQUFBLEVBQ2xDLFFBQVE7QUFBQSxFQUNSLE1BQU07QUFBQSxFQUNOLFNBQUFBO0FBQUEsRUFDQSxPQUFPLENBQUMsWUFBWSxTQUFTLFFBQVE7QUFBQSxFQUNyQyxTQUFTO0FBQUEsRUFDVCxVQUFVRixHQUFFLE9BQU87QUFBQSxJQUNqQixVQUFVO0FBQUE7QUFBQSxJQUVWLFVBQVVBLEdBQUUsTUFBTSxHQUFHO0FBQUEsSUFDckIsU0FBU0EsR0FBRSxNQUFNLE1BQU07QUFBQSxJQUN2QixNQUFNQSxHQUFFLFFBQVE7QUFBQTtBQUFBLElBRWhCLE9BQU9BLEdBQUUsT0FBTyxFQUFFLFNBQVM7QUFBQSxJQUMzQixPQUFPO0FBQUEsRUFDVCxDQUFDO0FBQ0gsQ0FBQztBQUVNLElBQU0sZUFBZSxTQUFTO0FBQUEsRUFDbkMsUUFBUTtBQUFBLEVBQ1IsTUFBTTtBQUFBLEVBQ04sU0FBQUU7QUFBQSxFQUNBLFNBQVM7QUFBQSxFQUNULE1BQU0sU0FBUyxRQUFRO0FBQUEsRUFDdkIsVUFBVTtBQUFBLEVBQ1YsUUFBUSxDQUFDLFNBQVM7QUFDcEIsQ0FBQztBQUVNLElBQU0sU0FBUyxTQUFTO0FBQUEsRUFDN0IsUUFBUTtBQUFBLEVBQ1IsTUFBTTtBQUFBLEVBQ04sU0FBQUE7QUFBQSxFQUNBLE9BQU8sQ0FBQyxVQUFVO0FBQUEsRUFDbEIsU0FBUztBQUFBLEVBQ1QsVUFBVUYsR0FBRSxPQUFPO0FBQUEsSUFDakIsU0FBU0EsR0FBRSxPQUFPO0FBQUEsSUFDbEIsVUFBVUEsR0FBRSxPQUFPLEVBQUUsTUFBTUEsR0FBRSxLQUFLLENBQUMsVUFBVSxVQUFVLENBQUMsR0FBRyxRQUFRQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEVBQUUsQ0FBQztBQUFBLElBQ3JGLE9BQU9BLEdBQUUsT0FBTyxFQUFFLE9BQU8sS0FBSyxLQUFLQSxHQUFFLE9BQU8sR0FBRyxVQUFVQSxHQUFFLE9BQU8sR0FBRyxNQUFNQSxHQUFFLFFBQVEsRUFBRSxDQUFDO0FBQUEsRUFDMUYsQ0FBQztBQUNILENBQUM7QUFFTSxJQUFNLFlBQVksU0FBUztBQUFBLEVBQ2hDLFFBQVE7QUFBQSxFQUNSLE1BQU07QUFBQSxFQUNOLFNBQUFFO0FBQUEsRUFDQSxTQUFTO0FBQUEsRUFDVCxNQUFNRixHQUFFLE9BQU8sRUFBRSxNQUFNQSxHQUFFLE9BQU8sRUFBRSxJQUFJLEVBQUUsSUFBSSxDQUFDLEVBQUUsSUFBSSxHQUFHLEVBQUUsQ0FBQztBQUFBLEVBQ3pELFVBQVVBLEdBQUUsT0FBTyxFQUFFLE9BQU8sSUFBSSxDQUFDO0FBQUEsRUFDakMsUUFBUSxDQUFDLFdBQVc7QUFDdEIsQ0FBQzs7O0FDMUhNLElBQU0sUUFBUTtBQUNyQixJQUFNLFFBQVEsQ0FBQyxPQUFPLE1BQU0sUUFBUSxRQUFRLFFBQVEsT0FBTyxTQUFTLFFBQVEsT0FBTyxNQUFNO0FBQ3pGLElBQU0sVUFBVTtBQUFBLEVBQ2Q7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjtBQUNBLElBQU0sU0FBUyxDQUFDLE1BQU0sT0FBTyxPQUFPLE9BQU8sTUFBTSxPQUFPLE9BQU8sT0FBTyxNQUFNLE9BQU8sT0FBTyxLQUFLO0FBQ3hGLElBQU0sV0FBVyxDQUFDLE1BQ3ZCLEdBQUcsT0FBTyxJQUFJLEVBQUUsQ0FBQyxHQUFHLFFBQVEsS0FBSyxNQUFNLElBQUksRUFBRSxJQUFJLEVBQUUsQ0FBQyxHQUFHLElBQUksR0FBRztBQUVoRSxJQUFNLFNBQ0o7QUFDRixJQUFNLFVBQVUsQ0FBQyxTQUFTLFNBQVMsU0FBUyxPQUFPO0FBQzVDLElBQU0sWUFBWSxDQUFDLFNBQ3hCLElBQUksS0FBSyxLQUFLLE1BQU0sS0FBSyxJQUFJLE9BQU8sS0FBVSxFQUFFLFlBQVksRUFBRSxNQUFNLEdBQUcsRUFBRTtBQUczRSxJQUFNLE9BQU8sQ0FBQyxNQUFlLElBQUksTUFBTSxJQUFJLFVBQVUsSUFBSSxHQUFHLElBQUk7QUFHaEUsSUFBTSxTQUFTLENBQUMsUUFBZ0IsY0FDOUI7QUFBQSxFQUNFO0FBQUEsRUFDQSxHQUFHLE1BQU07QUFBQSxJQUFLLEVBQUUsUUFBUSxPQUFPO0FBQUEsSUFBRyxDQUFDLEdBQUcsTUFDcEM7QUFBQSxNQUNFLE1BQU0sSUFBSSxFQUFFO0FBQUEsTUFDWixTQUFTLENBQUM7QUFBQSxNQUNWLElBQUksQ0FBQztBQUFBLE1BQ0wsU0FBUyxPQUFPLElBQUksR0FBRyxFQUFFLFNBQVMsR0FBRyxHQUFHLENBQUM7QUFBQSxNQUN6QyxHQUFHLENBQUM7QUFBQSxNQUNKLFFBQVEsSUFBSSxDQUFDO0FBQUEsTUFDYixJQUFJLE1BQU0sSUFBSSxXQUFXO0FBQUEsTUFDekIsSUFBSSxNQUFNLElBQUksOEJBQThCLENBQUMsS0FBSztBQUFBLE1BQ2xELFVBQVUsQ0FBQztBQUFBLE1BQ1gsSUFBSSxNQUFNLElBQUksS0FBSyxLQUFNLElBQUksRUFBRyxLQUFLLElBQUssSUFBSSxDQUFFLEtBQUssSUFBSSxDQUFDLEtBQUs7QUFBQSxJQUNqRSxFQUFFLEtBQUssR0FBRztBQUFBLEVBQ1o7QUFDRixFQUFFLEtBQUssSUFBSTtBQXdDTixJQUFNLFNBQVMsQ0FBQyxRQUFnQixZQUFZLFVBQVU7QUFBQSxFQUMzRCxVQUFVO0FBQUEsRUFDVixTQUFTLE9BQU8sS0FBSyxPQUFPLFFBQVEsU0FBUyxDQUFDLEVBQUUsU0FBUyxRQUFRO0FBQUEsRUFDakUsU0FBUztBQUFBLEVBQ1QsVUFBVTtBQUFBLEVBQ1YsS0FBSztBQUFBLEVBQ0wsTUFBTTtBQUNSOzs7QUNsR0EsSUFBTSxNQUFNLE1BQU07QUFBRSxRQUFNLElBQUksUUFBUSxTQUFTO0FBQUcsVUFBUSxFQUFFLE9BQU8sRUFBRSxVQUFVO0FBQU07QUFDckYsZUFBZSxPQUFPO0FBQ3BCLFFBQU0sT0FBTyxPQUFPLEdBQU07QUFDMUIsUUFBTSxRQUFRLE9BQU8sS0FBSyxLQUFLLFNBQVMsUUFBUTtBQUNoRCxVQUFRLElBQUksTUFBTSxTQUFTLEVBQUUsTUFBTSxHQUFHLEdBQUcsR0FBRyxNQUFNLE1BQU07QUFDeEQsV0FBUyxJQUFJLEdBQUcsSUFBSSxHQUFHLEtBQUs7QUFDMUIsUUFBSSxJQUFJLElBQUk7QUFDWixVQUFNLElBQVMsTUFBTSxlQUFlLEVBQUUsT0FBTyxRQUFRLE9BQU8sU0FBUyxNQUFNLEtBQUssQ0FBQyxHQUFHLE9BQU8sVUFBVSxZQUFZLEVBQUUsQ0FBQztBQUNwSCxZQUFRLElBQUksUUFBUSxJQUFJLElBQUksQ0FBQztBQUFHLFFBQUksSUFBSTtBQUN4QyxVQUFNLElBQUksZ0JBQWdCLENBQUM7QUFBRyxZQUFRLElBQUksYUFBYSxJQUFJLElBQUksQ0FBQztBQUFHLFFBQUksSUFBSTtBQUMzRSxVQUFNLFlBQVksRUFBRSxLQUFLLFFBQVEsQ0FBQyxDQUFDO0FBQUcsWUFBUSxJQUFJLFNBQVMsSUFBSSxJQUFJLENBQUM7QUFBRyxRQUFJLElBQUk7QUFDL0UsVUFBTSxRQUFRLEVBQUUsS0FBSyxPQUFPLElBQUksQ0FBQyxHQUFRLE9BQWUsRUFBRSxJQUFJLFNBQVMsR0FBRyxRQUFRLFNBQVMsRUFBRSxNQUFNLEVBQUUsRUFBRTtBQUN2RyxZQUFRLElBQUksVUFBVSxJQUFJLElBQUksQ0FBQztBQUFHLFFBQUksSUFBSTtBQUMxQyxVQUFNLFFBQVEsU0FBUyxPQUFPLElBQUksSUFBSSxNQUFNLElBQUksQ0FBQyxNQUFXLEVBQUUsRUFBRSxDQUFDLENBQUM7QUFDbEUsWUFBUSxJQUFJLFFBQVEsSUFBSSxJQUFJLEdBQUcsTUFBTSxNQUFNO0FBQUEsRUFDN0M7QUFDRjtBQUNBLEtBQUssS0FBSzsiLAogICJuYW1lcyI6IFsidGV4dCIsICJ0ZXh0IiwgInRleHQiLCAibW9zdCIsICJ0ZXh0IiwgInRleHQiLCAidGV4dCIsICJ0ZXh0IiwgInRleHQiLCAidGV4dCIsICJ0ZXh0IiwgImRhdGVkIiwgInRleHQiLCAid29yZHMiLCAidGV4dCIsICJyZWFkRGF5IiwgInRleHQiLCAidGV4dCIsICJ0aWVzIiwgIndvcmRzIiwgImN1dCIsICJ3b3JkcyIsICJzdWJqZWN0IiwgInJlYWQiLCAib3JkaW5hbCIsICJ0ZXh0IiwgImRpZ2l0cyIsICJ0ZXh0IiwgIkFERFJFU1NfUEFSVFMiLCAibW9zdCIsICJzdWJqZWN0IiwgIndvcmRzIiwgIm5hbWVkIiwgInRleHQiLCAibW9zdCIsICJ1dGY4IiwgImFkZHJlc3NlcyIsICJ0ZXh0IiwgIkZPUk1TIiwgInRleHQiLCAidGV4dCIsICJhZGRyZXNzZXMiLCAicmVhZCIsICJ0ZXh0IiwgIm5hbWVkIiwgImxpbmsiLCAid29yZHMiLCAidGV4dCIsICJ0ZXh0IiwgImhhbGYiLCAid29yZHMiLCAiY291cGxlIiwgInRleHQiLCAidGV4dCIsICJlbWFpbHMiLCAicGhvbmVzIiwgIndvcmRzIiwgInRleHQiLCAiY2VsbHMiLCAicmVhZCIsICJib2R5IiwgIndvcmRzIiwgImlzRmlybSIsICJ3b3JkcyIsICJ0ZXh0IiwgIlNVRkZJWEVTIiwgIndvcmRzIiwgIkZPUk1TIiwgIndvcmRzIiwgImlzRmlybSIsICJkaWdpdHMiLCAiZW1haWxzIiwgInBob25lcyIsICJ0YWtlIiwgInJlYWQiLCAiTEFCRUxTIiwgImxhYmVsT2YiLCAidGV4dCIsICJ3b3JkcyIsICJ0ZXh0IiwgIndvcmRzIiwgImVtYWlscyIsICJwaG9uZXMiLCAicmVhZCIsICJub25lIiwgIlBhcGEiLCAidGV4dCIsICJQYXBhIiwgIm1vc3QiLCAiUExBSU4iLCAic3ViamVjdCIsICJwYWQiLCAidW5yZWFkYWJsZSIsICJ0ZXh0IiwgImxhYmVsT2YiLCAibmFtZWQiLCAicmVhZE5hbWVzIiwgIndvcmRzIiwgInRpZXMiLCAibGFiZWxPZiIsICJsaW5rcyIsICJ0ZXh0IiwgInJlYWROYW1lcyIsICJsYWJlbE9mIiwgInRhZ3MiLCAicmVhZCIsICJmYWlsIiwgInJlYWQiLCAieiIsICJ6IiwgIm1vc3QiLCAiTkFNRVMiLCAibmFtZU9mIiwgInoiLCAieiIsICJ6IiwgInoiLCAieiIsICJ6IiwgInRleHQiLCAic3ViamVjdCJdCn0K
