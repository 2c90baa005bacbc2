import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const cutShort: Icon = () => (
  <Path d="M-26 20 V10 M-14 20 V8 M-2 20 V10 M10 20 V8 M22 20 V10 M-30 20 H30" {...line} strokeWidth={3} />
);
