import type { Highs } from 'highs';
import type { CostBook } from '../../codes/cost-book/cost-book';
import type { Settings } from '../../codes/settings/settings';
import type { Entry } from '../../record/entries/entry';
import { follow } from '../../judge/assess/follow';
import { groundOf } from './build-options';
import type { FindingWays, PlanView } from './plan-view';
import { findingWays, planView } from './plan-view';
import type { PlanName } from './plan';
import { namedPlans, plansAlong, prepare } from './plans';
import { wishesOf } from './wish';

/** What is asked: an inspection, what things cost, and what was decided by hand. */
export interface PlanQuestion {
  entries: readonly Entry[];
  settings: Settings;
  book: CostBook;
  forbidden: readonly string[];
  forced: readonly string[];
}

/** What a look that turns out badly adds to a plan. */
export interface LookWorth {
  plan: string;
  looks: readonly { says: string; look: string }[];
  /** Money and minutes more; nothing: without it there is no such plan. */
  more: { cost: number; minutes: number } | undefined;
}

/** What is answered, piece by piece, in this order. */
export type PlanAnswer =
  | { kind: 'ways'; ways: readonly FindingWays[]; facts: number }
  | {
      kind: 'named';
      plans: readonly PlanView[];
      none: readonly PlanName[];
      /** Keys of Danger now or Urgent that nothing here mends. */
      without: readonly string[];
      objections: readonly string[];
    }
  | { kind: 'point'; plan: PlanView }
  | { kind: 'looks'; worth: readonly LookWorth[] }
  | { kind: 'end' };

/** Works plans out step by step, so that each is shown as soon as it is known. */
export function* workOut(
  highs: Highs,
  { entries, settings, book, forbidden, forced }: PlanQuestion,
): Generator<PlanAnswer> {
  const followed = follow(entries, settings);
  const prepared = prepare({
    ground: groundOf(followed),
    book,
    wishes: wishesOf(followed.site),
    forbidden: new Set(forbidden),
    forced: new Set(forced),
  });
  yield { kind: 'ways', ways: findingWays(prepared), facts: entries.length };
  const { plans, none, without, objections } = namedPlans(highs, prepared);
  yield {
    kind: 'named',
    plans: plans.map((plan) => planView(plan, prepared)),
    none,
    without: without.map(({ key }) => key),
    objections: objections.map(({ says }) => says),
  };
  for (const { plan } of plansAlong(highs, prepared, 'repair', false).points)
    yield { kind: 'point', plan: planView(plan, prepared) };
  // The look that would settle most stands first: each plan once more without what hangs on it.
  const worth = plans.flatMap((plan): LookWorth[] => {
    const hanging = plan.chosen.filter(({ looks }) => looks.length > 0);
    if (hanging.length === 0) return [];
    const bare = {
      ...prepared,
      forbidden: new Set([...prepared.forbidden, ...hanging.map(({ id }) => id)]),
    };
    const again = namedPlans(highs, bare).plans.find(({ names }) => names.includes(plan.names[0]!));
    return [
      {
        plan: planView(plan, prepared).key,
        looks: [
          ...new Map(hanging.flatMap(({ looks }) => looks).map((one) => [one.look, one])).values(),
        ],
        more: again && {
          cost: again.cost.likely - plan.cost.likely,
          minutes: again.minutes.likely - plan.minutes.likely,
        },
      },
    ];
  });
  yield { kind: 'looks', worth };
  yield { kind: 'end' };
}
