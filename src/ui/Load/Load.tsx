'use client';

import { useMemo } from 'react';
import { loadSheet } from '@/core/measure/load/load-sheet';
import { useBook } from '../Book/context';
import { Additions } from './Additions';
import { CircuitLoads } from './CircuitLoads';
import { DemandLines } from './DemandLines';
import { LegBars } from './LegBars';
import { RoomLeft } from './RoomLeft';

/** Loads by circuit, leg, section and neutral; demand by each method; what room and amps are left. */
export function Load() {
  const { state, panel } = useBook();
  const { site, yardstick } = state.assessment;
  const sheet = useMemo(() => loadSheet(site, panel, yardstick), [site, panel, yardstick]);
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <CircuitLoads lines={sheet.circuits} />
      <div className="grid content-start gap-6">
        <LegBars sheet={sheet} />
        <DemandLines sheet={sheet} />
        <Additions />
        <RoomLeft />
      </div>
    </div>
  );
}
