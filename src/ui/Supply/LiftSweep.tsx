'use client';

import { useEffect, useRef, useState } from 'react';
import { voltsWords } from '@/core/model/simulation/figures';
import type { SiteNetwork } from '@/core';
import type { WorstLift } from '@/core/model/simulation/sweep';
import type { SweepSays } from '@/workers/sweep';

/** Every neutral and ground taken off in turn, in every state of the loads, off the page's own thread. */
export function LiftSweep({ made }: { made: SiteNetwork }) {
  const worker = useRef<Worker>(undefined);
  const [progress, setProgress] = useState<number>();
  const [worst, setWorst] = useState<WorstLift[]>();
  const stop = () => {
    worker.current?.terminate();
    worker.current = undefined;
    setProgress(undefined);
  };
  useEffect(() => () => worker.current?.terminate(), []);
  const start = () => {
    stop();
    setWorst(undefined);
    setProgress(0);
    const sweeping = new Worker(new URL('../../workers/sweep.ts', import.meta.url), {
      type: 'module',
    });
    worker.current = sweeping;
    sweeping.onmessage = ({ data }: MessageEvent<SweepSays>) => {
      if ('progress' in data) return setProgress(data.progress);
      setWorst(data.done);
      stop();
    };
    sweeping.postMessage(made.network);
  };
  return (
    <section className="border-ink mt-6 border-t-2 pt-2" aria-labelledby="lift-sweep">
      <h3 id="lift-sweep" className="font-bold">
        Which wire is worst to lift
      </h3>
      <p className="text-ink2">
        Each neutral, ground and bond taken off in turn, with every combination of up to eight
        loads; of more, with all on, each alone and each left out. A body of 1000 Ω is taken across
        the gap.
      </p>
      {progress === undefined ? (
        <button className="act mt-2" onClick={start}>
          Try them all
        </button>
      ) : (
        <div className="mt-2 flex items-center gap-3">
          <progress value={progress} max={1} aria-label="Progress" />
          <span>{Math.round(progress * 100)} %</span>
          <button className="act" onClick={stop}>
            Cancel
          </button>
        </div>
      )}
      {worst && (
        <table className="mt-2 w-full max-w-3xl text-left">
          <thead className="text-ink2">
            <tr>
              <th className="font-semibold">Wire</th>
              <th className="pr-3 text-right font-semibold">Across the gap</th>
              <th className="pr-3 text-right font-semibold">Through a body</th>
              <th className="font-semibold">With these on</th>
            </tr>
          </thead>
          <tbody>
            {worst.map(({ id, words, gapV, bodyA, on }) => (
              <tr key={id} className="border-hair border-t align-top">
                <td className="py-1">{words}</td>
                <td className="py-1 pr-3 text-right">{voltsWords(gapV)}</td>
                <td
                  className={`py-1 pr-3 text-right ${bodyA >= 0.03 ? 'text-danger font-bold' : ''}`}
                >
                  {(bodyA * 1000).toFixed(bodyA < 0.01 ? 1 : 0)} mA
                </td>
                <td className="text-ink2 py-1">{on.join(', ') || 'any'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
