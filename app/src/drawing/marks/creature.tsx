import { G } from 'react-native-svg';
import { Creature } from '../creatures/Creature';
import { fieldOf, strewn } from '../ink';
import type { Draw } from './mark';

/** One creature in the middle, or several strewn where they live on that base. */
export const creature: Draw<'creature'> = ({ mark, base }) => {
  const { of, count = 1, size = 2, at = count > 1 ? 'strewn' : 'middle' } = mark;
  const field = fieldOf(base);
  if (at === 'middle' && count === 1)
    return (
      <G transform={`translate(${field.x} ${base === 'insect' ? 46 : field.y}) rotate(-10) scale(${size})`}>
        <Creature of={of} />
      </G>
    );
  const area =
    at === 'low'
      ? { ...field, y: field.y + field.ry * 0.4, ry: field.ry * 0.5 }
      : base === 'pot'
        ? { x: 50, y: 66, rx: 40, ry: 26 }
        : base === 'stem'
          ? { x: 50, y: 52, rx: 8, ry: 40 }
          : field;
  return (
    <G>
      {strewn(count, 3 + count, area).map(({ x, y, turn }, index) => (
        <G key={index} transform={`translate(${x} ${y}) rotate(${turn * 1.6}) scale(${size})`}>
          <Creature of={of} />
        </G>
      ))}
    </G>
  );
};
