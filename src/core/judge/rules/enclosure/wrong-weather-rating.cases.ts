import type { RuleCase } from '../../../testing/rule-cases';

const at = 'Panel enclosure';

export const cases: readonly RuleCase[] = [
  [
    'indoor panel outdoors',
    { panel: { metersLocation: 'outdoors', weatherRating: 'indoor' } },
    'found: wet',
    at,
  ],
  [
    'indoor panel in a damp place',
    { panel: { metersLocation: 'damp', weatherRating: 'indoor' } },
    'found: wet',
    at,
  ],
  [
    'rainproof outdoors',
    { panel: { metersLocation: 'outdoors', weatherRating: 'rain' } },
    'clear',
    at,
  ],
  ['indoors and dry, type unread', { panel: { metersLocation: 'indoors' } }, 'clear', at],
  ['outdoors, type unread', { panel: { metersLocation: 'outdoors' } }, 'not-seen', at],
  ['place not said', {}, 'not-seen', at],
  [
    'disconnect outside',
    { disconnect: { metersLocation: 'outdoors', weatherRating: 'indoor' } },
    'found: wet',
    'Disconnect',
  ],
];
