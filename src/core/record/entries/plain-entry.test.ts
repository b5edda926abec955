import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { anyEntries } from '../../testing/any-entries';
import { entrySchema } from './entry';
import { isPlainEntry } from './plain-entry';

const oddities = fc.oneof(
  fc.jsonValue(),
  fc.constantFrom<unknown>(
    undefined,
    Number.NaN,
    Infinity,
    -0,
    0.5,
    '\0',
    '\ud800',
    'a/b/c',
    '2026-02-30T09:00:00Z',
    Number.MAX_SAFE_INTEGER + 2,
    [[]],
    { x: [1, { y: undefined }] },
    JSON.parse('{"__proto__": 1}'),
    { constructor: 1 },
    { name: () => 1 },
  ),
);
/** As it is read from text: whatever else an object may be, no entry is. */
const asJson = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
const fields = ['v', 'id', 'counter', 'device', 'author', 'at', 'action', 'kind', 'thing', 'type'];
const others = ['in', 'about', 'facts', 'certainty', 'replaces', 'undoes', 'extra', 'constructor'];

test('what is taken as an entry at a glance is what the schema reads, and nothing is made of it', () => {
  fc.assert(
    fc.property(
      anyEntries,
      fc.nat(),
      fc.constantFrom(...fields, ...others),
      fc.option(oddities, { nil: 'left out' }),
      (entries, at, field, value) => {
        const { [field]: _, ...rest } = { ...entries[at % entries.length]! } as Record<
          string,
          unknown
        >;
        const odd = value === 'left out' ? rest : { ...rest, [field]: value };
        if (!isPlainEntry(odd)) return;
        const read = v.safeParse(entrySchema, odd);
        expect(read.success).toBe(true);
        expect(asJson(read.output)).toStrictEqual(asJson(odd));
      },
    ),
    { numRuns: 800 },
  );
});

test('and what the schema reads of an ordinary inspection is taken at a glance', () => {
  fc.assert(
    fc.property(anyEntries, (entries) => {
      for (const entry of entries) expect([entry, isPlainEntry(entry)]).toEqual([entry, true]);
    }),
    { numRuns: 100 },
  );
});
