import type { Answers } from '../examine/examine';
import { subjectOf } from '../examine/verdict';
import type { SiteView } from '../../installation/panel/site-view';
import { splitRef } from '../../record/entries/thing-types';
import type { Inspection } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import { isAgreed, scopeOf } from './scopes';
import type { Scope } from './scopes';
import type { VisitAct } from './visit-act';
import { visitActs } from './visit-act';
import type { VisitCoverage } from './visit-coverage';

/**
 * Of `visitCoverage` what lists show: how many acts were agreed and how many of them were made, without what is
 * still wanted by each and where.
 */
export function visitCounts(
  inspection: Pick<Inspection, 'facts'>,
  site: SiteView,
  { open, unseen }: Pick<Answers, 'open' | 'unseen'>,
): Pick<VisitCoverage, 'made' | 'agreed'> & { scope: Scope } {
  const scope = scopeOf(site);
  const actOf = visitActs(site);
  /** Whether something is still wanted by it. */
  const acts = new Map<VisitAct, boolean>();
  const agreed = (about: string, property: PropertyName, wanted: boolean) => {
    const act = actOf(about, property);
    if (!act || acts.get(act) || !isAgreed(scope, act.act, act.stage)) return;
    acts.set(act, wanted);
  };
  for (const { outcome } of open)
    if (outcome.outcome === 'not-seen')
      for (const { about, property, gap } of outcome.wants) if (!gap) agreed(about, property, true);
  for (const { panel, places, what, about } of unseen)
    if (about === undefined)
      for (const place of places) agreed(subjectOf(what, place, panel), what.property, true);
    else if (places.length > 0) agreed(about, what.property, true);
  for (const [about, facts] of inspection.facts) {
    if (site.reader.value(splitRef(about).thing, 'removed')) continue;
    for (const [property, values] of facts)
      // What follows from other facts, nobody looked at.
      if (values.some(({ certainty }) => certainty !== 'inferred'))
        agreed(about, property as PropertyName, false);
  }
  let made = 0;
  for (const wanted of acts.values()) if (!wanted) made += 1;
  return { scope, made, agreed: acts.size };
}
