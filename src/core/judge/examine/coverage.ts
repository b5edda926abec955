import type { PropertyName } from '../../record/entries/properties';
import type { Place, Rule, Want } from '../check/rule';
import type { Severity } from '../../vocabulary/severity';
import type { UnseenPlaces, Verdict } from './verdict';
import { subjectOf } from './verdict';

/** What was seen of what applies. */
export interface Coverage {
  found: number;
  clear: number;
  notSeen: number;
  /** (found + clear) / (found + clear + notSeen); 0 where nothing applies. */
  seenShare: number;
}

export function coverageOf(
  verdicts: readonly Verdict[],
  unseen: readonly UnseenPlaces[] = [],
  /** Clear ones that are not among the verdicts. */
  clearBesides = 0,
): Coverage {
  let [found, clear, notSeen] = [0, clearBesides, 0];
  for (const { places } of unseen) notSeen += places.length;
  for (const { outcome } of verdicts) {
    if (outcome.outcome === 'found') found += 1;
    else if (outcome.outcome === 'clear') clear += 1;
    else if (outcome.outcome === 'not-seen') notSeen += 1;
  }
  const all = found + clear + notSeen;
  return { found, clear, notSeen, seenShare: all === 0 ? 0 : (found + clear) / all };
}

/** One line of what was not seen: the fact wanted, by one rule, at one or more places. */
export interface NotSeenLine {
  rule: string;
  title: string;
  stage: number;
  say: string;
  panel: string;
  places: Place[];
  likely: boolean;
  /** Thing and fact wanted first. */
  about: string;
  property: PropertyName | undefined;
  /** Of the rule's base: what could hide there. */
  severity: Severity;
}

/** Repeated places as one line, the most useful first. */
export function notSeenLines(
  verdicts: readonly Verdict[],
  unseen: readonly UnseenPlaces[] = [],
): NotSeenLine[] {
  const lines = new Map<Rule, NotSeenLine[]>();
  const line = (
    rule: Rule,
    panel: string,
    say: string,
    likely: boolean,
    want: Want | undefined,
  ) => {
    let known = lines.get(rule);
    if (!known) lines.set(rule, (known = []));
    let one = known.find(
      (each) => each.say === say && each.panel === panel && each.likely === likely,
    );
    if (!one) {
      one = {
        rule: rule.id,
        title: rule.title,
        stage: rule.stage,
        say,
        about: want?.about ?? panel,
        property: want?.property,
        panel,
        places: [],
        likely,
        severity: rule.base.severity,
      };
      known.push(one);
    }
    return one;
  };
  for (const { rule, panel, place, outcome } of verdicts) {
    if (outcome.outcome !== 'not-seen') continue;
    const { wants, likely = false } = outcome;
    const say = wants.length === 1 ? wants[0]!.say : wants.map((one) => one.say).join('; ');
    line(rule, panel, say, likely, wants[0]).places.push(place);
  }
  for (const { rule, panel, places, what, about } of unseen) {
    const [first] = places;
    if (!first) continue;
    const want = {
      about: about ?? subjectOf(what, first, panel),
      property: what.property,
      say: what.say,
    };
    line(rule, panel, what.say, false, want).places.push(...places);
  }
  return [...lines.values()]
    .flat()
    .sort(
      (a, b) =>
        Number(b.likely) - Number(a.likely) ||
        b.severity - a.severity ||
        b.places.length - a.places.length ||
        (a.rule < b.rule ? -1 : 1),
    );
}
