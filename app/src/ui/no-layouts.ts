/** Stands in for the router's tab bar, stacks and site map: the shell draws its own frame around a slot. */
const unused = () => {
  throw new Error('The shell draws the frame; tabs and stacks are not packed.');
};
export const [Stack, Tabs, ExperimentalStack, Sitemap, useSitemap, getNavOptions] =
  Array<typeof unused>(6).fill(unused);
export default unused;
