import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { placesOfOutlets } from '../../check/outlet-places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

const words = properties.runStates.choices as Readonly<Record<string, string>>;

/** 334.30, 300.11, 250.118: runs outside the panel. */
export const flexibleRun = defineRule({
  id: 'around/flexible-run',
  title: 'Cable or raceway outside the panel hanging, exposed or apart',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Cable or raceway outside the panel that hangs, whose supports are too far apart (within 305 mm of a box and every 1.37 m; a whip of 914 mm is excepted), that is exposed to damage, or a fitting that is loose or apart. Inside the panel another rule asks.',
  example:
    'A flexible raceway to a water heater that hangs free, its fitting pulled out of the box.',
  sources: [
    { code: '334.30', says: 'supports of cable' },
    { code: '300.11', says: 'raceways and cables secured' },
    { code: '250.118', says: 'what carries a fault back' },
  ],
  remedies: ['run-made-good'],
  messages: {
    unsound: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'A run that moves wears through where it touches, and what holds it lets go in time.',
      ask: 'The run fastened, protected and its fittings made tight.',
    },
    'ground-broken': {
      short: '{place}: ground path broken',
      seen: '{place}: {value}.',
      why: 'The metal of this run is what carries a fault back: as it is, what it feeds can stay live to the touch and no breaker opens.',
      ask: 'The fitting joined again and the ground path measured.',
    },
  },
  places: (scene) => placesOfOutlets(scene, 'Runs outside the panel', ['wiring', 'appliance']),
  quiet: {
    unless: ['runStates'],
    property: 'runStates',
    say: 'look along the runs outside the panel',
  },
  check({ ref }, { site: { reader } }) {
    const states = reader.fact(ref, 'runStates');
    if (!states) return notSeen(want(ref, 'runStates', 'look along the runs outside the panel'));
    if (states.value.length === 0) return clear('nothing wrong seen', states);
    const value = listed(states.value.map((state) => words[state] ?? state));
    return states.value.includes('ground-broken')
      ? found('ground-broken', { value }, [states], {
          base: { severity: 4, likelihood: 2, because: 'the ground path is broken' },
        })
      : found('unsound', { value }, [states]);
  },
});
