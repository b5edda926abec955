import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';

/** A conductor of another colour, where it does not come with its cable. */
export const anotherColour: Ways = (here) => {
  const [conductor] = here.things('conductor');
  if (conductor === undefined) return [];
  const cable = here.panel.conductors.find(({ id }) => id === conductor)?.cable?.kind?.value;
  const inRaceway = cable === 'tw' || cable === 'thw' || cable === 'porcelain';
  return one(here, (work) => work.say(conductor, { colour: 'black' }), {
    conditions: [
      inRaceway || here.finding.verdict.rule.id === 'conductor/green-as-hot'
        ? met('the wire can be drawn out of its raceway')
        : cable === undefined
          ? notKnown('it runs in a raceway', 'see what it runs in')
          : notMet('it is a wire of a cable: another comes only with another cable'),
    ],
  });
};
