import { View } from 'react-native';

import { figure } from '@/core/time';

import { Button } from './button';
import { Soft } from './type';

interface Props {
  /** What is done: "Importing people". */
  what: string;
  done: number;
  /** Of how many; nothing while that is not known. */
  of: number | null;
  onCancel: () => void;
}

/** How far something long is, and the way to call it off. */
export function Progress({ what, done, of, onCancel }: Props) {
  const share = of ? Math.min(1, done / of) : 0;
  return (
    <View>
      <View className="min-h-[52px] flex-row items-center gap-3">
        <Soft className="flex-1" role="status">
          {of ? `${what}: ${figure(done)} of ${figure(of)}` : `${what} …`}
        </Soft>
        <Button weight="quiet" label="Call it off" onPress={onCancel} />
      </View>
      <View
        role="progressbar"
        aria-label={what}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(share * 100)}
        className="h-[3px] bg-line"
      >
        <View className="h-[3px] bg-good" style={{ width: `${Math.round(share * 100)}%` }} />
      </View>
    </View>
  );
}
