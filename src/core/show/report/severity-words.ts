import type { ReportFinding } from './report';

const ifItHappens: Record<number, string> = {
  1: 'a nuisance if it happened',
  2: 'could damage equipment or cut the supply if it happened',
  3: 'could injure, or burn inside the enclosure, if it happened',
  4: 'could kill or burn the building if it happened',
};
const howSoon: Record<number, string> = {
  1: 'remote',
  2: 'not likely soon',
  3: 'likely in time',
  4: 'close',
  5: 'happening now',
};

/** Severity said beside how soon, so that neither stands alone beside a deadline. */
export const severityLine = ({
  severity,
  likelihood,
  by,
}: Pick<ReportFinding, 'severity' | 'likelihood' | 'by'>) =>
  `${ifItHappens[severity]}; ${howSoon[likelihood]}: ${by}`;
