import { notKnown, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const rodMeasured = defineRemedy({
  id: 'rod-measured',
  words: 'A measurement of 25 Ω or less',
  off: 'nothing',
  minutes: [30, 45, 90],
  ways: leaves(
    { rodProof: 'shown', electrodeOhm: 20 },
    {
      at: (here) => here.things('electrode')[0],
      when: (here) => [
        here.finding.outcome.facts.some(
          ({ property, value }) => property === 'electrodeOhm' && Number(value) > 25,
        )
          ? notMet('it was measured above 25 Ω')
          : notKnown('the rod measures 25 Ω or less', 'measure it'),
      ],
    },
  ),
});
