import { call } from '@/contract/call';
import type { LogTouch } from '@/contract/touches';
import { getDesk, logTouch, putOff, seeDesk } from '@/contract/touches';
import { moveClock } from '@/contract/settings';
import { addDays } from '@/core/time';
import { completes, outcomesOf } from '@/core/touches';

import { likelyOutcome } from './history';
import type { Random } from './random';
import type { Notes } from './notes';
import { FOLLOW_UPS } from './words';

/**
 * Lives through the days as Marisol would: opens the desk each morning, does most of what is on it,
 * puts a little off, and goes on to the next day. What the desk then shows has really happened.
 */
export async function liveThrough(
  base: string,
  random: Random,
  notes: Notes,
  /** Their number is wrong: nobody ever answers. */
  unreached: ReadonlySet<string>,
  days: number,
  say: (line: string) => void,
): Promise<void> {
  for (let day = 0; day < days; day++) {
    if (day % 14 === 0) say(`  … ${days - day} days of work to go`);
    const desk = await call(getDesk, {}, { base });
    await call(seeDesk, { body: { keys: desk.items.map(({ key }) => key) } }, { base });
    for (const item of desk.items) {
      const unreachable = unreached.has(item.personId);
      if (!unreachable && random.chance(0.04)) {
        const until = addDays(desk.today, random.int(1, 9));
        await call(putOff, { body: { itemKey: item.key, until } }, { base });
      } else if (unreachable || random.chance(0.97)) {
        const outcome = unreachable ? noAnswer(item.kind) : likelyOutcome(random, item.kind);
        const body: LogTouch = {
          personId: item.personId,
          kind: item.kind,
          outcome,
          itemKey: item.key,
        };
        if (completes(outcome) && random.chance(0.35)) body.note = notes.next();
        if (completes(outcome) && random.chance(0.05))
          body.followUp = {
            on: addDays(desk.today, random.int(5, 30)),
            kind: item.kind,
            words: random.pick(FOLLOW_UPS),
          };
        await call(logTouch, { body }, { base });
      }
    }
    await call(moveClock, { body: { days: 1 } }, { base });
  }
}

const noAnswer = (kind: LogTouch['kind']): LogTouch['outcome'] =>
  outcomesOf(kind).includes('no_answer') ? 'no_answer' : 'not_now';
