import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.14(B): free ends are covered. */
export const bareEnd = defineRule({
  id: 'conductor/bare-end',
  title: 'Loose bare end',
  stage: 8,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 2 },
  behindCover: true,
  finds: 'A conductor cut and left, or loose without a cap. Live it is close to happening.',
  example: 'A black wire in the gutter, its end bare, not on any screw.',
  sources: [{ code: '110.14(B)', says: 'free ends of conductors covered' }],
  remedies: ['cap', 'dead-cable-out'],
  messages: {
    bare: {
      short: '{place}: bare loose end',
      seen: '{place} ends bare and loose inside the panel.',
      why: 'It needs only to move, or somebody to switch on what it belongs to.',
      ask: 'A cap on the end, or the cable taken out.',
    },
    live: {
      short: '{place}: bare loose end, live',
      seen: '{place} ends bare and loose inside the panel, and is live.',
      why: 'It lies among grounded metal and fingers; nothing holds it where it is.',
      ask: 'Switched off at its breaker and tagged; capped by a licensed electrician.',
    },
  },
  asks: 'conductor',
  places: ({ places }) => places.conductors,
  check({ conductor }, { site: { reader } }) {
    const end = reader.fact(conductor.id, 'endState');
    if (end?.value === 'bare') return found('bare', {}, [end]);
    if (end?.value === 'bare-live')
      return found('live', {}, [end], {
        base: { severity: 4, likelihood: 4, because: 'live' },
      });
    if (end && end.value !== 'loose') return clear('covered, joined or landed', end);
    if (conductor.landsOn?.value) return clear('on a screw', conductor.landsOn);
    return notSeen(want(conductor.id, 'endState', 'look at its end'));
  },
});
