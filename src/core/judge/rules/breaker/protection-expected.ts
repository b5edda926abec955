import { circuitWords } from '../../../installation/panel/words';
import { listed } from '../../../vocabulary/phrases';
import { properties } from '../../../record/entries/properties';
import type { ProtectedPlace } from '../../../codes/yardstick/yardstick';
import { LazyPlace } from '../../check/lazy-place';
import type { CircuitPlace } from '../../check/places';
import type { Outcome, Scene } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

type Kind = 'ground-fault' | 'arc-fault';

/** 210.8, 210.12: protection by place, from the year it was asked for. */
export const protectionExpected = defineRule({
  id: 'breaker/protection-expected',
  title: 'Ground-fault or arc-fault protection missing',
  stage: 11,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'Ground-fault protection is asked of receptacles (above 120 V since 2020; not of lights and hard-wired equipment), arc-fault protection of the 120 V, 15 and 20 A outlets of dwellings. A circuit that feeds a place where ground-fault or arc-fault protection was asked for when it was built, and has it neither at the breaker nor in a device upstream that was looked for and tested. Not asked for when built, it is advice: at most Plan.',
  example: 'A bathroom circuit of 1994 on an ordinary breaker, no device upstream.',
  sources: [
    { code: '210.8', says: 'ground-fault protection by place' },
    { code: '210.12', says: 'arc-fault protection by place' },
  ],
  remedies: ['device-at-first-outlet', 'breaker-with-protection'],
  messages: {
    'ground-fault': {
      short: 'No ground-fault protection for {where}',
      seen: '{circuit} feeds {where} and has no ground-fault protection, at the breaker or upstream.',
      why: 'Where there is water or earth underfoot, a faulty appliance on {circuit} can kill before an ordinary breaker moves.',
      ask: 'Ground-fault protection for this circuit.',
    },
    'arc-fault': {
      short: 'No arc-fault protection for {where}',
      seen: '{circuit} feeds {where} and has no arc-fault protection.',
      why: 'A chafed cord or a loose joint on {circuit} can burn at a current no ordinary breaker sees.',
      ask: 'Arc-fault protection for this circuit.',
    },
  },
  asks: 'circuit',
  places: ({ places }) =>
    places.circuits.flatMap((place) => kinds.map((kind) => new ProtectionPlace(place, kind))),
  check(place, scene): Outcome {
    const { id } = place.circuit;
    if (!scene.site.reader.fact(id, 'places'))
      return notSeen(want(id, 'places', 'trace which rooms the circuit feeds'));
    return checkKind(place.kind, place, scene);
  },
});

/** Two protections of one circuit are two answers: one missing hides nothing of the other. */
const kinds = [
  { kind: 'ground-fault', part: 'gf', words: 'ground-fault' },
  { kind: 'arc-fault', part: 'af', words: 'arc-fault' },
] as const satisfies readonly ProtectionKind[];

interface ProtectionKind {
  kind: Kind;
  part: string;
  words: string;
}

/** A circuit, asked for one kind of protection. */
class ProtectionPlace extends LazyPlace implements CircuitPlace {
  declare readonly kind: Kind;
  declare private readonly of: CircuitPlace;
  declare private readonly asked: ProtectionKind;
  constructor(of: CircuitPlace, asked: ProtectionKind) {
    super(`${of.ref}/${asked.part}`, of.order);
    this.kind = asked.kind;
    this.of = of;
    this.asked = asked;
  }
  get circuit() {
    return this.of.circuit;
  }
  get terminals() {
    return this.of.terminals;
  }
  protected labelled() {
    return `${this.of.label}, ${this.asked.words}`;
  }
  protected relatedThings() {
    return [this.ref, ...this.of.related.slice(1)];
  }
}

function checkKind(kind: Kind, { circuit, terminals }: CircuitPlace, scene: Scene): Outcome {
  const { site, panel, yardstick } = scene;
  const { reader } = site;
  const places = reader.fact(circuit.id, 'places')!;
  const years = yardstick.protectionSince[kind];
  const lineToLine = terminals.length > 1;
  const asked = places.value.flatMap((one) => {
    const since = years[one as ProtectedPlace];
    if (since === undefined) return [];
    return {
      place: one,
      since:
        kind === 'ground-fault' && lineToLine
          ? Math.max(since, yardstick.groundFault240Since)
          : since,
    };
  });
  if (asked.length === 0) return doesNotApply('no place that asks for it');
  const [device] = terminals.map((one) => one.device);
  const outside = notAsked(kind, { circuit, terminals }, scene);
  if (outside) return outside;
  const own = device && reader.fact(device.id, 'protection');
  const upstream = reader.fact(circuit.id, 'upstreamProtection');
  const gives = (value: string | undefined) => value === kind || value === 'both';
  if (gives(own?.value)) return clear(`${kind} breaker`, own, places);
  if (gives(upstream?.value)) return clear(`${kind} device upstream, tested`, upstream, places);
  if (!own) return notSeen(want(device?.id ?? circuit.id, 'protection', 'read its protection'));
  if (!upstream)
    return notSeen(
      want(circuit.id, 'upstreamProtection', 'look for a protective device upstream and test it'),
    );
  const year = [device?.id, panel.id, panel.building]
    .map((about) => about && reader.fact(about, 'yearBuilt'))
    .find((fact) => fact);
  const due = year ? asked.filter((one) => one.since <= year.value) : asked;
  const where = listed(
    (due.length > 0 ? due : asked).map((one) => properties.places.choices[one.place]),
  );
  const receptacles = receptaclesOf(circuit, scene);
  const building = reader.fact(panel.building, 'buildingKind');
  if (kind === 'arc-fault' && !building)
    return notSeen(want(panel.building, 'buildingKind', 'say whether it is a dwelling'));
  const presumes =
    kind === 'ground-fault' && receptacles === undefined
      ? [
          'That it feeds receptacles there; one that feeds lights or hard-wired equipment alone is not asked. Record what it feeds.',
        ]
      : [];
  const facts = [places, own, upstream, year || undefined];
  const since = Math.min(...asked.map((one) => one.since));
  if (due.length === 0)
    return found(kind, { where, circuit: circuitWords(circuit) }, facts, {
      since,
      presumes,
      base: { severity: 2, likelihood: 2, because: 'not asked for when built' },
      most: { grade: 'plan', because: 'not asked for when built: at most Plan' },
    });
  return found(kind, { where, circuit: circuitWords(circuit) }, facts, {
    since,
    presumes,
    ...(!year && {
      wants: [want(panel.building, 'yearBuilt', 'find the year of the building')],
    }),
    ...(kind === 'arc-fault' && {
      base: { severity: 3, likelihood: 2, because: 'arc-fault protection' },
    }),
  });
}

const receptacleKinds: readonly string[] = ['receptacles'];

/** Whether the circuit feeds receptacles: said, or by its loads. Undefined: not known. */
function receptaclesOf(
  { id, loads }: CircuitPlace['circuit'],
  { site: { reader } }: Scene,
): boolean | undefined {
  const said = reader.value(id, 'feedsReceptacles');
  if (said !== undefined) return said;
  if (loads.some((load) => receptacleKinds.includes(load.kind?.value ?? ''))) return true;
  return loads.length > 0 && loads.every((load) => load.kind) ? false : undefined;
}

const noDwelling: readonly string[] = ['shop', 'outbuilding'];

/** Circuits that this protection is not asked of, whatever their place. */
function notAsked(
  kind: Kind,
  { circuit, terminals }: Pick<CircuitPlace, 'circuit' | 'terminals'>,
  scene: Scene,
): Outcome | undefined {
  const { reader } = scene.site;
  if (kind === 'ground-fault')
    return receptaclesOf(circuit, scene) === false
      ? doesNotApply('feeds no receptacles')
      : undefined;
  if (terminals.length > 1) return doesNotApply('asked of 120 V circuits');
  const ratingA = terminals[0]?.handleA;
  if (ratingA !== undefined && ratingA > scene.yardstick.arcFaultToA)
    return doesNotApply(`asked of circuits to ${scene.yardstick.arcFaultToA} A`);
  const building = reader.value(scene.panel.building, 'buildingKind');
  return building && noDwelling.includes(building) ? doesNotApply('not a dwelling') : undefined;
}
