import type { PositionLine } from '../../record/shorthand/line';
import { deviceAt } from './device-at';
import { moveDevice } from './move-device';
import type { Recorded, RecordingBench } from './recording-bench';
import { replaceDevice } from './replace-device';
import type { Replacement } from './replacement';
import { takeOutDevice } from './take-out-device';

/** What becomes of the device at the line's position, its wires included. */
export function recordBecomes(line: PositionLine, bench: RecordingBench): Recorded {
  const [number] = line.positions;
  const device = deviceAt(bench.panel, number!, line.half);
  if (!device)
    return {
      ok: false,
      message: `nothing is recorded at ${number}: there is nothing to move or take out`,
    };
  const becomes = line.becomes!;
  switch (becomes.kind) {
    case 'moved':
      return moveDevice(
        device,
        { number: becomes.to, ...(becomes.half && { half: becomes.half }) },
        bench,
      );
    case 'out':
      return takeOutDevice(device, line.opening ? { leaves: line.opening } : {}, bench);
    case 'never':
      return takeOutDevice(device, { mistaken: true }, bench);
    case 'new':
      return replaceDevice(device, replacementOf(line), bench);
  }
}

/** What a line says of the device itself. */
export const replacementOf = (line: PositionLine): Replacement => ({
  ...(line.form && { form: line.form }),
  ...(line.ratingsA && { handleRatingsA: line.ratingsA }),
  ...(line.maker && { maker: line.maker }),
  ...(line.breakerType && { breakerType: line.breakerType }),
  ...(line.protection && { protection: line.protection }),
  ...(line.takes && { terminalTakes: line.takes }),
  ...(line.tie && { tie: line.tie }),
  ...(line.fuseBase && { fuseBase: line.fuseBase }),
  ...(line.insertA && { insertA: line.insertA }),
  ...(line.year && { yearBuilt: line.year }),
  ...(line.remark && { remark: line.remark }),
});
