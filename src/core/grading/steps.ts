import type { Fact } from '../entries/inspection';
import type { PropertyName } from '../entries/properties';
import type { Hazard, Place, RuleMeta, Scene } from '../rules/rule';
import { leastRatedA } from './least-rated';

/** How a fact moves a finding. */
export interface Step {
  because: string;
  severity: number;
  likelihood: number;
  /** Likelihood is at least this after it. */
  atLeast?: number;
  fact: Fact;
  kind: 'rise' | 'reduction';
}

interface ObservationStep {
  property: PropertyName;
  value: unknown;
  because: string;
  likelihood: number;
  atLeast?: number;
  hazard?: Hazard;
  kind?: 'reduction';
  unlessReachInBase?: boolean;
}

/** Evidence that stands at the place itself. */
const observations: readonly ObservationStep[] = [
  { property: 'melted', value: true, because: 'melted or charred at the place', likelihood: 2 },
  { property: 'heatMark', value: true, because: 'heat mark at the place', likelihood: 2 },
  { property: 'arcing', value: true, because: 'arcing seen or heard', likelihood: 0, atLeast: 5 },
  { property: 'tightness', value: 'loose', because: 'loose', likelihood: 1 },
  {
    property: 'tightness',
    value: 'falls-off',
    because: 'falls off when touched',
    likelihood: 0,
    atLeast: 4,
  },
  {
    property: 'moisture',
    value: true,
    because: 'moisture or corrosion at the place',
    likelihood: 1,
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
): Step[] {
  const { reader } = scene.site;
  const condition = new Set(own.map((fact) => `${fact.about}|${fact.property}`));
  const steps: Step[] = [];
  for (const about of place.related) {
    if (!reader.knows(about)) continue;
    for (const step of observations) {
      const fact = reader.fact(about, step.property) as Fact | undefined;
      if (!fact || fact.value !== step.value || condition.has(`${about}|${step.property}`))
        continue;
      if (step.unlessReachInBase && rule.reachInBase) continue;
      steps.push({
        because: step.because,
        severity: 0,
        likelihood: step.likelihood,
        ...(step.atLeast && { atLeast: step.atLeast }),
        fact,
        kind: step.kind ?? 'rise',
      });
    }
  }
  steps.push(...surroundingSteps(rule, place, scene), ...loadSteps(place, scene));
  return largestOfEachKind(steps);
}

function surroundingSteps(
  rule: RuleMeta,
  place: Place,
  { site: { reader }, panel }: Scene,
): Step[] {
  const steps: Step[] = [];
  const combustibles = reader.fact(panel.id, 'combustiblesNear');
  if (combustibles?.value && rule.hazards.includes('fire'))
    steps.push(rise('combustibles in the working space', combustibles as Fact));
  const children = reader.fact(panel.building, 'childrenInHouse');
  const inReach =
    rule.reachInBase === true ||
    place.related.some((about) => reader.value(about, 'liveReachable') === true);
  if (children?.value && inReach)
    steps.push(rise('children in the house, in reach', children as Fact));
  return steps;
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
      });
  }
  return steps;
}

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
