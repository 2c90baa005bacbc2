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
/** The floors of the core, from the ground up: each may stand on those before it, and knows none after it. */
const floors = [
  'quantities',
  'chance',
  'measure',
  'tables',
  'problem',
  'contract',
  'evidence',
  'hear',
  'meaning',
  'read',
  'weigh',
  'judge',
  'choose',
  'mix',
  'jobs',
  'plot',
  'plan',
  'follow',
  'learn',
  'simulate',
  'practice',
  'integrity',
  'wording',
  'find',
  'headless',
];
const floorRules = floors.map((floor, at) => ({
  ...forbid(
    [`core/src/${floor}/**/*.ts`],
    [
      interfaceCode,
      hostCode,
      [['@trowel/*'], 'the core knows no other workspace'],
      ...(at === floors.length - 1
        ? []
        : [
            [
              floors
                .slice(at + 1)
                .flatMap((later) => ['..', '../..'].flatMap((up) => [`${up}/${later}`, `${up}/${later}/**`])),
              `${floor} stands below this floor; what both need moves down`,
            ],
          ]),
    ],
  ),
  // A test may look at its step through the door that others use.
  ignores: ['**/*.test.ts'],
}));

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
  // Tests of pages stand on a garden in memory that answers as the server would.
  { files: ['app/src/testing/garden.tsx'], rules: { 'no-restricted-imports': 'off' } },
  ...floorRules,
  {
    files: ['app/**/*.{ts,tsx}'],
    ignores: ['app/src/theme/**', 'app/src/drawing/ink.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'Literal[value=/^#[0-9a-fA-F]{3,8}$/]',
          message: 'colours stand in the palette: drawing/ink or theme',
        },
      ],
    },
  },
  {
    rules: {
      'import/no-unresolved': 'off',
      'import/namespace': 'off',
      'import/no-named-as-default-member': 'off',
      'no-console': 'off',
    },
  },
];
