import { defineRemedy } from '../remedy';
import { one } from '../panel-work/one';
import { renewDevice } from '../panel-work/devices';

export const protectionAtOutlets = defineRemedy({
  id: 'protection-at-outlets',
  words: 'Ordinary breakers at the panel, the protection at the first outlets',
  parts: { 'breaker-1': 1 },
  minutes: [40, 70, 140],
  record: ['test button'],
  ways: (here) => {
    const group = here.panel.multiwires.find(({ id }) => id === here.ref);
    const electronic = (group?.hots ?? []).filter(({ device }) => {
      const kind = here.reader.value(device.id, 'protection');
      return kind !== undefined && kind !== 'ordinary';
    });
    return one(here, (work) => {
      for (const { device, circuit } of electronic) {
        const kind = here.reader.value(device.id, 'protection')!;
        renewDevice(work, work.device(device.id)!, { protection: 'ordinary' });
        if (circuit && kind !== 'ordinary') work.say(circuit.id, { upstreamProtection: kind });
      }
    });
  },
});
