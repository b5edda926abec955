import { FactReader } from '../../record/entries/fact-reader';
import type { Fact } from '../../record/entries/inspection';
import type { SiteView } from '../../installation/panel/site-view';
import { readSite } from '../../installation/panel/site-view';
import { rules } from '../rules';
import type { Outcome, Rule, Scene, Want } from '../check/rule';
import { aroundOf, aroundPanels } from '../check/around';
import { panelPlaces } from '../check/places';
import { want } from '../check/rule';
import type { Settings } from '../../codes/settings/settings';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { UnseenPlaces, Verdict } from './verdict';
import { spreadOut, verdictKey } from './verdict';

export interface Examination extends Answers {
  site: SiteView;
  /** What the rules looked at, by panel. */
  scenes: ReadonlyMap<string, Scene>;
}

/** What the rules answered. */
export interface Answers {
  /** Place by place: what was found, and what was not seen for a reason of its own. */
  open: Verdict[];
  /** Places not seen, all together for each fact that was never recorded. */
  unseen: UnseenPlaces[];
  /** How many answers were clear, and how many do not apply. */
  clear: number;
  doesNotApply: number;
  /** The clear and the inapplicable, where they were kept; they are put together again when asked for. */
  closed: Verdict[] | undefined;
}

/** Every rule at every place, in the order of the rules. */
export function verdictsOf({ scenes, ...answers }: Omit<Examination, 'site'>): Verdict[] {
  const { open, unseen, closed } = answers.closed ? answers : examineScenes(scenes, true);
  const at = new Map(rules.map((rule, index) => [rule, index]));
  return [...open, ...closed!, ...unseen.flatMap(spreadOut)].sort(
    (a, b) =>
      (a.panel < b.panel ? -1 : a.panel > b.panel ? 1 : 0) ||
      at.get(a.rule)! - at.get(b.rule)! ||
      a.place.order - b.place.order,
  );
}

/** Most conflicts for which every alternative is tried; the rest keep their last value and are shown. */
const mostAlternatives = 32;

/**
 * Every rule at every place. Where recorded facts contradict each other each alternative is
 * examined, and the most adverse answer counts.
 */
export function examine(site: SiteView, yardstick: Yardstick, settings: Settings): Examination {
  const { inspection } = site.reader;
  const scenes = scenesOf(site, yardstick, settings);
  if (inspection.conflicts.length === 0) return { site, scenes, ...examineScenes(scenes, false) };

  const everywhere = (of: ReadonlyMap<string, Scene>) =>
    verdictsOf({ scenes: of, ...examineScenes(of, true) });
  const worst = new Map(everywhere(scenes).map((verdict) => [verdictKey(verdict), verdict]));
  let left = mostAlternatives;
  for (const { about, property, facts } of inspection.conflicts)
    for (let index = 0; index < facts.length - 1 && left > 0; index += 1, left -= 1) {
      const variant = readSite(
        FactReader.wholeOf(site.reader),
        new Map([[`${about}|${property}`, index]]),
      );
      for (const verdict of everywhere(scenesOf(variant, yardstick, settings))) {
        const known = worst.get(verdictKey(verdict));
        if (!known || adversity(verdict.outcome) > adversity(known.outcome))
          worst.set(verdictKey(verdict), verdict);
      }
    }
  const all = [...worst.values()];
  const outcome = (name: Outcome['outcome']) =>
    all.filter((verdict) => verdict.outcome.outcome === name);
  const [clear, inapplicable] = [outcome('clear'), outcome('does-not-apply')];
  return {
    site,
    scenes,
    open: [...outcome('found'), ...outcome('not-seen')],
    unseen: [],
    clear: clear.length,
    doesNotApply: inapplicable.length,
    closed: [...clear, ...inapplicable],
  };
}

export function scenesOf(
  site: SiteView,
  yardstick: Yardstick,
  settings: Settings,
): Map<string, Scene> {
  const shares = aroundPanels(site);
  return new Map(
    site.panels.map((panel): [string, Scene] => [
      panel.id,
      {
        site,
        panel,
        places: panelPlaces(panel),
        around: aroundOf(shares, panel.id),
        yardstick,
        settings,
      },
    ]),
  );
}

/** Every rule at every place of these scenes. */
export function examineScenes(scenes: ReadonlyMap<string, Scene>, keep = false): Answers {
  const answers = noAnswers(keep);
  for (const scene of scenes.values()) {
    const shut = closedCover(scene);
    for (const rule of rules) examineRule(rule, scene, shut, answers);
  }
  return answers;
}

export const noAnswers = (keep = false): Answers => ({
  open: [],
  unseen: [],
  clear: 0,
  doesNotApply: 0,
  closed: keep ? [] : undefined,
});

/** One rule at every place of a panel, added to the answers. */
export function examineRule(
  rule: Rule,
  scene: Scene,
  shut: Want | undefined,
  answers: Answers,
): void {
  const panel = scene.panel.id;
  const hidden = rule.behindCover ? shut : undefined;
  rule.examine(
    scene,
    (place, outcome) => {
      if (outcome.outcome === 'found') answers.open.push({ rule, panel, place, outcome });
      else if (outcome.outcome === 'not-seen')
        answers.open.push({
          rule,
          panel,
          place,
          outcome: hidden ? { ...outcome, wants: [hidden] } : outcome,
        });
      else {
        if (outcome.outcome === 'clear') answers.clear += 1;
        else answers.doesNotApply += 1;
        answers.closed?.push({ rule, panel, place, outcome });
      }
    },
    (places, what) =>
      answers.unseen.push({ rule, panel, places, what: hidden ?? what, about: hidden?.about }),
  );
}

/**
 * What is wanted behind a cover that was not opened. It explains a missing fact there; it erases
 * none that was established otherwise.
 */
export function closedCover({ panel, site: { reader } }: Scene): Want | undefined {
  if (reader.value(panel.id, 'coverOpened') !== 'not-opened') return undefined;
  const reason = reader.value(panel.id, 'coverReason');
  return want(panel.id, 'coverOpened', `cover not opened${reason ? `: ${reason}` : ''}`);
}

const severityOrder: Outcome['outcome'][] = ['does-not-apply', 'clear', 'not-seen', 'found'];

/** Found outranks not seen outranks clear; a found with more behind it outranks one with less. */
function adversity(outcome: Outcome): number {
  const rank = severityOrder.indexOf(outcome.outcome) * 100;
  if (outcome.outcome !== 'found') return rank;
  const base = outcome.base ? outcome.base.severity * 10 + outcome.base.likelihood : 0;
  return rank + base + (outcome.danger ? 60 : 0);
}

/** Facts a verdict rests on. */
export function factsOf(outcome: Outcome): readonly Fact[] {
  return ('facts' in outcome && outcome.facts) || [];
}
