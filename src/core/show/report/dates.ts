import { TZDate } from '@date-fns/tz';
import { UTCDate } from '@date-fns/utc';
import { addDays, format, formatISO, isValid, parseISO } from 'date-fns';
import type { Entry } from '../../record/entries/entry';
import type { DateStyle } from '../../codes/settings/letterhead';
import { isClockStrange } from '../../record/entries/strange';

/**
 * The day of the last entry as its author's clock showed it, YYYY-MM-DD. The report speaks as of that day.
 * A clock nobody can believe does not count, unless there is no other and it shows a day at all.
 * @param now nobody speaks as of a day to come: clocks ahead of it by more than a day are not believed
 */
export function asOfDay(entries: readonly Pick<Entry, 'at'>[], now?: Date): string | undefined {
  const dated = entries.filter(({ at }) => isValid(parseISO(at)));
  const believed = dated.filter((entry) => !isClockStrange(entry, now?.toISOString()));
  const last = (believed.length > 0 ? believed : dated).reduce<string | undefined>(
    (latest, { at }) => (latest === undefined || Date.parse(at) > Date.parse(latest) ? at : latest),
    undefined,
  );
  return last && clockDay(last);
}

/** "14 Apr 2026 09:41", as the author's own clock showed it. */
export const wallTimeWords = (at: string) => format(parseISO(at.slice(0, 19)), 'd MMM yyyy HH:mm');

/** "2026-04-14 09:41", as the author's own clock showed it. */
export const clock = (at: string) => format(parseISO(at.slice(0, 19)), 'yyyy-MM-dd HH:mm');

/** "2026-04-14", the day the author's own clock showed. */
export const clockDay = (at: string) => format(parseISO(at.slice(0, 19)), 'yyyy-MM-dd');

/** The day of a moment in world time, YYYY-MM-DD: what a seal is dated by. */
export const utcDay = (moment: Date) => formatISO(new UTCDate(moment), { representation: 'date' });

/** The day of a moment at a place, YYYY-MM-DD. @param timeZone IANA name */
export const dayAt = (moment: Date, timeZone: string) =>
  formatISO(new TZDate(moment, timeZone), { representation: 'date' });

/** "14 April 2026", or "April 14, 2026" where the office writes so. */
export const dayWords = (day: string, style: DateStyle = 'day-first') =>
  format(parseISO(day), style === 'month-first' ? 'MMMM d, yyyy' : 'd MMMM yyyy');

export const daysAfter = (day: string, days: number) =>
  format(addDays(parseISO(day), days), 'yyyy-MM-dd');
