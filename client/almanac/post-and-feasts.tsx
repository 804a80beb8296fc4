import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Chip, Heading, NumberInput, Select, Soft } from '@/client/ui';
import { getSettings, saveSettings } from '@/contract/settings';
import { FAITH_WORDS, FAITHS } from '@/core/almanac';

const CLASSES = [
  { value: 'first', label: 'First class: up to five days' },
  { value: 'marketing', label: 'Bulk rate: up to ten days' },
] as const;
const MOST_DAYS = 30;

/** How long post takes, and whose feasts the almanac knows. */
export function PostAndFeasts() {
  const settings = useRead(getSettings).data?.settings;
  const save = useWrite(saveSettings);
  if (!settings) return null;
  const { mailClass, productionDays, faiths } = settings;
  const makeIn = (days: number) => {
    if (days >= 0 && days <= MOST_DAYS) save.mutate({ body: { productionDays: days } });
  };
  return (
    <View className="gap-3">
      <Heading>How cards go, and whose feasts you look at</Heading>
      <View className="flex-row flex-wrap gap-3">
        <Select
          label="By post"
          className="w-[260px]"
          value={mailClass}
          options={CLASSES}
          onChange={(value) => save.mutate({ body: { mailClass: value } })}
        />
        <NumberInput
          label="From writing to the mailbox"
          unit="working days"
          value={productionDays}
          onChange={(value) => makeIn(Number(value ?? 0))}
        />
      </View>
      <Soft>
        The days count from your postal code to theirs: two near by, up to the most further off.
        Sundays and postal holidays carry nothing.
      </Soft>
      <View role="group" aria-label="Feasts of" className="flex-row flex-wrap gap-x-4">
        {FAITHS.map((faith) => {
          const chosen = faiths.includes(faith);
          return (
            <Chip
              key={faith}
              label={FAITH_WORDS[faith]}
              chosen={chosen}
              onPress={() =>
                save.mutate({
                  body: {
                    faiths: chosen ? faiths.filter((one) => one !== faith) : [...faiths, faith],
                  },
                })
              }
            />
          );
        })}
      </View>
      <Soft>
        Holidays of your country stand under More. Islamic days are those of the calendar of Umm
        al-Qura; where the moon is looked for, they may be a day off.
      </Soft>
    </View>
  );
}
