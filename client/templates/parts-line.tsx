import { View } from 'react-native';

import { Button, Soft } from '@/client/ui';
import { countParts, inPlainSigns } from '@/core/messages';
import { plural } from '@/core/time';

const named = (char: string) => (char === '\u00a0' ? 'a hard space' : `“${char}”`);

/** How many parts a text takes, and which signs make it longer; `onPlain` has them written plainly. */
export function PartsLine({ words, onPlain }: { words: string; onPlain?: () => void }) {
  const { parts, left, forcing } = countParts(words);
  const plain = inPlainSigns(words);
  const shorter = countParts(plain);
  const signs = forcing.slice(0, 4).map(({ char }) => named(char));
  return (
    <View className="gap-1">
      <Soft role="status" className="tabular-nums">
        {parts === 0
          ? 'No words yet'
          : `${plural(parts, 'part')}; ${plural(left, 'sign')} left in the last`}
      </Soft>
      {forcing.length > 0 && parts > 0 ? (
        <View className="flex-row flex-wrap items-center gap-x-2">
          <Soft>{`${signs.join(', ')} ${forcing.length === 1 ? 'needs' : 'need'} the long alphabet: 70 signs a part instead of 160.`}</Soft>
          {onPlain && plain !== words ? (
            <Button
              weight="quiet"
              className="-ml-2"
              label={
                shorter.parts < parts
                  ? `Write it plainly: ${plural(shorter.parts, 'part')}`
                  : 'Write it plainly'
              }
              onPress={onPlain}
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}
