/** What could happen, from a nuisance to a death. Words and matrix: judge/grading/matrix. */
export type Severity = 1 | 2 | 3 | 4;
/** How likely here, from remote to happening. */
export type Likelihood = 1 | 2 | 3 | 4 | 5;
export type Hazard = 'fire' | 'shock' | 'arc flash' | 'damage' | 'outage';
