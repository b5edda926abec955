/** A number in [0, 1) from a text: the same text, the same number. FNV-1a, then one mixing step. */
export function chanceOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < text.length; index += 1)
    hash = Math.imul(hash ^ text.charCodeAt(index), 0x01000193);
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d);
  return ((hash ^ (hash >>> 13)) >>> 0) / 0x1_0000_0000;
}

/** Accuracy of an instrument: share of the figure, and the last digit shown. */
export interface Accuracy {
  share: number;
  digit: number;
}

export const accuracyOf: Readonly<Record<string, Accuracy>> = {
  V: { share: 0.0015, digit: 0.1 },
  A: { share: 0.008, digit: 0.01 },
  Ω: { share: 0.01, digit: 0.01 },
  '°C': { share: 0.004, digit: 0.1 },
  'N·m': { share: 0.015, digit: 0.1 },
};

/** A figure as the instrument shows it: within its accuracy, rounded to its last digit. */
export function shown(value: number, unit: string, seed: string): number {
  const { share, digit } = accuracyOf[unit] ?? { share: 0.005, digit: 0.1 };
  const off = (chanceOf(`${seed}-a`) + chanceOf(`${seed}-b`) - 1) * (value * share + digit * 0.4);
  return Math.max(0, Number((Math.round((value + off) / digit) * digit).toFixed(2)));
}
