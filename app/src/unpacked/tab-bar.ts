import { createContext } from 'react';

/** Stands in for the router's tab bar, whose height its error page asks for. */
export const BottomTabBarHeightContext = createContext<number | undefined>(undefined);
