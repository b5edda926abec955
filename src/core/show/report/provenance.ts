import type { Letterhead } from '../../codes/settings/letterhead';

export interface Author {
  id: string;
  name: string;
  licence: string;
}

/** Of which inspection, as of when, recorded by whom. */
export interface Provenance {
  inspection: string;
  /** YYYY-MM-DD. */
  asOf: string | undefined;
  authors: readonly Author[];
  /** How the office shows itself; undefined: by its name alone. */
  letterhead?: Letterhead;
}

/** The name of whoever recorded something; their id where nobody of the authors has it. */
export const nameOf = (author: string, frame: Provenance) =>
  frame.authors.find((one) => one.id === author)?.name ?? author;
