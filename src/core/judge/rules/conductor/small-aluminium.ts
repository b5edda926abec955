import { sizeWords } from '../../../installation/panel/words';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** Aluminium branch wire of 12 or 10, the alloy of 1965 to 1973. */
export const smallAluminium = defineRule({
  id: 'conductor/small-aluminium',
  title: 'Small aluminium branch wire',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  obsolete: true,
  behindCover: true,
  finds:
    'Branch wire of aluminium in 12 or 10, of the kind used 1965 to 1973, here and at every outlet. Range and oven sizes of aluminium are normal. Copper-clad aluminium is a metal of its own: shown, not found.',
  example: '`7 15 12al`: a bedroom circuit in aluminium.',
  sources: [{ code: '110.14', says: 'terminals suitable for the metal' }],
  remedies: ['connectors-with-copper-tails', 'devices-for-aluminium', 'new-copper'],
  messages: {
    small: {
      short: '{conductor} branch wire',
      seen: '{place} is {conductor}, a branch wire.',
      why: 'It creeps under screws and grows hot at outlets all over the house, not only here.',
      ask: 'Every joint of these circuits looked at, then pigtailed by a listed method.',
    },
  },
  asks: 'conductor',
  places: ({ places, panel }) =>
    places.conductors.filter(
      ({ conductor: { landsOn } }) => landsOn?.value && panel.terminals.has(landsOn.value),
    ),
  check({ conductor }) {
    const { metal, size } = conductor;
    if (metal?.value === 'cu') return clear('copper', metal);
    if (metal?.value === 'cca') return clear('copper-clad: rated as aluminium, not found', metal);
    if (size && size.value !== '12' && size.value !== '10')
      return clear('a size of which aluminium is normal', size, metal);
    if (!metal) return notSeen(want(conductor.id, 'metal', 'read the metal of the wire'));
    if (!size) return notSeen(want(conductor.id, 'size', 'read the size of the wire'));
    return found('small', { conductor: sizeWords(size.value, metal.value) }, [metal, size]);
  },
});
