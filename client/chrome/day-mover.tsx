import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';

import { call, readAgain, useRead } from '@/client/api';
import { Button, Soft } from '@/client/ui';
import { getSettings, moveClock } from '@/contract/settings';
import { longDate, weekdayName, type PlainDate } from '@/core/time';

const STEPS = [
  { days: 1, label: 'Next day' },
  { days: 7, label: 'A week on' },
] as const;

/** In the demo only: moves the application's day, to watch promises and rounds play out. */
export function DayMover() {
  const { data } = useRead(getSettings);
  const client = useQueryClient();
  const [busy, setBusy] = useState(false);
  const [reached, setReached] = useState<PlainDate | null>(null);
  if (!data?.demo) return null;
  const today = (busy && reached) || data.today;
  const move = async (days: number) => {
    setBusy(true);
    try {
      // One by one, so that what goes by itself on each of them goes.
      for (let n = 0; n < days; n++)
        setReached((await call(moveClock, { body: { days: 1 } })).today);
    } finally {
      setBusy(false);
    }
    await readAgain(client);
  };
  return (
    <View
      role="complementary"
      aria-label="Demo"
      className="flex-row flex-wrap items-center gap-x-2 border-t border-line px-[18px]"
    >
      <Soft className="min-w-[9rem] flex-1" numberOfLines={1}>
        {`Demo: ${weekdayName(today).slice(0, 3)}, ${longDate(today, today)}${busy ? ' …' : ''}`}
      </Soft>
      {STEPS.map(({ days, label }) => (
        <Button
          key={days}
          weight="quiet"
          label={label}
          disabled={busy}
          onPress={() => void move(days)}
        />
      ))}
    </View>
  );
}
