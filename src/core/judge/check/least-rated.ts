import type { TerminalView } from '../../installation/panel/views';
import { insulationC } from '../../installation/panel/insulation';
import { ampacityOf } from '../../codes/yardstick/conductor-limit';
import type { Yardstick } from '../../codes/yardstick/yardstick';

/** Rating of the least-rated part at a terminal: breaker or conductor, A. */
export function leastRatedA(yardstick: Yardstick, terminal: TerminalView): number | undefined {
  const ratings = terminal.conductors.flatMap((conductor) => {
    if (!conductor.size || !conductor.metal) return [];
    return (
      ampacityOf(
        yardstick,
        conductor.metal.value,
        conductor.size.value,
        insulationC(conductor) ?? 60,
      ) ?? []
    );
  });
  if (terminal.handleA !== undefined) ratings.push(terminal.handleA);
  return ratings.length > 0 ? Math.min(...ratings) : undefined;
}
