import { View } from 'react-native';

import { Body, Chip, Linked, Soft, useWide } from '@/client/ui';
import type { Side } from '@/contract/same';
import { addressWords, formatPhone } from '@/core/people';
import { yearlyWords } from '@/core/time';

export type Taken = keyof Side['fields'] | 'circle';

/** Values of which one person has only one, so that of two different ones one must be chosen. */
const SINGLE: [Taken, string, (side: Side) => string][] = [
  ['prefix', 'Title', ({ fields }) => fields.prefix],
  ['givenName', 'First name', ({ fields }) => fields.givenName],
  ['middleName', 'Middle name', ({ fields }) => fields.middleName],
  ['familyName', 'Last name', ({ fields }) => fields.familyName],
  ['suffix', 'Suffix', ({ fields }) => fields.suffix],
  ['goesBy', 'Goes by', ({ fields }) => fields.goesBy],
  ['company', 'Company', ({ fields }) => fields.company],
  ['jobTitle', 'Work', ({ fields }) => fields.jobTitle],
  ['birthday', 'Birthday', ({ fields }) => (fields.birthday ? yearlyWords(fields.birthday) : '')],
  ['standing', 'Standing', ({ fields }) => fields.standing],
  ['circle', 'Circle', ({ circle }) => circle ?? ''],
  ['source', 'Came from', ({ fields }) => fields.source],
  ['language', 'Language', ({ fields }) => fields.language],
  ['preferred', 'Likes best', ({ fields }) => fields.preferred],
];

/** Lists are united; both sides are shown. */
const LISTS: [string, (side: Side) => string][] = [
  ['Phones', ({ fields }) => fields.phones.map(({ value }) => formatPhone(value)).join(', ')],
  ['E-mails', ({ fields }) => fields.emails.map(({ value }) => value).join(', ')],
  ['Addresses', ({ fields }) => fields.addresses.map(addressWords).join('; ')],
  ['Roles', ({ fields }) => fields.roles.join(', ')],
];

interface Props {
  keep: Side;
  gone: Side;
  take: ReadonlySet<Taken>;
  onTake: (take: ReadonlySet<Taken>) => void;
}

/** Two records side by side; where they differ, one value is chosen. */
export function Differences({ keep, gone, take, onTake }: Props) {
  const wide = useWide();
  const choose = (key: Taken, fromGone: boolean) => {
    const next = new Set(take);
    if (fromGone) next.add(key);
    else next.delete(key);
    onTake(next);
  };
  const single = SINGLE.map(([key, label, words]) => ({
    key,
    label,
    a: words(keep),
    b: words(gone),
  })).filter(({ a, b }) => a || b);
  return (
    <View
      role="table"
      aria-label="The two records"
      className="gap-1 rounded border border-line bg-sheet p-3"
    >
      <View role="row" className="flex-row gap-3">
        {wide ? <View className="w-[110px]" /> : null}
        {[keep, gone].map((side, i) => (
          <View key={side.id} role="columnheader" className="min-w-0 flex-1">
            <Linked href={`/people/${side.id}`} className="min-h-[36px] justify-center">
              <Body className="font-sans-semibold text-sea">{side.name}</Body>
            </Linked>
            <Soft>{i === 0 ? 'here first, stays' : 'goes into it'}</Soft>
          </View>
        ))}
      </View>
      {single.map(({ key, label, a, b }) => (
        <Line key={key} label={label} wide={wide}>
          {a && b && a !== b ? (
            <>
              <Pick label={a} chosen={!take.has(key)} onPress={() => choose(key, false)} />
              <Pick label={b} chosen={take.has(key)} onPress={() => choose(key, true)} />
            </>
          ) : (
            [a, b].map((text, i) => <Cell key={i} text={text} />)
          )}
        </Line>
      ))}
      {LISTS.map(([label, words]) =>
        words(keep) || words(gone) ? (
          <Line key={label} label={label} wide={wide}>
            {[keep, gone].map((side) => (
              <Cell key={side.id} text={words(side)} />
            ))}
          </Line>
        ) : null,
      )}
    </View>
  );
}

interface LineProps {
  label: string;
  wide: boolean;
  children: React.ReactNode;
}

function Line({ label, wide, children }: LineProps) {
  if (wide)
    return (
      <View
        role="row"
        className="min-h-[36px] flex-row items-center gap-3 border-t border-line pt-1"
      >
        <Soft role="rowheader" className="w-[110px]">
          {label}
        </Soft>
        {children}
      </View>
    );
  return (
    <View role="row" className="border-t border-line pt-1">
      <Soft role="rowheader">{label}</Soft>
      <View className="flex-row gap-3">{children}</View>
    </View>
  );
}

const Cell = ({ text }: { text: string }) => (
  <View role="cell" className="min-w-0 flex-1">
    <Body>{text || '–'}</Body>
  </View>
);

interface PickProps {
  label: string;
  chosen: boolean;
  onPress: () => void;
}

const Pick = ({ label, chosen, onPress }: PickProps) => (
  <View role="cell" className="min-w-0 flex-1 items-start">
    <Chip role="checkbox" label={label} chosen={chosen} onPress={onPress} />
  </View>
);
