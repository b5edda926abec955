import { openings } from '../../../vocabulary/openings';
import type { PositionPlace } from '../../check/places';
import { panelPlace } from '../../check/places';
import type { Place } from '../../check/place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 408.7, 110.3(B): openings are closed by what is made for them. */
export const tapeClosed = defineRule<Place & Partial<Pick<PositionPlace, 'position'>>>({
  id: 'enclosure/tape-closed',
  title: 'Opening closed by tape or a part not made for it',
  stage: 6,
  hazards: ['fire', 'shock'],
  base: { severity: 3, likelihood: 3 },
  outsideListing: true,
  finds:
    'A breaker opening closed by tape, card or a part not made for it; a cover made for another panel. An opening that is not closed at all is a finding of its own.',
  example: '`4 taped`: a strip of tape over an unused opening.',
  sources: [{ code: '408.7', says: 'unused openings closed by what protects like the enclosure' }],
  remedies: ['blank-for-tape', 'cover-of-this-panel'],
  messages: {
    tape: {
      short: 'Opening {value}',
      seen: 'The opening at position {number} is {value}.',
      why: 'Tape dries and falls, card burns, and a part that does not fit lets a finger or an arc through at position {number}.',
      ask: 'The blank made for this panel.',
    },
    cover: {
      short: 'Cover of another panel',
      seen: 'The cover was made for another panel.',
      why: 'Its openings do not meet the breakers: live parts lie behind the gaps, and it does not hold an arc back.',
      ask: 'The cover made for this panel.',
    },
  },
  places: ({ places, panel }) => [panelPlace(panel, 'The cover'), ...places.positions],
  check({ ref, position }, { site: { reader } }) {
    if (!position) {
      const of = reader.fact(ref, 'coverOf');
      if (!of) return notSeen(want(ref, 'coverOf', 'see whether the cover is this panel’s own'));
      return of.value === 'other' ? found('cover', {}, [of]) : clear('its own', of);
    }
    if (position.devices.length > 0) return doesNotApply('a breaker fills it');
    const { opening, number } = position;
    if (!opening) return notSeen(want(ref, 'opening', 'say what is at the position'));
    if (opening.value === 'open') return doesNotApply('not closed at all');
    if (opening.value === 'taped' || opening.value === 'unfit')
      return found('tape', { number, value: closedBy[opening.value] }, [opening]);
    return clear(openings[opening.value].short.toLowerCase(), opening);
  },
});

const closedBy = {
  taped: 'closed by tape or card',
  unfit: 'closed by a part not made for it',
} as const;
