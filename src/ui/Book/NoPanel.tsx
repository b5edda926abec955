import { useSyncExternalStore } from 'react';
import type { LogbookStore } from '@/client/logbook/store';
import { Brand } from '../primitives/Brand';
import type { Who } from '../who';
import { HeldStatus } from './HeldStatus';

/** An inspection without a panel: not here yet, or undone. */
export function NoPanel({ store, who }: { store: LogbookStore; who: Who }) {
  const state = useSyncExternalStore(store.subscribe, store.holdingNow, store.holdingNow);
  return (
    <main className="mx-auto grid max-w-lg gap-3 p-8">
      <Brand />
      <h1 className="text-xl font-bold">
        {state.ready ? 'No panel is recorded here' : 'Reading this device'}
      </h1>
      {state.ready && (
        <p className="text-ink2 text-sm">
          Signed in as {who.name}. If this inspection was started on another device, it has not
          arrived yet. Go to Today to start one here.
        </p>
      )}
      <HeldStatus holding={state} />
    </main>
  );
}
