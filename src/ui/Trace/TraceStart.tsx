'use client';

import { capital, counted } from '@/core/vocabulary/phrases';
import type { Round } from '@/core/model/tracing/plan';
import type { PanelTrace } from '@/core/model/tracing/trace-of-panel';
import { useBook } from '../Book/context';

interface TraceStartProps {
  trace: PanelTrace;
  begin(round: Round): void;
  /** Goes on with a round already begun. */
  walk(round: string): void;
}

/** Where the tracing stands, and the next round of it. */
export function TraceStart({ trace, begin, walk }: TraceStartProps) {
  const { state, panel, actions } = useBook();
  const { planned, rounds, outlets, next } = trace;
  const way = state.assessment.site.reader.value(panel.id, 'traceWay') ?? 'code';
  const plannedRounds = planned.ok ? planned.plan.rounds : [];
  const open = rounds.find(({ number }) => outlets.some(({ looks }) => !looks.has(number)));
  const following =
    plannedRounds.find(({ number }) => !rounds.some((one) => one.number === number)) ?? next;
  return (
    <section aria-labelledby="trace-start">
      <h3 id="trace-start" className="text-heading font-bold">
        Which breaker feeds what
      </h3>
      <p className="text-ink2 max-w-prose">
        With lamps and appliances on, breakers are switched off by rounds and the rooms walked. Only
        by those who may switch off here; what must stay on is never in a round.
      </p>
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label="Way of tracing">
        {(
          [
            ['code', 'By code: several off at once'],
            ['names', 'Names only: fewest rounds'],
            ['single', 'One at a time'],
          ] as const
        ).map(([value, words]) => (
          <button
            key={value}
            className="act"
            aria-pressed={way === value}
            disabled={rounds.length > 0 && way !== value}
            onClick={() => void actions.observe(panel.id, { traceWay: value })}
          >
            {words}
          </button>
        ))}
      </div>
      <p className="mt-2">
        {planned.ok
          ? `${counted(panel.circuits.length, 'circuit')}, ${counted(plannedRounds.length, 'round')}; ${rounds.length} begun, ${counted(outlets.length, 'outlet')}.`
          : `No rounds: ${planned.reason}.`}
      </p>
      {planned.ok && <p className="text-ink2 max-w-prose">{capital(planned.plan.because)}.</p>}
      {outlets.length === 0 ? (
        <p className="text-ink2 mt-2">Name the rooms and outlets first, below.</p>
      ) : open ? (
        <button className="act act-main mt-2 min-h-12" onClick={() => walk(open.id)}>
          Go on with round {open.number}
        </button>
      ) : following ? (
        <button className="act act-main mt-2 min-h-12" onClick={() => begin(following)}>
          {plannedRounds.includes(following)
            ? `Begin round ${following.number}`
            : `One more round, ${following.number}: it parts what is still open`}
        </button>
      ) : (
        rounds.length > 0 && <p className="mt-2 font-semibold">Every round is walked.</p>
      )}
    </section>
  );
}
