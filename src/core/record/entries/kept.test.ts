import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { assess, assessInspection } from '../../judge/assess/assess';
import { anyEntries } from '../../testing/any-entries';
import { testSettings } from '../../testing/bench';
import { seededInspection } from '../../testing/seeded-inspection';
import type { Entry } from './entry';
import { fold } from './fold';
import type { KeptInspection } from './kept';
import { keepInspection, readKept } from './kept';

/** Put by as text and read back. */
const through = (entries: readonly Entry[]) =>
  readKept(JSON.parse(JSON.stringify(keepInspection(fold(entries)))) as KeptInspection);

test('an inspection put by is read back as it was, in its order, whatever was said', () => {
  fc.assert(
    fc.property(anyEntries, (entries) => {
      const [kept, folded] = [through(entries), fold(entries)];
      expect(kept).toEqual(folded);
      expect([...kept.facts].map(([about, facts]) => [about, ...facts.keys()])).toEqual(
        [...folded.facts].map(([about, facts]) => [about, ...facts.keys()]),
      );
      expect([...kept.things.keys()]).toEqual([...folded.things.keys()]);
    }),
    { numRuns: 200 },
  );
});

test('and the same is found of it', () => {
  for (const seed of [2, 30, 71]) {
    const entries = seededInspection(seed);
    const keys = ({ findings }: ReturnType<typeof assess>) =>
      findings.map(({ key, grade }) => [key, grade]);
    expect(keys(assessInspection(through(entries), testSettings))).toEqual(
      keys(assess(entries, testSettings)),
    );
  }
});
