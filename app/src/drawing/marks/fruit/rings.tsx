import { Circle, G } from 'react-native-svg';
import { ink, fieldOf } from '../../ink';
import type { Draw } from '../mark';

export const rings: Draw<'fruit'> = ({ base }) => {
  const field = fieldOf(base);
  return (
    <G>
      {[8, 14, 20, 26].map((r) => (
        <G key={r}>
          {Array.from({ length: Math.round(r * 0.9) }, (_, at) => {
            const angle = (at / Math.round(r * 0.9)) * 2 * Math.PI;
            return (
              <Circle
                key={at}
                cx={field.x + r * Math.cos(angle)}
                cy={field.y + r * 0.92 * Math.sin(angle)}
                r={1.8}
                fill={ink.straw88}
                stroke={ink.soil}
                strokeWidth={0.4}
              />
            );
          })}
        </G>
      ))}
    </G>
  );
};
