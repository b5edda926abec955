import type { GlobalRemedy, Problem, ProblemFinding, ProblemRemedy } from './problem';
import type { Cut } from './cut';
import { choiceName } from './cut';
import { costOfWork, leavesItBelowUrgent } from './problem';

/**
 * A problem with the same front and fewer choices. Gone are: room that never runs out; remedies that
 * another of the same finding (or leaving it) equals or betters in money, risk and room; global
 * remedies that give nothing. What a cut forbids together never outdoes another choice, and what
 * lifts a cut stays.
 */
export function prune(problem: Problem, cuts: readonly Cut[] = []): Problem {
  const binding = bindingRooms(problem);
  const named = (of: (cut: Cut) => readonly string[]) => new Set(cuts.flatMap(of));
  const cut: InCuts = {
    together: named((one) => one.together),
    unless: named((one) => one.unless),
  };
  const trim = <W extends ProblemRemedy | GlobalRemedy>(work: W): W => ({
    ...work,
    uses: only(work.uses, binding),
    frees: only(work.frees, binding),
  });
  const globalRemedies = problem.globalRemedies
    .map(trim)
    .filter(
      (one) =>
        cut.unless.has(one.id) || (gives(one, problem) && !outdoneByParts(one, problem, trim, cut)),
    );
  const gone = new Set(
    problem.globalRemedies
      .map(({ id }) => id)
      .filter((id) => !globalRemedies.some((one) => one.id === id)),
  );
  return {
    ...problem,
    room: only(problem.room, binding),
    findings: problem.findings.map((finding) => ({
      ...finding,
      remedies: undominated({ ...finding, remedies: finding.remedies.map(trim) }, problem, cut),
    })),
    globalRemedies: globalRemedies.map((one) => ({
      ...one,
      excludes: one.excludes.filter((id) => !gone.has(id)),
    })),
  };
}

interface InCuts {
  together: ReadonlySet<string>;
  unless: ReadonlySet<string>;
}

/** Kinds of room that can run out: in the end more could be taken than there is. */
function bindingRooms({ room, findings, globalRemedies }: Problem): ReadonlySet<string> {
  const most = new Map<string, number>();
  const add = (kind: string, many: number) => most.set(kind, (most.get(kind) ?? 0) + many);
  const taken = (works: readonly (ProblemRemedy | GlobalRemedy)[]) => {
    const least = new Map<string, number>();
    for (const work of works)
      for (const kind of Object.keys(work.uses))
        least.set(kind, Math.max(net(work, kind), least.get(kind) ?? 0));
    return least;
  };
  for (const { remedies } of findings) for (const [kind, many] of taken(remedies)) add(kind, many);
  for (const global of globalRemedies) for (const [kind, many] of taken([global])) add(kind, many);
  return new Set(
    [...most].filter(([kind, many]) => many > (room[kind] ?? 0)).map(([kind]) => kind),
  );
}

const only = (amounts: Readonly<Record<string, number>>, kinds: ReadonlySet<string>) =>
  Object.fromEntries(Object.entries(amounts).filter(([kind, many]) => kinds.has(kind) && many > 0));

const gives = ({ covers, frees }: GlobalRemedy, { findings }: Problem) =>
  Object.keys(frees).length > 0 ||
  findings.some(({ id, riskPoints, mustMend }) => {
    const residue = covers[id];
    return residue && (mustMend || residue.riskLeftPoints < riskPoints);
  });

/** Whether the findings a global remedy mends are mended as well one by one, for no more. */
function outdoneByParts(
  global: GlobalRemedy,
  problem: Problem,
  trim: <W extends ProblemRemedy | GlobalRemedy>(work: W) => W,
  cut: InCuts,
): boolean {
  if (Object.keys(global.frees).length > 0) return false;
  let cost = 0;
  for (const finding of problem.findings) {
    const residue = global.covers[finding.id];
    if (!residue || (finding.mustMend && !leavesItBelowUrgent(residue))) continue;
    if (!finding.mustMend && residue.riskLeftPoints >= finding.riskPoints) continue;
    const parts = finding.remedies
      .map(trim)
      .filter(
        (one) =>
          one.riskLeftPoints <= residue.riskLeftPoints &&
          (!finding.mustMend || leavesItBelowUrgent(one)) &&
          (!one.needsUtility || global.needsUtility) &&
          Object.keys(one.uses).length === 0 &&
          !cut.together.has(choiceName(finding.id, one.id)),
      )
      .map((one) => costOfWork(one, problem));
    if (parts.length === 0) return false;
    cost += Math.min(...parts);
  }
  return cost <= costOfWork(global, problem);
}

function undominated(finding: ProblemFinding, problem: Problem, cut: InCuts): ProblemRemedy[] {
  const name = ({ id }: ProblemRemedy) => choiceName(finding.id, id);
  const useful = finding.remedies.filter(
    (one) =>
      cut.unless.has(name(one)) ||
      ((!finding.mustMend || leavesItBelowUrgent(one)) &&
        (finding.mustMend ||
          one.riskLeftPoints < finding.riskPoints ||
          Object.keys(one.frees).length > 0)),
  );
  const beats = (a: ProblemRemedy, b: ProblemRemedy) =>
    !cut.together.has(name(a)) &&
    costOfWork(a, problem) <= costOfWork(b, problem) &&
    a.riskLeftPoints <= b.riskLeftPoints &&
    (!a.needsUtility || b.needsUtility) &&
    everyKind(a, b, (kind) => net(a, kind) <= net(b, kind));
  return useful.filter(
    (one, index) =>
      cut.unless.has(name(one)) ||
      !useful.some(
        (other, at) => other !== one && beats(other, one) && (!beats(one, other) || at < index),
      ),
  );
}

/** Room a remedy takes in the end: less than nothing where it gives some back. */
const net = ({ uses, frees }: Pick<ProblemRemedy, 'uses' | 'frees'>, kind: string) =>
  (uses[kind] ?? 0) - (frees[kind] ?? 0);

const everyKind = (a: ProblemRemedy, b: ProblemRemedy, holds: (kind: string) => boolean) =>
  [a.uses, a.frees, b.uses, b.frees].flatMap(Object.keys).every(holds);
