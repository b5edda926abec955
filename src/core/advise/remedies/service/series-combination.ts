import { notKnown } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const seriesCombination = defineRemedy({
  id: 'series-combination',
  words: 'A listed series combination',
  off: 'service',
  parts: { 'main-breaker': 1 },
  minutes: [60, 120, 240],
  tell: [{ whom: 'utility', why: 'the supply is off for it', days: 5 }],
  ways: leaves(
    (here) => ({ seriesRatingKa: Math.ceil((here.figure('availableA') ?? 22_000) / 1000) + 1 }),
    {
      when: () => [
        notKnown(
          'the label lists a combination for these devices',
          'read the label for series ratings',
        ),
      ],
    },
  ),
});
