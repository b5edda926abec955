/** What is looked at of an entry. */
interface Stamped {
  counter: number;
  /** ISO 8601. */
  at: string;
}

/** No inspection counts so far: a counter beyond it is no count. */
export const mostCounter = 2 ** 31;

export const isBeyondCount = ({ counter }: Pick<Stamped, 'counter'>): boolean =>
  counter > mostCounter;

/** Place in the order: a counter that is none stands before all others, and nothing has to follow it. */
export const rankOf = (entry: Pick<Stamped, 'counter'>): number =>
  isBeyondCount(entry) ? 0 : entry.counter;

/** A clock in a time no panel is inspected in; or one ahead, by more than a day, of when it is read or was received. */
export function isClockStrange({ at }: Pick<Stamped, 'at'>, received?: string): boolean {
  const moment = Date.parse(at);
  if (Number.isNaN(moment)) return true;
  const year = new Date(moment).getUTCFullYear();
  if (year < 2000 || year > 2100) return true;
  return received !== undefined && moment - Date.parse(received) > 86_400_000;
}

/** What is to be said of an entry whose counter or clock cannot be believed. */
export const strangeWords = (
  entry: Pick<Stamped, 'counter' | 'at'>,
  received?: string,
): string | undefined =>
  [
    isBeyondCount(entry) && 'its counter is no count: it is read before all others',
    isClockStrange(entry, received) && 'the clock of the device was wrong',
  ]
    .filter(Boolean)
    .join('; ') || undefined;
