/** The app's components run in a browser-like world; icons are drawn from paths, so no icon font is loaded. */
const letThrough = [
  '(jest-)?react-native',
  '@react-native',
  'expo',
  '@expo',
  'react-navigation',
  '@react-navigation',
  'standard-navigation',
  '@trowel',
  'suncalc',
  'stemmer',
  'pure-rand',
  'color',
  'd3-',
  'internmap',
].join('|');

module.exports = {
  setupFilesAfterEnv: ['<rootDir>/src/testing/setup.ts'],
  displayName: 'app',
  preset: 'jest-expo/web',
  moduleNameMapper: {
    '^@/reader$': '<rootDir>/src/testing/reader.ts',
    '^@/(.*)$': '<rootDir>/src/$1',
    '^expo-router$': '<rootDir>/src/testing/router.tsx',
  },
  transform: {
    '\\.sql$': '<rootDir>/../scripts/jest-esbuild.cjs',
    '\\.(mjs|[jt]sx?)$': [
      'babel-jest',
      { presets: [require.resolve('babel-preset-expo')], caller: { name: 'metro', bundler: 'metro', platform: 'web' } },
    ],
  },
  testMatch: ['<rootDir>/src/**/*.test.ts?(x)'],
  transformIgnorePatterns: [`/node_modules/(?!(.pnpm|${letThrough}))`],
};
