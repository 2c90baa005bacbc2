import { Path } from 'react-native-svg';
import { ink } from '../ink';
import type { Base } from './base';

export const weed: Base = () => (
  <Path d="M4 84 C30 80 70 80 96 84" fill="none" stroke={ink.soil} strokeWidth={5} strokeLinecap="round" />
);
