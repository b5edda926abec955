import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { listLetters } from '@/server/commands/letters';
import { Mailbox } from '@/ui/Mailbox/Mailbox';
import { requireSession } from '../session/current';

export const metadata: Metadata = { title: 'Mailbox' };

export default async function MailboxPage() {
  // Letters are read by whom they are written to; here in the demo alone.
  const session = await requireSession();
  if (process.env.EAST_GATE_DEMO !== '1') notFound();
  const letters = await listLetters(session);
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
