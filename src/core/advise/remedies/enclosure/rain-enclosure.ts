import { defineRemedy, leaves } from '../remedy';

export const rainEnclosure = defineRemedy({
  id: 'rain-enclosure',
  words: 'An enclosure made for rain',
  off: 'service',
  parts: { 'rain-enclosure': 1, permit: 1 },
  minutes: [180, 300, 480],
  tell: [
    { whom: 'permit', why: 'the enclosure is changed', days: 10 },
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
  ],
  ways: leaves({ weatherRating: 'rain' }),
});
