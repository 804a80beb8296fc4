import { createElement, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { figure } from '@/core/time';

import { Chip } from './choice';
import { Body, Soft } from './type';

export interface Column<Row> {
  key: string;
  label: string;
  /** What it is sorted by, and what is shown unless `cell` shows something else. */
  value: (row: Row) => string | number;
  cell?: (row: Row) => ReactNode;
  /** Not shown until it is chosen. */
  hidden?: boolean;
}

interface RowsProps<Row> {
  label: string;
  rows: readonly { id: string; original: Row }[];
  columns: readonly Column<Row>[];
  order: readonly HeadProps[];
}

/** On a phone each row is a paragraph of its own, so that nothing leaves the screen. */
export function Stack<Row>({ label, rows, columns, order }: RowsProps<Row>) {
  return (
    <>
      <View role="group" aria-label="Order" className="flex-row flex-wrap gap-x-3">
        {order.map(({ label: by, sorted, onSort }) => (
          <Chip
            key={by}
            label={`${by}${ARROW[sorted || 'none']}`}
            chosen={sorted !== false}
            onPress={onSort}
          />
        ))}
      </View>
      <View role="list" aria-label={label}>
        {rows.map(({ id, original }) => (
          <View key={id} role="listitem" className="border-t border-line py-2">
            {columns.map((column) => (
              <View key={column.key} className="flex-row flex-wrap gap-x-2">
                <Soft className="leading-6">{column.label}</Soft>
                <Content column={column} row={original} />
              </View>
            ))}
          </View>
        ))}
      </View>
    </>
  );
}

/** With room the rows stand in lines and columns. */
export const Lined = <Row,>({ label, rows, columns, order }: RowsProps<Row>) =>
  createElement(
    'table',
    { 'aria-label': label, className: 'w-full border-collapse' },
    createElement(
      'thead',
      null,
      createElement(
        'tr',
        null,
        order.map((head) => <Head key={head.label} {...head} />),
      ),
    ),
    createElement(
      'tbody',
      null,
      rows.map(({ id, original }) =>
        createElement(
          'tr',
          { key: id, className: 'border-t border-line' },
          columns.map((column) => <Cell key={column.key} column={column} row={original} />),
        ),
      ),
    ),
  );

const ARROW = { asc: ' ↑', desc: ' ↓', none: '' } as const;
const SORTED = { asc: 'ascending', desc: 'descending' } as const;

interface HeadProps {
  label: string;
  sorted: false | 'asc' | 'desc';
  onSort: () => void;
}

const Head = ({ label, sorted, onSort }: HeadProps) =>
  createElement(
    'th',
    { scope: 'col', 'aria-sort': sorted ? SORTED[sorted] : 'none', className: 'pr-4 text-left' },
    <Pressable role="button" onPress={onSort} className="min-h-[44px] justify-center">
      <Soft>{`${label}${ARROW[sorted || 'none']}`}</Soft>
    </Pressable>,
  );

interface CellProps<Row> {
  column: Column<Row>;
  row: Row;
}

const Cell = <Row,>(props: CellProps<Row>) => {
  const isFigure = typeof props.column.value(props.row) === 'number';
  return createElement(
    'td',
    { className: `py-2 pr-4 align-top ${isFigure ? 'text-right' : ''}` },
    <Content {...props} />,
  );
};

function Content<Row>({ column, row }: CellProps<Row>): ReactNode {
  const value = column.value(row);
  if (column.cell) return column.cell(row);
  return typeof value === 'number' ? (
    <Body className="tabular-nums">{figure(value)}</Body>
  ) : (
    <Body className="min-w-0 shrink">{value}</Body>
  );
}
