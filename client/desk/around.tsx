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

/** What goes out by itself and waits for sending to be set up. */
export function WaitingToGo({ today }: { today: PlainDate }) {
  const [open, setOpen] = useState(false);
  const waiting = useRead(listWaiting, {}, { keepPrevious: true });
  const { total = 0, items = [] } = waiting.data ?? {};
  if (total === 0) return null;
  return (
    <View className="gap-1 pt-2">
      <Soft>
        {`${plural(total, 'message is', 'messages are')} ready to go out by themselves and wait until sending is set up.`}
      </Soft>
      <Button
        weight="quiet"
        className="self-start"
        label={open ? 'Hide the messages' : 'Which messages'}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open
        ? items
            .slice(0, 50)
            .map((item) => (
              <Body key={item.key}>
                {`${item.name}: ${KIND_WORDS[item.kind].noun} of ${item.cadence}, ${shortDate(item.on, today)}`}
              </Body>
            ))
        : null}
    </View>
  );
}
