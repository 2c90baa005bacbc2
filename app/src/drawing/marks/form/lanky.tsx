import { G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { leafAt, line } from '../../pieces';
import type { Draw } from '../mark';

export const lanky: Draw<'form'> = () => (
  <G>
    <Path d="M32 82 C30 60 38 36 34 12 M66 82 C70 56 60 38 68 18" fill="none" stroke={ink.pale} strokeWidth={2.2} />
    {[
      leafAt(34, 14, -70, 0.4, ink.pale),
      leafAt(34, 14, 70, 0.4, ink.pale),
      leafAt(68, 20, -60, 0.4, ink.pale),
      leafAt(68, 20, 60, 0.4, ink.pale),
      leafAt(34, 46, -80, 0.3, ink.pale),
      leafAt(65, 52, 80, 0.3, ink.pale),
    ]}
    <Path d="M14 80 V14 M11 18 l3 -5 l3 5" {...line} strokeWidth={1.1} fill="none" />
  </G>
);
