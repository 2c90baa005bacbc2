/**
 * The job itself, step by step: read → weigh → choose → mix → plan → follow. Pure: time, place, seed
 * and tables are arguments. Import a step by its path (`@trowel/core/weigh`); this index is the catalogue.
 */
export * from './tables';
export * from './integrity';
export * from './quantities';
export * from './read';
export * from './weigh';
export * from './choose';
export * from './mix';
export * from './plan';
export * from './follow';
export * from './wording';
export * from './headless';
export * from './contract';
