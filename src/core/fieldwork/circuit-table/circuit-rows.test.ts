import { describe, expect, test } from '@jest/globals';
import { recordLine } from '../recording/record-line';
import { bench } from '../../testing/bench';
import { circuitRows, readRows } from './circuit-rows';

const lines = [
  '1 20 12cu:b m1 n1 g1 in:nm j:yellow @tarnholt.ta kitchen',
  '2+4 30 10cu:b/10cu:w* n2 =dryer tied dryer',
  '3 t15/20 14cu:b/12cu:b n3/4 hall / bath',
  '5 20 2x12cu m2 n5+6 gf bench',
  '6+8 q20/30 12cu/10cu/10cu/12cu n7/8 "open porch" / oven',
  '7a 15 14cu half a',
  '7b 15 14cu half b',
  '9 blank',
  '10 open',
  '12+14 surge',
];

describe('circuit rows', () => {
  const made = () => {
    const { book } = bench().lines(...lines);
    const { site } = book;
    return { book, site, panel: site.panels[0]! };
  };

  test('importing what was exported adds no entry', () => {
    const { site, panel } = made();
    const rows = circuitRows(panel, site.reader);
    expect(rows).toHaveLength(lines.length);
    const { lines: read, faults } = readRows(rows, panel);
    expect(faults).toEqual([]);
    let ids = 0;
    for (const line of read)
      expect(recordLine(line, { site, panel, newId: () => `new${(ids += 1)}` })).toEqual({
        ok: true,
        drafts: [],
      });
  });

  test('the same rows in an empty panel give the same rows again', () => {
    const { site, panel } = made();
    const rows = circuitRows(panel, site.reader);
    const empty = bench();
    for (const line of readRows(rows, empty.book.site.panels[0]!).lines) {
      const now = empty.book.site;
      let ids = empty.book.entries.length;
      const recorded = recordLine(line, {
        site: now,
        panel: now.panels[0]!,
        newId: () => `row${(ids += 1)}`,
      });
      if (!recorded.ok) throw new Error(recorded.message);
      empty.book.record(recorded.drafts);
    }
    const again = empty.book.site;
    expect(circuitRows(again.panels[0]!, again.reader)).toEqual(rows);
  });

  test('a faulty row is named with its number, the good ones are kept', () => {
    const { panel } = made();
    const { lines: read, faults } = readRows(
      [
        { position: '15', device: '20' },
        { position: '99', device: '20' },
        { position: '16', device: '13cu' },
      ],
      panel,
    );
    expect(read).toHaveLength(1);
    expect(faults).toEqual([
      { row: 2, message: '99: there is no position 99: the panel has 1 to 24' },
      { row: 3, message: '13cu: there is no wire size 13: 14, 12, 10, 8, 6, 4 …' },
    ]);
  });
});
