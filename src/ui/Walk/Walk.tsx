'use client';

import { useMemo, useState } from 'react';
import { useLogbook } from '@/client/logbook/use-logbook';
import type { Entry } from '@/core/entries/entry';
import { observe } from '@/core/recording/draft';
import { recordLine } from '@/core/recording/record-line';
import type { Settings } from '@/core/settings/settings';
import type { Who } from '../who';
import type { Selection, WalkActions } from './context';
import { WalkContextProvider } from './context';
import { NoPanel } from './NoPanel';
import { WalkLayout } from './WalkLayout';

interface WalkProps {
  session: Who;
  inspection: string;
  settings: Settings;
  entries: readonly Entry[];
}

/** The inspection itself: the panel drawn from what was recorded, and the ways to record more. */
export function Walk({ session, inspection, settings, entries }: WalkProps) {
  const { store, state } = useLogbook({
    inspection,
    settings,
    entries,
    organisation: session.organisation,
    member: session.member,
  });
  const { panels } = state.assessment.site;
  const [panelId, setPanelId] = useState<string>();
  const [selection, select] = useState<Selection>({ kind: 'position', number: 1 });
  const [trouble, setTrouble] = useState<string>();
  const panel = panels.find((one) => one.id === panelId) ?? panels[0];

  const actions = useMemo((): WalkActions => {
    const said = async (result: Promise<string | undefined>) => {
      const message = await result;
      setTrouble(message);
      return message;
    };
    const newId = () => crypto.randomUUID();
    return {
      select: (next) => {
        setTrouble(undefined);
        select(next);
      },
      recordLine: (line) =>
        said(
          store.record(({ site }) => {
            const here = site.panels.find((one) => one.id === panel?.id);
            if (!here) return { message: 'There is no panel to record in.' };
            const recorded = recordLine(line, { site, panel: here, newId });
            return recorded.ok ? recorded.drafts : recorded;
          }),
        ),
      observe: (about, facts, certainty) =>
        said(store.record(({ site }) => [observe(site.reader, about, facts, certainty)])),
      record: (drafts) => said(store.record(() => drafts(newId))),
    };
  }, [store, panel?.id]);

  if (!panel) return <NoPanel state={state} who={session} />;
  return (
    <WalkContextProvider value={{ store, state, panel, selection, actions }}>
      <WalkLayout
        who={session}
        inspection={inspection}
        trouble={trouble}
        choosePanel={(id) => {
          setPanelId(id);
          actions.select({ kind: 'position', number: 1 });
        }}
      />
    </WalkContextProvider>
  );
}
