import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, DisclosureButton, Heading, Linked, Soft, Waiting } from '@/client/ui';
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
      <DisclosureButton
        weight="quiet"
        className="self-start"
        label="Who is on it"
        openLabel="Hide"
        open={open}
        onToggle={() => setOpen(!open)}
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

type Doing = 'pause' | 'resume' | 'stop';

/** What can be done with all that are shown; what it does is said before it is done. */
function ForAll({ on, calendar }: { on: On; calendar: boolean }) {
  const [doing, setDoing] = useState<Doing | null>(null);
  const pause = useWrite(pauseEnrolments);
  const resume = useWrite(resumeEnrolments);
  const stop = useWrite(stopEnrolments);
  const ids = on.people.map(({ enrolmentId }) => enrolmentId);
  const running = on.people.filter(({ state }) => state !== 'paused');
  const paused = on.people.filter(({ state }) => state === 'paused').map((p) => p.enrolmentId);
  const all = on.total > PAGE ? `the ${PAGE} shown` : 'all';
  const toggle = (what: Doing) => setDoing(doing === what ? null : what);
  // What was opened meanwhile stays open.
  const done = (what: Doing) => ({
    onSuccess: () => setDoing((now) => (now === what ? null : now)),
  });
  return (
    <>
      <View className="flex-row flex-wrap gap-2 pt-1">
        <DisclosureButton
          label={`Pause ${all}`}
          open={doing === 'pause'}
          disabled={running.length === 0}
          onToggle={() => toggle('pause')}
        />
        {paused.length > 0 ? (
          <DisclosureButton
            label={`Resume ${all}`}
            open={doing === 'resume'}
            onToggle={() => toggle('resume')}
          />
        ) : null}
        <DisclosureButton
          weight="quiet"
          label={`Take ${all} off`}
          open={doing === 'stop'}
          disabled={ids.length === 0}
          onToggle={() => toggle('stop')}
        />
      </View>
      {doing === 'pause' ? (
        <Before
          words={`${plural(running.length, 'person rests', 'people rest')} from now on: ${fallsAway(running)}, and what comes due meanwhile waits until you say how they go on. Nobody loses their place.`}
          label={`Pause ${plural(running.length, 'person', 'people')}`}
          busy={pause.isPending}
          onDo={() => pause.mutate({ body: { ids } }, done('pause'))}
        />
      ) : null}
      {doing === 'stop' ? (
        <Before
          words={`${plural(ids.length, 'person leaves', 'people leave')} the cadence: ${fallsAway(on.people)}, touches made stay in their story. Put on it again, they begin anew.`}
          label={`Take ${plural(ids.length, 'person', 'people')} off`}
          busy={stop.isPending}
          onDo={() => stop.mutate({ body: { ids, reason: '' } }, done('stop'))}
        />
      ) : null}
      {doing === 'resume' ? (
        <Resume
          calendar={calendar}
          busy={resume.isPending}
          onResume={(mode) => resume.mutate({ body: { ids: paused, mode } }, done('resume'))}
        />
      ) : null}
    </>
  );
}

/** What is planned for them of this cadence goes. */
function fallsAway(people: On['people']): string {
  const planned = people.filter(({ next }) => next).length;
  return planned === 0
    ? 'nothing of it is planned for them'
    : `what it has planned for ${planned} of them falls away`;
}

interface BeforeProps {
  words: string;
  label: string;
  busy: boolean;
  onDo: () => void;
}

const Before = ({ words, label, busy, onDo }: BeforeProps) => (
  <View className="items-start gap-2" aria-live="polite">
    <Body>{words}</Body>
    <Button weight="main" label={label} disabled={busy} onPress={onDo} />
  </View>
);
