import { LoadChart } from '@/client/ahead';
import { Body, Soft } from '@/client/ui';
import type { AddedLoad as Compared } from '@/contract/load';
import { figure, plural, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

interface OthersProps {
  others: Compared['others'];
  today: PlainDate;
}

interface Props {
  compared: Compared;
  label: string;
  today: PlainDate;
}

/** What is asked for in each week with what would be added, what finds no day, and whose promise breaks. */
export const AddedLoad = ({ compared, label, today }: Props) => (
  <>
    <LoadChart
      weeks={compared.load.map(({ monday, before, after, capacity }) => ({
        monday,
        base: Math.min(before, after),
        added: Math.max(0, after - before),
        capacity,
      }))}
      baseLabel="asked for already"
      addedLabel={label}
    />
    <Others others={compared.others} today={today} />
    <Body>{slipSentence(compared)}</Body>
    {compared.slipsFirst.map(({ personId, name, on }) => (
      <Soft key={personId}>{`${name}, ${shortDate(on, today)}`}</Soft>
    ))}
    {compared.noDay > 0 ? (
      <Body>{`${plural(compared.noDay, 'touch', 'touches')} more would find no day in the next 13 weeks:`}</Body>
    ) : null}
    {compared.noDayFirst.slice(0, NAMED).map(({ personId, name, kind, on, why }) => (
      <Soft key={`${personId} ${kind} ${on}`}>
        {`${name}, ${KIND_WORDS[kind].noun} of ${shortDate(on, today)}. ${why}`}
      </Soft>
    ))}
    {compared.noDay > NAMED ? <Soft>{`and ${figure(compared.noDay - NAMED)} more`}</Soft> : null}
  </>
);

/** What becomes of other touches that are planned already. */
function Others({ others: { moved, gone, fromToday, first }, today }: OthersProps) {
  if (moved + gone === 0) return <Body>No other touch moves.</Body>;
  const parts = [
    moved > 0 ? `${plural(moved, 'other touch moves', 'other touches move')} to another day` : '',
    gone > 0 ? `${plural(gone, 'other touch is', 'other touches are')} dropped` : '',
  ].filter(Boolean);
  const ofToday = fromToday > 0 ? ` Planned for today: ${figure(fromToday)} of them.` : '';
  return (
    <>
      <Body>{`In the next 13 weeks, ${parts.join(' and ')}.${ofToday}`}</Body>
      {first.map(({ personId, name, kind, from, to }) => (
        <Soft key={`${personId} ${kind} ${from}`}>
          {`${name}: ${KIND_WORDS[kind].noun} on ${shortDate(from, today)} ${to ? `moves to ${shortDate(to, today)}` : 'is dropped'}`}
        </Soft>
      ))}
      {moved + gone > first.length ? (
        <Soft>{`and ${figure(moved + gone - first.length)} more`}</Soft>
      ) : null}
    </>
  );
}

/** So many of those that find no day are named. */
const NAMED = 5;

/** What a plan does to promises, beside the one that is. */
function slipSentence({ slipsBefore, slipsAfter }: Compared): string {
  const more = slipsAfter - slipsBefore;
  if (more > 0)
    return `${plural(more, 'more promise', 'more promises')} would be broken in the next 13 weeks:`;
  if (more < 0)
    return `${plural(-more, 'promise', 'promises')} more would be kept in the next 13 weeks.`;
  return 'It breaks no promise in the next 13 weeks.';
}
