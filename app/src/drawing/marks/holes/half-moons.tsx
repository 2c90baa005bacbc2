import { Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { Draw } from '../mark';

export const halfMoons: Draw<'holes'> = () => {
  const gone = { fill: ink.card, stroke: ink.line, strokeWidth: 1 } as const;
  return (
    <Path
      d="M72 26 A13 13 0 0 0 86 50 L92 36Z M16 46 A14 14 0 0 1 24 74 L10 66Z M70 82 A11 11 0 0 1 80 62 L90 74Z"
      {...gone}
      strokeWidth={1.4}
    />
  );
};
