import { Button, type ButtonProps } from './button';

interface Props extends Omit<ButtonProps, 'spoken' | 'onPress' | 'aria-expanded'> {
  open: boolean;
  onToggle: () => void;
  /** The label while it is open, where it is another. */
  openLabel?: string;
  /** What screen readers say after the label, where it alone is not enough. */
  about?: string;
}

/** A button that shows and hides something else on the screen. */
export function DisclosureButton({ label, openLabel, about, open, onToggle, ...rest }: Props) {
  const shown = (open && openLabel) || label;
  return (
    <Button
      {...rest}
      label={shown}
      {...(about ? { spoken: `${shown} ${about}` } : {})}
      aria-expanded={open}
      onPress={onToggle}
    />
  );
}
