import { Ellipse, G, Path } from 'react-native-svg';
import { fine } from '../pieces';
import type { Body } from './body';

export const moth: Body = ({ fill, accent }) => (
  <G>
    <Path
      d="M2 0 C-2 -12 -14 -11 -13 -3 C-10 1 -4 1 2 0Z M2 0 C-2 12 -14 11 -13 3 C-10 -1 -4 -1 2 0Z"
      fill={fill}
      {...fine}
    />
    <Ellipse rx={6} ry={1.8} fill={accent} {...fine} />
  </G>
);
