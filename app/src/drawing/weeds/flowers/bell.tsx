import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const bell: Flower = (bloom) => (
  <Path d="M-3 6 C-9 0 -10 -8 -12 -12 C-6 -9 -4 -11 0 -13 C4 -11 6 -9 12 -12 C10 -8 9 0 3 6Z" fill={bloom} {...soft} />
);
