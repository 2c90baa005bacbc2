import type { MixPart } from '@trowel/core/contract';
import { spoonCount } from '@trowel/core/quantities';
import { View } from 'react-native';
import Svg, { Circle, Ellipse, G, Line, Path, Rect, Text } from 'react-native-svg';
import { fonts, space, useRoles } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { Body } from '@/ui/text';
import { toolNames } from '@/wording/bench';
import { ink } from './ink';

type Piece = MixPart['pieces'][number];

/** The spoons to use, drawn so that teaspoon and tablespoon cannot be mistaken at arm's length. */
export function Spoons({ pieces, says }: { pieces: readonly Piece[]; says: string }) {
  return (
    <View role="img" aria-label={says}>
      <Row gap={space.m} wrap>
        {pieces.map((piece) => (
          <ToolCount key={piece.tool} piece={piece} />
        ))}
      </Row>
    </View>
  );
}

function ToolCount({ piece: { tool, count } }: { piece: Piece }) {
  const { text } = useRoles();
  return (
    <View style={{ alignItems: 'center', minWidth: 76 }}>
      <Row gap={space.xs}>
        <Body strong style={{ fontFamily: fonts.heading, fontSize: 34, lineHeight: 40 }}>
          {spoonCount(count)}
        </Body>
        <Svg width={tool === 'tbsp' ? 62 : tool === 'cup' ? 58 : 44} height={76} viewBox="0 0 62 76" aria-hidden>
          {tools[tool](text)}
        </Svg>
      </Row>
      <Body strong>{toolNames[tool]}</Body>
    </View>
  );
}

/** A teaspoon is small, round and plain; a tablespoon large, long and banded. */
const tools: Record<Piece['tool'], (line: string) => React.ReactElement> = {
  tsp: (line) => (
    <G>
      <Line x1={31} y1={30} x2={31} y2={72} stroke={ink.steel} strokeWidth={4} strokeLinecap="round" />
      <Circle cx={31} cy={20} r={11} fill={ink.straw88} stroke={line} strokeWidth={2} />
    </G>
  ),
  tbsp: (line) => (
    <G>
      <Rect x={26} y={40} width={10} height={35} rx={4} fill={ink.steel} stroke={line} strokeWidth={1.4} />
      <Rect x={26} y={50} width={10} height={4} fill={ink.fruit} />
      <Rect x={26} y={58} width={10} height={4} fill={ink.fruit} />
      <Ellipse cx={31} cy={22} rx={23} ry={20} fill={ink.gold72} stroke={line} strokeWidth={3} />
      <Path d="M14 24 C20 32 42 32 48 24" stroke={line} strokeWidth={1.6} fill="none" />
    </G>
  ),
  cup: (line) => (
    <G>
      <Path d="M8 14 H46 L42 66 H12Z" fill={ink.stone88} stroke={line} strokeWidth={2.4} />
      <Path d="M46 24 C60 24 60 48 44 48" fill="none" stroke={line} strokeWidth={2.4} />
      <Path d="M12 30 H24 M12 44 H24" stroke={line} strokeWidth={1.6} />
    </G>
  ),
  jug: (line) => (
    <G>
      <Path d="M10 10 H46 L42 70 H14Z" fill={ink.stone88} stroke={line} strokeWidth={2.4} />
      <Path d="M10 10 L4 16 M46 22 C60 22 60 52 44 52" fill="none" stroke={line} strokeWidth={2.4} />
      <Path d="M13 28 h8 M13 38 h8 M14 48 h8 M14 58 h8" stroke={line} strokeWidth={1.6} />
    </G>
  ),
  drops: (line) => (
    <G>
      <Path
        d="M31 8 C20 28 14 38 14 48 A17 17 0 0 0 48 48 C48 38 42 28 31 8Z"
        fill={ink.stone88}
        stroke={line}
        strokeWidth={2.4}
      />
      <Path d="M22 48 a9 9 0 0 0 8 9" fill="none" stroke={line} strokeWidth={1.6} />
    </G>
  ),
  syringe: (line) => (
    <G>
      <Rect x={24} y={18} width={14} height={38} fill={ink.stone88} stroke={line} strokeWidth={2} />
      <Path d="M31 56 V74 M31 18 V4 M22 4 H40" stroke={line} strokeWidth={3} />
      <Path d="M24 28 h6 M24 36 h6 M24 44 h6" stroke={line} strokeWidth={1.4} />
    </G>
  ),
};

/** A jug or sprayer with the line to fill to. */
export function Jug({ share, says }: { share: number; says: string }) {
  const { text } = useRoles();
  const level = 100 - 76 * Math.min(1, Math.max(0.04, share));
  return (
    <View role="img" aria-label={`Fill with ${says} of water first`} style={{ alignItems: 'center' }}>
      <Svg width={92} height={112} viewBox="0 0 92 112" aria-hidden>
        <Path d={`M14 ${level} H70 L66 102 H18Z`} fill={ink.water} />
        <Path d="M12 12 H72 L67 104 H17Z" fill="none" stroke={text} strokeWidth={2.6} />
        <Path d="M12 12 L4 20 M70 30 C92 30 90 74 68 74" fill="none" stroke={text} strokeWidth={2.6} />
        <Line x1={10} x2={74} y1={level} y2={level} stroke={ink.rust40} strokeWidth={3} />
        {[0.25, 0.5, 0.75, 1].map((mark) => (
          <Line key={mark} x1={18} x2={28} y1={100 - 76 * mark} y2={100 - 76 * mark} stroke={text} strokeWidth={1.4} />
        ))}
      </Svg>
      <Body strong>{`${says} of water first`}</Body>
    </View>
  );
}

/**
 * One's own sprayer, with its quarters marked: water to the lower line first, then what goes in brings it
 * to the upper one.
 * @param waterShare and share of what it holds, 0…1 and more when it needs a second fill
 */
export function Sprayer({ waterShare, share, says }: { waterShare: number; share: number; says: string }) {
  const { text } = useRoles();
  const fills = Math.max(1, Math.ceil(share - 1e-6));
  const y = (part: number) => 105 - 60 * Math.min(1, part);
  const lines = [0.25, 0.5, 0.75, 1];
  return (
    <View
      role="img"
      aria-label={
        fills > 1
          ? `${fills} fills of the sprayer, ${says} of water in all`
          : `Fill the sprayer with ${says} of water first`
      }
      style={{ alignItems: 'center' }}
    >
      <Svg width={104} height={120} viewBox="0 0 104 120" aria-hidden>
        <Path d={`M22 ${y(waterShare)} H74 V106 H22Z`} fill={ink.water} />
        <Path d="M40 32 V20 H56 V32 L74 42 V106 H22 V42 Z" fill="none" stroke={text} strokeWidth={2.6} />
        <Path d="M56 22 H78 L84 28 M44 20 L36 12 H62 V20" fill="none" stroke={text} strokeWidth={2.6} />
        {lines.map((mark) => (
          <G key={mark}>
            <Line x1={22} x2={32} y1={y(mark)} y2={y(mark)} stroke={text} strokeWidth={1.6} />
            <Text x={18} y={y(mark) + 4} fontSize={11} textAnchor="end" fill={text} fontFamily="Atkinson, sans-serif">
              {mark === 1 ? '1' : mark === 0.75 ? '¾' : mark === 0.5 ? '½' : '¼'}
            </Text>
          </G>
        ))}
        <Line x1={20} x2={80} y1={y(waterShare)} y2={y(waterShare)} stroke={ink.rust40} strokeWidth={3} />
      </Svg>
      <Body strong>{fills > 1 ? `${fills} fills` : `${says} first`}</Body>
    </View>
  );
}
