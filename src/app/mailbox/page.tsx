import type { Metadata } from 'next';
import { listLetters } from '@/server/commands/links';
import { Mailbox } from '@/ui/Mailbox/Mailbox';
import { requireSession } from '../session/current';

export const metadata: Metadata = { title: 'Mailbox' };

export default async function MailboxPage() {
  const letters = await listLetters(await requireSession());
  return (
    <Mailbox
      letters={letters.map(({ id, sent_to, subject, body, sent_at }) => ({
        id,
        to: sent_to,
        subject,
        body,
        at: sent_at.toISOString(),
      }))}
    />
  );
}
