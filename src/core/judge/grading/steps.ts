import type { Fact } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import { splitRef } from '../../record/entries/thing-types';
import type { Verdict } from '../examine/verdict';
import { neutralAmps } from '../../measure/load/neutral-amps';
import type { FoundOutcome, Place, RuleMeta, Scene } from '../check/rule';
import type { Hazard } from '../../vocabulary/severity';
import { ampacityOf } from '../../codes/yardstick/conductor-limit';
import { leastRatedA } from '../check/least-rated';
import type { CircuitView } from '../../installation/panel/views';

/** How a fact moves a finding. */
export interface Step {
  because: string;
  severity: number;
  likelihood: number;
  /** Likelihood is at least this after it. */
  atLeast?: number;
  fact: Fact;
  kind: 'rise' | 'reduction';
  /** Of what surrounds the panel: alone it never makes Danger now. */
  surrounding?: true;
  /** Heat, looseness, load, temperature or moisture: ends the legacy reduction. */
  symptom?: true;
}

interface ObservationStep {
  property: PropertyName;
  value: unknown;
  because: string;
  likelihood: number;
  atLeast?: number;
  hazard?: Hazard;
  kind?: 'reduction';
  symptom?: true;
  unlessReachInBase?: boolean;
}

/** Evidence that stands at the place itself. */
const observations: readonly ObservationStep[] = [
  {
    property: 'melted',
    value: true,
    because: 'melted or charred at the place',
    likelihood: 2,
    symptom: true,
  },
  {
    property: 'heatMark',
    value: true,
    because: 'heat mark at the place',
    likelihood: 2,
    symptom: true,
  },
  {
    property: 'arcing',
    value: true,
    because: 'arcing seen or heard',
    likelihood: 0,
    atLeast: 5,
    symptom: true,
  },
  { property: 'tightness', value: 'loose', because: 'loose', likelihood: 1, symptom: true },
  {
    property: 'tightness',
    value: 'falls-off',
    because: 'falls off when touched',
    likelihood: 0,
    atLeast: 4,
    symptom: true,
  },
  {
    property: 'moisture',
    value: true,
    because: 'moisture or corrosion at the place',
    likelihood: 1,
    symptom: true,
  },
  {
    property: 'liveReachable',
    value: true,
    because: 'bare live parts can be reached',
    likelihood: 1,
    unlessReachInBase: true,
  },
  {
    property: 'offAndTagged',
    value: true,
    because: 'switched off and tagged',
    likelihood: -1,
    kind: 'reduction',
  },
];

/** Every step the recorded facts give a finding, one for each fact, its largest. */
export function evidenceSteps(
  rule: RuleMeta,
  place: Place,
  own: readonly Fact[],
  scene: Scene,
  hot: readonly Verdict[],
): Step[] {
  const { reader } = scene.site;
  const isOwn = ({ about, property }: Fact) =>
    own.some((fact) => fact.about === about && fact.property === property);
  const steps: Step[] = [];
  for (const step of observations) {
    if (!reader.isRecorded(step.property) || (step.unlessReachInBase && rule.reachInBase)) continue;
    for (const about of place.related) {
      // What was noticed of a panel is noticed of its enclosure, not of all that is judged there.
      if (about === scene.panel.id && !rule.id.startsWith('enclosure/')) continue;
      const fact = reader.fact(about, step.property) as Fact | undefined;
      if (!fact || fact.value !== step.value || isOwn(fact)) continue;
      steps.push({
        because: step.because,
        severity: 0,
        likelihood: step.likelihood,
        ...(step.atLeast && { atLeast: step.atLeast }),
        fact,
        kind: step.kind ?? 'rise',
        ...(step.symptom && { symptom: step.symptom }),
      });
    }
  }
  for (const step of [
    ...surroundingSteps(rule, place, scene),
    ...(reader.isRecorded('loadCurrentA') ? loadSteps(place, scene) : []),
    ...(hot.length > 0 ? temperatureSteps(rule, place, hot) : []),
    ...reductionSteps(rule, place, scene),
  ])
    if (!isOwn(step.fact)) steps.push(step);
  return steps.length < 2 ? steps : largestOfEachKind(steps);
}

/** What surrounds the panel: where none of it was recorded, it moves nothing. */
const surroundings = ['combustiblesNear', 'childrenNear', 'childrenInHouse'] as const;

function surroundingSteps(
  rule: RuleMeta,
  place: Place,
  { site: { reader }, panel }: Scene,
): Step[] {
  const steps: Step[] = [];
  if (!surroundings.some((property) => reader.isRecorded(property))) return steps;
  const surrounding = { surrounding: true } as const;
  const inReach =
    rule.reachInBase === true ||
    place.related.some((about) => reader.value(about, 'liveReachable') === true);
  const combustibles = reader.fact(panel.id, 'combustiblesNear');
  if (
    combustibles?.value &&
    rule.hazards.includes('fire') &&
    (inReach || inBox(rule, place, { reader, panel }))
  )
    steps.push({
      ...rise('combustibles in the working space', combustibles as Fact),
      ...surrounding,
    });
  // Asked of the panel's place; what was once said of the house stands until it is said of the place.
  const children =
    reader.fact(panel.id, 'childrenNear') ?? reader.fact(panel.building, 'childrenInHouse');
  if (children?.value && inReach)
    steps.push({ ...rise('children come there, in reach', children as Fact), ...surrounding });
  return steps;
}

/** Groups of rules about what is round the panel or outside it. */
const outsideTheBox: readonly string[] = ['access', 'labels', 'around'];

/** Whether a finding is of something inside the panel's enclosure. */
function inBox(
  rule: RuleMeta,
  place: Place,
  { reader, panel }: { reader: Scene['site']['reader'] } & Pick<Scene, 'panel'>,
): boolean {
  if (outsideTheBox.includes(rule.id.split('/')[0]!)) return false;
  const { things } = reader.inspection;
  let at = things.get(splitRef(place.ref).thing);
  while (at && at.id !== panel.id) at = at.in === null ? undefined : things.get(at.in);
  return at !== undefined;
}

/** Measured load against the least-rated part at the place. */
function loadSteps(place: Place, { site: { reader }, panel, yardstick }: Scene): Step[] {
  const steps: Step[] = [];
  for (const about of place.related) {
    const terminal = panel.terminals.get(about);
    const load = terminal && reader.fact(about, 'loadCurrentA');
    if (!load || load.certainty !== 'measured') continue;
    const rating = leastRatedA(yardstick, terminal);
    if (rating === undefined) continue;
    const percent = Math.round((load.value / rating) * 100);
    if (percent > 80)
      steps.push({
        because: `measured load ${percent} % of ${rating} A`,
        severity: 0,
        likelihood: percent > 100 ? 2 : 1,
        fact: load as Fact,
        kind: 'rise',
        symptom: true,
      });
  }
  return [...steps, ...sharedNeutralSteps(place, { reader, panel, yardstick })];
}

/** Measured loads of circuits sharing a neutral, against the neutral. */
function sharedNeutralSteps(
  place: Place,
  {
    reader,
    panel,
    yardstick,
  }: { reader: Scene['site']['reader'] } & Pick<Scene, 'panel' | 'yardstick'>,
): Step[] {
  return panel.multiwires.flatMap((group): Step[] => {
    const { neutral } = group;
    if (!neutral || !place.related.includes(neutral.id)) return [];
    const loads = group.hots.map((hot) => reader.fact(hot.ref, 'loadCurrentA'));
    const first = loads[0];
    if (!first || loads.some((load) => load?.certainty !== 'measured')) return [];
    const rating =
      neutral.size &&
      neutral.metal &&
      ampacityOf(yardstick, neutral.metal.value, neutral.size.value, 60);
    if (!rating) return [];
    const amps = neutralAmps(
      group.hots.map((hot, index) => ({ leg: hot.leg, amps: loads[index]!.value })),
      panel.system,
    );
    const percent = Math.round((amps / rating) * 100);
    if (percent <= 80) return [];
    return [
      {
        because: `shared neutral carries ${percent} % of ${rating} A by measured loads`,
        severity: 0,
        likelihood: percent > 100 ? 2 : 1,
        fact: first as Fact,
        kind: 'rise',
        symptom: true,
      },
    ];
  });
}

/** A like-for-like rise found at the same terminal; `found` holds those of reading/hot-part. */
function temperatureSteps(rule: RuleMeta, place: Place, found: readonly Verdict[]): Step[] {
  if (rule.id === 'reading/hot-part') return [];
  return found.flatMap((verdict): Step[] => {
    if (!place.related.includes(verdict.place.ref)) return [];
    const { message, data, facts } = verdict.outcome as FoundOutcome;
    return [
      {
        because: `${data.rise} K hotter than its like under like load`,
        severity: 0,
        likelihood: message === 'hot' ? 2 : 1,
        fact: facts[0]!,
        kind: 'rise',
        symptom: true,
      },
    ];
  });
}

/** What makes it less likely: a small load, or protection that was tested. */
function reductionSteps(rule: RuleMeta, place: Place, { site: { reader }, panel }: Scene): Step[] {
  const steps: Step[] = [];
  const down = (because: string, fact: Fact) =>
    steps.push({ because, severity: 0, likelihood: -1, fact, kind: 'reduction' });
  const circuits = new Set<CircuitView>();
  for (const about of place.related) {
    const circuit = panel.terminals.get(about)?.circuit;
    if (circuit) circuits.add(circuit);
  }
  for (const circuit of circuits) {
    const [first] = circuit.loads;
    if (first && circuit.loads.every((load) => load.kind?.value === 'low-voltage'))
      down('feeds only a low-power or low-voltage load', first.kind as Fact);
    const upstream = reader.fact(circuit.id, 'upstreamProtection');
    if (upstream && guards(upstream.value, rule))
      down('protection upstream, tested', upstream as Fact);
  }
  if (!reader.isRecorded('protectionTestedGood')) return steps;
  for (const about of place.related) {
    const tested = reader.fact(about, 'protectionTestedGood');
    const kind = tested?.value ? reader.value(about, 'protection') : undefined;
    if (tested && kind && guards(kind, rule)) down('its protection tested good', tested as Fact);
  }
  return steps;
}

/** Arc-fault protection guards against fire, ground-fault protection against shock. */
const guards = (protection: string, { hazards }: RuleMeta) =>
  (hazards.includes('fire') && (protection === 'arc-fault' || protection === 'both')) ||
  (hazards.includes('shock') && (protection === 'ground-fault' || protection === 'both'));

const rise = (because: string, fact: Fact): Step => ({
  because,
  severity: 0,
  likelihood: 1,
  fact,
  kind: 'rise',
});

/** A heat mark on a screw and on its wire are one mark: of the same observation the largest step stays. */
function largestOfEachKind(steps: readonly Step[]): Step[] {
  const kept = new Map<string, Step>();
  for (const step of steps) {
    const key = step.fact.property === 'melted' ? 'heatMark' : step.fact.property;
    const known = kept.get(key);
    if (!known || weight(step) > weight(known)) kept.set(key, step);
  }
  return [...kept.values()];
}

const weight = (step: Step) =>
  Math.abs(step.likelihood) + Math.abs(step.severity) + (step.atLeast ?? 0) * 10;
