import type { ReactElement } from 'react';
import { Path } from 'react-native-svg';
import { toneColours } from '../ink';
import type { MarkOf } from './mark';

export const Veins = ({ mark }: { mark: MarkOf<'veins'> }): ReactElement => (
  <Path
    d="M50 90 V16 M50 74 L28 58 M50 74 L72 58 M50 56 L27 40 M50 56 L73 40 M50 38 L34 26 M50 38 L66 26"
    fill="none"
    stroke={toneColours[mark.tone]}
    strokeWidth={3.6}
    strokeLinecap="round"
  />
);
