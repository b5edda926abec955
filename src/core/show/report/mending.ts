import { capital } from '../../vocabulary/phrases';
import type { ReportFinding } from './report';

/** Ways to mend a finding: the cheapest first where there is a choice, the steps where there is none. */
export function mendingWords({
  remedies,
  remediesInOrder,
}: Pick<ReportFinding, 'remedies' | 'remediesInOrder'>): string {
  if (remedies.length < 2) return capital(`${remedies.join('')}.`);
  const small = remedies.map((one) => `${one.charAt(0).toLowerCase()}${one.slice(1)}`);
  if (remediesInOrder) return `In this order: ${small.join('; ')}.`;
  return `Least work first: ${small.slice(0, -1).join('; or ')}; or, more work, ${small.at(-1)!}.`;
}
