import type { Metadata } from 'next';
import { History } from '@/ui/History/History';

export const metadata: Metadata = { title: 'History' };

export default function HistoryPage() {
  return <History />;
}
