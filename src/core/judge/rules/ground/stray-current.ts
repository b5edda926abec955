import { panelPlace } from '../../check/places';
import type { Place } from '../../check/place';
import type { Outcome, Scene } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

type StrayPlace = Place & { of?: 'pipe' | 'electrode' };

/** Current where none belongs: on grounding conductors, pipes and electrodes. */
export const strayCurrent = defineRule<StrayPlace>({
  id: 'ground/stray-current',
  title: 'Current on ground, pipe or electrode',
  stage: 10,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'On a clamp: below 0.1 A nothing, up to 1 A a note, above 1 A the path is to be found. On the electrode conductor at the first disconnect to a shared metal street main up to a fifth of the neutral current is usual. 0.1 A or more on a gas pipe is Danger now.',
  example: '2.8 A on the ground of the boat shed’s feeder.',
  sources: [{ code: '250.6', says: 'objectionable current' }],
  remedies: ['second-joint-mended'],
  untilThen:
    'Until it is made safe: nobody works on, opens or disconnects that pipe; at a smell of gas leave, touch no switch, and call the gas emergency number from outside.',
  messages: {
    path: {
      short: '{place}: {amps} A',
      seen: 'On {place} flow {amps} A.',
      why: 'Neutral current returns over metal that people touch; lifting it under load can shock whoever does.',
      ask: 'The path found by a licensed electrician; nobody should lift a ground or bond under load.',
    },
    trace: {
      short: '{place}: {amps} A, on record',
      seen: 'On {place} flow {amps} A.',
      why: 'So little may come from filters in appliances; it is on record to be compared.',
      ask: 'Measured again at the next visit.',
    },
    gas: {
      short: '{place}: {amps} A on a gas pipe',
      seen: 'On {place}, a gas pipe, flow {amps} A.',
      why: 'A fitting opened under that current sparks in gas.',
      ask: 'Nobody works on the gas pipe; a licensed electrician finds the path today.',
    },
  },
  asks: 'electrode',
  places: ({ panel, around }) => [
    ...(panel.supply.place === 'first-disconnect' ? [] : [panelPlace(panel, 'Feeder ground')]),
    ...around.electrodes.map((place) => ({ ...place, of: 'electrode' as const })),
    ...around.pipes.map((place) => ({ ...place, of: 'pipe' as const })),
  ],
  check(place, scene): Outcome {
    const { site, panel, yardstick } = scene;
    const { reader } = site;
    const { strayA } = yardstick;
    const amps = place.of
      ? reader.fact(place.ref, 'pipeCurrentA')
      : reader.fact(panel.id, 'groundA');
    if (!amps)
      return notSeen(
        want(place.ref, place.of ? 'pipeCurrentA' : 'groundA', 'clamp it with loads on'),
      );
    const data = { amps: amps.value };
    const kind = place.of === 'pipe' ? reader.fact(place.ref, 'pipeKind') : undefined;
    if (kind?.value === 'gas' || kind?.value === 'csst') {
      if (amps.value < strayA.gas) return clear(`${amps.value} A`, amps, kind);
      return found('gas', data, [amps, kind], { danger: `${amps.value} A on a gas pipe` });
    }
    if (amps.value < strayA.nothing) return clear(`${amps.value} A`, amps);
    if (place.of === 'pipe' && !kind)
      return notSeen(want(place.ref, 'pipeKind', 'say what pipe it is'));
    const usual = usualShare(place, scene);
    if (usual === 'unread')
      return notSeen(
        want(panel.id, 'neutralA', 'clamp the neutral of the service at the same time'),
      );
    if (usual && amps.value <= usual.a)
      return clear(`${amps.value} A, usual on a street main`, amps, ...usual.facts);
    if (amps.value <= strayA.path)
      return found('trace', data, [amps], {
        base: { severity: 1, likelihood: 2, because: 'up to 1 A: on record' },
      });
    return found('path', data, [amps, ...(usual ? usual.facts : [])]);
  },
});

/** What a metal street main usually carries from the first disconnect. */
function usualShare(place: StrayPlace, { site: { reader }, panel, yardstick }: Scene) {
  if (place.of !== 'electrode' || panel.supply.place !== 'first-disconnect') return undefined;
  const kind = reader.fact(place.ref, 'electrodeKind');
  if (kind && kind.value !== 'water-pipe') return undefined;
  const neutral = reader.fact(panel.id, 'neutralA');
  if (!neutral || !kind) return 'unread' as const;
  return { a: neutral.value * yardstick.streetMainShare, facts: [kind, neutral] };
}
