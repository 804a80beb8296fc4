import { View } from 'react-native';

import { Button, Soft } from '@/client/ui';
import type { RESUME_MODES } from '@/contract/enrolments';

interface Props {
  /** Days of the calendar don't move: only catching up makes sense. */
  calendar: boolean;
  busy: boolean;
  onResume: (mode: (typeof RESUME_MODES)[number]) => void;
}

/** The two ways to go on after a pause, with what each does. */
export const Resume = ({ calendar, busy, onResume }: Props) => (
  <View className="gap-2">
    {calendar ? null : (
      <View className="flex-row flex-wrap items-center gap-3">
        <Button label="Carry on" disabled={busy} onPress={() => onResume('carry_on')} />
        <Soft className="flex-1">Where it stopped; everything comes later by the pause.</Soft>
      </View>
    )}
    <View className="flex-row flex-wrap items-center gap-3">
      <Button label="Catch up" disabled={busy} onPress={() => onResume('catch_up')} />
      <Soft className="flex-1">On the days as planned; what was missed is passed over.</Soft>
    </View>
  </View>
);
