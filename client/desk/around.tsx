import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Linked, Soft } from '@/client/ui';
import { listWaiting } from '@/contract/enrolments';
import { listRotas } from '@/contract/rota';
import { plural, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

/** This week's letters of each rota, and how many of them are reached. */
export function RotaWeek() {
  const rotas = useRead(listRotas, {}, { keepPrevious: true });
  return (rotas.data?.rotas ?? []).map((rota) => (
    <Linked
      key={rota.cadenceId}
      href={`/cadences/rota?id=${rota.cadenceId}`}
      className="min-h-[44px] justify-center"
    >
      <Soft>
        {`This week ${rota.letters.join(' and ')}, week ${rota.week} of ${rota.weeks}: ${rota.reached} of ${plural(rota.people, 'person', 'people')} reached.`}
      </Soft>
    </Linked>
  ));
}

/** So many of them are listed. */
const SHOWN = 50;

/** What goes out by itself and waits for sending to be set up. */
export function WaitingToGo({ today }: { today: PlainDate }) {
  const [open, setOpen] = useState(false);
  const waiting = useRead(listWaiting, {}, { keepPrevious: true });
  const { total = 0, items = [], heldTotal = 0, held = [] } = waiting.data ?? {};
  if (total + heldTotal === 0) return null;
  return (
    <View className="gap-1 pt-2">
      {total > 0 ? (
        <Soft>
          {`${plural(total, 'message is', 'messages are')} ready to go out by themselves and wait until sending is set up.`}
        </Soft>
      ) : null}
      {heldTotal > 0 ? (
        <Soft>{`${plural(heldTotal, 'message is', 'messages are')} held back: a no, or a yes that is missing.`}</Soft>
      ) : null}
      <Button
        weight="quiet"
        className="self-start"
        label={open ? 'Hide the messages' : 'Which messages'}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open
        ? [...items, ...held].slice(0, SHOWN).map((item) => (
            <Linked key={item.key} href={`/people/${item.personId}`}>
              <Body>
                {`${item.name}: ${KIND_WORDS[item.kind].noun} of ${item.cadence}, ${shortDate(item.on, today)}${'why' in item ? `. ${item.why}` : ''}`}
              </Body>
            </Linked>
          ))
        : null}
    </View>
  );
}
