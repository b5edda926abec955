import { partWords } from '../../codes/cost-book/part-id';
import type { PartId } from '../../codes/cost-book/part-id';
import type { CostBook } from '../../codes/cost-book/cost-book';
import { priceOf } from '../../codes/cost-book/price';
import type { Finding } from '../../judge/grading/finding';
import { partsOf } from './cost-of';
import type { Plan } from './plan';

const told = ({ key, grade, points, verdict }: Finding) => ({
  key,
  grade,
  points,
  rule: verdict.rule.id,
  place: verdict.place.label,
});

/** A line of a plan's parts list. */
export interface PartsLine {
  part: PartId;
  words: string;
  many: number;
  low: number;
  likely: number;
  high: number;
}

/** Parts of a plan, each line once, with what they cost by a book. */
export function partsLines({ chosen }: Pick<Plan, 'chosen'>, book: CostBook): PartsLine[] {
  return (Object.entries(partsOf(chosen)) as [PartId, number][]).map(([part, many]) => {
    const { low, likely, high } = priceOf(book, part);
    return {
      part,
      words: partWords[part],
      many,
      low: low * many,
      likely: likely * many,
      high: high * many,
    };
  });
}

/** A plan as plain figures and words, for files. */
export function planFigures(plan: Plan, book: CostBook) {
  const { names, cost, minutes, riskLeft, chosen, byFinding, mended, lowered, staysWrong } = plan;
  return {
    names,
    cost,
    minutes,
    riskLeft,
    works: chosen.map(({ id, remedy, says, panel, looks, tell }) => ({
      id,
      remedy: remedy.id,
      says,
      panel,
      lookFirst: looks,
      tell,
      wrong: remedy.wrong,
      ends: remedy.ends,
      record: remedy.record,
    })),
    byFinding: Object.fromEntries(byFinding),
    mended: mended.map(told),
    lowered: lowered.map(({ was, now }) => ({ ...told(was), to: now.grade })),
    staysWrong: staysWrong.map(told),
    parts: partsLines(plan, book),
  };
}
