import type { Metadata } from 'next';
import { AskReset } from '@/ui/Reset/AskReset';

export const metadata: Metadata = { title: 'Password forgotten' };

export default function AskResetPage() {
  return <AskReset />;
}
