import { View } from 'react-native';

import { Choice, Heading, Soft } from '@/client/ui';
import type { ImportPreview } from '@/contract/imports';
import { plural } from '@/core/time';

const SAME = [
  { value: 'join', label: 'Add what is new to them' },
  { value: 'add', label: 'Let them come in again' },
] as const;

const SAME_SHOWN = 8;
const SHOWN = 50;

interface SameProps {
  preview: ImportPreview;
  same: 'join' | 'add';
  onSame: (same: 'join' | 'add') => void;
}

/** Who of the file is surely or perhaps in the sphere, with the evidence. */
export function HereAlready({ preview, same, onSame }: SameProps) {
  const { sure, ask, sample } = preview.same;
  if (sure + ask === 0) return null;
  return (
    <View className="gap-1">
      <Heading>
        {[sure > 0 && `${plural(sure, 'is', 'are')} here already`, ask > 0 && `${ask} perhaps`]
          .filter(Boolean)
          .join(', ')}
      </Heading>
      {sample.slice(0, SAME_SHOWN).map(({ row, name, other, verdict, evidence }) => (
        <Soft key={row}>
          {`${name} ${verdict === 'sure' ? 'is' : 'may be'} ${other}: ${evidence.join(', ')}`}
        </Soft>
      ))}
      {sample.length > SAME_SHOWN ? <Soft>{`and ${sure + ask - SAME_SHOWN} more`}</Soft> : null}
      {sure > 0 ? (
        <Choice label="Who is here already" value={same} options={SAME} onChange={onSame} />
      ) : null}
      {ask > 0 ? <Soft>The uncertain come in; you can look at each pair afterwards.</Soft> : null}
    </View>
  );
}

/** What of the file would stay out. What can't be read of those who come in stands beside them. */
export function ImportFaults({ preview }: { preview: ImportPreview }) {
  const { faults, leftOut, format } = preview;
  if (leftOut === 0) return null;
  const unit = { csv: 'Row', sheet: 'Row', vcard: 'Card', pasted: 'Entry' }[format];
  const list = faults.filter((fault) => fault.leftOut);
  return (
    <View className="gap-1">
      <Heading>
        {`${plural(leftOut, unit.toLowerCase(), format === 'pasted' ? 'entries' : undefined)} can’t be read and will be left out`}
      </Heading>
      {list.slice(0, SHOWN).map(({ row, why }, i) => (
        <Soft key={i}>{`${unit} ${row}: ${why}`}</Soft>
      ))}
      {leftOut > SHOWN ? <Soft>{`and ${leftOut - SHOWN} more`}</Soft> : null}
    </View>
  );
}
