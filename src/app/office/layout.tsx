import type { ReactNode } from 'react';
import { OfficeFrame } from '@/ui/Office/OfficeFrame';
import { requireSession } from '../session/current';

/** Pages of the office as a whole. */
export default async function OfficeLayout({ children }: { children: ReactNode }) {
  const { organisationName } = await requireSession();
  return <OfficeFrame office={organisationName}>{children}</OfficeFrame>;
}
