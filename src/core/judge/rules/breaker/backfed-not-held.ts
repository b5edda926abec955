import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 408.36(D): a plug-on breaker fed from its load side is fastened. */
export const backfedNotHeld = defineRule({
  id: 'breaker/backfed-not-held',
  title: 'Back-fed breaker not held down',
  stage: 8,
  hazards: ['shock', 'arc flash'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  behindCover: true,
  finds:
    'A plug-on main or source breaker fed from its load side without a hold-down that takes a tool to release.',
  example: 'A 60 A two-pole breaker used as the main of a shed panel, held by its clip alone.',
  sources: [{ code: '408.36(D)', says: 'back-fed devices fastened' }],
  remedies: ['hold-down', 'factory-main'],
  messages: {
    free: {
      short: '{place}: fed from its load side, not held down',
      seen: '{place} is fed from its load side and not held down.',
      why: 'Pulled from the bus it stays live at its open jaws, in the hand of whoever pulled it.',
      ask: 'The hold-down kit made for this panel.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.devices,
  quiet: {
    unless: ['backfed'],
    property: 'backfed',
    say: 'see whether it is fed from its load side',
  },
  check({ device }, { site: { reader } }) {
    const backfed = reader.fact(device.id, 'backfed');
    if (!backfed)
      return notSeen(want(device.id, 'backfed', 'see whether it is fed from its load side'));
    if (!backfed.value) return doesNotApply('fed by the bus');
    const held = reader.fact(device.id, 'heldDown');
    if (!held) return notSeen(want(device.id, 'heldDown', 'look for a hold-down'));
    return held.value ? clear('held down', backfed, held) : found('free', {}, [backfed, held]);
  },
});
