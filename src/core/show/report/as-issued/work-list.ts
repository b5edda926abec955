import type { ReportData, ReportFinding } from '../report';

/** Findings at one place: what one visit to it mends together. */
export interface WorkPlace {
  panelName: string;
  place: string;
  findings: ReportFinding[];
}

/** The electrician's order: by panel, then by place, the place with the gravest finding first. */
export function workList({
  findings,
  panels,
}: Pick<ReportData, 'findings' | 'panels'>): WorkPlace[] {
  const places = new Map<string, WorkPlace>();
  for (const finding of findings) {
    const key = `${finding.panel}|${finding.place}`;
    const known = places.get(key);
    if (known) known.findings.push(finding);
    else
      places.set(key, {
        panelName: finding.panelName,
        place: finding.place,
        findings: [finding],
      });
  }
  const order = panels.map(({ id }) => id);
  return [...places.values()].sort(
    (a, b) => order.indexOf(a.findings[0]!.panel) - order.indexOf(b.findings[0]!.panel),
  );
}
