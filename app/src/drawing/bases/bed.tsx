import { Rect } from 'react-native-svg';
import { ink } from '../ink';
import { rim } from './pieces';
import type { Base } from './base';

export const bed: Base = () => <Rect x={2} y={40} width={96} height={58} fill={ink.soil} {...rim} />;
