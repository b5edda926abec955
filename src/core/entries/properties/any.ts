import type { Subject } from '../thing-types';
import { thingTypes } from '../thing-types';
import { choice, text, whole, yesNo } from './spec';

const parts: readonly Subject[] = ['position', 'terminal', 'bar-terminal', 'lug'];
const everything: readonly Subject[] = [...(Object.keys(thingTypes) as Subject[]), ...parts];
/** Things of metal in the supply, on which heat and looseness are looked for. */
const metal: readonly Subject[] = [
  'service',
  'meter',
  'disconnect',
  'electrode',
  'pipe',
  'outlet',
  'panel',
  'device',
  'bar',
  'cable',
  'conductor',
  ...parts,
];

/** What a permit can cover. */
const scoped: readonly Subject[] = [
  ...metal.filter((subject) => subject !== 'terminal' && subject !== 'bar-terminal'),
  'building',
  'circuit',
  'load',
];

/** Observations that attach to any thing. */
export const anyProperties = {
  removed: yesNo(everything, 'Not there after all'),
  /** A count of everything there, made on purpose: what is not recorded beyond it is absent. */
  conductorCount: whole(['terminal', 'bar', 'bar-terminal'], 'Conductors here, all told', 0, 90),
  heatMark: yesNo(metal, 'Heat mark', { fine: false }),
  melted: yesNo(metal, 'Melted or charred', { fine: false }),
  arcing: yesNo(metal, 'Arcing seen or heard', { fine: false }),
  moisture: yesNo(metal, 'Moisture or corrosion', { fine: false }),
  liveReachable: yesNo(metal, 'Bare live parts can be reached', { fine: false }),
  /** Found by touching: never part of "nothing wrong here". */
  tightness: choice(metal, 'How firm', {
    firm: 'firm',
    loose: 'loose',
    'falls-off': 'falls off when touched',
  }),
  altered: yesNo(metal, 'Altered: filed, bent, wedged, forced', { fine: false }),
  inPermitScope: yesNo(scoped, 'Part of the work under the permit'),
  remark: text(everything, 'Remark', 2000),
};

/** The observations, in the order a form lists them. */
export const observations = [
  'heatMark',
  'melted',
  'arcing',
  'tightness',
  'moisture',
  'liveReachable',
  'altered',
] as const satisfies readonly (keyof typeof anyProperties)[];
