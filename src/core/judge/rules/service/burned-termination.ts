import type { Place } from '../../check/place';
import type { Outcome } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

const burned = { severity: 4, likelihood: 4, because: 'melted, charred or pitted' } as const;

/** 110.12(B): a lug that was hot. */
export const burnedTermination = defineRule<Place & { lug?: true }>({
  id: 'service/burned-termination',
  title: 'Main, lug, disconnect or meter burned',
  stage: 8,
  hazards: ['fire', 'outage'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A lug of the mains or the neutral, the main itself, a disconnect or a meter discoloured by heat. Melted, charred or pitted it is Danger now.',
  example: 'The insulation at lug B charred for a finger’s width.',
  sources: [{ code: '110.12(B)', says: 'no damaged or burned parts' }],
  who: 'a licensed electrician with the utility',
  remedies: ['cut-back-and-re-terminate', 'new-main-or-lugs'],
  messages: {
    hot: {
      short: '{place}: discoloured by heat',
      seen: '{place} is discoloured by heat.',
      why: 'Everything in this building flows through that joint, and it has been hot.',
      ask: 'The joint re-made with the supply off, and looked at again under load.',
    },
    burned: {
      short: '{place}: melted, charred or pitted',
      seen: '{place} is melted, charred or pitted.',
      why: 'This joint is burning away under the load of the whole building.',
      ask: 'Load taken off and the supply shut off today by the utility or a licensed electrician.',
    },
  },
  places: ({ places, around }) => [
    ...places.lugs.map((lug) => ({ ...lug, lug: true as const })),
    ...places.allDevices.filter(({ device }) => device.isMain),
    ...around.meters,
    ...around.disconnects,
  ],
  check(place, { site: { reader } }): Outcome {
    const condition = reader.fact(place.ref, 'lugCondition');
    const melted = reader.fact(place.ref, 'melted');
    const mark = reader.fact(place.ref, 'heatMark');
    if (condition?.value === 'melted' || condition?.value === 'pitted' || melted?.value)
      return found('burned', {}, [condition, melted], {
        base: burned,
        danger: 'melted, charred or pitted, with the whole building on it',
      });
    if (condition?.value === 'discoloured' || mark?.value)
      return found('hot', {}, [condition, mark]);
    if (place.lug && !condition) return notSeen(want(place.ref, 'lugCondition', 'look at the lug'));
    if (!place.lug && !mark) return notSeen(want(place.ref, 'heatMark', 'look for marks of heat'));
    return clear('sound', condition ?? mark);
  },
});
