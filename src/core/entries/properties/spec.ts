import * as v from 'valibot';
import type { Subject } from '../thing-types';

/** What can be said of a thing: one name through database, core, interface and report. */
export interface PropertySpec {
  on: readonly Subject[];
  schema: v.GenericSchema;
  /** As read on a form, sentence case, without unit. */
  label: string;
  /** How a form asks for it. */
  input: 'yes-no' | 'choice' | 'number' | 'length' | 'text' | 'list' | 'numbers' | 'none';
  choices?: Readonly<Record<string, string>>;
  unit?: string;
}

/** Keeps the schema's own type, so that values are typed by property name. */
export const property = <const S extends PropertySpec>(spec: S): S => spec;

export const yesNo = (on: readonly Subject[], label: string) =>
  property({ on, schema: v.boolean(), label, input: 'yes-no' });

export const text = (on: readonly Subject[], label: string, most = 200) =>
  property({
    on,
    schema: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(most)),
    label,
    input: 'text',
  });

export const choice = <const C extends Record<string, string>>(
  on: readonly Subject[],
  label: string,
  choices: C,
) =>
  property({
    on,
    schema: v.picklist(Object.keys(choices) as (keyof C & string)[]),
    label,
    input: 'choice',
    choices,
  });

export const whole = (
  on: readonly Subject[],
  label: string,
  least: number,
  most: number,
  unit = '',
) =>
  property({
    on,
    schema: v.pipe(v.number(), v.integer(), v.minValue(least), v.maxValue(most)),
    label,
    input: 'number',
    unit,
  });

export const quantity = (on: readonly Subject[], label: string, most: number, unit: string) =>
  property({
    on,
    schema: v.pipe(v.number(), v.minValue(0), v.maxValue(most)),
    label,
    input: 'number',
    unit,
  });

export const thingId = v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}$/));
export const anyRef = v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}(\/[a-z0-9]{1,12})?$/));
