import { voltageRightDownstream as ways } from '../ways/voltage-right-downstream';
import { defineRemedy } from '../remedy';

export const largerFeeder = defineRemedy({
  id: 'larger-feeder',
  words: 'A larger feeder, where only downstream is low',
  parts: { 'feeder-metre': 20, permit: 1 },
  minutes: [240, 420, 900],
  tell: [{ whom: 'permit', why: 'a new feeder', days: 10 }],
  ways,
});
