import { compareSizes } from '../../../vocabulary/size';
import { pipePlaces } from '../../check/pipe-places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.104(B) and the makers of corrugated tubing. */
export const gasNotBonded = defineRule({
  id: 'ground/gas-not-bonded',
  title: 'Metal gas pipe not bonded',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'Corrugated stainless tubing without its own bond of 6 copper or larger; a metal gas pipe with neither a bond nor a grounded appliance on it. Appliance grounds unknown: not seen.',
  example: 'Yellow corrugated tubing with no clamp on it anywhere.',
  sources: [
    { code: '250.104(B)', says: 'bonding of other metal piping' },
    { code: '110.3(B)', says: 'instructions of corrugated tubing' },
  ],
  who: 'a licensed electrician with the gas fitter',
  remedies: ['gas-bond'],
  messages: {
    apart: {
      short: '{place}: not bonded',
      seen: '{place} is not bonded.',
      why: 'A stray current or a strike jumps from it to the next metal and burns a hole in a gas line.',
      ask: 'A bond of 6 copper by a licensed electrician.',
    },
    thin: {
      short: '{place}: bond of {size}, 6 copper is the least',
      seen: 'The bond of {place} is {size}; 6 copper is the least.',
      why: 'A strike melts a thin bond and then the tubing.',
      ask: 'A bond of 6 copper.',
    },
  },
  places: (scene) => pipePlaces(scene, ['gas', 'csst'], 'Gas piping'),
  check(place, { site: { reader }, yardstick }) {
    if (!place.pipe) {
      const piping = reader.fact(place.ref, 'gasPiping');
      if (piping?.value === 'none') return doesNotApply('no metal gas piping');
      return notSeen(want(place.ref, 'gasPiping', 'look whether there is metal gas piping'));
    }
    const kind = reader.fact(place.ref, 'pipeKind');
    const bonded = reader.fact(place.ref, 'pipeBonded');
    const appliance = reader.fact(place.ref, 'groundedAppliance');
    if (!kind) return notSeen(want(place.ref, 'pipeKind', 'say what pipe it is'));
    if (!bonded && !(kind.value === 'gas' && appliance?.value))
      return notSeen(want(place.ref, 'pipeBonded', 'look for the bond of the gas pipe'));
    const isBonded = bonded?.value === 'bonded';
    if (kind.value === 'gas') {
      if (isBonded) return clear('bonded', kind, bonded);
      if (appliance?.value) return clear('a grounded appliance bonds it', kind, appliance);
      if (!appliance)
        return notSeen(
          want(place.ref, 'groundedAppliance', 'see whether a grounded appliance stands on it'),
        );
      return found('apart', {}, [kind, bonded, appliance]);
    }
    if (!isBonded) return found('apart', {}, [kind, bonded]);
    const size = reader.fact(place.ref, 'bondSize');
    if (!size) return notSeen(want(place.ref, 'bondSize', 'read the size of the bond'));
    if (compareSizes(size.value, yardstick.gasTubingBond) < 0)
      return found('thin', { size: size.value }, [kind, bonded, size]);
    return clear(`bonded by ${size.value}`, kind, bonded, size);
  },
});
