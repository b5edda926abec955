import type { Hazard } from '../../vocabulary/severity';

/** What each kind of danger is like, from a kitchen or a street: for somebody who never saw a panel open. */
export const comparisons: Record<Hazard, string> = {
  fire: 'A wire that carries more than it is made for, or a joint that is not tight, warms like the element of a toaster, only behind a cover or in a wall, where nobody stands by to switch it off.',
  shock:
    'Metal that should be as harmless as a door handle can carry the supply without looking or sounding any different, like a cooking plate that is hot and not red.',
  'arc flash':
    'When live metal is bridged, all the power that the street can give comes at once, like a lightning stroke the size of a cupboard, before any hand can be drawn back.',
  damage:
    'Appliances get more or less than they are made for, like a pump run without water: it goes on for a while, and then it does not.',
  outage:
    'It is like a chair with one cracked leg: it holds every day until the day it is leaned on, and then part of the house is dark.',
};

export const hazardWords: Record<Hazard, string> = {
  fire: 'Fire',
  shock: 'Shock',
  'arc flash': 'Arc flash',
  damage: 'Damage to appliances',
  outage: 'Loss of supply',
};

/** "fire, shock" of a finding. */
export const hazardsOf = ({ hazards }: { hazards: readonly Hazard[] }): string =>
  hazards.map((hazard) => hazardWords[hazard].toLowerCase()).join(', ');
