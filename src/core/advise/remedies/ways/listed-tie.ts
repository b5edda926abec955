import { areNeighbours, neighboursOf } from '../panel-work/moves';
import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';
import { deviceOn } from '../device-on';

/** Handles of neighbours tied by the part made for them. */
export const listedTie: Ways = (here) => {
  const devices = here.things('device').flatMap((id) => deviceOn(here.panel, id) ?? []);
  const all =
    devices.length === 1 ? [...devices, ...neighboursOf(here.panel, devices[0]!)] : devices;
  const adjacent = areNeighbours(all);
  const lineToLine = here.finding.verdict.rule.id === 'breaker/no-common-trip';
  return one(
    here,
    (work) => {
      for (const { id } of devices.length === 1 ? devices : all) work.say(id, { tie: 'listed' });
    },
    {
      conditions: [
        adjacent || all.some(({ height }) => height > 1)
          ? met('the handles stand side by side')
          : all.length < 2
            ? notKnown('the handles stand side by side', 'record the breaker it is tied to')
            : notMet('the handles do not stand side by side'),
        ...(lineToLine
          ? [
              notKnown(
                'a tie is listed for a load between the legs here',
                'read the listing of the breakers',
              ),
            ]
          : []),
      ],
      parts: { 'handle-tie': 1 },
    },
  );
};
