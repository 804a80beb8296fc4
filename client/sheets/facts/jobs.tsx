import { useState } from 'react';
import { View } from 'react-native';

import { useWrite, useWriteForm } from '@/client/api';
import { useMoney, useMoneyText } from '@/client/settings';
import {
  Body,
  Button,
  DayField,
  Editing,
  Heading,
  MoneyField,
  SaveBar,
  Soft,
  TextField,
} from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { addJob, editJob, removeJob, type Job } from '@/contract/story';
import { longDate, type PlainDate } from '@/core/time';

import { AfterWork } from './after-work';

/** Work done for them; a completed one has its anniversary every year. */
export function Jobs({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [open, setOpen] = useState<string | null>(null);
  const close = () => setOpen(null);
  return (
    <View className="gap-1">
      <Heading>Work</Heading>
      {sheet.jobs.map((job) =>
        open === job.id ? (
          <ChangeJob key={job.id} job={job} onClose={close} />
        ) : (
          <JobLine key={job.id} job={job} today={today} onChange={() => setOpen(job.id)} />
        ),
      )}
      <AfterWork jobs={sheet.jobs} today={today} />
      {open === 'new' ? (
        <AddJob personId={sheet.id} onClose={close} />
      ) : (
        <Button
          weight="quiet"
          className="-ml-2 self-start"
          label="Add work"
          onPress={() => setOpen('new')}
        />
      )}
    </View>
  );
}

function JobLine({ job, today, onChange }: { job: Job; today: PlainDate; onChange: () => void }) {
  const money = useMoney({ whole: true });
  const amount = (minor: number | null, what: string) =>
    minor !== null && `${what} ${money(minor)}`;
  const about = [
    job.completedOn ? `completed ${longDate(job.completedOn, today)}` : job.stage,
    amount(job.valueMinor, 'worth'),
    amount(job.feeMinor, 'fee'),
  ];
  return (
    <View className="min-h-[36px] flex-row items-start gap-3">
      <View className="min-w-0 flex-1">
        <Body>{job.name}</Body>
        <Soft>{about.filter(Boolean).join(' · ')}</Soft>
      </View>
      <Button
        weight="quiet"
        className="-my-1"
        label="Change"
        spoken={`Change ${job.name}`}
        onPress={onChange}
      />
    </View>
  );
}

type JobFields = Omit<Job, 'id'>;
const NEW: JobFields = { name: '', stage: '', valueMinor: null, feeMinor: null, completedOn: null };

function AddJob({ personId, onClose }: { personId: string; onClose: () => void }) {
  const form = useWriteForm(addJob, {
    values: NEW,
    toInput: (body: JobFields) => ({ params: { id: personId }, body }),
    onSaved: onClose,
    keepAs: `new job ${personId}`,
  });
  return <JobForm form={form} onClose={onClose} />;
}

function ChangeJob({ job, onClose }: { job: Job; onClose: () => void }) {
  const { id, ...saved } = job;
  const form = useWriteForm(editJob, {
    values: saved as JobFields,
    toInput: (body: JobFields) => ({ params: { id }, body }),
    onSaved: onClose,
    keepAs: `job ${id}`,
  });
  const remove = useWrite(removeJob);
  return (
    <JobForm form={form} onClose={onClose}>
      <Button
        weight="quiet"
        label="Take away"
        spoken={`Take ${job.name} away`}
        onPress={() => remove.mutate({ params: { id } }, { onSuccess: onClose })}
      />
    </JobForm>
  );
}

interface FormProps {
  form: ReturnType<typeof useWriteForm<typeof editJob, JobFields>>;
  onClose: () => void;
  children?: React.ReactNode;
}

function JobForm({ form, onClose, children }: FormProps) {
  const money = useMoneyText();
  return (
    <Editing>
      <TextField of={form} name="name" label="What it is" autoFocus />
      <View className="flex-row flex-wrap gap-2">
        <TextField of={form} name="stage" label="How far" className="w-[150px]" />
        <MoneyField of={form} name="valueMinor" label="Worth" money={money} className="w-[130px]" />
        <MoneyField of={form} name="feeMinor" label="Fee" money={money} className="w-[130px]" />
        <DayField of={form} name="completedOn" label="Completed" lean="back" />
      </View>
      <SaveBar form={form} onClose={onClose}>
        {children}
      </SaveBar>
    </Editing>
  );
}
