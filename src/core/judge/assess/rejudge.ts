import type { Inspection } from '../../record/entries/inspection';
import { properties } from '../../record/entries/properties';
import { readSite } from '../../installation/panel/site-view';
import type { Settings } from '../../codes/settings/settings';
import { yardstickOf } from '../../codes/yardstick';
import type { FoundOutcome, Place, Rule, Scene } from '../check/rule';
import type { Answers } from '../examine/examine';
import { closedCover, examine, examineRule, noAnswers, scenesOf } from '../examine/examine';
import { rules } from '../rules';
import type { Assessment } from './assessment';
import { assessmentOf } from './assess';
import { settingsAt } from './settings-at';

/** What each rule's own code is known by, in the order of the registry: another digest, another rule. */
export type RuleDigests = Readonly<Record<string, string>>;

/** By what an inspection was judged before, where all that judges besides the rules is the same. */
export interface JudgedBefore {
  digests: RuleDigests;
  /** What each rule answered, in short: see `Rejudged`. */
  answers: string;
}

export interface Rejudged {
  /** Undefined: every rule that changed answers as it did, so that all stands as it was. */
  assessment: Assessment | undefined;
  /**
   * What each rule answered, in short, in the order of the registry; undefined where facts contradict each other:
   * each of their alternatives is examined every time.
   */
  answers: string | undefined;
}

/** A short name for a text, another for every other. */
export type Digest = (text: string) => string;

const between = ';';

/**
 * Judges an inspection again. Where it is known what each rule answered, only those of another digest are
 * asked; while all of them answer alike, nothing that follows from the answers is other than it was.
 */
export function rejudge(
  inspection: Inspection,
  set: Settings,
  { now, before, digest }: { now: RuleDigests; before?: JudgedBefore | undefined; digest: Digest },
): Rejudged {
  const site = readSite(inspection);
  const settings = settingsAt(site, set);
  const yardstick = yardstickOf(settings);
  if (inspection.conflicts.length > 0)
    return {
      assessment: assessmentOf(examine(site, yardstick, settings), yardstick, settings),
      answers: undefined,
    };
  const scenes = scenesOf(site, yardstick, settings);
  const changed = before && differingIn(before.digests, now);
  if (before && changed && changed.length <= mostAlone)
    if (answerAlike(changed, before.answers, scenes, digest))
      return { assessment: undefined, answers: before.answers };

  const all = noAnswers();
  const said = Array<string>(rules.length).fill('');
  for (const scene of scenes.values()) {
    const shut = closedCover(scene);
    for (let index = 0; index < rules.length; index += 1) {
      const rule = rules[index]!;
      const from = {
        open: all.open.length,
        unseen: all.unseen.length,
        clear: all.clear,
        doesNotApply: all.doesNotApply,
      };
      examineRule(rule, scene, shut, all);
      said[index] += inShort(rule, all, from, digest);
    }
  }
  const answers = said.join(between);
  if (changed && answers === before?.answers) return { assessment: undefined, answers };
  return { assessment: assessmentOf({ site, scenes, ...all }, yardstick, settings), answers };
}

/** So many changed rules are asked by themselves first; of more, all are asked at once. */
const mostAlone = 40;

/** Places in the registry of the rules of another digest, by the two books they differ in. */
const differing = new WeakMap<RuleDigests, WeakMap<RuleDigests, readonly number[] | undefined>>();

/** Undefined where there were other rules, or the same in another order. */
function differingIn(then: RuleDigests, now: RuleDigests): readonly number[] | undefined {
  let known = differing.get(then);
  if (!known) differing.set(then, (known = new WeakMap()));
  if (known.has(now)) return known.get(now);
  const ids = Object.keys(then);
  const same = ids.length === rules.length && rules.every(({ id }, index) => ids[index] === id);
  const changed = same
    ? rules.flatMap(({ id }, index) => (then[id] === now[id] ? [] : index))
    : undefined;
  known.set(now, changed);
  return changed;
}

function answerAlike(
  changed: readonly number[],
  answers: string,
  scenes: ReadonlyMap<string, Scene>,
  digest: Digest,
): boolean {
  const known = answers.split(between);
  return changed.every((index) => {
    const rule = rules[index]!;
    let said = '';
    for (const scene of scenes.values()) {
      const own = noAnswers();
      examineRule(rule, scene, closedCover(scene), own);
      said += inShort(rule, own, nothing, digest);
    }
    return said === known[index];
  });
}

type Counts = Record<'open' | 'unseen' | 'clear' | 'doesNotApply', number>;
const nothing: Counts = { open: 0, unseen: 0, clear: 0, doesNotApply: 0 };

/** Each property by a number of its own. */
const numbers = new Map(Object.keys(properties).map((name, index) => [name, index + 1]));
const most = 2 ** 31;

/**
 * What a rule answered since, in short: at how many places it is clear, to how many it does not apply, which facts
 * it wants at how many, and a digest of all it found. Alike in short, it answered alike for all that is counted
 * and graded.
 */
function inShort(rule: Rule, answers: Answers, from: Counts, digest: Digest): string {
  const { open, unseen, clear, doesNotApply } = answers;
  let wanted = 0;
  let found = '';
  for (let index = from.open; index < open.length; index += 1) {
    const { outcome, place } = open[index]!;
    if (outcome.outcome === 'not-seen') {
      for (const { property, gap } of outcome.wants)
        wanted = (wanted * 31 + numbers.get(property)! * 4 + (gap ? 2 : 0)) % most;
      if (outcome.likely) wanted += 1;
    } else if (outcome.outcome === 'found') found += foundText(place, outcome);
  }
  for (let index = from.unseen; index < unseen.length; index += 1) {
    const { places, what } = unseen[index]!;
    wanted = (wanted * 31 + numbers.get(what.property)! * 1000 + places.length) % most;
  }
  const said = `${clear - from.clear},${doesNotApply - from.doesNotApply},${wanted} `;
  return found === '' ? said : `${said}!${digest(metaText(rule) + found)}`;
}

/** A finding with all that its grade, its words and its count follow from, but for the facts around it. */
const foundText = (
  { ref, order }: Place,
  { facts, sources: _, ...outcome }: FoundOutcome,
): string =>
  JSON.stringify([
    ref,
    order,
    outcome,
    facts.map((fact) => [fact.about, fact.property, fact.entry]),
  ]);

const metas = new WeakMap<Rule, string>();
/** What of a rule itself grades and names its findings. */
function metaText(rule: Rule): string {
  let text = metas.get(rule);
  if (text === undefined) metas.set(rule, (text = JSON.stringify(rule)));
  return text;
}
