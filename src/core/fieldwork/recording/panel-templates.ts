import type { Facts } from '../../record/entries/properties';

/** Starting points for a new panel: construction only, no maker. */
export interface PanelTemplate {
  id: string;
  words: string;
  facts: Facts;
  neutralScrews: number;
  groundScrews: number;
}

const breaker = (positions: number, main: boolean): PanelTemplate => ({
  id: `${positions}-${main ? 'main' : 'lugs'}`,
  words: `${positions} positions, ${main ? 'main breaker' : 'lugs only'}`,
  facts: { rows: positions / 2, numbering: 'odd-even', mainKind: main ? 'breaker' : 'lugs' },
  neutralScrews: Math.min(60, positions),
  groundScrews: Math.min(60, positions),
});

export const panelTemplates: readonly PanelTemplate[] = [
  ...[8, 12, 16, 20, 24, 30, 40, 42].map((positions) => breaker(positions, true)),
  ...[8, 12, 24].map((positions) => breaker(positions, false)),
  {
    id: 'split-bus-20',
    words: 'split-bus, 20 positions, three rows of throws',
    facts: {
      panelKind: 'split-bus',
      mainKind: 'throws',
      rows: 10,
      upperRows: 3,
      numbering: 'odd-even',
    },
    neutralScrews: 20,
    groundScrews: 8,
  },
  {
    id: 'fuse-4',
    words: 'fuse panel, four plug fuses, main and range pull-outs',
    facts: { panelKind: 'fuse', mainKind: 'pull-out', rows: 2, numbering: 'down-columns' },
    neutralScrews: 8,
    groundScrews: 0,
  },
  {
    id: 'fuse-8',
    words: 'fuse panel, eight plug fuses, main and range pull-outs',
    facts: { panelKind: 'fuse', mainKind: 'pull-out', rows: 4, numbering: 'down-columns' },
    neutralScrews: 12,
    groundScrews: 0,
  },
  {
    id: 'three-phase-30',
    words: 'three-phase, 30 positions, main breaker',
    facts: { rows: 15, numbering: 'odd-even', mainKind: 'breaker' },
    neutralScrews: 30,
    groundScrews: 30,
  },
];
