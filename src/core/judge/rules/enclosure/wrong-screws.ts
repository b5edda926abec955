import { panelPlace } from '../../check/places';
import { properties } from '../../../record/entries/properties';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.3(B): the cover is held by the screws made for it. */
export const wrongScrews = defineRule({
  id: 'enclosure/wrong-screws',
  title: 'Wrong cover screws',
  stage: 7,
  hazards: ['shock', 'arc flash'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  finds:
    'Cover screws missing, pointed or too long. Pointed ones near conductors are one step likelier.',
  example: 'A cover held by two sheet-metal screws.',
  sources: [{ code: '110.3(B)', says: 'screws that come with the listed panel' }],
  remedies: ['right-screws'],
  messages: {
    wrong: {
      short: 'Cover screws: {value}',
      seen: 'Of the cover screws: {value}.',
      why: 'A wrong screw can bite into a wire behind the cover, or let the cover fall on live parts.',
      ask: 'The right screws for this cover, and a look whether a wire was hurt.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Cover screws')],
  check(_, { site: { reader }, panel }) {
    const screws = reader.fact(panel.id, 'coverScrews');
    if (!screws) return notSeen(want(panel.id, 'coverScrews', 'look at every cover screw'));
    if (screws.value === 'right') return clear('all there, blunt', screws);
    const near = reader.fact(panel.id, 'pointedNearConductors');
    const value = properties.coverScrews.choices[screws.value];
    const reaches = near?.value === true && screws.value !== 'missing';
    return found('wrong', { value }, [screws, reaches ? near : undefined], {
      ...(reaches && {
        base: { severity: 3, likelihood: 3, because: 'they reach conductors' },
      }),
      ...(!near &&
        screws.value === 'pointed' && {
          wants: [want(panel.id, 'pointedNearConductors', 'see whether they reach conductors')],
        }),
    });
  },
});
