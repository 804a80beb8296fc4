import type { MergeRows } from '../act';

/** On the same cadence twice: the one who stays goes on, the other's round is stopped. */
export const mergeEnrolments: MergeRows = async (tx, keepId, goneId) => {
  const both = [keepId, goneId];
  await tx.query(
    `update enrolment e set stopped_on = e.start_on, stop_reason = 'Merged'
     where e.person_id = $2::uuid and e.open and exists (select 1 from enrolment k
       where k.person_id = $1::uuid and k.cadence_id = e.cadence_id and k.open)`,
    both,
  );
  await tx.query('update enrolment set person_id = $1::uuid where person_id = $2::uuid', both);
};
