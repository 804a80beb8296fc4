import { useRouter } from 'expo-router';
import { useImperativeHandle, useMemo, type Ref } from 'react';
import { useWatch } from 'react-hook-form';

import { useRead, useWriteForm } from '@/client/api';
import { calendarOf, type OwnersDays } from '@/client/settings';
import {
  createCadence,
  listCadences,
  saveCadence,
  type Cadence,
  type CadenceDraft,
} from '@/contract/cadences';
import { listServices } from '@/contract/services';
import { listTemplates } from '@/contract/templates';
import { crowding, faultOf, yearShape, type Timing } from '@/core/cadences';
import { toDayNumber } from '@/core/time';
import { kindSetups, ofKinds } from '@/core/touches';

import type { Targets } from './errand';

/** Takes a draft from outside of the form into it. */
export type Take = (draft: CadenceDraft) => void;

export interface BuilderProps {
  saved: Cadence | null;
  first: CadenceDraft;
  owner: OwnersDays;
  take?: Ref<Take>;
}

/** What errands can be about, beside the cadence itself. */
function useTargets(id: string | null): Targets {
  const cadences = useRead(listCadences).data?.cadences ?? [];
  const services = useRead(listServices).data?.services ?? [];
  const templates = useRead(listTemplates).data?.templates ?? [];
  return { cadences: cadences.filter((other) => other.id !== id), services, templates };
}

/** The form of a cadence: it is created, or the saved one is changed on the version that is shown. */
function useDraft(saved: Cadence | null, first: CadenceDraft) {
  const router = useRouter();
  // One form for both: what is written is the same but for the version.
  const endpoint = (saved ? saveCadence : createCadence) as typeof saveCadence;
  const form = useWriteForm(endpoint, {
    values: first,
    toInput: (draft: CadenceDraft) =>
      saved
        ? { params: { id: saved.id }, body: { ...draft, version: saved.version } }
        : { body: draft as CadenceDraft & { version: number } },
    onSaved: (done) => {
      if (!saved) router.replace(`/cadences/${(done as typeof done & { id: string }).id}`);
    },
    keepAs: `cadence ${saved?.id ?? 'new'}`,
  });
  return { form, draft: useWatch({ control: form.control }) as CadenceDraft };
}

/** Everything that the builder knows of the draft: the year it makes, and what is wrong with it. */
export function useBuilder({ saved, first, owner, take }: BuilderProps) {
  const { form, draft } = useDraft(saved, first);
  const targets = useTargets(saved?.id ?? null);
  const { settings: days, today } = owner;
  const fault = faultOf(draft);
  const start = toDayNumber(today);
  const calendar = useMemo(() => calendarOf(owner), [owner]);
  const shape = useMemo(() => {
    const costs = ofKinds(kindSetups(days.kinds), ({ costMinor }) => costMinor);
    return yearShape(fault ? { ...draft, beats: [] } : draft, start, calendar, costs);
  }, [draft, fault, start, calendar, days]);
  const set = (part: Partial<CadenceDraft>) => {
    for (const [name, value] of Object.entries(part))
      form.set(name as keyof CadenceDraft, value as never, { shouldDirty: true });
  };
  useImperativeHandle(take, () => set);
  return {
    form,
    draft,
    set,
    targets,
    fault,
    start,
    calendar,
    shape,
    crowded: fault ? null : crowding(shape, days.minDistanceDays),
    /** A new one can be kept as it is; one that is saved only when something is different. */
    changed: !saved || form.changed,
    moveBeat: (id: string, timing: Timing) =>
      set({ beats: draft.beats.map((beat) => (beat.id === id ? { ...beat, timing } : beat)) }),
  };
}
