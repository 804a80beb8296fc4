import type { IncomingPerson, SHOWN } from '@/contract/imports';
import { describe, type CellEdit, type Partners } from '@/core/intake';
import { need } from '@/core/need';
import {
  differences,
  displayName,
  partsOfUse,
  type ColumnUse,
  type Difference,
  type OwnField,
} from '@/core/people';
import type { Pair } from '@/core/same';

import type { Context } from '../context';
import { readOwnFields } from '../lists';
import { fieldsOfMany, namesOf } from '../people';
import { findDoubles } from './joining';
import { findPreview, keepPreview, type Preview } from './previews';
import { readFile, type FileGiven } from './read';

const FAULTS_SHOWN = 200;
const SAME_SHOWN = 50;

/** What the file would bring; nothing is written. */
export async function preview(
  ctx: Context,
  given: FileGiven,
  { id, signal }: { id?: string; signal: AbortSignal },
) {
  const { file, pairs } = await readFile(ctx, given, { look: true, signal });
  const found = await findDoubles(ctx, file.people, pairs, signal);
  const { fileName, bytes, pasted, mapping, partners, edits } = given;
  const kept = keepPreview(
    ctx,
    { fileName, bytes, pasted, mapping, partners, edits, file, found },
    id,
  );
  const { people, faults } = file;
  return {
    id: kept.id,
    format: file.format,
    encoding: file.encoding,
    delimiter: file.delimiter,
    columns: file.columns,
    mapping: file.mapping,
    partners,
    people: people.length,
    guessed: people.filter(({ nameGuessed }) => nameGuessed).length,
    same: await previewSame(ctx, kept),
    faults: faults.slice(0, FAULTS_SHOWN),
    faultCount: faults.length,
    leftOut: faults.filter((fault) => fault.leftOut).length,
  };
}

/** Reads the file of a preview anew, with what was put right. */
export async function change(
  ctx: Context,
  id: string,
  body: { mapping?: (ColumnUse | null)[]; partners?: Partners; edits?: CellEdit[] },
  signal: AbortSignal,
) {
  const before = findPreview(ctx, id);
  return preview(
    ctx,
    {
      ...before,
      mapping: body.mapping ?? before.mapping,
      partners: body.partners ?? before.partners,
      edits: [...before.edits, ...(body.edits ?? [])],
    },
    { id, signal },
  );
}

interface Double {
  place: number;
  other: string;
  pair: Pair;
}

/** Who of the file is here already or earlier in it: each once, the likeliest first. */
function doublesOf({ found: { pairs, placeOf } }: Preview): Double[] {
  const seen = new Set<number>();
  return pairs.flatMap((pair) => {
    const [x, y] = [placeOf.get(pair.a), placeOf.get(pair.b)];
    // Of two in the file the later one is the double.
    const place = Math.max(x ?? -1, y ?? -1);
    if (seen.has(place)) return [];
    seen.add(place);
    return [{ place, other: place === y ? pair.a : pair.b, pair }];
  });
}

async function previewSame(ctx: Context, kept: Preview) {
  const doubles = doublesOf(kept);
  const count = (verdict: string) => doubles.filter(({ pair }) => pair.verdict === verdict).length;
  const shown = doubles.slice(0, SAME_SHOWN);
  const told = await tellSame(ctx, kept, shown);
  return {
    sure: count('sure'),
    ask: count('ask'),
    sample: shown.map(({ place }, i) => {
      const { other, verdict, evidence } = need(told[i]);
      const { row, fields } = need(kept.file.people[place]);
      return { row, name: displayName(fields), other, verdict, evidence };
    }),
  };
}

/** Whom each double is or may be, by name. */
async function tellSame(ctx: Context, { file, found }: Preview, doubles: readonly Double[]) {
  const present = doubles.map(({ other }) => other).filter((id) => !found.placeOf.has(id));
  const names = await namesOf(ctx.db, present);
  return doubles.map(({ other, pair }) => {
    const place = found.placeOf.get(other);
    return {
      other:
        place === undefined
          ? (names.get(other) ?? '')
          : `${displayName(need(file.people[place]).fields)}, also in the file`,
      otherId: place === undefined ? other : null,
      verdict: pair.verdict as 'sure' | 'ask',
      evidence: pair.evidence,
    };
  });
}

/** A page of the people whom a file would bring, with all that was taken; those with faults first. */
export async function people(
  ctx: Context,
  id: string,
  { show, offset, limit }: { show: (typeof SHOWN)[number]; offset: number; limit: number },
): Promise<{ total: number; people: IncomingPerson[] }> {
  const kept = findPreview(ctx, id);
  const { file } = kept;
  const faultsOf = new Map<number, string[]>();
  for (const { row, why } of file.faults) faultsOf.set(row, [...(faultsOf.get(row) ?? []), why]);
  const doubles = new Map(doublesOf(kept).map((double) => [double.place, double]));
  const places = file.people.map((_, place) => place);
  const isFaulty = (place: number) => faultsOf.has(need(file.people[place]).row);
  const chosen = {
    all: () => [...places.filter(isFaulty), ...places.filter((place) => !isFaulty(place))],
    faults: () => places.filter(isFaulty),
    guessed: () => places.filter((place) => need(file.people[place]).nameGuessed),
    same: () => places.filter((place) => doubles.has(place)),
  }[show]();
  const page = chosen.slice(offset, offset + limit);
  const some = page.flatMap((place) => doubles.get(place) ?? []);
  const own = await readOwnFields(ctx.db);
  const told = new Map(
    (await tellSame(ctx, kept, some)).map((same, i) => [need(some[i]).place, same]),
  );
  const differs = await differencesOf(ctx, kept, some, own);
  const cellsOf = new Map(file.rows.map(({ row, cells }) => [row, cells]));
  const nameAt = (place: number) => displayName(need(file.people[place]).fields);
  return {
    total: chosen.length,
    people: page.map((place) => {
      const person = need(file.people[place]);
      return {
        row: person.row,
        name: nameAt(place),
        second: place > 0 && need(file.people[place - 1]).row === person.row,
        nameGuessed: person.nameGuessed ?? false,
        facts: describe(person, own, nameAt).map(({ to, what, value }) => ({
          what,
          value,
          from: headingsOf(kept, to, cellsOf.get(person.row) ?? []),
        })),
        cells: cellsOf.get(person.row) ?? [],
        faults: faultsOf.get(person.row) ?? [],
        same: told.has(place)
          ? { ...need(told.get(place)), differs: differs.get(place) ?? [] }
          : null,
      };
    }),
  };
}

/** What each double says otherwise than whom it is or may be. */
async function differencesOf(
  ctx: Context,
  { file, found }: Preview,
  doubles: readonly Double[],
  own: readonly OwnField[],
): Promise<Map<number, Difference[]>> {
  const present = await fieldsOfMany(
    ctx.db,
    doubles.map(({ other }) => other).filter((id) => !found.placeOf.has(id)),
  );
  return new Map(
    doubles.map(({ place, other }) => {
      const earlier = found.placeOf.get(other);
      const here = earlier === undefined ? present.get(other) : need(file.people[earlier]).fields;
      return [place, here ? differences(here, need(file.people[place]).fields, own) : []];
    }),
  );
}

/** The headings of the columns that fill one of these and hold something in a row. */
const headingsOf = ({ file }: Preview, to: readonly string[], cells: readonly string[]): string[] =>
  file.mapping.flatMap((use, i) =>
    use && cells[i] && to.includes(partsOfUse(use).to) ? [need(file.columns[i]).name] : [],
  );
