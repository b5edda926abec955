import type { Metadata } from 'next';
import { Readings } from '@/ui/Readings/Readings';

export const metadata: Metadata = { title: 'Readings' };

export default function ReadingsPage() {
  return <Readings />;
}
