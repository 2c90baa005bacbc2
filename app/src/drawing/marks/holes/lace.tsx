import { G, Path } from 'react-native-svg';
import { ink, strewn, fieldOf } from '../../ink';
import { gaps } from '../../pieces';
import type { Draw } from '../mark';

export const lace: Draw<'holes'> = ({ base }) => {
  const field = fieldOf(base);
  return (
    <G>
      <Path d={gaps} fill={ink.card} stroke={ink.soil} strokeWidth={1.2} />
      {strewn(20, 4, field).map(({ x, y }, at) => (
        <Path key={at} d={`M${x - 4} ${y} h8 M${x} ${y - 4} v8`} stroke={ink.soil} strokeWidth={0.7} />
      ))}
    </G>
  );
};
