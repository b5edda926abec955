import type { Metadata } from 'next';
import { auditPage, listAudit } from '@/server/commands/audit';
import { deedWords } from '@/server/commands/deed-words';
import { Deeds } from '@/ui/Office/Deeds';
import { MayNot } from '@/ui/Office/MayNot';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'Who did what' };

export default async function DeedsPage({
  searchParams,
}: {
  searchParams: Promise<{ before?: string | string[] }>;
}) {
  const session = await requireSession();
  if (!session.may.includes('people')) return <MayNot permission="people" />;
  const { before } = await searchParams;
  const rows = await listAudit(session, typeof before === 'string' ? before : undefined);
  return (
    <Deeds
      deeds={rows.map((row) => ({
        number: row.number,
        at: row.at.toISOString(),
        who: row.name ?? 'Somebody',
        did: deedWords(row.did),
        about: row.about,
      }))}
      older={rows.length === auditPage ? rows.at(-1)?.number : undefined}
    />
  );
}
