import type { FactReader } from '../../record/entries/fact-reader';
import { gradeWords } from '../../vocabulary/grade';
import { lineOf } from './grade-one';
import type { Finding, Overrule } from './finding';
import type { Ruling } from './rulings';

/**
 * Applies the inspector's word: a reason must be written, and Danger now yields only to what was
 * made safe. Made safe alone changes no grade.
 */
export function applyRuling(
  finding: Finding,
  ruling: Ruling | undefined,
  reader: FactReader,
): Finding {
  const madeSafe =
    ruling?.madeSafe?.value ??
    [finding.verdict.place.ref, ...(finding.verdict.place.formerly ?? [])]
      .map((ref) => reader.value(ref, 'madeSafe'))
      .find((words) => words !== undefined);
  const placed = {
    ...finding,
    madeSafe,
    reportPlace: ruling?.reportPlace,
    apart: ruling?.apart ?? false,
  };
  const to = ruling?.overruledTo;
  if (!to) return placed;
  const refused = !ruling.reason
    ? 'no reason was written'
    : finding.computed === 'danger' && to.value !== 'danger' && !madeSafe
      ? 'Danger now yields only to what was made safe'
      : undefined;
  const overrule: Overrule = {
    to: to.value,
    reason: ruling.reason,
    by: to.author,
    at: to.at,
    entry: to.entry,
    ...(refused && { refused }),
  };
  if (refused) return { ...placed, overrule };
  const { severity, likelihood } = finding;
  return {
    ...placed,
    overrule,
    grade: to.value,
    trace: [
      ...finding.trace,
      {
        ...lineOf(`overruled: ${ruling.reason}`, gradeWords[to.value], true, {
          severity,
          likelihood,
          grade: to.value,
        }),
        entry: to.entry,
      },
    ],
  };
}
