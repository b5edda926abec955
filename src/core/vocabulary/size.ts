/** Conductor sizes, AWG then kcmil, smallest first. 18 and 16 are leads of low-voltage sources. */
export const sizes = [
  '18',
  '16',
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

/** Sizes of circuits and feeders. */
export const powerSizes = sizes.slice(2) as PowerSize[];
export type PowerSize = Exclude<Size, LeadSize>;
export type LeadSize = '18' | '16';
/** Whether it is a size of circuits and feeders. */
export const isPowerSize = (text: string): text is PowerSize => isSize(text) && !isLead(text);

export const isLead = (size: Size): size is LeadSize => size === '18' || size === '16';

/** What a conductor is made of. */
export const conductorMetals = ['cu', 'al', 'cca'] as const;
export type ConductorMetal = (typeof conductorMetals)[number];

/** Metals the tables know. */
export const metals = ['cu', 'al'] as const;
export type Metal = (typeof metals)[number];

/** Copper-clad aluminium has the figures of aluminium. */
export const tableMetal = (metal: ConductorMetal): Metal => (metal === 'cu' ? 'cu' : 'al');

export const metalWords: Record<ConductorMetal, string> = {
  cu: 'copper',
  al: 'aluminium',
  cca: 'copper-clad aluminium',
};

/** As printed beside terminals. */
export const metalShort: Record<ConductorMetal, string> = { cu: 'Cu', al: 'Al', cca: 'Cu-clad Al' };

export function isSize(text: string): text is Size {
  return (sizes as readonly string[]).includes(text);
}

/** Negative where a is thinner than b. */
export function compareSizes(a: Size, b: Size): number {
  return sizes.indexOf(a) - sizes.indexOf(b);
}
