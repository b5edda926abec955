import { describe, expect, test } from '@jest/globals';
import { fold } from './fold';
import { parseEntry } from './versions';
import { describeFault } from '../../vocabulary/fault';

/** Literals as they were written by each published version. They never change. */
const published = {
  1: [
    {
      v: 1,
      id: 'e1',
      counter: 1,
      device: 'tablet',
      author: 'ines',
      at: '2026-04-14T09:41:00+01:00',
      action: 'a1',
      kind: 'add',
      thing: 'site',
      type: 'site',
      in: null,
      facts: { name: 'Lock-keeper’s house' },
      certainty: 'seen',
    },
    {
      v: 1,
      id: 'e2',
      counter: 2,
      device: 'tablet',
      author: 'ines',
      at: '2026-04-14T09:42:00+01:00',
      action: 'a2',
      kind: 'observe',
      about: 'site',
      facts: { address: '1 Sluice Row' },
      certainty: 'told',
      replaces: [],
    },
    {
      v: 1,
      id: 'e3',
      counter: 3,
      device: 'tablet',
      author: 'ines',
      at: '2026-04-14T09:43:00+01:00',
      action: 'a3',
      kind: 'undo',
      undoes: 'a2',
    },
  ],
};

describe('entries of every published version', () => {
  test.each(Object.entries(published))('version %s still loads', (_, literals) => {
    const entries = literals.map((literal) => {
      const parsed = parseEntry(literal);
      if (!parsed.ok) throw new Error(parsed.faults.map(describeFault).join());
      return parsed.value;
    });
    const inspection = fold(entries);
    expect(inspection.facts.get('site')?.get('name')?.[0]?.value).toBe('Lock-keeper’s house');
    expect(inspection.facts.get('site')?.get('address')).toBeUndefined();
    expect(inspection.unplaced).toEqual([]);
  });
});

describe('a malformed entry', () => {
  const good = published[1][1]!;
  test.each([
    ['a version to come', { ...good, v: 2 }, 'v'],
    ['no id', { ...good, id: '' }, 'id'],
    ['a counter of nought', { ...good, counter: 0 }, 'counter'],
    ['no time', { ...good, at: 'yesterday' }, 'at'],
    ['an unknown kind', { ...good, kind: 'delete' }, 'kind'],
    ['a certainty nobody has', { ...good, certainty: 'sure' }, 'certainty'],
    ['text no store can hold', { ...good, facts: { address: 'a\u0000b' } }, 'facts.address'],
    ['more than is known', { ...good, extra: 1 }, 'extra'],
  ])('with %s is refused with its place', (_, raw, path) => {
    const parsed = parseEntry(raw, 'entries.4');
    expect(parsed.ok).toBe(false);
    if (!parsed.ok) expect(parsed.faults.map((fault) => fault.path)).toContain(`entries.4.${path}`);
  });
});
