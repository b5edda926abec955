/** Short words of the panel's lines, and the choices they stand for. */
export const bonds = { strap: 'strap', screw: 'screw', can: 'bar-in-can', none: 'none' } as const;
export const numberings = { odd: 'odd-even', down: 'down-columns' } as const;
export const kinds = { breaker: 'breaker', split: 'split-bus', fuse: 'fuse' } as const;
export const mains = {
  breaker: 'breaker',
  lugs: 'lugs',
  throws: 'throws',
  'pull-out': 'pull-out',
} as const;
export const systemsByWord = {
  '120/240': 'split-phase',
  '208y/120': 'wye-208',
  '208y/120x2': 'wye-208-two-legs',
  '240d': 'high-leg-delta',
  '480y/277': 'wye-480',
} as const;
