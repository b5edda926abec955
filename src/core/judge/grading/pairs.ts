import type { RuleId } from '../../vocabulary/rule-id';
import type { Fact } from '../../record/entries/inspection';
import type { Verdict } from '../examine/verdict';
import type { Scene } from '../check/rule';
import type { PairCondition } from './pair-conditions';
import { pairConditions } from './pair-conditions';
import type { Step } from './steps';

/** Two things that are worse together. A pair counts as one fact, and not as a symptom. */
export interface Pair {
  rules: readonly RuleId[];
  with: PairCondition;
  because: string;
  severity: number;
  likelihood: number;
}

export const pairs: readonly Pair[] = [
  {
    rules: ['neutral/double', 'neutral/loose'],
    with: 'multiwire-neutral-here',
    because: 'one of the neutrals belongs to a multiwire circuit',
    severity: 1,
    likelihood: 1,
  },
  {
    rules: ['ground/bond-downstream', 'neutral/wrong-bar'],
    with: 'current-on-water-pipe',
    because: 'more than 1 A measured on a water pipe tied at this panel',
    severity: 0,
    likelihood: 1,
  },
  {
    rules: ['breaker/double-tap', 'conductor/many-into-one'],
    with: 'listed-load-over-80',
    because: 'listed load of the joined circuits over 80 %',
    severity: 0,
    likelihood: 1,
  },
  {
    rules: ['ground/bond-missing'],
    with: 'electrode-missing',
    because: 'the electrode is missing too',
    severity: 0,
    likelihood: 1,
  },
  {
    rules: ['breaker/hazard-family'],
    with: 'distress-in-panel',
    because: 'heat, arcing, looseness or a failed trip in this panel',
    severity: 0,
    likelihood: 1,
  },
  {
    rules: ['enclosure/open-knockout', 'enclosure/open-position'],
    with: 'came-in-here',
    because: 'water or insects came in by that opening',
    severity: 0,
    likelihood: 1,
  },
];

/** The steps other facts of the inspection add to a finding. */
export function pairSteps(verdict: Verdict, scene: Scene, found: readonly Verdict[]): Step[] {
  const steps: Step[] = [];
  for (const pair of pairs) {
    if (!pair.rules.includes(verdict.rule.id)) continue;
    const fact: Fact | undefined = pairConditions[pair.with](verdict, scene, found);
    if (!fact) continue;
    const { because, severity, likelihood } = pair;
    steps.push({
      because: `raised because ${because}`,
      severity,
      likelihood,
      fact,
      kind: 'rise',
    });
  }
  return steps;
}
