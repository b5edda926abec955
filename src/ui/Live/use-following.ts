'use client';

import { useEffect, useState } from 'react';
import type { Present, Selection } from '@/core/fieldwork/hand/hand';

interface Followed {
  select(selection: Selection): void;
  setPanelId(id: string): void;
}

/**
 * Another's hand, followed: what he has in hand is in hand here, until one takes something in hand oneself or he
 * leaves.
 */
export function useFollowing(others: readonly Present[], { select, setPanelId }: Followed) {
  const [wanted, follow] = useState<string>();
  const leader = others.find(({ device }) => device === wanted);
  const words = JSON.stringify(leader?.hand);
  useEffect(() => {
    const hand = words === undefined ? undefined : (JSON.parse(words) as Present['hand']);
    if (!hand) return;
    setPanelId(hand.panel);
    select(hand.selection);
  }, [words, select, setPanelId]);
  return { following: leader?.device, follow };
}
