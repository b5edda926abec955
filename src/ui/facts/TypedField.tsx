'use client';

import { useState } from 'react';
import * as v from 'valibot';
import type { PropertySpec } from '@/core/record/entries/properties';
import type { Torque } from '@/core/record/entries/properties/spec';
import type { Length } from '@/core/vocabulary/lengths';
import { parseTorque, torqueText } from '@/core/installation/panel/torque';
import { lengthWords, parseLength } from '@/core/vocabulary/lengths';
import { readNumbers } from '@/core/record/shorthand/numbers';

interface TypedFieldProps {
  label: string;
  spec: PropertySpec;
  value: unknown;
  lengths: 'metric' | 'us';
  record(value: unknown): void;
}

/** A fact that is typed: recorded when the field is left or Enter pressed. */
export function TypedField({ label, spec, value, lengths, record }: TypedFieldProps) {
  const shown = shownWords(spec, value);
  const [text, setText] = useState(shown);
  const [fault, setFault] = useState('');
  const commit = () => {
    if (text.trim() === shown) return setFault('');
    if (text.trim() === '') return setText(shown);
    const read = readTyped(spec, text, lengths);
    if ('fault' in read) return setFault(read.fault);
    const fits = v.safeParse(spec.schema, read.value);
    if (!fits.success)
      return setFault(
        `${spec.label}: expected ${expectedWords(spec, fits.issues[0].message)}, got ${text.trim()}`,
      );
    setFault('');
    record(read.value);
  };
  const asks =
    spec.input === 'length'
      ? `${label}, ${lengths === 'us' ? 'in' : 'mm'}`
      : spec.input === 'torque'
        ? `${label}, N·m or lbf·in`
        : label;
  return (
    <label className="text-caption text-ink2 grid content-start gap-0.5">
      {asks}
      <input
        className={`field ${shown === '' ? 'border-dashed' : ''}`}
        value={text}
        type={spec.input === 'date' ? 'date' : 'text'}
        inputMode={spec.input === 'number' ? 'decimal' : undefined}
        placeholder="not seen"
        aria-invalid={fault !== ''}
        onChange={(event) => setText(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => event.key === 'Enter' && commit()}
      />
      {fault && (
        <span role="alert" className="text-danger font-semibold">
          {fault}
        </span>
      )}
    </label>
  );
}

/** What a schema wants, in words; its own where it has them. */
function expectedWords(spec: PropertySpec, message: string): string {
  if (/^Invalid/.test(message))
    return spec.unit ? `a possible figure in ${spec.unit}` : 'a possible value';
  return message;
}

function shownWords(spec: PropertySpec, value: unknown): string {
  if (value === undefined) return '';
  if (spec.input === 'length') return lengthWords(value as Length);
  if (spec.input === 'torque') return torqueText(value as Torque);
  if (Array.isArray(value)) return value.length === 0 ? 'none' : value.join(', ');
  return String(value);
}

/**
 * A figure with another unit than the one asked for is not taken for it: watts are not amperes. Says
 * what it comes to where that follows.
 */
function otherUnit(spec: PropertySpec, text: string, number: number): string | undefined {
  const said = /[A-Za-zΩ°%²]+$/.exec(text)?.[0];
  if (!said || !spec.unit || !Number.isFinite(number)) return undefined;
  const plain = (unit: string) => unit.toLowerCase().replaceAll(/[^a-z%Ω]/g, '');
  const wanted = plain(spec.unit);
  if (plain(said) === wanted || wanted.startsWith(plain(said)) || !units.has(plain(said)))
    return undefined;
  const amps =
    wanted === 'a' && plain(said) === 'w'
      ? `: ${text} is ${Math.round(number / 12) / 10} A at 120 V, ${Math.round(number / 24) / 10} A at 240 V`
      : '';
  return `${spec.label} is asked in ${spec.unit}, got ${said}${amps}`;
}

const units: ReadonlySet<string> = new Set([
  'a',
  'v',
  'w',
  'kw',
  'va',
  'kva',
  'hp',
  'ka',
  'mm',
  'm',
  'ft',
  'in',
  'c',
  'f',
  'ohm',
  'Ω',
]);

/** Numbers as numbers, lengths with their unit, lists by commas, 17-24 for a run. */
function readTyped(
  spec: PropertySpec,
  text: string,
  lengths: 'metric' | 'us',
): { value: unknown } | { fault: string } {
  const trimmed = text.trim();
  switch (spec.input) {
    case 'number': {
      const number = Number(trimmed.replace(',', '.').replace(/\s*[^\d.]+$/, ''));
      const other = otherUnit(spec, trimmed, number);
      if (other) return { fault: other };
      return Number.isFinite(number)
        ? { value: number }
        : { fault: `${spec.label}: expected a number, got ${trimmed}` };
    }
    case 'length': {
      const length = parseLength(trimmed, lengths === 'us' ? 'in' : 'mm');
      return length === undefined
        ? { fault: `${spec.label}: expected a length such as 820 mm or 32 in, got ${trimmed}` }
        : { value: length };
    }
    case 'torque': {
      const torque = parseTorque(trimmed);
      return torque === undefined
        ? { fault: `${spec.label}: expected a torque such as 4 N·m or 25 lbf·in, got ${trimmed}` }
        : { value: torque };
    }
    case 'numbers': {
      const numbers = readNumbers(trimmed.replaceAll(' ', ''));
      return numbers
        ? { value: numbers }
        : { fault: `${spec.label}: expected numbers such as 17-24, or none, got ${trimmed}` };
    }
    case 'list':
      return {
        value: trimmed
          .split(',')
          .map((one) => one.trim())
          .filter(Boolean),
      };
    default:
      return { value: trimmed };
  }
}
