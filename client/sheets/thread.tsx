import { Line, Rect } from 'react-native-svg';

import { Caption, colour, Drawing, KindShape } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { need } from '@/core/need';
import {
  addMonths,
  daysBetween,
  monthName,
  partsOf,
  plural,
  toDayNumber,
  type PlainDate,
} from '@/core/time';
import { keptDays } from '@/core/touches';

const HEIGHT = 92;
const AXIS = 46;
const EDGE = 10;

/** The line of time: twelve months back, three ahead; its ink thins as the promise runs down. */
export function Thread({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const from = addMonths(today, -12);
  const to = addMonths(today, 3);
  const scale = (width: number) => (day: PlainDate) =>
    EDGE + (daysBetween(from, day) / daysBetween(from, to)) * (width - 2 * EDGE);
  const touches = sheet.touches.filter(({ on, hold }) => on >= from && hold > 0);
  const planned = sheet.planned.filter(({ day }) => day <= to);
  const label = `Twelve months: ${plural(touches.length, 'touch', 'touches')}. Next three months: ${planned.length} planned.`;
  return (
    <Drawing label={label} height={HEIGHT}>
      {(width) => {
        const x = scale(width);
        return (
          <>
            <Line
              x1={EDGE}
              x2={width - EDGE}
              y1={AXIS}
              y2={AXIS}
              stroke={colour('edge')}
              strokeDasharray="1 4"
            />
            <Ink sheet={sheet} touches={touches} x={x} today={today} />
            <Months from={from} to={to} x={x} width={width} />
            <Line
              x1={x(today)}
              x2={x(today)}
              y1={14}
              y2={AXIS + 18}
              stroke={colour('ink')}
              strokeWidth={1}
            />
            <Caption x={x(today) - 5} y={20} anchor="end" strong token="ink">
              today
            </Caption>
            {planned.length > 0 ? (
              <Caption x={x(today) + 5} y={20} token="sea">
                planned
              </Caption>
            ) : null}
            {touches.map((touch) => (
              <KindShape
                key={touch.id}
                kind={touch.kind}
                x={x(touch.on)}
                y={AXIS}
                r={5}
                fill={colour('ink')}
                stroke={colour('ink')}
              />
            ))}
            {planned.map((touch) => (
              <KindShape
                key={touch.key}
                kind={touch.kind}
                x={x(touch.day)}
                y={AXIS}
                r={5}
                fill={colour('sheet')}
                stroke={colour('sea')}
              />
            ))}
          </>
        );
      }}
    </Drawing>
  );
}

const STEPS = 12;

/** The promise kept by each touch, as a stroke that thins until it has run out or the next begins. */
function Ink({
  sheet,
  touches,
  x,
  today,
}: {
  sheet: PersonSheet;
  touches: PersonSheet['touches'];
  x: (day: PlainDate) => number;
  today: PlainDate;
}) {
  const { promiseDays } = sheet.standing;
  if (promiseDays === null) return null;
  const now = toDayNumber(today);
  return touches.toReversed().flatMap((touch, i, inOrder) => {
    const start = toDayNumber(touch.on);
    const next = inOrder[i + 1] ? toDayNumber(need(inOrder[i + 1]).on) : now;
    const kept = keptDays(touch.hold, promiseDays);
    const end = Math.min(start + kept, next);
    if (end <= start) return [];
    const perDay = (x(today) - x(touch.on)) / Math.max(1, now - start);
    const slice = ((end - start) * perDay) / STEPS;
    return Array.from({ length: STEPS }, (_, n) => {
      const left = 1 - ((n / STEPS) * (end - start)) / kept;
      return (
        <Rect
          key={`${touch.id}-${n}`}
          x={x(touch.on) + n * slice}
          y={AXIS - 0.6 - 2 * left}
          width={slice + 0.3}
          height={1.2 + 4 * left}
          fill={colour('ink')}
        />
      );
    });
  });
}

function Months({
  from,
  to,
  x,
  width,
}: {
  from: PlainDate;
  to: PlainDate;
  x: (day: PlainDate) => number;
  width: number;
}) {
  const firsts: PlainDate[] = [];
  const firstMonth = `${from.slice(0, 8)}01` as PlainDate;
  for (let n = 1; addMonths(firstMonth, n) <= to; n++) firsts.push(addMonths(firstMonth, n));
  const every = width < 600 ? 3 : 1;
  return firsts.map((day, i) => (
    <Tick
      key={day}
      at={x(day)}
      label={i % every === 0 ? monthName(partsOf(toDayNumber(day)).month).slice(0, 3) : ''}
    />
  ));
}

const Tick = ({ at, label }: { at: number; label: string }) => (
  <>
    <Line x1={at} x2={at} y1={AXIS + 18} y2={AXIS + 23} stroke={colour('edge')} />
    {label ? (
      <Caption x={at + 2} y={AXIS + 36}>
        {label}
      </Caption>
    ) : null}
  </>
);
