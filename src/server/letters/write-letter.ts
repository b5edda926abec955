import 'server-only';
import { randomUUID } from 'node:crypto';
import type { Transaction } from '../db/connect';
import type { LetterKind } from '../db/mailbox';
import { insertLetter } from '../db/mailbox';
import { insertJob } from '../db/queue';
import type { Letter } from './letter';
import { htmlOf, textOf } from './letter';

/** Whether letters leave from here: SMTP_URL names a server for them. */
export const areLettersSent = (
  env: Readonly<Record<string, string | undefined>> = process.env,
): boolean => !!env.SMTP_URL;

/**
 * Writes a letter within the caller's transaction: whatever it tells of and it are both there, or neither.
 * Where letters are sent a job sends it; else it stays in the mailbox.
 */
export async function writeLetter(
  tx: Transaction,
  organisation: string,
  kind: LetterKind,
  letter: Letter,
): Promise<string> {
  const id = randomUUID();
  const sent = areLettersSent();
  await insertLetter(tx, organisation, {
    id,
    kind,
    sent_to: letter.to,
    subject: letter.subject,
    body: textOf(letter),
    html: htmlOf(letter),
    state: sent ? 'waiting' : 'kept',
  });
  if (sent) await insertJob(tx, 'letter', { organisation, letter: id });
  return id;
}
