import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

const places = [
  'src/core',
  'src/stand-ins',
  'src/server/render',
  'tests/demo',
  'tests/house',
  'tests/live',
  'tests/plans',
  'tests/report',
];

/** @returns {string[]} files of tests below places, by what stands in them */
const testsIn = (below, fits) =>
  below
    .flatMap((place) => readdirSync(place, { recursive: true }).map((file) => join(place, file)))
    .filter((file) => /\.test\.tsx?$/.test(file) && fits(readFileSync(file, 'utf8')))
    .sort();

/**
 * Files of unit tests, from the root, that need neither the pages of a browser nor a world of their own: what they
 * test has no side effects, so one process can take them one after another. A test that mocks a module or asks
 * where its file stands is none of them.
 */
export const plainTests = () =>
  testsIn(places, (text) => !/@jest-environment|mockModule|import\.meta/.test(text));

/** Tests of views: each has the programs it tests to itself, and shares the document with those before it. */
export const screenTests = () =>
  testsIn(['src/ui'], (text) => /@jest-environment/.test(text) && !/mockModule/.test(text));
