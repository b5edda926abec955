'use client';

import { useState } from 'react';
import type { Certainty } from '@/core/entries/entry';
import type { Facts, PropertyName } from '@/core/entries/properties';
import { properties } from '@/core/entries/properties';
import type { PropertySpec } from '@/core/entries/properties';
import { useWalk } from '../context';

interface FactFieldProps {
  about: string;
  property: PropertyName;
  certainty?: Certainty;
}

/** One fact, asked for as its kind wants; recorded when it is chosen or left. */
export function FactField({ about, property, certainty = 'seen' }: FactFieldProps) {
  const { state, actions } = useWalk();
  const spec: PropertySpec = properties[property];
  const value = state.assessment.site.reader.value(about, property);
  const shown = Array.isArray(value) ? value.join(', ') : value === undefined ? '' : String(value);
  const record = (next: unknown) =>
    void actions.observe(about, { [property]: next } as Facts, certainty);
  const label = spec.unit ? `${spec.label}, ${spec.unit}` : spec.label;

  if (spec.input === 'yes-no' || spec.input === 'choice') {
    const choices = spec.choices ?? { true: 'yes', false: 'no' };
    return (
      <label className="text-caption text-ink2 grid gap-0.5">
        {label}
        <select
          className="field"
          value={shown}
          onChange={(event) =>
            record(spec.input === 'yes-no' ? event.target.value === 'true' : event.target.value)
          }
        >
          <option value="" disabled>
            not seen
          </option>
          {Object.entries(choices).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
      </label>
    );
  }
  return <TypedField key={shown} label={label} spec={spec} shown={shown} record={record} />;
}

interface TypedFieldProps {
  label: string;
  spec: PropertySpec;
  shown: string;
  record(value: unknown): void;
}

function TypedField({ label, spec, shown, record }: TypedFieldProps) {
  const [text, setText] = useState(shown);
  const [fault, setFault] = useState('');
  const commit = () => {
    if (text.trim() === shown) return setFault('');
    if (text.trim() === '') return setText(shown);
    const read = readTyped(spec, text);
    if ('fault' in read) return setFault(read.fault);
    setFault('');
    record(read.value);
  };
  const numeric = spec.input === 'number' || spec.input === 'length';
  return (
    <label className="text-caption text-ink2 grid gap-0.5">
      {label}
      <input
        className="field"
        value={text}
        inputMode={numeric ? 'decimal' : undefined}
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

/** Numbers as numbers; lists by commas, with 17-24 for a run. */
function readTyped(spec: PropertySpec, text: string): { value: unknown } | { fault: string } {
  const trimmed = text.trim();
  if (spec.input === 'number' || spec.input === 'length') {
    const number = Number(trimmed.replace(',', '.'));
    return Number.isFinite(number)
      ? { value: number }
      : { fault: `${spec.label}: expected a number, got ${trimmed}` };
  }
  if (spec.input === 'list')
    return {
      value: trimmed
        .split(',')
        .map((one) => one.trim())
        .filter(Boolean),
    };
  if (spec.input === 'numbers') {
    if (/^none$/i.test(trimmed)) return { value: [] };
    const numbers: number[] = [];
    for (const part of trimmed.split(',')) {
      const run = /^\s*(\d+)(?:\s*[-–]\s*(\d+))?\s*$/.exec(part);
      if (!run)
        return {
          fault: `${spec.label}: expected numbers such as 17-24, or none, got ${part.trim()}`,
        };
      const [from, to] = [Number(run[1]), Number(run[2] ?? run[1])];
      for (let at = from; at <= to && numbers.length < 84; at += 1) numbers.push(at);
    }
    return { value: numbers };
  }
  return { value: trimmed };
}
