import type { Verdict } from './verdict';

/** What was seen of what applies. */
export interface Coverage {
  found: number;
  clear: number;
  notSeen: number;
  /** (found + clear) / (found + clear + notSeen); 0 where nothing applies. */
  seenShare: number;
}

export function coverageOf(verdicts: readonly Verdict[]): Coverage {
  let [found, clear, notSeen] = [0, 0, 0];
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
  places: string[];
  likely: boolean;
}

/** Repeated places as one line; likely findings first, then the widest wants. */
export function notSeenLines(verdicts: readonly Verdict[]): NotSeenLine[] {
  const lines = new Map<string, NotSeenLine>();
  for (const { rule, panel, place, outcome } of verdicts) {
    if (outcome.outcome !== 'not-seen') continue;
    const say = outcome.wants.map((one) => one.say).join('; ');
    const key = `${rule.id}|${panel}|${say}|${outcome.likely ?? false}`;
    const line = lines.get(key);
    if (line) line.places.push(place.label);
    else
      lines.set(key, {
        rule: rule.id,
        title: rule.title,
        stage: rule.stage,
        say,
        panel,
        places: [place.label],
        likely: outcome.likely ?? false,
      });
  }
  return [...lines.values()].sort(
    (a, b) =>
      Number(b.likely) - Number(a.likely) ||
      b.places.length - a.places.length ||
      (a.rule < b.rule ? -1 : 1),
  );
}
