import { defineRemedy, leaves } from '../remedy';

export const inletWithInterlock = defineRemedy({
  id: 'inlet-with-interlock',
  words: 'An inlet with a listed interlock in place of the lead',
  minutes: [120, 240, 360],
  ways: leaves({
    sourceKind: 'inlet',
    interlock: 'listed',
    bothCanClose: false,
    generatorNeutral: 'floating',
  }),
});
