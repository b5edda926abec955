import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Facts } from '../../record/entries/properties';
import { bench } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { flowOf } from './flow';
import { flowWords } from './flow-words';
import { jointWords, metalThings } from './joint-words';
import { ampsIn, voltsApart } from './questions';
import { siteNetwork } from './site-network';
import { solve } from './solve';
import { us2020 } from '../../codes/yardstick/us-2020';
import { earth } from './supply-branches';
import { wire } from './hand-networks';
import { loadStates, sweepLifts } from './sweep';
import { tripBand } from './trip-band';
import { whyHereOf } from './why-here';
import { drawWhyHere, whyHereAlt } from './why-here-drawing';
import type { WhatIf } from '../../vocabulary/what-if';

/** A house with a shed fed from 1+3, and a loft fed from 2+4. */
function house(shed: Facts = {}, loft: Facts = {}): Bench {
  const one = bench({ panel: { bond: 'strap' } }).lines(
    'main 100',
    '1+3 40 8cu:b/8cu:r m1 n1 g1 in:nm tied shed',
    '2+4 40 8cu:b/8cu:r m1 n2 g2 in:nm tied loft',
    '5 20 12cu:b m1 n3 g3 in:nm kitchen',
  );
  const { devices } = one.assess().site.panels[0]!;
  const at = (number: number) => devices.find((device) => device.number === number)!.id;
  one.book.add('panel', 'shed', 'house', {
    name: 'Shed',
    rows: 4,
    fedFrom: at(1),
    bond: 'none',
    ...shed,
  });
  one.book.add('panel', 'loft', 'house', {
    name: 'Loft',
    rows: 4,
    fedFrom: at(2),
    bond: 'none',
    ...loft,
  });
  return one;
}
const flowing = (one: Bench, whatIf: WhatIf = {}) => {
  const { site, yardstick } = one.assess();
  const made = siteNetwork(site, yardstick, whatIf);
  const solved = solve(made.network);
  if (!solved.ok) throw new Error(solved.reason);
  return { made, solution: solved.solution, flow: flowOf(made, solved.solution) };
};

describe('a network from the record', () => {
  test('three panels: each with its conductors, ground and joint', () => {
    const { made, flow } = flowing(house());
    expect(made.feeds.map(({ id, from }) => [id, from])).toEqual([
      ['panel', 'service'],
      ['shed', 'panel'],
      ['loft', 'panel'],
    ]);
    expect(flow.nodes[1]!.ways.map(({ short }) => short)).toEqual(['A', 'B', 'N', 'ground']);
    expect(flow.touchable).toEqual([]);
    expect(flowWords(flow)).toContain('No metal that people touch carries current');
  });
  test('the size of the breaker’s own conductors counts for the feeder, and its ground', () => {
    const { made } = flowing(house());
    const ohm = (id: string) => made.network.branches.find((one) => one.id === id)!.ohm;
    // 12 m of 8 copper, and of the 10 copper of a 40 A device where the cable says nothing of it.
    expect(ohm('hot:shed:A')).toBeCloseTo((0.778 * 12_000) / 304_800, 9);
    expect(made.assumptions.find(({ id }) => id === 'length:shed')).toMatchObject({
      value: 12,
      unit: 'm',
    });
  });
  test('a joint downstream puts current on the ground; both downstream, on both', () => {
    const { flow } = flowing(house({ bond: 'screw' }, { bond: 'screw' }));
    expect(flow.touchable.map(({ branch }) => branch.id).sort()).toEqual([
      'ground:loft',
      'ground:shed',
    ]);
    const out = flowing(house({ bond: 'screw' }, { bond: 'screw' }), {
      closed: { 'bond:shed': false },
    });
    expect(out.flow.touchable.map(({ branch }) => branch.id)).toEqual(['ground:loft']);
  });
  test('the utility’s neutral gone: one leg high, one low, and said so', () => {
    const { flow } = flowing(house(), { closed: { 'line-neutral:service': false } });
    const [a, b] = flow.nodes[0]!.legV.map(({ volts }) => volts!);
    expect(a! + b!).toBeCloseTo(240, -1);
    expect(Math.abs(a! - b!)).toBeGreaterThan(20);
    expect(flowWords(flow)).toContain('Out of its range: Panel');
  });
  test('no ground and no joint: the enclosure has no way back, and no figure', () => {
    const { solution } = flowing(house({ feederHasGround: false }), {
      closed: { 'ground:shed': false },
    });
    expect(voltsApart(solution, 'shed:N', 'shed:G')).toBeUndefined();
  });
  test('set figures count, within their range', () => {
    const { made } = flowing(house(), { set: { 'length:shed': 40, 'line:service': 99 } });
    expect(made.assumptions.find(({ id }) => id === 'length:shed')!.value).toBe(40);
    expect(made.assumptions.find(({ id }) => id === 'line:service')!.value).toBe(5);
  });
  test('measured currents become the loads', () => {
    const one = house();
    const panel = one.assess().site.panels[0]!;
    const five = [...panel.terminals.values()].find(({ label }) => label === '5')!;
    one.facts({ loadCurrentA: 12 }, five.ref);
    const { solution } = flowing(one);
    expect(ampsIn(solution, `load:${five.ref}`)).toBeGreaterThan(11.5);
    expect(ampsIn(solution, `load:${five.ref}`)).toBeLessThan(12);
  });
  test('a neutral on the ground bar puts that circuit’s return on the ground', () => {
    const wrong = house().lines('7 20 12cu:b m1 g5 in:nm lamp');
    const panel = wrong.assess().site.panels[0]!;
    const seven = [...panel.terminals.values()].find(({ label }) => label === '7')!;
    wrong.facts(
      { function: 'neutral' },
      panel.conductors.find(({ landsOn }) => landsOn?.value === 'gbar/t5')!.id,
    );
    wrong.facts({ loadCurrentA: 9 }, seven.ref);
    const branch = flowing(wrong).made.network.branches.find(
      ({ id }) => id === `load:${seven.ref}`,
    );
    expect(branch?.to).toBe('panel:G');
  });
  test('three phases: legs cycle, the neutral by the vectors', () => {
    const one = bench({ service: { serviceSystem: 'wye-208' } });
    const { flow } = flowing(one);
    expect(flow.nodes[0]!.legV.map(({ leg }) => leg)).toEqual(['A', 'B', 'C']);
    for (const { volts } of flow.nodes[0]!.legV) expect(volts!).toBeGreaterThan(117);
  });
  test('metal things are named, and joints in words', () => {
    const { made } = flowing(house());
    expect(metalThings(made).map(({ words }) => words)).toContain('enclosure and grounds of Shed');
    expect(jointWords('earth', made)).toBe('earth');
  });
  test('the worst wire to lift: with the joint downstream, the ground carries a shock', () => {
    const { made } = flowing(house({ bond: 'screw' }), { closed: { 'neutral:shed': false } });
    const sweep = sweepLifts(made.network);
    let step = sweep.next();
    const progress: number[] = [];
    for (; !step.done; step = sweep.next()) progress.push(step.value);
    expect(progress.every((one, index) => index === 0 || one >= progress[index - 1]!)).toBe(true);
    const ground = step.value.find(({ id }) => id === 'ground:shed')!;
    expect(ground.gapV).toBeGreaterThan(100);
    expect(ground.bodyA).toBeGreaterThan(0.1);
  });
});

describe('why here', () => {
  const whyOf = (one: Bench, rule: string) => {
    const assessment = one.assess();
    const finding = assessment.findings.find(({ verdict }) => verdict.rule.id === rule)!;
    return whyHereOf(assessment)(finding);
  };
  test('a joint downstream: where the current goes, and what if the neutral opens', () => {
    const why = whyOf(
      house({ bond: 'screw', yearBuilt: 2015, feederHasGround: true }),
      'ground/bond-downstream',
    )!;
    expect(why.sentence).toMatch(/take the neutral and .* A the feeder ground of Shed/);
    expect(why.lanes.find(({ touchable }) => touchable)!.amps).toBeGreaterThan(1);
    expect(why.assumed.join()).toContain('its length was not recorded');
    expect(whyHereAlt(why)).toContain('Between Panel and Shed');
    const drawing = drawWhyHere(why);
    expect(drawing.parts.filter(({ kind }) => kind === 'way')).toHaveLength(2);
  });
  test('a lost neutral: what the legs get', () => {
    const why = whyOf(house().facts({ anV: 99, bnV: 141, abV: 240 }), 'reading/lost-neutral')!;
    expect(why.sentence).toMatch(/the legs give leg A \d+ V, leg B \d+ V instead of 11\d V/);
    expect(why.lanes.at(-1)).toEqual({ words: 'neutral', amps: undefined, touchable: false });
  });
  test('a shared neutral on one leg: the sum', () => {
    const why = whyOf(
      bench().lines('1 20 12cu m1 n1', '2 20 12cu m1 ~1'),
      'breaker/shared-neutral-same-leg',
    )!;
    expect(why.sentence).toContain('40 A, the sum');
  });
  test('a shared neutral on two legs, lifted: what these very loads get, else an example named as one', () => {
    const rule = 'breaker/shared-neutral-no-common-disconnect';
    const said = (first: string, second: string) => {
      const made = bench().lines(`1 20 12cu m1 n1 ${first}`, `3 20 12cu m1 ~1 ${second}`);
      for (const { id } of made.assess().site.panels[0]!.devices) made.facts({ tie: 'none' }, id);
      return whyOf(made, rule)!.sentence;
    };
    // 5 A and 15 A at 120 V, left in series on 240 V.
    expect(said('=outlets 600w', '=outlets 1800w')).toContain(
      'lifted under the loads recorded, 1 would get 180 V and 3 60 V.',
    );
    expect(said('', '')).toMatch(/1200 W and 150 W, as an example, would get 27 V and 213 V\./);
  });
  test('the joint missing at the first disconnect: earth opens nothing', () => {
    const why = whyOf(
      bench({ panel: { bond: 'none' } }).lines('main 100', '5 20 12cu m1 n1 g1'),
      'ground/bond-missing',
    )!;
    expect(why.sentence).toMatch(/by way of earth/);
    expect(why.sentence).toMatch(/opens at once/);
  });
  test('nothing for findings that are not about currents', () =>
    expect(whyOf(bench().lines('24 open!'), 'enclosure/open-position')).toBeUndefined());
});

describe('what is not known is said', () => {
  test('size and metal of a run nobody read are taken, listed, and printed with the finding', () => {
    const made = flowing(house()).made;
    expect(made.sizes.find(({ id }) => id === 'panel')).toMatchObject({
      size: '4',
      metal: 'cu',
      assumed: 'size and metal',
    });
    expect(made.sizes.find(({ id }) => id === 'shed')).toMatchObject({
      size: '8',
      assumed: 'nothing',
    });
  });
  test('a leg with no path back is named, never within its range', () => {
    const { flow } = flowing(house(), {
      closed: { 'neutral:shed': false, 'ground:shed': false },
      set: { 'rest:shed:A': 0, 'rest:shed:B': 0 },
    });
    expect(flowWords(flow)).toContain('Shed: A has no path back');
  });
  test('a high leg of 208 V is within its own range', () => {
    const { flow } = flowing(bench({ service: { serviceSystem: 'high-leg-delta' } }));
    expect(flowWords(flow)).toContain('Every leg stands within 10 %');
  });
  test('a joint that was looked for and is not there is not made up', () => {
    const one = house({ groundA: 2.4 });
    const assessment = one.assess();
    const finding = assessment.findings.find(
      ({ verdict }) => verdict.rule.id === 'ground/stray-current',
    )!;
    expect(whyHereOf(assessment)(finding)).toBeUndefined();
  });
  test('more than eight loads: all on, each alone, each left out', () => {
    const loads = Array.from({ length: 10 }, (_, index) => wire(`l${index}`, 'a', 'b', 10, 'load'));
    const states = loadStates({ branches: loads });
    expect(states).toHaveLength(21);
    expect(states[0]).toHaveLength(10);
    expect(loadStates({ branches: loads.slice(0, 3) })).toHaveLength(7);
  });
});

describe('metal that people touch', () => {
  const live = (one: Bench, whatIf: WhatIf) => flowing(one, whatIf).flow;
  test('neutral and ground of a feeder open with the bond in: the enclosure heads the sentence', () => {
    const flow = live(house(), {
      closed: { 'neutral:shed': false, 'ground:shed': false, 'bond:shed': true },
      set: { 'rest:shed:B': 0 },
    });
    expect(flow.live[0]).toMatchObject({ words: 'enclosure and grounds of Shed' });
    expect(flow.live[0]!.volts).toBeGreaterThan(100);
    expect(flowWords(flow)).toMatch(
      /^Touching it can kill: enclosure and grounds of Shed at 1\d\d/,
    );
    expect(flowWords(flow)).not.toContain('No metal that people touch');
  });
  test('a three-wire feeder whose neutral opens', () => {
    const flow = live(house({ feederHasGround: false, bond: 'screw' }), {
      closed: { 'neutral:shed': false },
    });
    expect(flow.live.map(({ words }) => words)).toContain('enclosure and grounds of Shed');
  });
  test('an enclosure with no way to earth is named, without a figure', () => {
    const flow = live(house({ feederHasGround: false }), {});
    expect(flow.nodes[1]!.touchV).toBeUndefined();
    expect(flowWords(flow)).toContain('Shed: the enclosure has no way to earth');
  });
  test('law: whatever is opened, no touched metal above 30 V goes unnamed', () =>
    fc.assert(
      fc.property(
        fc.record({
          bond: fc.constantFrom('none' as const, 'screw' as const),
          ground: fc.boolean(),
          pipe: fc.boolean(),
        }),
        fc.uniqueArray(
          fc.constantFrom(
            'neutral:shed',
            'ground:shed',
            'neutral:loft',
            'neutral:panel',
            'line-neutral:service',
            'bond:panel',
            'frame:dry',
          ),
        ),
        fc.integer({ min: 0, max: 5000 }),
        ({ bond, ground, pipe }, open, watts) => {
          const one = house({ bond, feederHasGround: ground });
          if (pipe)
            one.book.add('pipe', 'water', 'house', {
              pipeKind: 'water',
              pipeBonded: 'bonded',
              bondedAt: 'shed',
            });
          const kitchen = one
            .assess()
            .site.panels[0]!.circuits.find(({ name }) => name === 'Kitchen')!;
          one.book.add('load', 'dry', kitchen.id, {
            loadKind: 'dryer',
            applianceWires: 'three-insulated',
          });
          const { made, solution, flow } = flowing(one, {
            closed: Object.fromEntries(open.map((id) => [id, false])),
            set: { 'rest:shed:A': watts },
          });
          const said = flowWords(flow);
          for (const { joint, words } of metalThings(made)) {
            if (!/:[GPF]$/.test(joint)) continue;
            const volts = voltsApart(solution, joint, earth);
            if (volts !== undefined && volts > 30) expect(said).toContain(words);
          }
        },
      ),
      { numRuns: 60 },
    ));
  test('a pipe tied at a downstream panel carries part of its neutral current', () => {
    const one = house({ bond: 'screw' });
    one.book.add('pipe', 'water', 'house', {
      pipeKind: 'water',
      pipeBonded: 'bonded',
      bondedAt: 'shed',
    });
    const { flow, made } = flowing(one);
    expect(
      flow.touchable.some(({ branch, amps }) => branch.id === 'through:water' && amps > 1),
    ).toBe(true);
    expect(metalThings(made).map(({ words }) => words)).toContain('metal water pipe');
  });
  test('between two metal things every kind of them is offered', () => {
    const one = house({ bond: 'screw' });
    const kitchen = one.assess().site.panels[0]!.circuits.find(({ name }) => name === 'Kitchen')!;
    one.book.add('load', 'dry', kitchen.id, { loadKind: 'dryer', applianceWires: 'three-bare' });
    for (const kind of ['water', 'gas', 'drain'] as const)
      one.book.add('pipe', kind, 'house', {
        pipeKind: kind,
        pipeBonded: 'bonded',
        bondedAt: 'panel',
      });
    const offered = metalThings(flowing(one).made).map(({ words }) => words);
    expect(offered).toEqual(
      expect.arrayContaining([
        'metal water pipe',
        expect.stringContaining('gas'),
        expect.stringContaining('drain'),
        expect.stringMatching(/^frame of/),
        expect.stringMatching(/^enclosure and grounds of Shed/),
        expect.stringMatching(/^neutral of Shed/),
        'earth',
      ]),
    );
  });
  test('grounds of two downstream panels that meet', () => {
    const one = house({ bond: 'screw', groundsMeet: 'loft' });
    const { flow } = flowing(one);
    expect(flow.touchable.some(({ branch }) => branch.id === 'meet:shed')).toBe(true);
  });
  test('the frame of a dryer on three wires stands at the leg once its neutral opens', () => {
    const one = house();
    const kitchen = one.assess().site.panels[0]!.circuits.find(({ name }) => name === 'Kitchen')!;
    one.book.add('load', 'dry', kitchen.id, { loadKind: 'dryer', applianceWires: 'three-bare' });
    const { flow } = flowing(one, { closed: { 'frame:dry': false } });
    expect(flow.live[0]!.words).toContain('frame of the dryer');
    expect(flow.live[0]!.volts).toBeGreaterThan(100);
  });
  test('an open shared neutral says what each load gets', () => {
    const one = bench({ panel: { bond: 'strap' } }).lines(
      'main 100',
      '1 20 12cu:b m1 n1 g1 counter left',
      '3 20 12cu:r m1 ~1 counter right',
    );
    const { terminals, multiwires } = one.assess().site.panels[0]!;
    const ref = (label: string) =>
      [...terminals.values()].find((each) => each.label === label)!.ref;
    one.facts({ loadCurrentA: 10 }, ref('1')).facts({ loadCurrentA: 1.25 }, ref('3'));
    const { flow } = flowing(one, { closed: { [`shared:${multiwires[0]!.id}`]: false } });
    expect(flow.starved.map(({ words }) => words).sort()).toEqual([
      'Counter left',
      'Counter right',
    ]);
    expect(Math.max(...flow.starved.map(({ volts }) => volts))).toBeGreaterThan(200);
    expect(flowWords(flow)).toContain('instead of 120 V');
  });
  test('two circuits that claim one screw are one load, and the conflict is shown', () => {
    const one = bench({ panel: { bond: 'strap' } }).lines('main 100', '1 20 12cu:b m1 n1 g1 hall');
    const [terminal] = [...one.assess().site.panels[0]!.terminals.values()].filter(
      ({ label }) => label === '1',
    );
    one.facts({ loadCurrentA: 10 }, terminal!.ref);
    const alone = flowing(one).made.network.branches.filter(({ kind }) => kind === 'load').length;
    // Refused where it is recorded; two devices without a network can bring it about all the same.
    expect(() => one.book.add('circuit', 'again', 'panel', { terminals: [terminal!.ref] })).toThrow(
      'belongs to two circuits',
    );
    const made2 = one.book.add('circuit', 'again', 'panel', { name: 'Hall again', terminals: [] });
    const last = one.book.entries.at(-1)!;
    one.book.entries.push({
      ...last,
      id: 'other-device-1',
      counter: last.counter + 1,
      device: 'other',
      action: 'other-action',
      kind: 'observe',
      about: 'again',
      facts: { terminals: [terminal!.ref] },
      replaces: [last.id],
    } as never);
    expect(made2).toBeDefined();
    const { made } = flowing(one);
    expect(made.network.branches.filter(({ kind }) => kind === 'load')).toHaveLength(alone);
    expect(one.assess().site.panels[0]!.outOfRange.map(({ reason }) => reason)).toEqual([
      'the screw of 1 belongs to two circuits: Hall and Hall again',
    ]);
  });
});

describe('bands of a breaker', () => {
  test.each([
    [15, 4.8, 'holds', undefined],
    [20, 24, 'may-never-open', undefined],
    [20, 30, 'opens-late', 3600],
    [60, 90, 'opens-late', 7200],
    [20, 60, 'opens', 120],
    [40, 100, 'opens', 240],
    [100, 250, 'opens', 360],
    [150, 400, 'opens', 480],
    [200, 500, 'opens', 600],
    [20, 150, 'opens-perhaps-at-once', 120],
    [20, 2000, 'opens-at-once', 0.1],
  ] as const)('%i A breaker at %d A: %s', (rating, amps, band, withinS) =>
    expect(tripBand(rating, amps, us2020)).toMatchObject({ band, withinS }),
  );
});
