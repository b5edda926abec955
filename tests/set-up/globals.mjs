/** What @jest/globals gives, where the runner has it as globals. It sets no time limit of a test. */
export const { describe, test, expect, beforeAll, afterAll, beforeEach, afterEach } = globalThis;
export const jest = { ...globalThis.jest, setTimeout() {} };
