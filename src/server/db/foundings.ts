import 'server-only';
import type { Transaction } from './connect';
import { one } from './rows';

/** Before an organisation is known: whether a founding link may still be used. */
export const oneFoundingOpen = (tx: Transaction, tokenHash: Buffer) =>
  one<{ open: boolean }>(tx, `select is_founding_open($1::bytea) as open`, [tokenHash]);

/** An office and its first member, as they are founded. */
export interface Founding {
  organisation: string;
  name: string;
  settings: unknown;
  letterhead: unknown;
  member: { id: string; email: string; name: string; licence: string; passwordHash: string };
}

/** Before an organisation is known: founds the office of a link, once. */
export const oneFounded = (
  tx: Transaction,
  tokenHash: Buffer,
  { organisation, name, settings, letterhead, member }: Founding,
) =>
  one<{ founded: boolean }>(
    tx,
    `select found_office($1::bytea, $2::uuid, $3::text, $4::jsonb, $5::text, $6::text, $7::text, $8::text, $9::text, $10::jsonb) as founded`,
    [
      tokenHash,
      organisation,
      name,
      JSON.stringify(settings),
      member.id,
      member.email,
      member.name,
      member.licence,
      member.passwordHash,
      JSON.stringify(letterhead),
    ],
  );
