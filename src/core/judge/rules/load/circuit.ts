import { circuitLoadA } from '../../../measure/load/circuit-load';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

const alwaysContinuous: readonly string[] = [
  'water-heater',
  'heat',
  'supplementary-heat',
  'charger',
];
const neverContinuous: readonly string[] = ['range', 'dryer'];

/** 210.19, 210.20: a continuous load takes at most 80 % of its breaker, any other all of it. */
export const circuitLoad = defineRule({
  id: 'load/circuit',
  title: 'Circuit loaded past its breaker',
  stage: 10,
  hazards: ['fire', 'outage'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A measured or listed load above the breaker; a continuous one (three hours or more; storage water heaters, fixed heat and vehicle chargers always; ranges and dryers not) above 80 % of it. A range counts by its demand, 220.55. Every leg is clamped, or it is not seen.',
  example: 'A water heater of 4500 W on a 20 A breaker: 94 %.',
  sources: [
    { code: '210.20(A)', says: 'continuous loads at 125 %' },
    { code: '220.55', says: 'one range to 12 kW counts as 8 kW' },
    { code: '422.13', says: 'storage water heaters are continuous' },
  ],
  remedies: ['loads-to-another', 'larger-breaker-and-wire'],
  messages: {
    continuous: {
      short: '{place}: {loadA} A continuous, {percent} % of {deviceA} A',
      seen: 'The {by} load of {place} is {loadA} A for hours, {percent} % of its {deviceA} A breaker.',
      why: 'Breaker and wire are made for 80 % for hours on end; above it joints age and the breaker trips warm.',
      ask: 'A breaker and wire for 125 % of this load, or less load.',
    },
    over: {
      short: '{place}: {loadA} A, {percent} % of {deviceA} A',
      seen: 'The {by} load of {place} is {loadA} A, {percent} % of its {deviceA} A breaker.',
      why: 'Between 100 and 135 % a breaker may hold for ever, while the wire warms.',
      ask: 'Loads moved to another circuit.',
    },
  },
  asks: 'circuit',
  places: ({ places }) => places.circuits,
  check({ circuit, terminals, ref }, { site, panel, yardstick }) {
    const { reader } = site;
    const load = circuitLoadA(site, panel, circuit, yardstick);
    const [terminal] = terminals;
    if (!load)
      return notSeen(
        want(terminal?.ref ?? ref, 'loadCurrentA', 'clamp the circuit with its loads on'),
      );
    const deviceA = terminal?.handleA;
    if (deviceA === undefined)
      return notSeen(want(terminal?.device.id ?? ref, 'handleRatingsA', 'read the rating'));
    const share = load.a / deviceA;
    const percent = Math.round(share * 100);
    const data = { loadA: Math.round(load.a * 10) / 10, percent, deviceA, by: load.by };
    const facts = [...load.facts, terminal?.ratingA];
    if (share > 1)
      return found('over', data, facts, {
        base: { severity: 3, likelihood: 3, because: 'over 100 %' },
      });
    const always = circuit.loads.find((one) => alwaysContinuous.includes(one.kind?.value ?? ''));
    const hourly = circuit.loads.filter((one) => !neverContinuous.includes(one.kind?.value ?? ''));
    const said = hourly.map((one) => reader.fact(one.id, 'continuous'));
    const yes = said.find((fact) => fact?.value);
    if (share > yardstick.continuousShare && (always || yes))
      return found('continuous', data, [...facts, always?.kind, yes]);
    if (!load.whole && load.by === 'measured') {
      const other = terminals.find((one) => !reader.fact(one.ref, 'loadCurrentA'));
      return notSeen(want(other?.ref ?? ref, 'loadCurrentA', 'clamp every leg of the circuit'));
    }
    if (!load.whole) {
      const unread = circuit.loads.find((one) => !reader.fact(one.id, 'listedW'))!;
      return notSeen(
        want(unread.id, 'listedW', 'read every nameplate on the circuit, or clamp it'),
      );
    }
    if (share <= yardstick.continuousShare) return clear(`${percent} % of ${deviceA} A`, ...facts);
    if (circuit.loads.length > 0 && hourly.length === 0)
      return clear(`${percent} % of ${deviceA} A, not continuous`, ...facts);
    if (circuit.loads.length === 0 || said.some((fact) => !fact))
      return notSeen(
        want(
          hourly[0]?.id ?? ref,
          hourly[0] ? 'continuous' : 'places',
          'say whether it runs three hours or more',
        ),
      );
    return clear(`${percent} % of ${deviceA} A, not continuous`, ...facts, ...said);
  },
});
