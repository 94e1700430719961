/** @type {import('jest').Config} */
const shared = {
  testEnvironment: 'node',
  // Nothing of a file outlives it here: sweeping its globals takes longer than many a file (a half of the longest).
  testEnvironmentOptions: { globalsCleanup: 'off' },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transform: {
    '^.+\\.tsx?$': [
      '<rootDir>/tools/jest-transform.mjs',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
  modulePathIgnorePatterns: ['<rootDir>/.next/', '<rootDir>/.build/'],
}

/** @type {import('jest').Config} */
const config = {
  // Both cores: the runner itself only waits.
  maxWorkers: '100%',
  // No test is to say how fast a machine is: what hangs ends all the same.
  testTimeout: 60_000,
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: ['<rootDir>/src/**/*.test.ts'],
      testPathIgnorePatterns: ['<rootDir>/src/store/'],
    },
    {
      ...shared,
      displayName: 'store',
      testMatch: ['<rootDir>/src/store/**/*.test.ts'],
      globalSetup: '<rootDir>/tools/store-templates.mjs',
      globalTeardown: '<rootDir>/tools/store-templates-end.mjs',
    },
  ],
}

export default config
