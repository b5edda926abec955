import { defineRemedy, leaves } from '../remedy';
import type { Situation } from '../situation';

const poolLoad = (here: Situation): string | undefined =>
  here.things('load').find((id) => here.reader.value(id, 'loadKind') === 'pool');

export const poolBonded = defineRemedy({
  id: 'pool-bonded',
  words: 'Metal, water and pump joined as the code asks, and measured',
  off: 'circuit',
  minutes: [120, 300, 600],
  ways: leaves({ poolBonding: 'seen' }, { at: poolLoad }),
});
