import { describe, expect, test } from '@jest/globals';
import { Logbook, idsFrom } from '../../fieldwork/recording/logbook';
import { layOutTrees } from './lay-out-tree';
import { SupplyTree, supplyTrees } from './tree';

/** A house whose supply is told by pairs: thing, type, what feeds it. */
function house(...hung: [string, 'meter' | 'disconnect' | 'panel', string?][]) {
  const book = new Logbook({
    newId: idsFrom('x'),
    device: 'tablet',
    author: 'ines',
    at: '2026-04-14T09:41:00+01:00',
  });
  book.add('site', 'site', null);
  book.add('building', 'house', 'site');
  book.add('service', 'service', 'site', { serviceSystem: 'wye-208' });
  for (const [id, type, fedFrom] of hung)
    book.add(type, id, 'house', {
      ...(type === 'panel' && { rows: 6 }),
      ...(fedFrom && { fedFrom }),
    });
  return book;
}

const placeOf = (book: Logbook, panel: string) =>
  new SupplyTree(book.site.reader).placeOf(panel).place;

describe('the first disconnect follows from the tree', () => {
  test.each([
    ['fed by the service itself', [['p', 'panel', 'service']], 'first-disconnect'],
    [
      'a meter between is no disconnect',
      [
        ['m', 'meter', 'service'],
        ['p', 'panel', 'm'],
      ],
      'first-disconnect',
    ],
    [
      'a disconnect of which nobody said whether it is service equipment leaves it open',
      [
        ['m', 'meter', 'service'],
        ['d', 'disconnect', 'm'],
        ['p', 'panel', 'd'],
      ],
      'unknown',
    ],
    ['nothing recorded', [['p', 'panel']], 'unknown'],
    [
      'a meter fed by nothing recorded',
      [
        ['m', 'meter'],
        ['p', 'panel', 'm'],
      ],
      'unknown',
    ],
    ['fed by something that is not there', [['p', 'panel', 'nowhere']], 'unknown'],
  ] as const)('%s', (_, hung, place) => {
    const book = house(...(hung as unknown as Parameters<typeof house>));
    expect(placeOf(book, 'p')).toBe(place);
  });

  test.each([
    [{ disconnectRole: 'service' }, 'downstream'],
    [{ disconnectMarked: true }, 'downstream'],
    [{ disconnectRole: 'later' }, 'downstream'],
    [{ disconnectRole: 'meter' }, 'first-disconnect'],
    [{ disconnectRole: 'meter', disconnectMarked: true }, 'first-disconnect'],
    [{}, 'unknown'],
  ] as const)('a disconnect outdoors recorded as %j: the panel indoors is %s', (facts, place) => {
    const book = house(['m', 'meter', 'service'], ['d', 'disconnect', 'm'], ['p', 'panel', 'd']);
    book.observe('d', facts);
    expect(placeOf(book, 'p')).toBe(place);
  });

  test('a breaker of another panel makes it downstream, in the service’s own system', () => {
    const book = house(['p', 'panel', 'service'], ['q', 'panel']);
    book.line('p', '1+3 60 6cu');
    book.observe('q', { fedFrom: book.site.panels[0]!.devices[0]!.id });
    const [p, q] = book.site.panels;
    expect([p!.supply.place, q!.supply.place]).toEqual(['first-disconnect', 'downstream']);
    expect([p!.system, q!.system]).toEqual(['wye-208', 'wye-208']);
    expect(q!.positions[0]!.leg).toBe('A');
    expect(q!.positions.find((one) => one.row === 3)!.leg).toBe('C');
  });

  test('a loop is not known, and is drawn', () => {
    const book = house(['d', 'disconnect'], ['p', 'panel', 'd']);
    book.observe('d', { fedFrom: 'p', disconnectRole: 'service' });
    expect(placeOf(book, 'p')).toBe('downstream');
    const { reader } = book.site;
    const laid = layOutTrees(supplyTrees([...reader.inspection.things.values()], reader));
    expect(laid.nodes.map(({ node }) => node.thing.id).sort()).toEqual(['d', 'p', 'service']);
  });
});

test('every thing of the supply is drawn once, below what feeds it, and none on another', () => {
  const book = house(
    ['m1', 'meter', 'service'],
    ['m2', 'meter', 'service'],
    ['d', 'disconnect', 'm2'],
    ['p1', 'panel', 'm1'],
    ['p2', 'panel', 'd'],
    ['p3', 'panel'],
  );
  const { reader } = book.site;
  const { nodes } = layOutTrees(supplyTrees([...reader.inspection.things.values()], reader));
  expect(nodes).toHaveLength(7);
  const spots = nodes.map(({ x, y }) => `${x}/${y}`);
  expect(new Set(spots).size).toBe(nodes.length);
  for (const { y, parent } of nodes) expect(y).toBe(parent ? parent.y + 1 : 0);
});
