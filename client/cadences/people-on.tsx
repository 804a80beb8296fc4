import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Button, Heading, Linked, Soft, Body } from '@/client/ui';
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

/** Who is on a cadence and what comes next for each; all of them can be paused, resumed or taken off. */
export function PeopleOn({
  id,
  calendar,
  today,
}: {
  id: string;
  calendar: boolean;
  today: PlainDate;
}) {
  const [open, setOpen] = useState(false);
  const [resuming, setResuming] = useState(false);
  const list = useRead(
    listEnrolments,
    { params: { id }, query: { limit: PAGE } },
    { enabled: open, keepPrevious: true },
  );
  const pause = useWrite(pauseEnrolments);
  const resume = useWrite(resumeEnrolments);
  const stop = useWrite(stopEnrolments);
  const people = list.data?.people ?? [];
  const ids = people.map(({ enrolmentId }) => enrolmentId);
  const paused = people.filter(({ state }) => state === 'paused').map((p) => p.enrolmentId);
  const all = list.data && list.data.total > PAGE ? `the ${PAGE} shown` : 'all';
  return (
    <View className="gap-1">
      <Button
        weight="quiet"
        className="self-start"
        label={open ? 'Hide the people on it' : 'Who is on it'}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open && list.data ? (
        <View className="gap-1">
          <Heading>
            {`${plural(list.data.total, 'person', 'people')}${list.data.paused > 0 ? `, ${list.data.paused} paused` : ''}`}
          </Heading>
          {people.map((person) => (
            <View
              key={person.enrolmentId}
              className="min-h-[44px] flex-row items-center gap-3 border-b border-line"
            >
              <Linked href={`/people/${person.personId}`} className="min-w-0 flex-1">
                <Body numberOfLines={1}>{person.name}</Body>
              </Linked>
              <Soft>
                {person.next
                  ? `${KIND_WORDS[person.next.kind].noun} ${shortDate(person.next.day, today)}`
                  : person.state}
              </Soft>
            </View>
          ))}
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
              onResume={(mode) =>
                resume.mutate(
                  { body: { ids: paused, mode } },
                  { onSuccess: () => setResuming(false) },
                )
              }
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}
