import type { Tone } from '@trowel/core/tables';
import { useMemo } from 'react';
import Svg, { Circle, ClipPath, Defs, Ellipse, G, Path } from 'react-native-svg';
import { ink, toneColours } from './ink';
import { oval, spotsOf } from './sick-area';

/** A leaf of which so many per cent are sick: what a class of sick area looks like. */
export function SickLeaf({ percent, width = 84, tone }: { percent: number; width?: number; tone: Tone }) {
  const spots = useMemo(() => spotsOf(percent), [percent]);
  const clip = `sick-leaf-${percent}`;
  return (
    <Svg width={width} height={width * 0.7} viewBox="0 0 100 70" aria-hidden>
      <Defs>
        <ClipPath id={clip}>
          <Ellipse cx={oval.x} cy={oval.y} rx={oval.rx} ry={oval.ry} />
        </ClipPath>
      </Defs>
      <Ellipse cx={oval.x} cy={oval.y} rx={oval.rx} ry={oval.ry} fill={ink.healthy} />
      <G clipPath={`url(#${clip})`}>
        {spots.map(({ x, y, radius }, at) => (
          <Circle key={at} cx={x} cy={y} r={radius} fill={toneColours[tone]} />
        ))}
        <Path d="M6 35 H94" stroke={ink.rib} strokeWidth={1.6} fill="none" />
        <Path
          d="M24 35 L34 16 M24 35 L34 54 M42 35 L54 12 M42 35 L54 58 M60 35 L72 16 M60 35 L72 54"
          stroke={ink.rib}
          strokeWidth={0.9}
          fill="none"
        />
      </G>
      <Ellipse cx={oval.x} cy={oval.y} rx={oval.rx} ry={oval.ry} fill="none" stroke={ink.line} strokeWidth={2} />
      <Path d="M94 35 H100" stroke={ink.line} strokeWidth={3} fill="none" />
    </Svg>
  );
}
