import type { Metadata } from 'next';
import { Judge } from '@/ui/Judge/Judge';

export const metadata: Metadata = { title: 'Judge' };

export default function JudgePage() {
  return <Judge />;
}
