import { format, parseISO } from 'date-fns';

/** "14 Apr 2026 09:41", by the clock of whoever looks. */
export const localTimeWords = (at: string) => format(parseISO(at), 'd MMM yyyy HH:mm');
