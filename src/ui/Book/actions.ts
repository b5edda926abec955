import type { LogbookStore } from '@/client/logbook/store';
import { recordLine } from '@/core';
import { observe } from '@/core/fieldwork/recording/draft';
import type { Certainty } from '@/core/record/entries/entry';
import type { BookActions, Selection } from './context';

interface InHand {
  store: LogbookStore;
  /** The panel in hand. */
  panel: string | undefined;
  sure: Certainty | undefined;
  select(selection: Selection): void;
  /** Another's hand is followed, until one takes something in hand oneself. */
  following: boolean;
  setPanelId(id: string): void;
  setSure(sure: Certainty | undefined): void;
  setTrouble(message: string | undefined): void;
}

/** What the views of a book may do: each records as one action, or says why it could not. */
export function bookActions({
  store,
  panel,
  sure,
  select,
  following,
  setPanelId,
  setSure,
  setTrouble,
}: InHand): BookActions {
  const said = async (result: Promise<string | undefined>) => {
    const message = await result;
    setTrouble(message);
    return message;
  };
  const newId = () => crypto.randomUUID();
  const work: BookActions['work'] = (make) =>
    said(
      store.record(({ site }) => {
        const here = site.panels.find((one) => one.id === panel);
        if (!here) return { message: 'There is no panel to record in.' };
        const recorded = make({ site, panel: here, newId });
        return recorded.ok ? recorded.drafts : recorded;
      }),
    );
  return {
    select: (next) => {
      setTrouble(undefined);
      select(next);
    },
    step: (next) => {
      if (!following) select(next);
    },
    settle: (contradiction, side) => said(store.settle(contradiction, side)),
    choosePanel: (id) => {
      setPanelId(id);
      select({ kind: 'position', number: 1 });
    },
    setSure,
    dropTrouble: () => setTrouble(undefined),
    work,
    recordLine: (line) => work((bench) => recordLine(line, bench)),
    observe: (about, facts, certainty) =>
      said(store.record(({ site }) => [observe(site.reader, about, facts, sure ?? certainty)])),
    record: (drafts) => said(store.record(() => drafts(newId))),
  };
}
