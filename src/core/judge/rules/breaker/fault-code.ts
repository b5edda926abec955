import { formOf, isFuse } from '../../../vocabulary/device-forms';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** An electronic breaker that shows a code tells what it saw. */
export const faultCode = defineRule({
  id: 'breaker/fault-code',
  title: 'Electronic breaker shows a fault code',
  stage: 6,
  hazards: ['fire', 'shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'An electronic breaker that shows a fault code; the code and its maker’s legend are recorded. One whose self test is good shows none.',
  example: 'Two blinks on an arc-fault breaker: "series arc" by the legend.',
  sources: [{ code: '110.3(B)', says: 'the maker’s legend' }],
  remedies: ['legend-of-the-code', 'new-breaker-by-code'],
  remediesInOrder: true,
  messages: {
    code: {
      short: '{place}: shows {code}',
      seen: '{place} shows: {code}.',
      why: 'It opened on something it saw in the wiring, or found itself faulty.',
      ask: 'The circuit looked at by the meaning of the code before it is used again.',
    },
  },
  asks: 'device',
  places: ({ places }) =>
    places.devices.filter(({ device }) => !isFuse(device) && !formOf(device.form).noHandle),
  quiet: {
    unless: ['protection'],
    property: 'protection',
    say: 'read whether it is an electronic breaker',
  },
  check({ device }, { site: { reader } }) {
    const protection = reader.fact(device.id, 'protection');
    if (!protection)
      return notSeen(want(device.id, 'protection', 'read whether it is an electronic breaker'));
    if (protection.value === 'ordinary') return doesNotApply('not electronic');
    const code = reader.fact(device.id, 'faultCode');
    if (code) return found('code', { code: code.value }, [code, protection]);
    const test = reader.fact(device.id, 'testButton');
    if (test?.value === 'good') return clear('no code, test good', test);
    return notSeen(want(device.id, 'faultCode', 'read the code it shows, or test it'));
  },
});
