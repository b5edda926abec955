import type { Standing } from '../../judge/assess/standing';
import { verdictKey } from '../../judge/examine/verdict';
import type { Finding } from '../../judge/grading/finding';
import type { Left } from './option';

/**
 * What an after-state leaves of a finding and of everything it had taken over: a cause that is gone
 * while its effect is found is not mended. Not seen any more is as much as it was.
 */
export function leftOf(finding: Finding, standing: (key: string) => Standing): Left {
  const keys = [finding.key, ...finding.absorbed.map(verdictKey)];
  let left: Left = { grade: undefined, points: 0 };
  for (const key of keys) {
    const { state, finding: still } = standing(key);
    const own = key === finding.key;
    if (still && still.points > left.points) left = { grade: still.grade, points: still.points };
    // Taken over by another cause, or not seen: as much as it was, of the finding itself.
    else if (!still && own && state !== 'mended' && state !== 'gone')
      left = { grade: finding.grade, points: Math.max(left.points, finding.points) };
  }
  return left;
}
