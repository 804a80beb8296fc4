import { View } from 'react-native';

import { Body, Soft } from '@/client/ui';
import type { IncomingPerson } from '@/contract/imports';

/** Who comes in, what of it is a guess or a fault, and who they are already. */
export function PersonHead({ person }: { person: IncomingPerson }) {
  const { name, nameGuessed, faults, same } = person;
  return (
    <View className="gap-0.5">
      <Body className="font-sans-semibold">{name}</Body>
      {nameGuessed ? <Soft className="text-warn">The split of the name is a guess.</Soft> : null}
      {same ? (
        <Soft>
          {`${same.verdict === 'sure' ? 'Is' : 'May be'} ${same.other}: ${same.evidence.join(', ')}`}
        </Soft>
      ) : null}
      {same?.differs.map(({ what, here, there }) => (
        <Soft key={what}>
          {same.verdict === 'sure'
            ? `${what}: ${here} stays, “${there}” goes into a note`
            : `${what}: ${there}, not ${here}`}
        </Soft>
      ))}
      {faults.map((why, i) => (
        <Soft key={i} className="text-danger">
          {why}
        </Soft>
      ))}
    </View>
  );
}
