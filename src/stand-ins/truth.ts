import { nmOf, torqueOnLabel } from '@/core/installation/panel/torque';
import type { Assessment, Solution } from '@/core';
import { propertySpec } from '@/core/record/entries/properties';
import { splitRef } from '@/core/record/entries/thing-types';
import type { Leg } from '@/core/vocabulary/system';
import type { PanelView, TerminalView } from '@/core/installation/panel/views';
import type { Branch, Network } from '@/core/model/simulation/network';
import { withBranches } from '@/core/model/simulation/network';
import { ampsIn, voltsApart } from '@/core/model/simulation/questions';
import { siteNetwork, solve } from '@/core';
import { earth, joint } from '@/core/model/simulation/supply-branches';
import type { Probe } from './driver';
import type { HiddenFaults } from './hidden-faults';

const ambientC = 21;
/** Rise of a sound joint at its full rating, K. */
const soundRiseK = 18;
const provingUnitV = 120;

/** What an instrument would find at a place, from the circuit model with its hidden faults. */
export interface Truth {
  /** Undefined where the stand-in has nothing to say of it. */
  at(probe: Probe): number | undefined;
  temperatureC(terminal: TerminalView, panel: PanelView): number;
}

export function truthOf(
  { site, yardstick }: Assessment,
  hidden: HiddenFaults,
  /** The main is off: pairs behind it are dead. */
  off = false,
): Truth | { fault: string } {
  const { network: recorded, assumptions } = siteNetwork(site, yardstick, hidden.whatIf);
  const network = withBranches(recorded, ...hiddenLoads(site.panels, recorded, hidden));
  const solved = solve(network);
  if (!solved.ok) return { fault: solved.reason };
  const { solution } = solved;
  const amps = (id: string) => (off ? 0 : ampsIn(solution, id));
  const panelOf = (ref: string) =>
    site.panels.find(({ id, terminals }) => id === splitRef(ref).thing || terminals.has(ref));
  const terminalAmps = (terminal: TerminalView, panel: PanelView) =>
    off ? 0 : loadOf(terminal, panel, network.branches, solution);
  const temperatureC = (terminal: TerminalView, panel: PanelView) => {
    const share = terminalAmps(terminal, panel) / (terminal.handleA ?? 20);
    const extra = hidden.hot[`${panel.id}:${terminal.label}`] ?? 0;
    return ambientC + (soundRiseK + extra) * Math.min(share, 1.5) ** 2;
  };
  return {
    temperatureC,
    at({ about, property }) {
      const panel = panelOf(about);
      const volts = (from: string, to: string) => (off ? 0 : (voltsApart(solution, from, to) ?? 0));
      if (property.startsWith('prove')) return provingUnitV;
      const pair = /^(?:dead)?([abcn])([abcng])V$/i.exec(property);
      if (pair && panel) {
        const ends = [pair[1]!, pair[2]!].map((end) => end.toUpperCase() as Leg | 'N' | 'G');
        return volts(joint(panel.id, ends[0]!), joint(panel.id, ends[1]!));
      }
      const terminal = panel?.terminals.get(about);
      if (terminal && panel) {
        if (property === 'loadCurrentA') return terminalAmps(terminal, panel);
        if (property === 'outputV')
          return isOn(terminal, site.reader)
            ? volts(joint(panel.id, terminal.leg), joint(panel.id, 'N'))
            : 0;
        if (property === 'temperatureC') return temperatureC(terminal, panel);
      }
      switch (property) {
        case 'legA':
          return amps(`hot:${about}:A`);
        case 'legB':
          return amps(`hot:${about}:B`);
        case 'neutralA':
          return amps(`neutral:${about}`);
        case 'groundA':
          return amps(`ground:${about}`);
        case 'pipeCurrentA': {
          const at = site.reader.value(about, 'bondedAt');
          return amps(`electrode:${about}`) + (at ? amps(`pipe:${at}`) : 0);
        }
        case 'enclosureToEarthV':
          return volts(joint(about, 'G'), earth);
        case 'electrodeOhm':
          return assumptions.find(({ id }) => id === `electrode:${about}`)?.value ?? 25;
        case 'continuityOhm':
          return 0.18;
        case 'temperatureC':
          return ambientC + 6;
        case 'torqueNm': {
          const label = (panel && torqueOnLabel(about, panel, site.reader)?.value) ?? 4;
          const firm = site.reader.value(about, 'tightness') ?? 'firm';
          return nmOf(label) * (firm === 'firm' ? 1 : 0.55);
        }
        default:
          return undefined;
      }
    },
  };
}

/** Loads that are on though nobody recorded them. */
const hiddenLoads = (
  panels: readonly PanelView[],
  { branches }: Network,
  { loadsA }: HiddenFaults,
): Branch[] =>
  panels.flatMap((panel) =>
    [...panel.terminals.values()].flatMap((terminal): Branch[] => {
      const amps = loadsA[`${panel.id}:${terminal.label}`];
      const id = `load:${terminal.ref}`;
      if (amps === undefined || branches.some((one) => one.id === id)) return [];
      const [from, to] = [joint(panel.id, terminal.leg), joint(panel.id, 'N')];
      return [{ id, from, to, ohm: 120 / amps, kind: 'load', words: `load at ${terminal.label}` }];
    }),
  );

/** Unit of a probe's figures. */
export const unitOf = ({ property }: Probe): string => propertySpec(property)?.unit ?? '';

const isOn = ({ device }: TerminalView, reader: Assessment['site']['reader']) =>
  (reader.value(device.id, 'handleState') ?? 'on') === 'on';

/** A of a circuit: its own load, or its part of what the leg carries besides, by the ratings. */
function loadOf(
  terminal: TerminalView,
  panel: PanelView,
  branches: readonly { id: string; kind: string }[],
  solution: Solution,
): number {
  const own = branches.filter(
    ({ id, kind }) =>
      kind === 'load' &&
      (id === `load:${terminal.ref}` ||
        id.endsWith(`-${terminal.ref}`) ||
        id.startsWith(`load:${terminal.ref}-`)),
  );
  if (own.length > 0) return Math.max(...own.map(({ id }) => ampsIn(solution, id)));
  const alone = [...panel.terminals.values()].filter(
    (one) => one.leg === terminal.leg && one.circuit && one.circuit.terminals.length === 1,
  );
  const rest = ampsIn(solution, `rest:${panel.id}:${terminal.leg}`);
  const ratings = alone.reduce((sum, one) => sum + (one.handleA ?? 15), 0);
  return alone.includes(terminal) ? (rest * (terminal.handleA ?? 15)) / ratings : 0;
}
