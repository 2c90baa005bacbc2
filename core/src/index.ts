/**
 * The job itself, step by step: read → weigh → choose → mix → plan → follow. Pure: time, place, seed
 * and tables are arguments. Import a step by its path (`@trowel/core/weigh`); this index is the catalogue,
 * from the ground floor up: a step knows only those above it in this list (held by lint).
 */
export * from './quantities';
export * from './chance';
export * from './tables';
export * from './contract';
export * from './read';
export * from './weigh';
export * from './judge';
export * from './choose';
export * from './mix';
export * from './plan';
export * from './follow';
export * from './practice';
export * from './integrity';
export * from './wording';
export * from './headless';
