import type { ReactNode } from 'react';
import { Pressable, Text, View, type PressableProps } from 'react-native';

type Weight = 'main' | 'plain' | 'quiet';

export interface ButtonProps extends Omit<PressableProps, 'children'> {
  label: string;
  icon?: ReactNode;
  weight?: Weight;
  /** Replaces what screen readers say, where the label alone is not enough. */
  spoken?: string;
  className?: string;
}

const BOX: Record<Weight, string> = {
  main: 'bg-ink px-4',
  plain: 'border border-ink bg-sheet px-4',
  quiet: 'px-2',
};
const TEXT: Record<Weight, string> = { main: 'text-paper', plain: 'text-ink', quiet: 'text-sea' };

export function Button({
  label,
  icon,
  weight = 'plain',
  spoken,
  disabled,
  className = '',
  ...rest
}: ButtonProps) {
  return (
    <Pressable
      role="button"
      aria-label={spoken ?? label}
      disabled={disabled}
      className={`min-h-[44px] max-w-full flex-row items-center justify-center gap-2 rounded ${BOX[weight]} ${disabled ? 'opacity-50' : ''} ${className}`}
      {...rest}
    >
      {icon ? <View aria-hidden>{icon}</View> : null}
      <Text className={`min-w-0 shrink font-sans-semibold text-[0.9375rem] ${TEXT[weight]}`}>
        {label}
      </Text>
    </Pressable>
  );
}
