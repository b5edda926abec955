'use client';

import { useEffect, useState } from 'react';
import { later } from '../later';
import type { HeldOnDevice } from './held-by-inspection';
import type { PicturesProgress } from './pictures';
import type { Connection } from './sender';

/** What a page shows comes before what sends. */
const sending = later(() => import('./outbox'));
const looking = later(() => import('./held-by-inspection'));

export interface HeldNow {
  /** Undefined: not read yet, or this device holds nothing at all because it has no storage. */
  held: HeldOnDevice | undefined;
  connection: Connection;
  /** How much of the pictures is there, while they are sent. */
  pictures: PicturesProgress | undefined;
}

/** What is on this device and has not arrived, as it is sent. */
export function useHeld(member: string): HeldNow & { again(): void } {
  const [now, setNow] = useState<HeldNow>({
    held: undefined,
    connection: 'idle',
    pictures: undefined,
  });
  const [asked, ask] = useState(0);
  useEffect(() => {
    let left = false;
    let leave = () => undefined as void;
    void Promise.all([sending(), looking()])
      .then(async ([{ outboxFor }, { heldOnDevice }]) => {
        const outbox = await outboxFor(member);
        const read = async () => {
          const held = await heldOnDevice(outbox.db, member);
          const { connection, pictures } = outbox;
          if (!left) setNow({ held, connection, pictures });
        };
        if (left) return;
        leave = outbox.subscribe((heldChanged) => {
          const { connection, pictures } = outbox;
          if (heldChanged) void read().catch(() => undefined);
          else setNow((before) => ({ ...before, connection, pictures }));
        });
        await read();
        if (asked > 0) outbox.wakeSoon();
      })
      .catch(() => undefined);
    return () => {
      left = true;
      leave();
    };
  }, [member, asked]);
  return { ...now, again: () => ask((times) => times + 1) };
}
