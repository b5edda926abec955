import type { StageState } from '@/core/fieldwork/walk/stage-states';
import type { Selection } from '../Book/context';

/** The stage that what is in hand belongs to; 0 for a thing of its own. */
export const currentStage = (selection: Selection): number =>
  selection.kind === 'stage'
    ? selection.stage
    : { screw: 9, thing: 8, position: 8 }[selection.kind];

/** "9 of 12 agreed", or what was noted where no act is counted. */
export function seenWords({ made, agreed, noted, asked }: StageState): string {
  if (agreed > 0) return `${made} of ${agreed} agreed`;
  return asked > 0 ? `${noted} of ${asked} noted` : '';
}
