import { Jar } from './pieces';
import type { Draw } from '../mark';
import { ink } from '../../ink';

export const jarSand: Draw<'ground'> = () => (
  <Jar
    layers={[
      [ink.straw72, 44],
      [ink.straw56, 10],
      [ink.earth32, 6],
    ]}
  />
);
