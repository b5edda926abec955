import { differenceInCalendarDays } from 'date-fns';
import type { Kept } from './kept';

/** Where the office said nothing that is kept here. */
const proposedDays = 30;

/**
 * For how many days an office agreed that its devices show what they keep without hearing from it, where it is
 * longer ago than that; undefined: it is not.
 * @param kept what is asked for and the list of Today, whichever are here
 */
export function agreedDaysPast(
  kept: readonly (Pick<Kept, 'at' | 'sent'> | undefined)[],
  now: Date,
): number | undefined {
  const here = kept.filter((one) => one !== undefined);
  const days =
    here.map(({ sent }) => daysIn(sent)).find((one) => one !== undefined) ?? proposedDays;
  const heard = Math.max(...here.map(({ at }) => Date.parse(at)));
  return differenceInCalendarDays(now, new Date(heard)) > days ? days : undefined;
}

function daysIn(sent: unknown): number | undefined {
  const said = (sent as { deviceDays?: unknown } | null)?.deviceDays;
  return typeof said === 'number' ? said : undefined;
}
