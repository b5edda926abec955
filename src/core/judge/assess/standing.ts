import { keyToday } from '../../installation/panel/standing-in';
import { verdictKeys } from '../examine/verdict';
import type { Finding } from '../grading/finding';
import type { Assessment } from './assessment';

/** What the rules now say of something that was found: under its own key, or taken over by its cause. */
export interface Standing {
  state: 'found' | 'taken-over' | 'not-seen' | 'mended' | 'gone';
  finding: Finding | undefined;
}

/** How findings known by their keys stand in an assessment; they are found by older keys too. */
export function standingsIn(assessment: Assessment): (key: string) => Standing {
  const found = new Map<string, Finding>();
  const over = new Set<string>();
  for (const finding of assessment.findings) {
    for (const key of verdictKeys(finding.verdict)) if (!found.has(key)) found.set(key, finding);
    for (const verdict of finding.absorbed) for (const key of verdictKeys(verdict)) over.add(key);
  }
  let outcomes: Map<string, string[]> | undefined;
  const answers = () => {
    if (outcomes) return outcomes;
    outcomes = new Map();
    for (const verdict of assessment.verdicts)
      for (const key of verdictKeys(verdict)) {
        const known = outcomes.get(key);
        if (known) known.push(verdict.outcome.outcome);
        else outcomes.set(key, [verdict.outcome.outcome]);
      }
    return outcomes;
  };
  return (before) => {
    const key = keyToday(assessment.site.reader, before);
    const finding = found.get(key);
    if (finding) return { state: 'found', finding };
    if (over.has(key)) return { state: 'taken-over', finding };
    const answered = answers().get(key);
    const open = answered?.some((one) => one === 'not-seen' || one === 'found');
    return { state: !answered ? 'gone' : open ? 'not-seen' : 'mended', finding };
  };
}
