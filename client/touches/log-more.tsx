import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';

import { useRead, type WriteForm } from '@/client/api';
import { Button, DayField, Select, Soft, TextField } from '@/client/ui';
import { listRules } from '@/contract/greetings';
import { BIRTHDAY, namedOccasion } from '@/core/almanac';
import type { DayInNote } from '@/core/day-words';
import { addDays, sentenceCase, type PlainDate } from '@/core/time';
import { KIND_WORDS, TOUCH_KINDS, type TouchKind } from '@/core/touches';

import { DaysInNote, useDaysInNote } from './days-in-note';
import type { Log } from './log';

/** A follow-up is offered two weeks on. */
const FOLLOW_UP_DAYS = 14;

const GREET_OPTIONS = [
  { value: '' as const, label: 'nothing' },
  ...TOUCH_KINDS.map((value) => ({ value, label: sentenceCase(KIND_WORDS[value].noun) })),
];

/** Tells of a date by its name whether a rule of greetings is for it. */
export function useHasRule(): (name: string) => boolean {
  const rules = useRead(listRules).data?.rules ?? [];
  return (name) => {
    const named = name.trim();
    const occasion = /^birthday$/i.test(named) ? BIRTHDAY : namedOccasion(named);
    return rules.some((rule) => rule.active && rule.occasion === occasion);
  };
}

/** How a date is greeted where nothing was chosen: what a rule greets needs nothing more. */
export const greetOf = (chosen: TouchKind | '' | null, hasRule: boolean): TouchKind | '' =>
  chosen ?? (hasRule ? '' : 'call');

interface Props {
  form: WriteForm<Log>;
  today: PlainDate;
  hasRule: (name: string) => boolean;
}

/** The parts of the form for what may go in with a touch; a day that its note tells of is offered. */
export function LogMore({ form, today, hasRule }: Props) {
  const [note, date] = useWatch({ control: form.control, name: ['note', 'date'] });
  const { tags, date: begun, followUp } = form.begun;
  const [learning, setLearning] = useState(Boolean(tags || begun.name || begun.on));
  const [following, setFollowing] = useState(followUp.on !== null);
  const keep = ({ name, on }: DayInNote, kept: boolean) => {
    form.set('date.name', kept ? name : '', { shouldDirty: true });
    form.set('date.on', kept ? on : null, { shouldDirty: true });
    setLearning(true);
  };
  const follow = () => {
    form.set('followUp.on', addDays(today, FOLLOW_UP_DAYS), { shouldDirty: true });
    setFollowing(true);
  };
  return (
    <>
      <DaysInNote
        days={useDaysInNote(note)}
        isKept={({ name, on }) => date.name === name && date.on === on}
        onKeep={keep}
      />
      <View className="flex-row flex-wrap gap-x-3">
        {following ? null : <Button weight="quiet" label="Add a follow-up" onPress={follow} />}
        {learning ? null : (
          <Button weight="quiet" label="Add what you learnt" onPress={() => setLearning(true)} />
        )}
      </View>
      {learning ? <Learnt form={form} date={date} hasRule={hasRule(date.name)} /> : null}
      {following ? (
        <View className="gap-3">
          <DayField of={form} name="followUp.on" label="Follow up on" min={addDays(today, 1)} />
          <TextField of={form} name="followUp.words" label="About" />
        </View>
      ) : null}
    </>
  );
}

interface LearntProps {
  form: WriteForm<Log>;
  date: Log['date'];
  hasRule: boolean;
}

function Learnt({ form, date, hasRule }: LearntProps) {
  return (
    <View className="flex-row flex-wrap gap-3">
      <TextField
        of={form}
        name="tags"
        label="Tags, one after another"
        className="min-w-[200px] flex-1"
      />
      <TextField
        of={form}
        name="date.name"
        label="A date: what it is"
        placeholder="Baby due"
        className="min-w-[160px] flex-1"
      />
      <DayField of={form} name="date.on" label="and when" />
      <View className="gap-1">
        <Select
          label="Greet them on it by"
          value={greetOf(date.greet, hasRule)}
          options={GREET_OPTIONS}
          onChange={(kind) => form.set('date.greet', kind, { shouldDirty: true })}
        />
        {hasRule ? <Soft>You have a rule of greetings for this.</Soft> : null}
      </View>
    </View>
  );
}
