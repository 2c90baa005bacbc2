import { Path } from 'react-native-svg';
import { soft } from '../../pieces';
import type { Flower } from '../parts';

export const pea: Flower = (bloom) => (
  <Path
    d="M0 4 C-9 4 -12 -4 -8 -9 C-3 -12 3 -12 8 -9 C12 -4 9 4 0 4Z M0 4 C-4 0 -4 -5 0 -8 C4 -5 4 0 0 4Z"
    fill={bloom}
    {...soft}
  />
);
