import { fuseHolders } from '../../check/fuse-places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 240.22: no overcurrent device in a neutral alone. */
export const fusedNeutral = defineRule({
  id: 'fuse/fused-neutral',
  title: 'Fuse or switch in a neutral alone',
  stage: 8,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds: 'A fuse or switch in a neutral alone. Open, it is Danger now.',
  example: 'A fuse panel of the thirties with a fuse in every white wire.',
  sources: [{ code: '240.22', says: 'grounded conductor not fused' }],
  remedies: ['joined-solid'],
  messages: {
    fused: {
      short: '{place}: fuse or switch in a neutral',
      seen: 'At {place} a fuse or switch sits in a neutral alone.',
      why: 'When it opens, the circuit looks dead and every wire of it is live.',
      ask: 'The neutral joined solid by a licensed electrician.',
    },
    open: {
      short: '{place}: a fuse or switch in a neutral is open',
      seen: 'At {place} a fuse or switch in a neutral is open now.',
      why: 'The circuit looks dead and every wire of it is live.',
      ask: 'The hot of this circuit switched off and tagged today.',
    },
  },
  asks: 'fuse',
  places: fuseHolders,
  check({ device }, { site: { reader } }) {
    const neutral = reader.fact(device.id, 'fusedNeutral');
    if (!neutral)
      return notSeen(want(device.id, 'fusedNeutral', 'see whether it sits in a neutral alone'));
    if (neutral.value === 'no') return clear('in a hot', neutral);
    return neutral.value === 'open'
      ? found('open', {}, [neutral], { danger: 'a neutral is open at its fuse or switch' })
      : found('fused', {}, [neutral]);
  },
});
