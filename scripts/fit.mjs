/** Bundles the teaching of the reader and runs it: see fit-reader.ts. */
import { build } from 'esbuild';
import path from 'node:path';

await build({
  entryPoints: ['scripts/fit-reader.ts'],
  outfile: 'build/fit-reader.mjs',
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'warning',
});
await import(path.resolve('build/fit-reader.mjs'));
