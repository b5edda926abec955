import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';

/** Dryer or range connected by four wires. */
export const fourWireAppliance: Ways = (here) => {
  const load = here.finding.outcome.facts.find(
    ({ property }) => property === 'applianceWires',
  )?.about;
  return load === undefined ? [] : one(here, (work) => work.say(load, { applianceWires: 'four' }));
};
