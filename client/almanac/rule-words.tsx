import { View } from 'react-native';

import { useRead } from '@/client/api';
import { WordsFields } from '@/client/templates';
import { Select, Soft } from '@/client/ui';
import { listTemplates, TEMPLATE_KINDS } from '@/contract/templates';

import type { PartProps } from './rule-parts';

/** Its own words, or those of a template of its kind. */
export function Said({ draft: { kind, subject, words, templateId }, onChange }: PartProps) {
  const templates = (useRead(listTemplates).data?.templates ?? []).filter(
    (one) => one.kind === kind,
  );
  return (
    <View className="gap-2">
      {templates.length > 0 ? (
        <Select
          label="Whose words"
          value={templateId ?? ''}
          options={[
            { value: '', label: 'Words of its own' },
            ...templates.map(({ id, name }) => ({ value: id, label: `The template “${name}”` })),
          ]}
          onChange={(value) => onChange({ templateId: value === '' ? null : value })}
        />
      ) : null}
      {templateId ? (
        <Soft>Its wordings take turns, so that nobody reads the same one two years running.</Soft>
      ) : (
        <>
          <WordsFields
            kind={TEMPLATE_KINDS.find((one) => one === kind) ?? 'call'}
            words={{ subject, words, html: '' }}
            onChange={(next) => onChange({ subject: next.subject, words: next.words })}
            plainOnly
          />
          {words.trim() ? (
            <Soft>
              Everybody reads these words each year. Of a template with several wordings, nobody
              reads the same one two years running.
            </Soft>
          ) : null}
        </>
      )}
    </View>
  );
}
