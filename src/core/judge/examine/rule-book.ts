import { rules } from '../rules';
import type { Settings } from '../../codes/settings/settings';
import { yardstickOf } from '../../codes/yardstick';

/** What the rules say, without their code: the text whose digest names this version of the rule book. */
export const ruleBookText = () => rules.map(({ examine: _, ...meta }) => meta);

/** The tables an inspection is measured by, amendments laid over, for their digest. */
export const yardstickText = (settings: Pick<Settings, 'yardstick' | 'amendments'>) =>
  yardstickOf(settings);
