import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { Button, Choice, Page, Soft, Title } from '@/client/ui';

import { AddForm } from './add-form';
import { AddLine } from './add-line';
import { Besides, useBesides } from './besides';

type Way = 'line' | 'form';
const WAYS = [
  { value: 'line', label: 'One line' },
  { value: 'form', label: 'Form' },
] as const;

/** Somebody new in seconds: one typed line, or a short form. */
export function AddScreen() {
  const router = useRouter();
  // Added while looking at a tag or a circle, they get what puts them into it.
  const given = useLocalSearchParams<{ tag?: string; circle?: string }>();
  const [way, setWay] = useState<Way>('line');
  const besides = useBesides(given);
  const Form = way === 'line' ? AddLine : AddForm;
  return (
    <Page narrow>
      <Title>Somebody new</Title>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Choice label="How to add" value={way} options={WAYS} onChange={setWay} />
        <Button
          weight="quiet"
          label="Import a list instead"
          onPress={() => router.navigate('/people/import')}
        />
      </View>
      {given.tag ? <Soft>{`They get the tag #${given.tag}.`}</Soft> : null}
      <Form whole={besides.whole}>
        <Besides {...besides} />
      </Form>
    </Page>
  );
}
