'use client';

import { useState } from 'react';
import { layOutTrees } from '@/core/supply/lay-out-tree';
import { supplyTrees } from '@/core/supply/tree';
import { useBook } from '../Book/context';
import { AroundList } from './AroundList';
import { NodeDetail } from './NodeDetail';
import { SupplyDrawing } from './SupplyDrawing';

/** The way of the power from the service to the last panel, drawn; what hangs on what is set on it. */
export function Supply() {
  const { state, panel, trouble } = useBook();
  const { site, inspection } = state.assessment;
  const roots = supplyTrees([...inspection.things.values()], site.reader);
  const laid = layOutTrees(roots);
  const [chosen, choose] = useState(panel.id);
  return (
    <main
      className="bg-sheet grid h-full min-h-0 max-lg:overflow-y-auto lg:grid-cols-[1fr_340px]"
      aria-label="Supply"
    >
      <div className="min-h-0 overflow-auto p-4 lg:px-8">
        <h2 className="text-lg font-bold">Supply</h2>
        {trouble && (
          <p role="alert" className="text-danger font-semibold">
            {trouble}
          </p>
        )}
        <SupplyDrawing laid={laid} chosen={chosen} choose={choose} />
        <AroundList chosen={chosen} choose={choose} />
      </div>
      <aside
        className="border-line bg-app min-h-0 overflow-y-auto border-l p-4"
        aria-label="Chosen part of the supply"
        tabIndex={0}
      >
        <NodeDetail key={chosen} id={chosen} choose={choose} />
      </aside>
    </main>
  );
}
