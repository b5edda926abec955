/**
 * What the judge sent back: these choices are not done together, unless one of those is done too.
 * A choice is named `finding=remedy`, a global remedy by its id.
 */
export interface Cut {
  together: readonly string[];
  unless: readonly string[];
}

/** Name of a finding's remedy in a cut. */
export const choiceName = (finding: string, remedy: string) => `${finding}=${remedy}`;
