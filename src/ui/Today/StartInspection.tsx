'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Plus } from 'lucide-react';
import { startOnDevice } from '@/client/logbook/start';
import { useAwake } from '../primitives/use-awake';
import type { Who } from '../who';

/** One touch, and the walk begins at its first stage. The place and all else is recorded there. */
export function StartInspection({ session }: { session: Who }) {
  const router = useRouter();
  const awake = useAwake();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState('');
  const start = async () => {
    setBusy(true);
    try {
      const id = await startOnDevice(session.organisation, session.member, {});
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
