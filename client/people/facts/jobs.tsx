import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { useMoney, useMoneyText } from '@/client/settings';
import { Body, Button, DayField, Fault, Field, Heading, Soft } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { addJob, editJob, removeJob, type Job } from '@/contract/story';
import { longDate, type PlainDate } from '@/core/time';

/** Work done for them; a completed one has its anniversary every year. */
export function Jobs({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const [open, setOpen] = useState<string | null>(null);
  const money = useMoney({ whole: true });
  const words = (minor: number | null, what: string) =>
    minor === null ? '' : `${what} ${money(minor)}`;
  return (
    <View className="gap-1">
      <Heading>Work</Heading>
      {sheet.jobs.map((job) =>
        open === job.id ? (
          <JobForm key={job.id} personId={sheet.id} job={job} onClose={() => setOpen(null)} />
        ) : (
          <View key={job.id} className="min-h-[36px] flex-row items-start gap-3">
            <View className="min-w-0 flex-1">
              <Body>{job.name}</Body>
              <Soft>
                {[
                  job.completedOn ? `completed ${longDate(job.completedOn, today)}` : job.stage,
                  words(job.valueMinor, 'worth'),
                  words(job.feeMinor, 'fee'),
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </Soft>
            </View>
            <Button
              weight="quiet"
              className="-my-1"
              label="Change"
              spoken={`Change ${job.name}`}
              onPress={() => setOpen(job.id)}
            />
          </View>
        ),
      )}
      {open === 'new' ? (
        <JobForm personId={sheet.id} job={null} onClose={() => setOpen(null)} />
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

interface FormProps {
  personId: string;
  job: Job | null;
  onClose: () => void;
}

function JobForm({ personId, job, onClose }: FormProps) {
  const [name, setName] = useState(job?.name ?? '');
  const [stage, setStage] = useState(job?.stage ?? '');
  const money = useMoneyText();
  const [value, setValue] = useState(money.write(job?.valueMinor ?? null));
  const [fee, setFee] = useState(money.write(job?.feeMinor ?? null));
  const [completed, setCompleted] = useState<string>(job?.completedOn ?? '');
  const add = useWrite(addJob);
  const edit = useWrite(editJob);
  const remove = useWrite(removeJob);
  const amounts = { valueMinor: money.read(value), feeMinor: money.read(fee) };
  const wrong = amounts.valueMinor === undefined || amounts.feeMinor === undefined;
  const keep = () => {
    const body = { name, stage, ...amounts, completedOn: completed || null } as Job;
    if (job) edit.mutate({ params: { id: job.id }, body }, { onSuccess: onClose });
    else add.mutate({ params: { id: personId }, body }, { onSuccess: onClose });
  };
  const error = add.error ?? edit.error;
  return (
    <View className="gap-2 border-l-2 border-edge py-1 pl-3">
      <Field label="What it is" value={name} onChangeText={setName} autoFocus />
      <View className="flex-row flex-wrap gap-2">
        <Field label="How far" className="w-[150px]" value={stage} onChangeText={setStage} />
        <Field label="Worth" className="w-[110px]" value={value} onChangeText={setValue} />
        <Field label="Fee" className="w-[110px]" value={fee} onChangeText={setFee} />
        <DayField label="Completed" value={completed} onChange={setCompleted} />
      </View>
      {wrong ? <Fault>Worth and fee are amounts, such as 1,250.</Fault> : null}
      {error ? <Fault>{error.message}</Fault> : null}
      <View className="flex-row gap-2">
        <Button label="Keep" disabled={wrong || add.isPending || edit.isPending} onPress={keep} />
        <Button weight="quiet" label="Leave it" onPress={onClose} />
        {job ? (
          <Button
            weight="quiet"
            label="Take away"
            spoken={`Take ${job.name} away`}
            onPress={() => remove.mutate({ params: { id: job.id } }, { onSuccess: onClose })}
          />
        ) : null}
      </View>
    </View>
  );
}
