import { asSecond, type ImportedPerson } from '../imported';
import { splitCouple, splitName } from '../rows/names';
import { readEmail, readPhone } from '../rows/reach';
import { splitValue, unescapeText } from './vcard-lines';
import { text, type Reading } from './vcard-reading';

/** Puts the name of a card into the fields; answers the other one when it names a couple. */
export function readNames(reading: Reading): ImportedPerson | null {
  const { person, lines, unread } = reading;
  const { fields } = person;
  const n = lines.find(({ name }) => name === 'N');
  const parts = n
    ? splitValue(n.value, ';').map((part) =>
        splitValue(part, ',')
          .map((v) => unescapeText(v).trim())
          .filter(Boolean)
          .join(' '),
      )
    : [];
  const [family = '', given = '', middle = '', prefix = '', suffix = ''] = parts;
  Object.assign(fields, {
    familyName: family,
    givenName: given,
    middleName: middle,
    prefix,
    suffix,
  });
  const fn = lines.find(({ name }) => name === 'FN');
  if (family || given || !fn) return coupleIn(reading);
  const isOrg = lines.some((l) => l.name === 'KIND' && /^org$/i.test(l.value));
  const whole = text(fn);
  if (isOrg) fields.company ||= whole;
  // The full name of a card without a name is often its company or its e-mail address.
  else if (whole !== fields.company && readEmail(whole) === null && readPhone(whole) === null) {
    const { also, unsure, ...name } = splitName(whole);
    Object.assign(fields, name);
    if (also) unread.push(`Also in the name: ${also}`);
    if (unsure) person.nameGuessed = true;
    return coupleIn(reading, whole);
  }
  return null;
}

/** A card of a couple brings two people. */
function coupleIn({ person }: Reading, whole?: string): ImportedPerson | null {
  const { fields } = person;
  const couple = splitCouple(
    whole ?? [fields.familyName, fields.givenName].filter(Boolean).join(', '),
  );
  if (!couple) return null;
  const [first, second] = couple;
  Object.assign(fields, { givenName: first.givenName, familyName: first.familyName });
  fields.prefix = first.prefix ?? fields.prefix;
  return asSecond(second, person);
}
