import type { CostBook, Range } from './cost-book';
import type { PartId } from './part-id';
import { shippedCostBook } from './shipped';

/** What one of a part costs by a book. */
export const priceOf = ({ parts }: CostBook, part: PartId): Range =>
  parts[part] ?? shippedCostBook.parts[part]!;
