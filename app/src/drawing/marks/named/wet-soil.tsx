import { Ellipse, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import { thin } from '../../pieces';
import type { NamedMark } from '../mark';

export const wetSoil: NamedMark = () => (
  <G>
    <Ellipse cx={50} cy={46} rx={29} ry={4.5} fill={ink.wetSoil} />
    {[34, 50, 66].map((x) => (
      <Path
        key={x}
        d={`M${x} 62 C${x + 6} 70 ${x + 5} 78 ${x} 78 C${x - 5} 78 ${x - 6} 70 ${x} 62Z`}
        fill={ink.water}
        {...thin}
      />
    ))}
  </G>
);
