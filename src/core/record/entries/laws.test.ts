import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { assess } from '../../judge/assess/assess';
import { drawPanel } from '../../show/drawing/draw-panel';
import { canonicalJson } from '../../vocabulary/canonical';
import { packageFormat, packageVersion, parsePackage } from '../package/package';
import { circuitRows, readRows } from '../../fieldwork/circuit-table/circuit-rows';
import { anyEntries } from '../../testing/any-entries';
import { shuffled, testSettings } from '../../testing/bench';
import { stageStates } from '../../fieldwork/walk/stage-states';
import { entryWords } from '../../show/report/entry-words';
import type { Entry } from './entry';
import { fold } from './fold';
import { orderEntries } from './history';

/** What the entries say, the list of what could not be placed aside. */
const said = (entries: readonly Entry[]) => {
  const { things, facts, conflicts } = fold(entries);
  return {
    things: [...things.keys()].sort(),
    facts: [...facts]
      .map(
        ([about, values]) =>
          [about, [...values].filter(([, standing]) => standing.length > 0).sort()] as const,
      )
      .filter(([, values]) => values.length > 0)
      .sort(([a], [b]) => (a < b ? -1 : 1)),
    conflicts: conflicts.map(({ about, property }) => `${about}.${property}`).sort(),
  };
};

describe('over every kind of thing, part and property', () => {
  test('any order and repetition folds to the same inspection', () => {
    fc.assert(
      fc.property(anyEntries, fc.integer(), (entries, seed) => {
        const again = shuffled([...entries, ...shuffled(entries, seed + 1).slice(0, 9)], seed);
        expect(fold(again)).toEqual(fold(entries));
      }),
      { numRuns: 150, seed: 3 },
    );
  });

  test('undo of an action equals never having made it', () => {
    fc.assert(
      fc.property(anyEntries, fc.integer({ min: 1, max: 24 }), (entries, which) => {
        const action = `act${which}`;
        const plain = entries.filter((entry) => entry.kind !== 'undo');
        const undo: Entry = {
          v: 1,
          id: 'undo',
          counter: 1000,
          device: 'tablet',
          author: 'ines',
          at: '2026-04-14T10:00:00+01:00',
          action: 'undoing',
          kind: 'undo',
          undoes: action,
        };
        expect(said([...plain, undo])).toEqual(
          said(plain.filter((entry) => entry.action !== action)),
        );
      }),
      { numRuns: 150, seed: 4 },
    );
  });

  test('nothing that was said is lost: each fact stands, was replaced, or is listed', () => {
    fc.assert(
      fc.property(anyEntries, (entries) => {
        const { facts, unplaced, things } = fold(entries);
        const plain = entries.filter((entry) => entry.kind !== 'undo');
        const undone = new Set(
          entries.flatMap((entry) => (entry.kind === 'undo' ? [entry.undoes] : [])),
        );
        const replaced = new Set(
          entries.flatMap((entry) => (entry.kind === 'observe' ? entry.replaces : [])),
        );
        const standing = new Set(
          [...facts.values()].flatMap((byProperty) =>
            [...byProperty.values()].flat().map((fact) => `${fact.entry}.${fact.property}`),
          ),
        );
        const listed = new Set(unplaced.map((one) => one.entry));
        for (const entry of plain) {
          if (undone.has(entry.action) || replaced.has(entry.id) || listed.has(entry.id)) continue;
          if (entry.kind === 'add') expect(things.has(entry.thing)).toBe(true);
          for (const property of Object.keys(entry.facts))
            expect(standing.has(`${entry.id}.${property}`)).toBe(true);
        }
      }),
      { numRuns: 150, seed: 5 },
    );
  });

  test('assessing, drawing, listing and telling never throw', () => {
    fc.assert(
      fc.property(anyEntries, (entries) => {
        const assessment = assess(entries, testSettings);
        const { site } = assessment;
        for (const panel of site.panels) {
          drawPanel(panel, site);
          stageStates(assessment, panel.id);
          readRows(circuitRows(panel, site.reader), panel);
        }
        for (const entry of entries) entryWords(entry, site);
      }),
      { numRuns: 200, seed: 6 },
    );
  });

  test('a package out and in is the same', () => {
    fc.assert(
      fc.property(anyEntries, (entries) => {
        const document = {
          format: packageFormat,
          version: packageVersion,
          inspection: { id: 'one', title: 'Test house' },
          asOf: '2026-04-14',
          settings: testSettings,
          authors: [],
          yardstick: { id: 'us-2020', digest: 'a'.repeat(64) },
          ruleBook: { digest: 'b'.repeat(64) },
          issued: null,
          carried: [],
          letterhead: null,
          entries: orderEntries(entries).ordered,
        };
        const text = canonicalJson(document);
        const parsed = parsePackage(text);
        expect(parsed.ok && canonicalJson(parsed.value)).toBe(text);
      }),
      { numRuns: 100, seed: 7 },
    );
  });
});
