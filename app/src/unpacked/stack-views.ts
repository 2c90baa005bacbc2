import { unused } from './unused';

/** Stands in for the views of the router's stack; its rules for going from page to page are packed. */
export const createNativeStackNavigator = () => ({ Navigator: unused, Screen: unused });
