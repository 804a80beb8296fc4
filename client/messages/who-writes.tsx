import { useRead, useWriteForm } from '@/client/api';
import { Heading, SaveBar, Soft, SwitchField, TextField, Waiting } from '@/client/ui';
import { getSettings, saveSettings } from '@/contract/settings';

/** The owner as readers see them: in fields, signatures and below what goes by itself. */
export function WhoWrites() {
  const settings = useRead(getSettings);
  return (
    <Waiting query={settings}>
      {({
        settings: { ownerName, ownerEmail, ownerPhone, ownerCompany, ownerAddress, signature },
        settings: { seesOpens, seesClicks },
      }) => (
        <>
          <OwnerForm
            values={{ ownerName, ownerEmail, ownerPhone, ownerCompany, ownerAddress, signature }}
          />
          <SeenForm values={{ seesOpens, seesClicks }} />
        </>
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

type Seen = Record<'seesOpens' | 'seesClicks', boolean>;

/** What letters tell of their readers. */
function SeenForm({ values }: { values: Seen }) {
  const form = useWriteForm(saveSettings, {
    values,
    toInput: (body: Seen) => ({ body }),
    keepAs: 'what letters tell',
  });
  return (
    <>
      <Heading>What letters tell you</Heading>
      <Soft>
        E-mails that go by themselves or to many can tell that they were opened, and which link was
        followed. Their last lines then say so to the reader. What you write by hand tells nothing.
        Some mail programs open everything, so take it as a hint.
      </Soft>
      <SwitchField of={form} name="seesOpens" label="Tell me when one is opened" />
      <SwitchField of={form} name="seesClicks" label="Tell me when a link is followed" />
      <SaveBar form={form} spoken="Keep what letters tell" onlyChanged />
    </>
  );
}
