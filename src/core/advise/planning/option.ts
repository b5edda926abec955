import type { Minutes, Condition, Off, Remedy, Room, Told, Way } from '../remedies/remedy';
import type { PartId } from '../../codes/cost-book/part-id';
import type { Grade } from '../../vocabulary/grade';
import type { Work } from '../remedies/work';

/** What an option leaves of a finding: nothing, or a grade with its points. */
export interface Left {
  grade: Grade | undefined;
  points: number;
}

/** One way something could be done in this inspection, judged by what it would leave. */
export interface Option {
  /** Names it in choices and cuts, the same as long as its finding and way are. */
  id: string;
  remedy: Remedy;
  /** One way; of a rule whose remedies are steps, all of them in order. */
  ways: readonly Way[];
  says: string;
  panel: string;
  /** The finding it was thought of for; of a whole panel none. */
  finding: string | undefined;
  conditions: readonly Condition[];
  uses: Room;
  frees: Room;
  parts: Partial<Record<PartId, number>>;
  minutes: Minutes;
  off: Off;
  tell: readonly Told[];
  needsUtility: boolean;
  /** Findings it changes for the better, with what it leaves of each. */
  leaves: ReadonlyMap<string, Left>;
  /** Keys of findings above Note that it alone would make. */
  makes: readonly string[];
  /** Why it cannot be done here: a condition that does not hold, or that the work itself refused. */
  not: string | undefined;
  /** What it asks to be looked at first. */
  looks: readonly { says: string; look: string }[];
  apply(work: Work): string | void;
}

/** Whether it mends the one finding it was thought of for, and nothing else. */
export const mendsItsOwnOnly = ({ finding, leaves }: Pick<Option, 'finding' | 'leaves'>): boolean =>
  finding !== undefined && leaves.size === 1 && leaves.has(finding);

/** Works after which bus, or the whole panel, is new: of one panel only one of them. */
export const renewsPanel: ReadonlySet<string> = new Set([
  'replace-panel',
  'move-panel',
  'larger-service',
  'interior',
]);

/** Whether it may be chosen at all. */
export const possible = ({ not }: Pick<Option, 'not'>): boolean => not === undefined;
