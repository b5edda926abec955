import { runsOf } from '../../../vocabulary/phrases';
import { positionRef } from '../../../record/entries/thing-types';
import type { DeviceView } from '../../../installation/panel/views';
import { met, notKnown, notMet } from '../condition';
import type { Condition } from '../remedy';
import type { Situation } from '../situation';

/** The label allows a tandem where a device stands. */
export function tandemAllowed(here: Situation, device: DeviceView): Condition {
  const allowed = here.reader.value(here.panel.id, 'labelTandemPositions');
  if (allowed === undefined)
    return notKnown(
      'the label allows a tandem here',
      'read which positions the label allows tandems at',
    );
  const stab = here.reader.value(
    positionRef(here.panel.id, device.column, device.row),
    'stabTakes',
  );
  if (stab === 'full-size') return notMet('the stab here has no notch for a tandem');
  if (allowed.includes(device.number)) return met('the label allows a tandem here');
  return notMet(
    allowed.length === 0
      ? 'the label allows no tandem'
      : `the label allows ${runsOf(allowed)} only`,
  );
}

/** The organisation's own limit, tighter than the label. */
export function houseLimit(here: Situation): Condition {
  const most = here.settings.house.mostTandems;
  const there = here.panel.devices.filter(({ form }) => form === 'tandem').length;
  return most === null || there < most
    ? met('within the house limit')
    : notMet(`the house limit is ${most} tandems, and ${there} are there`);
}
