import type {
  CableView,
  CircuitView,
  ConductorView,
  MultiwireView,
  PanelView,
  TerminalView,
} from '../../installation/panel/views';
import { LazyPlace } from './lazy-place';
import type { Place } from './place';
import { order } from './place';

export interface ConductorPlace extends Place {
  conductor: ConductorView;
}

export interface CablePlace extends Place {
  cable: CableView;
  /** Conductors recorded in it. */
  conductors: readonly ConductorView[];
}

export interface CircuitPlace extends Place {
  circuit: CircuitView;
  terminals: readonly TerminalView[];
}

export interface MultiwirePlace extends Place {
  group: MultiwireView;
}

const functionWords = { hot: 'Wire', neutral: 'Neutral wire', ground: 'Ground wire' };

export class ConductorPlaceView extends LazyPlace implements ConductorPlace {
  declare private readonly panel: PanelView;
  declare readonly conductor: ConductorView;
  declare private readonly index: number;
  constructor(panel: PanelView, conductor: ConductorView, index: number) {
    super(conductor.id, order.wiring + index);
    this.panel = panel;
    this.conductor = conductor;
    this.index = index;
  }
  protected labelled() {
    const { function: use, landsOn } = this.conductor;
    const word = functionWords[use?.value ?? 'hot'];
    const screw = landsOn?.value && this.panel.terminals.get(landsOn.value)?.label;
    return screw ? `${word} at ${screw}` : `${word} ${this.index + 1}`;
  }
  protected relatedThings() {
    const { id, landsOn, cable } = this.conductor;
    return [id, ...(landsOn?.value ? [landsOn.value] : []), ...(cable ? [cable.id] : [])];
  }
}

class CablePlaceView extends LazyPlace implements CablePlace {
  declare readonly conductors: ConductorView[];
  declare private readonly panel: PanelView;
  declare readonly cable: CableView;
  declare private readonly index: number;
  constructor(panel: PanelView, cable: CableView, index: number) {
    super(cable.id, order.wiring + index);
    this.panel = panel;
    this.cable = cable;
    this.conductors = [];
    this.index = index;
  }
  protected labelled() {
    for (const { landsOn } of this.conductors) {
      const screw = landsOn?.value && this.panel.terminals.get(landsOn.value)?.label;
      if (screw) return `Cable at ${screw}`;
    }
    return `Cable ${this.index + 1}`;
  }
  protected relatedThings() {
    return [this.ref, ...this.conductors.map((conductor) => conductor.id)];
  }
}

export function cablePlaces(panel: PanelView): CablePlace[] {
  const byCable = new Map<CableView, CablePlaceView>();
  for (const [index, cable] of panel.cables.entries())
    byCable.set(cable, new CablePlaceView(panel, cable, index));
  for (const conductor of panel.conductors)
    if (conductor.cable) byCable.get(conductor.cable)?.conductors.push(conductor);
  return [...byCable.values()];
}

export class CircuitPlaceView extends LazyPlace implements CircuitPlace {
  declare readonly circuit: CircuitView;
  declare readonly terminals: readonly TerminalView[];
  declare private readonly index: number;
  constructor(circuit: CircuitView, terminals: readonly TerminalView[], index: number) {
    super(circuit.id, orderAt(terminals[0], index));
    this.circuit = circuit;
    this.terminals = terminals;
    this.index = index;
  }
  protected labelled() {
    const { terminals, circuit } = this;
    const [first] = terminals;
    if (!first) return circuit.name ?? `Circuit ${this.index + 1}`;
    const whole = first.device.terminals.length === 2 && terminals.length === 2;
    return `Circuit ${whole ? first.device.label : first.label}`;
  }
  protected relatedThings() {
    return [this.ref, ...this.terminals.flatMap((one) => [one.ref, one.device.id])];
  }
}

export class MultiwirePlaceView extends LazyPlace implements MultiwirePlace {
  declare readonly group: MultiwireView;
  declare private readonly index: number;
  constructor(group: MultiwireView, index: number) {
    super(group.id, orderAt(group.hots[0], index));
    this.group = group;
    this.index = index;
  }
  protected labelled() {
    const labels = this.group.hots.map((terminal) => terminal.label);
    return labels.length > 0
      ? `Circuits ${labels.join(' and ')}`
      : `Multiwire circuit ${this.index + 1}`;
  }
  protected relatedThings() {
    const { hots, neutral } = this.group;
    return [
      this.ref,
      ...hots.flatMap((terminal) => [terminal.ref, terminal.device.id]),
      ...(neutral ? [neutral.id] : []),
    ];
  }
}

const orderAt = (first: TerminalView | undefined, index: number) =>
  first ? order.position + first.device.number * 4 + first.index : order.wiring + index;
