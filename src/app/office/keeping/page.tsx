import type { Metadata } from 'next';
import { readKeeping } from '@/server/commands/keeping';
import { listInspections } from '@/server/commands/read-inspection';
import { Keeping } from '@/ui/Office/Keeping';
import { MayNot } from '@/ui/Office/MayNot';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'Keeping' };

export default async function KeepingPage({
  searchParams,
}: {
  searchParams: Promise<{ q?: string | string[] }>;
}) {
  const session = await requireSession();
  if (!session.may.includes('people')) return <MayNot permission="people" />;
  const { q } = await searchParams;
  const words = (Array.isArray(q) ? q[0] : q)?.slice(0, 200) ?? '';
  const found = words === '' ? [] : await listInspections(session, words);
  return (
    <Keeping
      keeping={await readKeeping(session)}
      words={words}
      found={found.map(({ inspection_id, place, address }) => ({
        id: inspection_id,
        place,
        address,
      }))}
    />
  );
}
