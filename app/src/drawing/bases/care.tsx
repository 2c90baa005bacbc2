import { Circle } from 'react-native-svg';
import { ink } from '../ink';
import type { Base } from './base';

export const care: Base = () => (
  <Circle cx={50} cy={50} r={45} fill={ink.straw88} stroke={ink.line} strokeWidth={1.2} strokeDasharray="3 4" />
);
