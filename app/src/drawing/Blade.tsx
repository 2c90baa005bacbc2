import { depthWords } from '@trowel/core/wording/everyday';
import { useId } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';
import { ink } from './ink';

const blade = 'M20 44 C10 78 14 112 32 136 C50 112 54 78 44 44 C38 38 26 38 20 44Z';
const top = 44;
const bottom = 136;

/**
 * The blade: how far a reading has been dug, from a surface hunch to settled. It stands wherever
 * certainty is shown; the words beside it say the same.
 * @param depth 0…1
 */
export function Blade({ depth, height = 96, label = true }: { depth: number; height?: number; label?: boolean }) {
  const roles = useRoles();
  // Several blades stand on one page, and each clips at its own depth.
  const ground = `ground-${useId().replace(/\W/g, '')}`;
  const soilLine = top + (bottom - top) * (1 - Math.min(1, Math.max(0, depth)));
  const words = depthWords(depth);
  return (
    <View role="img" aria-label={`How far dug: ${words}`} style={{ alignItems: 'center', gap: 2 }}>
      <Svg width={(height * 64) / 140} height={height} viewBox="0 0 64 140" aria-hidden>
        <Defs>
          <ClipPath id={ground}>
            <Rect x={0} y={soilLine} width={64} height={140 - soilLine} />
          </ClipPath>
        </Defs>
        <Path d="M32 40 V26" stroke={ink.line} strokeWidth={6} />
        <Rect x={23} y={2} width={18} height={28} rx={8} fill={ink.rust40} stroke={roles.text} strokeWidth={1.6} />
        <Path d={blade} fill={ink.stone80} stroke={roles.text} strokeWidth={2} />
        <G clipPath={`url(#${ground})`}>
          <Path d={blade} fill={ink.earth32} stroke={roles.text} strokeWidth={2} />
        </G>
        {[0.25, 0.5, 0.75].map((mark) => (
          <Line
            key={mark}
            x1={26}
            x2={38}
            y1={bottom - (bottom - top) * mark}
            y2={bottom - (bottom - top) * mark}
            stroke={ink.line}
            strokeWidth={1.6}
          />
        ))}
        <Line x1={2} x2={62} y1={soilLine} y2={soilLine} stroke={roles.text} strokeWidth={2.4} strokeDasharray="4 3" />
      </Svg>
      {label && <Small strong>{words}</Small>}
    </View>
  );
}
