import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Facts } from '../../record/entries/properties';
import { assess } from '../../judge/assess/assess';
import { nmOf } from '../../installation/panel/torque';
import type { Torque } from '../../record/entries/properties/spec';
import { us2020 } from '../../codes/yardstick/us-2020';
import { bench, testSettings } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { deadPairs, deadProof, proofSteps } from '../../measure/readings/dead-proof';
import { limitsOf } from '../../measure/readings/limits';
import { slotGroups } from './slots';
import { takingOf } from '../../measure/readings/taken-with';
import { readingsOf } from './verdict';

const verdictOf = (one: Bench, property: string, about = 'panel') => {
  const assessment = one.assess();
  const panel = assessment.site.panels[0]!;
  const slot = slotGroups(assessment, panel)
    .flatMap(({ slots }) => slots)
    .find((each) => each.property === property && each.about === about)!;
  return readingsOf(assessment, panel)(slot).verdict;
};
const proofOf = (one: Bench) => {
  const { site } = one.assess();
  return deadProof(site.reader, 'panel', site.panels[0]!.system, us2020);
};
const steps = (values: Partial<Record<string, number>>) => {
  const one = bench();
  for (const [property, value] of Object.entries(values)) one.facts({ [property]: value } as Facts);
  return one;
};
const dead = Object.fromEntries(
  proofSteps('split-phase').map((name) => [name, name.startsWith('prove') ? 120 : 0]),
);

describe('proof of dead', () => {
  test('every leg, neutral and ground against each other: six pairs, ten on three phases', () => {
    expect(deadPairs('split-phase')).toHaveLength(6);
    expect(deadPairs('wye-208')).toHaveLength(10);
  });
  test('tester, pairs, tester: proven', () => expect(proofOf(steps(dead)).state).toBe('proven'));
  test.each([
    ['nothing read', {}, 'none', 'proveBeforeV'],
    ['the tester never shown before', { deadAbV: 0 }, 'wrong', 'proveBeforeV'],
    ['the tester shown nothing', { proveBeforeV: 0 }, 'wrong', 'proveBeforeV'],
    ['a pair at 118 V', { ...dead, deadAnV: 118 }, 'wrong', 'deadAnV'],
    ['the tester not shown after', { ...dead, proveAfterV: undefined }, 'open', 'proveAfterV'],
    ['one pair missing', { ...dead, deadNgV: undefined }, 'open', 'deadNgV'],
  ])('%s', (_, values, state, next) => {
    const known = Object.fromEntries(Object.entries(values).filter(([, one]) => one !== undefined));
    expect(proofOf(steps(known as Record<string, number>))).toMatchObject({ state, next });
  });
  test('a pair read after the tester was shown again proves nothing', () => {
    const one = steps(dead);
    const late = one.book.entries.map((entry) =>
      entry.kind === 'observe' && 'deadNgV' in entry.facts
        ? { ...entry, at: '2026-04-14T10:40:00+01:00' }
        : entry,
    );
    const { site } = assess(late, testSettings);
    expect(deadProof(site.reader, 'panel', 'split-phase', us2020)).toMatchObject({
      state: 'wrong',
    });
  });
  test('a non-contact tester alone never proves dead', () => {
    const one = bench();
    one.book.add('instrument', 'pen', 'site', { instrumentKind: 'tester' });
    for (const [name, value] of Object.entries(dead))
      one.facts({ [name]: value, takenWith: 'pen' } as Facts);
    expect(proofOf(one)).toMatchObject({
      state: 'wrong',
      because: expect.stringContaining('non-contact'),
    });
  });
});

describe('instruments', () => {
  test('each reading keeps the instrument of its own entry, and two instruments do not contradict', () => {
    const one = bench();
    one.book.add('instrument', 'm1', 'site', {
      name: 'Bench meter',
      instrumentRating: 'CAT III 600 V',
      lastChecked: '2026-02-01',
    });
    one.book.add('instrument', 'c1', 'site', { instrumentKind: 'clamp' });
    one.facts({ anV: 121, takenWith: 'm1' }).facts({ neutralA: 4, takenWith: 'c1' });
    const { site, inspection } = one.assess();
    expect(inspection.conflicts).toEqual([]);
    const taking = (property: 'anV' | 'neutralA') =>
      takingOf(site.reader, site.reader.fact('panel', property)!).instrumentWords;
    expect(taking('anV')).toBe('Bench meter, CAT III 600 V, last checked 2026-02-01');
    expect(taking('neutralA')).toBe('clamp meter, last check not recorded');
  });
  test('a second reading replaces the first, not what the same entry said besides', () => {
    const one = bench();
    one.book.add('instrument', 'm1', 'site', { name: 'One' });
    one.book.add('instrument', 'm2', 'site', { name: 'Two' });
    one.facts({ anV: 121, bnV: 120, takenWith: 'm1' }).facts({ anV: 119, takenWith: 'm2' });
    const { site } = one.assess();
    expect(site.reader.value('panel', 'anV')).toBe(119);
    expect(takingOf(site.reader, site.reader.fact('panel', 'bnV')!).instrument).toBe('m1');
    expect(takingOf(site.reader, site.reader.fact('panel', 'anV')!).instrument).toBe('m2');
  });
});

describe('verdict at once', () => {
  test.each([
    ['never read', {}, 'anV', 'unread'],
    ['sound', { anV: 121, bnV: 120, abV: 241 }, 'anV', 'good'],
    ['neutral lost', { anV: 96, bnV: 145, abV: 241 }, 'bnV', 'bad'],
    ['legs that do not add up', { anV: 121, bnV: 120, abV: 290 }, 'abV', 'again'],
    ['outside the range', { anV: 108, bnV: 109, abV: 217 }, 'anV', 'look'],
    ['131, 131 and 262 V: A', { anV: 131, bnV: 131, abV: 262 }, 'anV', 'look'],
    ['131, 131 and 262 V: B', { anV: 131, bnV: 131, abV: 262 }, 'bnV', 'look'],
    ['131, 131 and 262 V: across', { anV: 131, bnV: 131, abV: 262 }, 'abV', 'look'],
    ['106, 106 and 212 V', { anV: 106, bnV: 106, abV: 212 }, 'abV', 'look'],
    ['120, 120 and 220 V cannot be true', { anV: 120, bnV: 120, abV: 220 }, 'abV', 'again'],
    ['one leg alone says which other is wanted', { anV: 121 }, 'anV', 'on-record'],
  ])('%s', (_, facts, property, level) =>
    expect(verdictOf(bench().facts(facts), property)).toMatchObject({ level }),
  );
  test('current on the feeder ground', () => {
    const shed = bench({ fedBy: 'disconnect', disconnect: { fedFrom: 'service' } }).facts({
      groundA: 2.4,
    });
    expect(verdictOf(shed, 'groundA')).toMatchObject({
      level: 'bad',
      words: expect.stringContaining('2.4 A'),
    });
  });
  test('a way to ground that is not good', () => {
    expect(verdictOf(bench().facts({ continuityOhm: 0.3 }), 'continuityOhm').level).toBe('good');
    expect(verdictOf(bench().facts({ continuityOhm: 40 }), 'continuityOhm').level).toBe('bad');
  });
  test('a dead pair without the tester shown is asked for again', () =>
    expect(verdictOf(bench().facts({ deadAbV: 0 }), 'deadAbV')).toMatchObject({ level: 'again' }));
  test('limits with their source, wider downstream', () => {
    const limits = (one: Bench) => {
      const { site, yardstick } = one.assess();
      return limitsOf(
        { about: 'panel', property: 'anV' },
        site.panels[0]!,
        site.reader,
        yardstick,
      )!;
    };
    expect(limits(bench()).words).toBe('114–126 V; tolerable 110–127 V');
    expect(limits(bench({ fedBy: 'disconnect', disconnect: { fedFrom: 'service' } })).words).toBe(
      '108–126 V; tolerable 104–127 V',
    );
    expect(limits(bench()).source).toContain('voltage standard');
  });
});

describe('law: no reading outside its limits is good', () => {
  const made = () =>
    bench({
      service: { serviceSystem: 'split-phase' },
      panel: {
        anV: 120,
        bnV: 120,
        abV: 240,
        neutralA: 20,
        labelTorqueBreaker: 4,
        labelTorqueBar: { value: 25, unit: 'lbf·in' },
        labelTorqueLug: 28,
      },
    }).lines('main 100', '1+3 30 10cu:b/10cu:r m1 n1 g1 dryer', '5 20 12cu m1 n2 g2 hall');
  const withThings = () => {
    const one = made();
    one.book.add('electrode', 'e', 'house', { electrodeKind: 'water-pipe' });
    one.book.add('pipe', 'gas', 'house', { pipeKind: 'gas' });
    return one;
  };
  const slots = (() => {
    const assessment = withThings().assess();
    return slotGroups(assessment, assessment.site.panels[0]!).flatMap((group) => group.slots);
  })().filter(({ limits }) => limits && (limits.least !== undefined || limits.most !== undefined));

  test('there are slots with limits of every kind', () =>
    expect(new Set(slots.map(({ property }) => property)).size).toBeGreaterThan(10));

  test('whatever is read', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...slots),
        fc.oneof(
          fc.double({ min: 0, max: 150, noNaN: true }),
          fc.double({ min: 0, max: 600, noNaN: true }),
        ),
        ({ about, property }, raw) => {
          const value = Math.round(raw * 100) / 100;
          if (property === 'torqueNm' && (value <= 0 || value > 200)) return;
          const one = withThings();
          one.book.observe(about, { [property]: value } as Facts, 'measured');
          const assessment = one.assess();
          const panel = assessment.site.panels[0]!;
          const slot = slotGroups(assessment, panel)
            .flatMap((group) => group.slots)
            .find((each) => each.about === about && each.property === property)!;
          const { verdict } = readingsOf(assessment, panel)(slot);
          const figure = property === 'torqueNm' ? nmOf(value as Torque) : value;
          const { least = -Infinity, most = Infinity } = slot.limits!;
          const within = figure >= least - 0.51 && figure <= most + 0.51;
          if (!within) expect([about, property, value, verdict.level]).not.toContain('good');
        },
      ),
      { numRuns: 250 },
    ));
});

describe('the bench has a place for each reading', () => {
  const one = bench().lines('main 100', '7+9 30 10cu m1 n1 g1', '5 20 12cu m1 n2');
  const assessment = one.assess();
  const groups = slotGroups(assessment, assessment.site.panels[0]!);
  const abouts = (property: string) =>
    groups
      .flatMap(({ slots }) => slots)
      .filter((each) => each.property === property)
      .map(({ about }) => about);
  test('torque of lugs, of the main, of breaker screws and of bar screws with something under them', () => {
    const torqued = abouts('torqueNm');
    const main = assessment.site.panels[0]!.main!;
    expect(torqued).toEqual(
      expect.arrayContaining([
        'panel/l1',
        main.terminals[0]!.ref,
        assessment.site.panels[0]!.devices[0]!.terminals[0]!.ref,
        'nbar/t1',
        'nbar/t2',
      ]),
    );
    expect(torqued).not.toContain('nbar/t3');
  });
  test('pole to pole of a breaker of two, and across each of its own poles', () => {
    const { devices } = assessment.site.panels[0]!;
    const two = devices.find(({ terminals }) => terminals.length === 2)!;
    expect(abouts('poleToPoleV')).toEqual([two.id]);
    expect(abouts('acrossV')).toEqual(expect.arrayContaining(two.terminals.map(({ ref }) => ref)));
  });
});
