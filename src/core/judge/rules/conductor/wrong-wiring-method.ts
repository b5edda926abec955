import { properties } from '../../../record/entries/properties';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** Chapter 3: a wiring method used as it is made to be. */
export const wrongWiringMethod = defineRule({
  id: 'conductor/wrong-wiring-method',
  title: 'Wiring method used wrongly',
  stage: 8,
  hazards: ['fire', 'shock'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds:
    'Flexible cord as fixed wiring, low-voltage cable beside power, unsupported cable or raceway, or a loose fitting that breaks the ground path.',
  example: 'An extension cord wired to a breaker.',
  sources: [
    { code: '400.12', says: 'uses not permitted of flexible cord' },
    { code: '300.11', says: 'securing and supporting' },
    { code: '725.136', says: 'separation of low-voltage circuits' },
  ],
  remedies: ['supports-made-good', 'method-made-for-it'],
  messages: {
    cord: {
      short: '{place}: flexible cord as fixed wiring',
      seen: '{place} is flexible cord used as fixed wiring.',
      why: 'Cord is made to be seen and unplugged; behind walls it is crushed and overheats.',
      ask: 'Cable or raceway in its place.',
    },
    fault: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'The run is no longer what it was tested as: it chafes, or its ground path is broken.',
      ask: 'The run made good.',
    },
  },
  asks: 'cable',
  places: ({ places }) => places.cables,
  check({ cable }, { site: { reader } }) {
    const { kind } = cable;
    const fault = reader.fact(cable.id, 'methodFault');
    if (kind?.value === 'cord') return found('cord', {}, [kind]);
    if (fault && fault.value !== 'none')
      return found('fault', { value: properties.methodFault.choices[fault.value] }, [fault]);
    if (!kind) return notSeen(want(cable.id, 'cableKind', 'see what wiring method it is'));
    if (!fault) return notSeen(want(cable.id, 'methodFault', 'look along the run of the cable'));
    return clear('used as it is made', kind, fault);
  },
});
