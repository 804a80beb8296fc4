import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Fault, Heading, Linked, Page, Soft, Title, Waiting } from '@/client/ui';
import {
  keepApart,
  listMerged,
  listSame,
  mergePeople,
  mergeSure,
  splitCouple,
  takeApart,
  type SamePair,
} from '@/contract/same';
import { getSettings } from '@/contract/settings';
import { need } from '@/core/need';
import { longDate, plural } from '@/core/time';

import { Differences, type Taken } from './differences';

/** Pairs that are surely or perhaps one person, side by side, one after another. */
export function SameScreen() {
  const same = useRead(listSame, {}, { keepPrevious: true });
  const all = useWrite(mergeSure);
  return (
    <Page>
      <Linked href="/tidy" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ Tidy up</Body>
      </Linked>
      <Title>Twice here?</Title>
      <Waiting query={same}>
        {({ sure, ask, pairs }) => (
          <>
            <Soft role="status">
              {sure + ask === 0
                ? 'No duplicates found.'
                : `${plural(sure + ask, 'pair')} to look at, ${sure === 0 ? 'none' : sure} of them surely one person.`}
            </Soft>
            {sure > 1 ? (
              <Button
                className="self-start"
                label={all.isPending ? 'Merging…' : `Merge the ${sure} sure pairs`}
                disabled={all.isPending}
                onPress={() => all.mutate({})}
              />
            ) : null}
            {all.error ? <Fault>{all.error.message}</Fault> : null}
            {pairs[0] ? <PairOf key={`${pairs[0].a.id} ${pairs[0].b.id}`} pair={pairs[0]} /> : null}
          </>
        )}
      </Waiting>
      <Merged />
    </Page>
  );
}

/** The older record stays, with what is chosen of the other; both stories are kept. */
function PairOf({ pair }: { pair: SamePair }) {
  const [keep, gone] = pair.a.addedOn <= pair.b.addedOn ? [pair.a, pair.b] : [pair.b, pair.a];
  // What stays is known longer, so nothing is taken unless it is chosen.
  const [take, setTake] = useState<ReadonlySet<Taken>>(new Set());
  const merge = useWrite(mergePeople);
  const apart = useWrite(keepApart);
  const split = useWrite(splitCouple);
  const busy = merge.isPending || apart.isPending || split.isPending;
  const error = merge.error ?? apart.error ?? split.error;
  // One record of two is no match for either of them until it is split.
  const couples = [keep, gone].filter(({ couple }) => couple && (!keep.couple || !gone.couple));
  return (
    <View className="gap-3">
      <Heading>
        {`${pair.verdict === 'sure' ? 'Surely' : 'Perhaps'} one person: ${pair.evidence.join(', ')}`}
      </Heading>
      <Differences keep={keep} gone={gone} take={take} onTake={setTake} />
      <Soft>
        {`Kept of both: ${plural(keep.touches + gone.touches, 'touch', 'touches')}, ${plural(keep.notes + gone.notes, 'note')}, all e-mails, phones, addresses, tags and cadences.`}
      </Soft>
      {error ? <Fault>{error.message}</Fault> : null}
      <View className="flex-row flex-wrap gap-2">
        {couples.map(({ id, couple }) => (
          <Button
            key={id}
            weight="main"
            label={`Split into ${need(couple).join(' and ')}`}
            disabled={busy}
            onPress={() => split.mutate({ body: { id } })}
          />
        ))}
        <Button
          weight={couples.length > 0 ? undefined : 'main'}
          label="One person: merge"
          disabled={busy}
          onPress={() =>
            merge.mutate({ body: { keepId: keep.id, goneId: gone.id, take: [...take] } })
          }
        />
        <Button
          label="Two people"
          disabled={busy}
          onPress={() => apart.mutate({ body: { a: pair.a.id, b: pair.b.id } })}
        />
      </View>
    </View>
  );
}

function Merged() {
  const merged = useRead(listMerged);
  const settings = useRead(getSettings);
  const apart = useWrite(takeApart);
  if (!merged.data?.merged.length || !settings.data) return null;
  const { today } = settings.data;
  return (
    <View className="gap-1 pt-4">
      <Heading>Merged in the last 30 days</Heading>
      {merged.data.merged.map(({ goneId, gone, keepId, keep, on }) => (
        <View key={goneId} className="flex-row flex-wrap items-center gap-x-3">
          <Linked href={`/people/${keepId}`} className="min-h-[44px] min-w-0 flex-1 justify-center">
            <Body>{`${gone} into ${keep}, ${longDate(on, today)}`}</Body>
          </Linked>
          <Button
            weight="quiet"
            label="Take apart"
            spoken={`Take ${gone} and ${keep} apart`}
            disabled={apart.isPending}
            onPress={() => apart.mutate({ body: { goneId } })}
          />
        </View>
      ))}
    </View>
  );
}
