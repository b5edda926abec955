import { defineRemedy, leaves } from '../remedy';

export const neutralJoinedOnce = defineRemedy({
  id: 'neutral-joined-once',
  words: 'The neutral joined once: in the building alone, or switched with the transfer',
  off: 'nothing',
  minutes: [20, 45, 120],
  wrong: ['only as the maker of the generator says'],
  ways: leaves({ generatorNeutral: 'floating' }),
});
