import type { Assessment } from '../../judge/assess/assess';
import type { ActDone } from '../../judge/scope/visit-coverage';
import { asking } from './asked';
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

const states = new WeakMap<Assessment, Map<string, StageState[]>>();

/** All stages as they stand for one panel; an assessment does not change, so they are gathered once. */
export function stageStates(assessment: Assessment, panelId: string): StageState[] {
  let known = states.get(assessment);
  if (!known) states.set(assessment, (known = new Map()));
  let here = known.get(panelId);
  if (!here) known.set(panelId, (here = gather(assessment, panelId)));
  return here;
}

function gather(assessment: Assessment, panelId: string): StageState[] {
  const { site } = assessment;
  const panel = site.panels.find((one) => one.id === panelId);
  // What is still wanted of an act the rules say: before they are here none is counted.
  const here = assessment.judged ? actsAt(assessment, panelId) : [];
  const asked = panel && asking(site, panel);
  return stages.map((stage) => {
    const acts = here.filter((act) => act.stage === stage.number);
    const facts = asked ? asked(stage.number).flatMap((group) => group.facts) : [];
    return {
      stage,
      made: acts.filter(({ wants }) => wants.length === 0).length,
      agreed: acts.length,
      noted: facts.filter((fact) => fact.recorded).length,
      asked: facts.length,
    };
  });
}
