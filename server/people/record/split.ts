import { asSecond, coupleNamed, importedOf } from '@/core/intake';

import { act } from '../../act';
import { invalid } from '../../api';
import type { Context } from '../../context';
import { newId } from '../../db';
import { rewrite } from '../actions';
import { findOrRefuse } from '../find/find';
import { settleHouseholds } from './households';
import * as queries from '../queries';
import { fieldsOf, toRecord } from './records';
import { insertTie } from './ties';

/** Makes two people of one record that names a couple: partners of one home. The story stays with the first. */
export const splitCouple = (ctx: Context, id: string) =>
  act(ctx, async (tx) => {
    const present = await findOrRefuse(tx, id);
    const fields = fieldsOf(present);
    const couple = coupleNamed(fields);
    if (!couple) throw invalid(`${present.name} is one person by name.`, 'id');
    const [first, second] = couple;
    const stays = { prefix: '', ...first };
    const one = await rewrite(tx, present, { ...fields, ...stays }, present.version);
    const other = toRecord(asSecond(second, importedOf(0, fields)).fields, {
      id: newId(ctx.clock.nowMs()),
      version: 1,
      circleId: present.circle_id,
      ownPromiseDays: present.own_promise_days,
      addedOn: ctx.clock.today(),
      batchId: null,
    });
    await queries.insertPeople(tx, [other]);
    await insertTie(tx, { person_id: id, other_id: other.id, kind: 'partner' });
    const home = await settleHouseholds(tx, [id, other.id]);
    return {
      sentence: `${present.name} are two people now: ${one.name} and ${other.name}`,
      plan: [id, other.id, ...home],
      topics: ['people'],
    };
  });
