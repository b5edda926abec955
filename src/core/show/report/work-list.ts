import { eachPlace } from './places';
import type { PlacedFinding } from './places';
import type { ReportData } from './report';

/** Visits by who must be there: what can be done in one is listed together. */
export const trades = [
  'In the electrician’s own visit',
  'With the utility there',
  'With a plumber or gas fitter there',
  'For the owner',
] as const;
export type Trade = (typeof trades)[number];

/** Whose visit a work belongs to, by who does it. */
export const tradeOf = ({ who }: Pick<PlacedFinding, 'who'>): Trade =>
  /utility/.test(who)
    ? trades[1]
    : /plumber|gas fitter/.test(who)
      ? trades[2]
      : /^the (owner|author)/.test(who)
        ? trades[3]
        : trades[0];

/** Findings at one place: what one visit to it mends together. */
export interface WorkPlace {
  trade: Trade;
  panelName: string;
  place: string;
  findings: PlacedFinding[];
}

/** The electrician's order: by visit, then panel, then place, the place with the gravest finding first. */
export function workList({
  findings,
  panels,
}: Pick<ReportData, 'findings' | 'panels'>): WorkPlace[] {
  const places = new Map<string, WorkPlace>();
  for (const finding of findings.flatMap(eachPlace)) {
    const trade = tradeOf(finding);
    const key = `${trade}|${finding.panel}|${finding.place}`;
    const known = places.get(key);
    if (known) known.findings.push(finding);
    else
      places.set(key, {
        trade,
        panelName: finding.panelName,
        place: finding.place,
        findings: [finding],
      });
  }
  const order = panels.map(({ id }) => id);
  return [...places.values()].sort(
    (a, b) =>
      trades.indexOf(a.trade) - trades.indexOf(b.trade) ||
      order.indexOf(a.findings[0]!.panel) - order.indexOf(b.findings[0]!.panel),
  );
}
