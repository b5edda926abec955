/** Two projects: the pure core and client, and what needs the test database. */
const swc = [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx: true },
      target: 'es2022',
      transform: { react: { runtime: 'automatic' } },
    },
    module: { type: 'es6' },
  },
];
const shared = {
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: { '\\.tsx?$': swc },
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/tests/set-up/empty.ts',
  },
  setupFiles: ['<rootDir>/tests/set-up/settle-contexts.ts', '<rootDir>/tests/set-up/browser.ts'],
  modulePathIgnorePatterns: ['<rootDir>/.next/', '<rootDir>/.data/'],
};

const config = {
  // A busy machine may take long over what is a moment otherwise.
  testTimeout: 20_000,
  testSequencer: '<rootDir>/tests/set-up/long-first.mjs',
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: [
        '<rootDir>/src/**/*.test.ts',
        '<rootDir>/src/**/*.test.tsx',
        '<rootDir>/tests/{house,report,demo,plans,live}/**/*.test.ts',
      ],
      testPathIgnorePatterns: ['<rootDir>/src/server/db/'],
    },
    {
      ...shared,
      displayName: 'database',
      testMatch: ['<rootDir>/src/server/db/**/*.test.ts', '<rootDir>/tests/database/**/*.test.ts'],
    },
  ],
};
export default config;
