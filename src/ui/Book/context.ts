'use client';

import { createContext, useContext, useSyncExternalStore } from 'react';
import type { Carried } from '@/core/record/package/carried';
import type { HoldingState, JudgedState, Judging, LogbookStore } from '@/client/logbook/store';
import type { Certainty } from '@/core/record/entries/entry';
import type { Facts } from '@/core/record/entries/properties';
import type { PanelView } from '@/core/installation/panel/views';
import type { Draft } from '@/core/fieldwork/recording/draft';
import type { Recorded, RecordingBench } from '@/core/fieldwork/recording/recording-bench';
import type { Line } from '@/core/record/shorthand/line';
import type { Selection } from '@/core/fieldwork/hand/hand';
import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import type { Who } from '../who';

export type { Selection };

export interface BookActions {
  /** Each says why it could not be done; nothing where it was. */
  recordLine(line: Line): Promise<string | undefined>;
  observe(about: string, facts: Facts, certainty?: Certainty): Promise<string | undefined>;
  record(drafts: (newId: () => string) => readonly Draft[]): Promise<string | undefined>;
  /** Work on what stands in the panel in hand: moved, taken out, replaced, landed. */
  work(make: (bench: RecordingBench) => Recorded): Promise<string | undefined>;
  /** Takes something in hand. */
  select(selection: Selection): void;
  /** What comes next is in hand by itself, once something is recorded: not while another's hand is followed. */
  step(selection: Selection): void;
  /** Settles what two hands recorded against each other on one side of it. */
  settle(contradiction: Contradiction, side: number): Promise<string | undefined>;
  choosePanel(id: string): void;
  /** What was refused is not said any longer: something else is being done. */
  dropTrouble(): void;
  /** How the next facts are known; undefined: as each is usually known. */
  setSure(sure: Certainty | undefined): void;
}

/** One inspection on this device, shared by all its views. */
export interface BookContext {
  store: LogbookStore;
  state: JudgedState;
  who: Who;
  inspection: string;
  /** Names of those who wrote entries, by their id. */
  names: ReadonlyMap<string, string>;
  /** What came in packages, and who brought it. */
  carried: readonly Carried[];
  panel: PanelView;
  actions: BookActions;
}

/** What one has in hand: apart from what is recorded, so that choosing another thing draws anew only what shows it. */
export interface InHand {
  selection: Selection;
  sure: Certainty | undefined;
  /** Why the last of it was refused. */
  trouble: string | undefined;
}

export const BookContextProvider = createContext<BookContext | undefined>(undefined);

export const InHandProvider = createContext<InHand | undefined>(undefined);

export function useInHand(): InHand {
  const inHand = useContext(InHandProvider);
  if (!inHand) throw new Error('useInHand outside an inspection');
  return inHand;
}

/** Where the entries are: changes with every delivery, and nothing that is drawn of the panel follows it. */
export function useHolding(): HoldingState {
  const { store } = useBook();
  return useSyncExternalStore(store.subscribe, store.holdingNow, store.holdingNow);
}

export function useBook(): BookContext {
  const context = useContext(BookContextProvider);
  if (!context) throw new Error('useBook outside an inspection');
  return context;
}

/** What judges, for a view that is drawn only once it is here. */
export function useJudging(): Judging {
  const { judging } = useBook().state;
  if (!judging) throw new Error('useJudging before the rules are here');
  return judging;
}
