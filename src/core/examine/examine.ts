import type { Fact } from '../entries/inspection';
import type { FactReader } from '../panel/reader';
import type { PanelView } from '../panel/views';
import type { SiteView } from '../panel/site-view';
import { readSite } from '../panel/site-view';
import { rules } from '../rules';
import type { Outcome, Rule, Scene } from '../rules/rule';
import { aroundOf, aroundPanels } from '../rules/around';
import { panelPlaces } from '../rules/places';
import { want } from '../rules/rule';
import type { Settings } from '../settings/settings';
import type { Yardstick } from '../yardstick/yardstick';
import type { Verdict } from './verdict';
import { verdictKey } from './verdict';

export interface Examination {
  site: SiteView;
  /** What the rules looked at, by panel. */
  scenes: ReadonlyMap<string, Scene>;
  verdicts: Verdict[];
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
  const verdicts = examineScenes(scenes);
  if (inspection.conflicts.length === 0) return { site, scenes, verdicts };

  const worst = new Map(verdicts.map((verdict) => [verdictKey(verdict), verdict]));
  let left = mostAlternatives;
  for (const { about, property, facts } of inspection.conflicts)
    for (let index = 0; index < facts.length - 1 && left > 0; index += 1, left -= 1) {
      const variant = readSite(inspection, new Map([[`${about}|${property}`, index]]));
      for (const verdict of examineScenes(scenesOf(variant, yardstick, settings))) {
        const known = worst.get(verdictKey(verdict));
        if (!known || adversity(verdict.outcome) > adversity(known.outcome))
          worst.set(verdictKey(verdict), verdict);
      }
    }
  return { site, scenes, verdicts: [...worst.values()] };
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

function examineScenes(scenes: ReadonlyMap<string, Scene>): Verdict[] {
  const verdicts: Verdict[] = [];
  for (const scene of scenes.values()) {
    const { site, panel } = scene;
    for (const rule of rules)
      rule.examine(scene, (place, outcome) =>
        verdicts.push({
          rule,
          panel: panel.id,
          place,
          outcome: behindClosedCover(rule, panel, outcome, site.reader),
        }),
      );
  }
  return verdicts;
}

/** A cover that was not opened explains a missing fact behind it; it erases none established otherwise. */
function behindClosedCover(
  rule: Rule,
  panel: PanelView,
  outcome: Outcome,
  reader: FactReader,
): Outcome {
  if (!rule.behindCover || outcome.outcome !== 'not-seen') return outcome;
  if (reader.value(panel.id, 'coverOpened') !== 'not-opened') return outcome;
  const reason = reader.value(panel.id, 'coverReason');
  const say = `cover not opened${reason ? `: ${reason}` : ''}`;
  return { ...outcome, wants: [want(panel.id, 'coverOpened', say)] };
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
