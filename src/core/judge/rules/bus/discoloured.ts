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
  remedies: [
    'The breaker renewed and the stab cleaned, supply off',
    'Circuit moved, position blanked',
  ],
  messages: {
    tinted: {
      short: 'Bus discoloured at {number}',
      seen: 'At position {number} the bus is discoloured by heat.',
      why: 'The contact at {number} has been hot: the breaker there grips badly or was loaded hard.',
      ask: 'The breaker at {number} and its stab looked at with the supply off.',
    },
  },
  places: ({ places }) => places.positions,
  quiet: { unless: ['busCondition'], property: 'busCondition', say: 'look at the bus at the stab' },
  check({ position }, { site: { reader } }) {
    const bus = reader.fact(position.ref, 'busCondition');
    if (!bus) return notSeen(want(position.ref, 'busCondition', 'look at the bus at the stab'));
    if (bus.value === 'burned') return doesNotApply('burned: a finding of its own');
    if (bus.value === 'bright') return clear('bright', bus);
    return found('tinted', { number: position.number }, [bus]);
  },
});
