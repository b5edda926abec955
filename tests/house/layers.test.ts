import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';

const path: string = `${process.cwd()}/layers.cjs`;
const { core, foldersInOrder, withPicture } = (
  (await import(path)) as {
    default: {
      core: { room: string; folders: Record<string, string> }[];
      foldersInOrder: string[];
      withPicture(text: string): string;
    };
  }
).default;
const foldersOf = (path: string) =>
  readdirSync(path, { withFileTypes: true })
    .filter((one) => one.isDirectory())
    .map(({ name }) => name);

/** Every import of a file of core that is no test, as paths under src/core; type imports too. */
const importsOf = (path: string): string[] =>
  [...readFileSync(path, 'utf8').matchAll(/^[^'\n]*from '(\.[^']+)';$/gm)].map((match) =>
    new URL(match[1]!, `file:///${path}`).pathname.slice('/src/core/'.length),
  );

describe('rooms of core', () => {
  test('every folder stands in the list, and no other', () => {
    expect(foldersOf('src/core').filter((name) => name !== 'testing')).toEqual(
      core.map(({ room }) => room).sort(),
    );
    for (const { room, folders } of core)
      expect(foldersOf(`src/core/${room}`)).toEqual(Object.keys(folders).sort());
  });

  test('each begins with its table of contents', () => {
    for (const { room } of core)
      expect(readFileSync(`src/core/${room}/index.ts`, 'utf8')).toMatch(/^\/\*\*/);
  });

  test('no import goes up, so no ring of folders can be', () => {
    const at = (path: string) =>
      foldersInOrder.findIndex((folder) => `${path}/`.startsWith(`${folder}/`));
    const up = readdirSync('src/core', { recursive: true, encoding: 'utf8' })
      .filter((path) => /(?<!\.test|\.cases|\/cases)\.ts$/.test(path) && at(path) >= 0)
      .filter((path) => !/^[^/]+\/index\.ts$/.test(path) || path.startsWith('vocabulary'))
      .flatMap((path) =>
        importsOf(`src/core/${path}`)
          .filter((to) => at(to) > at(path) || (at(to) < 0 && !to.startsWith('vocabulary')))
          .map((to) => `${path} imports ${to}`),
      );
    expect(up).toEqual([]);
  });

  test('the picture of the README is the list that lint holds', () => {
    const readme = readFileSync('README.md', 'utf8');
    expect(withPicture(readme)).toBe(readme);
  });
});
