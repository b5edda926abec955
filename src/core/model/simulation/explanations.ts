import type { RuleId } from '../../vocabulary/rule-id';
import type { Explain } from './explain';
import { explainBond } from './explain-bond';
import { explainEarth } from './explain-earth';
import { explainLostNeutral } from './explain-lost-neutral';
import { explainSharedNeutral } from './explain-shared-neutral';

/** What explains the findings of a rule. */
export const explanations: Readonly<Partial<Record<RuleId, Explain>>> = {
  'ground/bond-downstream': explainBond,
  'ground/stray-current': explainBond,
  'reading/suspected-bond': explainBond,
  'neutral/wrong-bar': explainBond,
  'reading/lost-neutral': explainLostNeutral,
  'neutral/loose': explainLostNeutral,
  'breaker/shared-neutral-same-leg': explainSharedNeutral,
  'breaker/shared-neutral-no-common-disconnect': explainSharedNeutral,
  'ground/bond-missing': explainEarth,
  'ground/no-feeder-ground': explainEarth,
  'ground/bar-not-bonded': explainEarth,
};
