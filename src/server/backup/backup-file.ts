import { createHash } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { open, rename, rm, stat } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import * as v from 'valibot';

/** What stands before the dump in a backup, one line of JSON. */
export interface BackupHead {
  format: 'east-gate-backup';
  version: 1;
  /** ISO 8601. */
  at: string;
  /** Bytes of the dump. */
  bytes: number;
  /** SHA-256 of the dump, hex. */
  sha256: string;
  /** Rows of each table, as schema.table. */
  rows: Record<string, number>;
}

const headSchema = v.strictObject({
  format: v.literal('east-gate-backup'),
  version: v.literal(1),
  at: v.string(),
  bytes: v.pipe(v.number(), v.integer(), v.minValue(1)),
  sha256: v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/)),
  rows: v.record(v.string(), v.pipe(v.number(), v.integer(), v.minValue(0))),
});
const longestHead = 64 * 1024;

/** SHA-256 of part of a file, from a byte on. */
async function digestOf(file: string, start = 0): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(file, { start }), hash);
  return hash.digest('hex');
}

/** Puts a dump and its head into one file. Nothing stands under its name before it is whole. */
export async function writeBackup(
  dump: string,
  into: string,
  { at, rows }: Pick<BackupHead, 'at' | 'rows'>,
): Promise<BackupHead> {
  const head: BackupHead = {
    format: 'east-gate-backup',
    version: 1,
    at,
    bytes: (await stat(dump)).size,
    sha256: await digestOf(dump),
    rows,
  };
  const part = `${into}.part`;
  try {
    const out = createWriteStream(part, { mode: 0o600 });
    out.write(`${JSON.stringify(head)}\n`);
    await pipeline(createReadStream(dump), out);
    await rename(part, into);
  } finally {
    await rm(part, { force: true });
  }
  return head;
}

export type ReadBackup =
  | { ok: true; head: BackupHead; /** Byte at which the dump begins. */ start: number }
  | { ok: false; reason: string };

/** Reads the head of a backup and holds the dump against it: one that is cut off or changed is refused. */
export async function readBackup(file: string): Promise<ReadBackup> {
  const refused = (reason: string): ReadBackup => ({ ok: false, reason });
  let text: string;
  let size: number;
  try {
    const handle = await open(file);
    try {
      const { buffer, bytesRead } = await handle.read(Buffer.alloc(longestHead), 0, longestHead, 0);
      text = buffer.toString('utf8', 0, bytesRead);
      size = (await handle.stat()).size;
    } finally {
      await handle.close();
    }
  } catch (error) {
    return refused(error instanceof Error ? error.message : String(error));
  }
  const end = text.indexOf('\n');
  const read = v.safeParse(
    v.pipe(v.string(), v.parseJson(), headSchema),
    end < 0 ? '' : text.slice(0, end),
  );
  if (!read.success)
    return refused('no backup made by bin/backup: its first line is not one of theirs');
  const start = Buffer.byteLength(text.slice(0, end + 1));
  if (size - start !== read.output.bytes)
    return refused(`expected ${read.output.bytes} bytes after its first line, got ${size - start}`);
  const digest = await digestOf(file, start);
  if (digest !== read.output.sha256)
    return refused(`expected SHA-256 ${read.output.sha256}, got ${digest}: it was changed`);
  return { ok: true, head: read.output, start };
}
