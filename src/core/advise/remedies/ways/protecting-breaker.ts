import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';
import { renewDevice } from '../panel-work/devices';

/** A breaker that brings the protection asked for. */
export const protectingBreaker: Ways = (here) => {
  const circuit = here.panel.circuits.find(({ id }) => id === here.ref.split('/')[0]);
  const terminal = here.panel.terminals.get(circuit?.terminals[0] ?? '');
  if (!terminal) return [];
  const { device } = terminal;
  const shared = here.panel.multiwires.some(({ hots }) =>
    hots.some((hot) => hot.device === device),
  );
  return one(
    here,
    (work) => {
      renewDevice(work, work.device(device.id)!, { protection: 'both' });
      work.say(device.id, { testButton: 'good', pigtail: 'landed', loadNeutral: 'on-device' });
    },
    {
      says: `Breaker ${device.label} by one with arc-fault and ground-fault protection`,
      conditions: [
        device.form === 'single-pole' || device.form === 'two-pole'
          ? met('a full-size breaker')
          : notMet('no such breaker is made in half the width'),
        shared && device.form === 'single-pole'
          ? notMet('its neutral is shared: a one-pole breaker of that kind would trip')
          : met('its neutral is its own'),
        here.reader.value(here.panel.id, 'labelAccepts') === undefined
          ? notKnown('the label’s list names one', 'read the label’s list of breakers')
          : met('a type on the label’s list'),
      ],
      parts:
        device.form === 'two-pole'
          ? { 'dual-function-breaker': 2 }
          : { 'dual-function-breaker': 1 },
    },
  );
};
