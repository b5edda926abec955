import { stages } from '../../../fieldwork/walk/stages';
import type { ReportData } from '../report';

/** What was left open at one stage of the visit. */
export interface UnseenStage {
  stage: string;
  /** What would have to be looked at, each once. */
  wants: string[];
  checks: number;
  /** What is likely a finding and was not settled. */
  likely: string[];
}

/** What was not seen, by the stage of the visit: for a reader who is no electrician. */
export function unseenByStage({ notSeen }: Pick<ReportData, 'notSeen'>): UnseenStage[] {
  return stages.flatMap(({ number, name }) => {
    const here = notSeen.filter(({ stage }) => stage === number);
    if (here.length === 0) return [];
    const likely = here.filter((line) => line.likely);
    return {
      stage: name,
      wants: [...new Set(here.map(({ say }) => say))],
      checks: here.reduce((sum, { places }) => sum + places.length, 0),
      likely: [
        ...new Set(likely.map(({ title, panelName, say }) => `${title} (${panelName}): ${say}`)),
      ],
    };
  });
}
