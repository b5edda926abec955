import type { Assessment } from '../../judge/assess/assess';
import type { Finding } from '../../judge/grading/finding';
import type { SiteNetwork } from './site-network';
import { siteNetwork } from './site-network';
import type { WhyHere } from './explain';
import { explanations } from './explanations';

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
