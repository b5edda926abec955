import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../../record/entries/properties';
import { bench } from '../../testing/bench';
import { drawPanel } from './draw-panel';

/** Shapes that stand or fall with facts of something: what is drawn with them and not without, and the other way round. */
function drawnBy(facts: Facts, about: string, ...lines: string[]) {
  const made = (said: boolean) => {
    const one = bench({ panel: { supplySize: '2', supplyMetal: 'cu' } }).lines(
      'main 100',
      ...lines,
    );
    const cable = one.book.site.panels[0]!.cables[0]?.id;
    if (said) one.facts(facts, about === 'cable' ? cable! : about);
    const { site } = one.book;
    return drawPanel(site.panels[0]!, site).shapes.map((shape) => JSON.stringify(shape));
  };
  const [without, with_] = [made(false), made(true)];
  return {
    more: with_.filter((shape) => !without.includes(shape)),
    less: without.filter((shape) => !with_.includes(shape)),
  };
}

describe('is drawn where it is seen:', () => {
  test.each([
    ['tape over an opening', { opening: 'taped' }, 'panel/c2r2', []],
    ['a part not made for it', { opening: 'unfit' }, 'panel/c2r2', []],
    ['a wire off a lug', { besideSupply: 'circuit' }, 'panel/l1', []],
    ['two conductors in a lug', { lugHolds: 2 }, 'panel/l1', []],
    ['a jumper across the legs', { legFeed: 'jumpered' }, 'panel', []],
    ['a main that is on when down', { verticalHandles: 'down' }, 'panel', []],
    ['a jacket that ends outside', { sheathEnds: 'outside' }, 'cable', ['7 20 12cu m1 in:nm']],
  ] as [string, Facts, string, string[]][])('%s', (_, facts, about, lines) =>
    expect(drawnBy(facts, about, ...lines).more).not.toEqual([]),
  );
  test('of a panel on one leg the other hot of the supply is not drawn', () => {
    const { more, less } = drawnBy({ legFeed: 'one' }, 'panel');
    expect(more).toEqual([]);
    expect(less).toHaveLength(2);
  });
  test('a supply neutral on a ground bar runs there, and by way of it on to the neutral bar', () => {
    const on = (supplyNeutralOn: Facts['supplyNeutralOn']) =>
      drawnBy({ supplyNeutralOn } as Facts, 'panel');
    expect(on('neutral-bar')).toEqual({ more: [], less: [] });
    expect([on('ground-bar').more.length, on('ground-bar').less.length]).toEqual([2, 2]);
    expect([on('through-ground-bar').more.length, on('through-ground-bar').less.length]).toEqual([
      4, 2,
    ]);
  });
  test('a cable through a bare hole has no connector', () =>
    expect(drawnBy({ cableClamp: 'none' }, 'cable', '7 20 12cu m1 in:nm').less).toHaveLength(1));
  test.each([
    [{ besideSupply: 'none' }, 'panel/l1'],
    [{ lugHolds: 1 }, 'panel/l1'],
    [{ legFeed: 'each' }, 'panel'],
    [{ verticalHandles: 'up' }, 'panel'],
  ] as [Facts, string][])('nothing for %j', (facts, about) =>
    expect(drawnBy(facts, about)).toEqual({ more: [], less: [] }),
  );
});
