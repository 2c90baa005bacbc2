import { knowledge } from '@trowel/knowledge';
import type { PlantRow, Portrait } from '@trowel/core/tables';
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { ink, toneColours } from '../ink';
import { habits, type LeafSite } from './habits';
import { leafShapes } from './leaves';
import { flowers, fruits, roots } from './organs';
import { bold } from './pieces';

/** In a pot a plant is drawn smaller, and stands higher. */
export const inPot = { scale: 0.74, x: 39, y: 8 } as const;

const leafFill = ({ leafTone }: Portrait, age: LeafSite[4]): string => {
  const fill = leafTone === undefined ? ink.healthy : toneColours[leafTone];
  return leafTone !== undefined ? fill : age === 'old' ? ink.leaf56 : age === 'new' ? ink.leaf72 : fill;
};

/** A plant in a field of 300 by 300, as one knows it from some steps away. */
export function DrawnHabit({ portrait }: { portrait: Portrait }) {
  const { habit, leaf, stemTone, fruit, flower, root, pot } = portrait;
  const frame = habits[habit];
  const stemColour = stemTone !== undefined ? toneColours[stemTone] : frame.isWoody ? ink.brown : ink.rib;
  // Straps are long enough for a fan; along a stem they are shorter.
  const leafScale = leaf === 'strap' && habit === 'single' ? 0.62 : 1;
  const rib = stemTone !== undefined ? toneColours[stemTone] : ink.rib;
  const plant = (
    <G>
      {root && <G transform="translate(150 256) scale(1.3)">{roots[root.shape](toneColours[root.tone])}</G>}
      {habit === 'climber' && <Path d="M150 256 V18" stroke={ink.straw72} strokeWidth={5} />}
      {habit === 'hedge' && <Rect x={62} y={84} width={182} height={132} rx={16} fill={ink.leaf32} />}
      {habit === 'cactus' && <Cactus />}
      {frame.stems !== '' && (
        <Path d={frame.stems} stroke={stemColour} strokeWidth={frame.stemWidth} fill="none" strokeLinecap="round" />
      )}
      {frame.leaves.map(([x, y, turn, size, age], at) => (
        <G key={at} transform={`translate(${x} ${y}) rotate(${turn}) scale(${size * leafScale})`}>
          {leafShapes[leaf](leafFill(portrait, age), rib)}
        </G>
      ))}
      {habit === 'head' && <Head fill={leafFill(portrait, undefined)} />}
      {fruit &&
        frame.fruits.map(([x, y]) => (
          <G key={`${x} ${y}`} transform={`translate(${x} ${y}) scale(0.86)`}>
            {fruits[fruit.shape](toneColours[fruit.tone])}
          </G>
        ))}
      {flower && habit === 'fan' && (
        <Path
          d={frame.flowers.map(([x, y]) => `M150 246 Q150 ${y + 60} ${x} ${y}`).join(' ')}
          stroke={ink.rib}
          strokeWidth={4}
          fill="none"
        />
      )}
      {flower &&
        frame.flowers.map(([x, y]) => (
          <G key={`${x} ${y}`} transform={`translate(${x} ${y})`}>
            {flowers[flower.shape](toneColours[flower.tone])}
          </G>
        ))}
    </G>
  );
  if (habit === 'tray')
    return (
      <G>
        {plant}
        <Path d="M62 216 H238 L230 252 H70Z" fill={ink.stone40} {...bold} />
        <Rect x={66} y={210} width={168} height={12} fill={ink.wetSoil} {...bold} />
      </G>
    );
  if (!pot) return plant;
  return (
    <G>
      <G transform={`translate(${inPot.x} ${inPot.y}) scale(${inPot.scale})`}>{plant}</G>
      <Path d="M108 202 H192 L180 268 H120Z" fill={ink.pot} {...bold} />
      <Rect x={100} y={190} width={100} height={17} rx={3} fill={ink.pot} {...bold} />
    </G>
  );
}

const Head = ({ fill }: { fill: string }) => (
  <G>
    <Circle cx={150} cy={196} r={44} fill={fill} {...bold} />
    <Path
      d="M150 240 C118 226 116 184 138 156 M150 240 C184 224 186 186 166 154 M150 240 C148 206 152 178 150 152 M118 176 C132 164 142 160 150 152 M184 178 C170 164 160 160 150 152"
      stroke={ink.rib}
      strokeWidth={2.5}
      fill="none"
    />
  </G>
);

const Cactus = () => (
  <G>
    <Path d="M118 252 C108 180 116 96 150 78 C184 96 192 180 182 252Z" fill={ink.healthy} {...bold} />
    <Path
      d="M182 196 C216 198 220 158 212 136 C202 130 196 140 198 156 C198 168 192 172 184 172Z"
      fill={ink.healthy}
      {...bold}
    />
    <Path
      d="M134 250 C128 184 134 116 150 82 M166 250 C172 184 166 116 150 82 M150 250 V82"
      stroke={ink.rib}
      strokeWidth={2}
      fill="none"
    />
    <Path
      d={[110, 140, 170, 200, 228]
        .flatMap((y) => [124, 150, 176].map((x) => `M${x} ${y} l-6 -5 M${x} ${y} l6 -5`))
        .join(' ')}
      stroke={ink.card}
      strokeWidth={2}
    />
  </G>
);

/** The portrait of a plant that is known by its id; an empty field where there is none of that id. */
export function PlantFigure({ id, size = 48 }: { id: string | null | undefined; size?: number }) {
  const plant = knowledge.plants.find((row) => row.id === id);
  return plant ? <PlantPortrait plant={plant} size={size} /> : <View style={{ width: size, height: size }} />;
}

/** The portrait by itself, with its soil: in lists, on cards, beside a name that says what it is. */
export function PlantPortrait({ plant, size = 48 }: { plant: Pick<PlantRow, 'portrait'>; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="16 -22 268 312" aria-hidden>
      {!plant.portrait.pot && plant.portrait.habit !== 'tray' && (
        <Path d="M24 256 C80 246 220 246 276 256 V290 H24Z" fill={ink.soil} />
      )}
      <DrawnHabit portrait={plant.portrait} />
    </Svg>
  );
}
