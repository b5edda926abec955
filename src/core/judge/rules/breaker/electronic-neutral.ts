import { formOf, isFuse } from '../../../vocabulary/device-forms';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 110.3(B): an electronic breaker measures through its own neutral. */
export const electronicNeutral = defineRule({
  id: 'breaker/electronic-neutral',
  title: 'Electronic breaker wired wrongly at the neutral',
  stage: 8,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 3 },
  outsideListing: true,
  behindCover: true,
  finds:
    'An arc-fault or ground-fault breaker whose pigtail is off the neutral bar, or whose load neutral is on the bar or crossed with another’s. It may trip, or not protect. A breaker that plugs onto the neutral bar, or whose load has no neutral, is not asked.',
  example: 'A ground-fault breaker with the white of its circuit on the neutral bar.',
  sources: [{ code: '110.3(B)', says: 'wired by its instructions' }],
  remedies: ['electronic-neutral-right'],
  messages: {
    pigtail: {
      short: '{place}: pigtail not on the neutral bar',
      seen: 'The white pigtail of {place} is not on the neutral bar.',
      why: 'Without it the electronics of this breaker have no supply, and it does not protect.',
      ask: 'The pigtail landed on the neutral bar, then the test button.',
    },
    load: {
      short: '{place}: load neutral {value}',
      seen: 'The load neutral of {place} is {value}.',
      why: 'The breaker sees current go and not come back: it trips for nothing, or somebody defeats it.',
      ask: 'The circuit’s own neutral on this breaker, then the test button.',
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
  check({ device }, { site: { reader }, panel }) {
    const protection = reader.fact(device.id, 'protection');
    if (!protection)
      return notSeen(want(device.id, 'protection', 'read whether it is an electronic breaker'));
    if (protection.value === 'ordinary') return doesNotApply('not electronic');
    if (reader.value(device.id, 'plugOnNeutral') || reader.value(panel.id, 'plugOnNeutral'))
      return doesNotApply('plugs onto the neutral bar: it has no pigtail');
    const loads = device.terminals.flatMap(({ circuit }) => circuit?.loads ?? []);
    if (
      loads.length > 0 &&
      loads.every(({ id }) => reader.value(id, 'loadPoles') === 'line-to-line')
    )
      return doesNotApply('its load has no neutral');
    const pigtail = reader.fact(device.id, 'pigtail');
    const neutral = reader.fact(device.id, 'loadNeutral');
    if (pigtail?.value === 'off') return found('pigtail', {}, [pigtail]);
    if (neutral && neutral.value !== 'on-device')
      return found(
        'load',
        { value: neutral.value === 'on-bar' ? 'on the bar' : 'crossed with another’s' },
        [neutral],
      );
    if (!pigtail) return notSeen(want(device.id, 'pigtail', 'follow the white pigtail'));
    if (!neutral) return notSeen(want(device.id, 'loadNeutral', 'follow the load neutral'));
    return clear('neutral on the breaker, pigtail on the bar', pigtail, neutral);
  },
});
