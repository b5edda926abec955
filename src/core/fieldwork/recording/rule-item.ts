import type { Facts } from '../../record/entries/properties';
import type { Finding } from '../../judge/grading/finding';
import { readRulings } from '../../judge/grading/rulings';
import { verdictKeys } from '../../judge/examine/verdict';
import type { SiteView } from '../../installation/panel/site-view';
import type { Draft } from './draft';
import { add, observe } from './draft';

/** The inspector's word on one thing: on each of its places, so that it holds there whatever is split off. */
export function ruleItem(
  { reader, site }: SiteView,
  findings: readonly Pick<Finding, 'key' | 'verdict'>[],
  facts: Facts,
  newId: () => string,
): Draft[] {
  const rulings = readRulings(reader);
  return findings.map(({ key, verdict }) => {
    const known = verdictKeys(verdict)
      .map((one) => rulings.get(one))
      .find(Boolean);
    return known
      ? observe(reader, known.id, facts)
      : add('ruling', newId(), site ?? null, { finding: key, ...facts });
  });
}
