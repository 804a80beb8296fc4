import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite, useWriteForm } from '@/client/api';
import { Body, Button, DisclosureButton, Heading, Linked, SaveBar, TextField } from '@/client/ui';
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
  const router = useRouter();
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Heading>Cadences</Heading>
        <Button
          weight="quiet"
          label="Put on a cadence"
          onPress={() => router.navigate(`/enrol?person=${sheet.id}`)}
        />
      </View>
      {sheet.enrolments.map((enrolment) => (
        <Enrolment key={enrolment.id} enrolment={enrolment} today={today} />
      ))}
    </View>
  );
}

interface OneProps {
  enrolment: PersonSheet['enrolments'][number];
  today: PlainDate;
}

type Open = 'none' | 'resume' | 'stop';

function Enrolment({ enrolment: e, today }: OneProps) {
  const [open, setOpen] = useState<Open>('none');
  const pause = useWrite(pauseEnrolments);
  const goesOn = e.state !== 'finished' && e.state !== 'stopped';
  const toggle = (what: Open) => setOpen(open === what ? 'none' : what);
  const close = () => setOpen('none');
  return (
    <View>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Linked href={`/cadences/${e.cadenceId}`} className="min-w-0 flex-1">
          <Body>{`${e.cadence}, ${STATE_WORDS[e.state]} ${spokenDate(e.startOn, today)}`}</Body>
        </Linked>
        {goesOn && e.state !== 'paused' ? (
          <Button
            weight="quiet"
            label="Pause"
            spoken={`Pause ${e.cadence}`}
            disabled={pause.isPending}
            onPress={() => pause.mutate({ body: { ids: [e.id] } })}
          />
        ) : null}
        {e.state === 'paused' ? (
          <DisclosureButton
            weight="quiet"
            label="Resume"
            about={e.cadence}
            open={open === 'resume'}
            onToggle={() => toggle('resume')}
          />
        ) : null}
        {goesOn ? (
          <DisclosureButton
            weight="quiet"
            label="Take off"
            about={e.cadence}
            open={open === 'stop'}
            onToggle={() => toggle('stop')}
          />
        ) : null}
      </View>
      {goesOn && open === 'stop' ? <TakeOff enrolment={e} onClose={close} /> : null}
      {e.state === 'paused' && open === 'resume' ? <GoOn enrolment={e} onClose={close} /> : null}
    </View>
  );
}

type PartProps = Pick<OneProps, 'enrolment'> & { onClose: () => void };

function TakeOff({ enrolment: e, onClose }: PartProps) {
  const form = useWriteForm(stopEnrolments, {
    values: { reason: '' },
    toInput: ({ reason }: { reason: string }) => ({ body: { ids: [e.id], reason } }),
    onSaved: onClose,
  });
  return (
    <View className="gap-2">
      <TextField of={form} name="reason" label={`Why they leave ${e.cadence} (if you like)`} />
      <SaveBar form={form} label="Take them off" onClose={onClose} />
    </View>
  );
}

function GoOn({ enrolment: e, onClose }: PartProps) {
  const cadences = useRead(listCadences);
  const resume = useWrite(resumeEnrolments);
  const cadence = cadences.data?.cadences.find(({ id }) => id === e.cadenceId);
  if (!cadence) return null;
  return (
    <Resume
      calendar={isCalendar(cadence) || cadence.rota}
      busy={resume.isPending}
      onResume={(mode) => resume.mutate({ body: { ids: [e.id], mode } }, { onSuccess: onClose })}
    />
  );
}
