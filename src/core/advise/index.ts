/**
 * What to mend and what it costs: remedies as data (`remedies`), least money at each risk (`choosing`),
 * named plans of an inspection and the front they lie on (`planning`).
 *
 *     follow ─▶ groundOf ─▶ prepare ─▶ namedPlans, plansAlong
 */
export { answerTo } from './choosing/answer';
export { readProblem } from './choosing/read-problem';
export { groundOf } from './planning/build-options';
export { namedPlans, plansAlong, prepare } from './planning/plans';
export type { NamedPlans, Prepared } from './planning/plans';
export { wishesOf } from './planning/wish';
export { planWords } from './planning/plan';
export type { Plan, PlanName } from './planning/plan';
export { workOut } from './planning/work-out';
export type { LookWorth, PlanAnswer, PlanQuestion } from './planning/work-out';
export type { Move } from './planning/moves';
export type { FindingLine, FindingWays, PlanView, WayLine, WorkLine } from './planning/plan-view';
export { afterPlan } from './planning/after-plan';
export type { AfterPlan, Expected } from './planning/after-plan';
