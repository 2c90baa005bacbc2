import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const drySoil: NamedMark = () => (
  <G>
    <Ellipse cx={50} cy={46} rx={29} ry={4.5} fill={ink.drySoil} />
    <Path d="M34 46 L42 44 L48 48 L56 44 L66 47" stroke={ink.line} strokeWidth={1.2} fill="none" />
    <Path d="M50 60 C57 69 56 80 50 80 C44 80 43 69 50 60Z" fill="none" stroke={ink.line} strokeWidth={1.4} />
    <Path d="M38 84 L62 58" stroke={ink.fruit} strokeWidth={3} />
  </G>
);
