import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 312.2, 408.37: an enclosure in damp or wet places is made for them. */
export const wrongWeatherRating = defineRule({
  id: 'enclosure/wrong-weather-rating',
  title: 'Enclosure not made for the weather it stands in',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  finds:
    'A panel, meter or disconnect outdoors or in a damp place in an enclosure made for indoors.',
  example: 'An indoor panel on the outer wall of a boat shed.',
  sources: [
    { code: '312.2', says: 'enclosures in damp or wet places' },
    { code: '110.28', says: 'enclosure types' },
  ],
  remedies: ['rain-enclosure', 'move-indoors'],
  messages: {
    wet: {
      short: '{place}: made for indoors, stands {where}',
      seen: '{place} stands {where} in an enclosure made for indoors.',
      why: 'Rain reaches the live parts of {place}; they corrode, and the enclosure can become live.',
      ask: 'An enclosure made for the place it stands in.',
    },
  },
  places: ({ panel, around }) => [
    panelPlace(panel, 'Panel enclosure'),
    ...around.meters,
    ...around.disconnects,
  ],
  check(place, { site: { reader } }) {
    const stands = reader.fact(place.ref, 'metersLocation');
    if (!stands) return notSeen(want(place.ref, 'metersLocation', 'say where it stands'));
    const rating = reader.fact(place.ref, 'weatherRating');
    if (stands.value === 'indoors') return clear('indoors, dry', stands);
    if (!rating) return notSeen(want(place.ref, 'weatherRating', 'read the enclosure type'));
    if (rating.value === 'rain') return clear('made for rain', stands, rating);
    const where = stands.value === 'outdoors' ? 'outdoors' : 'in a damp place';
    return found('wet', { where }, [stands, rating]);
  },
});
