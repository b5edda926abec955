import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { readSite } from '../../installation/panel/site-view';
import { fold } from '../../record/entries/fold';
import { add, highestCounter, stamp } from './draft';
import { idsFrom, Logbook } from './logbook';
import { panelTemplates } from './panel-templates';
import { pastedLines, recordLines } from './record-lines';
import { startInspection } from './start-inspection';

const by = (counter: number) => ({
  newId: idsFrom('p'),
  device: 'paste',
  author: 'ines',
  at: '2026-04-14T10:00:00+01:00',
  counter,
});
const paste = (text: string) => {
  const { entries } = bench().book;
  const result = recordLines(pastedLines(text), 'panel', entries, by(highestCounter(entries)));
  const fresh = stamp(result.drafts, { ...by(highestCounter(entries)), newId: idsFrom('e') });
  return { ...result, panel: readSite(fold([...entries, ...fresh])).panels[0]! };
};

describe('lines pasted together', () => {
  test('a later line may speak of what an earlier one made', () => {
    const { faults, good, panel } = paste('2 20 12cu:b counter\n4 20 12cu:r ~2 sink');
    expect(faults).toEqual([]);
    expect(good).toBe(2);
    expect(panel.multiwires).toHaveLength(1);
  });
  test('faults are named by line and column; the others are kept', () => {
    const { faults, good, panel } = paste('1 20 hall\n\n99 20 far\n3 20 bath');
    expect(good).toBe(2);
    expect(faults).toHaveLength(1);
    expect(faults[0]).toMatchObject({ line: 3, text: '99 20 far' });
    expect(panel.devices.map(({ number }) => number)).toEqual([1, 3]);
  });
  test('a later line of the same position says it anew: one breaker stands there, as said last', () => {
    const { faults, panel } = paste('5+7 30 dryer\n5 20 hall');
    expect(faults).toEqual([]);
    expect(panel.devices.map(({ label, form }) => [label, form])).toEqual([['5', 'single-pole']]);
  });
  test('a panel that is not there takes none', () => {
    const { entries } = bench().book;
    const result = recordLines(pastedLines('1 20 hall'), 'none', entries, by(1));
    expect(result).toMatchObject({ good: 0, drafts: [] });
    expect(result.faults[0]!.message).toBe('there is no panel to record in');
  });
});

describe('a new inspection', () => {
  const started = (place: Parameters<typeof startInspection>[0]) => {
    const drafts = startInspection(place, idsFrom('s'));
    return readSite(fold(stamp(drafts, { ...by(0), newId: idsFrom('e') })));
  };
  test('has a place, a building, a service and one panel', () => {
    const site = started({ name: 'Weir cottage', address: '3 Weir', positions: 24 });
    expect(site).toMatchObject({ name: 'Weir cottage', address: '3 Weir' });
    expect(site.buildings).toHaveLength(1);
    expect(site.panels).toHaveLength(1);
    expect(site.panels[0]!.positions).toHaveLength(24);
  });
  test('says nothing of positions nobody counted', () => {
    const site = started({ name: 'Weir cottage' });
    expect(site.panels[0]!.rows).toBeUndefined();
    expect(site.address).toBe('');
  });
});

describe.each(panelTemplates.map((template) => [template.id, template] as const))(
  'the template %s',
  (_, { words, facts, neutralScrews }) => {
    test('is a panel that can be recorded, with as many positions as it says', () => {
      const book = new Logbook({ ...by(0), newId: idsFrom('t') }, bench().book.entries);
      book.record([add('panel', 'fresh', 'house', facts)]);
      const panel = book.site.panels.find(({ id }) => id === 'fresh')!;
      expect(panel.positions.length).toBeGreaterThan(0);
      const said = /^(\d+) positions/.exec(words)?.[1];
      if (said) expect(panel.positions).toHaveLength(Number(said));
      expect(neutralScrews).toBeGreaterThan(0);
    });
  },
);
