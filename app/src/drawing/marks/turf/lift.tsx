import { G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card } from '../../pieces';
import { straw } from './pieces';
import type { Draw } from '../mark';

export const lift: Draw<'turf'> = () => (
  <G>
    <Rect x={0} y={36} width={62} height={28} {...card} />
    <Path
      d="M2 62 H60 C60 50 50 42 38 42 C30 42 26 50 34 54 C40 56 44 52 42 48"
      fill="none"
      stroke={straw}
      strokeWidth={8}
    />
    <Path d="M2 62 H60" stroke={ink.wetSoil} strokeWidth={2} />
    <Path d="M60 62 C60 50 50 40 38 40" fill="none" stroke={ink.line} strokeWidth={1} />
    {[12, 24, 36, 48].map((x) => (
      <Path key={x} d={`M${x} 68 q3 4 0 8`} stroke={ink.soil} strokeWidth={1.4} fill="none" />
    ))}
  </G>
);
