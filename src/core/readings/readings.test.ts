import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../entries/properties';
import { assess } from '../assess';
import { bench, testSettings } from '../testing/bench';
import type { Bench } from '../testing/bench';
import { deadPairs, deadProof, proofSteps } from './dead-proof';
import { limitsOf } from './limits';
import { slotGroups } from './slots';
import { takingOf } from './taken-with';
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
  return deadProof(site.reader, 'panel', site.panels[0]!.system);
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
    expect(deadProof(site.reader, 'panel', 'split-phase')).toMatchObject({ state: 'wrong' });
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
    expect(verdictOf(bench().facts({ continuityOhm: 7 }), 'continuityOhm').level).toBe('bad');
  });
  test('a dead pair without the tester shown is asked for again', () =>
    expect(verdictOf(bench().facts({ deadAbV: 0 }), 'deadAbV')).toMatchObject({ level: 'again' }));
  test('limits with their source, wider downstream', () => {
    const limits = (one: Bench) => {
      const { site, yardstick } = one.assess();
      return limitsOf('anV', site.panels[0]!, yardstick)!;
    };
    expect(limits(bench()).words).toBe('114–126 V; tolerable 110–127 V');
    expect(limits(bench({ fedBy: 'disconnect', disconnect: { fedFrom: 'service' } })).words).toBe(
      '108–126 V; tolerable 104–127 V',
    );
    expect(limits(bench()).source).toContain('voltage standard');
  });
});
