'use client';

import { useEffect, useReducer, useState, useSyncExternalStore } from 'react';
import { formatISO } from 'date-fns';
import type { Entry } from '@/core/record/entries/entry';
import type { Settings } from '@/core/codes/settings/settings';
import type { Permission } from '@/core/vocabulary/permission';
import { deviceId } from '../device-id';
import { openHeld } from '../outbox/held';
import { sendPictureOverHttp } from '../outbox/pictures';
import { Sender } from '../outbox/sender';
import { httpTransport } from '../outbox/transport';
import { later } from '../later';
import { LogbookStore } from './store';

interface LogbookProps {
  inspection: string;
  organisation: string;
  member: string;
  may: readonly Permission[];
  settings: Settings;
  entries: readonly Entry[];
}

/** Fetches what judges, once. */
export const fetchJudging = later(() => import('./judging'));

const channelName = 'east-gate-held';
/** Milliseconds from an entry on the disk to its sending. */
const sendAfterMs = 40;

/** One inspection's logbook, its held entries, and the sender that delivers them. */
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

/** Opens this device's store, starts the sender, and listens to other tabs. */
function connect(store: LogbookStore, member: string): () => void {
  const channel = new BroadcastChannel(channelName);
  let sender: Sender | undefined;
  let ended = false;
  // What was touched is on the screen first; sending takes its time anyway.
  const wake = () =>
    void setTimeout(() => {
      if (ended) return;
      channel.postMessage('changed');
      sender?.wake();
    }, sendAfterMs);
  const wakeQuietly = () => sender?.wake();
  channel.onmessage = () => void store.refresh();
  window.addEventListener('online', wakeQuietly);
  window.addEventListener('focus', wakeQuietly);
  void openHeld().then((db) => {
    if (ended) return;
    sender = new Sender({
      db,
      member,
      transport: httpTransport(),
      sendPicture: sendPictureOverHttp(),
      alone: (work) => navigator.locks.request(`east-gate-sender-${member}`, work),
      pause: (ms, signal) =>
        new Promise((resolve) => {
          const timer = setTimeout(resolve, ms);
          signal.addEventListener('abort', () => (clearTimeout(timer), resolve()), { once: true });
        }),
      onChange: (connection) => {
        store.setConnection(connection);
        if (connection !== 'sending') {
          channel.postMessage('changed');
          void store.refresh();
        }
      },
    });
    return store.open(db, wake);
  });
  return () => {
    ended = true;
    sender?.stop();
    channel.close();
    window.removeEventListener('online', wakeQuietly);
    window.removeEventListener('focus', wakeQuietly);
  };
}
