import { distressIn } from '../../installation/panel/distress';
import type { Fact } from '../../record/entries/inspection';
import type { Verdict } from '../examine/verdict';
import { circuitVolts } from '../../measure/load/circuit-load';
import type { FoundOutcome, Scene } from '../check/rule';
import { leastRatedA } from '../check/least-rated';

/** The fact or finding that compounds another, or nothing. */
type Finder = (verdict: Verdict, scene: Scene, found: readonly Verdict[]) => Fact | undefined;

/** Conditions of the pairs, by name. */
export const pairConditions = {
  'multiwire-neutral-here': ({ place }, { panel }) =>
    panel.multiwires.find((group) => group.neutral && place.related.includes(group.neutral.id))
      ?.fact,

  'current-on-water-pipe': ({ panel }, { site: { reader }, yardstick }) => {
    for (const thing of reader.inspection.things.values()) {
      if (thing.type !== 'pipe' || reader.value(thing.id, 'removed')) continue;
      if (reader.value(thing.id, 'pipeKind') !== 'water') continue;
      if (reader.value(thing.id, 'bondedAt') !== panel) continue;
      const amps = reader.fact(thing.id, 'pipeCurrentA');
      if (amps && amps.value > yardstick.strayA.path) return amps as Fact;
    }
    return undefined;
  },

  'listed-load-over-80': ({ place }, { site: { reader }, panel, yardstick }) => {
    const circuit =
      panel.terminals.get(place.ref)?.circuit ?? panel.circuits.find((one) => one.id === place.ref);
    const terminal =
      panel.terminals.get(place.ref) ??
      circuit?.terminals.flatMap((ref) => panel.terminals.get(ref) ?? [])[0];
    const rating = terminal && leastRatedA(yardstick, terminal);
    if (!circuit || rating === undefined) return undefined;
    const listed = circuit.loads.flatMap((load) => reader.fact(load.id, 'listedW') ?? []);
    const amps = listed.reduce((sum, fact) => sum + fact.value, 0) / circuitVolts(panel, circuit);
    return amps > 0.8 * rating ? (listed[0] as Fact) : undefined;
  },

  'electrode-missing': (_, __, found) =>
    firstFact(found.find((one) => one.rule.id === 'ground/electrode-missing')),

  'distress-in-panel': (_, { site: { reader }, panel }) => distressIn(panel, reader),

  'came-in-here': ({ place }, { site: { reader } }) => {
    const fact = place.related
      .map((about) => reader.fact(about, 'cameIn'))
      .find((one) => one && one.value !== 'none');
    return fact as Fact | undefined;
  },
} as const satisfies Record<string, Finder>;

export type PairCondition = keyof typeof pairConditions;

const firstFact = (verdict: Verdict | undefined) =>
  verdict && (verdict.outcome as FoundOutcome).facts[0];
