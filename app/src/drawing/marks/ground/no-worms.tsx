import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const noWorms: Draw<'ground'> = () => {
  const drops = (colour: string) => (
    <Path
      d="M40 30 q-4 7 0 10 q4 -3 0 -10Z M56 24 q-4 7 0 10 q4 -3 0 -10Z"
      fill={colour}
      stroke={ink.line}
      strokeWidth={0.8}
    />
  );
  return (
    <G>
      <Path d="M20 44 H80 V94 H20Z" fill={ink.earth56} {...line} />
      <Path d="M44 68 q6 -6 10 0 q4 5 8 0" fill="none" stroke={ink.rose64} strokeWidth={3} strokeLinecap="round" />
      {drops('none')}
    </G>
  );
};
