'use client';

import { useState } from 'react';
import type { FormEvent } from 'react';
import type { DeviceView } from '@/core/panel/views';
import { deviceCircuitWords } from '@/core/panel/words';
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

/** What the breaker feeds: a common name by one tap, or typed. */
export function CircuitName({ device }: { device: DeviceView }) {
  const { actions } = useWalk();
  const [name, setName] = useState(deviceCircuitWords(device));
  const record = (words: string) => {
    const names = (device.form === 'tandem' ? words.split('/') : [words])
      .map((one) => one.trim())
      .filter(Boolean);
    if (names.length === 0) return;
    const positions = device.label.split('+').map(Number);
    void actions.recordLine({
      kind: 'position',
      positions,
      form: device.form,
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
        Feeds
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
        aria-label="Common names"
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
