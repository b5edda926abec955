import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export type LetterKind = 'report' | 'invite' | 'reset' | 'trial';
export type LetterState = 'kept' | 'waiting' | 'sending' | 'sent' | 'perhaps' | 'failed';

export interface LetterRow {
  id: string;
  kind: LetterKind;
  sent_to: string;
  subject: string;
  /** Plain text; empty once it is sent. */
  body: string;
  /** The same as HTML; empty once it is sent. */
  html: string;
  /** When it was written. */
  sent_at: Date;
  state: LetterState;
  attempts: number;
  fault: string;
  ended_at: Date | null;
}

export const insertLetter = (
  tx: Transaction,
  organisation: string,
  row: Pick<LetterRow, 'id' | 'kind' | 'sent_to' | 'subject' | 'body' | 'html' | 'state'>,
) =>
  many(
    tx,
    `insert into mailbox (organisation_id, id, kind, sent_to, subject, body, html, state)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::text, $6::text, $7::text, $8::text)`,
    [organisation, row.id, row.kind, row.sent_to, row.subject, row.body, row.html, row.state],
  );

const columns = `id, kind, sent_to, subject, body, html, sent_at, state, attempts, fault, ended_at`;

export const manyLetters = (tx: Transaction) =>
  many<LetterRow>(tx, `select ${columns} from mailbox order by sent_at desc, id limit 100`, []);

/** Takes a letter in hand, before it goes out; gives it as it stood before. Locked until the transaction ends. */
export const maybeOneLetterLocked = (tx: Transaction, id: string) =>
  maybeOne<LetterRow>(tx, `select ${columns} from mailbox where id = $1::text for no key update`, [
    id,
  ]);

/** What became of a letter. What was sent is emptied; what perhaps was, or failed, can be sent again by hand. */
export const manyLetterBecame = (
  tx: Transaction,
  id: string,
  { state, attempts, fault }: Pick<LetterRow, 'state' | 'attempts' | 'fault'>,
) =>
  many<{ id: string }>(
    tx,
    `update mailbox set state = $2::text, attempts = $3::integer, fault = left($4::text, 500),
       ended_at = case when $2::text in ('sent', 'perhaps', 'failed') then now() end,
       body = case when $2::text = 'sent' then '' else body end,
       html = case when $2::text = 'sent' then '' else html end
     where id = $1::text returning id`,
    [id, state, attempts, fault],
  );
