import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Text as SvgText } from 'react-native-svg';

import { colour } from './marks';

interface Props {
  /** What the drawing says, for those who don't see it. */
  label: string;
  height: number;
  children: (width: number) => ReactNode;
}

/** A drawing as wide as its place, with the same said in words. */
export function Drawing({ label, height, children }: Props) {
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={label}
      style={{ height }}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width > 0 ? (
        <Svg width={width} height={height}>
          {children(width)}
        </Svg>
      ) : null}
    </View>
  );
}

interface CaptionProps {
  x: number;
  y: number;
  anchor?: 'start' | 'middle' | 'end';
  token?: string;
  strong?: boolean;
  children: string | number;
}

/** Small lettering in a drawing. */
export const Caption = ({
  x,
  y,
  anchor = 'start',
  token = 'soft',
  strong,
  children,
}: CaptionProps) => (
  <SvgText
    x={x}
    y={y}
    textAnchor={anchor}
    fontFamily={strong ? 'HankenSemiBold' : 'Hanken'}
    fontSize={12}
    fill={colour(token)}
  >
    {children}
  </SvgText>
);
