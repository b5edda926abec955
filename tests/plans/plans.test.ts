import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Highs } from 'highs';
import loadHighs from 'highs';
import type { Plan } from '@/core';
import {
  assess,
  follow,
  groundOf,
  idsFrom,
  Logbook,
  namedPlans,
  plansAlong,
  prepare,
  startingSettings,
  wishesOf,
} from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import { chandlery } from '@/server/demo/chandlery';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { netLoft } from '@/server/demo/net-loft';
import { osierCottage } from '@/server/demo/osier-cottage';
import { quayBakery } from '@/server/demo/quay-bakery';
import { ropewalk } from '@/server/demo/ropewalk';
import { slipway } from '@/server/demo/slipway';
import * as panels from './panels';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const settings = startingSettings('Test office');

function planned({ entries }: { entries: readonly Entry[] }) {
  const followed = follow(entries, settings);
  const prepared = prepare({
    ground: groundOf(followed),
    book: settings.costBook,
    wishes: wishesOf(followed.site),
  });
  const { plans, without, none } = namedPlans(highs, prepared);
  let points: Plan[] | undefined;
  const named = (name: Plan['names'][number]) => plans.find((plan) => plan.names.includes(name));
  return {
    prepared,
    plans,
    without,
    none,
    named,
    found: followed.assessment.findings.map(({ verdict, grade }) => `${verdict.rule.id} ${grade}`),
    front: () =>
      (points ??= [...plansAlong(highs, prepared, 'repair', false).points].map(({ plan }) => plan)),
    /** Whether a remedy is offered for a finding of a rule, or why not. */
    offered: (remedy: string, rule: string) => {
      const option = prepared.options.find(
        (one) => one.remedy.id === remedy && (one.finding ?? '').startsWith(`${rule}|`),
      );
      return option ? (option.not ?? 'met') : 'none';
    },
    condition: (remedy: string, rule: string) =>
      prepared.options
        .find((one) => one.remedy.id === remedy && (one.finding ?? '').startsWith(`${rule}|`))
        ?.conditions.map(({ state }) => state),
  };
}

/** Remedies of a plan, and how often. */
const works = (plan: Plan | undefined) => plan?.chosen.map(({ remedy }) => remedy.id).sort();
const stays = (plan: Plan | undefined) =>
  plan?.staysWrong.map(({ verdict, grade }) => `${verdict.rule.id} ${grade}`);

describe('1 a doubled wire, a position is free', () => {
  const { named, found, offered, condition, plans, prepared } = lazily(() =>
    planned(panels.doubledWithRoom()),
  );
  test('one is found, at Repair', () => expect(found()).toEqual(['breaker/double-tap repair']));
  test('least is nothing, and costs nothing', () => {
    expect(works(named('least'))).toEqual([]);
    expect(named('least')?.cost).toEqual({ low: 0, likely: 0, high: 0 });
  });
  test('all defects and lasting are one plan: joined in a connector', () => {
    expect(works(named('defects'))).toEqual(['pigtail']);
    expect(named('defects')?.names).toEqual(['defects', 'lasting']);
    expect(plans()).toHaveLength(2);
    expect(stays(named('defects'))).toEqual([]);
  });
  test('a position of its own is met and dearer, a tandem not met, a listed breaker not known', () => {
    const rule = 'breaker/double-tap';
    expect(offered('own-position', rule)).toBe('met');
    expect(offered('tandem', rule)).toBe('the label allows no tandem');
    expect(condition('listed-for-two', rule)).toContain('not-known');
    const cost = (id: string) => {
      const option = prepared().options.find((one) => one.remedy.id === id)!;
      return option.minutes[1];
    };
    expect(cost('own-position')).toBeGreaterThan(cost('pigtail'));
  });
});

describe('2 the same in a full panel, and the wires must not be joined', () => {
  const { named, found, offered, plans, prepared } = lazily(() =>
    planned(panels.doubledWithoutRoom()),
  );
  test('found: the screw, and the shared circuit', () =>
    expect(found()).toEqual(['breaker/double-tap repair', 'load/required-circuit-shared plan']));
  test('what is not met says why', () => {
    const rule = 'breaker/double-tap';
    expect(offered('pigtail', rule)).toMatch(/joined with nothing/);
    expect(offered('tandem', rule)).toBe('the label allows 17 to 20 only');
  });
  test('least is nothing', () => expect(works(named('least'))).toEqual([]));
  test('two become a tandem, the lamp gets the position that frees; both findings end', () => {
    expect(works(named('defects'))).toEqual(['condense-to-tandems', 'own-position']);
    expect(named('defects')?.names).toEqual(['defects', 'lasting']);
    expect(stays(named('defects'))).toEqual([]);
    expect(plans()).toHaveLength(2);
  });
  test('far cheaper than a downstream panel or a new one', () => {
    const least = named('defects')!.minutes.likely;
    for (const id of ['downstream-panel', 'replace-panel']) {
      const option = prepared().options.find((one) => one.remedy.id === id)!;
      expect(option.minutes[1]).toBeGreaterThan(3 * least);
    }
  });
});

describe('3 a burned pair of stabs in a full panel', () => {
  const { named, found, front } = lazily(() => planned(panels.burnedPair()));
  test('both are Danger now', () =>
    expect(found()).toEqual(['bus/burned-position danger', 'bus/burned-position danger']));
  test('least: two tandems, the dryer moved, both positions blanked and marked; Notes stay', () => {
    const least = named('least')!;
    expect(works(least)).toEqual(['blank-burned-position', 'condense-to-tandems']);
    expect(least.names).toEqual(['least', 'defects', 'lasting']);
    expect(stays(least)).toEqual(['bus/burned-position note', 'bus/burned-position note']);
    const [panel] = least.after.site.panels;
    const { reader } = least.after.site;
    for (const ref of ['panel/c1r5', 'panel/c1r6'])
      expect([reader.value(ref, 'opening'), reader.value(ref, 'barred')]).toEqual([
        'blanked',
        true,
      ]);
    const dryer = panel!.devices.find(({ form }) => form === 'two-pole')!;
    expect(new Set(dryer.terminals.map(({ leg }) => leg)).size).toBe(2);
    expect(dryer.terminals.every(({ conductors }) => conductors.length === 1)).toBe(true);
    expect(panel!.devices.filter(({ form }) => form === 'tandem')).toHaveLength(2);
  });
  test('renewing the bus is the dear end of the front, where it leaves less', () => {
    const points = front();
    expect(works(points.at(-1))).toEqual(['interior']);
    expect(points.at(-1)!.riskLeft).toBeLessThan(points[0]!.riskLeft);
    expect(points.at(-1)!.cost.likely).toBeGreaterThan(points[0]!.cost.likely);
  });
});

describe('4 a full panel that wants a 240 V circuit', () => {
  const { named, found } = lazily(() => planned(panels.fullPanelWithWish()));
  test('nothing is found, least is nothing', () => {
    expect(found()).toEqual([]);
    expect(works(named('least'))).toEqual([]);
  });
  test('two tandems make room for two poles on two legs', () => {
    expect(works(named('defects'))).toEqual(['condense-to-tandems', 'wish']);
    expect(named('defects')?.names).toEqual(['defects', 'lasting']);
    const added = named('defects')!.after.site.panels[0]!.devices.find(
      ({ form }) => form === 'two-pole',
    )!;
    expect(added.terminals.map(({ handleA }) => handleA)).toEqual([20, 20]);
    expect(new Set(added.terminals.map(({ leg }) => leg)).size).toBe(2);
  });
  test('where the label allows no tandem, a downstream panel, not a new one', () => {
    const without = planned(panels.fullPanelWithWish([]));
    expect(works(without.named('defects'))).toEqual(['downstream-panel', 'wish']);
  });
});

describe('5 a fuse panel with porcelain wiring', () => {
  const { named, found } = lazily(() => planned(panels.fusesOnPorcelain()));
  test('the fuse is grave, the bases and the wiring are found', () =>
    expect(found()).toEqual([
      'fuse/overfused danger',
      'conductor/porcelain-wiring urgent',
      'fuse/interchangeable-base repair',
      'conductor/porcelain-wiring repair',
    ]));
  test('least: the right fuse in an insert', () => {
    const least = named('least')!;
    expect(works(least)).toEqual(['right-fuse-and-insert']);
    const fuse = least.after.site.panels[0]!.positions.find(({ number }) => number === 1)!
      .devices[0]!;
    const { reader } = least.after.site;
    expect(reader.value(fuse.id, 'handleRatingsA')).toEqual([15]);
    expect(reader.value(fuse.id, 'insertA')).toBe(15);
  });
  test('lasting: new wiring for what is porcelain, no new panel', () => {
    expect(works(named('lasting'))).toEqual(['new-wiring', 'new-wiring', 'right-fuse-and-insert']);
    expect(stays(named('lasting'))).toEqual([]);
  });
});

describe('6 100 A to 200 A on an underground service', () => {
  const { named, found } = lazily(() => planned(panels.overTheMain(false)));
  test('the demand is over the main, at Repair; least is nothing', () => {
    expect(found()).toEqual(['load/service repair']);
    expect(works(named('least'))).toEqual([]);
  });
  test('all defects: loads that do not run together', () =>
    expect(works(named('defects'))).toEqual(['listed-load-switch']));
  test('with a charger: the service is changed as one act, the utility told, power back after inspection', () => {
    const { named: wished } = planned(panels.overTheMain(true));
    const plan = wished('defects')!;
    expect(works(plan)).toEqual(['larger-service', 'wish']);
    const service = plan.chosen.find(({ remedy }) => remedy.id === 'larger-service')!;
    expect(service.tell.map(({ whom }) => whom)).toEqual(['utility', 'permit']);
    expect(plan.after.site.panels[0]!.main!.terminals[0]!.handleA).toBe(200);
    expect(stays(plan)).toEqual([]);
    expect(works(wished('defects-alone'))).toEqual(['listed-load-switch']);
  });
});

describe('what is only offered where it is wanted', () => {
  test('a circuit nobody wants gives its position, and is the cheapest room', () => {
    const book = panels.doubledWithoutRoom();
    const [panel] = book.site.panels;
    const { circuit } = panel!.positions.find(({ number }) => number === 3)!.devices[0]!
      .terminals[0]!;
    expect(planned(book).prepared.options.map(({ remedy }) => remedy.id)).not.toContain(
      'retire-circuit',
    );
    book.observe(circuit!.id, { notWanted: true });
    const plan = planned(book).named('defects')!;
    expect(works(plan)).toEqual(['own-position', 'retire-circuit']);
    const now = plan.after.site.panels[0]!;
    expect(now.circuits.map(({ id }) => id)).not.toContain(circuit!.id);
    expect(stays(plan)).toEqual([]);
  });

  test('a panel nobody wants goes with its feeder, and what was found in it', () => {
    const { entries } = lockKeepersHouse('ines');
    const book = new Logbook(
      { newId: idsFrom('more-'), device: 'desk', author: 'ines', at: '2026-04-15T09:00:00+01:00' },
      entries,
    );
    book.observe('lock-shed', { notWanted: true });
    const { prepared } = planned(book);
    const retire = prepared.options.find(({ remedy }) => remedy.id === 'retire-supply')!;
    expect(retire.not).toBeUndefined();
    expect([...retire.leaves.keys()].some((key) => key.startsWith('ground/bond-downstream'))).toBe(
      true,
    );
    expect(retire.frees.positions).toBeGreaterThan(0);
  });

  test('the old panel gone: a new one, whatever is found', () => {
    const book = panels.doubledWithRoom();
    book.add('wish', 'gone', 'site', { wishKind: 'panel-gone', wishPanel: 'panel' });
    expect(works(planned(book).named('defects'))).toContain('replace-panel');
    expect(works(planned(book).named('defects-alone'))).toEqual(['pigtail']);
  });

  test('one meter for all, where no tenant has his own', () => {
    const book = panels.doubledWithRoom();
    book.add('meter', 'first', 'house', { fedFrom: 'service' });
    book.add('meter', 'second', 'house', { fedFrom: 'service' });
    book.observe('panel', { fedFrom: 'second' });
    book.add('wish', 'one', 'site', { wishKind: 'one-meter', wishPanel: 'panel' });
    const plan = planned(book).named('defects')!;
    expect(works(plan)).toContain('merge-meters');
    expect(plan.after.site.reader.value('panel', 'fedFrom')).toBe('first');
    book.observe('panel', { meteredTo: 'tenant' });
    expect(planned(book).none).toContain('defects');
  });
});

const demos: readonly [string, (author: string) => { entries: Entry[] }][] = [
  ['lock-keeper’s house', lockKeepersHouse],
  ['net loft', netLoft],
  ['chandlery', chandlery],
  ['quay bakery', quayBakery],
  ['osier cottage', osierCottage],
  ['ropewalk', ropewalk],
  ['slipway', slipway],
];

describe.each(demos)('%s', (_, make) => {
  const { front, plans, without, entries } = lazily(() => {
    const made = make('ines');
    return { ...planned(made), entries: made.entries };
  });

  test('every plan on the front is what the rules say of its after-state', () => {
    for (const plan of [...front(), ...plans()]) {
      const anew = assess([...entries(), ...plan.drafts], settings);
      const open = new Map(anew.findings.map(({ key, grade }) => [key, grade]));
      for (const { key } of plan.mended) expect(open.get(key)).toBeUndefined();
      expect(anew.findings.map(({ key }) => key)).toEqual(plan.staysWrong.map(({ key }) => key));
      expect(plan.drafts.filter(({ kind }) => kind === 'undo')).toEqual([]);
    }
  });

  test('said twice it changes nothing more', () => {
    for (const plan of plans()) {
      const again = plan.drafts
        .filter(({ kind }) => kind === 'observe')
        .map((draft, at) => ({
          ...draft,
          id: `again-${at}`,
          action: 'again',
          counter: draft.counter + 100_000,
          ...('replaces' in draft && { replaces: [...draft.replaces, draft.id] }),
        }));
      const twice = assess([...entries(), ...plan.drafts, ...again] as Entry[], settings);
      expect(twice.findings.map(({ key, grade }) => `${key} ${grade}`)).toEqual(
        plan.staysWrong.map(({ key, grade }) => `${key} ${grade}`),
      );
    }
  });

  test('nothing grave is left that something here mends; the front rises in money and falls in risk', () => {
    const spared = new Set(without().map(({ key }) => key));
    const points = front();
    for (const plan of points)
      for (const { key, grade } of plan.staysWrong)
        if (grade === 'danger' || grade === 'urgent') expect(spared).toContain(key);
    points.slice(1).forEach((plan, at) => {
      expect(plan.cost.likely).toBeGreaterThan(points[at]!.cost.likely);
      expect(plan.riskLeft).toBeLessThan(points[at]!.riskLeft);
    });
  });
});

/** Works it out when the first test asks for it: the solver is loaded by then. */
function lazily<T extends object>(make: () => T) {
  let made: T | undefined;
  const get = () => (made ??= make());
  return new Proxy(
    {},
    {
      get:
        (_, name) =>
        (...args: unknown[]) => {
          const value = get()[name as keyof T] as unknown;
          return typeof value === 'function'
            ? (value as (...given: unknown[]) => unknown)(...args)
            : value;
        },
    },
  ) as { [K in keyof T]: T[K] extends (...args: never[]) => unknown ? T[K] : () => T[K] };
}
