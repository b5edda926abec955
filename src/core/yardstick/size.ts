/** Conductor sizes, AWG then kcmil, smallest first. */
export const sizes = [
  '14',
  '12',
  '10',
  '8',
  '6',
  '4',
  '3',
  '2',
  '1',
  '1/0',
  '2/0',
  '3/0',
  '4/0',
  '250',
  '300',
  '350',
  '400',
  '500',
  '600',
] as const;
export type Size = (typeof sizes)[number];

/** Copper-clad aluminium counts as aluminium. */
export const metals = ['cu', 'al'] as const;
export type Metal = (typeof metals)[number];

export const metalWords: Record<Metal, string> = { cu: 'copper', al: 'aluminium' };

export function isSize(text: string): text is Size {
  return (sizes as readonly string[]).includes(text);
}

/** Negative where a is thinner than b. */
export function compareSizes(a: Size, b: Size): number {
  return sizes.indexOf(a) - sizes.indexOf(b);
}
