import type { Template, TemplateKind } from '@/contract/templates';
import { countInWords, plural } from '@/core/time';

export const KIND_NAMES: Record<TemplateKind, string> = {
  email: 'E-mail',
  text: 'Text',
  letter: 'Letter',
  card: 'Card',
  call: 'Notes for a call',
};

export const KIND_OPTIONS = (Object.keys(KIND_NAMES) as TemplateKind[]).map((value) => ({
  value,
  label: KIND_NAMES[value],
}));

/** "First", "Second" … and from the eleventh on in figures. */
const ORDINALS = [
  'First',
  'Second',
  'Third',
  'Fourth',
  'Fifth',
  'Sixth',
  'Seventh',
  'Eighth',
  'Ninth',
  'Tenth',
];
export const wordingName = (at: number): string => ORDINALS[at] ?? `No. ${at + 1}`;

/** "used by two beats of The year and one rule of greetings". */
export function usedWords({ usedBy }: Pick<Template, 'usedBy'>): string {
  const cadences = usedBy.filter(({ cadenceId }) => cadenceId !== null);
  const rules = usedBy.find(({ cadenceId }) => cadenceId === null)?.beats ?? 0;
  const beats = cadences.reduce((sum, use) => sum + use.beats, 0);
  const [first, ...rest] = cadences;
  const more = rest.length > 0 ? ` and ${plural(rest.length, 'other cadence')}` : '';
  const where = `${first?.name ?? ''}${more}`;
  const uses = [
    ...(beats > 0 ? [`${countInWords(beats)} ${beats === 1 ? 'beat' : 'beats'} of ${where}`] : []),
    ...(rules > 0 ? [`${countInWords(rules)} ${rules === 1 ? 'rule' : 'rules'} of greetings`] : []),
  ];
  return uses.length === 0 ? 'not used yet' : `used by ${uses.join(' and ')}`;
}
