import type { PlateBase } from '@trowel/core/tables';
import type { ReactElement } from 'react';
import { Circle, Ellipse, G, Path } from 'react-native-svg';
import { ink, strewn, toneColours, fieldOf } from '../ink';
import { narrowed, range, thin } from '../pieces';
import type { MarkOf } from './mark';

function SpotShape({ shape, r, fill }: { shape: NonNullable<MarkOf<'spots'>['shape']>; r: number; fill: string }) {
  switch (shape) {
    case 'rings':
      return (
        <G>
          <Circle r={r} fill={fill} />
          <Circle r={r * 0.68} fill="none" stroke={ink.straw72} strokeWidth={1.3} />
          <Circle r={r * 0.34} fill="none" stroke={ink.straw72} strokeWidth={1.2} />
        </G>
      );
    case 'angular':
      return (
        <Path
          d={`M${-r} ${-r * 0.4} L${r * 0.3} ${-r} L${r} ${r * 0.3} L${-r * 0.2} ${r}Z`}
          fill={fill}
          {...thin}
          strokeWidth={0.5}
        />
      );
    case 'blotch':
      return (
        <Path
          d={`M${-r} 0 C${-r} ${-r * 1.1} ${-r * 0.1} ${-r * 0.7} ${r * 0.3} ${-r} C${r * 1.2} ${-r * 0.6} ${r} ${r * 0.2} ${r * 0.7} ${r * 0.8} C0 ${r * 1.2} ${-r * 0.9} ${r} ${-r} 0Z`}
          fill={fill}
          {...thin}
          strokeWidth={0.5}
        />
      );
    case 'long':
      return <Ellipse rx={r * 0.45} ry={r * 1.3} fill={fill} />;
    case 'feathered':
      return (
        <G>
          <Circle r={r * 0.8} fill={fill} />
          {range(12).map((at) => (
            <Path
              key={at}
              transform={`rotate(${at * 30})`}
              d={`M0 ${-r * 0.6} L0 ${-r * 1.25}`}
              stroke={fill}
              strokeWidth={1.4}
            />
          ))}
        </G>
      );
    case 'raised':
      return (
        <G>
          <Path
            d={`M${-r} 0 L${-r * 0.4} ${-r} L${r * 0.5} ${-r * 0.8} L${r} ${r * 0.2} L${r * 0.3} ${r} L${-r * 0.7} ${r * 0.7}Z`}
            fill={fill}
            {...thin}
          />
          <Path
            d={`M${-r * 0.5} ${-r * 0.2} L${r * 0.4} ${r * 0.3} M${-r * 0.1} ${r * 0.5} L${r * 0.2} ${-r * 0.5}`}
            stroke={ink.straw72}
            strokeWidth={0.9}
          />
        </G>
      );
    case 'round':
      return <Circle r={r} fill={fill} />;
    default:
      return shape satisfies never;
  }
}

/** Spots: colour, halo, shape, number and size tell one leaf spot from another. */
export function Spots({ mark, base }: { mark: MarkOf<'spots'>; base: PlateBase }): ReactElement {
  const { tone, halo, centre, count = 6, size = 5, shape = 'round', at } = mark;
  const field = narrowed(fieldOf(base), at);
  const fill = toneColours[tone];
  const points =
    at === 'edge'
      ? range(count).map((index) => {
          const angle = (index / count) * 2 * Math.PI;
          return {
            x: field.x + field.rx * 1.05 * Math.cos(angle),
            y: field.y + field.ry * Math.sin(angle),
            turn: index * 40,
          };
        })
      : at === 'vein'
        ? range(count).map((index) => ({
            x: field.x + (index % 2 ? 9 : -9),
            y: field.y - field.ry + 8 + index * ((2 * field.ry - 14) / count),
            turn: index % 2 ? 30 : -30,
          }))
        : strewn(count, Math.round(size) + count, field);
  return (
    <G>
      {points.map(({ x, y, turn }, index) => {
        const r = size * (0.8 + ((index * 7) % 5) / 10);
        return (
          <G
            key={index}
            transform={`translate(${x} ${y}) rotate(${shape === 'long' || shape === 'angular' ? turn : 0})`}
          >
            {halo && (
              <Ellipse
                rx={r * 1.6}
                ry={r * 1.5}
                fill={toneColours[halo]}
                stroke={halo === 'white' ? ink.stone56 : 'none'}
                strokeWidth={0.6}
              />
            )}
            <SpotShape shape={shape} r={r} fill={fill} />
            {centre && <Circle r={r * 0.5} fill={toneColours[centre]} />}
          </G>
        );
      })}
    </G>
  );
}
