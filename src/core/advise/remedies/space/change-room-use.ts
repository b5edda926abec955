import { met, notMet } from '../condition';
import { defineRemedy, leaves } from '../remedy';

export const changeRoomUse = defineRemedy({
  id: 'change-room-use',
  words: 'Change the use of the room, where it is a closet',
  who: 'owner',
  off: 'nothing',
  minutes: [30, 60, 240],
  ways: leaves(
    { placedIn: 'open' },
    {
      when: (here) => [
        here.reader.value(here.panel.id, 'placedIn') === 'clothes-closet'
          ? met('it is a clothes closet')
          : notMet('it is no closet: the room keeps its use'),
      ],
    },
  ),
});
