import { largerSupply as ways } from '../ways/larger-supply';
import { defineRemedy } from '../remedy';

export const largerServiceConductors = defineRemedy({
  id: 'larger-service-conductors',
  words: 'Larger service conductors',
  off: 'service',
  parts: { 'service-conductors': 1, permit: 1 },
  minutes: [180, 300, 540],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 10 },
    { whom: 'permit', why: 'service conductors are changed', days: 10 },
  ],
  wrong: ['an old lug may crack when it is moved'],
  ends: ['the service is judged by today’s edition where it is changed'],
  ways,
});
