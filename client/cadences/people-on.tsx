import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Heading, Linked, Soft, Waiting } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import {
  listEnrolments,
  pauseEnrolments,
  resumeEnrolments,
  stopEnrolments,
} from '@/contract/enrolments';
import { plural, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { Resume } from './resume';

const PAGE = 100;

type On = CallOutput<typeof listEnrolments>;

interface Props {
  id: string;
  calendar: boolean;
  today: PlainDate;
}

/** Who is on a cadence and what comes next for each; all of them can be paused, resumed or taken off. */
export function PeopleOn({ id, calendar, today }: Props) {
  const [open, setOpen] = useState(false);
  const list = useRead(
    listEnrolments,
    { params: { id }, query: { limit: PAGE } },
    { enabled: open, keepPrevious: true },
  );
  return (
    <View className="gap-1">
      <Button
        weight="quiet"
        className="self-start"
        label={open ? 'Hide the people on it' : 'Who is on it'}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <Waiting query={list}>
          {(on) => (
            <View className="gap-1">
              <Heading>
                {`${plural(on.total, 'person', 'people')}${on.paused > 0 ? `, ${on.paused} paused` : ''}`}
              </Heading>
              {on.people.map((person) => (
                <OnIt key={person.enrolmentId} person={person} today={today} />
              ))}
              <ForAll on={on} calendar={calendar} />
            </View>
          )}
        </Waiting>
      ) : null}
    </View>
  );
}

const OnIt = ({ person, today }: { person: On['people'][number]; today: PlainDate }) => (
  <View className="min-h-[44px] flex-row items-center gap-3 border-b border-line">
    <Linked href={`/people/${person.personId}`} className="min-w-0 flex-1">
      <Body numberOfLines={1}>{person.name}</Body>
    </Linked>
    <Soft>
      {person.next
        ? `${KIND_WORDS[person.next.kind].noun} ${shortDate(person.next.day, today)}`
        : person.state}
    </Soft>
  </View>
);

/** What can be done with all that are shown. */
function ForAll({ on, calendar }: { on: On; calendar: boolean }) {
  const [resuming, setResuming] = useState(false);
  const pause = useWrite(pauseEnrolments);
  const resume = useWrite(resumeEnrolments);
  const stop = useWrite(stopEnrolments);
  const ids = on.people.map(({ enrolmentId }) => enrolmentId);
  const paused = on.people.filter(({ state }) => state === 'paused').map((p) => p.enrolmentId);
  const all = on.total > PAGE ? `the ${PAGE} shown` : 'all';
  const done = { onSuccess: () => setResuming(false) };
  return (
    <>
      <View className="flex-row flex-wrap gap-2 pt-1">
        <Button
          label={`Pause ${all}`}
          disabled={paused.length === ids.length || pause.isPending}
          onPress={() => pause.mutate({ body: { ids } })}
        />
        {paused.length > 0 ? (
          <Button label={`Resume ${all}`} onPress={() => setResuming(!resuming)} />
        ) : null}
        <Button
          weight="quiet"
          label={`Take ${all} off`}
          disabled={ids.length === 0 || stop.isPending}
          onPress={() => stop.mutate({ body: { ids, reason: '' } })}
        />
      </View>
      {resuming ? (
        <Resume
          calendar={calendar}
          busy={resume.isPending}
          onResume={(mode) => resume.mutate({ body: { ids: paused, mode } }, done)}
        />
      ) : null}
    </>
  );
}
