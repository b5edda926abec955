import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { circuitsLeft, positionFree } from '../panel-work/room';
import { newSingle } from '../panel-work/moves';
import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';

/** A breaker and a position of its own for each further wire under a screw. */
export const ownPosition: Ways = (here) => {
  const { terminal, device } = here;
  if (!terminal || !device) return [];
  const more = terminal.conductors.slice(1);
  if (more.length === 0) return [];
  return one(
    here,
    (work) => {
      for (const { id, size, metal } of more) {
        const limit =
          size && metal
            ? largestDeviceA(here.yardstick, metal.value, size.value, 60, true)
            : undefined;
        const ratingA = Math.min(terminal.handleA ?? 15, limit ?? 15);
        const refusal = newSingle(work, here.panel.id, { ratingA, conductor: id });
        if (refusal) return refusal;
      }
      work.say(terminal.ref, { conductorCount: 1 });
      const circuit = terminal.circuit?.id;
      if (circuit && (here.reader.value(circuit, 'joinedWith') ?? 'no') !== 'no')
        work.say(circuit, { joinedWith: 'no' });
      return undefined;
    },
    {
      says: `The other wire of ${device.label} to a breaker of its own in a free position`,
      conditions: [positionFree(here, more.length), circuitsLeft(here, more.length)],
      uses: { positions: more.length, labelCircuits: more.length },
      parts: { 'breaker-1': more.length },
    },
  );
};
