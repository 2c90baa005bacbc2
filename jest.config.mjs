/** Node projects are turned by esbuild; the app runs on jest-expo's web preset. */
const node = (name) => ({
  displayName: name,
  rootDir: `./${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/**/*.test.ts'],
  transform: { '\\.([jt]sx?|sql)$': '<rootDir>/../scripts/jest-esbuild.cjs' },
  transformIgnorePatterns: ['/node_modules/(?!(suncalc|pure-rand|stemmer|@trowel)/)'],
});

export default {
  // A busy machine is slow, not wrong.
  testTimeout: 120_000,
  projects: [node('core'), node('knowledge'), node('server'), '<rootDir>/app/jest.config.cjs'],
};
