import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';

/** Which workspace may know which: the core knows nobody, knowledge only the core's tables, and so on. */
const forbid = (files, groups) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: groups.map(([group, message]) => ({ group, message })) }] },
});

const interfaceCode = [
  ['react', 'react-*', 'react-native', 'react-native-*', 'expo', 'expo-*', '@expo/*', '@tanstack/*'],
  'no interface code here',
];
const hostCode = [
  ['express', 'better-sqlite3', 'node:*', 'fs', 'path', 'http', 'compression'],
  'no server, database or host here',
];
const steps = ['quantities', 'read', 'weigh', 'choose', 'mix', 'plan', 'follow'];

export default [
  { ignores: ['**/node_modules/**', '**/dist/**', 'build/**', 'app/.expo/**', 'app/expo-env.d.ts', 'app/public/**'] },
  ...expo,
  prettier,
  {
    files: ['**/*.cjs'],
    languageOptions: {
      globals: { __dirname: 'readonly', require: 'readonly', module: 'writable', process: 'readonly' },
    },
  },
  forbid(['core/**/*.ts'], [interfaceCode, hostCode, [['@trowel/*'], 'the core knows no other workspace']]),
  forbid(
    ['knowledge/**/*.ts'],
    [interfaceCode, hostCode, [['@trowel/server*', '@trowel/app*'], 'knowledge knows only the core']],
  ),
  forbid(['server/**/*.ts'], [interfaceCode, [['@trowel/app*'], 'the server knows no screens']]),
  forbid(
    ['app/**/*.{ts,tsx}'],
    [hostCode, [['@trowel/server*', '**/server/src/**'], 'the app speaks to the server over HTTP only']],
  ),
  forbid(
    ['core/src/tables/**/*.ts'],
    [[steps.map((step) => `../${step}*`), 'tables are what the steps stand on'], interfaceCode, hostCode],
  ),
  forbid(['core/src/quantities/**/*.ts'], [[['../*'], 'measures stand alone'], interfaceCode, hostCode]),
  {
    rules: {
      'import/no-unresolved': 'off',
      'import/namespace': 'off',
      'import/no-named-as-default-member': 'off',
      'no-console': 'off',
    },
  },
];
