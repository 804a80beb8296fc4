import { Select } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import type { Template } from '@/contract/templates';
import { SENDABLE } from '@/core/cadences';
import { need } from '@/core/need';
import { KIND_WORDS, TOUCH_KINDS } from '@/core/touches';

const KIND_OPTIONS = TOUCH_KINDS.map((kind) => ({ value: kind, label: KIND_WORDS[kind].noun }));
const ERRAND_OPTIONS = {
  cadence: { value: 'cadence', label: 'begin another cadence' },
  service: { value: 'service', label: 'tell a service' },
} as const;

/** What beats can be about: cadences to begin, services to tell, templates to say. */
export interface Targets {
  cadences: readonly { id: string; name: string }[];
  services: readonly { id: string; name: string }[];
  templates: readonly Pick<Template, 'id' | 'name' | 'kind' | 'wordings'>[];
}

/** "call", "begin Quarterly", "tell Letters". */
export function whatOf({ kind, errand }: Beat, { cadences, services }: Targets): string {
  if (!errand) return KIND_WORDS[kind].noun;
  const named = (all: Targets['cadences'], id: string) => all.find((one) => one.id === id)?.name;
  return errand.to === 'cadence'
    ? `begin ${named(cadences, errand.cadenceId) ?? 'another cadence'}`
    : `tell ${named(services, errand.serviceId) ?? 'a service'}`;
}

type KindValue = Beat['kind'] | keyof typeof ERRAND_OPTIONS;

/** What a beat can be: a kind of touch, or an errand where there is something to run it to. */
export const kindOptions = ({
  cadences,
  services,
}: Targets): { value: KindValue; label: string }[] => [
  ...KIND_OPTIONS,
  ...(cadences.length > 0 ? [ERRAND_OPTIONS.cadence] : []),
  ...(services.length > 0 ? [ERRAND_OPTIONS.service] : []),
];

/** The beat as another kind of touch, or as an errand. */
export function turned(beat: Beat, to: KindValue, { cadences, services }: Targets): Beat {
  const bare = { ...beat, templateId: null };
  const errand = { ...bare, kind: 'other', way: 'auto' } as const;
  if (to === 'cadence')
    return { ...errand, wordings: [], errand: { to, cadenceId: need(cadences[0]).id } };
  if (to === 'service') return { ...errand, errand: { to, serviceId: need(services[0]).id } };
  const way = SENDABLE.includes(to) && !beat.errand ? beat.way : 'hand';
  return { ...bare, kind: to, way, errand: null };
}

/** Which cadence is begun, or which service told. */
export function ErrandTarget({
  beat,
  targets,
  nth,
  onChange,
}: {
  beat: Beat;
  targets: Targets;
  nth: string;
  onChange: (beat: Beat) => void;
}) {
  const { errand } = beat;
  if (!errand) return null;
  const all = errand.to === 'cadence' ? targets.cadences : targets.services;
  return (
    <Select
      label={errand.to === 'cadence' ? `Cadence that ${nth} begins` : `Service that ${nth} tells`}
      hideLabel
      className="w-[220px]"
      value={errand.to === 'cadence' ? errand.cadenceId : errand.serviceId}
      options={all.map(({ id, name }) => ({ value: id, label: name }))}
      onChange={(id) =>
        onChange({
          ...beat,
          errand:
            errand.to === 'cadence'
              ? { to: 'cadence', cadenceId: id }
              : { to: 'service', serviceId: id },
        })
      }
    />
  );
}
