/** Stands in for the part of zod that reads JSON Schema: nothing here calls it. */
export function fromJSONSchema(): never {
  throw new Error('JSON Schema is not read in the app.');
}
