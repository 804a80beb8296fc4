import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Fault } from '@/client/ui';
import { getSettings } from '@/contract/settings';

/** That the clock of the machine looks wrong, for as long as it does: much depends on the day. */
export function ClockBar() {
  const clock = useRead(getSettings).data?.clock;
  return clock ? (
    <View role="status" className="border-t border-line px-[18px] py-2">
      <Fault>{clock}</Fault>
    </View>
  ) : null;
}
