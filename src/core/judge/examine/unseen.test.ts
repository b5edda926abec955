import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fold } from '../../record/entries/fold';
import { readSite } from '../../installation/panel/site-view';
import { rules } from '../rules';
import { anyEntries } from '../../testing/any-entries';
import { bench, testSettings } from '../../testing/bench';
import { yardstickOf } from '../../codes/yardstick';
import { assess } from '../assess/assess';
import { visitCoverage } from '../scope/visit-coverage';
import { visitCounts } from '../scope/visit-counts';
import type { NotSeenLine } from './coverage';
import { notSeenLines } from './coverage';
import { scenesOf } from './examine';
import type { Verdict } from './verdict';
import { spreadOut } from './verdict';

/** Answers with the unread taken together and spread out again, and answers place by place. */
function bothWays(entries: Parameters<typeof fold>[0]) {
  const scenes = scenesOf(readSite(fold(entries)), yardstickOf(testSettings), testSettings);
  return [...scenes.values()].flatMap((scene) =>
    rules.map((rule) => {
      const [together, apart]: [Verdict[], Verdict[]] = [[], []];
      const into = (list: Verdict[]) => (place: Verdict['place'], outcome: Verdict['outcome']) =>
        list.push({ rule, panel: scene.panel.id, place, outcome });
      rule.examine(scene, into(together), (places, what) =>
        together.push(
          ...spreadOut({ rule, panel: scene.panel.id, places, what, about: undefined }),
        ),
      );
      rule.examine(scene, into(apart));
      const plain = ({ place, outcome }: Verdict) => ({ ref: place.ref, ...outcome });
      return [together.map(plain), apart.map(plain)] as const;
    }),
  );
}

test('taking places together for a fact never recorded says the same as asking at each', () => {
  fc.assert(
    fc.property(anyEntries, (entries) => {
      for (const [together, apart] of bothWays(entries)) expect(together).toEqual(apart);
    }),
    { numRuns: 60 },
  );
});

test('and does so on a panel of which only the breakers are recorded', () => {
  for (const [together, apart] of bothWays(bench().lines('1 20 12cu n1 g1 hall').book.entries))
    expect(together).toEqual(apart);
});

test('and the same lines and acts of the visit follow from both', () => {
  fc.assert(
    fc.property(anyEntries, (entries) => {
      const { inspection, site, examination } = assess(entries, testSettings);
      const { open, unseen } = examination;
      const apart = [...open, ...unseen.flatMap(spreadOut)];
      const refs = (places: readonly { ref: string }[]) => places.map(({ ref }) => ref).sort();
      const lines = (told: readonly NotSeenLine[]) =>
        told
          .map(({ places, about, ...line }) =>
            JSON.stringify({ ...line, places: refs(places), about: places.length === 1 && about }),
          )
          .sort();
      expect(lines(notSeenLines(open, unseen))).toEqual(lines(notSeenLines(apart)));
      const acts = (answers: Parameters<typeof visitCoverage>[2]) =>
        visitCoverage(inspection, site, answers)
          .acts.flatMap(({ key, wants }) =>
            wants.map(({ places, say, likely, severity }) =>
              JSON.stringify([key, say, likely, severity, refs(places)]),
            ),
          )
          .sort();
      expect(acts({ open, unseen })).toEqual(acts({ open: apart, unseen: [] }));
      const { made, agreed, scope } = visitCoverage(inspection, site, { open, unseen });
      expect(visitCounts(inspection, site, { open, unseen })).toEqual({ made, agreed, scope });
    }),
    { numRuns: 60 },
  );
});
