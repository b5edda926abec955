'use client';

import { useState } from 'react';
import type { FormEvent } from 'react';
import type { DeviceView } from '@/core/panel/views';
import { useWalk } from '../context';

const common = [
  'Kitchen',
  'Bath',
  'Bedrooms',
  'Hall',
  'Lights',
  'Laundry',
  'Outside',
  'Garage',
  'Cellar',
  'Range',
  'Dryer',
  'Water heater',
];

interface CircuitNameProps {
  device: DeviceView;
  /** Which circuit of the breaker: a tandem has two. */
  index: number;
}

/** What a circuit feeds: a common name by one tap, or typed. */
export function CircuitName({ device, index }: CircuitNameProps) {
  const { actions } = useWalk();
  const terminal = device.terminals[index]!;
  const known = terminal.circuit?.name ?? '';
  const [name, setName] = useState(known);
  const label = device.form === 'tandem' ? `${terminal.label} feeds` : 'Feeds';
  const record = (words: string) => {
    const word = words.trim();
    if (word === '') return;
    setName(word);
    const positions = device.label.split('+').map(Number);
    const names = index === 1 ? ['', word] : [word];
    void actions.recordLine({ kind: 'position', positions, form: device.form, marks: [], names });
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    record(name);
  };
  return (
    <form onSubmit={submit} className="border-hair grid gap-1.5 border-t pt-2">
      <label className="grid grid-cols-[auto_1fr_auto] items-center gap-2 font-semibold">
        {label}
        <input
          className="field font-normal"
          value={name}
          maxLength={200}
          onChange={(event) => setName(event.target.value)}
        />
        <button className="act" type="submit">
          Name it
        </button>
      </label>
      <div
        className="flex gap-1.5 overflow-x-auto pb-1"
        role="group"
        aria-label={`Common names, ${label.toLowerCase()}`}
        tabIndex={0}
      >
        {common.map((word) => (
          <button
            key={word}
            type="button"
            className="act whitespace-nowrap"
            onClick={() => record(word)}
          >
            {word}
          </button>
        ))}
      </div>
    </form>
  );
}
