import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Field, Heading, Linked } from '@/client/ui';
import { Resume } from '@/client/cadences';
import { listCadences } from '@/contract/cadences';
import { pauseEnrolments, resumeEnrolments, stopEnrolments } from '@/contract/enrolments';
import type { PersonSheet } from '@/contract/people';
import { isCalendar } from '@/core/cadences';
import { spokenDate, type PlainDate } from '@/core/time';

const STATE_WORDS = {
  waiting: 'begins',
  running: 'since',
  paused: 'paused, begun',
  finished: 'finished, begun',
  stopped: 'stopped, begun',
} as const;

/** The cadences somebody is or was on: paused, resumed or taken off here. */
export function Enrolments({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  if (sheet.enrolments.length === 0) return null;
  return (
    <View className="gap-1">
      <Heading>Cadences</Heading>
      {sheet.enrolments.map((enrolment) => (
        <Enrolment key={enrolment.id} enrolment={enrolment} today={today} />
      ))}
    </View>
  );
}

function Enrolment({
  enrolment: e,
  today,
}: {
  enrolment: PersonSheet['enrolments'][0];
  today: PlainDate;
}) {
  const [resuming, setResuming] = useState(false);
  const [reason, setReason] = useState<string | null>(null);
  const cadences = useRead(listCadences, {}, { enabled: resuming });
  const cadence = cadences.data?.cadences.find(({ id }) => id === e.cadenceId);
  const stop = useWrite(stopEnrolments);
  const pause = useWrite(pauseEnrolments);
  const resume = useWrite(resumeEnrolments);
  const ids = [e.id];
  const open = e.state !== 'finished' && e.state !== 'stopped';
  return (
    <View>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Linked href={`/cadences/${e.cadenceId}`} className="min-w-0 flex-1">
          <Body>{`${e.cadence}, ${STATE_WORDS[e.state]} ${spokenDate(e.startOn, today)}`}</Body>
        </Linked>
        {open && e.state !== 'paused' ? (
          <Button
            weight="quiet"
            label="Pause"
            spoken={`Pause ${e.cadence}`}
            disabled={pause.isPending}
            onPress={() => pause.mutate({ body: { ids } })}
          />
        ) : null}
        {e.state === 'paused' ? (
          <Button
            weight="quiet"
            label="Resume"
            spoken={`Resume ${e.cadence}`}
            aria-expanded={resuming}
            onPress={() => setResuming(!resuming)}
          />
        ) : null}
        {open ? (
          <Button
            weight="quiet"
            label="Take off"
            spoken={`Take off ${e.cadence}`}
            aria-expanded={reason !== null}
            onPress={() => setReason(reason === null ? '' : null)}
          />
        ) : null}
      </View>
      {open && reason !== null ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <Field
            label={`Why they leave ${e.cadence} (if you like)`}
            className="min-w-[200px] flex-1"
            value={reason}
            onChangeText={setReason}
          />
          <Button
            label="Take them off"
            disabled={stop.isPending}
            onPress={() => stop.mutate({ body: { ids, reason: reason.trim() } })}
          />
        </View>
      ) : null}
      {resuming && e.state === 'paused' && cadence ? (
        <Resume
          calendar={isCalendar(cadence) || cadence.rota}
          busy={resume.isPending}
          onResume={(mode) =>
            resume.mutate({ body: { ids, mode } }, { onSuccess: () => setResuming(false) })
          }
        />
      ) : null}
    </View>
  );
}
