import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Button, Card, Lead, Linked, LinkedButton, Soft } from '@/client/ui';
import { moveMessage, type Message } from '@/contract/messages';

import { whatItIs } from './message-words';

/** Why a message does not go, in two words. */
const LABELS: Record<Message['remedy'], string> = {
  '': 'did not go',
  address: 'no way there',
  consent: 'not asked yet',
  words: 'words missing',
  carrier: 'nothing takes it',
  release: 'held by you',
  unclear: 'in doubt',
  again: 'did not go',
  days: 'no day for it',
  late: 'too late',
};
/** A no is no lack: it is said as one. */
export const labelOf = ({ remedy, why }: Pick<Message, 'remedy' | 'why'>): string =>
  remedy === 'consent' && why.startsWith('They said no') ? 'said no' : LABELS[remedy];
const TONES: Partial<Record<Message['remedy'], string>> = { consent: 'text-warn', release: '' };

type Move = 'release' | 'cancel' | 'again' | 'went';

/** The ways on from where a message is, the likeliest first. */
const WAYS: Record<Message['remedy'], readonly [Move, string][]> = {
  '': [],
  release: [
    ['release', 'Let it go'],
    ['cancel', 'Leave it out'],
  ],
  unclear: [
    ['again', 'Send it again'],
    ['went', 'It arrived'],
  ],
  again: [
    ['again', 'Try again'],
    ['cancel', 'Leave it out'],
  ],
  address: [['cancel', 'Leave it out']],
  consent: [['cancel', 'Leave it out']],
  words: [['cancel', 'Leave it out']],
  carrier: [['cancel', 'Leave it out']],
  days: [['cancel', 'Leave it out']],
  late: [
    ['release', 'Send anyway'],
    ['cancel', 'Leave it out'],
  ],
};

/** Where what is missing can be put right. */
const REMEDIES: Partial<Record<Message['remedy'], [label: string, href: (m: Message) => string]>> =
  {
    address: ['Another address', ({ personId }) => `/people/${personId}`],
    consent: ['Their sheet', ({ personId }) => `/people/${personId}`],
    words: ['Put the words right', ({ id }) => `/out/${id}`],
    carrier: ['Set it up', () => '/out/carriers'],
  };

/** A message that does not go: why, and the ways on. */
export function WaitingCard({ message }: { message: Message }) {
  const move = useWrite(moveMessage);
  const { id, name, personId, why, remedy } = message;
  const [label, href] = REMEDIES[remedy] ?? [];
  return (
    <Card className="gap-1">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Linked href={`/people/${personId}`} className="min-w-0 shrink">
          <Lead>{name}</Lead>
        </Linked>
        <Soft className={TONES[remedy] ?? 'text-danger'}>{labelOf(message)}</Soft>
      </View>
      <Linked href={`/out/${id}`}>
        <Soft>{`${whatItIs(message)}. ${why}`}</Soft>
      </Linked>
      <View className="flex-row flex-wrap gap-2 pt-1">
        {label && href ? <LinkedButton href={href(message)} label={label} /> : null}
        {WAYS[remedy].map(([what, words]) => (
          <Button
            key={what}
            weight={what === 'cancel' ? 'quiet' : 'plain'}
            label={words}
            spoken={`${words}: ${name}`}
            disabled={move.isPending}
            onPress={() => move.mutate({ params: { id }, body: { move: what } })}
          />
        ))}
      </View>
    </Card>
  );
}
