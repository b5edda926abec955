import type { Metadata } from 'next';
import { Walk } from '@/ui/Walk/Walk';

export const metadata: Metadata = { title: 'Walk' };

export default function WalkPage() {
  return <Walk />;
}
