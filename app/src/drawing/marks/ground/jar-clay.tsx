import { Jar } from './pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const jarClay: Draw<'ground'> = () => (
  <Jar
    layers={[
      [ink.straw72, 14],
      [ink.straw56, 16],
      [ink.earth32, 30],
    ]}
  />
);
