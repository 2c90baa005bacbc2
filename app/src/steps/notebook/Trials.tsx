import type { NotebookView } from '@trowel/core/contract';
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import { useRoles } from '@/theme/theme';

type Worked = NotebookView['worked'][number];

const width = 300;
const mark = 22;

/**
 * One mark for each time it was tried: a full disc where it helped, an empty one where not, a cross where it hurt, a
 * small ring where they went by themselves; under it, of ten times, the range that may be counted on.
 */
export function Trials({ cases, share }: Pick<Worked, 'cases' | 'share'>) {
  const roles = useRoles();
  const x = (tenth: number) => 4 + (tenth / 10) * (width - 8);
  const rows = Math.ceil(cases.length / 13);
  const under = rows * mark + 10;
  return (
    <View aria-hidden>
      <Svg width={width} height={under + (share ? 14 : 0)} viewBox={`0 0 ${width} ${under + (share ? 14 : 0)}`}>
        {cases.map(({ id, end }, at) => {
          const [cx, cy] = [11 + (at % 13) * mark, 11 + Math.floor(at / 13) * mark];
          if (end === 'harmed')
            return (
              <Path
                key={id}
                d={`M${cx - 6} ${cy - 6} l12 12 m0 -12 l-12 12`}
                stroke={roles.stop}
                strokeWidth={3}
                fill="none"
              />
            );
          return (
            <Circle
              key={id}
              cx={cx}
              cy={cy}
              r={end === 'by-itself' ? 4 : 8}
              fill={end === 'worked' ? roles.act : 'none'}
              stroke={roles.text}
              strokeWidth={end === 'by-itself' ? 1.2 : 2}
            />
          );
        })}
        {share && (
          <>
            <Line x1={x(0)} x2={x(10)} y1={under + 4} y2={under + 4} stroke={roles.softText} strokeWidth={1} />
            {Array.from({ length: 11 }, (_, tenth) => (
              <Line
                key={tenth}
                x1={x(tenth)}
                x2={x(tenth)}
                y1={under + 1}
                y2={under + 7}
                stroke={roles.softText}
                strokeWidth={1}
              />
            ))}
            <Rect
              x={x(share.low * 10)}
              y={under}
              width={Math.max(4, x(share.high * 10) - x(share.low * 10))}
              height={8}
              fill={roles.act}
              opacity={0.75}
            />
          </>
        )}
      </Svg>
    </View>
  );
}
