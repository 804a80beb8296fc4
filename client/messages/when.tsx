import { Soft } from '@/client/ui';
import type { Message } from '@/contract/messages';
import { dayIn, type PlainDate } from '@/core/time';

import { whenItGoes } from './message-words';

interface Props {
  message: Pick<Message, 'goAt' | 'there'>;
  timeZone: string;
  today: PlainDate;
}

/** When a message goes, in the owner's hours. */
export const WhenItGoes = ({ message, timeZone, today }: Props) => (
  <Soft className="tabular-nums">
    {whenItGoes(message, timeZone, {
      day: message.goAt ? dayIn(message.goAt, timeZone) : null,
      today,
    })}
  </Soft>
);
