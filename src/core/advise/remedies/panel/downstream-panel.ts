import { add } from '../../../fieldwork/recording/draft';
import { ratingsOf } from '../../../fieldwork/recording/replacement';
import { takeOutDevice } from '../../../fieldwork/recording/take-out-device';
import { terminalRef } from '../../../record/entries/thing-types';
import type { DeviceView } from '../../../installation/panel/views';
import { newDevice } from '../panel-work/moves';
import { groundFor } from '../panel-work/supply';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';
import type { PanelSituation } from '../situation';
import type { Work } from '../work';

/** Circuits that move to it, and the breaker that feeds it. */
const moves = 6;
const feederA = 60;

export const downstreamPanel = defineRemedy({
  id: 'downstream-panel',
  words: 'A downstream panel',
  parts: {
    'downstream-panel': 1,
    'breaker-2': 1,
    'feeder-metre': 3,
    'breaker-1': moves,
    permit: 1,
  },
  minutes: [240, 360, 600],
  tell: [{ whom: 'permit', why: 'a new panel', days: 10 }],
  wrong: ['the wires are lengthened in the old box: it must have room for the joints'],
  record: ['neutral to ground in it under load, and torque'],
  global: (at) => {
    const going = movable(at).slice(0, moves);
    if (going.length < moves) return [];
    return whole(at, (work) => moveToNewPanel(work, at, going), {
      says: `A downstream panel of 12 positions on ${feederA} A; ${going.map(({ label }) => label).join(', ')} move to it`,
      uses: { positions: 2 },
      frees: { positions: moves, labelCircuits: moves - 2 },
    });
  },
});

const movable = ({ panel, reader }: PanelSituation): DeviceView[] => {
  const shared = new Set(panel.multiwires.flatMap(({ hots }) => hots.map(({ device }) => device)));
  const protectedOnes = (device: DeviceView) =>
    !['ordinary', undefined].includes(reader.value(device.id, 'protection'));
  return panel.devices.filter(
    (device) =>
      device.form === 'single-pole' &&
      !shared.has(device) &&
      !protectedOnes(device) &&
      device.terminals.every(({ conductors }) => conductors.length <= 1),
  );
};

function moveToNewPanel(
  work: Work,
  { panel, yardstick }: PanelSituation,
  going: readonly DeviceView[],
): string | undefined {
  const id = work.newId();
  const moved = going.map((device) => ({
    ratingA: device.terminals[0]?.handleA ?? 15,
    wire: device.terminals[0]?.conductors[0],
    circuit: device.terminals[0]?.circuit,
  }));
  for (const device of going) {
    const view = work.panelOf(panel.id)!;
    work.take(
      takeOutDevice(
        work.device(device.id)!,
        { leaves: 'blanked' },
        { panel: view, site: work.site, newId: work.newId },
      ),
    );
  }
  const refusal = newDevice(work, panel.id, 'two-pole', {
    ratingA: feederA,
    name: 'Downstream panel',
  });
  if (refusal) return refusal;
  const feeder = work
    .panelOf(panel.id)!
    .devices.find(({ terminals }) => terminals[0]?.circuit?.name === 'Downstream panel');
  const neutral = work.newId();
  const ground = work.newId();
  work.record([
    add('panel', id, panel.building, {
      name: 'Downstream panel',
      panelKind: 'breaker',
      mainKind: 'lugs',
      rows: 6,
      fedFrom: feeder!.id,
      supplySize: '6',
      supplyMetal: 'cu',
      supplyNeutralSize: '6',
      supplyGroundSize: groundFor(yardstick, feederA, 'cu'),
      supplyGroundMetal: 'cu',
      feederHasGround: true,
      separateBuilding: false,
      bond: 'none',
      coverOpened: 'opened',
      ratingLabel: 'legible',
      labelBusA: 100,
      labelCircuits: 12,
      labelTandemPositions: [],
      directory: 'specific',
    }),
    add('bar', neutral, id, {
      barKind: 'neutral',
      terminalCount: 12,
      side: 'left',
      barMounting: 'standoffs',
    }),
    add('bar', ground, id, {
      barKind: 'ground',
      terminalCount: 15,
      side: 'right',
      barBonded: 'bonded',
    }),
  ]);
  moved.forEach(({ ratingA, wire, circuit }, at) => {
    const device = work.newId();
    const cable = work.newId();
    const hot = work.newId();
    work.record([
      add('device', device, id, {
        place: { kind: 'position', column: at < 3 ? 1 : 2, row: (at % 3) + 1 },
        form: 'single-pole',
        handleRatingsA: ratingsOf('single-pole', ratingA),
        terminalTakes: 1,
        protection: 'ordinary',
        handleState: 'on',
        tightness: 'firm',
      }),
      add('circuit', work.newId(), id, {
        terminals: [terminalRef(device, 1)],
        ...(circuit?.name !== undefined && { name: circuit.name }),
      }),
      add('cable', cable, id, { cableKind: 'nm', cableClamp: 'clamped', jacketState: 'sound' }),
      add('conductor', hot, cable, {
        function: 'hot',
        size: wire?.size?.value ?? '12',
        metal: 'cu',
        colour: 'black',
        insulationState: 'sound',
        landsOn: terminalRef(device, 1),
      }),
    ]);
    work.say(terminalRef(device, 1), { conductorCount: 1 });
    if (wire) work.say(wire.id, { endState: 'joined', splicedTo: hot, spliceHow: 'listed' });
    if (circuit) work.say(circuit.id, { terminals: [] });
  });
  return work.refusal;
}
