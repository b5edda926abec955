import type { Verdict } from '../examine/verdict';
import { verdictKey } from '../examine/verdict';

/** The rule that names a cause keeps it; the other's finding in the same panel becomes its evidence. */
const causes: readonly { cause: string; effect: string }[] = [
  { cause: 'ground/bond-downstream', effect: 'neutral/wrong-bar' },
];

/** Findings left after one cause, one finding; by key of the cause, what it took over. */
export function absorb(found: readonly Verdict[]): {
  kept: Verdict[];
  absorbed: Map<string, Verdict[]>;
} {
  const absorbed = new Map<string, Verdict[]>();
  const kept = found.filter((verdict) => {
    const cause = found.find((other) =>
      causes.some(
        (pair) =>
          pair.effect === verdict.rule.id &&
          pair.cause === other.rule.id &&
          other.panel === verdict.panel,
      ),
    );
    if (!cause) return true;
    absorbed.set(verdictKey(cause), [...(absorbed.get(verdictKey(cause)) ?? []), verdict]);
    return false;
  });
  return { kept, absorbed };
}
