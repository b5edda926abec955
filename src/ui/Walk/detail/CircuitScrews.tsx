'use client';

import { useBook, useInHand } from '../../Book/context';

/** The screws a circuit starts from: of one breaker, or of two that were joined outside. */
export function CircuitScrews({ circuit }: { circuit: string }) {
  const { state, panel, actions } = useBook();
  const { trouble } = useInHand();
  const refs = state.assessment.site.reader.value(circuit, 'terminals') ?? [];
  const free = [...panel.terminals.values()].filter(
    ({ ref, circuit: claimed, device }) =>
      !refs.includes(ref) &&
      device.stands === 'position' &&
      (!claimed || claimed.loads.length === 0),
  );
  const record = (terminals: string[]) => void actions.observe(circuit, { terminals });
  return (
    <div className="grid w-full gap-1">
      <p className="text-caption text-ink2">Starts at</p>
      <div className="flex flex-wrap gap-2">
        {refs.map((ref) => (
          <button
            key={ref}
            className="act"
            disabled={refs.length === 1}
            onClick={() => record(refs.filter((one) => one !== ref))}
            aria-label={`Not at ${panel.terminals.get(ref)?.label ?? 'that screw'} after all`}
          >
            {panel.terminals.get(ref)?.label ?? 'a screw that is not there'} −
          </button>
        ))}
      </div>
      <label className="text-caption text-ink2 grid gap-0.5">
        Starts at this breaker too
        <select
          className="field"
          value=""
          onChange={(event) => record([...refs, event.target.value])}
        >
          <option value="" disabled>
            choose
          </option>
          {free.map(({ ref, label }) => (
            <option key={ref} value={ref}>
              {label}
            </option>
          ))}
        </select>
      </label>
      {trouble && (
        <p role="alert" className="text-danger">
          {trouble}
        </p>
      )}
    </div>
  );
}
