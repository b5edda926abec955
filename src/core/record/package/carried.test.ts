import { describe, expect, test } from '@jest/globals';
import * as v from 'valibot';
import type { Entry } from '../entries/entry';
import type { Carried } from './carried';
import { broughtWith, carriedOneSchema, carriedSchema, readAs, rememberedAs } from './carried';

const entry = (id: string, author: string): Entry => ({
  v: 1,
  id,
  counter: 1,
  device: 'tablet',
  author,
  at: '2026-04-14T09:41:00+01:00',
  action: id,
  kind: 'add',
  thing: id,
  type: 'site',
  in: null,
  facts: {},
  certainty: 'seen',
});
const carried = (letter: string, entries: string[], more: Partial<Carried> = {}): Carried => ({
  package: letter.repeat(64),
  office: `Office ${letter}`,
  by: { id: 'ines', name: 'Ines Marrable' },
  at: '2026-05-01T10:00:00Z',
  authors: [{ id: 'ines', name: `Ines by ${letter}`, licence: `L-${letter}` }],
  entries,
  before: [],
  ...more,
});
const own = [{ id: 'ines', name: 'Ines Marrable', licence: 'ML-77' }];

describe('whose word', () => {
  test('one id in a package and in this office are two people', () => {
    const { entries, authors } = readAs([entry('e1', 'ines'), entry('e2', 'ines')], own, [
      carried('a', ['e2']),
    ]);
    const nameOf = (at: number) => authors.find(({ id }) => id === entries[at]!.author)?.name;
    expect([nameOf(0), nameOf(1)]).toEqual(['Ines Marrable', 'Ines by a of Office a']);
    expect(authors.map(({ licence }) => licence)).toEqual(['ML-77', 'L-a']);
  });

  test('an author a package does not name is not looked up here', () => {
    const { entries, authors } = readAs([entry('e1', 'ines')], own, [
      carried('a', ['e1'], { authors: [] }),
    ]);
    expect(authors).toEqual([]);
    expect(entries[0]!.author).not.toBe('ines');
  });

  test('through two packages: named by the first, brought by the last', () => {
    const through = carried('b', ['e1', 'e2'], { before: [carried('a', ['e1'])] });
    const { entries, authors } = readAs([entry('e1', 'ines'), entry('e2', 'ines')], own, [through]);
    expect(entries.map(({ author }) => authors.find(({ id }) => id === author)?.name)).toEqual([
      'Ines by a of Office a',
      'Ines by b of Office b',
    ]);
    expect(broughtWith([through], 'e1')?.office).toBe('Office b');
  });

  test('a package names what it brought, and nothing of this office’s own', () => {
    const greedy = carried('b', ['e2'], { before: [carried('a', ['e1', 'e2'])] });
    const { entries, authors } = readAs([entry('e1', 'ines'), entry('e2', 'ines')], own, [greedy]);
    const nameOf = (at: number) => authors.find(({ id }) => id === entries[at]!.author)?.name;
    expect([nameOf(0), nameOf(1)]).toEqual(['Ines Marrable', 'Ines by a of Office a']);
  });

  test('whatever a package says of itself, it is remembered so that it is read again', () => {
    const deep = (hops: number): Carried =>
      carried('a', ['e1'], { before: hops > 0 ? [deep(hops - 1)] : [] });
    const {
      entries: _,
      at: __,
      ...brought
    } = carried('b', ['e1'], {
      office: 'x'.repeat(900),
      authors: [{ id: 'ines', name: 'x'.repeat(900), licence: 'x'.repeat(900) }],
      before: [deep(6)],
    });
    const again = { ...rememberedAs(brought), entries: ['e1'], at: '2026-05-01T10:00:00Z' };
    expect(v.is(carriedOneSchema, again)).toBe(true);
    expect(v.is(carriedSchema, [again])).toBe(true);
  });

  test('where nothing is recorded everything is as it was', () => {
    const entries = [entry('e1', 'ines')];
    for (const none of [null, []]) {
      expect(readAs(entries, own, none)).toEqual({ entries, authors: own });
    }
  });

  test('the part is read, within bounds', () => {
    const deep = (hops: number): Carried =>
      carried('a', ['e1'], { before: hops > 0 ? [deep(hops - 1)] : [] });
    expect(v.is(carriedSchema, [deep(5)])).toBe(true);
    expect(v.is(carriedSchema, [deep(8)])).toBe(false);
    expect(v.is(carriedSchema, null)).toBe(true);
    expect(v.is(carriedSchema, [{ ...deep(0), package: 'x' }])).toBe(false);
    expect(v.is(carriedSchema, [{ ...deep(0), more: 1 }])).toBe(false);
  });
});
