import { formOf, isFuse } from '../../../vocabulary/device-forms';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** A protective device is tested monthly; one that does not trip does not protect. */
export const testButton = defineRule({
  id: 'breaker/test-button',
  title: 'Protective breaker fails its test',
  stage: 10,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'A ground-fault or arc-fault breaker that does not trip or does not reset by its button. The client is told to test monthly.',
  example: 'A ground-fault breaker of a bathroom that stays closed when its button is pressed.',
  sources: [{ code: '110.3(B)', says: 'monthly test by its instructions' }],
  remedies: ['new-breaker'],
  messages: {
    'ground-fault': {
      short: '{place}: ground-fault test: {value}',
      seen: 'By its test button {place} {value}.',
      why: 'The person it should save from a shock is not protected.',
      ask: 'A new ground-fault breaker; and the button pressed every month.',
    },
    'arc-fault': {
      short: '{place}: arc-fault test: {value}',
      seen: 'By its test button {place} {value}.',
      why: 'A chafed cord or a loose joint can burn on this circuit unnoticed.',
      ask: 'A new arc-fault breaker; and the button pressed every month.',
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
    if (protection.value === 'ordinary') return doesNotApply('no test button');
    const test = reader.fact(device.id, 'testButton');
    if (!test) return notSeen(want(device.id, 'testButton', 'press the test button, if allowed'));
    if (test.value === 'good') return clear('trips and resets', test);
    const shock = protection.value !== 'arc-fault';
    return found(
      shock ? 'ground-fault' : 'arc-fault',
      { value: test.value === 'does-not-trip' ? 'does not trip' : 'does not reset' },
      [test, protection],
      shock ? {} : { base: { severity: 4, likelihood: 2, because: 'arc-fault protection' } },
    );
  },
});
