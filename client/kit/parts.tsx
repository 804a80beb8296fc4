import { useState } from 'react';
import { View } from 'react-native';

import {
  Body,
  Button,
  Chip,
  Choice,
  Empty,
  Failed,
  Fault,
  KindMark,
  Lead,
  Loading,
  Progress,
  Soft,
  Toast,
  WarmthMark,
  Words,
} from '@/client/ui';
import { KIND_WORDS, TOUCH_KINDS, WARMTHS } from '@/core/touches';

const nothing = () => {};

export const TypeSample = () => (
  <>
    <Lead>Teodora Vance</Lead>
    <Body>You talked 56 days ago; that keeps all of the 60 you promised.</Body>
    <Soft>Inner circle · Harbor Row</Soft>
    <Words>How is the kitchen coming on?</Words>
    <Fault>“later” is not a phone number.</Fault>
  </>
);

const PACES = [
  { value: 'once', label: 'All on that day' },
  { value: 'phased', label: 'A few each day' },
] as const;

export function ButtonSample() {
  const [chosen, setChosen] = useState(true);
  const [pace, setPace] = useState<'once' | 'phased'>('once');
  return (
    <>
      <View className="flex-row flex-wrap gap-2">
        <Button weight="main" label="Main" />
        <Button label="Plain" />
        <Button weight="quiet" label="Quiet" />
        <Button label="Not now" disabled />
      </View>
      <Chip label="Slipping" detail={7} chosen={chosen} onPress={() => setChosen(!chosen)} />
      <Choice label="How they start" value={pace} options={PACES} onChange={setPace} />
    </>
  );
}

export const MarkSample = () => (
  <View className="flex-row flex-wrap gap-4">
    {TOUCH_KINDS.map((kind) => (
      <View key={kind} className="flex-row items-center gap-1">
        <KindMark kind={kind} />
        <Soft>{KIND_WORDS[kind].noun}</Soft>
      </View>
    ))}
    {WARMTHS.map((warmth) => (
      <View key={warmth} className="flex-row items-center gap-1">
        <WarmthMark warmth={warmth} />
        <Soft>{warmth}</Soft>
      </View>
    ))}
  </View>
);

export function ProgressSample() {
  const [done, setDone] = useState(7_400);
  return (
    <>
      <Progress what="Importing people" done={done} of={20_000} onCancel={() => setDone(0)} />
      <Progress what="Merging" done={0} of={null} onCancel={nothing} />
    </>
  );
}

export const StateSample = () => (
  <>
    <Empty action={<Button label="Add somebody" />}>Nobody is here yet.</Empty>
    <Loading />
    <Failed why="Pen Pal can’t be reached. Check that it is still running." onAgain={nothing} />
  </>
);

export function ToastSample() {
  const [words, setWords] = useState('Noted for Teodora Vance');
  return (
    <>
      <Toast
        sentence={words}
        onUndo={() => setWords('Undone: Noted for Teodora Vance')}
        onDismiss={nothing}
      />
      <Toast sentence="Write something first." onDismiss={nothing} />
    </>
  );
}
