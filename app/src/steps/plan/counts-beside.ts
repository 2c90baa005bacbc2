import { createContext } from 'react';

/** True where the counter of the look stands beside the steps: a step then asks for no second one. */
export const CountsBeside = createContext(false);
