import type { Facts } from '../../../record/entries/properties';
import { refOf } from '../../../testing/rule-cases';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const house = (mainA: number, panel: Facts, floorAreaM2 = 140): Given => ({
  building: { buildingKind: 'house', floorAreaM2 },
  panel,
  lines: [`main ${mainA}`, '9+11 50 6cu =range 12000w range', '13+15 50 6cu =heat 15000w heat'],
});

export const cases: readonly RuleCase[] = [
  [
    'measured peak of 92 A on a 100 A main',
    house(100, { peakLegA: 92, peakOver: 'year' }),
    'found: over',
  ],
  ['calculated above a 60 A main by both methods', house(60, { loadsListed: true }), 'found: over'],
  ['one method passes', house(100, { loadsListed: true }), 'clear'],
  ['measured peak of 40 A', house(100, { peakLegA: 40, peakOver: 'month' }), 'clear'],
  [
    'said to be listed, one nameplate unread',
    {
      building: { buildingKind: 'house', floorAreaM2: 140 },
      panel: { loadsListed: true },
      lines: ['main 100', '9+11 50 6cu =range range'],
    },
    'not-seen',
  ],
  [
    'a panel downstream',
    { fedBy: 'disconnect', panel: { peakLegA: 92, peakOver: 'year' }, lines: ['main 60'] },
    'does-not-apply',
  ],
  ['loads not listed', house(100, {}), 'not-seen'],
  ['nothing known', { lines: ['main 100'] }, 'not-seen'],
  [
    'a moment’s clamp of 40 A is no method',
    house(100, { peakLegA: 40, peakOver: 'moment' }),
    'not-seen',
  ],
  ['how long the peak was recorded not said', house(100, { peakLegA: 92 }), 'not-seen'],
  [
    'a moment’s clamp above the main itself',
    house(100, { peakLegA: 108, peakOver: 'moment' }),
    'found: over',
  ],
  [
    '1500 ft² at 3 VA',
    {
      building: { buildingKind: 'house', floorAreaFt2: 1500 },
      panel: { loadsListed: true },
      lines: ['main 100', '9+11 50 6cu =range 12000w range'],
    },
    'clear',
  ],
  [
    'a heat pump with supplementary heat over a 60 A main',
    {
      building: { buildingKind: 'house', floorAreaM2: 140 },
      panel: { loadsListed: true },
      lines: ['main 60', '9+11 50 6cu pump', '13+15 50 6cu strips'],
      after: (made) => {
        made.book.add('load', 'hp', refOf(made, 'circuit 9'), {
          loadKind: 'heat-pump',
          listedW: 6000,
        });
        made.book.add('load', 'sh', refOf(made, 'circuit 13'), {
          loadKind: 'supplementary-heat',
          listedW: 10000,
        });
      },
    },
    'found: over',
  ],
];
