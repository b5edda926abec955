import { later } from '../later';

/** What tells whether held entries can still be read: wanted once something is sent or opened, not before. */
export const reading = later(() => import('./readable'));
