import type { SiteView } from '../../installation/panel/site-view';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { listed } from '../../vocabulary/phrases';
import type { SpotKey } from '../placing/placement-problem';
import { covered, wireWay } from '../placing/placement-problem';
import { spotKey } from '../remedies/panel-work/pieces';

/**
 * What nobody has seen and a step hangs on: whether wires reach, whether a stab it did not sit on before is sound,
 * whether it takes a tandem, whether breakers that are joined are ordinary ones without a tie. Undefined
 * where all of it is known.
 */
export function looksFirst({ site: { reader }, panel }: { site: SiteView; panel: PanelView }) {
  const positions = new Map(panel.positions.map((position) => [spotKey(position), position]));
  return (
    was: DeviceView | undefined,
    is: DeviceView | undefined,
    reaches: SpotKey | undefined,
  ): string | undefined => {
    const far = was !== undefined && reaches !== undefined && wireWay(spotKey(was), reaches) > 0;
    const toTandem = is?.form === 'tandem' && was?.form !== 'tandem';
    const joined = was !== undefined && (is === undefined ? reaches !== undefined : toTandem);
    const onto = is
      ? covered(spotKey(is), is.height).flatMap((key) => positions.get(key) ?? [])
      : [];
    const unseen = onto.filter(
      ({ ref, devices }) =>
        !devices.some(({ id }) => id === was?.id) &&
        reader.value(ref, 'busCondition') === undefined,
    );
    const unread =
      joined &&
      (['protection', 'tie'] as const).some(
        (property) => reader.value(was.id, property) === undefined,
      );
    const asks = [
      ...(far ? [`the wires of ${was.label} reach`] : []),
      ...unseen.map(({ number }) => `the stab at ${number} is sound`),
      ...(toTandem
        ? onto
            .filter(({ ref }) => reader.value(ref, 'stabTakes') === undefined)
            .map(({ number }) => `the stab at ${number} takes a tandem`)
        : []),
      ...(unread ? [`${was.label} is an ordinary breaker without a tie`] : []),
    ];
    return asks.length === 0 ? undefined : `see whether ${listed(asks)}`;
  };
}
