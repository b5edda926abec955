import { assess } from '../../../judge/assess/assess';
import { standingsIn } from '../../../judge/assess/standing';
import type { Situation } from '../situation';
import type { Work } from '../work';

/** Tries sizes in order and keeps the first at which the rule of the finding is content. */
export function firstThatClears<T>(
  here: Situation,
  work: Work,
  candidates: readonly T[],
  tell: (fork: Work, candidate: T) => void,
): string | undefined {
  for (const candidate of candidates) {
    const fork = work.fork();
    tell(fork, candidate);
    if (fork.refusal !== undefined) continue;
    const { state } = standingsIn(assess(fork.all, here.settings))(here.finding.key);
    if (state !== 'mended' && state !== 'gone') continue;
    work.adopt(fork);
    return undefined;
  }
  return 'no size there is would do';
}
