import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Card, DisclosureButton, Lead, Linked, Soft } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { listMeant, settleMeant, type MEANT_FATES } from '@/contract/touches';
import { countInWords, figure, sentenceCase, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

type Meant = CallOutput<typeof listMeant>['items'][number];
type Fate = (typeof MEANT_FATES)[number];

const FATES: readonly { fate: Fate; label: string }[] = [
  { fate: 'keep', label: 'Keep' },
  { fate: 'later', label: 'In four weeks' },
  { fate: 'drop', label: 'Drop' },
];

/** What was meant to be done more than a week ago, gathered in one look instead of filling the day. */
export function MeantToDo({ today }: { today: PlainDate }) {
  const [open, setOpen] = useState(false);
  const meant = useRead(listMeant, {}, { keepPrevious: true }).data;
  const settle = useWrite(settleMeant);
  if (!meant || meant.total === 0) return null;
  const decide = (ids: string[]) => (fate: Fate) => settle.mutate({ body: { ids, fate } });
  const all = `${sentenceCase(countInWords(meant.total))} ${meant.total === 1 ? 'thing' : 'things'} you meant to do`;
  return (
    <Card className="gap-2">
      <View className="flex-row flex-wrap items-center justify-between gap-x-3">
        <Lead>{all}</Lead>
        <DisclosureButton
          weight="quiet"
          label="Look at them"
          openLabel="Hide"
          open={open}
          onToggle={() => setOpen(!open)}
        />
      </View>
      <Soft>They are more than a week old and wait here, not among the touches of today.</Soft>
      {open
        ? meant.items.map((one) => (
            <Thing
              key={one.id}
              one={one}
              today={today}
              busy={settle.isPending}
              onFate={decide([one.id])}
            />
          ))
        : null}
      {open && meant.total > meant.items.length ? (
        <Soft>{`and ${figure(meant.total - meant.items.length)} more`}</Soft>
      ) : null}
      {open && meant.total > 1 ? (
        <Fates of="all" busy={settle.isPending} onFate={decide(meant.items.map(({ id }) => id))} />
      ) : null}
    </Card>
  );
}

interface ThingProps {
  one: Meant;
  today: PlainDate;
  busy: boolean;
  onFate: (fate: Fate) => void;
}

const Thing = ({ one, today, busy, onFate }: ThingProps) => (
  <View className="border-t border-line pt-2">
    <Linked href={`/people/${one.personId}`} className="min-h-[44px] justify-center">
      <Body className="text-sea">{one.name}</Body>
    </Linked>
    <Body>{`${sentenceCase(KIND_WORDS[one.kind].noun)}, ${shortDate(one.on, today)}${one.words ? `: ${one.words}` : ''}`}</Body>
    <Fates of={one.name} busy={busy} onFate={onFate} />
  </View>
);

interface FatesProps {
  of: string;
  busy: boolean;
  onFate: (fate: Fate) => void;
}

const Fates = ({ of, busy, onFate }: FatesProps) => (
  <View className="-ml-2 flex-row flex-wrap gap-x-2">
    {FATES.map(({ fate, label }) => (
      <Button
        key={fate}
        weight="quiet"
        label={of === 'all' ? `${label}, all` : label}
        spoken={`${label}: ${of}`}
        disabled={busy}
        onPress={() => onFate(fate)}
      />
    ))}
  </View>
);
