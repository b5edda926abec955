import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export interface SoundRow {
  media_type: string;
  bytes: Buffer;
}

/** Adds a sound unless it is there already. */
export const insertSound = (
  tx: Transaction,
  row: {
    organisation: string;
    digest: string;
    mediaType: string;
    bytes: Buffer;
    createdBy: string;
  },
) =>
  many<{ digest: string }>(
    tx,
    `insert into sounds (organisation_id, digest, media_type, bytes, created_by)
     values ($1::uuid, $2::text, $3::text, $4::bytea, $5::text)
     on conflict (organisation_id, digest) do nothing
     returning digest`,
    [row.organisation, row.digest, row.mediaType, row.bytes, row.createdBy],
  );

export const maybeOneSound = (tx: Transaction, digest: string) =>
  maybeOne<SoundRow>(tx, `select media_type, bytes from sounds where digest = $1::text`, [digest]);

/** A sound as it stands in a package. */
export interface SoundFile extends SoundRow {
  digest: string;
}

/** Sounds by their digests, in order. */
export const manySounds = (tx: Transaction, digests: readonly string[]) =>
  many<SoundFile>(
    tx,
    `select digest, media_type, bytes from sounds where digest = any($1::text[]) order by digest`,
    [digests],
  );
