import { Rect } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const seedling: Base = () => <Rect x={2} y={80} width={96} height={18} fill={ink.soil} {...rim} />;
