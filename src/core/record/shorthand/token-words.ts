import { openingOfToken } from '../../vocabulary/openings';
import type { PropertyValue } from '../entries/properties';

/** Short words of a breaker's line, and the choices they stand for. */
export const openingWords = { ...openingOfToken, 'open!': 'open' } as const;

export const loadWords: Record<string, PropertyValue<'loadKind'>> = {
  range: 'range',
  dryer: 'dryer',
  heater: 'water-heater',
  ac: 'air-conditioner',
  motor: 'motor',
  heat: 'heat',
  charger: 'charger',
  pool: 'pool',
  outlets: 'receptacles',
  lights: 'lighting',
  low: 'low-voltage',
  other: 'other',
};

export const protectionWords: Record<string, PropertyValue<'protection'>> = {
  gf: 'ground-fault',
  af: 'arc-fault',
  afgf: 'both',
  plain: 'ordinary',
};

export const busMarks = { burned: 'bus burned', bright: 'bus bright' } as const;
