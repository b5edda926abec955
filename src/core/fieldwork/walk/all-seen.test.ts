import { describe, expect, test } from '@jest/globals';
import { assess } from '../../judge/assess/assess';
import { isAgreed } from '../../judge/scope/scopes';
import type { ScopeName } from '../../judge/scope/scopes';
import { scopes } from '../../judge/scope/scopes';
import { visitActs } from '../../judge/scope/visit-act';
import { properties } from '../../record/entries/properties';
import type { Facts, PropertyName, PropertySpec } from '../../record/entries/properties';
import { bench, testSettings } from '../../testing/bench';
import { observe } from '../recording/draft';
import { idsFrom, Logbook } from '../recording/logbook';
import { startInspection } from '../recording/start-inspection';
import { allSeen } from './all-seen';
import { askedAt, nothingWrong } from './asked';

const stagesOf = Array.from({ length: 13 }, (_, index) => index + 1);

/** A clean panel of 24, its house, meter and electrode, as far as only a person can say. */
function clean(scope?: ScopeName): Logbook {
  const book = new Logbook({
    newId: idsFrom('c'),
    device: 'tablet',
    author: 'ines',
    at: '2026-04-14T09:41:00+01:00',
  });
  book.record(startInspection({}, idsFrom('begin-')));
  const [site, panel] = [book.site.site!, book.site.panels[0]!.id];
  const house = book.site.buildings[0]!.id;
  const service = [...book.site.reader.inspection.things.values()].find(
    ({ type }) => type === 'service',
  )!.id;
  if (scope) book.observe(site, { scope });
  book.observe(house, {
    buildingKind: 'house',
    yearBuilt: 2021,
    floorAreaM2: 120,
    permitsKnown: 'none',
    emergencyDisconnect: true,
    surgeThere: true,
    waterPiping: 'none',
    gasPiping: 'none',
  });
  book.observe(service, {
    serviceSystem: 'split-phase',
    supplyWay: 'underground',
    availableFaultA: 8000,
  });
  book.add('meter', 'meter', house, {
    fedFrom: service,
    metersLocation: 'outdoors',
    weatherRating: 'rain',
  });
  book.add('electrode', 'footing', house, {
    electrodeKind: 'encased',
    electrodeConductorSize: '4',
    electrodeConductorMetal: 'cu',
  });
  for (const line of [
    'panel 24 odd',
    'fed meter',
    'year 2021',
    'maker Tarnholt TL-24',
    'label bus 125 circuits 30 grounds 2 stab 125 accepts tarnholt',
    'cover opened',
    'main 100 @tarnholt',
    'supply 4cu n4',
    'bond strap',
    'bar n 24 left takes 14-4',
    'bar g 24 right takes 14-4',
    'depth 1000',
    'width 800',
    'handle 1800',
    ...Array.from({ length: 24 }, (_, index) => {
      const at = index + 1;
      return `${at} 20 12cu:b m1 n${at} g${at} @tarnholt in:nm j:yellow room ${at}`;
    }),
  ])
    book.line(panel, line);
  book.observe(panel, {
    metersLocation: 'indoors',
    equipmentWidth: 360,
    interruptingKa: 22,
    fillPercent: 30,
    spliceFillPercent: 40,
    bundledOver600: 3,
  });
  const ground = book.site.panels[0]!.bars.find(({ kind }) => kind === 'ground')!;
  book.observe(ground.id, { barBonded: 'bonded' });
  return book;
}

/** "All seen here" and "Nothing wrong at this stage" at every stage, as they are tapped. */
function tapThrough(book: Logbook): Logbook {
  for (const stage of stagesOf) {
    for (const { about, facts } of allSeen(stage, book.site, book.site.panels[0]!))
      book.observe(about, facts);
    for (const { about, facts } of fineAt(book, stage)) book.observe(about, facts);
  }
  return book;
}
const fineAt = ({ site }: Logbook, stage: number) =>
  askedAt(stage, site, site.panels[0]!).flatMap((group) => nothingWrong(group, site));

describe('a clean panel under “opens”', () => {
  const { visit, findings } = assess(tapThrough(clean('opens')).entries, testSettings);
  test('leaves no agreed look open and nothing found', () => {
    expect(
      visit.acts.flatMap(({ what, wants }) => wants.map(({ say }) => `${what}: ${say}`)),
    ).toEqual([]);
    expect(visit.made).toBe(visit.agreed);
    expect(findings.map(({ key }) => key)).toEqual([]);
  });
  test('writes nothing beyond what was agreed', () => expect(visit.beyond).toEqual([]));
  test('what lies outside stays outside: touching, measuring, tracing', () =>
    expect(visit.outside.map(({ act }) => act).sort()).toEqual(['test', 'touch', 'trace']));
});

describe.each([...(Object.keys(scopes) as ScopeName[]), undefined])('agreed: %s', (scope) => {
  test('“nothing wrong” writes the negatives of all agreed acts of a stage, and none beyond', () => {
    const book = clean(scope);
    const { site } = book;
    const actOf = visitActs(site);
    for (const stage of stagesOf) {
      const written = new Set(
        fineAt(book, stage).flatMap(({ about, facts }) =>
          Object.keys(facts).map((property) => `${about}|${property}`),
        ),
      );
      for (const { about, property, recorded } of askedAt(stage, site, site.panels[0]!).flatMap(
        ({ facts }) => facts,
      )) {
        const act = actOf(about, property)!;
        const { fine } = properties[property] as PropertySpec;
        const agreed = scope
          ? act && isAgreed({ name: scope }, act.act, act.stage)
          : act && ['look', 'open', 'ask'].includes(act.act);
        expect(`${about}|${property} ${written.has(`${about}|${property}`)}`).toBe(
          `${about}|${property} ${!recorded && fine !== undefined && Boolean(agreed)}`,
        );
      }
    }
  });

  test('“all seen” says nothing that no agreed act shows, and of nothing that it is sound', () => {
    const book = clean(scope);
    const actOf = visitActs(book.site);
    for (const stage of stagesOf)
      for (const { about, facts } of allSeen(stage, book.site, book.site.panels[0]!))
        for (const property of Object.keys(facts) as PropertyName[]) {
          const act = actOf(about, property)!;
          expect(isAgreed({ name: scope ?? 'full' }, act.act, act.stage)).toBe(true);
          expect((properties[property] as PropertySpec).fine).not.toEqual(facts[property] ?? null);
        }
  });
});

describe('touching', () => {
  test('is written only where it was agreed in so many words', () => {
    const touched = (scope?: ScopeName) =>
      fineAt(clean(scope), 8).some(({ facts }) => 'tightness' in facts || 'busCondition' in facts);
    expect(touched('full')).toBe(true);
    for (const scope of ['outside', 'looks', 'opens', 'tests', undefined] as const)
      expect(touched(scope)).toBe(false);
  });
});

describe('all seen here', () => {
  test('counts what is drawn, keeps what was said, and a second time says nothing', () => {
    const made = bench({ panel: { coverOpened: 'opened' } }).lines('1 20 2x12cu:b kitchen');
    const at = () => allSeen(8, made.book.site, made.book.site.panels[0]!);
    const screw = made.book.site.panels[0]!.devices[0]!.terminals[0]!.ref;
    const before = made.book.site.reader.value(screw, 'conductorCount');
    if (before === undefined)
      expect(at()).toContainEqual({ about: screw, facts: { conductorCount: 2 } });
    for (const { about, facts } of at())
      made.book.record([observe(made.book.site.reader, about, facts)]);
    expect(made.book.site.reader.value(screw, 'conductorCount')).toBe(2);
    expect(at()).toEqual([]);
  });

  test('none drawn is not none there: no electrode is counted where none was drawn', () => {
    const { site } = bench().book;
    expect(
      allSeen(3, site, site.panels[0]!).flatMap(({ facts }) => Object.keys(facts)),
    ).not.toContain('electrodeCount');
  });

  test('counts supply voltages, sets and what lugs hold as they are drawn', () => {
    const { book } = bench({ panel: { coverOpened: 'opened' } }).lines('supply 2x3/0cu n3/0');
    const said = (stage: number) =>
      Object.fromEntries(
        allSeen(stage, book.site, book.site.panels[0]!).map(({ about, facts }) => [about, facts]),
      );
    expect(said(8)['panel/l1']).toEqual({ lugHolds: 2 });
    expect(said(8)['panel/ln']).toEqual({ lugHolds: 2 });
    expect(said(8)['panel']?.parallelSets).toBeUndefined();
    const { book: other } = bench({ panel: { coverOpened: 'opened' } }).lines('supply 4cu');
    const of = (about: string) =>
      allSeen(8, other.site, other.site.panels[0]!).find((one) => one.about === about)?.facts;
    expect(of('panel')).toMatchObject({ parallelSets: 1 });
    expect(of('panel/l2')).toEqual({ lugHolds: 1 });
    // Of its neutral nothing was recorded: none is drawn, and none is counted.
    expect(of('panel/ln')).toBeUndefined();
  });

  test.each([
    ['panel/l1', { besideSupply: 'circuit' }, 'panel/l1'],
    ['panel/l1', { besideSupply: 'unknown' }, 'panel/l1'],
    ['panel', { legFeed: 'jumpered' }, 'panel/l1'],
    ['panel', { legFeed: 'one' }, 'panel/l2'],
    ['panel', { supplyNeutralOn: 'ground-bar' }, 'panel/ln'],
  ] as [string, Facts, string][])('counts no lug where %s says %j', (about, facts, lug) => {
    const { book } = bench({ panel: { coverOpened: 'opened' } })
      .lines('supply 4cu n4')
      .facts(facts, about);
    expect(allSeen(8, book.site, book.site.panels[0]!).map((one) => one.about)).not.toContain(lug);
  });

  test('two services of one voltage are one supply voltage; one whose voltage nobody recorded is not counted', () => {
    const { book } = bench();
    const said = () =>
      allSeen(3, book.site, book.site.panels[0]!).flatMap(
        ({ facts }) => facts.voltageSystems ?? [],
      );
    for (const { id, type } of book.site.reader.inspection.things.values())
      if (type === 'service') book.observe(id, { removed: true });
    expect(said()).toEqual([]);
    book.add('service', 's1', 'house', { serviceSystem: 'split-phase' });
    book.add('service', 's2', 'house', {});
    expect(said()).toEqual([]);
    book.observe('s2', { serviceSystem: 'split-phase' });
    expect(said()).toEqual([1]);
    book.observe('s2', { serviceSystem: 'wye-208' });
    expect(said()).toEqual([2]);
  });

  test('behind a cover that stayed on nothing was seen', () => {
    const { site } = bench({ panel: { coverOpened: 'not-opened' } }).lines('1 20 kitchen').book;
    for (const stage of [8, 9]) expect(allSeen(stage, site, site.panels[0]!)).toEqual([]);
  });
});
