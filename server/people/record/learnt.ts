import type { Sql } from '../../db';
import { raiseVersions, rewrite, tagPeople } from '../actions';
import { findOrRefuse } from '../find/find';
import { cleanFields } from './clean-fields';
import { fieldsOf } from './records';

/** What came up in a conversation and belongs on the record. */
export interface Learnt {
  tags: readonly string[];
  /** A day with its name; one called "birthday" becomes theirs where none is known. */
  date: { name: string; on: string } | null;
  /** It is so, whatever was on record: also another birthday. */
  replaces?: boolean;
}

/** Puts what was learnt where it belongs, within the transaction of the touch that brought it. */
export async function learn(
  tx: Sql,
  personId: string,
  { tags, date, replaces = false }: Learnt,
): Promise<void> {
  await tagPeople(
    tx,
    tags.map((tag) => ({ personId, tag })),
  );
  if (tags.length > 0) await raiseVersions(tx, [personId]);
  if (!date) return;
  const present = await findOrRefuse(tx, personId);
  const fields = fieldsOf(present);
  const called = date.name.trim().toLowerCase() === 'birthday';
  const isBirthday = called && (replaces || !fields.birthday);
  const learnt = isBirthday
    ? { birthday: date.on }
    : { dates: [...fields.dates.filter(({ name }) => name !== date.name), date] };
  const checked = await cleanFields(tx, learnt);
  await rewrite(tx, present, { ...fields, ...checked }, present.version);
}
