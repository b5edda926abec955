/** The build this program belongs to; written into it when it is made. */
export interface Build {
  /** Digest of all it was made from. */
  version: string;
  /** Paths of what a page may load: scripts, styles, fonts, programs of the solver. */
  files: readonly string[];
}
