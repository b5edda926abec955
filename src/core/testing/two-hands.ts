import type { Entry } from '../record/entries/entry';
import { idsFrom, Logbook } from '../fieldwork/recording/logbook';
import type { Bench } from './bench';
import { bench } from './bench';

/** Two people with a device each at one panel, neither of whom sees what the other writes. */
export interface TwoHands {
  ines: Logbook;
  bram: Logbook;
  /** What both wrote, together. */
  all(): Entry[];
  /** Each has what the other wrote. */
  meet(): void;
}

const handOf = (author: string, device: string, standing: readonly Entry[]) =>
  new Logbook(
    {
      newId: idsFrom(`${author}-`),
      device,
      author,
      at: author === 'ines' ? '2026-04-14T10:00:00+01:00' : '2026-04-14T10:05:00+01:00',
    },
    standing,
  );

/** @param start what both begin with */
export function twoHands(start: Bench = bench()): TwoHands {
  const ines = handOf('ines', 'tablet-2', start.book.entries);
  const bram = handOf('bram', 'phone', start.book.entries);
  const all = () => [
    ...ines.entries,
    ...bram.entries.filter(({ id }) => !ines.entries.some((one) => one.id === id)),
  ];
  return {
    ines,
    bram,
    all,
    meet: () => {
      const both = all();
      ines.entries = [...both];
      bram.entries = [...both].reverse();
    },
  };
}
