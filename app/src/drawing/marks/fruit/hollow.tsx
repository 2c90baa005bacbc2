import { Circle } from 'react-native-svg';
import { ink, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const hollow: Draw<'fruit'> = ({ base }) => {
  const field = fieldOf(base);
  return <Circle cx={field.x} cy={field.y} r={12} fill={ink.earth16} />;
};
