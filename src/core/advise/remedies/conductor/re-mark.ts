import { met, notKnown, notMet } from '../condition';
import { one } from '../panel-work/one';
import { defineRemedy } from '../remedy';

export const reMark = defineRemedy({
  id: 're-mark',
  words: 'Re-mark it with tape or paint at both ends',
  parts: { marking: 0.5 },
  minutes: [5, 10, 20],
  ways: (here) => {
    const conductor = here.things('conductor')[0] ?? here.ref;
    const cable = here.panel.conductors.find(({ id }) => id === conductor)?.cable;
    return one(
      here,
      (work) => {
        work.say(conductor, { remarked: true });
        if (cable && !cable.kind) work.say(cable.id, { cableKind: 'nm' });
      },
      {
        conditions: [
          here.message === 'raceway'
            ? notMet('in a raceway a white conductor is not re-marked')
            : cable?.kind
              ? met('it comes in a cable')
              : notKnown('it comes in a cable', 'see what it runs in'),
        ],
      },
    );
  },
});
