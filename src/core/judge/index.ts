/**
 * Three-valued checks, grades with their reasons. A rule is one file in `rules`, made of what `check`
 * holds; `examine` asks each at every place, `grading` grades what it found, `assess` does the whole
 * from entries; `permit` gives an official's outcome.
 */
export { rules, ruleById } from './rules';
export type { Rule } from './check/rule';
export { examine } from './examine/examine';
export { judge } from './grading/judge';
export { assess } from './assess/assess';
export type { Assessment } from './assess/assess';
export { follow } from './assess/follow';
export { findingsTurningOn } from './assess/turns-on';
export { unjudged } from './assess/unjudged';
export type { Followed } from './assess/follow';
export { permitOutcome } from './permit/outcome';
