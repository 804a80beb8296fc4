import { useState } from 'react';
import { View } from 'react-native';

import { Body, DisclosureButton, Soft } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import type { getDesk } from '@/contract/touches';
import { plural, spokenDate } from '@/core/time';
import { caughtUpWords } from '@/core/touches';

type Desk = CallOutput<typeof getDesk>;

/** So few may be overdue on any day. */
const A_FEW = 4;

/** After weeks away: how much is overdue, and by when the plan has worked it off. */
export function Backlog({ desk: { backlog, today } }: { desk: Desk }) {
  if (backlog.overdue <= A_FEW) return null;
  return (
    <Body>{`${backlog.overdue} people are overdue. ${caughtUpWords(backlog.caughtUpOn, today)}`}</Body>
  );
}

/** What was due by today and is planned for a later day. */
export function Moved({ desk }: { desk: Desk }) {
  const [open, setOpen] = useState(false);
  if (desk.movedCount === 0) return null;
  const names = desk.moved.map(
    ({ name, day }) => `${name}, ${day ? spokenDate(day, desk.today) : 'no day yet'}`,
  );
  return (
    <View className="gap-1 pt-2">
      <Soft>{`${plural(desk.movedCount, 'touch', 'touches')} moved from today to later days.`}</Soft>
      <DisclosureButton
        weight="quiet"
        className="self-start"
        label="Show them"
        openLabel="Hide"
        open={open}
        onToggle={() => setOpen(!open)}
      />
      {open ? names.map((line, i) => <Body key={i}>{line}</Body>) : null}
      {open && desk.movedCount > names.length ? (
        <Soft>{`and ${desk.movedCount - names.length} more`}</Soft>
      ) : null}
    </View>
  );
}
