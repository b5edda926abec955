import 'fake-indexeddb/auto';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import type { Judging } from '@/client/logbook/store';
import { LogbookStore } from '@/client/logbook/store';
import { openHeld } from '@/client/outbox/held';
import { assess, findingsTurningOn, follow, idsFrom } from '@/core';
import { permissions } from '@/core/vocabulary/permission';
import { fold } from '@/core/record/entries/fold';
import { FactReader } from '@/core/record/entries/fact-reader';
import type { Certainty, Entry } from '@/core/record/entries/entry';
import { testSettings } from '@/core/testing/bench';
import { DrawnProvider } from '../Book/Drawn';
import { fetchParts } from '@/client/later';
import { bookActions } from '../Book/actions';
import type { BookContext, Selection } from '../Book/context';
import { BookContextProvider, InHandProvider } from '../Book/context';
import type { Who } from '../who';

const who: Who = {
  member: 'ines',
  may: permissions,
  name: 'Ines Marrable',
  organisation: 'one',
  organisationName: 'Test office',
};

let opened = 0;

/** A view over an inspection on this device, as it is in the application: what is done in it is recorded. */
export async function inHand(
  entries: readonly Entry[],
  view: ReactNode,
  first?: Selection,
  /** Null: what judges is not here. */
  judging: Judging | null = { assess, findingsTurningOn, follow },
) {
  const next = idsFrom('new-');
  const store = new LogbookStore(
    {
      inspection: 'one',
      organisation: 'one',
      member: 'ines',
      may: permissions,
      device: 'phone',
      settings: testSettings,
      newId: next,
      now: () => '2026-04-20T10:00:00+01:00',
    },
    entries,
    judging ?? undefined,
  );
  // What a browser fetches once the view stands is here from the first.
  await fetchParts();
  opened += 1;
  await store.open(await openHeld(`in-hand-${opened}`), () => undefined);
  let choose: (next: Selection) => void = () => undefined;
  const shown = render(
    <Hand
      store={store}
      choosable={(select) => (choose = select)}
      first={first ?? { kind: 'position', number: 1 }}
    >
      {view}
    </Hand>,
  );
  const reader = () => new FactReader(fold(store.snapshot().entries));
  return {
    store,
    select: (next: Selection) => choose(next),
    reader,
    site: () => store.snapshot().assessment.site,
    findings: () => store.snapshot().assessment.findings,
    assessment: () => store.snapshot().assessment,
    /** What was recorded since, entry by entry. */
    recorded: () => store.snapshot().entries.slice(entries.length),
    /** Presses what has this name, and waits until it is recorded. */
    press: async (name: string | RegExp, at = 0, of: HTMLElement = shown.container) => {
      const before = store.snapshot().entries.length;
      await act(async () => {
        fireEvent.click(pressable(name, of)[at]!);
        await Promise.resolve();
      });
      return {
        andKept: async () => {
          await waitFor(() => {
            const { entries: now, writing } = store.snapshot();
            if (now.length === before || writing > 0) throw new Error(`${name}: nothing kept`);
          });
          // What is drawn after the rest is drawn too.
          await act(async () => Promise.resolve());
        },
      };
    },
    kept: (more: number) =>
      waitFor(() => {
        const { entries: all, writing } = store.snapshot();
        const now = all.length - entries.length;
        if (now < more || writing > 0) throw new Error(`${now} entries recorded, ${more} wanted`);
      }),
    ...shown,
  };
}

/** Buttons and choices of this name, as a screen reader says it. By hand: the roles of a whole view take seconds. */
export function pressable(name: string | RegExp, of: HTMLElement = document.body): HTMLElement[] {
  const found = [...of.querySelectorAll<HTMLElement>('button, [role=button]')].filter((one) => {
    const said = (one.getAttribute('aria-label') ?? one.textContent ?? '')
      .replaceAll(/\s+/g, ' ')
      .trim();
    return typeof name === 'string' ? said === name : name.test(said);
  });
  if (found.length === 0) throw new Error(`nothing to press is called ${name}`);
  return found;
}

/** Opens what is behind a button of these words. */
export const unfold = (words: string | RegExp) => fireEvent.click(screen.getByText(words));

/** Types into what has this label. */
export function type(label: string | RegExp, value: string, at = 0): void {
  fireEvent.change(screen.getAllByLabelText(label)[at]!, { target: { value } });
}

function Hand({
  store,
  choosable,
  first,
  children,
}: {
  store: LogbookStore;
  /** Given what chooses another thing to have in hand. */
  choosable(select: (next: Selection) => void): void;
  first: Selection;
  children: ReactNode;
}) {
  const state = useSyncExternalStore(store.subscribe, store.judgedNow);
  const [panelId, setPanelId] = useState<string>();
  const [selection, select] = useState<Selection>(first);
  useEffect(() => choosable(select), [choosable]);
  const [sure, setSure] = useState<Certainty>();
  const [trouble, setTrouble] = useState<string>();
  const { panels } = state.assessment.site;
  const panel = panels.find(({ id }) => id === panelId) ?? panels[0]!;
  const actions = useMemo(
    () =>
      bookActions({
        store,
        panel: panel.id,
        sure,
        select,
        following: false,
        setPanelId,
        setSure,
        setTrouble,
      }),
    [store, panel.id, sure],
  );
  const value: BookContext = {
    store,
    state,
    who,
    inspection: 'one',
    names: new Map([['ines', 'Ines Marrable']]),
    carried: [],
    panel,
    actions,
  };
  return (
    <BookContextProvider value={value}>
      <InHandProvider value={{ selection, sure, trouble }}>
        <DrawnProvider assessment={state.assessment}>{children}</DrawnProvider>
      </InHandProvider>
    </BookContextProvider>
  );
}
