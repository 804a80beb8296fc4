import { useState } from 'react';

import { Body, Chooser, PageList } from '@/client/ui';
import { fold } from '@/core/people';

const TAGS = Array.from({ length: 130 }, (_, n) => ({ id: String(n), name: `tag ${n}` }));

export const ListSample = () => (
  <PageList
    label="Tags"
    items={TAGS}
    idOf={({ id }) => id}
    textOf={({ name }) => name}
    page={5}
    empty="Nothing is on this list yet."
  >
    {({ name }) => <Body>{name}</Body>}
  </PageList>
);

const PEOPLE = Array.from({ length: 20_000 }, (_, n) => ({
  id: String(n),
  name: `Given${n} Family${n % 97}`,
  about: 'Harbor',
}));
const SHOWN = 6;

export function ChooserSample() {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState('Nobody');
  const found = PEOPLE.filter(({ name }) => fold(name).includes(fold(text)));
  return (
    <>
      <Chooser
        label="Who sent them"
        text={text}
        onText={setText}
        found={found.slice(0, SHOWN)}
        total={found.length}
        onChoose={({ name }) => setChosen(name)}
        onName={setChosen}
      />
      <Body>{`${chosen} is chosen.`}</Body>
    </>
  );
}
