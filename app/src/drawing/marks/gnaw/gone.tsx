import { G, Rect } from 'react-native-svg';
import { card } from '../../pieces';
import type { Draw } from '../mark';

export const gone: Draw<'gnaw'> = () => {
  const blank = <Rect x={0} y={0} width={100} height={100} {...card} />;
  return <G>{blank}</G>;
};
