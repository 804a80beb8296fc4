import { Text, type TextProps } from 'react-native';

type Props = TextProps & { className?: string };

/** The name of a screen or a person. */
export const Title = ({ className = '', ...rest }: Props) => (
  <Text
    role="heading"
    aria-level={1}
    className={`font-serif text-[1.875rem] leading-9 text-ink ${className}`}
    {...rest}
  />
);

/** A name in a list, or a sentence that carries a screen. */
export const Lead = ({ className = '', ...rest }: Props) => (
  <Text className={`font-serif text-[1.25rem] leading-7 text-ink ${className}`} {...rest} />
);

/** The heading of a section. */
export const Heading = ({ className = '', ...rest }: Props) => (
  <Text
    role="heading"
    aria-level={2}
    className={`font-sans-semibold text-[0.9375rem] leading-6 text-ink ${className}`}
    {...rest}
  />
);

/** Of two colors the one that stands later in the style sheet would win, not the one that is asked for. */
const inkUnlessColored = (className: string): string =>
  /(^| )text-(danger|warn|sea|soft)( |$)/.test(className) ? '' : 'text-ink';

export const Body = ({ className = '', ...rest }: Props) => (
  <Text
    className={`font-sans text-[0.9375rem] leading-6 ${inkUnlessColored(className)} ${className}`}
    {...rest}
  />
);

export const Soft = ({ className = '', ...rest }: Props) => (
  <Text className={`font-sans text-[0.875rem] leading-5 text-soft ${className}`} {...rest} />
);

/** Words to say or write. */
export const Words = ({ className = '', ...rest }: Props) => (
  <Text
    className={`border-l-2 border-line pl-3 font-serif-italic text-[1.0625rem] leading-6 text-ink ${className}`}
    {...rest}
  />
);

/** What went wrong, at the place where it did; screen readers are told at once. */
export const Fault = ({ className = '', ...rest }: Props) => (
  <Text
    role="alert"
    className={`font-sans text-[0.9375rem] leading-6 text-danger ${className}`}
    {...rest}
  />
);
