import { listed } from '../../../vocabulary/phrases';
import type { Fact } from '../../../record/entries/inspection';
import type { Want } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** Year from which an outlet for charging is asked to be ground-fault protected. */
const groundFaultSince = 2017;

/** 625.40, 625.41, 625.54: a vehicle charges on a circuit of its own, for hours. */
export const vehicleCharger = defineRule({
  id: 'load/vehicle-charger',
  title: 'Circuit of a vehicle charger not made for it',
  stage: 11,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'A charger that shares its circuit, whose breaker is under 125 % of the current it is set to, or that is plugged into an outlet not made for hours of charging; by an outlet, since 2017, without ground-fault protection. One that is hard-wired asks for no ground-fault protection.',
  example: 'A 32 A charger on a 30 A dryer circuit, by an ordinary outlet.',
  sources: [
    { code: '625.40', says: 'a branch circuit of its own' },
    { code: '625.41', says: 'rated at 125 % of the load' },
    { code: '625.54', says: 'ground-fault protection of outlets' },
  ],
  remedies: ['charger-circuit-right'],
  messages: {
    unfit: {
      short: '{place}: {value}',
      seen: 'The vehicle charger on {place}: {value}.',
      why: 'It draws its full current for hours, night after night: what is a little too small for it cooks slowly, in the wall or at the plug.',
      ask: 'A circuit for the charger alone, at 125 % of what it is set to; or the charger set lower.',
    },
    'ground-fault': {
      short: '{place}: charging outlet without ground-fault protection',
      seen: 'The vehicle on {place} is charged from an outlet without ground-fault protection.',
      why: 'A damaged cable outdoors, in the wet, can make the vehicle itself live.',
      ask: 'Ground-fault protection for this outlet.',
    },
  },
  asks: 'load',
  places: ({ places }) =>
    places.circuits.filter(({ circuit }) =>
      circuit.loads.some(({ kind }) => kind?.value === 'charger'),
    ),
  check({ circuit, terminals, ref }, { site: { reader }, panel, yardstick }) {
    const charger = circuit.loads.find(({ kind }) => kind?.value === 'charger')!;
    const [wrong, facts, wants]: [string[], Fact[], Want[]] = [[], [charger.kind!], []];
    const keep = <T extends Fact>(fact: T | undefined, asked: Want): T | undefined => {
      if (fact) facts.push(fact);
      else wants.push(asked);
      return fact;
    };
    if (circuit.loads.length > 1) wrong.push('it shares its circuit');
    const setTo = keep(
      reader.fact(charger.id, 'chargerA'),
      want(charger.id, 'chargerA', 'read what current the charger is set to'),
    );
    const [terminal] = terminals;
    const deviceA = terminal?.handleA;
    if (deviceA === undefined)
      wants.push(
        want(terminal?.device.id ?? ref, 'handleRatingsA', 'read the rating of its breaker'),
      );
    else if (setTo && deviceA < setTo.value / yardstick.continuousShare - 1e-9)
      wrong.push(`set to ${setTo.value} A on a ${deviceA} A breaker`);
    const by = keep(
      reader.fact(charger.id, 'chargerConnection'),
      want(charger.id, 'chargerConnection', 'see whether it is hard-wired'),
    );
    if (by?.value === 'outlet') {
      const outlet = keep(
        reader.fact(charger.id, 'chargerOutlet'),
        want(charger.id, 'chargerOutlet', 'read whether its outlet is made for hours of charging'),
      );
      if (outlet?.value === 'ordinary') wrong.push('plugged into an ordinary outlet');
    }
    if (wrong.length > 0) return found('unfit', { value: listed(wrong) }, facts, { wants });
    if (by?.value === 'outlet') {
      const device = terminal && reader.fact(terminal.device.id, 'protection');
      const upstream = reader.fact(circuit.id, 'upstreamProtection');
      const gives = (value: string | undefined) => value === 'ground-fault' || value === 'both';
      if (gives(device?.value) || gives(upstream?.value))
        facts.push(...[device, upstream].filter((fact) => fact !== undefined));
      else if (!device)
        wants.push(want(terminal?.device.id ?? ref, 'protection', 'read its protection'));
      else if (!upstream)
        wants.push(want(circuit.id, 'upstreamProtection', 'look for a protective device upstream'));
      else {
        const year = reader.fact(panel.building, 'yearBuilt');
        return found('ground-fault', {}, [...facts, device, upstream, year], {
          since: groundFaultSince,
          wants,
        });
      }
    }
    return wants.length > 0 ? notSeen(...wants) : clear('its own circuit, large enough', ...facts);
  },
});
