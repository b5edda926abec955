import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.14(A): a lug takes as many conductors as it is marked for. */
export const doubleLug = defineRule({
  id: 'service/double-lug',
  title: 'More conductors in a lug than it is made for',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: true,
  behindCover: true,
  finds:
    'More conductors in a main or neutral lug than it is marked for. Two in a lug whose mark was not read is not seen. Screws of breakers are asked by another rule.',
  example: 'Two service conductors under the set screw of a lug for one.',
  sources: [{ code: '110.14(A)', says: 'one conductor unless identified for more' }],
  who: 'a licensed electrician with the utility',
  remedies: ['lug-for-each'],
  messages: {
    over: {
      short: '{place}: {count} conductors, made for {takes}',
      seen: '{place} holds {count} conductors; it is marked for {takes}.',
      why: 'One of them is gripped, the other only touched: that joint heats under all the load of the panel.',
      ask: 'A lug made for {count}, or one conductor each, with the supply off.',
    },
  },
  places: ({ places }) => places.lugs,
  quiet: { unless: ['lugHolds'], property: 'lugHolds', say: 'count the conductors in the lug' },
  check({ ref }, { site: { reader } }) {
    const holds = reader.fact(ref, 'lugHolds');
    const takes = reader.fact(ref, 'lugTakes');
    if (!holds) return notSeen(want(ref, 'lugHolds', 'count the conductors in the lug'));
    if (holds.value === 1) return clear('one conductor', holds);
    if (!takes) return notSeen(want(ref, 'lugTakes', 'read for how many the lug is marked'));
    if (holds.value > takes.value)
      return found('over', { count: holds.value, takes: takes.value }, [holds, takes]);
    return clear(`${holds.value} conductors in a lug for ${takes.value}`, holds, takes);
  },
});
