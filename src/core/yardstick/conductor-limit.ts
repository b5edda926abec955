import type { Metal, Size } from './size';
import type { AmpacityColumn, Yardstick } from './yardstick';

/** Ampacity, A, from one column; undefined where the table has no figure (14 aluminium). */
export function ampacityOf(
  yardstick: Yardstick,
  metal: Metal,
  size: Size,
  column: AmpacityColumn,
): number | undefined {
  return yardstick.ampacityA[metal][size]?.[column];
}

/**
 * Largest ordinary overcurrent device, A, for a conductor read in one column: the small-conductor
 * limit (240.4(D)), else its ampacity or the next standard rating up (240.4(B)).
 * @example 14 copper: 15. 6 copper at 60 °C: ampacity 55, so 60. 12 aluminium: 15.
 */
export function largestDeviceA(
  yardstick: Yardstick,
  metal: Metal,
  size: Size,
  column: AmpacityColumn,
  severalReceptacles: boolean,
): number | undefined {
  const ampacity = ampacityOf(yardstick, metal, size, column);
  if (ampacity === undefined) return undefined;
  const small = yardstick.smallConductorA[metal]?.[size];
  if (small !== undefined) return Math.min(small, nextStandardA(yardstick, ampacity));
  if (severalReceptacles) return ampacity;
  return nextStandardA(yardstick, ampacity);
}

/** The ampacity itself where it is a standard rating or too large, else the next one up, A. */
function nextStandardA(yardstick: Yardstick, ampacity: number): number {
  if (ampacity > yardstick.nextSizeUpToA) return ampacity;
  return yardstick.standardRatingsA.find((rating) => rating >= ampacity) ?? ampacity;
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
): AmpacityColumn[] {
  if (insulationC === 60) return [60];
  const terminal: AmpacityColumn[] =
    deviceA > yardstick.cool60UpToA
      ? [75]
      : terminalMarkC === undefined
        ? [60, 75]
        : [terminalMarkC];
  const insulation: AmpacityColumn[] = insulationC === undefined ? [60, 75] : [75];
  const pairs = terminal.flatMap((a) => insulation.map((b) => Math.min(a, b) as AmpacityColumn));
  return [...new Set(pairs)].sort((a, b) => a - b);
}
