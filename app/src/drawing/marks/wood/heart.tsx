import { Ellipse, G, Path, Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { card, line } from '../../pieces';
import type { Draw } from '../mark';

/** A sawn branch: bark, pale wood, and a dark stain in the middle. */
export const heart: Draw<'wood'> = () => (
  <G>
    <Rect x={0} y={0} width={100} height={100} {...card} />
    <Path d="M26 96 V58 H74 V96Z" fill={ink.earth32} {...line} />
    <Ellipse cx={50} cy={52} rx={26} ry={22} fill={ink.straw80} {...line} strokeWidth={4} />
    <Path d="M38 50 C40 40 52 38 58 44 C66 48 62 60 54 62 C44 66 36 60 38 50Z" fill={ink.burnt} />
    <Ellipse cx={50} cy={52} rx={20} ry={16} fill="none" stroke={ink.straw72} strokeWidth={1} />
  </G>
);
