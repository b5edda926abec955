'use client';

import { useSearchParams } from 'next/navigation';
import type { Audience } from '@/core/show/report/audience';
import { audienceOf } from '@/core/show/report/audience';
import { useAwake } from '../primitives/use-awake';
import { Report } from './Report';

/**
 * The report of an inspection that is not issued. The page may be the device's own, which was kept for no reader: then
 * the address says for whom it is.
 * @param audience as the server read the address
 */
export function DraftReport({ inspection, audience }: { inspection: string; audience: Audience }) {
  const named = audienceOf(useSearchParams().get('for'));
  const awake = useAwake();
  return <Report report={{ inspection }} audience={(awake && named) || audience} />;
}
