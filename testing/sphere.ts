import { addPerson, getPerson } from '@/contract/people';
import type { PersonDraft } from '@/contract/record';
import { addNote } from '@/contract/story';

import type { TestApi } from './api';

/** Shorthands for suites about people. */
export const sphereOf = (api: () => TestApi) => ({
  add: async (draft: PersonDraft) => (await api().call(addPerson, { body: draft })).id,
  sheet: (id: string) => api().call(getPerson, { params: { id } }),
  note: (id: string, body: string) => api().call(addNote, { params: { id }, body: { body } }),
});
