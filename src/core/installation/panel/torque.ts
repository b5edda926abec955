import type { Fact } from '../../record/entries/inspection';
import type { Torque } from '../../record/entries/properties/spec';
import { splitRef } from '../../record/entries/thing-types';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from './views';

/** 1 N·m = 8.8507 lbf·in = 0.73756 lbf·ft. */
const perNm = { 'N·m': 1, 'lbf·in': 8.8507, 'lbf·ft': 0.73756 } as const;

/** In N·m, whatever it was entered in. @example 25 lbf·in is 2.82 N·m. */
export const nmOf = (torque: Torque): number =>
  typeof torque === 'number' ? torque : torque.value / perNm[torque.unit];

/** As entered: "25 lbf·in", "4 N·m". */
export const torqueText = (torque: Torque): string =>
  typeof torque === 'number' ? `${torque} N·m` : `${torque.value} ${torque.unit}`;

const forms = /^(\d+(?:[.,]\d+)?)\s*(n·?m|lbf?·?in|in·?-?lbf?|lbf?·?ft|ft·?-?lbf?)?$/i;

/** Reads "4", "4 Nm", "25 lbf·in", "25 in-lb"; undefined where it is none of these. */
export function parseTorque(text: string): Torque | undefined {
  const [, number, unit] = forms.exec(text.trim()) ?? [];
  if (number === undefined) return undefined;
  const value = Number(number.replace(',', '.'));
  if (!unit || /^n/i.test(unit)) return value;
  return { value, unit: /in/i.test(unit) ? 'lbf·in' : 'lbf·ft' };
}

const ofKind = {
  lug: 'labelTorqueLug',
  main: 'labelTorqueMain',
  breaker: 'labelTorqueBreaker',
  bar: 'labelTorqueBar',
} as const;
export type TerminalKind = keyof typeof ofKind;

/** What kind of terminal a screw is, as labels tell them apart. */
export function terminalKind(ref: string, panel: PanelView): TerminalKind {
  const { thing, part } = splitRef(ref);
  if (panel.main?.id === thing) return 'main';
  if (part?.startsWith('l')) return 'lug';
  return panel.bars.some((bar) => bar.id === thing) ? 'bar' : 'breaker';
}

/**
 * The label's figure for a screw: its own, that of the device or bar it is on, or the panel's for
 * this kind of terminal. One figure for the whole panel is no figure of a kind and does not count.
 */
export function torqueOnLabel(
  ref: string,
  panel: PanelView,
  reader: FactReader,
): Fact<Torque> | undefined {
  const { thing } = splitRef(ref);
  const own = reader.fact(ref, 'labelTorqueNm');
  if (own) return own;
  if (thing !== panel.id) {
    const holder = reader.fact(thing, 'labelTorqueNm');
    if (holder) return holder;
  }
  return (
    reader.fact(panel.id, ofKind[terminalKind(ref, panel)]) ??
    reader.fact(panel.id, 'labelTorqueNm')
  );
}

/** Where the label's figure for a screw is entered. */
export const torqueProperty = (ref: string, panel: PanelView) => ofKind[terminalKind(ref, panel)];
