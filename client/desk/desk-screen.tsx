import { useLocalSearchParams, useRouter } from 'expo-router';
import { Suspense, useDeferredValue, useEffect } from 'react';
import { View } from 'react-native';

import { call, useRead, useWrite } from '@/client/api';
import { InHand } from '@/client/sheets';
import { ArrivalsLine } from '@/client/intake';
import { Button, Heading, KindMark, Soft, Spread, Title, useWide, Waiting } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { undoAction } from '@/contract/history';
import { getDesk, seeDesk, type DeskItem } from '@/contract/touches';
import { need } from '@/core/need';
import { countInWords, longDate, sentenceCase, weekdayName } from '@/core/time';
import { KIND_WORDS, OUTCOME_WORDS, TOUCH_KINDS } from '@/core/touches';

import { OutLine, RotaWeek } from './around';
import { Backlog, Moved } from './backlog';
import { DeskCard } from './desk-card';
import { MeantToDo } from './meant';
import { NothingYet } from './nothing-yet';

type Desk = CallOutput<typeof getDesk>;

/** Today: whom to reach out to, why them, why now, what to say, done in one tap. */
export function DeskScreen() {
  const desk = useRead(getDesk, {}, { keepPrevious: true });
  useSeen(desk.data);
  return (
    <Spread onPhone="nowhere" beside={desk.data ? <Beside desk={desk.data} /> : null}>
      <Waiting query={desk}>{(data) => <DeskOf desk={data} />}</Waiting>
    </Spread>
  );
}

/** Whoever was taken in hand, or whose turn it is. */
function useInHand({ items, made }: Desk) {
  const { hand } = useLocalSearchParams<{ hand?: string }>();
  // The first as they stand there, by kinds.
  const first = TOUCH_KINDS.map((kind) => items.find((item) => item.kind === kind)).find(Boolean);
  return [...items, ...made].find(({ personId }) => personId === hand) ?? first ?? made[0];
}

/** With room, the person in hand beside the list. */
function Beside({ desk }: { desk: Desk }) {
  const inHand = useInHand(desk);
  // Right after the list, which is read first.
  const after = useDeferredValue(true, false);
  if (!after || !inHand) return null;
  return (
    <Suspense fallback={null}>
      <InHand personId={inHand.personId} today={desk.today} />
    </Suspense>
  );
}

/** Says what is seen, so that it keeps its place when the day is planned again. */
function useSeen(desk: Desk | undefined) {
  const keys = desk?.items.map(({ key }) => key).join(' ');
  useEffect(() => {
    // Nobody waits for it; what was not noted is said again with the next change.
    if (keys) void call(seeDesk, { body: { keys: keys.split(' ') } }).catch(() => {});
  }, [keys]);
}

function DeskOf({ desk }: { desk: Desk }) {
  const { today, items, made } = desk;
  // What stands around it comes right after it, so that the day itself can be read sooner.
  const around = useDeferredValue(true, false);
  const wide = useWide();
  const router = useRouter();
  const inHand = useInHand(desk)?.personId ?? null;
  return (
    <>
      <View className="gap-1">
        <View className="flex-row flex-wrap justify-between gap-x-3">
          <Soft>{`${weekdayName(today)}, ${longDate(today, today)}`}</Soft>
          {items.length > 0 ? <Soft>{`about ${desk.minutes} min`}</Soft> : null}
        </View>
        <View className="flex-row items-start justify-between gap-3">
          <Title className="min-w-0 shrink">{headline(desk)}</Title>
          <Button
            label="Add"
            spoken="Add a person"
            onPress={() => router.navigate('/people/add')}
          />
        </View>
        <Backlog desk={desk} />
        <Progress left={items.length} done={new Set(made.map((m) => m.personId)).size} />
      </View>
      {around ? <RotaWeek /> : null}
      {around ? <MeantToDo today={today} /> : null}
      {around && items.length === 0 && made.length === 0 ? (
        <NothingYet overdue={desk.backlog.overdue} />
      ) : null}
      {TOUCH_KINDS.map((kind) => {
        const flow = items.filter((item) => item.kind === kind);
        return flow.length > 0 ? (
          <Flow key={kind} items={flow} today={today} inHand={wide ? inHand : null} />
        ) : null;
      })}
      <Moved desk={desk} />
      {around ? <OutLine /> : null}
      {around ? <ArrivalsLine /> : null}
      <Made desk={desk} />
    </>
  );
}

function headline({ items, made, workingDay }: Desk): string {
  if (items.length > 0) return `${sentenceCase(countInWords(items.length))} to reach today`;
  if (made.length > 0) return 'Everybody meant for today is reached';
  return workingDay ? 'Nobody is waiting today' : 'A day off';
}

/** One short stroke for each touch of the day, inked as it is made. */
function Progress({ left, done }: { left: number; done: number }) {
  const all = left + done;
  if (all === 0 || all > 60) return null;
  return (
    <View role="img" aria-label={`${done} of ${all} made`} className="flex-row gap-1 py-2">
      {Array.from({ length: all }, (_, i) => (
        <View
          key={i}
          className={`h-[3px] max-w-[36px] flex-1 ${i < done ? 'bg-good' : 'bg-line'}`}
        />
      ))}
    </View>
  );
}

interface FlowProps {
  items: DeskItem[];
  today: Desk['today'];
  /** Who stands beside the list; null where nobody does. */
  inHand: string | null;
}

const Flow = ({ items, today, inHand }: FlowProps) => {
  const { kind } = need(items[0]);
  return (
    <View className="gap-2">
      <View className="flex-row items-center gap-2 pt-2">
        <KindMark kind={kind} token="soft" />
        <Heading>{`${KIND_WORDS[kind].flow}, ${items.length}`}</Heading>
      </View>
      {items.map((item) => (
        <DeskCard
          key={item.key}
          item={item}
          today={today}
          inHand={inHand === null ? null : inHand === item.personId}
        />
      ))}
    </View>
  );
};

function Made({ desk }: { desk: Desk }) {
  const undo = useWrite(undoAction);
  if (desk.made.length === 0) return null;
  return (
    <View className="gap-1 pt-2">
      <Heading>{`Made today, ${desk.made.length}`}</Heading>
      {desk.made.map(({ touchId, actionId, ...touch }) => (
        <View key={touchId} className="min-h-[44px] flex-row items-center gap-2">
          <KindMark kind={touch.kind} token="good" />
          <Soft className="flex-1">{`${touch.name}: ${OUTCOME_WORDS[touch.outcome].toLowerCase()}`}</Soft>
          {actionId ? (
            <Button
              weight="quiet"
              label="Undo"
              spoken={`Undo ${touch.name}`}
              disabled={undo.isPending}
              onPress={() => undo.mutate({ params: { id: actionId } })}
            />
          ) : null}
        </View>
      ))}
    </View>
  );
}
