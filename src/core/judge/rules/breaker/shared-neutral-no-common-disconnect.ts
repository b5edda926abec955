import { formOf } from '../../../vocabulary/device-forms';
import { terminalWords } from '../../../installation/panel/words';
import { listed } from '../../../vocabulary/phrases';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 210.4(B) since 2008; 210.7 for one device strap, always. */
export const sharedNeutralNoCommonDisconnect = defineRule({
  id: 'breaker/shared-neutral-no-common-disconnect',
  title: 'Circuits sharing a neutral are not switched together',
  stage: 8,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 2 },
  since: 2008,
  finds:
    'Hots that share a neutral on breakers without a listed tie or common trip. Asked for in words since 2008; where both hots end on one device strap, always. One two-pole breaker is clear.',
  example: '`2 20 12cu n12` and `4 20 12cu ~2`, handles free of each other.',
  sources: [
    { code: '210.4(B)', says: 'multiwire branch circuits disconnected together' },
    { code: '210.7', says: 'multiple branch circuits on one strap' },
  ],
  remedies: ['listed-tie', 'two-pole'],
  messages: {
    free: {
      short: '{hots} share a neutral, handles not tied',
      seen: '{hots} share one neutral; their handles are not tied.',
      why: 'With one of {hots} switched off, the neutral still carries the other: whoever opens it gets the return current of a live circuit.',
      ask: 'A listed tie or one two-pole breaker for {hots}.',
    },
  },
  asks: 'multiwire',
  places: ({ places }) => places.multiwires,
  check({ group }, { site: { reader } }) {
    const devices = [...new Set(group.hots.map((hot) => hot.device))];
    const [first] = devices;
    if (!first || group.hots.length < 2)
      return notSeen(want(group.id, 'terminals', 'find which circuits share the neutral'));
    const oneHandle =
      devices.length === 1 &&
      formOf(first.form).circuits.some((circuit) =>
        group.hots.every((hot) => circuit.includes(hot.index - 1)),
      );
    if (oneHandle) return clear('one handle', group.fact);
    const ties = devices.map((device) => ({ device, fact: reader.fact(device.id, 'tie') }));
    if (ties.every(({ fact }) => fact?.value === 'listed' || fact?.value === 'factory'))
      return clear('tied', group.fact, ...ties.map(({ fact }) => fact));
    const free = ties.filter(({ fact }) => fact?.value === 'none' || fact?.value === 'improvised');
    if (free.length === 0) {
      const unread = ties.find(({ fact }) => !fact)!.device;
      return notSeen(want(unread.id, 'tie', 'look whether the handles are tied'));
    }
    const strap = reader.fact(group.id, 'oneStrap');
    return found(
      'free',
      { hots: listed(group.hots.map(terminalWords)) },
      [group.fact, ...free.map(({ fact }) => fact), strap?.value ? strap : undefined],
      strap?.value ? { since: null } : {},
    );
  },
});
