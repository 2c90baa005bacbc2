import { unused } from './unused';

/** Stands in for the router's tab bar, stacks and site map: the shell draws its own frame around a slot. */
export const [Stack, Tabs, ExperimentalStack, Sitemap, useSitemap, getNavOptions] =
  Array<typeof unused>(6).fill(unused);
export default unused;
