import type { Metadata } from 'next';
import { Supply } from '@/ui/Supply/Supply';

export const metadata: Metadata = { title: 'Supply' };

export default function SupplyPage() {
  return <Supply />;
}
