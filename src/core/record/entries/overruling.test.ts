import { describe, expect, test } from '@jest/globals';
import type { Entry } from './entry';
import { overrulingEntries } from './overruling';

const entry = (id: string, more: Record<string, unknown>, action = id): Entry =>
  ({
    v: 1,
    id,
    counter: 1,
    device: 'd',
    author: 'a',
    at: '2026-04-14T09:41:00+01:00',
    action,
    certainty: 'seen',
    ...more,
  }) as unknown as Entry;
const add = (id: string, facts: object) =>
  entry(id, { kind: 'add', thing: `t-${id}`, type: 'ruling', in: 'site', facts });
const observe = (id: string, about: string, facts: object) =>
  entry(id, { kind: 'observe', about, facts, replaces: [] });
const undo = (id: string, undoes: string) => entry(id, { kind: 'undo', undoes });

const lowered = add('lowered', { finding: 'a/b|c', overruledTo: 'plan', overruleReason: 'x' });

describe('entries that overrule', () => {
  test.each<[string, Entry[], Entry[], string[]]>([
    ['a grade given with a ruling', [lowered], [], ['lowered']],
    ['a ruling that only says it was made safe', [add('s', { madeSafeHow: 'off' })], [], []],
    [
      'a grade taken back to what is computed',
      [observe('o', 't-lowered', { overruledTo: null })],
      [lowered],
      ['o'],
    ],
    ['a ruling removed', [observe('r', 't-lowered', { removed: true })], [lowered], ['r']],
    [
      'a ruling turned to another finding',
      [observe('o', 't-lowered', { finding: 'a/b|d' })],
      [lowered],
      ['o'],
    ],
    ['another thing removed', [observe('r', 'd1', { removed: true })], [lowered], []],
    ['an overruling undone', [undo('u', 'lowered')], [lowered], ['u']],
    ['its undo undone', [undo('again', 'u')], [lowered, undo('u', 'lowered')], ['again']],
    ['something else undone', [undo('u', 'other')], [lowered, add('other', {})], []],
  ])('%s', (_, fresh, standing, expected) =>
    expect([...overrulingEntries(fresh, standing)]).toEqual(expected),
  );
});
