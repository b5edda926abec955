import { properties } from '../../../record/entries/properties';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.12(B): a breaker that is broken or no longer works as one. */
export const worn = defineRule({
  id: 'breaker/worn',
  title: 'Breaker worn or failing',
  stage: 6,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 3 },
  finds:
    'A breaker that is cracked, hot to touch, loose in the handle, does not reset, or fails when tested.',
  example: 'A breaker whose handle flops between on and off.',
  sources: [{ code: '110.12(B)', says: 'no broken or damaged parts' }],
  remedies: ['new-breaker'],
  messages: {
    worn: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'It may not open when the wire behind it burns.',
      ask: 'A new breaker of a type the label lists.',
    },
    fails: {
      short: '{place}: failed to trip when tested',
      seen: '{place} failed to trip when tested.',
      why: 'It does not open when the wire behind it burns.',
      ask: 'A new breaker of a type the label lists.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.allDevices,
  quiet: {
    unless: ['wear', 'failedTrip'],
    property: 'wear',
    say: 'look at the breaker and move its handle',
  },
  check({ device }, { site: { reader } }) {
    const wear = reader.fact(device.id, 'wear');
    const failed = reader.fact(device.id, 'failedTrip');
    if (failed?.value || wear?.value === 'fails-test')
      return found('fails', {}, [failed, wear], {
        base: { severity: 4, likelihood: 3, because: 'it failed to trip when tested' },
      });
    if (!wear) return notSeen(want(device.id, 'wear', 'look at the breaker and move its handle'));
    if (wear.value === 'sound') return clear('sound', wear);
    return found('worn', { value: properties.wear.choices[wear.value] }, [wear]);
  },
});
