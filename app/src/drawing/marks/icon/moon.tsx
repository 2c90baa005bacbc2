import { Path } from 'react-native-svg';
import { line } from '../../pieces';
import type { Icon } from '../mark';
import { ink } from '../../ink';

export const moon: Icon = () => <Path d="M8 -22 A22 22 0 1 0 20 12 A18 18 0 0 1 8 -22Z" fill={ink.straw88} {...line} />;
