import type { CallInput } from '@/contract/endpoint';
import type { editPerson } from '@/contract/people';

/** A change of a person's record, without the version that it was made on. */
export type FieldChange = Omit<NonNullable<CallInput<typeof editPerson>['body']>, 'version'>;
