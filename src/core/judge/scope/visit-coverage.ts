import type { Want } from '../check/rule';
import type { Place } from '../check/place';
import type { Answers } from '../examine/examine';
import type { SiteView } from '../../installation/panel/site-view';
import { subjectOf } from '../examine/verdict';
import { splitRef } from '../../record/entries/thing-types';
import type { Fact, Inspection } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import type { Act } from '../../record/entries/properties/spec';
import type { Severity } from '../../vocabulary/severity';
import { readOmissions } from './omissions';
import type { Omission } from './omissions';
import { isAgreed, scopeOf } from './scopes';
import type { Scope } from './scopes';
import type { VisitAct } from './visit-act';
import { visitActs } from './visit-act';

/** An act that was agreed, and how far it was done. */
export interface ActDone extends VisitAct {
  /** What is still wanted by it, each once, the gravest first; nothing: it was made. */
  wants: {
    say: string;
    property: PropertyName;
    places: Place[];
    likely: boolean;
    severity: Severity;
    rule: string;
  }[];
  /** Why it was not made, where somebody said so. */
  omission: Omission | undefined;
}

/** How far a visit did what was agreed. */
export interface VisitCoverage {
  scope: Scope;
  /** Agreed acts there was something to do for, in the order of the walk. */
  acts: ActDone[];
  made: number;
  agreed: number;
  /** Kinds of act outside what was agreed by which something would still be seen, with how much. */
  outside: { act: Act; stages: ReadonlySet<number>; severity: Severity }[];
  /** Facts got by an act outside what was agreed: kept, and shown as such. */
  beyond: Fact[];
}

/**
 * What was agreed and what of it was done. An act counts where a fact was got by it, or a check wants
 * one; it was made where none wants more. A gap of the registry is nobody's act.
 */
export function visitCoverage(
  inspection: Pick<Inspection, 'facts'>,
  site: SiteView,
  { open, unseen }: Pick<Answers, 'open' | 'unseen'>,
): VisitCoverage {
  const scope = scopeOf(site);
  const actOf = visitActs(site);
  const omissions = readOmissions(site.reader);
  const acts = new Map<VisitAct, ActDone>();
  const outside = new Map<Act, { act: Act; stages: Set<number>; severity: Severity }>();
  const beyond: Fact[] = [];
  type Line = { line: ActDone['wants'][number]; refs: Set<string> };
  /** By act, then by what is said; those likely to be found apart. */
  const [lines, likelyLines] = [
    new Map<VisitAct, Map<string, Line>>(),
    new Map<VisitAct, Map<string, Line>>(),
  ];
  const done = (act: VisitAct): ActDone => {
    let known = acts.get(act);
    if (!known) acts.set(act, (known = { ...act, wants: [], omission: omissions.get(act.key) }));
    return known;
  };
  const wanted = (
    want: Pick<Want, 'about' | 'property' | 'say'>,
    place: Place,
    likely: boolean,
    severity: Severity,
    rule: string,
  ) => {
    const act = actOf(want.about, want.property);
    if (!act) return;
    if (!isAgreed(scope, act.act, act.stage)) {
      const known = outside.get(act.act) ?? { act: act.act, stages: new Set<number>(), severity };
      known.stages.add(act.stage);
      if (severity > known.severity) known.severity = severity;
      outside.set(act.act, known);
      return;
    }
    const { wants } = done(act);
    const byAct = likely ? likelyLines : lines;
    let ofAct = byAct.get(act);
    if (!ofAct) byAct.set(act, (ofAct = new Map()));
    const line = ofAct.get(want.say);
    if (!line) {
      const fresh = {
        say: want.say,
        property: want.property,
        places: [place],
        likely,
        severity,
        rule,
      };
      wants.push(fresh);
      ofAct.set(want.say, { line: fresh, refs: new Set([place.ref]) });
    } else {
      if (!line.refs.has(place.ref)) {
        line.refs.add(place.ref);
        line.line.places.push(place);
      }
      if (severity > line.line.severity) line.line.severity = severity;
    }
  };
  for (const { rule, place, outcome } of open)
    if (outcome.outcome === 'not-seen')
      for (const want of outcome.wants)
        if (!want.gap) wanted(want, place, outcome.likely ?? false, rule.base.severity, rule.title);
  for (const { rule, panel, places, what, about } of unseen)
    for (const place of places)
      wanted(
        { about: about ?? subjectOf(what, place, panel), property: what.property, say: what.say },
        place,
        false,
        rule.base.severity,
        rule.title,
      );
  for (const [about, facts] of inspection.facts) {
    if (site.reader.value(splitRef(about).thing, 'removed')) continue;
    for (const [property, values] of facts) {
      // What follows from other facts, nobody looked at.
      const got = values.filter(({ certainty }) => certainty !== 'inferred');
      const act = got.length > 0 ? actOf(about, property as PropertyName) : undefined;
      if (!act) continue;
      if (isAgreed(scope, act.act, act.stage)) done(act);
      else beyond.push(...got.filter(({ certainty }) => certainty !== 'told'));
    }
  }
  // Of the visit and the building first, then panel by panel as they were declared.
  const order = new Map(site.panels.map(({ id }, index) => [id, index + 1]));
  const at = ({ panel }: VisitAct) => (panel === undefined ? 0 : (order.get(panel) ?? Infinity));
  const all = [...acts.values()].sort(
    (a, b) => a.stage - b.stage || at(a) - at(b) || (a.key < b.key ? -1 : 1),
  );
  for (const { wants } of all)
    wants.sort((a, b) => Number(b.likely) - Number(a.likely) || b.severity - a.severity);
  return {
    scope,
    acts: all,
    made: all.filter(({ wants }) => wants.length === 0).length,
    agreed: all.length,
    outside: [...outside.values()],
    beyond,
  };
}
