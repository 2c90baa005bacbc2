import type { CreatureSpec } from '@trowel/core/tables';
import { Circle, G, Path } from 'react-native-svg';
import { ink } from '../ink';
import { Legs } from './pieces';
import { fine } from '../pieces';
import type { Body } from './body';

function Grub({ of, fill, accent, head }: { of: CreatureSpec; fill: string; accent: string; head: string }) {
  if (of.jaws)
    return (
      <G>
        <Legs pairs={3} rx={5} ry={3} />
        <Path d="M-11 0 C-8 -5 4 -5 8 0 C4 5 -8 5 -11 0Z" fill={fill} {...fine} />
        <Path d="M-6 -3 V3 M-2 -4 V4 M2 -3.6 V3.6" stroke={accent} strokeWidth={0.9} />
        <Circle cx={9} cy={0} r={2} fill={head} {...fine} />
        <Path
          d="M10.6 -1 C14 -4 16 -3 16 -0.6 M10.6 1 C14 4 16 3 16 0.6"
          fill="none"
          stroke={ink.line}
          strokeWidth={1.3}
        />
      </G>
    );
  if (of.pattern === 'shine')
    return (
      <G>
        <Path d="M9 0 C9 -5 2 -5 -1 -3 C-5 -2 -10 -1 -12 0 C-10 1 -5 2 -1 3 C2 5 9 5 9 0Z" fill={fill} {...fine} />
        <Path d="M0 -2 C3 -3.4 6 -3 7 -1" fill="none" stroke={accent} strokeWidth={1.4} />
      </G>
    );
  return (
    <G>
      <Path
        d="M8 -8 C-2 -13 -13 -7 -12 2 C-11 10 -2 13 7 9"
        fill="none"
        stroke={ink.line}
        strokeWidth={8.6}
        strokeLinecap="round"
      />
      <Path
        d="M8 -8 C-2 -13 -13 -7 -12 2 C-11 10 -2 13 7 9"
        fill="none"
        stroke={fill}
        strokeWidth={7}
        strokeLinecap="round"
      />
      <Path
        d="M0 -13 L1 -6.6 M-7 -10.6 L-3.6 -5 M-13 -5 L-7.4 -2 M-14.6 3 L-8.4 2.6 M-10 9.6 L-6 5.4 M-2 13 L-1 7"
        stroke={ink.straw72}
        strokeWidth={0.8}
      />
      <Circle cx={9.6} cy={-7.6} r={3.8} fill={head} {...fine} />
      {(of.legs ?? 0) > 0 && (
        <Path d="M5 -4.6 l3.4 3.4 M1.6 -5.6 l2.6 4.6 M-2 -5.6 l1.4 5" stroke={ink.line} strokeWidth={1.1} />
      )}
    </G>
  );
}

export const grub: Body = ({ of, fill, accent, head }) => <Grub of={of} fill={fill} accent={accent} head={head} />;
