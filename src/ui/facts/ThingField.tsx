'use client';

import type { ThingType } from '@/core/entries/thing-types';
import { thingWords } from '@/core/walk/thing-words';
import { useBook } from '../Book/context';

interface ThingFieldProps {
  label: string;
  about: string;
  ofTypes: readonly ThingType[];
  value: string | undefined;
  record(value: string): void;
}

/** Another thing of the record, by its name: a panel, or a breaker of the panel it is said of. */
export function ThingField({ label, about, ofTypes, value, record }: ThingFieldProps) {
  const { state } = useBook();
  const { site, inspection } = state.assessment;
  const things = [...inspection.things.values()].filter(
    ({ id, type, in: holder }) =>
      ofTypes.includes(type) &&
      id !== about &&
      (type !== 'device' || holder === about) &&
      !site.reader.value(id, 'removed'),
  );
  return (
    <label className="text-caption text-ink2 grid content-start gap-0.5">
      {label}
      <select
        className={`field ${value === undefined ? 'border-dashed' : ''}`}
        value={value ?? ''}
        onChange={(event) => record(event.target.value)}
      >
        <option value="" disabled>
          {things.length === 0 ? 'none recorded to choose from' : 'not seen'}
        </option>
        {things.map(({ id }) => (
          <option key={id} value={id}>
            {thingWords(id, site)}
          </option>
        ))}
      </select>
    </label>
  );
}
