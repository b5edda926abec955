import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { assess } from './assess';
import type { Entry } from '../../record/entries/entry';
import { compareEntries } from '../../record/entries/entry';
import { properties } from '../../record/entries/properties';
import type { Facts } from '../../record/entries/properties';
import type { Followed } from './follow';
import { follow } from './follow';
import { anyEntries } from '../../testing/any-entries';
import { bench, testSettings } from '../../testing/bench';
import { said } from '../../testing/said';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { netLoft } from '@/server/demo/net-loft';
import { osierCottage } from '@/server/demo/osier-cottage';

const same = (followed: Followed, entries: readonly Entry[]) =>
  expect(JSON.stringify(said(followed.assessment))).toBe(
    JSON.stringify(said(assess(entries, testSettings))),
  );

describe('following an inspection says the same as assessing it anew', () => {
  test.each([
    ['lock-keeper’s house', lockKeepersHouse],
    ['net loft', netLoft],
    ['osier cottage', osierCottage],
  ])('%s, entry by entry', (_, make) => {
    const { entries } = make('ines');
    let followed: Followed | undefined;
    for (let count = 1; count <= entries.length; count += 1) {
      const now = entries.slice(0, count);
      followed = follow(now, testSettings, followed);
      if (count % 29 === 0 || count > entries.length - 12) same(followed, now);
    }
  });

  test('every property of the panel and its parts, recorded one after another', () => {
    const one = bench({ panel: { bond: 'strap', coverOpened: 'opened' } }).lines(
      'main 100',
      '1 20 2x12cu m1 n1 g1 in:nm kitchen',
      '2+4 30 10cu m1 n2 g2 in:nm range',
      '5 t15/15 14cu+14cu m1',
    );
    const panel = one.assess().site.panels[0]!;
    const device = panel.devices[0]!;
    const subjects = {
      panel: 'panel',
      device: device.id,
      terminal: device.terminals[0]!.ref,
      position: 'panel/c1r5',
      lug: 'panel/l1',
      conductor: panel.conductors[0]!.id,
      building: 'house',
      service: 'service',
    } as const;
    let followed = follow([...one.book.entries], testSettings);
    let stepped = 0;
    for (const [name, spec] of Object.entries(properties)) {
      const about = Object.entries(subjects).find(([subject]) =>
        (spec.on as readonly string[]).includes(subject),
      )?.[1];
      const choices =
        'choices' in spec && spec.input === 'choice'
          ? Object.keys(spec.choices as object)
          : undefined;
      const value =
        spec.input === 'yes-no'
          ? true
          : choices
            ? choices.at(-1)
            : spec.input === 'number' && 'unit' in spec
              ? 40
              : undefined;
      if (about === undefined || value === undefined || ['removed', 'columns'].includes(name))
        continue;
      try {
        one.facts({ [name]: value } as Facts, about);
      } catch {
        continue;
      }
      const entries = [...one.book.entries];
      const next = follow(entries, testSettings, followed);
      if (next.structural === followed.structural) stepped += 1;
      followed = next;
      same(followed, entries);
    }
    expect(stepped).toBeGreaterThan(60);
  }, 60_000);

  test('any history, cut anywhere and followed in two steps', () =>
    fc.assert(
      fc.property(anyEntries, fc.double({ min: 0, max: 1, noNaN: true }), (given, share) => {
        const entries = [...given].sort(compareEntries);
        const first = follow(entries.slice(0, Math.floor(entries.length * share)), testSettings);
        const second = follow(entries, testSettings, first);
        same(second, entries);
      }),
      { numRuns: 50 },
    ));

  test('other settings start anew', () => {
    const { entries } = osierCottage('ines');
    const first = follow(entries, testSettings);
    const label = { ...testSettings, school: 'by-the-label' as const };
    expect(follow(entries, label, first).assessment.settings.school).toBe('by-the-label');
  });
});
