'use client';

import { createContext, useContext } from 'react';
import type { LiveNow } from '@/client/live/use-live';

/** The others at this inspection, and whose hand is followed here. */
export interface LiveContext extends LiveNow {
  /** The device whose hand is followed; undefined: none. */
  following: string | undefined;
  follow(device: string | undefined): void;
}

const nobodyElse: LiveContext = {
  others: [],
  hearing: undefined,
  authors: [],
  last: undefined,
  met: false,
  following: undefined,
  follow: () => undefined,
};

const Context = createContext<LiveContext>(nobodyElse);
export const LiveProvider = Context.Provider;
export const useLiveNow = (): LiveContext => useContext(Context);
