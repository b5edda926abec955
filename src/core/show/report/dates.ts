import { addDays, format, parseISO } from 'date-fns';
import type { Entry } from '../../record/entries/entry';

/** The day of the last entry as its author's clock showed it, YYYY-MM-DD. The report speaks as of that day. */
export function asOfDay(entries: readonly Pick<Entry, 'at'>[]): string | undefined {
  const last = entries.reduce<string | undefined>(
    (latest, { at }) => (latest === undefined || Date.parse(at) > Date.parse(latest) ? at : latest),
    undefined,
  );
  return last?.slice(0, 10);
}

/** "14 Apr 2026 09:41", as the author's own clock showed it. */
export const wallTimeWords = (at: string) => format(parseISO(at.slice(0, 19)), 'd MMM yyyy HH:mm');

/** "14 April 2026" */
export const dayWords = (day: string) => format(parseISO(day), 'd MMMM yyyy');

export const daysAfter = (day: string, days: number) =>
  format(addDays(parseISO(day), days), 'yyyy-MM-dd');
