import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { leafPath } from '../../pieces';
import type { NamedMark } from '../mark';

export const crispEdge: NamedMark = () => (
  <G>
    <Path d={leafPath} fill="none" stroke={ink.burnt} strokeWidth={9} strokeDasharray="9 2 5 1" />
    <Path d={leafPath} fill="none" stroke={ink.line} strokeWidth={1.6} />
  </G>
);
