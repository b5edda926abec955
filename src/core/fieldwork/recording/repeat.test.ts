import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { freeBelow, lastDevice, oppositeDevice, repeatedLine } from './repeat';
import { recordLine } from './record-line';

describe('what repeats', () => {
  const made = () => {
    const { book } = bench().lines(
      '9+11 30 10cu:b/10cu:r m1 n4 g2 in:nm j:orange @tarnholt tied =dryer dryer',
      '1 20 12cu:b m1 n1 in:nm j:yellow @tarnholt gf kitchen',
    );
    const { site } = book;
    const panel = site.panels[0]!;
    const at = (number: number) => panel.positions.find((one) => one.number === number)!;
    return { book, site, panel, at };
  };

  test('the last is the one recorded last, the opposite the one across', () => {
    const { site, panel, at } = made();
    expect(lastDevice(panel, site.reader)?.label).toBe('1');
    expect(oppositeDevice(panel, at(2))?.label).toBe('1');
    expect(oppositeDevice(panel, at(4))).toBeUndefined();
  });

  test('the same again keeps build and wires, not the name, the screws or the load', () => {
    const { book, site, panel, at } = made();
    const source = panel.devices.find((one) => one.number === 9)!;
    const line = repeatedLine(panel, source, at(10), site.reader)!;
    expect(line).toMatchObject({ positions: [10, 12], ratingsA: [30], jacket: 'orange', takes: 1 });
    expect([line.names, line.neutrals, line.grounds, line.load]).toEqual([
      [],
      undefined,
      undefined,
      undefined,
    ]);
    let ids = 0;
    const recorded = recordLine(line, { site, panel, newId: () => `again${(ids += 1)}` });
    if (!recorded.ok) throw new Error(recorded.message);
    book.record(recorded.drafts);
    expect(book.site.panels[0]!.devices.map((one) => one.label)).toContain('10+12');
  });

  test('two poles do not fit on the last row', () => {
    const { site, panel, at } = made();
    const source = panel.devices.find((one) => one.number === 9)!;
    expect(repeatedLine(panel, source, at(24), site.reader)).toBeUndefined();
  });

  test('down the column to the next breaker', () => {
    const { panel, at } = made();
    expect(freeBelow(panel, at(3)).map((one) => one.number)).toEqual([3, 5, 7]);
    expect(freeBelow(panel, at(9))).toEqual([]);
  });
});
