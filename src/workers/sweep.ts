import type { Network } from '@/core/model/simulation/network';
import type { WorstLift } from '@/core/model/simulation/sweep';
import { sweepLifts } from '@/core/model/simulation/sweep';

export type SweepSays = { progress: number } | { done: WorstLift[] };

/** Sweeps off the page's own thread; ending the worker cancels it. */
self.onmessage = ({ data }: MessageEvent<Network>) => {
  const sweep = sweepLifts(data);
  for (let step = sweep.next(); ; step = sweep.next()) {
    self.postMessage(
      (step.done ? { done: step.value } : { progress: step.value }) satisfies SweepSays,
    );
    if (step.done) return;
  }
};
