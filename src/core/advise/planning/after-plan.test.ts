import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Highs } from 'highs';
import loadHighs from 'highs';
import { bench, testSettings } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { follow } from '../../judge/assess/follow';
import { afterPlan } from './after-plan';
import { groundOf } from './build-options';
import { planView } from './plan-view';
import { namedPlans, prepare } from './plans';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

/** An opening, and a breaker too large for its wire; the plan for all defects recorded as chosen. */
function chosen(): Bench {
  const made = bench({ rows: 4, panel: { name: 'Main panel', labelTandemPositions: [] } })
    .lines('1 30 12cu:b m1 in:nm bench', '2 20 12cu:b m1 in:nm hall')
    .facts({ opening: 'open' }, 'panel/c1r2')
    .facts({ opening: 'covered' }, 'panel/c2r2');
  const followed = follow(made.book.entries, testSettings);
  const prepared = prepare({ ground: groundOf(followed), book: testSettings.costBook });
  const plan = namedPlans(highs, prepared).plans.find(({ names }) => names.includes('defects'))!;
  const { drafts, choices, works } = planView(plan, prepared);
  made.book.add('plan', 'chosen', 'site', {
    planName: 'All defects',
    planChoices: [...choices],
    planWorks: works.map(({ says }) => says),
    planDrafts: drafts.map(({ about, type, in: within, facts }) => ({
      about,
      ...(type !== undefined && { type }),
      ...(within !== undefined && { in: within }),
      facts,
    })),
  });
  return made;
}

const held = (made: Bench) => afterPlan(made.book.site, made.book.entries)!;
const states = (made: Bench) =>
  Object.fromEntries(held(made).lines.map(({ place, state }) => [place, state]));

describe('a chosen plan held against what is recorded since', () => {
  test('nothing chosen, nothing expected', () => {
    const { book } = bench({ rows: 4 }).lines('1 20');
    expect(afterPlan(book.site, book.entries)).toBeUndefined();
  });

  test('what nobody looked at since is not seen, whatever it was', () => {
    const { lines, name, asked } = held(chosen());
    expect(name).toBe('All defects');
    expect(
      lines.map(({ place, before, expected, state }) => [place, before, expected, state]),
    ).toEqual([
      ['1', 'single pole 30 A, 1 wire', 'single pole 20 A, 1 wire', 'not-seen'],
      ['3', 'open', 'closed', 'not-seen'],
    ]);
    expect(asked.length).toBeGreaterThan(0);
  });

  test('done as planned it agrees, by another device too; done otherwise it differs', () => {
    const made = chosen();
    made.facts({ opening: 'blanked' }, 'panel/c1r2');
    expect(states(made)).toEqual({ 1: 'not-seen', 3: 'agrees' });
    const device = made.book.site.panels[0]!.devices.find(({ number }) => number === 1)!;
    made.facts({ handleRatingsA: [25] }, device.id);
    expect(states(made)).toEqual({ 1: 'differs', 3: 'agrees' });
    made.facts({ handleRatingsA: [20] }, device.id);
    expect(states(made)).toEqual({ 1: 'agrees', 3: 'agrees' });
  });

  test('looked at and as it was: it differs from what was expected', () => {
    const made = chosen();
    made.facts({ opening: 'open' }, 'panel/c1r2');
    expect(states(made)[3]).toBe('differs');
  });
});
