import type { Assessment } from './assess';
import { assessmentOf } from './assess';
import { settingsAt } from './settings-at';
import type { Entry } from '../../record/entries/entry';
import { asFoundEntries, setMended } from './mended';
import type { UnseenPlaces, Verdict } from '../examine/verdict';
import type { Finding } from '../grading/finding';
import { judge } from '../grading/judge';
import { extend } from '../../record/entries/extend';
import { fold } from '../../record/entries/fold';
import type { Answers } from '../examine/examine';
import { closedCover, examine, examineRule, noAnswers, scenesOf } from '../examine/examine';
import { FactReader } from '../../record/entries/fact-reader';
import type { SiteView } from '../../installation/panel/site-view';
import { readSite } from '../../installation/panel/site-view';
import { splitRef } from '../../record/entries/thing-types';
import { rules } from '../rules';
import type { Scene } from '../check/rule';
import type { Settings } from '../../codes/settings/settings';
import { yardstickOf } from '../../codes/yardstick';
import type { Yardstick } from '../../codes/yardstick/yardstick';

/** Answers of one rule in one panel, and the properties it asked for. */
interface RuleAnswers {
  answers: Answers;
  reads: ReadonlySet<string>;
}

/** An assessment with what it takes to follow it when entries are added. */
export interface Followed {
  readonly entries: readonly Entry[];
  readonly settings: Settings;
  readonly yardstick: Yardstick;
  readonly site: SiteView;
  readonly assessment: Assessment;
  /** Properties the panels, their places and what is around them were put together from. */
  readonly structural: ReadonlySet<string>;
  readonly scenes: ReadonlyMap<string, Scene>;
  /** By panel, in the order of the rules. Undefined where facts contradict each other. */
  readonly byRule: ReadonlyMap<string, readonly RuleAnswers[]> | undefined;
  /** Verdicts found, in order, with their grading and the properties it asked for. */
  readonly graded: ReadonlyMap<Verdict, Graded>;
  /** The same of what was found, where something was mended on the visit. */
  readonly asFound?: Followed;
}

interface Graded {
  finding: Finding;
  /** `about|property` of each question. */
  reads: ReadonlySet<string>;
}

/**
 * The same as assessing all entries, by way of what was known before: where only observations were
 * added, rules that asked for none of what changed keep their answers.
 */
export function follow(entries: readonly Entry[], set: Settings, last?: Followed): Followed {
  const stepped = last?.settings === set ? stepOn(last, entries) : undefined;
  const now = stepped ?? fromStart(entries, set);
  const found = asFoundEntries(entries);
  if (!found) return now;
  const asFound = follow(found, set, last?.asFound);
  setMended(now.assessment, entries, asFound.assessment);
  return { ...now, asFound };
}

function fromStart(entries: readonly Entry[], set: Settings): Followed {
  const structural = new Set<string>(['school', 'coverOpened', 'coverReason']);
  const site = readSite(fold(entries), undefined, (property) => structural.add(property));
  const settings = settingsAt(site, set);
  const yardstick = yardstickOf(settings);
  const scenes = scenesOf(site, yardstick, settings);
  site.reader.heard = undefined;
  const kept = { entries, settings: set, yardstick, site, structural, scenes };
  if (site.reader.inspection.conflicts.length > 0)
    return {
      ...kept,
      byRule: undefined,
      graded: new Map(),
      assessment: assessmentOf(examine(site, yardstick, settings), yardstick, settings),
    };
  const byRule = new Map(
    [...scenes].map(([panel, scene]) => [panel, rules.map((rule) => heardFrom(rule, scene))]),
  );
  return { ...kept, byRule, ...together(site, scenes, byRule, yardstick, settings) };
}

function stepOn(last: Followed, entries: readonly Entry[]): Followed | undefined {
  if (!last.byRule || !fitsPanels(last, entries)) return undefined;
  const extended = extend(FactReader.wholeOf(last.site.reader), last.entries, entries);
  if (!extended) return undefined;
  const { inspection, changed, changedAt } = extended;
  if (meets(last.structural, changed)) return undefined;
  const site: SiteView = { ...last.site, reader: new FactReader(inspection) };
  const scenes = new Map(
    [...last.scenes].map(([panel, scene]): [string, Scene] => [panel, { ...scene, site }]),
  );
  const byRule = new Map(
    [...last.byRule].map(([panel, known]) => [
      panel,
      known.map((one, index) =>
        meets(one.reads, changed) ? steady(one, heardFrom(rules[index]!, scenes.get(panel)!)) : one,
      ),
    ]),
  );
  const settings = settingsAt(site, last.settings);
  return {
    ...last,
    entries,
    site,
    scenes,
    byRule,
    ...together(site, scenes, byRule, last.yardstick, settings, { graded: last.graded, changedAt }),
  };
}

/** Positions that the new entries speak of are positions of the panels as they stand. */
function fitsPanels({ entries: before, site }: Followed, now: readonly Entry[]): boolean {
  for (let index = before.length; index < now.length; index += 1) {
    const entry = now[index]!;
    if (entry.kind !== 'observe') return false;
    const { thing, part } = splitRef(entry.about);
    if (!part?.startsWith('c')) continue;
    const panel = site.panels.find(({ id }) => id === thing);
    if (!panel?.positions.some(({ ref }) => ref === entry.about)) return false;
  }
  return true;
}

function meets(one: ReadonlySet<string>, other: ReadonlySet<string>): boolean {
  for (const name of other) if (one.has(name)) return true;
  return false;
}

function heardFrom(rule: (typeof rules)[number], scene: Scene): RuleAnswers {
  const reads = new Set<string>();
  const answers = noAnswers();
  const { reader } = scene.site;
  const shut = closedCover(scene);
  reader.heard = (property) => reads.add(property);
  examineRule(rule, scene, shut, answers);
  reader.heard = undefined;
  return { answers, reads };
}

/** The answers known before, where asking again gave the same; so that what follows from them stands. */
function steady(before: RuleAnswers, now: RuleAnswers): RuleAnswers {
  const [one, other] = [before.answers, now.answers];
  const same =
    one.clear === other.clear &&
    one.doesNotApply === other.doesNotApply &&
    one.open.length === other.open.length &&
    one.unseen.length === other.unseen.length &&
    one.open.every((verdict, index) => sameVerdict(verdict, other.open[index]!)) &&
    one.unseen.every((unseen, index) => sameUnseen(unseen, other.unseen[index]!));
  return same ? { answers: one, reads: now.reads } : now;
}

function sameVerdict(one: Verdict, other: Verdict): boolean {
  const [a, b] = [one.outcome, other.outcome];
  const facts = (outcome: typeof a) => ('facts' in outcome && outcome.facts) || [];
  return (
    one.place.ref === other.place.ref &&
    one.place.order === other.place.order &&
    a.outcome === b.outcome &&
    facts(a).length === facts(b).length &&
    facts(a).every((fact, index) => fact === facts(b)[index]) &&
    JSON.stringify({ ...a, facts: 0 }) === JSON.stringify({ ...b, facts: 0 })
  );
}

const sameUnseen = (one: UnseenPlaces, other: UnseenPlaces): boolean =>
  one.about === other.about &&
  one.what.property === other.what.property &&
  one.what.say === other.what.say &&
  one.places.length === other.places.length &&
  one.places.every((place, index) => place.ref === other.places[index]!.ref);

function together(
  site: SiteView,
  scenes: ReadonlyMap<string, Scene>,
  byRule: ReadonlyMap<string, readonly RuleAnswers[]>,
  yardstick: Yardstick,
  settings: Settings,
  before?: { graded: ReadonlyMap<Verdict, Graded>; changedAt: ReadonlySet<string> },
): Pick<Followed, 'assessment' | 'graded'> {
  const all = noAnswers();
  for (const known of byRule.values())
    for (const { answers } of known) {
      for (const one of answers.open) all.open.push(one);
      for (const one of answers.unseen) all.unseen.push(one);
      all.clear += answers.clear;
      all.doesNotApply += answers.doesNotApply;
    }
  const examination = { site, scenes, ...all };
  const found = all.open.filter(({ outcome }) => outcome.outcome === 'found');
  // A grade may turn on what else is found: where that changed, all are graded anew.
  const standing =
    before?.graded.size === found.length && found.every((one) => before.graded.has(one));
  const graded = new Map<Verdict, Graded>();
  const findings = judge(examination, undefined, (verdict, grade) => {
    const known = standing ? before?.graded.get(verdict) : undefined;
    const reads = new Set<string>();
    if (known && !meets(known.reads, before!.changedAt)) {
      graded.set(verdict, known);
      return known.finding;
    }
    site.reader.heard = (property, about = '') => reads.add(`${about}|${property}`);
    const finding = grade();
    site.reader.heard = undefined;
    graded.set(verdict, { finding, reads });
    return finding;
  });
  return { assessment: assessmentOf(examination, yardstick, settings, findings), graded };
}
