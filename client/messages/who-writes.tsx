import { useRead, useWriteForm } from '@/client/api';
import { Heading, SaveBar, Soft, TextField, Waiting } from '@/client/ui';
import { getSettings, saveSettings } from '@/contract/settings';

/** The owner as readers see them: in fields, signatures and below what goes by itself. */
export function WhoWrites() {
  const settings = useRead(getSettings);
  return (
    <Waiting query={settings}>
      {({
        settings: { ownerName, ownerEmail, ownerPhone, ownerCompany, ownerAddress, signature },
      }) => (
        <OwnerForm
          values={{ ownerName, ownerEmail, ownerPhone, ownerCompany, ownerAddress, signature }}
        />
      )}
    </Waiting>
  );
}

type Owner = Record<
  'ownerName' | 'ownerEmail' | 'ownerPhone' | 'ownerCompany' | 'ownerAddress' | 'signature',
  string
>;

function OwnerForm({ values }: { values: Owner }) {
  const form = useWriteForm(saveSettings, {
    values,
    toInput: (body: Owner) => ({ body }),
    keepAs: 'who writes',
  });
  return (
    <>
      <Heading>Who writes</Heading>
      <Soft>
        What goes by itself has your postal address below it, which the law of several countries
        wants, and a way to get no more.
      </Soft>
      <TextField of={form} name="ownerName" label="Your name" />
      <TextField of={form} name="ownerCompany" label="Your firm" />
      <TextField of={form} name="ownerEmail" label="Your e-mail" />
      <TextField of={form} name="ownerPhone" label="Your phone" />
      <TextField of={form} name="ownerAddress" label="Your postal address" multiline />
      <TextField of={form} name="signature" label="Your signature" multiline />
      <SaveBar form={form} spoken="Keep who writes" onlyChanged />
    </>
  );
}
