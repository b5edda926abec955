import type { SiteView } from '../../installation/panel/site-view';
import { systems } from '../../vocabulary/system';
import type { Leg } from '../../vocabulary/system';
import type { CircuitView, PanelView, TerminalView } from '../../installation/panel/views';
import { supplyDevice } from '../../installation/panel/overcurrent-above';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import { circuitLoadA } from './circuit-load';
import { neutralAmps } from './neutral-amps';
import type { PanelDemand } from './panel-demand';
import { panelDemands } from './panel-demand';

/** One circuit with its load. */
export interface CircuitLine {
  circuit: CircuitView;
  terminals: TerminalView[];
  name: string;
  breakerA: number | undefined;
  /** A; undefined: neither measured nor on a nameplate. */
  amps: number | undefined;
  by: 'measured' | 'listed' | undefined;
  /** A nameplate is unread: it may be more. */
  atLeast: boolean;
  /** Of the breaker's rating. */
  share: number | undefined;
}

export interface LegLine {
  leg: Leg;
  /** Sum of the loads known on it, A. */
  knownA: number;
  /** As clamped. */
  clampedA: number | undefined;
}

export interface NeutralLine {
  words: string;
  amps: number | undefined;
}

export interface LoadSheet {
  circuits: CircuitLine[];
  legs: LegLine[];
  /** Load of each section of a split-bus panel, A. */
  sections: { words: string; amps: number; limitA: number | undefined }[];
  neutrals: NeutralLine[];
  demands: PanelDemand[];
  /** What the demand still wants, where there is none. */
  wanted: string | undefined;
  deviceA: number | undefined;
}

const wantedWords: Record<string, string> = {
  peakLegA: 'the highest peak of a leg over a year, or recorded for 30 days',
  peakOver: 'how long the peak was recorded',
  floorAreaM2: 'the floor area',
  loadsListed: 'all fixed loads recorded with their power',
  listedW: 'the power of every fixed load',
};

/** Loads of a panel by circuit, leg, section and neutral, and its demand by each method. */
export function loadSheet(site: SiteView, panel: PanelView, yardstick: Yardstick): LoadSheet {
  const { reader } = site;
  const circuits = panel.circuits.map((circuit): CircuitLine => {
    const terminals = circuit.terminals.flatMap((ref) => panel.terminals.get(ref) ?? []);
    const load = circuitLoadA(site, panel, circuit, yardstick);
    const breakerA = terminals[0]?.handleA;
    return {
      circuit,
      terminals,
      name: circuit.name ?? 'unnamed',
      breakerA,
      amps: load?.a,
      by: load?.by,
      atLeast: load ? !load.whole : false,
      share: load && breakerA ? load.a / breakerA : undefined,
    };
  });
  const onLeg = (leg: Leg) =>
    circuits.reduce(
      (sum, { amps = 0, terminals }) => sum + (terminals.some((one) => one.leg === leg) ? amps : 0),
      0,
    );
  const clamped: Partial<Record<Leg, number | undefined>> = {
    A: reader.value(panel.id, 'legA'),
    B: reader.value(panel.id, 'legB'),
    C: reader.value(panel.id, 'legC'),
  };
  const { demands, wanted } = panelDemands(site, panel, yardstick);
  return {
    circuits,
    legs: systems[panel.system].legs.map((leg) => ({
      leg,
      knownA: onLeg(leg),
      clampedA: clamped[leg],
    })),
    sections: sectionsOf(panel, circuits),
    neutrals: panel.multiwires.map(({ hots }) => {
      const loads = hots.map((hot) => ({
        leg: hot.leg,
        amps: circuits.find(({ terminals }) => terminals.includes(hot))?.amps,
      }));
      const known = loads.every(({ amps }) => amps !== undefined) && panel.systemRead;
      return {
        words: `shared by ${hots.map(({ label }) => label).join(' and ')}`,
        amps: known ? neutralAmps(loads as { leg: Leg; amps: number }[], panel.system) : undefined,
      };
    }),
    demands,
    wanted: demands.length === 0 ? wantedWords[wanted] : undefined,
    deviceA: supplyDevice(site, panel)?.ratingA,
  };
}

function sectionsOf(panel: PanelView, circuits: readonly CircuitLine[]): LoadSheet['sections'] {
  const { upperRows, lowerFedBy } = panel;
  if (upperRows === undefined) return [];
  const worst = (inSection: (terminal: TerminalView) => boolean) =>
    Math.max(
      0,
      ...systems[panel.system].legs.map((leg) =>
        circuits.reduce(
          (sum, { amps = 0, terminals }) =>
            sum + (terminals.some((one) => one.leg === leg && inSection(one)) ? amps : 0),
          0,
        ),
      ),
    );
  const lower = (terminal: TerminalView) => terminal.row > upperRows;
  return [
    { words: 'upper section', amps: worst((one) => !lower(one)), limitA: undefined },
    { words: 'lower section', amps: worst(lower), limitA: lowerFedBy?.terminals[0]?.handleA },
  ];
}
