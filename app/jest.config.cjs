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
  'date-fns',
].join('|');

module.exports = {
  displayName: 'app',
  preset: 'jest-expo/web',
  testMatch: ['<rootDir>/src/**/*.test.ts?(x)'],
  transformIgnorePatterns: [`/node_modules/(?!(.pnpm|${letThrough}))`],
};
