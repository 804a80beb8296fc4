import { View } from 'react-native';

import { Body, Button, Card, Heading, Linked, Soft } from '@/client/ui';
import type { LookAlike } from '@/contract/people';

interface Props {
  list: readonly LookAlike[];
  busy: boolean;
  onEnrich: (id: string) => void;
}

/** Who is here already and may be the same person, with the evidence. */
export function LookAlikes({ list, busy, onEnrich }: Props) {
  if (list.length === 0) return null;
  return (
    <Card className="gap-2">
      <Heading>Here already?</Heading>
      {list.map(({ id, name, verdict, evidence }) => (
        <View key={id} className="flex-row flex-wrap items-center gap-x-3">
          <Linked href={`/people/${id}`} className="min-h-[44px] justify-center">
            <Body className="text-sea">{name}</Body>
          </Linked>
          <Soft className="flex-1">
            {`${verdict === 'sure' ? 'surely' : 'perhaps'}: ${evidence.join(', ')}`}
          </Soft>
          <Button
            label="Add this to them"
            spoken={`Add this to ${name}`}
            disabled={busy}
            onPress={() => onEnrich(id)}
          />
        </View>
      ))}
      <Soft>“Add” below makes somebody of their own all the same.</Soft>
    </Card>
  );
}
