import { chosenHere } from './here';

/** How the pages look on this device; `device`: by day or by night, as it has it. */
export const looks = ['device', 'sun', 'day', 'night'] as const;
export type Look = (typeof looks)[number];

const look = chosenHere('look', looks, 'device');
export const setLook = look.set;
export const useLook = look.useChosen;
/** Into the sun, and back to what the device has. */
export const toggleSun = (): void => setLook(look.get() === 'sun' ? 'device' : 'sun');
