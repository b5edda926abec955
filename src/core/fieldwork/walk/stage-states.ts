import type { Assessment } from '../../judge/assess/assess';
import { coverageOf } from '../../judge/examine/coverage';
import { askedAt } from './asked';
import type { Stage } from './stages';
import { stages } from './stages';

/** How far a stage is: its checks, and the facts it asks. */
export interface StageState {
  stage: Stage;
  seen: number;
  notSeen: number;
  doesNotApply: number;
  /** Facts recorded of those asked. */
  noted: number;
  asked: number;
}

/** All stages as they stand for one panel. */
export function stageStates({ site, verdicts }: Assessment, panelId: string): StageState[] {
  const panel = site.panels.find((one) => one.id === panelId);
  const here = verdicts.filter((verdict) => verdict.panel === panelId);
  return stages.map((stage) => {
    const checks = here.filter((verdict) => verdict.rule.stage === stage.number);
    const { found, clear, notSeen } = coverageOf(checks);
    const facts = panel ? askedAt(stage.number, site, panel).flatMap((group) => group.facts) : [];
    return {
      stage,
      seen: found + clear,
      notSeen,
      doesNotApply: checks.length - found - clear - notSeen,
      noted: facts.filter((fact) => fact.recorded).length,
      asked: facts.length,
    };
  });
}
