import { Path } from 'react-native-svg';
import { ink } from '../ink';
import type { Base } from './base';

export const insect: Base = () => (
  <Path d="M6 84 C30 74 70 74 94 84" fill="none" stroke={ink.healthy} strokeWidth={6} strokeLinecap="round" />
);
