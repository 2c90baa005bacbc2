/** Bundles the teaching of the reader and runs it: see fit-reader.ts, and with `acts` fit-acts.ts. */
import { build } from 'esbuild';
import path from 'node:path';

const what = process.argv[2] === 'acts' ? 'fit-acts' : 'fit-reader';
await build({
  entryPoints: [`scripts/${what}.ts`],
  outfile: `build/${what}.mjs`,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'warning',
});
await import(path.resolve(`build/${what}.mjs`));
