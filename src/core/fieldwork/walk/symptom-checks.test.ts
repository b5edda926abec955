import { describe, expect, test } from '@jest/globals';
import { properties } from '../../record/entries/properties';
import { stages } from './stages';
import type { Symptom } from './symptom-checks';
import { symptomChecks } from './symptom-checks';

const symptoms = Object.keys(properties.symptoms.choices) as Symptom[];

describe.each(symptoms)('%s', (symptom) => {
  const { suspect, look } = symptomChecks[symptom];
  test('names what is suspected and where to look', () => {
    expect(suspect.length).toBeGreaterThan(8);
    expect(look.length).toBeGreaterThan(1);
  });
  test('leads through stages that exist, in the order of the walk', () => {
    const numbers = look.map(({ stage }) => stage);
    expect(numbers).toEqual([...numbers].sort((a, b) => a - b));
    for (const number of numbers) expect(stages.map((one) => one.number)).toContain(number);
  });
  test('never tells anyone to keep resetting or to work live', () => {
    const words = [suspect, ...look.map(({ at }) => at)].join(' ');
    expect(words).not.toMatch(/keep resetting|reset it again|while live|with the power on/i);
  });
});

test('a symptom that may be live metal begins before the panel, at the approach', () => {
  for (const symptom of ['shocks', 'smell', 'crackle', 'over-voltage'] as const)
    expect(symptomChecks[symptom].look[0]!.stage).toBe(2);
});
