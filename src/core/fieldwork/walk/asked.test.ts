import { describe, expect, test } from '@jest/globals';
import { properties } from '../../record/entries/properties';
import type { PropertySpec } from '../../record/entries/properties';
import { observe } from '../recording/draft';
import { bench, testSettings } from '../../testing/bench';
import { assess } from '../../judge/assess/assess';
import { askedAt, nothingWrong } from './asked';
import { stageStates } from './stage-states';

const made = () => bench().lines('1 20 12cu:b kitchen', '3 15 14cu:b hall');

describe('nothing wrong here', () => {
  test('writes an explicit list of negative facts, and never a measurement', () => {
    const { book } = made();
    const { site } = book;
    for (let stage = 1; stage <= 13; stage += 1)
      for (const group of askedAt(stage, site, site.panels[0]!))
        for (const { facts } of nothingWrong(group, site))
          for (const name of Object.keys(facts)) {
            const spec = properties[name as keyof typeof properties] as PropertySpec;
            expect(['number', 'length', 'text', 'none']).not.toContain(spec.input);
            expect(spec.fine).toBeDefined();
          }
  });

  test('leaves what was recorded, and a second time writes nothing', () => {
    const { book } = made();
    book.observe('panel', { deadFront: 'cracked' });
    const group = () => {
      const { site } = book;
      return askedAt(7, site, site.panels[0]!).find((one) => one.title === 'Cover')!;
    };
    const fine = nothingWrong(group(), book.site);
    expect(fine).toEqual([
      {
        about: 'panel',
        facts: {
          coverOf: 'own',
          coverScrews: 'right',
          pointedNearConductors: false,
          scorch: 'none',
          wallAround: 'closed',
        },
      },
    ]);
    book.record(fine.map(({ about, facts }) => observe(book.site.reader, about, facts)));
    expect(nothingWrong(group(), book.site)).toEqual([]);
    expect(book.site.reader.value('panel', 'deadFront')).toBe('cracked');
  });

  test('asks of every breaker alike', () => {
    const { book } = made();
    const { site } = book;
    const group = askedAt(6, site, site.panels[0]!).find((one) => one.many)!;
    expect(nothingWrong(group, site).map(({ about }) => about)).toHaveLength(2);
    expect(nothingWrong(group, site)[0]!.facts).toMatchObject({
      heatMark: false,
      handleState: 'on',
    });
    for (const touched of ['tightness', 'wear', 'failedTrip', 'testButton'])
      expect(nothingWrong(group, site)[0]!.facts).not.toHaveProperty(touched);
  });
});

describe('stages', () => {
  test('a cover that was not opened leaves what is behind it not seen', () => {
    const { book } = made();
    book.observe('panel', { coverOpened: 'not-opened', coverReason: 'padlocked' });
    const assessment = assess(book.entries, testSettings);
    const inside = stageStates(assessment, 'panel').find(({ stage }) => stage.number === 8)!;
    expect(inside.agreed - inside.made).toBeGreaterThan(0);
    expect(assessment.notSeen.map((line) => line.say)).toContain('cover not opened: padlocked');
    for (const stage of [8, 9])
      for (const group of askedAt(stage, assessment.site, assessment.site.panels[0]!))
        expect(nothingWrong(group, assessment.site)).toEqual([]);
  });
});
