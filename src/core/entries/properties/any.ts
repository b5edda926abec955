import type { Subject } from '../thing-types';
import { choice, text, yesNo } from './spec';

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
  /** Everything there was looked at and recorded: what is not listed is absent. */
  allSeen: yesNo(
    ['panel', 'device', 'terminal', 'bar', 'bar-terminal', 'position'],
    'All seen here',
  ),
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
