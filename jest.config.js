// Suites: unit tests beside their files; the real interface driven in a browser; what of that takes
// long.
const common = {
  testEnvironment: 'node',
  // The clean-up of globals wraps the stand-in for IndexedDB once per file until the stack is full.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript' } }, module: { type: 'es6' } },
    ],
  },
  extensionsToTreatAsEsm: ['.ts'],
  moduleFileExtensions: ['ts', 'js', 'json'],
}

export default {
  coverageProvider: 'v8',
  collectCoverageFrom: ['{core,app,server}/**/*.ts', '!**/test-helpers/**'],
  projects: [
    {
      ...common,
      displayName: 'unit',
      setupFiles: ['fake-indexeddb/auto'],
      testMatch: ['<rootDir>/{core,app,server,scripts}/**/*.test.ts'],
    },
    { ...common, displayName: 'e2e', testMatch: ['<rootDir>/e2e/*.test.ts'] },
    { ...common, displayName: 'deep', testMatch: ['<rootDir>/e2e/deep/*.test.ts'] },
  ],
}
