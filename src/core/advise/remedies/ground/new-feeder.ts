import { fourWireFeeder as ways } from '../ways/four-wire-feeder';
import { defineRemedy } from '../remedy';

export const newFeeder = defineRemedy({
  id: 'new-feeder',
  words: 'A four-wire feeder',
  parts: { 'feeder-metre': 20, permit: 1 },
  minutes: [240, 420, 900],
  wrong: ['the trench or wall is opened'],
  ends: ['the three-wire feeder that was permitted while untouched'],
  tell: [{ whom: 'permit', why: 'a new feeder', days: 10 }],
  ways,
});
