import type { Facts } from '../../record/entries/properties';
import { formOf } from '../../vocabulary/device-forms';
import type { FormName } from '../../vocabulary/device-forms';

/** What stands instead: its facts, as they would be recorded of a new device. */
export type Replacement = Pick<
  Facts,
  | 'form'
  | 'handleRatingsA'
  | 'maker'
  | 'breakerType'
  | 'protection'
  | 'terminalTakes'
  | 'tie'
  | 'fuseBase'
  | 'insertA'
  | 'yearBuilt'
  | 'remark'
>;

/** Ratings as many as the form's handles, all alike. */
export const ratingsOf = (form: FormName, ratingA: number): number[] =>
  Array.from({ length: Math.max(...formOf(form).handles) + 1 }, () => ratingA);
