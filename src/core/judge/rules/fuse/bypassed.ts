import { fuseHolders } from '../../check/fuse-places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** Something else in the fuse’s place. */
export const bypassed = defineRule({
  id: 'fuse/bypassed',
  title: 'Fuse bypassed',
  stage: 6,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 5 },
  finds: 'A coin, foil, wire or oversize slug in the place of a fuse: Danger now.',
  example: 'A coin behind the plug fuse of the kitchen.',
  sources: [{ code: '240.4', says: 'conductors protected' }],
  remedies: ['right-fuse-after-tampering'],
  messages: {
    bypass: {
      short: '{place}: {value} in place of a fuse',
      seen: 'In the place of the fuse at {place}: {value}.',
      why: 'Nothing opens on this circuit, whatever the wire carries.',
      ask: 'The circuit switched off and left off until a licensed electrician has fitted the right fuse.',
    },
  },
  asks: 'fuse',
  places: fuseHolders,
  check({ device }, { site: { reader } }) {
    const fuse = reader.fact(device.id, 'fuseBypassed');
    if (!fuse) return notSeen(want(device.id, 'fuseBypassed', 'see what is in the fuse’s place'));
    if (fuse.value === 'fuse') return clear('a fuse', fuse);
    return found(
      'bypass',
      { value: fuse.value === 'slug' ? 'an oversize slug' : fuse.value },
      [fuse],
      {
        danger: 'fuse bypassed',
      },
    );
  },
});
