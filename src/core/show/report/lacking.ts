import type { Assessment } from '../../judge/assess/assess';
import { verdictKeys } from '../../judge/examine/verdict';
import type { Grade } from '../../vocabulary/grade';
import { graver } from '../../vocabulary/grade';
import { keyOf } from './closing';
import { eachPlace } from './places';
import type { ReportData, ReportFinding } from './report';

/** A Danger now or an Urgent of today's rules that an issued report lacks. */
export interface Lacking {
  key: string;
  title: string;
  place: string;
  grade: Grade;
  /** The report has it, at this lesser grade. */
  was: Grade | undefined;
}

const pressing = (grade: Grade): boolean => grade === 'danger' || grade === 'urgent';

/**
 * What the rules as they are now find in the facts a report was sealed with, that is Danger now or Urgent
 * and that the report does not have, or has at a lesser grade.
 * @param then the sealed entries, assessed with the sealed settings
 */
export function lackingIn({ findings }: Pick<ReportData, 'findings'>, then: Assessment): Lacking[] {
  const said = new Map<string, ReportFinding>(
    findings.flatMap(eachPlace).map((one) => [keyOf(one), one]),
  );
  return then.findings.flatMap(({ key, verdict, grade, absorbed }) => {
    if (!pressing(grade)) return [];
    const before = [verdict, ...absorbed]
      .flatMap(verdictKeys)
      .flatMap((one) => said.get(one)?.grade ?? [])
      .reduce<Grade | undefined>((a, b) => (a ? graver(a, b) : b), undefined);
    if (before && graver(before, grade) === before) return [];
    return [{ key, title: verdict.rule.title, place: verdict.place.label, grade, was: before }];
  });
}
