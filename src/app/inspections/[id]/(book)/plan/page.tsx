import type { Metadata } from 'next';
import { readSettings } from '@/server/commands/read-inspection';
import { Plan } from '@/ui/Plan/Plan';
import { requireSession } from '../../../../session/current';

export const metadata: Metadata = { title: 'Plan' };

/** The cost book is the organisation's of today; what a plan used is recorded with it. */
export default async function PlanPage() {
  const { costBook } = await readSettings(await requireSession());
  return <Plan book={costBook} />;
}
