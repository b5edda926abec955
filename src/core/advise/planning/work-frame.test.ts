import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { remedyOf } from '../remedies';
import { workFrame } from './work-frame';

const found = (lines: string[], panel = {}) =>
  bench({ rows: 4, panel: { name: 'Main panel', ...panel } }).lines(...lines).book.site;

const work = (off: 'nothing' | 'circuit' | 'panel' | 'service') => ({
  panel: 'panel',
  off,
  remedy: { ...remedyOf('pigtail'), record: ['torque at the screws'] },
});

describe('what frames a work list', () => {
  const site = found(['main 100', '1 20 12cu hall', '2+4 30 10cu =dryer dryer']);

  test('large loads by name, the main, and that its supply side stays live', () => {
    const { before } = workFrame(site, site, [work('panel')]);
    expect(before[0]).toBe('Large loads off: Dryer. Electronics unplugged.');
    expect(before[1]).toMatch(/^Off, locked and tagged: main of Main panel\./);
    expect(before[1]).toMatch(/supply side of a main stays live\. Prove dead/);
  });

  test('nothing off, nothing isolated; nothing done, nothing said', () => {
    expect(workFrame(site, site, [work('nothing')]).before).toEqual([]);
    expect(workFrame(site, site, [])).toEqual({ before: [], after: [] });
  });

  test('the utility shuts off where the service is worked on', () => {
    expect(workFrame(site, site, [work('service')]).before[1]).toMatch(/^The utility shuts off;/);
  });

  test('torque by the label, or that it was not read', () => {
    const { after } = workFrame(site, site, [work('panel')]);
    expect(after[0]).toMatch(/label’s figure, which was not read yet/);
    const read = found(['main 100', '1 20 12cu hall'], { labelTorqueBreaker: 2.3 });
    expect(workFrame(read, read, [work('panel')]).after[0]).toMatch(/breaker screws 2\.3 N·m/);
  });

  test('only lines of the directory that change are named', () => {
    const then = found([
      'main 100',
      '1 20 12cu hall',
      '2+4 30 10cu =dryer dryer',
      '3 20 12cu lamp',
    ]);
    const { after } = workFrame(site, then, [work('panel')]);
    expect(after.at(-1)).toBe('Directory of Main panel: 3 Lamp.');
    expect(workFrame(site, site, [work('panel')]).after.join(' ')).not.toMatch(/Directory/);
  });
});
