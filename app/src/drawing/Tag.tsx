import Svg, { Circle, ClipPath, Defs, G, Path } from 'react-native-svg';
import { useRoles } from '@/theme/theme';

const shape = 'M2 4 H46 L58 16 L46 28 H2Z';

/** Patterns that belong to a case, a bed or a batch: told apart without colour. */
const patterns: readonly string[] = [
  'M0 8 H60 M0 16 H60 M0 24 H60',
  'M6 0 V32 M16 0 V32 M26 0 V32 M36 0 V32',
  'M0 32 L32 0 M12 32 L44 0 M24 32 L56 0 M-12 32 L20 0',
  'M0 0 L32 32 M12 0 L44 32 M24 0 L56 32 M-12 0 L20 32',
  'M8 8 h.1 M20 8 h.1 M32 8 h.1 M8 20 h.1 M20 20 h.1 M32 20 h.1 M14 14 h.1 M26 14 h.1 M38 14 h.1 M14 26 h.1 M26 26 h.1',
  'M0 10 L8 4 L16 10 L24 4 L32 10 L40 4 M0 22 L8 16 L16 22 L24 16 L32 22 L40 16',
  'M0 16 H40 M10 4 V28 M24 4 V28',
  'M4 16 a8 8 0 1 1 16 0 a8 8 0 1 1 -16 0 M24 16 a8 8 0 1 1 16 0 a8 8 0 1 1 -16 0',
  'M0 8 C8 0 14 16 22 8 S36 16 44 8 M0 20 C8 12 14 28 22 20 S36 28 44 20',
  'M4 6 H14 V16 H4Z M20 6 H30 V16 H20Z M12 18 H22 V28 H12Z M28 18 H38 V28 H28Z',
  'M6 26 L12 6 L18 26 M24 26 L30 6 L36 26',
  'M10 4 V28 M4 10 L16 22 M16 10 L4 22 M30 4 V28 M24 10 L36 22 M36 10 L24 22',
];

/** A plant tag with the pattern that is this case's own. */
export function Tag({ pattern, width = 60 }: { pattern: number; width?: number }) {
  const roles = useRoles();
  const id = `tag-${pattern % patterns.length}`;
  return (
    <Svg width={width} height={(width * 32) / 60} viewBox="0 0 60 32" aria-hidden>
      <Defs>
        <ClipPath id={id}>
          <Path d={shape} />
        </ClipPath>
      </Defs>
      <Path d={shape} fill={roles.warnGround} stroke={roles.text} strokeWidth={1.6} />
      <G clipPath={`url(#${id})`}>
        <Path
          d={patterns[pattern % patterns.length]}
          stroke={roles.text}
          strokeWidth={pattern % patterns.length === 4 ? 4 : 2}
          strokeLinecap="round"
          fill="none"
        />
      </G>
      <Circle cx={49} cy={16} r={2.6} fill={roles.ground} stroke={roles.text} strokeWidth={1.2} />
    </Svg>
  );
}
