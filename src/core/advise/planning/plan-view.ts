import type { CostBook, Range } from '../../codes/cost-book/cost-book';
import type { Json } from '../../record/entries/entry';
import type { Finding } from '../../judge/grading/finding';
import type { Grade } from '../../vocabulary/grade';
import type { Hazard } from '../../vocabulary/severity';
import { fill } from '../../vocabulary/fill';
import type { Off, Told } from '../remedies/remedy';
import { costOf } from './cost-of';
import type { Entry } from '../../record/entries/entry';
import type { Option } from './option';
import { renewsPanel } from './option';
import type { Move } from './moves';
import { movesBetween } from './moves';
import type { WorkFrame } from './work-frame';
import { workFrame } from './work-frame';
import type { Plan, PlanName } from './plan';
import type { PartsLine } from './plan-figures';
import { partsLines } from './plan-figures';
import type { Prepared } from './plans';

/** A finding as a list says it. */
export interface FindingLine {
  key: string;
  grade: Grade;
  place: string;
  panel: string;
  /** What is wrong, without figures: for whoever is not of the trade. */
  title: string;
  /** One line. */
  says: string;
}

/** One work of a plan, in the order it is done. */
export interface WorkLine {
  id: string;
  says: string;
  /** What it is done at: places of the findings it mends. */
  places: readonly string[];
  /** Keys of the findings it mends. */
  mends: readonly string[];
  panel: string;
  /** Alone, without call-out and fees. */
  cost: number;
  costRange: Range;
  minutes: number;
  off: Off;
  /** What it mends cannot be left: Danger now or Urgent. */
  must: boolean;
  looks: readonly { says: string; look: string }[];
  wrong: readonly string[];
  ends: readonly string[];
  record: readonly string[];
}

/** A plan as plain data: what a worker sends and a view shows. */
export interface PlanView {
  /** Names the same work, however it was reached. */
  key: string;
  names: readonly PlanName[];
  cost: Range;
  minutes: Range;
  riskLeft: number;
  works: readonly WorkLine[];
  choices: readonly string[];
  mended: number;
  /** What it puts right, as it was found. */
  mends: readonly FindingLine[];
  /** Dangers of what it puts right. */
  hazards: readonly Hazard[];
  lowered: readonly (FindingLine & { was: Grade })[];
  stays: readonly FindingLine[];
  /** Danger now or Urgent whose mending waits for somebody. */
  madeSafeToday: readonly FindingLine[];
  tell: readonly Told[];
  /** Likely minutes without power, by what is off. */
  dark: readonly { off: Exclude<Off, 'nothing'>; panel: string; minutes: number }[];
  parts: readonly PartsLine[];
  /** Steps with breakers, blanks and wires, panel by panel, in an order that never puts two in one place. */
  moves: readonly { panel: string; name: string; steps: readonly Move[] }[];
  /** What comes before the work and after it. */
  frame: WorkFrame;
  /** Entries that are not true yet: the inspection with them is the panel as it would be. */
  entries: readonly Entry[];
  /** What would be recorded after it. */
  drafts: readonly {
    about: string;
    type?: string;
    in?: string | null;
    facts: Record<string, Json>;
  }[];
}

/** One way a finding could be mended, chosen or not, with what speaks against it. */
export interface WayLine {
  id: string;
  says: string;
  cost: number;
  minutes: number;
  /** Grade left; nothing: gone. */
  left: Grade | undefined;
  /** Why it cannot be done here. */
  not: string | undefined;
  looks: readonly { says: string; look: string }[];
}

export interface FindingWays extends FindingLine {
  ways: readonly WayLine[];
}

const lineOf = (finding: Finding, names: ReadonlyMap<string, string>): FindingLine => {
  const { key, grade, verdict, outcome } = finding;
  return {
    key,
    grade,
    place: verdict.place.label,
    panel: names.get(verdict.panel) ?? '',
    title: verdict.rule.title,
    says: fill(verdict.rule.messages[outcome.message]!.short, {
      place: verdict.place.label,
      ...outcome.data,
    }),
  };
};

const panelNames = ({ ground }: Pick<Prepared, 'ground'>) =>
  new Map(ground.assessment.site.panels.map(({ id, name }) => [id, name]));

/** A plan as it is shown. */
export function planView(plan: Plan, prepared: Prepared): PlanView {
  const names = panelNames(prepared);
  const { book, ground } = prepared;
  const byKey = new Map(ground.assessment.findings.map((finding) => [finding.key, finding]));
  const told = new Map(
    plan.chosen.flatMap(({ tell }) => tell).map((one) => [`${one.whom}|${one.why}`, one]),
  );
  return {
    key:
      plan.chosen
        .map(({ id }) => id)
        .sort()
        .join(' & ') || 'nothing',
    names: plan.names,
    cost: plan.cost,
    minutes: plan.minutes,
    riskLeft: plan.riskLeft,
    works: plan.chosen.map((option) => workLine(option, byKey, names, book)),
    choices: plan.chosen.map(({ id }) => id),
    mended: plan.mended.length,
    mends: plan.mended.map((finding) => lineOf(finding, names)),
    hazards: [...new Set(plan.mended.flatMap(({ verdict }) => verdict.rule.hazards))],
    lowered: plan.lowered.map(({ was, now }) => ({ ...lineOf(now, names), was: was.grade })),
    stays: plan.staysWrong.map((finding) => lineOf(finding, names)),
    madeSafeToday: plan.madeSafeToday.map((finding) => lineOf(finding, names)),
    tell: [...told.values()],
    dark: darkOf(plan.chosen, names),
    parts: partsLines(plan, book),
    moves: panelMoves(plan, prepared),
    frame: workFrame(ground.assessment.site, plan.after.site, plan.chosen),
    entries: plan.drafts,
    drafts: plan.drafts.flatMap((draft): PlanView['drafts'][number][] =>
      draft.kind === 'add'
        ? [{ about: draft.thing, type: draft.type, in: draft.in, facts: draft.facts }]
        : draft.kind === 'observe'
          ? [{ about: draft.about, facts: draft.facts }]
          : [],
    ),
  };
}

/** Steps in each panel that is worked in and not renewed as a whole. */
function panelMoves(plan: Plan, { ground }: Prepared): PlanView['moves'] {
  const { site } = ground.assessment;
  const renewed = new Set(
    plan.chosen.filter(({ remedy }) => renewsPanel.has(remedy.id)).map(({ panel }) => panel),
  );
  return site.panels.flatMap((panel) => {
    const now = plan.after.site.panels.find(({ id }) => id === panel.id);
    if (!now || renewed.has(panel.id)) return [];
    const steps = movesBetween({ site, panel }, { site: plan.after.site, panel: now });
    return steps.length === 0 ? [] : [{ panel: panel.id, name: panel.name, steps }];
  });
}

function workLine(
  option: Option,
  byKey: ReadonlyMap<string, Finding>,
  names: ReadonlyMap<string, string>,
  book: CostBook,
): WorkLine {
  const mended = [...option.leaves.keys()].flatMap((key) => byKey.get(key) ?? []);
  const { id, says, panel, minutes, off, looks, remedy } = option;
  return {
    id,
    says,
    places: [...new Set(mended.map(({ verdict }) => verdict.place.label))],
    mends: mended.map(({ key }) => key),
    panel: names.get(panel) ?? '',
    cost: ownCost(option, book).likely,
    costRange: ownCost(option, book),
    minutes: minutes[1],
    off,
    must: mended.some(({ grade }) => grade === 'danger' || grade === 'urgent'),
    looks,
    wrong: remedy.wrong,
    ends: remedy.ends,
    record: remedy.record,
  };
}

/** Parts and labour of one option, without what is paid once a visit. */
const ownCost = (option: Option, book: CostBook): Range =>
  costOf([option], { ...book, callOutFee: 0, utilityFee: 0 }).cost;

/** Who is without power, and how long: one panel, or everything behind the service. */
function darkOf(chosen: readonly Option[], names: ReadonlyMap<string, string>): PlanView['dark'] {
  const minutes = new Map<string, PlanView['dark'][number]>();
  for (const option of chosen) {
    if (option.off === 'nothing') continue;
    const panel = option.off === 'service' ? '' : (names.get(option.panel) ?? '');
    const key = `${option.off}|${panel}`;
    const known = minutes.get(key) ?? { off: option.off, panel, minutes: 0 };
    minutes.set(key, { ...known, minutes: known.minutes + option.minutes[1] });
  }
  return [...minutes.values()].sort((a, b) => b.minutes - a.minutes);
}

/** Every finding with all the ways there are for it, the cheapest first, those not possible last. */
export function findingWays(prepared: Prepared): FindingWays[] {
  const { ground, options, book } = prepared;
  const names = panelNames(prepared);
  return ground.assessment.findings.map((finding) => ({
    ...lineOf(finding, names),
    ways: options
      .filter(
        (option) =>
          option.finding === finding.key ||
          (option.not === undefined && option.leaves.has(finding.key)),
      )
      .map((option) => ({
        id: option.id,
        says: option.says,
        cost: ownCost(option, book).likely,
        minutes: option.minutes[1],
        left: option.leaves.get(finding.key)?.grade,
        not: option.not,
        looks: option.looks,
      }))
      .sort((a, b) => Number(a.not !== undefined) - Number(b.not !== undefined) || a.cost - b.cost),
  }));
}
