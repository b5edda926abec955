import type { Metadata } from 'next';
import { ReturnFromIssued } from '@/ui/Return/ReturnFromIssued';

export const metadata: Metadata = { title: 'Return visit' };

export default function ReturnPage() {
  return <ReturnFromIssued />;
}
