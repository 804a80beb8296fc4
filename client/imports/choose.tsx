import { createElement, useState } from 'react';

import { Body, Button, Fault, Field } from '@/client/ui';
import { MAX_FILE_MB, tooLargeSentence } from '@/contract/imports';

import { base64Of } from '@/client/people';
import type { ImportFile } from './use-import';

interface ChooseProps {
  busy: boolean;
  onFile: (file: ImportFile) => void;
}

/** A file of this device. */
export function ChooseFile({ busy, onFile }: ChooseProps) {
  const [fault, setFault] = useState<string | null>(null);
  const choose = async (chosen: globalThis.File | undefined) => {
    setFault(null);
    if (!chosen) return;
    if (chosen.size > MAX_FILE_MB * 2 ** 20) setFault(tooLargeSentence(chosen.size));
    else onFile({ fileName: chosen.name, content: await base64Of(chosen), pasted: false });
  };
  return (
    <>
      <Body>
        A spreadsheet (.xlsx), a CSV file with any column names, or the cards (vCard) of an address
        book. Nothing is written until you have seen what it brings.
      </Body>
      {createElement('input', {
        type: 'file',
        accept:
          '.csv,.txt,.tsv,.xlsx,.vcf,.vcard,text/csv,text/plain,text/vcard,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        'aria-label': 'Spreadsheet, CSV or vCard file',
        disabled: busy,
        className:
          'max-w-full font-sans text-[0.9375rem] text-ink file:mr-3 file:min-h-[44px] file:rounded file:border file:border-solid file:border-ink file:bg-sheet file:px-4 file:font-sans-semibold file:text-ink',
        onChange: (event: { target: HTMLInputElement }) => void choose(event.target.files?.[0]),
      })}
      {fault ? <Fault>{fault}</Fault> : null}
    </>
  );
}

interface PasteProps {
  busy: boolean;
  onText: (file: ImportFile) => void;
}

/** Names and addresses as they were copied. */
export function Paste({ busy, onText }: PasteProps) {
  const [text, setText] = useState('');
  const read = async () =>
    onText({ fileName: 'Pasted names', content: await base64Of(new Blob([text])), pasted: true });
  return (
    <>
      <Field
        label="Names and e-mail addresses, parted by commas, semicolons or lines"
        placeholder={'Rosa Lind <rosa@example.com>\nbo@example.com; Ana Marsh'}
        multiline
        value={text}
        onChangeText={setText}
      />
      <Button
        weight="main"
        className="self-start"
        label="Read it"
        disabled={busy || text.trim() === ''}
        onPress={() => void read()}
      />
    </>
  );
}
