/** Stands in for the old palettes of the components: their newer theme is the one in use, and ours over it. */
export const [black, white] = ['black', 'white'];
export const [grey50, grey200, grey400, grey700, grey800] = Array<string>(5).fill('gray');
export const [pinkA100, pinkA400] = Array<string>(2).fill('gray');
