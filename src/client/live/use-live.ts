'use client';

import { useEffect, useRef, useState } from 'react';
import type { Hand, Present } from '@/core/fieldwork/hand/hand';
import type { News } from '@/core/record/package/news';
import type { Writer } from '@/core/record/package/carried';
import type { LogbookStore } from '../logbook/store';
import { later } from '../later';
import type { LiveHere } from './begin';
import type { Hearing } from './feed';

/** What a page shows comes before what hears. */
const beginning = later(() => import('./begin'));

/** Milliseconds until what hears is fetched again, where it could not be. */
const fetchAgainMs = 4000;

export interface LiveNow {
  /** The others who have this inspection open. */
  others: readonly Present[];
  /** Undefined: not begun yet. */
  hearing: Hearing | undefined;
  /** Who wrote what came meanwhile. */
  authors: readonly Writer[];
  /** What came last of another. */
  last: News | undefined;
  /** Somebody else was here since this was opened. */
  met: boolean;
}

interface LiveProps {
  inspection: string;
  store: LogbookStore;
  member: string;
  /** What the server sent has what arrived up to here. */
  arrived: number | undefined;
  /** Undefined: nothing of a panel. */
  hand: Hand | undefined;
  /** Asks the server for the whole anew. */
  again(): void;
}

const nobody: readonly Present[] = [];

/** Hears what others record of an inspection while it is open, and tells them what is in hand here. */
export function useLive({ inspection, store, member, arrived, hand, again }: LiveProps): LiveNow {
  const [now, setNow] = useState<LiveNow>({
    others: nobody,
    hearing: undefined,
    authors: [],
    last: undefined,
    met: false,
  });
  const here = useRef<LiveHere>(undefined);
  const held = useRef(hand);
  const from = useRef(arrived);
  const asking = useRef(again);
  useEffect(() => {
    asking.current = again;
  });
  useEffect(() => {
    let left = false;
    const onNews = (news: News) => {
      const known = new Set(store.judgedNow().entries.map(({ id }) => id));
      store.join(news.entries);
      const ofOthers = news.entries.filter(({ id, author }) => author !== member && !known.has(id));
      setNow((before) => ({
        ...before,
        authors: [
          ...new Map([...before.authors, ...news.authors].map((one) => [one.id, one])).values(),
        ],
        last: ofOthers.length > 0 ? { ...news, entries: ofOthers } : before.last,
      }));
    };
    let again: ReturnType<typeof setTimeout> | undefined;
    const begin = (): void =>
      void beginning().then(
        ({ beginLive }) => {
          if (left) return;
          here.current = beginLive({
            inspection,
            arrived: from.current ?? 0,
            onNews,
            onHere: (others) =>
              setNow((before) => ({ ...before, others, met: before.met || others.length > 0 })),
            onHearing: (hearing) =>
              setNow((before) => ({
                ...before,
                hearing,
                // Of whom nothing is heard nothing is said.
                ...(hearing === 'deaf' && { others: nobody }),
              })),
            onAgain: () => asking.current(),
          });
          here.current.inHand(held.current);
        },
        // The network is away, or its program was not fetched: it is tried again.
        () => {
          if (!left) again = setTimeout(begin, fetchAgainMs);
        },
      );
    begin();
    return () => {
      left = true;
      clearTimeout(again);
      here.current?.end();
      here.current = undefined;
    };
  }, [inspection, store, member]);
  useEffect(() => {
    held.current = hand;
    here.current?.inHand(hand);
  }, [hand]);
  return now;
}
