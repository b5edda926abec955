import type { CostBook, Range } from '../../codes/cost-book/cost-book';
import type { PartId } from '../../codes/cost-book/part-id';
import { priceOf } from '../../codes/cost-book/price';
import type { Option } from './option';

type Parts = Partial<Record<PartId, number>>;

/** Parts of an option, low, likely and high. */
export function partsCost(parts: Parts, book: CostBook): Range {
  const total = { low: 0, likely: 0, high: 0 };
  for (const [part, many] of Object.entries(parts) as [PartId, number][]) {
    const price = priceOf(book, part);
    total.low += price.low * many;
    total.likely += price.likely * many;
    total.high += price.high * many;
  }
  return total;
}

/** Parts of several, each line once. */
export function partsOf(options: readonly Pick<Option, 'parts'>[]): Parts {
  const total: Parts = {};
  for (const { parts } of options)
    for (const [part, many] of Object.entries(parts) as [PartId, number][])
      total[part] = (total[part] ?? 0) + many;
  return total;
}

/** Money and minutes of a plan of one visit. */
export function costOf(
  options: readonly Pick<Option, 'parts' | 'minutes' | 'needsUtility'>[],
  book: CostBook,
): { cost: Range; minutes: Range } {
  const at = (index: 0 | 1 | 2) => options.reduce((sum, { minutes }) => sum + minutes[index], 0);
  const minutes = { low: at(0), likely: at(1), high: at(2) };
  const parts = partsCost(partsOf(options), book);
  const once =
    (options.length > 0 ? book.callOutFee : 0) +
    (options.some(({ needsUtility }) => needsUtility) ? book.utilityFee : 0);
  const of = (key: keyof Range) => parts[key] + (book.labourRatePerHour * minutes[key]) / 60 + once;
  return { cost: { low: of('low'), likely: of('likely'), high: of('high') }, minutes };
}
