import type { MessageData } from '../../vocabulary/fill';
import type { Likelihood, Severity } from '../../vocabulary/severity';
import type { Fact } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import type { Grade } from '../../vocabulary/grade';
import type { Source } from '../../codes/yardstick/yardstick';

/** A fact that is wanted: what to do to get it. */
export interface Want {
  about: string;
  property: PropertyName;
  /** Imperative and short: "read the marking beside the screw". */
  say: string;
  /** No act of the visit brings it: the registry does not know what was read. */
  gap?: true;
}

/** The answer of a check. Silence is never a pass: a missing fact that matters is *not seen*. */
export type Outcome =
  | { outcome: 'does-not-apply'; because: string }
  | { outcome: 'not-seen'; wants: readonly Want[]; likely?: boolean; facts?: readonly Fact[] }
  | FoundOutcome
  | { outcome: 'clear'; message: string; facts: readonly Fact[] };

export interface FoundOutcome {
  outcome: 'found';
  /** Id of one of the rule's messages. */
  message: string;
  data: MessageData;
  /** What the finding rests on. */
  facts: readonly Fact[];
  /** Replaces the rule's own base, with the reason. */
  base?: { severity: Severity; likelihood: Likelihood; because: string };
  /** Year the yardstick first said so in words, where it differs by place. null = always. */
  since?: number | null;
  /** The gravest the grade can be, and why. */
  most?: { grade: Grade; because: string };
  /** Danger now in every school, and why. */
  danger?: string;
  /** Ordinary assumptions made, each with what would clear it. */
  presumes?: readonly string[];
  /** Facts that would sharpen but cannot change the finding. */
  wants?: readonly Want[];
  sources?: readonly Source[];
}

export const clear = (message: string, ...facts: (Fact | undefined)[]): Outcome => ({
  outcome: 'clear',
  message,
  facts: facts.includes(undefined) ? facts.filter((fact) => fact !== undefined) : (facts as Fact[]),
});
export const doesNotApply = (because: string): Outcome => ({ outcome: 'does-not-apply', because });
export const notSeen = (...wants: Want[]): Outcome => ({ outcome: 'not-seen', wants });
export const likelyNotSeen = (facts: readonly (Fact | undefined)[], ...wants: Want[]): Outcome => ({
  outcome: 'not-seen',
  likely: true,
  wants,
  facts: facts.filter((fact) => fact !== undefined),
});
export const want = (about: string, property: PropertyName, say: string): Want => ({
  about,
  property,
  say,
});
/** A want that no act of the visit brings. */
export const gap = (wanted: Want): Want => ({ ...wanted, gap: true });
export const present = (...facts: (Fact | undefined)[]): Fact[] =>
  facts.filter((fact) => fact !== undefined);

/** A finding that rests on facts some of which may be absent. */
export const found = (
  message: string,
  data: MessageData,
  facts: readonly (Fact | undefined)[],
  more: Omit<Partial<FoundOutcome>, 'outcome' | 'message' | 'data' | 'facts'> = {},
): FoundOutcome => ({
  outcome: 'found',
  message,
  data,
  facts: facts.filter((fact) => fact !== undefined),
  ...more,
});
