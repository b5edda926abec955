import * as v from 'valibot';
import { grades, gradeWords } from '../../../vocabulary/grade';
import { property } from './spec';

const text = (most: number) => v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(most));

/** What an inspector decides about a finding, beside what was computed. */
export const rulingProperties = {
  /** Rule and place of the finding: `breaker/double-tap|d1/t1`. */
  finding: property({
    on: ['ruling'],
    schema: v.pipe(
      v.string(),
      v.regex(/^[a-z]+\/[a-z-]+\|[A-Za-z0-9_-]{1,64}(\/[a-z0-9]{1,12})?$/),
    ),
    label: 'Finding',
    input: 'none',
    act: 'none',
  }),
  overruledTo: property({
    on: ['ruling'],
    schema: v.nullable(v.picklist(grades)),
    label: 'Overruled to',
    input: 'none',
    act: 'none',
    choices: gradeWords,
  }),
  overruleReason: property({
    on: ['ruling'],
    schema: text(600),
    label: 'Reason for overruling',
    input: 'none',
    act: 'none',
  }),
  /** What was done, and when: shown beside the computed grade. */
  madeSafeHow: property({
    on: ['ruling'],
    schema: text(600),
    label: 'Made safe: what was done, when',
    input: 'none',
    act: 'none',
  }),
  /** Key of the finding it is reported under; null = on its own. */
  mergedInto: property({
    on: ['ruling'],
    schema: v.nullable(text(180)),
    label: 'Reported under',
    input: 'none',
    act: 'none',
  }),
  /** Told apart from findings like it. */
  toldApart: property({
    on: ['ruling'],
    schema: v.boolean(),
    label: 'Split off from findings like it',
    input: 'none',
    act: 'none',
  }),
  /** Place in the report before all that have none; null = by priority. */
  reportPlace: property({
    on: ['ruling'],
    schema: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(999))),
    label: 'Place in the report',
    input: 'none',
    act: 'none',
  }),
};
