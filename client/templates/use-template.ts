import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';

import { newId, useRead, useSettled, useWriteForm } from '@/client/api';
import type { KeptFile } from '@/contract/files';
import {
  addTemplate,
  checkWords,
  saveTemplate,
  type Template,
  type TemplateDraft,
  type Wording,
  type Words,
} from '@/contract/templates';
import { asRich } from '@/core/merge-fields';
import { need } from '@/core/need';
import { WORD_PATTERNS } from '@/core/pattern-book';

/** A template as it is being written. */
export type Draft = Omit<TemplateDraft, 'files'> & { files: KeptFile[] };

export const blankWording = (): Wording => ({ id: newId(), subject: '', words: '', html: '' });

export const draftOf = ({ kind, name, wordings, files }: Template): Draft => ({
  kind,
  name,
  wordings,
  files,
});

/** What a new template begins with: a pattern, a copy, or nothing; e-mails as rich words. */
export function startingFrom(pattern: string | undefined, copied: Template | undefined): Draft {
  if (copied)
    return {
      ...draftOf(copied),
      name: `${copied.name}, a copy`,
      wordings: copied.wordings.map((one) => ({ ...one, id: newId() })),
    };
  const found = WORD_PATTERNS.find(({ key }) => key === pattern);
  if (!found)
    return {
      kind: 'email',
      name: '',
      wordings: [{ ...blankWording(), html: '<p></p>' }],
      files: [],
    };
  return {
    kind: found.kind,
    name: found.name,
    wordings: found.wordings.map((words) => ({
      ...blankWording(),
      subject: found.subject ?? '',
      words,
      html: found.kind === 'email' ? asRich(words) : '',
    })),
    files: [],
  };
}

/** The form of a template: kept new, or changed on the version that is shown. */
export function useTemplate(saved: Template | null, first: Draft) {
  const router = useRouter();
  const endpoint = (saved ? saveTemplate : addTemplate) as typeof saveTemplate;
  const form = useWriteForm(endpoint, {
    values: first,
    toInput: (draft: Draft) => {
      const body = { ...draft, files: draft.files.map(({ id }) => id) };
      return saved
        ? { params: { id: saved.id }, body: { ...body, version: saved.version } }
        : { body: body as typeof body & { version: number } };
    },
    onSaved: (done) => {
      if (!saved) router.replace(`/out/words/${(done as typeof done & { id: string }).id}`);
    },
    keepAs: `template ${saved?.id ?? 'new'}`,
  });
  const draft = useWatch({ control: form.control }) as Draft;
  const [at, setAt] = useState(0);
  const wording = draft.wordings[at] ?? need(draft.wordings[0]);
  const set = (part: Partial<Draft>) => {
    for (const [name, value] of Object.entries(part))
      form.set(name as keyof Draft, value as never, { shouldDirty: true });
  };
  const asked = useSettled(JSON.stringify({ kind: draft.kind, ...wording }));
  const check = useRead(
    checkWords,
    { body: JSON.parse(asked) as Words & { kind: Draft['kind'] } },
    { keepPrevious: true },
  ).data;
  return {
    form,
    draft,
    set,
    at: Math.min(at, draft.wordings.length - 1),
    setAt,
    wording,
    /** What is looked at: the words once typing has paused. */
    settled: JSON.parse(asked) as Words,
    check,
    setWording: (words: Words) =>
      set({
        wordings: draft.wordings.map((one) => (one === wording ? { ...one, ...words } : one)),
      }),
  };
}
