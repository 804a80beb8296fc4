import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { View } from 'react-native';

import { call, useSettled, type CallFault } from '@/client/api';
import { Body, Fault, Heading, Soft } from '@/client/ui';
import { tryCadence, type CadenceDraft } from '@/contract/cadences';
import type { CallOutput } from '@/contract/endpoint';
import type { Who } from '@/contract/filters';
import { need } from '@/core/need';
import { plural, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { AddedLoad } from './added-load';

type Trial = CallOutput<typeof tryCadence>;

interface Props {
  id: string | null;
  draft: CadenceDraft;
  changed: boolean;
  who: Who | null;
  today: PlainDate;
}

/** What the draft would do: who moves, and the weeks beside those that are planned. */
export function TrialView({ id, draft, changed, who, today }: Props) {
  const asked = useSettled(draft);
  const named = { ...asked, name: asked.name.trim() || 'Untitled' };
  const trial = useQuery<Trial, CallFault>({
    queryKey: ['try-cadence', id, named, who],
    queryFn: ({ signal }) => call(tryCadence, { body: { id, draft: named, who } }, { signal }),
    placeholderData: keepPreviousData,
    enabled: named.beats.length > 0,
    retry: false,
  });
  if (trial.error) return <Fault>{trial.error.message}</Fault>;
  if (!trial.data || (trial.data.running === 0 && trial.data.joining === 0)) return null;
  return (
    <View className="gap-4">
      {changed && trial.data.running > 0 ? <Changed trial={trial.data} today={today} /> : null}
      <Added trial={trial.data} changed={changed} today={today} />
    </View>
  );
}

/** What the plan of the coming weeks would do about it: a touch that finds no day is not moved. */
function InPlan({ planned, today }: { planned: Trial['planned']; today: PlainDate }) {
  const { moved, added, gone, goneFirst } = planned;
  const parts = [
    moved > 0 ? `${plural(moved, 'touch moves', 'touches move')} to another day` : '',
    added > 0 ? `${added} ${added === 1 ? 'comes' : 'come'} in` : '',
    gone > 0 ? `${gone} ${gone === 1 ? 'is' : 'are'} dropped` : '',
  ].filter(Boolean);
  if (parts.length === 0) return null;
  return (
    <>
      <Body>{`In the plan of the next 13 weeks: ${parts.join(', ')}.`}</Body>
      {goneFirst.map(({ personId, name, kind, on }) => (
        <Soft
          key={`${personId} ${on}`}
        >{`${name}: ${KIND_WORDS[kind].noun} on ${shortDate(on, today)} is dropped`}</Soft>
      ))}
      {gone > goneFirst.length ? <Soft>{`and ${gone - goneFirst.length} more`}</Soft> : null}
    </>
  );
}

function Changed({ trial, today }: { trial: Trial; today: PlainDate }) {
  const { changed, running } = trial;
  const parts = [
    changed.moved > 0 ? `${changed.moved} moved` : '',
    changed.added > 0 ? `${changed.added} added` : '',
    changed.dropped > 0 ? `${changed.dropped} dropped` : '',
    changed.turned > 0 ? `${changed.turned} made another way` : '',
  ].filter(Boolean);
  return (
    <View className="gap-1" aria-live="polite">
      <Heading>What saving would change</Heading>
      <Body>
        {changed.people === 0
          ? `Nothing in the coming year for the ${plural(running, 'person', 'people')} on it.`
          : `For ${changed.people} of ${plural(running, 'person', 'people')} on it, in the coming year: ${parts.join(', ')}. Touches made stay as they are.`}
      </Body>
      <InPlan planned={trial.planned} today={today} />
      {changed.examples.slice(0, 3).map((example) => (
        <View key={example.personId}>
          <Soft className="text-ink">{example.name}</Soft>
          {example.changes.slice(0, 4).map((change, i) => (
            <Soft key={i}>{changeWords(change, today)}</Soft>
          ))}
        </View>
      ))}
    </View>
  );
}

function changeWords(
  { kind, from, to }: Trial['changed']['examples'][0]['changes'][0],
  today: PlainDate,
): string {
  const { noun } = KIND_WORDS[kind];
  if (from === null) return `${noun} new on ${shortDate(need(to), today)}`;
  if (to === null) return `${noun} on ${shortDate(from, today)} is dropped`;
  return from === to
    ? `${shortDate(from, today)} becomes a ${noun}`
    : `${noun} from ${shortDate(from, today)} to ${shortDate(to, today)}`;
}

function Added({ trial, changed, today }: Pick<Props, 'changed' | 'today'> & { trial: Trial }) {
  if (trial.joining === 0 && !changed) return null;
  const whom =
    trial.joining > 0 ? ` with the ${plural(trial.joining, 'person', 'people')} chosen` : '';
  return (
    <View className="gap-2">
      <Heading>{`Your weeks${whom}`}</Heading>
      <AddedLoad compared={trial} label="more with this" today={today} />
    </View>
  );
}
