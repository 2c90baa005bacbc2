import type { ReactElement } from 'react';
import { Ellipse, G } from 'react-native-svg';
import { ink } from '../ink';
import { bold, climbing } from './pieces';

export const vine: ReactElement = (
  <G>
    {climbing}
    <Ellipse cx={176} cy={182} rx={16} ry={18} fill={ink.fruit} {...bold} />
    <Ellipse cx={128} cy={188} rx={14} ry={16} fill={ink.ochre64} {...bold} />
  </G>
);
