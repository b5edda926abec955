import type { Metadata } from 'next';
import { listInspections } from '@/server/commands/read-inspection';
import { Today } from '@/ui/Today/Today';
import { requireSession } from './session/current';

export const metadata: Metadata = { title: 'Today' };

export default async function TodayPage() {
  const session = await requireSession();
  const states = await listInspections(session);
  return (
    <Today
      session={session}
      inspections={states.map((state) => ({
        id: state.inspection_id,
        place: state.place,
        address: state.address,
        asOf: state.as_of,
        entries: state.entries,
        findings: state.findings,
        seenShare: state.seen_share,
      }))}
    />
  );
}
