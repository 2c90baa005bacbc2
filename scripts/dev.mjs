/** Server (demo garden, port 4310) and the app's own development server with reload (port 8081, /api passed on). */
import { spawn } from 'node:child_process';
import path from 'node:path';

spawn(process.execPath, ['scripts/build.mjs'], { stdio: 'inherit' }).once('exit', (code) => {
  if (code !== 0) process.exit(code ?? 1);
  const children = [
    spawn(process.execPath, ['build/trowel.mjs', 'demo', ...process.argv.slice(2)], { stdio: 'inherit' }),
    spawn(path.resolve('node_modules/.bin/expo'), ['start', '--web', '--port', '8081'], {
      stdio: 'inherit',
      cwd: 'app',
      env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1' },
    }),
  ];
  const stop = () => children.forEach((child) => child.kill('SIGTERM'));
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
});
