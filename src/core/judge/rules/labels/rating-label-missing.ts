import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { clear, defineRule } from '../../check/rule';
import { figureOffLabel } from '../../../installation/panel/what-follows';

/** 408.58, 110.21: the maker’s marking is there and can be read. */
const asSaid = readsChoice({
  property: 'ratingLabel',
  say: 'look for the rating label',
  adverse: { illegible: 'gone', missing: 'gone' },
});

export const ratingLabelMissing = defineRule({
  id: 'labels/rating-label-missing',
  title: 'Rating label gone',
  stage: 5,
  hazards: [],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A rating label that is missing or illegible: the limits of the panel are unknown, and many checks stay not seen.',
  example: 'A door whose label was painted over.',
  sources: [{ code: '408.58', says: 'panelboard marking' }],
  remedies: ['limits-from-maker'],
  messages: {
    gone: {
      short: 'Rating label {value}',
      seen: 'The rating label of the panel is {value}.',
      why: 'Which breakers fit, how many circuits and how much current this panel may carry cannot be known from it.',
      ask: 'The limits from the maker, by the model of the interior.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Rating label')],
  check(place, scene) {
    const figure = figureOffLabel(scene.site, scene.panel.id);
    const said = scene.site.reader.fact(scene.panel.id, 'ratingLabel');
    if (!said && figure) return clear('figures were read off it', figure);
    return asSaid(place, scene);
  },
});
