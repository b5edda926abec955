import { beforeEach, describe, expect, test } from '@jest/globals';
import { dropErrand, errandsOf, inspectionOf, noteErrand, pageWords } from './errands';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  const localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
  Object.assign(globalThis, { window: { localStorage } });
});

const pdf = (of: string) => ({
  path: `/inspections/${of}/report.pdf?for=client`,
  what: 'pdf' as const,
  words: 'the PDF',
  inspection: of,
});

describe('what is wanted of the server once it is reached', () => {
  test('is noted once, by its member, until it is dropped', () => {
    noteErrand('ines', pdf('weir'));
    noteErrand('ines', pdf('quay'));
    noteErrand('ines', pdf('weir'));
    noteErrand('bram', pdf('loft'));
    expect(errandsOf('ines').map(({ inspection }) => inspection)).toEqual(['quay', 'weir']);
    expect(errandsOf('bram')).toHaveLength(1);
    dropErrand('ines', pdf('quay').path);
    expect(errandsOf('ines').map(({ inspection }) => inspection)).toEqual(['weir']);
    expect(errandsOf('bram')).toHaveLength(1);
    expect(errandsOf('odile')).toEqual([]);
    expect(errandsOf('constructor')).toEqual([]);
  });

  test('is not noted for ever', () => {
    for (let n = 0; n < 60; n += 1) noteErrand('ines', pdf(`i${n}`));
    expect(errandsOf('ines')).toHaveLength(50);
    expect(errandsOf('ines')[0]!.inspection).toBe('i10');
  });

  test('that cannot be read any more is nothing', () => {
    kept.set('east-gate-errands', '{half');
    expect(errandsOf('ines')).toEqual([]);
  });

  test.each([
    ['/inspections/weir/issue', 'weir', 'issue the report'],
    ['/issued/r1/report.pdf', undefined, 'open the issued report'],
    ['/office/people', undefined, 'open the office'],
    ['/account', undefined, 'open your account'],
    ['/inspections/weir/somewhere', 'weir', 'open this page'],
  ])('%s', (path, inspection, words) => {
    expect([inspectionOf(path), pageWords(path)]).toEqual([inspection, words]);
  });
});
