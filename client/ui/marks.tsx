import { View } from 'react-native';
import Svg, { Circle, Path, Polygon, Rect } from 'react-native-svg';

import type { TouchKind, Warmth } from '@/core/touches';

export const colour = (token: string) => `rgb(var(--${token}))`;

interface ShapeProps {
  kind: TouchKind;
  x: number;
  y: number;
  /** Half the width. */
  r: number;
  fill: string;
  stroke: string;
}

/** The mark of a kind of touch: told apart by shape, so that it works without colour. */
export function KindShape({ kind, x, y, r, fill, stroke }: ShapeProps) {
  const ink = { fill, stroke, strokeWidth: 1.5, strokeLinejoin: 'round' as const };
  switch (kind) {
    case 'call':
      return <Circle cx={x} cy={y} r={r} {...ink} />;
    case 'text':
      return (
        <Rect x={x - r * 0.9} y={y - r * 0.9} width={r * 1.8} height={r * 1.8} rx={1} {...ink} />
      );
    case 'email':
      return (
        <>
          <Rect x={x - r * 1.3} y={y - r * 0.9} width={r * 2.6} height={r * 1.8} {...ink} />
          <Path
            d={`M${x - r * 1.3} ${y - r * 0.9}L${x} ${y + r * 0.2}L${x + r * 1.3} ${y - r * 0.9}`}
            fill="none"
            stroke={fill === stroke ? colour('sheet') : stroke}
            strokeWidth={1.2}
          />
        </>
      );
    case 'card':
      return <Rect x={x - r * 1.3} y={y - r * 0.8} width={r * 2.6} height={r * 1.6} {...ink} />;
    case 'letter':
      return (
        <Path
          d={`M${x - r * 0.8} ${y - r}H${x + r * 0.3}L${x + r * 0.8} ${y - r * 0.4}V${y + r}H${x - r * 0.8}Z`}
          {...ink}
        />
      );
    case 'social':
      return (
        <Polygon
          points={`${x},${y - r} ${x + r},${y + r * 0.8} ${x - r},${y + r * 0.8}`}
          {...ink}
        />
      );
    case 'visit':
      return (
        <Polygon points={`${x},${y - r} ${x + r},${y} ${x},${y + r} ${x - r},${y}`} {...ink} />
      );
    case 'gift':
      return (
        <Path
          d={`M${x - r * 0.35} ${y - r}h${r * 0.7}v${r * 0.65}h${r * 0.65}v${r * 0.7}h${-r * 0.65}v${r * 0.65}h${-r * 0.7}v${-r * 0.65}h${-r * 0.65}v${-r * 0.7}h${r * 0.65}z`}
          {...ink}
        />
      );
    case 'other':
      return <Circle cx={x} cy={y} r={r * 0.55} {...ink} />;
  }
}

export const KindMark = ({ kind, token = 'ink' }: { kind: TouchKind; token?: string }) => (
  <View aria-hidden>
    <Svg width={18} height={18}>
      <KindShape kind={kind} x={9} y={9} r={5.5} fill={colour(token)} stroke={colour(token)} />
    </Svg>
  </View>
);

export const WARMTH_TOKEN: Record<Warmth, string> = {
  fresh: 'good',
  steady: 'good',
  soon: 'warn',
  slipping: 'danger',
  quiet: 'dusk',
};
export const WARMTH_TEXT: Record<Warmth, string> = {
  fresh: 'text-good',
  steady: 'text-good',
  soon: 'text-warn',
  slipping: 'text-danger',
  quiet: 'text-dusk',
};

const LEVEL: Record<Warmth, number> = { fresh: 1, steady: 0.66, soon: 0.33, slipping: 0, quiet: 0 };

/** The inkwell: full while a promise is fresh, emptying as it runs down, broken when it went quiet. */
export function WarmthMark({ warmth }: { warmth: Warmth }) {
  const ink = colour(WARMTH_TOKEN[warmth]);
  const top = 12 - 9 * LEVEL[warmth];
  return (
    <View aria-hidden>
      <Svg width={14} height={14}>
        {LEVEL[warmth] > 0 ? <Rect x={2.5} y={top} width={9} height={12 - top} fill={ink} /> : null}
        <Path
          d="M2 2V12H12V2"
          fill="none"
          stroke={ink}
          strokeWidth={1.5}
          strokeDasharray={warmth === 'quiet' ? '1.5 2' : undefined}
        />
        {warmth === 'slipping' ? (
          <Path d="M4.5 4.5L9.5 9.5" stroke={ink} strokeWidth={1.5} />
        ) : null}
      </Svg>
    </View>
  );
}
