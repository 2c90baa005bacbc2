import { unused } from './unused';

/** Stands in for the part of zod that reads and writes JSON Schema. Each schema asks for its writer when it is made. */
export const createStandardJSONSchemaMethod = () => unused;
export const createToJSONSchemaMethod = () => unused;
export const toJSONSchema = unused;
export const fromJSONSchema = unused;
