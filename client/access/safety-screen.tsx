import { useRead } from '@/client/api';
import { Body, Spread, Title, Waiting } from '@/client/ui';
import { readAccess } from '@/contract/access';

import { Backups } from './backups';
import { Devices } from './devices';
import { PassphraseForm } from './passphrase';

/** Who may come in, and what is kept. */
export function SafetyScreen() {
  const access = useRead(readAccess);
  return (
    <Waiting query={access}>
      {({ guarded, passphrase }) => (
        <Spread beside={<Backups />}>
          <Title>Safety</Title>
          <Body>What clients told you in confidence stays with you.</Body>
          <PassphraseForm guarded={guarded} there={passphrase} />
          {guarded ? <Devices /> : null}
        </Spread>
      )}
    </Waiting>
  );
}
