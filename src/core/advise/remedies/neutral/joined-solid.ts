import { defineRemedy, leaves } from '../remedy';

export const joinedSolid = defineRemedy({
  id: 'joined-solid',
  words: 'The neutral joined solid on a neutral bar',
  minutes: [20, 40, 75],
  ways: leaves({ fusedNeutral: 'no' }, { at: (here) => here.device?.id }),
});
