/** As bin/test runs them: plain unit tests and those of views put together, without a context for each file. */
import config from './jest.config.mjs';
import { plainTests, screenTests } from './tests/set-up/plain.mjs';

const [unit, database] = config.projects;
/** @type {import('jest').Config} */
const whole = {
  ...config,
  projects: [
    {
      displayName: 'plain',
      runner: 'jest-light-runner',
      testMatch: ['<rootDir>/.build/tests/**/*.test.mjs'],
      transform: {},
    },
    {
      displayName: 'screens',
      runner: 'jest-light-runner',
      testMatch: ['<rootDir>/.build/screens/src/**/*.test.mjs'],
      transform: {},
      setupFiles: [
        '<rootDir>/tests/set-up/screen.mjs',
        '<rootDir>/.build/screens/tests/set-up/browser.mjs',
      ],
    },
    {
      ...unit,
      testPathIgnorePatterns: [
        ...unit.testPathIgnorePatterns,
        ...[...plainTests(), ...screenTests()].map(
          (file) => `<rootDir>/${file.replaceAll('.', '\\.')}$`,
        ),
      ],
    },
    database,
  ],
};
export default whole;
