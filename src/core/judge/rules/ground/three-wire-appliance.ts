import type { LoadView } from '../../../installation/panel/views';
import { wantsPlace } from '../../check/supply-place';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 250.140: dryers and ranges by four wires since 1996; the existing three-wire one is permitted. */
export const threeWireAppliance = defineRule({
  id: 'ground/three-wire-appliance',
  title: 'Dryer or range grounded on its neutral',
  stage: 11,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  since: 1996,
  finds:
    'A dryer or range connected by three wires, its frame on the neutral. Existing ones from before 1996 are clear with an insulated neutral, or with the bare neutral of service cable from the first disconnect. A bare neutral from a panel downstream is found and never legacy.',
  example: 'A dryer on three-wire cable with bare neutral, from a panel in the next room.',
  sources: [{ code: '250.140', says: 'frames of ranges and dryers' }],
  remedies: ['four-wire-appliance'],
  messages: {
    three: {
      short: '{place}: three wires, frame on the neutral',
      seen: 'The appliance of {place} is connected by three wires, its frame on the neutral ({how}).',
      why: 'If that neutral opens, the frame of the appliance is live while it runs.',
      ask: 'A four-wire circuit with its cord.',
    },
    bare: {
      short: '{place}: bare neutral from a panel downstream',
      seen: 'The appliance of {place} is connected by three wires with a bare neutral, from a panel downstream.',
      why: 'The bare wire carries the appliance’s current along metal everybody takes for ground.',
      ask: 'A four-wire circuit with its cord.',
    },
  },
  asks: 'load',
  places: ({ places }) =>
    places.circuits.filter(({ circuit }) => circuit.loads.some(isRangeOrDryer)),
  check({ circuit }, { site: { reader }, panel, yardstick }) {
    const load = circuit.loads.find(isRangeOrDryer)!;
    const wires = reader.fact(load.id, 'applianceWires');
    if (!wires)
      return notSeen(want(load.id, 'applianceWires', 'see how the dryer or range is connected'));
    if (wires.value === 'four') return clear('four wires', wires);
    if (wires.value === 'three-bare') {
      if (panel.supply.place === 'downstream')
        return found('bare', {}, [wires, panel.supply.fact], { since: null });
      if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
      const cable = panel.conductors.find(
        (one) => one.landsOn?.value && circuit.terminals.includes(one.landsOn.value),
      )?.cable;
      if (cable?.kind && cable.kind.value !== 'se')
        return found('three', { how: 'bare, not in service cable' }, [wires, cable.kind], {
          since: null,
        });
      if (!cable?.kind)
        return notSeen(
          want(cable?.id ?? load.id, cable ? 'cableKind' : 'loadKind', 'see what cable it is in'),
        );
    }
    const year = reader.fact(panel.id, 'yearBuilt') ?? reader.fact(panel.building, 'yearBuilt');
    if (!year) return notSeen(want(panel.building, 'yearBuilt', 'find the year of the building'));
    if (year.value < yardstick.fourWireApplianceSince)
      return clear('permitted while untouched: an existing three-wire appliance', wires, year);
    return found('three', { how: wires.value === 'three-bare' ? 'bare' : 'insulated' }, [
      wires,
      year,
    ]);
  },
});

const isRangeOrDryer = ({ kind }: LoadView) => kind?.value === 'range' || kind?.value === 'dryer';
