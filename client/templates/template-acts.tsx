import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, dayOf, DisclosureButton, Fault, SaveBar, Soft, useToday } from '@/client/ui';
import { tryWords } from '@/contract/messages';
import { listTemplateVersions, removeTemplate, type Template } from '@/contract/templates';
import { need } from '@/core/need';
import { longDate } from '@/core/time';

import type { useTemplate } from './use-template';

interface Props {
  of: ReturnType<typeof useTemplate>;
  saved: Template | null;
  reader: string | null;
}

/** What can be done with a template: kept, tried on oneself, copied, deleted. */
export function TemplateActs({ of, saved, reader }: Props) {
  const router = useRouter();
  const remove = useWrite(removeTemplate, { onWritten: () => router.navigate('/out/words') });
  return (
    <View className="gap-2">
      <SaveBar form={of.form} spoken="Keep the template" weight="main" />
      <View className="flex-row flex-wrap gap-x-3">
        <ToMe of={of} reader={reader} />
        {saved ? (
          <Button
            weight="quiet"
            label="Copy it"
            onPress={() => router.navigate(`/out/words/new?copy=${saved.id}` as '/')}
          />
        ) : null}
        {saved && saved.usedBy.length === 0 ? (
          <Button
            weight="quiet"
            label="Delete it"
            disabled={remove.isPending}
            onPress={() => remove.mutate({ params: { id: saved.id } })}
          />
        ) : null}
      </View>
      {saved ? <Before of={of} saved={saved} /> : null}
    </View>
  );
}

/** Sends the words to the owner, as the reader in hand would have them. */
function ToMe({ of: { draft, wording, check }, reader }: Pick<Props, 'of' | 'reader'>) {
  const attempt = useWrite(tryWords, { tells: false });
  const personId = reader ?? check?.readers[0]?.personId;
  if (draft.kind !== 'email' && draft.kind !== 'text') return null;
  const { kind } = draft;
  const { works, outcome } = attempt.data ?? {};
  return (
    <>
      <Button
        weight="quiet"
        className="-ml-2"
        label={attempt.isPending ? 'Sending…' : 'Send it to me'}
        disabled={!personId || attempt.isPending}
        onPress={() =>
          attempt.mutate({
            body: {
              ...wording,
              kind,
              personId: need(personId),
              files: draft.files.map(({ id }) => id),
            },
          })
        }
      />
      {attempt.error ? <Fault>{attempt.error.message}</Fault> : null}
      {outcome ? (
        works ? (
          <Body role="status" className="w-full">
            {outcome}
          </Body>
        ) : (
          <Fault>{outcome}</Fault>
        )
      ) : null}
    </>
  );
}

/** What the template was before each change; one can be taken back into the form. */
function Before({ of, saved }: { of: Props['of']; saved: Template }) {
  const today = useToday();
  const [open, setOpen] = useState(false);
  const list = useRead(listTemplateVersions, { params: { id: saved.id } }, { enabled: open }).data;
  return (
    <View className="gap-1">
      <DisclosureButton
        weight="quiet"
        className="-ml-2 self-start"
        label="Earlier versions"
        openLabel="Hide"
        open={open}
        onToggle={() => setOpen(!open)}
      />
      {open && list?.versions.length === 0 ? <Soft>It was never changed.</Soft> : null}
      {open
        ? list?.versions.map(({ version, savedAt, draft }) => (
            <View key={version} className="min-h-[44px] flex-row items-center gap-2">
              <Soft className="flex-1">
                {`Until ${longDate(dayOf(new Date(savedAt)), today)}: ${draft.name}, “${draft.wordings[0]?.words.slice(0, 60)} …”`}
              </Soft>
              <Button
                weight="quiet"
                label="Take back"
                spoken={`Take back version ${version}`}
                onPress={() => {
                  of.set({ name: draft.name, wordings: draft.wordings.map((one) => ({ ...one })) });
                  of.setAt(0);
                }}
              />
            </View>
          ))
        : null}
    </View>
  );
}
