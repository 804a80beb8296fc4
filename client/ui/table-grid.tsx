import {
  columnVisibilityFeature,
  createSortedRowModel,
  rowSortingFeature,
  sortFns,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import { View } from 'react-native';

import { need } from '@/core/need';

import { Chip } from './choice';
import { DisclosureButton } from './disclosure';
import { Lined, Stack, type Column } from './table-parts';

const features = tableFeatures({
  columnVisibilityFeature,
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns,
});

export type { Column };

export interface TableProps<Row> {
  /** What the table holds, for those who don't see it. */
  label: string;
  rows: readonly Row[];
  columns: readonly Column<Row>[];
  idOf: (row: Row) => string;
}

/** So wide is a column at least, in pixels, at the reader's own size of text; below it rows stack. */
const columnWidth = () =>
  6 * parseFloat(getComputedStyle(document.documentElement).fontSize || '16');

/** Rows and columns: sorted by any of them, and only those shown that are chosen. */
export function TableGrid<Row extends object>({ label, rows, columns, idOf }: TableProps<Row>) {
  const [width, setWidth] = useState(0);
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
  const of = (key: string) => need(columns.find((column) => column.key === key));
  const order = shown.map((column) => ({
    label: of(column.id).label,
    sorted: column.getIsSorted(),
    onSort: () => column.toggleSorting(),
  }));
  const Rows = width >= shown.length * columnWidth() ? Lined : Stack;
  return (
    <View className="gap-1" onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <DisclosureButton
        weight="quiet"
        className="self-end"
        label="Columns"
        openLabel="Done"
        open={choosing}
        onToggle={() => setChoosing(!choosing)}
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
      <Rows
        label={label}
        rows={table.getRowModel().rows}
        columns={shown.map(({ id }) => of(id))}
        order={order}
      />
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
