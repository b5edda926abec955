import type { Highs } from 'highs';
import { idsFrom } from '../../fieldwork/recording/logbook';
import type { Assessment } from '../../judge/assess/assessment';
import { follow } from '../../judge/assess/follow';
import type { Entry } from '../../record/entries/entry';
import { deviceOn } from '../remedies/device-on';
import { moveAll } from '../remedies/panel-work/moves';
import type { Condensed } from '../remedies/work';
import { Work } from '../remedies/work';
import type { Ground } from './build-options';
import type { Option } from './option';
import { renewsPanel } from './option';
import type { Placed } from './placement';
import { pairsOf, panelsToPlace, placed } from './placement';

/** Works in an order that puts nothing where something still stands: what gives room first, wishes last. */
export function inOrder(chosen: readonly Option[]): Option[] {
  const rank = (option: Option): number =>
    option.finding === undefined
      ? renewsPanel.has(option.remedy.id)
        ? 0
        : Object.keys(option.frees).length > 0
          ? 1
          : 4
      : Object.keys(option.frees).length > 0
        ? 2
        : 3;
  return [...chosen].sort((a, b) => rank(a) - rank(b) || chosen.indexOf(a) - chosen.indexOf(b));
}

export interface Refused {
  ok: false;
  refused: Option;
  before: readonly Option[];
  because: string;
}
export type Assembled =
  | {
      ok: true;
      after: Assessment;
      drafts: readonly Entry[];
      /** Where things stand then, of each panel something is put or moved in. */
      placed: readonly Placed[];
    }
  | Refused
  /** Done one by one they could be; all together nothing stands where it may. */
  | { ok: false; panel: string; because: string };

/** Devices that chosen works are done on. */
function busyBy({ assessment }: Ground, chosen: readonly Option[]): ReadonlySet<string> {
  const places = new Map(assessment.findings.map(({ key, verdict }) => [key, verdict]));
  return new Set(
    chosen.flatMap(({ finding }) => {
      const verdict = finding === undefined ? undefined : places.get(finding);
      const panel = assessment.site.panels.find(({ id }) => id === verdict?.panel);
      if (!verdict || !panel) return [];
      return [verdict.place.ref, ...verdict.place.related].flatMap(
        (ref) => deviceOn(panel, ref)?.id ?? [],
      );
    }),
  );
}

/** All works one after another, each where it first found room. */
function carriedOut(
  ground: Ground,
  chosen: readonly Option[],
  pairs: readonly Condensed[] = [],
): { ok: true; work: Work } | Refused {
  const work = new Work(
    ground.entries,
    idsFrom('plan-'),
    ground.assessment.site,
    pairs,
    busyBy(ground, chosen),
  );
  const done: Option[] = [];
  for (const option of inOrder(chosen)) {
    const refusal = option.apply(work) ?? work.refusal;
    if (refusal !== undefined)
      return { ok: false, refused: option, before: done, because: refusal };
    done.push(option);
  }
  return { ok: true, work };
}

/** How often the pairs of a placement may change what else is done before the first are kept. */
const mostTurns = 3;

/** The state after all chosen works, everything where the placement puts it, as the rules judge it. */
export function assemble(highs: Highs, ground: Ground, chosen: readonly Option[]): Assembled {
  const { site, yardstick } = ground.assessment;
  let carried = carriedOut(ground, chosen);
  if (!carried.ok) return carried;
  let all: Placed[] = [];
  for (let turn = 0; turn < mostTurns; turn += 1) {
    const { work } = carried;
    all = [];
    for (const panel of panelsToPlace(site, work)) {
      const one = placed(highs, site, work, panel, yardstick);
      if (!one)
        return {
          ok: false,
          panel: panel.id,
          because: `in ${panel.name} not everything finds a place it may have`,
        };
      all.push(one);
    }
    const pairs = all.flatMap(pairsOf);
    if (samePairs(pairs, work.condensed)) break;
    const again = carriedOut(ground, chosen, pairs);
    if (!again.ok) return again;
    carried = again;
  }
  const { work } = carried;
  // Pairs that would not settle stay as they are, and so do the places found for them.
  if (!samePairs(all.flatMap(pairsOf), work.condensed))
    return { ok: true, ...judged(work), placed: [] };
  for (const { panel, placement } of all) {
    const halves = new Set(placement.tandems.flatMap(({ upper, lower }) => [upper, lower]));
    moveAll(
      work,
      panel,
      new Map([
        ...[...placement.at].filter(([id]) => !halves.has(id)),
        ...placement.tandems.map(({ upper, spot }) => [work.today(upper), spot] as const),
      ]),
    );
  }
  return { ok: true, ...judged(work), placed: all };

  function judged(done: Work) {
    const { assessment } = follow(done.all, ground.followed.settings, ground.followed);
    return { after: assessment, drafts: done.all.slice(ground.entries.length) };
  }
}

/** Whether works go together at all, wherever each first finds room. */
export function together(
  ground: Ground,
  chosen: readonly Option[],
): { ok: true; after: Assessment } | Refused {
  const carried = carriedOut(ground, chosen);
  if (!carried.ok) return carried;
  const { assessment } = follow(carried.work.all, ground.followed.settings, ground.followed);
  return { ok: true, after: assessment };
}

const samePairs = (a: readonly Condensed[], b: readonly Condensed[]): boolean => {
  const said = (all: readonly Condensed[]) =>
    all.map(({ panel, stays, goes }) => `${panel} ${stays} ${goes}`).sort();
  return said(a).join() === said(b).join();
};
