import type { ReportData, ReportFinding } from './report';

/** A report as sealed before it told what was mended on the visit. */
export type ReportData4 = Omit<ReportData, 'version' | 'mended'> & { version: 4 };

/** A report as sealed before what each reader is shown was sealed with it. */
export type ReportData3 = Omit<ReportData4, 'version' | 'text'> & { version: 3 };

type AddedThird = 'version' | 'head' | 'told';
type AddedThirdToFinding = 'also' | 'untilThen';

/** A report as sealed before it told what was told, and what to do until a danger is made safe. */
export type ReportData2 = Omit<ReportData3, AddedThird | 'findings'> & {
  version: 2;
  findings: Omit<ReportFinding, AddedThirdToFinding>[];
};

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
export type ReportData1 = Omit<ReportData2, Added | 'findings' | 'panels'> & {
  version?: undefined;
  findings: Omit<ReportFinding, AddedToFinding | AddedThirdToFinding>[];
  panels: Omit<ReportData['panels'][number], 'label'>[];
};

/** A sealed report of any version as one of today; parts it did not have are empty, never made up. */
export function readReportData(sealed: unknown): ReportData {
  const report = sealed as ReportData | ReportData4 | ReportData3 | ReportData2 | ReportData1;
  switch (report.version) {
    case 5:
      return report;
    case 4:
      return fifthOf(report);
    case 3:
      return fifthOf(fourthOf(report));
    case 2:
      return fifthOf(fourthOf(thirdOf(report)));
    default:
      return fifthOf(fourthOf(thirdOf(secondOf(report))));
  }
}

const fifthOf = (report: ReportData4): ReportData => ({ ...report, version: 5, mended: undefined });

const fourthOf = (report: ReportData3): ReportData4 => ({ ...report, version: 4 });

const secondOf = (report: ReportData1): ReportData2 => ({
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
});

const thirdOf = (report: ReportData2): ReportData3 => ({
  ...report,
  version: 3,
  head: [],
  told: [],
  findings: report.findings.map((finding) => ({ ...finding, also: [], untilThen: [] })),
});
