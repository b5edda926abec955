import type { Examination } from '../examine/examine';
import type { School } from '../../codes/settings/settings';
import { schools } from '../../codes/settings/settings';
import type { Due } from './due';
import type { Grade } from '../../vocabulary/grade';
import { judge } from './judge';

/** What one school makes of a finding. */
export interface SchoolGrade {
  grade: Grade;
  due: Due | undefined;
}

/** Computed grades of every finding in each school, by the finding's key. */
export function schoolsCompared(
  examination: Examination,
): ReadonlyMap<string, Record<School, SchoolGrade>> {
  const compared = new Map<string, Partial<Record<School, SchoolGrade>>>();
  for (const school of schools)
    for (const { key, computed, due } of judge(examination, school))
      compared.set(key, { ...compared.get(key), [school]: { grade: computed, due } });
  return compared as ReadonlyMap<string, Record<School, SchoolGrade>>;
}
