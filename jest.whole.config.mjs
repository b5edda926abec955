/** As bin/test runs them: the plain unit tests put together, without a context for each file. */
import config from './jest.config.mjs';
import { plainTests } from './tests/set-up/plain.mjs';

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
      ...unit,
      testPathIgnorePatterns: [
        ...unit.testPathIgnorePatterns,
        ...plainTests().map((file) => `<rootDir>/${file.replaceAll('.', '\\.')}$`),
      ],
    },
    database,
  ],
};
export default whole;
