'use client';

import { useEffect, useRef, useState } from 'react';
import { layOutTrees } from '@/core/installation/supply/lay-out-tree';
import { supplyTrees } from '@/core/installation/supply/tree';
import { useBook, useInHand } from '../Book/context';
import { useNarrow } from '../primitives/use-narrow';
import { AroundList } from './AroundList';
import { BothEnds } from './BothEnds';
import type { Ends } from './BothEnds';
import { NodeDetail } from './NodeDetail';
import { SupplyDrawing } from './SupplyDrawing';
import { OneOf } from '../primitives/OneOf';
import { lazily } from '../primitives/lazily';

const WhatFlows = lazily(async () => (await import('./WhatFlows')).WhatFlows);

/** The way of the power from the service to the last panel, drawn; what hangs on what is set on it. */
export function Supply() {
  const { state, panel } = useBook();
  const { trouble } = useInHand();
  const { site, inspection } = state.assessment;
  const roots = supplyTrees([...inspection.things.values()], site.reader);
  const laid = layOutTrees(roots);
  const [chosen, choose] = useState(panel.id);
  const [flows, setFlows] = useState(false);
  const [ends, setEnds] = useState<Ends>();
  const narrow = useNarrow();
  const drawn = useRef<HTMLDivElement>(null);
  const form = useRef<HTMLElement>(null);
  const touch = (id: string) => {
    if (!ends) choose(id);
    else if (!ends.from) setEnds({ from: id });
    else if (!ends.to && id !== ends.from) setEnds({ ...ends, to: id });
  };
  // What is in hand shows: on the drawing, and its form from the top.
  useEffect(() => {
    form.current?.scrollTo?.({ top: 0 });
    drawn.current
      ?.querySelector('[data-chosen=true]')
      ?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
  }, [chosen]);
  return (
    <main
      className={`bg-sheet h-full min-h-0 ${flows ? 'max-lg:overflow-y-auto lg:grid' : 'grid'} grid-rows-[auto_minmax(0,1fr)]`}
      aria-label="Supply"
    >
      <div className="border-line flex items-center gap-2 border-b px-4 py-2 lg:px-8">
        <h2 className="text-lg font-bold">Supply</h2>
        <OneOf
          label="Show"
          className="ml-4 flex gap-2"
          choices={[
            { value: 'there', words: 'What is there' },
            { value: 'flows', words: 'What flows' },
          ]}
          value={flows ? 'flows' : 'there'}
          choose={(show) => setFlows(show === 'flows')}
        />
      </div>
      {flows ? (
        <WhatFlows />
      ) : (
        <div className="min-h-0 max-lg:grid max-lg:h-full max-lg:grid-rows-[minmax(0,2fr)_minmax(0,3fr)] lg:grid lg:grid-cols-[1fr_340px]">
          <div ref={drawn} className="min-h-0 overflow-auto p-4 lg:px-8">
            {trouble && (
              <p role="alert" className="text-danger font-semibold">
                {trouble}
              </p>
            )}
            <SupplyDrawing laid={laid} chosen={ends?.to ?? ends?.from ?? chosen} choose={touch} />
            {!narrow && <AroundList chosen={chosen} choose={choose} />}
          </div>
          <aside
            ref={form}
            className="border-line bg-app grid min-h-0 content-start gap-3 overflow-y-auto p-4 max-lg:border-t lg:border-l"
            aria-label="Chosen part of the supply"
            tabIndex={0}
          >
            {ends ? (
              <BothEnds ends={ends} set={setEnds} />
            ) : (
              <button className="act" onClick={() => setEnds({})}>
                What hangs on what: touch both ends
              </button>
            )}
            <NodeDetail key={chosen} id={chosen} choose={choose} />
            {narrow && <AroundList chosen={chosen} choose={choose} />}
          </aside>
        </div>
      )}
    </main>
  );
}
