import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.14(B): joints made with devices identified for them, wherever they lie. */
export const panelSplice = defineRule({
  id: 'conductor/panel-splice',
  title: 'Joint in the panel not made as it should be',
  stage: 8,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 2 },
  behindCover: true,
  finds: 'A joint inside the enclosure that is taped, bare, or in a connector not made for it.',
  example: 'A short wire twisted to a longer one and taped, in the gutter of the panel.',
  sources: [{ code: '110.14(B)', says: 'splices with devices identified for the use' }],
  remedies: ['joint-made-again'],
  messages: {
    taped: {
      short: '{place}: {value}',
      seen: '{place} is joined inside the panel: {value}.',
      why: 'A joint that is only held by tape or by the wrong connector loosens and gets hot.',
      ask: 'The joint made again in a connector listed for these sizes and metals.',
    },
    bare: {
      short: '{place}: joint {value}',
      seen: '{place} is joined inside the panel: {value}.',
      why: 'Bare live metal lies among grounded parts and fingers.',
      ask: 'Switched off and tagged until the joint is made again in a listed connector.',
    },
  },
  asks: 'conductor',
  places: ({ places, site: { reader } }) =>
    places.conductors.filter(
      ({ conductor }) =>
        reader.fact(conductor.id, 'splicedTo') ??
        reader.fact(conductor.id, 'spliceHow') ??
        reader.value(conductor.id, 'endState') === 'joined',
    ),
  check: readsChoice({
    property: 'spliceHow',
    say: 'look how the joint is made',
    adverse: {
      unfit: 'taped',
      taped: 'taped',
      bare: {
        message: 'bare',
        base: { severity: 4, likelihood: 3, because: 'live metal bare in the panel' },
      },
    },
  }),
});
