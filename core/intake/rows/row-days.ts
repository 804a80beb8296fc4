import { need } from '@/core/need';
import { partsOfUse, type ColumnUse, type OwnField } from '@/core/people';
import type { DateOrder, PlainDate } from '@/core/time';

import { isDayUse, readDayColumn } from '../columns/columns';
import { headingWords } from '../columns/headings';
import type { Table } from '../table/table';

/** How the days of each column are read. */
export function dayReaders(
  table: Pick<Table, 'rows' | 'header'>,
  uses: readonly (ColumnUse | null)[],
  own: readonly OwnField[],
  usual: { order: DateOrder; today: PlainDate },
) {
  const readers = new Map<number, { order: DateOrder; serial: boolean; today: PlainDate }>();
  const found = dayColumns(table, uses, own);
  const elsewhere = [...found.values()].find(({ order }) => order)?.order ?? usual.order;
  for (const [column, { order, serial, asked }] of found)
    readers.set(column, { order: asked ?? order ?? elsewhere, serial, today: usual.today });
  return readers;
}

/** The columns of days, with the order that their cells tell and the one that the owner said. */
export function dayColumns(
  table: Pick<Table, 'rows' | 'header'>,
  uses: readonly (ColumnUse | null)[],
  own: readonly OwnField[] = [],
) {
  const found = new Map<number, ReturnType<typeof readDayColumn> & { asked: DateOrder | null }>();
  uses.forEach((use, column) => {
    if (!use) return;
    const { to, which } = partsOfUse(use);
    if (!isDayUse(to, own)) return;
    const asked = which === 'dmy' || which === 'mdy' ? which : null;
    const cells = table.rows.map((row) => row.cells[column] ?? '');
    found.set(column, { ...readDayColumn(cells), asked });
  });
  return found;
}

/** Columns of ZIP codes from which a spreadsheet has taken the zeros in front. */
export function zipColumns(
  table: Pick<Table, 'rows' | 'header'>,
  uses: readonly (ColumnUse | null)[],
) {
  const columns = new Set<number>();
  uses.forEach((use, column) => {
    if (!use || partsOfUse(use).to !== 'postalCode') return;
    const cells = table.rows.map((row) => row.cells[column] ?? '').filter(Boolean);
    const five = cells.filter((cell) => /^\d{5}(-\d{4})?$/.test(cell)).length;
    const short = cells.filter((cell) => /^\d{2,4}$/.test(cell)).length;
    const all = five + short === cells.length;
    if (all && (five > 0 || headingWords(need(table.header[column])).includes('zip')))
      columns.add(column);
  });
  return columns;
}
