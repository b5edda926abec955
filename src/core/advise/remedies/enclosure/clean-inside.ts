import { met, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const cleanInside = defineRemedy({
  id: 'clean-inside',
  words: 'Cleaned by a licensed person with the supply off',
  parts: { 'paint-and-sundries': 1 },
  minutes: [20, 45, 90],
  ways: leaves(
    { foreignMatter: 'none' },
    {
      when: (here) => [
        here.reader.value(here.panel.id, 'foreignMatter') === 'paint'
          ? notMet('paint or plaster on live parts does not come off')
          : met('it can be taken out'),
      ],
    },
  ),
});
