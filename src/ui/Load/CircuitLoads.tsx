'use client';

import { useState } from 'react';
import { joinedLoad } from '@/core/measure/load/addition';
import type { CircuitLine } from '@/core/measure/load/load-sheet';
import { useBook } from '../Book/context';
import { ShareBar } from './ShareBar';

/** Each circuit with its amps and its share of the breaker; several chosen show what they would be together. */
export function CircuitLoads({ lines }: { lines: readonly CircuitLine[] }) {
  const { state, panel } = useBook();
  const { site, yardstick } = state.assessment;
  const [chosen, choose] = useState<ReadonlySet<string>>(new Set());
  const toggle = (id: string) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    choose(next);
  };
  const proposed = lines.filter(({ circuit }) => chosen.has(circuit.id));
  const joined =
    proposed.length > 1
      ? joinedLoad(
          site,
          panel,
          proposed.map(({ circuit }) => circuit),
          yardstick,
        )
      : undefined;
  return (
    <section aria-labelledby="circuit-loads">
      <h3 id="circuit-loads" className="text-heading font-bold">
        Each circuit
      </h3>
      <p className="text-ink2">
        Measured outranks nameplates. Choose two or more to see what they would be on one breaker.
      </p>
      <table className="mt-2 w-full text-left">
        <thead className="text-ink2">
          <tr>
            <th className="font-semibold">Circuit</th>
            <th className="text-right font-semibold">Load</th>
            <th className="pl-3 font-semibold">Of its breaker</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ circuit, terminals, name, amps, by, atLeast, breakerA, share }) => (
            <tr key={circuit.id} className="border-hair border-t">
              <td className="py-0.5">
                <label className="flex min-h-8 cursor-pointer items-center gap-2 max-lg:min-h-12">
                  <input
                    type="checkbox"
                    className="accent-accent size-4 max-lg:size-6"
                    checked={chosen.has(circuit.id)}
                    onChange={() => toggle(circuit.id)}
                  />
                  <strong>{terminals.map(({ label }) => label).join('+')}</strong>
                  <span>{name}</span>
                </label>
              </td>
              <td className="text-right whitespace-nowrap">
                {amps === undefined ? (
                  <span className="text-ink3">not measured</span>
                ) : (
                  <>
                    <span className={by === 'measured' ? 'sure-measured' : 'sure-seen'}>
                      {atLeast && 'at least '}
                      {amps.toFixed(1)} A
                    </span>
                  </>
                )}
              </td>
              <td className="w-2/5 pl-3">
                <ShareBar
                  share={share}
                  words={breakerA === undefined ? 'rating unread' : `${breakerA} A`}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {joined && (
        <div className="border-line bg-app mt-2 border p-3" role="status">
          <strong>
            Together {joined.amps === undefined ? 'not known' : `${joined.amps.toFixed(1)} A`}
            {joined.leastA !== undefined &&
              ` on ${joined.leastA} A, the smallest of their breakers`}
          </strong>
          {joined.against.length === 0 ? (
            <p>
              Nothing recorded speaks against it: a listed joint in an accessible box, and the
              breaker for the smallest conductor.
            </p>
          ) : (
            <ul className="list-disc pl-5">
              {joined.against.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
          )}
        </div>
      )}
    </section>
  );
}
