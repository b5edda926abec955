'use client';

import { capital, counted } from '@/core/vocabulary/phrases';
import type { Round } from '@/core/model/tracing/plan';
import type { PanelTrace } from '@/core/model/tracing/trace-of-panel';
import { useBook } from '../Book/context';
import { OneOf } from '../primitives/OneOf';

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
      <OneOf
        label="Way of tracing"
        className="mt-2 flex flex-wrap gap-2"
        choices={[
          { value: 'code', words: 'By code: several off at once' },
          { value: 'names', words: 'Names only: fewest rounds' },
          { value: 'single', words: 'One at a time' },
        ]}
        value={way}
        disabled={(value) => rounds.length > 0 && way !== value}
        choose={(traceWay) => void actions.observe(panel.id, { traceWay })}
      />
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
