import type { Fact } from '../entries/inspection';
import type { FactReader } from './reader';
import type { PanelView } from './views';

/** Readings of the two 120 V legs against neutral and each other. */
export interface LegVoltages {
  a: Fact<number>;
  b: Fact<number>;
  across: Fact<number>;
  /** Names of the legs read: B, or C beside a high leg. */
  second: 'B' | 'C';
}

/** A–N, the second 120 V leg to neutral, and both across; undefined where one was not measured. */
export function legVoltages(reader: FactReader, panel: PanelView): LegVoltages | undefined {
  const high = panel.system === 'high-leg-delta';
  const a = reader.fact(panel.id, 'anV');
  const b = reader.fact(panel.id, high ? 'cnV' : 'bnV');
  const across = reader.fact(panel.id, high ? 'caV' : 'abV');
  return a && b && across ? { a, b, across, second: high ? 'C' : 'B' } : undefined;
}

/** Across the legs: below it a leg is not there, 10 % under 240 V. */
const deadBelowV = 216;

/**
 * Whether three readings can be true together: their sum or their difference within 2 % (or 3 V)
 * of the voltage across. A sum fits a sound or lost neutral, a difference a dead leg.
 */
export function readTogether({ a, b, across }: LegVoltages): 'sum' | 'difference' | 'neither' {
  const close = (value: number) =>
    Math.abs(value - across.value) <= Math.max(0.02 * across.value, 3);
  const difference = close(Math.abs(a.value - b.value));
  if (difference && across.value < deadBelowV) return 'difference';
  if (close(a.value + b.value)) return 'sum';
  return difference ? 'difference' : 'neither';
}
