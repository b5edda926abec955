import type { Subject } from '../thing-types';
import { thingTypes } from '../thing-types';
import { choice, property, text, thingId, whole, yesNo } from './spec';

const parts: readonly Subject[] = ['position', 'terminal', 'bar-terminal', 'lug'];
const everything: readonly Subject[] = [...(Object.keys(thingTypes) as Subject[]), ...parts];
/** Things of metal in the supply, on which heat and looseness are looked for. */
export const metal: readonly Subject[] = [
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

const noticed = { act: 'look', fine: false } as const;

/** Observations that attach to any thing. */
export const anyProperties = {
  removed: yesNo(everything, 'Not there after all', { act: 'none' }),
  /** It was there, and was taken out: the world changed, not the record. */
  takenOut: yesNo(
    ['device', 'cable', 'conductor', 'bar', 'circuit', 'multiwire', 'meter', 'panel', 'source'],
    'Taken out since',
    { act: 'none' },
  ),
  /** The device that stood in its place before it. */
  insteadOf: property({
    on: ['device'],
    schema: thingId,
    label: 'Instead of',
    input: 'none',
    act: 'none',
  }),
  /** A count of everything there, made on purpose: what is not recorded beyond it is absent. */
  conductorCount: whole(
    ['terminal', 'bar', 'bar-terminal', 'lug'],
    'Conductors here, all told',
    0,
    90,
    '',
    { act: 'open' },
  ),
  heatMark: yesNo(metal, 'Heat mark', noticed),
  melted: yesNo(metal, 'Melted or charred', noticed),
  arcing: yesNo(metal, 'Arcing seen or heard', noticed),
  moisture: yesNo(metal, 'Moisture or corrosion', noticed),
  liveReachable: yesNo(metal, 'Bare live parts can be reached', noticed),
  /** Found by touching: part of "nothing wrong here" only where touching was agreed. */
  tightness: choice(
    metal,
    'How firm',
    {
      firm: 'firm',
      loose: 'loose',
      'falls-off': 'falls off when touched',
    },
    { act: 'touch', fine: 'firm' },
  ),
  altered: yesNo(metal, 'Altered: filed, bent, wedged, forced', noticed),
  remark: text(everything, 'Remark', 2000, { act: 'none' }),
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
