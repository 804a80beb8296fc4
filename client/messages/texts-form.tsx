import { useWriteForm } from '@/client/api';
import { Card, Heading, NumberField, SaveBar, SwitchField, TextField } from '@/client/ui';
import { saveTexts } from '@/contract/carriers';

import { Existing, Row, secretHint, secretOf, type SavedProps } from './carrier-parts';

/** What takes texts. */
export function TextsForm({ saved }: SavedProps<'texts'>) {
  const form = useWriteForm(saveTexts, {
    values: {
      ...(saved?.setup ?? { url: '', from: '', ownNumber: false, perMinute: 20, perDay: 200 }),
      key: '',
    },
    toInput: ({ key, ...setup }) => ({ body: { setup, ...secretOf(key) } }),
  });
  return (
    <Card className="gap-3">
      <Heading>Text gateway</Heading>
      <TextField of={form} name="url" label="Web address of the gateway" />
      <Row>
        <TextField
          of={form}
          name="from"
          label="Number that texts come from"
          className="min-w-[160px] flex-1"
        />
        <TextField
          of={form}
          name="key"
          label="Key"
          secureTextEntry
          autoComplete="off"
          hint={secretHint(saved)}
          className="min-w-[160px] flex-1"
        />
      </Row>
      <SwitchField
        of={form}
        name="ownNumber"
        label="It is my own number, which people know. Else each text says who writes."
      />
      <Row>
        <NumberField of={form} name="perMinute" label="Texts a minute" className="w-[150px]" />
        <NumberField of={form} name="perDay" label="Texts a day" className="w-[150px]" />
      </Row>
      <SaveBar form={form} spoken="Keep the text gateway" onlyChanged />
      <Existing kind="texts" is={saved !== null} label="Send me a text" />
    </Card>
  );
}
