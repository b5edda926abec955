import { defineRemedy, leaves } from '../remedy';

export const jointMadeAgain = defineRemedy({
  id: 'joint-made-again',
  words: 'The joint made again in a connector listed for its sizes and metals',
  parts: { 'wire-connector': 1 },
  minutes: [10, 20, 40],
  ways: leaves(
    { spliceHow: 'listed' },
    {
      at: (here) =>
        here.finding.outcome.facts.find(({ property }) => property === 'spliceHow')?.about ??
        here.ref,
    },
  ),
});
