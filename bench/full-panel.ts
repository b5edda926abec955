import type { Entry } from '@/core/record/entries/entry';
import { bench } from '@/core/testing/bench';

/**
 * A panel of 84 positions with every one taken, recorded through the entries a user makes: every
 * seventh breaker too large for its wire, every fifth screw doubled, every eleventh wire white.
 */
export function fullPanelEntries(): Entry[] {
  const { book } = bench({
    rows: 42,
    panel: {
      maker: 'Tarnholt',
      model: 'TL-84',
      yearBuilt: 1998,
      coverOpened: 'opened',
      bond: 'none',
      labelBusA: 225,
      labelCircuits: 84,
      labelTandemPositions: [],
      labelGroundsPerTerminal: 2,
      labelAccepts: ['Tarnholt'],
      depthMm: 820,
    },
  });
  book.observe('nbar', { terminalCount: 60 });
  book.observe('gbar', { terminalCount: 60 });
  book.line('panel', 'main 200 @tarnholt');
  for (let position = 1; position <= 84; position += 1) {
    const rating = position % 7 === 0 ? 20 : 15;
    const colour = position % 11 === 0 ? 'w' : 'b';
    const wires = position % 5 === 0 ? `14cu:b+14cu:${colour}` : `14cu:${colour}`;
    const bars = `n${((position - 1) % 60) + 1} g${((position - 1) % 60) + 1}`;
    const maker = position % 13 === 0 ? 'oskelund' : 'tarnholt';
    const bus = position % 17 === 0 ? '!burned' : '';
    book.line('panel', `${position} ${rating} ${wires} m1 in:nm ${bars} @${maker} ${bus} circuit`);
  }
  const panel = book.site.panels[0]!;
  for (const position of panel.positions.filter((one) => one.number % 17 !== 0))
    book.observe(position.ref, { busCondition: 'bright' });
  return book.entries;
}
