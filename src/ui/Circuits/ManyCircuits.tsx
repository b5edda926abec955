'use client';

import { properties } from '@/core/record/entries/properties';
import type { Facts } from '@/core/record/entries/properties';
import { observe } from '@/core/fieldwork/recording/draft';
import { useBook } from '../Book/context';
import type { CircuitLine } from './circuit-table';

/** One wiring method, jacket or age for the cables of all chosen circuits, as one action. */
export function ManyCircuits({
  rows,
  chosen,
}: {
  rows: readonly CircuitLine[];
  chosen: ReadonlySet<string>;
}) {
  const { state, actions } = useBook();
  const { reader } = state.assessment.site;
  const cables = [
    ...new Set(
      rows
        .filter((row) => chosen.has(row.key))
        .flatMap((row) => row.device.terminals)
        .flatMap((terminal) => terminal.conductors)
        .flatMap((wire) => wire.cable?.id ?? []),
    ),
  ];
  const apply = (facts: Facts) =>
    void actions.record(() => cables.map((cable) => observe(reader, cable, facts)));
  const field = (property: 'cableKind' | 'jacket' | 'cableAge') => (
    <label key={property} className="text-caption text-ink2 grid gap-0.5">
      {properties[property].label}
      <select
        className="field"
        value=""
        disabled={cables.length === 0}
        onChange={(event) => apply({ [property]: event.target.value } as Facts)}
      >
        <option value="" disabled>
          choose for all
        </option>
        {Object.entries(properties[property].choices).map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <section className="border-ink border-t-2 pt-2" aria-labelledby="many">
      <h3 id="many" className="font-bold">
        The same for many
      </h3>
      <p className="text-ink2">
        {cables.length === 0
          ? 'Choose circuits in the table; their cables are set together.'
          : `${cables.length} cables of the chosen circuits.`}
      </p>
      <div className="mt-2 grid grid-cols-3 gap-2">
        {(['cableKind', 'jacket', 'cableAge'] as const).map(field)}
      </div>
    </section>
  );
}
