import { torqueOnLabel, torqueText } from '../../installation/panel/torque';
import { splitRef } from '../../record/entries/thing-types';
import type { SiteView } from '../../installation/panel/site-view';
import type {
  ConductorView,
  DeviceView,
  PanelView,
  TerminalView,
} from '../../installation/panel/views';
import { roomCard } from '../../measure/load/room-card';
import { conductorWords } from '../../installation/panel/words';
import { listed } from '../../vocabulary/phrases';
import { formOf } from '../../vocabulary/device-forms';
import { properties, propertySpec } from '../../record/entries/properties';
import type { PropertyName } from '../../record/entries/properties';
import { valueWords } from './value-words';

/** Device and conductor data at a place, and what the label says, for whoever quotes and does the work. */
export function exactFacts(ref: string, panel: PanelView, site: SiteView): string[] {
  const { thing } = splitRef(ref);
  const device = [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])].find(
    ({ id }) => id === thing,
  );
  const bar = panel.bars.find(({ id }) => id === thing);
  const screw = bar?.terminals.find((one) => one.ref === ref);
  const position = panel.positions.find((one) => one.ref === ref);
  return [
    ...(device ? deviceFacts(device, ref, site) : []),
    ...(screw ? [`Under the screw: ${wires(screw.conductors, panel)}`] : []),
    ...(isLug(ref)
      ? said(ref, site, ['conductorCount', 'lugHolds', 'lugTakes', 'besideSupply', 'markedForAl'])
      : []),
    ...(position ? [`Position ${position.number}, leg ${position.leg}`] : []),
    ...(device || bar || position || thing === panel.id
      ? []
      : said(thing, site, [
          'electrodeConductorSize',
          'electrodeConductorMetal',
          'bondSize',
          'disconnectRatingA',
          'supplySize',
          'supplyMetal',
          'parallelSets',
          'supplyRaceway',
        ])),
  ];
}

/** A lug of a panel: its own part, named after its conductor. */
const isLug = (ref: string): boolean => /^l[123n]$/.test(splitRef(ref).part ?? '');

/** What the panel's label says, and what was not read of it. */
export function labelFacts(panel: PanelView, site: SiteView): string {
  const named = said(panel.id, site, ['maker', 'model', 'yearBuilt']).map(bare).join(' ');
  const room = roomWords(panel, site);
  const read = said(panel.id, site, [
    'supplySize',
    'supplyMetal',
    'parallelSets',
    'supplyNeutralSize',
    'supplyGroundSize',
    'supplyLength',
    'supplyRaceway',
    'labelBusA',
    'labelMainA',
    'labelAccepts',
    'labelCircuits',
    'labelTandemPositions',
    'labelTandemRatings',
    'labelGroundsPerTerminal',
    'interruptingKa',
  ]);
  return [named || 'maker not recorded', ...read, ...room].join('; ');
}

/** Room left for what a repair needs. */
function roomWords(panel: PanelView, site: SiteView): string[] {
  const { freePositions, tandemPositions, freeNeutrals, freeGrounds, circuitsLeft } = roomCard(
    site,
    panel,
  );
  const numbers = (title: string, found: readonly number[] | undefined) =>
    found === undefined ? [] : `${title}: ${found.length > 0 ? listed(found) : 'none'}`;
  return [
    numbers('Positions without a device', freePositions),
    numbers('Positions that still take a tandem', tandemPositions),
    circuitsLeft === undefined ? [] : `Circuits the label still allows: ${circuitsLeft}`,
    `Free neutral screws: ${freeNeutrals ?? 'not counted'}`,
    `Free ground screws: ${freeGrounds ?? 'not counted'}`,
  ].flat();
}

/** Torque figure for a place with a screw: its own label, else the panel's. Empty where there is none. */
export function torqueWords(ref: string, panel: PanelView, { reader }: SiteView): string {
  const { thing } = splitRef(ref);
  const type = reader.inspection.things.get(thing)?.type;
  const screwed = type === 'device' || type === 'bar' || isLug(ref);
  if (!screwed) return '';
  const figure = torqueOnLabel(ref, panel, reader);
  return figure === undefined
    ? 'by the label of the panel and the device: the figure was not recorded'
    : `${torqueText(figure.value)} by the ${figure.about === panel.id ? 'panel’s' : 'device’s'} label`;
}

function deviceFacts(device: DeviceView, ref: string, site: SiteView): string[] {
  const terminals = device.terminals.filter((one) => one.ref === ref);
  const here = terminals.length > 0 ? terminals : device.terminals;
  const amps = [...new Set(here.flatMap(({ handleA }) => handleA ?? []))];
  const head = [
    `${device.isMain ? 'Main' : device.label}: ${amps.length > 0 ? amps.map((one) => `${one} A`).join(' / ') : 'rating not read'}`,
    formOf(device.form).short,
    said(device.id, site, ['maker', 'breakerType']).map(bare).join(' ') || 'maker not read',
  ].join(', ');
  return [
    [
      head,
      ...said(device.id, site, ['terminalTakes', 'voltageRating', 'protection', 'interruptingKa']),
    ].join('; '),
    ...here.map(
      (terminal) => `Screw ${terminal.label}, leg ${terminal.leg}: ${terminalWires(terminal)}`,
    ),
  ];
}

const terminalWires = ({ conductors, circuit }: TerminalView) =>
  `${conductors.length === 0 ? 'no conductor recorded' : conductors.map(wire).join(' + ')}${circuit?.name ? `, ${circuit.name}` : ''}`;

const wire = (conductor: ConductorView) =>
  [
    conductorWords(conductor),
    conductor.colour?.value,
    conductor.insulation && properties.insulationKind.choices[conductor.insulation],
  ]
    .filter(Boolean)
    .join(' ');

/** Conductors under a bar's screw, each with the breaker of its cable where that is known. */
function wires(conductors: readonly ConductorView[], panel: PanelView): string {
  if (conductors.length === 0) return 'no conductor recorded';
  return conductors
    .map((conductor) => {
      const hot = [...panel.terminals.values()].find(({ conductors: landed }) =>
        landed.some(({ cable }) => cable && cable.id === conductor.cable?.id),
      );
      const use = conductor.function?.value ?? 'conductor';
      return `${use}${hot ? ` of ${hot.label}` : ''}, ${wire(conductor)}`;
    })
    .join(' + ');
}

const said = (about: string, site: SiteView, names: readonly PropertyName[]): string[] =>
  names.flatMap((property) => {
    const fact = site.reader.fact(about, property);
    return fact ? `${propertySpec(property)!.label}: ${valueWords(fact, site)}` : [];
  });
const bare = (words: string) => words.slice(words.indexOf(': ') + 2);
