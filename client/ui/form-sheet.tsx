import type { ComponentProps, ReactNode } from 'react';

import { Overlay } from './overlay';
import { SaveBar } from './save-bar';

interface Props extends ComponentProps<typeof SaveBar> {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** A form on a sheet laid over the screen, with its ways out at the foot. */
export const FormSheet = ({ title, children, onClose, ...bar }: Props) => (
  <Overlay title={title} onClose={onClose}>
    {children}
    <SaveBar weight="main" onClose={onClose} {...bar} />
  </Overlay>
);
