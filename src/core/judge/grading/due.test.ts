import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../../record/entries/properties';
import { record } from '../../testing/rule-cases';
import { testSettings } from '../../testing/bench';

const family = { maker: 'Dunvarick', model: 'FS-20', yearBuilt: 1995 };
const settings = { ...testSettings, school: 'by-the-calendar' as const };

const due = (site: Facts, rule = 'breaker/hazard-family') => {
  const made = record({ panel: family, lines: ['7 20 2x12cu m1'] });
  if (Object.keys(site).length > 0) made.facts(site, 'site');
  return made.assess(settings).findings.find((one) => one.verdict.rule.id === rule)!.due;
};

describe('by the calendar', () => {
  test('the end of life of the family, where nothing is planned', () =>
    expect(due({})).toEqual({ on: '2035-12-31', because: 'expected end of life of its family' }));
  test('the sooner of works and sale', () => {
    expect(due({ plannedWorksOn: '2028-03-01', saleOn: '2027-01-15' })).toMatchObject({
      on: '2027-01-15',
      because: 'sale',
    });
  });
  test('a Repair takes the date of the next planned visit', () =>
    expect(due({ plannedVisit: '2026-09-01' }, 'breaker/double-tap')).toMatchObject({
      on: '2026-09-01',
    }));
  test.each(['2026-13-40', 'in spring', '26-09-01'])('%s is no day and gives none', (saleOn) =>
    expect(due({ saleOn })!.because).toContain('end of life'),
  );
  test('in the other schools there is none', () => {
    const made = record({ panel: family });
    expect(made.assess().findings.every((one) => one.due === undefined)).toBe(true);
  });
});
