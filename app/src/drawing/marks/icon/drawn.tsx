import { Circle, G, Text as SvgText } from 'react-native-svg';
import { ink } from '../../ink';
import type { Draw } from '../mark';
import { icons } from './index';

/** Small pictures for what was done or what the weather did; on other bases they stand in the corner. */
export const icon: Draw<'icon'> = ({ mark, base }) => {
  const isCorner = base !== 'care' && base !== 'soil';
  return (
    <G transform={isCorner ? 'translate(82 18) scale(0.42)' : 'translate(50 48)'}>
      {isCorner && <Circle r={38} fill={ink.card} stroke={ink.line} strokeWidth={2.4} />}
      <G transform={mark.word && !isCorner ? 'translate(0 -10) scale(0.86)' : ''}>{icons[mark.of]()}</G>
      {mark.word && (
        <SvgText
          x={0}
          y={isCorner ? 10 : 38}
          textAnchor="middle"
          fontSize={isCorner ? 26 : 15}
          fontWeight="700"
          fontFamily="Atkinson, Verdana, sans-serif"
          fill={ink.line}
        >
          {mark.word}
        </SvgText>
      )}
    </G>
  );
};
