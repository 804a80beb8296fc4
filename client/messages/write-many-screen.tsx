import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { newId, useRead, useSettled, useWrite } from '@/client/api';
import { useSelection } from '@/client/people';
import { bodyOf, NOTHING_WRITTEN } from '@/client/templates';
import {
  Body,
  Button,
  DisclosureButton,
  Fault,
  Linked,
  Page,
  Soft,
  Spread,
  Title,
} from '@/client/ui';
import { previewMany, writeMany, type Readers } from '@/contract/messages';
import type { Who } from '@/contract/filters';
import { figure, plural } from '@/core/time';

import { Composer, type WrittenKind } from './composer';
import { ReadersBeside, type ManyDraft } from './readers-beside';

/** The same words to many, one message to each: seen as the odd ones will read them before anything goes. */
export function WriteManyScreen() {
  const { selection } = useSelection();
  if (!selection)
    return (
      <Page>
        <Title>To many</Title>
        <Linked href="/people" className="min-h-[44px] justify-center">
          <Body className="text-sea">Choose people first</Body>
        </Linked>
      </Page>
    );
  return <WriteMany who={selection.who} people={selection.people} />;
}

function WriteMany({ who, people }: { who: Who; people: number }) {
  const router = useRouter();
  const [kind, setKind] = useState<WrittenKind>('email');
  const [writing, setWriting] = useState(NOTHING_WRITTEN);
  const [once] = useState(() => newId());
  const { subject, words } = writing;
  const html = kind === 'email' ? writing.html : '';
  const draft: ManyDraft = { who, kind, subject, words, html };
  const asked = JSON.parse(useSettled(JSON.stringify(draft))) as ManyDraft;
  const seen = useRead(previewMany, { body: asked }, { keepPrevious: true });
  const write = useWrite(writeMany, { tells: false, onWritten: () => router.navigate('/out') });
  const ready = (words.trim() !== '' || html !== '') && (seen.data?.canGet ?? 0) > 0;
  return (
    <Spread beside={seen.data ? <ReadersBeside draft={asked} readers={seen.data.readers} /> : null}>
      <Title>{`To ${plural(people, 'person', 'people')}`}</Title>
      <Composer {...{ kind, writing }} onKind={setKind} onWriting={setWriting} />
      {seen.data && words.trim() !== '' ? <WhoGetsIt readers={seen.data} /> : null}
      {seen.error ? <Fault>{seen.error.message}</Fault> : null}
      {write.error ? <Fault>{write.error.message}</Fault> : null}
      <Soft>
        Each gets a message of their own, with your postal address and a way to get no more below,
        in the hours of where they live. It keeps no promise.
      </Soft>
      <Button
        weight="main"
        className="self-start"
        label={
          write.isPending
            ? 'Writing…'
            : `Send to ${plural(seen.data?.canGet ?? 0, 'person', 'people')}`
        }
        disabled={!ready || write.isPending}
        onPress={() => write.mutate({ body: { ...bodyOf(writing), ...draft, once } })}
      />
    </Spread>
  );
}

/** How many can get it, and who can't and why. */
function WhoGetsIt({ readers: { people, canGet, leftOut, leftOutCount } }: { readers: Readers }) {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-1">
      <Body role="status" className={canGet > 0 ? '' : 'text-danger'}>
        {`${figure(canGet)} of ${figure(people)} can get it.`}
      </Body>
      {leftOutCount > 0 ? (
        <DisclosureButton
          weight="quiet"
          className="-ml-2 self-start"
          label={`${plural(leftOutCount, 'person', 'people')} left out`}
          open={open}
          onToggle={() => setOpen(!open)}
        />
      ) : null}
      {open
        ? leftOut.map(({ personId, name, why }) => (
            <Linked key={personId} href={`/people/${personId}`} className="py-1">
              <Body>{name}</Body>
              <Soft>{why}</Soft>
            </Linked>
          ))
        : null}
      {open && leftOutCount > leftOut.length ? (
        <Soft>{`and ${figure(leftOutCount - leftOut.length)} more`}</Soft>
      ) : null}
    </View>
  );
}
