import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export interface PictureRow {
  media_type: string;
  bytes: Buffer;
}

/** Adds a picture unless it is there already. */
export const insertPicture = (
  tx: Transaction,
  row: {
    organisation: string;
    digest: string;
    mediaType: string;
    width: number;
    height: number;
    bytes: Buffer;
    createdBy: string;
  },
) =>
  many<{ digest: string }>(
    tx,
    `insert into pictures (organisation_id, digest, media_type, width, height, bytes, created_by)
     values ($1::uuid, $2::text, $3::text, $4::integer, $5::integer, $6::bytea, $7::text)
     on conflict (organisation_id, digest) do nothing
     returning digest`,
    [row.organisation, row.digest, row.mediaType, row.width, row.height, row.bytes, row.createdBy],
  );

export const maybeOnePicture = (tx: Transaction, digest: string) =>
  maybeOne<PictureRow>(tx, `select media_type, bytes from pictures where digest = $1::text`, [
    digest,
  ]);

export const maybeOneThumbnail = (tx: Transaction, digest: string) =>
  maybeOne<{ bytes: Buffer }>(tx, `select bytes from thumbnails where digest = $1::text`, [digest]);

export const insertThumbnail = (
  tx: Transaction,
  organisation: string,
  digest: string,
  bytes: Buffer,
) =>
  many<{ digest: string }>(
    tx,
    `insert into thumbnails (organisation_id, digest, bytes)
     values ($1::uuid, $2::text, $3::bytea)
     on conflict (organisation_id, digest) do nothing
     returning digest`,
    [organisation, digest, bytes],
  );

/** A picture as it stands in a package. */
export interface PictureFile {
  digest: string;
  media_type: string;
  bytes: Buffer;
}

/** Pictures by their digests, in order. */
export const manyPictures = (tx: Transaction, digests: readonly string[]) =>
  many<PictureFile>(
    tx,
    `select digest, media_type, bytes from pictures where digest = any($1::text[]) order by digest`,
    [digests],
  );

/** A picture at the size it is printed in, JPEG. */
export interface PrintedPicture {
  digest: string;
  width: number;
  height: number;
  bytes: Buffer;
}

export const manyPrintedPictures = (tx: Transaction, digests: readonly string[]) =>
  many<PrintedPicture>(
    tx,
    `select digest, width, height, bytes from printed_pictures where digest = any($1::text[])`,
    [digests],
  );

export const insertPrintedPicture = (
  tx: Transaction,
  organisation: string,
  { digest, width, height, bytes }: PrintedPicture,
) =>
  many<{ digest: string }>(
    tx,
    `insert into printed_pictures (organisation_id, digest, width, height, bytes)
     values ($1::uuid, $2::text, $3::integer, $4::integer, $5::bytea)
     on conflict (organisation_id, digest) do nothing
     returning digest`,
    [organisation, digest, width, height, bytes],
  );
