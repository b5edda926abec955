import { rules } from '../rules';
import { yardsticks } from '../yardstick';

/** What the rules say, without their code: the text whose digest names this version of the rule book. */
export const ruleBookText = () => rules.map(({ examine: _, ...meta }) => meta);

/** The tables of a yardstick, for its digest. */
export const yardstickText = (id: string) => yardsticks[id];
