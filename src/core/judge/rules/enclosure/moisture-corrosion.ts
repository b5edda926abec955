import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule } from '../../check/rule';

/** 110.11, 110.12(B): no deteriorating agents inside. */
export const moistureCorrosion = defineRule({
  id: 'enclosure/moisture-corrosion',
  title: 'Rust, water or bloom inside',
  stage: 8,
  hazards: ['fire', 'damage'],
  base: { severity: 3, likelihood: 3 },
  behindCover: true,
  finds: 'Rust, water, or white or green bloom inside the box.',
  example: 'Rust running down from the service conduit onto the main.',
  sources: [
    { code: '110.11', says: 'deteriorating agents' },
    { code: '110.12(B)', says: 'no corroded parts' },
  ],
  remedies: [
    'Follow the water: mast, conduit, wall; stop it there first',
    'Replace the interior where contacts are corroded',
  ],
  remediesInOrder: true,
  messages: {
    damp: {
      short: 'Inside: {value}',
      seen: 'Inside the panel there is {value}.',
      why: 'Water eats contacts and springs: joints heat, and breakers may stay closed when they should open.',
      ask: 'The way of the water found and stopped, then every joint and breaker looked at.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Inside the box')],
  check: readsChoice({
    property: 'moistureInside',
    say: 'look for rust, water and bloom inside',
    adverse: { rust: 'damp', water: 'damp', bloom: 'damp' },
  }),
});
