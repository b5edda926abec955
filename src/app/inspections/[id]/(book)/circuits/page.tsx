import type { Metadata } from 'next';
import { Circuits } from '@/ui/Circuits/Circuits';

export const metadata: Metadata = { title: 'Circuits' };

export default function CircuitsPage() {
  return <Circuits />;
}
