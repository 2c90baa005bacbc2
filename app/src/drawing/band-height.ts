/** px of the hours band, kept free on a page before it is there. */
export const bandHeight = 92;
