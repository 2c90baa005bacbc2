import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Draw } from '../mark';

export const notches: Draw<'holes'> = () => {
  const gone = { fill: ink.card, stroke: ink.line, strokeWidth: 1 } as const;
  return (
    <Path
      d="M78 30 a6 6 0 1 0 6 10 M82 46 a6 6 0 1 0 2 11 M80 62 a6 6 0 1 0 -3 11 M22 30 a6 6 0 1 1 -6 10 M18 46 a6 6 0 1 1 -2 11 M20 62 a6 6 0 1 1 3 11"
      {...gone}
      strokeWidth={1.3}
    />
  );
};
