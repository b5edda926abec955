import type { Range } from '../../codes/cost-book/cost-book';
import type { FactReader } from '../../record/entries/fact-reader';
import type { ChosenPlan } from './chosen-plans';

/** As many as anybody compares. */
export const mostQuotes = 6;

/** What somebody asks for the work of a chosen plan. */
export interface Quote {
  id: string;
  from: string;
  plan: string | undefined;
  sum: number | undefined;
  lines: readonly { work: string | null; says: string; sum: number | null }[];
}

/** Where a sum lies in what the cost book reckons. */
export type Against = 'below' | 'within' | 'above';
export const againstWords: Record<Against, string> = {
  below: 'below the range of the cost book',
  within: 'within the range of the cost book',
  above: 'above the range of the cost book',
};

/** A quote held against the plan it was asked for. */
export interface QuoteCompared extends Quote {
  /** Its sum against the whole plan; nothing where either is not known. */
  against: Against | undefined;
  /** Works of the plan that it does not name. */
  misses: readonly string[];
  /** What it has besides the plan. */
  adds: readonly { says: string; sum: number | null }[];
  /** Works of the plan it names, with its sum where it gives one. */
  items: readonly {
    work: string;
    says: string;
    sum: number | null;
    against: Against | undefined;
  }[];
}

/** Quotes asked for a plan, in the order they came. */
export function quotesOf(reader: FactReader, plan: string): Quote[] {
  return [...reader.inspection.things.values()].flatMap((thing): Quote[] => {
    if (thing.type !== 'quote' || reader.value(thing.id, 'removed')) return [];
    if (reader.value(thing.id, 'quotePlan') !== plan) return [];
    return [
      {
        id: thing.id,
        from: reader.value(thing.id, 'quoteFrom') ?? 'not named',
        plan,
        sum: reader.value(thing.id, 'quoteSum'),
        lines: reader.value(thing.id, 'quoteLines') ?? [],
      },
    ];
  });
}

/** Holds a quote against its plan: what it leaves out, what it adds, and each sum against the book. */
export function compareQuote(
  quote: Quote,
  { lines, cost }: Pick<ChosenPlan, 'lines' | 'cost'>,
): QuoteCompared {
  const named = new Map(quote.lines.flatMap((line) => (line.work ? [[line.work, line]] : [])));
  return {
    ...quote,
    against: quote.sum === undefined || !cost ? undefined : againstRange(quote.sum, cost),
    misses: lines.filter(({ id }) => !named.has(id)).map(({ says }) => says),
    adds: quote.lines
      .filter(({ work }) => !work || !lines.some(({ id }) => id === work))
      .map(({ says, sum }) => ({ says, sum })),
    items: lines.flatMap(({ id, says, cost: range }) => {
      const line = named.get(id);
      if (!line) return [];
      const { sum } = line;
      return [
        { work: id, says, sum, against: sum === null ? undefined : againstRange(sum, range) },
      ];
    }),
  };
}

/** To the cent: what is asked is written in whole cents, what is reckoned is not. */
const againstRange = (sum: number, { low, high }: Range): Against =>
  sum < low - 0.005 ? 'below' : sum > high + 0.005 ? 'above' : 'within';
