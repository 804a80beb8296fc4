import { Pressable, Text, View } from 'react-native';

import type { Option } from './field';
import { pressOnSpace } from './keys';

interface ChipProps {
  label: string;
  detail?: string | number;
  chosen: boolean;
  onPress: () => void;
  role?: 'checkbox' | 'radio';
}

/** A word that can be chosen; what is chosen is underlined in ink, not only coloured. */
export function Chip({ label, detail, chosen, onPress, role = 'checkbox' }: ChipProps) {
  return (
    <Pressable
      role={role}
      aria-checked={chosen}
      aria-label={detail === undefined ? label : `${label}, ${detail}`}
      onPress={onPress}
      {...pressOnSpace(onPress)}
      className={`min-h-[44px] max-w-full flex-row items-center gap-1 border-b-2 px-1 ${chosen ? 'border-ink' : 'border-transparent'}`}
    >
      <Text
        className={`min-w-0 shrink text-[0.875rem] ${chosen ? 'font-sans-semibold text-ink' : 'font-sans text-sea'}`}
      >
        {label}
      </Text>
      {detail === undefined ? null : (
        <Text className="font-sans text-[0.875rem] tabular-nums text-soft">{detail}</Text>
      )}
    </Pressable>
  );
}

interface ChoiceProps<V extends string> {
  label: string;
  value: V;
  options: readonly Option<V>[];
  onChange: (value: V) => void;
}

/** One of a few, all in view. */
export function Choice<V extends string>({ label, value, options, onChange }: ChoiceProps<V>) {
  return (
    <View role="radiogroup" aria-label={label} className="max-w-full flex-row flex-wrap gap-x-4">
      {options.map((option) => (
        <Chip
          key={option.value}
          role="radio"
          label={option.label}
          chosen={option.value === value}
          onPress={() => onChange(option.value)}
        />
      ))}
    </View>
  );
}
