import { useRead } from '@/client/api';
import { Body, Spread, Title, Waiting } from '@/client/ui';
import { readCarriers } from '@/contract/carriers';

import { MailForm } from './mail-form';
import { MailboxForm } from './mailbox-form';
import { TextsForm } from './texts-form';
import { WhoWrites } from './who-writes';

/** What takes messages away and brings answers back, and who writes them. */
export function CarriersScreen() {
  const carriers = useRead(readCarriers);
  return (
    <Spread beside={<WhoWrites />}>
      <Title>Carriers</Title>
      <Body>
        Pen Pal sends through a mail server and a text gateway of yours, and reads answers from your
        mailbox. Passwords are kept sealed here and never shown again.
      </Body>
      <Waiting query={carriers}>
        {(all) => (
          <>
            <MailForm saved={all.mail} signing={all.signing} />
            <MailboxForm saved={all.mailbox} />
            <TextsForm saved={all.texts} />
          </>
        )}
      </Waiting>
    </Spread>
  );
}
