import type { Range } from '../../codes/cost-book/cost-book';
import type { Finding } from '../../judge/grading/finding';
import type { Assessment } from '../../judge/assess/assessment';
import type { Entry } from '../../record/entries/entry';
import type { Option } from './option';
import type { Placed } from './placement';

/** Names a plan has on the front. */
export const planNames = ['least', 'defects', 'lasting', 'defects-alone', 'lasting-alone'] as const;
export type PlanName = (typeof planNames)[number];

/** As the view and the client's page say it. */
export const planWords: Record<PlanName, { name: string; says: string }> = {
  least: { name: 'Least to be safe', says: 'Danger now and Urgent mended' },
  defects: { name: 'All defects', says: 'nothing at Repair or above left' },
  lasting: { name: 'Lasting', says: 'nothing above Note left' },
  'defects-alone': { name: 'All defects alone', says: 'without what is wanted besides' },
  'lasting-alone': { name: 'Lasting alone', says: 'without what is wanted besides' },
};

/** What would be done, what it costs, and what the rules say of the panel afterwards. */
export interface Plan {
  names: PlanName[];
  /** In the order of the work. */
  chosen: readonly Option[];
  /** By finding: the option that mends it; nothing: it is left. */
  byFinding: ReadonlyMap<string, string>;
  cost: Range;
  minutes: Range;
  /** Points left, by the solver: an order, not a probability. */
  riskLeft: number;
  after: Assessment;
  /** Where things stand then, of each panel something is put or moved in. */
  placed: readonly Placed[];
  /** Entries that are not true yet. */
  drafts: readonly Entry[];
  mended: readonly Finding[];
  /** Lower than it was, not gone. */
  lowered: readonly { was: Finding; now: Finding }[];
  /** As they would be then. */
  staysWrong: readonly Finding[];
  /** Danger now or Urgent whose mending waits for somebody: made safe today, which is not the mending. */
  madeSafeToday: readonly Finding[];
}
