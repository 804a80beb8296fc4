import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';

import { call, CallFault, useWriteForm } from '@/client/api';
import { useSelection } from '@/client/people';
import type { Cadence } from '@/contract/cadences';
import { enrol, previewEnrolment } from '@/contract/enrolments';
import type { CallInput, CallOutput } from '@/contract/endpoint';
import type { Who } from '@/contract/filters';
import { pastThisYear } from '@/core/cadences';
import { need } from '@/core/need';
import { isPlainDate, toDayNumber, type PlainDate } from '@/core/time';

export type Preview = CallOutput<typeof previewEnrolment>;

export interface EnrolmentProps {
  cadences: readonly Cadence[];
  /** The cadence that is chosen at first. */
  first: string;
  who: Who;
  /** How many were chosen; null when it is for everybody. */
  chosen: number | null;
  /** The sheet that led here, to go back to; null when it was for those chosen. */
  from: string | null;
  today: PlainDate;
}

export interface Joining {
  cadenceId: string;
  startOn: PlainDate;
  pace: 'once' | 'phased';
  perDay: number | null;
  lacking: 'along' | 'out';
}

/** How many begin a day, when they begin a few each day. */
const A_FEW = 3;

/** What is asked for, and what it would bring. */
export function useEnrolment({ cadences, first, who, from, today }: EnrolmentProps) {
  const router = useRouter();
  const { setSelection } = useSelection();
  const [samplePersonId, setSample] = useState<string | null>(null);
  const toInput = (joining: Joining): CallInput<typeof enrol> => ({
    body: {
      cadenceId: joining.cadenceId,
      who,
      startOn: joining.startOn,
      perDay: joining.pace === 'phased' ? (joining.perDay ?? 0) : null,
      leaveOutLacking: joining.lacking === 'out',
    },
  });
  const form = useWriteForm(enrol, {
    values: {
      cadenceId: first,
      startOn: today,
      pace: 'once',
      perDay: A_FEW,
      lacking: 'along',
    } as Joining,
    toInput,
    onSaved: () => {
      if (!from) setSelection(null);
      router.navigate(from ?? '/');
    },
  });
  const joining = useWatch({ control: form.control }) as Joining;
  const { body } = toInput(joining);
  const readable = isPlainDate(joining.startOn);
  const preview = useQuery<Preview, CallFault>({
    queryKey: ['enrol-preview', body, samplePersonId],
    queryFn: ({ signal }) =>
      call(previewEnrolment, { body: { ...need(body), samplePersonId } }, { signal }),
    enabled: readable,
    placeholderData: (previous) => previous,
    retry: false,
  });
  const cadence = cadences.find(({ id }) => id === joining.cadenceId);
  const timings = (cadence?.beats ?? []).map(({ timing }) => timing);
  const { data, error } = preview;
  const left = joining.lacking === 'out' ? (data?.lackingCount ?? 0) : 0;
  return {
    form,
    joining,
    cadence,
    preview: { data: error ? undefined : data, error },
    setSample,
    /** Pieces of the year of the cadence that have passed on the day of the start. */
    past: readable ? pastThisYear(timings, toDayNumber(joining.startOn)) : 0,
    /** How many would join. */
    people: (data?.people ?? 0) - left,
    setLacking: (lacking: Joining['lacking']) => form.set('lacking', lacking),
  };
}
