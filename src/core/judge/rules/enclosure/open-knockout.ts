import type { PropertyValue } from '../../../record/entries/properties';
import { properties } from '../../../record/entries/properties';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { Outcome } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.12(A): unused openings of the box are closed. */
export const openKnockout = defineRule<Place & { knockout?: true }>({
  id: 'enclosure/open-knockout',
  title: 'Hole in the box',
  stage: 7,
  hazards: ['fire', 'shock'],
  base: { severity: 4, likelihood: 2 },
  reachInBase: true,
  finds:
    'A hole in the box that nothing closes, or a knockout merely pressed back. Water or insects that came in by it raise the likelihood.',
  example: 'A knockout in the bottom of the box pushed out and left.',
  sources: [{ code: '110.12(A)', says: 'unused openings are closed' }],
  remedies: ['closure-plate'],
  messages: {
    open: {
      short: 'A hole in the box is open',
      seen: '{place}: a hole in the box is open.',
      why: 'A finger, an insect or a piece of metal gets through to live parts, and sparks get out.',
      ask: 'A closure plate in the hole.',
    },
    pressed: {
      short: 'A knockout is merely pressed back',
      seen: '{place}: a knockout was loosened and pressed back.',
      why: 'A loose knockout falls inward on live parts at a touch.',
      ask: 'The knockout taken out and a closure plate fitted.',
    },
  },
  places: ({ panel, site: { reader } }) =>
    panel.knockouts.length > 0
      ? panel.knockouts.map((id, index) => ({
          ref: id,
          label: [`Knockout ${index + 1}`, sideWords(reader.value(id, 'knockoutSide'))]
            .filter(Boolean)
            .join(', '),
          related: [id],
          order: 50 + index,
          knockout: true as const,
        }))
      : [panelPlace(panel, 'Knockouts')],
  check(place, { site: { reader }, panel }): Outcome {
    const fact = place.knockout
      ? reader.fact(place.ref, 'knockoutState')
      : reader.fact(panel.id, 'knockoutsClosed');
    if (!fact)
      return notSeen(
        want(
          place.ref,
          place.knockout ? 'knockoutState' : 'knockoutsClosed',
          'look round the box for open holes',
        ),
      );
    if (fact.value === 'closed') return clear('closed', fact);
    return found(fact.value, {}, [fact]);
  },
});

const sideWords = (side: PropertyValue<'knockoutSide'> | undefined) =>
  side && properties.knockoutSide.choices[side];
