import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { call, useWrite, useWriteForm } from '@/client/api';
import { Fault, SaveBar, TextField } from '@/client/ui';
import { addPerson, enrichPerson, findLookAlikes } from '@/contract/people';

import type { AddProps } from './add-line';
import { LookAlikes } from './look-alikes';

const FIELDS = [
  ['givenName', 'First name'],
  ['familyName', 'Last name'],
  ['phones.0.value', 'Phone'],
  ['emails.0.value', 'E-mail'],
  ['company', 'Company'],
  ['note', 'Note'],
] as const;

const EMPTY = {
  givenName: '',
  familyName: '',
  phones: [{ value: '', label: '' }],
  emails: [{ value: '', label: '' }],
  company: '',
  note: '',
};
type Short = typeof EMPTY;

const isFilled = ({ phones, emails, ...words }: Short): boolean =>
  [...phones, ...emails].some(({ value }) => value) || Object.values(words).some(Boolean);

/** The few fields that are enough to begin with. */
export function AddForm({ whole, children }: AddProps) {
  const router = useRouter();
  const toSheet = ({ id }: { id: string }) => router.navigate(`/people/${id}`);
  const form = useWriteForm(addPerson, {
    values: EMPTY,
    toInput: (draft: Short) => ({ body: whole(draft) }),
    onSaved: toSheet,
    keepAs: 'new person, form',
  });
  const enrich = useWrite(enrichPerson, { tells: false });
  // Looked for when a field is left, not with each key.
  const [draft, setDraft] = useState(EMPTY);
  const look = () => setDraft({ ...form.values() });
  const filled = isFilled(draft);
  const found = useQuery({
    queryKey: ['look-alikes', draft],
    queryFn: ({ signal }) => call(findLookAlikes, { body: { draft } }, { signal }),
    enabled: filled,
    placeholderData: (previous) => previous,
  });
  return (
    <View className="gap-3">
      {FIELDS.map(([name, label]) => (
        <TextField key={name} of={form} name={name} label={label} onEndEditing={look} />
      ))}
      <LookAlikes
        list={filled ? (found.data?.lookAlikes ?? []) : []}
        busy={form.busy || enrich.isPending}
        onEnrich={(id) =>
          enrich.mutate({ params: { id }, body: whole(form.values()) }, { onSuccess: toSheet })
        }
      />
      {children}
      {enrich.error ? <Fault>{enrich.error.message}</Fault> : null}
      <SaveBar form={form} weight="main" label="Add" />
    </View>
  );
}
