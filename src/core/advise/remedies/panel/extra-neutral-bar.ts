import { add } from '../../../fieldwork/recording/draft';
import { met, notKnown } from '../condition';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';

const screws = 12;

export const extraNeutralBar = defineRemedy({
  id: 'extra-neutral-bar',
  words: 'An extra neutral bar listed for the panel',
  parts: { 'neutral-bar': 1 },
  minutes: [20, 35, 60],
  wrong: ['the kit may no longer be made'],
  record: ['torque of its jumper'],
  global: (at) => {
    // The kit's own jumper takes a screw of the bar that is there.
    const jumper = 1;
    return whole(
      at,
      (work) =>
        work.record([
          add('bar', work.newId(), at.panel.id, {
            barKind: 'neutral',
            terminalCount: screws,
            side: 'left',
            ...(at.panel.supply.place !== 'first-disconnect' && { barMounting: 'standoffs' }),
          }),
        ]),
      {
        conditions: [
          at.reader.value(at.panel.id, 'ratingLabel') === 'legible'
            ? met('the label names the bars listed for it')
            : notKnown(
                'a bar is listed for this panel',
                'read the label, or ask by the panel’s model',
              ),
        ],
        uses: { neutralTerminals: jumper },
        frees: { neutralTerminals: screws },
      },
    );
  },
});
