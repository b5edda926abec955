import type { Fact } from '../../../record/entries/inspection';
import { protectsConductors } from '../../check/conductor-protection';
import { listed } from '../../../vocabulary/phrases';
import { fusesBefore, plugFuses } from '../../check/fuse-places';
import type { Place } from '../../check/place';
import type { TerminalPlace } from '../../check/places';
import { panelPlace } from '../../check/places';
import type { Scene } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 240.51(B), 240.52: Edison bases take every size; existing ones are permitted while nobody overfused. */
export const interchangeableBase = defineRule<Place>({
  id: 'fuse/interchangeable-base',
  title: 'Fuse bases that take any size',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  obsolete: true,
  behindCover: true,
  finds:
    'Edison bases without size-limiting inserts in a panel where overfusing or tampering shows. Existing ones without either are permitted: clear, with the advice that inserts cost little. A right fuse put into a bare base that was overfused or bridged does not make it clear.',
  example: 'Three Edison bases, a 30 A fuse on 14 copper in one of them.',
  sources: [{ code: '240.51(B)', says: 'Edison-base fuseholders only as replacement' }],
  remedies: ['inserts-in-every-base'],
  messages: {
    open: {
      short: 'Edison bases without inserts at {bases}; {sign}',
      seen: 'The bases at {bases} take fuses of any size; {sign}.',
      why: 'What was done once with these bases is done again by the next who looks for a fuse.',
      ask: 'Size-limiting inserts in every base; they cost little.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Fuse bases')],
  check(_, scene) {
    const { site } = scene;
    const { reader } = site;
    const fuses = plugFuses(scene);
    if (fuses.length === 0) return doesNotApply('no plug fuses recorded');
    const bases = fuses.map(({ device }) => ({ device, fact: reader.fact(device.id, 'fuseBase') }));
    const edison = bases.filter(({ fact }) => fact?.value === 'edison');
    const unread = bases.find(({ fact }) => !fact);
    if (edison.length === 0)
      return unread
        ? notSeen(want(unread.device.id, 'fuseBase', 'look into every fuse base'))
        : clear('size-limiting inserts', ...bases.map(({ fact }) => fact));
    const answers = scene.places.terminals
      .filter(({ terminal }) => edison.some(({ device }) => device === terminal.device))
      .map((place) => ({ place, outcome: protectsConductors(place, scene) }));
    const over = answers.find(({ outcome }) => outcome.outcome === 'found');
    const tampered = edison
      .flatMap(({ device }) => [device.id, ...fusesBefore(reader, device.id)])
      .map((id) => reader.fact(id, 'fuseBypassed'))
      .find((fact) => fact && fact.value !== 'fuse');
    const once = answers.find(({ place }) => overfusedBefore(place, scene));
    const facts: (Fact | undefined)[] = edison.map(({ fact }) => fact);
    const data = { bases: listed(edison.map(({ device }) => device.label)) };
    if (tampered) return found('open', { ...data, sign: 'tampering shows' }, [...facts, tampered]);
    if (over && over.outcome.outcome === 'found')
      return found('open', { ...data, sign: `${over.place.label} is overfused` }, [
        ...facts,
        ...over.outcome.facts,
      ]);
    if (once)
      return found('open', { ...data, sign: `${once.place.label} was overfused` }, [
        ...facts,
        overfusedBefore(once.place, scene),
      ]);
    if (unread) return notSeen(want(unread.device.id, 'fuseBase', 'look into every fuse base'));
    const unlooked = edison.find(({ device }) => !reader.fact(device.id, 'fuseBypassed'));
    if (unlooked)
      return notSeen(want(unlooked.device.id, 'fuseBypassed', 'see what is in each fuse’s place'));
    const unsized = answers.find(({ outcome }) => outcome.outcome === 'not-seen');
    if (unsized && unsized.outcome.outcome === 'not-seen') return unsized.outcome;
    return clear('permitted while untouched; inserts cost little and are advised', ...facts);
  },
});

/** The rating of an earlier fuse of a base that was more than its wire allows: a right fuse does not undo it. */
function overfusedBefore(place: TerminalPlace, scene: Scene): Fact | undefined {
  const { reader } = scene.site;
  for (const id of fusesBefore(reader, place.terminal.device.id)) {
    const rating = reader.fact(id, 'handleRatingsA');
    const [handleA] = rating?.value ?? [];
    if (!rating || handleA === undefined) continue;
    const terminal = { ...place.terminal, handleA, ratingA: rating };
    const earlier = { ...place, ref: place.ref, label: place.label, terminal } as TerminalPlace;
    if (protectsConductors(earlier, scene).outcome === 'found') return rating as Fact;
  }
  return undefined;
}
