import { panelPlace } from '../../check/places';
import { listed } from '../../../vocabulary/phrases';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** Soot on a cover tells of an arc or a hot joint behind it. */
export const scorchOnCover = defineRule({
  id: 'enclosure/scorch-on-cover',
  title: 'Soot or arc mark on the cover',
  stage: 7,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  finds: 'Soot or an arc mark on the cover, inside or outside, whether it wipes off or not.',
  example: 'A black bloom inside the cover, opposite the main.',
  sources: [{ code: '110.12(B)', says: 'no damaged or burned equipment' }],
  remedies: ['find-what-burned', 'new-cover'],
  remediesInOrder: true,
  messages: {
    soot: {
      short: 'Soot or arc mark on the cover: {value}',
      seen: '{place}: soot or an arc mark; it {value}.',
      why: 'Something behind this cover has burned or arced. It may do so again.',
      ask: 'The source found behind the mark, today’s finding or an old one, and mended.',
    },
  },
  places: ({ panel, site: { reader } }) => {
    const numbers = reader.value(panel.id, 'scorchAt') ?? [];
    const at = panel.positions.filter(({ number }) => numbers.includes(number));
    const cover = panelPlace(panel, 'Cover');
    return [
      at.length > 0
        ? {
            ...cover,
            label: `Cover at ${listed(at.map(({ number }) => number))}`,
            related: [cover.ref, ...at.map(({ ref }) => ref)],
          }
        : cover,
    ];
  },
  check: readsChoice({
    property: 'scorch',
    say: 'look at both faces of the cover',
    adverse: { wipes: 'soot', stays: 'soot' },
  }),
});
