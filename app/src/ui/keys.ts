import { chosenHere } from '@/theme/here';

/** Single letters can be pressed by a slip of the tongue or the hand: who wants none turns them off. */
export const keys = chosenHere('keys', ['on', 'off'] as const, 'on');
