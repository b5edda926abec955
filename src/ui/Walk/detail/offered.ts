import type { PanelView } from '@/core/installation/panel/views';
import { formNames, formOf, isFuse } from '@/core/vocabulary/device-forms';
import type { FormName } from '@/core/vocabulary/device-forms';
import { systems } from '@/core/vocabulary/system';

/** Ratings of branch breakers, A, in the order of size: those offered at once. */
export const ratings = [15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125] as const;

/** Larger ones, A: offered behind one more touch. */
export const moreRatings = [150, 175, 200, 225, 300, 400] as const;

/** Forms a position of this panel can take, the common ones first. */
export function formsFor(panel: PanelView): FormName[] {
  const three = systems[panel.system].legs.length === 3;
  const kind = panel.kind === 'fuse' ? 'fuse' : three ? 'three-phase' : 'breaker';
  const offered = formNames.filter((name) => formOf(name).offered.includes(kind));
  // A fuse panel is asked for its fuses first.
  return kind === 'fuse'
    ? offered.sort((a, b) => Number(isFuse({ form: b })) - Number(isFuse({ form: a })))
    : offered;
}
