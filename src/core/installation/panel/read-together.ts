import type { Fact } from '../../record/entries/inspection';
import type { VoltageReading } from '../../codes/yardstick/voltage-limits';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from './views';

type Agreeing = Pick<Yardstick, 'agreeShare' | 'agreeV' | 'acrossHoldsV'>;

/** Whether two figures agree: within 2 % or 3 V. */
const close = (a: number, b: number, { agreeShare, agreeV }: Agreeing) =>
  Math.abs(a - b) <= Math.max(agreeShare * Math.max(a, b), agreeV);

/**
 * Whether three readings of two 120 V legs can be true together: their sum or their difference within
 * 2 % (or 3 V) of the voltage across. A sum fits a sound or lost neutral, a difference a dead leg.
 */
export function sumOrDifference(
  a: number,
  b: number,
  across: number,
  yardstick: Agreeing,
): 'sum' | 'difference' | 'neither' {
  const difference = close(Math.abs(a - b), across, yardstick);
  if (difference && across < yardstick.acrossHoldsV[0]) return 'difference';
  if (close(a + b, across, yardstick)) return 'sum';
  return difference ? 'difference' : 'neither';
}

/**
 * Readings that cannot be true together on this system, with the facts; empty where they can, or where
 * too few were taken to tell. Split-phase: sum or difference of the legs. Wye: leg to leg is √3 times
 * legs that read alike. High-leg delta: B to neutral is √3/2 of A to C.
 */
export function untrueTogether(
  reader: FactReader,
  panel: Pick<PanelView, 'id' | 'system'>,
  yardstick: Agreeing,
): Map<VoltageReading, Fact[]> {
  const fact = (name: VoltageReading) => reader.fact(panel.id, name);
  const untrue = new Map<VoltageReading, Fact[]>();
  const together = (names: readonly VoltageReading[], agree: (...values: number[]) => boolean) => {
    const facts = names.map(fact);
    if (facts.some((one) => !one)) return;
    if (!agree(...facts.map((one) => one!.value)))
      for (const name of names) untrue.set(name, facts as Fact[]);
  };
  switch (panel.system) {
    case 'split-phase':
      together(
        ['anV', 'bnV', 'abV'],
        (a, b, across) => sumOrDifference(a!, b!, across!, yardstick) !== 'neither',
      );
      break;
    case 'high-leg-delta':
      together(
        ['anV', 'cnV', 'caV'],
        (a, c, across) => sumOrDifference(a!, c!, across!, yardstick) !== 'neither',
      );
      together(['bnV', 'caV'], (b, across) => close(b!, (Math.sqrt(3) / 2) * across!, yardstick));
      break;
    default:
      for (const [one, other, pair] of [
        ['anV', 'bnV', 'abV'],
        ['bnV', 'cnV', 'bcV'],
        ['cnV', 'anV', 'caV'],
      ] as const)
        together(
          [one, other, pair],
          // Legs far apart tell of a neutral that moved, not of a wrong reading.
          (a, b, across) =>
            Math.abs(a! - b!) > 0.1 * Math.max(a!, b!) ||
            close((Math.sqrt(3) * (a! + b!)) / 2, across!, yardstick),
        );
  }
  return untrue;
}
