import * as v from 'valibot';
import type { Problem } from './problem';
import { problemSchema } from './problem';

export type ReadProblem = { ok: true; problem: Problem } | { ok: false; message: string };

/** A problem from foreign JSON, or one line that says where it is not one. */
export function readProblem(json: unknown): ReadProblem {
  const read = v.safeParse(problemSchema, json);
  if (!read.success) {
    const [issue] = read.issues;
    const where = v.getDotPath(issue) ?? 'problem';
    return { ok: false, message: `${where}: ${issue.message}` };
  }
  const fault = faultIn(read.output);
  return fault ? { ok: false, message: fault } : { ok: true, problem: read.output };
}

/** Names that must be unique, or name nothing. */
function faultIn({ findings, globalRemedies }: Problem): string | undefined {
  const repeated =
    repeatedIn('findings', findings) ??
    repeatedIn('globalRemedies', globalRemedies) ??
    findings
      .map(({ id, remedies }) => repeatedIn(`remedies of finding ${id}`, remedies))
      .find(Boolean);
  if (repeated) return repeated;
  const known = new Set(findings.map(({ id }) => id));
  const globals = new Set(globalRemedies.map(({ id }) => id));
  for (const { id, covers, excludes } of globalRemedies) {
    const finding = Object.keys(covers).find((one) => !known.has(one));
    if (finding !== undefined)
      return `globalRemedies: ${id} covers ${finding}, and there is no such finding`;
    const other = excludes.find((one) => !globals.has(one));
    if (other !== undefined)
      return `globalRemedies: ${id} excludes ${other}, and there is no such global remedy`;
    if (excludes.includes(id)) return `globalRemedies: ${id} excludes itself`;
  }
  const reserved = findings
    .flatMap(({ id, remedies }) => remedies.map((one) => [id, one.id] as const))
    .find(([, one]) => one === 'leave' || one.startsWith('covered by '));
  return (
    reserved &&
    `remedies of finding ${reserved[0]}: "${reserved[1]}" is a word of the answer, not an id`
  );
}

function repeatedIn(where: string, things: readonly { id: string }[]): string | undefined {
  const seen = new Set<string>();
  for (const { id } of things) {
    if (seen.has(id)) return `${where}: ${id} stands twice`;
    seen.add(id);
  }
  return undefined;
}
