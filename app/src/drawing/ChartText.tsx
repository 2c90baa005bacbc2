import { Text } from 'react-native-svg';
import { useRoles } from '@/theme/theme';

/** Words on a chart. */
export function ChartText({
  x,
  y,
  says,
  anchor,
  fill,
  strong = false,
}: {
  x: number;
  y: number;
  says: string;
  anchor: 'start' | 'middle' | 'end';
  fill?: string;
  strong?: boolean;
}) {
  const { text } = useRoles();
  return (
    <Text
      x={x}
      y={y}
      fontSize={12}
      textAnchor={anchor}
      fill={fill ?? text}
      fontFamily="Atkinson, sans-serif"
      fontWeight={strong ? '700' : '400'}
    >
      {says}
    </Text>
  );
}
