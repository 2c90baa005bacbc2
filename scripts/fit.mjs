/** Bundles a teaching and runs it: fit-reader.ts, or what is named: fit-acts.ts, fit-scenes.ts. */
import { build } from 'esbuild';
import path from 'node:path';

const named = process.argv[2] ?? '';
const what = ['acts', 'scenes'].includes(named) ? `fit-${named}` : 'fit-reader';
await build({
  entryPoints: [`scripts/${what}.ts`],
  outfile: `build/${what}.mjs`,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'warning',
});
await import(path.resolve(`build/${what}.mjs`));
