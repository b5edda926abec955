import type { Who } from '../who';
import type { RecheckedReports } from './ReadOtherwise';

export interface InspectionLine {
  id: string;
  place: string;
  address: string;
  asOf: string | null;
  entries: number;
  findings: Record<string, number>;
  seenShare: number;
  /** Agreed acts, and how many were made; undefined: not counted since it last changed. */
  acts: { made: number; agreed: number; called: string } | undefined;
  /** Danger now, neither made safe nor mended. */
  dangerOpen: number;
  /** YYYY-MM-DD of the earliest deadline. */
  dueOn: string | null;
  stage: 'draft' | 'issued' | 'changed' | 'returning' | 'closed';
  issuedAs: string | null;
  /** Who has it in hand; null: nobody of this office. */
  inHand: string | null;
  /** Entries came that are not judged yet: what is told of findings is of those before. */
  behind: boolean;
}

/** What Today is drawn from. */
export interface TodaySent {
  who: Who;
  /** Days without the server after which a device shows nothing of what it keeps. */
  deviceDays: number;
  /** Letters can be read here: in the demo alone. */
  mailbox: boolean;
  due: readonly InspectionLine[];
  rechecked: RecheckedReports;
  inspections: readonly InspectionLine[];
}
