import { call } from '@/contract/call';
import { changeMany, type Change } from '@/contract/many';
import { addPerson, getPerson, type PersonRow } from '@/contract/people';
import { addJob, addNote, addTie } from '@/contract/story';
import { addDays, type PlainDate } from '@/core/time';

import { isTheme, type Notes } from './notes';
import type { Random } from './random';
import { CHILDREN, CONSENT_FROM } from './words';

type Consent = Extract<Change, { do: 'consent' }>;

const CHANNELS = ['call', 'text', 'email', 'post'] as const;

/** What Marisol has learnt of her people over the years: ties, work done, what they said yes to. */
export async function learnOfThem(
  base: string,
  random: Random,
  rows: readonly PersonRow[],
  today: PlainDate,
  notes: Notes,
): Promise<void> {
  await noteConsents(base, random, rows);
  for (const [i, row] of rows.entries()) {
    if (random.chance(0.35)) await addWork(base, random, row, today);
    if (random.chance(0.12)) await addChild(base, random, row);
    if (random.chance(0.12)) await sentBy(base, row, random.pick(rows.slice(0, i + 1)));
    // Their tags show in what is written of them; of a few it is written, and the tag is missing.
    const theme = row.tags.find(isTheme);
    if (theme && random.chance(0.7))
      await call(addNote, { params: { id: row.id }, body: { body: notes.next(theme) } }, { base });
  }
}

/** What they said about calls, texts, e-mails and post, noted together for all who said the same. */
async function noteConsents(base: string, random: Random, rows: readonly PersonRow[]) {
  const said = new Map<string, { change: Consent; ids: string[] }>();
  for (const { id } of rows) {
    if (!random.chance(0.8)) continue;
    const cameFrom = random.pick(CONSENT_FROM);
    for (const channel of CHANNELS) {
      if (!random.chance(0.9)) continue;
      const answer = random.chance(channel === 'text' ? 0.88 : 0.97) ? 'yes' : 'no';
      const key = `${channel} ${answer} ${cameFrom}`;
      const group = said.get(key) ?? {
        change: { do: 'consent', channel, answer, cameFrom },
        ids: [],
      };
      said.set(key, { ...group, ids: [...group.ids, id] });
    }
  }
  for (const { change, ids } of said.values())
    await call(changeMany, { body: { who: { ids }, change } }, { base });
}

async function addWork(base: string, random: Random, { id }: PersonRow, today: PlainDate) {
  const valueMinor = random.int(90, 640) * 100_000;
  const body = {
    name: random.pick(['Home loan', 'Second loan', 'Loan for the extension', 'New terms']),
    stage: 'Closed',
    valueMinor,
    feeMinor: Math.round(valueMinor / 100),
    completedOn: addDays(today, -random.int(30, 2000)),
  };
  await call(addJob, { params: { id }, body }, { base });
}

async function addChild(base: string, random: Random, { id }: PersonRow) {
  const year = random.int(2008, 2023);
  const birthday = `${year}-0${random.int(1, 9)}-${random.int(10, 28)}`;
  const body = { kind: 'child' as const, otherName: random.pick(CHILDREN), birthday };
  await call(addTie, { params: { id }, body }, { base });
}

async function sentBy(base: string, { id }: PersonRow, from: PersonRow) {
  if (from.id === id) return;
  await call(addTie, { params: { id }, body: { kind: 'referred_by', otherId: from.id } }, { base });
}

/** Partners share a home: those of one family name and street. */
export async function joinPartners(
  base: string,
  people: readonly { 'First name': string; 'Last name': string; Street: string }[],
  rows: readonly PersonRow[],
): Promise<void> {
  const ids = new Map(rows.map(({ name, id }) => [name, id]));
  const idOf = (p: (typeof people)[0]) => ids.get(`${p['First name']} ${p['Last name']}`);
  for (const [i, one] of people.entries()) {
    const other = people[i + 1];
    const together = other && one.Street && one.Street === other.Street;
    const [id, otherId] = [idOf(one), other && idOf(other)];
    if (together && one['Last name'] === other['Last name'] && id && otherId)
      await call(addTie, { params: { id }, body: { kind: 'partner', otherId } }, { base });
  }
}

/** Some whom she wrote down twice, the second time with a slip of the pen. */
export async function writeDownTwice(base: string, rows: readonly PersonRow[]): Promise<void> {
  for (const row of rows.filter(({ circle }) => circle === 'Wider').slice(0, 3)) {
    const { fields } = await call(getPerson, { params: { id: row.id } }, { base });
    const { givenName, familyName, phones, emails } = fields;
    const body = { givenName, familyName: familyName.replace(/(.)(?=.$)/, '$1$1'), phones, emails };
    await call(addPerson, { body }, { base });
  }
}
