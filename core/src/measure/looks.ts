/** What is no longer sound leaf looks like: brown, rusty or black; yellow or bleached green; a white or grey veil. */
export const sickLooks = ['spots', 'pale', 'powder'] as const;
export type SickLook = (typeof sickLooks)[number];
