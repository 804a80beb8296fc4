import { Soft } from '@/client/ui';
import type { Message } from '@/contract/messages';
import { dayIn, type PlainDate } from '@/core/time';

import { whenItGoes } from './message-words';

interface Props {
  message: Pick<Message, 'sendAt' | 'there'>;
  timeZone: string;
  today: PlainDate;
}

/** When a message goes, in the owner's hours. */
export const WhenItGoes = ({ message, timeZone, today }: Props) => (
  <Soft className="tabular-nums">
    {whenItGoes(message, timeZone, {
      day: message.sendAt ? dayIn(message.sendAt, timeZone) : null,
      today,
    })}
  </Soft>
);
