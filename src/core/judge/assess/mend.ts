import type { Fact } from '../../record/entries/inspection';
import type { Finding } from '../grading/finding';

/** Work done on findings while the inspector was there. */
export interface Mend {
  id: string;
  /** Keys of what it mends, as found. */
  of: readonly string[];
  by: string | undefined;
  how: string | undefined;
  parts: string | undefined;
  /** When it was recorded, ISO 8601, and by whom. */
  at: string;
  author: string;
  /** What was measured or tried after it. */
  readings: readonly Fact[];
  /** Entries of its actions: photos among them show the state after. */
  entries: ReadonlySet<string>;
}

/** A finding as it was found, with the work on it and what the rules say of its place since. */
export interface MendedFinding {
  finding: Finding;
  mend: Mend;
  /**
   * mended: clear by what was recorded after; gone: what it was found at is not there; not-seen: what
   * was recorded after does not show it; found: still found.
   */
  now: 'mended' | 'gone' | 'not-seen' | 'found';
}
