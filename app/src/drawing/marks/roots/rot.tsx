import { Path } from 'react-native-svg';
import { rootlets } from './pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const rot: Draw<'roots'> = () => <Path d={rootlets} fill="none" stroke={ink.earth24} strokeWidth={4} />;
