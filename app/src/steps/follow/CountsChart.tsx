import type { CaseView } from '@trowel/core/contract';
import { dayAndMonth } from '@trowel/core/wording';
import Svg, { Circle, G, Line, Path, Text } from 'react-native-svg';
import { View } from 'react-native';
import { useRoles } from '@/theme/theme';

const width = 340;
const height = 170;
const left = 34;
const bottom = 136;

/** Every leaf that was counted as a dot, the means joined, the level to act on as a dashed line. */
export function CountsChart({ looks, clearBelow }: { looks: CaseView['looks']; clearBelow: number }) {
  const roles = useRoles();
  const shown = looks.filter(({ kind }) => kind === 'before' || kind === 'after');
  if (shown.length === 0) return null;
  const top = Math.max(clearBelow * 1.2, ...shown.flatMap(({ counts }) => counts));
  const x = (at: number) => left + 24 + (shown.length === 1 ? 0 : (at * (width - left - 56)) / (shown.length - 1));
  const y = (value: number) => bottom - (value / top) * (bottom - 14);
  return (
    <View role="img" aria-label={`Counts: ${shown.map(({ on, mean }) => `${mean} on ${dayAndMonth(on)}`).join(', ')}`}>
      <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
        <Line x1={left} x2={width - 4} y1={bottom} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        <Line x1={left} x2={left} y1={10} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        <Line
          x1={left}
          x2={width - 4}
          y1={y(clearBelow)}
          y2={y(clearBelow)}
          stroke={roles.stop}
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
        <Text
          x={width - 6}
          y={y(clearBelow) - 4}
          fontSize={12}
          textAnchor="end"
          fill={roles.stop}
          fontFamily="Atkinson, sans-serif"
        >
          act above
        </Text>
        <Text x={left - 6} y={18} fontSize={12} textAnchor="end" fill={roles.text} fontFamily="Atkinson, sans-serif">
          {Math.round(top)}
        </Text>
        <Text
          x={left - 6}
          y={bottom + 4}
          fontSize={12}
          textAnchor="end"
          fill={roles.text}
          fontFamily="Atkinson, sans-serif"
        >
          0
        </Text>
        {shown.map(({ id, counts, on }, at) => (
          <G key={id}>
            {counts.map((value, leaf) => (
              <Circle
                key={leaf}
                cx={x(at) + ((leaf % 5) - 2) * 3}
                cy={y(value)}
                r={3}
                fill="none"
                stroke={roles.softText}
                strokeWidth={1.3}
              />
            ))}
            <Text
              x={x(at)}
              y={bottom + 20}
              fontSize={12}
              textAnchor="middle"
              fill={roles.text}
              fontFamily="Atkinson, sans-serif"
            >
              {dayAndMonth(on).replace(/(\w{3})\w*$/, '$1')}
            </Text>
          </G>
        ))}
        <Path
          d={shown.map(({ mean }, at) => `${at === 0 ? 'M' : 'L'}${x(at)} ${y(mean)}`).join(' ')}
          stroke={roles.act}
          strokeWidth={3}
          fill="none"
        />
        {shown.map(({ id, mean }, at) => (
          <Circle key={id} cx={x(at)} cy={y(mean)} r={6} fill={roles.act} stroke={roles.ground} strokeWidth={2} />
        ))}
      </Svg>
    </View>
  );
}
