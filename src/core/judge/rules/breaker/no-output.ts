import { busV } from '../../../measure/readings/limits';
import type { Fact } from '../../../record/entries/inspection';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** Handle on: the load terminal gives what the bus gives. */
export const noOutput = defineRule({
  id: 'breaker/no-output',
  title: 'Breaker on, and no output',
  stage: 10,
  hazards: ['outage', 'fire'],
  base: { severity: 2, likelihood: 4 },
  finds:
    'With the handle on, a load terminal dead or more than 5 % below the bus, to neutral or pole to pole, or more than 5 % of it lost between line and load of one pole. With heat at the place it is a matter of fire.',
  example: 'Breaker 17 on, 0 V at its screw, 120 V at the bus.',
  sources: [{ code: 'good practice', says: 'output of each breaker against its bus' }],
  remedies: ['new-breaker-after-look'],
  messages: {
    lost: {
      short: '{at}: {volts} V lost in the breaker, the bus gives {busV} V',
      seen: 'With its handle on, {volts} V stand between line and load of pole {at}; the bus gives {busV} V.',
      why: 'What is lost between its own contacts becomes heat inside the breaker.',
      ask: 'The breaker and its stab looked at with the supply off.',
    },
    dead: {
      short: '{place}: {volts} V, the bus gives {busV} V',
      seen: 'With its handle on, {place} reads {volts} V at the load terminal; the bus gives {busV} V.',
      why: 'The contacts inside, or the grip on the bus, have failed: what is lost there becomes heat.',
      ask: 'The breaker and its stab looked at with the supply off.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.terminals,
  quiet: {
    unless: ['handleState', 'outputV', 'poleToPoleV', 'acrossV'],
    property: 'outputV',
    say: 'measure the output, handle on',
  },
  check({ terminal }, { site: { reader }, panel, yardstick }) {
    const state = reader.fact(terminal.device.id, 'handleState');
    if (state && state.value !== 'on') return doesNotApply('its handle is not on');
    const lost = reader.fact(terminal.ref, 'acrossV');
    const busHere = busV({ about: terminal.ref, property: 'acrossV' }, panel, reader);
    if (lost && busHere !== undefined && lost.value > busHere * yardstick.outputDropShare)
      return found('lost', { at: terminal.label, volts: lost.value, busV: busHere }, [lost]);
    const pair = reader.fact(terminal.device.id, 'poleToPoleV');
    const busPair = busV({ about: terminal.device.id, property: 'poleToPoleV' }, panel, reader);
    if (
      pair &&
      (pair.value === 0 ||
        (busPair !== undefined && pair.value < busPair * (1 - yardstick.outputDropShare)))
    )
      return found('dead', { volts: pair.value, busV: busPair ?? 'its full' }, [pair]);
    const volts = reader.fact(terminal.ref, 'outputV');
    if (!volts) return notSeen(want(terminal.ref, 'outputV', 'measure the output, handle on'));
    const bus = reader.fact(
      panel.id,
      terminal.leg === 'A' ? 'anV' : terminal.leg === 'B' ? 'bnV' : 'cnV',
    );
    if (volts.value > 0 && !bus)
      return notSeen(want(panel.id, 'anV', 'measure each leg to neutral at the bus'));
    const limit = (bus?.value ?? 0) * (1 - yardstick.outputDropShare);
    if (volts.value > 0 && volts.value >= limit) return clear(`${volts.value} V`, volts, bus);
    const hot = [terminal.ref, terminal.device.id]
      .map((about) => reader.fact(about, 'heatMark'))
      .find((fact) => fact?.value);
    return found(
      'dead',
      { volts: volts.value, busV: bus?.value ?? 'its full' },
      [volts, bus, hot as Fact | undefined],
      hot ? { base: { severity: 4, likelihood: 4, because: 'with heat at the place' } } : {},
    );
  },
});
