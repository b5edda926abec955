import { takeEntries } from '@/server/web/entries';

/** Where nothing stands in front; the front answers by the same handler. */
export const POST = takeEntries;
