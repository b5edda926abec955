import { deadProof } from '../../../measure/readings/dead-proof';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import { placeWith } from '../../check/lazy-place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** Work on a part without proof of dead. About the record, shown to its author. */
export const notProvenDead = defineRule<Place & { worked?: true }>({
  id: 'reading/not-proven-dead',
  title: 'Work without proof of dead',
  stage: 10,
  hazards: ['shock', 'arc flash'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'Work recorded on a part without proof of dead: tester shown on a live source, every pair dead, tester shown again, in that order. A non-contact tester alone proves nothing.',
  example: 'A lug worked on at this visit, no proof recorded.',
  sources: [{ code: 'work practice', says: 'test before touch' }],
  who: 'the author of the record',
  remedies: ['stop-and-prove', 'say-what-was-done'],
  remediesInOrder: true,
  messages: {
    unproven: {
      short: '{place}: worked on, not proven dead',
      seen: '{place} was worked on at this visit; proof of dead is recorded as {value}.',
      why: 'A part that was not proven dead is live; the next one to follow this record may trust it.',
      ask: 'Work stopped until it is proven dead by who may.',
    },
  },
  places({ places, panel, site: { reader } }) {
    const worked = [
      panelPlace(panel, 'Panel'),
      ...places.allDevices,
      ...places.bars,
      ...places.lugs,
    ].filter(({ ref }) => reader.value(ref, 'workedOn'));
    return worked.length > 0
      ? worked.map((place) => placeWith(place, { worked: true as const }))
      : [panelPlace(panel, 'Proof of dead')];
  },
  check(place, { site: { reader }, panel, yardstick }) {
    if (!place.worked) return doesNotApply('no work recorded');
    const worked = reader.fact(place.ref, 'workedOn');
    const proof = reader.fact(place.ref, 'provenDead') ?? reader.fact(panel.id, 'provenDead');
    // Measured outranks told: a whole proof stands, whatever was said of it in words.
    const { state, because, facts } = deadProof(reader, panel.id, panel.system, yardstick);
    if (state === 'proven') return clear(because, worked, ...facts);
    if (!proof && state === 'wrong')
      return found('unproven', { value: because }, [worked, ...facts]);
    if (!proof) return notSeen(want(place.ref, 'provenDead', 'record the proof of dead'));
    if (proof.value === 'proven') return clear('proven dead', worked, proof);
    return found('unproven', { value: proof.value === 'no' ? 'none' : 'partly made' }, [
      worked,
      proof,
    ]);
  },
});
