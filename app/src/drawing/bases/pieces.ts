/** Pieces that several of these drawings share. */
import { ink } from '../ink';

export const veins = 'M50 90 V16 M50 74 L28 58 M50 74 L72 58 M50 56 L27 40 M50 56 L73 40 M50 38 L34 26 M50 38 L66 26';

export const rim = { stroke: ink.line, strokeWidth: 1.6, strokeLinejoin: 'round', strokeLinecap: 'round' } as const;
