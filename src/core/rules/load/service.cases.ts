import type { Facts } from '../../entries/properties';
import type { Given, RuleCase } from '../../testing/rule-cases';

const house = (mainA: number, panel: Facts, floorAreaM2 = 140): Given => ({
  building: { buildingKind: 'house', floorAreaM2 },
  panel,
  lines: [`main ${mainA}`, '9+11 50 6cu =range 12000w range', '13+15 50 6cu =heat 15000w heat'],
});

export const cases: readonly RuleCase[] = [
  ['measured peak of 92 A on a 100 A main', house(100, { peakLegA: 92 }), 'found: over'],
  ['calculated above a 60 A main by both methods', house(60, { loadsListed: true }), 'found: over'],
  ['one method passes', house(100, { loadsListed: true }), 'clear'],
  ['measured peak of 40 A', house(100, { peakLegA: 40 }), 'clear'],
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
    { fedBy: 'disconnect', panel: { peakLegA: 92 }, lines: ['main 60'] },
    'does-not-apply',
  ],
  ['loads not listed', house(100, {}), 'not-seen'],
  ['nothing known', { lines: ['main 100'] }, 'not-seen'],
];
