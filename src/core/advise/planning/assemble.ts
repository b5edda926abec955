import { idsFrom } from '../../fieldwork/recording/logbook';
import type { Assessment } from '../../judge/assess/assessment';
import { follow } from '../../judge/assess/follow';
import type { Entry } from '../../record/entries/entry';
import { Work } from '../remedies/work';
import type { Ground } from './build-options';
import type { Option } from './option';
import { renewsPanel } from './option';

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

export type Assembled =
  | { ok: true; after: Assessment; drafts: readonly Entry[] }
  | { ok: false; refused: Option; before: readonly Option[]; because: string };

/** The state after all chosen works, one after another, as the rules judge it. */
export function assemble(ground: Ground, chosen: readonly Option[]): Assembled {
  const work = new Work(ground.entries, idsFrom('plan-'), ground.assessment.site);
  const done: Option[] = [];
  for (const option of inOrder(chosen)) {
    const refusal = option.apply(work) ?? work.refusal;
    if (refusal !== undefined)
      return { ok: false, refused: option, before: done, because: refusal };
    done.push(option);
  }
  const { assessment } = follow(work.all, ground.followed.settings, ground.followed);
  return { ok: true, after: assessment, drafts: work.all.slice(ground.entries.length) };
}
