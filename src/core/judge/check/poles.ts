import { formOf } from '../../vocabulary/device-forms';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { LazyPlace } from './lazy-place';
import type { Place } from './place';
import type { TerminalPlace } from './device-places';
import { TerminalPlaceView, deviceLabel, positionsUnder } from './device-places';
import type { FoundOutcome, Outcome } from './outcome';
import type { Likelihood, Severity } from '../../vocabulary/severity';

/** The screws of one handle: a two-pole breaker is one thing, the halves of a tandem are two. */
export interface PolesPlace extends Place {
  poles: readonly TerminalPlace[];
}

class PolesPlaceView extends LazyPlace implements PolesPlace {
  declare private readonly device: DeviceView;
  declare readonly poles: readonly TerminalPlace[];
  declare readonly formerly: readonly string[];
  declare private readonly panel: PanelView;
  constructor(panel: PanelView, device: DeviceView, poles: readonly TerminalPlace[]) {
    super(poles[0]!.ref, poles[0]!.order);
    this.panel = panel;
    this.device = device;
    this.poles = poles;
    this.formerly = poles.slice(1).map(({ ref }) => ref);
  }
  protected labelled() {
    const whole = this.poles.length === this.device.terminals.length;
    if (this.poles.length === 1) return this.poles[0]!.label;
    return whole ? deviceLabel(this.device) : this.poles.map(({ label }) => label).join(' and ');
  }
  protected relatedThings() {
    const { device, panel, poles } = this;
    return [
      ...new Set([
        ...poles.flatMap(({ related }) => related),
        device.id,
        ...positionsUnder(panel, device),
      ]),
    ];
  }
}

/** The devices' handles with the screws each of them opens. */
export function polesOf(panel: PanelView, devices: readonly DeviceView[]): PolesPlace[] {
  const places: PolesPlace[] = [];
  for (const device of devices) {
    const terminals = device.terminals.map((terminal) => new TerminalPlaceView(panel, terminal));
    for (const circuit of formOf(device.form).circuits) {
      const poles = circuit.flatMap((index) => terminals[index] ?? []);
      if (poles.length > 0) places.push(new PolesPlaceView(panel, device, poles));
    }
  }
  return places;
}

const rank: Record<Outcome['outcome'], number> = {
  'does-not-apply': 0,
  clear: 1,
  'not-seen': 2,
  found: 3,
};

interface Base {
  severity: Severity;
  likelihood: Likelihood;
}

/** One answer for the poles of a handle: that of its worst screw. */
export const worstPole =
  <S>(check: (place: TerminalPlace, scene: S) => Outcome, base: Base) =>
  ({ poles }: PolesPlace, scene: S): Outcome => {
    let worst = check(poles[0]!, scene);
    for (const pole of poles.slice(1)) {
      const other = check(pole, scene);
      if (weight(other, base) > weight(worst, base)) worst = other;
    }
    return worst;
  };

function weight(outcome: Outcome, base: Base): number {
  const step = rank[outcome.outcome] * 1000;
  if (outcome.outcome === 'not-seen') return step + (outcome.likely ? 1 : 0);
  return outcome.outcome === 'found' ? step + graveness(outcome, base) : step;
}

const graveness = ({ base, danger }: FoundOutcome, own: Base) => {
  const { severity, likelihood } = base ?? own;
  return (danger ? 100 : 0) + severity * 10 + likelihood;
};
