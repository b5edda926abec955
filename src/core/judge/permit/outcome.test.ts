import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../../record/entries/properties';
import type { Given } from '../../testing/rule-cases';
import { record } from '../../testing/rule-cases';
import { permitOutcome } from './outcome';

const visit = (line: string, scope: Facts | undefined, permitNumber?: string, more: Given = {}) => {
  const made = record({ ...more, lines: ['7 20 2x12cu m1 old', line] });
  made.facts({ visitKind: 'permit', ...(permitNumber && { permitNumber }) }, 'site');
  const device = made.book.site.panels[0]!.devices.find((one) => one.number === 9)!;
  if (scope) made.facts(scope, device.id);
  return permitOutcome(made.assess());
};

describe('permit outcome', () => {
  test('Danger now inside the work refuses', () =>
    expect(visit('9 40 14cu m1 new', { inPermitScope: true }, 'P-1')).toMatchObject({
      result: 'refuse',
      number: 'P-1',
    }));
  test('a lesser finding inside is to be corrected; one outside is told and no more', () => {
    const outcome = visit('9 20 2x12cu m1 new', { inPermitScope: true }, 'P-1')!;
    expect(outcome.result).toBe('correct');
    expect(outcome.inside.map((one) => one.verdict.place.label)).toEqual(['Breaker 9']);
    expect(outcome.outside.map((one) => one.verdict.place.label)).toEqual(['Breaker 7']);
  });
  test('a wire of the permitted breaker is inside the work', () => {
    const outcome = visit('9 20 12cu:w m1 new', { inPermitScope: true }, 'P-1')!;
    expect(outcome.inside.map((one) => one.verdict.rule.id)).toContain('conductor/white-as-hot');
  });
  test('what was not seen inside the work keeps it from passing', () => {
    const outcome = visit('9 20 12cu m1 new', { inPermitScope: true }, 'P-1')!;
    expect(outcome.result).toBe('correct');
    expect(outcome.toSee.length).toBeGreaterThan(0);
  });
  test('without a number, or with nothing marked, it cannot be said', () => {
    expect(visit('9 20 12cu new', { inPermitScope: true })).toMatchObject({
      result: undefined,
      because: expect.stringContaining('number'),
    });
    expect(visit('9 20 12cu new', undefined, 'P-1')!.result).toBeUndefined();
  });
  test('no other visit has one', () => expect(permitOutcome(record({}).assess())).toBeUndefined());
  test('inside the work nothing is legacy', () => {
    const made = record({
      building: { yearBuilt: 1990 },
      settings: { school: 'by-the-evidence' },
      lines: ['2 20 12cu n12', '4 20 12cu ~2'],
      facts: { 'device 2': { tie: 'none', inPermitScope: true }, 'device 4': { tie: 'none' } },
    });
    expect(
      made.assess().findings.find((one) => one.verdict.rule.id.endsWith('no-common-disconnect'))!
        .legacy!.state,
    ).toBe('in-permit-scope');
  });
});
