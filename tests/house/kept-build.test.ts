import { existsSync, readFileSync, statSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { named, namedByContent } from '@/worker/build';

const program = readFileSync('.next/east-gate/worker/sw.js', 'utf8');
const { version, files } = JSON.parse(
  /\{version:"[^"]*",files:\[[^\]]*\]\}/
    .exec(program)![0]
    .replace('{version:', '{"version":')
    .replace(',files:', ',"files":'),
) as { version: string; files: string[] };
const onDisk = (path: string) => `.next/static/${path.slice(namedByContent.length)}`;

/** MB a device fetches once, as it is sent, so that every view opens without a network. */
const mostMegabytes = 2.5;

describe('what a device keeps of a build', () => {
  test('is named, and is there', () => {
    expect(version).toMatch(/^[0-9a-f]{16}$/);
    expect(files.slice(0, named.length)).toEqual(named);
    const missing = files.slice(named.length).filter((path) => !existsSync(onDisk(path)));
    expect(missing).toEqual([]);
  });

  test('holds every script, style and font of the build, and the solver', () => {
    expect(files.filter((path) => path.endsWith('.js')).length).toBeGreaterThan(60);
    expect(files.some((path) => path.endsWith('.css'))).toBe(true);
    expect(files.some((path) => path.endsWith('.woff2'))).toBe(true);
    expect(files.filter((path) => path.endsWith('.wasm'))).toHaveLength(1);
  });

  test(`is at most ${mostMegabytes} MB as it is sent`, () => {
    const size = (path: string) => {
      const file = onDisk(path);
      return statSync(existsSync(`${file}.br`) ? `${file}.br` : file).size;
    };
    const composes = statSync('.next/east-gate/worker/draft.js.br').size;
    const total = files.slice(named.length).reduce((sum, path) => sum + size(path), composes);
    console.log(`kept on a device: ${(total / 1e6).toFixed(2)} MB in ${files.length} files`);
    expect(total / 1e6).toBeLessThan(mostMegabytes);
  });
});
