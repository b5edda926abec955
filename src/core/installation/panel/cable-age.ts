import type { Fact } from '../../record/entries/inspection';
import type { PropertyValue } from '../../record/entries/properties';
import type { FactReader } from '../../record/entries/fact-reader';

/** First year of each age a jacket tells. */
const fromYear: Record<PropertyValue<'cableAge'>, number> = {
  'to-1945': 1880,
  '1920-1955': 1920,
  '1950-1970': 1950,
  '1967-1984': 1967,
  '1985-2000': 1985,
  'from-2001': 2001,
};
/** Jackets coloured by size are of this year or later. */
const byColour: Partial<Record<PropertyValue<'jacket'>, number>> = {
  yellow: 2001,
  orange: 2001,
  black: 2001,
};
/** A cable so many years younger than its panel was added, years. */
export const clearlyYounger = 5;

/** The first year a cable can be of: as recorded, by the age told of its jacket, or by the jacket's colour. */
export function cableYear(
  reader: FactReader,
  cable: string,
): { year: number; fact: Fact } | undefined {
  const own = reader.fact(cable, 'yearBuilt');
  if (own) return { year: own.value, fact: own as Fact };
  const age = reader.fact(cable, 'cableAge');
  if (age) return { year: fromYear[age.value], fact: age as Fact };
  const jacket = reader.fact(cable, 'jacket');
  const year = jacket && byColour[jacket.value];
  return year === undefined ? undefined : { year, fact: jacket as Fact };
}
