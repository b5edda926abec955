import type { Highs } from 'highs';
import type { CostBook } from '../../codes/cost-book/cost-book';
import { standingsIn } from '../../judge/assess/standing';
import type { Finding } from '../../judge/grading/finding';
import type { Cut } from '../choosing/cut';
import type { FrontPoint } from '../choosing/front';
import { front } from '../choosing/front';
import { assemble } from './assemble';
import type { Ground } from './build-options';
import { buildOptions } from './build-options';
import { costOf } from './cost-of';
import { inOrder } from './assemble';
import { leftOf } from './left-of';
import type { Option } from './option';
import type { Plan, PlanName } from './plan';
import type { Aim, WishNeed } from './problem-of';
import { problemOf } from './problem-of';
import type { Objection } from './verify';
import { nameOf, objectionTo } from './verify';
import { minutesOfMoves } from './placement';
import { wishNeeds } from './wish-options';
import type { Wish } from './wish';
import { ampsLeft } from './wish';

/** How often the judge may send one point back before it is given up. */
export const mostObjections = 24;

/** How many choices are placed and priced for one point before the best of them counts. */
const mostPricedAgain = 8;

export interface Planning {
  ground: Ground;
  book: CostBook;
  wishes?: readonly Wish[];
  /** Ids of options that are not to be chosen, and of those that are. */
  forbidden?: ReadonlySet<string>;
  forced?: ReadonlySet<string>;
}

/** What a plan is chosen from. */
export interface Prepared extends Required<Omit<Planning, 'wishes'>> {
  wishes: readonly Wish[];
  options: readonly Option[];
  needs: readonly WishNeed[];
}

/** Options of an inspection, judged once for all its plans. */
export function prepare({
  ground,
  book,
  wishes = [],
  forbidden = new Set(),
  forced = new Set(),
}: Planning): Prepared {
  const needs = wishNeeds(ground.assessment, wishes);
  const options = buildOptions(
    ground,
    (panel) => ({
      positions: needs
        .flatMap((need) => need.options)
        .filter((option) => option.panel === panel)
        .reduce((sum, { uses }) => sum + (uses.positions ?? 0), 0),
    }),
    asked(ground, needs, wishes),
  );
  return { ground, book, wishes, forbidden, forced, options, needs };
}

/** Remedies for a whole panel that wishes ask for, whatever is found there. */
function asked(
  { assessment: { site, yardstick } }: Ground,
  needs: readonly WishNeed[],
  wishes: readonly Wish[],
): ReadonlySet<string> {
  const over = needs.some(({ options }) =>
    options.some(({ uses, panel }) => {
      const view = site.panels.find(({ id }) => id === panel);
      return view !== undefined && (uses.amps ?? 0) > ampsLeft(site, view, yardstick);
    }),
  );
  return new Set([
    ...(over ? ['larger-service'] : []),
    ...(wishes.some(({ kind }) => kind === 'panel-gone') ? ['replace-panel'] : []),
    ...(wishes.some(({ kind }) => kind === 'one-meter') ? ['merge-meters'] : []),
  ]);
}

export interface Judged {
  plan: Plan;
  /** What the judge sent back on the way to it. */
  objections: readonly Objection[];
}

export interface Front {
  points: Generator<Judged>;
  /** Danger now or Urgent that nothing here mends: the plan is made for the rest. */
  without: readonly Finding[];
}

/** The front of an inspection, point by point, each judged in its after-state before it counts. */
export function plansAlong(highs: Highs, prepared: Prepared, aim: Aim, withWishes: boolean): Front {
  const { ground, book } = prepared;
  const options = prepared.options.filter(({ id }) => !prepared.forbidden.has(id));
  const needs = withWishes ? prepared.needs : [];
  const { problem, without } = problemOf(
    ground.assessment,
    forcedOnly(options, prepared.forced),
    needs,
    book,
    aim,
  );
  const byId = new Map(
    [...options, ...needs.flatMap((need) => need.options)].map((one) => [one.id, one]),
  );
  const named = new Set(without);
  return {
    points: judgedPoints(),
    without: ground.assessment.findings.filter(({ key }) => named.has(key)),
  };

  function* judgedPoints(): Generator<Judged> {
    const cuts: Cut[] = [];
    let riskLimit = Infinity;
    for (;;) {
      const judged = cheapestJudged(cuts, riskLimit);
      if (!judged) return;
      yield judged;
      if (judged.plan.riskLeft <= 1e-6) return;
      riskLimit = judged.plan.riskLeft - 0.5;
    }
  }

  /**
   * The cheapest choice within a risk that the rules confirm and that can be placed. Moves the placement
   * needs cost money the solver did not know of: it is asked on until nothing cheaper than the best is left.
   */
  function cheapestJudged(cuts: Cut[], riskLimit: number): Judged | undefined {
    const objections: Objection[] = [];
    const seen: Cut[] = [];
    let best: Plan | undefined;
    for (;;) {
      const points = front(highs, problem, { cuts: [...cuts, ...seen], riskLimit });
      const { value } = points.next() as IteratorResult<FrontPoint, void>;
      points.return(undefined);
      if (!value || (best && value.cost >= best.cost.likely - 1e-6)) break;
      const chosen = inOrder(
        [...value.choice.globalRemedies, ...Object.values(value.choice.byFinding)].flatMap(
          (id) => byId.get(id) ?? [],
        ),
      );
      const assembled = assemble(highs, ground, chosen);
      const objection = objectionTo(highs, ground, chosen, assembled, [...byId.values()]);
      if (objection) {
        if (objections.length >= mostObjections) break;
        objections.push(objection);
        cuts.push(objection.cut);
        continue;
      }
      if (!assembled.ok) break;
      const plan = planOf(prepared, chosen, value, assembled);
      if (!best || plan.cost.likely < best.cost.likely - 1e-6) best = plan;
      if (plan.cost.likely <= value.cost + 1e-6 || seen.length >= mostPricedAgain) break;
      seen.push({
        together: chosen.map(nameOf),
        unless: [...byId.values()].filter((one) => !chosen.includes(one)).map(nameOf),
      });
    }
    return best && { plan: best, objections };
  }
}

/** Where a way was chosen by hand, the other ways for the same finding are not asked. */
function forcedOnly(options: readonly Option[], forced: ReadonlySet<string>): Option[] {
  const decided = new Set(
    options.flatMap(({ id, finding }) =>
      forced.has(id) && finding !== undefined ? [finding] : [],
    ),
  );
  return options.filter(
    ({ id, finding, leaves }) =>
      forced.has(id) || finding === undefined || !decided.has(finding) || leaves.size > 1,
  );
}

function planOf(
  { ground, book }: Prepared,
  chosen: readonly Option[],
  { riskLeft, choice }: FrontPoint,
  { after, drafts, placed }: Pick<Plan, 'after' | 'drafts' | 'placed'>,
): Plan {
  const before = ground.assessment;
  const standing = standingsIn(after);
  const mended: Finding[] = [];
  const lowered: { was: Finding; now: Finding }[] = [];
  for (const finding of before.findings) {
    const { finding: now } = standing(finding.key);
    const left = leftOf(finding, standing);
    if (left.points === 0) mended.push(finding);
    else if (now && now.points < finding.points) lowered.push({ was: finding, now });
  }
  const byFinding = new Map(
    Object.entries(choice.byFinding).flatMap(([key, what]): [string, string][] =>
      what === 'leave' ? [] : [[key, what.replace(/^covered by /, '')]],
    ),
  );
  return {
    names: [],
    chosen,
    byFinding,
    ...costOf([...chosen, ...movesOf(placed)], book),
    placed,
    riskLeft,
    after,
    drafts,
    mended,
    lowered,
    staysWrong: after.findings,
    madeSafeToday: mended.filter(
      ({ key, grade }) =>
        (grade === 'danger' || grade === 'urgent') &&
        chosen.some(({ leaves, tell }) => leaves.has(key) && tell.some(({ days }) => days > 1)),
    ),
  };
}

/** Moves that no work itself asks for, as work of their own. */
function movesOf(placed: Plan['placed']) {
  const many = placed.reduce((sum, { moved }) => sum + moved.length, 0);
  return many === 0 ? [] : [{ parts: {}, minutes: minutesOfMoves(many), needsUtility: false }];
}

/** Aims of the named plans. */
const aims: readonly { name: PlanName; aim: Aim; withWishes: boolean }[] = [
  { name: 'least', aim: 'repair', withWishes: false },
  { name: 'defects', aim: 'plan', withWishes: true },
  { name: 'lasting', aim: 'note', withWishes: true },
];

export interface NamedPlans {
  plans: Plan[];
  without: readonly Finding[];
  objections: readonly Objection[];
  /** Names for which there is no plan at all. */
  none: readonly PlanName[];
}

/** The plans that have a name; those that are the same work once, under all their names. */
export function namedPlans(highs: Highs, prepared: Prepared): NamedPlans {
  const plans: Plan[] = [];
  const objections: Objection[] = [];
  const none: PlanName[] = [];
  let without: readonly Finding[] = [];
  const also: typeof aims =
    prepared.needs.length > 0
      ? [
          { name: 'defects-alone', aim: 'plan', withWishes: false },
          { name: 'lasting-alone', aim: 'note', withWishes: false },
        ]
      : [];
  for (const { name, aim, withWishes } of [...aims, ...also]) {
    const along = plansAlong(highs, prepared, aim, withWishes);
    const { value } = along.points.next() as IteratorResult<Judged, void>;
    along.points.return(undefined);
    if (name === 'least') without = along.without;
    if (!value) {
      none.push(name);
      continue;
    }
    objections.push(...value.objections);
    const same = plans.find((one) => sameWork(one, value.plan));
    if (!same) plans.push({ ...value.plan, names: [name] });
    else same.names.push(name);
  }
  return { plans, without, objections, none };
}

const sameWork = (a: Plan, b: Plan) =>
  a.chosen.length === b.chosen.length &&
  a.chosen.every(({ id }) => b.chosen.some((one) => one.id === id));
