import {
  columnVisibilityFeature,
  createSortedRowModel,
  rowSortingFeature,
  sortFns,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { createElement, useMemo, useState, type ReactNode } from 'react';
import { Pressable, ScrollView, View } from 'react-native';

import { figure } from '@/core/time';

import { Button } from './button';
import { Chip } from './choice';
import { Body, Soft } from './type';

const features = tableFeatures({
  columnVisibilityFeature,
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns,
});

export interface Column<Row> {
  key: string;
  label: string;
  /** What it is sorted by, and what is shown unless `cell` shows something else. */
  value: (row: Row) => string | number;
  cell?: (row: Row) => ReactNode;
  /** Not shown until it is chosen. */
  hidden?: boolean;
}

export interface TableProps<Row> {
  /** What the table holds, for those who don't see it. */
  label: string;
  rows: readonly Row[];
  columns: readonly Column<Row>[];
  idOf: (row: Row) => string;
}

/** Rows and columns: sorted by any of them, and only those shown that are chosen. */
export function TableGrid<Row extends object>({ label, rows, columns, idOf }: TableProps<Row>) {
  const [choosing, setChoosing] = useState(false);
  const data = useMemo(() => [...rows], [rows]);
  const shape = useMemo(
    () => columns.map(({ key, label: header, value }) => ({ id: key, header, accessorFn: value })),
    [columns],
  );
  const table = useTable({
    features,
    columns: shape,
    data,
    getRowId: idOf,
    initialState: {
      columnVisibility: Object.fromEntries(columns.map(({ key, hidden }) => [key, !hidden])),
    },
  });
  const all = table.getAllLeafColumns();
  const shown = all.filter((column) => column.getIsVisible());
  const of = (key: string) => columns.find((column) => column.key === key)!;
  return (
    <View className="gap-1">
      <Button
        weight="quiet"
        className="self-end"
        label={choosing ? 'Columns are chosen' : 'Choose columns'}
        aria-expanded={choosing}
        onPress={() => setChoosing(!choosing)}
      />
      {choosing ? (
        <Choosing
          columns={all.map((column) => ({
            key: column.id,
            label: of(column.id).label,
            shown: column.getIsVisible(),
            // The last one stays, so that there is something to read.
            toggle: () => (shown.length > 1 || !column.getIsVisible()) && column.toggleVisibility(),
          }))}
        />
      ) : null}
      <ScrollView horizontal contentContainerClassName="grow">
        <Grid label={label}>
          {createElement(
            'thead',
            null,
            createElement(
              'tr',
              null,
              shown.map((column) => (
                <Head
                  key={column.id}
                  label={of(column.id).label}
                  sorted={column.getIsSorted()}
                  onSort={() => column.toggleSorting()}
                />
              )),
            ),
          )}
          {createElement(
            'tbody',
            null,
            table.getRowModel().rows.map((row) =>
              createElement(
                'tr',
                { key: row.id, className: 'border-t border-line' },
                shown.map(({ id }) => <Cell key={id} column={of(id)} row={row.original} />),
              ),
            ),
          )}
        </Grid>
      </ScrollView>
    </View>
  );
}

interface ChoosingProps {
  columns: readonly { key: string; label: string; shown: boolean; toggle: () => void }[];
}

const Choosing = ({ columns }: ChoosingProps) => (
  <View role="group" aria-label="Columns" className="flex-row flex-wrap gap-x-3">
    {columns.map(({ key, label, shown, toggle }) => (
      <Chip key={key} label={label} chosen={shown} onPress={toggle} />
    ))}
  </View>
);

const Grid = ({ label, children }: { label: string; children: ReactNode }) =>
  createElement('table', { 'aria-label': label, className: 'w-full border-collapse' }, children);

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
      <Soft>{`${label}${sorted ? (sorted === 'asc' ? ' ↑' : ' ↓') : ''}`}</Soft>
    </Pressable>,
  );

function Cell<Row>({ column, row }: { column: Column<Row>; row: Row }) {
  const value = column.value(row);
  const isFigure = typeof value === 'number';
  return createElement(
    'td',
    { className: `py-2 pr-4 align-top ${isFigure ? 'text-right' : ''}` },
    column.cell ? (
      column.cell(row)
    ) : (
      <Body className={isFigure ? 'tabular-nums' : ''}>{isFigure ? figure(value) : value}</Body>
    ),
  );
}
