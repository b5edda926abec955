import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { deviceWordOf, partsOfDevice, renewDevice } from '../panel-work/devices';
import { terminalRef } from '../../../record/entries/thing-types';
import { capital } from '../../../vocabulary/phrases';
import { toGroundV } from '../../../vocabulary/system';
import { legVoltages } from '../../../installation/panel/leg-voltages';

/** A new breaker; its output as the bus gives it. */
export const outputAgain: Ways = (here) => {
  const device = here.device;
  const terminal = here.terminal;
  if (!device || !terminal) return [];
  return one(
    here,
    (work) => {
      renewDevice(work, work.device(device.id)!);
      const legs = legVoltages(here.reader, here.panel);
      const bus =
        {
          A: legs?.a.value,
          B: legs?.second === 'B' ? legs.b.value : undefined,
          C: legs?.second === 'C' ? legs.b.value : undefined,
        }[terminal.leg] ?? toGroundV(here.panel.system);
      const now = work.today(device.id);
      const [, busLeg] = ({ A: ['', 'anV'], B: ['', 'bnV'], C: ['', 'cnV'] } as const)[
        terminal.leg
      ];
      work.say(here.panel.id, { [busLeg]: bus });
      if (here.reader.value(device.id, 'poleToPoleV') !== undefined)
        work.say(now, { poleToPoleV: legs?.across.value ?? 2 * toGroundV(here.panel.system) });
      for (const { ref, index } of device.terminals) {
        if (here.reader.value(ref, 'acrossV') !== undefined)
          work.say(terminalRef(now, index), { acrossV: 0.1 });
        if (true as boolean) work.say(terminalRef(now, index), { outputV: bus });
      }
    },
    {
      parts: partsOfDevice(here, device),
      says: `${capital(deviceWordOf(device))} ${device.label} by a new one`,
    },
  );
};
