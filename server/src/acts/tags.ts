/** How many tag patterns the app can draw. */
export const tagPatterns = 12;
