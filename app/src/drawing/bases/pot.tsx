import { Ellipse, G, Path, Rect } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const pot: Base = () => (
  <G>
    <Path d="M22 52 H78 L72 96 H28Z" fill={ink.pot} {...rim} />
    <Rect x={18} y={44} width={64} height={11} rx={2} fill={ink.pot} {...rim} />
    <Ellipse cx={50} cy={46} rx={29} ry={4.5} fill={ink.soil} {...rim} strokeWidth={1} />
  </G>
);
