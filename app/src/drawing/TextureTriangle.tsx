import { trianglePoint, type Texture } from '@trowel/core/read';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { useRoles } from '@/theme/theme';

const side = 200;
const height = (side * Math.sqrt(3)) / 2;
const at = (texture: Texture) => {
  const { x, y } = trianglePoint(texture);
  return { x: 20 + x * side, y: 14 + height * (1 - y) };
};

/** Borders of the classes that a gardener hears most of: sand below, clay above, loam between. */
const borders: readonly (readonly [Texture, Texture])[] = [
  [
    { sand: 45, silt: 15, clay: 40 },
    { sand: 0, silt: 60, clay: 40 },
  ],
  [
    { sand: 65, silt: 0, clay: 35 },
    { sand: 45, silt: 20, clay: 35 },
  ],
  [
    { sand: 45, silt: 0, clay: 55 },
    { sand: 45, silt: 28, clay: 27 },
  ],
  [
    { sand: 45, silt: 28, clay: 27 },
    { sand: 0, silt: 73, clay: 27 },
  ],
  [
    { sand: 85, silt: 0, clay: 15 },
    { sand: 70, silt: 30, clay: 0 },
  ],
  [
    { sand: 52, silt: 41, clay: 7 },
    { sand: 23, silt: 50, clay: 27 },
  ],
  [
    { sand: 50, silt: 50, clay: 0 },
    { sand: 23, silt: 50, clay: 27 },
  ],
];
const names: readonly (readonly [string, Texture])[] = [
  ['clay', { sand: 20, silt: 18, clay: 62 }],
  ['loam', { sand: 47, silt: 40, clay: 13 }],
  ['sand', { sand: 90, silt: 6, clay: 4 }],
  ['silt', { sand: 8, silt: 84, clay: 8 }],
];

/** The soil's place between sand, silt and clay; what it shows is said in words beside it. */
export function TextureTriangle({ texture, label }: { texture: Texture; label: string }) {
  const roles = useRoles();
  const a = at({ sand: 100, silt: 0, clay: 0 });
  const b = at({ sand: 0, silt: 100, clay: 0 });
  const c = at({ sand: 0, silt: 0, clay: 100 });
  const here = at(texture);
  return (
    <View role="img" aria-label={`Texture triangle: ${label}`}>
      <Svg width={240} height={218} viewBox="0 0 240 218" aria-hidden>
        <Path
          d={`M${a.x} ${a.y} L${b.x} ${b.y} L${c.x} ${c.y}Z`}
          fill={roles.deep}
          stroke={roles.text}
          strokeWidth={2}
        />
        {borders.map(([from, to], index) => (
          <Line
            key={index}
            x1={at(from).x}
            y1={at(from).y}
            x2={at(to).x}
            y2={at(to).y}
            stroke={roles.softText}
            strokeWidth={1.2}
          />
        ))}
        {names.map(([name, where]) => (
          <SvgText
            key={name}
            x={at(where).x}
            y={at(where).y}
            textAnchor="middle"
            fontSize={13}
            fontFamily="Atkinson, Verdana, sans-serif"
            fill={roles.text}
          >
            {name}
          </SvgText>
        ))}
        <G>
          <Circle cx={here.x} cy={here.y} r={8} fill={roles.act} stroke={roles.raised} strokeWidth={3} />
          <Circle cx={here.x} cy={here.y} r={9.5} fill="none" stroke={roles.text} strokeWidth={1.4} />
        </G>
        <SvgText
          x={a.x}
          y={a.y + 18}
          textAnchor="start"
          fontSize={12}
          fontFamily="Atkinson, Verdana, sans-serif"
          fill={roles.text}
        >
          100 % sand
        </SvgText>
        <SvgText
          x={b.x}
          y={b.y + 18}
          textAnchor="end"
          fontSize={12}
          fontFamily="Atkinson, Verdana, sans-serif"
          fill={roles.text}
        >
          100 % silt
        </SvgText>
      </Svg>
    </View>
  );
}
