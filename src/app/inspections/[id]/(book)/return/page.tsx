import type { Metadata } from 'next';
import { listIssued, readIssued } from '@/server/commands/issued-report';
import { numberWords } from '@/server/commands/stored-inspection';
import { ReturnVisit } from '@/ui/Return/ReturnVisit';
import { requireSession } from '../../../../session/current';

export const metadata: Metadata = { title: 'Return visit' };

export default async function ReturnPage({ params }: { params: Promise<{ id: string }> }) {
  const session = await requireSession();
  const { id } = await params;
  const last = (await listIssued(session, id)).find(({ kind }) => kind === 'report');
  const issued = last && (await readIssued(session.organisation, last.id));
  if (!issued) return <ReturnVisit issued={undefined} />;
  const { findings, photos, readings } = issued.report;
  const sealed = issued.stored.entries.map((entry) => entry.id);
  const number = numberWords(issued.row);
  return <ReturnVisit issued={{ number, findings, photos, readings, sealed }} />;
}
