import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Entry } from './entries/entry';
import { entriesWithout, personalTexts, removedWords, without } from './erased';

const entry = (id: string, facts: Record<string, unknown>): Entry =>
  ({
    v: 1,
    id,
    counter: 1,
    device: 'd',
    author: 'ines',
    at: '2026-04-14T09:41:00+01:00',
    action: id,
    kind: 'add',
    thing: id,
    type: 'site',
    in: null,
    facts,
    certainty: 'seen',
  }) as Entry;

describe('what was removed on request', () => {
  const entries = [
    entry('a', { name: 'Weir cottage', client: 'Ada Kettle' }),
    entry('b', { client: 'Ada Kettle-Brook', toldWhom: 'Ada Kettle, by telephone' }),
    entry('c', { remark: 'Ada Kettle was at home' }),
  ];
  test('are the texts that named a client, the longest first', () =>
    expect(personalTexts(entries)).toEqual([
      'Ada Kettle, by telephone',
      'Ada Kettle-Brook',
      'Ada Kettle',
    ]));
  test('is marked in the entries, of which nothing else changes', () => {
    const shown = entriesWithout(entries);
    expect(shown.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
    expect(shown[0]).toEqual({
      ...entries[0],
      facts: { name: 'Weir cottage', client: removedWords },
    });
    expect(shown[2]).toBe(entries[2]);
  });
  test('is found in whatever was composed of them', () => {
    const texts = personalTexts(entries);
    expect(without({ head: ['for Ada Kettle-Brook'], n: 3, none: null }, texts)).toEqual({
      head: [`for ${removedWords}`],
      n: 3,
      none: null,
    });
  });
  test.each<[string, string, Record<string, unknown>, string[]]>([
    ['a role', 'client', { client: 'the owner' }, []],
    ['a role with a capital', 'toldWhom', { toldWhom: 'The owner, in person' }, []],
    ['one small word', 'client', { client: 'danger' }, []],
    ['a name in small letters', 'client', { client: 'ada kettle' }, ['ada kettle']],
    ['small words of somebody else', 'mendedBy', { mendedBy: 'the caretaker' }, []],
    [
      'a name beside a role',
      'toldWhom',
      { toldWhom: 'the owner, Ada Kettle' },
      ['the owner, Ada Kettle'],
    ],
  ])('%s in %s', (_, __, facts, expected) =>
    expect(personalTexts([entry('r', facts)])).toEqual(expected),
  );
  test('is cut out of no other word, nor out of what the report itself says', () =>
    expect(
      without({ grade: 'danger', says: 'Annex: tell Ann (the owner) of the danger' }, ['Ann']),
    ).toEqual({ grade: 'danger', says: `Annex: tell ${removedWords} (the owner) of the danger` }));
  test('may hold signs that mean something elsewhere', () =>
    expect(without(['by A. (Kettle) [2] $& today'], ['A. (Kettle) [2] $&'])).toEqual([
      `by ${removedWords} today`,
    ]));
  test('stands nowhere any more, and what has none of it stays as it was', () => {
    const texts = ['Ada Kettle', 'Kett'];
    const apart = (text: string) => `${text} `;
    fc.assert(
      fc.property(fc.jsonValue(), fc.string(), (value, before) => {
        const said = JSON.stringify(without({ value, line: `${apart(before)}Ada Kettle` }, texts));
        expect(said.endsWith(`${removedWords}"}`)).toBe(true);
        const plain = JSON.parse(JSON.stringify(value)) as unknown;
        if (!JSON.stringify(plain).includes('Kett')) expect(without(plain, texts)).toEqual(plain);
      }),
    );
  });
});
