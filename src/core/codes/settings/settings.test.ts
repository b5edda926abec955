import { describe, expect, test } from '@jest/globals';
import * as v from 'valibot';
import { bench, outcomes, testSettings } from '../../testing/bench';
import { record } from '../../testing/rule-cases';
import { yardstickOf } from '../yardstick';
import { findingWords } from '../../show/report/finding-words';
import { settingsDifferences, wordingFaults } from '../../show/report/settings-differences';
import { startingSettings } from './settings';
import { anySettingsSchema } from './versions';

/** Settings as the first published version stored them. */
const version1 = {
  version: 1,
  organisation: 'Marrow Lock Inspections',
  school: 'by-the-label',
  yardstick: 'us-2020',
  deadlineDays: { danger: 0, urgent: 7, repair: 90, plan: 730 },
  lengths: 'metric',
  families: [
    {
      id: 'friction-stab',
      name: 'Friction-stab panel',
      construction: 'breakers hold on a thin split stab by friction alone',
      history: 'breakers of this construction have failed to open',
      severity: 4,
      likelihood: 2,
      nameplates: [{ maker: 'Dunvarick', models: ['FS-12'] }],
    },
  ],
};

describe('settings', () => {
  test('of version 1 are lifted: its families stay hazards, nothing is amended', () => {
    const lifted = v.parse(anySettingsSchema, version1);
    expect(lifted).toMatchObject({
      version: 5,
      timeZone: 'UTC',
      amendments: [],
      adoptionYears: null,
      house: { mostTandems: null },
      families: [{ id: 'friction-stab', hazard: true, traits: {} }],
    });
    const found = bench({ panel: { maker: 'Dunvarick', model: 'FS-12' } }).assess(lifted);
    expect(found.findings.map((one) => one.verdict.rule.id)).toContain('breaker/hazard-family');
  });
  test('of this version stay as they are', () =>
    expect(v.parse(anySettingsSchema, testSettings)).toEqual(testSettings));
  test('of version 2 get the figures shipped', () => {
    const { costBook, timeZone: _, recalls: __, ...known } = testSettings;
    expect(v.parse(anySettingsSchema, { ...known, version: 2 })).toEqual({
      ...known,
      version: 5,
      recalls: [],
      timeZone: 'UTC',
      costBook,
    });
  });
  test('of version 3 are dated by world time, as they were', () => {
    const { timeZone: _, recalls: __, ...known } = testSettings;
    expect(v.parse(anySettingsSchema, { ...known, version: 3 })).toEqual({
      ...known,
      version: 5,
      recalls: [],
      timeZone: 'UTC',
    });
  });
  test('of version 4 know no recalls', () => {
    const { recalls: _, ...known } = testSettings;
    expect(v.parse(anySettingsSchema, { ...known, version: 4 })).toEqual({
      ...known,
      version: 5,
      recalls: [],
    });
  });
  test('of an unknown version are refused', () =>
    expect(v.safeParse(anySettingsSchema, { ...testSettings, version: 6 }).success).toBe(false));
  test.each(['', 'Nowhere/At all', 'constructor'])('a time zone called %j is refused', (timeZone) =>
    expect(v.safeParse(anySettingsSchema, { ...testSettings, timeZone }).success).toBe(false),
  );
});

describe('a town’s amendment laid over', () => {
  const amended = { ...testSettings, amendments: ['marrow-lock-2019'] };
  const rule = 'access/working-space-depth';
  const at = (depthMm: number, settings = amended) =>
    outcomes(bench({ panel: { depthMm } }).assess(settings), rule)['In front of the panel'];
  test('its table decides', () => {
    expect(at(950)).toBe('found: shallow');
    expect(at(950, testSettings)).toBe('clear');
    expect(at(1000)).toBe('clear');
  });
  test('its years decide what is legacy', () => {
    const state = (settings: typeof amended) =>
      record({
        building: { yearBuilt: 2006 },
        lines: ['2 20 12cu n12', '4 20 12cu ~2'],
        facts: { 'device 2': { tie: 'none' }, 'device 4': { tie: 'none' } },
      })
        .assess({ ...settings, adoptionYears: 0 })
        .findings.find((one) => one.verdict.rule.id.endsWith('no-common-disconnect'))!.legacy!
        .state;
    expect([state(testSettings as typeof amended), state(amended)]).toEqual([
      'legacy',
      'not-legacy',
    ]);
  });
  test('what it does not name stays', () => {
    expect(yardstickOf(amended).workingWidth).toEqual(yardstickOf(testSettings).workingWidth);
    expect(yardstickOf(amended).title).toContain('Marrow Lock by-law');
  });
  test('one that is not here is refused by name', () =>
    expect(() => yardstickOf({ ...testSettings, amendments: ['elsewhere'] })).toThrow(/elsewhere/));
});

describe('what differs from the shipped', () => {
  test('nothing differs at the start, whatever order a store gives the keys', () => {
    expect(settingsDifferences(startingSettings('Office'))).toEqual([]);
    const { families, ...rest } = startingSettings('Office');
    const turned = families.map(
      (family) => Object.fromEntries(Object.entries(family).reverse()) as typeof family,
    );
    expect(settingsDifferences({ ...rest, families: turned })).toEqual([]);
  });
  test('amendments, house limits, deadlines and wording are named', () =>
    expect(
      settingsDifferences({
        ...testSettings,
        amendments: ['marrow-lock-2019'],
        house: { mostTandems: 2 },
        deadlineDays: { ...testSettings.deadlineDays, repair: 60 },
        wording: { 'breaker/double-tap': { doubled: { ask: 'One wire to a screw.' } } },
      }).join(' '),
    ).toMatch(/1000 mm.*at most 2 tandems.*60 days instead of 90.*More conductors/));
  test('own words are used; words that name what is not there are refused', () => {
    const settings = {
      ...testSettings,
      wording: { 'breaker/double-tap': { doubled: { ask: 'One wire to a screw, at {place}.' } } },
    };
    const [finding] = bench().lines('7 20 2x12cu m1').assess(settings).findings;
    expect(findingWords(finding!.verdict, 'ask', settings)).toBe(
      'One wire to a screw, at Breaker 7.',
    );
    expect(wordingFaults(settings.wording)).toEqual([]);
    expect(
      wordingFaults({ 'breaker/double-tap': { doubled: { ask: '{colour}' } }, 'no/rule': {} }),
    ).toHaveLength(2);
  });
});
