import { G, Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const maggot: Draw<'fruit'> = () => (
  <G>
    <Path d="M38 50 C46 44 60 48 60 58 C60 68 46 70 40 64Z" fill={ink.rose24} {...line} strokeWidth={0.9} />
    <Path
      d="M44 56 C48 52 54 54 56 60 M42 62 C46 60 50 62 52 66"
      fill="none"
      stroke={ink.card}
      strokeWidth={3}
      strokeLinecap="round"
    />
    <Path d="M60 78 C62 84 60 90 62 96" stroke={ink.rose48} strokeWidth={2.6} fill="none" />
  </G>
);
