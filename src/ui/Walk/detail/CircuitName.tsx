'use client';

import { useState } from 'react';
import type { FormEvent } from 'react';
import { formOf } from '@/core/vocabulary/device-forms';
import { positionsOf } from '@/core/fieldwork/recording/line-of-device';
import type { DeviceView } from '@/core/installation/panel/views';
import { useBook } from '../../Book/context';

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
  const { panel, actions } = useBook();
  const circuits = formOf(device.form).circuits;
  const terminal = device.terminals[circuits[index]![0]!]!;
  const known = terminal.circuit?.name ?? '';
  const [name, setName] = useState(known);
  const label = circuits.length > 1 ? `${terminal.label} feeds` : 'Feeds';
  const record = (words: string) => {
    const word = words.trim();
    if (word === '') return;
    setName(word);
    const names = [...Array.from({ length: index }, () => ''), word];
    void actions.recordLine({
      kind: 'position',
      positions: positionsOf(panel, device),
      form: device.form,
      ...(device.half && { half: device.half }),
      marks: [],
      names,
    });
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
