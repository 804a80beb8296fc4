import { useLocalSearchParams } from 'expo-router';

import { useRead } from '@/client/api';
import { Fault, Page, Waiting } from '@/client/ui';
import { getMessage, MESSAGE_KINDS } from '@/contract/messages';
import { getPerson } from '@/contract/people';

import { Write } from './write';

type Kind = (typeof MESSAGE_KINDS)[number];

/** Writing to one person, from nothing or from what was sent before. */
export function WriteScreen() {
  const {
    person,
    kind = 'email',
    like,
  } = useLocalSearchParams<{
    person: string;
    kind?: string;
    like?: string;
  }>();
  const sheet = useRead(getPerson, { params: { id: person } }, { enabled: Boolean(person) });
  const before = useRead(getMessage, { params: { id: like ?? '' } }, { enabled: Boolean(like) });
  if (!person)
    return (
      <Page>
        <Fault>Choose somebody to write to.</Fault>
      </Page>
    );
  return (
    <Waiting query={sheet}>
      {(found) =>
        like && !before.data && !before.error ? null : (
          <Write
            key={`${person} ${kind} ${like ?? ''}`}
            sheet={found}
            kind={MESSAGE_KINDS.find((one) => one === kind) ?? ('email' satisfies Kind)}
            from={before.data ? { ...before.data, template: null } : null}
          />
        )
      }
    </Waiting>
  );
}
