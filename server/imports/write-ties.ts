import type { ImportedPerson, Related } from '@/core/intake';
import { need } from '@/core/need';
import { fold, type TieKind } from '@/core/people';

import type { Sql } from '../db';
import { insertTies, settleHouseholds, tiesOfMany } from '../people';
import * as queries from './queries';
import type { Target } from './write';

/** A tie that a file tells of, of somebody who has come in by now. */
export interface TieToWrite {
  personId: string;
  tie: Related;
}

/** Everybody's id by their place in the file, and by their name where one person alone has it. */
export interface Named {
  idAt: readonly string[];
  byName: ReadonlyMap<string, string>;
}

export const tiesToWrite = (targets: readonly Target[]): TieToWrite[] =>
  targets.flatMap(({ id, rows }) =>
    rows.flatMap(({ related }) => related.map((tie) => ({ personId: id, tie }))),
  );

/** Names that one person alone has, of the file and of the sphere. */
export async function namesMeant(
  sql: Sql,
  people: readonly ImportedPerson[],
  idAt: readonly string[],
): Promise<Named> {
  const wanted = new Set(
    people.flatMap(({ related }) =>
      related
        .filter(({ kind, place }) => kind === 'referred_by' && place === undefined)
        .map(({ name }) => fold(name)),
    ),
  );
  const found = new Map<string, Set<string>>();
  const put = (name: string, id: string) => {
    if (wanted.has(name)) found.set(name, (found.get(name) ?? new Set()).add(id));
  };
  if (wanted.size > 0) {
    people.forEach(({ fields: f }, place) =>
      put(
        fold([f.givenName, f.familyName].filter(Boolean).join(' ') || f.company),
        need(idAt[place]),
      ),
    );
    for (const { id, name } of await queries.everybodysNames(sql)) put(fold(name), id);
  }
  const byName = new Map(
    [...found].flatMap(([name, ids]) =>
      ids.size === 1 ? [[name, need([...ids][0])] as const] : [],
    ),
  );
  return { idAt, byName };
}

interface Kept {
  person_id: string;
  other_id: string | null;
  kind: TieKind;
  other_name: string;
  birthday: string | null;
  words: string;
}

/** Writes ties, each once; who is named and is here is tied, the others stand by name. */
export async function writeTies(
  tx: Sql,
  ties: readonly TieToWrite[],
  { idAt, byName }: Named,
): Promise<void> {
  const wanted = ties.map(({ personId, tie }): Kept => {
    const sender = tie.kind === 'referred_by' ? byName.get(fold(tie.name)) : undefined;
    const other = tie.place === undefined ? sender : idAt[tie.place];
    const known = other !== undefined && other !== personId;
    const [from, to] = tie.reversed && known ? [other, personId] : [personId, other];
    return {
      person_id: from,
      other_id: known ? need(to) : null,
      kind: tie.kind,
      other_name: known ? '' : tie.name,
      birthday: known ? null : (tie.birthday ?? null),
      words: tie.words ?? '',
    };
  });
  const ids = [
    ...new Set(wanted.flatMap((tie) => [tie.person_id, ...(tie.other_id ? [tie.other_id] : [])])),
  ];
  const here = await tiesOfMany(tx, ids);
  const seen = new Set<string>();
  const fresh = wanted.filter((tie) => {
    if (!tie.other_id && !tie.other_name) return false;
    const known = (here.get(tie.person_id) ?? []).some(
      ({ kind, otherId, name }) =>
        kind === tie.kind &&
        (otherId ? otherId === tie.other_id : fold(name) === fold(tie.other_name)),
    );
    const ends = tie.other_id
      ? [tie.person_id, tie.other_id].sort().join(' ')
      : `${tie.person_id} ${fold(tie.other_name)}`;
    // One sender each, and the same tie once, from whichever side it is told.
    const key = tie.kind === 'referred_by' ? `${tie.person_id} sent` : `${ends} ${tie.kind}`;
    const sent =
      tie.kind === 'referred_by' &&
      (here.get(tie.person_id) ?? []).some(({ kind }) => kind === 'referred_by');
    if (known || sent || seen.has(key)) return false;
    seen.add(key);
    return true;
  });
  await insertTies(tx, fresh);
  await settleHouseholds(
    tx,
    fresh.flatMap(({ kind, person_id, other_id }) =>
      kind === 'partner' && other_id ? [person_id, other_id] : [],
    ),
  );
}
