import { useState } from 'react';

import { BeginFrom, FilesAlong, WordsFields, type Writing } from '@/client/templates';
import { Choice } from '@/client/ui';

export type WrittenKind = 'email' | 'text';

const KINDS = [
  { value: 'email', label: 'E-mail' },
  { value: 'text', label: 'Text' },
] as const;

interface Props {
  kind: WrittenKind;
  onKind: (kind: WrittenKind) => void;
  writing: Writing;
  onWriting: (writing: Writing) => void;
  /** As one reader has them, where there is one alone. */
  subjectHint?: string | undefined;
  filled?: string | undefined;
}

/** What a message is written with: the way it goes, what it begins from, its words, and what goes along. */
export function Composer({ kind, onKind, writing, onWriting, subjectHint, filled }: Props) {
  // Other words come in from a template: the fields begin anew with them.
  const [begun, setBegun] = useState(0);
  return (
    <>
      <Choice label="How" value={kind} options={KINDS} onChange={onKind} />
      <BeginFrom
        kind={kind}
        writing={writing}
        onBegin={(next) => {
          onWriting(next);
          setBegun(begun + 1);
        }}
      />
      <WordsFields
        key={begun}
        kind={kind}
        words={writing}
        onChange={(changed) => onWriting({ ...writing, ...changed })}
        subjectHint={subjectHint}
        filled={filled}
      />
      {kind === 'email' ? (
        <FilesAlong files={writing.files} onChange={(files) => onWriting({ ...writing, files })} />
      ) : null}
    </>
  );
}
