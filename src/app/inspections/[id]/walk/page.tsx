import type { Metadata } from 'next';
import { readInspection, readSettings } from '@/server/commands/read-inspection';
import { Walk } from '@/ui/Walk/Walk';
import { requireSession } from '../../../session/current';

export const metadata: Metadata = { title: 'Walk' };

export default async function WalkPage({ params }: { params: Promise<{ id: string }> }) {
  const session = await requireSession();
  const { id } = await params;
  const stored = await readInspection(session, id);
  return (
    <Walk
      key={id}
      session={session}
      inspection={id}
      settings={stored?.settings ?? (await readSettings(session))}
      entries={stored?.entries ?? []}
    />
  );
}
