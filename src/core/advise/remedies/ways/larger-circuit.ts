import { deviceWordOf, partsOfDevice, renewDevice } from '../panel-work/devices';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';
import { renewRun, sizeFor } from '../panel-work/runs';
import { ratingsOf } from '../../../fieldwork/recording/replacement';
import { terminalRef } from '../../../record/entries/thing-types';
import { capital } from '../../../vocabulary/phrases';

/** A larger breaker with the wire for it. */
export const largerCircuit: Ways = (here) => {
  const load = here.figure('loadA');
  const terminal =
    here.terminal ??
    here.panel.terminals.get(
      here.panel.circuits.find(({ id }) => id === here.ref)?.terminals[0] ?? '',
    );
  if (load === undefined || !terminal) return [];
  const ratingA = here.yardstick.standardRatingsA.find(
    (one) => one * here.yardstick.continuousShare >= load,
  );
  if (ratingA === undefined) return [];
  const size = sizeFor(here.yardstick, ratingA, 'cu');
  const { device } = terminal;
  const measured = device.terminals
    .map(({ ref }) => here.reader.value(ref, 'loadCurrentA'))
    .find((amps) => amps !== undefined);
  const receptacles =
    terminal.circuit?.loads.some(({ kind }) => kind?.value === 'receptacles') ?? false;
  return one(
    here,
    (work) => {
      for (const { conductors } of work.device(device.id)!.terminals)
        for (const conductor of conductors) renewRun(work, conductor.id, { size, metal: 'cu' });
      renewDevice(work, work.device(device.id)!, {
        handleRatingsA: ratingsOf(device.form, ratingA),
      });
      for (const { ref, index } of device.terminals) {
        const amps = here.reader.value(ref, 'loadCurrentA') ?? measured;
        if (amps !== undefined)
          work.say(terminalRef(work.today(device.id), index), { loadCurrentA: amps });
      }
    },
    {
      says: `${capital(deviceWordOf(device))} ${device.label} by ${ratingA} A, on ${size} copper`,
      conditions: [
        receptacles && ratingA > 20
          ? notMet(`ordinary outlets are not put on ${ratingA} A`)
          : met(`${ratingA} A is a size there is`),
      ],
      parts: { ...partsOfDevice(here, device), 'branch-cable-metre': 20 },
    },
  );
};
