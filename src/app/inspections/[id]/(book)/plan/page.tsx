import type { Metadata } from 'next';
import { PlanOfToday } from '@/ui/Plan/PlanOfToday';

export const metadata: Metadata = { title: 'Plan' };

export default function PlanPage() {
  return <PlanOfToday />;
}
