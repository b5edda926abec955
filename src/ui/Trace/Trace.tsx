'use client';

import { useMemo, useState } from 'react';
import type { Round } from '@/core/model/tracing/plan';
import { traceOfPanel } from '@/core/model/tracing/trace-of-panel';
import { add } from '@/core/fieldwork/recording/draft';
import { useBook, useInHand } from '../Book/context';
import { AddOutlets } from './AddOutlets';
import { RoundScreen } from './RoundScreen';
import { StaysOn } from './StaysOn';
import { TraceResult } from './TraceResult';
import { TraceStart } from './TraceStart';

/** Stage 11: which breaker feeds what, by rounds; then the directory is written. */
export function Trace() {
  const { state, panel, actions } = useBook();
  const { trouble } = useInHand();
  const { site } = state.assessment;
  const trace = useMemo(() => traceOfPanel(site, panel), [site, panel]);
  const [walking, walk] = useState<string>();
  const round = trace.rounds.find(({ id }) => id === walking);
  const begin = async ({ number, off }: Round) => {
    let made = '';
    const refused = await actions.record((newId) => {
      made = newId();
      return [add('round', made, panel.id, { roundNumber: number, switchedOff: [...off] })];
    });
    if (!refused) walk(made);
  };
  if (round)
    return <RoundScreen key={round.id} trace={trace} round={round} done={() => walk(undefined)} />;
  return (
    <div className="grid gap-6">
      {trouble && (
        <p role="alert" className="text-danger font-semibold">
          {trouble}
        </p>
      )}
      <TraceStart trace={trace} begin={(next) => void begin(next)} walk={walk} />
      {trace.rounds.length > 0 && <TraceResult trace={trace} walk={walk} />}
      <div className="grid gap-6 md:grid-cols-2">
        <AddOutlets trace={trace} />
        <StaysOn />
      </div>
    </div>
  );
}
