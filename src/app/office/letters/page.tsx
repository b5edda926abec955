import type { Metadata } from 'next';
import { listLetters } from '@/server/commands/letters';
import { areLettersSent } from '@/server/letters/write-letter';
import { Letters } from '@/ui/Office/Letters';
import { MayNot } from '@/ui/Office/MayNot';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'Letters' };

export default async function LettersPage() {
  const session = await requireSession();
  if (!session.may.includes('people')) return <MayNot permission="people" />;
  return (
    <Letters
      sent={areLettersSent()}
      letters={(await listLetters(session)).map((letter) => ({
        id: letter.id,
        to: letter.sent_to,
        subject: letter.subject,
        state: letter.state,
        fault: letter.fault,
        written: letter.sent_at.toISOString(),
      }))}
    />
  );
}
