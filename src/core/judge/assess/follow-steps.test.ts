import { describe, expect, test } from '@jest/globals';
import { chandlery } from '@/server/demo/chandlery';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { netLoft } from '@/server/demo/net-loft';
import { osierCottage } from '@/server/demo/osier-cottage';
import { quayBakery } from '@/server/demo/quay-bakery';
import { ropewalk } from '@/server/demo/ropewalk';
import { slipway } from '@/server/demo/slipway';
import type { Entry } from '../../record/entries/entry';
import { compareEntries } from '../../record/entries/entry';
import { properties } from '../../record/entries/properties';
import { thingTypes } from '../../record/entries/thing-types';
import { testSettings } from '../../testing/bench';
import { chanceOf } from '../../testing/chance';
import { randomStep } from '../../testing/random-step';
import type { Assessment } from './assess';
import { assess } from './assess';
import type { Followed } from './follow';
import { follow } from './follow';
import { said, saidOfFindings } from '../../testing/said';

/** How many steps in each: most where a step is judged soonest. */
const worlds: [name: string, make: typeof netLoft, steps: number][] = [
  ['net loft', netLoft, 3000],
  ['quay bakery', quayBakery, 3000],
  ['osier cottage', osierCottage, 1600],
  ['chandlery', chandlery, 600],
  ['lock-keeper’s house', lockKeepersHouse, 600],
  ['ropewalk', ropewalk, 600],
  ['slipway', slipway, 600],
];
const stepsInAll = 10_000;
/** From here it begins anew, somewhere in the demo's visit: what piled up would hide what one step does. */
const stepsOfAWalk = 30;
const everythingEach = 50;

/** What came up over all worlds. */
const seen = {
  steps: 0,
  stepped: 0,
  properties: new Set<string>(),
  types: new Set<string>(),
  kinds: new Set<string>(),
};

const text = (what: unknown) => JSON.stringify(what);
const same = (
  say: (assessment: Assessment) => unknown,
  followed: Followed,
  entries: readonly Entry[],
) => {
  const [one, other] = [text(say(followed.assessment)), text(say(assess(entries, testSettings)))];
  // Both are long; what differs is shown only where something does.
  if (one !== other) expect(JSON.parse(one)).toEqual(JSON.parse(other));
  expect(one === other).toBe(true);
};

describe('following says what assessing anew says', () => {
  test.each(worlds)(
    'at each random step: %s',
    (name, make, steps) => {
      const whole = make('ines').entries;
      let followed = follow(whole, testSettings);
      let entries: Entry[] = [...whole];
      for (let step = 0; step < steps; step += 1) {
        const chance = chanceOf(name.length * 10_000 + step + 1);
        // The first from all of it, the others from what was recorded by then.
        if (step > 0 && step % stepsOfAWalk === 0) {
          entries = whole.slice(0, 1 + chance.upTo(whole.length));
          followed = follow(entries, testSettings);
        }
        const { site, findings } = followed.assessment;
        const made = randomStep(
          entries,
          site.reader,
          findings.map(({ key }) => key),
          seen.properties,
          step,
          chance,
        );
        entries = [...entries, ...made].sort(compareEntries);
        const next = follow(entries, testSettings, followed);
        if (next.structural === followed.structural) seen.stepped += 1;
        followed = next;
        seen.steps += 1;
        for (const entry of made) {
          seen.kinds.add(entry.kind);
          if (entry.kind === 'add') seen.types.add(entry.type);
          if (entry.kind !== 'undo')
            for (const name of Object.keys(entry.facts)) seen.properties.add(name);
        }
        same(step % everythingEach === 0 ? said : saidOfFindings, followed, entries);
      }
    },
    300_000,
  );

  test('over 10,000 steps, every kind of entry, type of thing and property', () => {
    expect(seen.steps).toBeGreaterThanOrEqual(stepsInAll);
    expect([...seen.kinds].sort()).toEqual(['add', 'observe', 'undo']);
    expect([...seen.types].sort()).toEqual(Object.keys(thingTypes).sort());
    expect(Object.keys(properties).filter((name) => !seen.properties.has(name))).toEqual([]);
    // Most of them are followed, not assessed anew.
    expect(seen.stepped).toBeGreaterThan(stepsInAll / 3);
  });
});
