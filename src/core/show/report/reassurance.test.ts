import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Facts } from '../../record/entries/properties';
import { bench } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { osierCottage } from '@/server/demo/osier-cottage';
import { assess } from '../../judge/assess/assess';
import { testSettings } from '../../testing/bench';
import { composeReport } from './compose';
import { issueCheck, mayIssue } from './issue-check';
import { reassuring } from './summary';

const reportOf = (made: Bench) =>
  composeReport(made.assess(), { inspection: 'one', asOf: '2026-04-14', authors: [] });
const text = (made: Bench) => JSON.stringify(reportOf(made));

/** Facts beside which nobody may be reassured: of whom, how known. */
const grave: readonly (readonly [string, string, Facts, 'seen' | 'told', string])[] = [
  ['a tingle felt', 'house', { metalTouched: 'tingle' }, 'seen', 'tingle'],
  ['a tingle told', 'house', { metalTouched: 'tingle' }, 'told', 'tingle'],
  ['a tester that lights', 'panel', { metalTouched: 'tester-on' }, 'seen', 'tester'],
  ['a burnt smell', 'house', { listened: 'smell' }, 'seen', 'smell'],
  ['crackling', 'panel', { listened: 'crackle' }, 'seen', 'crackl'],
  ['a stop at the approach', 'house', { goOn: 'stop' }, 'seen', 'stop'],
  ['shocks told', 'site', { symptoms: ['shocks'] }, 'told', 'shocks'],
  ['a smell told', 'site', { symptoms: ['smell', 'flicker'] }, 'told', 'smell'],
  [
    'an open gap on live metal',
    'panel/c1r3',
    { opening: 'open', liveMetalInPlane: true },
    'seen',
    'live metal',
  ],
  ['arcing at a lug', 'panel/l1', { arcing: true }, 'seen', 'arcing'],
];

const sound = (): Bench =>
  bench({ panel: { coverOpened: 'opened', bond: 'strap', listened: 'quiet' } }).lines('main 100');

describe('nothing reassures falsely', () => {
  test.each(grave)(
    '%s: no sentence of reassurance, and it is printed',
    (_, about, facts, how, says) => {
      const made = sound();
      made.book.observe(about, facts, how);
      const said = text(made);
      for (const sentence of reassuring) expect(said).not.toContain(sentence);
      const { head, summary, told, findings } = reportOf(made);
      expect(JSON.stringify({ head, summary, told, findings }).toLowerCase()).toContain(says);
    },
  );

  test('beside a danger, what a finding rests on is not said to be unexplained; what was told is', () => {
    const made = sound();
    made.book.observe('panel', { metalTouched: 'tingle' });
    made.book.observe('house', { goOn: 'stop' });
    made.book.observe('site', { symptoms: ['shocks'] }, 'told');
    const { head, summary } = reportOf(made);
    expect(head.join(' ')).toContain('was stopped at the approach');
    expect(summary.join(' ')).toContain(
      'Told or noticed besides, and not explained: shocks or sparking at taps or metal.',
    );
    expect(summary.join(' ')).not.toMatch(/tingle|made the inspector stop/);
  });

  test('law: whatever else was recorded', () =>
    fc.assert(
      fc.property(
        fc.subarray([...grave], { minLength: 1 }),
        fc.subarray(['7 20 12cu m1 n1 g1', '9 15 14cu m1', '24 blank', 'bond none'] as const),
        fc.boolean(),
        (facts, lines, opened) => {
          const made = bench({ panel: opened ? { coverOpened: 'opened' } : {} }).lines(...lines);
          for (const [, about, said, how] of facts) made.book.observe(about, said, how);
          const words = text(made);
          for (const sentence of reassuring) expect(words).not.toContain(sentence);
        },
      ),
      { numRuns: 60 },
    ));

  test('too little seen says so, and reassures nobody', () => {
    const { summary } = reportOf(bench());
    expect(summary[0]).toBe('Too little was seen to say whether anything here is a danger now.');
    expect(summary[1]).toBe('Too little was seen to say whether repairs are needed.');
  });

  test('a panel in good order, seen nearly whole, still says plainly that nothing was found', () => {
    const { summary } = composeReport(assess(osierCottage('ines').entries, testSettings), {
      inspection: 'osier',
      asOf: '2026-04-20',
      authors: [],
    });
    expect(summary[0]).toBe('Nothing was found that is a danger now.');
  });
});

describe('a stop', () => {
  const stopped = () => {
    const made = sound();
    made.book.observe('house', { goOn: 'stop' });
    return made;
  };
  test('holds the report back until it is recorded whom that was told, and heads it then', () => {
    const made = stopped();
    expect(mayIssue(issueCheck(made.assess()))).toBe(false);
    made.facts({ toldWhom: 'the owner, 14 April' }, 'house');
    expect(issueCheck(made.assess()).find(({ key }) => key === 'stop')!.state).toBe('done');
    expect(reportOf(made).head[0]).toContain('Told: the owner, 14 April.');
  });
  test('its shut-off card says to leave the panel alone', () =>
    expect(reportOf(stopped()).shutOff[0]!.how[0]).toMatch(/^Do not touch this panel/));
});

describe('the shut-off card', () => {
  test.each([
    ['live metal', 'panel', { enclosureToEarthV: 118, enclosureMeter: 'loading' }],
    ['arcing', 'panel/l1', { arcing: true }],
    ['an open gap', 'panel/c1r3', { opening: 'open', liveMetalInPlane: true }],
    ['heat at a lug', 'panel/l2', { lugCondition: 'discoloured' }],
  ] as const)('is no instruction where %s stands', (_, about, facts) => {
    const made = sound();
    made.book.observe(about, facts as Facts);
    const [card] = reportOf(made).shutOff;
    expect(card!.how[0]).toMatch(/^Do not touch this panel/);
    expect(card!.how[1]).toContain('Call the utility');
  });
  test('a panel whose switch is in one not to be touched has no such instruction either', () => {
    const { entries } = lockKeepersHouse('ines');
    const cards = composeReport(assess(entries, testSettings), {
      inspection: 'one',
      asOf: '2026-04-14',
      authors: [],
    }).shutOff;
    const shed = cards.find(({ panelName }) => panelName === 'Boat shed panel')!;
    expect(cards[0]!.how[0]).toMatch(/^Do not touch this panel/);
    expect(shed.how.join(' ')).toContain('in Main panel, which nobody should touch');
    expect(shed.how.join(' ')).not.toContain('switches the whole panel off');
  });
  test('never says that a handle makes anything dead', () => {
    const made = bench({ fedBy: 'disconnect', panel: { mainKind: 'lugs' } });
    expect(JSON.stringify(reportOf(made))).not.toMatch(/makes? .*dead/);
  });
  test('says who switches off, as agreed', () => {
    const made = sound();
    made.book.observe(
      'site',
      { mayShutOff: 'by-others', shutOffBy: 'the caretaker, 2nd floor' },
      'told',
    );
    expect(reportOf(made).shutOff[0]!.how.join(' ')).toContain('the caretaker, 2nd floor');
  });
});

describe('what is told stays told', () => {
  test('scope, symptoms, who shuts off, role, works: all in the report', () => {
    const made = sound();
    made.book.observe(
      'site',
      {
        clientRole: 'buyer',
        scope: 'looks',
        symptoms: ['flicker', 'dead-rooms'],
        plannedWorks: 'a heat pump in May',
        shutOffBy: 'the owner',
      },
      'told',
    );
    made.book.add('work', 'w', 'house', { workDone: 'new kitchen', workYear: 2003 });
    const report = reportOf(made);
    const told = [
      ...report.told.map(({ label, says }) => `${label}: ${says}`),
      ...report.scope,
    ].join('\n');
    for (const words of [
      'buyer',
      'looking, nothing opened or touched',
      'lights flicker or dim, dead rooms',
      'a heat pump in May',
      'the owner',
      'new kitchen',
    ])
      expect(told).toContain(words);
  });
  test('what an absorbed danger asks for is printed whoever absorbed it', () => {
    const made = bench({
      fedBy: 'disconnect',
      disconnect: { fedFrom: 'service' },
      panel: { bond: 'screw', separateBuilding: false },
    });
    made.book.add('pipe', 'gas', 'house', { pipeKind: 'gas', pipeCurrentA: 0.4 });
    const [bond] = reportOf(made).findings.filter(({ rule }) => rule === 'ground/bond-downstream');
    expect(bond!.grade).toBe('danger');
    expect(bond!.also.join(' ')).toContain('Nobody works on the gas pipe');
    expect(bond!.untilThen.length).toBeGreaterThan(0);
  });
  test('every Danger now says what to do until it is made safe', () => {
    const made = bench({ rows: 3 }).lines('1 open!', '2 30 14cu m1');
    for (const { grade, untilThen } of reportOf(made).findings)
      expect(untilThen.length > 0).toBe(grade === 'danger');
  });
  test('words of the deadline are for who the client is', () => {
    const advice = (clientRole: 'buyer' | 'tenant') => {
      const made = bench().lines('5 20 14cu m1');
      made.book.observe('site', { clientRole }, 'told');
      return reportOf(made).firstThings.find(({ grade }) => grade === 'urgent')!.advice;
    };
    expect(advice('buyer')).toContain('before moving in');
    expect(advice('tenant')).not.toContain('moving in');
  });
});

describe('allowed when it was built', () => {
  const doubled = (lines: string[], facts: Facts = {}) => {
    const made = bench({ panel: { yearBuilt: 1964, ...facts } }).lines(...lines);
    return reportOf(made).findings.find(({ rule }) => rule === 'neutral/double')!;
  };
  test('is never said of what a listing never allowed', () => {
    const finding = doubled(['1 15 14cu n1', '3 15 14cu n1']);
    expect(finding.since).toContain('the listing of the equipment never allowed it');
    expect(JSON.stringify(finding)).not.toContain('allowed when built');
  });
  test('a jacket younger than the panel on the same screw ends it', () =>
    expect(doubled(['1 15 14cu n1 j:yellow', '3 15 14cu n1 j:woven']).since).toContain(
      'worked on since',
    ));
  test('untouched is said only where it was recorded', () => {
    const shared = (facts: Facts) => {
      const made = bench({ panel: { yearBuilt: 1990, ...facts } }).lines(
        '2 20 12cu n1',
        '4 20 12cu ~2',
      );
      made.facts({ tie: 'none' }, made.assess().site.panels[0]!.devices[0]!.id);
      made.facts({ tie: 'none' }, made.assess().site.panels[0]!.devices[1]!.id);
      return reportOf(made).findings.find(({ rule }) => rule.endsWith('no-common-disconnect'))
        ?.since;
    };
    expect(shared({})).toContain('whether untouched is not known');
    expect(shared({ signsOfOpening: [] })).toContain('nothing changed there since, as recorded');
  });
});
