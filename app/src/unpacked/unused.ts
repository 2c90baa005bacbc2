/** What is called only if somebody begins to use a part that is not packed. */
export const unused = (): never => {
  throw new Error('This part of a library is not packed; see app/metro.config.cjs.');
};
