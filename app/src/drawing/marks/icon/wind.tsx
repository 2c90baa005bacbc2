import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';

export const wind: Icon = () => (
  <Path
    d="M-30 -10 H8 C20 -10 20 -26 8 -24 M-30 2 H20 C34 2 34 20 20 18 M-30 14 H2 C12 14 12 28 2 27"
    fill="none"
    {...line}
    strokeWidth={3.4}
  />
);
