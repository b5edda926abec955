import { defineRemedy, leaves } from '../remedy';

export const racewayBushing = defineRemedy({
  id: 'raceway-bushing',
  words: 'A bonding bushing with its jumper',
  off: 'service',
  parts: { 'bonding-bushing': 1 },
  minutes: [20, 40, 75],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves({ racewayBonded: 'bonded' }),
});
