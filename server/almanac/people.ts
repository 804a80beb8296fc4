import {
  BIRTHDAY,
  FAMILY,
  namedOccasion,
  reachOf,
  SERVICE,
  yearlyParts,
  type AlmanacPerson,
  type Block,
  type SphereDate,
} from '@/core/almanac';
import { need } from '@/core/need';
import { CHANNEL_WORDS, heldBack, takesTexts } from '@/core/people';
import { partsOf, toDayNumber } from '@/core/time';
import { channelOf, needsOf, TOUCH_KINDS, type TouchKind } from '@/core/touches';
import { countryCode } from '@/core/zones';

import type { Context } from '../context';
import { asking, exactIdsOf } from '../people';
import { groupBy } from '../planner';
import type { OwnerSettings } from '../settings';
import { filterOf } from '../views';
import * as queries from './queries';
import type { PersonRow } from './queries';

/** The birthday, the family's, the owner's named dates and the latest work of somebody, in that order. */
function datesOf(
  { birthday, dates }: PersonRow,
  family: readonly { id: string; name: string; birthday: string }[],
  served: { name: string; on: string } | undefined,
  year: number,
): SphereDate[] {
  const found: SphereDate[] = [];
  const add = (key: string, occasion: string, name: string, on: string, whose = '') =>
    found.push({ key, occasion, name, whose, ...yearlyParts(on, year) });
  if (birthday) add(BIRTHDAY, BIRTHDAY, 'birthday', birthday);
  for (const { id, name, birthday: on } of family)
    add(`${FAMILY}.${id}`, FAMILY, 'birthday', on, name);
  // Two dates of one name are told apart by their places.
  const seen = new Map<string, number>();
  for (const { name, on } of dates) {
    const occasion = namedOccasion(name);
    const n = (seen.get(occasion) ?? 0) + 1;
    seen.set(occasion, n);
    add(n === 1 ? occasion : `${occasion}.${n}`, occasion, name, on);
  }
  if (served) add(SERVICE, SERVICE, served.name, served.on);
  return found;
}

const LACKS = { phone: 'No phone number.', email: 'No e-mail address.', address: 'No address.' };

/** Why somebody can't be reached a way: they said no to it, or what it needs is not there. */
function blockOf(row: PersonRow, kind: TouchKind): Block | null {
  const channel = channelOf(kind);
  if (channel && row.consent[channel]?.answer === 'no')
    return { why: `They said no to ${CHANNEL_WORDS[channel].toLowerCase()}.`, saidNo: true };
  const has = {
    phone: kind === 'text' ? row.phones.some(({ label }) => takesTexts(label)) : row.phone !== '',
    email: row.email !== '',
    address: row.address_line !== '',
  };
  const needs = needsOf(kind);
  return needs && !has[needs] ? { why: LACKS[needs], saidNo: false } : null;
}

const byKind = <T>(of: (kind: TouchKind) => T | null): Partial<Record<TouchKind, T>> =>
  Object.fromEntries(
    TOUCH_KINDS.flatMap((kind) => {
      const found = of(kind);
      return found === null ? [] : [[kind, found]];
    }),
  );

/** Where the owner sends post from, as far as their address tells it. */
const postalCodeIn = (address: string): string =>
  // A house number is shorter.
  address
    .match(/\b[A-Z]{0,2}\d[\dA-Z]*(?:[ -]?\d[\dA-Z]*)?\b/g)
    ?.filter((code) => code.length >= 4)
    .at(-1) ?? '';

/** Everybody in the sphere, or those among `ids`, as greetings see them. */
export async function readAlmanacPeople(
  ctx: Context,
  ids: readonly string[] | null,
  { autoNeedsYes, ownerAddress, country }: OwnerSettings,
  viewIds: readonly string[],
): Promise<AlmanacPerson[]> {
  const sql = ctx.db;
  const { year } = partsOf(toDayNumber(ctx.clock.today()));
  const from = { postalCode: postalCodeIn(ownerAddress), country: '' };
  const rows = await queries.readPeople(sql, ids);
  const served = new Map((await queries.readServed(sql, ids)).map((row) => [row.person_id, row]));
  const family = groupBy(await queries.readFamily(sql, ids), ({ person_id }) => person_id);
  const hushed = groupBy(await queries.readHushed(sql, ids), ({ person_id }) => person_id);
  const inViews = await membersOf(ctx, viewIds, ids);
  const abroad = (there: string) =>
    there !== '' && country !== '' && countryCode(there) !== country;
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    called: row.called,
    householdId: row.household_id,
    together: row.together,
    circleId: row.circle_id,
    views: new Set(viewIds.filter((id) => need(inViews.get(id)).has(row.id))),
    addedOn: row.added_on,
    dates: datesOf(row, family.get(row.id) ?? [], served.get(row.id), year),
    hushed: (hushed.get(row.id) ?? []).map(({ occasion }) => occasion),
    blocked: byKind((kind) => blockOf(row, kind)),
    notAsked: byKind((kind) => heldBack(row.consent, channelOf(kind), autoNeedsYes)),
    reach: abroad(row.country)
      ? 'abroad'
      : reachOf(from, { postalCode: row.postal_code, country: '' }),
  }));
}

/** The same people, told who of them is in one more view. */
export async function withView(
  ctx: Context,
  people: readonly AlmanacPerson[],
  viewId: string | null,
): Promise<readonly AlmanacPerson[]> {
  if (!viewId) return people;
  const members = need((await membersOf(ctx, [viewId], null)).get(viewId));
  return people.map((one) =>
    members.has(one.id) ? { ...one, views: new Set([...one.views, viewId]) } : one,
  );
}

/** Who of these people is in each view; nobody in one that can't be asked any more, which says so itself. */
async function membersOf(
  ctx: Context,
  viewIds: readonly string[],
  ids: readonly string[] | null,
): Promise<Map<string, ReadonlySet<string>>> {
  const found = new Map<string, ReadonlySet<string>>();
  for (const id of viewIds) {
    const view = await filterOf(ctx, ctx.db, id);
    const asked = view && !view.fault;
    found.set(id, new Set(asked ? await exactIdsOf(ctx.db, view.filter, asking(ctx), ids) : []));
  }
  return found;
}
