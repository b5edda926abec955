import type { Choice } from './choice';
import { leave } from './choice';
import type { Cut } from './cut';
import { choiceName } from './cut';
import type { Problem, ProblemFinding, ProblemRemedy } from './problem';
import { sameWithin } from './problem';
import type { Option as SearchOption } from './search';
import { optionsOf } from './search';

/** Most ways kept of findings put together; beyond it the others stay by themselves. */
const mostWays = 240;

export interface Merged {
  problem: Problem;
  /** The choice of the whole problem that one of the smaller problem stands for. */
  expand(choice: Choice): Choice;
}

interface Together {
  cost: number;
  risk: number;
  works: boolean;
  utility: boolean;
  picks: Record<string, string>;
}

/**
 * Findings that touch nothing the others touch, no room that runs out, no global remedy, no cut, are
 * one finding whose ways are the sums none of which is outdone. The front stays the same.
 */
export function mergeIndependent(problem: Problem, cuts: readonly Cut[]): Merged {
  const covered = new Set(problem.globalRemedies.flatMap(({ covers }) => Object.keys(covers)));
  const cut = new Set(cuts.flatMap(({ together, unless }) => [...together, ...unless]));
  const independent = ({ id, remedies }: ProblemFinding) =>
    !covered.has(id) &&
    remedies.every(
      (one) =>
        Object.keys(one.uses).length === 0 &&
        Object.keys(one.frees).length === 0 &&
        !cut.has(choiceName(id, one.id)),
    );
  let ways: Together[] = [{ cost: 0, risk: 0, works: false, utility: false, picks: {} }];
  const merged = new Set<string>();
  for (const finding of problem.findings) {
    if (!independent(finding)) continue;
    const next = undominated(
      ways.flatMap((way) =>
        optionsOf(finding, problem, [], () => []).map((pick) => withPick(way, finding.id, pick)),
      ),
    );
    if (next.length === 0 || next.length > mostWays) continue;
    ways = next;
    merged.add(finding.id);
  }
  if (merged.size < 2) return { problem, expand: (choice) => choice };
  const id = `together:${[...merged].join('+')}`;
  const asRemedy = (way: Together, at: number): ProblemRemedy => ({
    id: `way-${at}`,
    parts: way.cost,
    minutes: 0,
    uses: {},
    frees: {},
    needsUtility: way.utility,
    gradeLeft: 'none',
    riskLeftPoints: way.risk,
  });
  const idle = ways.findIndex(({ works }) => !works);
  return {
    problem: {
      ...problem,
      findings: [
        ...problem.findings.filter((finding) => !merged.has(finding.id)),
        {
          id,
          riskPoints: idle < 0 ? 0 : ways[idle]!.risk,
          mustMend: idle < 0,
          remedies: ways.flatMap((way, at) => (way.works ? [asRemedy(way, at)] : [])),
        },
      ],
    },
    expand({ globalRemedies, byFinding }) {
      const { [id]: what, ...others } = byFinding;
      const at = what === undefined || what === leave ? idle : Number(what.slice('way-'.length));
      return { globalRemedies, byFinding: { ...others, ...ways[at]?.picks } };
    },
  };
}

const withPick = (way: Together, finding: string, pick: SearchOption): Together => ({
  cost: way.cost + pick.cost,
  risk: way.risk + pick.risk,
  works: way.works || pick.works,
  utility: way.utility || pick.utility,
  picks: { ...way.picks, [finding]: pick.what },
});

/** Of ways with the same fees those that none equals or betters in money and risk. */
function undominated(ways: readonly Together[]): Together[] {
  const kept: Together[] = [];
  for (const works of [false, true])
    for (const utility of [false, true]) {
      let least = Infinity;
      const same = ways
        .filter((way) => way.works === works && way.utility === utility)
        .sort((a, b) => a.cost - b.cost || a.risk - b.risk);
      for (const way of same)
        if (way.risk < least - sameWithin) {
          kept.push(way);
          least = way.risk;
        }
    }
  return kept;
}
