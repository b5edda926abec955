import { format, isSameDay, parseISO } from 'date-fns';

/** When something was sent here, as it is said: "14:02", and of another day "3 April, 14:02". */
export function sentWords(at: string, now = new Date()): string {
  const moment = parseISO(at);
  return format(moment, isSameDay(moment, now) ? 'HH:mm' : 'd MMMM, HH:mm');
}
