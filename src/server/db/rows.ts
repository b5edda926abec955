import 'server-only';
import type { QueryResultRow } from 'pg';
import type { Transaction } from './connect';

/** Exactly one row. Anything else is a bug. */
export async function one<R extends QueryResultRow>(
  tx: Transaction,
  text: string,
  values: unknown[],
): Promise<R> {
  const rows = await many<R>(tx, text, values);
  if (rows.length !== 1) throw new Error(`Expected one row, got ${rows.length}`);
  return rows[0]!;
}

export async function maybeOne<R extends QueryResultRow>(
  tx: Transaction,
  text: string,
  values: unknown[],
): Promise<R | undefined> {
  const rows = await many<R>(tx, text, values);
  if (rows.length > 1) throw new Error(`Expected at most one row, got ${rows.length}`);
  return rows[0];
}

export async function many<R extends QueryResultRow>(
  tx: Transaction,
  text: string,
  values: unknown[],
): Promise<R[]> {
  return (await tx.query<R>(text, values)).rows;
}

/** PostgreSQL’s code: a row with this key is there. */
const uniqueViolation = '23505';

/** For what may be taken by another: gives a value instead of that error, and throws every other. */
export const takenOr =
  <T>(value: T) =>
  (error: { code?: string }): T => {
    if (error.code !== uniqueViolation) throw error;
    return value;
  };

/** What is asked last in a transaction, of which nothing is read. */
export async function last(tx: Transaction, text: string, values: unknown[]): Promise<void> {
  if (tx.last) await tx.last(text, values);
  else await tx.query(text, values);
}
