import { later } from '../later';

/** Fetches what judges, once. */
export const fetchJudging = later(() => import('./judging'));
