import type { Fact } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
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
