// Suites: unit tests beside their files; the real interface driven in a browser; what of that takes
// long.
//
// Unit tests run in one plain Node (started with `--import tsx`), not in a world of their own for
// each file: that takes two thirds of the time. So no test may leave anything behind. Those in the
// browser wait for what may never come: there each test has its own limit of time.
const common = { moduleFileExtensions: ['ts', 'js', 'json'], extensionsToTreatAsEsm: ['.ts'] }
const inBrowser = {
  ...common,
  testEnvironment: 'node',
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript' } }, module: { type: 'es6' } },
    ],
  },
}

export default {
  projects: [
    {
      ...common,
      displayName: 'unit',
      runner: 'jest-light-runner',
      setupFiles: ['fake-indexeddb/auto'],
      testMatch: ['<rootDir>/{core,app,server,scripts}/**/*.test.ts'],
    },
    { ...inBrowser, displayName: 'e2e', testMatch: ['<rootDir>/e2e/*.test.ts'] },
    { ...inBrowser, displayName: 'deep', testMatch: ['<rootDir>/e2e/deep/*.test.ts'] },
  ],
}
