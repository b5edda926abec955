import type { RemedyId } from '../../vocabulary/remedy-id';

/** What a remedy is called: all that a way has to know of it. */
export interface RemedyName {
  id: RemedyId;
  /** As the report and the rule's page say it, without a full stop. */
  words: string;
}
