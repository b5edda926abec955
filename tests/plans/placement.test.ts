import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Highs } from 'highs';
import loadHighs from 'highs';
import type { Plan } from '@/core';
import {
  follow,
  groundOf,
  idsFrom,
  Logbook,
  namedPlans,
  prepare,
  startingSettings,
  wishesOf,
  workOut,
} from '@/core';
import { movesBetween } from '@/core/advise/planning/moves';
import type { SiteView } from '@/core/installation/panel/site-view';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { roomCard } from '@/core/measure/load/room-card';
import * as panels from './panels';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const settings = startingSettings('Test office');

function planned({ entries }: Logbook) {
  const followed = follow(entries, settings);
  const prepared = prepare({
    ground: groundOf(followed),
    book: settings.costBook,
    wishes: wishesOf(followed.site),
  });
  const plans = namedPlans(highs, prepared).plans;
  const named = (name: Plan['names'][number]) => plans.find((plan) => plan.names.includes(name))!;
  return { site: followed.site, named };
}

/** What stands where: "13 single-pole 20", by printed label. */
const stands = ({ panels: [panel] }: SiteView) =>
  panel!.devices
    .filter(({ isMain }) => !isMain)
    .map(({ label, form, terminals }) => {
      const circuits = terminals.map(({ circuit }) => circuit?.name ?? '');
      return `${label} ${form}: ${[...new Set(circuits)].join(' | ')}`;
    });

const changed = (site: SiteView, plan: Plan) => {
  const before = stands(site);
  const after = stands(plan.after.site);
  return {
    gone: before.filter((one) => !after.includes(one)).sort(),
    come: after.filter((one) => !before.includes(one)).sort(),
  };
};

const moves = (site: SiteView, plan: Plan) =>
  movesBetween(
    { site, panel: site.panels[0]! },
    { site: plan.after.site, panel: plan.after.site.panels[0]! },
  );

describe('2 placed', () => {
  test('one becomes half of a tandem on its leg, the lamp stands where it stood', () => {
    const { site, named } = planned(panels.doubledWithoutRoom());
    const plan = named('defects');
    const { gone, come } = changed(site, plan);
    expect([gone, come]).toEqual([
      ['13 single-pole: Circuit 13', '17 single-pole: Circuit 17'],
      ['13 single-pole: ', '17 tandem: Circuit 17 | Circuit 13'],
    ]);
    expect(plan.placed.flatMap(({ moved }) => moved)).toEqual([]);
    expect(moves(site, plan).map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['renew', 'join', 'new']),
    );
  });
});

describe('3 placed', () => {
  test('the dryer to 13+15, those into tandems at 17 and 19, 9 and 11 barred, nothing else', () => {
    const { site, named } = planned(panels.burnedPair());
    const plan = named('least');
    expect(changed(site, plan)).toEqual({
      gone: [
        '13 single-pole: Circuit 13',
        '15 single-pole: Circuit 15',
        '17 single-pole: Circuit 17',
        '19 single-pole: Circuit 19',
        '9+11 two-pole: Dryer',
      ],
      come: [
        '13+15 two-pole: Dryer',
        '17 tandem: Circuit 17 | Circuit 13',
        '19 tandem: Circuit 19 | Circuit 15',
      ],
    });
    const { reader, panels: after } = plan.after.site;
    const blanked = after[0]!.positions.filter(({ devices }) => devices.length === 0);
    expect(blanked.map(({ number }) => number)).toEqual([9, 11]);
    for (const { ref, opening } of blanked)
      expect([opening?.value, reader.value(ref, 'barred')]).toEqual(['blanked', true]);
    expect(plan.placed.flatMap(({ moved }) => moved)).toEqual([]);
    const poles = after[0]!.devices
      .filter(({ isMain }) => !isMain)
      .reduce((sum, { terminals }) => sum + terminals.length, 0);
    expect(poles).toBeLessThanOrEqual(24);
  });

  test('with bars: as many poles as the label allows, every neutral on a screw of its own as before', () => {
    const { site, named } = planned(panels.burnedPairWithBars());
    const plan = named('least');
    expect(plan.chosen.map(({ remedy }) => remedy.id).sort()).toEqual([
      'blank-burned-position',
      'condense-to-tandems',
    ]);
    const [before] = site.panels;
    const [after] = plan.after.site.panels;
    expect(roomCard(plan.after.site, after!).freeNeutrals).toBe(
      roomCard(site, before!).freeNeutrals,
    );
    const [bar] = after!.bars.filter(({ kind }) => kind === 'neutral');
    expect(bar!.landed).toBe(19);
    expect(bar!.terminals.every(({ conductors }) => conductors.length <= 1)).toBe(true);
    const poles = (panel: typeof after) =>
      panel!.devices
        .filter(({ isMain }) => !isMain)
        .reduce((sum, { terminals }) => sum + terminals.length, 0);
    expect(poles(after)).toBe(20);
    expect(poles(before)).toBe(20);
  });

  test('the steps are those of the placement, none puts two things in one place', () => {
    const { site, named } = planned(panels.burnedPair());
    const plan = named('least');
    const steps = moves(site, plan);
    expect(steps.map(({ says }) => says)).toEqual([
      '17 (Circuit 17): tandem 20 A in place of the old',
      '19 (Circuit 19): tandem 20 A in place of the old',
      'Wire of 13 (Circuit 13) to the second half of the tandem at 17; breaker 13 out',
      'Wire of 15 (Circuit 15) to the second half of the tandem at 19; breaker 15 out',
      '9+11 (Dryer) out; a new one alike at 13+15, with its wires',
      'Blank in 9 and 11, marked: not to be used',
    ]);
    const taken = new Set(
      site.panels[0]!.positions.filter(({ devices }) => devices.length > 0).map(
        ({ column, row }) => `c${column}r${row}`,
      ),
    );
    for (const { from, to } of steps) {
      from.forEach((key) => expect(taken.delete(key)).toBe(true));
      for (const key of to) {
        expect(taken.has(key)).toBe(false);
        taken.add(key);
      }
    }
    expect(steps.filter(({ asks }) => asks).map(({ asks }) => asks)).toEqual([
      'see whether the stab at 17 takes a tandem and 17 is an ordinary breaker without a tie',
      'see whether the stab at 19 takes a tandem and 19 is an ordinary breaker without a tie',
      'see whether the wires of 13 reach and 13 is an ordinary breaker without a tie',
      'see whether the wires of 15 reach and 15 is an ordinary breaker without a tie',
      'see whether the wires of 9+11 reach, the stab at 13 is sound and the stab at 15 is sound',
    ]);
  });
});

describe('9 a stab without a notch', () => {
  test('no tandem there: the dryer to 15+17, its wires and theirs as short as can be', () => {
    const { site, named } = planned(panels.burnedPairNoNotch());
    expect(changed(site, named('least')).come.sort()).toEqual([
      '13 tandem: Circuit 13 | Circuit 17',
      '15+17 two-pole: Dryer',
      '19 tandem: Circuit 19 | Circuit 15',
    ]);
  });
});

describe('10 a label that lists other ratings', () => {
  test('no plan joins anything', () => {
    const { site, named } = planned(panels.burnedPairOtherRatings());
    for (const name of ['least', 'defects', 'lasting'] as const) {
      const plan = named(name);
      expect(plan.chosen.map(({ remedy }) => remedy.id)).not.toContain('condense-to-tandems');
      expect(changed(site, plan).come.join()).not.toContain('tandem');
    }
  });
});

describe('4 placed', () => {
  test('two into tandems beside them, the new breaker where they stood', () => {
    const { site, named } = planned(panels.fullPanelWithWish());
    expect(changed(site, named('defects')).come.sort((a, b) => a.localeCompare(b))).toEqual(
      [
        '9+11 two-pole: New circuit of 20 A',
        '13 tandem: Circuit 13 | Circuit 9',
        '15 tandem: Circuit 15 | Circuit 11',
      ].sort((a, b) => a.localeCompare(b)),
    );
  });
});

describe('7 two free positions apart', () => {
  test('one breaker moved makes room; it costs its minutes, and its wire is looked at first', () => {
    const { site, named } = planned(panels.freeApart());
    const plan = named('defects');
    const { come } = changed(site, plan);
    expect(come).toHaveLength(2);
    expect(come.find((one) => one.startsWith('14 single-pole'))).toBeDefined();
    expect(come.find((one) => /^(3\+5|5\+7) two-pole/.test(one))).toBeDefined();
    expect(plan.placed.flatMap(({ moved }) => moved)).toHaveLength(1);
    const alone = plan.chosen.reduce((sum, { minutes }) => sum + minutes[1], 0);
    expect(plan.minutes.likely).toBe(alone + 15);
    expect(moves(site, plan).filter(({ kind }) => kind === 'move')[0]!.asks).toMatch(
      /^see whether/,
    );
  });
});

describe('8 two free positions between two-pole breakers', () => {
  test('the breakers between a free position and the next are moved, never more', () => {
    const { site, named } = planned(panels.freeBetweenPairs());
    const plan = named('defects');
    const moved = plan.placed.flatMap((one) => one.moved);
    // 19 goes to 5 or 14, or 20 does: one single breaker, then what stands between.
    expect(moved.length).toBeGreaterThan(0);
    expect(moved.length).toBeLessThanOrEqual(3);
    const { panels: after } = plan.after.site;
    const added = after[0]!.devices.find(({ terminals }) =>
      terminals[0]?.circuit?.name?.startsWith('New circuit'),
    )!;
    expect(new Set(added.terminals.map(({ leg }) => leg)).size).toBe(2);
    expect(site.panels[0]!.devices).toHaveLength(after[0]!.devices.length - 1);
  });
});

describe('the lock-keeper’s house with a 240 V circuit wanted', () => {
  test('worked out to the end without an objection, looks too', () => {
    const { entries } = lockKeepersHouse('ines');
    const at = { newId: idsFrom('wish-'), device: 'd', author: 'ines', at: entries.at(-1)!.at };
    const book = new Logbook(at, entries);
    const { site, panels: all } = book.site;
    book.add('wish', 'heater', site!, {
      wishKind: 'circuit-240',
      wishA: 20,
      wishPanel: all[0]!.id,
    });
    const answers = [
      ...workOut(highs, {
        entries: book.entries,
        settings,
        book: settings.costBook,
        forbidden: [],
        forced: [],
      }),
    ];
    expect(answers.at(-1)!.kind).toBe('end');
    const named = answers.find((one) => one.kind === 'named')!;
    expect(named.objections).toEqual([]);
    const plan = named.plans.find(({ names }) => names.includes('defects'))!;
    expect(plan.moves.length).toBeGreaterThan(0);
  });
});
