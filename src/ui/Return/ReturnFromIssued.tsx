'use client';

import { returnPath } from '@/client/sent/paths';
import { useBook } from '../Book/context';
import { Awaited } from '../primitives/Awaited';
import { ReturnVisit } from './ReturnVisit';
import type { ReturnSent } from './sent';

/** A return visit, from the last report that was issued. */
export function ReturnFromIssued() {
  const { inspection } = useBook();
  return (
    <Awaited<ReturnSent> path={returnPath(inspection)} what="the report issued before">
      {({ issued }) => <ReturnVisit issued={issued ?? undefined} />}
    </Awaited>
  );
}
