import { met, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const sleeve = defineRemedy({
  id: 'sleeve',
  words: 'A sleeve of the right kind',
  parts: { sleeve: 1 },
  minutes: [10, 20, 40],
  wrong: ['brittle insulation breaks when it is bent'],
  ways: leaves(
    { insulationState: 'sound' },
    {
      when: (here) => [
        here.reader.value(here.ref, 'insulationState') === 'melted'
          ? notMet('melted insulation is not covered over')
          : met('the conductor inside is whole as far as seen'),
      ],
    },
  ),
});
