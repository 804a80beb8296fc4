import { Rect } from 'react-native-svg';

import { colour, Table, ChartFrame } from '@/client/ui';

const CALLS = [
  { id: '1', name: 'Ana Lind', kind: 'call', fee: 1_200, day: '2026-11-23' },
  { id: '2', name: 'Wen Ito', kind: 'card', fee: 90, day: '2026-11-20' },
  { id: '3', name: 'Rosa Marsh', kind: 'letter', fee: 450, day: '2026-11-25' },
];

export const TableSample = () => (
  <Table
    label="Touches"
    rows={CALLS}
    idOf={({ id }) => id}
    columns={[
      { key: 'name', label: 'Person', value: ({ name }) => name },
      { key: 'kind', label: 'Kind', value: ({ kind }) => kind },
      { key: 'fee', label: 'Fee', value: ({ fee }) => fee },
      { key: 'day', label: 'Day', value: ({ day }) => day, hidden: true },
    ]}
  />
);

const WEEKS = Array.from({ length: 13 }, (_, i) => `week ${i + 1}`);
const MADE = [4, 9, 12, 7, 8, 15, 3, 0, 6, 11, 9, 10, 5];

export const ChartSample = () => (
  <ChartFrame
    label="Touches made in 13 weeks, between 0 and 15 a week."
    unit="touches a week"
    points={WEEKS}
    series={[{ name: 'made', values: MADE }]}
  >
    {({ x, y, width }) =>
      MADE.map((made, i) => (
        <Rect
          key={WEEKS[i]}
          x={x(i)}
          y={y(made)}
          width={width}
          height={y(0) - y(made)}
          fill={colour('good')}
        />
      ))
    }
  </ChartFrame>
);
