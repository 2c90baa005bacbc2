import { config } from 'zod/v4/core';

/** Schemas are read, not compiled: the page may run no code that it makes itself. Stands before all that makes schemas. */
config({ jitless: true });
