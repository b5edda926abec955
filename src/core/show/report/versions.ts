import type { ReportData, ReportFinding, ReportMended, ReportPlace } from './report';

type FindingOf5 = Omit<ReportFinding, 'places'>;

/** A report as sealed before offices had a letterhead. */
export type ReportData7 = Omit<ReportData, 'version' | 'letterhead'> & { version: 7 };

/** A report as sealed before it told of plans. */
export type ReportData6 = Omit<ReportData7, 'version' | 'plans'> & { version: 6 };

/** A report as sealed when each place was a finding, before what was agreed was counted. */
export type ReportData5 = Omit<
  ReportData6,
  'version' | 'findings' | 'mended' | 'panels' | 'visit' | 'worthTelling' | 'scope' | 'looked'
> & {
  version: 5;
  findings: FindingOf5[];
  mended:
    | (Omit<NonNullable<ReportData['mended']>, 'findings'> & {
        findings: (Omit<ReportMended, 'finding'> & { finding: FindingOf5 })[];
      })
    | undefined;
  panels: (Omit<ReportData['panels'][number], 'marks'> & {
    marks: Omit<ReportData['panels'][number]['marks'][number], 'letter'>[];
  })[];
};

/** A report as sealed before it told what was mended on the visit. */
export type ReportData4 = Omit<ReportData5, 'version' | 'mended'> & { version: 4 };

/** A report as sealed before what each reader is shown was sealed with it. */
export type ReportData3 = Omit<ReportData4, 'version' | 'text'> & { version: 3 };

type AddedThird = 'version' | 'head' | 'told';
type AddedThirdToFinding = 'also' | 'untilThen';

/** A report as sealed before it told what was told, and what to do until a danger is made safe. */
export type ReportData2 = Omit<ReportData3, AddedThird | 'findings'> & {
  version: 2;
  findings: Omit<FindingOf5, AddedThirdToFinding>[];
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
  findings: Omit<FindingOf5, AddedToFinding | AddedThirdToFinding>[];
  panels: Omit<ReportData5['panels'][number], 'label'>[];
};

/** A sealed report of any version as one of today; parts it did not have are empty, never made up. */
export function readReportData(sealed: unknown): ReportData {
  const report = sealed as
    | ReportData
    | ReportData7
    | ReportData6
    | ReportData5
    | ReportData4
    | ReportData3
    | ReportData2
    | ReportData1;
  switch (report.version) {
    case 8:
      return report;
    case 7:
      return eighthOf(report);
    case 6:
      return eighthOf(seventhOf(report));
    case 5:
      return eighthOf(seventhOf(sixthOf(report)));
    case 4:
      return eighthOf(seventhOf(sixthOf(fifthOf(report))));
    case 3:
      return eighthOf(seventhOf(sixthOf(fifthOf(fourthOf(report)))));
    case 2:
      return eighthOf(seventhOf(sixthOf(fifthOf(fourthOf(thirdOf(report))))));
    default:
      return eighthOf(seventhOf(sixthOf(fifthOf(fourthOf(thirdOf(secondOf(report)))))));
  }
}

const eighthOf = (report: ReportData7): ReportData => ({
  ...report,
  version: 8,
  letterhead: undefined,
});

const seventhOf = (report: ReportData6): ReportData7 => ({
  ...report,
  version: 7,
  plans: undefined,
});

const sixthOf = (report: ReportData5): ReportData6 => ({
  ...report,
  version: 6,
  findings: report.findings.map(withPlace),
  mended: report.mended && {
    ...report.mended,
    findings: report.mended.findings.map((one) => ({ ...one, finding: withPlace(one.finding) })),
  },
  panels: report.panels.map((panel) => ({
    ...panel,
    marks: panel.marks.map((mark) => ({ ...mark, letter: '' })),
  })),
  scope: [],
  looked: [],
  visit: undefined,
  worthTelling: [],
});

/** Where each place was a finding, its one place is its own. */
export const withPlace = (finding: FindingOf5): ReportFinding => ({
  ...finding,
  places: [{ letter: '', ...placeOf(finding) }],
});

const placeOf = (finding: FindingOf5): Omit<ReportPlace, 'letter'> => {
  const { ref, panel, panelName, place, short, seen, certainty, whyHere, also } = finding;
  const { exact, torque, isolation, absorbed, since, trace, recorded } = finding;
  return {
    ref,
    panel,
    panelName,
    place,
    short,
    seen,
    certainty,
    whyHere,
    also,
    exact,
    torque,
    isolation,
    absorbed,
    since,
    trace,
    recorded,
  };
};

const fifthOf = (report: ReportData4): ReportData5 => ({
  ...report,
  version: 5,
  mended: undefined,
});

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
