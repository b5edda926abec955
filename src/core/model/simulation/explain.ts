import type { PanelView } from '../../installation/panel/views';
import type { SiteView } from '../../installation/panel/site-view';
import type { FoundOutcome, Place } from '../../judge/check/rule';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { SiteNetwork } from './site-network';

/** A way for current in the small drawing of a finding. */
export interface Lane {
  words: string;
  /** A; undefined: open. */
  amps: number | undefined;
  /** What people can touch. */
  touchable: boolean;
}

/** What a finding does in this very house: a sentence with its figures and a small drawing. */
export interface WhyHere {
  sentence: string;
  /** What the lanes run between. */
  ends: [string, string];
  lanes: Lane[];
  /** Figures the sentence turns on that nobody recorded. */
  assumed: string[];
}

export interface ExplainInput {
  site: SiteView;
  yardstick: Yardstick;
  panel: PanelView;
  place: Place;
  outcome: FoundOutcome;
  made: SiteNetwork;
}
export type Explain = (input: ExplainInput) => WhyHere | undefined;
