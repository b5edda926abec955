import { expect, test } from '@jest/globals';
import type { SupplyNode } from '@/core/installation/supply/tree';
import { bench } from '@/core/testing/bench';
import { feederWords } from './node-words';

test.each([
  ['supply 2al', '2 Al'],
  ['supply 1x2al', '2 Al'],
  ['supply 2x3/0cu', '2 × 3/0 Cu'],
])('%s: %s', (line, words) => {
  const { site } = bench().lines(line).book;
  const thing = site.reader.inspection.things.get('panel')!;
  expect(feederWords({ thing } as SupplyNode, site)).toBe(words);
});
