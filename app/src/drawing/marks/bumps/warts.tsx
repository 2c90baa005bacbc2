import { Circle, G } from 'react-native-svg';
import { thin } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const warts: Draw<'bumps'> = () => (
  <G>
    {[24, 32, 40, 50, 58, 66, 76, 84].map((y, at) => (
      <Circle key={y} cx={at % 2 ? 56.5 : 45} cy={y} r={2.6} fill={ink.moss88} {...thin} />
    ))}
  </G>
);
