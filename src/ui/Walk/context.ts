'use client';

import { createContext, useContext } from 'react';
import type { LogbookState, LogbookStore } from '@/client/logbook/store';
import type { Certainty } from '@/core/entries/entry';
import type { Facts } from '@/core/entries/properties';
import type { PanelView } from '@/core/panel/views';
import type { Draft } from '@/core/recording/draft';
import type { Line } from '@/core/shorthand/line';

/** What the walk has in hand. */
export type Selection =
  | { kind: 'stage'; stage: number }
  | { kind: 'position'; number: number }
  | { kind: 'screw'; bar: string; number: number };

export interface WalkActions {
  /** Each says why it could not be done; nothing where it was. */
  recordLine(line: Line): Promise<string | undefined>;
  observe(about: string, facts: Facts, certainty?: Certainty): Promise<string | undefined>;
  record(drafts: (newId: () => string) => readonly Draft[]): Promise<string | undefined>;
  select(selection: Selection): void;
}

export interface WalkContext {
  store: LogbookStore;
  state: LogbookState;
  panel: PanelView;
  selection: Selection;
  actions: WalkActions;
}

export const WalkContextProvider = createContext<WalkContext | undefined>(undefined);

export function useWalk(): WalkContext {
  const context = useContext(WalkContextProvider);
  if (!context) throw new Error('useWalk outside a walk');
  return context;
}
