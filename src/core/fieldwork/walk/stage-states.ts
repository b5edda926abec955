import type { Assessment } from '../../judge/assess/assess';
import type { ActDone } from '../../judge/scope/visit-coverage';
import { askedAt } from './asked';
import type { Stage } from './stages';
import { stages } from './stages';

/** How far a stage is: the agreed acts of it, and the facts it asks. */
export interface StageState {
  stage: Stage;
  /** Agreed acts made, of how many. */
  made: number;
  agreed: number;
  /** Facts recorded of those asked. */
  noted: number;
  asked: number;
}

/** Acts at one panel, and those of the whole visit. */
export const actsAt = ({ visit }: Pick<Assessment, 'visit'>, panelId: string): ActDone[] =>
  visit.acts.filter(({ panel }) => panel === undefined || panel === panelId);

/** All stages as they stand for one panel. */
export function stageStates(assessment: Assessment, panelId: string): StageState[] {
  const { site } = assessment;
  const panel = site.panels.find((one) => one.id === panelId);
  const here = actsAt(assessment, panelId);
  return stages.map((stage) => {
    const acts = here.filter((act) => act.stage === stage.number);
    const facts = panel ? askedAt(stage.number, site, panel).flatMap((group) => group.facts) : [];
    return {
      stage,
      made: acts.filter(({ wants }) => wants.length === 0).length,
      agreed: acts.length,
      noted: facts.filter((fact) => fact.recorded).length,
      asked: facts.length,
    };
  });
}
