/** Stands in for the part of zod that makes code of schemas: a page of ours runs no code that it makes itself. */
export {};
