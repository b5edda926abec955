'use client';

import type { ThingType } from '@/core/record/entries/thing-types';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { SelectField } from './SelectField';

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
    <SelectField
      label={label}
      options={things.map(({ id }) => [id, thingWords(id, site)])}
      unset={things.length === 0 ? 'none recorded to choose from' : 'not seen'}
      value={value}
      record={record}
    />
  );
}
