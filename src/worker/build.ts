/** The build this program belongs to; written into it when it is made. */
export interface Build {
  /** Digest of all it was made from. */
  version: string;
  /** Paths of what a page may load: scripts, styles, fonts, the program of the solver. */
  files: readonly string[];
}

/** Files whose names change with what is in them: under one name there is never another. */
export const namedByContent = '/_next/static/';

/** Files that keep their names: each build has its own. */
export const named = ['/icon.svg', '/draft.js'];
