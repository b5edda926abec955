import type { Assessment } from '../assess/assess';
import type { NotSeenLine } from '../examine/coverage';
import type { Finding } from '../grading/finding';
import { permitScopeAt } from '../../installation/panel/permit-scope';
import type { Place } from '../check/place';

/** What a permit inspection comes to. */
export type PermitResult = 'pass' | 'correct' | 'refuse';

export const permitWords: Record<PermitResult, string> = {
  pass: 'Pass',
  correct: 'Correct, then show again',
  refuse: 'Refuse',
};

export interface PermitOutcome {
  number: string | undefined;
  covers: string | undefined;
  /** Undefined: it cannot be said yet, and why. */
  result: PermitResult | undefined;
  because: string;
  /** Inside the scope of the work, to be corrected. */
  inside: Finding[];
  /** Inside the scope, and not seen. */
  toSee: NotSeenLine[];
  /** Outside the scope: told to the owner, no part of the result. */
  outside: Finding[];
}

/**
 * The second outcome of a visit: against the scope of the permitted work alone. Danger now or
 * Urgent inside it refuses; anything else found or not seen there is to be corrected or shown;
 * pointers and advice are neither. Inside the scope nothing is legacy.
 */
export function permitOutcome(assessment: Assessment): PermitOutcome | undefined {
  const { site, findings, notSeen } = assessment;
  const { reader } = site;
  if (!site.site || reader.value(site.site, 'visitKind') !== 'permit') return undefined;
  const number = reader.value(site.site, 'permitNumber');
  const covers = reader.value(site.site, 'permitScope');
  const marked = reader.ofAnything('inPermitScope').some(({ value }) => value);
  const within = (panel: string, place: Place) => permitScopeAt(reader, panel, place) !== undefined;
  const binding = findings.filter(({ verdict }) => verdict.rule.hazards.length > 0);
  const inside = binding.filter(({ verdict }) => within(verdict.panel, verdict.place));
  const outside = findings.filter((one) => !inside.includes(one));
  const toSee = notSeen
    .map((line) => ({ ...line, places: line.places.filter((place) => within(line.panel, place)) }))
    .filter((line) => line.places.length > 0);
  const frame = { number, covers, inside, toSee, outside };
  if (!number)
    return { ...frame, result: undefined, because: 'the number of the permit is not recorded' };
  if (!marked)
    return {
      ...frame,
      result: undefined,
      because: 'nothing is marked as part of the work under the permit',
    };
  const grave = inside.filter(({ grade }) => grade === 'danger' || grade === 'urgent').length;
  if (grave > 0)
    return { ...frame, result: 'refuse', because: `${grave} Danger now or Urgent inside the work` };
  if (inside.length > 0)
    return { ...frame, result: 'correct', because: `${inside.length} to correct inside the work` };
  if (toSee.length > 0)
    return {
      ...frame,
      result: 'correct',
      because: `${toSee.length} checks inside the work are still to be seen`,
    };
  return { ...frame, result: 'pass', because: 'every check inside the work was seen, none found' };
}
