import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.30, 702.5: a portable generator that feeds a building. */
export const generatorInlet = defineRule({
  id: 'service/generator-inlet',
  title: 'Portable generator joined wrongly',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'An inlet for a portable generator whose neutral is joined to its frame while the transfer equipment does not switch the neutral: it is then joined to the metal twice. A lead with two plugs is Danger now: its bare pins are live, and so is the street.',
  example: 'A lead with a plug at both ends hanging by the dryer outlet.',
  sources: [
    { code: '250.30', says: 'neutral joined once of a separately derived system' },
    { code: '702.5', says: 'transfer equipment of optional standby systems' },
  ],
  remedies: ['neutral-joined-once', 'inlet-with-interlock'],
  messages: {
    twice: {
      short: '{place}: neutral joined to metal twice',
      seen: 'The generator at {place} has its neutral joined to its frame, and the transfer equipment does not switch the neutral.',
      why: 'While it runs, part of the current comes back over metal that people touch, and a ground-fault device at the generator trips.',
      ask: 'The join in the generator taken off as its maker says, or transfer equipment that switches the neutral.',
    },
    'two-plugs': {
      short: '{place}: a lead with two plugs',
      seen: '{place}: a lead with a plug at both ends, to feed the building from a generator.',
      why: 'Pulled out at one end its bare pins are live. With the main left on it makes the street live too, and can kill whoever works on it.',
      ask: 'Nobody uses this lead. An inlet with a listed interlock in its place.',
    },
  },
  asks: 'source',
  places: ({ around }) => around.sources,
  check({ ref }, { site: { reader } }) {
    const kind = reader.fact(ref, 'sourceKind');
    if (!kind) return notSeen(want(ref, 'sourceKind', 'read the kind of the second supply'));
    if (kind.value === 'two-plugs')
      return found('two-plugs', {}, [kind], {
        base: { severity: 4, likelihood: 4, because: 'a lead with two plugs' },
        danger: 'its bare pins are live while the other end is plugged in',
      });
    if (kind.value !== 'inlet') return doesNotApply('no portable generator');
    const neutral = reader.fact(ref, 'generatorNeutral');
    const switched = reader.fact(ref, 'neutralSwitched');
    if (neutral?.value === 'floating') return clear('not joined to its frame', kind, neutral);
    if (switched?.value) return clear('the neutral is switched too', kind, switched);
    if (!neutral)
      return notSeen(
        want(ref, 'generatorNeutral', 'read on the generator whether its neutral is joined'),
      );
    if (!switched)
      return notSeen(want(ref, 'neutralSwitched', 'read whether the neutral is switched too'));
    return found('twice', {}, [kind, neutral, switched]);
  },
});
