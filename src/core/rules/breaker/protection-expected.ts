import { circuitWords, listed } from '../../panel/words';
import { properties } from '../../entries/properties';
import type { ProtectedPlace } from '../../yardstick/yardstick';
import { placeWith } from '../lazy-place';
import type { CircuitPlace } from '../places';
import type { Outcome, Scene } from '../rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../rule';

type Kind = 'ground-fault' | 'arc-fault';

/** 210.8, 210.12: protection by place, from the year it was asked for. */
export const protectionExpected = defineRule({
  id: 'breaker/protection-expected',
  title: 'Ground-fault or arc-fault protection missing',
  stage: 11,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'A circuit that feeds a place where ground-fault or arc-fault protection was asked for when it was built, and has it neither at the breaker nor in a device upstream that was looked for and tested. Not asked for when built, it is advice: at most Plan.',
  example: 'A bathroom circuit of 1994 on an ordinary breaker, no device upstream.',
  sources: [
    { code: '210.8', says: 'ground-fault protection by place' },
    { code: '210.12', says: 'arc-fault protection by place' },
  ],
  remedies: [
    'A device at the first outlet',
    'A breaker with that protection from the label’s list',
  ],
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
  places: ({ places }) =>
    places.circuits.flatMap((place) =>
      kinds.map(({ kind, part, words }) =>
        placeWith(place, {
          ref: `${place.ref}/${part}`,
          label: `${place.label}, ${words}`,
          kind,
        }),
      ),
    ),
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
] as const satisfies readonly { kind: Kind; part: string; words: string }[];

function checkKind(kind: Kind, { circuit, terminals }: CircuitPlace, scene: Scene): Outcome {
  const { site, panel, yardstick } = scene;
  const { reader } = site;
  const places = reader.fact(circuit.id, 'places')!;
  const years = yardstick.protectionSince[kind];
  const asked = places.value.flatMap((one) => {
    const since = years[one as ProtectedPlace];
    return since === undefined ? [] : { place: one, since };
  });
  if (asked.length === 0) return doesNotApply('no place that asks for it');
  const [device] = terminals.map((one) => one.device);
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
  const facts = [places, own, upstream, year || undefined];
  const since = Math.min(...asked.map((one) => one.since));
  if (due.length === 0)
    return found(kind, { where, circuit: circuitWords(circuit) }, facts, {
      since,
      base: { severity: 2, likelihood: 2, because: 'not asked for when built' },
      most: { grade: 'plan', because: 'not asked for when built: at most Plan' },
    });
  return found(kind, { where, circuit: circuitWords(circuit) }, facts, {
    since,
    ...(!year && {
      wants: [want(panel.building, 'yearBuilt', 'find the year of the building')],
    }),
    ...(kind === 'arc-fault' && {
      base: { severity: 3, likelihood: 2, because: 'arc-fault protection' },
    }),
  });
}
