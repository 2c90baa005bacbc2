import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../../ink';
import type { NamedMark } from '../mark';

export const caterpillar: NamedMark = () => (
  <G>
    {[16, 27, 38, 49, 60, 71].map((x, at) => (
      <Circle
        key={x}
        cx={x}
        cy={62 - Math.sin((at / 5) * Math.PI) * 22}
        r={9}
        fill={ink.green}
        stroke={ink.line}
        strokeWidth={1.2}
      />
    ))}
    <Circle cx={82} cy={66} r={9} fill={ink.leaf72} stroke={ink.line} strokeWidth={1.2} />
    <Circle cx={85} cy={63} r={1.5} fill={ink.line} />
    <Path d="M16 71 v5 M27 58 v0 M60 60 v6 M71 70 v6" stroke={ink.line} strokeWidth={1.6} />
    <Path d="M12 55 C30 40 56 34 76 52" stroke={ink.moss88} strokeWidth={1.6} fill="none" />
  </G>
);
