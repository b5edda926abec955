import type { Assessment } from '../assess';
import type { Finding } from '../grading/finding';
import type { SiteNetwork } from './site-network';
import { siteNetwork } from './site-network';
import { explanations } from './explanations';

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

/** Computed explanation of findings about bonds, neutrals and earth; undefined for any other. */
export function whyHereOf(assessment: Assessment): (finding: Finding) => WhyHere | undefined {
  let made: SiteNetwork | undefined;
  return ({ verdict, outcome }) => {
    const explain = explanations[verdict.rule.id];
    if (!explain) return undefined;
    const { site, yardstick } = assessment;
    made ??= siteNetwork(site, yardstick);
    const panel = site.panels.find(({ id }) => id === verdict.panel);
    return panel && explain({ site, yardstick, panel, place: verdict.place, outcome, made });
  };
}
