import type { Subject } from '../thing-types';
import { choice, text, whole, yesNo } from './spec';

const everything: readonly Subject[] = [
  'site',
  'building',
  'service',
  'disconnect',
  'panel',
  'device',
  'bar',
  'cable',
  'conductor',
  'circuit',
  'multiwire',
  'load',
  'position',
  'terminal',
  'bar-terminal',
];
const metal: readonly Subject[] = [
  'panel',
  'device',
  'bar',
  'cable',
  'conductor',
  'position',
  'terminal',
  'bar-terminal',
];

/** Observations that attach to any thing. */
export const anyProperties = {
  removed: yesNo(everything, 'Not there after all'),
  /** A count of everything there, made on purpose: what is not recorded beyond it is absent. */
  conductorCount: whole(['terminal', 'bar', 'bar-terminal'], 'Conductors here, all told', 0, 90),
  heatMark: yesNo(metal, 'Heat mark'),
  melted: yesNo(metal, 'Melted or charred'),
  arcing: yesNo(metal, 'Arcing seen or heard'),
  moisture: yesNo(metal, 'Moisture or corrosion'),
  liveReachable: yesNo(metal, 'Bare live parts can be reached'),
  tightness: choice(metal, 'How firm', {
    firm: 'firm',
    loose: 'loose',
    'falls-off': 'falls off when touched',
  }),
  remark: text(everything, 'Remark', 2000),
};
