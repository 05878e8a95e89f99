/** Unit tests and checks: everything named *.test.ts beside its source. The real interface is tested by Playwright (e2e/). */
export default {
  testEnvironment: 'node',
  roots: [
    '<rootDir>/core',
    '<rootDir>/library',
    '<rootDir>/server',
    '<rootDir>/cli',
    '<rootDir>/web',
    '<rootDir>/demo',
    '<rootDir>/scripts',
  ],
  testMatch: ['**/*.test.ts'],
  setupFiles: ['<rootDir>/testing/seed.ts'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '<rootDir>/scripts/jestTransform.mjs',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
  },
  // A test that hangs fails in the end; one that is slow on a slow machine does not.
  testTimeout: process.env.HERONSTONE_LONG === '1' ? 3_600_000 : 1_200_000,
  // One for each core: the parent only waits.
  maxWorkers: '100%',
  // The embedded database keeps a handle open for a while after it is closed.
  forceExit: true,
};
