import { Rect } from 'react-native-svg';
import { ink } from '../../ink';
import { line } from '../../pieces';
import type { Draw } from '../mark';

export const buried: Draw<'wood'> = () => <Rect x={14} y={76} width={72} height={20} fill={ink.soil} {...line} />;
