'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { FormEvent } from 'react';
import { startOnDevice } from '@/client/logbook/start';
import { useAwake } from '../primitives/use-awake';
import type { Who } from '../who';

const positionChoices = [8, 12, 16, 20, 24, 30, 32, 40, 42, 60, 84];

/** Name the place and begin. Everything else is recorded on the walk. */
export function StartInspection({ session }: { session: Who }) {
  const router = useRouter();
  const awake = useAwake();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState('');
  const start = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    setBusy(true);
    try {
      const positions = Number(form.get('positions'));
      const id = await startOnDevice(session.organisation, session.member, {
        name: String(form.get('name')).trim(),
        address: String(form.get('address')).trim(),
        ...(positions > 0 && { positions }),
      });
      router.push(`/inspections/${id}/walk`);
    } catch {
      setTrouble('This device could not hold the inspection: its storage refused it.');
      setBusy(false);
    }
  };
  return (
    <section aria-labelledby="start">
      <h2 id="start" className="border-ink text-heading border-t-2 pt-2 font-bold">
        New inspection
      </h2>
      <form className="mt-2 grid gap-3" onSubmit={start}>
        <label className="grid gap-1 font-semibold">
          Place
          <input className="field" name="name" required maxLength={200} />
        </label>
        <label className="grid gap-1 font-semibold">
          Address
          <input className="field" name="address" maxLength={200} />
        </label>
        <label className="grid gap-1 font-semibold">
          Positions in the panel
          <select className="field" name="positions" defaultValue="">
            <option value="">not counted yet</option>
            {positionChoices.map((count) => (
              <option key={count}>{count}</option>
            ))}
          </select>
        </label>
        {trouble && (
          <p role="alert" className="text-danger font-semibold">
            {trouble}
          </p>
        )}
        <button className="act act-main" type="submit" disabled={busy || !awake}>
          Start the walk
        </button>
      </form>
    </section>
  );
}
