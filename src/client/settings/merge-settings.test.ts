import { describe, expect, test } from '@jest/globals';
import { testSettings } from '@/core/testing/bench';
import { mergeSettings } from './merge-settings';

const deadlines = (urgent: number) => ({ ...testSettings.deadlineDays, urgent });

describe('settings two changed at once', () => {
  test('different parts: both stand', () => {
    expect(
      mergeSettings(
        testSettings,
        { ...testSettings, adoptionYears: 3 },
        { ...testSettings, deadlineDays: deadlines(3), familiesVersion: 9 },
      ),
    ).toEqual({
      settings: {
        ...testSettings,
        adoptionYears: 3,
        deadlineDays: deadlines(3),
        familiesVersion: 9,
      },
    });
  });
  test('the same part alike: it stands', () => {
    const alike = { ...testSettings, adoptionYears: 3 };
    expect(mergeSettings(testSettings, alike, alike)).toEqual({ settings: alike });
  });
  test('the same part otherwise: neither overwrites the other, and which is said', () => {
    expect(
      mergeSettings(
        testSettings,
        { ...testSettings, deadlineDays: deadlines(3) },
        { ...testSettings, deadlineDays: deadlines(5) },
      ),
    ).toEqual({ both: ['deadlineDays'] });
  });
  test('a book of costs counted up by the other is no change of mine', () => {
    const counted = {
      ...testSettings,
      costBook: { ...testSettings.costBook, version: testSettings.costBook.version + 1 },
      school: 'by-the-evidence' as const,
    };
    expect(mergeSettings(testSettings, { ...testSettings, lengths: 'us' }, counted)).toEqual({
      settings: { ...counted, lengths: 'us' },
    });
  });
});
