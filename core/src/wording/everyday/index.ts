/** What every page says: days, amounts, chances. The first screen asks for no more than this. */
export * from './language';
export * from './days';
export * from './fill';
export * from './measures';
export * from './typed';
export * from './weather';
export * from './chance';
