import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { compareSizes } from '../../../vocabulary/size';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

const words = properties.setsDiffer.choices as Readonly<Record<string, string>>;

/** 310.10(G): conductors in parallel are 1/0 or larger and alike. */
export const parallelSets = defineRule<Place>({
  id: 'bus/parallel-sets',
  title: 'Supply conductors in parallel too small or unlike',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 2 },
  behindCover: true,
  finds:
    'Supply conductors side by side that are smaller than 1/0, or sets that differ in length, size or metal.',
  example: 'Two sets of 2 copper where one of 3/0 was wanted.',
  sources: [{ code: '310.10(G)', says: 'parallel conductors 1/0 and larger, alike' }],
  who: 'a licensed electrician with the utility',
  remedies: ['one-set-or-alike'],
  messages: {
    small: {
      short: '{sets} sets of {size}: under 1/0',
      seen: 'Each leg comes in {sets} conductors of {size} side by side; in parallel the least is 1/0.',
      why: 'The current does not part evenly between thin wires: one of them carries more than it is made for.',
      ask: 'One conductor of the size wanted, or sets of 1/0 and larger.',
    },
    unlike: {
      short: 'Sets differ in {value}',
      seen: 'Each leg comes in {sets} conductors side by side; the sets differ in {value}.',
      why: 'The set that resists least takes most of the current, and no breaker sees that it is too much for it.',
      ask: 'Sets alike in length, size and metal.',
    },
  },
  places: ({ panel, around }) => [panelPlace(panel, 'Supply conductors'), ...around.disconnects],
  quiet: {
    unless: ['parallelSets', 'supplySize'],
    property: 'parallelSets',
    say: 'count the conductors of each leg',
  },
  check({ ref }, { site: { reader } }) {
    const sets = reader.fact(ref, 'parallelSets');
    const size = reader.fact(ref, 'supplySize');
    if (!sets) return notSeen(want(ref, 'parallelSets', 'count the conductors of each leg'));
    if (sets.value === 1) return doesNotApply('one conductor a leg');
    if (!size) return notSeen(want(ref, 'supplySize', 'read the size of the supply'));
    if (compareSizes(size.value, '1/0') < 0)
      return found('small', { sets: sets.value, size: size.value }, [sets, size]);
    const differ = reader.fact(ref, 'setsDiffer');
    if (!differ) return notSeen(want(ref, 'setsDiffer', 'compare the sets'));
    if (differ.value.length > 0)
      return found(
        'unlike',
        { sets: sets.value, value: listed(differ.value.map((one) => words[one] ?? one)) },
        [sets, size, differ],
      );
    return clear(`${sets.value} sets of ${size.value}, alike`, sets, size, differ);
  },
});
