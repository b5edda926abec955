'use client';

import { useMemo, useState } from 'react';
import { useBook, useInHand } from '../Book/context';
import { circuitTable } from './circuit-table';
import { CircuitTable } from './CircuitTable';
import { DirectoryCard } from './DirectoryCard';
import { ManyCircuits } from './ManyCircuits';
import { WorkOnDevice } from '../Walk/detail/WorkOnDevice';
import { OneOf } from '../primitives/OneOf';
import { lazily } from '../primitives/lazily';

const PasteLines = lazily(async () => (await import('./PasteLines')).PasteLines);

const Load = lazily(async () => (await import('../Load/Load')).Load);

const Trace = lazily(async () => (await import('../Trace/Trace')).Trace);

/** The table of circuits, what can be done to many at once, and the card for the door. */
export function Circuits() {
  const { state, panel } = useBook();
  const { trouble } = useInHand();
  const rows = useMemo(() => circuitTable(panel, state.assessment), [panel, state.assessment]);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const devices = new Set(rows.filter(({ key }) => chosen.has(key)).map(({ device }) => device));
  const [one] = devices.size === 1 ? devices : [];
  const [show, setShow] = useState<'table' | 'load' | 'trace'>('table');
  return (
    <main className="bg-sheet h-full overflow-y-auto p-4 md:px-8" aria-label="Circuits">
      <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-6">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
          <h2 className="text-lg font-bold">Circuits of {panel.name}</h2>
          <OneOf
            label="Show"
            choices={shown.map(([value, words]) => ({ value, words }))}
            value={show}
            choose={setShow}
          />
        </div>
        {show === 'load' && <Load />}
        {show === 'trace' && <Trace key={panel.id} />}
        {show === 'table' && (
          <>
            <div className="print:hidden">
              {trouble && (
                <p role="alert" className="text-danger font-semibold">
                  {trouble}
                </p>
              )}
              {rows.length === 0 ? (
                <p className="text-ink2 mt-2">
                  No breaker is recorded yet. Record them in the walk, or paste lines of shorthand
                  or a table below.
                </p>
              ) : (
                <CircuitTable rows={rows} chosen={chosen} choose={setChosen} />
              )}
            </div>
            <div className="grid gap-6 md:grid-cols-2 print:hidden">
              {one ? (
                <section aria-label={`Work on ${one.label}`} className="grid content-start gap-2">
                  <h3 className="font-bold">Breaker {one.label}, its wires with it</h3>
                  <WorkOnDevice key={one.id} device={one} />
                  <ManyCircuits rows={rows} chosen={chosen} />
                </section>
              ) : (
                <ManyCircuits rows={rows} chosen={chosen} />
              )}
              <PasteLines />
            </div>
          </>
        )}
        <DirectoryCard />
      </div>
    </main>
  );
}

const shown = [
  ['table', 'Table'],
  ['load', 'Load'],
  ['trace', 'Trace'],
] as const;
