/** Who switches off, where it is not whoever works there. */
export const switchedOffBy = (by: string | undefined) =>
  `Switched off by: ${by ?? 'somebody else; ask who'}.`;
