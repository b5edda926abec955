import * as v from 'valibot';
import type { Json } from '../entry';
import { lengthSchema } from '../../../vocabulary/lengths';
import type { Subject, ThingType } from '../thing-types';

/** Where on the panel a fact is seen: what is touched to record it. */
export const areas = {
  space: 'Space in front',
  enclosure: 'Enclosure',
  door: 'Door and label',
  cover: 'Cover',
  handles: 'Handles together',
  inside: 'Inside',
  supply: 'Supply conductors',
  bond: 'Neutral and ground',
  readings: 'Readings',
  works: 'Works and permits',
} as const;
export type Area = keyof typeof areas;

/** How a fact is got: what a person does for it. */
export const acts = {
  look: 'eyes alone, nothing touched',
  open: 'a door or cover opened',
  touch: 'tugged, rocked, pressed or pulled',
  test: 'an instrument held to it, or a function tried',
  trace: 'switched off and walked',
  ask: 'somebody tells',
} as const;
export type Act = keyof typeof acts;

/** When a fact is asked for, how it is got, and what "nothing wrong here" writes for it. */
export interface Asked {
  /** The act that gets it; nothing where it is the record's own: a decision, a place in a list. */
  act: Act | 'none';
  /** Stage of the walk, 1 to 16. */
  stage?: number;
  at?: Area;
  /** The value that says nothing is wrong. Never a measurement. */
  fine?: Json;
  /** Once asked for and still read; another property asks for it now. */
  retired?: true;
}

/** What can be said of a thing: one name through database, core, interface and report. */
export interface PropertySpec extends Asked {
  on: readonly Subject[];
  schema: v.GenericSchema;
  /** As read on a form, sentence case, without unit. */
  label: string;
  /** How a form asks for it. */
  input:
    | 'yes-no'
    | 'choice'
    | 'choices'
    | 'number'
    | 'length'
    | 'torque'
    | 'text'
    | 'date'
    | 'list'
    | 'numbers'
    | 'thing'
    | 'none';
  choices?: Readonly<Record<string, string>>;
  unit?: string;
  /** Of a `thing`: what it may be; a device is one of the panel it is said of. */
  ofTypes?: readonly ThingType[];
  /** Said of the entry that states it, not of the thing: several stand side by side. */
  ofEntry?: boolean;
}

/** Keeps the schema's own type, so that values are typed by property name. */
export const property = <const S extends PropertySpec>(spec: S): S => spec;

export const yesNo = (on: readonly Subject[], label: string, asked: Asked) =>
  property({ on, schema: v.boolean(), label, input: 'yes-no', ...asked });

export const text = (on: readonly Subject[], label: string, most: number, asked: Asked) =>
  property({
    on,
    schema: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(most)),
    label,
    input: 'text',
    ...asked,
  });

/** A day, YYYY-MM-DD. */
export const day = (on: readonly Subject[], label: string, asked: Asked) =>
  property({ ...text(on, label, 10, asked), input: 'date' });

export const choice = <const C extends Record<string, string>>(
  on: readonly Subject[],
  label: string,
  choices: C,
  asked: Asked & { fine?: keyof C },
) =>
  property({
    on,
    schema: v.picklist(Object.keys(choices) as (keyof C & string)[]),
    label,
    input: 'choice',
    choices,
    ...asked,
  });

/** Several of the choices; an empty list says none of them. */
export const choices = <const C extends Record<string, string>>(
  on: readonly Subject[],
  label: string,
  of: C,
  asked: Asked,
) =>
  property({
    on,
    schema: v.pipe(v.array(v.picklist(Object.keys(of) as (keyof C & string)[])), v.maxLength(40)),
    label,
    input: 'choices',
    choices: of,
    ...asked,
  });

export const whole = (
  on: readonly Subject[],
  label: string,
  least: number,
  most: number,
  unit: string,
  asked: Asked,
) =>
  property({
    on,
    schema: v.pipe(v.number(), v.integer(), v.minValue(least), v.maxValue(most)),
    label,
    input: 'number',
    unit,
    ...asked,
  });

type Amount = (
  on: readonly Subject[],
  label: string,
  most: number,
  unit: string,
  asked: Asked,
) => ReturnType<typeof amount>;

const amount = (
  least: v.GenericSchema<number, number>,
  ...[on, label, most, unit, asked]: Parameters<Amount>
) =>
  property({
    on,
    schema: v.pipe(least, v.maxValue(most)),
    label,
    input: 'number',
    unit,
    ...asked,
  });

export const quantity: Amount = (...of) => amount(v.pipe(v.number(), v.minValue(0)), ...of);

/** A quantity that cannot be nothing: 0 kVA is no transformer. */
export const moreThanNone: Amount = (...of) => {
  const unit = of[3];
  return amount(v.pipe(v.number(), v.gtValue(0, `more than 0${unit ? ` ${unit}` : ''}`)), ...of);
};

/** A torque keeps its number and unit as entered; a bare number is N·m. */
export const torqueSchema = v.union([
  v.pipe(v.number(), v.gtValue(0, 'more than 0 N·m'), v.maxValue(200)),
  v.strictObject({
    value: v.pipe(v.number(), v.gtValue(0, 'more than 0'), v.maxValue(1800)),
    unit: v.picklist(['N·m', 'lbf·in', 'lbf·ft']),
  }),
]);
export type Torque = v.InferOutput<typeof torqueSchema>;

export const torque = (on: readonly Subject[], label: string, asked: Asked) =>
  property({ on, schema: torqueSchema, label, input: 'torque', ...asked });

export const length = (on: readonly Subject[], label: string, asked: Asked) =>
  property({ on, schema: lengthSchema, label, input: 'length', ...asked });

export const thingId = v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}$/));
export const anyRef = v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}(\/[a-z0-9]{1,12})?$/));

/** A list of different printed numbers. */
export const numbers = (on: readonly Subject[], label: string, asked: Asked) =>
  property({
    on,
    schema: v.pipe(
      v.array(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(999))),
      v.maxLength(84),
      v.check((list) => new Set(list).size === list.length, 'each number once'),
    ),
    label,
    input: 'numbers',
    ...asked,
  });

/** Another thing of the record, chosen by its name. */
export const otherThing = (
  on: readonly Subject[],
  label: string,
  ofTypes: readonly ThingType[],
  asked: Asked,
) => property({ on, schema: thingId, label, input: 'thing', ofTypes, ...asked });
