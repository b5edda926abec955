import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

const places = [
  'src/core',
  'src/stand-ins',
  'src/server/render',
  'tests/demo',
  'tests/house',
  'tests/plans',
  'tests/report',
];

/**
 * Files of unit tests, from the root, that need neither the pages of a browser nor a world of their own: what they
 * test has no side effects, so one process can take them one after another. A test that mocks a module or asks
 * where its file stands is none of them.
 * @returns {string[]}
 */
export const plainTests = () =>
  places
    .flatMap((place) => readdirSync(place, { recursive: true }).map((file) => join(place, file)))
    .filter((file) => file.endsWith('.test.ts'))
    .filter((file) => !/@jest-environment|mockModule|import\.meta/.test(readFileSync(file, 'utf8')))
    .sort();
