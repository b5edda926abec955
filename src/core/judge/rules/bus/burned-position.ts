import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** A stab once pitted or melted never holds a breaker well again: the position is barred for ever. */
export const burnedPosition = defineRule({
  id: 'bus/burned-position',
  title: 'Burned bus position',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 4 },
  outsideListing: false,
  behindCover: true,
  finds:
    'Only what was looked at counts: the stab hides behind its breaker and only the qualified look there, so most positions stay not seen. Blanked and marked, with nothing on it, it is a Note.',
  example: '`13 !burned`: the stab behind the breaker is pitted.',
  sources: [
    {
      code: '110.12(B)',
      says: 'no damaged parts that affect safe operation, such as burned bus bars',
    },
  ],
  who: 'a licensed electrician',
  remedies: ['blank-burned-position', 'interior'],
  messages: {
    burned: {
      short: 'Bus pitted, melted or arc-marked',
      seen: 'The bus at position {number} is pitted, melted or arc-marked.',
      why: 'A breaker on a burned stab at position {number} makes poor contact, heats further and can set the panel alight.',
      ask: 'Take the circuit off position {number} today; blank it for good; have the bus beside it examined.',
    },
    barred: {
      short: 'Bus burned; blanked and marked',
      seen: 'The bus at position {number} is pitted, melted or arc-marked; the position is blanked and marked.',
      why: 'Position {number} stays out of use as long as this bus is in the panel.',
      ask: 'Left blanked and marked.',
    },
  },
  places: ({ places }) => places.positions,
  check({ position }, { site }) {
    const bus = site.reader.fact(position.ref, 'busCondition');
    if (!bus)
      return notSeen(
        want(position.ref, 'busCondition', 'stab behind the breaker: only the qualified look'),
      );
    if (bus.value !== 'burned')
      return clear(bus.value === 'bright' ? 'bus bright' : 'not burned', bus);
    const data = { number: position.number };
    const barred = site.reader.fact(position.ref, 'barred');
    if (barred?.value && position.devices.length === 0 && position.opening?.value === 'blanked')
      return found('barred', data, [bus, barred, position.opening], {
        base: { severity: 1, likelihood: 1, because: 'blanked and marked, with nothing on it' },
        most: {
          grade: 'note',
          because: 'nothing is on the burned stab, and nobody puts a breaker there',
        },
      });
    return found('burned', data, [bus]);
  },
});
