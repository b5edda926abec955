import { workingSpaceDepth } from './access/working-space-depth';
import { openPosition } from './enclosure/open-position';
import { burnedPosition } from './bus/burned-position';
import { doubleTap } from './breaker/double-tap';
import { overcurrent } from './breaker/overcurrent';
import { notForThisPanel } from './breaker/not-for-this-panel';
import { tandemNotAllowed } from './breaker/tandem-not-allowed';
import { improvisedTie } from './breaker/improvised-tie';
import { hazardFamily } from './breaker/hazard-family';
import { sharedNeutralSameLeg } from './breaker/shared-neutral-same-leg';
import { whiteAsHot } from './conductor/white-as-hot';
import { doubledNeutral } from './neutral/double';
import { wrongBar } from './neutral/wrong-bar';
import { bondMissing } from './ground/bond-missing';
import { bondDownstream } from './ground/bond-downstream';
import { overfilledGround } from './ground/overfilled';
import type { Rule } from './rule';

/** Every rule, in the order they are examined. A retired id stays here as a comment and is never used again. */
export const rules: readonly Rule[] = [
  workingSpaceDepth,
  openPosition,
  burnedPosition,
  doubleTap,
  overcurrent,
  notForThisPanel,
  tandemNotAllowed,
  improvisedTie,
  hazardFamily,
  sharedNeutralSameLeg,
  whiteAsHot,
  doubledNeutral,
  wrongBar,
  bondMissing,
  bondDownstream,
  overfilledGround,
];

export const ruleById: ReadonlyMap<string, Rule> = new Map(rules.map((rule) => [rule.id, rule]));
