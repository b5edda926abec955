import type { PanelView } from '../panel/views';
import type { SiteView } from '../panel/site-view';
import type { FoundOutcome, Place } from '../rules/rule';
import type { Yardstick } from '../yardstick/yardstick';
import { explainBond } from './explain-bond';
import { explainEarth } from './explain-earth';
import { explainLostNeutral } from './explain-lost-neutral';
import { explainSharedNeutral } from './explain-shared-neutral';
import type { SiteNetwork } from './site-network';
import type { WhyHere } from './why-here';

export interface ExplainInput {
  site: SiteView;
  yardstick: Yardstick;
  panel: PanelView;
  place: Place;
  outcome: FoundOutcome;
  made: SiteNetwork;
}
export type Explain = (input: ExplainInput) => WhyHere | undefined;

/** What explains the findings of a rule. */
export const explanations: Readonly<Partial<Record<string, Explain>>> = {
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
