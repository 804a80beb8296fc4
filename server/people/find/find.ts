import { notFound } from '../../api';
import type { Sql } from '../../db';
import * as queries from '../queries';

/** Somebody, or a refusal when they are not in the sphere. */
export async function findOrRefuse(sql: Sql, id: string) {
  const person = await queries.findPerson(sql, id);
  if (!person) throw notFound('This person is not in your sphere any more.');
  return person;
}

/** @throws Refusal where there is no such circle */
export async function assertCircle(sql: Sql, circleId: string | null): Promise<void> {
  if (circleId === null) return;
  const found = await sql.query('select 1 from circle where id = $1::uuid', [circleId]);
  if (found.length === 0) throw notFound('There is no such circle.');
}
