import { useRef, useState } from 'react';
import { View } from 'react-native';

import { Choice, Fault, Heading, Soft, useWide } from '@/client/ui';
import { need } from '@/core/need';
import { figure } from '@/core/time';

import { IncomingCard } from './incoming-card';
import { COLUMN_WIDTH, IncomingHead, IncomingRow, NAME_WIDTH } from './incoming-row';
import type { Change, Looked } from './use-import';
import { useIncoming, type Shown } from './use-incoming';

interface Props {
  looked: Looked;
  onChange: (change: Change) => void;
}

/** Everybody in a file with all that was taken: a table with room, cards on a phone. */
export function Incoming({ looked, onChange }: Props) {
  const { preview } = looked;
  const [show, setShow] = useState<Shown>('all');
  const same = preview.same.sure + preview.same.ask;
  const options = [
    { value: 'all' as const, label: `Everybody, ${figure(preview.people)}` },
    ...(preview.faultCount > preview.leftOut
      ? [{ value: 'faults' as const, label: 'To look at' }]
      : []),
    ...(preview.guessed > 0
      ? [{ value: 'guessed' as const, label: `Guessed, ${figure(preview.guessed)}` }]
      : []),
    ...(same > 0 ? [{ value: 'same' as const, label: `Here already, ${figure(same)}` }] : []),
  ];
  const chosen = options.some(({ value }) => value === show) ? show : 'all';
  return (
    <View className="h-full">
      <View className="lg:px-4">
        <Heading>People to import</Heading>
        {options.length > 1 ? (
          <Choice label="Whom to show" value={chosen} options={options} onChange={setShow} />
        ) : null}
      </View>
      <List key={chosen} looked={looked} show={chosen} onChange={onChange} />
    </View>
  );
}

function List({ looked, show, onChange }: Props & { show: Shown }) {
  const wide = useWide();
  const scroller = useRef<View>(null);
  const { preview } = looked;
  const isTable = wide && preview.columns.length > 0;
  const rows = useIncoming(looked, show, scroller, isTable ? 56 : 160);
  const edit = (row: number, column: number, value: string) =>
    onChange({ edits: [{ row, column, value }] });
  const width = isTable ? NAME_WIDTH + COLUMN_WIDTH * preview.columns.length : undefined;
  return (
    <View
      ref={scroller}
      tabIndex={0}
      role={isTable ? 'table' : 'list'}
      aria-label="People to import"
      {...(isTable ? { 'aria-rowcount': (rows.total ?? 0) + 1 } : {})}
      className="min-h-0 flex-1 overflow-auto"
    >
      {rows.error ? <Fault className="p-4">{rows.error.message}</Fault> : null}
      {isTable ? <IncomingHead preview={preview} width={need(width)} /> : null}
      {rows.total === 0 ? <Soft className="p-4">Nobody.</Soft> : null}
      <View role="presentation" style={{ height: rows.height, width }}>
        {rows.visible.map(({ index, start }) => {
          const person = rows.people.get(index);
          return (
            <View
              key={index}
              ref={rows.measure}
              {...({ dataSet: { index } } as object)}
              role={isTable ? 'row' : 'listitem'}
              {...(isTable ? { 'aria-rowindex': index + 2 } : {})}
              className="absolute inset-x-0 border-b border-line"
              style={{ transform: [{ translateY: start }], minHeight: 48 }}
            >
              {!person ? null : isTable ? (
                <IncomingRow preview={preview} person={person} onEdit={edit} />
              ) : (
                <IncomingCard preview={preview} person={person} onEdit={edit} />
              )}
            </View>
          );
        })}
      </View>
    </View>
  );
}
