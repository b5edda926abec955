import { add } from '../../../fieldwork/recording/draft';
import { met, notKnown } from '../condition';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';

const screws = 15;

export const extraGroundBar = defineRemedy({
  id: 'extra-ground-bar',
  words: 'An extra ground bar listed for the panel',
  parts: { 'ground-bar': 1 },
  minutes: [20, 30, 60],
  global: (at) =>
    whole(
      at,
      (work) =>
        work.record([
          add('bar', work.newId(), at.panel.id, {
            barKind: 'ground',
            terminalCount: screws,
            side: 'right',
            barBonded: 'bonded',
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
        frees: { groundTerminals: screws },
      },
    ),
});
