import { LoadChart } from '@/client/planner';
import { Body } from '@/client/ui';
import type { tryCadence } from '@/contract/cadences';
import type { CallOutput } from '@/contract/endpoint';
import { plural } from '@/core/time';

type Compared = Pick<CallOutput<typeof tryCadence>, 'load' | 'slipsBefore' | 'slipsAfter'>;

/** The weeks as they are with what would be added, and what that does to promises. */
export const AddedLoad = ({ compared, label }: { compared: Compared; label: string }) => (
  <>
    <LoadChart
      weeks={compared.load.map(({ monday, before, after, capacity }) => ({
        monday,
        base: Math.min(before, after),
        added: Math.max(0, after - before),
        capacity,
      }))}
      baseLabel="already planned"
      addedLabel={label}
    />
    <Body>{slipSentence(compared)}</Body>
  </>
);

/** What a plan does to promises, beside the one that is. */
function slipSentence({ slipsBefore, slipsAfter }: Compared): string {
  const more = slipsAfter - slipsBefore;
  if (more > 0)
    return `${plural(more, 'more promise', 'more promises')} would be broken in the next 13 weeks.`;
  if (more < 0)
    return `${plural(-more, 'promise', 'promises')} more would be kept in the next 13 weeks.`;
  return 'It breaks no promise in the next 13 weeks.';
}
