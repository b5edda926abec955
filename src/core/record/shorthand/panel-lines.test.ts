import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { parseLine } from './parse';

const panel = bench({ bars: false }).book.site.panels[0]!;
const read = (text: string) => parseLine(text, panel);

describe('lines about the whole panel', () => {
  test.each([
    ['main 100 @tarnholt', { kind: 'main', ratingA: 100, maker: 'Tarnholt' }],
    ['main 200 3p', { kind: 'main', ratingA: 200, form: 'three-pole' }],
    ['main 60 fuses', { kind: 'main', ratingA: 60, form: 'pull-out' }],
    ['main lugs', { kind: 'panel', facts: { mainKind: 'lugs' } }],
    [
      'pullout 1 40 8cu:b range',
      { kind: 'main', pullOut: 1, ratingA: 40, form: 'pull-out', name: 'Range' },
    ],
    ['bar n 18 left all 17', { kind: 'bar', bar: 'neutral', screws: 18, side: 'left', holds: 17 }],
    [
      'bar n 18 takes 14-4 left',
      { kind: 'bar', bar: 'neutral', screws: 18, side: 'left', takes: { from: '14', to: '4' } },
    ],
    ['bar g takes 4-14', { kind: 'bar', bar: 'ground', takes: { from: '14', to: '4' } }],
    ['bar g2 12', { kind: 'bar', bar: 'ground', nth: 2, screws: 12 }],
    ['bond can', { facts: { bond: 'bar-in-can' } }],
    ['depth 32 in', { facts: { depthMm: { value: 32, unit: 'in' } }, certainty: 'measured' }],
    ['panel 24 down', { facts: { rows: 12, numbering: 'down-columns' } }],
    ['panel split 20 upper 3', { facts: { panelKind: 'split-bus', rows: 10, upperRows: 3 } }],
    ['panel 208y/120 30', { facts: { serviceSystem: 'wye-208', rows: 15 } }],
    ['panel single 6', { facts: { columns: 1, rows: 6 } }],
    ['maker Tarnholt TL-24', { facts: { maker: 'Tarnholt', model: 'TL-24' } }],
    [
      'label bus 125 circuits 30 tandem 17-19,24 pairs 15/15,20/15 accepts tarnholt, oskelund tq',
      {
        facts: {
          labelBusA: 125,
          labelCircuits: 30,
          labelTandemPositions: [17, 18, 19, 24],
          labelTandemRatings: ['15/15', '15/20'],
          labelAccepts: ['Tarnholt', 'Oskelund tq'],
        },
      },
    ],
    [
      'supply 2al n4 g8',
      {
        facts: {
          supplySize: '2',
          supplyMetal: 'al',
          supplyNeutralSize: '4',
          supplyGroundSize: '8',
          feederHasGround: true,
        },
      },
    ],
    ['fed service', { kind: 'fed', from: 'service' }],
    ['cover shut padlocked', { facts: { coverOpened: 'not-opened', coverReason: 'padlocked' } }],
    ['note smell of warm plastic', { kind: 'note', words: 'smell of warm plastic' }],
  ])('%s', (text, expected) => {
    const { line, faults } = read(text);
    expect(faults).toEqual([]);
    expect(line).toMatchObject(expected);
  });

  test.each([
    ['main 5', 5, /15 to 1200 A/],
    ['main 100 200', 9, /only 3p, fuses and @maker/],
    ['pullout 4 40', 8, /1 to 3/],
    ['bar x 18', 4, /n or g/],
    ['bar n 70', 6, /1 to 60 screws/],
    ['bar n 18 all', 9, /how many are on it/],
    ['depth deep', 6, /name a length/],
    ['panel 86', 6, /after panel/],
    ['panel 7', 6, /4 to 84 positions/],
    ['year 17', 5, /1880 to 2100/],
    ['label colour red', 6, /after label/],
    ['supply big', 7, /size and metal/],
    ['cover shut', 6, /say why/],
    ['fed moon', 4, /service, meter or disconnect/],
  ])('%s: the fault stands at column %i', (text, start, message) => {
    const { line, faults } = read(text);
    expect(line).toBeUndefined();
    expect(faults[0]!.message).toMatch(message);
    expect(faults[0]!.start).toBe(start);
  });

  test('fed names the only one of its kind, and refuses where there are more', () => {
    const { book } = bench({ fedBy: null });
    book.line('panel', 'fed service');
    expect(book.site.panels[0]!.supply.place).toBe('first-disconnect');
    book.add('meter', 'm1', 'house');
    book.add('meter', 'm2', 'house');
    expect(() => book.line('panel', 'fed meter')).toThrow(/2 of the kind meter/);
  });
});
