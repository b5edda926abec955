import type { Assessment } from '../../judge/assess/assess';
import type { PropertyValue } from '../../record/entries/properties';
import { fill } from '../../vocabulary/fill';
import type { Grade } from '../../vocabulary/grade';
import { gradeAdvice } from '../../vocabulary/grade';

/** What the client is told to do about a grade, in words for who he is. */
export function adviceWords(
  grade: Grade,
  { settings, site }: Pick<Assessment, 'settings' | 'site'>,
): string {
  const role = site.site ? site.reader.value(site.site, 'clientRole') : undefined;
  const days = (settings.deadlineDays as Partial<Record<Grade, number>>)[grade] ?? 0;
  return fill(gradeAdvice[grade], { days, before: beforeWords(role) });
}

/** Before what, for the client's own role: nobody who lives there is told of moving in. */
const beforeWords = (role: PropertyValue<'clientRole'> | undefined): string =>
  role === undefined
    ? 'before anyone new relies on it'
    : {
        buyer: 'before moving in',
        seller: 'and told to whoever buys',
        owner: 'and nothing added to it before',
        landlord: 'and before it is let again',
        tenant: 'by the landlord, who is told in writing',
        trust: 'and before more people are let in',
        authority: 'by the owner, who is told in writing',
      }[role];
