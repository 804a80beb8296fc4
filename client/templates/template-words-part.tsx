import { View } from 'react-native';

import { Button, Chip, Fault, Select } from '@/client/ui';
import { MOST_WORDINGS, type Template } from '@/contract/templates';
import { need } from '@/core/need';

import { FilesAlong } from './files';
import { Mend } from './mend';
import { KIND_OPTIONS, wordingName } from './template-words';
import { blankWording, type useTemplate } from './use-template';
import { WordsFields } from './words-fields';

interface Props {
  of: ReturnType<typeof useTemplate>;
  saved: Template | null;
}

/** The wordings of a template, one in hand, and what is to be said of it. */
export function TemplateWords({ of, saved }: Props) {
  const { draft, set, wording, setWording, check } = of;
  return (
    <>
      {saved && saved.usedBy.length > 0 ? null : (
        <Select
          label="How it goes"
          className="w-[220px]"
          value={draft.kind}
          options={KIND_OPTIONS}
          onChange={(kind) =>
            set({
              kind,
              // What is no e-mail is plain.
              ...(kind === 'email'
                ? {}
                : { wordings: draft.wordings.map((one) => ({ ...one, html: '' })), files: [] }),
            })
          }
        />
      )}
      <Wordings of={of} />
      <WordsFields key={wording.id} kind={draft.kind} words={wording} onChange={setWording} />
      {draft.kind === 'email' ? (
        <FilesAlong files={draft.files} onChange={(files) => set({ files })} />
      ) : null}
      {check?.faults.map((fault) => (
        <Fault key={fault}>{fault}</Fault>
      ))}
      {check && check.faults.length === 0 ? (
        <Mend check={check} words={wording} onWords={setWording} />
      ) : null}
    </>
  );
}

function Wordings({ of: { draft, set, at, setAt } }: Pick<Props, 'of'>) {
  const { wordings } = draft;
  return (
    <View className="flex-row flex-wrap items-center gap-x-4">
      {wordings.length > 1 ? (
        <View role="radiogroup" aria-label="Wording" className="flex-row flex-wrap gap-x-4">
          {wordings.map(({ id }, n) => (
            <Chip
              key={id}
              role="radio"
              label={n === at ? `${wordingName(n)} wording` : wordingName(n)}
              chosen={n === at}
              onPress={() => setAt(n)}
            />
          ))}
        </View>
      ) : null}
      {wordings.length < MOST_WORDINGS ? (
        <Button
          weight="quiet"
          className="-ml-2"
          label={wordings.length > 1 ? 'One more' : 'Another wording'}
          onPress={() => {
            const html = need(wordings[at]).html ? '<p></p>' : '';
            set({ wordings: [...wordings, { ...blankWording(), html }] });
            setAt(wordings.length);
          }}
        />
      ) : null}
      {wordings.length > 1 ? (
        <Button
          weight="quiet"
          label="Remove this one"
          onPress={() => {
            set({ wordings: wordings.filter((_, n) => n !== at) });
            setAt(Math.max(0, at - 1));
          }}
        />
      ) : null}
    </View>
  );
}
