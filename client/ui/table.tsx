import { lazy, Suspense } from 'react';

import { Loading } from './states';
import type { TableProps } from './table-grid';

export type { Column } from './table-grid';

// The library behind it is loaded with the first table, not with the first screen.
const Grid = lazy(async () => ({ default: (await import('./table-grid')).TableGrid }));

/** Rows and columns: sorted by any of them, and only those shown that are chosen. */
export const Table = <Row extends object>(props: TableProps<Row>) => (
  <Suspense fallback={<Loading />}>
    <Grid {...(props as unknown as TableProps<object>)} />
  </Suspense>
);
