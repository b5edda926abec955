import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import type { Outcome, Place, Scene } from '../../check/rule';
import { defineRule } from '../../check/rule';

const inside = readsChoice({
  property: 'moistureInside',
  say: 'look for rust, water and bloom inside',
  adverse: { rust: 'damp', water: 'damp', bloom: 'damp' },
});

/** 110.11, 110.12(B): no deteriorating agents inside. */
export const moistureCorrosion = defineRule({
  id: 'enclosure/moisture-corrosion',
  title: 'Rust, water or bloom inside',
  stage: 8,
  hazards: ['fire', 'damage'],
  base: { severity: 3, likelihood: 3 },
  behindCover: true,
  finds:
    'Rust, water, or white or green bloom inside the box. What it reached stays corroded; where it came in found and stopped, it goes no further.',
  example: 'Rust running down from the service conduit onto the main.',
  sources: [
    { code: '110.11', says: 'deteriorating agents' },
    { code: '110.12(B)', says: 'no corroded parts' },
  ],
  remedies: ['stop-the-water', 'interior'],
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
  check: Object.assign(
    (place: Place, scene: Scene): Outcome => {
      const outcome = inside(place, scene);
      const stopped = scene.site.reader.fact(scene.panel.id, 'waterStopped');
      if (outcome.outcome !== 'found' || !stopped?.value) return outcome;
      return {
        ...outcome,
        facts: [...outcome.facts, stopped],
        base: { severity: 3, likelihood: 1, because: 'where it came in was found and stopped' },
      };
    },
    { quiet: inside.quiet },
  ),
});
