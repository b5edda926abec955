import 'server-only';
import type { Drawings } from '@/core/show/report/blocks/sheet';
import type { PrintedPicture } from '../../db/pictures';
import type { Flow } from './flow';

/** What blocks are set with. */
export interface Press {
  flow: Flow;
  drawings: Drawings;
  /** Pictures at the size they are printed in, by digest. */
  pictures: ReadonlyMap<string, PrintedPicture>;
}
