import { later } from '../later';

/** Fetches it, once. */
export const fetchMerging = later(() => import('./merging'));
