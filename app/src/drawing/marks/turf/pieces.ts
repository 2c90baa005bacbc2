import { ink } from '../../ink';
/** Pieces that several of these drawings share. */

export const straw = ink.straw72;
