/** Bundles the server and the command line into one file, so that every call starts at once. */
import { build } from 'esbuild';

await build({
  entryPoints: ['server/src/main.ts'],
  outfile: 'build/trowel.mjs',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  // highs finds its WebAssembly beside itself.
  external: ['better-sqlite3', 'express', 'compression', 'highs', 'city-timezones'],
  loader: { '.sql': 'text' },
  banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  logLevel: 'warning',
});
