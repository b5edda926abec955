import type { ReportFinding, ReportPlace } from './report';

/** A finding at one of its places. */
export type PlacedFinding = ReportFinding & ReportPlace;

/** A finding place by place. */
export const eachPlace = (finding: ReportFinding): PlacedFinding[] =>
  finding.places.map((place) => ({ ...finding, ...place, places: [place] }));

/** "3", or "3a" where it has several places. */
export const numberWords = ({ number, letter }: { number: number; letter?: string }): string =>
  `${number}${letter ?? ''}`;

/** "Breaker 1", or "Breakers …": every place of a finding in a line, with its letter and panel where there are several. */
export function placesWords({ places }: Pick<ReportFinding, 'places'>): string {
  const [first] = places as [ReportPlace];
  if (places.length === 1) return `${first.panelName}, ${first.place}`;
  const panels = new Set(places.map(({ panelName }) => panelName));
  const lines = places.map(
    ({ letter, panelName, place }) =>
      `${letter} ${panels.size > 1 ? `${panelName}, ` : ''}${place}`,
  );
  return panels.size > 1 ? lines.join('; ') : `${first.panelName}: ${lines.join(', ')}`;
}
