'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Plus } from 'lucide-react';
import { later } from '@/client/later';
import { useAwake } from '../primitives/use-awake';
import type { Who } from '../who';

const starting = later(() => import('@/client/logbook/start'));

/** One touch, and the walk begins at its first stage. The place and all else is recorded there. */
export function StartInspection({ session }: { session: Who }) {
  const router = useRouter();
  const awake = useAwake();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState('');
  const start = async () => {
    setBusy(true);
    const started = await starting().catch(() => undefined);
    if (!started) {
      setTrouble('What begins an inspection could not be fetched: nothing was begun. Try again.');
      setBusy(false);
      return;
    }
    try {
      const id = await started.startOnDevice(session.organisation, session.member, {});
      router.push(`/inspections/${id}/walk`);
    } catch {
      setTrouble('This device could not hold the inspection: its storage refused it.');
      setBusy(false);
    }
  };
  return (
    <div>
      <button
        className="act act-main text-heading w-full"
        type="button"
        disabled={busy || !awake}
        onClick={() => void start()}
      >
        <Plus size={18} aria-hidden="true" /> New inspection
      </button>
      {trouble && (
        <p role="alert" className="text-danger font-semibold">
          {trouble}
        </p>
      )}
    </div>
  );
}
