import type { ConductorMetal, Size } from '../../vocabulary/size';
import { tableMetal } from '../../vocabulary/size';
import type { AmpacityColumn, Yardstick } from './yardstick';

/** Ampacity, A, from one column; undefined where the table has no figure (14 aluminium). */
export function ampacityOf(
  yardstick: Yardstick,
  metal: ConductorMetal,
  size: Size,
  column: AmpacityColumn,
): number | undefined {
  return yardstick.ampacityA[tableMetal(metal)][size]?.[column];
}

/**
 * Largest ordinary overcurrent device, A, for a conductor read in one column: the small-conductor
 * limit (240.4(D)), else its ampacity or the next standard rating up (240.4(B)).
 * Of several receptacles the largest standard rating within the ampacity: a device, not a figure.
 * @example 14 copper: 15. 6 copper at 60 °C: ampacity 55, so 60. 12 aluminium: 15.
 */
export function largestDeviceA(
  yardstick: Yardstick,
  metal: ConductorMetal,
  size: Size,
  column: AmpacityColumn,
  severalReceptacles: boolean,
): number | undefined {
  const ampacity = ampacityOf(yardstick, metal, size, column);
  if (ampacity === undefined) return undefined;
  const small = yardstick.smallConductorA[tableMetal(metal)]?.[size];
  if (small !== undefined) return Math.min(small, nextStandardA(yardstick, ampacity));
  if (severalReceptacles) return standardWithinA(yardstick, ampacity);
  return nextStandardA(yardstick, ampacity);
}

/** Largest standard rating that does not exceed a figure, A; the figure below the smallest. */
export function standardWithinA(yardstick: Yardstick, figureA: number): number {
  return yardstick.standardRatingsA.findLast((rating) => rating <= figureA) ?? figureA;
}

/** The ampacity itself where it is a standard rating or too large, else the next one up, A. */
export function nextStandardA(yardstick: Yardstick, ampacity: number): number {
  if (ampacity > yardstick.nextSizeUpToA) return ampacity;
  for (const rating of yardstick.standardRatingsA) if (rating >= ampacity) return rating;
  return ampacity;
}

/**
 * Columns that may apply: the lower of insulation and terminals (110.14(C)). What is unread
 * leaves both open.
 */
export function possibleColumns(
  yardstick: Yardstick,
  deviceA: number,
  insulationC: 60 | 75 | undefined,
  terminalMarkC: 60 | 75 | undefined,
): readonly AmpacityColumn[] {
  if (insulationC === 60) return only60;
  const terminal =
    deviceA > yardstick.cool60UpToA
      ? only75
      : terminalMarkC === undefined
        ? both
        : marked[terminalMarkC];
  if (insulationC === undefined) return terminal === only60 ? only60 : both;
  return terminal;
}

const only60: readonly AmpacityColumn[] = [60];
const only75: readonly AmpacityColumn[] = [75];
const both: readonly AmpacityColumn[] = [60, 75];
const marked = { 60: only60, 75: only75 };
