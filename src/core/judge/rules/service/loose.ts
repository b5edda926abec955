import type { Fact } from '../../../record/entries/inspection';
import type { Place, Scene } from '../../check/rule';
import { slackAt } from '../../check/slack';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.14: main, lug or service neutral loose. */
export const looseAtService = defineRule<Place>({
  id: 'service/loose',
  title: 'Main, lug or service neutral loose',
  stage: 8,
  hazards: ['fire', 'damage'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A lug or a screw of the main that moves at a touch, or a torque under half the label. With heat it is Danger now.',
  example: 'The neutral lug turns by hand.',
  sources: [
    { code: '110.14(A)', says: 'a thoroughly good connection' },
    { code: '110.14(D)', says: 'torque as marked on the equipment' },
  ],
  who: 'a licensed electrician with the utility',
  remedies: ['re-made', 'new-lug-kit'],
  messages: {
    loose: {
      short: '{place}: loose',
      seen: '{place} {how}.',
      why: 'Everything in this building flows through that joint. A loose neutral there puts up to 240 V on goods made for 120 V.',
      ask: 'The supply shut off by the utility and the joint re-made to its torque.',
    },
  },
  places: ({ places }) => [...places.lugs, ...places.mainTerminals],
  quiet: { unless: ['tightness', 'torqueNm'], property: 'tightness', say: 'tug it, if you may' },
  check(place, scene) {
    const held = [] as string[];
    const slack = slackAt(place.ref, held, scene);
    if (slack)
      return found(
        'loose',
        { how: slack.how },
        slack.facts.concat(heatAt(place.ref, scene) ?? []),
        {
          ...(heatAt(place.ref, scene) && {
            danger: 'loose, with heat, and the whole building on it',
          }),
        },
      );
    const firm = scene.site.reader.fact(place.ref, 'tightness');
    return firm ? clear('firm', firm) : notSeen(want(place.ref, 'tightness', 'tug it, if you may'));
  },
});

/** A mark of heat at the joint. */
function heatAt(ref: string, { site: { reader } }: Scene): Fact | undefined {
  const marks = (['melted', 'heatMark'] as const).map((name) => reader.fact(ref, name));
  const lug = reader.fact(ref, 'lugCondition');
  const mark =
    marks.find((fact) => fact?.value) ?? (lug && lug.value !== 'sound' ? lug : undefined);
  return mark as Fact | undefined;
}
