import { mmOf } from '../../vocabulary/lengths';
import type { SystemName } from '../../vocabulary/system';
import { systems } from '../../vocabulary/system';
import type { Length } from '../../vocabulary/lengths';
import type { Metal, Size } from '../../vocabulary/size';
import { conductorOhm } from '../../codes/yardstick/conductor-ohm';
import type { Yardstick } from '../../codes/yardstick/yardstick';

export interface Transformer {
  kva: number;
  /** Percent of rated voltage. */
  impedancePercent: number;
}

export interface Run {
  size: Size;
  metal: Metal;
  length: Length;
}

/** Two legs of 208Y/120 come from a three-phase transformer too. */
const threePhase = (system: SystemName) =>
  systems[system].legs.length === 3 || system === 'wye-208-two-legs';

/**
 * Impedance of one winding from its neutral point, Ω: for three phases V²·Z/kVA of the phase voltage,
 * for split-phase half of that across the legs. Agrees with `faultAtTransformerA`.
 */
export function windingOhm(system: SystemName, transformer: Transformer): number {
  if (threePhase(system))
    return systems[system].legToLegV / Math.sqrt(3) / faultAtTransformerA(system, transformer);
  const { kva, impedancePercent } = transformer;
  return ((impedancePercent / 100) * systems[system].legToLegV ** 2) / (kva * 1000) / 2;
}

/**
 * Fault current at the terminals of a transformer, A: kVA·1000/(V·Z) for one phase, over √3 as well
 * for three; line to neutral of one phase up to 1.5 times that.
 * @example 25 kVA, 2 %, 240 V: 5208 A line to line, 7813 A line to neutral.
 */
export function faultAtTransformerA(system: SystemName, { kva, impedancePercent }: Transformer) {
  const volts = systems[system].legToLegV;
  const share = impedancePercent / 100;
  if (threePhase(system)) return (kva * 1000) / (Math.sqrt(3) * volts * share);
  return (1.5 * kva * 1000) / (volts * share);
}

/**
 * Fault current at the end of a run, A, for interrupting rating: reactance of the transformer and
 * cold resistance of the conductors in quadrature, out and back for one phase, one way for three.
 */
export function faultAtPanelA(
  yardstick: Yardstick,
  system: SystemName,
  transformer: Transformer,
  { size, metal, length }: Run,
): number {
  const oneWay = yardstick.coldShare * conductorOhm(yardstick, size, metal, mmOf(length));
  const atTransformer = faultAtTransformerA(system, transformer);
  if (system === 'wye-208-two-legs') {
    // One leg to neutral, out and back; the two legs together never give more.
    const phaseV = systems[system].legToNeutralV.A;
    return phaseV / Math.hypot(phaseV / atTransformer, 2 * oneWay);
  }
  if (threePhase(system)) {
    const phaseV = systems[system].legToLegV / Math.sqrt(3);
    return phaseV / Math.hypot(phaseV / atTransformer, oneWay);
  }
  const lineV = systems[system].legToLegV;
  const lineToLine = lineV / Math.hypot((lineV * 1.5) / atTransformer, 2 * oneWay);
  const halfV = systems[system].legToNeutralV.A;
  const lineToNeutral = halfV / Math.hypot(halfV / atTransformer, 2 * oneWay);
  return Math.max(lineToLine, lineToNeutral);
}
