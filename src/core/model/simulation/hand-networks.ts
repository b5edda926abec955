import { conductorOhm } from '../../codes/yardstick/conductor-ohm';
import type { Branch, BranchKind, Network } from './network';
import { withBranches } from './network';
import { windings } from './source';
import type { SystemName } from '../../vocabulary/system';
import { us2020 } from '../../codes/yardstick/us-2020';

/** Networks put together by hand, for tests and benches. */
export const wire = (
  id: string,
  from: string,
  to: string,
  ohm: number,
  kind: BranchKind = 'hot',
): Branch => ({ id, from, to, ohm, kind, words: id });

const ft = 304.8;

/** Ideal windings and service conductors of 10 mΩ each, the neutral too, to a first disconnect `m`. */
export const firstDisconnect = (system: SystemName = 'split-phase', ohm = 0.01): Network => ({
  branches: [
    ...windings(system, (end) => `s:${end}`, 0),
    ...(['A', 'B', 'N'] as const).map((end) => wire(`service-${end}`, `s:${end}`, `m:${end}`, ohm)),
    wire('main-bond', 'm:N', 'm:G', 0, 'bond'),
  ],
});

/** The first worked figure: a panel 40 ft away, 6 copper and 10 copper ground, 12 Ω on one leg. */
export function shedNetwork({ bondOhm, pipeOhm }: { bondOhm?: number; pipeOhm?: number }): Network {
  const six = conductorOhm(us2020, '6', 'cu', 40 * ft);
  const ten = conductorOhm(us2020, '10', 'cu', 40 * ft);
  return withBranches(
    firstDisconnect(),
    wire('feeder-A', 'm:A', 'p:A', six),
    wire('feeder-N', 'm:N', 'p:N', six, 'neutral'),
    wire('feeder-G', 'm:G', 'p:G', ten, 'ground'),
    wire('load', 'p:A', 'p:N', 12, 'load'),
    ...(bondOhm === undefined ? [] : [wire('bond', 'p:N', 'p:G', bondOhm, 'bond')]),
    ...(pipeOhm === undefined ? [] : [wire('pipe', 'm:G', 'p:G', pipeOhm, 'pipe')]),
  );
}
