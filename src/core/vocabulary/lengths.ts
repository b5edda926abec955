import * as v from 'valibot';

/** A length keeps its number and unit as entered; a bare number is mm. */
export const lengthSchema = v.union([
  v.pipe(v.number(), v.gtValue(0, 'more than 0 mm'), v.maxValue(1_000_000)),
  v.strictObject({
    value: v.pipe(v.number(), v.gtValue(0, 'more than 0'), v.maxValue(1_000_000)),
    unit: v.picklist(['mm', 'm', 'in', 'ft']),
  }),
]);
export type Length = v.InferOutput<typeof lengthSchema>;

const mmPer = { mm: 1, m: 1000, in: 25.4, ft: 304.8 } as const;

/** Millimetres of a length as entered; a bare number is mm already. */
export const mmOf = (length: Length): number =>
  typeof length === 'number' ? length : length.value * mmPer[length.unit];

/** "820 mm", "32 in": the number and unit as entered. */
export const lengthWords = (length: Length): string =>
  typeof length === 'number' ? `${length} mm` : `${length.value} ${length.unit}`;

/**
 * Reads "820", "820 mm", "2.5 m", "32 in", "2 ft 8 in". A bare number is in the unit given.
 * Undefined where it is none of these.
 */
export function parseLength(words: string, bare: 'mm' | 'in'): Length | undefined {
  const text = words.trim().replace(',', '.').toLowerCase();
  const feet = /^(\d+(?:\.\d+)?)\s*(?:ft|')\s*(?:(\d+(?:\.\d+)?)\s*(?:in|")?)?$/.exec(text);
  if (feet)
    return feet[2] === undefined
      ? { value: Number(feet[1]), unit: 'ft' }
      : { value: Number(feet[1]) * 12 + Number(feet[2]), unit: 'in' };
  const plain = /^(\d+(?:\.\d+)?)\s*(mm|m|in|")?$/.exec(text);
  if (!plain) return undefined;
  const value = Number(plain[1]);
  const unit = plain[2] === '"' ? 'in' : ((plain[2] as 'mm' | 'm' | 'in' | undefined) ?? bare);
  return unit === 'mm' ? value : { value, unit };
}
