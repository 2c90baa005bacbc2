import { Ellipse, G } from 'react-native-svg';
import { ink, toneColours } from '../../ink';
import { thin } from '../../pieces';
import type { Draw } from '../mark';

export const scales: Draw<'bumps'> = ({ mark }) => {
  const colour = toneColours[mark.tone];
  return (
    <G>
      {[18, 30, 44, 56, 70, 82].map((y, at) => (
        <G key={y} transform={`translate(${at % 2 ? 54 : 47} ${y})`}>
          <Ellipse rx={5} ry={3.6} fill={colour} {...thin} />
          <Ellipse cx={-1} cy={-0.8} rx={2.6} ry={1.5} fill={ink.straw64} />
        </G>
      ))}
      <G transform="translate(30 45)">
        <Ellipse rx={4.6} ry={3.2} fill={colour} {...thin} />
      </G>
    </G>
  );
};
