import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import vm from 'node:vm';
import { beforeAll, describe, expect, test } from '@jest/globals';

/**
 * Script each page asks for at first, in kB as it is sent to a browser that takes brotli: what all pages have, the
 * page's own, and that of its errors and its waiting. What is fetched later is not counted.
 */
const most: Readonly<Record<string, number>> = {
  '/sign-in/page': 142,
  '/reset/page': 142,
  '/office/page': 142,
  '/page': 172,
  '/inspections/[id]/(book)/walk/page': 270,
  '/inspections/[id]/(book)/plan/page': 290,
  '/inspections/[id]/(book)/return/page': 290,
  '/inspections/[id]/(book)/notes/page': 290,
  '/inspections/[id]/(book)/history/page': 290,
  '/inspections/[id]/(book)/judge/page': 290,
  '/inspections/[id]/(book)/circuits/page': 290,
  '/inspections/[id]/(book)/readings/page': 290,
  '/inspections/[id]/(book)/supply/page': 290,
};

interface ClientManifest {
  entryJSFiles?: Record<string, string[]>;
}
const build = join(process.cwd(), '.next');
const sent = (file: string) => {
  const path = join(build, file);
  return statSync(existsSync(`${path}.br`) ? `${path}.br` : path).size;
};
const pages = new Map<string, number>();

beforeAll(() => {
  const { rootMainFiles } = JSON.parse(
    readFileSync(join(build, 'build-manifest.json'), 'utf8'),
  ) as { rootMainFiles: string[] };
  const app = join(build, 'server', 'app');
  for (const name of readdirSync(app, { recursive: true, encoding: 'utf8' })) {
    if (!name.endsWith('page_client-reference-manifest.js')) continue;
    const context: { __RSC_MANIFEST?: Record<string, ClientManifest> } = {};
    vm.runInNewContext(readFileSync(join(app, name), 'utf8'), {
      globalThis: context,
    });
    for (const [page, { entryJSFiles = {} }] of Object.entries(context.__RSC_MANIFEST ?? {})) {
      const files = new Set([...rootMainFiles, ...Object.values(entryJSFiles).flat()]);
      pages.set(
        page,
        [...files]
          .filter((file) => file.endsWith('.js'))
          .reduce((sum, file) => sum + sent(file), 0),
      );
    }
  }
});

describe('script a page asks for at first', () => {
  test.each(Object.entries(most))('%s: at most %s kB', (page, kB) => {
    expect(pages.get(page)).toBeGreaterThan(50_000);
    expect(pages.get(page)! / 1000).toBeLessThanOrEqual(kB);
  });
  test('every view of an inspection is counted', () => {
    const views = [...pages.keys()].filter((page) => page.includes('/(book)/'));
    expect(views.filter((page) => most[page] === undefined)).toEqual([]);
  });
});
