import { afterAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { asOneQuestion, closePool, inTransaction } from './connect';
import { withLiterals } from './literals';

afterAll(() => closePool());

type Row = Record<string, unknown>;
const asked = `select $1::text as text, $2::integer as whole, $3::real as real, $4::boolean as yes,
  $5::bytea as bytes, $6::timestamptz as at, $7::jsonb as json, $8::date as none`;

describe('a query with its values written into it', () => {
  test('answers what it answers with them beside it, whatever is written', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.string({ unit: 'grapheme', maxLength: 60 }).filter((text) => !text.includes('\0')),
        fc.integer({ min: -2147483647, max: 2147483647 }),
        fc.float({ noNaN: true, noDefaultInfinity: true, min: -1000, max: 1000 }),
        fc.boolean(),
        fc.uint8Array({ maxLength: 20 }),
        async (text, whole, real, yes, bytes) => {
          const json = JSON.stringify({ text: `'; drop table entries; --${text}$1` });
          const at = new Date(1776000000000 + whole);
          const values = [text, whole, real, yes, Buffer.from(bytes), at, json, null];
          const ask = (query: string, given?: unknown[]) =>
            asOneQuestion(async (tx) => (await tx.query<Row>(query, given)).rows[0]);
          expect(await ask(withLiterals(asked, values)!)).toEqual(await ask(asked, values));
        },
      ),
      { numRuns: 200 },
    );
  });
  test('lists, objects and texts with a zero are not written', () => {
    for (const value of [[1], { a: 1 }, NaN, Infinity, 'a\0b'])
      expect(withLiterals('select $1', [value])).toBeUndefined();
  });
});

describe('a transaction', () => {
  const name = `t${Date.now()}`;
  test('begins with its first query, whatever it is asked with, and ends with its last', async () => {
    const inside = `select now() = statement_timestamp() as first, pg_current_xact_id_if_assigned() as id`;
    for (const values of [undefined, [1], [[1]]]) {
      const first = values
        ? `select $1::${Array.isArray(values[0]) ? 'integer[]' : 'integer'}`
        : 'select 1';
      const rows = await inTransaction(async (tx) => {
        await tx.query(first, values);
        return [(await tx.query<Row>(inside)).rows[0], (await tx.query<Row>(inside)).rows[0]];
      });
      // The clock of a transaction stands: both are of the same one, begun before them.
      expect(rows.map((row) => row!.first)).toEqual([false, false]);
    }
  });
  /** Counts one more under this key, and gives how many that makes. */
  const counting = 'select count_sign_in_attempt($1::text, $2::integer) as made';
  const count = (key: string) =>
    asOneQuestion(async (tx) => (await tx.query<Row>(counting, [key, 60])).rows[0]!.made);
  test('is committed with its last query', async () => {
    await inTransaction(async (tx) => {
      await tx.query('select 1');
      await tx.last!(counting, [`${name}-kept`, 60]);
    });
    expect(await count(`${name}-kept`)).toBe(2);
  });
  test('what failed in its last query leaves nothing of it, and says so', async () => {
    await expect(
      inTransaction(async (tx) => {
        await tx.query(counting, [`${name}-lost`, 60]);
        await tx.last!('select 1/$1::integer', [0]);
      }),
    ).rejects.toThrow(/division by zero/);
    expect(await count(`${name}-lost`)).toBe(1);
  });
  test('one that asks nothing is none', async () => {
    expect(await inTransaction(() => Promise.resolve(7))).toBe(7);
  });
});
