import type { RuleId } from '../../vocabulary/rule-id';
import type { Verdict } from '../examine/verdict';
import { verdictKey } from '../examine/verdict';

interface Cause {
  cause: RuleId;
  effects: readonly RuleId[];
  /** In the same panel, or at a place that shares a thing with the cause's. */
  near: 'panel' | 'place';
  /** Whether this effect is of that cause, where place alone does not say so. */
  only?: (effect: Verdict, cause: Verdict) => boolean;
}

const restsOn = (verdict: Verdict, about: (ref: string) => boolean) =>
  'facts' in verdict.outcome && !!verdict.outcome.facts?.some((fact) => about(fact.about));

/** One cause, one finding: the rule that names the cause keeps it, the others become its evidence. In order: of several causes the first. */
export const causes: readonly Cause[] = [
  {
    cause: 'ground/bond-downstream',
    effects: ['neutral/wrong-bar', 'reading/suspected-bond', 'ground/stray-current'],
    near: 'panel',
  },
  {
    cause: 'neutral/wrong-bar',
    effects: ['neutral/double', 'reading/suspected-bond', 'ground/stray-current'],
    near: 'panel',
    // Of doubled screws only those on the bar the neutrals do not belong on.
    only: (effect, cause) =>
      effect.rule.id !== 'neutral/double' || effect.place.ref.startsWith(`${cause.place.ref}/`),
  },
  {
    cause: 'breaker/improvised-tie',
    effects: ['breaker/shared-neutral-no-common-disconnect', 'breaker/no-common-trip'],
    near: 'place',
  },
  {
    cause: 'breaker/shared-neutral-same-leg',
    effects: ['breaker/shared-neutral-no-common-disconnect'],
    near: 'place',
  },
  // Two neutrals under one screw: that they differ in size is told with it.
  { cause: 'neutral/double', effects: ['ground/bar-screw'], near: 'place' },
  { cause: 'reading/lost-neutral', effects: ['reading/voltage-range'], near: 'panel' },
  { cause: 'reading/dead-leg', effects: ['reading/voltage-range'], near: 'panel' },
  { cause: 'breaker/not-for-this-panel', effects: ['breaker/odd-one-out'], near: 'panel' },
  ...(
    [
      'breaker/double-tap',
      'breaker/overcurrent',
      'fuse/overfused',
      'breaker/terminal-fit',
      'bus/loose-on-bus',
      'breaker/worn',
      'breaker/loose',
    ] as const
  ).map((cause): Cause => ({ cause, effects: ['breaker/burned-terminal'], near: 'place' })),
  // A burned stab and the clip burned on it are one; heat at the screw is a finding of its own.
  {
    cause: 'bus/burned-position',
    effects: ['bus/discoloured', 'breaker/burned-terminal'],
    near: 'place',
    only: (effect) =>
      effect.rule.id === 'bus/discoloured' || restsOn(effect, (ref) => !ref.includes('/')),
  },
  ...(['breaker/loose', 'service/loose', 'ground/loose'] as const).map((cause): Cause => ({
    cause,
    effects: ['reading/torque'],
    near: 'place',
  })),
  { cause: 'service/loose', effects: ['service/burned-termination'], near: 'place' },
  // What a wire besides the supply does in a lug is told with it.
  { cause: 'service/tap-before-main', effects: ['service/double-lug'], near: 'place' },
  // A tap that is a solar supply’s, and one nobody followed where such a supply comes in ahead of the main.
  {
    cause: 'service/solar',
    effects: ['service/tap-before-main'],
    near: 'panel',
    only: (effect) => effect.outcome.outcome === 'found' && effect.outcome.message === 'unknown',
  },
  {
    cause: 'service/generator-inlet',
    effects: ['service/second-supply'],
    near: 'place',
  },
  // Two legs that are one: readings and neutrals follow from it.
  {
    cause: 'bus/one-leg-feed',
    effects: ['reading/dead-leg', 'breaker/shared-neutral-same-leg', 'reading/voltage-range'],
    near: 'panel',
  },
  {
    cause: 'bus/parallel-sets',
    effects: ['service/conductor-undersized'],
    near: 'place',
  },
  {
    cause: 'neutral/through-ground-bar',
    effects: ['ground/bond-downstream', 'neutral/wrong-bar'],
    near: 'panel',
  },
  {
    cause: 'conductor/aluminium-at-breaker',
    effects: ['breaker/terminal-fit'],
    near: 'place',
  },
  ...(['load/vehicle-charger', 'load/pool'] as const).map((cause): Cause => ({
    cause,
    effects: ['load/circuit', 'breaker/protection-expected'],
    near: 'place',
    // Of a tub only the ground-fault protection is told with it; what it draws is a finding of its own.
    only: (effect) =>
      effect.rule.id === 'load/circuit'
        ? cause === 'load/vehicle-charger'
        : effect.outcome.outcome === 'found' && effect.outcome.message === 'ground-fault',
  })),
  ...(['service/broken-lug', 'service/aluminium-termination'] as const).map((cause): Cause => ({
    cause,
    effects: ['service/burned-termination'],
    near: 'place',
  })),
];

const causing: ReadonlySet<string> = new Set(causes.map(({ cause }) => cause));
const causesOf = new Map<RuleId, Cause[]>();
for (const row of causes)
  for (const effect of row.effects) causesOf.set(effect, [...(causesOf.get(effect) ?? []), row]);

/** Findings left after one cause, one finding; by key of the cause, what it took over. */
export function absorb(found: readonly Verdict[]): {
  kept: Verdict[];
  absorbed: Map<string, Verdict[]>;
} {
  const byRule = new Map<string, Verdict[]>();
  for (const verdict of found)
    if (causing.has(verdict.rule.id))
      byRule.set(verdict.rule.id, [...(byRule.get(verdict.rule.id) ?? []), verdict]);

  const causeOf = (effect: Verdict): Verdict | undefined => {
    for (const { cause, near, only } of causesOf.get(effect.rule.id) ?? [])
      for (const other of byRule.get(cause) ?? [])
        if (
          other !== effect &&
          other.panel === effect.panel &&
          (near === 'panel' || sharesThing(other, effect)) &&
          (only?.(effect, other) ?? true)
        )
          return other;
    return undefined;
  };

  const absorbed = new Map<string, Verdict[]>();
  const kept: Verdict[] = [];
  for (const verdict of found) {
    let root = causeOf(verdict);
    if (!root) {
      kept.push(verdict);
      continue;
    }
    for (let above = causeOf(root); above; above = causeOf(above)) root = above;
    const key = verdictKey(root);
    absorbed.set(key, [...(absorbed.get(key) ?? []), verdict]);
  }
  return { kept, absorbed };
}

const sharesThing = (a: Verdict, b: Verdict) =>
  a.place.related.some((ref) => b.place.related.includes(ref));
