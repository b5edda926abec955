import { formOf } from '../../../vocabulary/device-forms';
import { panelPlace } from '../../check/places';
import type { TerminalPlace } from '../../check/places';
import type { Place } from '../../check/place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 210.10, delta with high leg: no 120 V load on B. */
export const highLeg = defineRule<Place & Partial<Pick<TerminalPlace, 'terminal'>>>({
  id: 'load/high-leg',
  title: '120 V load on the high leg',
  stage: 8,
  hazards: ['damage', 'fire'],
  base: { severity: 4, likelihood: 4 },
  finds:
    'A load connected from leg B to neutral in a 240 V delta with a high leg: it gets 208 V. Line-to-line loads on B are right.',
  example: 'Bench outlets on a single breaker at position 3 of a high-leg panel.',
  sources: [{ code: '110.15, 408.3(F)', says: 'the high leg' }],
  remedies: ['to-leg-a-or-c'],
  messages: {
    high: {
      short: '{place}: on the high leg, 208 V to neutral',
      seen: '{place} is on leg B, the high leg, and feeds a load from line to neutral.',
      why: 'Everything on it made for 120 V gets 208 V, and burns out or catches fire.',
      ask: 'Switched off now; the circuit moved to leg A or C.',
    },
  },
  places({ panel, places }) {
    if (!panel.systemRead || panel.system !== 'high-leg-delta')
      return [panelPlace(panel, 'High leg')];
    const onB = places.terminals.filter(
      ({ terminal }) =>
        terminal.leg === 'B' &&
        formOf(terminal.device.form).circuits.some(
          (circuit) => circuit.length === 1 && circuit[0] === terminal.index - 1,
        ),
    );
    return onB.length > 0 ? onB : [panelPlace(panel, 'High leg')];
  },
  check({ terminal }, { site: { reader }, panel }) {
    if (!panel.systemRead)
      return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    if (panel.system !== 'high-leg-delta') return doesNotApply('no high leg in this supply');
    if (!terminal) return clear('no single pole on leg B', panel.supply.fact);
    const load = terminal.circuit?.loads[0];
    const poles = load && reader.fact(load.id, 'loadPoles');
    const neutral = panel.conductors.find(
      (one) =>
        one.function?.value === 'neutral' &&
        one.cable &&
        terminal.conductors.some((hot) => hot.cable === one.cable),
    );
    if (poles?.value === 'line-to-line') return clear('line to line', poles);
    if (poles) return found('high', {}, [poles, panel.supply.fact]);
    if (neutral) return found('high', {}, [neutral.function, neutral.landsOn, panel.supply.fact]);
    return notSeen(
      want(
        load?.id ?? terminal.ref,
        load ? 'loadPoles' : 'conductorCount',
        'see whether a neutral goes with it',
      ),
    );
  },
});
