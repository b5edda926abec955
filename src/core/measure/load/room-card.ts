import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';

/** Room left in a panel. Undefined: what it follows from was not read. */
export interface RoomCard {
  /** Printed numbers of positions recorded as empty and not burned: those that can take a device. */
  freePositions: number[];
  /** Printed numbers where the label allows a half-size breaker and none sits. */
  tandemPositions: number[] | undefined;
  /** Screws without a conductor. */
  freeNeutrals: number | undefined;
  freeGrounds: number | undefined;
  /** Circuits the label allows, less those there. */
  circuitsLeft: number | undefined;
}

export function roomCard({ reader }: SiteView, panel: PanelView): RoomCard {
  const damaged = (ref: string) =>
    reader.value(ref, 'busCondition') === 'burned' || reader.value(ref, 'barred') === true;
  // A position nobody recorded is not known to be free.
  const free = panel.positions.filter(
    ({ devices, opening, ref }) => devices.length === 0 && opening && !damaged(ref),
  );
  const allowed = reader.value(panel.id, 'labelTandemPositions');
  const freeScrews = (kind: 'neutral' | 'ground') => {
    const bars = panel.bars.filter((bar) => bar.kind === kind);
    if (bars.length === 0 || bars.some(({ count }) => count === undefined)) return undefined;
    return bars.reduce(
      (sum, bar) =>
        sum + bar.count! - bar.terminals.filter(({ conductors }) => conductors.length > 0).length,
      0,
    );
  };
  const most = reader.value(panel.id, 'labelCircuits');
  const there = panel.devices.reduce(
    (sum, device) =>
      sum +
      (device.form === 'tandem' || device.form === 'quad'
        ? device.terminals.length
        : device.height),
    0,
  );
  return {
    freePositions: free.map(({ number }) => number),
    tandemPositions: allowed?.filter((number) => {
      const position = panel.positions.find((one) => one.number === number);
      return (
        position &&
        (position.devices.length > 0 || position.opening) &&
        !damaged(position.ref) &&
        reader.value(position.ref, 'stabTakes') !== 'full-size' &&
        !position.devices.some(({ form }) => form === 'tandem' || form === 'quad')
      );
    }),
    freeNeutrals: freeScrews('neutral'),
    freeGrounds: freeScrews('ground'),
    circuitsLeft: most === undefined ? undefined : Math.max(0, most - there),
  };
}
