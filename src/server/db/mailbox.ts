import 'server-only';
import type { Transaction } from './connect';
import { many } from './rows';

export interface LetterRow {
  id: string;
  sent_to: string;
  subject: string;
  body: string;
  sent_at: Date;
}

export const insertLetter = (
  tx: Transaction,
  organisation: string,
  row: Omit<LetterRow, 'sent_at'>,
) =>
  many(
    tx,
    `insert into mailbox (organisation_id, id, sent_to, subject, body)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::text)`,
    [organisation, row.id, row.sent_to, row.subject, row.body],
  );

export const manyLetters = (tx: Transaction) =>
  many<LetterRow>(
    tx,
    `select id, sent_to, subject, body, sent_at from mailbox order by sent_at desc, id limit 100`,
    [],
  );
