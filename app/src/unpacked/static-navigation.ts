import { unused } from './unused';

/** Stands in for navigation that is written out as an object: ours follows the files of `app/app`. */
export const [createStaticNavigation, createComponentForStaticNavigation, createPathConfigForStaticNavigation] =
  Array<typeof unused>(3).fill(unused);
