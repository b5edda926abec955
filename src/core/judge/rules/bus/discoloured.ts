import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** Gold, brown or blue metal at a stab: it has been hot. */
export const discoloured = defineRule({
  id: 'bus/discoloured',
  title: 'Bus discoloured by heat',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  behindCover: true,
  finds:
    'Gold, brown or blue metal at a stab. Contact grease is not heat. Behind a breaker only the qualified look, with the supply off. Pitted or melted is a finding of its own.',
  example: 'A straw-coloured stab at position 9.',
  sources: [{ code: '110.12(B)', says: 'no damaged parts' }],
  remedies: ['clean-stab', 'leave-position'],
  messages: {
    tinted: {
      short: 'Bus discoloured at {number}',
      seen: 'At position {number} the bus is discoloured by heat.',
      why: 'The contact at {number} has been hot: the breaker there grips badly or was loaded hard.',
      ask: 'The breaker at {number} and its stab looked at with the supply off.',
    },
    barred: {
      short: 'Bus discoloured; blanked and marked',
      seen: 'At position {number} the bus is discoloured by heat; the position is blanked and marked.',
      why: 'Position {number} stays out of use as long as this bus is in the panel.',
      ask: 'Left blanked and marked.',
    },
  },
  places: ({ places }) => places.positions,
  quiet: { unless: ['busCondition'], property: 'busCondition', say: 'look at the bus at the stab' },
  check({ position }, { site: { reader } }) {
    const bus = reader.fact(position.ref, 'busCondition');
    if (!bus) return notSeen(want(position.ref, 'busCondition', 'look at the bus at the stab'));
    if (bus.value === 'burned') return doesNotApply('burned: a finding of its own');
    if (bus.value === 'bright') return clear('bright', bus);
    const data = { number: position.number };
    const barred = reader.fact(position.ref, 'barred');
    if (barred?.value && position.devices.length === 0 && position.opening?.value === 'blanked')
      return found('barred', data, [bus, barred, position.opening], {
        base: { severity: 1, likelihood: 1, because: 'blanked and marked, with nothing on it' },
        most: { grade: 'note', because: 'nothing is on the stab, and nobody puts a breaker there' },
      });
    return found('tinted', data, [bus]);
  },
});
