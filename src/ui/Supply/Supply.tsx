'use client';

import { useState } from 'react';
import { layOutTrees } from '@/core/installation/supply/lay-out-tree';
import { supplyTrees } from '@/core/installation/supply/tree';
import { useBook } from '../Book/context';
import { AroundList } from './AroundList';
import { NodeDetail } from './NodeDetail';
import { SupplyDrawing } from './SupplyDrawing';
import { WhatFlows } from './WhatFlows';
import { OneOf } from '../primitives/OneOf';

/** The way of the power from the service to the last panel, drawn; what hangs on what is set on it. */
export function Supply() {
  const { state, panel, trouble } = useBook();
  const { site, inspection } = state.assessment;
  const roots = supplyTrees([...inspection.things.values()], site.reader);
  const laid = layOutTrees(roots);
  const [chosen, choose] = useState(panel.id);
  const [flows, setFlows] = useState(false);
  return (
    <main
      className="bg-sheet h-full min-h-0 max-lg:overflow-y-auto lg:grid lg:grid-rows-[auto_minmax(0,1fr)]"
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
        <div className="min-h-0 lg:grid lg:grid-cols-[1fr_340px]">
          <div className="min-h-0 p-4 max-lg:overflow-x-auto lg:overflow-auto lg:px-8">
            {trouble && (
              <p role="alert" className="text-danger font-semibold">
                {trouble}
              </p>
            )}
            <SupplyDrawing laid={laid} chosen={chosen} choose={choose} />
            <AroundList chosen={chosen} choose={choose} />
          </div>
          <aside
            className="border-line bg-app min-h-0 p-4 max-lg:border-t lg:overflow-y-auto lg:border-l"
            aria-label="Chosen part of the supply"
            tabIndex={0}
          >
            <NodeDetail key={chosen} id={chosen} choose={choose} />
          </aside>
        </div>
      )}
    </main>
  );
}
