/** Where a check is made: a thing or part, with the words for it and what else stands there. */
export interface Place {
  ref: string;
  /** As a reader finds it: "Breaker 7", "Neutral 12", "Opening 24". */
  label: string;
  /** Things at the place whose observations are evidence for a finding there. */
  related: readonly string[];
  /** Orders places within a panel. */
  order: number;
  /** References a finding of any rule here went by before its place changed; its words are found by them. */
  formerly?: readonly string[];
}

/** Places order by what they are, then by number: panel, positions, neutral bars, ground bars, wiring. */
export const order = { panel: 0, position: 100, neutral: 10_000, ground: 20_000, wiring: 30_000 };
