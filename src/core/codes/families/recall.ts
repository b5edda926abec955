import * as v from 'valibot';
import { sameWords } from './nameplate';

const text = (most: number) => v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(most));

/** A type of device its maker called back, by the date codes printed on it. */
export const recallSchema = v.strictObject({
  id: v.pipe(v.string(), v.regex(/^[a-z0-9-]{1,60}$/, 'small letters, digits and -')),
  maker: text(60),
  types: v.pipe(v.array(text(40)), v.minLength(1), v.maxLength(200)),
  /** First and last date code called back, compared as text of equal length; null: whatever the code. */
  codes: v.nullable(v.strictObject({ from: text(30), to: text(30) })),
  /** What is known of it, to follow "of these it is known that". */
  says: text(600),
  severity: v.picklist([1, 2, 3, 4]),
  likelihood: v.picklist([1, 2, 3, 4, 5]),
  /** Who called it back, and where that stands. */
  source: text(200),
});
export type Recall = v.InferOutput<typeof recallSchema>;

/** Recalls of a type of a maker, whatever the date code. */
export const recallsOf = (recalls: readonly Recall[], maker: string, type: string): Recall[] =>
  recalls.filter(
    (recall) => sameWords(recall.maker, maker) && recall.types.some((one) => sameWords(one, type)),
  );

/**
 * Whether a date code is among those called back. Undefined: the code is of another length than those of the
 * recall, so that it cannot be compared.
 * @example "1519" is within 1501 to 1526
 */
export function isCalledBack({ codes }: Recall, code: string): boolean | undefined {
  if (codes === null) return true;
  const word = code.trim().toUpperCase();
  const [from, to] = [codes.from.toUpperCase(), codes.to.toUpperCase()];
  if (word.length !== from.length || word.length !== to.length) return undefined;
  return word >= from && word <= to;
}
