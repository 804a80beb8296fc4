import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import {
  Body,
  Button,
  Chip,
  contentOf,
  Fault,
  FileInput,
  Heading,
  Select,
  Soft,
} from '@/client/ui';
import { MAX_CALENDAR_MB, readCalendar, takeDates, type IncomingDate } from '@/contract/calendars';
import type { CallOutput } from '@/contract/endpoint';
import { need } from '@/core/need';
import { figure, plural, sentenceCase, yearlyWords } from '@/core/time';

type Read = CallOutput<typeof readCalendar>;

const SHOWN = 200;

/** Dates from the file of another calendar: matched to people, looked at, and taken as they are confirmed. */
export function DatesIn() {
  const [found, setFound] = useState<Read | null>(null);
  const [fault, setFault] = useState('');
  const read = useWrite(readCalendar, { tells: false });
  const choose = async (file: File) => {
    setFault('');
    setFound(null);
    if (file.size > MAX_CALENDAR_MB * 2 ** 20) {
      setFault(
        `${file.name} has ${Math.ceil(file.size / 2 ** 20)} MB; Pen Pal reads calendars of up to ${MAX_CALENDAR_MB} MB.`,
      );
      return;
    }
    const body = { fileName: file.name, content: await contentOf(file) };
    read.mutate({ body }, { onSuccess: setFound, onError: ({ message }) => setFault(message) });
  };
  return (
    <View className="gap-3">
      <Heading>Dates from another calendar</Heading>
      <Body>
        Birthdays and other yearly days of an iCalendar file (.ics) are matched to your people.
        Nothing is written until you have seen it.
      </Body>
      <View className="items-start">
        <FileInput
          label="Choose a calendar file"
          accept=".ics,.ical,text/calendar"
          onChoose={(file) => void choose(file)}
        />
      </View>
      {fault ? <Fault>{fault}</Fault> : null}
      {found ? <Incoming read={found} onTaken={() => setFound(null)} /> : null}
    </View>
  );
}

/** Which of them are taken, and for whom where several are called so. */
type Taking = ReadonlyMap<number, string>;

const begun = ({ dates }: Read): Taking =>
  new Map(
    dates.flatMap(({ at, state, people }) =>
      state === 'new' ? [[at, need(people[0]).personId]] : [],
    ),
  );

function Incoming({ read, onTaken }: { read: Read; onTaken: () => void }) {
  const [taking, setTaking] = useState<Taking>(() => begun(read));
  const take = useWrite(takeDates);
  const set = (at: number, personId: string | null) =>
    setTaking((before) => {
      const next = new Map(before);
      if (personId) next.set(at, personId);
      else next.delete(at);
      return next;
    });
  const { dates, otherEvents, faults } = read;
  const open = dates.filter(({ state }) => state !== 'known' && state !== 'nobody');
  const known = dates.filter(({ state }) => state === 'known').length;
  const nobody = dates.filter(({ state }) => state === 'nobody');
  const body = {
    dates: open.flatMap(({ at, name, on }) => {
      const personId = taking.get(at);
      return personId ? [{ personId, name, on }] : [];
    }),
  };
  return (
    <View className="gap-3" aria-live="polite">
      <Body>{headline(dates.length, known, otherEvents)}</Body>
      {faults.map((fault) => (
        <Fault key={fault}>{fault}</Fault>
      ))}
      {open.slice(0, SHOWN).map((date) => (
        <DateIn key={date.at} date={date} personId={taking.get(date.at) ?? null} onSet={set} />
      ))}
      {open.length > SHOWN ? (
        <Soft>{`and ${figure(open.length - SHOWN)} more like these`}</Soft>
      ) : null}
      {nobody.length > 0 ? (
        <Soft>{`Of nobody here: ${nobody
          .slice(0, 20)
          .map(({ summary }) => summary)
          .join('; ')}${nobody.length > 20 ? ' …' : ''}`}</Soft>
      ) : null}
      <Button
        weight="main"
        className="self-start"
        label={`Take ${plural(body.dates.length, 'date')} in`}
        disabled={body.dates.length === 0 || take.isPending}
        onPress={() => take.mutate({ body }, { onSuccess: onTaken })}
      />
    </View>
  );
}

const headline = (found: number, known: number, others: number): string =>
  [
    found === 0 ? 'No yearly days of people are in it.' : `${plural(found, 'date')} found.`,
    known > 0 ? `${figure(known)} ${known === 1 ? 'is' : 'are'} on record already.` : '',
    others > 0 ? `${plural(others, 'other event')} left out.` : '',
  ]
    .filter(Boolean)
    .join(' ');

interface DateInProps {
  date: IncomingDate;
  personId: string | null;
  onSet: (at: number, personId: string | null) => void;
}

/** One date: taken or not, and whose it is. */
function DateIn({ date, personId, onSet }: DateInProps) {
  const { at, summary, on, name, people, state, before } = date;
  const [first] = people;
  const what = `${sentenceCase(name)}, ${yearlyWords(on)}`;
  return (
    <View className="gap-1 border-b border-line pb-2">
      <Soft>{summary}</Soft>
      {state === 'ask' ? (
        <Select
          label={`${what}: whose?`}
          value={personId ?? ''}
          options={[
            { value: '', label: 'leave it out' },
            ...people.map((one) => ({ value: one.personId, label: one.name })),
          ]}
          onChange={(value) => onSet(at, value === '' ? null : value)}
        />
      ) : (
        <View className="items-start">
          <Chip
            label={`${need(first).name}: ${what}`}
            chosen={personId !== null}
            onPress={() => onSet(at, personId ? null : need(first).personId)}
          />
          {state === 'differs' && before ? (
            <Soft>{`On record is ${yearlyWords(before)}; it would be replaced.`}</Soft>
          ) : null}
        </View>
      )}
    </View>
  );
}
