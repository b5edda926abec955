import type { Highs } from 'highs';
import { standingsIn } from '../../judge/assess/standing';
import type { Assessment } from '../../judge/assess/assessment';
import type { Cut } from '../choosing/cut';
import { choiceName } from '../choosing/cut';
import { assemble, together } from './assemble';
import type { Assembled } from './assemble';
import type { Ground } from './build-options';
import { madeBy } from './build-options';
import { leftOf } from './left-of';
import type { Option } from './option';
import { mendsItsOwnOnly, renewsPanel } from './option';

/** Name of an option in the solver: of a finding alone, or of a whole panel. */
export const nameOf = (option: Option): string =>
  mendsItsOwnOnly(option) ? choiceName(option.finding!, option.id) : option.id;

/** What a choice claims and the rules do not confirm, as something not to be chosen again. */
export interface Objection {
  cut: Cut;
  says: string;
}

/** Judges a choice in its after-state: a refusal, a mending that is none, or something newly made is an objection. */
export function objectionTo(
  highs: Highs,
  ground: Ground,
  chosen: readonly Option[],
  assembled: Assembled,
  options: readonly Option[],
): Objection | undefined {
  if (!assembled.ok && 'panel' in assembled)
    return withoutPlace(highs, ground, chosen, assembled, options);
  if (!assembled.ok) {
    const { refused, before, because } = assembled;
    const pair = before.find((other) => !agree(ground, [other, refused]));
    return {
      cut: cutOf(pair ? [pair, refused] : [...before, refused]),
      says: `${refused.says}: ${because}`,
    };
  }
  const broken = brokenClaim(ground.assessment, chosen, assembled.after);
  if (!broken) return undefined;
  const pair = pairThat(ground, chosen, broken.by);
  return { cut: cutOf(pair ?? chosen), says: broken.says };
}

/** What takes room in a panel does not go together, unless something that gives room is done as well. */
function withoutPlace(
  highs: Highs,
  ground: Ground,
  chosen: readonly Option[],
  { panel, because }: { panel: string; because: string },
  options: readonly Option[],
): Objection {
  const takes = chosen.filter(({ uses, frees }) => (uses.positions ?? frees.positions ?? 0) > 0);
  const alone = assemble(highs, ground, takes);
  const gives = options.filter(
    (option) =>
      option.panel === panel &&
      !chosen.includes(option) &&
      ((option.frees.positions ?? 0) > 0 || renewsPanel.has(option.remedy.id)),
  );
  return {
    cut: {
      together: (!alone.ok && 'panel' in alone ? takes : chosen).map(nameOf),
      unless: gives.map(nameOf),
    },
    says: because,
  };
}

const cutOf = (options: readonly Option[]): Cut => ({ together: options.map(nameOf), unless: [] });

/** Pairs already tried in an inspection: every point of a front asks for the same ones. */
const tried = new WeakMap<Assessment, Map<string, boolean>>();

function agree(ground: Ground, pair: readonly Option[]): boolean {
  const known = tried.get(ground.assessment) ?? new Map<string, boolean>();
  tried.set(ground.assessment, known);
  const key = pair
    .map(({ id }) => id)
    .sort()
    .join(' & ');
  const before = known.get(key);
  if (before !== undefined) return before;
  const assembled = together(ground, pair);
  const does = assembled.ok && !brokenClaim(ground.assessment, pair, assembled.after);
  known.set(key, does);
  return does;
}

/** Two of the chosen that do not go together, one of them named. */
function pairThat(
  ground: Ground,
  chosen: readonly Option[],
  by: Option | undefined,
): Option[] | undefined {
  const firsts = by ? [by] : chosen;
  for (const first of firsts)
    for (const other of chosen)
      if (other !== first && other.panel === first.panel && !agree(ground, [first, other]))
        return [first, other];
  return undefined;
}

/** A finding counted as mended that is still found graver than claimed, or one above Note newly made. */
function brokenClaim(
  before: Assessment,
  chosen: readonly Option[],
  after: Assessment,
): { by: Option | undefined; says: string } | undefined {
  const standing = standingsIn(after);
  for (const finding of before.findings) {
    const { key, verdict } = finding;
    const options = chosen.filter(({ leaves }) => leaves.has(key));
    if (options.length === 0) continue;
    const claimed = Math.min(...options.map(({ leaves }) => leaves.get(key)!.points));
    const left = leftOf(finding, standing).points;
    if (left > claimed + 1e-6)
      return { by: options[0], says: `${verdict.rule.title} would still be found` };
  }
  const [made] = madeBy(before, after).filter(
    ({ key }) => !chosen.some(({ makes }) => makes.includes(key)),
  );
  return made && { by: undefined, says: `it would newly cause: ${made.verdict.rule.title}` };
}
