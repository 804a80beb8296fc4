import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';

import { readAgain, useNotify, useWriteForm } from '@/client/api';
import { Body, FormSheet, TextField } from '@/client/ui';
import { erasePerson, type PersonSheet } from '@/contract/people';
import { useQueryClient } from '@tanstack/react-query';

interface Props {
  sheet: PersonSheet;
  onClose: () => void;
  children: ReactNode;
}

/** Erasing asks for the name, because it is final. */
export function Erase({ sheet, onClose, children }: Props) {
  const router = useRouter();
  const client = useQueryClient();
  const notify = useNotify();
  const form = useWriteForm(erasePerson, {
    values: { name: '' },
    toInput: (body: { name: string }) => ({ params: { id: sheet.id }, body }),
    onSaved: ({ sentence }) => {
      notify({ sentence, actionId: null });
      router.navigate('/people');
      void readAgain(client);
    },
  });
  return (
    <FormSheet
      title={`Erase ${sheet.name}`}
      form={form}
      label="Erase for good"
      onlyChanged
      onClose={onClose}
    >
      {children}
      <Body>
        All of it goes now, also from the history and from the files of the database, and can’t be
        brought back.
      </Body>
      <TextField of={form} name="name" label={`Type ${sheet.name} to erase them`} />
    </FormSheet>
  );
}
