import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { Linking, Text, View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { LogForm } from '@/client/touches';
import {
  Body,
  Button,
  Field,
  Heading,
  KindMark,
  Lead,
  Overlay,
  Page,
  Rule,
  Soft,
  Title,
  useKey,
  useWide,
  Waiting,
  WARMTH_TEXT,
  WarmthMark,
  Words,
} from '@/client/ui';
import { stopEnrolment } from '@/contract/cadences';
import { addNote, getPerson, type PersonSheet } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import { sentenceCase, shortDate, spokenDate, type PlainDate } from '@/core/time';
import { KIND_WORDS, OUTCOME_WORDS, slackWords, type TouchKind } from '@/core/touches';

import { EditForm } from './edit-form';
import { Facts } from './facts';
import { Thread } from './thread';

/** One person as a sheet of paper: where things stand, the thread, what comes next, the facts. */
export function SheetScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const person = useRead(getPerson, { params: { id } });
  const settings = useRead(getSettings);
  return (
    <Page>
      <Waiting query={person}>
        {(sheet) =>
          settings.data ? <Sheet key={sheet.id} sheet={sheet} today={settings.data.today} /> : null
        }
      </Waiting>
    </Page>
  );
}

type Open = 'none' | 'log' | 'edit';

function Sheet({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const wide = useWide();
  const router = useRouter();
  const [open, setOpen] = useState<Open>('none');
  useKey('l', () => setOpen('log'), open === 'none');
  const { fields, standing } = sheet;
  const about = [
    fields.roles.join(', '),
    sheet.circle && `${sheet.circle.name} circle`,
    fields.company,
  ]
    .filter(Boolean)
    .join(' · ');
  const address = [fields.addressLine, fields.place || fields.city].filter(Boolean).join(', ');
  return (
    <>
      {wide ? null : (
        <Button
          weight="quiet"
          className="self-start"
          label="‹ People"
          spoken="Back to people"
          onPress={() => router.navigate('/people')}
        />
      )}
      <View className="gap-1">
        <Title>{sheet.name}</Title>
        {about ? <Soft className="text-[15px]">{about}</Soft> : null}
        {address ? <Soft className="text-[15px]">{address}</Soft> : null}
      </View>
      <View className="flex-row flex-wrap items-center gap-x-2">
        <Lead>{sheet.sentence}</Lead>
        {standing.slack !== null && standing.warmth !== null ? (
          <View className="flex-row items-center gap-2">
            <WarmthMark warmth={standing.warmth} />
            <Text className={`font-serif text-[20px] leading-7 ${WARMTH_TEXT[standing.warmth]}`}>
              {`${slackWords(standing.slack)}.`}
            </Text>
          </View>
        ) : null}
      </View>
      <Reach sheet={sheet} onLog={() => setOpen('log')} onEdit={() => setOpen('edit')} />
      <Thread sheet={sheet} today={today} />
      <Rule />
      <Next sheet={sheet} today={today} />
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className="flex-1 gap-2">
          <Story sheet={sheet} today={today} />
        </View>
        <View className="flex-1 gap-6">
          <Facts sheet={sheet} today={today} />
          <Cadences sheet={sheet} today={today} />
        </View>
      </View>
      {open === 'log' ? (
        <Overlay title={`A touch with ${sheet.name}`} onClose={() => setOpen('none')}>
          <LogForm
            free
            personId={sheet.id}
            kind={sheet.planned[0]?.kind ?? (fields.phone ? 'call' : 'email')}
            today={today}
            onDone={() => setOpen('none')}
          />
        </Overlay>
      ) : null}
      {open === 'edit' ? <EditForm sheet={sheet} onClose={() => setOpen('none')} /> : null}
    </>
  );
}

interface ReachProps {
  sheet: PersonSheet;
  onLog: () => void;
  onEdit: () => void;
}

function Reach({ sheet, onLog, onEdit }: ReachProps) {
  const { phone, email } = sheet.fields;
  const dial = phone.replace(/\s/g, '');
  const open = (url: string) => () => void Linking.openURL(url);
  return (
    <View className="flex-row flex-wrap gap-2">
      {phone ? <Button weight="main" label="Call" onPress={open(`tel:${dial}`)} /> : null}
      {phone ? <Button label="Text" onPress={open(`sms:${dial}`)} /> : null}
      {email ? <Button label="E-mail" onPress={open(`mailto:${email}`)} /> : null}
      <Button label="Log" onPress={onLog} />
      <Button weight="quiet" label="Edit" onPress={onEdit} />
    </View>
  );
}

function Next({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [next] = sheet.planned;
  if (!next) return <Soft>Nothing is planned in the next 13 weeks.</Soft>;
  return (
    <View className="gap-2">
      <Heading>{`Next: ${KIND_WORDS[next.kind].noun}, ${spokenDate(next.day, today)}`}</Heading>
      {next.words ? <Words>{next.words}</Words> : null}
      <Soft>{next.reason}</Soft>
    </View>
  );
}

type Entry = { id: string; on: PlainDate; kind: TouchKind | null; text: string };

function Story({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const write = useWrite(addNote);
  const [note, setNote] = useState('');
  const entries: Entry[] = [
    ...sheet.touches.map(({ id, on, kind, outcome, note: words }) => ({
      id,
      on,
      kind,
      text: `${sentenceCase(KIND_WORDS[kind].noun)}, ${OUTCOME_WORDS[outcome].toLowerCase()}. ${words}`.trim(),
    })),
    ...sheet.notes.map(({ id, on, body }) => ({ id, on, kind: null, text: body })),
  ].sort((a, b) => (a.on === b.on ? (a.id < b.id ? 1 : -1) : a.on < b.on ? 1 : -1));
  const [shown, setShown] = useState(12);
  return (
    <>
      <Heading>The story</Heading>
      <Field label="Write a note" value={note} onChangeText={setNote} multiline small />
      {note.trim() ? (
        <Button
          className="self-start"
          label="Keep the note"
          disabled={write.isPending}
          onPress={() =>
            write.mutate(
              { params: { id: sheet.id }, body: { body: note } },
              { onSuccess: () => setNote('') },
            )
          }
        />
      ) : null}
      {entries.slice(0, shown).map(({ id, on, kind, text }) => (
        <View key={id} className="flex-row gap-3 py-1">
          <Soft className="w-[62px] tabular-nums leading-6">{shortDate(on, today)}</Soft>
          <View className="w-[18px] pt-1">
            {kind ? <KindMark kind={kind} token="soft" /> : null}
          </View>
          <Body className="flex-1">{text}</Body>
        </View>
      ))}
      {entries.length > shown ? (
        <Button
          weight="quiet"
          className="self-start"
          label={`Show ${entries.length - shown} earlier`}
          onPress={() => setShown(entries.length)}
        />
      ) : null}
    </>
  );
}

const STATE_WORDS = {
  waiting: 'begins',
  running: 'since',
  finished: 'finished, begun',
  stopped: 'stopped, begun',
} as const;

function Cadences({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const stop = useWrite(stopEnrolment);
  if (sheet.enrolments.length === 0) return null;
  return (
    <View className="gap-1">
      <Heading>Cadences</Heading>
      {sheet.enrolments.map((e) => (
        <View key={e.id} className="flex-row items-center justify-between gap-2">
          <Body className="flex-1">
            {`${e.cadence}, ${STATE_WORDS[e.state]} ${spokenDate(e.startOn, today)}`}
          </Body>
          {e.state === 'running' || e.state === 'waiting' ? (
            <Button
              weight="quiet"
              label="Take off"
              spoken={`Take off ${e.cadence}`}
              disabled={stop.isPending}
              onPress={() => stop.mutate({ params: { id: e.id }, body: { reason: 'By hand' } })}
            />
          ) : null}
        </View>
      ))}
    </View>
  );
}
