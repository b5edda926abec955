import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bench, testSettings } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { canonicalJson } from '../../vocabulary/canonical';
import { composeReport } from './compose';
import { photoPair, readingPairs } from './before-and-now';
import { recordAsIssued, recordLines, settingsLines, wholeRecord } from './record';
import { directoryRows, findingRows } from './rows';
import { eachPlace, numberWords } from './places';
import { workList } from './work-list';

const frame = {
  inspection: 'one',
  asOf: '2026-04-14',
  authors: [{ id: 'ines', name: 'Ines Marrable', licence: 'ML-1041' }],
};
const report = (made: Bench) => composeReport(made.assess(), frame);
const device = (made: Bench, label: string) =>
  made.book.site.panels[0]!.devices.find((one) => one.label === label)!;
const finding = (made: Bench, rule: string) =>
  report(made).findings.find((one) => one.rule === rule)!;

describe('how a panel is shut off', () => {
  /** Of a panel of which somebody saw that nothing else feeds it. */
  const how = (made: Bench) => report(made.facts({ otherSupply: false }, 'house')).shutOff[0]!;
  test('by its main', () => {
    const card = how(bench().lines('main 100', '7 20 12cu kitchen'));
    expect(card.how).toEqual(['The main, 100 A: one handle.']);
    expect(card.staysLive).toContain('only the utility shuts them off');
  });
  test('by several handles where somebody saw that there is no main', () => {
    const throws = bench({ rows: 2, panel: { mainKind: 'throws' } }).lines(
      '1 20 12cu a',
      '3 20 12cu b',
    );
    expect(how(throws).how).toEqual(['No single main: at least 2 handles, 1 and 3.']);
    throws.lines('2 blank', '4 blank');
    expect(how(throws).how).toEqual(['No single main: 2 handles, 1 and 3.']);
    expect(how(throws).staysLive).toMatch(/^the wires that come in and the whole bus/);
    throws.facts({ mainThrows: 5 });
    expect(how(throws).how[0]).toContain('5 handles');
  });
  test('the bus of a split-bus panel’s upper section stays live with every handle off', () => {
    const split = bench({ rows: 4, panel: { panelKind: 'split-bus', upperRows: 2 } }).lines(
      '1+3 60 6cu range',
      '2+4 30 10cu dryer',
    );
    expect(how(split).how[0]).toBe('No single main: 2 handles of the upper section, 1+3 and 2+4.');
    expect(how(split).staysLive).toMatch(
      /^the wires that come in and the bus of the upper section, from the meter on/,
    );
  });
  test('breakers alone do not say that there is no main', () =>
    expect(how(bench().lines('7 20 12cu kitchen', '9 20 12cu hall')).how).toEqual([
      'Whether it has a main of its own was not recorded.',
      'How it is shut off was not recorded. Ask before you need it.',
    ]));
  test('by what stands above it, where it has lugs alone', () => {
    const card = how(
      bench({ fedBy: 'disconnect', panel: { mainKind: 'lugs' } }).facts(
        { name: 'Shut-off by the meter', fedFrom: 'service' },
        'disconnect',
      ),
    );
    expect(card.how).toEqual([
      'Shut-off by the meter ahead of it: it switches the whole panel off; not tested, treat as live.',
      'It has no main of its own.',
    ]);
    expect(card.staysLive).toContain('until the breaker or switch above it is off');
  });
  test('not recorded: said, never guessed', () => {
    const card = how(bench({ fedBy: null }));
    expect(card.how).toContain('How it is shut off was not recorded. Ask before you need it.');
    expect(card.staysLive).toContain('what is above them was not recorded');
  });
  test('a second supply is named, for it feeds by itself', () => {
    const made = bench().lines('main 100');
    made.book.add('source', 'gen', 'house', {
      sourceKind: 'generator',
      name: 'Generator',
      feeds: 'panel',
    });
    expect(how(made).how).toContain('Off too: Generator, which feeds this panel by itself.');
    expect(how(made).staysLive).toContain('and what Generator feeds');
  });
  test('a second supply nobody looked for is never taken as absent', () => {
    const lines = (made: Bench) => report(made).shutOff[0]!.how;
    const unasked = 'Whether another supply feeds it (generator, solar, battery) was not recorded.';
    expect(lines(bench().lines('main 100'))).toContain(unasked);
    expect(lines(bench({ building: { otherSupply: true } }).lines('main 100'))).toContain(
      'Another supply is there; what it is and where it comes in was not recorded.',
    );
    const made = bench().lines('main 100', '7 20 2x12cu m1 kitchen');
    expect(finding(made, 'breaker/double-tap').isolation).toContain(unasked);
    made.book.add('source', 'sun', 'house', { sourceKind: 'inverter', name: 'Roof' });
    expect(finding(made, 'breaker/double-tap').isolation).toContain(
      'Off too: Roof; which panel it feeds was not recorded.',
    );
  });
  test('a main without a mark is told', () =>
    expect(how(bench().lines('main 100').facts({ mainMarked: false })).how).toContain(
      'The main is not marked: mark it.',
    ));
});

describe('for the electrician, a finding', () => {
  const doubled = () => bench().lines('main 100', '7 20 2x12cu m1 @merrowby kitchen');
  test('tells device, conductors, torque, what must be off and what is read afterwards', () => {
    const made = doubled().facts({ labelTorqueNm: 4 });
    expect(finding(made, 'breaker/double-tap')).toMatchObject({
      exact: [
        '7: 20 A, 1 pole, Merrowby; Conductors the screw is marked for: 1',
        'Screw 7, leg B: 12 copper + 12 copper, Kitchen',
      ],
      torque: '4 N·m by the panel’s label',
      isolation: expect.stringContaining('The main, 100 A: one handle. Stays live:'),
      readingsAfter: ['torque of each screw re-made', 'output of the breaker with its handle on'],
      hazards: expect.arrayContaining(['fire']),
    });
  });
  test('says that the torque was not recorded; its own label goes before the panel’s', () => {
    expect(finding(doubled(), 'breaker/double-tap').torque).toContain(
      'the figure was not recorded',
    );
    const made = doubled().facts({ labelTorqueNm: 4 });
    made.facts({ labelTorqueNm: 2.5 }, device(made, '7').id);
    expect(finding(made, 'breaker/double-tap').torque).toBe('2.5 N·m by the device’s label');
  });
  const burnedLug = (made: Bench) =>
    report(made.facts({ lugCondition: 'melted' }, 'panel/l1')).findings.find(({ rule }) =>
      rule.startsWith('service/'),
    )!;
  test('at a lug, how many conductors are under it and how many it is marked for', () => {
    const made = doubled().facts({ conductorCount: 2, lugTakes: 1 }, 'panel/l1');
    expect(burnedLug(made).exact).toEqual([
      'Conductors here, all told: 2',
      'Conductors the lug is marked for: 1',
    ]);
  });
  test('above the first disconnect is made dead by the utility alone', () =>
    expect(burnedLug(doubled()).isolation).toMatch(
      /^By the utility: nothing in the building shuts this off/,
    ));
  test('whose supply was not recorded: that is said, and nothing is claimed dead', () => {
    const made = bench({ fedBy: null }).lines('main 100', '7 20 2x12cu m1 kitchen');
    expect(burnedLug(made).isolation).toMatch(/^What shuts this off was not recorded/);
    const open = bench({ fedBy: null }).lines('7 20 2x12cu m1 kitchen');
    expect(finding(open, 'breaker/double-tap').isolation).toMatch(
      /^What shuts this off was not recorded/,
    );
  });
  test('downstream is made dead from above, its lugs too', () => {
    const made = bench({ fedBy: 'disconnect' })
      .facts({ name: 'Shut-off by the meter', fedFrom: 'service' }, 'disconnect')
      .lines('main 100', '7 20 2x12cu m1 kitchen');
    for (const { isolation } of [burnedLug(made), finding(made, 'breaker/double-tap')])
      expect(isolation).toMatch(/^Shut-off by the meter ahead of it off and locked/);
  });
  test('of the grounding: it can carry current with everything off', () => {
    const ground = report(
      bench().lines('main 100').facts({ electrodeCount: 0 }, 'house'),
    ).findings.find(({ rule }) => rule.startsWith('ground/'))!;
    expect(ground.isolation).toContain('can carry current with everything here off');
  });
  test('of the space needs nothing off, and no torque', () =>
    expect(finding(bench().facts({ depthMm: 700 }), 'access/working-space-depth')).toMatchObject({
      isolation: 'None for the space and the marks themselves.',
      torque: '',
      exact: [],
    }));
  test('the list goes by panel and place; no finding is lost or told twice', () => {
    const made = doubled().lines('9 20 14cu hall', '11 20 2x12cu m1 bath').facts({ depthMm: 700 });
    const data = report(made);
    const places = workList(data);
    expect(places.flatMap(({ findings }) => findings.map(numberWords)).sort()).toEqual(
      data.findings.flatMap(eachPlace).map(numberWords).sort(),
    );
    expect(new Set(places.map(({ trade, place }) => trade + place)).size).toBe(places.length);
  });
  test('what a quote needs of the feeder and the label stands with the panel', () => {
    const { label } = report(
      bench({
        panel: {
          supplySize: '2',
          supplyMetal: 'al',
          supplyNeutralSize: '4',
          supplyGroundSize: '8',
          supplyLength: 12_000,
          supplyRaceway: 'steel-raceway',
          labelAccepts: ['Tarnholt'],
        },
      }),
    ).panels[0]!;
    for (const words of ['2', '4', '8', '12000 mm', 'Tarnholt']) expect(label).toContain(words);
  });
  test('room left in the panel stands with its label', () =>
    expect(
      report(
        bench({ rows: 3 })
          .lines('1 20 12cu a', '2 blank', '3 blank', '4 blank', '5 blank')
          .facts({ labelCircuits: 8 }),
      ).panels[0]!.label,
    ).toMatch(
      /Positions without a device: 2, 3, 4 and 5; Circuits the label still allows: 7; Free neutral screws: \d+/,
    ));
});

describe('photos', () => {
  const shot = (made: Bench, id: string, more: object = {}) =>
    made.book.add('photo', id, 'site', {
      digest: (id + 'f'.repeat(64)).replace(/[^0-9a-f]/g, '0').slice(0, 64),
      pictureWidth: 4,
      pictureHeight: 3,
      ...more,
    });
  test('are numbered, and stand with the findings at what they show', () => {
    const made = bench().lines('main 100', '7 20 2x12cu m1 kitchen', '9 20 14cu hall');
    shot(made, 'p1', {
      aboutThing: device(made, '9').id,
      caption: 'Thin wire',
      pin: { x: 0.1, y: 0.2 },
    });
    shot(made, 'p2', { aboutThing: device(made, '7').id });
    shot(made, 'p3');
    shot(made, 'p4', { aboutThing: device(made, '7').id, removed: true });
    const { photos, findings } = report(made);
    expect(photos.map(({ number, caption, about }) => [number, caption, about])).toEqual([
      [1, 'Thin wire', 'Breaker 9'],
      [2, undefined, 'Breaker 7'],
      [3, undefined, undefined],
    ]);
    for (const one of findings)
      expect(one.photos).toEqual(
        photos.filter((photo) => photo.findings.includes(one.number)).map(({ number }) => number),
      );
    expect(findings.find(({ rule }) => rule === 'breaker/double-tap')!.photos).toEqual([2]);
    expect(photos[2]!.findings).toEqual([]);
  });
  test('on the return visit stand before and now; what was issued is never new', () => {
    const made = bench().lines('main 100', '7 20 2x12cu m1 kitchen');
    const about = device(made, '7').id;
    shot(made, 'a1', { aboutThing: about });
    const issued = report(made);
    const item = issued.findings.find(({ rule }) => rule === 'breaker/double-tap')!;
    shot(made, 'b2', { aboutThing: about });
    shot(made, 'c3', { aboutThing: 'panel' });
    const { before, now } = photoPair(issued, item, made.assess());
    expect([before.length, now.map(({ id }) => id)]).toEqual([1, ['b2']]);
  });
});

test('readings then and now stand side by side, by what was read', () => {
  const made = bench().lines('main 100').facts({ anV: 131, bnV: 108 });
  const issued = report(made);
  made.facts({ anV: 120, abV: 240 });
  const pairs = readingPairs(issued, issued.readings[0]!.panelName, made.assess());
  const of = (words: string) => {
    const pair = pairs.find((one) => one.words === words)!;
    return [pair.before?.value, pair.now?.value];
  };
  expect(of('A to neutral')).toEqual(['131 V', '120 V']);
  expect(of('B to neutral')).toEqual(['108 V', '108 V']);
  expect(of('A to B')).toEqual([undefined, '240 V']);
});

describe('what is noted besides', () => {
  test('is handed on to its trade, or told with its place; what waits for a place or was dismissed is neither', () => {
    const made = bench().lines('7 20 12cu kitchen');
    made.book.add('note', 'n1', 'site', { words: 'Damp wall', referTo: 'damp' });
    made.book.add('note', 'n2', 'site', {
      words: 'Cracked beam',
      referTo: 'structure',
      aboutThing: 'house',
    });
    made.book.add('note', 'n3', 'site', { words: 'Label half torn', aboutThing: 'panel' });
    made.book.add('note', 'n4', 'site', { words: 'Where was this?' });
    made.book.add('note', 'n5', 'site', { words: 'Nothing', referTo: 'gas', dismissed: true });
    const { referrals, notes } = report(made);
    expect(referrals).toEqual([
      {
        to: 'somebody for damp and water',
        words: 'Damp wall',
        about: undefined,
        by: 'Ines Marrable',
      },
      {
        to: 'a structural engineer',
        words: 'Cracked beam',
        about: expect.any(String),
        by: 'Ines Marrable',
      },
    ]);
    expect(notes.map(({ words }) => words)).toEqual(['Label half torn']);
  });
});

describe('a panel likely of a family with a bad history', () => {
  const looked = (facts: object = {}) =>
    bench({ panel: { breakerHold: 'friction', handleColour: 'striped', ...facts } }).lines(
      '7 20 12cu kitchen',
    );
  const hot = (made: Bench) => made.facts({ heatMark: true }, device(made, '7').id);
  test('is told with what was seen and its history, where damage is recorded', () => {
    const { notes, findings } = report(hot(looked()));
    expect(notes).toMatchObject([
      { about: 'Panel', words: expect.stringContaining('likely a friction-stab panel') },
    ]);
    expect(notes[0]!.words).toContain('friction on a thin split stab');
    expect(notes[0]!.words).toContain('have failed to open on overload');
    expect(findings.map(({ rule }) => rule)).not.toContain('breaker/hazard-family');
  });
  test.each([
    ['without damage', looked()],
    [
      'by a single trait',
      hot(bench({ panel: { breakerHold: 'friction' } }).lines('7 20 12cu kitchen')),
    ],
    ['where the label names the family', hot(looked({ maker: 'Dunvarick', model: 'FS-20' }))],
    [
      'where the label names a family without a history',
      hot(looked({ maker: 'Tarnholt', model: 'TL-24' })),
    ],
  ])('is not told %s', (_, made) => expect(report(made).notes).toEqual([]));
});

describe('the whole record', () => {
  test('has every entry once, in its order, with author, device and what it says', () => {
    const made = bench().lines('7 20 12cu kitchen');
    const lines = recordLines(made.book.entries, frame.authors, made.book.site);
    expect(lines.map(({ id }) => id)).toEqual(made.book.entries.map(({ id }) => id));
    expect(lines[0]).toMatchObject({
      by: 'Ines Marrable',
      device: 'tablet',
      about: 'The visit: Test house',
    });
    expect(lines.some(({ says }) => says.includes('Rating on the handle: 20 A'))).toBe(true);
  });
  test('has the settings it was graded by', () =>
    expect(settingsLines(testSettings)).toEqual([
      { term: 'Yardstick', says: 'us-2020' },
      { term: 'Amendments laid over it', says: 'none' },
      { term: 'Graded', says: 'By the label' },
      { term: 'Days to act', says: 'Danger now 0, Urgent 7, Repair 90, Plan 730' },
    ]));
});

test('names the registry it was looked up in, by its version; what was issued before reads without', () => {
  const { families, recalls } = testSettings;
  const line = {
    term: 'Families and recalls looked up in',
    says: `version 7 of the registry: ${families.length} families, 1 recall`,
  };
  const settings = { ...testSettings, familiesVersion: 7, recalls: recalls.slice(0, 1) };
  const assessed = { site: bench().book.site, settings };
  expect(wholeRecord([], [], assessed).settings.at(-1)).toEqual(line);
  expect(recordAsIssued([], [], assessed).settings).toEqual(settingsLines(settings));
});

test('as rows: one a finding, one a circuit, as many cells as headings', () => {
  const data = report(
    bench().lines('main 100', '7 20 2x12cu m1 kitchen', '13 t15/15 14cu+14cu hall / bath'),
  );
  for (const { columns, rows } of [findingRows(data), directoryRows(data)])
    for (const cells of rows) expect(cells).toHaveLength(columns.length);
  expect(findingRows(data).rows).toHaveLength(data.findings.length);
  expect(directoryRows(data).rows.map(([, breaker, , feeds]) => [breaker, feeds])).toEqual([
    ['7', 'Kitchen'],
    ['13a', 'Hall'],
    ['13b', 'Bath'],
  ]);
});

describe('laws', () => {
  const lines = fc.subarray([
    'main 100',
    '7 20 2x12cu m1 kitchen',
    '9 20 14cu hall',
    '13 t15/15 14cu+14cu hall / bath',
    '24 open!',
    'depth 700',
  ]);
  test('the summary is whole sentences, and never says that all is well where something was not seen', () => {
    fc.assert(
      fc.property(lines, (some) => {
        const { summary, looked, visit } = report(bench().lines(...some));
        expect(summary).toHaveLength(2);
        for (const sentence of [...summary, ...looked]) expect(sentence).toMatch(/^[A-Z0-9].*\.$/);
        if (visit!.notMade.length > 0) expect(looked.at(-1)).toContain('Not looked at is not fine');
      }),
      { numRuns: 40, seed: 11 },
    );
  });
  test('composed twice it is the same to the letter, and plain JSON', () => {
    fc.assert(
      fc.property(lines, (some) => {
        const made = bench().lines(...some);
        const one = report(made);
        expect(canonicalJson(JSON.parse(JSON.stringify(one)))).toBe(
          canonicalJson(JSON.parse(JSON.stringify(report(made)))),
        );
      }),
      { numRuns: 20, seed: 12 },
    );
  });
});
