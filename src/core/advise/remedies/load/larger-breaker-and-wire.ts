import { largerCircuit as ways } from '../ways/larger-circuit';
import { defineRemedy } from '../remedy';

export const largerBreakerAndWire = defineRemedy({
  id: 'larger-breaker-and-wire',
  words: 'A larger breaker and wire',
  parts: { 'branch-cable-metre': 20, 'breaker-2': 1 },
  minutes: [120, 240, 540],
  ways,
});
