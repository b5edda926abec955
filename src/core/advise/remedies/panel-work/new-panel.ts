import { shippedFamilies } from '../../../codes/families/shipped';
import { ratingsOf } from '../../../fieldwork/recording/replacement';
import { add } from '../../../fieldwork/recording/draft';
import { lengthMm } from '../length-mm';
import type { PanelSituation } from '../situation';
import type { Work } from '../work';
import type { DeviceView } from '../../../installation/panel/views';
import { formOf, halved } from '../../../vocabulary/device-forms';
import { renewDevice } from './devices';
import { makeRun, newDevice } from './moves';
import { newInsides, sayAnew } from './new-insides';

export interface NewPanel {
  /** A; the one that is there where it is not given. */
  mainA?: number | undefined;
  /** Rows of positions in each column. */
  rows: number;
}

/** Rows of a new panel: what is used now, half as much again, 10 at least. */
export function rowsWanted({ panel }: Pick<PanelSituation, 'panel'>): number {
  const circuits = panel.devices.reduce((sum, { terminals }) => sum + terminals.length, 0);
  return Math.min(42, Math.max(10, panel.rows ?? 0, Math.ceil((circuits * 1.5) / 2)));
}

/** Main of a new panel: at least what is there. */
export const mainWanted = ({ panel, reader, yardstick }: PanelSituation): number => {
  const now = panel.main?.terminals[0]?.handleA ?? reader.value(panel.id, 'labelMainA') ?? 100;
  return yardstick.standardRatingsA.find((one) => one >= Math.max(100, now)) ?? 200;
};

/**
 * A new panel in the old one's place, of a family with no history: box, bus, lugs, breakers and label
 * are new; wires and circuits stay and land as they did.
 */
export function newPanel(
  work: Work,
  { panel, reader, settings, yardstick }: PanelSituation,
  { mainA, rows }: NewPanel,
): void {
  const { id } = panel;
  const ratingA = mainA ?? panel.main?.terminals[0]?.handleA ?? 100;
  const sourcesA = [...reader.inspection.things.values()]
    .filter((thing) => thing.type === 'source' && reader.value(thing.id, 'feeds') === id)
    .reduce((sum, source) => sum + (reader.value(source.id, 'sourceA') ?? 0), 0);
  const least = Math.max(ratingA + yardstick.continuousFactor * sourcesA, 100);
  const busA = yardstick.standardRatingsA.find((one) => one >= least) ?? ratingA;
  const family = [...settings.families, ...shippedFamilies].find(
    ({ hazard, nameplates }) => !hazard && nameplates.length > 0,
  );
  const nameplate = family?.nameplates[0];
  newInsides(work, id);
  sayAnew(work, id, {
    ratingLabel: 'legible',
    labelMainA: busA,
    directory: 'specific',
    signsOfOpening: [],
    mainMarked: true,
    deadFront: 'sound',
    coverScrews: 'right',
    pointedNearConductors: false,
    scorch: 'none',
    scorchAt: [],
    knockoutsClosed: 'closed',
    mounting: 'firm',
    wallAround: 'closed',
    penetration: 'none',
    bushing: 'fitted',
    racewayBonded: 'bonded',
    interruptingKa: 22,
    labelStabA: 400,
    fillPercent: 30,
    spliceFillPercent: 30,
    weatherRating: 'rain',
    closedUp: [],
    mainThrows: 1,
  });
  work.say(id, {
    panelKind: 'breaker',
    rows: Math.max(rows, panel.rows ?? 0),
    mainKind: 'breaker',
    labelBusA: busA,
    labelCircuits: 2 * Math.max(rows, panel.rows ?? 0),
    labelTandemPositions: [],
    ...(nameplate && { maker: nameplate.maker, labelAccepts: [nameplate.maker] }),
    ...(nameplate?.models[0] !== undefined && { model: nameplate.models[0] }),
  });
  sayAnew(work, id, { waterNear: 'none' });
  for (const knockout of panel.knockouts) sayAnew(work, knockout, { knockoutState: 'closed' });
  closeTheRest(work, id);
  renewMain(work, id, ratingA);
  renewBreakers(work, id);
  closeTheRest(work, id);
}

function renewMain(work: Work, panel: string, ratingA: number): void {
  const view = work.site.panels.find((one) => one.id === panel)!;
  if (view.main)
    return renewDevice(work, view.main, {
      form: 'two-pole',
      handleRatingsA: ratingsOf('two-pole', ratingA),
    });
  work.record([
    add('device', work.newId(), panel, {
      place: { kind: 'main' },
      form: 'two-pole',
      handleRatingsA: ratingsOf('two-pole', ratingA),
      handleState: 'on',
    }),
  ]);
}

function renewBreakers(work: Work, panel: string): void {
  const view = work.site.panels.find((one) => one.id === panel)!;
  for (const { id } of [...view.devices, ...view.pullOuts]) {
    const device = work.device(id);
    if (!device || device.isMain) continue;
    if (device.form === 'pull-out') {
      const run = makeRun(work, panel, 'two-pole');
      renewDevice(work, device, { form: 'two-pole' });
      if (typeof run !== 'string')
        work.say(device.id, {
          place: { kind: 'position', column: run[0]!.column, row: run[0]!.row },
        });
    } else if (halved(device.form) || device.half) wholeWidth(work, panel, device);
    else renewDevice(work, device, device.form === 'plug-fuse' ? { form: 'single-pole' } : {});
  }
}

/** In a panel with room each circuit has the whole width: the first stays, the others move to free positions. */
function wholeWidth(work: Work, panel: string, device: DeviceView): void {
  const { circuits } = formOf(device.form);
  const [first, ...others] = circuits.map((indexes) =>
    indexes.map((index) => device.terminals[index]!),
  );
  for (const terminals of others) {
    const wires = terminals.flatMap(({ conductors }) => conductors);
    newDevice(work, panel, terminals.length > 1 ? 'two-pole' : 'single-pole', {
      ratingA: terminals[0]?.handleA ?? 15,
      ...(wires[0] && { conductor: wires[0].id }),
      ...(terminals[0]?.circuit && { circuit: terminals[0].circuit.id }),
    });
  }
  if (device.half) {
    const run = makeRun(work, panel, 'single-pole');
    if (typeof run !== 'string')
      work.say(device.id, {
        place: { kind: 'position', column: run[0]!.column, row: run[0]!.row },
      });
  }
  const now = work.device(device.id)!;
  renewDevice(work, now, {
    form: (first?.length ?? 1) > 1 ? 'two-pole' : 'single-pole',
    handleRatingsA: ratingsOf(
      (first?.length ?? 1) > 1 ? 'two-pole' : 'single-pole',
      first?.[0]?.handleA ?? 15,
    ),
  });
}

/** Positions nobody uses are closed by the new cover. */
function closeTheRest(work: Work, panel: string): void {
  for (const { ref, devices, opening } of work.site.panels.find((one) => one.id === panel)!
    .positions)
    if (devices.length === 0 && opening?.value !== 'covered') work.say(ref, { opening: 'covered' });
}

/** Clear space as a new place is chosen to have it. */
export function clearPlace(work: Work, { panel, reader }: PanelSituation): void {
  const height = lengthMm(reader.value(panel.id, 'equipmentHeight')) ?? 0;
  const width = lengthMm(reader.value(panel.id, 'equipmentWidth')) ?? 0;
  work.say(panel.id, {
    ...(height === 0 && { equipmentHeight: 900 }),
    ...(width === 0 && { equipmentWidth: 360 }),
    placedIn: 'open',
    highestHandle: 1700,
    headroom: Math.max(2100, height),
    depthMm: 1250,
    clearWidth: Math.max(800, width),
    obstructions: [],
    doorOpens: true,
    waterNearby: [],
    lightThere: true,
    occupantReaches: true,
    combustiblesNear: false,
  });
}
