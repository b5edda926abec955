'use client';

import type { Certainty } from '@/core/record/entries/entry';
import type { Facts, PropertyName } from '@/core/record/entries/properties';
import { properties } from '@/core/record/entries/properties';
import type { PropertySpec } from '@/core/record/entries/properties';
import { lengthsOf } from '@/core/fieldwork/walk/lengths-of';
import { useBook } from '../Book/context';
import { ChoiceField, ChoicesField } from './ChoiceField';
import { ThingField } from './ThingField';
import { TypedField } from './TypedField';

interface FactFieldProps {
  about: string;
  property: PropertyName;
  certainty?: Certainty;
  /** Where the form says it otherwise than by the property's own label. */
  label?: string;
}

/** How a property is usually known, by the act that gets it: what is tested is measured, what is asked is told. */
const usually = (spec: PropertySpec): Certainty =>
  spec.act === 'test' || spec.input === 'length'
    ? 'measured'
    : spec.act === 'ask'
      ? 'told'
      : 'seen';

/** One fact, asked for as its kind wants; recorded when it is chosen or left. */
export function FactField({ about, property, certainty, label: said }: FactFieldProps) {
  const { state, actions } = useBook();
  const spec: PropertySpec = properties[property];
  const { reader } = state.assessment.site;
  const value = reader.value(about, property);
  const record = (next: unknown) =>
    void actions.observe(about, { [property]: next } as Facts, certainty ?? usually(spec));
  const label = said ?? (spec.unit ? `${spec.label}, ${spec.unit}` : spec.label);

  if (spec.input === 'yes-no')
    return (
      <ChoiceField
        label={label}
        choices={{ true: 'yes', false: 'no' }}
        value={value === undefined ? undefined : String(value)}
        record={(chosen) => record(chosen === 'true')}
      />
    );
  if (spec.input === 'choice')
    return (
      <ChoiceField
        label={label}
        choices={spec.choices ?? {}}
        value={value as string | undefined}
        record={record}
      />
    );
  if (spec.input === 'choices')
    return (
      <ChoicesField
        label={label}
        choices={spec.choices ?? {}}
        value={value as string[] | undefined}
        record={record}
      />
    );
  if (spec.input === 'thing')
    return (
      <ThingField
        label={label}
        about={about}
        ofTypes={spec.ofTypes ?? []}
        value={value as string | undefined}
        record={record}
      />
    );
  return (
    <TypedField
      key={JSON.stringify(value)}
      label={label}
      spec={spec}
      value={value}
      lengths={lengthsOf(state.assessment)}
      record={record}
    />
  );
}
