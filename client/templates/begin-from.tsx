import { useRead } from '@/client/api';
import { Select } from '@/client/ui';
import type { KeptFile } from '@/contract/files';
import { listTemplates, type TemplateKind, type Words } from '@/contract/templates';

import { wordingName } from './template-words';

/** Words as they are being written, and what they were begun from. */
export interface Writing extends Words {
  files: KeptFile[];
  template: { id: string; wordingId: string } | null;
}

export const NOTHING_WRITTEN: Writing = {
  subject: '',
  words: '',
  html: '',
  files: [],
  template: null,
};

/** What a message to be written holds, as the contract has it. */
export const bodyOf = ({ files, ...rest }: Writing) => ({
  ...rest,
  files: files.map(({ id }) => id),
});

interface Props {
  kind: TemplateKind;
  writing: Writing;
  onBegin: (writing: Writing) => void;
}

/** Begins with the words of a template of this kind; nothing where there is none. */
export function BeginFrom({ kind, writing, onBegin }: Props) {
  const all = useRead(listTemplates).data?.templates ?? [];
  const choices = all
    .filter((template) => template.kind === kind)
    .flatMap(({ id, name, wordings, files }) =>
      wordings.map(({ id: wordingId, ...words }, at) => ({
        value: wordingId,
        label: wordings.length > 1 ? `${name}: ${wordingName(at).toLowerCase()}` : name,
        writing: { ...words, files, template: { id, wordingId } },
      })),
    );
  if (choices.length === 0) return null;
  return (
    <Select
      label="Begin from"
      className="w-[320px]"
      value={writing.template?.wordingId ?? ''}
      options={[{ value: '', label: 'Words of my own' }, ...choices]}
      onChange={(value) => {
        const found = choices.find((one) => one.value === value);
        onBegin(found ? found.writing : { ...writing, template: null });
      }}
    />
  );
}
