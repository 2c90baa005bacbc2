import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const potatoSlice: NamedMark = () => (
  <G>
    <Path
      d="M26 34 C30 22 68 20 76 32 C80 42 66 48 50 48 C34 48 22 44 26 34Z"
      fill={ink.straw88}
      stroke={ink.brown}
      strokeWidth={3}
    />
    {[34, 46, 58, 66].map((x, at) => (
      <G key={x}>
        <Path
          d={`M${x} ${54 + at} c4 -3 6 5 11 2`}
          stroke={ink.white}
          strokeWidth={3}
          fill="none"
          strokeLinecap="round"
        />
        <Circle cx={x} cy={54 + at} r={1.8} fill={ink.soot} />
      </G>
    ))}
  </G>
);
