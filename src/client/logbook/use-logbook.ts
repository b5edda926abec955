'use client';

import { useEffect, useReducer, useState, useSyncExternalStore } from 'react';
import { formatISO } from 'date-fns';
import type { Entry } from '@/core/record/entries/entry';
import type { Settings } from '@/core/codes/settings/settings';
import type { Permission } from '@/core/vocabulary/permission';
import { deviceId } from '../device-id';
import { outboxFor } from '../outbox/outbox';
import { fetchJudging } from './fetch-judging';
import { LogbookStore } from './store';

interface LogbookProps {
  inspection: string;
  organisation: string;
  member: string;
  may: readonly Permission[];
  settings: Settings;
  entries: readonly Entry[];
}

/** One inspection's logbook, with what is held of it. */
export function useLogbook({
  inspection,
  organisation,
  member,
  may,
  settings,
  entries,
}: LogbookProps) {
  const [store] = useState(
    () =>
      new LogbookStore(
        {
          inspection,
          organisation,
          member,
          may,
          settings,
          device: typeof window === 'undefined' ? 'server' : deviceId(),
          newId: () => crypto.randomUUID(),
          now: () => formatISO(new Date()),
        },
        entries,
      ),
  );
  useEffect(() => connect(store, member), [store, member]);
  // What the server sends after this device's copy was opened.
  useEffect(() => store.join(entries), [store, entries]);
  const [asked, askAgain] = useReducer((times: number) => times + 1, 0);
  const [failed, setFailed] = useState(0);
  useEffect(
    () =>
      void fetchJudging().then(
        (judging) => store.judgeBy(judging),
        () => setFailed(asked + 1),
      ),
    [store, asked],
  );
  const state = useSyncExternalStore(store.subscribe, store.judgedNow, store.judgedNow);
  /** Asks again for what judges, where it could not be fetched. */
  const judgeAgain = failed > asked && !state.judging ? askAgain : undefined;
  useEffect(() => {
    if (!judgeAgain) return;
    window.addEventListener('online', judgeAgain);
    return () => window.removeEventListener('online', judgeAgain);
  }, [judgeAgain]);
  return { store, state, judgeAgain };
}

/** Joins what this device holds, and hears what becomes of it. */
function connect(store: LogbookStore, member: string): () => void {
  let ended = false;
  let leave = () => undefined as void;
  void outboxFor(member).then((outbox) => {
    if (ended) return;
    leave = outbox.subscribe((heldChanged) => {
      store.setSending(outbox.connection, outbox.pictures);
      if (heldChanged) void store.refresh();
    });
    store.setSending(outbox.connection, outbox.pictures);
    return store.open(outbox.db, outbox.wakeSoon);
  });
  return () => {
    ended = true;
    leave();
  };
}
