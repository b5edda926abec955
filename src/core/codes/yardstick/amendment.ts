import type { Yardstick } from './yardstick';

/** A town's changes to a yardstick: tables replaced, years added. */
export interface Amendment {
  id: string;
  title: string;
  /** The yardstick it is laid over. */
  over: string;
  /** What it changes, in words, printed in the report. */
  says: readonly string[];
  changes: Partial<Omit<Yardstick, 'id' | 'title' | 'sources'>>;
}

/** A yardstick with amendments laid over it in order. */
export function amended(yardstick: Yardstick, amendments: readonly Amendment[]): Yardstick {
  return amendments.reduce(
    (laid, { title, changes }): Yardstick => ({
      ...laid,
      ...changes,
      title: `${laid.title}; ${title}`,
      ruleYears: { ...laid.ruleYears, ...changes.ruleYears },
    }),
    yardstick,
  );
}
