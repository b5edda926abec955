import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown, notMet } from '../condition';
import type { Condition } from '../remedy';

/** The joint that a three-wire feeder to another building needs, where each condition holds. */
export const permittedBond: Ways = (here) => {
  const fact = (property: 'separateBuilding' | 'metalPathBetween' | 'groundFaultUpstream') =>
    here.reader.value(here.panel.id, property);
  const must = (
    value: boolean | undefined,
    wanted: boolean,
    says: string,
    look: string,
  ): Condition =>
    value === undefined
      ? notKnown(says, look)
      : value === wanted
        ? met(says)
        : notMet(`not so: ${says}`);
  const year =
    here.reader.value(here.panel.id, 'yearBuilt') ??
    here.reader.value(here.panel.building, 'yearBuilt');
  return one(
    here,
    (work) =>
      work.say(here.panel.id, {
        bond: 'strap',
        separateBuilding: true,
        metalPathBetween: false,
        groundFaultUpstream: false,
      }),
    {
      conditions: [
        must(
          fact('separateBuilding'),
          true,
          'it feeds a separate building',
          'see which building it stands in',
        ),
        must(
          fact('metalPathBetween'),
          false,
          'no continuous metal path joins the buildings',
          'look for pipes and shields between the buildings',
        ),
        must(
          fact('groundFaultUpstream'),
          false,
          'no ground-fault protection upstream',
          'look for it at the supply',
        ),
        year === undefined
          ? notKnown(
              `the feeder is older than ${here.yardstick.fourWireFeederSince}`,
              'find its year',
            )
          : year < here.yardstick.fourWireFeederSince
            ? met(`the feeder is older than ${here.yardstick.fourWireFeederSince}`)
            : notMet(
                `the feeder is of ${year}: it brings its own ground since ${here.yardstick.fourWireFeederSince}`,
              ),
      ],
    },
  );
};
