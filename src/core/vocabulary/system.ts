/** Voltage system of a panel. V is leg to leg, then leg to neutral. */
export const systems = {
  'split-phase': {
    words: '120/240 V, one phase, three wires',
    short: '120/240 V',
    legs: ['A', 'B'],
    legToLegV: 240,
    legToNeutralV: { A: 120, B: 120 },
  },
  'wye-208': {
    words: '208Y/120 V, three phases, four wires',
    short: '208Y/120 V',
    legs: ['A', 'B', 'C'],
    legToLegV: 208,
    legToNeutralV: { A: 120, B: 120, C: 120 },
  },
  'wye-208-two-legs': {
    words: 'two legs and neutral of 208Y/120 V',
    short: '208Y/120 V, two legs',
    legs: ['A', 'B'],
    legToLegV: 208,
    legToNeutralV: { A: 120, B: 120 },
  },
  'high-leg-delta': {
    words: '240 V delta with high leg B, four wires',
    short: '240 V delta, high leg',
    legs: ['A', 'B', 'C'],
    legToLegV: 240,
    legToNeutralV: { A: 120, B: 208, C: 120 },
  },
  'wye-480': {
    words: '480Y/277 V, three phases, four wires',
    short: '480Y/277 V',
    legs: ['A', 'B', 'C'],
    legToLegV: 480,
    legToNeutralV: { A: 277, B: 277, C: 277 },
  },
} as const;

export type SystemName = keyof typeof systems;
export type Leg = 'A' | 'B' | 'C';

/** How the bus gives its legs to positions. */
export const legPatterns = {
  'by-row': 'rows in turn',
  'by-column': 'one leg to each column',
} as const;
export type LegPattern = keyof typeof legPatterns;

/**
 * Leg of a position. By row: opposite positions share a leg, vertical neighbours differ; three
 * phases come A B C in turn. By column: the left column is A, the right B.
 * @param row from 1 at the top
 */
export function legAt(system: SystemName, pattern: LegPattern, column: 1 | 2, row: number): Leg {
  const { legs } = systems[system];
  if (pattern === 'by-column') return legs[column - 1]!;
  return legs[(row - 1) % legs.length]!;
}

/** Greatest voltage to ground, V: decides the working space. */
export const toGroundV = (system: SystemName) =>
  Math.max(...Object.values(systems[system].legToNeutralV));
