import type { ReportData, ReportFinding } from './report';

type Added =
  | 'version'
  | 'photos'
  | 'directories'
  | 'shutOff'
  | 'comparisons'
  | 'glossary'
  | 'referrals'
  | 'notes'
  | 'staysOn';
type AddedToFinding =
  'remediesInOrder' | 'hazards' | 'photos' | 'exact' | 'torque' | 'isolation' | 'readingsAfter';

/** A report as sealed before it had photos, directories and the electrician's facts. */
export type ReportData1 = Omit<ReportData, Added | 'findings' | 'panels'> & {
  version?: undefined;
  findings: Omit<ReportFinding, AddedToFinding>[];
  panels: Omit<ReportData['panels'][number], 'label'>[];
};

/** A sealed report of any version as one of today; parts it did not have are empty, never made up. */
export function readReportData(sealed: unknown): ReportData {
  const report = sealed as ReportData | ReportData1;
  if (report.version === 2) return report;
  return {
    ...report,
    version: 2,
    photos: [],
    directories: [],
    shutOff: [],
    comparisons: [],
    glossary: [],
    referrals: [],
    notes: [],
    staysOn: undefined,
    panels: report.panels.map((panel) => ({ ...panel, label: '' })),
    findings: report.findings.map((finding) => ({
      ...finding,
      remediesInOrder: false,
      hazards: [],
      photos: [],
      exact: [],
      torque: '',
      isolation: '',
      readingsAfter: [],
    })),
  };
}
