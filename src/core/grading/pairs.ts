import type { Fact } from '../entries/inspection';
import type { Verdict } from '../examine/verdict';
import type { Scene } from '../rules/rule';
import { leastRatedA } from './least-rated';
import type { Step } from './steps';

interface Pair {
  rule: string;
  because: string;
  severity: number;
  likelihood: number;
  /** The fact or other finding that compounds this one, or nothing. */
  with(verdict: Verdict, scene: Scene): Fact | undefined;
}

/** Pairs that compound. A pair counts as one fact. */
export const pairs: readonly Pair[] = [
  {
    rule: 'neutral/double',
    because: 'one of the neutrals belongs to a multiwire circuit',
    severity: 1,
    likelihood: 1,
    with: ({ place }, { panel }) =>
      panel.multiwires.find((group) => group.neutral && place.related.includes(group.neutral.id))
        ?.fact,
  },
  {
    rule: 'breaker/double-tap',
    because: 'listed load of the joined circuits over 80 %',
    severity: 0,
    likelihood: 1,
    with: ({ place }, { site, panel, yardstick }) => {
      const terminal = panel.terminals.get(place.ref);
      const rating = terminal && leastRatedA(yardstick, terminal);
      if (!terminal?.circuit || rating === undefined) return undefined;
      const listed = terminal.circuit.loads.flatMap(
        (load) => site.reader.fact(load.id, 'listedW') ?? [],
      );
      const volts =
        terminal.device.terminals.length === 2 && terminal.device.height === 2 ? 240 : 120;
      const amps = listed.reduce((sum, fact) => sum + fact.value, 0) / volts;
      return amps > 0.8 * rating ? (listed[0] as Fact) : undefined;
    },
  },
  {
    rule: 'breaker/hazard-family',
    because: 'heat, arcing, looseness or a failed trip in this panel',
    severity: 0,
    likelihood: 1,
    with: (_, { site: { reader }, panel }) => {
      for (const device of panel.devices) {
        const abouts = [device.id, ...device.terminals.map((terminal) => terminal.ref)];
        const positions = panel.positions
          .filter((one) => one.devices.includes(device))
          .map((one) => one.ref);
        for (const about of [...abouts, ...positions])
          for (const property of ['heatMark', 'melted', 'arcing', 'failedTrip'] as const)
            if (reader.value(about, property)) return reader.fact(about, property) as Fact;
        for (const about of abouts) {
          const tightness = reader.fact(about, 'tightness');
          if (tightness && tightness.value !== 'firm') return tightness as Fact;
        }
      }
      return undefined;
    },
  },
];

/** The steps other facts of the inspection add to a finding. */
export function pairSteps(verdict: Verdict, scene: Scene): Step[] {
  return pairs.flatMap((pair): Step[] => {
    if (pair.rule !== verdict.rule.id) return [];
    const fact = pair.with(verdict, scene);
    if (!fact) return [];
    const { because, severity, likelihood } = pair;
    return [{ because: `raised because ${because}`, severity, likelihood, fact, kind: 'rise' }];
  });
}
