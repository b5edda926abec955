import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** A neutral that moves: what hangs on it can get up to the full line voltage. */
export const looseNeutral = defineRule({
  id: 'neutral/loose',
  title: 'Loose neutral',
  stage: 9,
  hazards: ['damage', 'fire'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A neutral that moves at a touch, or a heat mark at its screw. Whether it is firm is found by touching, by who may.',
  example: 'The neutral of the kitchen turns under its screw.',
  sources: [{ code: '110.14(D)', says: 'terminals tightened to their torque' }],
  remedies: ['re-made'],
  messages: {
    loose: {
      short: '{place}: loose',
      seen: 'The neutral at {place} is loose.',
      why: 'When it lets go, goods on it that are made for 120 V can get up to 240 V, and the joint burns.',
      ask: 'Every neutral re-made to its torque with the supply off.',
    },
    hot: {
      short: '{place}: heat mark',
      seen: 'The neutral at {place} shows a heat mark.',
      why: 'This joint has been hot: it grips badly, or carries more than its wire should.',
      ask: 'The cause found, and the joint re-made with the supply off.',
    },
  },
  asks: 'neutral',
  places: ({ places }) =>
    places.barTerminals.filter(({ terminal }) =>
      terminal.conductors.some((one) => one.function?.value === 'neutral'),
    ),
  quiet: {
    unless: ['tightness', 'melted', 'heatMark'],
    property: 'tightness',
    say: 'tug it, if you may',
  },
  check({ terminal }, { site: { reader } }) {
    const abouts = [terminal.ref, ...terminal.conductors.map((one) => one.id)];
    for (const about of abouts) {
      const tightness = reader.fact(about, 'tightness');
      if (tightness && tightness.value !== 'firm') return found('loose', {}, [tightness]);
    }
    for (const about of abouts)
      for (const property of ['melted', 'heatMark'] as const) {
        const mark = reader.fact(about, property);
        if (mark?.value) return found('hot', {}, [mark]);
      }
    const firm = reader.fact(terminal.ref, 'tightness');
    if (!firm) return notSeen(want(terminal.ref, 'tightness', 'tug it, if you may'));
    const mark = reader.fact(terminal.ref, 'heatMark');
    if (!mark) return notSeen(want(terminal.ref, 'heatMark', 'look for heat at the screw'));
    return clear('firm, no heat mark', firm, mark);
  },
});
